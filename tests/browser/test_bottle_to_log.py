"""From a bottle to a sewn, logged bag, by hand in the browser."""

import io
import json
import re
import unittest
from datetime import date
from pathlib import Path

import pdfplumber

from tests import ALL

from .table import TableTest, expect

AXE = Path(__file__).parents[2] / "frontend" / "node_modules" / "axe-core" / "axe.min.js"


class FromAnEmptyTable(TableTest):
    demo = False

    def test_the_whole_way(self):
        page = self.page
        self.visit()
        expect(page.get_by_role("heading", name="What shall be covered?")).to_be_visible()

        # Put a bottle on the shelf by its measures.
        page.get_by_role("link", name="The shelf").click()
        page.get_by_role("button", name="Measure another thing").click()
        page.get_by_label("name", exact=True).fill("Plum cordial")
        for name, text in (("girth", "10 3/8 in"), ("height", "30,5"), ("base_diameter", "8,1"), ("neck_height", "22")):
            self.enter(f"object.{name}", text)
        self.enter("object.neck_diameter", "12")
        expect(page.locator(".editor .measure-error")).to_contain_text("wider than the widest place")
        self.enter("object.neck_diameter", "3")
        self.enter("object.diameter", "9,5")
        expect(page.locator(".editor .remark")).to_contain_text("A width of 9.5 cm makes 29.85 cm round")
        self.enter("object.diameter", "")
        page.get_by_role("button", name="Put it on the shelf").click()
        expect(page.get_by_text("Plum cordial").first).to_be_visible()

        # Cover it: a first pattern at once.
        page.get_by_role("button", name="Cover it").click()
        expect(page.get_by_role("heading", name="The pieces")).to_be_visible()
        expect(page.locator(".result", has_text="cm").first).to_be_visible()
        self.assertIn("/thing", page.url)

        # A wrong entry explains itself and the last good drawing stays.
        width = page.get_by_role("button", name="cut width").inner_text()
        self.enter("object.height", "tall")
        expect(page.locator(".measure-error")).to_contain_text("is not a length")
        expect(page.get_by_role("button", name="cut width")).to_have_text(width)
        self.enter("object.height", "31")
        expect(page.locator(".measure-error")).to_have_count(0)

        # Arrow keys step on the ruler.
        self.field("object.height").press("ArrowUp")
        expect(self.field("object.height")).to_have_value("31.1 cm")

        # Form: the schools redraw, the base is overruled and handed back.
        self.go("Form")
        page.get_by_text("folded at the side").click()
        expect(page.locator('g[data-piece="body"] .fold-line').first).to_be_attached()
        self.enter("size.base_depth", "6")
        self.field("size.base_depth").blur()
        expect(page.locator('[data-check="fit.base"]')).to_contain_text("Base 6 cm by")
        page.get_by_role("button", name="base depth: back to the proposed").click()
        expect(page.locator('[data-check="fit.base"]')).not_to_contain_text("Base 6 cm by")
        page.get_by_text("two panels").click()
        for top in ("both rims folded in", "deep hem", "plain hem", "cuff turned out"):
            page.get_by_text(top, exact=True).click()
            expect(page.locator("label.choice.chosen", has_text=top)).to_be_visible()
        self.enter("size.cuff_depth", "20")
        expect(page.locator(".measure-error")).to_contain_text("runs over the tie line")
        self.enter("size.cuff_depth", "3")
        expect(page.locator(".measure-error")).to_have_count(0)
        page.get_by_text("bagged out").click()

        # A verdict's button mends what it says.
        self.enter("size.tie_height", "15")
        self.field("size.tie_height").blur()
        check = page.locator('[data-check="fit.tie"]')
        expect(check).to_contain_text("Tie sits on the shoulder")
        check.get_by_role("button").click()
        expect(check).not_to_contain_text("Tie sits on the shoulder")

        # Ease and allowances.
        self.go("Ease")
        self.enter("allowance.side", "7mm")
        self.field("allowance.side").blur()
        expect(page.locator('[data-check="box.unequal"]')).to_be_visible()
        page.get_by_label("padding", exact=True).select_option("cotton-batting")
        page.get_by_text("smaller by the turn of cloth").click()
        expect(page.locator('g[data-piece="body-lining"]')).to_be_attached()
        self.kept()

        # Pieces: a number opens its chain, a pointed edge its seam.
        self.go("Pieces")
        page.get_by_label("All numbers").get_by_role("button", name="wall height").click()
        expect(page.locator(".slip")).to_contain_text("height of the thing")
        page.locator('[data-edge="body.side-left"]').first.dispatch_event("pointerover")
        page.locator('[data-edge="body.side-left"]').first.focus()
        expect(page.locator(".seam-slip")).to_contain_text("left side seam")
        expect(page.locator(".seam-slip")).to_contain_text("sewn in step")
        self.assertGreaterEqual(page.locator(".lit").count(), 1)

        # On paper and as files.
        self.go("Cloth")
        expect(page.locator(".needs")).to_contain_text("quilting cotton")
        id = page.url.split("/projects/")[1].split("/")[0]
        answer = self.context.request.get(f"{self.served.address}/api/projects/{id}/pattern.pdf?paper=letter")
        with pdfplumber.open(io.BytesIO(answer.body())) as pdf:
            self.assertAlmostEqual(float(pdf.pages[0].width), 612, 0)
        with page.expect_download() as download:
            page.get_by_role("link", name="SVG", exact=True).click()
        self.assertTrue(Path(download.value.path()).read_bytes().startswith(b"<?xml"))
        with page.expect_download() as download:
            page.get_by_role("link", name="Project file").click()
        project_file = Path(download.value.path())
        self.assertEqual(json.loads(project_file.read_text())["format"], "egg-tuck-project")

        # Sew: next by button, space and arrows; the place is kept over a reload.
        self.go("Sew")
        expect(page.locator(".step h2")).to_have_text("Flatten the cloth")
        page.get_by_role("button", name="Done, next").click()
        expect(page.locator(".step h2")).to_have_text("Cut the pieces")
        page.keyboard.press("Escape")
        page.locator(".step h2").click()
        with page.expect_response("**/progress"):
            page.keyboard.press(" ")
        expect(page.locator(".step-list .done")).to_have_count(2)
        with page.expect_response("**/progress"):
            page.keyboard.press("ArrowRight")
        title = page.locator(".step h2").inner_text()
        page.reload()
        expect(page.locator(".step h2")).to_have_text(title)
        expect(page.locator(".step-list .done")).to_have_count(2)
        page.get_by_label("Guide").select_option("expert")
        expect(page.locator(".step-text")).to_have_count(0)

        # Log it.
        self.go("Log")
        page.locator("[name=minutes]").fill("about an hour")
        page.get_by_role("button", name="Write it down").click()
        expect(page.locator(".measure-error")).to_contain_text("whole number")
        page.locator("[name=minutes]").fill("55")
        page.locator("[name='measured.girth']").fill("wide")
        page.get_by_role("button", name="Write it down").click()
        expect(page.locator(".measure-error")).to_contain_text("is not a length")
        page.locator("[name='measured.girth']").fill("29")
        page.get_by_label("What differed?").fill("Sewed a little wide.")
        page.get_by_role("button", name="Write it down").click()
        expect(page.locator(".makes li")).to_have_count(1)
        expect(page.locator(".makes li")).to_contain_text("55 minutes")
        expect(page.locator(".makes li")).to_contain_text(date.today().strftime("%B"))

        # A killed server loses nothing.
        self.served.kill()
        self.served.start()
        self.visit()
        expect(page.locator(".project")).to_have_count(1)
        expect(page.locator(".project")).to_contain_text("made once")

        # Copy, put away with a way back, and bring in the file again.
        page.get_by_role("button", name="More for").click()
        page.get_by_role("button", name="Make a copy").click()
        expect(page.locator(".project")).to_have_count(2)
        page.get_by_role("button", name="More for").first.click()
        page.get_by_role("button", name="Put away").click()
        expect(page.locator(".project")).to_have_count(1)
        page.get_by_role("button", name="Undo").click()
        expect(page.locator(".project")).to_have_count(2)
        # It is known again: what it was when it was saved may lie beside what it is now.
        page.get_by_label("Project file").set_input_files(project_file)
        page.get_by_role("button", name="Keep both").click()
        expect(page.get_by_role("heading", name="The pieces")).to_be_visible()
        self.visit()
        expect(page.locator(".project")).to_have_count(3)

    def test_what_cannot_be_begun_says_so(self):
        self.settled("/")
        self.page.route(
            "**/api/projects", lambda route: route.abort() if route.request.method == "POST" else route.continue_()
        )
        self.page.get_by_role("button", name="a honey jar").click()
        expect(self.page.get_by_role("status")).to_contain_text("does not answer")
        self.page.unroute("**/api/projects")
        self.page.get_by_role("button", name="a honey jar").click()
        expect(self.page).to_have_url(re.compile("/thing$"))

    def test_a_file_that_is_no_project_is_refused_kindly(self):
        self.visit()
        self.page.get_by_label("Project file").set_input_files(
            {"name": "notes.json", "mimeType": "application/json", "buffer": b'{"name": "x"}'}
        )
        expect(self.page.get_by_role("status")).to_contain_text("could not be brought in")

    def test_three_choices_to_a_pattern_without_a_thing(self):
        self.visit()
        self.page.get_by_role("button", name="finished sizes").click()
        expect(self.page.locator('g[data-piece="body"]').first).to_be_attached()
        self.enter("size.girth", "40")
        expect(self.page.get_by_role("button", name="cut width")).to_have_text("22 cm")


class TheWorkshop(TableTest):
    def test_changing_the_ruler_keeps_every_length(self):
        self.open_project("Tea carton tote", "Form")
        page = self.page
        page.get_by_role("button", name="in", exact=True).click()
        expect(page.get_by_role("button", name="cut width")).to_contain_text("in")
        expect(self.field("ease.girth")).to_have_value("1 3/16 in")
        self.field("ease.girth").click()
        expect(self.field("ease.girth")).to_have_value("3 cm")
        page.get_by_role("button", name="cm", exact=True).click()
        expect(page.get_by_role("button", name="cut width")).to_contain_text("cm")

    def test_back_and_forward_and_reload(self):
        self.open_project("Honey jar cosy", "Ease")
        page = self.page
        self.go("Pieces")
        page.go_back()
        expect(page.get_by_role("group", name="Seam allowances")).to_be_visible()
        page.go_forward()
        page.reload()
        expect(page.get_by_label("All numbers")).to_be_visible()
        self.visit("/projects/nobody/pieces")
        expect(page.get_by_role("heading", name="That project is not here")).to_be_visible()

    def test_two_windows_do_not_overwrite_each_other(self):
        self.open_project("Honey jar cosy", "Form")
        other = self.context.new_page()
        other.goto(self.page.url)
        expect(other.locator('input[data-field="size.headroom"]')).to_be_visible()
        self.enter("size.headroom", "2")
        self.kept()
        other.locator('input[data-field="size.headroom"]').fill("3")
        expect(other.locator(".project-name small")).to_contain_text("another window")

    def test_what_goes_wrong_anywhere_is_told_where_one_is(self):
        self.settled("/")
        page = self.page
        page.route("**/copy", lambda route: route.abort())
        page.locator(".project").get_by_role("button", name="More for").first.click()
        page.get_by_role("button", name="Make a copy").click()
        expect(page.get_by_text("Egg Tuck does not answer")).to_be_visible()
        # A view that cannot be drawn says so, and the others can.
        page.route("**/api/things", lambda route: route.fulfill(json={"things": [{"group": "cover"}]}))
        self.visit("/shelf")
        expect(page.get_by_role("alert")).to_contain_text("Nothing you kept is lost")
        page.unroute("**/api/things")
        page.get_by_role("link", name="To the table").click()
        expect(page.get_by_role("heading", name="On the table")).to_be_visible()

    def test_every_view_is_accessible_and_fits_narrow_tables(self):
        self.visit()
        ids = {
            p["name"]: p["id"] for p in self.page.request.get(f"{self.served.address}/api/projects").json()["projects"]
        }
        bag = f"/projects/{ids['Cordial bottle bag']}"
        stages = ("thing", "form", "ease", "pieces", "cloth", "sew", "log")
        other = ids["Honey jar cosy"]
        views = [
            "/",
            "/shelf",
            "/fits",
            "/habits",
            "/machine",
            "/check",
            "/pile",
            "/cutting",
            *self.cuttings(),
            f"/compare/{ids['Cordial bottle bag']}/{other}",
        ]
        habits = self.page.request.get(f"{self.served.address}/api/settings").json()
        self.addCleanup(self.page.request.put, f"{self.served.address}/api/settings", data=habits)
        for turn, (theme, widths) in enumerate((("day", (1280,)), ("night", (390,)))):
            self.page.request.put(f"{self.served.address}/api/settings", data={**habits, "theme": theme})
            self.settled("/")
            # Every view once, by day or by night.
            every = [*views, *(f"{bag}/{stage}" for stage in stages)]
            self.look_at(every if ALL else every[turn::2], widths)

    def look_at(self, paths, widths):
        self.page.evaluate(AXE.read_text())
        for path in paths:
            self.walk(path)
            for width in widths:
                with self.subTest(path=path, width=width):
                    self.page.set_viewport_size({"width": width, "height": 800})
                    self.painted()
                    wide = self.page.evaluate("document.documentElement.scrollWidth")
                    self.assertLessEqual(wide, width)
                    found = self.page.evaluate(
                        "axe.run(document, {resultTypes: ['violations'], runOnly: ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']})"
                    )
                    told = [(v["id"], [n["html"][:120] for n in v["nodes"][:3]]) for v in found["violations"]]
                    self.assertEqual(told, [])


if __name__ == "__main__":
    unittest.main()
