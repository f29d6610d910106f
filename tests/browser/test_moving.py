"""A part is taken hold of on the piece it lies on and put down elsewhere: by mouse, by keys, and back again."""

import math
import unittest

from playwright.sync_api import expect

from .table import TableTest


class Moving(TableTest):
    def setUp(self):
        super().setUp()
        self.open_project("Tea carton tote", "Form")
        self.nth = len(self.project()["spec"].get("parts") or [])
        self.page.get_by_label("Add a part").select_option("label")
        self.grip = self.page.locator(f'.grip[data-part="{self.nth}"]')
        expect(self.grip).to_have_count(1)
        self.kept()

    def part(self):
        return self.project()["spec"]["parts"][self.nth]

    def box(self):
        box = self.grip.bounding_box()
        return box["x"], box["y"]

    def drag(self, x, y):
        box = self.grip.bounding_box()
        at = box["x"] + box["width"] / 2, box["y"] + box["height"] / 2
        self.page.mouse.move(*at)
        self.page.mouse.down()
        self.page.mouse.move(at[0] + x / 2, at[1] + y / 2)
        self.page.mouse.move(at[0] + x, at[1] + y)
        self.page.mouse.up()

    def test_it_lies_where_it_was_let_go_and_reads_as_numbers(self):
        before = self.box()
        self.drag(24, 40)
        self.until(lambda project: "from_top" in project["spec"]["parts"][self.nth])
        expect(self.page.locator(".grip.held")).to_have_count(0)
        self.kept()
        after = self.box()
        # Half a mark of the ruler is less than a pixel and a half here.
        self.assertAlmostEqual(after[0] - before[0], 24, delta=2.5)
        self.assertAlmostEqual(after[1] - before[1], 40, delta=2.5)
        told = self.field(f"parts.{self.nth}.from_top").input_value()
        self.assertEqual(told.split()[0].replace(",", "."), self.part()["from_top"].split()[0].replace(",", "."))
        # One step back is one move.
        self.page.get_by_role("button", name="Undo").first.click()
        self.until(lambda project: "from_top" not in project["spec"]["parts"][self.nth])

    def test_an_arrow_key_is_one_mark(self):
        self.grip.focus()
        self.page.keyboard.press("ArrowDown")
        self.until(lambda project: "from_top" in project["spec"]["parts"][self.nth])
        first = float(self.part()["from_top"].split()[0].replace(",", "."))
        self.grip.focus()
        self.page.keyboard.press("ArrowDown")
        self.until(
            lambda project: float(project["spec"]["parts"][self.nth]["from_top"].split()[0].replace(",", ".")) > first
        )
        second = float(self.part()["from_top"].split()[0].replace(",", "."))
        self.assertAlmostEqual(second - first, 0.1, places=6)

    def test_on_the_table_of_pieces_the_part_goes_and_the_table_stays(self):
        self.go("Pieces")
        expect(self.grip).to_have_count(1)
        outline = self.page.locator(".movable .piece .cut-line").first
        before = outline.bounding_box()
        self.drag(10, 30)
        self.until(lambda project: "from_top" in project["spec"]["parts"][self.nth])
        # A check more or less lays the pieces anew by a little; the table itself has not gone along.
        after = outline.bounding_box()
        self.assertGreater(math.hypot(after["x"] - before["x"] - 10, after["y"] - before["y"] - 30), 12)

    def test_what_nobody_answers_is_told_and_it_lies_where_it_was(self):
        before = self.box()
        self.page.route("**/api/parts/places", lambda route: route.abort())
        self.drag(20, 20)
        expect(self.page.get_by_text("Egg Tuck does not answer")).to_be_visible()
        self.assertEqual(self.box(), before)
        self.assertNotIn("from_top", self.part())


if __name__ == "__main__":
    unittest.main()
