"""Lines of sums lead to the entries they come from: changing that entry changes that line, and nothing leads astray."""

import unittest

from eggtuck.core.drafting.starting import starting_spec
from eggtuck.core.forms import CATALOGUE, draft_spec, preset_object
from eggtuck.core.lengths import Ruler
from eggtuck.core.objects import PRESETS
from eggtuck.core.pattern.document import draft_document
from eggtuck.core.pattern.source import source_of
from tests.specs import cordial

CM = Ruler("cm")


def documents():
    for form in CATALOGUE.values():
        things = [None, *(preset_object(p, CM) for p in PRESETS.values() if p.kind in form.objects)]
        for thing in things:
            spec = {**starting_spec(form, CM, thing), "rounding": "1 mm"}
            yield form.id, draft_document(draft_spec(spec))


class Sources(unittest.TestCase):
    def test_every_field_named_is_one_the_draft_has(self):
        for form, document in documents():
            fields = {state["field"] for state in document["inputs"]} | {"rounding", "layers"}
            for name, chain in document["sums"].items():
                for line in chain["lines"]:
                    if line["field"] is not None:
                        self.assertIn(line["field"], fields, (form, name, line["label"]))

    def test_most_numbers_a_maker_gave_can_be_reached(self):
        for form, document in documents():
            reached = {line["field"] for chain in document["sums"].values() for line in chain["lines"]}
            self.assertTrue(reached - {None}, form)
            told = [
                (n, line)
                for n, chain in document["sums"].items()
                for line in chain["lines"]
                if "allowance" in line["label"]
            ]
            for name, line in told:
                self.assertIsNotNone(line["field"], (form, name, line["label"]))

    def test_changing_the_entry_changes_its_line(self):
        """For the bottle bag: each length that a line of the cut width or height leads to."""
        before = draft_document(draft_spec(cordial(rounding="none")))
        for name in ("body.cut_width", "body.cut_height"):
            for i, line in enumerate(before["sums"][name]["lines"]):
                field = line["field"]
                if field is None or "." not in field:
                    continue
                group, key = field.split(".")
                now = next(s for s in before["inputs"] if s["field"] == field)["value"]["mm"]
                given = {**cordial().get(group, {}), key: f"{now + 3:.3f} mm"}
                after = draft_document(draft_spec(cordial(rounding="none", **{group: given})))
                other = after["sums"][name]["lines"][i]
                self.assertEqual(other["label"].split(",")[0][:6], line["label"].split(",")[0][:6])
                self.assertNotEqual((other["amount"], other["total"]), (line["amount"], line["total"]), field)

    def test_what_is_worked_out_from_other_sums_leads_nowhere(self):
        for line in ("sum.half", "sum.pi", "sum.quarter", "sum.in-four"):
            self.assertIsNone(source_of(line, "body.cut_width", {"ease.girth", "allowance.side"}))
        self.assertEqual(source_of("sum.given", "finished.base_depth", {"size.base_depth"}), "size.base_depth")
        self.assertEqual(source_of("sum.two-rim-allowances", "x", {"allowance.default"}), "allowance.default")


if __name__ == "__main__":
    unittest.main()
