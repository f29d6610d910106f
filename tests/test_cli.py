"""The command line."""

import contextlib
import io
import json
import tempfile
import unittest
from pathlib import Path
from unittest import mock

from eggtuck.cli import main
from tests.specs import cordial


class DraftCommand(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = Path(folder.name)

    def run_on(self, text, *more):
        (self.folder / "spec.json").write_text(text)
        out, err = io.StringIO(), io.StringIO()
        with contextlib.redirect_stdout(out), contextlib.redirect_stderr(err):
            code = main(["draft", str(self.folder / "spec.json"), *more])
        return code, out.getvalue(), err.getvalue()

    def test_prints_the_draft_and_nothing_else(self):
        code, out, err = self.run_on(json.dumps(cordial()))
        self.assertEqual((code, err), (0, ""))
        self.assertEqual(json.loads(out)["format"], "egg-tuck-draft")

    def test_writes_files(self):
        for ending in ("pdf", "svg", "json"):
            code, out, _ = self.run_on(json.dumps(cordial()), "--out", str(self.folder / f"bag.{ending}"))
            self.assertEqual((code, out), (0, ""))
            self.assertGreater((self.folder / f"bag.{ending}").stat().st_size, 1000)

    def test_bad_input_is_told_on_stderr_by_field(self):
        cases = [
            ("{", "not JSON"), ('"bag"', "spec:"), ("[" * 100_000, "not JSON"), (json.dumps(cordial(form="hat")), "form:"),
            (json.dumps({**cordial(size={"gap": "9"}), "unit": "in"}), "size.gap:"),
            (json.dumps(cordial(size={"gap": "15"})), "size.gap:"),
        ]  # fmt: skip
        for text, words in cases:
            code, out, err = self.run_on(text)
            self.assertEqual((code, out), (2, ""))
            self.assertIn(words, err)

    def test_unknown_endings_and_missing_files(self):
        code, _, err = self.run_on(json.dumps(cordial()), "--out", str(self.folder / "bag.doc"))
        self.assertEqual(code, 2)
        self.assertIn(".pdf", err)
        with contextlib.redirect_stderr(io.StringIO()) as err:
            self.assertEqual(main(["draft", str(self.folder / "none.json")]), 2)
        self.assertIn("none.json", err.getvalue())

    def test_standard_input(self):
        with (
            mock.patch("sys.stdin", io.StringIO(json.dumps(cordial()))),
            contextlib.redirect_stdout(io.StringIO()) as out,
        ):
            self.assertEqual(main(["draft", "-"]), 0)
        self.assertIn("egg-tuck-draft", out.getvalue())

    def test_the_examples_draft(self):
        examples = sorted((Path(__file__).parents[1] / "examples").glob("*.json"))
        self.assertTrue(examples)
        for path in examples:
            with contextlib.redirect_stdout(io.StringIO()), self.subTest(path.name):
                self.assertEqual(main(["draft", str(path)]), 0)

    def test_the_description_of_the_web_interface(self):
        with contextlib.redirect_stdout(io.StringIO()) as out:
            self.assertEqual(main(["openapi"]), 0)
        self.assertIn("/api/drafts", json.loads(out.getvalue())["paths"])

    def test_a_taken_port_is_told(self):
        import socket

        with socket.socket() as taken, contextlib.redirect_stderr(io.StringIO()) as err:
            taken.bind(("127.0.0.1", 0))
            taken.listen()
            port = taken.getsockname()[1]
            self.assertEqual(main(["serve", "--port", str(port), "--data", str(self.folder)]), 2)
        self.assertIn("--port", err.getvalue())


if __name__ == "__main__":
    unittest.main()
