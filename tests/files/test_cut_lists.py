"""Cut lists as tables: written and read back into the check of cut lists; what is no table is refused with its row."""

import csv
import io
import itertools
import unittest

from eggtuck.core.audit import audit, own_cut_list, read_cut_list
from eggtuck.core.drafting.starting import starting_spec
from eggtuck.core.forms import CATALOGUE, draft_spec
from eggtuck.core.lengths import Ruler, read_length
from eggtuck.files.cut_lists import CutListTableError, cut_list_csv, read_cut_list_csv
from tests.specs import cordial


class Tables(unittest.TestCase):
    def test_every_form_s_table_is_read_back_without_a_finding(self):
        """In whatever unit the maker writes, with parts sewn on as well."""
        for form, unit in itertools.product(CATALOGUE.values(), (Ruler("cm", ","), Ruler("in"), Ruler("mm"))):
            with self.subTest(form=form.id, unit=unit.unit):
                spec = starting_spec(form, unit, None)
                draft = draft_spec({**spec, "parts": [{"kind": "label"}]})
                text = cut_list_csv(draft).decode()
                self.assertTrue(text.startswith(f"what,name,value ({unit.unit}),note"))
                found = audit(read_cut_list(read_cut_list_csv(text)), [])
                self.assertEqual((found.findings, found.missing), ((), ()), form.id)

    def test_it_lists_every_cut_as_it_is_cut(self):
        draft = draft_spec(cordial())
        rows = list(csv.DictReader(io.StringIO(cut_list_csv(draft).decode())))
        pieces = [row for row in rows if row["what"] == "piece"]
        self.assertEqual(len(pieces), sum(len(piece.cuts) for piece in draft.pieces))
        width, height = draft.pieces[0].cut_size
        self.assertEqual(pieces[0]["value (cm)"], f"{draft.ruler.bare(width)} x {draft.ruler.bare(height)}")
        numbers = {row["name"]: read_length(row["value (cm)"], "cm").mm for row in rows if row["what"] == "number"}
        own = own_cut_list(draft)["numbers"]
        self.assertEqual(set(numbers), set(own))
        for name, value in own.items():
            self.assertAlmostEqual(numbers[name], value, 6, name)

    def test_other_programs_separators_and_marks_are_read(self):
        text = cut_list_csv(draft_spec(cordial())).decode()
        plain = read_cut_list_csv(text)
        rows = [line.split(",") for line in text.splitlines() if not line.startswith("piece")]
        for mark in (";", "\t"):
            self.assertEqual(read_cut_list_csv("\ufeff" + "\r\n".join(mark.join(row) for row in rows)), plain)

    def test_what_is_no_cut_list_is_refused(self):
        for text, key in (
            ("", "cut-table-not"),
            ("form,,boxed-bag\n", "cut-table-not"),
            ("number,body.cut_width,166\n", "cut-table-not"),
            ("form,,boxed-bag\nwidth,body,166\n", "cut-table-row"),
            ("form,,boxed-bag\nnumber,body.cut_width\n", "cut-table-row"),
            ("number,a,1\n" * 700, "cut-table-long"),
            ('"' + "x" * 200_000, "cut-table-not"),
        ):
            with self.assertRaises(CutListTableError) as caught:
                read_cut_list_csv(text)
            self.assertEqual(caught.exception.key, key)


if __name__ == "__main__":
    unittest.main()
