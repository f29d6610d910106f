"""The file that keeps everything: migrations, transactions, and a sudden end."""

import os
import signal
import sqlite3
import subprocess
import sys
import tempfile
import threading
import unittest
from importlib import resources
from pathlib import Path

from eggtuck.core.record.clock import Span
from eggtuck.store import (
    MissingError,
    StaleError,
    makes,
    open_database,
    projects,
    settings,
    sittings,
    things,
    transaction,
)
from eggtuck.store.database import FILE
from tests.specs import cordial

SPEC, PICTURE = cordial(), '{"form": "boxed-bag"}'


class Kept(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = Path(folder.name)
        self.db = open_database(self.folder)
        self.addCleanup(self.db.close)

    def test_opening_twice_migrates_once(self):
        version = self.db.execute("PRAGMA user_version").fetchone()[0]
        self.assertGreaterEqual(version, 1)
        again = open_database(self.folder)
        self.assertEqual(again.execute("PRAGMA user_version").fetchone()[0], version)
        self.assertEqual(again.execute("PRAGMA journal_mode").fetchone()[0], "wal")
        self.assertEqual(again.execute("PRAGMA foreign_keys").fetchone()[0], 1)
        self.assertEqual(again.execute("PRAGMA synchronous").fetchone()[0], 2)
        again.close()

    def test_a_file_from_before_there_were_states_can_be_worked_on_and_undone(self):
        old = self.folder / "old"
        old.mkdir()
        with sqlite3.connect(old / FILE) as db:
            for name in ("0001_first_table.sql", "0002_photos.sql"):
                db.executescript((resources.files("eggtuck.store") / "migrations" / name).read_text())
            db.execute("INSERT INTO projects (id, name, spec, picture) VALUES ('a', 'Jar cosy', '{\"x\": 1}', '{}')")
            db.execute("PRAGMA user_version = 2")
        db.close()
        now = open_database(old)
        self.addCleanup(now.close)
        self.assertFalse(projects.get_project(now, "a")["can_undo"])
        projects.save_project(now, "a", 1, "Jar cosy", {"x": 2}, PICTURE)
        number, name, spec = projects.state_beside(now, "a", -1)
        self.assertEqual((number, name, spec), (0, "Jar cosy", {"x": 1}))
        self.assertEqual(projects.go_to_state(now, "a", 2, 0, PICTURE)["spec"], {"x": 1})
        with self.assertRaises(StaleError):
            projects.go_to_state(now, "a", 2, 1, PICTURE)
        with self.assertRaises(MissingError):
            projects.go_to_state(now, "a", 3, 7, PICTURE)

    def test_many_openers_at_once_agree(self):
        errors = []

        def opener(fresh):
            try:
                open_database(fresh).close()
            except Exception as error:
                errors.append(error)

        # They meet in the same instant only now and then.
        for nth in range(20):
            threads = [threading.Thread(target=opener, args=(self.folder / f"fresh-{nth}",)) for _ in range(16)]
            for thread in threads:
                thread.start()
            for thread in threads:
                thread.join()
        self.assertEqual(errors, [])

    def test_a_failed_transaction_leaves_nothing(self):
        with self.assertRaises(ZeroDivisionError), transaction(self.db):
            settings_before = "INSERT INTO settings VALUES ('unit', '\"in\"')"
            self.db.execute(settings_before)
            raise ZeroDivisionError
        self.assertEqual(settings.get_settings(self.db), {})

    def test_projects_are_kept_changed_and_come_back(self):
        made = projects.add_project(self.db, "Bag", SPEC, PICTURE)
        self.assertEqual((made["revision"], made["done"], made["spec"]), (1, [], SPEC))
        saved = projects.save_project(self.db, made["id"], 1, "Tote", {**SPEC, "unit": "in"}, PICTURE)
        self.assertEqual((saved["name"], saved["revision"], saved["spec"]["unit"]), ("Tote", 2, "in"))
        self.assertRaises(StaleError, projects.save_project, self.db, made["id"], 1, "Late", SPEC, PICTURE)
        self.assertEqual(projects.get_project(self.db, made["id"])["name"], "Tote")
        projects.delete_project(self.db, made["id"])
        self.assertRaises(MissingError, projects.get_project, self.db, made["id"])
        self.assertRaises(MissingError, projects.delete_project, self.db, made["id"])
        self.assertRaises(MissingError, projects.save_project, self.db, made["id"], 2, "Gone", SPEC, PICTURE)
        self.assertEqual(projects.list_projects(self.db), [])
        self.assertEqual(projects.restore_project(self.db, made["id"])["name"], "Tote")
        self.assertRaises(MissingError, projects.restore_project, self.db, "nobody")

    def test_the_latest_project_comes_first(self):
        first = projects.add_project(self.db, "One", SPEC, PICTURE)
        projects.add_project(self.db, "Two", SPEC, PICTURE)
        projects.save_project(self.db, first["id"], 1, "One again", SPEC, PICTURE)
        self.assertEqual([p["name"] for p in projects.list_projects(self.db)], ["One again", "Two"])

    def test_progress_is_replaced_not_added_to(self):
        id = projects.add_project(self.db, "Bag", SPEC, PICTURE)["id"]
        projects.set_progress(self.db, id, ["cut", "mark"], "mark")
        kept = projects.set_progress(self.db, id, ["cut"], "cut")
        self.assertEqual((kept["done"], kept["at_step"]), (["cut"], "cut"))
        self.assertEqual(projects.set_progress(self.db, id, [], None)["done"], [])
        self.assertRaises(MissingError, projects.set_progress, self.db, "nobody", [], None)

    def test_the_logbook(self):
        id = projects.add_project(self.db, "Bag", SPEC, PICTURE)["id"]
        girth = {"name": "girth", "typed": "28,8", "mm": 288, "remark": ""}
        first = {"made_on": "2026-10-03", "minutes": 55, "measured": [girth], "differed": "wide"}
        entry = makes.add_make(self.db, id, first, SPEC, times={"cut": 4.0}, record=b"all of it")
        self.assertEqual({name: entry[name] for name in first}, first)
        self.assertEqual(makes.get_record(self.db, id, entry["id"]), b"all of it")
        makes.add_make(self.db, id, {"made_on": "2026-11-01"}, SPEC)
        self.assertEqual([m["made_on"] for m in makes.list_makes(self.db, id)], ["2026-11-01", "2026-10-03"])
        self.assertEqual(projects.get_project(self.db, id)["makes"], 2)
        makes.delete_make(self.db, id, entry["id"])
        self.assertRaises(MissingError, makes.delete_make, self.db, id, entry["id"])
        self.assertEqual(projects.get_project(self.db, id)["makes"], 1)
        self.assertEqual(makes.restore_make(self.db, id, entry["id"]), entry)
        self.assertRaises(sqlite3.IntegrityError, makes.add_make, self.db, "nobody", first, SPEC)

    def test_an_entry_that_is_changed_keeps_every_reading(self):
        id = projects.add_project(self.db, "Bag", SPEC, PICTURE)["id"]
        entry = makes.add_make(self.db, id, {"made_on": "2026-10-03", "differed": "wide"}, SPEC)
        for number, text in ((1, "wider"), (2, "widest")):
            makes.save_make(self.db, id, entry["id"], number, {"differed": text})
        self.assertRaises(StaleError, makes.save_make, self.db, id, entry["id"], 2, {"differed": "no"})
        told = [(one["revision"], one["differed"]) for one in makes.list_versions(self.db, id, entry["id"])]
        self.assertEqual(told, [(2, "wider"), (1, "wide")])

    def test_spans_belong_to_the_make_in_hand_until_it_is_logged(self):
        id = projects.add_project(self.db, "Bag", SPEC, PICTURE)["id"]
        sittings.keep_spans(self.db, id, [Span("cut", "hands", 0.0, 60.0)], Span("mark", "hands", 60.0, 70.0))
        sittings.keep_spans(self.db, id, [Span("mark", "hands", 60.0, 90.0)], None)
        ended, running = sittings.list_spans(self.db, id)
        self.assertEqual(([one.step for one in ended], running), (["cut", "mark"], None))
        makes.add_make(self.db, id, {"made_on": "2026-10-03"}, SPEC)
        self.assertEqual(sittings.list_spans(self.db, id), ([], None))
        sittings.keep_spans(self.db, id, [], Span("cut", "hands", 100.0, 100.0))
        self.assertEqual(sittings.list_spans(self.db, id)[1].began, 100.0)

    def test_the_shelf(self):
        jar = {"kind": "jar", "girth": "24,8", "height": "10,5"}
        made = things.add_thing(self.db, "Honey jar", "cm", jar, "half a kilo")
        self.assertEqual(made["object"], jar)
        things.save_thing(self.db, made["id"], "Big jar", "in", jar, "")
        self.assertEqual(things.list_things(self.db)[0]["name"], "Big jar")
        things.delete_thing(self.db, made["id"])
        self.assertRaises(MissingError, things.get_thing, self.db, made["id"])
        self.assertRaises(MissingError, things.delete_thing, self.db, made["id"])
        self.assertEqual(things.restore_thing(self.db, made["id"])["name"], "Big jar")

    def test_settings_overwrite(self):
        settings.set_settings(self.db, {"unit": "cm", "paper": "a4"})
        settings.set_settings(self.db, {"unit": "in"})
        self.assertEqual(settings.get_settings(self.db), {"unit": "in", "paper": "a4"})


WRITER = """
import sys
from pathlib import Path
from eggtuck.store import open_database, projects
db = open_database(Path(sys.argv[1]))
row = projects.add_project(db, "0", {"n": 0}, "{}")
print(row["id"], flush=True)
n = 0
while True:
    n += 1
    row = projects.save_project(db, row["id"], row["revision"], str(n), {"n": n, "pad": "x" * 2000}, "{}")
    print(n, flush=True)
"""


class Killed(unittest.TestCase):
    def test_nothing_acknowledged_is_lost_when_the_process_is_killed(self):
        for wait in (3, 11, 40):
            with tempfile.TemporaryDirectory() as folder:
                child = subprocess.Popen([sys.executable, "-c", WRITER, folder], stdout=subprocess.PIPE, text=True)
                id = child.stdout.readline().strip()
                said = 0
                for _ in range(wait):
                    said = int(child.stdout.readline())
                os.kill(child.pid, signal.SIGKILL)
                rest = child.stdout.read().split()
                child.stdout.close()
                child.wait()
                said = max([said, *(int(line) for line in rest[:-1])])
                db = open_database(Path(folder))
                kept = projects.get_project(db, id)
                self.assertGreaterEqual(kept["spec"]["n"], said)
                self.assertEqual(kept["name"], str(kept["spec"]["n"]))
                self.assertEqual(db.execute("PRAGMA integrity_check").fetchone()[0], "ok")
                db.close()
                self.assertTrue((Path(folder) / FILE).exists())


if __name__ == "__main__":
    unittest.main()
