"""An entry is what was typed: clicked, typed, left, clicked and typed again, with a real pointer and real keys, in every kind of field."""

import unittest

from playwright.sync_api import expect

from .table import TableTest

# Where each kind of field stands: a measure of the thing, a size, an ease, an allowance and a part's length.
PLACES = (
    ("Cordial bottle bag", "Thing", "object.girth", "25,4", "26,2"),
    ("Cordial bottle bag", "Form", "size.base_depth", "6,5", "7,2"),
    ("Cordial bottle bag", "Form", "ease.girth", "4,4", "3,1"),
    ("Cordial bottle bag", "Ease", "allowance.side", "1,2", "0,8"),
    ("Market day round bag", "Form", "parts.0.length", "96", "104"),
)


class Entries(TableTest):
    def type_over(self, name: str, text: str) -> None:
        """As a maker does: one click anywhere in the field, then keys."""
        box = self.field(name)
        box.click()
        self.page.wait_for_timeout(60)
        self.page.keyboard.type(text, delay=15)

    def stands(self, name: str, text: str) -> None:
        group, *path = name.split(".")

        def holds(project) -> bool:
            now = project["spec"].get(group, {})
            for step in path:
                now = now[int(step)] if isinstance(now, list) else now.get(step, {})
            return now == text

        self.until(holds)

    def test_typed_twice_it_is_what_was_typed_last(self):
        for project, stage, name, first, second in PLACES:
            with self.subTest(name):
                self.open_project(project, stage)
                self.type_over(name, first)
                self.field(name).press("Enter")
                self.stands(name, first)
                self.type_over(name, second)
                # Every key changes the draft under it, and none moves the caret away.
                self.assertEqual(self.field(name).input_value(), second)
                self.field(name).press("Tab")
                self.stands(name, second)

    def test_what_follows_from_another_entry_is_shown_and_asked_again_when_that_is_let_go_of(self):
        self.open_project("Cordial bottle bag", "Form")
        ease = self.field("ease.girth")
        expect(ease).to_be_editable()
        before = ease.input_value()
        self.enter("size.girth", "33")
        expect(ease).not_to_be_editable()
        expect(ease).not_to_have_value(before)
        self.page.get_by_role("button", name="ease: let go of what you told (finished girth)").click()
        expect(ease).to_be_editable()
        expect(ease).to_have_value(before)
        self.until(lambda now: "girth" not in now["spec"]["size"])

    def test_what_is_typed_before_the_next_frame_replaces_what_stood_there(self):
        project, stage, name, first, second = PLACES[0]
        self.open_project(project, stage)
        self.type_over(name, first)
        self.field(name).press("Enter")
        self.stands(name, first)
        # A machine so slow that no frame is drawn between the focus and the keys.
        self.page.evaluate("window.requestAnimationFrame = () => 0")
        self.page.keyboard.press("Escape")
        self.field(name).focus()
        self.page.keyboard.insert_text(second)
        self.assertEqual(self.field(name).input_value(), second)

    def test_a_wrong_entry_stays_to_be_mended_and_escape_brings_the_old_one_back(self):
        for project, stage, name, first, _ in PLACES[:4]:
            with self.subTest(name):
                self.open_project(project, stage)
                self.type_over(name, first)
                self.field(name).press("Enter")
                self.stands(name, first)
                self.type_over(name, "much")
                self.field(name).blur()
                expect(self.field(name)).to_have_value("much")
                expect(self.field(name)).to_have_attribute("aria-invalid", "true")
                # Clicked again the wrong entry is typed over; or it is given up.
                self.type_over(name, "more")
                expect(self.field(name)).to_have_value("more")
                self.field(name).press("Escape")
                self.stands(name, first)
                expect(self.field(name)).not_to_have_attribute("aria-invalid", "true")

    def test_a_wrong_entry_that_is_left_before_the_answer_comes_is_not_lost(self):
        self.open_project("Cordial bottle bag", "Form")

        def slowly(route):
            # A busy server, or a slow tablet.
            self.page.wait_for_timeout(900)
            route.continue_()

        self.page.route("**/api/projects/*", slowly)
        self.type_over("ease.girth", "much")
        self.field("ease.girth").press("Tab")
        self.assertEqual(self.field("ease.girth").input_value(), "much")
        expect(self.field("ease.girth")).to_have_attribute("aria-invalid", "true")
        self.assertEqual(self.field("ease.girth").input_value(), "much")
        # A right one shows what became of it.
        self.type_over("ease.girth", "4,6")
        self.field("ease.girth").press("Tab")
        self.stands("ease.girth", "4,6")
        expect(self.field("ease.girth")).to_have_value("4,6 cm")
        self.page.unroute("**/api/projects/*")

    def test_after_another_ruler_what_was_typed_keeps_its_words_and_the_table_stays(self):
        self.open_project("Cordial bottle bag", "Form")
        self.type_over("size.base_depth", "6,5")
        self.field("size.base_depth").press("Enter")
        self.stands("size.base_depth", "6,5")
        self.page.get_by_role("button", name="in", exact=True).click()
        expect(self.field("size.base_depth")).to_be_visible()
        self.until(lambda project: project["spec"]["unit"] == "in")
        self.assertEqual(self.project()["spec"]["size"]["base_depth"], "6,5 cm")
        self.type_over("size.base_depth", "2 3/4")
        self.assertEqual(self.field("size.base_depth").input_value(), "2 3/4")
        self.field("size.base_depth").press("Enter")
        self.stands("size.base_depth", "2 3/4")


if __name__ == "__main__":
    unittest.main()
