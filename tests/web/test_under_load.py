"""A real server under load: silent connections, half a request, endless bodies, and heavy files take no turn from those who work."""

import http.client
import json
import os
import signal
import socket
import subprocess
import sys
import tempfile
import threading
import unittest
from pathlib import Path

import trimesh

from eggtuck.files.queue import MOST_HERE
from eggtuck.web.door import Door
from tests import ALL
from tests.specs import cordial

MANY = 400


class UnderLoad(unittest.TestCase):
    @classmethod
    def setUpClass(cls):
        folder = tempfile.TemporaryDirectory(ignore_cleanup_errors=True)
        cls.addClassCleanup(folder.cleanup)
        with socket.socket() as free:
            free.bind(("127.0.0.1", 0))
            cls.port = free.getsockname()[1]
        run = [sys.executable, "-m", "eggtuck.cli", "serve", "--data", folder.name, "--port", str(cls.port)]
        server = subprocess.Popen(run, stdout=subprocess.PIPE, text=True, start_new_session=True)
        cls.addClassCleanup(server.stdout.close)
        cls.addClassCleanup(server.wait)
        cls.addClassCleanup(os.killpg, server.pid, signal.SIGKILL)
        assert "ready" in server.stdout.readline()
        cls.token = Door(Path(folder.name)).token

    def connected(self):
        sock = socket.create_connection(("127.0.0.1", self.port), timeout=60)
        self.addCleanup(sock.close)
        return sock

    def ask(self, method, path, body=None, token=None):
        connection = http.client.HTTPConnection("127.0.0.1", self.port, timeout=60)
        self.addCleanup(connection.close)
        headers = {"Authorization": f"Bearer {token or self.token}", "Content-Type": "application/json"}
        connection.request(method, path, body, headers)
        answer = connection.getresponse()
        return answer.status, answer.read()

    def test_the_table_is_usable_beside_hundreds_who_say_nothing_or_half_of_it(self):
        silent = [self.connected() for _ in range(MANY)]
        for _ in range(3):
            self.assertEqual(self.ask("GET", "/api/table")[0], 200)
        for sock in silent:
            sock.sendall(b"GET /api/table HTTP/1.1\r\nHost: 127.0.0.1\r\n")
        for _ in range(3):
            self.assertEqual(self.ask("POST", "/api/drafts", json.dumps(cordial()))[0], 200)
        # Said to its end it is answered after all, as to any stranger.
        silent[0].sendall(b"\r\n")
        self.assertIn(b"401", silent[0].recv(100))

    def test_a_body_without_end_is_refused_while_it_arrives(self):
        for path, most in (("/api/drafts", 10_000_000), ("/api/things/read-scan?kind=stl&scan_unit=mm", 90_000_000)):
            sock, sent = self.connected(), 0
            head = f"POST {path} HTTP/1.1\r\nHost: 127.0.0.1:{self.port}\r\nAuthorization: Bearer {self.token}\r\n"
            sock.sendall(f"{head}Content-Type: application/json\r\nTransfer-Encoding: chunked\r\n\r\n".encode())
            try:
                while sent < 2 * most:
                    sock.sendall(b"10000\r\n" + b"x" * 65536 + b"\r\n")
                    sent += 65536
            except OSError:
                pass
            self.assertLess(sent, most)
            self.assertIn(b" 413 ", sock.recv(100))
        # Who was not let in is not listened to at all.
        self.assertEqual(self.ask("POST", "/api/drafts", b"x" * 900_000, token="none")[0], 401)

    def test_drafts_are_answered_while_scans_are_read(self):
        jar = trimesh.creation.cylinder(radius=40, height=120, sections=64)
        for _ in range(4 if ALL else 3):
            jar = jar.subdivide()
        scan = trimesh.exchange.stl.export_stl(jar)
        told = []
        readers = [
            threading.Thread(
                target=lambda: told.append(self.ask("POST", "/api/things/read-scan?kind=stl&scan_unit=mm", scan)[0])
            )
            # No more than one process of the server reads at once, for they may all have come to the same one.
            for _ in range(MOST_HERE)
        ]
        for reader in readers:
            reader.start()
        drafted = 0
        while any(reader.is_alive() for reader in readers):
            spec = {**cordial(), "object": {**cordial()["object"], "girth": f"{24 + drafted / 100} cm"}}
            self.assertEqual(self.ask("POST", "/api/drafts", json.dumps(spec))[0], 200)
            drafted += 1
        for reader in readers:
            reader.join()
        self.assertEqual(told, [200] * MOST_HERE)
        self.assertGreater(drafted, 3)


if __name__ == "__main__":
    unittest.main()
