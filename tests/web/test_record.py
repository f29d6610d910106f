"""The record over HTTP: timed, noted, photographed, logged, changed, brought back, learnt from and made again."""

import csv
import datetime
import io
import json
import unittest

from PIL import Image

from eggtuck.store import makes, open_database
from eggtuck.web.record_model import Learned, MakeList, MakeVersions, Sitting, Why

from .test_api import Client

EVENING = datetime.datetime(2026, 11, 20, 18, 0).timestamp()


def jpeg(color=(200, 120, 60), size=(1600, 900)):
    out = io.BytesIO()
    picture = Image.new("RGB", size, color)
    exif = picture.getexif()
    exif[0x0110] = "a camera"
    picture.save(out, "JPEG", exif=exif)
    return out.getvalue()


class InHand(Client):
    def setUp(self):
        super().setUp()
        self.time = EVENING
        self.app.config["CLOCK"] = lambda: self.time
        self.own = self.begin(preset="bottle")["id"]
        self.at = f"/api/projects/{self.own}"
        self.steps = [step["id"] for step in self.draft()["steps"]]

    def draft(self):
        return self.http.post("/api/drafts", json=self.http.get(self.at).json["spec"]).json

    def sitting(self):
        answer = self.http.get(f"{self.at}/sitting")
        Sitting.model_validate(answer.json)
        return answer.json

    def clock(self, act, step="", after=0.0):
        self.time += after * 60
        answer = self.http.post(f"{self.at}/clock", json={"act": act, "step": step})
        self.assertEqual(answer.status_code, 200, answer.data)
        return Sitting.model_validate(answer.json) and answer.json["clock"]

    def note(self, **body):
        answer = self.http.post(f"{self.at}/notes", json={"step": self.steps[2], "kind": "departure", **body})
        self.assertEqual(answer.status_code, 201, answer.data)
        return answer.json

    def log(self, status=201, **body):
        answer = self.http.post(f"{self.at}/makes", json={"made_on": "2026-11-20", **body})
        self.assertEqual(answer.status_code, status, answer.data)
        return answer.json

    def makes(self):
        answer = self.http.get(f"{self.at}/makes")
        MakeList.model_validate(answer.json)
        return answer.json["makes"]


class Timed(InHand):
    def test_a_sitting_is_timed_step_by_step_with_nothing_pressed_but_next(self):
        self.assertIsNone(self.sitting()["clock"]["running"])
        self.clock("start", self.steps[0])
        self.clock("step", self.steps[1], after=2)
        self.clock("pause", after=2.5)
        self.clock("resume", self.steps[1], after=10)
        self.clock("wait", after=0.5)
        self.clock("resume", self.steps[1], after=30)
        told = self.clock("stop", after=1)
        self.assertEqual((told["hands"], told["away"], told["wait"]), (6.0, 10.0, 30.0))
        made = self.log()
        self.assertEqual((made["minutes"], made["away"], made["waited"]), (6, 10, 30))
        self.assertEqual(
            {one["step"]: one["minutes"] for one in made["times"]}, {self.steps[0]: 2.0, self.steps[1]: 4.0}
        )
        # The next make begins with a clock of its own.
        self.assertEqual(self.sitting()["clock"]["hands"], 0.0)

    def test_a_window_that_was_closed_is_an_interruption(self):
        self.clock("start", self.steps[0])
        for _ in range(3):
            self.clock("alive", after=1)
        told = self.clock("alive", after=600)
        self.assertEqual((told["hands"], told["away"]), (3.0, 600.0))

    def test_what_runs_while_it_is_logged_counts_till_that_moment(self):
        self.clock("start", self.steps[0])
        self.time += 100
        made = self.log()
        self.assertEqual(made["times"][0]["minutes"], 1.7)
        self.assertIsNone(self.sitting()["clock"]["running"])

    def test_done_next_while_something_waits_is_work_again(self):
        """What the table sends when a step is ticked, and when others are only looked at."""
        self.clock("start", self.steps[0])
        self.clock("wait", after=1)
        self.clock("step", self.steps[1], after=10)
        told = self.clock("resume", self.steps[2], after=5)
        self.assertEqual((told["running"], told["wait"]), ("hands", 15.0))

    def test_minutes_the_maker_tells_go_before_the_clock(self):
        self.clock("start", self.steps[0])
        self.clock("stop", after=20)
        self.assertEqual(self.log(minutes=45)["minutes"], 45)

    def test_the_clock_can_be_forgotten(self):
        self.clock("start", self.steps[0])
        self.clock("stop", after=20)
        self.assertEqual(self.http.delete(f"{self.at}/clock").status_code, 204)
        self.assertEqual(self.sitting()["clock"]["hands"], 0.0)

    def test_what_is_no_step_is_refused(self):
        self.refused(self.http.post(f"{self.at}/clock", json={"act": "start", "step": "none"}), 422, "step")
        self.refused(self.http.post(f"{self.at}/clock", json={"act": "dance", "step": self.steps[0]}), 422, "act")
        self.refused(self.http.post("/api/projects/none/clock", json={"act": "start"}), 404)

    def test_coming_back_it_is_told_what_lies_ready(self):
        first = self.sitting()
        self.assertEqual(first["next"]["id"], self.steps[0])
        house = first["minutes"]
        self.http.put(f"{self.at}/progress", json={"done": self.steps[:8], "at_step": self.steps[8]})
        later = self.sitting()
        self.assertEqual(later["next"]["id"], self.steps[8])
        self.assertLess(later["minutes"], house)
        self.assertTrue(all(one["letter"] and one["text"] for one in later["ready"]))


class Noted(InHand):
    def test_notes_and_photos_of_the_way_belong_to_the_make_that_is_logged(self):
        one = self.note(text="Basted first", cause="it slid")
        photo = self.http.post(f"{self.at}/photos?step={self.steps[3]}", data=jpeg(), content_type="image/jpeg")
        self.assertEqual(photo.status_code, 201, photo.data)
        self.assertEqual([len(self.sitting()[what]) for what in ("notes", "photos")], [1, 1])
        self.assertEqual(self.sitting()["before"], [])
        made = self.log()
        # In the next make it is there to compare, at its step; in a variant too.
        variant = self.http.post(f"{self.at}/variants", json={}).json["id"]
        for at in (self.at, f"/api/projects/{variant}"):
            (last,) = self.http.get(f"{at}/sitting").json["before"]
            self.assertEqual((last["id"], last["step"], last["project"]), (photo.json["id"], self.steps[3], self.own))
        self.assertEqual(
            ([n["id"] for n in made["notes"]], [p["id"] for p in made["photos"]]), ([one["id"]], [photo.json["id"]])
        )
        self.assertEqual([self.sitting()[what] for what in ("notes", "photos")], [[], []])
        kept = self.http.get(f"{self.at}/photos/{photo.json['id']}").data
        with Image.open(io.BytesIO(kept)) as picture:
            self.assertLessEqual(max(picture.size), 900)
            self.assertEqual(dict(picture.getexif()), {})
        self.assertEqual(self.http.delete(f"{self.at}/photos/{photo.json['id']}").status_code, 204)
        self.assertEqual(self.makes()[0]["photos"], [])
        self.assertEqual(self.http.post(f"{self.at}/photos/{photo.json['id']}/restore").status_code, 204)
        self.assertEqual(len(self.makes()[0]["photos"]), 1)

    def test_a_regret_comes_back_at_its_step_in_the_next_make_and_no_sooner(self):
        self.note(kind="next-time", text="Use the spoon")
        self.assertEqual(self.sitting()["reminders"], [])
        self.log()
        other = f"/api/projects/{self.begin(preset='jar')['id']}"
        (found,) = self.http.get(f"{other}/sitting").json["reminders"]
        self.assertEqual((found["text"], found["step"]), ("Use the spoon", self.steps[2]))
        self.assertIn("20 November 2026", found["source"])
        self.http.put(f"/api/reminders/{found['id']}", json={"quiet": True})
        self.assertEqual(self.http.get(f"{other}/sitting").json["reminders"], [])
        self.http.put(f"/api/reminders/{found['id']}", json={"quiet": False})
        self.assertEqual(len(self.http.get(f"{other}/sitting").json["reminders"]), 1)
        # With its entry taken out it does not come.
        make = self.makes()[0]["id"]
        self.http.delete(f"{self.at}/makes/{make}")
        self.assertEqual(self.http.get(f"{other}/sitting").json["reminders"], [])

    def test_what_is_written_for_next_time_comes_back_at_the_beginning_or_at_its_step(self):
        self.log(next_time="Wash the linen first")
        (found,) = self.sitting()["reminders"]
        self.assertEqual((found["text"], found["step"]), ("Wash the linen first", None))
        self.log(made_on="2026-11-21", next_time="Pin it", next_step=self.steps[4])
        self.assertEqual([(r["text"], r["step"]) for r in self.sitting()["reminders"]], [("Pin it", self.steps[4])])
        # Made again it is told of the make it is made from.
        last = self.log(made_on="2026-11-22", next_time="A longer ribbon")
        again = self.http.post(f"{self.at}/again", json={"make": last["id"]}).json["id"]
        told = self.http.get(f"/api/projects/{again}/sitting").json["reminders"]
        self.assertEqual({r["text"] for r in told}, {"Pin it", "A longer ribbon"})

    def test_an_allowance_is_noted_as_a_length_and_a_choice_as_one_there_is(self):
        one = self.note(field="allowance.default", did="1,2")
        two = self.note(field="allowance.default", did="12 mm")
        self.assertEqual((one["did"], two["did"]), ("1.2 cm", "1.2 cm"))
        for field, did in (
            ("allowance.default", "wide"), ("allowance.default", "90"), ("options.marks_with", "charcoal"),
            ("options.none", "a"), ("size.height", "3"), ("options.user", "gift"),
        ):  # fmt: skip
            body = {"step": self.steps[0], "kind": "departure", "field": field, "did": did}
            self.refused(self.http.post(f"{self.at}/notes", json=body), 422, "did")

    def test_a_photo_belongs_to_a_make_of_its_own_project(self):
        made = self.log(minutes=5)
        other = f"/api/projects/{self.begin(preset='jar')['id']}"
        for at, make in ((self.at, "none"), (other, made["id"])):
            answer = self.http.post(f"{at}/photos?make={make}", data=jpeg(), content_type="image/jpeg")
            self.refused(answer, 404)
        kept = self.http.post(f"{self.at}/photos?make={made['id']}", data=jpeg(), content_type="image/jpeg")
        self.assertEqual(kept.status_code, 201, kept.data)
        self.assertEqual(len(self.makes()[0]["photos"]), 1)

    def test_empty_notes_and_half_departures_are_refused_and_notes_come_back(self):
        for body, field in (
            ({"text": " "}, "text"),
            ({"field": "options.holds"}, "did"),
            ({"text": "x", "step": "no"}, "step"),
        ):
            body = {"step": self.steps[0], "kind": "departure", **body}
            self.refused(self.http.post(f"{self.at}/notes", json=body), 422, field)
        one = self.note(text="x")
        self.assertEqual(self.http.delete(f"{self.at}/notes/{one['id']}").status_code, 204)
        self.assertEqual(self.sitting()["notes"], [])
        self.assertEqual(self.http.post(f"{self.at}/notes/{one['id']}/restore").json, one)
        self.refused(self.http.delete(f"{self.at}/notes/none"), 404)
        self.refused(self.http.post(f"{self.at}/photos", data=b"no picture", content_type="image/jpeg"), 422)


class Logged(InHand):
    def test_an_empty_entry_and_one_of_tomorrow_are_refused(self):
        body = {"made_on": "2026-11-20"}
        self.refused(self.http.post(f"{self.at}/makes", json=body), 422)
        tomorrow = (datetime.date.today() + datetime.timedelta(days=1)).isoformat()
        self.refused(self.http.post(f"{self.at}/makes", json={"made_on": tomorrow, "minutes": 5}), 422, "made_on")
        for more, field in (
            ({"trial": {"slack": "wide"}}, "trial.slack"), ({"sale": {"price": "much"}}, "sale.price"),
            ({"trial": {"goes": "somehow"}}, "trial.goes"), ({"measured": {"girth": "900"}}, "measured.girth"),
            ({"sale": {"price": "3", "sold_on": tomorrow}}, "sale.sold_on"),
        ):  # fmt: skip
            self.refused(self.http.post(f"{self.at}/makes", json={**body, **more}), 422, field)
        self.assertEqual(self.makes(), [])

    def test_an_entry_is_turned_back_whole_to_any_of_its_wordings_and_forth_again(self):
        """Everything that is written of it, whatever was changed: as often as one likes."""
        told = {
            "measured": {"girth": "28"}, "fine": {"girth": True}, "differed": "wide", "next_time": "narrower",
            "minutes": 50, "waited": 5, "away": 7, "sale": {"price": "12,50"}, "uses": [{"what": "jar", "fits": True}],
        }  # fmt: skip
        made = self.log(**told)
        at = f"{self.at}/makes/{made['id']}"
        kept = [name for name in made if name not in ("revision", "times", "tests", "sizes")]
        readings = [made]
        for nth, change in enumerate(({"minutes": 55}, {"differed": "short", "minutes": None}, {"next_time": "felt"})):
            body = {"made_on": f"2026-11-1{nth}", **change, "revision": readings[-1]["revision"]}
            changed = self.http.put(at, json=body)
            self.assertEqual(changed.status_code, 200, changed.text)
            readings.append(changed.json)
        now = readings[-1]
        for wanted in (readings[0], readings[2], readings[1], readings[0]):
            turned = self.http.post(f"{at}/versions/{wanted['revision']}", json={"revision": now["revision"]})
            self.assertEqual(turned.status_code, 200)
            self.assertEqual(turned.json["revision"], now["revision"] + 1)
            self.assertEqual([turned.json[name] for name in kept], [wanted[name] for name in kept])
            self.refused(self.http.post(f"{at}/versions/1", json={"revision": now["revision"]}), 409)
            now = turned.json
        for nowhere in ("99", "x", "-1", "\u0661", "9" * 30):
            self.refused(self.http.post(f"{at}/versions/{nowhere}", json={"revision": now["revision"]}), 404)
        other = self.http.post("/api/projects", json={"preset": "jar"}).json["id"]
        elsewhere = f"/api/projects/{other}/makes/{made['id']}/versions/1"
        self.refused(self.http.post(elsewhere, json={"revision": now["revision"]}), 404)

    def test_changed_it_keeps_how_it_read_and_taken_out_it_comes_back(self):
        made = self.log(minutes=50, differed="wide", measured={"girth": "28"}, fine={"girth": True})
        at = f"{self.at}/makes/{made['id']}"
        body = {"made_on": "2026-11-19", "minutes": 55, "differed": "too wide", "revision": made["revision"]}
        changed = self.http.put(at, json=body)
        self.assertEqual(
            (changed.status_code, changed.json["differed"], changed.json["measured"]), (200, "too wide", [])
        )
        self.refused(self.http.put(at, json=body), 409)
        versions = self.http.get(f"{at}/versions")
        MakeVersions.model_validate(versions.json)
        (before,) = versions.json["versions"]
        self.assertEqual((before["differed"], before["minutes"], before["measured"]), ("wide", 50, made["measured"]))
        same = {**body, "revision": changed.json["revision"]}
        self.assertEqual(self.http.put(at, json=same).json["revision"], changed.json["revision"])
        self.assertEqual(self.http.delete(at).status_code, 204)
        self.assertEqual((self.makes(), self.http.get(self.at).json["makes"]), ([], 0))
        self.refused(self.http.put(at, json=same), 404)
        self.assertEqual(self.http.post(f"{at}/restore").json, changed.json)

    def test_on_another_ruler_an_entry_is_still_told_and_read_on_its_own(self):
        made = self.log(measured={"girth": "28"}, trial={"slack": "1,5"})
        spec = self.http.get(self.at).json["spec"]
        turned = self.http.post("/api/specs/unit", json={"spec": spec, "unit": "in", "decimal": "."}).json["spec"]
        self.http.put(self.at, json={"revision": 1, "name": "a", "spec": turned})
        (kept,) = self.makes()
        self.assertEqual(kept["sizes"], made["sizes"])
        body = {"made_on": "2026-11-20", "revision": 1, "measured": {"girth": "28"}, "trial": {"slack": "1,5"}}
        changed = self.http.put(f"{self.at}/makes/{made['id']}", json={**body, "differed": "x"}).json
        self.assertEqual(changed["measured"][0]["mm"], 280.0)
        self.assertEqual(changed["trial"]["remarks"], made["trial"]["remarks"])

    def test_what_was_measured_is_told_in_the_language_that_is_spoken_now(self):
        made = self.log(measured={"girth": "26", "wall_height": "36"}, trial={"goes": "right"})
        self.assertIn("smaller", made["measured"][0]["remark"])
        self.http.put(
            f"{self.at}/makes/{made['id']}",
            json={"made_on": "2026-11-20", "revision": 1, "measured": {"girth": "26,2"}},
        )
        self.http.put("/api/settings", json={"language": "pt"})
        (told,) = self.makes()
        self.assertRegex(told["measured"][0]["remark"], r"^volta pronta: saiu [\d.,]+ cm menor; cada margem lateral")
        (before,) = self.http.get(f"{self.at}/makes/{made['id']}/versions").json["versions"]
        self.assertRegex(before["measured"][0]["remark"], r"^volta pronta: saiu [\d.,]+ cm menor")
        self.http.put("/api/settings", json={"language": "en"})
        self.assertIn("smaller", self.makes()[0]["measured"][0]["remark"])

    def test_a_difference_that_did_no_harm_when_it_was_written_is_still_told_so(self):
        self.http.put("/api/settings", json={"borne": {"boxed-bag girth": 30.0}})
        made = self.log(measured={"girth": "28"})
        self.assertIn("no harm", made["measured"][0]["remark"])
        self.http.put("/api/settings", json={"borne": {}})
        self.assertEqual(self.makes()[0]["measured"], made["measured"])

    def test_what_was_tried_stays_though_why_it_is_made_is_another_now(self):
        self.http.put(f"{self.at}/why", json={"wrong": ["too-hot"], "text": "It clinked"})
        made = self.log(trial={"goes": "right", "tests": {"too-hot": True, "other": False}})
        self.http.put(f"{self.at}/why", json={"wrong": ["wet"], "text": "It dripped"})
        (kept,) = self.makes()
        tried = {test["id"]: test["text"] for test in kept["tests"]}
        self.assertTrue({"too-hot", "other"} <= set(tried))
        self.assertIn("It clinked", tried["other"])
        self.assertEqual(kept["trial"], made["trial"])

    def test_the_make_stays_as_it_was_made(self):
        drafted = self.draft()
        self.http.post(f"{self.at}/cutting")
        made = self.log(minutes=50)
        self.assertTrue(made["kept"])
        project = self.http.get(self.at).json
        other = {**project["spec"], "form": "cylinder"}
        self.http.put(self.at, json={"revision": project["revision"], "name": "Other", "spec": other})
        self.http.put("/api/settings", json={"unit": "in"})
        kept = self.http.get(f"{self.at}/makes/{made['id']}/as-made")
        self.assertEqual(kept.status_code, 200)
        self.assertEqual(kept.json["draft"], drafted)
        self.assertTrue(kept.json["lay"][0]["grounds"])
        self.assertEqual(self.makes()[0]["name"], project["name"])

    def test_an_entry_older_than_all_this_is_told_changed_and_learnt_nothing_from(self):
        connection = open_database(self.app.config["DATA"])
        self.addCleanup(connection.close)
        spec = self.http.get(self.at).json["spec"]
        old = {"name": "girth", "typed": "28", "mm": 280.0, "remark": "The girth came out smaller."}
        makes.add_make(connection, self.own, {"made_on": "2025-02-03", "minutes": 40, "measured": [old]}, spec)
        (told,) = self.makes()
        self.assertEqual((told["kept"], told["sizes"], told["measured"][0]["fine"]), (False, [], None))
        self.refused(self.http.get(f"{self.at}/makes/{told['id']}/as-made"), 404)
        body = {"made_on": "2025-02-03", "minutes": 45, "measured": {"girth": "28"}, "revision": 1}
        changed = self.http.put(f"{self.at}/makes/{told['id']}", json=body)
        self.assertEqual((changed.status_code, changed.json["minutes"]), (200, 45))
        self.assertEqual(self.http.get("/api/learned").json["proposals"], [])
        self.assertEqual(self.http.get("/api/logbook").json["found"], 1)
        self.assertIn("2025-02-03", self.http.get("/api/logbook.csv").get_data(as_text=True))

    def test_what_was_written_is_only_text_in_a_table(self):
        self.log(differed='=HYPERLINK("x")', next_time="+1", uses=[{"what": "@here", "fits": True}])
        table = self.http.get("/api/logbook.csv").get_data(as_text=True)
        for cell in next(csv.reader(table.splitlines()[1:])):
            self.assertNotRegex(cell, "^[=+@-]")

    def test_made_again_it_is_the_same_but_for_what_is_changed(self):
        self.http.put(f"{self.at}/why", json={"wrong": ["wet"], "text": ""})
        spec = self.http.get(self.at).json["spec"]
        made = self.log(minutes=50)
        project = self.http.get(self.at).json
        self.http.put(
            self.at, json={"revision": project["revision"], "name": "b", "spec": {**spec, "options": {"top": "cased"}}}
        )
        again = self.http.post(f"{self.at}/again", json={"make": made["id"]})
        self.assertEqual(again.status_code, 201, again.data)
        self.assertEqual((again.json["spec"], again.json["again"], again.json["done"]), (spec, made["id"], []))
        self.assertEqual(again.json["family"], self.own)
        at = f"/api/projects/{again.json['id']}"
        self.assertEqual(self.http.get(f"{at}/why").json["wrong"], ["wet"])
        self.refused(self.http.post(f"{self.at}/again", json={"make": "none"}), 404)

    def test_what_is_tried_follows_from_why_it_was_made(self):
        before = {test["id"] for test in self.http.get(f"{self.at}/makes").json["tests"]}
        why = self.http.put(f"{self.at}/why", json={"wrong": ["too-hot"], "text": "It clinked"}).json
        Why.model_validate(why)
        tests = self.http.get(f"{self.at}/makes").json["tests"]
        self.assertEqual({test["id"] for test in tests} - before, {"too-hot", "other"})
        self.assertTrue(next(test for test in tests if test["id"] == "too-hot")["caution"])
        self.assertIn("It clinked", next(test for test in tests if test["id"] == "other")["text"])
        made = self.log(
            trial={"goes": "tight", "empty": True, "slack": "1.5", "above": "2", "tests": {"too-hot": False}}
        )
        self.assertEqual((made["trial"]["goes"], made["trial"]["tests"]), ("tight", {"too-hot": False}))
        self.assertEqual(len(made["trial"]["remarks"]), 3)

    def test_out_as_a_file_and_in_again_with_all_that_was_written(self):
        self.clock("start", self.steps[0])
        self.clock("stop", after=3)
        self.note(text="Basted", kind="next-time")
        self.log(
            measured={"girth": "28"}, fine={"girth": False}, uses=[{"what": "Oil bottle", "fits": True}],
            trial={"goes": "right", "slack": "1"}, sale={"price": "12,50", "cost": "3", "sold_on": "2026-11-20"},
        )  # fmt: skip
        file = json.loads(self.http.get(f"{self.at}/project.json").data)
        back = self.http.post("/api/projects/import", json=file)
        self.assertEqual(back.status_code, 201, back.data)
        (kept,) = self.makes()
        (read,) = self.http.get(f"/api/projects/{back.json['id']}/makes").json["makes"]
        own = {"id", "photos", "notes"}
        self.assertEqual(
            {k: v for k, v in read.items() if k not in own}, {k: v for k, v in kept.items() if k not in own}
        )
        self.assertEqual([n["text"] for n in read["notes"]], ["Basted"])
        again = json.loads(self.http.get(f"/api/projects/{back.json['id']}/project.json").data)
        self.assertEqual(again["makes"], file["makes"])
        self.assertEqual(file["makes"][0]["moved"], 0.0)
        spoilt = {**file, "makes": [{**file["makes"][0], "times": {"a": -3}}]}
        self.refused(self.http.post("/api/projects/import", json=spoilt), 422)


class Learnt(InHand):
    def learned(self):
        answer = self.http.get("/api/learned")
        Learned.model_validate(answer.json)
        return answer.json

    def answer(self, proposal, answer):
        found = self.http.post("/api/learned", json={"proposal": proposal, "answer": answer})
        self.assertEqual(found.status_code, 200, found.data)
        return found.json

    def five(self):
        girth = self.draft()["finished"]["girth"]
        for nth, off in enumerate((4.8, 5.4, 4.4, 5.0, 4.6)):
            self.log(made_on=f"2026-0{nth + 1}-10", measured={"girth": f"{girth - off} mm"}, trial={"goes": "right"})

    def test_a_habit_is_proposed_taken_over_and_used_and_taken_back(self):
        self.assertEqual(self.learned()["proposals"], [])
        self.five()
        sewn = next(one for one in self.learned()["proposals"] if one["id"] == "sewn")
        self.assertEqual(len(sewn["evidence"]), 5)
        self.assertIn("1.2 mm", sewn["text"])
        spec = self.http.get(self.at).json["spec"]
        plain = self.http.post("/api/bench", json=spec).json["guides"]
        before = self.http.post("/api/drafts", json=spec).json
        after = self.answer("sewn", "take")
        self.assertNotIn("sewn", [one["id"] for one in after["proposals"]])
        self.assertEqual([one["id"] for one in after["taken"]], ["sewn"])
        moved = self.http.post("/api/bench", json=spec).json["guides"]
        self.assertIn("You sew 1.2 mm wide", moved[0]["text"])
        # Proposals change, sums never.
        self.assertEqual(self.http.post("/api/drafts", json=spec).json, before)
        self.answer("sewn", "back")
        self.assertEqual(self.http.post("/api/bench", json=spec).json["guides"], plain)
        self.assertIn("sewn", [one["id"] for one in self.learned()["proposals"]])

    def test_an_ease_that_was_liked_is_what_the_next_one_begins_with(self):
        project = self.http.get(self.at).json
        spec = {**project["spec"], "ease": {"girth": "5 cm"}}
        self.http.put(self.at, json={"revision": project["revision"], "name": "a", "spec": spec})
        for nth in range(3):
            self.log(made_on=f"2026-0{nth + 1}-10", trial={"goes": "right"})
        (one,) = self.learned()["proposals"]
        self.answer(one["id"], "take")
        again = self.begin(preset="bottle")["spec"]
        self.assertEqual(again["ease"], {"girth": "5 cm"})
        self.answer(one["id"], "back")
        self.assertNotIn("ease", self.begin(preset="bottle")["spec"])

    def test_never_is_never_till_it_is_taken_back(self):
        self.five()
        silenced = self.answer("sewn", "never")
        self.assertNotIn("sewn", [one["id"] for one in silenced["proposals"]])
        self.assertEqual([one["id"] for one in silenced["silenced"]], ["sewn"])
        self.refused(self.http.post("/api/learned", json={"proposal": "sewn", "answer": "take"}), 404)
        self.assertIn("sewn", [one["id"] for one in self.answer("sewn", "back")["proposals"]])

    def test_a_departure_made_twice_becomes_a_habit_or_a_reminder(self):
        for nth in (1, 2):
            self.note(field="options.marks_with", did="wash-out", cause="it shows")
            self.note(text="Basted it first")
            self.log(made_on=f"2026-0{nth}-10")
        found = {one["id"].split()[1]: one for one in self.learned()["proposals"]}
        self.answer(found["options.marks_with"]["id"], "take")
        self.assertEqual(self.http.get("/api/settings").json["schools"], {"marks_with": "wash-out"})
        own = next(one for one in self.learned()["proposals"])
        self.assertEqual(self.answer(own["id"], "take")["proposals"], [])
        (found,) = self.sitting()["reminders"]
        self.assertEqual((found["text"], found["step"]), ("Basted it first", self.steps[2]))

    def test_minutes_become_the_makers_own(self):
        self.assertIn("house", self.sitting()["pace"])
        whole = self.sitting()["minutes"]
        for nth in range(4):
            self.clock("start", self.steps[0])
            for step, told in zip(self.steps[1:], self.draft()["steps"], strict=False):
                for _ in range(int(told["minutes"] * 2)):
                    self.clock("alive", after=1)
                self.clock("step", step, after=told["minutes"] * 2 % 1)
            self.clock("stop", after=2)
            self.log(made_on=f"2026-0{nth + 1}-10")
        self.assertIn("4", self.sitting()["pace"])
        self.assertTrue(1.45 * whole < self.sitting()["minutes"] < 2 * whole)
        self.assertGreater(len(self.learned()["pace"]), 1)


if __name__ == "__main__":
    unittest.main()
