"""The step that cuts: every piece of every cloth, how many and how large, as the drawing says."""

import re
import unittest
from collections import Counter

from eggtuck.core.plane import bounds
from tests.makes import draft_of, makes, said_of


def said(document):
    """``(role, letter) -> [(count, width, height)]`` as the cut step says it."""
    step = next(step for step in document["steps"] if step["id"] == "cut")
    found = {}
    for line in step["lines"]:
        head = re.match(r"From the .+?, as ([\w ]+): (.+)\.$", line["text"])
        if head is None:
            continue
        count, letter = re.match(r"(\d+) of .+? \((\w+)\)", head[2]).groups()
        size = re.search(r"(\S.*?) wide and (.+?) high", head[2].split(f"({letter})", 1)[1].split(",", 1)[1]).groups()
        found.setdefault((head[1], letter), []).append((int(count), *(part.strip() for part in size)))
    return found


def summed(cuts):
    """How many of each size."""
    found = Counter()
    for count, *size in cuts:
        found[tuple(size)] += count
    return found


class Cutting(unittest.TestCase):
    def test_every_cut_is_told_with_its_count_and_its_size(self):
        roles = {}
        for name, spec in makes():
            document = said_of(spec)
            told = said(document)
            drawn = {}
            for piece in document["pieces"]:
                for cut in piece["cuts"]:
                    size = cut["count"], cut["size"]["width"]["text"], cut["size"]["height"]["text"]
                    drawn.setdefault((cut["role"], piece["letter"]), []).append(size)
            for key, cuts in drawn.items():
                self.assertEqual(summed(told.get(key, [])), summed(cuts), (name, key))
            self.assertEqual(set(told), set(drawn), name)
            roles |= dict.fromkeys(role for role, _ in drawn)
        self.assertGreaterEqual(set(roles), {"outer", "lining", "padding", "interfacing"})

    def test_no_two_pieces_have_one_letter(self):
        for name, spec in makes():
            letters = [piece.letter for piece in draft_of(spec).pieces if piece.cuts]
            self.assertEqual(len(set(letters)), len(letters), name)

    def test_what_is_no_rectangle_is_cut_along_its_outline(self):
        for name, spec in makes():
            step = next(step for step in said_of(spec)["steps"] if step["id"] == "cut")
            text = " ".join(line["text"] for line in step["lines"])
            for piece in draft_of(spec).pieces:
                full = [cut for cut in piece.cuts if cut.rule == "full"]
                if not full:
                    continue
                outline = piece.outline_for(full[0])
                x0, y0, x1, y1 = bounds(outline)
                # Every line of a rectangle runs along its box.
                plain = not any(s.bulge for s in outline) and all(
                    any(abs(p[i] - e) < 1e-3 and abs(q[i] - e) < 1e-3 for i, e in ((0, x0), (0, x1), (1, y0), (1, y1)))
                    for p, q in ((s.start, s.end) for s in outline)
                )
                # Of what lies on a cloth the rule is told that it is cut by.
                own = [
                    line["text"] for line in step["lines"] if not re.search("as (interfacing|padding):", line["text"])
                ]
                told = any(f"({piece.letter}) along its outline" in line for line in own)
                self.assertEqual(told, not plain, (name, piece.id, text))

    def test_every_fold_is_told_with_where_it_lies(self):
        """Raw edge on raw edge, or a number that leads from a raw edge to it: read from the words, laid out on the cut outline."""
        found = 0
        for name, spec in makes():
            draft = draft_of(spec)
            folds = [(piece, fold) for piece in draft.pieces for fold in piece.folds]
            if not folds:
                continue
            mark = next(step for step in draft.steps if step.id == "mark")
            ids = {m.id for line in mark.lines for m in _within(line.text)}
            self.assertTrue(ids & {"crease.at", "crease.middle", "crease.middle-of"}, name)
            creases = [m for line in mark.lines for m in _within(line.text) if m.id.startswith("crease.")]
            for piece, fold in folds:
                x0, y0, x1, y1 = bounds(piece.cut_outline)
                (ax, ay), (bx, by) = fold.line.start, fold.line.end
                ends = (ay - y0, y1 - ay) if abs(bx - ax) > abs(by - ay) else (ax - x0, x1 - ax)
                of_it = [m for m in creases if m.params["fold"] == fold.name]
                middle = abs(ends[0] - ends[1]) < 0.5
                raws = [m.params["raw"] for m in of_it if m.id == "crease.at"]
                told = (
                    any(m.id != "crease.at" for m in of_it)
                    if middle
                    else any(abs(r - e) < 1e-6 for r in raws for e in ends)
                )
                self.assertTrue(told, (name, fold.id, ends, raws))
                found += 1
        self.assertGreater(found, 200)


def _within(message):
    """A message and those in its blanks."""
    yield message
    for value in message.params.values():
        for one in value if isinstance(value, tuple) else (value,):
            if hasattr(one, "params"):
                yield from _within(one)


if __name__ == "__main__":
    unittest.main()
