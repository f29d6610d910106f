"""Parts made ahead, extras and templates over HTTP: what is taken from the pile comes back, and nothing is cut twice."""

import unittest

from eggtuck.web.beside_model import Beside
from eggtuck.web.project_model import Template

from .test_api import Client


class MadeAhead(Client):
    def carrier(self):
        """Its handle is made by itself."""
        return self.begin(preset="mug", form="mug-bag", name="Carrier")["id"]

    def beside(self, id):
        answer = self.http.get(f"/api/projects/{id}/beside")
        Beside.model_validate(answer.json)
        return answer.json

    def handle(self, told):
        return next(part for part in told["parts"] if part["first"] == "handle")

    def put_by(self, id, count):
        answer = self.http.post(f"/api/projects/{id}/beside/made", json={"first": "handle", "count": count})
        self.assertEqual(answer.status_code, 200, answer.data)
        return self.handle(answer.json)["on_pile"][0]

    def take(self, id, pile):
        return self.http.post(f"/api/projects/{id}/beside/taken", json={"first": "handle", "pile": pile})

    def cut(self, id, count):
        """How many handles lie on the cutting table."""
        table = self.http.post("/api/cuttings", json={"makes": [{"project": id, "count": count}]}).json["table"]
        laid = [piece["id"] for cloth in table["cloths"] for on in cloth["grounds"] for piece in on["laid"]]
        return sum("/handle/" in piece for piece in laid)

    def test_one_of_the_pile_is_used_and_neither_cut_nor_sewn_again(self):
        id = self.carrier()
        piled = self.put_by(id, 2)
        self.assertEqual(piled["left"], 2)
        self.assertEqual(self.put_by(id, 1)["left"], 3)
        before = self.http.get(f"/api/projects/{id}/sitting").json["minutes"]
        self.assertEqual((self.cut(id, 1), self.cut(id, 3)), (1, 3))
        told = self.take(id, piled["id"]).json
        part = self.handle(told)
        self.assertTrue(part["taken"] and part["done"])
        self.assertEqual(part["on_pile"][0]["left"], 2)
        steps = [step["id"] for step in part["steps"]]
        self.assertEqual(self.http.get(f"/api/projects/{id}").json["done"], steps)
        # Of three makes one has it already.
        self.assertEqual((self.cut(id, 1), self.cut(id, 3)), (0, 2))
        sitting = self.http.get(f"/api/projects/{id}/sitting").json
        self.assertLess(sitting["minutes"], before)
        self.assertEqual(sitting["ahead"], steps)
        plan = self.http.post("/api/batches", json={"makes": [{"project": id, "count": 2}]}).json
        planned = [task for evening in plan["evenings"] for row in evening["rows"] for task in row["tasks"]]
        self.assertEqual([task for task in planned if task.endswith(f"/{steps[0]}")], [f"{id}.1/{steps[0]}"])
        # Beginning the sewing anew does not undo what was done before.
        self.http.put(f"/api/projects/{id}/progress", json={"done": [], "at_step": None})
        self.assertEqual(self.http.get(f"/api/projects/{id}").json["done"], steps)
        # Taken twice it is taken once.
        self.refused(self.take(id, piled["id"]), 422, "pile")
        back = self.http.delete(f"/api/projects/{id}/beside/taken/handle").json
        self.assertEqual(self.handle(back)["on_pile"][0]["left"], 3)
        self.assertEqual((self.http.get(f"/api/projects/{id}").json["done"], self.cut(id, 1)), ([], 1))

    def test_it_is_used_up_with_the_make(self):
        id = self.carrier()
        piled = self.put_by(id, 2)
        self.take(id, piled["id"])
        self.http.post(f"/api/projects/{id}/makes", json={"made_on": "2026-01-02", "minutes": 30})
        told = self.handle(self.beside(id))
        self.assertEqual((told["taken"], told["on_pile"][0]["left"], self.cut(id, 1)), (False, 1, 1))

    def test_another_part_is_not_offered_and_what_no_longer_fits_is_given_back(self):
        id = self.carrier()
        piled = self.put_by(id, 1)
        self.take(id, piled["id"])
        project = self.http.get(f"/api/projects/{id}").json
        spec = {**project["spec"], "size": {**(project["spec"].get("size") or {}), "handle_width": "5 cm"}}
        self.http.put(f"/api/projects/{id}", json={"revision": 1, "name": "Carrier", "spec": spec})
        told = self.beside(id)
        self.assertEqual((told["loose"], self.handle(told)["on_pile"], self.cut(id, 1)), (["handle"], [], 1))
        # One that fits is taken all the same: the other goes back by itself.
        fits = self.put_by(id, 1)
        self.assertTrue(self.handle(self.take(id, fits["id"]).json)["taken"])
        left = {one["id"]: one["left"] for one in self.http.get("/api/pile").json["pile"]}
        self.assertEqual(left, {piled["id"]: "1", fits["id"]: "0"})
        told = self.http.delete(f"/api/projects/{id}/beside/taken/handle").json
        self.assertEqual(told["loose"], [])
        self.http.delete(f"/api/pile/{fits['id']}")
        self.refused(self.take(id, piled["id"]), 422, "pile")
        cloth = self.http.get("/api/pile").json["pile"]
        self.assertEqual([(one["what_name"], one["left"]) for one in cloth], [("part made ahead", "1")])
        self.refused(self.take(id, "none"), 404)
        empty = {**cloth[0], "left": "0"}
        kept = {name: empty[name] for name in ("name", "what", "unit", "left", "price", "note")}
        self.refused(self.http.put(f"/api/pile/{piled['id']}", json={"kind": "notion", **kept}), 422, "left")
        body = {"first": "wrap", "count": 1}
        self.refused(self.http.post(f"/api/projects/{id}/beside/made", json=body), 422, "first")
        body = {"first": "handle", "count": 0}
        self.refused(self.http.post(f"/api/projects/{id}/beside/made", json=body), 422, "count")

    def test_a_bookmark_is_made_beside_the_cover_of_a_book(self):
        cover = self.begin(preset="book", form="book-cover", name="Cover")
        self.assertEqual([extra["form"] for extra in self.beside(cover["id"])["extras"]], ["bookmark"])
        begun = self.http.post(f"/api/projects/{cover['id']}/extras", json={"form": "bookmark"}).json
        extra = self.http.get(f"/api/projects/{begun['project']}").json
        self.assertEqual(extra["spec"]["form"], "bookmark")
        for name in ("object", "unit"):
            self.assertEqual(extra["spec"][name], cover["spec"][name])
        self.assertEqual(extra["spec"]["layers"][0]["material"], cover["spec"]["layers"][0]["material"])
        plan = self.http.get(f"/api/batches/{begun['batch']}").json
        self.assertEqual([make["project"] for make in plan["makes"]], [cover["id"], begun["project"]])
        self.refused(self.http.post(f"/api/projects/{cover['id']}/extras", json={"form": "cone"}), 422, "form")
        # With a strip of its own the cover has it already: it is told how it can be made apart.
        with_own = {**cover["spec"], "options": {**cover["spec"]["options"], "page_strip": "matching"}}
        self.http.put(f"/api/projects/{cover['id']}", json={"revision": 1, "name": "Cover", "spec": with_own})
        (own,) = [part for part in self.beside(cover["id"])["parts"] if part["joins"] is None]
        self.assertIn("nothing waits for it", own["text"])

    def test_every_small_extra_can_be_begun(self):
        for form, preset in (("boxed-bag", "jar"), ("dart-bowl", "bowl"), ("mug-bag", "mug")):
            id = self.begin(preset=preset, form=form)["id"]
            for extra in self.beside(id)["extras"]:
                answer = self.http.post(f"/api/projects/{id}/extras", json={"form": extra["form"]})
                self.assertEqual(answer.status_code, 201, (form, extra, answer.data))


class OwnTemplates(Client):
    def test_a_make_is_begun_from_one_for_its_thing_or_another(self):
        first = self.begin(preset="jar", name="Cosy")
        spec = {**first["spec"], "options": {**first["spec"]["options"]}, "allowance": {"default": "1.2 cm"}}
        self.http.put(f"/api/projects/{first['id']}", json={"revision": 1, "name": "Cosy", "spec": spec})
        self.http.put(f"/api/projects/{first['id']}/why", json={"wrong": [], "text": "Slides."})
        made = self.http.post(f"/api/projects/{first['id']}/template")
        self.assertEqual(made.status_code, 201, made.data)
        jar = {"kind": "jar", "girth": "30 cm", "height": "15 cm"}
        thing = self.http.post("/api/things", json={"name": "Big jar", "unit": "cm", "object": jar, "note": ""}).json
        book = {"kind": "book", "board_width": "15 cm", "board_height": "21 cm", "spine": "2 cm"}
        self.http.post("/api/things", json={"name": "Book", "unit": "cm", "object": book, "note": ""})
        (template,) = self.http.get("/api/templates").json["templates"]
        Template.model_validate(template)
        self.assertEqual([one["name"] for one in template["things"]], ["Big jar"])
        # It lies apart from the table.
        table = self.http.get("/api/table").json
        self.assertEqual([one["id"] for one in table["projects"]], [first["id"]])
        self.assertEqual([one["id"] for one in self.http.get("/api/projects").json["projects"]], [first["id"]])
        again = self.begin(template=template["id"])
        self.assertEqual((again["spec"]["allowance"], again["spec"]["object"]), (spec["allowance"], spec["object"]))
        self.assertFalse(again["template"])
        self.assertEqual(self.http.get(f"/api/projects/{again['id']}/why").json["text"], "Slides.")
        other = self.begin(template=template["id"], thing=thing["id"])
        self.assertEqual((other["spec"]["object"]["girth"], other["spec"]["allowance"]), ("30 cm", spec["allowance"]))
        self.assertIn("Big jar", other["name"])
        # Changing the make leaves the template, and the other way round.
        changed = {**again["spec"], "allowance": {"default": "2 cm"}}
        self.http.put(f"/api/projects/{again['id']}", json={"revision": 1, "name": "Again", "spec": changed})
        kept = self.http.get(f"/api/projects/{template['id']}").json
        self.assertEqual((kept["template"], kept["spec"]["allowance"]), (True, spec["allowance"]))
        self.http.post("/api/projects/away", json={"ids": [template["id"]], "away": True})
        self.assertEqual(self.http.get("/api/templates").json["templates"], [])
        self.refused(self.http.post("/api/projects", json={"template": template["id"]}), 404)
        self.http.post("/api/projects/away", json={"ids": [template["id"]], "away": False})
        self.assertEqual(len(self.http.get("/api/templates").json["templates"]), 1)

    def test_what_was_confirmed_for_one_make_is_asked_again(self):
        first = self.begin(preset="bowl", form="dart-bowl")
        layers = [{**layer, "confirmed": True} for layer in first["spec"]["layers"]]
        spec = {**first["spec"], "layers": layers}
        self.http.put(f"/api/projects/{first['id']}", json={"revision": 1, "name": "Bowl", "spec": spec})
        template = self.http.post(f"/api/projects/{first['id']}/template").json
        begun = self.begin(template=template["id"])
        for made in (template, begun):
            self.assertFalse([layer for layer in made["spec"]["layers"] if "confirmed" in layer])


class ByOrder(Client):
    def test_the_table_is_grouped_by_what_is_due(self):
        ids = {name: self.begin(preset="jar", name=name)["id"] for name in ("plain", "late", "soon", "both")}

        def order(project, **body):
            self.http.post("/api/orders", json={"title": "Cosy", "project_id": ids[project], **body})

        order("late", due="2031-05-05", whom="Ana")
        order("soon", due="2031-01-01", together="Fair")
        order("both", due="2031-02-02", together="fair")
        order("both", whom="Bo")
        order("plain", whom="Cy", state="given", due="2030-01-01")
        shown = self.http.get("/api/table?group=order").json
        told = [(one["name"], one["order"]) for one in shown["projects"]]
        self.assertEqual(
            told,
            [
                ("both", "Fair, by 1 January 2031"),
                ("soon", "Fair, by 1 January 2031"),
                ("late", "Cosy for Ana, by 5 May 2031"),
                ("both", "Cosy for Bo"),
                ("plain", None),
            ],
        )
        self.assertEqual(shown["found"], 5)
        found = self.http.get("/api/table?group=order&words=late").json["projects"]
        self.assertEqual([one["name"] for one in found], ["late"])
        self.assertEqual({one["order"] for one in self.http.get("/api/table").json["projects"]}, {None})
        self.refused(self.http.get("/api/table?group=colour"), 422, "group")


if __name__ == "__main__":
    unittest.main()
