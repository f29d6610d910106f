"""Cords bought or made: a made one has its strip, its step and no notion, and goes through its opening or says so."""

import itertools
import unittest

from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.lengths import Ruler
from tests.literal import complaints
from tests.makes import LAYERS, told
from tests.solids import checks, piece

CORDED = {"cylinder": {"top": "drawstring"}, "lid-cover": {"closure": "cord"}}


def made(form, cord, layers="outer", **size):
    spec = starting_spec(CATALOGUE[form], Ruler("cm"), None)
    options = {**CORDED[form], "cord": cord}
    return draft_spec({**spec, "layers": LAYERS[layers], "options": options, "size": {**spec.get("size", {}), **size}})


class Cords(unittest.TestCase):
    def test_a_made_one_is_cut_and_folded_and_not_bought(self):
        for form in CORDED:
            for layers in ("outer", "lined"):
                bought, own = made(form, "bought", layers), made(form, "made", layers, cord_width="0.6")
                with self.subTest(form=form, layers=layers):
                    self.assertIn("cord", {need.id for need in bought.needs})
                    self.assertNotIn("cord", {p.id for p in bought.pieces})
                    self.assertNotIn("cord", {need.id for need in own.needs})
                    strip = piece(own, "cord")
                    # Folded in four it is as wide as was asked, and as long as the one that would be bought.
                    self.assertAlmostEqual(strip.cut_size[1] / 4, 6.0)
                    left, _, right, _ = strip.stitch_box
                    self.assertAlmostEqual(right - left, next(n for n in bought.needs if n.id == "cord").exact)
                    document = told(own)
                    self.assertEqual(complaints(document), [])
                    order = [step["id"] for step in document["steps"]]
                    self.assertLess(order.index("cord-made"), order.index("cord"))

    def test_it_is_cut_longer_by_what_is_turned_in_and_no_more(self):
        seen = set()
        schools = next(option for option in CATALOGUE["cylinder"].options if option.id == "collar_by").choices
        for form, unit, school in itertools.product(CORDED, ("cm", "in"), schools):
            spec = starting_spec(CATALOGUE[form], Ruler(unit), None)
            options = {**CORDED[form], "cord": "made", **({"collar_by": school} if form == "cylinder" else {})}
            draft = draft_spec({**spec, "layers": LAYERS["outer"], "options": options})
            step = next(step for step in draft.steps if step.id == "cord-made")
            told = [line.text.params.get("turn", 0.0) for line in step.lines if line.text.id == "step.cord-made.text"]
            over = piece(draft, "cord").cut_size[0] - draft.sums["cord"].total
            with self.subTest(form, unit=unit, school=school):
                self.assertAlmostEqual(over, 2 * told[0] if told else 0.0)
                seen.add(bool(told))
        self.assertEqual(seen, {True, False})

    def test_its_length_is_in_the_step_that_draws_it_in(self):
        for form in CORDED:
            draft = made(form, "bought")
            step = next(step for step in told(draft)["steps"] if step["id"] == "cord")
            self.assertIn(draft.ruler.write(draft.sums["cord"].total), " ".join(line["text"] for line in step["lines"]))

    def test_one_wider_than_its_opening_is_told_with_what_goes_through(self):
        for form, cord in itertools.product(CORDED, ("bought", "made")):
            self.assertNotIn("fit.cord", checks(made(form, cord)))
            found = checks(made(form, cord, cord_width="2.5"))["fit.cord"]
            self.assertEqual(found.verdict, "warn")
            mended = made(form, cord, cord_width=str(found.fix.changes["size.cord_width"] / 10))
            self.assertNotIn("fit.cord", checks(mended))

    def test_however_narrow_the_channel_something_is_proposed_for_it(self):
        """On every ruler: what nobody told refuses nothing."""
        for closure, unit, rounding in itertools.product(
            ("elastic", "cord"), ("cm", "in", "mm"), ("none", "1 mm", "1/8 in")
        ):
            for channel in ("4 mm", "4.4 mm", "5 mm", "3/16 in", "1/4 in", "60 mm"):
                spec = {"form": "lid-cover", "unit": unit, "rounding": rounding, "options": {"closure": closure}}
                draft = draft_spec({**spec, "size": {"mouth_diameter": "10 cm", "channel": channel}})
                (need,) = (need for need in draft.needs if need.role == closure)
                self.assertGreaterEqual(need.wide, 1.0, (closure, unit, rounding, channel))

    def test_elastic_is_drawn_through_a_channel_with_room_beside_it(self):
        for channel in ("0.4", "0.6", "0.8", "1.2", "2"):
            spec = {"form": "lid-cover", "unit": "cm", "size": {"mouth_diameter": "9", "channel": channel}}
            draft = draft_spec(spec)
            elastic = next(need for need in draft.needs if need.role == "elastic")
            self.assertLessEqual(elastic.wide, 10 * float(channel) - 2)
            self.assertNotIn("fit.elastic", checks(draft))
            wide = {**spec, "size": {**spec["size"], "elastic_width": channel}}
            found = checks(draft_spec(wide))["fit.elastic"]
            self.assertEqual(found.verdict, "warn")
            changed = {**wide["size"], "elastic_width": str(found.fix.changes["size.elastic_width"] / 10)}
            self.assertNotIn("fit.elastic", checks(draft_spec({**wide, "size": changed})))


if __name__ == "__main__":
    unittest.main()
