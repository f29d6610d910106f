"""Choosing another form for a thing, and what the table shows of it."""

import unittest

from .table import TableTest, expect


class AnotherForm(TableTest):
    def test_from_a_boxed_bag_to_a_round_one_and_back(self):
        self.open_project("Honey jar cosy", "Form")
        page = self.page
        page.locator(".choice", has_text="Tube with a round base").first.click()
        expect(page.get_by_role("heading", name="Tube with a round base")).to_be_visible()
        expect(page.locator('g[data-piece="base"]').first).to_be_attached()
        expect(self.field("size.base_diameter")).to_be_visible()
        # A disc settles the tube round it; one the jar does not go into stops the cutting, and its button mends it.
        self.enter("size.base_diameter", "6")
        self.field("size.base_diameter").blur()
        check = page.locator('[data-check="fit.girth"]')
        expect(check).to_have_class("verdict stop")
        self.go("Cloth")
        expect(page.get_by_text("Print pattern and guide")).to_have_attribute("aria-disabled", "true")
        page.get_by_label("I have read").check()
        expect(page.get_by_text("Print pattern and guide")).not_to_have_attribute("aria-disabled", "true")
        self.go("Form")
        check.get_by_role("button").click()
        expect(page.locator(".verdict.stop")).to_have_count(0)
        # A drawstring brings its collar and its cord.
        page.get_by_text("drawstring collar", exact=True).click()
        expect(page.locator('g[data-piece="collar"]').first).to_be_attached()
        self.go("Cloth")
        expect(page.locator(".needs")).to_contain_text("cord")
        self.go("Form")
        page.locator(".choice", has_text="Boxed-base bag").click()
        expect(page.locator('g[data-piece="base"]')).to_have_count(0)
        self.kept()

    def test_a_tapered_wall_lights_up_with_its_base(self):
        self.open_project("Berry tumbler sleeve", "Pieces")
        page = self.page
        page.locator('[data-edge="wall.base"]').first.focus()
        expect(page.locator(".seam-slip")).to_contain_text("base seam")
        # Both sides of the seam are lit, on both cloths.
        self.assertEqual(page.locator(".piece .lit").count(), 4)
        self.go("Sew")
        for title in ("Flatten the cloth", "Cut the pieces", "Set up the machine", "Mark", "Sew the outer side seam"):
            expect(page.locator(".step h2")).to_have_text(title)
            page.keyboard.press("ArrowRight")
        expect(page.locator(".step h2")).to_have_text("Set in the outer base")
        expect(page.locator(".step-set")).to_contain_text("stitch 2,5 mm")
        expect(page.locator('.pictured [data-edge="wall.base"].sew').first).to_be_attached()

    def test_a_chain_of_sums_opens_from_a_number_on_the_form(self):
        self.open_project("Cordial bottle bag", "Form")
        page = self.page
        page.get_by_role("button", name="base width").click()
        expect(page.locator(".slip")).to_contain_text("finished girth")
        page.get_by_role("button", name="Put the slip away").click()
        expect(page.locator(".slip")).to_have_count(0)

    def test_by_keyboard_alone(self):
        """From an open project to a changed measure and a kept name, without a pointer."""
        self.open_project("Tea carton tote", "Thing")
        page = self.page
        self.field("object.width").focus()
        page.keyboard.press("Control+A")
        page.keyboard.type("10 cm")
        page.keyboard.press("Enter")
        expect(page.get_by_role("button", name="cut width")).to_have_text("19,5 cm")
        name = page.get_by_label("Name of the project")
        name.focus()
        page.keyboard.press("Control+A")
        page.keyboard.type("Big tea tote")
        self.kept()
        page.reload()
        expect(name).to_have_value("Big tea tote")
        expect(self.field("object.width")).to_have_value("10 cm")

    def test_a_quiet_verdict_opens_when_asked(self):
        self.open_project("Cordial bottle bag", "Pieces")
        quiet = self.page.locator('.quiet button[data-check="caution.ribbon"]')
        quiet.click()
        expect(self.page.locator('.verdict[data-check="caution.ribbon"]')).to_contain_text("small children")

    def test_a_pouch_is_sized_by_what_it_is_to_hold(self):
        self.open_project("Bay leaf pouch", "Form")
        verdict = self.page.locator('.verdict[data-check="fit.volume"]')
        expect(verdict).to_contain_text("Holds about")
        self.enter("size.volume", "24 cm")
        expect(self.page.locator(".measure-error")).to_contain_text("500 ml")
        self.enter("size.volume", "1 l")
        expect(verdict).to_contain_text("Holds too little")
        before = self.field("size.width").input_value()
        verdict.get_by_role("button").click()
        expect(verdict).to_contain_text("Holds what you want")
        expect(self.field("size.width")).not_to_have_value(before)
        self.page.keyboard.press("Control+z")
        expect(self.field("size.width")).to_have_value(before)
        self.enter("size.volume", "")
        expect(verdict).to_contain_text("Holds about")
        self.until(lambda project: "volume" not in project["spec"]["size"])

    def test_an_escape_takes_an_entry_back(self):
        self.open_project("Honey jar cosy", "Form")
        before = self.field("size.headroom").input_value()
        self.enter("size.headroom", "banana")
        expect(self.page.locator(".measure-error")).to_be_visible()
        self.field("size.headroom").press("Escape")
        expect(self.page.locator(".measure-error")).to_have_count(0)
        expect(self.field("size.headroom")).to_have_value(before)


if __name__ == "__main__":
    unittest.main()
