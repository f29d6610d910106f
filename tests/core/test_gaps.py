"""The allowances of a turning gap, which both its sides have: found along the seam, held against what is taken in hand to crease and to close it."""

import unittest

from tests.makes import draft_of, makes


def at(side, far, length_of):
    """The edge so far (mm) along one side of a seam."""
    for use in side:
        far -= length_of(use)
        if far <= 1e-6:
            return use
    return side[-1]


def open_sides(draft, gap):
    """The two pieces that lie open in the middle of a gap, each in its cloth."""
    seam = next(seam for seam in draft.seams if seam.id == gap.seam)
    lengths = {(piece.id, key): edge.length for piece in draft.pieces for key, edge in piece.by_key.items()}

    def length_of(use):
        return lengths[use.piece, use.key]

    first = gap.edges[0]
    one, other = (seam.a, seam.b) if first in seam.a else (seam.b, seam.a)
    before = sum(map(length_of, one[: one.index(first)]))
    middle = (gap.start + gap.end) / 2
    far = before + (length_of(first) - middle if first.reversed and not gap.chain else middle)
    share = sum(map(length_of, other)) / sum(map(length_of, one))
    found = at(one, far, length_of), at(other, far * share, length_of)
    return {(use.piece, use.layer or gap.layer) for use in found}


class Gaps(unittest.TestCase):
    def test_both_sides_are_in_hand_when_a_gap_is_creased_and_when_it_is_closed(self):
        seen = set()
        for name, spec in makes():
            draft = draft_of(spec)
            for gap in draft.gaps:
                sides = open_sides(draft, gap)
                if spec["options"].get("assembly") == "panels" and spec["form"] == "gusset-bag":
                    # Each panel is turned by itself, before it meets what its seam joins it to.
                    sides = {("panel", "outer"), ("panel", "lining")}
                self.assertEqual(set(gap.sides), sides, name)
                for step in draft.steps:
                    if step.closes or step.id == "press-gap":
                        with self.subTest(name, step=step.id):
                            in_hand = {(thing.piece, thing.layer) for thing in step.things}
                            self.assertLessEqual(sides, in_hand)
                            seen.add((spec["form"], len({cloth for _, cloth in sides}), len({id for id, _ in sides})))
        # Outer against lining, one cloth, and two pieces of it.
        self.assertLessEqual({("book-cover", 2, 1), ("wedge", 1, 1), ("gusset-bag", 1, 2)}, seen)


if __name__ == "__main__":
    unittest.main()
