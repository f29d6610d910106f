"""What the docstrings of the rooms others call show is what happens, and every public function there shows something."""

import ast
import doctest
import importlib
import inspect
import unittest
from pathlib import Path

CORE = Path(__file__).parents[2] / "eggtuck" / "core"
ROOMS = ("plane", "lengths", "fit", "pattern")
# Writers of documents are shown by the documents; a problem is what it is.
APART = {"document", "written", "asked", "problem", "source", "draft"}


def modules():
    for room in ROOMS:
        for file in sorted((CORE / room).glob("*.py")):
            if file.stem != "__init__" and file.stem not in APART:
                yield importlib.import_module(f"eggtuck.core.{room}.{file.stem}")
    yield importlib.import_module("eggtuck.core.shop")


class Examples(unittest.TestCase):
    def test_they_run(self):
        tried = 0
        for module in modules():
            with self.subTest(module.__name__):
                failed, count = doctest.testmod(module, optionflags=doctest.NORMALIZE_WHITESPACE)
                self.assertEqual(failed, 0)
                tried += count
        self.assertGreater(tried, 80)

    def test_every_public_function_has_one_and_tells_what_it_takes(self):
        for module in modules():
            for node in ast.parse(inspect.getsource(module)).body:
                if not isinstance(node, ast.FunctionDef) or node.name.startswith("_"):
                    continue
                with self.subTest(f"{module.__name__}.{node.name}"):
                    told = ast.get_docstring(node) or ""
                    self.assertIn(">>>", told)
                    names = [arg.arg for arg in node.args.args]
                    # One argument may be told of in the sentence; several are told one by one.
                    if len(names) > 1 and module.__name__ != "eggtuck.core.shop":
                        missing = [name for name in names if name not in told]
                        self.assertEqual(missing, [])
                    if any(isinstance(line, ast.Raise) for line in ast.walk(node)):
                        self.assertIn("Raises", told)
