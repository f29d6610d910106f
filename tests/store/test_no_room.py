"""Where there is no room for a copy, none may be written, the folder is gone, or another program holds the file: told in words, and nothing is lost."""

import errno
import io
import sqlite3
import tempfile
import unittest
from pathlib import Path
from unittest import mock

from eggtuck.store import ClosedError, FullError, copies, open_database, projects
from eggtuck.store.copies import list_copies, make_copy
from eggtuck.store.database import FILE
from eggtuck.web import create_app
from eggtuck.web.connection import database
from eggtuck.web.door import Door
from eggtuck.web.whole import save_everything
from tests.specs import cordial


class NoRoom(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = Path(folder.name) / "data"
        self.app = create_app(self.folder)
        self.http = self.app.test_client()
        self.db = open_database(self.folder)
        self.addCleanup(self.db.close)
        projects.add_project(self.db, "Bag", cordial(), "{}")

    def left(self):
        """What lies in the folder of copies, half of one too."""
        return sorted(path.name for path in (self.folder / "copies").iterdir())

    def test_what_the_disk_says_where_a_copy_is_made_is_told(self):
        for says, kind, status, told in (
            (errno.ENOSPC, FullError, 507, "no room"),
            (errno.EDQUOT, FullError, 507, "no room"),
            (errno.EROFS, ClosedError, 503, "Nothing can be written"),
            (errno.EACCES, ClosedError, 503, "Nothing can be written"),
        ):
            for place in ("mkdir", "chmod"):
                make_copy(self.db, self.folder, "2026-01-01")
                before = self.left()
                with mock.patch.object(Path, place, side_effect=OSError(says, "told")):
                    with self.assertRaises(kind):
                        make_copy(self.db, self.folder, "2026-01-02")
                    answer = self.http.post("/api/copies")
                self.assertEqual(answer.status_code, status, (says, place))
                self.assertIn(told, answer.json["detail"])
                self.assertEqual(self.left(), before)

    def test_a_disk_that_fills_while_a_copy_is_made_leaves_no_half_of_it(self):
        make_copy(self.db, self.folder, "2026-01-01")
        real = sqlite3.connect

        def small(name, **how):
            copy = real(name, **how)
            if ".egg-tuck" in str(name):
                copy.execute("PRAGMA max_page_count = 3")
            return copy

        with mock.patch.object(copies.sqlite3, "connect", small):
            answer = self.http.post("/api/copies")
        self.assertEqual(answer.status_code, 507)
        self.assertEqual(self.left(), ["egg-tuck-2026-01-01.sqlite3"])
        self.assertEqual(self.http.get("/api/projects").status_code, 200)
        self.assertEqual(self.http.post("/api/copies").status_code, 200)
        self.assertEqual(len(list_copies(self.folder)), 2)

    def test_a_file_where_the_copies_belong_is_told(self):
        (self.folder / "copies").write_text("mine")
        answer = self.http.post("/api/copies")
        self.assertEqual(answer.status_code, 503)
        self.assertEqual((self.folder / "copies").read_text(), "mine")

    def test_nothing_is_brought_back_into_a_folder_that_has_vanished(self):
        out = io.BytesIO()
        save_everything(self.folder, out)
        copy = make_copy(self.db, self.folder, "2026-01-01")
        away = self.folder.with_name("elsewhere")
        self.folder.rename(away)
        for answer in (
            self.http.post("/api/everything?meeting=both", data=out.getvalue()),
            self.http.post(f"/api/copies/{copy.name}", json={"meeting": "both"}),
            self.http.post("/api/copies"),
            self.http.get("/api/everything.zip"),
        ):
            self.assertIn(answer.status_code, (404, 503), answer.data)
        self.assertFalse(self.folder.exists())
        away.rename(self.folder)
        self.assertEqual(self.http.post("/api/everything", data=out.getvalue()).status_code, 200)
        self.assertEqual(len(self.http.get("/api/projects").json["projects"]), 1)

    def test_a_code_is_not_used_up_while_another_program_holds_the_file(self):
        door = Door(self.folder)
        app = create_app(self.folder, door)
        http = app.test_client()
        code = door.code()
        with app.test_request_context():
            database().execute("PRAGMA busy_timeout = 50")
        other = sqlite3.connect(self.folder / FILE, isolation_level=None)
        other.execute("BEGIN IMMEDIATE")
        held = http.get(f"/?code={code}")
        self.assertEqual(held.status_code, 503)
        self.assertNotIn("Set-Cookie", held.headers)
        other.execute("ROLLBACK")
        other.close()
        self.assertEqual(http.get(f"/?code={code}").status_code, 303)
        self.assertEqual(http.get("/api/projects").status_code, 200)

    def test_whoever_has_a_code_comes_in_where_it_cannot_be_noted(self):
        door = Door(self.folder)
        app = create_app(self.folder, door)
        with app.test_request_context():
            database().execute("PRAGMA query_only = ON")
        http = app.test_client()
        self.assertEqual(http.get(f"/?code={door.code()}").status_code, 303)
        self.assertEqual(http.get("/api/projects").status_code, 200)


if __name__ == "__main__":
    unittest.main()
