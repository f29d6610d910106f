"""Makes of several parts, on the screen: rows of blocks, a part on another copy, a flat version."""

import re

from playwright.sync_api import expect

from .table import TableTest


class Composed(TableTest):
    def choose(self, option, name):
        self.page.locator(f'[data-option="{option}"] .choice').filter(has_text=re.compile(f"^{name}")).click()

    def test_rows_are_told_and_what_is_open_takes_the_rest(self):
        self.open_project("Tasting table mat", "Form")
        self.choose("patchwork", "rows of your own")
        self.until(lambda project: project["spec"]["options"]["patchwork"] == "rows")
        expect(self.page.locator(".blocks li")).to_have_count(3)
        width = self.field("blocks.1.widths.0")
        width.fill("9")
        width.blur()
        self.until(lambda project: (project["spec"].get("blocks") or [{}, {}])[1].get("widths") == ["9", "", ""])
        self.page.get_by_role("button", name="One more block in row 1").click()
        self.page.get_by_role("button", name="Take row 3 out").click()
        self.until(lambda project: [len(r["widths"]) for r in project["spec"]["blocks"]] == [2, 3])
        self.kept()
        # What cannot be is told at its field, and nothing is lost.
        width.fill("90")
        expect(self.page.locator(".blocks [role=alert]")).to_contain_text("leaves nothing")
        width.fill("9")
        expect(self.page.locator(".blocks [role=alert]")).to_have_count(0)
        self.kept()

    def test_a_part_is_put_on_the_back(self):
        self.open_project("Tea carton tote", "Form")
        parts = len(self.project()["spec"].get("parts") or [])
        self.page.get_by_label("Add a part").select_option("label")
        on = self.page.get_by_label(f"label {parts + 1}, lies on")
        on.select_option(label="body (A), back")
        self.until(lambda project: project["spec"]["parts"][parts].get("copy") == "back")
        expect(self.page.locator(f'.grip[data-part="{parts}"]')).to_have_count(1)

    def test_the_flat_version_is_a_make_of_its_own(self):
        self.open_project("Cordial bottle bag", "Form")
        first = self.project()["id"]
        self.page.locator(".variants").click()
        self.page.get_by_text("flat, without a base").click()
        self.page.wait_for_url(lambda url: first not in url)
        self.until(lambda project: project["spec"]["options"]["boxing"] == "flat")
        expect(self.page.locator('[data-option="boxing"] .chosen')).to_contain_text("flat")
