"""Every view in stretched English: no word that is not from the catalogue, and room for longer ones."""

import itertools
import unittest
from datetime import date, timedelta

from tests.words import texts, unmarked

from .table import TableTest, expect
from .test_widths import STAGES, VIEWS

FORMS = ("boxed-bag", "dart-bowl", "gusset-bag")
# What is read or heard: text in sight, and the names and explanations of what is in sight.
READ = """() => {
  const found = [];
  const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
  for (let node = walk.nextNode(); node; node = walk.nextNode()) {
    const within = node.parentElement;
    if (!within.closest('script, style, svg') && within.checkVisibility()) found.push(node.textContent);
  }
  // A label on a drawing may run over several lines.
  for (const label of document.querySelectorAll('svg text'))
    found.push([...(label.children.length ? label.children : [label])].map((line) => line.textContent).join(' '));
  for (const element of document.querySelectorAll('[aria-label], [title], [alt], [placeholder], [aria-valuetext]'))
    for (const name of ['aria-label', 'title', 'alt', 'placeholder', 'aria-valuetext'])
      if (element.hasAttribute(name)) found.push(element.getAttribute(name));
  return [...new Set(found.map((text) => text.trim()))].filter(Boolean);
}"""
# Text that its own box cuts off or lets run out, where it cannot be scrolled; what only those hear who do not see is small on purpose.
SPILT = """() => [...document.querySelectorAll('body *')]
  .filter((e) => [...e.childNodes].some((n) => n.nodeType === 3 && n.textContent.trim()))
  .filter((e) => e.checkVisibility() && !e.closest('.visually-hidden, svg, select') && e.clientWidth > 0)
  .filter((e) => !/auto|scroll/.test(getComputedStyle(e).overflowX) && e.scrollWidth > e.clientWidth + 1)
  .map((e) => [e.scrollWidth - e.clientWidth, e.outerHTML.slice(0, 160)])"""
# Text that stands beyond the side of what holds it, where nothing is placed or scrolled.
BEYOND = """() => [...document.querySelectorAll('main *, header *, footer *')]
  .filter((e) => [...e.childNodes].some((n) => n.nodeType === 3 && n.textContent.trim()))
  .filter((e) => e.checkVisibility() && !e.closest('.visually-hidden, svg, select, .drawing, .dropdown-menu'))
  .flatMap((e) => {
    if (getComputedStyle(e).position === 'absolute') return [];
    const right = e.getBoundingClientRect().right;
    for (let up = e.parentElement; up && up !== document.body; up = up.parentElement) {
      const style = getComputedStyle(up);
      if (/auto|scroll/.test(style.overflowX)) break;
      if (style.display === 'inline') continue;
      if (right > up.getBoundingClientRect().right + 1) return [[right, up.className, e.outerHTML.slice(0, 120)]];
    }
    return [];
  })"""
DAY = "{day.day} {day:%B %Y}"
SIDES = "[document.documentElement.scrollWidth, window.innerWidth]"


class Stretched(TableTest):
    def setUp(self):
        super().setUp()
        request = self.page.request
        settings = request.get(f"{self.served.address}/api/settings").json()
        request.put(f"{self.served.address}/api/settings", data={**settings, "language": "en-XA"})
        self.projects = request.get(f"{self.served.address}/api/projects").json()["projects"]
        self.own, log = {project["name"] for project in self.projects}, []
        for project in self.projects:
            address = f"{self.served.address}/api/projects/{project['id']}"
            kept = request.get(address).json()
            spec = kept["spec"]
            self.own |= set(texts([spec.get(name) for name in ("object", "also", "wearer", "corrections", "shape")]))
            self.own |= {layer["material"] for layer in spec.get("layers", ())}
            makes = request.get(f"{address}/makes").json()["makes"]
            self.own |= set(texts(makes))
            log += makes
        for thing in request.get(f"{self.served.address}/api/things").json()["things"]:
            self.own |= {thing["name"], thing["note"]}
        for piled in request.get(f"{self.served.address}/api/pile").json()["pile"]:
            self.own |= {piled["name"], piled["note"]}
        self.own |= {one["name"] for one in request.get(f"{self.served.address}/api/cuttings").json()["cuttings"]}
        orders = request.get(f"{self.served.address}/api/orders").json()["orders"]
        told = ("title", "whom", "cloth", "theme", "together", "price", "note")
        self.own |= {order[name] for order in orders for name in told}
        self.own |= {DAY.format(day=date.today() + timedelta(days=n)) for n in range(-5, 90)}
        self.own |= {one["name"] for one in request.get(f"{self.served.address}/api/batches").json()["batches"]}
        # Days of the week are the browser's own.
        self.own |= {date(2024, 1, day).strftime("%a") for day in range(1, 8)}
        # Typed below.
        self.own |= {"wide", "deep", self.served.folder}
        self.own |= {DAY.format(day=date.fromisoformat(make["made_on"])) for make in log}

    def addresses(self):
        wanted = {}
        for project in self.projects:
            wanted.setdefault(project["form"], project["id"])
        yield from (*VIEWS, *self.cuttings())
        # A make as it was made is kept in the words of its day.
        yield from (address for address in self.plans() if address.startswith("/plan"))
        yield f"/compare/{wanted['boxed-bag']}/{wanted['gusset-bag']}"
        yield "/projects/nowhere/thing"
        for form, stage in itertools.product(FORMS, STAGES):
            yield f"/projects/{wanted[form]}/{stage}"

    def all_marked(self):
        left = [(text, rest) for text in self.page.evaluate(READ) if (rest := unmarked(text, self.own))]
        self.assertEqual(left, [])

    def test_every_word_is_from_the_catalogue_and_has_room(self):
        for address in self.addresses():
            self.walk(address)
            with self.subTest(address):
                self.all_marked()
            for wide, high in ((1280, 800), (1024, 768), (390, 844)):
                with self.subTest(f"{address} {wide}"):
                    self.page.set_viewport_size({"width": wide, "height": high})
                    self.painted()
                    needed, there = self.page.evaluate(SIDES)
                    self.assertLessEqual(needed, there + 1)
                    self.assertEqual(self.page.evaluate(SPILT), [])
                    self.assertEqual(self.page.evaluate(BEYOND), [])
            self.page.set_viewport_size({"width": 1280, "height": 800})
        self.assertEqual(self.page.locator("html").get_attribute("lang"), "en-XA")

    def test_what_opens_is_from_the_catalogue_too(self):
        page = self.page
        bottle = next(p for p in self.projects if p["form"] == "boxed-bag")

        def more_of_a_project():
            self.settled("/")
            page.locator(".project .more").first.click()

        def put_away():
            more_of_a_project()
            page.locator(".dropdown-item").last.click()
            expect(page.locator(".toast-line button")).to_be_visible()

        def keys():
            self.settled("/")
            page.keyboard.press("?")
            expect(page.locator(".keys")).to_be_visible()

        def editor():
            self.settled("/shelf")
            page.locator(".shelf-page section > button").first.click()
            self.enter("object.girth", "wide")
            expect(page.locator(".editor .measure-error").first).to_be_visible()

        def profile():
            editor()
            page.locator(".editor select").first.select_option("profile")
            expect(page.locator(".profile-rows")).to_be_visible()

        def refused():
            self.settled(f"/projects/{bottle['id']}/form")
            self.enter("size.base_depth", "deep")
            expect(page.locator(".measure-error").first).to_be_visible()

        def variants():
            self.settled(f"/projects/{bottle['id']}/form")
            page.locator(".variants").click()
            expect(page.locator(".dropdown-menu.show")).to_be_visible()

        def round_form():
            self.settled(f"/projects/{bottle['id']}/form")
            page.locator(".seen button").last.click()
            expect(page.locator(".round-tools")).to_be_visible()

        def beside():
            self.settled(f"/projects/{bottle['id']}/form")
            page.locator(".choices .from-drawer select").first.select_option(index=1)
            expect(page.locator(".modal .compare")).to_be_visible()

        def a_part():
            self.settled(f"/projects/{bottle['id']}/form")
            page.locator(".add-part select").select_option(index=1)
            expect(page.locator(".part")).to_be_visible()

        def why_it_fits():
            self.settled("/fits")
            page.locator(".fit-mark").first.click()
            expect(page.locator(".fit-why")).to_be_visible()

        views = (more_of_a_project, keys, editor, profile, refused, variants, round_form, beside, a_part, why_it_fits)
        for opened in (*views, put_away):
            with self.subTest(opened.__name__):
                opened()
                self.quiet()
                self.all_marked()

    def test_the_language_is_a_habit(self):
        page = self.page
        settings = page.request.get(f"{self.served.address}/api/settings").json()
        page.request.put(f"{self.served.address}/api/settings", data={**settings, "language": "en"})
        self.settled("/habits")
        page.locator("select").filter(has_text="Português").select_option("pt")
        expect(page.get_by_role("heading", name="Os seus hábitos")).to_be_visible()
        expect(page.locator("html")).to_have_attribute("lang", "pt")
        self.settled("/machine")
        expect(page.get_by_role("heading", name="A sua máquina", exact=False).first).to_be_visible()
        self.settled("/habits")
        page.locator("select").filter(has_text="English").select_option("en")
        expect(page.get_by_role("heading", name="Your habits")).to_be_visible()
        expect(page.locator("html")).to_have_attribute("lang", "en")


if __name__ == "__main__":
    unittest.main()
