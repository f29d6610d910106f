"""A care card is never milder than the most delicate thing a make is made of, and stands on its card whole."""

import io
import itertools
import unittest

import pdfplumber

from eggtuck.core.care import care_of
from eggtuck.core.care.tag import tag_of
from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.materials import MATERIALS
from eggtuck.core.words import Speaker
from eggtuck.files.care import care_cards
from eggtuck.files.pdf import pattern_pdf
from tests import share
from tests.makes import LAYERS, draft_of, makes

# From the gentlest to the strongest.
WASHING = (
    "wash-filled",
    "wash-wipe",
    "wash-metal",
    "wash-worked",
    "wash-unknown",
    "wash-hand",
    "wash-gentle",
    "wash-plant",
)
IRONING = ("never", "cool", "medium", "hot")
SPEAKER = Speaker(Ruler("cm"))


def card(*layers, form="boxed-bag", **more):
    spec = {**starting_spec(CATALOGUE[form], Ruler("cm"), None), "layers": list(layers), **more}
    return care_of(draft_spec(spec))


def layer(material, role="outer"):
    return {"material": material, "role": role}


def washing(found):
    return WASHING.index(found.care[0].id.removeprefix("care."))


def ironing(found):
    (iron,) = (line for line in found.care if line.id.startswith("care.iron"))
    return 0 if iron.id == "care.iron-never" else IRONING.index(iron.params["iron"].id.removeprefix("iron."))


class Care(unittest.TestCase):
    def test_no_make_is_washed_or_ironed_harder_than_any_cloth_of_it(self):
        cloths = [m.id for m in MATERIALS.values() if m.kind not in ("interfacing", "padding")]
        alone = {}
        for id in cloths:
            alone[id] = card(layer(id))
            bears = IRONING.index(MATERIALS[id].iron)
            self.assertEqual(ironing(alone[id]), bears, id)
            if not bears:
                self.assertEqual(alone[id].care[0].id, "care.wash-wipe")
            self.assertEqual(alone[id].care[0].id == "care.wash-plant", MATERIALS[id].fibre == "plant", id)
        for one, other in itertools.product(cloths[::4], cloths[1::4]):
            both = card(layer(one), layer(other, "lining"))
            self.assertLessEqual(washing(both), min(washing(alone[one]), washing(alone[other])), (one, other))
            self.assertEqual(ironing(both), min(ironing(alone[one]), ironing(alone[other])))

    def test_paddings_count_and_metal_in_them_is_told(self):
        for material in MATERIALS.values():
            if material.kind == "padding":
                found = card(layer("linen"), layer("quilting-cotton", "lining"), layer(material.id, "padding"))
                self.assertEqual(found.heat.id, "care.heat-metal" if material.metal else "care.heat-none")
                self.assertIn("care.dry-padded", [line.id for line in found.care])
                self.assertLessEqual(ironing(found), IRONING.index(material.iron))

    def test_of_a_cloth_nobody_knows_nothing_is_promised(self):
        found = card({**layer("grandmother's curtain"), "thickness": "0.5 mm"})
        self.assertEqual([line.id for line in found.care[:2]], ["care.wash-unknown", "care.iron-unknown"])
        self.assertIn("fibre not known", SPEAKER.say(found.made_of[0].fibre))

    def test_metal_on_it_is_told_of_where_heat_is(self):
        for kind, metal in (("eyelet", True), ("ring-tab", True), ("snap", True), ("ribbon", False), ("button", False)):
            found = card(layer("linen"), form="boxed-bag", parts=[{"kind": kind}])
            self.assertEqual(found.heat.id, "care.heat-metal" if metal else "care.heat-none", kind)

    def test_a_microwave_oven_is_named_only_where_it_was_made_sure_of(self):
        sure = [
            {**layer("quilting-cotton"), "confirmed": True},
            {**layer("quilting-cotton", "lining"), "confirmed": True},
        ]
        open_ones = [{**one, "confirmed": False} for one in sure]
        named = []
        for form in CATALOGUE.values():
            if not any("microwave" in option.choices for option in form.options):
                continue
            use = next(option.id for option in form.options if "microwave" in option.choices)
            for layers, plant in itertools.product((sure, open_ones), ("plant", "open")):
                options = {use: "microwave", "heat_thread": plant, "heat_trims": plant}
                found = card(*layers, form=form.id, options=options)
                self.assertEqual(found.heat.id == "care.heat-microwave", layers is sure and plant == "plant")
                named.append(found.heat.id)
        self.assertIn("care.heat-microwave", named)
        for _, spec in makes()[::20]:
            sure_of = any(check.title.id == "check.microwave-told" for check in draft_of(spec).checks)
            self.assertEqual(care_of(draft_of(spec)).heat.id == "care.heat-microwave", sure_of)

    def test_everything_it_is_made_of_is_named_once(self):
        for _, spec in makes()[::30]:
            draft = draft_of(spec)
            found = care_of(draft)
            self.assertEqual({one.role for one in found.made_of}, {lay.role for lay in draft.lays})
            self.assertEqual(len({name.id for name in found.besides}), len(found.besides))
            self.assertTrue(all(SPEAKER.say(line) for line in (*found.care, found.heat, *found.cautions)))


class Cards(unittest.TestCase):
    def test_every_sentence_stands_on_every_card_inside_its_lines(self):
        for form, (kind, count) in share(itertools.product(CATALOGUE, (("care", 4), ("tag", 15), ("label", 15))), 4):
            draft = draft_spec({**starting_spec(CATALOGUE[form], Ruler("cm"), None), "layers": LAYERS["padded"]})
            with pdfplumber.open(io.BytesIO(care_cards(draft, "A make with rather a long name", kind))) as pdf:
                (page,) = pdf.pages
                boxes = [(r["x0"], r["top"], r["x1"], r["bottom"]) for r in page.rects]
                self.assertEqual(len(boxes), count)
                per = []
                for box in boxes:
                    inside = page.crop(box).extract_text()
                    per.append(" ".join(inside.split()))
                self.assertEqual(len(set(per)), 1)
                found = care_of(draft)
                lines = (*found.care, found.heat, *found.cautions) if kind == "care" else (found.care[0], found.heat)
                lines = (*tag_of(draft), *lines) if kind == "tag" else lines
                for line in lines:
                    self.assertIn(SPEAKER.say(line).replace("\u00a0", " "), per[0].replace("\u00a0", " "))
                self.assertGreaterEqual(min(char["size"] for char in page.chars), 5.5)


class Tags(unittest.TestCase):
    def test_every_sentence_of_a_tag_is_true_of_its_make(self):
        seen = set()
        for _, spec in makes()[::5]:
            draft = draft_of(spec)
            told = {line.id for line in tag_of(draft)}
            needs = {need.role: need for need in draft.needs if need.width is None}
            # The make's own, not what a part takes: what is for show or holds pens closes nothing.
            bare = draft_of({**spec, "parts": []})
            own = {need.role: need for need in bare.needs if need.width is None}
            for role in ("zip", "button", "fastener", "elastic", "frame"):
                self.assertEqual(f"tag.closed-{role}" in told, role in own, (draft.form, role))
            for role in ("hook-and-loop", "snap"):
                self.assertEqual(f"tag.closed-{role}" in told, role in needs, (draft.form, role))
            if "tag.closed-cord" in told or "tag.tie" in told:
                tie = own.get("ribbon") or own["cord"]
                self.assertGreaterEqual(tie.exact, draft.finished["girth"])
            if "tag.turned" in told:
                self.assertIn("lining", {lay.role for lay in draft.lays})
                self.assertFalse({"zip", "frame", "ring", "snap", "button"} & set(needs))
                # No raw edge is left inside: the last opening is closed after it is turned.
                ids = [step.id for step in draft.steps]
                closed = max(n for n, step in enumerate(draft.steps) if step.closes)
                self.assertGreater(closed, min(n for n, step in enumerate(draft.steps) if step.turns), ids)
            # Only of what has a tie is it said that another one is for another season.
            self.assertLessEqual("tag.season" in told, "tag.tie" in told and "tag.turned" in told)
            seen |= told
        self.assertTrue({"tag.turned", "tag.season", "tag.tie", "tag.closed-zip", "tag.again"} <= seen)


class Shared(unittest.TestCase):
    def test_one_page_with_every_step_and_piece_and_nobody_on_it(self):
        for _, spec in makes()[::37]:
            named = {**spec}
            if spec.get("object"):
                named["object"] = {**spec["object"], "name": "Great-aunt Quillfeather"}
            draft = draft_of(named)
            with pdfplumber.open(io.BytesIO(pattern_pdf(draft, title="For Quillfeather", part="share"))) as pdf:
                (page,) = pdf.pages
                text = page.extract_text()
                self.assertNotIn("Quillfeather", text)
                self.assertNotIn("Quillfeather", str(pdf.metadata))
                told = " ".join(text.split())
                for number in range(1, len(draft.steps) + 1):
                    self.assertIn(f"{number}. ", told)
                for piece in draft.pieces:
                    if piece.cuts:
                        self.assertIn(piece.letter, told)
                self.assertGreaterEqual(min(char["size"] for char in page.chars), 3.5)
                self.assertLessEqual(max(char["bottom"] for char in page.chars), float(page.height))


if __name__ == "__main__":
    unittest.main()
