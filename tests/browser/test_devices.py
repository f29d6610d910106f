"""The tablet beside the sewing machine: paired by its code, used to sew and to log, and taken off."""

import unittest

from .table import TableTest, expect

BESIDE = "127.0.0.2"


class Tablet(TableTest):
    more = ("--share", BESIDE)

    def tablet(self, **how):
        """A browser of its own at the other address; what it is refused is trouble."""
        context = self.browser.new_context(**how)
        self.addCleanup(context.close)
        page = context.new_page()
        page.on("pageerror", lambda error: self.trouble.append(str(error)))
        page.on(
            "response", lambda answer: answer.status >= 400 and self.trouble.append(f"{answer.status} {answer.url}")
        )
        return page

    def test_it_comes_in_sews_logs_and_is_taken_off(self):
        page = self.page
        self.walk("/")
        page.get_by_role("link", name="Tablet").click()
        page.get_by_label("Name").fill("By the window")
        page.get_by_role("button", name="Show a code").click()
        expect(page.get_by_role("img", name="A square to scan")).to_be_visible()
        at = f"http://{BESIDE}:{self.served.port}"
        tablet = self.tablet(viewport={"width": 1024, "height": 768})
        tablet.goto(f"{at}/?code={page.locator('.code').inner_text().replace(' ', '')}")
        # Whoever was not let in is told 401; from here on nothing is refused.
        self.assertEqual(self.trouble, [f"401 {tablet.url}"])
        self.trouble.clear()
        tablet.get_by_role("button", name="Come in").click()
        expect(page.get_by_text("By the window has come in.")).to_be_visible()
        expect(tablet.get_by_role("navigation", name="Places").get_by_role("link")).to_have_text(
            ["The table", "Logbook"]
        )
        tablet.get_by_label("Find a make").fill("tea carton")
        tablet.get_by_role("link", name="Tea carton tote").click()
        expect(tablet.get_by_text("By the window: sews and logs")).to_be_visible()
        title = tablet.locator(".step h2").first.inner_text()
        tablet.get_by_role("button", name="Start the clock").click()
        tablet.get_by_role("button", name="Done, next").click()
        expect(tablet.locator(".step h2").first).not_to_have_text(title)
        # Neither a key nor an address leads to where it may not be.
        tablet.keyboard.press("Control+z")
        tablet.keyboard.press("4")
        expect(tablet.locator(".step")).to_be_visible()
        project = tablet.url.split("/")[-2]
        tablet.goto(f"{at}/projects/{project}/thing")
        expect(tablet.locator(".step")).to_be_visible()
        tablet.locator(".tape").get_by_role("link", name="Log").click()
        tablet.get_by_label("What differed?").fill("Made by the window")
        tablet.get_by_role("button", name="Write it down").click()
        expect(tablet.get_by_text("Made by the window").first).to_be_visible()
        for elsewhere in ("/shelf", "/safe", "/tablet", "/log"):
            tablet.goto(at + elsewhere)
            expect(tablet.locator("main").first).not_to_have_attribute("aria-busy", "true")
        # What it wrote is here.
        self.visit(f"/projects/{project}/log")
        expect(page.get_by_text("Made by the window").first).to_be_visible()
        self.walk("/tablet")
        self.assertEqual(self.trouble, [])
        page.get_by_role("button", name="Take By the window off").click()
        expect(page.get_by_text("By the window was taken off")).to_be_visible()
        tablet.goto(f"{at}/log")
        expect(tablet.get_by_role("heading", name="The door is closed")).to_be_visible()
        self.trouble.clear()

    def test_one_that_may_do_everything_finds_all_but_the_door_and_the_keeping(self):
        page = self.page
        self.walk("/tablet")
        page.locator(".invite").get_by_label("It may").select_option("all")
        page.get_by_role("button", name="Show a code").click()
        code = page.locator(".code").inner_text()
        at = f"http://{BESIDE}:{self.served.port}"
        phone = self.tablet(viewport={"width": 390, "height": 844})
        phone.goto(at)
        self.trouble.clear()
        phone.get_by_label("Code").fill(code.lower())
        phone.get_by_role("button", name="Come in").click()
        phone.get_by_role("link", name="Token pouch").click()
        expect(phone.locator("[role=status].kept")).to_be_visible()
        phone.get_by_label("Name of the project").fill("Written on the phone")
        expect(phone.locator("[role=status].kept")).to_be_visible()
        for place in (
            "/shelf",
            "/cutting",
            "/pile",
            "/plan",
            "/log",
            "/fits",
            "/habits",
            "/machine",
            "/check",
            "/safe",
            "/tablet",
            "/",
        ):
            phone.goto(at + place)
            expect(phone.locator("main").first).not_to_have_attribute("aria-busy", "true")
        phone.get_by_label("Find").fill("written on")
        expect(phone.get_by_text("Written on the phone")).to_be_visible()
        expect(phone.get_by_role("link", name="Kept safe")).to_have_count(0)


if __name__ == "__main__":
    unittest.main()
