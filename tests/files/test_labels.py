"""Printed words stand clear of each other, on their piece, each line's own words once: measured in the letters they are printed in."""

import itertools
import unittest

from reportlab.pdfbase.pdfmetrics import stringWidth

from eggtuck.core.plane import bounds
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


def figure_size(mark):
    x0, y0, x1, y1 = bounds(mark.path)
    return x1 - x0, y1 - y0


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
        # Where there is a clear place on the piece: not on a handle or ribbon as small as its words, or all over quilted.
        small = {"handle", "corner", "mat-corner", "circle", "ribbon", "loop"}
        for name, spec in makes():
            draft = draft_of(spec)
            for piece in draft.pieces:
                # Nor where parts lie all over it, or a figure half as large as itself.
                figures = [mark for mark in piece.marks if mark.kind == "figure"]
                if (
                    any(2 * min(figure_size(mark)) > 0.8 * min(piece.cut_size) for mark in figures)
                    or piece.id in small
                    or draft.form == "dart-bowl"
                    or len({m.part for m in piece.marks if m.part}) > 2
                    or min(piece.cut_size) < 90
                ):
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
