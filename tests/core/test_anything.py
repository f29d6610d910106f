"""Whatever is asked of whatever form: it is drafted whole, or refused with the field and words that say what would work."""

import unittest

from hypothesis import given
from hypothesis import strategies as st
from shapely.geometry import Polygon

from eggtuck.core.audit import audit, audit_document, own_cut_list, read_cut_list
from eggtuck.core.drafting.layers import BACKING_CHOICES
from eggtuck.core.drafting.parts import PARTS
from eggtuck.core.forms import CATALOGUE, as_form, draft_spec, on_ruler, preset_object, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.materials import BACKING, MATERIALS
from eggtuck.core.objects import PRESETS
from eggtuck.core.pattern import SpecError
from eggtuck.core.pattern.document import draft_document
from eggtuck.core.plane import flatten
from eggtuck.core.shop import ZIP_SOLD
from eggtuck.core.words import Speaker
from eggtuck.files.svg import pattern_svg
from tests import tries

RULERS = {"cm": Ruler("cm", ","), "in": Ruler("in"), "mm": Ruler("mm")}
ALLOWANCES = ("0", "3 mm", "1/4 in", "10 mm", "15 mm", "25 mm", "60 mm")


@st.composite
def layers(draw, role):
    """A layer of any cloth, some as narrow or as thick as they may be told; one that lies on a cloth cut and held in any way."""
    layer = {"material": draw(st.sampled_from(sorted(MATERIALS))), "role": role}
    if draw(st.integers(0, 3)) == 0:
        layer["width"] = draw(st.sampled_from(["10 cm", "18 cm", "45 cm", "2 m"]))
    if draw(st.integers(0, 3)) == 0:
        layer["thickness"] = draw(st.sampled_from(["0.1 mm", "3 mm", "20 mm"]))
    if role in BACKING:
        for field, choices in BACKING_CHOICES.items():
            if draw(st.integers(0, 4)) == 0:
                layer[field] = draw(st.sampled_from(choices))
        if draw(st.integers(0, 2)) == 0:
            piece = draw(st.sampled_from(["body", "wall", "base", "back", "top", "loop-1", "strap-1", "ring-tab-1"]))
            layer["pieces"] = {piece: draw(st.sampled_from(BACKING_CHOICES["cut"]))}
            layer["inset"] = draw(st.sampled_from(["0", "2 mm", "5 mm", "10 mm", "40 mm"]))
    return layer


@st.composite
def parts(draw):
    """A part of any kind, chosen in any way."""
    kind = draw(st.sampled_from(sorted(PARTS)))
    choices = PARTS[kind].choices.items()
    return {"kind": kind} | {name: draw(st.sampled_from(of)) for name, of in choices if draw(st.booleans())}


@st.composite
def specs(draw):
    """A start of any form, then a few things about it changed without regard for each other."""
    form = CATALOGUE[draw(st.sampled_from(sorted(CATALOGUE)))]
    ruler = RULERS[draw(st.sampled_from(sorted(RULERS)))]
    suiting = [preset for preset in PRESETS.values() if preset.kind in form.objects]
    preset = draw(st.sampled_from([None, *suiting]))
    spec = starting_spec(form, ruler, preset_object(preset, ruler) if preset else None)
    size = dict(spec.get("size", {}))
    for item in form.inputs:
        name = item.field.rpartition(".")[2]
        if item.field.startswith("size.") and draw(st.integers(0, 4)) == 0:
            usual = form.start.get(name, (item.low + min(item.high, 300.0)) / 2)
            share = draw(st.floats(0.4, 2.5))
            size[name] = str(max(1, round(usual * share))) if item.of == "count" else f"{usual * share:.2f} mm"
        if item.field == "ease.girth":
            spec["ease"] = {"girth": f"{draw(st.integers(-10, 90))} mm"}
    spec["size"] = size
    spec["options"] = {o.id: draw(st.sampled_from(o.choices)) for o in form.options if draw(st.booleans())}
    spec["allowance"] = {"default": draw(st.sampled_from(ALLOWANCES))}
    if form.allowances and draw(st.booleans()):
        spec["allowance"][draw(st.sampled_from(form.allowances))] = draw(st.sampled_from(ALLOWANCES))
    roles = ["outer", *(role for role in ("lining", "interfacing", "padding") if draw(st.booleans()))]
    roles += [role for role in ("contrast", "binding", "mesh") if draw(st.integers(0, 5)) == 0]
    spec["layers"] = [draw(layers(role)) for role in roles]
    if draw(st.integers(0, 3)) == 0:
        spec["parts"] = draw(st.lists(parts(), min_size=1, max_size=2))
    spec["rounding"] = draw(st.sampled_from(["none", "1 mm", "5 mm", "1/8 in"]))
    return spec


class Anything(unittest.TestCase):
    def refused(self, error, spec):
        """Every problem names a field of the spec and says something whole."""
        groups = ("form", "size", "ease", "allowance", "options", "layers", "parts", "object", "rounding", "also")
        for problem in error.problems:
            self.assertIn(problem.field.split(".")[0], groups)
            said = Speaker(RULERS[spec["unit"]]).say(problem.message)
            self.assertRegex(said, r"[.!?]$")
            self.assertNotRegex(said, r"[{}]|None|nan")

    @given(specs())
    @tries(150)
    def test_it_is_drafted_whole_or_refused_by_name(self, spec):
        try:
            draft = draft_spec(spec)
        except SpecError as error:
            self.refused(error, spec)
            return
        document = draft_document(draft)
        self.assertEqual(document["format"], "egg-tuck-draft")
        edges = {(p.id, key, copy) for p in draft.pieces for key in p.by_key for copy in p.copies}
        for seam in draft.seams:
            self.assertGreater(seam.length_a, 0, seam.id)
            self.assertGreater(seam.length_b, 0, seam.id)
            self.assertLessEqual({(u.piece, u.key, u.copy) for u in (*seam.a, *seam.b, *seam.caught)}, edges)
        for piece in draft.pieces:
            for cut in piece.cuts:
                shape = Polygon(flatten(piece.outline_for(cut), 0.05))
                self.assertTrue(shape.is_valid, piece.id)
                self.assertGreater(shape.area, 1.0, piece.id)
        for need in draft.needs:
            if need.id == "zip" and need.buy < need.exact - 1e-6:
                # The maker's own zip, too short: never silently.
                told = [c for c in draft.checks if c.id == "zip.length" and c.verdict in ("note", "stop")]
                # One that ends at its stops is no longer than its place: bought a step of the trade shorter at most.
                step = 25.4 if spec["unit"] == "in" else float(ZIP_SOLD)
                usual = need.exact - need.buy < step and "zip_length" not in spec["size"]
                self.assertTrue(told or usual, need)
            else:
                self.assertGreaterEqual(need.buy, need.exact - 1e-6, need.id)

    @given(specs(), st.sampled_from(sorted(RULERS)), st.sampled_from(sorted(CATALOGUE)))
    @tries(60)
    def test_every_way_on_from_a_draft_is_open(self, spec, unit, other):
        try:
            draft = draft_spec(spec)
        except SpecError:
            return
        self.assertTrue(pattern_svg(draft).startswith(b"<?xml") or b"<svg" in pattern_svg(draft)[:200])
        draft_document(draft_spec(as_form(spec, CATALOGUE[other], RULERS[spec["unit"]])))
        try:
            again = draft_spec(on_ruler(spec, unit, RULERS[unit].decimal))
        except SpecError as error:
            # What is usual is a little more on another ruler: a cloth that only just could be joined cannot any more, nor a part that just found room.
            tight = {"problem.cloth-narrow", "problem.part-no-room"}
            self.assertLessEqual({problem.message.id for problem in error.problems}, tight)
            return
        self.assertEqual([piece.id for piece in again.pieces], [piece.id for piece in draft.pieces])
        audit_document(audit(read_cut_list(own_cut_list(draft))))


if __name__ == "__main__":
    unittest.main()
