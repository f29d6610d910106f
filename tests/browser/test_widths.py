"""Every main view on a desk, a tablet and a telephone: nothing runs off the side, nothing is asked twice, everything has a name, keys are enough."""

import itertools
import random
import unittest
from collections import Counter

from .table import TableTest, expect

STAGES = ("thing", "form", "ease", "pieces", "cloth", "sew", "log")
VIEWS = (
    "/",
    "/shelf",
    "/check",
    "/fits",
    "/habits",
    "/pile",
    "/cutting",
    "/log",
    "/plan",
    "/machine",
    "/safe",
    "/tablet",
)
# Words of a piece that stand over each other; letters seldom fill their boxes.
# How much of the view moved, and how far, without anybody having done something.
MOVED = """
window.moved = 0;
new PerformanceObserver((list) => list.getEntries().forEach((one) => (window.moved += one.value)))
  .observe({ type: "layout-shift", buffered: true });
"""
# An eighth of the view moved by an eighth of it; what fits what is tried make by make, and may move more.
HARDLY = 1 / 64
OVER_EACH_OTHER = """() => [...document.querySelectorAll('.piece')].flatMap((piece) => {
  const words = [...piece.querySelectorAll('text')].map((text) => [text.textContent, text.getBoundingClientRect()]);
  return words.flatMap(([one, a], i) => words.slice(i + 1).filter(([, b]) =>
    Math.min(a.right, b.right) - Math.max(a.left, b.left) > 3 && Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top) > 6)
    .map(([other]) => `${one} and ${other}`));
})"""
SHOWN = "e => [...e.children].filter(c => getComputedStyle(c).opacity !== '0').map(c => c.innerText).join(' ')"
SIDES = "[document.documentElement.scrollWidth, window.innerWidth]"
NAMELESS = """() => [...document.querySelectorAll('input, select, textarea, button, a[href]')]
  .filter((e) => e.offsetParent && !(e.getAttribute('aria-label') || e.getAttribute('aria-labelledby') || e.textContent.trim()
    || e.closest('label') || (e.labels && e.labels.length) || e.title))
  .map((e) => e.outerHTML.slice(0, 120))"""


class Widths(TableTest):
    def addresses(self):
        listed = self.page.request.get(f"{self.served.address}/api/projects").json()["projects"]
        wanted = {}
        for project in listed:
            wanted.setdefault(project["form"], project["id"])
        yield from (*VIEWS, *self.cuttings(), *self.plans())
        for form, stage in itertools.product(("boxed-bag", "dart-bowl", "gusset-bag"), STAGES):
            yield f"/projects/{wanted[form]}/{stage}"

    def test_nothing_runs_off_the_side_and_everything_that_can_be_used_has_a_name(self):
        page = self.page
        # The third is a desk at twice the size of everything.
        sizes = ((1280, 800), (1024, 768), (640, 400), (390, 844))
        for address in self.addresses():
            self.walk(address)
            with self.subTest(address):
                self.assertEqual(page.evaluate(NAMELESS), [])
                self.assertEqual(page.evaluate(OVER_EACH_OTHER), [])
            for wide, high in sizes:
                with self.subTest(f"{address} {wide}"):
                    page.set_viewport_size({"width": wide, "height": high})
                    self.painted()
                    needed, there = page.evaluate(SIDES)
                    self.assertLessEqual(needed, there + 1)
            page.set_viewport_size({"width": 1280, "height": 800})

    def test_a_view_that_is_opened_asks_for_each_thing_once(self):
        page = self.page
        project = page.request.get(f"{self.served.address}/api/projects").json()["projects"][0]["id"]
        asked: list[str] = []
        page.on("request", lambda request: asked.append(f"{request.method} {request.url.partition('?')[0]}"))
        for address in ("/check", "/habits", *(f"/projects/{project}/{stage}" for stage in ("thing", "sew", "log"))):
            # The view before is left first: what it still fetches for later would be counted with what this one asks.
            page.goto("about:blank")
            asked.clear()
            self.settled(address)
            with self.subTest(address):
                self.assertTrue(any("/api/" in one for one in asked))
                self.assertEqual([one for one, times in Counter(asked).items() if times > 1], [])

    def test_what_comes_late_moves_nothing_that_may_be_pressed_meanwhile(self):
        page = self.page
        project = page.request.get(f"{self.served.address}/api/projects").json()["projects"][0]["id"]
        page.add_init_script(MOVED)
        # Each answer by itself, in any order, some after a view has long been there.
        chance = random.Random(5)

        def late(route):
            answer = route.fetch()
            page.wait_for_timeout(chance.choice((10, 150, 600)))
            route.fulfill(response=answer)

        page.route("**/api/**", late)
        own = [f"/projects/{project}/{stage}" for stage in ("form", "sew", "log")]
        for address in (*VIEWS, *own):
            with self.subTest(address):
                self.settled(address)
                self.assertLess(page.evaluate("window.moved"), HARDLY)
        page.unroute_all(behavior="wait")

    def test_a_view_that_is_slow_says_so_and_claims_nothing_till_it_has_come(self):
        page = self.page
        held = []
        page.route("**/api/pile", lambda route: held.append(route))
        self.visit("/pile")
        expect(page.get_by_text("One moment")).to_have_css("opacity", "1")
        self.assertEqual(page.locator("main").evaluate(SHOWN), "")
        held[0].continue_()
        expect(page.get_by_text("One moment")).to_be_hidden()
        self.assertIn("The pile", page.locator("main").evaluate(SHOWN))

    def test_what_cannot_be_fetched_is_not_said_to_be_on_its_way(self):
        page = self.page
        project = page.request.get(f"{self.served.address}/api/projects").json()["projects"][0]["id"]
        own = (f"/projects/{project}/sew", f"/compare/{project}/{project}", *self.plans(), *self.cuttings())
        page.route("**/api/**", lambda route: route.abort())
        for address in (*VIEWS, *own):
            with self.subTest(address):
                self.visit(address)
                page.locator("main").wait_for(state="attached")
                self.quiet()
                expect(page.get_by_text("One moment")).to_be_hidden()

    def test_every_step_is_read_from_its_beginning_wherever_the_one_before_was_left(self):
        page = self.page
        for wide, high in ((1280, 640), (1024, 768), (390, 844)):
            page.set_viewport_size({"width": wide, "height": high})
            self.open_project("Market day round bag", "Sew")
            title, far = page.locator(".step h2"), 0
            for press in ("Done, next", "Done, next", "Done, next", "next", "next"):
                before = title.inner_text()
                page.evaluate("document.querySelector('.step').scrollTo(0, 1e5); window.scrollTo(0, 1e5)")
                far += page.evaluate("document.querySelector('.step').scrollTop + window.scrollY > 0")
                if press == "next":
                    page.keyboard.press("ArrowRight")
                else:
                    page.get_by_role("button", name=press).click()
                expect(title).not_to_have_text(before)
                self.painted()
                top = title.evaluate("e => e.getBoundingClientRect().top")
                with self.subTest(f"{wide}: {title.inner_text()}"):
                    self.assertGreaterEqual(top, 0)
                    self.assertLess(top, high)
            self.assertGreater(far, 0)

    def scrolled_to(self, down):
        for _ in range(100):
            now = self.page.evaluate("window.scrollY")
            if abs(now - down) <= 2:
                return
            self.page.wait_for_timeout(50)
        self.fail(f"{self.page.url}: {now}, not {down}")

    def test_every_view_begins_at_its_top_and_back_leads_to_where_it_was_left(self):
        page = self.page
        page.set_viewport_size({"width": 390, "height": 400})
        self.settled("/")
        left = {}
        for place in ("The shelf", "Plan", "The pile", "Cutting", "The table"):
            page.evaluate("window.scrollTo(0, document.body.scrollHeight / 3)")
            # A list that comes late (there are two on some views) makes room for itself above: where a view is left is told after that.
            self.quiet()
            left[page.url] = page.evaluate("window.scrollY")
            self.assertGreater(left[page.url], 0, page.url)
            page.get_by_role("link", name=place, exact=True).first.evaluate("e => e.click()")
            expect(page.locator("main").first).not_to_have_attribute("aria-busy", "true")
            self.quiet()
            self.scrolled_to(0)
        for _ in range(4):
            page.go_back()
            expect(page.locator("main").first).not_to_have_attribute("aria-busy", "true")
            self.quiet()
            self.scrolled_to(left[page.url])

    def test_a_thing_is_put_on_the_shelf_without_a_mouse(self):
        page = self.page
        self.visit("/shelf")
        button = page.get_by_role("button", name="Measure another thing")
        button.focus()
        page.keyboard.press("Enter")
        name = page.get_by_label("name")
        name.focus()
        page.keyboard.type("Tall can")
        page.keyboard.press("Tab")
        page.get_by_label("kind").select_option("can")
        field = page.locator('.editor-fields [data-field="object.girth"]')
        for _ in range(40):
            if field.evaluate("e => e === document.activeElement"):
                break
            page.keyboard.press("Tab")
        expect(field).to_be_focused()
        page.keyboard.type("23,6")
        height = page.locator('.editor-fields [data-field="object.height"]')
        for _ in range(6):
            page.keyboard.press("Tab")
            if height.evaluate("e => e === document.activeElement"):
                break
        page.keyboard.type("11")
        keep = page.get_by_role("button", name="Put it on the shelf")
        keep.focus()
        page.keyboard.press("Enter")
        expect(page.locator(".shelf li").filter(has_text="Tall can")).to_be_visible()


if __name__ == "__main__":
    unittest.main()
