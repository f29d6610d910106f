"""Nothing is lost: copies, files that are damaged, foreign or newer, a full disk, one that is only read, everything saved and brought back."""

import gzip
import io
import json
import os
import shutil
import sqlite3
import subprocess
import sys
import tempfile
import threading
import time
import unittest
import zipfile
from pathlib import Path

from eggtuck.demo import add_demo
from eggtuck.files.archive import ArchiveError
from eggtuck.store import GoneError, MissingError, open_database, prepare, projects, things, transaction
from eggtuck.store.away import bring_one_back, list_away
from eggtuck.store.copies import KEPT, list_copies, make_copy
from eggtuck.store.database import FILE, newest_tables
from eggtuck.store.errors import NewerError
from eggtuck.store.looked_over import look_over, was_set_aside
from eggtuck.store.whole import trees
from eggtuck.web import create_app
from eggtuck.web.whole import bring_back, save_everything
from tests.specs import cordial

OLD = Path(__file__).parent / "kept"


class Folder(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = Path(folder.name) / "data"

    def opened(self, folder=None, **how):
        db = open_database(folder or self.folder, **how)
        self.addCleanup(db.close)
        return db

    def kept(self, count=3):
        """A folder with so many projects, closed again."""
        db = open_database(self.folder)
        for nth in range(count):
            projects.add_project(db, f"Bag {nth}", cordial(), "{}")
        db.close()


class Copies(Folder):
    def test_a_copy_is_whole_while_others_write(self):
        self.kept(1)
        db = self.opened()
        stop = threading.Event()
        acknowledged = []

        def write():
            own = open_database(self.folder)
            while not stop.is_set():
                acknowledged.append(projects.add_project(own, "Bag", cordial(), "{}")["id"])
            own.close()

        writer = threading.Thread(target=write)
        writer.start()
        found = []
        try:
            for nth in range(12):
                before = set(acknowledged)
                copy = make_copy(db, self.folder, "2031-01-01", f"try-{nth}")
                found.append((before, copy))
        finally:
            stop.set()
            writer.join()
        for before, copy in found:
            if not copy.path.exists():
                continue
            with sqlite3.connect(copy.path) as there:
                self.assertEqual(there.execute("PRAGMA integrity_check").fetchone()[0], "ok")
                # All that had been acknowledged when it was begun is in it.
                self.assertLessEqual(before, {row[0] for row in there.execute("SELECT id FROM projects")})
            there.close()

    def test_one_a_day_and_the_newest_are_kept(self):
        self.kept()
        db = self.opened()
        for day in range(1, 31):
            made = make_copy(db, self.folder, f"2031-01-{day:02}")
            os.utime(made.path, (day * 1000, day * 1000))
            self.assertIsNone(make_copy(db, self.folder, f"2031-01-{day:02}"))
        names = [copy.day for copy in list_copies(self.folder)]
        self.assertEqual(names, [f"2031-01-{day:02}" for day in range(30, 30 - KEPT, -1)])
        self.assertEqual({path.stat().st_mode & 0o777 for path in (self.folder / "copies").iterdir()}, {0o600})
        # However often a copy is asked for, none of a day is pushed out.
        for nth in range(KEPT + 3):
            make_copy(db, self.folder, "2031-02-01", f"asked-{nth}")
        copies = list_copies(self.folder)
        self.assertEqual((sum(not one.before for one in copies), len(copies)), (KEPT, 2 * KEPT))
        for one in copies:
            if one.before:
                one.path.unlink()
        # Nothing that was begun is left lying about.
        self.assertEqual(len(list((self.folder / "copies").iterdir())), KEPT)

    def test_the_first_request_of_an_hour_makes_the_copy_of_the_day_where_it_is_told_to(self):
        app = create_app(self.folder)
        http = app.test_client()
        http.post("/api/projects", json={"preset": "jar"})
        self.assertEqual(list_copies(self.folder), [])
        app.config["COPIES"] = True
        http.get("/api/projects")
        end = time.monotonic() + 30
        while not list_copies(self.folder) and time.monotonic() < end:
            time.sleep(0.02)
        (copy,) = list_copies(self.folder)
        self.assertEqual((copy.day, copy.before), (time.strftime("%Y-%m-%d"), ""))

    def test_before_its_tables_change_a_copy_of_the_file_is_made(self):
        self.folder.mkdir()
        (self.folder / FILE).write_bytes(gzip.decompress((OLD / "schema-3.sqlite3.gz").read_bytes()))
        before = (self.folder / FILE).read_bytes()
        self.opened()
        (copy,) = list_copies(self.folder)
        self.assertEqual(copy.before, f"tables-{newest_tables()}")
        with sqlite3.connect(copy.path) as there:
            self.assertEqual(there.execute("PRAGMA user_version").fetchone()[0], 3)
        there.close()
        (self.folder / FILE).write_bytes(before)


class Recognised(Folder):
    def spoilt(self, how):
        self.kept(40)
        path = self.folder / FILE
        data = bytearray(path.read_bytes())
        if how == "cut":
            data = data[: len(data) // 2]
        elif how == "scribbled":
            for at in range(len(data) // 4, len(data) * 3 // 4):
                data[at] = 0x5A
        elif how == "foreign":
            data = bytearray(b"Dear diary, " * 1000)
        elif how == "other":
            path.unlink()
            with sqlite3.connect(path) as other:
                other.execute("CREATE TABLE recipes (name)")
            other.close()
            return
        path.write_bytes(bytes(data))

    def test_what_cannot_be_used_is_set_aside_by_name_and_the_rest_goes_on(self):
        for how, why in (("cut", "damaged"), ("scribbled", "damaged"), ("foreign", "foreign"), ("other", "foreign")):
            with self.subTest(how=how):
                shutil.rmtree(self.folder, ignore_errors=True)
                self.spoilt(how)
                before = (self.folder / FILE).read_bytes()
                name = prepare(self.folder)
                self.assertIn(f".{why}-", name)
                self.assertEqual((self.folder / name).read_bytes(), before)
                self.assertEqual(was_set_aside(self.folder), {"name": name, "why": why})
                self.assertEqual(projects.list_projects(self.opened()), [])
        # One after the other is set aside by another name.
        (self.folder / FILE).unlink()
        (self.folder / FILE).write_bytes(b"once more, what is none of ours")
        self.assertNotEqual(prepare(self.folder), name)

    def test_what_is_whole_stays_where_it_is(self):
        self.kept(2)
        self.assertEqual(look_over(self.folder / FILE, newest_tables()), "whole")
        self.assertIsNone(prepare(self.folder))
        self.assertEqual(len(projects.list_projects(self.opened())), 2)
        self.assertEqual(look_over(self.folder / "nothing", 1), "none")

    def test_a_newer_file_is_refused_and_not_written_to(self):
        self.kept()
        path = self.folder / FILE
        with sqlite3.connect(path) as db:
            db.execute("PRAGMA journal_mode = DELETE")
            db.execute(f"PRAGMA user_version = {newest_tables() + 1}")
        db.close()
        before = path.read_bytes()
        for opening in (
            lambda: prepare(self.folder),
            lambda: open_database(self.folder),
            lambda: create_app(self.folder),
        ):
            with self.assertRaises(NewerError):
                opening()
        with sqlite3.connect(path) as db:
            self.assertEqual(db.execute("PRAGMA user_version").fetchone()[0], newest_tables() + 1)
        db.close()
        # Only SQLite's own note of how its log is kept may differ.
        self.assertEqual(path.read_bytes()[100:], before[100:])
        told = subprocess.run(
            [sys.executable, "-m", "eggtuck.cli", "serve", "--data", str(self.folder), "--port", "8999"],
            capture_output=True,
            text=True,
            check=False,
        )
        self.assertEqual(told.returncode, 2)
        self.assertIn("newer Egg Tuck", told.stderr)
        self.assertNotIn("Traceback", told.stderr)

    def test_its_owner_alone_reads_it(self):
        old = os.umask(0o022)
        self.addCleanup(os.umask, old)
        self.folder.mkdir(mode=0o755)
        self.kept()
        (self.folder / FILE).chmod(0o644)
        prepare(self.folder)
        db = self.opened()
        projects.add_project(db, "Bag", cordial(), "{}")
        self.assertEqual(self.folder.stat().st_mode & 0o777, 0o700)
        for path in self.folder.glob(f"{FILE}*"):
            self.assertEqual(path.stat().st_mode & 0o777, 0o600, path.name)


class EverySchema(Folder):
    def test_real_files_of_every_version_are_brought_up_to_date_and_work(self):
        self.assertEqual(len(list(OLD.glob("*.gz"))), newest_tables() - 1)
        for path in sorted(OLD.glob("*.gz")):
            with self.subTest(file=path.name):
                folder = self.folder / path.name.split(".")[0]
                folder.mkdir(parents=True)
                (folder / FILE).write_bytes(gzip.decompress(path.read_bytes()))
                http = create_app(folder).test_client()
                made = http.get("/api/projects").json["projects"]
                self.assertEqual(len(made), 4)
                for one in made:
                    at = f"/api/projects/{one['id']}"
                    project = http.get(at).json
                    changed = {"revision": project["revision"], "name": "Other", "spec": project["spec"]}
                    saved = http.put(at, json=changed)
                    self.assertEqual(saved.status_code, 200, saved.data[:200])
                    back = http.post(f"{at}/undo", json={"revision": saved.json["revision"]}).json
                    self.assertEqual(back["name"], project["name"])
                    for page in ("makes", "sitting", "beside", "why", "project.json"):
                        self.assertEqual(http.get(f"{at}/{page}").status_code, 200, page)
                for page in (
                    "things",
                    "pile",
                    "orders",
                    "batches",
                    "cuttings",
                    "logbook",
                    "learned",
                    "settings",
                    "table",
                ):
                    self.assertEqual(http.get(f"/api/{page}").status_code, 200, page)
                self.assertEqual(
                    sum(len(http.get(f"/api/projects/{one['id']}/makes").json["makes"]) for one in made) > 1, True
                )


class Trouble(Folder):
    def http(self):
        self.app = create_app(self.folder)
        return self.app.test_client()

    def test_a_full_disk_is_told_and_what_is_kept_is_read(self):
        http = self.http()
        id = http.post("/api/projects", json={"preset": "jar"}).json["id"]
        project = http.get(f"/api/projects/{id}").json
        with self.app.app_context():
            from eggtuck.web.connection import database

            with self.app.test_request_context():
                db = database()
                db.execute(f"PRAGMA max_page_count = {db.execute('PRAGMA page_count').fetchone()[0]}")
        long = {"revision": project["revision"], "name": "x" * 120, "spec": project["spec"]}
        refused = [http.post("/api/things", json={**THING, "note": "y" * 3900}) for _ in range(30)][-1]
        self.assertEqual(refused.status_code, 507)
        self.assertIn("room", refused.json["detail"])
        self.assertEqual(http.get(f"/api/projects/{id}").json["spec"], project["spec"])
        self.assertEqual(http.get("/api/projects").status_code, 200)
        with self.app.test_request_context():
            database().execute("PRAGMA max_page_count = 100000")
        self.assertEqual(http.put(f"/api/projects/{id}", json=long).status_code, 200)

    def test_a_folder_that_vanishes_is_told_and_found_again(self):
        http = self.http()
        http.post("/api/projects", json={"preset": "jar"})
        away = self.folder.with_name("elsewhere")
        self.folder.rename(away)
        for answer in (http.get("/api/projects"), http.post("/api/projects", json={"preset": "jar"})):
            self.assertEqual(answer.status_code, 503)
            self.assertIn("not there any more", answer.json["detail"])
        self.assertFalse(self.folder.exists())
        away.rename(self.folder)
        self.assertEqual(len(http.get("/api/projects").json["projects"]), 1)
        with self.assertRaises(GoneError):
            open_database(self.folder / "nowhere", create=False)

    def test_another_file_in_its_place_is_read_not_the_old_one(self):
        http = self.http()
        http.post("/api/projects", json={"preset": "jar"})
        other = self.folder.with_name("other")
        open_database(other).close()
        for end in ("-wal", "-shm"):
            (self.folder / f"{FILE}{end}").unlink(missing_ok=True)
        (other / FILE).replace(self.folder / FILE)
        self.assertEqual(http.get("/api/projects").json["projects"], [])

    def test_where_nothing_can_be_written_everything_can_be_read(self):
        self.kept(2)
        script = (
            "import os, sys, tempfile; from pathlib import Path; from eggtuck.web import create_app\n"
            # All that is read late is read while it can be.
            "warm = create_app(Path(tempfile.mkdtemp())).test_client()\n"
            "warm.post('/api/things', json={'name': 'Jar', 'unit': 'cm', 'object': {'kind': 'jar', 'girth': '24', "
            "'height': '9'}, 'note': ''}); warm.get('/api/projects'); warm.get('/api/none')\n"
            "if os.environ['DROP']: os.setgid(65534); os.setuid(65534)\n"
            "http = create_app(Path(sys.argv[1])).test_client()\n"
            "read, written = http.get('/api/projects'), http.post('/api/things', json={'name': 'Jar', 'unit': 'cm', "
            "'object': {'kind': 'jar', 'girth': '24', 'height': '9'}, 'note': ''})\n"
            "print(len(read.json['projects']), written.status_code, written.json['detail'])"
        )
        nobody = 65534
        outside = self.folder.parent
        root = os.geteuid() == 0
        for path in (*self.folder.iterdir(), self.folder, outside):
            path.chmod(0o555 if path.is_dir() else 0o444)
            if root and path != outside:
                os.chown(path, nobody, nobody)
        self.addCleanup(outside.chmod, 0o755)
        self.addCleanup(self.folder.chmod, 0o755)
        # Its owner may not write either; that it is given back to its owner alone is of no use here.
        told = subprocess.run(
            [sys.executable, "-c", script, str(self.folder)],
            capture_output=True,
            text=True,
            check=False,
            cwd=Path(__file__).parents[2],
            env={**os.environ, "DROP": "1" if root else ""},
        )
        self.assertEqual(told.stdout.split(" ", 2)[:2], ["2", "503"], told.stderr[-600:])
        self.assertIn("Nothing can be written", told.stdout)

    def test_one_row_that_no_longer_reads_hides_no_other(self):
        http = self.http()
        add_demo(self.app)
        db = self.opened()
        db.execute("PRAGMA ignore_check_constraints = ON")
        pages = (
            "projects",
            "table",
            "table?group=order",
            "templates",
            "things",
            "pile",
            "orders",
            "batches",
            "cuttings",
        )
        pages = (*pages, "logbook", "learned", "fits", "away")
        whole = {page: http.get(f"/api/{page}").status_code for page in pages}
        for table, column in (("projects", "spec"), ("projects", "picture"), ("things", "object"), ("pile", "outline"),
                              ("orders", "due"), ("batches", "makes"), ("cuttings", "makes"), ("makes", "facts"),
                              ("makes", "trial"), ("settings", "value")):  # fmt: skip
            rowid, before = (
                db.execute(f"SELECT rowid, {column} FROM {table} LIMIT 1").fetchone() if table != "settings" else (0, 0)
            )
            where = "name = 'unit'" if table == "settings" else f"rowid = {rowid}"
            if table == "settings":
                before = db.execute(f"SELECT {column} FROM {table} WHERE {where}").fetchone()[0]
            for value in ("{}", "[]", "7"):
                db.execute(f"UPDATE {table} SET {column} = ? WHERE {where}", (value,))
                for page, status in whole.items():
                    with self.subTest(table=table, column=column, value=value, page=page):
                        self.assertEqual((status, http.get(f"/api/{page}").status_code), (200, 200))
            db.execute(f"UPDATE {table} SET {column} = ? WHERE {where}", (before,))


THING = {"name": "Jar", "unit": "cm", "object": {"kind": "jar", "girth": "24", "height": "9"}, "note": ""}


class Everything(Folder):
    def setUp(self):
        super().setUp()
        self.app = create_app(self.folder)
        add_demo(self.app)
        self.http = self.app.test_client()

    def all_of(self, folder):
        db = open_database(folder)
        try:
            return {
                (tree.table, json.dumps(tree.row, sort_keys=True, default=repr)): {
                    name: sorted(json.dumps(row, sort_keys=True, default=repr) for row in rows)
                    for name, rows in tree.parts.items()
                }
                for tree in trees(db)
            }
        finally:
            db.close()

    def saved(self):
        out = io.BytesIO()
        save_everything(self.folder, out)
        out.seek(0)
        return out

    def plain(self, folder):
        """All of it, however its JSON is written."""
        return json.loads(
            json.dumps(sorted((repr(key), value) for key, value in self.all_of(folder).items())).replace(" ", "")
        )

    def test_what_is_saved_comes_back_whole_and_not_twice(self):
        # Something of every kind: put away, photographed, timed.
        jar = self.http.post("/api/things", json=THING).json["id"]
        picture = io.BytesIO()
        from PIL import Image

        Image.new("RGB", (40, 30), "red").save(picture, "PNG")
        self.http.put(f"/api/things/{jar}/photo", data=picture.getvalue(), content_type="application/octet-stream")
        id = self.http.get("/api/projects").json["projects"][0]["id"]
        self.http.post(f"/api/projects/{id}/clock", json={"act": "start", "step": "cut"})
        self.http.delete(f"/api/projects/{id}")
        archive = self.saved()
        with zipfile.ZipFile(archive) as opened:
            self.assertTrue(all(name.endswith((".json", ".jpg")) for name in opened.namelist()))
            self.assertTrue(any("Honey jar cosy" in name for name in opened.namelist()))
        other = self.folder.with_name("other")
        brought = bring_back(other, archive, "leave")
        self.assertEqual((brought.unread, brought.same, brought.left), ([], 0, 0))
        self.assertEqual(self.plain(other), self.plain(self.folder))
        archive.seek(0)
        again = bring_back(other, archive, "replace")
        self.assertEqual((again.added, again.replaced, again.same), (0, 0, brought.added))
        self.assertEqual(self.plain(other), self.plain(self.folder))

    def test_what_is_other_is_left_replaced_or_kept_beside(self):
        archive = self.saved()
        made = self.http.get("/api/projects").json["projects"]
        id = made[0]["id"]
        project = self.http.get(f"/api/projects/{id}").json
        body = {"revision": project["revision"], "name": "Changed since", "spec": project["spec"]}
        self.http.put(f"/api/projects/{id}", json=body)
        whole = self.all_of(self.folder)
        for meeting, names in (
            ("leave", ["Changed since"]),
            ("both", ["Changed since", project["name"]]),
            ("replace", [project["name"]]),
        ):
            with self.subTest(meeting=meeting):
                answer = self.http.post(
                    f"/api/everything?meeting={meeting}",
                    data=archive.getvalue(),
                    content_type="application/octet-stream",
                )
                self.assertEqual(answer.status_code, 200, answer.data)
                self.assertIn(project["name"], answer.json["others"])
                now = [one["name"] for one in self.http.get("/api/projects").json["projects"]]
                self.assertEqual(sorted(now), sorted([*names, *(one["name"] for one in made[1:])]))
                if meeting == "leave":
                    self.assertEqual(self.all_of(self.folder), whole)
                if meeting == "both":
                    twin = next(one["id"] for one in self.http.get("/api/projects").json["projects"]
                                if one["name"] == project["name"])  # fmt: skip
                    self.assertEqual(self.http.get(f"/api/projects/{twin}").json["spec"], project["spec"])
                    log = [len(self.http.get(f"/api/projects/{one}/makes").json["makes"]) for one in (id, twin)]
                    self.assertEqual(log[0], log[1])
                    self.http.delete(f"/api/projects/{twin}")
                    with open_database(self.folder) as db:
                        db.execute("DELETE FROM projects WHERE id = ?", (twin,))
                    db.close()
        # Each time a copy was made before.
        self.assertEqual(len([copy for copy in list_copies(self.folder) if "bringing" in copy.before]) >= 1, True)

    def test_a_copy_of_an_older_egg_tuck_is_brought_back(self):
        for version in (1, 3, 5):
            file = io.BytesIO(gzip.decompress((OLD / f"schema-{version}.sqlite3.gz").read_bytes()))
            brought = bring_back(self.folder.with_name(f"from-{version}"), file, "leave")
            self.assertEqual(brought.unread, [])
            self.assertGreater(brought.added, 4)
            db = self.opened(self.folder.with_name(f"from-{version}"))
            self.assertEqual(len(projects.list_projects(db)), 4)

    def test_what_cannot_be_read_is_told_and_nothing_half_is_brought_in(self):
        good = self.saved().getvalue()

        def changed(change):
            out = io.BytesIO()
            with zipfile.ZipFile(io.BytesIO(good)) as old, zipfile.ZipFile(out, "w") as new:
                for name in old.namelist():
                    told = change(name, old.read(name))
                    if told is not None:
                        new.writestr(name, told)
            out.seek(0)
            return out

        fresh = self.folder.with_name("fresh")
        for file, said in (
            (io.BytesIO(b"nothing"), "neither an archive"),
            (io.BytesIO(good[:-400]), "neither an archive"),
            (changed(lambda name, data: None if name == "egg-tuck.json" else data), "neither an archive"),
            (changed(lambda name, data: data.replace(b'"tables": ', b'"tables": 9') if name == "egg-tuck.json" else data),
             "newer"),
            (changed(lambda name, data: b"{" if "Tea carton" in name and name.startswith("projects") else data), "Tea carton"),
        ):  # fmt: skip
            with self.assertRaises(ArchiveError) as caught:
                bring_back(fresh, file, "leave")
            from eggtuck.core.lengths import Ruler
            from eggtuck.core.words import Speaker

            self.assertIn(said, Speaker(Ruler()).say(caught.exception.message))
            self.assertEqual(projects.list_projects(self.opened(fresh)), [])

        def of_another_form(name, data):
            if not (name.startswith("projects/") and "Tea carton" in name):
                return data
            told = json.loads(data)
            told["row"]["spec"]["form"] = "hat"
            return json.dumps(told)

        brought = bring_back(fresh, changed(of_another_form), "leave")
        self.assertEqual(brought.unread, ["Tea carton tote"])

        def wrong_kind(name, data):
            if not name.startswith("orders/00001"):
                return data
            told = json.loads(data)
            told["row"]["count"] = "many"
            return json.dumps(told)

        self.assertEqual(len(bring_back(self.folder.with_name("more"), changed(wrong_kind), "leave").unread), 1)

    def test_over_http_and_on_the_command_line(self):
        answer = self.http.get("/api/everything.zip")
        self.assertEqual(answer.mimetype, "application/zip")
        answer.close()
        other, file = self.folder.with_name("other"), self.folder.with_name("all.zip")
        run = [sys.executable, "-m", "eggtuck.cli"]
        saved = subprocess.run([*run, "save", str(file), "--data", str(self.folder)], capture_output=True, check=False)
        self.assertEqual((saved.returncode, saved.stderr), (0, b""))
        back = subprocess.run(
            [*run, "bring-back", str(file), "--data", str(other)], capture_output=True, text=True, check=False
        )
        self.assertEqual(back.returncode, 0, back.stderr)
        self.assertIn("Brought back", back.stdout)
        self.assertEqual(len(projects.list_projects(self.opened(other))), len(projects.list_projects(self.opened())))
        none = subprocess.run(
            [*run, "save", str(file), "--data", str(self.folder / "no")], capture_output=True, text=True, check=False
        )
        self.assertEqual(none.returncode, 2)
        self.assertNotIn("Traceback", none.stderr)
        keeping = self.http.post("/api/copies").json
        self.assertEqual(len(keeping["copies"]), 1)
        name = keeping["copies"][0]["name"]
        told = self.http.post(f"/api/copies/{name}", json={"meeting": "leave"}).json
        self.assertEqual((told["others"], told["unread"]), ([], []))
        self.assertEqual(self.http.post("/api/copies/none", json={}).status_code, 404)

    def test_after_damage_the_newest_copy_brings_it_all_back(self):
        self.http.post("/api/copies")
        names = sorted(one["name"] for one in self.http.get("/api/projects").json["projects"])
        self.app.extensions["databases"].connection.close()
        for end in ("", "-wal"):
            (self.folder / f"{FILE}{end}").write_bytes(b"SQLite format 3\x00" + b"\x00" * 4000)
        http = create_app(self.folder).test_client()
        told = http.get("/api/keeping").json["aside"]
        self.assertIn("damaged", told["text"])
        self.assertEqual(http.get("/api/projects").json["projects"], [])
        http.post(f"/api/copies/{told['newest']['name']}", json={})
        self.assertEqual(sorted(one["name"] for one in http.get("/api/projects").json["projects"]), names)
        http.delete("/api/set-aside")
        self.assertIsNone(http.get("/api/keeping").json["aside"])


class PutAway(Folder):
    def test_all_that_was_put_away_is_found_and_comes_back(self):
        app = create_app(self.folder)
        add_demo(app)
        http = app.test_client()
        db = self.opened()
        ids = {}
        for kind in ("projects", "things", "pile", "orders", "cuttings", "batches", "makes"):
            ids[kind] = db.execute(f"SELECT id FROM {kind} LIMIT 1").fetchone()[0]
        project = db.execute("SELECT project_id FROM makes WHERE id = ?", (ids["makes"],)).fetchone()[0]
        http.delete(f"/api/projects/{project}/makes/{ids['makes']}")
        for kind in ("projects", "things", "pile", "orders", "cuttings", "batches"):
            self.assertEqual(http.delete(f"/api/{kind}/{ids[kind]}").status_code, 204, kind)
        shown = http.get("/api/away").json["things"]
        self.assertEqual({one["kind"]: one["id"] for one in shown}, ids)
        self.assertEqual(http.get("/api/away?count=1").json["more"], len(ids) - 1)
        thing = next(one["name"] for one in shown if one["kind"] == "things")
        self.assertIn(ids["things"], [one["id"] for one in http.get(f"/api/away?words={thing.upper()}").json["things"]])
        for kind, id in ids.items():
            self.assertEqual(http.post("/api/away", json={"kind": kind, "id": id}).status_code, 204)
            self.assertEqual(http.post("/api/away", json={"kind": kind, "id": id}).status_code, 404)
        self.assertEqual(list_away(db), ([], 0))
        with self.assertRaises(MissingError):
            bring_one_back(db, "sqlite_master", "x")

    def test_within_another_a_transaction_is_part_of_it(self):
        db = self.opened()
        with self.assertRaises(ZeroDivisionError), transaction(db):
            things.add_thing(db, "Jar", "cm", {}, "")
            raise ZeroDivisionError
        self.assertEqual(things.list_things(db), [])


if __name__ == "__main__":
    unittest.main()
