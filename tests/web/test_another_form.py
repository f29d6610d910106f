"""A new form is one folder: put in the catalogue it passes what every form must, and is drawn, listed, printed and read backwards by
programs that were not told of it."""

import tempfile
import unittest
from dataclasses import replace
from pathlib import Path
from unittest import mock

from eggtuck.core.audit.cut_list import own_cut_list
from eggtuck.core.audit.written import AuditDoc
from eggtuck.core.drafting.description import Form
from eggtuck.core.forms import CATALOGUE, add_form, draft_spec, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.pattern.mesh import weld
from eggtuck.core.pattern.written import DraftDoc
from eggtuck.core.words import LANGUAGES
from eggtuck.files import WRITERS
from tests import prism
from tests.core import test_every_form, test_sewn_once
from tests.documents import checked

from .test_api import Client

HOME = Path(prism.__file__).parent
# What is asserted of the catalogue as a whole is not asked of one form.
OF_ALL = {"test_edges_that_are_sewn_together_lie_together_in_the_sewn_form"}


class APrism(Client):
    def setUp(self):
        super().setUp()
        # Each language learns its words, read already or not: all forget them again.
        for place in (CATALOGUE, *(language.sentences for language in LANGUAGES.values())):
            self.enterContext(mock.patch.dict(place))
        add_form(prism.FORM, HOME)

    def made(self):
        """Every make of it, as `makes` gives those of all forms."""
        return tuple((str(test_every_form.label(form, spec)), spec) for form, spec in test_every_form.specs(every=True))

    def test_it_stands_in_its_place_and_means_nothing_else(self):
        self.assertEqual(list(CATALOGUE).index("prism"), list(CATALOGUE).index("round-pouch") + 1)
        other = Form("prism", *([()] * 4), lambda spec: None, {}, place=1, reads=None, picture=("", "", ""))
        with self.assertRaises(ValueError):
            add_form(other, HOME)
        without = replace(prism.FORM, id="without-words")
        with tempfile.TemporaryDirectory() as empty, self.assertRaises(FileNotFoundError):
            add_form(without, Path(empty))

    def test_every_per_form_test_passes(self):
        loader = unittest.TestLoader()
        classes = (test_every_form.Shapes, test_every_form.Seams, test_every_form.Sums, test_every_form.Sentences)
        tests = [
            test
            for one in classes
            for test in loader.loadTestsFromTestCase(one)
            if test.id().split(".")[-1] not in OF_ALL
        ]
        result = unittest.TestResult()
        # What is remembered of all forms is neither asked here nor made of this one alone.
        with (
            mock.patch.dict(CATALOGUE, {"prism": prism.FORM}, clear=True),
            mock.patch.object(test_every_form, "makes", self.made),
        ):
            self.assertGreater(len(list(test_every_form.specs())), 2)
            unittest.TestSuite(tests).run(result)
        self.assertEqual([(str(test), told) for test, told in (*result.failures, *result.errors)], [])
        self.assertGreater(result.testsRun, 12)

    def test_its_edges_are_sewn_once(self):
        with mock.patch.dict(CATALOGUE, {"prism": prism.FORM}, clear=True):
            result = unittest.TestResult()
            with mock.patch.object(test_sewn_once, "makes", self.made):
                unittest.TestLoader().loadTestsFromTestCase(test_sewn_once.SewnOnce).run(result)
        self.assertEqual([(str(test), told) for test, told in (*result.failures, *result.errors)], [])
        self.assertEqual(result.testsRun, 4)

    def test_its_seams_meet_in_space_and_it_holds_what_it_says(self):
        for unit, allowance in (("cm", "1,5"), ("in", "3/8")):
            draft = draft_spec({**starting_spec(prism.FORM, Ruler(unit), None), "allowance": {"default": allowance}})
            for seam in draft.seams:
                self.assertAlmostEqual(seam.difference, 0, 6)
            mesh = weld(draft.solid.facets)
            self.assertTrue(mesh.closed)
            self.assertAlmostEqual(mesh.volume / 1000 / draft.finished["volume"], 1, 6)

    def test_it_is_offered_drafted_kept_and_leaves_as_every_file(self):
        listed = {form["id"]: form for form in self.http.get("/api/catalogue").json["forms"]}
        self.assertEqual(listed["prism"]["name"], "Prism pouch")
        made = self.http.post("/api/projects", json={"form": "prism"})
        self.assertEqual(made.status_code, 201, made.data)
        checked(DraftDoc, self.http.post("/api/drafts", json=made.json["spec"]).json)
        self.assertEqual(listed["prism"]["easier"], "round-pouch")
        compared = self.http.post("/api/forms", json=made.json["spec"]).json["forms"]
        self.assertGreater(next(form for form in compared if form["id"] == "prism")["pieces"], 1)
        draft = draft_spec(made.json["spec"])
        for ending, write in WRITERS.items():
            self.assertGreater(len(write(draft)), 200, ending)

    def test_its_cut_list_reads_back(self):
        draft = draft_spec(starting_spec(prism.FORM, Ruler("cm"), None))
        audit = checked(AuditDoc, self.http.post("/api/audits", json=own_cut_list(draft)).json)
        self.assertEqual((audit["findings"], audit["missing"]), ([], []))
        for name, value in draft.finished.items():
            if name in audit["size"]:
                self.assertAlmostEqual(audit["size"][name]["mm"], value, 3)


if __name__ == "__main__":
    unittest.main()
