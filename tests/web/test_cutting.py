"""The cutting table and the pile over HTTP: moved, searched, ticked off, bought, given back, refused."""

import io
import itertools
import json
import os
import signal
import struct
import tempfile
import threading
import time
import unittest
from pathlib import Path
from unittest import mock

import shapely
from PIL import Image

from eggtuck import background
from eggtuck.background import search as searching
from eggtuck.core.cutting.closing import closing_up
from eggtuck.core.cutting.cutout import Cutout
from eggtuck.core.cutting.ground import Ground
from eggtuck.core.cutting.laying import Layout, Task, lay_out
from eggtuck.core.cutting.reading import read_spots, read_task
from eggtuck.core.cutting.writing import spots_document, task_document
from eggtuck.core.forms import CATALOGUE
from eggtuck.store import open_database
from eggtuck.store.cuttings import add_cutting, get_job, save_lay, start_job
from eggtuck.web.cutting_model import CuttingList, CuttingShown, PiledThing, PileShown

from .test_api import Client

AS_USUAL = {
    "on": [], "fold": False, "across": None, "gap": "", "repeat_up": "", "repeat_across": "",
    "cut_from": None, "sold": "length", "first": "least", "buy": True,
}  # fmt: skip
SCRAP = {"kind": "cloth", "name": "Corner", "what": "quilting-cotton", "unit": "cm", "washed": True}


class AtTheTable(Client):
    def project(self, form):
        return self.http.post("/api/projects", json={"form": form}).json["id"]

    def shown(self, answer, status=200):
        self.assertEqual(answer.status_code, status, answer.data)
        CuttingShown.model_validate(answer.json)
        for cloth in answer.json["table"]["cloths"]:
            self.assertEqual(cloth["faults"], [], cloth["key"])
        return answer.json

    def opened(self, form="boxed-bag"):
        return self.shown(self.http.post(f"/api/projects/{self.project(form)}/cutting"))

    def post(self, cutting, what, status=200, **body):
        return self.shown(self.http.post(f"/api/cuttings/{cutting['id']}/{what}", json=body), status)

    def put(self, cutting, **changes):
        body = {
            "revision": cutting["revision"], "name": cutting["name"], "settings": cutting["settings"],
            "makes": [{"project": m["project"], "count": m["count"]} for m in cutting["makes"]], **changes,
        }  # fmt: skip
        return self.http.put(f"/api/cuttings/{cutting['id']}", json=body)

    def wish(self, cutting, key, **wish):
        cloths = {**cutting["settings"]["cloths"], key: {**AS_USUAL, **wish}}
        return self.put(cutting, settings={**cutting["settings"], "cloths": cloths})

    def tick(self, cutting, line, done=True):
        return self.shown(self.http.put(f"/api/cuttings/{cutting['id']}/ticks", json={"line": line, "done": done}))

    def piled(self, **body):
        answer = self.http.post("/api/pile", json={**SCRAP, **body})
        self.assertEqual(answer.status_code, 201, answer.data)
        PiledThing.model_validate(answer.json)
        return answer.json

    def pile(self):
        answer = self.http.get("/api/pile").json
        PileShown.model_validate(answer)
        return {one["name"]: one for one in answer["pile"]}

    @staticmethod
    def laid(cutting, nth=0):
        return {one["id"]: one for ground in cutting["table"]["cloths"][nth]["grounds"] for one in ground["laid"]}


class Laying(AtTheTable):
    def test_a_letter_has_room_on_its_piece_and_a_strip_runs_up_as_it_is_told(self):
        bag = self.http.post("/api/projects", json={"form": "gusset-bag"}).json
        piped = {**bag["spec"], "parts": [{"kind": "piping", "made": "made"}]}
        body = {"name": "Piped", "spec": piped, "revision": bag["revision"]}
        self.assertEqual(self.http.put(f"/api/projects/{bag['id']}", json=body).status_code, 200)
        shown = self.shown(self.http.post(f"/api/projects/{bag['id']}/cutting"))
        laid = [one for cloth in shown["table"]["cloths"] for ground in cloth["grounds"] for one in ground["laid"]]
        slants = 0
        for one in laid:
            shape = shapely.Polygon(one["outline"])
            middle = one["x"] + one["width"] / 2, one["y"] + one["height"] / 2
            self.assertTrue(shape.buffer(1e-6).covers(shapely.Point(middle).buffer(0.45 * one["room"])), one["name"])
            # Up to the right it reaches into the corners at the lower left and the upper right of its box, and not into the others.
            left, low, right, high = shape.bounds
            rising = shapely.LineString([(left, low), (right, high)])
            falling = shapely.LineString([(left, high), (right, low)])
            along = [shape.intersection(line).length for line in (rising, falling)]
            told = 0 if "bias" not in one["note"] else 1 if along[0] > along[1] else -1
            self.assertEqual(one["slant"], told, one["name"])
            slants += one["slant"] != 0
        self.assertEqual(slants, 3)

    def test_a_makes_table_is_opened_once_and_every_form_has_one(self):
        for form in CATALOGUE:
            id = self.project(form)
            first = self.shown(self.http.post(f"/api/projects/{id}/cutting"))
            self.assertEqual(self.shown(self.http.post(f"/api/projects/{id}/cutting"))["id"], first["id"])
            self.assertTrue(first["table"]["cloths"])
            self.assertTrue(all(cloth["nowhere"] == [] for cloth in first["table"]["cloths"]))
        listed = self.http.get("/api/cuttings").json
        CuttingList.model_validate(listed)
        self.assertEqual(len(listed["cuttings"]), len(CATALOGUE))

    def test_what_is_dragged_lies_there_pinned_until_it_is_let_go(self):
        cutting = self.opened("tetra")
        key = cutting["table"]["cloths"][0]["key"]
        first = next(iter(self.laid(cutting)))
        moved = self.post(cutting, "spots", cloth=key, cutout=first, ground="new", x=400.0, y=250.0)
        one = self.laid(moved)[first]
        self.assertEqual((one["x"], one["y"], one["pinned"]), (400.0, 250.0, True))
        turned = self.post(cutting, "spots", cloth=key, cutout=first, ground="new", x=one["x"], y=one["y"], turn=True)
        self.assertNotEqual(self.laid(turned)[first]["angle"], one["angle"])
        read = self.shown(self.http.get(f"/api/cuttings/{cutting['id']}"))
        self.assertEqual(read["table"], turned["table"])
        kept = self.post(cutting, "again", cloth=key, keep=True)
        self.assertTrue(self.laid(kept)[first]["pinned"])
        loose = self.post(cutting, "unpin", cloth=key, cutout=first)
        self.assertFalse(self.laid(loose)[first]["pinned"])
        self.assertEqual(self.laid(loose)[first]["x"], self.laid(kept)[first]["x"])
        again = self.post(cutting, "again", cloth=key, keep=False)
        self.assertEqual(again["table"]["cloths"][0]["length"], cutting["table"]["cloths"][0]["length"])

    def test_settings_change_how_it_lies_and_what_is_wrong_is_told_by_its_field(self):
        cutting = self.opened("gusset-bag")
        key = cutting["table"]["cloths"][0]["key"]
        roomy = self.shown(self.wish(cutting, key, gap="2 cm"))
        for one, other in itertools.combinations(self.laid(roomy).values(), 2):
            self.assertGreater(shapely.Polygon(one["outline"]).distance(shapely.Polygon(other["outline"])), 19.8)
        folded = self.shown(self.wish(roomy, key, fold=True))
        self.assertTrue(folded["table"]["cloths"][0]["folded"])
        self.assertTrue(
            any(
                "both layers" in line
                for plan in folded["table"]["plan"]
                for one in plan["lines"]
                for line in one["how"]
            )
        )
        for field, wrong in (("gap", "wide"), ("gap", "-3"), ("repeat_up", "20 m"), ("repeat_across", "1 mm")):
            self.refused(self.wish(folded, key, **{field: wrong}), 422, f"settings.cloths.{key}.{field}")
        self.assertEqual(self.http.get(f"/api/cuttings/{cutting['id']}").json["settings"], folded["settings"])
        # From a window that is older.
        self.refused(self.put(cutting), 409)

    def test_several_makes_lie_together_and_a_make_that_is_put_away_is_left_out(self):
        ids = [self.project(form) for form in ("boxed-bag", "tetra")]
        body = {"makes": [{"project": id, "count": 2} for id in ids]}
        both = self.shown(self.http.post("/api/cuttings", json=body), 201)
        alone = [self.shown(self.http.post(f"/api/projects/{id}/cutting")) for id in ids]
        pieces = sum(
            len(self.laid(cutting, nth)) for cutting in alone for nth in range(len(cutting["table"]["cloths"]))
        )
        together = sum(len(self.laid(both, nth)) for nth in range(len(both["table"]["cloths"])))
        self.assertEqual(together, 2 * pieces)
        self.http.delete(f"/api/projects/{ids[1]}")
        left = self.shown(self.http.get(f"/api/cuttings/{both['id']}"))
        self.assertEqual([make["gone"] for make in left["makes"]], [False, True])
        self.refused(self.http.post("/api/cuttings", json={"makes": [{"project": "none"}]}), 404)
        self.refused(self.put(left, makes=[{"project": ids[0], "count": 0}]), 422)

    def test_more_than_a_table_holds_is_refused_and_nothing_kept_is_lost(self):
        ids = [self.project(form) for form in CATALOGUE]
        body = {"makes": [{"project": id, "count": 200} for id in ids]}
        began = time.monotonic()
        self.refused(self.http.post("/api/cuttings", json=body), 422, "makes")
        cutting = self.opened("tetra")
        many = [*({"project": id, "count": 200} for id in ids[:8])]
        self.refused(self.put(cutting, makes=many), 422, "makes")
        self.assertEqual(len(self.http.get(f"/api/cuttings/{cutting['id']}").json["makes"]), 1)
        self.assertLess(time.monotonic() - began, 60)

    def test_bad_bodies_and_unknown_names_are_refused(self):
        cutting = self.opened("tetra")
        key, first = cutting["table"]["cloths"][0]["key"], next(iter(self.laid(cutting)))
        path = f"/api/cuttings/{cutting['id']}"
        spot = {"cloth": key, "cutout": first, "ground": "new", "x": 0, "y": 0}
        self.refused(self.http.post(f"{path}/spots", json={**spot, "cutout": "none"}), 404)
        self.refused(self.http.post(f"{path}/spots", json={**spot, "ground": "none"}), 404)
        self.refused(self.http.post(f"{path}/spots", json={**spot, "cloth": "none"}), 404)
        self.refused(self.http.post(f"{path}/spots", json={**spot, "x": 1e9}), 422, "x")
        self.refused(self.http.post(f"{path}/search", json={"cloth": key, "seconds": 100_000}), 422, "seconds")
        self.refused(self.http.get(f"{path}/lay.exe"), 404)
        self.refused(self.http.get(f"{path}/lay.svg?kerf=wide"), 422, "kerf")
        self.refused(self.http.get("/api/cuttings/none"), 404)
        self.refused(self.put(cutting, settings={"cloths": {}, "kerf": "wide"}), 422, "settings.kerf")
        plain = self.http.get(f"{path}/lay.svg").data
        kept = self.shown(self.put(cutting, settings={"cloths": {}, "kerf": "0,2 mm"}))
        self.assertNotEqual(self.http.get(f"{path}/lay.svg").data, plain)
        self.assertEqual(self.http.get(f"{path}/lay.svg?kerf=0 mm").data, plain)
        self.assertEqual(kept["settings"]["kerf"], "0,2 mm")
        for kind, begins in (("svg", b"<?xml"), ("pdf", b"%PDF"), ("dxf", b"  0")):
            self.assertTrue(self.http.get(f"{path}/lay.{kind}?kerf=0,2 mm").data.startswith(begins))
        self.assertTrue(self.http.get(f"{path}/plan.pdf").data.startswith(b"%PDF"))
        self.assertTrue(self.http.get(f"{path}/shopping.pdf").data.startswith(b"%PDF"))
        rows = self.http.get(f"{path}/shopping.csv").data.decode().splitlines()
        self.assertEqual(len(rows), 1 + len(cutting["table"]["shopping"]))


class Searching(AtTheTable):
    def waited(self, cutting, key, state):
        for _ in range(150):
            now = self.shown(self.http.get(f"/api/cuttings/{cutting['id']}"))
            if now["searches"][key]["state"] == state:
                return now
            time.sleep(0.2)
        self.fail(f"never {state}")

    def test_a_search_ends_with_nothing_longer_and_stops_when_it_is_told_to(self):
        ids = [self.project(form) for form in ("tetra", "gusset-bag", "dart-bowl")]
        cutting = self.shown(
            self.http.post("/api/cuttings", json={"makes": [{"project": id, "count": 2} for id in ids]}), 201
        )
        cloth = max(cutting["table"]["cloths"], key=lambda one: one["length"]["mm"])
        began = self.post(cutting, "search", 202, cloth=cloth["key"], seconds=4)
        self.assertEqual(began["searches"][cloth["key"]]["state"], "running")
        done = self.waited(cutting, cloth["key"], "done")
        better = next(one for one in done["table"]["cloths"] if one["key"] == cloth["key"])
        self.assertLessEqual(better["length"]["mm"], cloth["length"]["mm"] + 0.1)
        # What was found is closed up: all of it moved together gains nothing any more.
        connection = open_database(Path(self.app.config["DATA"]))
        self.addCleanup(connection.close)
        found = get_job(connection, cutting["id"], cloth["key"])
        task, layout = read_task(found["task"]), Layout(tuple(read_spots(found["spots"])))
        closed = list(closing_up(task, layout))[-1]
        self.assertLess(layout.length(task, "new") - closed.length(task, "new"), 0.2)
        # Once more, stopped at once: what was found is kept.
        self.post(cutting, "search", 202, cloth=cloth["key"], seconds=60)
        time.sleep(1.0)
        self.post(cutting, "stop", cloth=cloth["key"])
        stopped = self.waited(cutting, cloth["key"], "stopped")
        self.assertLess(stopped["searches"][cloth["key"]]["gone"], 30)
        kept = next(one for one in stopped["table"]["cloths"] if one["key"] == cloth["key"])
        self.assertLessEqual(kept["length"]["mm"], better["length"]["mm"] + 0.1)

    def test_no_more_are_searched_for_at_once_than_there_are_hands(self):
        cutting = self.opened("gusset-bag")
        keys = [cloth["key"] for cloth in cutting["table"]["cloths"]]
        others = [self.opened("tetra") for _ in range(background.MOST_AT_ONCE)]
        for other in others:
            key = other["table"]["cloths"][0]["key"]
            self.post(other, "search", 202, cloth=key, seconds=30)
        self.refused(
            self.http.post(f"/api/cuttings/{cutting['id']}/search", json={"cloth": keys[0], "seconds": 5}), 409
        )
        for other in others:
            # Laid otherwise meanwhile the search is over by itself.
            key, first = other["table"]["cloths"][0]["key"], next(iter(self.laid(other)))
            moved = self.post(other, "spots", cloth=key, cutout=first, ground="new", x=300.0, y=100.0)
            self.assertEqual(moved["searches"], {})


class BrokenOff(unittest.TestCase):
    """What looks for a shorter lay is killed in the middle of telling it."""

    def test_a_search_whose_helper_dies_in_the_middle_of_a_sentence_ends(self):
        def breaks_off(task, pinned, lasts, tell):
            os.write(tell.fileno(), struct.pack("!i", 50_000) + b"half of it")
            os.kill(os.getpid(), signal.SIGKILL)

        shape = ((0.0, 0.0), (300.0, 0.0), (300.0, 200.0), (0.0, 200.0))
        pieces = tuple(Cutout(str(nth), "make", "piece", 0, nth, shape, 0.0, (0.0, 0.0)) for nth in range(2))
        task = Task(pieces, (Ground("new", 1000.0),))
        folder = Path(self.enterContext(tempfile.TemporaryDirectory()))
        connection = open_database(folder)
        self.addCleanup(connection.close)
        id = add_cutting(connection, "bench", [])["id"]
        stamp = save_lay(connection, id, "cloth", spots_document(lay_out(task).spots), "", {})
        start_job(connection, id, "cloth", stamp, json.dumps(task_document(task)), 600)
        with mock.patch.object(searching, "_own", breaks_off):
            done = threading.Thread(target=searching.search, args=(folder, id, "cloth"), daemon=True)
            done.start()
            done.join(60)
        self.assertFalse(done.is_alive())
        self.assertEqual(get_job(connection, id, "cloth")["state"], "done")


class Pile(AtTheTable):
    def test_what_is_laid_is_kept_for_it_what_is_cut_is_gone_and_undo_gives_it_back(self):
        roll = self.piled(name="Roll", width="110", left="100", outline=None)
        square = [[0, 0], [400, 0], [400, 400], [0, 400]]
        scrap = self.piled(outline=square, holes=[[[10, 10], [40, 10], [40, 40]]])
        cutting = self.opened("boxed-bag")
        key = cutting["table"]["cloths"][0]["key"]
        fits = {one["id"]: one["letters"] for one in cutting["table"]["cloths"][0]["fits"]}
        self.assertEqual(fits, {roll["id"]: ["A"], scrap["id"]: ["A"]})
        on = self.shown(self.wish(cutting, key, on=[scrap["id"], roll["id"]]))
        grounds = {ground["id"]: ground for ground in on["table"]["cloths"][0]["grounds"]}
        self.assertEqual(sum(len(ground["laid"]) for ground in grounds.values()), len(self.laid(cutting)))
        self.assertTrue(any(ground["laid"] for id, ground in grounds.items() if id != "new"))
        row = next(row for row in on["table"]["shopping"] if row["id"] == f"cloth {key}")
        self.assertTrue(row["enough"])
        kept = self.pile()
        used = [name for name in ("Roll", "Corner") if kept[name]["reserved"]]
        self.assertTrue(used)
        # For another it is not there any longer.
        other = self.opened("boxed-bag")
        there = self.shown(self.wish(other, key, on=[scrap["id"], roll["id"]]))
        shared = {
            ground["id"] for ground in there["table"]["cloths"][0]["grounds"] if ground["laid"] and ground["shaped"]
        }
        self.assertNotIn(scrap["id"] if kept["Corner"]["reserved"] else "none", shared)
        before = {name: one["left"] for name, one in self.pile().items()}
        cut = self.tick(on, f"cloth {key}")
        self.assertEqual(self.laid(cut), self.laid(on))
        after = self.pile()
        for name in used:
            self.assertLess(float(after[name]["left"].split()[0]), float(before[name].split()[0]))
        self.refused(self.http.post(f"/api/cuttings/{on['id']}/again", json={"cloth": key, "keep": False}), 409)
        # Ticked twice it is taken once.
        self.tick(on, f"cloth {key}")
        self.assertEqual({n: o["left"] for n, o in self.pile().items()}, {n: o["left"] for n, o in after.items()})
        back = self.tick(on, f"cloth {key}", False)
        self.assertEqual({name: one["left"] for name, one in self.pile().items()}, before)
        self.assertEqual(self.laid(back), self.laid(on))

    def test_what_another_has_taken_leaves_a_table_that_tells_so(self):
        roll = self.piled(name="Roll", width="110", left="20", outline=None, washed=True)
        first, second = self.opened("boxed-bag"), self.opened("boxed-bag")
        key = first["table"]["cloths"][0]["key"]
        self.shown(self.wish(first, key, on=[roll["id"]]))
        told = self.shown(self.wish(second, key, on=[roll["id"]], buy=False))
        cloth = next(one for one in told["table"]["cloths"] if one["key"] == key)
        self.assertTrue(cloth["nowhere"])
        self.tick(first, f"cloth {key}")
        again = self.shown(self.http.get(f"/api/cuttings/{second['id']}"))
        self.assertTrue(next(one for one in again["table"]["cloths"] if one["key"] == key)["nowhere"])

    def test_what_is_bought_in_packs_leaves_the_rest_on_the_pile_for_the_next_make(self):
        cutting = self.opened("tetra")
        zipped = next(row for row in cutting["table"]["shopping"] if row["what"].startswith("zip"))
        self.assertEqual(zipped["buy"], "1")
        told = {"what": zipped["what"], "kind": "count", "price": "3,00", "pack": "2"}
        priced = self.shown(self.http.put(f"/api/cuttings/{cutting['id']}/prices", json=told))
        row = next(row for row in priced["table"]["shopping"] if row["id"] == zipped["id"])
        self.assertEqual((row["buy"], row["cost"], row["left"]), ("2", "3.00", "1"))
        self.assertEqual(self.tick(cutting, f"bought {zipped['id']}")["table"]["shopping"], priced["table"]["shopping"])
        self.assertEqual([one["left"] for one in self.pile().values()], ["1"])
        # The next make has it.
        nxt = self.opened("tetra")
        row = next(row for row in nxt["table"]["shopping"] if row["id"] == zipped["id"])
        self.assertTrue(row["enough"])
        self.tick(nxt, f"bought {zipped['id']}")
        self.assertEqual([one["left"] for one in self.pile().values()], ["0"])
        self.tick(nxt, f"bought {zipped['id']}", False)
        self.tick(cutting, f"bought {zipped['id']}", False)
        self.assertEqual(self.pile(), {})
        wrong = {**told, "price": "cheap"}
        self.refused(self.http.put(f"/api/cuttings/{cutting['id']}/prices", json=wrong), 422, "price")

    def test_what_one_takes_is_offered_where_it_is_logged_once_everything_has_a_price(self):
        cutting = self.opened("tetra")
        project = cutting["makes"][0]["project"]
        self.assertEqual(self.http.get(f"/api/projects/{project}/cost").get_json(), {"cost": ""})
        for row in cutting["table"]["shopping"]:
            told = {"what": row["what"], "kind": row["kind"], "price": "3,00"}
            priced = self.shown(self.http.put(f"/api/cuttings/{cutting['id']}/prices", json=told))
        (cost,) = priced["table"]["costs"]
        self.assertGreater(float(cost["each"]), 0)
        self.assertEqual(self.http.get(f"/api/projects/{project}/cost").get_json(), {"cost": cost["each"]})
        self.refused(self.http.get("/api/projects/nobody/cost"), 404)

    def test_notions_are_kept_for_the_make_that_is_laid_first_until_it_is_cleared_away(self):
        told = {"kind": "notion", "name": "Zips", "what": "zip", "unit": "cm", "size": "11", "left": "1"}
        self.assertEqual(self.http.post("/api/pile", json=told).status_code, 201)

        def zipped(cutting):
            now = self.shown(self.http.get(f"/api/cuttings/{cutting['id']}"))
            return next(row for row in now["table"]["shopping"] if row["what"].startswith("zip"))

        first, second = self.opened("tetra"), self.opened("tetra")
        self.assertEqual(zipped(first)["what"], "zip:110")
        self.assertEqual([zipped(one)["enough"] for one in (first, second)], [True, False])
        self.assertEqual(self.pile()["Zips"]["reserved"], "1")
        # Taken for the first it is gone, not gone twice.
        self.tick(first, f"bought {zipped(first)['id']}")
        self.assertEqual((self.pile()["Zips"]["left"], self.pile()["Zips"]["reserved"]), ("0", ""))
        self.tick(first, f"bought {zipped(first)['id']}", False)
        self.assertEqual([zipped(one)["enough"] for one in (first, second)], [True, False])
        self.http.delete(f"/api/cuttings/{first['id']}")
        self.assertTrue(zipped(second)["enough"])

    def test_what_is_on_the_pile_is_changed_pictured_taken_off_and_put_back(self):
        one = self.piled(outline=[], width="42", left="30")
        self.assertEqual(one["outline"], [[0, 0], [420, 0], [420, 300], [0, 300]])
        body = {**SCRAP, "outline": one["outline"], "holes": [], "name": "Other corner", "price": "2"}
        changed = self.http.put(f"/api/pile/{one['id']}", json=body)
        self.assertEqual(
            (changed.status_code, changed.json["name"], changed.json["price"]), (200, "Other corner", "2.00")
        )
        photo = io.BytesIO()
        Image.new("RGB", (300, 200), "white").save(photo, "PNG")
        kept = self.http.put(
            f"/api/pile/{one['id']}/photo", data=photo.getvalue(), content_type="application/octet-stream"
        )
        self.assertTrue(kept.json["photo"])
        self.assertEqual(self.http.get(f"/api/pile/{one['id']}/photo").mimetype, "image/jpeg")
        self.assertFalse(self.http.delete(f"/api/pile/{one['id']}/photo").json["photo"])
        bad = self.http.put(f"/api/pile/{one['id']}/photo", data=b"no picture", content_type="application/octet-stream")
        self.refused(bad, 422, "photo")
        self.assertEqual(self.http.delete(f"/api/pile/{one['id']}").status_code, 204)
        self.assertEqual(self.pile(), {})
        self.assertEqual(self.http.post(f"/api/pile/{one['id']}/restore").json["id"], one["id"])

    def test_what_cannot_lie_there_is_refused_by_name(self):
        bow = [[0, 0], [100, 100], [100, 0], [0, 100]]
        for more, field in (
            ({"outline": None, "width": "0", "left": "1 m"}, "width"),
            ({"outline": bow}, "outline"),
            ({"outline": [[0, 0]] * 2000}, "outline"),
            ({"outline": [[0, 0], [1e9, 0], [0, 5]]}, "outline.1.0"),
            ({"outline": None, "width": "140", "left": "a bit"}, "left"),
            ({"kind": "notion", "what": "kettle", "left": "2"}, "what"),
            ({"name": "", "outline": [], "width": "5", "left": "5"}, "name"),
        ):
            self.refused(self.http.post("/api/pile", json={**SCRAP, **more}), 422, field)
        trace = {"unit": "cm", "ruler": [], "ruler_length": "30 cm", "outline": [[0, 0], [9, 0], [9, 9]]}
        self.refused(self.http.post("/api/pile/trace", json=trace), 422, "ruler")
        self.assertEqual(self.pile(), {})

    def test_round_things_of_the_house_are_offered_where_they_fit(self):
        cutting = self.opened("round-pouch")
        line = next(line for plan in cutting["table"]["plan"] for line in plan["lines"])
        wide = json.dumps(line)
        self.assertNotIn("Saucer", wide)
        across = max(one["width"] for one in self.laid(cutting).values() if abs(one["width"] - one["height"]) < 0.1)
        body = {"name": "Saucer", "unit": "mm", "object": {"kind": "round", "across": f"{across + 1:g}"}, "note": ""}
        self.assertEqual(self.http.post("/api/things", json=body).status_code, 201)
        self.assertIn("Saucer", json.dumps(self.http.get(f"/api/cuttings/{cutting['id']}").json["table"]["plan"]))


if __name__ == "__main__":
    unittest.main()
