"""What is made by itself: held against the steps, the seams and the pieces it is said of, over the whole catalogue."""

import itertools
import unittest

from eggtuck.core.drafting.parts import PARTS
from eggtuck.core.forms import CATALOGUE, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.pattern import SpecError
from eggtuck.core.plan.ahead import ahead
from tests.makes import draft_of, makes

LAYERS = [{"material": "linen", "role": "outer"}, {"material": "quilting-cotton", "role": "lining"}]


def cosy(width="3 cm", material="linen"):
    """A cup carrier, whose handle is a strip folded in four."""
    spec = next(spec for name, spec in makes() if spec["form"] == "mug-bag" and spec["unit"] == "cm")
    layers = [{**layer, "material": material} if layer["role"] == "outer" else layer for layer in spec["layers"]]
    return {**spec, "layers": layers, "size": {**(spec.get("size") or {}), "handle_width": width}}


def _with_parts():
    """Every form with every part by itself."""
    for form, kind in itertools.product(CATALOGUE.values(), PARTS):
        yield f"{form.id} {kind}", {**starting_spec(form, Ruler("cm"), None), "parts": [{"kind": kind}]}


class MadeByItself(unittest.TestCase):
    def test_nothing_else_touches_it_before_it_is_joined(self):
        seen = set()
        for name, spec in itertools.chain(makes(), _with_parts()):
            try:
                draft = draft_of(spec)
            except SpecError:
                continue
            steps = {step.id: step for step in draft.steps}
            order = list(steps)
            cut = {piece.id for piece in draft.pieces if piece.cuts}
            parts = list(ahead(draft))
            self.assertEqual(len({part.first for part in parts}), len(parts), name)
            for part in parts:
                seen.add((draft.form, part.joins is None))
                with self.subTest(make=name, part=part.first):
                    pieces = set(part.pieces)
                    self.assertTrue(pieces <= cut or part.joins is None)
                    for step in part.steps:
                        self.assertLessEqual(set(steps[step].pieces), pieces)
                    end = len(order) if part.joins is None else order.index(part.joins)
                    for step in order[:end]:
                        touched = {piece for piece, _ in steps[step].touches or ()} & pieces
                        in_one_go = steps[step].layer in ("interfacing", "padding") or step == "underline"
                        if touched and steps[step].kind not in ("cut", "mark") and not in_one_go:
                            self.assertIn(step, part.steps)
                    if part.joins is not None:
                        joining = steps[part.joins]
                        taken = set(joining.pieces) | {piece for piece, _ in joining.touches or ()}
                        self.assertTrue(taken & pieces and taken - pieces)
                    else:
                        # Nothing is sewn to what stays by itself.
                        for seam in draft.seams:
                            sides = {use.piece for use in (*seam.a, *seam.b, *seam.caught)}
                            self.assertTrue(sides <= pieces or not sides & pieces)
        self.assertGreater(len({form for form, _ in seen}), 8)
        self.assertLessEqual({("mug-bag", True), ("book-cover", True)}, seen)

    def test_no_wall_or_panel_is_made_ahead(self):
        for name, spec in list(makes())[::40]:
            draft = draft_of(spec)
            surface = {facet.piece for facet in draft.solid.facets}
            for part in ahead(draft):
                if part.joins is not None:
                    self.assertFalse(set(part.pieces) & surface, name)

    def test_the_same_part_is_known_again_and_another_is_not(self):
        def handle(spec):
            return next(part for part in ahead(draft_of(spec)) if part.first == "handle").signature

        self.assertEqual(handle(cosy()), handle({**cosy(), "rounding": cosy()["rounding"]}))
        self.assertEqual(handle(cosy()), handle(cosy("30 mm")))
        self.assertNotEqual(handle(cosy()), handle(cosy("4 cm")))
        self.assertNotEqual(handle(cosy()), handle(cosy(material="canvas")))


if __name__ == "__main__":
    unittest.main()
