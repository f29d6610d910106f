"""Cut lists as tables: written and read back into the check of cut lists; what is no table is refused with its row."""

import csv
import io
import unittest

from eggtuck.core.audit import audit, own_cut_list, read_cut_list
from eggtuck.core.forms import CATALOGUE, draft_spec
from eggtuck.core.forms.starting import starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.files import cut_list_csv, read_cut_list_csv
from eggtuck.files.cut_lists import CutListTableError
from tests.specs import cordial


class Tables(unittest.TestCase):
    def test_every_form_s_table_is_read_back_without_a_finding(self):
        for form in CATALOGUE.values():
            draft = draft_spec(starting_spec(form, Ruler("in"), None))
            found = audit(read_cut_list(read_cut_list_csv(cut_list_csv(draft).decode())), [])
            self.assertEqual((found.findings, found.missing), ((), ()), form.id)

    def test_it_lists_every_cut_as_it_is_cut(self):
        draft = draft_spec(cordial())
        rows = list(csv.DictReader(io.StringIO(cut_list_csv(draft).decode())))
        pieces = [row for row in rows if row["what"] == "piece"]
        self.assertEqual(len(pieces), sum(len(piece.cuts) for piece in draft.pieces))
        width, height = draft.pieces[0].cut_size
        self.assertEqual(pieces[0]["value"], f"{width:.2f} x {height:.2f}")
        numbers = {row["name"]: float(row["value"]) for row in rows if row["what"] == "number"}
        self.assertEqual(numbers, own_cut_list(draft)["numbers"])

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
