"""Cut lists, parts and every form over HTTP and on the command line."""

import contextlib
import io
import json
import tempfile
import unittest
from pathlib import Path

from eggtuck.cli import main
from eggtuck.core.audit.written import AuditDoc, CutListDoc
from eggtuck.core.drafting.description import COUNTS
from eggtuck.core.drafting.layers import USUAL_ROLES
from eggtuck.core.drafting.parts import PARTS
from eggtuck.core.forms import CATALOGUE
from eggtuck.core.lengths import read_length
from eggtuck.core.objects import KINDS, PRESETS
from eggtuck.core.pattern.written import DraftDoc
from eggtuck.web.catalogue_model import Catalogue
from tests.documents import checked

from .test_api import Client

EXAMPLES = sorted((Path(__file__).parents[2] / "examples").glob("*.json"))
TUBE = {
    "form": "cylinder", "unit": "cm", "allowance": {"default": "1"},
    "numbers": {"wall.width": "30", "wall.height": "22", "base.width": "12"},
    "layers": [{"material": "linen", "role": "outer"}],
}  # fmt: skip


class Audits(Client):
    def test_a_list_is_read_and_the_shelf_is_tried(self):
        jar = {"kind": "jar", "girth": "24,8", "height": "10,5", "base_diameter": "7,6"}
        self.http.post("/api/things", json={"name": "Honey jar", "unit": "cm", "object": jar, "note": ""})
        answer = self.http.post("/api/audits", json=TUBE)
        self.assertEqual(answer.status_code, 200, answer.data)
        audit = checked(AuditDoc, answer.json)
        self.assertEqual([f["id"] for f in audit["findings"]], ["seam.base"])
        self.assertEqual(audit["fits"][0]["thing"], "Honey jar")
        self.assertEqual(audit["size"]["girth"]["text"], "28 cm")
        # The corrected make is a spec like any other.
        draft = self.http.post("/api/drafts", json=audit["spec"])
        self.assertEqual(draft.status_code, 200)

    def test_an_empty_list_asks(self):
        for form in CATALOGUE:
            audit = self.http.post("/api/audits", json={"form": form}).json
            self.assertTrue(audit["missing"], form)
            self.assertEqual([m["field"] for m in audit["missing"]], audit["asked"])
            self.assertIsNone(audit["spec"])

    def test_bad_lists_are_refused_by_field(self):
        self.refused(
            self.http.post("/api/audits", json={**TUBE, "numbers": {"wall.width": "x"}}), 422, "numbers.wall.width"
        )
        self.refused(self.http.post("/api/audits", json={**TUBE, "form": "hat"}), 422, "form")
        self.refused(self.http.post("/api/audits", json={**TUBE, "surprise": 1}), 422, "surprise")
        self.refused(self.http.post("/api/audits", data="{", content_type="application/json"), 400)

    def test_our_own_list_comes_back(self):
        for path in EXAMPLES:
            with self.subTest(path.stem):
                answer = self.http.post("/api/cut-lists", json=json.loads(path.read_text()))
                self.assertEqual(answer.status_code, 200)
                checked(CutListDoc, answer.json)
                audit = self.http.post("/api/audits", json=answer.json).json
                self.assertEqual([f for f in audit["findings"] if f["verdict"] == "stop"], [])
                self.assertIsNotNone(audit["spec"])


class EveryForm(Client):
    def test_begun_kept_printed_and_reopened(self):
        for path in EXAMPLES:
            spec = json.loads(path.read_text())
            with self.subTest(path.stem):
                project = self.begin(form=spec["form"], name=path.stem)
                body = {"name": path.stem, "spec": spec, "revision": project["revision"]}
                kept = self.http.put(f"/api/projects/{project['id']}", json=body)
                self.assertEqual(kept.status_code, 200, kept.data)
                again = self.http.get(f"/api/projects/{project['id']}").json["spec"]
                self.assertEqual(again, spec)
                checked(DraftDoc, self.http.post("/api/drafts", json=again).json)
                for ending in ("pdf", "svg", "dxf"):
                    file = self.http.get(f"/api/projects/{project['id']}/pattern.{ending}?acknowledged=yes")
                    self.assertEqual(file.status_code, 200)
                    self.assertGreater(len(file.data), 1000)

    def test_a_project_begins_with_the_form_that_suits_the_thing(self):
        wanted = {"bowl": "dart-bowl", "rod": "sleeve", "book": "book-cover", "ball": "tetra", "bottle": "boxed-bag"}
        for preset, form in wanted.items():
            self.assertEqual(self.begin(preset=preset)["spec"]["form"], form)
        self.assertEqual(self.begin()["spec"]["form"], "boxed-bag")
        self.refused(self.http.post("/api/projects", json={"form": "tetra", "preset": "bottle"}), 422, "object.kind")

    def test_every_kind_and_preset_suits_a_form(self):
        for kind in KINDS:
            self.assertTrue([form for form in CATALOGUE.values() if kind in form.objects], kind)
        for preset in PRESETS:
            self.begin(preset=preset)

    def test_any_form_can_become_any_other(self):
        for first in CATALOGUE:
            spec = self.begin(form=first)["spec"]
            for second in CATALOGUE:
                answer = self.http.post("/api/specs/form", json={"spec": spec, "form": second})
                self.assertEqual(answer.status_code, 200, (first, second, answer.data))
                self.assertEqual(answer.json["spec"]["form"], second)

    def test_any_form_on_any_ruler_is_the_same(self):
        for form in CATALOGUE:
            spec = {**self.begin(form=form)["spec"], "rounding": "none"}
            # What the maker typed; a start is a round number on each ruler.
            typed = {
                n: v if n in COUNTS else f"{read_length(v, 'cm').mm * 1.013:.3f} mm" for n, v in spec["size"].items()
            }
            spec["size"] = typed
            sizes = self.http.post("/api/drafts", json=spec).json["finished"]
            for unit in ("in", "mm", "cm"):
                spec = self.http.post("/api/specs/unit", json={"spec": spec, "unit": unit, "decimal": "."}).json["spec"]
                now = self.http.post("/api/drafts", json=spec).json["finished"]
                for name, value in sizes.items():
                    if value is not None and name in spec["size"]:
                        self.assertAlmostEqual(now[name], value, delta=1e-3 + 1e-4 * abs(value), msg=(form, name))

    def test_the_catalogue_tells_parts_grades_and_layers(self):
        catalogue = Catalogue.model_validate(self.http.get("/api/catalogue").json)
        self.assertEqual([part.id for part in catalogue.parts], list(PARTS))
        for form in catalogue.forms:
            self.assertIn(form.grade, range(1, 6))
            self.assertEqual(len(form.picture), 3, form.id)
        self.assertEqual([role.id for role in catalogue.roles if role.usual], list(USUAL_ROLES))
        for part in catalogue.parts:
            self.assertTrue(part.name and all(x.label for x in part.lengths))

    def test_parts_are_kept_with_the_project(self):
        project = self.begin(form="cylinder")
        spec = {**project["spec"], "parts": [{"kind": "strap", "length": "60"}, {"kind": "slip-pocket"}]}
        self.http.put(
            f"/api/projects/{project['id']}",
            json={"name": "With a strap", "spec": spec, "revision": project["revision"]},
        )
        again = self.http.get(f"/api/projects/{project['id']}").json["spec"]
        self.assertEqual(again["parts"], spec["parts"])
        draft = self.http.post("/api/drafts", json=again).json
        self.assertIn("strap-1", [piece["id"] for piece in draft["pieces"]])
        bad = {**spec, "parts": [{"kind": "strap", "length": "long"}]}
        self.refused(self.http.post("/api/drafts", json=bad), 422, "parts.0.length")


class CommandLine(unittest.TestCase):
    def run_on(self, command, document):
        out, err = io.StringIO(), io.StringIO()
        with tempfile.TemporaryDirectory() as folder:
            path = Path(folder) / "list.json"
            path.write_text(document if isinstance(document, str) else json.dumps(document))
            with contextlib.redirect_stdout(out), contextlib.redirect_stderr(err):
                code = main([command, str(path)])
        return code, out.getvalue(), err.getvalue()

    def test_audit_and_cut_list(self):
        code, out, err = self.run_on("audit", TUBE)
        self.assertEqual((code, err), (0, ""))
        self.assertEqual(json.loads(out)["format"], "egg-tuck-audit")
        for path in EXAMPLES:
            code, out, _ = self.run_on("cut-list", path.read_text())
            self.assertEqual(code, 0, path.stem)
            self.assertEqual(self.run_on("audit", out)[0], 0, path.stem)

    def test_bad_input_is_told_on_stderr_by_field(self):
        for command, document, words in (
            ("audit", {**TUBE, "numbers": {"wall.width": "x"}}, "numbers.wall.width"),
            ("audit", "{", "not JSON"),
            ("cut-list", {"form": "tetra"}, "size.width"),
        ):
            code, out, err = self.run_on(command, document)
            self.assertEqual((code, out), (2, ""))
            self.assertIn(words, err)


if __name__ == "__main__":
    unittest.main()
