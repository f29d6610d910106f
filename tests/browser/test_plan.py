"""Orders, evenings and finding at the table: what is promised, what is made together, and what lies among much else."""

import re
import unittest

from .table import TableTest, expect


class Planned(TableTest):
    demo = True

    def test_an_order_gets_its_days_and_a_set_is_made_together(self):
        page = self.page
        self.walk("/plan")
        expect(page.locator(".orders > li")).to_have_count(4)
        page.get_by_role("button", name="Something for somebody").click()
        page.get_by_role("button", name="Keep it").click()
        expect(page.locator(".order-form [role=alert]").first).to_be_visible()
        page.get_by_label("Which make?").select_option(label="Token pouch")
        page.get_by_label("For whom").fill("Nell")
        page.get_by_label("By which day").fill("2031-05-20")
        page.get_by_role("button", name="Keep it").click()
        mine = page.locator(".orders > li", has_text="for Nell")
        expect(mine).to_contain_text("Begin on 19 May 2031 at the latest")
        # An evening nobody has is told so, and stays as it was.
        page.get_by_label("minutes").fill("5")
        page.get_by_label("minutes").press("Enter")
        expect(page.locator(".evenings [role=alert]")).to_contain_text("from 15 to 720 minutes")
        expect(page.get_by_label("minutes")).to_have_value("120")
        # Less time: it has to be begun sooner.
        page.get_by_label("minutes").fill("15")
        page.get_by_label("minutes").press("Enter")
        expect(mine).not_to_contain_text("Begin on 19 May 2031")
        mine.get_by_label("State").select_option("given")
        expect(mine.locator(".order-date")).to_have_count(0)
        mine.get_by_role("button", name="Put away").click()
        page.locator(".toast-line").get_by_role("button", name="Undo").click()
        expect(mine).to_be_visible()
        hampers = page.locator(".orders > li", has_text="6 things in all")
        hampers.get_by_role("button", name="Make it together").click()
        expect(page.get_by_label("Name of the plan")).to_have_value("Harbour hampers")
        expect(page.locator(".batch-makes li")).to_have_count(2)

    def test_evenings_are_ticked_off_and_a_better_order_is_looked_for(self):
        page = self.page
        self.walk("/plan")
        page.get_by_role("link", name="Market table").click()
        expect(page.locator(".time-line").first).to_be_visible()
        evenings = page.locator(".evening").count()
        page.get_by_label("minutes").fill("60")
        page.get_by_label("minutes").press("Enter")
        expect(page.locator(".evening").nth(evenings)).to_be_visible()
        first = page.locator(".evening-rows li").first
        expect(first.get_by_role("link", name="How?")).to_have_attribute("href", re.compile("/sew.step=press-cloth$"))
        title = first.locator("b").inner_text()
        first.get_by_role("checkbox").check()
        page.get_by_text("What is done").click()
        expect(page.locator("details li", has_text=title).first).to_be_visible()
        with page.expect_response("**/search"):
            page.get_by_role("button", name="Look for a better order, 10 seconds").click()
        page.get_by_role("button", name="Stop here").click()
        expect(page.get_by_role("button", name="Look for a better order, 10 seconds")).to_be_visible()
        page.get_by_label("How many of Token pouch").fill("1")
        page.get_by_label("How many of Token pouch").blur()
        expect(page.locator(".batch-told")).to_contain_text("sooner than one make after the other")
        with page.expect_download() as download:
            page.get_by_role("link", name="The evenings for a calendar").click()
        self.assertTrue(download.value.path().read_bytes().startswith(b"BEGIN:VCALENDAR"))

    def test_a_part_made_ahead_is_used_in_the_next_make(self):
        page = self.page
        self.walk("/")
        page.get_by_role("link", name="Market day round bag").click()
        page.get_by_role("link", name="Sew").click()
        page.get_by_text("What is made by itself").click()
        page.get_by_label("How many to put on the pile: strap").fill("2")
        page.get_by_role("button", name="Put by").click()
        beside = page.locator(".beside")
        expect(beside).to_contain_text("strap for Market day round bag, 2 parts ready.")
        beside.get_by_role("button", name="Use one").click()
        expect(beside).to_contain_text("do not cut it, its steps are done")
        page.get_by_role("button", name="2 Cut the pieces").click()
        expect(page.get_by_text("F lies ready: it is neither cut nor marked.")).to_be_visible()
        expect(page.get_by_role("button", name="5 Make the strap")).to_have_class(re.compile("done"))
        # What comes before a part that was made ahead is not late for that.
        expect(page.locator(".step-late")).to_have_count(0)
        beside.get_by_role("button", name="Give it back to the pile").click()
        expect(beside).to_contain_text("2 parts ready.")
        expect(page.get_by_role("button", name="5 Make the strap")).not_to_have_class(re.compile("done"))

    def test_a_bookmark_is_planned_beside_a_cover_and_a_template_begins_makes(self):
        page = self.page
        self.walk("/")
        page.get_by_role("link", name="Recipe notebook cover").click()
        page.get_by_role("link", name="Sew").click()
        page.get_by_text("What is made by itself").click()
        page.get_by_role("button", name="Make one beside").click()
        expect(page.get_by_label("Name of the plan")).to_have_value("Recipe notebook cover, and Bookmark")
        expect(page.locator(".batch-makes li")).to_have_count(2)
        self.walk("/")
        page.get_by_role("button", name="More for Honey jar cosy").click()
        page.get_by_role("button", name="Keep as a template").click()
        template = page.locator(".templates .own", has_text="Honey jar cosy").last
        template.get_by_role("button", name="More for the template Honey jar cosy").click()
        page.get_by_role("button", name="For Marmalade jar").click()
        expect(page.get_by_label("Name of the project")).to_have_value("Boxed-base bag for Marmalade jar")
        self.walk("/")
        template.get_by_role("button", name="More for the template Honey jar cosy").click()
        page.get_by_role("link", name="Change the template").click()
        expect(page.locator(".is-template")).to_contain_text("Template")
        page.get_by_role("button", name="Begin a make from it").click()
        expect(page.locator(".is-template")).to_have_count(0)
        self.walk("/")
        page.get_by_label("Grouped by").select_option("order")
        expect(page.locator(".group").first).to_contain_text("Recipe notebook cover for Marisol")

    def test_among_many_it_is_found_and_many_are_put_away_at_once(self):
        page = self.page
        self.walk("/")
        page.get_by_label("Find").fill("swing-top")
        expect(page.locator(".project")).to_have_count(1)
        page.get_by_label("Find").fill("")
        page.get_by_label("State").select_option("made")
        expect(page.locator(".project")).to_have_count(2)
        page.get_by_label("State").select_option("")
        page.get_by_role("button", name="Choose several").click()
        page.get_by_label("Choose Token pouch").check()
        page.get_by_label("Choose Spice tin pouch").check()
        page.get_by_role("button", name="Put away 2 projects").click()
        expect(page.get_by_text("What was put away (2)")).to_be_visible()
        page.get_by_label("What was put away").check()
        expect(page.locator(".project")).to_have_count(2)
        page.locator(".project", has_text="Token pouch").get_by_role("button", name="Bring it back").click()
        expect(page.locator(".project")).to_have_count(1)


if __name__ == "__main__":
    unittest.main()
