"""Runs all tests, or those named (``core``, ``web.test_api`` ...), and closes with a plain count."""

import sys
import unittest
from pathlib import Path

HERE = Path(__file__).parent


def suite(names: list[str]) -> unittest.TestSuite:
    loader = unittest.TestLoader()
    if not names:
        return loader.discover(str(HERE), top_level_dir=str(HERE.parent))
    found = unittest.TestSuite()
    for name in names:
        folder = HERE / name.replace(".", "/")
        if folder.is_dir():
            found.addTests(loader.discover(str(folder), top_level_dir=str(HERE.parent)))
        else:
            found.addTests(loader.loadTestsFromName(f"tests.{name}"))
    return found


result = unittest.TextTestRunner(verbosity=1).run(suite(sys.argv[1:]))
# A test with failing parts is one failed test.
failed = len({getattr(test, "test_case", test) for test, _ in (*result.failures, *result.errors)})
skipped = len(result.skipped)
passed = result.testsRun - failed - skipped
print(f"{passed} passed, {failed} failed" + (f", {skipped} skipped" if skipped else ""), flush=True)
sys.exit(1 if failed or result.testsRun == 0 else 0)
