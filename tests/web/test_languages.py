"""In which language an answer comes, and what goes by it."""

import unittest

from eggtuck.demo import add_demo
from eggtuck.web.app import TABLE
from tests.core.test_portuguese import APART
from tests.words import texts

from .test_api import Client

BRAZIL = {"Accept-Language": "pt-BR,pt;q=0.9,en;q=0.5"}


class Languages(Client):
    def habits(self, **headers):
        return self.http.get("/api/settings", headers=headers).json

    def opened(self, **headers):
        return self.http.get("/", headers=headers)

    def test_before_one_is_chosen_the_browser_s_own_is_spoken_with_its_decimal_sign(self):
        self.assertIn('<html lang="pt"', self.opened(**BRAZIL).text)
        habits = self.habits(**BRAZIL)
        self.assertEqual((habits["language"], habits["decimal"]), ("pt", ","))
        answer = self.http.post("/api/projects", json={"preset": "jar"}, headers=BRAZIL)
        self.assertEqual(answer.status_code, 201)
        self.assertEqual(answer.json["spec"]["decimal"], ",")
        refused = self.http.get("/api/projects/nowhere", headers=BRAZIL).json
        self.assertEqual(refused["title"], "Não está aqui")
        for other in ("de-DE,de;q=0.9", "", "en-US,pt;q=0.3"):
            with self.subTest(other):
                wanted = {"Accept-Language": other}
                self.assertIn('<html lang="en"', self.opened(**wanted).text)
                self.assertEqual((self.habits(**wanted)["language"], self.habits(**wanted)["decimal"]), ("en", "."))

    def test_what_was_chosen_goes_before_what_the_browser_asks_for(self):
        self.http.put("/api/settings", json={"language": "en"})
        self.assertIn('<html lang="en"', self.opened(**BRAZIL).text)
        self.http.put("/api/settings", json={"language": "pt"})
        self.assertEqual((self.habits()["language"], self.habits()["decimal"]), ("pt", ","))
        self.http.put("/api/settings", json={"decimal": "."})
        self.assertEqual((self.habits()["language"], self.habits()["decimal"]), ("pt", "."))
        self.assertIn('<html lang="en"', self.http.get("/?lang=en", headers=BRAZIL).text)

    def test_the_page_names_the_file_of_its_words(self):
        for language, file in (("en", "en"), ("pt", "pt"), ("en-XA", "en")):
            with self.subTest(language):
                link = self.http.get(f"/?lang={language}").headers["Link"]
                self.assertRegex(link, rf"^</assets/{file}-[\w-]+\.js>;rel=modulepreload$")
                self.assertTrue((TABLE / link[1:].partition(">")[0].lstrip("/")).is_file())

    def test_whatever_is_asked_of_the_workshop_is_told_as_portuguese_draws_it_together(self):
        add_demo(self.app)
        with_id = {
            what: [one["id"] for one in self.http.get(f"/api/{what}").json[what][:2]]
            for what in ("projects", "cuttings", "batches")
        }
        asked = 0
        for rule in self.app.url_map.iter_rules():
            what = rule.rule.split("/")[2] if rule.rule.startswith("/api/") and "GET" in rule.methods else None
            if what in (None, "openapi.json") or rule.rule.count("<") > 1:
                continue
            for id in with_id.get(what, ()) if "<id>" in rule.rule else () if "<" in rule.rule else ("",):
                answer = self.http.get(rule.rule.replace("<id>", id), query_string={"lang": "pt"})
                if answer.status_code == 200 and answer.is_json:
                    asked += 1
                    for text in texts(answer.json):
                        self.assertIsNone(APART.search(text), (rule.rule, text))
                answer.close()
        self.assertGreater(asked, 30)

    def test_every_list_of_languages_has_their_own_names(self):
        told = self.http.get("/api/catalogue").json["languages"]
        self.assertEqual([(one["id"], one["name"]) for one in told], [("en", "English"), ("pt", "Português")])


if __name__ == "__main__":
    unittest.main()
