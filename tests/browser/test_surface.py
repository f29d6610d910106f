"""Decoration planned and worked, a make by hand, and one thing to do at a time."""

import re
import unittest

from .table import TableTest, expect


class Surface(TableTest):
    def test_an_idea_becomes_letters_on_the_piece_and_steps_with_a_wait(self):
        page = self.page
        self.open_project("Tea carton tote", "Form")
        page.get_by_label("Decorate it for").select_option("gift")
        ideas = page.get_by_role("list", name="Ideas")
        expect(ideas).to_contain_text("Leave it plain")
        ideas.get_by_role("button", name=re.compile("Add: letters")).click()
        part = page.locator('[data-part="motif"]')
        part.get_by_label("motif 1, letters").fill("MO")
        expect(page.locator(".mark-figure path").first).to_be_visible()
        # What cannot be drawn is told beneath, and the last good drawing stays.
        part.get_by_label("motif 1, letters").fill("M O")
        expect(part.locator(".measure-error")).to_contain_text("without spaces")
        expect(page.locator(".mark-figure path").first).to_be_visible()
        part.get_by_label("motif 1, letters").fill("MO")
        part.get_by_label("motif 1, worked").select_option("paint")
        expect(page.locator(".costs")).to_contain_text("at the earliest")
        self.go("Sew")
        page.get_by_role("button", name=re.compile("Paint the letters MO")).click()
        expect(page.locator(".step-lines")).to_contain_text("It lies still for about 2 hours")
        expect(page.locator(".pictured .laid").first).to_be_visible()

    def test_one_thing_at_a_time_goes_on_to_the_next_step_when_all_is_done_and_looked_at(self):
        page = self.page
        self.open_project("Cordial bottle bag", "Sew")
        page.get_by_label("Guide").select_option("single")
        expect(page.locator(".step-one li")).to_have_count(1)
        title = page.locator(".step h2").inner_text()
        here = int(re.search(r"Step (\d+)", page.locator(".step-count").first.inner_text()).group(1))
        things = int(re.search(r"of (\d+)", page.locator(".step-thing").inner_text()).group(1))
        for number in range(1, things + 1):
            expect(page.locator(".step-thing")).to_contain_text(f"{number} of {things}")
            expect(page.locator(".step h2")).to_have_text(title)
            page.keyboard.press("Space")
        if page.locator(".step-thing").inner_text() == "Then look":
            page.keyboard.press("Space")
        expect(page.locator(".step h2")).not_to_have_text(title)
        expect(page.locator(".step-list button").nth(here - 1)).to_have_class(re.compile("done"))
        # Back again it begins at the first thing.
        page.keyboard.press("ArrowLeft")
        expect(page.locator(".step-thing")).to_contain_text("1 of")
        page.get_by_label("Guide").select_option("beginner")
        expect(page.locator(".step-lines li").first).to_be_visible()

    def test_a_make_by_hand_asks_for_no_machine(self):
        page = self.page
        self.open_project("Spice tin pouch", "Ease")
        page.locator('[data-option="sewn_by"]').get_by_text("by hand").click()
        self.go("Sew")
        expect(page.locator(".step-list")).to_contain_text("Get needle and thread ready")
        expect(page.locator(".step-list small")).to_have_count(0)
        page.get_by_role("button", name=re.compile("^\\d+ Get needle")).click()
        expect(page.locator(".step-lines")).to_contain_text("hand needle")


if __name__ == "__main__":
    unittest.main()
