"""Devices beside this machine: who comes in, what each may, and that nobody is answered unless it is wished for. Over a second loopback address."""

import http.client
import json
import os
import re
import signal
import socket
import sqlite3
import subprocess
import sys
import tempfile
import threading
import time
import unittest
import urllib.parse
from pathlib import Path
from unittest import mock

from eggtuck.store import devices, open_database, projects
from eggtuck.web import addresses, create_app
from eggtuck.web.door import Door, SideDoor
from eggtuck.web.problems import RefusedError
from eggtuck.web.routes import API
from tests.specs import cordial

# Loopback, too, and not where the server is.
BESIDE = "127.0.0.2"


class Known(unittest.TestCase):
    """What is kept of devices."""

    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = Path(folder.name)
        self.db = open_database(self.folder)
        self.addCleanup(self.db.close)
        devices.share(self.db, BESIDE)

    def test_a_code_lets_one_in_once_however_it_is_typed(self):
        for typed in (str.lower, lambda code: f" {code[:4]}-{code[4:]} ", str):
            _, code = devices.invite(self.db, "Tablet", "sew")
            self.assertRegex(code, r"^[2-9A-HJKMNP-Z]{8}$")
            secret = devices.come_in(self.db, typed(code))
            self.assertEqual(devices.known_device(self.db, secret).may, "sew")
            self.assertIsNone(devices.come_in(self.db, code))
        for wrong in ("", "  ", "%", "\ud800".encode("utf-8", "replace").decode(), "A" * 10_000, secret):
            self.assertIsNone(devices.come_in(self.db, wrong), wrong[:20])
        self.assertIsNone(devices.known_device(self.db, ""))

    def test_of_many_who_try_a_code_at_once_one_comes_in(self):
        _, code = devices.invite(self.db, "Tablet", "sew")
        came = []

        def try_it():
            own = open_database(self.folder)
            came.append(devices.come_in(own, code))
            own.close()

        tries = [threading.Thread(target=try_it) for _ in range(8)]
        for one in tries:
            one.start()
        for one in tries:
            one.join()
        self.assertEqual(len([secret for secret in came if secret]), 1)

    def test_a_code_is_void_after_its_time_and_after_a_newer_one(self):
        _, old = devices.invite(self.db, "Tablet", "sew")
        _, new = devices.invite(self.db, "Tablet", "sew")
        self.assertIsNone(devices.come_in(self.db, old))
        with mock.patch("time.time", return_value=time.time() + devices.CODE_LASTS + 1):
            self.assertIsNone(devices.come_in(self.db, new))
        self.assertEqual(devices.list_devices(self.db), [])

    def test_nothing_that_lets_in_can_be_read_from_the_file(self):
        _, code = devices.invite(self.db, "Tablet", "sew")
        before = "\n".join(self.db.iterdump())
        secret = devices.come_in(self.db, code)
        after = "\n".join(self.db.iterdump())
        self.assertNotIn(code, before)
        self.assertNotIn(secret, after)

    def test_switched_off_nobody_is_known_and_switched_on_again_those_are_who_were(self):
        _, code = devices.invite(self.db, "Tablet", "all")
        secret = devices.come_in(self.db, code)
        _, unused = devices.invite(self.db, "Phone", "all")
        devices.share_no_more(self.db)
        self.assertIsNone(devices.known_device(self.db, secret))
        devices.share(self.db, BESIDE)
        self.assertEqual(devices.known_device(self.db, secret).name, "Tablet")
        self.assertIsNone(devices.come_in(self.db, unused))

    def test_a_device_is_let_in_where_nothing_can_be_written(self):
        _, code = devices.invite(self.db, "Tablet", "sew")
        secret = devices.come_in(self.db, code)
        self.db.execute("UPDATE devices SET seen = '2020-01-01 00:00:00'")
        only_read = sqlite3.connect(f"file:{self.folder}/egg-tuck.sqlite3?mode=ro", uri=True)
        only_read.row_factory = sqlite3.Row
        self.addCleanup(only_read.close)
        self.assertEqual(devices.known_device(only_read, secret).name, "Tablet")


class What(unittest.TestCase):
    """What a device may, operation by operation."""

    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = Path(folder.name)
        self.app = create_app(self.folder, SideDoor(), frozenset({BESIDE}))
        self.db = open_database(self.folder)
        self.addCleanup(self.db.close)
        devices.share(self.db, BESIDE)

    def device(self, may):
        id, code = devices.invite(self.db, "Tablet", may)
        http = self.app.test_client()
        base = {"base_url": f"http://{BESIDE}"}
        came = http.post("/in", data={"code": code}, **base)
        self.assertEqual((came.status_code, came.headers["Location"]), (303, "/"))
        for told in ("HttpOnly", "SameSite=Strict"):
            self.assertIn(told, came.headers["Set-Cookie"])
        return id, lambda path, method="GET", **how: http.open(path, method=method, **base, **how)

    def test_each_operation_is_for_whom_it_says(self):
        for may, allowed in (("sew", {"sewing"}), ("all", {"sewing", "any"})):
            _, ask = self.device(may)
            for operation in API.operations:
                at = re.sub(r"\{\w+\}", "x", operation.path)
                if at == "/api/health":
                    continue
                answer = ask(at, operation.method, json={})
                refused = answer.status_code == 403
                self.assertEqual(refused, operation.who not in allowed, (may, operation.method, at))
                if refused:
                    told = "the machine Egg Tuck runs on" if operation.who == "here" else "let in to sew"
                    self.assertIn(told, answer.json["detail"])

    def test_who_only_sews_changes_nothing_but_the_sewing_and_the_log(self):
        writes = {
            (operation.method, operation.path)
            for operation in API.operations
            if operation.who == "sewing" and operation.method != "GET"
        }
        # Of these nothing is kept but what the page says.
        computed = {("POST", f"/api/{name}") for name in ("drafts", "pictures", "bench", "pace")}
        # Its own files on their way: their names cannot be guessed.
        computed.add(("DELETE", "/api/readings/{name}"))
        of_the_make = re.compile(
            r"/api/projects/\{id\}/(progress|clock|notes|photos|makes|why|beside)\b|/api/reminders/"
        )
        self.assertEqual({one for one in writes - computed if not of_the_make.match(one[1])}, set())
        here = {operation.path for operation in API.operations if operation.who == "here"}
        self.assertLessEqual({"/api/everything.zip", "/api/everything", "/api/devices", "/api/copies"}, here)

    def test_nobody_comes_in_otherwise(self):
        door = Door(self.folder)
        base = {"base_url": f"http://{BESIDE}"}
        http = self.app.test_client()
        # What opens this machine's own door opens nothing here.
        self.assertEqual(
            http.get("/api/table", headers={"Authorization": f"Bearer {door.token}"}, **base).status_code, 401
        )
        http.set_cookie(door.cookie, door.session(), domain=BESIDE)
        http.set_cookie(SideDoor.cookie, door.session(), domain=BESIDE)
        self.assertEqual(http.get("/api/table", **base).status_code, 401)
        self.assertEqual(http.get(f"/?code={door.code()}", **base).status_code, 401)
        for code in ("", "x", door.code(), "<script>"):
            answer = http.post("/in", data={"code": code}, **base)
            self.assertEqual(answer.status_code, 401, code)
            self.assertNotIn(b"<script>", answer.data)
        # Another site, or another name for this machine.
        _, code = devices.invite(self.db, "Tablet", "sew")
        for how in ({"headers": {"Origin": "http://elsewhere.example"}}, {"headers": {"Host": "elsewhere.example"}}):
            self.assertIn(http.post("/in", data={"code": code}, **base, **how).status_code, (403, 421))
        # Looking at the address, as a camera does beforehand, uses nothing up.
        for _ in range(2):
            looked = http.get(f"/?code={code}", **base)
            self.assertIn(f'value="{code}"'.encode(), looked.data)
        self.assertEqual(http.post("/in", data={"code": code}, **base).status_code, 303)

    def test_a_device_is_told_its_name_and_learns_of_no_orders(self):
        id, ask = self.device("sew")
        devices.change_device(self.db, id, 'T"><script>', "sew")
        page = ask("/").data
        self.assertIn(b'data-may="sew"', page)
        self.assertNotIn(b"<script>T", page)
        self.assertIn(b"T&#34;&gt;&lt;script&gt;", page)
        project = projects.add_project(self.db, "Bag", cordial(), "{}")
        self.db.execute(
            "INSERT INTO orders (id, title, whom, project_id) VALUES ('o', 'Gift', 'Ada', ?)", (project["id"],)
        )
        own = create_app(self.folder).test_client().get("/api/table?group=order").json["projects"]
        self.assertIn("Ada", own[0]["order"])
        for query in ("", "&group=order"):
            found = ask(f"/api/table?words=bag{query}").json["projects"]
            self.assertEqual([one["order"] for one in found], [None])

    def test_taken_off_it_is_out_at_its_next_request(self):
        id, ask = self.device("all")
        self.assertEqual(ask("/api/table").status_code, 200)
        devices.take_off(self.db, id)
        self.assertEqual(ask("/api/table").status_code, 401)
        self.assertIn(b'name="code"', ask("/").data)


class Where(unittest.TestCase):
    def test_only_addresses_of_a_home_are_answered_at(self):
        for address, fine in (
            ("192.168.1.20", True), ("10.0.0.5", True), ("172.16.3.4", True), ("127.0.0.2", True), ("8.8.8.8", False),
            ("0.0.0.0", False), ("224.0.0.1", False), ("169.254.3.4", False), ("::1", False), ("workshop.example", False),
            ("", False), ("192.168.1", False),
        ):  # fmt: skip
            self.assertEqual(addresses.is_named_well(address), fine, address)

    def test_what_stands_in_the_way_is_told(self):
        def words(named="", port=1):
            with self.assertRaises(RefusedError) as refused:
                addresses.check_addresses(named, port)
            return refused.exception.title.id

        with mock.patch("eggtuck.web.addresses.own_addresses", return_value=[]):
            self.assertEqual(words(), "refused.share-nowhere")
        self.assertEqual(words("8.8.8.8"), "refused.share-wide")
        self.assertEqual(words("10.255.255.254", 0), "refused.share-not-here")
        with socket.socket() as taken:
            taken.bind((BESIDE, 0))
            taken.listen()
            self.assertEqual(words(BESIDE, taken.getsockname()[1]), "refused.share-taken")


class OverTheWire(unittest.TestCase):
    """A real server, with a device at a second address of this machine."""

    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = folder.name
        with socket.socket() as free:
            free.bind(("127.0.0.1", 0))
            self.port = free.getsockname()[1]

    def serve(self, *more):
        run = [sys.executable, "-m", "eggtuck.cli", "serve", "--data", self.folder, "--port", str(self.port), *more]
        server = subprocess.Popen(run, stdout=subprocess.PIPE, text=True, start_new_session=True)
        self.addCleanup(server.stdout.close)
        self.addCleanup(server.wait)
        self.addCleanup(self.stop, server)
        self.assertIn("ready", server.stdout.readline())
        return server

    def stop(self, server, how=signal.SIGKILL):
        try:
            os.killpg(server.pid, how)
        except ProcessLookupError:
            return

    def ask(self, path, method="GET", host=BESIDE, body=None, **headers):
        connection = http.client.HTTPConnection(host, self.port, timeout=30)
        try:
            connection.request(method, path, body, headers)
            answer = connection.getresponse()
            return answer.status, answer.headers, answer.read()
        finally:
            connection.close()

    def owner(self, path, method="GET", **body):
        token = (Path(self.folder) / "token").read_text().strip()
        sent = {"Authorization": f"Bearer {token}", "Content-Type": "application/json"}
        status, _, told = self.ask(path, method, "127.0.0.1", json.dumps(body) if body else None, **sent)
        return status, json.loads(told or b"null")

    def answered(self, wished, within=30):
        """Waits until a device is answered, or is not any more."""
        until = time.monotonic() + within
        while time.monotonic() < until:
            try:
                self.ask("/api/health")
                here = True
            except OSError:
                here = False
            if here == wished:
                return
            time.sleep(0.05)
        self.fail(f"answered: {not wished}")

    def come_in(self, code):
        form = {"Content-Type": "application/x-www-form-urlencoded"}
        status, headers, _ = self.ask("/in", "POST", body=urllib.parse.urlencode({"code": code}), **form)
        return status, headers.get("Set-Cookie", "").partition(";")[0]

    def test_a_tablet_comes_in_sews_and_is_taken_off(self):
        server = self.serve("--share", BESIDE)
        told = server.stdout.readline()
        self.assertIn(f"http://{BESIDE}:{self.port}/ (none came", told)
        pairing = server.stdout.readline()
        code = pairing.partition("?code=")[2].strip()
        self.answered(True)
        self.assertEqual(self.ask("/api/table")[0], 401)
        status, cookie = self.come_in(code)
        self.assertEqual(status, 303)
        self.assertEqual(self.come_in(code)[0], 401)
        _, made = self.owner("/api/projects", "POST", preset="jar")
        at = f"/api/projects/{made['id']}"
        self.assertEqual(self.ask(at, Cookie=cookie)[0], 200)
        ticked = json.dumps({"done": ["cut"], "at_step": "cut", "before": []})
        plain = {"Content-Type": "application/json", "Cookie": cookie}
        self.assertEqual(self.ask(f"{at}/progress", "PUT", body=ticked, **plain)[0], 200)
        self.assertEqual(self.owner(at)[1]["done"], ["cut"])
        self.assertEqual(self.ask(at, "DELETE", **plain)[0], 403)
        self.assertEqual(self.ask("/api/everything.zip", Cookie=cookie)[0], 403)
        # The same cookie is nothing at this machine's own address.
        self.assertEqual(self.ask(at, host="127.0.0.1", Cookie=cookie)[0], 401)
        (device,) = self.owner("/api/devices")[1]["devices"]
        self.assertEqual((device["name"], device["may"]), ("Tablet", "sew"))
        self.assertRegex(device["seen"], r"^today, \d\d:\d\d$")
        self.owner(f"/api/devices/{device['id']}", "PUT", name="Tablet", may="all")
        self.assertEqual(self.ask(at, "DELETE", **plain)[0], 204)
        self.assertEqual(self.ask("/api/devices", Cookie=cookie)[0], 403)
        self.owner(f"/api/devices/{device['id']}", "DELETE")
        self.assertEqual(self.ask("/api/table", Cookie=cookie)[0], 401)

    def test_it_is_off_by_default_and_off_again_nobody_is_answered(self):
        server = self.serve()
        self.answered(False)
        self.assertEqual(self.owner("/api/devices")[1]["shared"], False)
        self.assertEqual(self.owner("/api/devices", "POST", name="Tablet", may="sew")[0], 409)
        self.stop(server)
        server.wait()
        again = self.serve("--share", BESIDE)
        self.answered(True)
        status, shown = self.owner("/api/devices", "POST", name="Tablet", may="sew")
        self.assertEqual((status, shown["at"]), (201, f"http://{BESIDE}:{self.port}/"))
        self.assertTrue(self.owner("/api/devices")[1]["answered"])
        self.assertEqual(self.owner("/api/devices", "PUT", shared=False)[1]["shared"], False)
        self.answered(False)
        self.assertFalse(self.owner("/api/devices")[1]["answered"])
        self.assertEqual(self.owner("/api/health")[0], 200)
        # As it was left, so it begins.
        devices_file = open_database(Path(self.folder))
        devices.share(devices_file, BESIDE)
        devices_file.close()
        self.stop(again)
        again.wait()
        last = self.serve()
        self.answered(True)
        # However the server ends, nobody beside it is answered by what is left.
        os.kill(last.pid, signal.SIGKILL)
        last.wait()
        self.answered(False)

    def test_what_stands_in_the_way_is_said_before_anything_is_begun(self):
        for address, told in (
            ("8.8.8.8", "no address of a home network"),
            ("10.255.255.254", "no address of this machine"),
        ):
            run = [sys.executable, "-m", "eggtuck.cli", "serve", "--data", self.folder, "--port", str(self.port)]
            said = subprocess.run([*run, "--share", address], capture_output=True, text=True, check=False, timeout=60)
            self.assertEqual(said.returncode, 2, address)
            self.assertIn(told, said.stderr)
            self.assertNotIn("Traceback", said.stderr)


class Square(unittest.TestCase):
    def test_the_square_holds_the_address(self):
        """Every cell of the drawing is one of the code's, none is left out."""
        import segno

        with tempfile.TemporaryDirectory() as folder:
            app = create_app(Path(folder))
            app.config["PORT"] = 8123
            app.extensions["porter"] = mock.Mock()
            with mock.patch("eggtuck.web.routes.devices.wanted_addresses", return_value=["192.168.1.20"]):
                http = app.test_client()
                db = open_database(Path(folder))
                devices.share(db, "")
                db.close()
                told = http.post("/api/devices", json={"name": "Tablet", "may": "sew"}).json
        self.assertTrue(told["address"].startswith("http://192.168.1.20:8123/?code="))
        self.assertEqual(told["address"].partition("code=")[2], told["code"].replace(" ", ""))
        drawn = {(int(x), int(y)) for x, y in re.findall(r"M(\d+) (\d+)h1v1h-1z", told["square"])}
        rows = [bytes(row) for row in segno.make(told["address"], micro=False).matrix]
        self.assertEqual(len(rows), told["cells"])
        self.assertEqual(drawn, {(x, y) for y, row in enumerate(rows) for x, cell in enumerate(row) if cell})


if __name__ == "__main__":
    unittest.main()
