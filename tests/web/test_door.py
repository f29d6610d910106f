"""Who is let in, and who is not: over a real server, and request by request."""

import os
import socket
import subprocess
import sys
import tempfile
import time
import unittest
import urllib.error
import urllib.request
from http.cookiejar import CookieJar
from pathlib import Path

from eggtuck.web import create_app
from eggtuck.web.door import Door
from eggtuck.web.openapi import openapi_document


class AtTheDoor(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = Path(folder.name)
        self.door = Door(self.folder)
        self.app = create_app(self.folder, self.door)
        self.http = self.app.test_client()

    def test_nobody_is_answered_who_was_not_let_in(self):
        for path, methods in openapi_document()["paths"].items():
            for method in methods:
                at = path.replace("{id}", "x").replace("{make}", "x")
                answer = self.http.open(at, method=method.upper(), json={})
                self.assertEqual(answer.status_code, 200 if path == "/api/health" else 401, (method, path))
        for path in (
            "/",
            "/projects/x/sew",
            "/?code=",
            "/?code=guessed",
            "/api/openapi.json",
            "/shelf?code=" + "x" * 3000,
        ):
            answer = self.http.get(path)
            self.assertEqual(answer.status_code, 401, path)
            self.assertNotIn("Set-Cookie", answer.headers)
        self.assertIn(b"the whole address it printed", self.http.get("/").data)

    def test_a_code_lets_one_browser_in_once(self):
        code = self.door.code()
        came = self.http.get(f"/plan?code={code}&x=1")
        self.assertEqual((came.status_code, came.headers["Location"]), (303, "/plan?x=1"))
        cookie = came.headers["Set-Cookie"]
        for told in ("HttpOnly", "SameSite=Strict", "Path=/"):
            self.assertIn(told, cookie)
        self.assertEqual(self.http.get("/api/projects").status_code, 200)
        self.assertEqual(self.http.post("/api/projects", json={"preset": "jar"}).status_code, 201)
        other = self.app.test_client()
        self.assertEqual(other.get(f"/?code={code}").status_code, 401)
        self.assertEqual(other.get("/api/projects").status_code, 401)
        # Who is in already only loses it from the address, wherever it leads.
        for path in ("//elsewhere.example/", "/\\elsewhere.example/", "/\\/elsewhere.example/"):
            again = self.http.get(f"{path}?code={code}").headers.get("Location", "/")
            self.assertRegex(again, r"^/(?![/\\])", path)

    def test_a_script_shows_the_token(self):
        token = (self.folder / "token").read_text().strip()
        self.assertGreaterEqual(len(token), 40)
        self.assertEqual((self.folder / "token").stat().st_mode & 0o777, 0o600)
        for header, status in (
            (f"Bearer {token}", 200), (f"Bearer {token}x", 401), ("Bearer ", 401), (token, 401), ("Basic eDp5", 401),
            (f"bearer {token}", 401), ("Bearer \u00fc", 401),
        ):  # fmt: skip
            answer = self.http.get("/api/projects", headers={"Authorization": header})
            self.assertEqual(answer.status_code, status, header)

    def test_what_was_signed_by_another_or_long_ago_opens_nothing(self):
        with tempfile.TemporaryDirectory() as elsewhere:
            stranger = Door(Path(elsewhere))
        for session in (stranger.session(), "", "x", self.door.code(), self.door.session()[:-1]):
            http = self.app.test_client()
            http.set_cookie(self.door.cookie, session)
            self.assertEqual(http.get("/api/projects").status_code, 401)
        http = self.app.test_client()
        http.set_cookie(self.door.cookie, self.door.session())
        self.assertEqual(http.get("/api/projects").status_code, 200)
        # The same folder knows its sessions after a new start; with a new token nobody is in any more.
        later = create_app(self.folder, Door(self.folder)).test_client()
        later.set_cookie(self.door.cookie, self.door.session())
        self.assertEqual(later.get("/api/projects").status_code, 200)
        (self.folder / "token").unlink()
        fresh = Door(self.folder)
        anew = create_app(self.folder, fresh).test_client()
        anew.set_cookie(fresh.cookie, self.door.session())
        self.assertEqual(anew.get("/api/projects").status_code, 401)

    def test_headers_keep_others_out(self):
        answer = self.http.get("/api/health")
        for name, told in (
            ("Cross-Origin-Opener-Policy", "same-origin"),
            ("Cross-Origin-Resource-Policy", "same-origin"),
            ("Permissions-Policy", "camera=()"),
            ("X-Content-Type-Options", "nosniff"),
            ("Content-Security-Policy", "frame-ancestors 'none'"),
        ):
            self.assertIn(told, answer.headers[name])
        self.assertNotIn("unsafe-inline", answer.headers["Content-Security-Policy"])


class OnARealServer(unittest.TestCase):
    def test_the_printed_address_lets_in_and_a_foreign_host_is_refused(self):
        with tempfile.TemporaryDirectory() as folder, socket.socket() as free:
            free.bind(("127.0.0.1", 0))
            port = free.getsockname()[1]
            free.close()
            run = [sys.executable, "-m", "eggtuck.cli", "serve", "--data", folder, "--port", str(port)]
            server = subprocess.Popen(run, stdout=subprocess.PIPE, text=True, start_new_session=True)
            self.addCleanup(server.stdout.close)
            self.addCleanup(server.wait)
            self.addCleanup(os.killpg, server.pid, 15)
            said = server.stdout.readline()
            address = said.split(": ", 1)[1].strip()
            jar = urllib.request.build_opener(urllib.request.HTTPCookieProcessor(CookieJar()))
            at = f"http://127.0.0.1:{port}"
            with self.assertRaises(urllib.error.HTTPError) as refused:
                urllib.request.urlopen(f"{at}/api/projects", timeout=30)
            self.assertEqual(refused.exception.code, 401)
            refused.exception.close()
            with jar.open(address, timeout=30) as page:
                self.assertEqual((page.status, page.url), (200, f"{at}/"))
            with jar.open(f"{at}/api/projects", timeout=30) as listed:
                self.assertEqual(listed.status, 200)
            # Whichever of its processes answers, it lets nobody in twice.
            for _ in range(6):
                with self.assertRaises(urllib.error.HTTPError) as refused:
                    urllib.request.urlopen(address, timeout=30)
                self.assertEqual(refused.exception.code, 401)
                refused.exception.close()
            another = subprocess.run(
                [sys.executable, "-m", "eggtuck.cli", "door", "--data", folder, "--port", str(port)],
                capture_output=True, text=True, check=True,
            ).stdout.strip()  # fmt: skip
            with urllib.request.build_opener(urllib.request.HTTPCookieProcessor(CookieJar())).open(
                another, timeout=30
            ) as page:
                self.assertEqual(page.status, 200)
            self.assertEqual(Path(folder).stat().st_mode & 0o777, 0o700)
            for path in Path(folder).rglob("*"):
                self.assertEqual(path.stat().st_mode & 0o077, 0, path.name)
            time.sleep(0.1)
        for host in ("0.0.0.0", "::", "192.0.2.7", "workshop.example"):
            told = subprocess.run(
                [*run[:-1], "0", "--host", host], capture_output=True, text=True, check=False, timeout=60
            )
            self.assertEqual(told.returncode, 2, host)
            self.assertIn("would let others in", told.stderr)


if __name__ == "__main__":
    unittest.main()
