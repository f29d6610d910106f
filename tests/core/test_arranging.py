"""The order of work: what counts is kept, and the machine is set anew no more often than it was."""

import itertools
import unittest

from hypothesis import given
from hypothesis import strategies as st

from eggtuck.core.forms import draft_spec
from eggtuck.core.making import arranging
from eggtuck.core.making.arranging import changes, grouped
from eggtuck.core.making.operation import Operation
from eggtuck.core.making.waiting import meet, touched
from eggtuck.core.materials import MATERIALS, Layer, Stack
from eggtuck.core.words import msg
from tests import tries
from tests.literal import complaints
from tests.makes import makes, told

PARTS = ({"kind": "slip-pocket"}, {"kind": "strap"}, {"kind": "motif"}, {"kind": "ring-tab"})
STACK = Stack((Layer(MATERIALS["linen"], "outer", 0.4, 1400.0, False),))


def sewn(id, pieces, foot, stitch):
    return Operation(id=id, kind="sew", minutes=1.0, title=msg("x"), pieces=tuple(pieces), foot=foot, stitch=stitch)


class Grouped(unittest.TestCase):
    @tries(200)
    @given(
        st.lists(
            st.tuples(
                st.sets(st.sampled_from("ABCD"), min_size=1, max_size=2),
                st.sampled_from(("standard", "zip")),
                st.sampled_from((2.5, 3.0)),
            ),
            min_size=1,
            max_size=8,
        )
    )
    def test_no_order_that_counts_is_changed_and_no_set_up_is_added(self, given_):
        every = [sewn(str(n), sorted(pieces), foot, stitch) for n, (pieces, foot, stitch) in enumerate(given_)]
        order = grouped(every, STACK)
        at = {done.id: i for i, done in enumerate(order)}
        self.assertEqual(sorted(at), sorted(done.id for done in every))
        for one, other in itertools.combinations(every, 2):
            if meet(touched(one), touched(other)):
                self.assertLess(at[one.id], at[other.id])
        before, after = (changes([(done.foot, done.stitch) for done in those]) for those in (every, order))
        self.assertLessEqual(after, before)

    def test_what_is_free_follows_what_is_set_alike(self):
        every = [
            sewn("strap", "A", "standard", 3.0),
            sewn("side", "B", "standard", 2.5),
            sewn("tab", "C", "standard", 3.0),
            sewn("base", "B", "standard", 2.5),
        ]
        self.assertEqual([done.id for done in grouped(every, STACK)], ["strap", "tab", "side", "base"])

    def test_over_the_catalogue_it_is_never_set_anew_more_often_and_nothing_is_left_undone(self):
        fewer = 0
        for _, spec in makes()[::41]:
            for parts in ((), PARTS):
                asked = {**spec, "parts": list(parts)}
                draft = draft_spec(asked)
                here = sum(len(step.changed) for step in draft.steps)
                kept, arranging.grouped = arranging.grouped, lambda operations, stack: list(operations)
                try:
                    as_written = sum(len(step.changed) for step in draft_spec(asked).steps)
                finally:
                    arranging.grouped = kept
                self.assertLessEqual(here, as_written)
                self.assertEqual(complaints(told(draft)), [])
                fewer += here < as_written
        self.assertGreater(fewer, 0)


if __name__ == "__main__":
    unittest.main()
