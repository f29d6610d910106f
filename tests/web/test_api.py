"""The web interface: documents, problem documents, and what it refuses."""

import gzip
import json
import re
import subprocess
import sys
import tempfile
import unittest
from pathlib import Path
from typing import ClassVar
from unittest import mock

from eggtuck.core.pattern import Check
from eggtuck.core.pattern.document import told_json
from eggtuck.core.pattern.written import DraftDoc
from eggtuck.core.words import msg
from eggtuck.demo import add_demo
from eggtuck.web import create_app, drafting
from eggtuck.web.catalogue_model import Catalogue
from eggtuck.web.connection import database
from eggtuck.web.openapi import openapi_document
from eggtuck.web.project_file_model import ProjectFile
from eggtuck.web.sending import sent
from tests.documents import checked
from tests.specs import SCHOOLS, cordial, sized

ROOT = Path(__file__).parents[2]


class Client(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.app = create_app(Path(folder.name))
        self.http = self.app.test_client()

    def refused(self, answer, status, field=None):
        self.assertEqual(answer.status_code, status, answer.get_data(as_text=True)[:300])
        self.assertEqual(answer.mimetype, "application/problem+json")
        problem = json.loads(answer.data)
        self.assertEqual(problem["status"], status)
        self.assertTrue(problem["title"] and problem["detail"])
        if field is not None:
            self.assertIn(field, [error["field"] for error in problem["errors"]])
        return problem

    def begin(self, **body):
        answer = self.http.post("/api/projects", json=body)
        self.assertEqual(answer.status_code, 201, answer.data)
        return answer.json


class Drafting(Client):
    def test_health(self):
        self.assertEqual(self.http.get("/api/health").json["status"], "ok")

    def test_the_answer_is_the_command_line_s_byte_for_byte(self):
        with tempfile.NamedTemporaryFile("w", suffix=".json", delete=False) as file:
            json.dump(cordial(), file)
        said = subprocess.run(
            [sys.executable, "-m", "eggtuck.cli", "draft", file.name], capture_output=True, check=True
        )
        Path(file.name).unlink()
        for _ in range(2):
            self.assertEqual(self.http.post("/api/drafts", json=cordial()).data, said.stdout)
        self.assertEqual(said.stderr, b"")

    def test_every_school_answers_the_described_document(self):
        for cut, boxing, top in SCHOOLS:
            spec = cordial(options={"cut": cut, "boxing": boxing, "top": top})
            answer = self.http.post("/api/drafts", json=spec)
            document = checked(DraftDoc, answer.json)
            self.assertEqual(document["format"], "egg-tuck-draft")
            for piece in document["pieces"]:
                for outline in (piece["stitch_outline"], piece["cut_outline"]):
                    self.assertTrue(all(len(point) == 3 for point in outline))

    def test_bad_specs_name_their_fields(self):
        cases = [
            (cordial(object={"girth": "x"}), "object.girth"), (cordial(size={"base_depth": "30"}), "size.base_depth"),
            (cordial(size={"gap": "15"}), "size.gap"), (cordial(form="hat"), "form"), ({}, "form"),
            (cordial(options={"cut": "sideways"}), "options.cut"),
        ]  # fmt: skip
        for spec, field in cases:
            self.refused(self.http.post("/api/drafts", json=spec), 422, field)

    def test_what_is_not_a_spec_at_all(self):
        def post(data, kind="application/json"):
            return self.http.post("/api/drafts", data=data, content_type=kind)

        self.refused(post("{broken"), 400)
        self.refused(post(""), 400)
        self.refused(post(b"\xff\xfe"), 400)
        self.refused(post("[1]"), 422)
        self.refused(post("null"), 422)
        self.refused(post("{}", "text/plain"), 415)
        self.refused(post("[" * 100_000), 400)
        self.refused(post('{"form": "' + "x" * 1_200_000 + '"}'), 413)
        self.refused(post('{"form": "boxed-bag", "unit": "cm", "size": {"girth": NaN, "wall_height": 1e999}}'), 422)

    def test_unknown_addresses_and_methods(self):
        self.refused(self.http.get("/api/nothing"), 404)
        self.refused(self.http.delete("/api/drafts"), 405)
        self.refused(self.http.get("/api/projects/none"), 404)

    def test_an_unexpected_error_says_that_nothing_is_lost(self):
        broken = mock.patch("eggtuck.web.routes.projects.store.list_projects", side_effect=RuntimeError("boom"))
        with broken, self.assertLogs("eggtuck", "ERROR"):
            problem = self.refused(self.http.get("/api/projects"), 500)
        self.assertNotIn("boom", json.dumps(problem))

    def test_changing_the_ruler(self):
        answer = self.http.post("/api/specs/unit", json={"spec": cordial(), "unit": "in"})
        self.assertEqual(answer.json["spec"]["unit"], "in")
        self.assertEqual(answer.json["spec"]["object"]["girth"], "25,1 cm")
        self.refused(self.http.post("/api/specs/unit", json={"spec": {}, "unit": "in"}), 422)
        self.refused(self.http.post("/api/specs/unit", json={"spec": {}, "unit": "ell"}), 422, "unit")


class Described(Client):
    def test_the_description_kept_in_docs_is_current(self):
        kept = json.loads((ROOT / "docs" / "openapi.json").read_text())
        self.assertEqual(kept, json.loads(json.dumps(openapi_document())))

    def test_the_description_is_served_and_every_reference_resolves(self):
        document = self.http.get("/api/openapi.json").json
        self.assertEqual(document["openapi"], "3.1.0")
        names = set(document["components"]["schemas"])
        used = set(re.findall(r"#/components/schemas/(\w+)", json.dumps(document)))
        self.assertLessEqual(used, names)
        routes = {re.sub(r"<(\w+)>", r"{\1}", str(rule)) for rule in self.app.url_map.iter_rules()}
        self.assertEqual(
            {p for p in routes if p.startswith("/api/") and p != "/api/openapi.json"}, set(document["paths"])
        )
        for path, methods in document["paths"].items():
            for described in methods.values():
                named = {p["name"] for p in described.get("parameters", []) if p["in"] == "path"}
                self.assertEqual(named, set(re.findall(r"{(\w+)}", path)), path)

    def test_the_catalogue(self):
        self.refused(self.http.get("/api/catalogue?unit=nonsense"), 422, "unit")
        for unit in ("cm", "in"):
            catalogue = Catalogue.model_validate(self.http.get(f"/api/catalogue?unit={unit}").json)
            self.assertIn("boxed-bag", [form.id for form in catalogue.forms])
            for form in catalogue.forms:
                for option in form.options:
                    self.assertTrue(all(len(choice.picture) == 3 for choice in option.choices))


class Projects(Client):
    def test_begin_with_finished_sizes_a_preset_or_a_thing(self):
        self.assertIn("size", self.begin()["spec"])
        jar = self.begin(preset="jar")
        self.assertEqual(jar["spec"]["object"]["kind"], "jar")
        measures = {"kind": "jar", "girth": "8 1/4", "height": "4"}
        thing = self.http.post("/api/things", json={"name": "Marmalade jar", "unit": "in", "object": measures}).json
        made = self.begin(thing=thing["id"])
        self.assertEqual(made["spec"]["unit"], "cm")
        self.assertEqual(made["spec"]["object"]["girth"], "8 1/4 in")
        self.assertIn("Marmalade jar", made["name"])
        self.refused(self.http.post("/api/projects", json={"preset": "whale"}), 422, "preset")
        self.refused(self.http.post("/api/projects", json={"thing": "nobody"}), 404)
        self.refused(self.http.post("/api/projects", json={"form": "hat"}), 422, "form")
        self.refused(self.http.post("/api/projects", json={"colour": "red"}), 422, "colour")

    def test_a_change_is_kept_and_a_bad_one_is_not(self):
        made = self.begin(preset="bottle")
        at = f"/api/projects/{made['id']}"
        saved = self.http.put(at, json={"name": "Gift", "spec": cordial(), "revision": 1}).json
        self.assertEqual((saved["name"], saved["revision"]), ("Gift", 2))
        bad = cordial(size={"gap": "50"})
        self.refused(self.http.put(at, json={"name": "Gift", "spec": bad, "revision": 2}), 422, "size.gap")
        self.refused(self.http.put(at, json={"name": " ", "spec": cordial(), "revision": 2}), 422, "name")
        self.refused(self.http.put(at, json={"name": "Late", "spec": cordial(), "revision": 1}), 409)
        self.assertEqual(self.http.get(at).json["spec"], cordial())

    def test_the_drawing_is_sent_before_the_order_of_work_is_told(self):
        made = self.begin(preset="bottle")
        at = f"/api/projects/{made['id']}"
        self.http.put(at, json={"name": "Gift", "spec": cordial(), "revision": 1})
        told: list[str] = []
        with mock.patch.object(drafting, "told_json", lambda draft: told.append("now") or told_json(draft)):
            for call, body in (
                (self.http.put, {"address": at, "name": "Gift", "spec": sized(), "revision": 2}),
                (self.http.post, {"address": f"{at}/undo", "revision": 3}),
                (self.http.get, {"address": f"{at}/drafted"}),
            ):
                told.clear()
                drafting._told.cache_clear()
                address = body.pop("address")
                answer = call(address, json=body) if body else call(address)
                parts = answer.iter_encoded()
                first = next(parts)
                self.assertEqual((told, first.count(b"\n"), first[-1:]), ([], 1, b"\n"), address)
                rest = b"".join(parts)
                self.assertEqual((told, b"\n" in rest), (["now"], False), address)
                early, whole = json.loads(first + b"}}"), json.loads(first + rest)
                late = {name: whole["draft"][name] for name in ("steps", "elapsed")}
                self.assertEqual(whole, {**early, "draft": {**early["draft"], **late}})
                self.assertEqual(whole["draft"], self.http.post("/api/drafts", json=whole["spec"]).json)

    def test_put_away_and_back_and_copied(self):
        made = self.begin(preset="jar")
        at = f"/api/projects/{made['id']}"
        self.assertEqual(self.http.delete(at).status_code, 204)
        self.refused(self.http.get(at), 404)
        self.assertEqual(self.http.get("/api/projects").json["projects"], [])
        self.assertEqual(self.http.post(f"{at}/restore").json["name"], made["name"])
        copy = self.http.post(f"{at}/copy")
        self.assertEqual(copy.status_code, 201)
        self.assertNotEqual(copy.json["id"], made["id"])
        self.assertEqual(copy.json["spec"], made["spec"])
        listed = self.http.get("/api/projects").json["projects"]
        self.assertEqual(len(listed), 2)
        picture = self.http.get(f"/api/projects/{listed[0]['id']}/picture?revision=1")
        self.assertTrue(picture.json["facets"])
        self.assertIn("immutable", picture.headers["Cache-Control"])

    def test_progress(self):
        at = f"/api/projects/{self.begin(preset='jar')['id']}/progress"
        kept = self.http.put(at, json={"done": ["cut", "mark"], "at_step": "rim"}).json
        self.assertEqual((sorted(kept["done"]), kept["at_step"]), (["cut", "mark"], "rim"))
        self.refused(self.http.put(at, json={"done": ["x"] * 400}), 422, "done")

    def test_the_logbook(self):
        at = f"/api/projects/{self.begin(preset='jar')['id']}/makes"
        made = self.http.post(
            at, json={"made_on": "2026-10-03", "minutes": 55, "measured": {"girth": "28,0", "wall_height": ""}}
        )
        self.assertEqual(made.status_code, 201, made.data)
        self.assertEqual(len(made.json["measured"]), 1)
        self.assertIn("smaller", made.json["measured"][0]["remark"])
        for body, field in (
            ({"made_on": "yesterday"}, "made_on"), ({"made_on": "2026-10-03", "minutes": -4}, "minutes"),
            ({"made_on": "2026-10-03", "measured": {"girth": "wide"}}, "measured.girth"),
            ({"made_on": "2026-10-03", "measured": {"girth": "-3"}}, "measured.girth"),
            ({"made_on": "2026-10-03", "measured": {"ears": "3"}}, "measured.ears"),
        ):  # fmt: skip
            self.refused(self.http.post(at, json=body), 422, field)
        self.assertEqual(len(self.http.get(at).json["makes"]), 1)
        self.assertEqual(self.http.delete(f"{at}/{made.json['id']}").status_code, 204)
        self.refused(self.http.delete(f"{at}/{made.json['id']}"), 404)

    def test_out_as_a_file_and_in_again(self):
        made = self.begin(preset="bottle")
        at = f"/api/projects/{made['id']}"
        self.http.put(f"{at}/progress", json={"done": ["cut"], "at_step": "cut"})
        self.http.post(f"{at}/makes", json={"made_on": "2026-10-03", "measured": {"girth": "28"}, "differed": "wide"})
        file = self.http.get(f"{at}/project.json")
        self.assertIn("attachment", file.headers["Content-Disposition"])
        ProjectFile.model_validate_json(file.data)
        back = self.http.post("/api/projects/import", json=json.loads(file.data))
        self.assertEqual(back.status_code, 201, back.data)
        self.assertEqual((back.json["spec"], back.json["done"]), (made["spec"], ["cut"]))
        log = self.http.get(f"/api/projects/{back.json['id']}/makes").json["makes"]
        self.assertEqual(log[0]["differed"], "wide")

    def test_files_that_cannot_come_in(self):
        good = {"name": "Bag", "spec": cordial()}
        for body, status in (
            ({}, 422), ({**good, "format": "something-else"}, 422), ({**good, "version": 2}, 422),
            ({**good, "spec": {"form": "hat"}}, 422), ({**good, "makes": [{"ears": 2}]}, 422),
            ({**good, "name": ""}, 422), ({**good, "extra": 1}, 422),
        ):  # fmt: skip
            self.refused(self.http.post("/api/projects/import", json=body), status)
        self.assertEqual(self.http.get("/api/projects").json["projects"], [])

    def test_exports(self):
        at = f"/api/projects/{self.begin(preset='bottle')['id']}"
        for name, start in (("pattern.pdf", b"%PDF"), ("pattern.svg", b"<?xml"), ("draft.json", b"{")):
            answer = self.http.get(f"{at}/{name}")
            self.assertEqual(answer.status_code, 200)
            self.assertTrue(answer.data.startswith(start))
        self.refused(self.http.get(f"{at}/pattern.pdf?paper=napkin"), 422)
        self.refused(self.http.get(f"{at}/pattern.pdf?part=half"), 422)
        self.assertEqual(self.http.get(f"{at}/pattern.pdf?paper=letter&part=guide").status_code, 200)

    def test_a_stop_keeps_the_printer_waiting_until_it_is_acknowledged(self):
        made = self.begin(preset="jar")
        spec = {**made["spec"], "ease": {"girth": "-2 cm"}}
        at = f"/api/projects/{made['id']}"
        self.http.put(at, json={"name": "Tight", "spec": spec, "revision": 1})
        self.refused(self.http.get(f"{at}/pattern.pdf"), 409)
        self.assertEqual(self.http.get(f"{at}/pattern.pdf?acknowledged=yes").status_code, 200)
        self.assertEqual(Check("x", "stop", msg("fix.level"), msg("fix.level")).stage, "pieces")

    def test_file_names_are_plain(self):
        made = self.begin(preset="jar")
        name = 'A/../"b"\r\nX: y ü'
        at = f"/api/projects/{made['id']}"
        self.http.put(at, json={"name": name, "spec": made["spec"], "revision": 1})
        header = self.http.get(f"{at}/pattern.svg").headers["Content-Disposition"]
        self.assertRegex(header, r'^attachment; filename="[a-z0-9-]+\.svg"$')
        for name, plain in (
            ("Marcador de página", "marcador-de-pagina"),
            ("Café cosy", "cafe-cosy"),
            ("½ ☃", "12"),
            ("☃", "egg-tuck"),
        ):
            with self.subTest(name), self.app.test_request_context():
                header = sent(b"", "text/plain", name, "txt").headers["Content-Disposition"]
                self.assertEqual(header, f'attachment; filename="{plain}.txt"')


class Shelf(Client):
    JAR: ClassVar = {"kind": "jar", "girth": "24,8", "height": "10,5", "base_diameter": "7,6"}

    def test_put_change_take_off_and_back(self):
        made = self.http.post("/api/things", json={"name": "Honey jar", "unit": "cm", "object": self.JAR}).json
        at = f"/api/things/{made['id']}"
        self.assertEqual(made["object"]["girth"], "24,8")
        self.assertTrue(made["view"]["radii"])
        changed = self.http.put(at, json={"name": "Jar", "unit": "cm", "object": {**self.JAR, "girth": "20"}}).json
        self.assertTrue(changed["remarks"])
        self.assertEqual(self.http.delete(at).status_code, 204)
        self.assertEqual(self.http.get("/api/things").json["things"], [])
        self.assertEqual(self.http.post(f"{at}/restore").json["name"], "Jar")

    def test_looking_without_keeping(self):
        seen = self.http.post("/api/things/look", json={"unit": "cm", "object": self.JAR})
        self.assertEqual(seen.json["view"]["kind"], "jar")
        self.assertEqual(self.http.get("/api/things").json["things"], [])

    def test_bad_measures(self):
        for measures, field in (
            ({**self.JAR, "girth": "x"}, "object.girth"), ({"kind": "jar"}, "object.height"), ({}, "object.kind"),
            ({**self.JAR, "kind": "cloud"}, "object.kind"), ({**self.JAR, "height": "0"}, "object.height"),
        ):  # fmt: skip
            self.refused(
                self.http.post("/api/things", json={"name": "Jar", "unit": "cm", "object": measures}), 422, field
            )
        self.refused(self.http.post("/api/things", json={"name": "", "unit": "cm", "object": self.JAR}), 422, "name")


class Habits(Client):
    def test_kept(self):
        self.assertEqual(self.http.get("/api/settings").json["unit"], "cm")
        habits = {
            **self.http.get("/api/settings").json,
            "unit": "in",
            "paper": "letter",
            "pace": "expert",
            "theme": "night",
        }
        self.assertEqual(self.http.put("/api/settings", json=habits).json, habits)
        self.assertEqual(self.begin(preset="jar")["spec"]["unit"], "in")
        self.refused(self.http.put("/api/settings", json={**habits, "paper": "stone"}), 422, "paper")
        # Some of them alone: the others stay.
        self.assertEqual(self.http.put("/api/settings", json={"theme": "night"}).json, {**habits, "theme": "night"})


class Guarded(Client):
    def test_only_this_machine_s_own_pages_may_write(self):
        body = {"json": {"preset": "jar"}}
        for headers in ({"Origin": "http://elsewhere.example"}, {"Origin": "null"}, {"Sec-Fetch-Site": "cross-site"}):
            self.refused(self.http.post("/api/projects", headers=headers, **body), 403)
        self.refused(self.http.get("/api/projects", headers={"Host": "elsewhere.example"}), 421)
        own = {"Origin": "http://localhost", "Sec-Fetch-Site": "same-origin"}
        self.assertEqual(self.http.post("/api/projects", headers=own, **body).status_code, 201)

    def test_headers(self):
        answer = self.http.get("/api/health")
        self.assertIn("default-src 'self'", answer.headers["Content-Security-Policy"])
        self.assertEqual(answer.headers["X-Content-Type-Options"], "nosniff")

    def test_text_is_packed_on_its_way_to_another_device_and_is_the_same(self):
        for address, packed in (("127.0.0.1", None), ("::1", None), ("192.168.1.20", "gzip"), ("fd00::2", "gzip")):
            asked = {"Accept-Encoding": "gzip"}, {"REMOTE_ADDR": address}
            answer = self.http.post("/api/drafts", json=cordial(), headers=asked[0], environ_base=asked[1])
            self.assertEqual(answer.headers.get("Content-Encoding"), packed, address)
            data = gzip.decompress(answer.data) if packed else answer.data
            self.assertEqual(data, self.http.post("/api/drafts", json=cordial()).data)
            # And so it is where it is sent in parts.
            made = self.begin(preset="bottle")
            at = f"/api/projects/{made['id']}/drafted"
            answer = self.http.get(at, headers=asked[0], environ_base=asked[1])
            self.assertEqual(answer.headers.get("Content-Encoding"), packed, address)
            self.assertEqual(gzip.decompress(answer.data) if packed else answer.data, self.http.get(at).data)

    def test_no_path_leads_out_of_the_table(self):
        for path in ("/assets/../../app.py", "/assets/%2e%2e/app.py", "/..%2fapp.py"):
            self.assertNotIn(b"create_app", self.http.get(path).data)


class Demo(Client):
    def test_the_workshop_is_laid_once_and_everything_in_it_drafts_well(self):
        self.assertTrue(add_demo(self.app))
        self.assertFalse(add_demo(self.app))
        listed = self.http.get("/api/projects").json["projects"]
        self.assertEqual(len(listed), 18)
        for project in listed:
            kept = self.http.get(f"/api/projects/{project['id']}").json
            draft = self.http.post("/api/drafts", json=kept["spec"]).json
            self.assertEqual(self.http.get(f"/api/projects/{project['id']}/drafted").json, {**kept, "draft": draft})
            self.assertFalse([c for c in draft["checks"] if c["verdict"] in ("stop", "warn")], project["name"])
            done = set(self.http.get(f"/api/projects/{project['id']}").json["done"])
            self.assertLessEqual(done, {step["id"] for step in draft["steps"]})
        self.assertEqual(len(self.http.get("/api/things").json["things"]), 18)


class LongAgo(Client):
    def test_what_cannot_be_drafted_any_more_is_opened_without_a_draft(self):
        made = self.begin(preset="jar")
        spec = {**made["spec"], "form": "cloud"}
        with self.app.app_context():
            database().execute("UPDATE projects SET spec = ? WHERE id = ?", (json.dumps(spec), made["id"]))
            database().execute("UPDATE states SET spec = ? WHERE project_id = ?", (json.dumps(spec), made["id"]))
        there = self.http.get(f"/api/projects/{made['id']}/drafted").json
        self.assertEqual((there["spec"], there["draft"]), (spec, None))
        # What is wrong with it is told when it is drafted.
        self.refused(self.http.post("/api/drafts", json=spec), 422, "form")


class Repeated(Client):
    def test_the_same_question_has_the_same_answer(self):
        first = self.http.post("/api/drafts", json=sized()).data
        for _ in range(50):
            self.assertEqual(self.http.post("/api/drafts", json=sized()).data, first)


if __name__ == "__main__":
    unittest.main()
