"""The house: a form is at home in its own folder and nowhere else; another is one folder more."""

import json
import re
import tomllib
import unittest
from pathlib import Path
from statistics import median

import eggtuck
from eggtuck.core.forms import CATALOGUE
from eggtuck.core.words.catalogue import Catalogue

ROOT = Path(eggtuck.__file__).parent
FORMS = ROOT / "core" / "forms"


def sources():
    for folder, kinds in ((ROOT, ("*.py",)), (ROOT.parent / "frontend" / "src", ("*.ts", "*.tsx"))):
        for kind in kinds:
            yield from (path for path in folder.rglob(kind) if path.name != "schema.d.ts")


class AtHome(unittest.TestCase):
    def test_no_form_is_named_outside_its_own_folder(self):
        named = re.compile("[\"'`](" + "|".join(map(re.escape, CATALOGUE)) + ")[\"'`]")
        for path in sources():
            if "demo" in path.parts:
                continue
            for found in named.finditer(path.read_text()):
                id = found.group(1)
                home = FORMS / id.replace("-", "_")
                # An easier form is one to make first.
                first = f'easier="{id}"' in path.read_text() and path.is_relative_to(FORMS)
                self.assertTrue(path.is_relative_to(home) or first, f"{path.relative_to(ROOT.parent)}: {id}")

    def test_every_form_is_a_folder_with_its_words(self):
        folders = {path.name for path in FORMS.iterdir() if (path / "__init__.py").exists()}
        self.assertEqual(folders, {id.replace("-", "_") for id in CATALOGUE})
        for form in CATALOGUE.values():
            own = Catalogue("en")
            own.learn(FORMS / form.id.replace("-", "_") / "en.ftl")
            self.assertIn(f"form.{form.id}", own)
            self.assertIn(f"form.{form.id}.summary", own)
            self.assertEqual(form.easier is not None, f"easier.{form.id}" in own)
            self.assertTrue(all(form.picture[:1]))

    def test_every_file_of_a_form_is_read_at_a_sitting(self):
        lengths = {path: len(path.read_text().splitlines()) for path in FORMS.glob("*/*.py")}
        self.assertEqual([str(path.relative_to(FORMS)) for path, length in lengths.items() if length > 200], [])
        self.assertLess(median(lengths.values()), 150)

    def test_forms_do_not_read_each_other(self):
        for path in FORMS.glob("*/*.py"):
            for target in re.findall(r"^from \.\.(\w+)", path.read_text(), re.M):
                self.fail(f"{path.relative_to(FORMS)} reads {target}")

    def test_the_version_told_is_the_one_whose_changes_are_told(self):
        house = ROOT.parent
        told = {
            "project": tomllib.loads((house / "pyproject.toml").read_text())["project"]["version"],
            "frontend": json.loads((house / "frontend" / "package.json").read_text())["version"],
            "lock": json.loads((house / "frontend" / "package-lock.json").read_text())["version"],
            "schema": json.loads((house / "docs" / "openapi.json").read_text())["info"]["version"],
            "changes": re.search(r"^## (\S+)", (house / "CHANGELOG.md").read_text(), re.M).group(1),
        }
        self.assertEqual(told, dict.fromkeys(told, eggtuck.__version__))


if __name__ == "__main__":
    unittest.main()
