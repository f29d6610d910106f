"""Printed words stand clear of each other, on their piece, each line's own words once: measured in the letters they are printed in."""

import itertools
import unittest

from reportlab.pdfbase.pdfmetrics import stringWidth

from eggtuck.core.words import Speaker
from eggtuck.files.drawing import cut_lines, draw_piece
from eggtuck.files.pdf import BOLD, REGULAR, load_fonts
from tests.makes import draft_of, makes

# Letters that only touch can be read (mm).
TOUCH = 0.3


def box(label):
    half = stringWidth(label.text, BOLD if label.bold else REGULAR, label.size) / 2
    x, y = label.at
    return x - half, y - 0.2 * label.size, x + half, y + 0.72 * label.size


class Labels(unittest.TestCase):
    def test_no_words_cover_others(self):
        load_fonts()
        found = set()
        for _, spec in makes():
            draft = draft_of(spec)
            for piece in draft.pieces:
                speaker = Speaker(draft.ruler)
                labels = draw_piece(piece, speaker).labels
                for one, other in itertools.combinations(labels, 2):
                    a, b = box(one), box(other)
                    if min(a[2], b[2]) - max(a[0], b[0]) > TOUCH and min(a[3], b[3]) - max(a[1], b[1]) > TOUCH:
                        found.add((draft.form, piece.id, one.text, other.text))
        self.assertEqual(found, set())

    def test_the_title_stands_where_no_line_runs_through_it(self):
        # A corner square is as small as its words.
        small = {"corner", "mat-corner"}
        for name, spec in makes():
            draft = draft_of(spec)
            for piece in draft.pieces:
                if piece.id in small:
                    continue
                speaker = Speaker(draft.ruler)
                labels = draw_piece(piece, speaker).labels[: 3 + len(cut_lines(piece, speaker))]
                for mark in piece.marks:
                    if mark.kind == "zone" or mark.point is not None or mark.label.id == "mark.quilting":
                        continue
                    spots = [segment.at(i / 16) for segment in mark.path for i in range(17)]
                    crossed = [b for b in map(box, labels) for x, y in spots if b[0] < x < b[2] and b[1] < y < b[3]]
                    self.assertEqual(crossed, [], (name, piece.id, mark.kind))

    def test_every_mark_that_speaks_is_told(self):
        for _, spec in makes():
            draft = draft_of(spec)
            speaker = Speaker(draft.ruler)
            for piece in draft.pieces:
                labels = draw_piece(piece, speaker).labels[3 + len(cut_lines(piece, speaker)) :]
                told = {label.text.split(" (")[0] for label in labels}
                for mark in piece.marks:
                    if mark.point is None and mark.kind not in ("box-line", "figure", "grain"):
                        self.assertIn(speaker.say(mark.label).split(" (")[0], told, (draft.form, piece.id))


if __name__ == "__main__":
    unittest.main()
