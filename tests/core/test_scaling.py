"""The same make at another size: what is its own grows, what hands, cloth and hardware settle stays."""

import itertools
import unittest
from fractions import Fraction

from eggtuck.core.drafting.scaling import SCALES, scaled
from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.pattern import SpecError
from tests import share
from tests.makes import LAYERS, draft_of, makes

# Cut sizes are moved to a mark on each of the pieces that go round, and what must not be too small goes up.
MARKS = {"cm": 2.5, "in": 4 * 25.4 / 8}


def area(draft):
    """Of all the cloth in the sewn form (mm2), from where its facets lie in space."""
    total = 0.0
    for facet in draft.solid.facets:
        (x0, y0, z0), *rest = facet.space
        for (ax, ay, az), (bx, by, bz) in itertools.pairwise(rest):
            ux, uy, uz, vx, vy, vz = ax - x0, ay - y0, az - z0, bx - x0, by - y0, bz - z0
            cross = (uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx)
            total += sum(c * c for c in cross) ** 0.5 / 2
    return total


class Scaling(unittest.TestCase):
    def test_own_sizes_grow_and_the_rest_stays(self):
        tried = 0
        for name, spec in share(makes(), 3):
            before, form = draft_of(spec), CATALOGUE[spec["form"]]
            for scale, factor in SCALES.items():
                changed = scaled(spec, form, factor)
                self.assertFalse({"object", "ease", "also"} & set(changed), name)
                self.assertEqual(changed.get("allowance"), spec.get("allowance"), name)
                self.assertEqual(changed["layers"], spec["layers"], name)
                fixed = {item.field.removeprefix("size.") for item in form.inputs if item.fixed}
                told = {name: value for name, value in (spec.get("size") or {}).items() if name in fixed}
                self.assertLessEqual(
                    {n: v for n, v in changed["size"].items() if n in fixed}.items(), told.items(), name
                )
                try:
                    after = draft_spec(changed)
                except SpecError as error:
                    self.assertTrue(all(p.field for p in error.problems), name)
                    continue
                tried += 1
                asked = {state.field.removeprefix("size.") for state in before.inputs}
                # What a pouch is told of its blank is its own size as well.
                for size in (*form.start, *(name for name in changed["size"] if name.startswith("blank_"))):
                    was, now = before.finished.get(size), after.finished.get(size)
                    if was and now and size in asked:
                        self.assertAlmostEqual(
                            now, was * float(factor), delta=MARKS[spec["unit"]] * 5, msg=f"{name} {scale} {size}"
                        )
                kept = {s.field: round(s.value, 6) for s in before.inputs if s.field.startswith("allowance.")}
                self.assertEqual(
                    {s.field: round(s.value, 6) for s in after.inputs if s.field.startswith("allowance.")}, kept, name
                )
        self.assertGreater(tried, 250)

    def test_what_was_measured_of_hardware_and_hands_stays_told(self):
        """A tape and an edge stitch do not grow; an elastic is as long as its new mouth asks."""
        told = {"tape_width": "2.8 cm", "zip_width": "0.8 cm", "edge_stitch": "0.3 cm"}
        spec = {**starting_spec(CATALOGUE["wedge"], Ruler("cm"), None), "layers": LAYERS["lined"]}
        spec["size"] = {**(spec.get("size") or {}), **told}
        for factor in SCALES.values():
            changed = scaled(spec, CATALOGUE["wedge"], factor)
            self.assertLessEqual(told.items(), changed["size"].items(), factor)
        lid = starting_spec(CATALOGUE["lid-cover"], Ruler("cm"), None)
        lid["size"] = {**lid["size"], "elastic": "30 cm"}
        self.assertNotIn("elastic", scaled(lid, CATALOGUE["lid-cover"], Fraction(2))["size"])

    def test_a_sewn_form_has_four_times_the_cloth_at_double_size(self):
        """Told from where the cloth lies in space. A tape or an opening that stays is why it is not four to a hair."""
        for form in CATALOGUE.values():
            spec = {**starting_spec(form, Ruler("cm"), None), "layers": LAYERS["outer"], "rounding": "none"}
            once, twice = draft_spec(spec), draft_spec(scaled(spec, form, Fraction(2)))
            if once.solid.facets:
                self.assertAlmostEqual(area(twice) / area(once), 4.0, delta=0.4, msg=form.id)

    def test_double_and_half_is_as_before(self):
        for form in CATALOGUE.values():
            spec = {**starting_spec(form, Ruler("cm"), None), "rounding": "none"}
            again = scaled(scaled(spec, form, Fraction(2)), form, Fraction(1, 2))
            one, other = draft_spec(spec), draft_spec(again)
            for size in form.start:
                if one.finished.get(size):
                    self.assertAlmostEqual(one.finished[size], other.finished[size], delta=1.0, msg=f"{form.id} {size}")

    def test_parts_keep_their_place(self):
        form = CATALOGUE["boxed-bag"]
        spec = starting_spec(form, Ruler("cm"), None) | {
            "parts": [
                {"kind": "slip-pocket", "width": "8", "height": "7", "from_top": "4"},
                {"kind": "strap", "width": "3", "from_top": "5"},
            ]
        }
        pocket, strap = scaled(spec, form, Fraction(1, 2))["parts"]
        self.assertEqual((pocket["width"], pocket["height"], pocket["from_top"]), ("4 cm", "3.5 cm", "2 cm"))
        self.assertEqual((strap["width"], strap["from_top"]), ("3", "2.5 cm"))

    def test_what_is_too_small_is_told_by_its_field(self):
        form = CATALOGUE["tetra"]
        spec = starting_spec(form, Ruler("cm"), None) | {"size": {"width": "5", "height": "4.5"}}
        with self.assertRaises(SpecError) as caught:
            draft_spec(scaled(scaled(spec, form, Fraction(1, 2)), form, Fraction(1, 2)))
        self.assertTrue(all(p.field.startswith("size.") for p in caught.exception.problems))
