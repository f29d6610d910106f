"""What is drawn together must lie in folds: a cloth, or what is held on it, that is too stiff is told."""

import unittest

from eggtuck.core.forms import draft_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.materials import MATERIALS
from eggtuck.core.words import Speaker
from tests.makes import draft_of, makes

# Written down a second time by hand.
STIFF = {"firm-stabiliser", "leather-like-sheet", "cork-sheet", "stretch-sheet", "thin-foam"}
BOTTLE = {"girth": "34", "object_height": "30", "base_diameter": "10", "neck_height": "20"}
LID = {"mouth_diameter": "9", "drop": "2.5"}


def made(form, size, outer="linen", options=None, *layers):
    layers = [{"material": outer, "role": "outer"}, *layers]
    return draft_spec({"unit": "cm", "form": form, "size": size, "layers": layers, "options": options or {}})


def told(draft):
    speaker = Speaker(Ruler("cm"))
    return [speaker.say(check.message) for check in draft.checks if check.id == "layers.gathers"]


class Gathered(unittest.TestCase):
    def test_a_cloth_that_is_too_stiff_is_told_wherever_a_make_is_drawn_together(self):
        drawn = {
            "neck-bag": (BOTTLE, {}),
            "lid-cover": (LID, {}),
            "cylinder": ({"girth": "24", "wall_height": "20"}, {"top": "drawstring"}),
        }
        for form, (size, options) in drawn.items():
            for id, material in MATERIALS.items():
                if material.kind in ("interfacing", "padding"):
                    continue
                with self.subTest(f"{form} {id}"):
                    said = told(made(form, size, id, options))
                    self.assertEqual(bool(said), id in STIFF)
                    self.assertTrue(all(material.name.id.partition(".")[2].split("-")[0] in text for text in said))

    def test_one_that_stays_open_may_be_as_stiff_as_it_likes(self):
        self.assertEqual(told(made("cylinder", {"girth": "24", "wall_height": "20"}, "cork-sheet")), [])

    def test_elastic_that_is_sewn_on_draws_in_what_it_lies_on(self):
        for outer in ("linen", "leather-like-sheet"):
            size = {"girth": "24", "wall_height": "20"}
            layers = [{"material": outer, "role": "outer"}]
            spec = {"unit": "cm", "form": "cylinder", "size": size, "layers": layers}
            self.assertEqual(told(draft_spec(spec)), [])
            drawn = draft_spec({**spec, "parts": [{"kind": "elastic"}]})
            self.assertEqual(bool(told(drawn)), outer in STIFF)

    def test_what_is_held_on_it_counts_where_it_lies_across_the_line(self):
        neck = 10 / 2 + 20
        for rule in ("full", "net", "lower", "upper", "left", "right", "band", "none"):
            backing = {"material": "firm-stabiliser", "role": "interfacing", "cut": rule}
            draft = made("neck-bag", BOTTLE, "linen", {}, backing)
            body = next(piece for piece in draft.pieces if piece.id == "body")
            parts = [body.outline_for(cut) for cut in body.cuts if cut.role == "interfacing"]
            ys = [[y for segment in path for _, y in (segment.start, segment.end)] for path in parts]
            across = any(min(y) < neck * 10 < max(y) for y in ys)
            self.assertEqual(bool(told(draft)), across, rule)
        self.assertFalse(told(made("neck-bag", BOTTLE, "linen", {}, {**backing, "cut": "lower"})))

    def test_on_a_lid_it_may_lie_within_the_channel(self):
        for inset in range(1, 6):
            backing = {"material": "thin-foam", "role": "padding", "cut": "smaller", "inset": f"{inset} cm"}
            draft = made("lid-cover", LID, "linen", {}, {"material": "linen", "role": "lining"}, backing)
            circle = next(piece for piece in draft.pieces if piece.id == "circle")
            ends = circle.cut_size[0] / 2 - inset * 10
            self.assertEqual(bool(told(draft)), ends > draft.finished["casing_radius"] + 0.1, inset)

    def test_no_make_of_what_lies_in_folds_is_warned(self):
        for name, spec in makes():
            draft = draft_of(spec)
            of = {layer.get("material") for layer in spec.get("layers", [])}
            if not of & STIFF:
                self.assertEqual(told(draft), [], name)


if __name__ == "__main__":
    unittest.main()
