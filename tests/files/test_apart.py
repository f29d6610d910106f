"""Whatever is done with a file nobody vouches for ends: by itself, at a limit, or by the clock."""

import os
import time
import unittest

from eggtuck.files.apart import Limits, StoppedError, read_apart

ROOM = 3 * 1024**3


def echo(given):
    return {"given": given}


def broken(_):
    raise RuntimeError("no reader knows this")


def endless(_):
    while True:
        pass


def asleep(_):
    time.sleep(60)


def greedy(_):
    held = bytearray(ROOM * 2)
    return len(held)


def gone(_):
    os._exit(3)


def chatty(_):
    return "x" * 8_000_000


class Apart(unittest.TestCase):
    def stopped(self, work, limits):
        begun = time.monotonic()
        with self.assertRaises(StoppedError) as caught:
            read_apart(work, 1, limits=limits)
        # Long before it would have ended by itself.
        self.assertLess(time.monotonic() - begun, 45)
        return caught.exception.by

    def test_what_ends_by_itself_is_answered(self):
        limits = Limits(memory=ROOM, processor=10, clock=30.0)
        self.assertEqual(read_apart(echo, [1, "a"], limits=limits), {"given": [1, "a"]})

    def test_what_does_not_is_stopped(self):
        usual = Limits(memory=ROOM, processor=10, clock=30.0)
        self.assertEqual(self.stopped(broken, usual), "fault")
        self.assertEqual(self.stopped(gone, usual), "fault")
        self.assertEqual(self.stopped(chatty, usual), "fault")
        self.assertEqual(self.stopped(greedy, usual), "fault")
        self.assertEqual(self.stopped(endless, Limits(memory=ROOM, processor=1, clock=30.0)), "limit")
        self.assertEqual(self.stopped(asleep, Limits(memory=ROOM, processor=10, clock=1.0)), "clock")
        # And the next file is read.
        self.assertEqual(read_apart(echo, 2, limits=usual), {"given": 2})
