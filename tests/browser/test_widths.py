"""Every main view on a desk, a tablet and a telephone: nothing runs off the side, everything has a name, keys are enough."""

import itertools
import unittest

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
            for wide, high in sizes:
                with self.subTest(f"{address} {wide}"):
                    page.set_viewport_size({"width": wide, "height": high})
                    self.painted()
                    needed, there = page.evaluate(SIDES)
                    self.assertLessEqual(needed, there + 1)
            page.set_viewport_size({"width": 1280, "height": 800})

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
