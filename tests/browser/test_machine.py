"""A maker's own machine: told once, seen where it is sewn and where everything is got ready; and every step drawn."""

import re
import unittest

from .table import TableTest, expect


class AtTheMachine(TableTest):
    def test_what_is_told_once_is_held_against_every_make(self):
        page = self.page
        self.visit("/machine")
        page.get_by_label("needle to the right edge of the foot").fill("8 mm")
        page.get_by_label("needle moves to each side").fill("3 mm")
        page.get_by_label("fist, across").fill("8,8 cm")
        # An entry that is none explains itself, and what was kept stays.
        page.get_by_label("thickest stack it sews").fill("thick")
        expect(page.locator(".entry-error")).to_contain_text("thick")
        page.get_by_label("thickest stack it sews").fill("6 mm")
        expect(page.locator(".entry-error")).to_have_count(0)
        page.get_by_label(re.compile("standard foot straight")).check()
        page.get_by_label(re.compile("iron presses")).check()
        page.reload()
        expect(page.get_by_label("needle to the right edge of the foot")).to_have_value("8 mm")
        expect(page.get_by_label("thickest stack it sews")).to_have_value("6 mm")

        self.open_project("Spice tin pouch", "Cloth")
        hand = page.locator(".to-hand")
        expect(hand.locator(".missing")).to_contain_text("No zip foot")
        expect(hand.locator(".missing")).to_contain_text("What is lost")
        expect(hand.locator(".tools")).to_contain_text("✓ iron")
        expect(hand.locator('[data-check="machine.stack"]')).to_contain_text("6 mm")

        self.open_project("Cordial bottle bag", "Sew")
        page.get_by_role("button", name=re.compile("Sew the outer base")).click()
        expect(page.locator(".step-guide")).to_contain_text("Move the needle 2 mm to the left")
        page.get_by_role("button", name=re.compile(r"^\d+ Mark$")).click()
        expect(page.locator(".step-guide")).to_have_count(0)
        page.get_by_role("button", name=re.compile("Turn through the gap")).click()
        expect(page.locator(".step-guide")).to_contain_text("Your fist, 8,8 cm across")

    def test_a_mouth_narrower_than_the_free_arm_is_told(self):
        page = self.page
        self.visit("/machine")
        page.get_by_label("free arm, all round").fill("90 cm")
        self.open_project("Cordial bottle bag", "Cloth")
        check = page.locator('[data-check="machine.arm"]')
        expect(check).to_contain_text("Narrower than your free arm")


class Drawn(TableTest):
    def test_every_step_is_drawn_and_changes_at_once(self):
        self.open_project("Spice tin pouch", "Sew")
        page = self.page
        expect(page.locator(".pictured svg[role=img]").first).to_be_visible()
        count = page.locator(".step-list li").count()
        for number in range(1, count + 1):
            expect(page.locator(".step-count")).to_contain_text(f"Step {number} of {count}")
            expect(page.locator(".pictured .laid").first).to_be_visible()
            page.keyboard.press("ArrowRight")

    def test_the_first_zip_edge_lies_between_outer_and_lining(self):
        self.open_project("Spice tin pouch", "Sew")
        page = self.page
        page.get_by_role("button", name=re.compile("Sew the first zip edge")).click()
        faces = page.locator(".pictured .laid")
        expect(faces).to_have_count(3)
        self.assertEqual([faces.nth(i).get_attribute("data-face") for i in range(3)], ["right", "wrong", "wrong"])
        expect(page.locator(".pictured .drawn-line.sew").first).to_be_attached()
        expect(page.get_by_label("sewing machine")).to_be_visible()

    def test_turning_is_drawn_before_and_after(self):
        self.open_project("Cordial bottle bag", "Sew")
        page = self.page
        page.get_by_role("button", name=re.compile("Turn through the gap")).click()
        expect(page.get_by_role("img", name="Before: Turn through the gap")).to_be_visible()
        expect(page.get_by_role("img", name="After: Turn through the gap")).to_be_visible()

    def test_when_it_is_finished_it_leads_to_the_log_or_to_the_next_one(self):
        self.open_project("Token pouch", "Sew")
        page = self.page
        page.locator(".step-list button").last.click()
        page.get_by_role("button", name="Finished").click()
        expect(page.get_by_role("link", name="Note it in the log")).to_be_visible()
        page.get_by_role("button", name="Start over for the next one").click()
        expect(page.locator(".step-count")).to_contain_text("Step 1 of")
        self.until(lambda now: now["done"] == [])
        page.locator(".step-list button").last.click()
        page.get_by_role("button", name="Finished").click()
        page.get_by_role("link", name="Note it in the log").click()
        expect(page).to_have_url(re.compile("/log$"))


if __name__ == "__main__":
    unittest.main()
