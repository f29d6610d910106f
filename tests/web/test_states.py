"""Undo and redo of everything, variants of a make, and the maker's habits, over HTTP."""

import random

from eggtuck.core.forms import CATALOGUE
from eggtuck.core.lengths import read_length
from eggtuck.store import open_database
from eggtuck.store.settings import set_settings

from .test_api import Client

FLASK = {"kind": "bottle", "girth": "11 1/8", "height": "10 3/8", "base_diameter": "3 1/2"}
JAR = {"kind": "jar", "girth": "24,8", "height": "10,5", "base_diameter": "7,6"}


class States(Client):
    def save(self, project, touch=None, **spec):
        body = {"name": project["name"], "spec": {**project["spec"], **spec}, "revision": project["revision"]}
        answer = self.http.put(f"/api/projects/{project['id']}", json={**body, "touch": touch})
        self.assertEqual(answer.status_code, 200, answer.data)
        return answer.json

    def step(self, project, way):
        answer = self.http.post(f"/api/projects/{project['id']}/{way}", json={"revision": project["revision"]})
        self.assertEqual(answer.status_code, 200, answer.data)
        return answer.json

    def test_any_path_of_edits_undoes_and_redoes_exactly(self):
        """Against a plain list with a pointer."""
        chance = random.Random(8)
        project = self.begin(preset="jar")
        kept, at = [project["spec"]], 0
        for n in range(60):
            what = chance.choice(("edit", "edit", "undo", "redo"))
            if what == "edit":
                project = self.save(project, ease={"girth": str(2 + n / 10)})
                kept, at = [*kept[: at + 1], project["spec"]], at + 1
            elif what == "undo":
                project, at = self.step(project, "undo"), max(0, at - 1)
            else:
                project, at = self.step(project, "redo"), min(len(kept) - 1, at + 1)
            self.assertEqual(project["spec"], kept[at])
            self.assertEqual((project["can_undo"], project["can_redo"]), (at > 0, at < len(kept) - 1))
        again = self.http.get(f"/api/projects/{project['id']}").json
        self.assertEqual(again["spec"], kept[at])

    def test_typing_one_number_is_one_state_and_the_next_field_another(self):
        project = first = self.begin(preset="jar")
        for text in ("3", "3,", "3,5"):
            project = self.save(project, touch="ease.girth#1", ease={"girth": text})
        project = self.save(project, touch="size.headroom#2", size={"headroom": "2"})
        project = self.step(project, "undo")
        self.assertEqual(project["spec"]["ease"], {"girth": "3,5"})
        project = self.step(project, "undo")
        self.assertEqual(project["spec"], first["spec"])
        self.assertFalse(project["can_undo"])

    def test_an_edit_after_undoing_forgets_what_was_undone_and_keeping_the_same_is_no_state(self):
        project = self.begin(preset="jar")
        project = self.save(project, ease={"girth": "3"})
        project = self.save(project, ease={"girth": "3"})
        project = self.step(project, "undo")
        self.assertFalse(project["can_undo"])
        # Keeping what it now is takes nothing away from what can be done again.
        project = self.save(project)
        self.assertTrue(project["can_redo"])
        project = self.save(project, touch="x", ease={"girth": "4"})
        self.assertFalse(project["can_redo"])
        self.assertEqual(self.step(project, "redo")["spec"]["ease"], {"girth": "4"})

    def test_another_window_cannot_undo_what_it_has_not_seen(self):
        project = self.begin(preset="jar")
        self.save(project, ease={"girth": "3"})
        answer = self.http.post(f"/api/projects/{project['id']}/undo", json={"revision": project["revision"]})
        self.refused(answer, 409)


class Variants(Client):
    def shelf(self, name, thing, unit):
        body = {"name": name, "unit": unit, "object": thing, "note": ""}
        return self.http.post("/api/things", json=body).json["id"]

    def test_the_same_make_for_another_thing_keeps_habits_and_proposes_sizes_afresh(self):
        project = self.begin(preset="bottle", form="boxed-bag")
        spec = {
            **project["spec"],
            "ease": {"girth": "3"},
            "size": {"base_depth": "6", "headroom": "4"},
            "options": {"boxing": "sew-first"},
        }
        body = {"name": project["name"], "spec": spec, "revision": project["revision"]}
        self.http.put(f"/api/projects/{project['id']}", json=body)
        flask = self.shelf("Flask", FLASK, "in")
        made = self.http.post(f"/api/projects/{project['id']}/variants", json={"thing": flask})
        self.assertEqual(made.status_code, 201, made.data)
        new = made.json["spec"]
        self.assertEqual(new["size"], {"headroom": "4"})
        self.assertEqual((new["ease"], new["options"]), (spec["ease"], spec["options"]))
        # Measured in inches, the make in centimetres: the wording stays, its unit with it.
        self.assertAlmostEqual(read_length(new["object"]["girth"], new["unit"]).mm, 11.125 * 25.4)
        rows = {row["id"]: row for row in self.http.get("/api/projects").json["projects"]}
        self.assertEqual({row["family"] for row in rows.values()}, {project["id"]})
        third = self.http.post(f"/api/projects/{made.json['id']}/variants", json={}).json
        self.assertEqual(third["family"], project["id"])
        self.assertEqual(third["spec"], new)

    def test_a_variant_at_another_size(self):
        project = self.begin(preset="bottle")
        draft = self.http.post("/api/drafts", json=project["spec"]).json
        made = self.http.post(f"/api/projects/{project['id']}/variants", json={"scale": "half"})
        self.assertEqual(made.status_code, 201, made.data)
        self.assertEqual((made.json["family"], made.json["name"]), (project["id"], f"{project['name']}, half size"))
        self.assertNotIn("object", made.json["spec"])
        small = self.http.post("/api/drafts", json=made.json["spec"]).json
        for name in ("girth", "wall_height", "base_depth"):
            self.assertAlmostEqual(small["finished"][name], draft["finished"][name] / 2, delta=3.0, msg=name)
        self.assertEqual({seam["allowance"] for seam in small["seams"]}, {seam["allowance"] for seam in draft["seams"]})
        self.refused(self.http.post(f"/api/projects/{project['id']}/variants", json={"scale": "tiny"}), 422)

    def test_a_thing_the_form_is_not_for_is_refused(self):
        project = self.begin(preset="bottle")
        book = self.shelf("Book", {"kind": "book", "board_width": "15", "board_height": "21", "spine": "2"}, "cm")
        self.refused(self.http.post(f"/api/projects/{project['id']}/variants", json={"thing": book}), 422)
        self.refused(self.http.post(f"/api/projects/{project['id']}/variants", json={"thing": "nothing"}), 404)


class Habits(Client):
    def test_a_project_begins_with_the_maker_s_own_schools_allowance_and_ruler(self):
        habits = {**self.http.get("/api/settings").json, "allowance": "0,7", "rounding": "2 mm"}
        habits["schools"] = {"boxing": "sew-first", "lining": "reduced", "zip_ends": "plain"}
        self.assertEqual(self.http.put("/api/settings", json=habits).status_code, 200)
        for form in CATALOGUE.values():
            spec = self.begin(form=form.id)["spec"]
            self.assertEqual(spec["allowance"]["default"], "0,7")
            self.assertEqual(spec["rounding"], "2 mm")
            for option in form.options:
                if habits["schools"].get(option.id) in option.choices:
                    self.assertEqual(spec["options"].get(option.id), habits["schools"][option.id], form.id)
            self.assertNotEqual(spec["options"].get("top"), "no-such")

    def test_a_habit_that_cannot_be_drafted_is_left_out(self):
        # Kept by an older version, which took any text.
        connection = open_database(self.app.config["DATA"])
        self.addCleanup(connection.close)
        set_settings(connection, {"allowance": "as wide as a foot", "rounding": "often"})
        spec = self.begin(preset="jar")["spec"]
        self.assertEqual((spec.get("allowance", {}), spec["rounding"]), ({}, "1 mm"))


class Files(Client):
    def test_every_export_answers_with_its_kind(self):
        project = self.begin(preset="bottle")
        for name, media, begins in (
            ("pattern.pdf?paper=a3", "application/pdf", b"%PDF"),
            ("pattern.pdf?paper=a0&part=pattern", "application/pdf", b"%PDF"),
            ("pattern.pdf?paper=sheet", "application/pdf", b"%PDF"),
            ("form.glb", "model/gltf-binary", b"glTF"),
            ("form.obj", "model/obj", b""),
            ("form.stl", "model/stl", b""),
            ("cut-list.csv", "text/csv", b"what,name,value (cm),note"),
        ):
            answer = self.http.get(f"/api/projects/{project['id']}/{name}")
            self.assertEqual((answer.status_code, answer.mimetype), (200, media), name)
            self.assertTrue(answer.data.startswith(begins) and answer.data)
        self.refused(self.http.get(f"/api/projects/{project['id']}/form.exe"), 404)
        self.refused(self.http.get(f"/api/projects/{project['id']}/pattern.pdf?paper=a7"), 422)

    def test_a_cut_list_s_table_comes_back_as_what_an_audit_takes(self):
        project = self.begin(preset="bottle")
        text = self.http.get(f"/api/projects/{project['id']}/cut-list.csv").get_data(as_text=True)
        found = self.http.post("/api/cut-lists/read-table", json={"text": text}).json["cut_list"]
        told = self.http.post("/api/audits", json=found).json
        self.assertEqual(told["findings"], [])
        self.refused(self.http.post("/api/cut-lists/read-table", json={"text": "nothing"}), 422, "text")

    def test_folding_answers_for_every_form(self):
        for form in CATALOGUE:
            spec = self.begin(form=form)["spec"]
            folding = self.http.post("/api/folds", json=spec).json
            corners = sum(len(panel["flat"]) for panel in folding["panels"])
            self.assertEqual({len(stage) for stage in folding["stages"]}, {3 * corners})
            self.assertLess(max(abs(z) for z in folding["stages"][0][2::3]), 1e-6)
