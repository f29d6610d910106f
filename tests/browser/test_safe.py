"""On the worst day: two windows at once, a full disk, a file that is here already, everything saved and brought back."""

import json
import unittest
from pathlib import Path

from .table import TableTest, expect


class Safe(TableTest):
    demo = True

    def renamed(self, page, name):
        page.get_by_label("Name of the project").fill(name)

    def test_two_windows_change_one_project_and_neither_is_lost(self):
        page = self.page
        self.walk("/")
        page.get_by_role("link", name="Bay leaf pouch").click()
        expect(page.locator("[role=status].kept")).to_be_visible()
        other = self.context.new_page()
        other.goto(page.url)
        expect(other.locator("[role=status].kept")).to_be_visible()
        self.renamed(page, "Mine here")
        expect(page.locator("[role=status].kept")).to_be_visible()
        self.renamed(other, "Typed there")
        bar = other.locator(".elsewhere-bar")
        bar.get_by_role("button", name="Keep both").click()
        expect(bar).to_have_count(0)
        self.walk("/")
        for name in ("Mine here", "Typed there"):
            page.get_by_label("Find").fill(name)
            expect(page.get_by_text(name, exact=True).first).to_be_visible()
        page.get_by_label("Find").fill("")
        other.goto(page.url)
        other.get_by_role("link", name="Token pouch").click()
        expect(other.locator("[role=status].kept")).to_be_visible()
        page.get_by_role("link", name="Token pouch").click()
        expect(page.locator("[role=status].kept")).to_be_visible()
        self.renamed(other, "First")
        expect(other.locator("[role=status].kept")).to_be_visible()
        self.renamed(page, "Second")
        page.get_by_role("button", name="Mine goes on").click()
        expect(page.locator("[role=status].kept")).to_be_visible()
        self.walk("/")
        page.get_by_label("Find").fill("Second")
        expect(page.locator(".project")).to_have_count(1)

    def test_what_finds_no_room_is_sent_when_there_is_some_without_another_key(self):
        page = self.page
        self.walk("/")
        page.get_by_role("link", name="Spice tin pouch").click()
        expect(page.locator("[role=status].kept")).to_be_visible()
        told = {"type": "about:blank", "title": "Full", "status": 507, "detail": "No room.", "errors": []}

        def full(route):
            if route.request.method != "PUT":
                return route.fallback()
            return route.fulfill(status=507, content_type="application/problem+json", body=json.dumps(told))

        page.route("**/api/projects/*", full)
        self.renamed(page, "Written while full")
        expect(page.locator("[role=status]").first).to_contain_text("no room on the disk")
        address = page.url
        page.close()
        # The window was closed meanwhile. Opened again it is still there, and kept.
        self.page = page = self.context.new_page()
        page.goto(address)
        expect(page.get_by_label("Name of the project")).to_have_value("Written while full")
        expect(page.locator("[role=status].kept")).to_be_visible()
        page.reload()
        expect(page.get_by_label("Name of the project")).to_have_value("Written while full")
        self.assertIsNone(page.evaluate("Object.keys(localStorage).find((key) => key.startsWith('unsent')) ?? null"))

    def test_a_file_of_a_project_that_is_here_asks_what_is_to_be_done(self):
        page = self.page
        self.walk("/")
        page.get_by_role("button", name="More for Griddle handle sleeve").click()
        with page.expect_download() as download:
            page.get_by_role("link", name="Save as a file").click()
        file = json.loads(Path(download.value.path()).read_text())
        file["name"] = "Sleeve from the file"
        for choice, found in (("Leave it as it is here", 0), ("Keep both", 1), ("Put the file's in its place", 2)):
            self.walk("/")
            page.get_by_label("Project file").set_input_files(
                {"name": "sleeve.json", "mimeType": "application/json", "buffer": json.dumps(file).encode()}
            )
            page.get_by_role("button", name=choice).click()
            expect(page.get_by_label("Name of the project")).to_be_visible()
            self.walk("/")
            page.get_by_label("Find").fill("Sleeve from the file")
            expect(page.locator(".project")).to_have_count(found)

    def test_everything_is_saved_and_brought_back_and_what_was_put_away_is_found(self):
        page = self.page
        self.walk("/")
        page.get_by_role("button", name="More for Berry tumbler sleeve").click()
        page.get_by_role("button", name="Put away").click()
        page.get_by_role("link", name="Save everything, copies, what was put away").click()
        with page.expect_download() as download:
            page.get_by_role("link", name="Save everything").click()
        page.get_by_label("An archive that was saved, or a copy").set_input_files(download.value.path())
        expect(page.locator(".brought")).to_contain_text("Here already, as it is")
        page.get_by_role("button", name="Make a copy now").click()
        page.get_by_role("button", name="Bring back from the copy of").first.click()
        expect(page.locator(".brought")).to_contain_text("Here already")
        page.get_by_role("button", name="Bring Berry tumbler sleeve back").click()
        expect(page.get_by_role("button", name="Bring Berry tumbler sleeve back")).to_have_count(0)
        self.walk("/")
        expect(page.locator(".project", has_text="Berry tumbler sleeve").first).to_be_visible()
        page.get_by_role("link", name="Save everything, copies, what was put away").click()
        page.get_by_label("An archive that was saved, or a copy").set_input_files(
            {"name": "no.zip", "mimeType": "application/zip", "buffer": b"nothing"}
        )
        expect(page.get_by_role("alert")).to_contain_text("neither an archive")


if __name__ == "__main__":
    unittest.main()
