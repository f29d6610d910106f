"""The shelf: a thing of any shape measured, brought in from a table, and covered."""

import re
import unittest

from .table import TableTest, expect


class Shelf(TableTest):
    def test_girths_are_typed_or_brought_in(self):
        page = self.page
        self.visit("/shelf")
        page.get_by_role("button", name="Measure another thing").click()
        page.get_by_label("name").fill("Paper lantern")
        page.get_by_label("kind").select_option("profile")
        rows = page.locator('[data-field="object.profile"]')
        rows.fill("0; 22\n8; wide")
        expect(page.locator(".profile-rows .measure-error")).to_be_visible()
        table = "height;girth\n0;22\n8;30\n16;22\n"
        page.get_by_label("Profile file").set_input_files(
            {"name": "lantern.csv", "mimeType": "text/csv", "buffer": table.encode()}
        )
        expect(rows).to_have_value("0; 22\n8; 30\n16; 22")
        expect(page.locator(".profile-rows .measure-error")).to_have_count(0)
        page.get_by_role("button", name="Put it on the shelf").click()
        item = page.locator(".shelf li").filter(has_text="Paper lantern")
        expect(item).to_be_visible()
        item.get_by_role("button", name="Cover it").click()
        expect(page.locator(".sentences .verdict").first).to_be_visible()
        self.go("Ease")
        expect(page.locator(".sentences .verdict").first).to_be_visible()

    def test_a_scan_asks_its_unit(self):
        page = self.page
        self.visit("/shelf")
        page.get_by_role("button", name="Measure another thing").click()
        page.get_by_label("kind").select_option("profile")
        corners = "\n".join(f"v {x} {y} {z}" for z in (0, 12) for x in (0, 8) for y in (0, 8))
        faces = "f 1 2 4\nf 1 4 3\nf 5 6 8\nf 5 8 7\nf 1 2 6\nf 1 6 5\nf 3 4 8\nf 3 8 7\nf 1 3 7\nf 1 7 5\nf 2 4 8\nf 2 8 6\n"
        scan = {"name": "box.obj", "mimeType": "text/plain", "buffer": (corners + "\n" + faces).encode()}
        page.get_by_label("Profile file").set_input_files(scan)
        expect(page.locator(".profile-rows .measure-error")).to_contain_text("unit")
        page.get_by_label("Unit of the scan").select_option("cm")
        page.get_by_label("Profile file").set_input_files(scan)
        expect(page.locator(".profile-rows .measure-error")).to_have_count(0)
        expect(page.locator('[data-field="object.profile"]')).to_have_value(re.compile(r"^0; 32\b[\s\S]*\n12; 32$"))


if __name__ == "__main__":
    unittest.main()
