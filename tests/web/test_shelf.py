"""The shelf against makes, over HTTP: what goes in, several things at once, and what a hostile page may try."""

import io

from PIL import Image

from eggtuck.core.forms import CATALOGUE
from eggtuck.core.objects import PRESETS
from eggtuck.web.audit_model import FitList
from eggtuck.web.catalogue_model import Catalogue
from tests.specs import cordial

from .test_api import Client

JAR = {"kind": "jar", "girth": "24,8", "height": "10,5", "base_diameter": "7,6"}
FLASK = {"kind": "bottle", "girth": "29,5", "height": "27"}
BOOK = {"kind": "book", "board_width": "14,8", "board_height": "21", "spine": "1,6"}
LANTERN = {"kind": "profile", "profile": "0; 22\n8; 30\n16; 22"}
BAG = {
    "form": "boxed-bag", "unit": "cm", "object": {**JAR, "name": "Honey jar"},
    "allowance": {"default": "1"}, "rounding": "none",
    "layers": [{"material": "linen", "role": "outer"}, {"material": "quilting-cotton", "role": "lining"}],
}  # fmt: skip


class OnTheShelf(Client):
    def put(self, name, thing, unit="cm"):
        answer = self.http.post("/api/things", json={"name": name, "unit": unit, "object": thing, "note": ""})
        self.assertEqual(answer.status_code, 201, answer.data)
        return answer.json

    def fits(self, spec):
        answer = self.http.post("/api/fits", json=spec)
        self.assertEqual(answer.status_code, 200, answer.data)
        return FitList.model_validate(answer.json).fits


class Drawer(OnTheShelf):
    def test_hardware_and_wearers_are_kept_apart_from_what_is_covered(self):
        self.put("Honey jar", JAR)
        self.put("Ring", {"kind": "ring", "inside": "1"}, "in")
        self.put("Marlen", {"kind": "wearer", "drop": "58"})
        things = {t["name"]: t for t in self.http.get("/api/things").json["things"]}
        self.assertEqual(
            {n: t["group"] for n, t in things.items()}, {"Honey jar": "cover", "Ring": "hardware", "Marlen": "wearer"}
        )
        self.assertEqual(things["Ring"]["sets"], {"parts.ring-tab.ring": "1 in", "parts.connector.ring": "1 in"})
        self.assertEqual(things["Marlen"]["written"]["drop"], "58 cm")
        self.assertEqual([fit["thing"] for fit in self.fits(BAG)], ["Honey jar"])
        begun = self.http.post("/api/projects", json={"form": "boxed-bag", "thing": things["Ring"]["id"]})
        self.assertEqual(begun.status_code, 422)

    def test_the_table_of_fits_has_a_column_for_each_make_that_things_go_into(self):
        jar, book = self.put("Honey jar", JAR), self.put("Notebook", BOOK)
        for form, thing in (("boxed-bag", jar), ("book-cover", book), ("mat", None)):
            body = {"form": form, **({"thing": thing["id"]} if thing else {})}
            self.assertEqual(self.http.post("/api/projects", json=body).status_code, 201)
        makes = self.http.get("/api/fits").json["makes"]
        self.assertEqual([set(make["fits"]) for make in makes], [{book["id"]}, {jar["id"]}])
        alone = {
            fit["thing"]: fit["verdict"]
            for fit in self.fits(self.http.get(f"/api/projects/{makes[1]['id']}").json["spec"])
        }
        self.assertEqual(alone["Honey jar"], makes[1]["fits"][jar["id"]]["verdict"])

    def test_photos_are_pictures_or_refused(self):
        thing = self.put("Honey jar", JAR)
        where = f"/api/things/{thing['id']}/photo"
        self.assertEqual(self.http.get(where).status_code, 404)
        picture = io.BytesIO()
        Image.new("RGB", (1200, 2400), (47, 106, 79)).save(picture, "JPEG")
        for data in (b"", b"GIF89a" + bytes(40), picture.getvalue()[:300], b"\x89PNG\r\n\x1a\n" + bytes(64)):
            answer = self.http.put(where, data=data, content_type="application/octet-stream")
            self.assertEqual(answer.status_code, 422)
            self.assertEqual(answer.json["errors"][0]["field"], "photo")
        noted = Image.Exif()
        noted[0x0112] = 6
        turned = io.BytesIO()
        Image.new("RGB", (1200, 2400), (47, 106, 79)).save(turned, "JPEG", exif=noted)
        for data, size in ((picture.getvalue(), (450, 900)), (turned.getvalue(), (900, 450))):
            self.assertTrue(self.http.put(where, data=data, content_type="application/octet-stream").json["photo"])
            kept = Image.open(io.BytesIO(self.http.get(where).data))
            self.assertEqual(kept.size, size)
            self.assertEqual(dict(kept.getexif()), {})
        self.assertFalse(self.http.delete(where).json["photo"])
        self.assertEqual(self.http.get(where).status_code, 404)


class Fits(OnTheShelf):
    def test_ten_things_at_a_glance(self):
        names = ["Honey jar", "Flask", "Notebook", "Lantern"]
        for name, thing in zip(names, (JAR, FLASK, BOOK, LANTERN), strict=True):
            self.put(name, thing)
        for i in range(6):
            self.put(f"Can {i}", {"kind": "can", "girth": f"{21 + i}", "height": "11"})
        fits = self.fits(BAG)
        # A notebook is nothing for this form; all others are told, the best first, each with its reason.
        self.assertEqual(
            {fit["thing"] for fit in fits}, {"Honey jar", "Flask", "Lantern", *(f"Can {i}" for i in range(6))}
        )
        rank = [("ok", "note", "warn", "stop").index(fit["verdict"]) for fit in fits]
        self.assertEqual(rank, sorted(rank))
        told = {fit["thing"]: fit for fit in fits}
        self.assertEqual(told["Flask"]["verdict"], "stop")
        for fit in fits:
            self.assertTrue(fit["checks"] and all(check["title"] and check["message"] for check in fit["checks"]))

    def test_the_unit_a_thing_was_measured_in_is_its_own(self):
        self.put("In centimetres", JAR)
        self.put("In inches", {"kind": "jar", "girth": "9 3/4", "height": "4 1/8", "base_diameter": "3"}, "in")
        self.put("In millimetres", {"kind": "jar", "girth": "248", "height": "105", "base_diameter": "76"}, "mm")
        for unit in ("cm", "in"):
            spec = self.http.post("/api/specs/unit", json={"spec": BAG, "unit": unit, "decimal": "."}).json["spec"]
            fits = {fit["thing"]: fit for fit in self.fits(spec)}
            titles = {name: [check["title"] for check in fit["checks"]] for name, fit in fits.items()}
            self.assertEqual(titles["In centimetres"], titles["In millimetres"])
            self.assertEqual(titles["In centimetres"][0], titles["In inches"][0])

    def test_layers_change_the_answer(self):
        self.put("Honey jar", JAR)
        fixed = {**BAG, "size": {"girth": "27,5"}}
        thin = self.fits(fixed)[0]
        thick = self.fits({**fixed, "layers": [*BAG["layers"], {"material": "polyester-batting", "role": "padding"}]})[
            0
        ]
        self.assertNotEqual(thin["checks"][0]["title"], thick["checks"][0]["title"])
        self.assertEqual(thick["verdict"], "stop")

    def test_an_empty_shelf_and_bad_specs(self):
        self.assertEqual(self.fits(BAG), [])
        self.refused(self.http.post("/api/fits", json={**BAG, "form": "hat"}), 422, "form")
        self.refused(self.http.post("/api/fits", json={**BAG, "size": {"girth": "wide"}}), 422, "size.girth")
        self.refused(self.http.post("/api/fits", data="[", content_type="application/json"), 400)

    def test_every_form_with_every_preset_on_the_shelf(self):
        for id, preset in PRESETS.items():
            self.put(id, {"kind": preset.kind, **{k: f"{v:g}" for k, v in preset.measures.items()}}, "mm")
        for form in CATALOGUE.values():
            with self.subTest(form.id):
                spec = self.begin(form=form.id)["spec"]
                expected = {id for id, preset in PRESETS.items() if preset.kind in form.objects}
                self.assertEqual({fit["thing"] for fit in self.fits(spec)}, expected)


class SeveralThings(OnTheShelf):
    def test_kept_with_the_project_and_read_on_another_ruler(self):
        project = self.begin(form="boxed-bag")
        also = [{**FLASK, "name": "Flask"}, {**LANTERN, "name": "Lantern"}]
        body = {"name": "Two in one", "spec": {**BAG, "also": also}, "revision": project["revision"]}
        kept = self.http.put(f"/api/projects/{project['id']}", json=body)
        self.assertEqual(kept.status_code, 200, kept.data)
        again = self.http.get(f"/api/projects/{project['id']}").json["spec"]
        self.assertEqual([thing["name"] for thing in again["also"]], ["Flask", "Lantern"])
        first = self.http.post("/api/drafts", json=again).json
        spec = self.http.post("/api/specs/unit", json={"spec": again, "unit": "in", "decimal": "."}).json["spec"]
        other = self.http.post("/api/drafts", json=spec).json
        self.assertAlmostEqual(first["finished"]["girth"], other["finished"]["girth"], delta=4)
        ids = [check["id"] for check in first["checks"] if check["id"].startswith(("fit.own", "fit.also"))]
        self.assertEqual(ids, ["fit.own", "fit.also.0", "fit.also.1"])

    def test_out_as_a_file_and_in_again(self):
        project = self.begin(form="boxed-bag")
        spec = {**BAG, "also": [{**FLASK, "name": "Flask"}]}
        spec["layers"] = [{**layer, "confirmed": True} for layer in BAG["layers"]]
        body = {"name": "Two in one", "spec": spec, "revision": project["revision"]}
        self.http.put(f"/api/projects/{project['id']}", json=body)
        file = self.http.get(f"/api/projects/{project['id']}/project.json").json
        back = self.http.post("/api/projects/import", json=file)
        self.assertEqual(back.status_code, 201, back.data)
        self.assertEqual(back.json["spec"]["also"], spec["also"])
        self.assertTrue(all(layer["confirmed"] for layer in back.json["spec"]["layers"]))

    def test_hostile_lists(self):
        for also, field in (
            ({"kind": "jar"}, "also"),
            ([JAR] * 200, "also"),
            (["jar"], "also.0"),
            ([{**JAR, "colour": "red"}], "also.0.colour"),
            ([BOOK], "also.0.kind"),
            ([{"kind": "profile", "profile": "0; 22\n" * 5000}], "also.0.profile"),
            ([{"kind": "profile", "profile": [[[]]]}], "also.0.profile"),
        ):
            with self.subTest(str(also)[:60]):
                self.refused(self.http.post("/api/drafts", json={**BAG, "also": also}), 422, field)


class Materials(Client):
    def test_each_is_described_in_words(self):
        catalogue = Catalogue.model_validate(self.http.get("/api/catalogue?unit=in").json)
        self.assertGreater(len(catalogue.materials), 25)
        for material in catalogue.materials:
            self.assertGreaterEqual(len(material.facts), 2, material.id)
            self.assertTrue(all(fact and "{" not in fact for fact in material.facts))

    def test_a_refused_claim_waits_for_the_reader_before_it_is_printed(self):
        bowl = {"kind": "bowl", "rim_diameter": "18,5", "base_diameter": "9", "depth": "7,5"}
        project = self.begin(form="dart-bowl")
        layers = [{"material": "linen", "role": "outer"}, {"material": "polyester-batting", "role": "padding"}]
        spec = {"form": "dart-bowl", "unit": "cm", "object": bowl, "layers": layers, "options": {"use": "microwave"}}
        body = {"name": "Bowl cosy", "spec": spec, "revision": project["revision"]}
        kept = self.http.put(f"/api/projects/{project['id']}", json=body)
        self.assertEqual(kept.status_code, 200, kept.data)
        self.refused(self.http.get(f"/api/projects/{project['id']}/pattern.pdf"), 409)

    def test_confirmed_is_yes_or_no(self):
        layers = [{"material": "linen", "role": "outer", "confirmed": "yes"}]
        self.refused(self.http.post("/api/drafts", json=cordial(layers=layers)), 422, "layers.0.confirmed")
