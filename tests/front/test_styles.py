"""Styles lie beside the views they are for: a rule is looked for where what it dresses is written."""

import re
import unittest
from collections import defaultdict
from pathlib import Path

SRC = Path(__file__).parents[2] / "frontend" / "src"
# What the library that draws menus and dialogs puts on them itself.
LIBRARY = {"dropdown-menu", "modal-content"}
# What they are written with, and what is no view.
DRAWN_WITH, SHARED, NO_VIEWS = "look", "kit", {"words", "api", "main.tsx"}


def room_of(path):
    return path.relative_to(SRC).parts[0]


def named():
    """Every word that stands in a string, with the rooms it stands in; what is put together of a beginning and something else, by its
    beginning."""
    words, beginnings = defaultdict(set), defaultdict(set)
    for path in SRC.rglob("*.ts*"):
        if room_of(path) in NO_VIEWS:
            continue
        # One kind of quotes may stand within another.
        for said in (one for kind in "\"`'" for one in re.findall(f"{kind}([^{kind}\n]*){kind}", path.read_text())):
            for word in re.findall(r"[a-zA-Z][\w-]*(?:\$\{)?", said):
                if word.endswith("-${"):
                    beginnings[word.removesuffix("${")].add(room_of(path))
                else:
                    words[word.removesuffix("${")].add(room_of(path))
    return words, beginnings


def selectors(path):
    text = re.sub(r"/\*.*?\*/", "", path.read_text(), flags=re.S)
    for found in re.findall(r"([^{}]+)\{", text):
        if not found.strip().startswith("@"):
            # What stands in brackets is no class by itself.
            yield from (one.strip() for one in re.sub(r"\([^)]*\)", "", found).split(",") if "." in one)


class Styles(unittest.TestCase):
    def test_every_rule_lies_beside_a_view_that_uses_it(self):
        words, beginnings = named()

        def rooms(name):
            return words[name].union(*(where for start, where in beginnings.items() if name.startswith(start)))

        seen = 0
        for path in SRC.rglob("*.css"):
            for selector in selectors(path) if room_of(path) != DRAWN_WITH else ():
                names = re.findall(r"\.([a-zA-Z][\w-]*)", selector)
                where = set().union(*map(rooms, names))
                with self.subTest(f"{path.relative_to(SRC)}: {selector}"):
                    at_home = room_of(path) in where or (room_of(path) == SHARED and len(rooms(names[0])) > 1)
                    self.assertTrue(at_home or LIBRARY & set(names), sorted(where))
                seen += 1
        self.assertGreater(seen, 500)

    def test_every_file_of_styles_is_read(self):
        read = set()
        for path in [*SRC.rglob("*.css"), *SRC.rglob("*.tsx")]:
            for name in re.findall(r"[\"'](\.[^\"']*\.css)[\"']", path.read_text()):
                read.add((path.parent / name).resolve())
        self.assertEqual({path.resolve() for path in SRC.rglob("*.css")}, read)


if __name__ == "__main__":
    unittest.main()
