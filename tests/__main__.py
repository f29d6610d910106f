"""Runs all tests, or those named (``core``, ``web.test_api`` ...), and closes with a plain count.

All tests run in two processes, the browser's beside all others: the count is of both."""

import re
import subprocess
import sys
import unittest
from pathlib import Path

HERE = Path(__file__).parent


def suite(names: list[str]) -> unittest.TestSuite:
    loader = unittest.TestLoader()
    found = unittest.TestSuite()
    for name in names:
        folder = HERE / name.replace(".", "/")
        if folder.is_dir():
            found.addTests(loader.discover(str(folder), top_level_dir=str(HERE.parent)))
        else:
            found.addTests(loader.loadTestsFromName(f"tests.{name}"))
    return found


def told(passed: int, failed: int, skipped: int) -> int:
    print(f"{passed} passed, {failed} failed" + (f", {skipped} skipped" if skipped else ""), flush=True)
    return 1 if failed or passed + skipped == 0 else 0


def run(names: list[str]) -> int:
    result = unittest.TextTestRunner(verbosity=1).run(suite(names))
    # A test with failing parts is one failed test.
    failed = len({getattr(test, "test_case", test) for test, _ in (*result.failures, *result.errors)})
    skipped = len(result.skipped)
    return told(result.testsRun - failed - skipped, failed, skipped)


def run_all() -> int:
    folders = [folder.parent.name for folder in HERE.glob("*/__init__.py")]
    others = sorted({*folders, *(file.stem for file in HERE.glob("test_*.py"))} - {"browser"})
    command = [sys.executable, "-m", "tests"]
    parts = [subprocess.Popen([*command, *names], stdout=subprocess.PIPE, text=True) for names in (["browser"], others)]
    counts = [0, 0, 0]
    for part in parts:
        last = re.search(r"(\d+) passed, (\d+) failed(?:, (\d+) skipped)?\n$", part.communicate()[0])
        if last is None or part.returncode not in (0, 1):
            print("One part of the tests broke off.")
            counts[1] += 1
        else:
            counts = [n + int(more or 0) for n, more in zip(counts, last.groups(), strict=True)]
    return told(counts[0], counts[1], counts[2])


sys.exit(run(sys.argv[1:]) if sys.argv[1:] else run_all())
