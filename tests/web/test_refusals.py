"""What is refused is refused from the catalogue, in the language of the request."""

import ast
import re
import unittest
from pathlib import Path

import eggtuck.web
from eggtuck.core.audit.written import ToldListDoc
from eggtuck.core.forms import CATALOGUE
from eggtuck.core.objects import KINDS, PRESETS
from eggtuck.core.pattern.asked import SpecDoc
from eggtuck.core.words import LANGUAGES
from eggtuck.files import SOLIDS
from tests.words import unmarked

from .test_api import Client

WEB = Path(eggtuck.web.__file__).parent
# What programs read, not makers: headers, what is logged, types of files, the description of the interface.
FOR_PROGRAMS = re.compile(r"<html lang|[A-Za-z-]+: |default-src|^public, |unexpected error|^inline|same-origin")


def literals(path):
    """The texts of a file that a person could read, but for what describes the program itself."""
    tree = ast.parse(path.read_text())
    described = {
        id(node)
        for call in ast.walk(tree)
        if isinstance(call, ast.Call) and getattr(call.func, "attr", "") == "operation"
        for node in ast.walk(call)
    }
    described |= {id(node.value) for node in ast.walk(tree) if isinstance(node, ast.Expr)}
    for node in ast.walk(tree):
        if isinstance(node, ast.Dict):
            keys = [getattr(key, "value", None) for key in node.keys]
            described |= {id(value) for key, value in zip(keys, node.values, strict=True) if key == "description"}
    for node in ast.walk(tree):
        if isinstance(node, ast.Constant) and isinstance(node.value, str) and id(node) not in described:
            yield node.value


class Refusals(Client):
    def test_no_sentence_stands_in_the_server(self):
        found = [
            (path.name, text)
            for path in sorted(WEB.rglob("*.py"))
            if path.name not in ("openapi.py", "documents.py")
            for text in literals(path)
            if re.search(r"[A-Za-z]{2,} [A-Za-z]{2,}", text) and not FOR_PROGRAMS.search(text)
        ]
        self.assertEqual(found, [])

    def test_every_refusal_is_in_the_catalogue(self):
        named = set()
        for path in WEB.rglob("*.py"):
            for call in ast.walk(ast.parse(path.read_text())):
                refuses = isinstance(call, ast.Call) and getattr(call.func, "id", "") == "RefusedError"
                if refuses and isinstance(call.args[1], ast.Constant):
                    named.add((path.name, call.args[1].value))
        self.assertGreater(len(named), 12)
        for file, words in named:
            self.assertIn(f"refused.{words}", LANGUAGES["en"], file)

    def test_what_is_refused_is_told_in_the_language_of_the_request(self):
        bottle = {"kind": "bottle", "girth": "25,1", "height": "31"}
        project = self.http.post("/api/projects", json={"form": "boxed-bag"}).json
        here = f"/api/projects/{project['id']}"
        cases = (
            ("GET", "/api/projects/nowhere", None),
            ("GET", "/api/nothing", None),
            ("POST", "/api/drafts", {"form": "nothing"}),
            ("POST", "/api/drafts", {"form": "boxed-bag", "object": {**bottle, "girth": "wide"}}),
            ("POST", "/api/drafts", []),
            ("POST", "/api/drafts", {"form": "boxed-bag", "object": bottle, "language": "nothing"}),
            ("POST", "/api/projects", {"form": "nothing"}),
            ("POST", "/api/projects", {"preset": "nothing"}),
            ("POST", "/api/projects", {"name": "x" * 400}),
            ("POST", "/api/projects", {"name": " "}),
            ("POST", "/api/projects", {"name": 3}),
            ("POST", "/api/projects", {"nothing": 3}),
            ("POST", "/api/specs/form", {"spec": project["spec"], "form": "nothing"}),
            ("PUT", here, {"name": "Bag", "spec": project["spec"], "revision": 40}),
            ("PUT", here, {"name": "Bag", "spec": project["spec"], "revision": "many"}),
            ("PUT", here, {"name": "Bag"}),
            ("POST", f"{here}/makes", {"made_on": "yesterday"}),
            ("POST", f"{here}/makes", {"made_on": "2026-03-14", "minutes": -3}),
            ("POST", f"{here}/makes", {"made_on": "2026-03-14", "minutes": 10**9}),
            ("POST", f"{here}/makes", {"made_on": "2026-03-14", "measured": {"girth": "much"}}),
            ("POST", f"{here}/makes", {"made_on": "2026-03-14", "measured": []}),
            ("PUT", f"{here}/progress", {"done": "all"}),
            ("PUT", f"{here}/progress", {"done": ["x"] * 400}),
            ("PUT", "/api/settings", {"paper": "napkin"}),
            ("GET", f"{here}/form.nothing", None),
            ("GET", "/api/measuring-card.pdf?kind=nothing", None),
            ("POST", "/api/cut-lists/read-table", {"text": "nothing"}),
            ("POST", "/api/audits", {"form": "nothing"}),
            ("POST", "/api/things/read-table", {"text": "", "unit": "cm"}),
        )
        # The words that are given back, and choices as the interface calls them.
        own = {"nothing", "wide", "much", "many", "napkin", "letter", ", ".join(LANGUAGES), "number", "option", "layer"}
        own |= {*CATALOGUE, *PRESETS, *KINDS, *SOLIDS, *SpecDoc.__annotations__, *ToldListDoc.__annotations__}
        for method, path, body in cases:
            with self.subTest(f"{method} {path} {body}"[:80]):
                plain, longer = (
                    self.http.open(path + way, method=method, json=body)
                    for way in ("", ("&" if "?" in path else "?") + "lang=en-XA")
                )
                self.assertGreaterEqual(plain.status_code, 400)
                self.assertLess(plain.status_code, 500)
                self.assertEqual(plain.status_code, longer.status_code)
                told = [longer.json["title"], longer.json["detail"], *(e["message"] for e in longer.json["errors"])]
                for text in told:
                    rest = unmarked(text, own)
                    self.assertEqual(rest, "", text)
                self.assertNotIn("\u00ab", plain.json["detail"])

    def test_the_address_goes_before_the_habit(self):
        settings = self.http.get("/api/settings").json
        self.http.put("/api/settings", json={**settings, "language": "en-XA"})
        name = lambda way: self.http.get(f"/api/catalogue{way}").json["forms"][0]["name"]  # noqa: E731
        self.assertEqual(name(""), "\u00abBooxeed-baasee baag\u00bb")
        self.assertEqual(name("?lang=en"), "Boxed-base bag")
        # One that nobody speaks is not asked for.
        self.assertEqual(name("?lang=xx"), name(""))
        self.assertIn('<html lang="en-XA"', self.http.get("/").text)
        # A page that was asked for in a language asks for the rest in it, until the habit is changed.
        self.assertIn('<html lang="en"', self.http.get("/?lang=en").text)
        self.assertEqual(name(""), "Boxed-base bag")
        self.http.put("/api/settings", json={**settings, "language": "en-XA", "paper": "letter"})
        self.assertEqual(name(""), "Boxed-base bag")
        self.http.put("/api/settings", json={**settings, "language": "en"})
        self.http.put("/api/settings", json={**settings, "language": "en-XA"})
        self.assertEqual(name(""), "\u00abBooxeed-baasee baag\u00bb")
        spec = self.http.post("/api/projects?lang=en", json={"form": "boxed-bag"}).json["spec"]
        titles = [self.http.post(f"/api/drafts{way}", json=spec).json["steps"][0]["title"] for way in ("", "?lang=en")]
        self.assertEqual(titles, ["\u00abFlaatteen thee clooth\u00bb", "Flatten the cloth"])


if __name__ == "__main__":
    unittest.main()
