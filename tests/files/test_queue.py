"""Files that are read apart come to turn as they came, tell how far they are, and can be stopped."""

import os
import signal
import threading
import time
import unittest
from multiprocessing import get_context

from eggtuck.files import apart
from eggtuck.files.apart import Limits, StoppedError, read_apart
from eggtuck.files.queue import MOST, MOST_HERE, NAMED, Place, Queue
from eggtuck.web import create_app
from tests.napping import nap


def waited(until, within=30):
    end = time.monotonic() + within
    while not until():
        if time.monotonic() > end:
            raise AssertionError("it did not come to that")
        time.sleep(0.01)


class InTurn(unittest.TestCase):
    def setUp(self):
        self.queue = Queue(1)

    def joined(self, name=""):
        NAMED.set(name)
        self.addCleanup(NAMED.set, "")
        place = self.queue.joined()
        slot = place.__enter__()
        ended = []
        leave = lambda: ended or ended.append(place.__exit__(None, None, None))  # noqa: E731
        self.addCleanup(leave)
        return slot, leave

    def test_who_came_first_begins_first_however_often_others_ask(self):
        slots = [self.joined(name) for name in ("a", "b", "c")]
        for slot, _ in reversed(slots):
            self.assertEqual(self.queue.may_begin(slot), slot is slots[0][0])
        self.assertEqual([self.queue.place(name).before for name in "abc"], [0, 1, 2])
        self.assertIsNotNone(self.queue.place("a").read_for)
        self.assertEqual(self.queue.place("c"), Place(2, None))
        self.assertIsNone(self.queue.place("d"))
        self.assertIsNone(self.queue.place(""))
        slots[0][1]()
        self.assertFalse(self.queue.may_begin(slots[2][0]))
        self.assertTrue(self.queue.may_begin(slots[1][0]))

    def test_as_many_as_there_is_room_for_begin_at_once(self):
        self.queue = Queue(2)
        slots = [self.joined()[0] for _ in range(3)]
        self.assertEqual([self.queue.may_begin(slot) for slot in slots], [True, True, False])

    def test_some_threads_of_a_process_are_left_for_what_is_no_file(self):
        self.assertEqual([self.joined()[0] is None for _ in range(MOST_HERE + 1)], [False] * MOST_HERE + [True])

    def test_the_place_of_a_process_that_died_is_free_again(self):
        fork = get_context("fork")

        def hold(joined):
            with self.queue.joined() as slot:
                self.queue.may_begin(slot)
                joined.set()
                time.sleep(600)

        held = []
        for _ in range(MOST // MOST_HERE + 1):
            there = fork.Event()
            process = fork.Process(target=hold, args=(there,))
            process.start()
            self.addCleanup(process.join)
            self.addCleanup(process.kill)
            there.wait(30)
            held.append(process)
        slot, leave = self.joined("here")
        self.assertEqual(self.queue.place("here").before, len(held))
        self.assertFalse(self.queue.may_begin(slot))
        for process in held:
            process.kill()
            process.join()
        self.assertTrue(self.queue.may_begin(slot))
        leave()
        self.assertIsNone(self.queue.place("here"))

    def test_who_dies_while_it_changes_the_queue_does_not_stop_it(self):
        def dies():
            self.queue._alive = lambda: os.kill(os.getpid(), signal.SIGKILL)
            self.queue.stop("a")

        process = get_context("fork").Process(target=dies)
        process.start()
        process.join()
        self.assertEqual(process.exitcode, -signal.SIGKILL)
        asked = threading.Thread(target=self.queue.place, args=("a",), daemon=True)
        asked.start()
        asked.join(30)
        self.assertFalse(asked.is_alive())

    def test_over_all_processes_there_are_no_more_than_there_is_room_for(self):
        fork = get_context("fork")
        reading, most, lock = fork.Value("i", 0), fork.Value("i", 0), fork.Lock()

        def read():
            with self.queue.joined() as slot:
                while not self.queue.may_begin(slot):
                    time.sleep(0.001)
                with lock:
                    reading.value += 1
                    most.value = max(most.value, reading.value)
                time.sleep(0.01)
                with lock:
                    reading.value -= 1

        processes = [fork.Process(target=read) for _ in range(8)]
        for process in processes:
            process.start()
        for process in processes:
            process.join(60)
        self.assertEqual([process.exitcode for process in processes], [0] * 8)
        self.assertEqual(most.value, 1)


class Stopped(unittest.TestCase):
    """Over the routes, with something that takes long to be read."""

    def setUp(self):
        import tempfile
        from pathlib import Path

        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.http = create_app(Path(folder.name)).test_client()
        self.ended = {}

    def read(self, name):
        def work():
            NAMED.set(name)
            try:
                self.ended[name] = read_apart(nap, 30, limits=Limits(2 * 1024**3, 60, 60.0))
            except StoppedError as error:
                self.ended[name] = error.by

        reader = threading.Thread(target=work)
        reader.start()
        self.addCleanup(reader.join)
        self.addCleanup(apart.QUEUE.stop, name)
        waited(lambda: apart.QUEUE.place(name) is not None)

    def text(self, name):
        return self.http.get(f"/api/readings/{name}").json["text"]

    def test_it_is_told_how_far_it_is_and_stopped_while_it_waits_and_while_it_is_read(self):
        apart.QUEUE.at_once, before = 1, apart.QUEUE.at_once
        self.addCleanup(setattr, apart.QUEUE, "at_once", before)
        self.read("first")
        waited(lambda: apart.QUEUE.place("first").read_for is not None)
        self.read("second")
        self.assertIn("being read", self.text("first"))
        self.assertEqual(self.text("second"), "waits, with 1 file before it")
        self.assertEqual(self.text("nothing"), "on its way")
        self.assertEqual(self.http.delete("/api/readings/nothing").status_code, 404)
        for name in ("second", "first"):
            begun = time.monotonic()
            self.assertEqual(self.http.delete(f"/api/readings/{name}").status_code, 204)
            waited(lambda name=name: name in self.ended)
            self.assertEqual(self.ended[name], "stopped")
            self.assertLess(time.monotonic() - begun, 15)
        self.assertIsNone(apart.QUEUE.place("first"))

    def test_what_was_sent_with_a_name_is_found_by_it_and_told_that_it_was_stopped(self):
        real = apart._read
        seen = threading.Event()

        def slowly(work, given, limits, stopped):
            seen.set()
            return real(nap, (30,), limits, stopped)

        apart._read = slowly
        self.addCleanup(setattr, apart, "_read", real)
        told = []

        def send():
            headers = {"X-Reading": "scan-1"}
            told.append(self.http.post("/api/things/read-scan?kind=stl&scan_unit=mm", data=b"solid", headers=headers))

        sender = threading.Thread(target=send)
        sender.start()
        self.assertTrue(seen.wait(30))
        self.assertIn("being read", self.text("scan-1"))
        self.assertEqual(self.http.delete("/api/readings/scan-1").status_code, 204)
        sender.join(30)
        self.assertEqual(told[0].status_code, 422)
        self.assertEqual(told[0].json["errors"][0]["message"], "Stopped: nothing of the file was kept.")


if __name__ == "__main__":
    unittest.main()
