"""Orders, gifts and batches over HTTP, and their calendars as another program reads them."""

import datetime
import itertools
import time
import unittest

import vobject

from eggtuck import background
from eggtuck.store import batches, open_database
from eggtuck.web.plan_model import Batches, BatchShown, Orders, OrderShown

from .test_api import Client

TODAY = datetime.date.today()


def day(days):
    return (TODAY + datetime.timedelta(days=days)).isoformat()


class Ordered(Client):
    def order(self, **body):
        answer = self.http.post("/api/orders", json={"title": "Bag", **body})
        self.assertEqual(answer.status_code, 201, answer.data)
        OrderShown.model_validate(answer.json)
        return answer.json

    def orders(self):
        answer = self.http.get("/api/orders")
        Orders.model_validate(answer.json)
        return answer.json

    def test_the_dates_are_worked_backwards_from_the_deadline(self):
        bag = self.begin(preset="bottle")["id"]
        self.http.put("/api/settings", json={"evening": 60, "evening_days": [0, 1, 2, 3, 4, 5, 6]})
        one = self.order(project_id=bag, due=day(60), whom="Ana", count=3)
        self.assertLess(one["begin"], one["due"])
        self.assertLessEqual(one["begin"], one["cut_by"])
        self.assertFalse(one["late"])
        many = self.order(project_id=bag, due=day(60), count=30)
        self.assertLess(many["begin"], one["begin"])
        self.assertTrue(self.order(project_id=bag, due=day(1), count=30)["late"])
        # Only on one evening of the week it has to be begun sooner.
        self.http.put("/api/settings", json={"evening_days": [2]})
        rare = next(o for o in self.orders()["orders"] if o["id"] == one["id"])
        self.assertLess(rare["begin"], one["begin"])
        self.assertEqual(datetime.date.fromisoformat(rare["begin"]).weekday(), 2)
        # What is ready has no dates any more, nor has what is no make yet.
        self.assertEqual(self.order(project_id=bag, due=day(60), state="ready")["begin"], "")
        self.assertEqual(self.order(due=day(60))["begin"], "")

    def test_of_what_is_being_made_only_the_rest_counts(self):
        bag = self.begin(preset="bottle")
        self.http.put("/api/settings", json={"evening": 20})
        before = self.order(project_id=bag["id"], due=day(60), state="making")
        steps = [step["id"] for step in self.http.post("/api/drafts", json=bag["spec"]).json["steps"]]
        self.http.put(f"/api/projects/{bag['id']}/progress", json={"done": steps[:-2], "at_step": steps[-2]})
        after = next(o for o in self.orders()["orders"] if o["id"] == before["id"])
        self.assertGreater(after["begin"], before["begin"])

    def test_hundreds_of_one_thing_get_their_days_at_once(self):
        bag = self.begin(preset="bottle")["id"]
        # With every way to begin worked out this would take minutes.
        one = self.order(project_id=bag, due=day(900), count=500)
        self.assertLess(one["begin"], one["cut_by"])

    def test_sets_share_cloth_and_motif_or_it_is_told_that_they_do_not(self):
        bag, jar = (self.begin(preset=preset)["id"] for preset in ("bottle", "jar"))
        self.order(project_id=bag, together="Breakfast", cloth="Striped linen", theme="bees", count=2)
        self.order(project_id=jar, together="Breakfast", cloth="striped linen", theme="waves")
        self.order(title="Alone", together="Tea")
        (found,) = self.orders()["sets"]
        self.assertEqual(found["makes"], [{"project": bag, "count": 2}, {"project": jar, "count": 1}])
        self.assertEqual(len(found["texts"]), 3)
        self.assertIn("Striped linen", found["texts"][1])
        self.assertIn("2 different motifs", found["texts"][2])

    def test_the_calendar_is_read_by_another_program(self):
        bag = self.begin(preset="bottle")["id"]
        self.http.put("/api/settings", json={"evening": 45, "evening_at": "18:30"})
        one = self.order(project_id=bag, due=day(40), whom="Bo; the baker, next door", title="Öl\nund Essig", count=2)
        self.order(title="Given", due=day(3), state="given")
        read = vobject.readOne(self.http.get("/api/orders.ics").data.decode())
        events = read.vevent_list
        due = [event for event in events if not isinstance(event.dtstart.value, datetime.datetime)]
        self.assertEqual([event.dtstart.value.isoformat() for event in due], [one["due"]])
        self.assertIn("Bo; the baker, next door", due[0].summary.value)
        evenings = [event for event in events if event not in due]
        self.assertEqual(evenings[0].dtstart.value.date().isoformat(), one["begin"])
        self.assertTrue(all(event.dtstart.value.time() == datetime.time(18, 30) for event in evenings))
        worked = sum((event.dtend.value - event.dtstart.value).total_seconds() / 60 for event in evenings)
        self.assertLessEqual(worked, 45 * len(evenings))
        self.assertEqual(len({event.uid.value for event in events}), len(events))

    def test_put_away_it_comes_back_and_nonsense_is_refused(self):
        one = self.order(whom="Ana", due=day(5), price="12,50")
        changed = self.http.put(f"/api/orders/{one['id']}", json={"title": "Cosy", "state": "ready"})
        self.assertEqual((changed.json["title"], changed.json["whom"], changed.json["due"]), ("Cosy", "", ""))
        self.assertEqual(self.http.delete(f"/api/orders/{one['id']}").status_code, 204)
        self.assertEqual(self.orders()["orders"], [])
        self.refused(self.http.delete(f"/api/orders/{one['id']}"), 404)
        self.assertEqual(self.http.post(f"/api/orders/{one['id']}/restore").json, changed.json)
        for body, status, field in (
            ({"title": " "}, 422, "title"), ({"title": "a", "count": 0}, 422, "count"),
            ({"title": "a", "due": "soon"}, 422, "due"), ({"title": "a", "price": "much"}, 422, "price"),
            ({"title": "a", "state": "lost"}, 422, "state"), ({"title": "a", "project_id": "none"}, 404, ""),
        ):  # fmt: skip
            self.refused(self.http.post("/api/orders", json=body), status, field or None)
        # A make that was put away leaves its order without dates, not in ruins.
        bag = self.begin(preset="bottle")["id"]
        kept = self.order(project_id=bag, due=day(9))
        self.http.delete(f"/api/projects/{bag}")
        told = next(o for o in self.orders()["orders"] if o["id"] == kept["id"])
        self.assertEqual((told["project"], told["begin"]), ("", ""))


class Batched(Client):
    def setUp(self):
        super().setUp()
        self.ids = [self.begin(preset=preset)["id"] for preset in ("bottle", "jar")]

    def shown(self, answer, status=200):
        self.assertEqual(answer.status_code, status, answer.data)
        BatchShown.model_validate(answer.json)
        return answer.json

    def batch(self, counts=(2, 2)):
        makes = [{"project": id, "count": count} for id, count in zip(self.ids, counts, strict=True)]
        return self.shown(self.http.post("/api/batches", json={"name": "Market", "makes": makes}), 201)

    def change(self, batch, **settings):
        body = {
            "revision": batch["revision"], "name": batch["name"],
            "makes": [{"project": m["project"], "count": m["count"]} for m in batch["makes"]],
            "settings": {**batch["settings"], **settings},
        }  # fmt: skip
        return self.http.put(f"/api/batches/{batch['id']}", json=body)

    def tasks(self, batch):
        return [task for evening in batch["evenings"] for row in evening["rows"] for task in row["tasks"]]

    def test_everything_of_every_make_is_planned_once_in_its_order(self):
        batch = self.batch()
        wanted = []
        for id in self.ids:
            spec = self.http.get(f"/api/projects/{id}").json["spec"]
            steps = [step["id"] for step in self.http.post("/api/drafts", json=spec).json["steps"]]
            # Once the machine is set up it is for the next one alike.
            wanted += [
                [f"{id}.{copy}/{step}" for step in steps if not (copy and step == "set-up")] for copy in range(2)
            ]
        planned = self.tasks(batch)
        self.assertEqual(sorted(planned), sorted(task for chain in wanted for task in chain))
        for chain in wanted:
            self.assertEqual([task for task in planned if task in chain], chain)
        self.assertEqual({letter for e in batch["evenings"] for letter in e["finished"]}, {"A1", "A2", "B1", "B2"})
        for evening in batch["evenings"]:
            for row in evening["rows"]:
                self.assertLessEqual(row["begin"] + row["minutes"], batch["settings"]["evening"] + 1e-6)

    def test_what_is_sewn_is_told_with_its_own_needle_and_thread(self):
        """Where another make was set up since, they are told to be changed back, and nowhere else."""
        # Of one cloth everything is sewn with the same.
        alike = self.batch()
        self.assertNotIn("as for", repr(alike["evenings"]))
        cloths, told = ("linen", "leather-like-sheet", "cotton-jersey"), 0
        for forms in (("boxed-bag", "round-pouch", "mat"), ("mug-bag", "wedge", "book-cover")):
            self.ids = []
            for form, cloth in zip(forms, cloths, strict=True):
                made = self.begin(form=form)
                layers = [{"material": cloth, "role": "outer"}, {"material": "cotton-batting", "role": "padding"}]
                parts = [{"kind": "motif", "work": "paint"}, {"kind": "strap"}]
                spec = {**made["spec"], "layers": layers, "parts": parts}
                body = {"spec": spec, "revision": made["revision"], "name": form}
                self.assertEqual(self.http.put(f"/api/projects/{made['id']}", json=body).status_code, 200)
                self.ids.append(made["id"])
            for counts, evening in itertools.product(((1, 1, 1), (2, 2, 2), (2, 3, 1)), (30, 60, 75, 120)):
                batch = self.change(self.batch(counts), evening=evening).json
                letters = {make["project"]: make["letter"] for make in batch["makes"]}
                now, ready = None, set()
                for row in (row for evening in batch["evenings"] for row in evening["rows"]):
                    if row["step"] == "set-up":
                        self.assertEqual(row["place"], "machine")
                        ready.add(row["project"])
                    if row["place"] != "machine":
                        self.assertEqual(row["setting"], "")
                        continue
                    # Nothing is sewn before its make's needle was tried.
                    self.assertIn(row["project"], ready, row)
                    back = row["step"] != "set-up" and row["project"] != now
                    self.assertEqual(f"as for {letters[row['project']]}," in row["setting"], back, row)
                    now, told = row["project"], told + back
        self.assertGreater(told, 3)

    def test_rows_set_the_machine_as_their_steps_are_sewn_whatever_was_sewn_before(self):
        """Each row by itself, for other makes have come between it and the step before: in which stitch, and in whose thread."""
        self.ids, kinds, threads = [], set(), set()
        parts = {
            "boxed-bag": [{"kind": "motif", "work": "applique"}, {"kind": "border"}],
            "cylinder": [{"kind": "border", "work": "stitches"}],
            "mat": [{"kind": "motif", "work": "lace"}],
        }
        for form, carried in parts.items():
            made = self.begin(form=form)
            spec = {**made["spec"], "layers": [{"material": "linen", "role": "outer"}], "parts": carried}
            body = {"spec": spec, "revision": made["revision"], "name": form}
            self.assertEqual(self.http.put(f"/api/projects/{made['id']}", json=body).status_code, 200)
            self.ids.append(made["id"])
        specs = {id: self.http.get(f"/api/projects/{id}").json["spec"] for id in self.ids}
        steps = {
            (id, step["id"]): step
            for id, spec in specs.items()
            for step in self.http.post("/api/drafts", json=spec).json["steps"]
        }
        words = {
            "straight": r"stitch [\d.]+ mm$",
            "zigzag": r"zigzag, [\d.]+ mm long$",
            "decorative": r"decorative stitch$",
            "overcast": r"overlock, or [a-z ]*foot and a wide zigzag$",
        }
        batch = self.change(self.batch((2, 1, 2)), evening=90).json
        needle = None
        for row in (row for evening in batch["evenings"] for row in evening["rows"]):
            step = steps[row["project"], row["step"]]
            sewn = step["sewn"] or ("straight" if row["step"] == "set-up" else None)
            self.assertEqual(row["place"] == "machine", sewn is not None, row)
            if sewn is None:
                continue
            kinds.add(sewn)
            self.assertRegex(row["setting"], words[sewn])
            if step["stitch"] and sewn in ("straight", "zigzag"):
                self.assertIn(step["stitch"]["text"], row["setting"])
            own = any("thread of its colour" in line["text"] for line in step["lines"])
            own = own or any("decorative thread;" in line["text"] for line in step["lines"])
            now = (row["project"], row["step"]) if own else ()
            if needle not in (None, now) and row["step"] != "set-up":
                # All are of one cloth: what changes is a thread of its own, there and back.
                self.assertRegex(row["setting"], "its own thread" if own else "needle and thread as for")
                threads.add(bool(own))
            needle = now
        self.assertEqual((kinds, threads), (set(words), {True, False}))

    def test_shorter_evenings_are_more_of_them_on_the_days_there_is_time(self):
        batch = self.batch()
        short = self.shown(self.change(batch, evening=40, weekdays=[5, 1, 1]))
        self.assertGreater(len(short["evenings"]), len(batch["evenings"]))
        self.assertTrue(all(datetime.date.fromisoformat(e["day"]).weekday() in (1, 5) for e in short["evenings"]))
        self.refused(self.change(batch, evening=50), 409)
        self.refused(self.change(short, evening=3), 422)
        self.refused(self.change(short, weekdays=[]), 422)
        self.refused(self.change(short, at="25:00"), 422)

    def test_what_is_done_is_done_and_the_rest_is_planned_anew(self):
        batch = self.batch()
        first = batch["evenings"][0]["rows"][0]["tasks"]
        left = self.shown(self.http.put(f"/api/batches/{batch['id']}/done", json={"tasks": first, "done": True}))
        self.assertEqual(sorted(self.tasks(left) + first), sorted(self.tasks(batch)))
        self.assertEqual(sorted(left["done"][0]["tasks"]), sorted(first))
        back = self.shown(self.http.put(f"/api/batches/{batch['id']}/done", json={"tasks": first, "done": False}))
        self.assertEqual(sorted(self.tasks(back)), sorted(self.tasks(batch)))
        every = self.tasks(batch)
        over = self.shown(self.http.put(f"/api/batches/{batch['id']}/done", json={"tasks": every, "done": True}))
        self.assertEqual((over["evenings"], len(over["texts"])), ([], 1))

    def test_a_better_order_is_looked_for_in_the_background_and_kept(self):
        batch = self.batch((3, 3))
        at = f"/api/batches/{batch['id']}"
        self.shown(self.http.post(f"{at}/search", json={"seconds": 2}), 202)
        for _ in range(200):
            now = self.shown(self.http.get(at))
            if now["search"]["state"] not in ("running", "stopping"):
                break
            time.sleep(0.1)
        self.assertEqual(now["search"]["state"], "done")
        end = [e["rows"][-1]["begin"] + e["rows"][-1]["minutes"] for e in now["evenings"]]
        self.assertLessEqual(len(end), len(batch["evenings"]))
        self.assertEqual(sorted(self.tasks(now)), sorted(self.tasks(batch)))
        self.refused(self.http.post(f"{at}/search", json={"seconds": 0}), 422, "seconds")

    def test_a_search_that_was_stopped_or_overtaken_writes_nothing_more(self):
        batch = self.batch((3, 3))
        at = f"/api/batches/{batch['id']}"
        self.shown(self.http.post(f"{at}/search", json={"seconds": 60}), 202)
        self.shown(self.http.post(f"{at}/stop"))
        for _ in range(200):
            if self.http.get(at).json["search"]["state"] == "stopped":
                break
            time.sleep(0.1)
        self.assertEqual(self.http.get(at).json["search"]["state"], "stopped")
        connection = open_database(self.app.config["DATA"])
        self.addCleanup(connection.close)
        before = batches.get_batch(connection, batch["id"])
        self.assertFalse(batches.report_search(connection, batch["id"], "another", 1.0, ["x"]))
        self.assertFalse(batches.report_search(connection, batch["id"], before["stamp"], 1.0, ["x"]))
        self.assertEqual(batches.get_batch(connection, batch["id"])["sequence"], before["sequence"])
        self.assertGreaterEqual(background.MOST_AT_ONCE, 1)

    def test_its_evenings_are_a_calendar(self):
        batch = self.batch()
        read = vobject.readOne(self.http.get(f"/api/batches/{batch['id']}/calendar.ics").data.decode())
        days = [event.dtstart.value.date().isoformat() for event in read.vevent_list]
        self.assertEqual(days, [evening["day"] for evening in batch["evenings"]])
        self.assertIn("Market", read.vevent_list[0].summary.value)

    def test_what_cannot_be_planned_is_refused_and_what_was_put_away_is_left_out(self):
        one = {"project": self.ids[0], "count": 100}
        self.refused(self.http.post("/api/batches", json={"makes": []}), 422, "makes")
        self.refused(self.http.post("/api/batches", json={"makes": [one]}), 422, "makes")
        self.refused(self.http.post("/api/batches", json={"makes": [{"project": "none", "count": 1}]}), 404)
        batch = self.batch()
        self.http.delete(f"/api/projects/{self.ids[1]}")
        left = self.shown(self.http.get(f"/api/batches/{batch['id']}"))
        self.assertEqual([make["gone"] for make in left["makes"]], [False, True])
        self.assertTrue(all(task.startswith(self.ids[0]) for task in self.tasks(left)))
        listed = self.http.get("/api/batches").json
        Batches.model_validate(listed)
        self.assertEqual(len(listed["batches"]), 1)
        self.assertEqual(self.http.delete(f"/api/batches/{batch['id']}").status_code, 204)
        self.assertEqual(self.http.get("/api/batches").json["batches"], [])
        self.refused(self.http.get(f"/api/batches/{batch['id']}"), 404)


if __name__ == "__main__":
    unittest.main()
