"""Photos are made small, keep nothing that a camera noted, and cost no more than they may, whatever they are."""

import io
import os
import resource
import struct
import threading
import time
import unittest
import zlib
from concurrent.futures import ThreadPoolExecutor

from PIL import Image

from eggtuck.core.lengths import Ruler
from eggtuck.core.words import Speaker
from eggtuck.files import apart
from eggtuck.files.photos import PhotoError, plain_photo, small_photo
from eggtuck.files.picturing import LONGEST_SIDE, MOST_PIXELS, SIDE
from eggtuck.files.queue import MOST_HERE


def picture(size=(40, 30), kind="PNG", mode="RGB", **more):
    out = io.BytesIO()
    Image.new(mode, size, 0).save(out, kind, **more)
    return out.getvalue()


def bomb(width, height):
    """A PNG that says it is so large, with as much in it as it takes, packed to almost nothing."""

    def chunk(kind, data):
        return struct.pack(">I", len(data)) + kind + data + struct.pack(">I", zlib.crc32(kind + data))

    head = struct.pack(">IIBBBBB", width, height, 8, 2, 0, 0, 0)
    packer = zlib.compressobj(9)
    body = b"".join(packer.compress(bytes(1 + 3 * width)) for _ in range(height)) + packer.flush()
    return b"\x89PNG\r\n\x1a\n" + chunk(b"IHDR", head) + chunk(b"IDAT", body) + chunk(b"IEND", b"")


class Photos(unittest.TestCase):
    def refused(self, data):
        with self.assertRaises(PhotoError) as caught:
            small_photo(data)
        return Speaker(Ruler()).say(caught.exception.message)

    def test_every_kind_is_made_small_and_upright_without_notes(self):
        exif = Image.Exif()
        exif[0x0112], exif[0x010E], exif[0x8825] = 6, "at home", {1: "N", 2: (52.0, 31.0, 12.0)}
        for kind, mode in (
            ("JPEG", "RGB"),
            ("JPEG", "CMYK"),
            ("PNG", "RGBA"),
            ("PNG", "P"),
            ("PNG", "1"),
            ("PNG", "I;16"),
            ("WEBP", "RGB"),
        ):
            more = {"exif": exif} if kind != "PNG" else {"exif": exif.tobytes()}
            data = small_photo(picture((2400, 1000), kind, mode, **more))
            with Image.open(io.BytesIO(data)) as kept:
                self.assertEqual((kept.format, kept.size), ("JPEG", (375, SIDE)), (kind, mode))
                self.assertFalse(kept.getexif())
                self.assertNotIn(b"at home", data)
            # What is kept already is kept as it is.
            self.assertEqual(plain_photo(data), data)
        self.assertNotIn(b"secret", small_photo(picture(kind="JPEG", comment=b"secret")))
        self.assertNotIn(b"secret", plain_photo(picture(kind="JPEG", comment=b"secret")))

    def test_what_is_no_picture_or_too_large_is_told_with_what_would_do(self):
        for data in (
            b"",
            b"no picture",
            picture()[:60],
            picture(kind="GIF"),
            picture(kind="BMP"),
            picture(kind="TIFF"),
        ):
            self.assertIn("this file is none", self.refused(data))
        for data in (bomb(LONGEST_SIDE + 1, 2), bomb(2, LONGEST_SIDE + 1), bomb(MOST_PIXELS // 5000 + 1, 5000)):
            self.assertIn(f"at most {MOST_PIXELS // 1_000_000} megapixels", self.refused(data))

    def test_a_small_file_that_unpacks_to_much_costs_no_more_than_it_may(self):
        data = bomb(7700, 7700)
        self.assertLess(len(data), 400_000)
        before = resource.getrusage(resource.RUSAGE_SELF).ru_maxrss
        small_photo(data)
        # It is unpacked elsewhere (kB).
        self.assertLess(resource.getrusage(resource.RUSAGE_SELF).ru_maxrss - before, 60_000)

    def test_many_at_once_are_read_as_there_is_room(self):
        at_once, most, lock = 0, 0, threading.Lock()
        real = apart._read

        def counted(*given):
            nonlocal at_once, most
            with lock:
                at_once += 1
                most = max(most, at_once)
            try:
                return real(*given)
            finally:
                with lock:
                    at_once -= 1

        apart._read = counted
        self.addCleanup(setattr, apart, "_read", real)
        data = picture((1200, 900))
        with ThreadPoolExecutor(MOST_HERE) as pool:
            self.assertEqual(len(list(pool.map(small_photo, [data] * 8))), 8)
        self.assertLessEqual(most, max(1, (os.cpu_count() or 1) // 2))

    def test_whoever_finds_no_room_is_told(self):
        waits, apart._WAITS = apart._WAITS, 0.05
        self.addCleanup(setattr, apart, "_WAITS", waits)
        # One that is never done, for each that may be read at once.
        for _ in range(apart.QUEUE.at_once):
            held = apart.QUEUE.joined()
            self.assertTrue(apart.QUEUE.may_begin(held.__enter__()))
            self.addCleanup(held.__exit__, None, None, None)
        begun = time.monotonic()
        self.assertIn("Try again", self.refused(picture()))
        self.assertLess(time.monotonic() - begun, 5)


if __name__ == "__main__":
    unittest.main()
