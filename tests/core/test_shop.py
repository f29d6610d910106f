"""The numbers of the shop: each told once, with its unit and source, and used."""

import ast
import unittest
from pathlib import Path

from eggtuck.core import shop
from eggtuck.core.shop import Number, shop_numbers

ROOT = Path(__file__).parents[2]
CORE = ROOT / "eggtuck" / "core"
PAGE = ROOT / "docs" / "shop-numbers.md"
# Rooms that know of hands, tools and cloth.
ROOMS = ("making", "checks", "constructions", "drafting", "fit", "lay", "materials", "objects")
# Follow from something else, or bound what is taken in.
ELSEWHERE = {"ROUND_MARK", "FARTHEST", "_UNIT"}


def page() -> str:
    """The numbers as the docs tell them."""
    rows = [f"| {n.what} | {float(n):g} {n.unit} | {n.source} |" for _, n in shop_numbers()]
    head = [
        "# What we reckon with",
        "",
        "Where no geometry says it. A house rule is ours: a starting value that holds for most makers, to be bettered by measuring.",
        "",
        "| what | number | source |",
        "| --- | --- | --- |",
    ]
    return "\n".join([*head, *rows, ""])


class ShopNumbers(unittest.TestCase):
    def test_each_is_a_float_that_tells_what_it_is(self):
        for name, number in shop_numbers():
            with self.subTest(name):
                self.assertGreater(number, 0)
                self.assertIs(type(number + 1.0), float)
                self.assertTrue(number.what and number.unit and number.source)
                # Wherever it is written it is its number.
                self.assertEqual((str(number), f"{number}"), (str(float(number)), f"{float(number)}"))
        self.assertEqual(len({n.what for _, n in shop_numbers()}), len(list(shop_numbers())))

    def test_each_is_used(self):
        named = set()
        for file in CORE.parent.rglob("*.py"):
            if file.name != "shop.py":
                tree = ast.parse(file.read_text())
                named |= {node.id for node in ast.walk(tree) if isinstance(node, ast.Name)}
        self.assertEqual({name for name, _ in shop_numbers()} - named, set())

    def test_no_room_keeps_one_of_its_own(self):
        for room in ROOMS:
            for file in (CORE / room).rglob("*.py"):
                for line in ast.parse(file.read_text()).body:
                    if isinstance(line, ast.Assign):
                        with self.subTest(file=file.name, line=line.lineno):
                            self.assertEqual(floats(line) - ELSEWHERE, set())

    def test_the_page_tells_them(self):
        self.assertEqual(PAGE.read_text(encoding="utf-8"), page(), "write it again: python -m tests.core.test_shop")

    def test_every_one_is_declared_with_the_class(self):
        loose = [name for name, value in vars(shop).items() if isinstance(value, float) and type(value) is not Number]
        self.assertEqual(loose, [])


def floats(line: ast.Assign) -> set[str]:
    """The constants an assignment sets to a plain number with a fraction: what a shop number would be."""
    found = set()
    for target in line.targets:
        names = target.elts if isinstance(target, ast.Tuple) else [target]
        values = line.value.elts if isinstance(line.value, ast.Tuple) and len(names) > 1 else [line.value]
        for name, value in zip(names, values, strict=False):
            if isinstance(name, ast.Name) and name.id.lstrip("_").isupper() and isinstance(value, ast.Constant):
                found |= {name.id} if isinstance(value.value, float) else set()
    return found


if __name__ == "__main__":
    PAGE.write_text(page(), encoding="utf-8")
