"""What the machine was set to otherwise is told to be set back: nobody sews a strap in the zigzag of the lace before it."""

import re
import unittest

from eggtuck.core.forms import CATALOGUE, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.pattern import SpecError
from tests import share
from tests.makes import LAYERS, draft_of, makes, said_of

# In words, whichever sentence says them; a hem that is overcast first is stitched down after that, in one step.
WIDE = re.compile(r"zigzag|decorative stitch of|Overcast both allowances|overcast each edge that", re.I)
OWN = re.compile(r"thread of its colour|decorative thread")
STRAIGHT, BACK = "Set the machine to a straight stitch.", "Thread the needle with the thread of the seams again."


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
            wide = own = False
            for step, told in zip(draft.steps, steps, strict=True):
                said = " ".join(line["text"] for line in told["lines"])
                here = bool(WIDE.search(said)) and not step.hand
                threaded = bool(OWN.search(said)) and not step.hand
                with self.subTest(spec["form"], parts=spec.get("parts"), step=step.id):
                    if step.hand or (step.stitch is None and not here):
                        self.assertNotIn(STRAIGHT, said)
                        self.assertNotIn(BACK, said)
                        continue
                    self.assertEqual(STRAIGHT in said, wide and not here)
                    self.assertEqual(BACK in said, own and not threaded)
                    # Needles do not thread themselves.
                    if "sewn" in step.id or "stitches" in step.title.id:
                        self.assertEqual(
                            "Thread the needle with thread of its colour" in said
                            or "Thread the needle with the decorative thread" in said,
                            threaded,
                        )
                    seen |= {(wide and not here, own and not threaded)}
                wide, own = here, threaded
        self.assertLessEqual({(False, False), (True, False), (True, True)}, seen)


if __name__ == "__main__":
    unittest.main()
