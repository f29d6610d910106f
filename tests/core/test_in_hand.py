"""What a step says is taken in hand, held against what hangs together by then."""

import unittest
from collections import Counter

from eggtuck.core.forms import CATALOGUE, starting_spec
from eggtuck.core.lengths import Ruler
from tests.makes import draft_of, makes

COUNTED = ("thing.both", "thing.both-of", "thing.many", "thing.many-of")


def taken(step):
    """Of which letters so many pieces are taken, one by one."""
    return {
        thing.params["letter"]: 2 if thing.id.startswith("thing.both") else thing.params["times"]
        for line in step.lines
        if line.text.id in ("lay.take", "lay.work-on")
        for thing in line.text.params["things"]
        if thing.id in COUNTED
    }


class InHand(unittest.TestCase):
    def test_what_is_one_by_now_is_not_taken_one_by_one(self):
        """Copies joined by seams that are sewn, found by joining what each seam joins."""
        joined = Counter()
        for name, spec in makes():
            draft, one = draft_of(spec), {}
            seams = {seam.id: seam for seam in draft.seams}
            pieces = {piece.letter: piece for piece in draft.pieces}

            def root(of, one=one):
                while of in one:
                    of = one[of]
                return of

            for step in draft.steps:
                for letter, count in taken(step).items():
                    copies = [(pieces[letter].id, copy) for copy in pieces[letter].copies]
                    with self.subTest(name, step=step.id):
                        self.assertTrue(count < 2 or len({root(copy) for copy in copies}) > 1, letter)
                for seam in (seams[id] for id in step.seams if id in seams):
                    # What is cut from another cloth as well is joined in each.
                    uses = [(use.piece, use.copy) for use in (*seam.a, *seam.b)]
                    for use in uses[1:]:
                        if root(use) != root(uses[0]):
                            one[root(use)] = root(uses[0])
                            joined[spec["form"]] += 1
        self.assertGreater(len(joined), 8)

    def test_what_is_made_of_two_is_one_from_then_on(self):
        for form in CATALOGUE:
            for count in (1, 2):
                spec = {
                    **starting_spec(CATALOGUE[form], Ruler("mm"), None),
                    "parts": [{"kind": "connector", "count": count}],
                }
                draft = draft_of(spec)
                (letter,) = (piece.letter for piece in draft.pieces if piece.id == "connector-1")
                for step in draft.steps:
                    if step.id.startswith("connector-1") and letter in taken(step):
                        with self.subTest(form, count=count, step=step.id):
                            self.assertEqual(taken(step)[letter], count * (2 if step.id == "connector-1" else 1))
        tabbed = {**starting_spec(CATALOGUE["book-cover"], Ruler("mm"), None), "options": {"tab": "tab"}}
        for make in ("bound", "bagged"):
            draft = draft_of({**tabbed, "options": {"tab": "tab", "make": make}})
            (letter,) = (piece.letter for piece in draft.pieces if piece.id == "tab")
            self.assertEqual([step.id for step in draft.steps if letter in taken(step)], ["tab"])

    def test_what_has_a_corner_that_is_cut_off_is_named(self):
        """Corners between two edges that are both in the seam sewn last, of whichever piece that joins."""
        seen = Counter()
        for name, spec in makes():
            draft, sewn = draft_of(spec), ()
            seams = {seam.id: seam for seam in draft.seams}
            pieces = {piece.id: piece for piece in draft.pieces}
            for step in draft.steps:
                sewn = tuple(seams[id] for id in step.seams if id in seams) or sewn
                if step.id != "trim-corners":
                    continue
                keys = {(use.piece, use.key) for seam in sewn for use in (*seam.a, *seam.b)}
                for id in {piece for piece, _ in keys if pieces[piece].own_cloths}:
                    edges = pieces[id].edges
                    corners = [
                        (one.key, two.key)
                        for one, two in zip(edges, (*edges[1:], edges[0]), strict=True)
                        if {(id, one.key), (id, two.key)} <= keys and one is not two
                        if _turn(one.path[-1].tangent(at_end=True), two.path[0].tangent()) > 0.3
                    ]
                    with self.subTest(name, piece=id):
                        self.assertTrue(not corners or id in {thing.piece for thing in step.things}, corners)
                        seen[spec["form"]] += bool(corners)
        self.assertGreater(len(seen), 3)


def _turn(a, b):
    """How far one direction turns to the left into another (sine)."""
    return a[0] * b[1] - a[1] * b[0]


if __name__ == "__main__":
    unittest.main()
