"""What the machine was set to otherwise is told to be set back: nobody sews a strap in the zigzag of the lace before it."""

import re
import unittest

from eggtuck.core.forms import CATALOGUE, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.making.machine_set import MachineSet
from eggtuck.core.pattern import SpecError, Step, StepLine
from eggtuck.core.words import msg
from tests import share
from tests.makes import LAYERS, draft_of, makes, said_of

# In words, whichever sentence says them.
KINDS = {
    "zigzag": re.compile(r"zigzag", re.I),
    "decorative": re.compile(r"decorative stitch of"),
    "overcast": re.compile(r"Overcast both allowances|overcast each edge that"),
}
OWN = re.compile(r"thread of its colour|decorative thread")
BACK = "Thread the needle with the thread of the seams again."
STRAIGHT = {
    "zigzag": "Set the machine to a straight stitch.",
    "decorative": "Set the machine to a straight stitch.",
    "overcast": "If the raw edges were done with this machine, set it back to a straight stitch.",
}


class AfterEachOther(unittest.TestCase):
    def test_what_an_overlock_overcast_leaves_the_machine_as_it_was(self):
        machine = MachineSet()

        def told(*ids):
            step = Step(
                "step", "sew", msg("seam.base"), 1.0, tuple(StepLine("do", msg(id)) for id in ids), (), stitch=2.5
            )
            return machine.step(step)

        told("stitch.zigzag")
        overcast, _ = told("step.edges-overcast.text")
        self.assertEqual(overcast.sewn, "overcast")
        self.assertEqual([text.id for text in told("seam.base")[1]], ["machine.straight"])
        told("step.edges-overcast.text")
        self.assertEqual([text.id for text in told("seam.base")[1]], ["machine.straight-overcast"])
        self.assertEqual(told("seam.base")[1], ())


def trimmed():
    """Two things of which the first is sewn in another stitch or thread, then something plain."""
    first = (
        {"kind": "border"},
        {"kind": "border", "work": "stitches"},
        {"kind": "motif", "work": "applique"},
        {"kind": "motif", "work": "lace"},
    )
    for form in share(CATALOGUE, 3):
        for part in first:
            for hand in ("machine", "hand"):
                spec = {**starting_spec(CATALOGUE[form], Ruler("cm"), None), "layers": LAYERS["outer"]}
                yield {**spec, "options": {**spec["options"], "sewn_by": hand}, "parts": [part, {"kind": "strap"}]}


class SetBack(unittest.TestCase):
    def test_stitch_and_thread_are_those_that_are_told(self):
        seen = set()
        for spec in (*(spec for _, spec in share(makes(), 2)), *trimmed()):
            try:
                draft, steps = draft_of(spec), said_of(spec)["steps"]
            except SpecError:
                continue
            was, own, sewn = "straight", False, ""
            for step, told in zip(draft.steps, steps, strict=True):
                said = " ".join(line["text"] for line in told["lines"])
                kind = next((kind for kind, words in KINDS.items() if words.search(said)), "straight")
                threaded = bool(OWN.search(said)) and not step.hand
                with self.subTest(spec["form"], parts=spec.get("parts"), step=step.id):
                    back = {line for line in STRAIGHT.values() if line in said}
                    if step.hand or (step.stitch is None and kind == "straight"):
                        self.assertEqual((back, BACK in said, step.sewn), (set(), False, None))
                        continue
                    self.assertEqual((step.sewn, step.own_thread), (kind, threaded))
                    self.assertEqual(back, {STRAIGHT[was]} if was != "straight" and kind == "straight" else set())
                    self.assertEqual(BACK in said, own and not threaded)
                    # The set-up that is told with it is new where anything of it is.
                    self.assertTrue("stitch" in step.changed or sewn == kind)
                    sewn = kind
                    # Needles do not thread themselves.
                    if "sewn" in step.id or "stitches" in step.title.id:
                        self.assertEqual(
                            "Thread the needle with thread of its colour" in said
                            or "Thread the needle with the decorative thread" in said,
                            threaded,
                        )
                    # What is overcast and stitched in one step is set in between.
                    if "Overcast the raw edge, then fold" in said:
                        self.assertIn("set it back to a straight stitch before you fold", said)
                        seen.add("hem")
                    seen |= {(was, kind), own and not threaded}
                # An overlock leaves the machine in the zigzag it was in.
                was, own = was if kind == "overcast" and was != "straight" else kind, threaded
        self.assertLessEqual({("overcast", "straight"), ("zigzag", "straight"), True, "hem"}, seen)
        self.assertLessEqual(set(KINDS), {kind for pair in seen if isinstance(pair, tuple) for kind in pair})


if __name__ == "__main__":
    unittest.main()
