"""The shelf: a thing of any shape measured, brought in from a table, and covered."""

import io
import re
import unittest

from PIL import Image

from .table import TableTest, expect


class Shelf(TableTest):
    def test_girths_are_typed_or_brought_in(self):
        page = self.page
        self.visit("/shelf")
        page.get_by_role("button", name="Measure another thing").click()
        page.get_by_label("name").fill("Paper lantern")
        page.get_by_label("kind").select_option("profile")
        rows = page.locator('[data-field="object.profile"]')
        page.get_by_label("ruler").select_option("cm")
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

    def test_a_bag_is_sized_for_several_things(self):
        self.open_project("Honey jar cosy", "Thing")
        page = self.page
        page.get_by_role("button", name="in", exact=True).click()
        page.get_by_text("Must hold other things too").click()
        page.get_by_label("Marmalade jar", exact=True).click()
        verdicts = page.locator(".sentences")
        expect(verdicts).to_contain_text("Marmalade jar")
        # A far larger one: everything is drafted for it, and the first thing rattles.
        page.get_by_label("Swing-top flask", exact=True).click()
        expect(verdicts).to_contain_text("Swing-top flask")
        self.kept()
        page.reload()
        expect(page.get_by_label("Swing-top flask", exact=True)).to_be_checked()
        page.get_by_label("Swing-top flask", exact=True).uncheck()
        expect(verdicts).not_to_contain_text("Swing-top flask")
        expect(verdicts).to_contain_text("Marmalade jar")

    def test_what_was_not_measured_is_measured_on_the_table(self):
        self.open_project("Tasting cup carrier", "Thing")
        page = self.page
        page.get_by_text("More to measure").click()
        body = page.locator('.unmeasured input[data-field="object.diameter"]')
        body.click()
        # Letter by letter: the field stays under the hand though each letter is drafted.
        page.keyboard.type("8,5", delay=120)
        self.until(lambda now: now["spec"]["object"].get("diameter") == "8,5")
        expect(body).to_be_focused()
        out = page.locator('.unmeasured input[data-field="object.handle_out"]')
        out.fill("far")
        expect(page.locator(".unmeasured .measure-error")).to_be_visible()
        out.fill("3")
        page.keyboard.press("Enter")
        self.until(lambda now: now["spec"]["object"].get("handle_out") == "3")
        expect(page.locator('.unmeasured input[data-field="object.handle_out"]')).to_have_count(0)
        expect(page.locator('.pin input[data-field="object.handle_out"]')).to_have_value("3 cm")
        expect(page.locator(".thing-drawing path.glass")).to_have_count(2)

    def test_what_is_entered_while_the_ruler_changes_is_not_lost(self):
        self.open_project("Cordial bottle bag", "Thing")
        page = self.page
        page.get_by_text("Must hold other things too").click()
        page.route("**/api/specs/unit", lambda route: None)
        page.get_by_role("button", name="in", exact=True).click()
        page.get_by_label("Swing-top flask", exact=True).click()
        expect(page.locator(".sentences")).to_contain_text("Swing-top flask")
        # What waited goes on its way.
        page.unroute("**/api/specs/unit")
        self.until(lambda now: now["spec"]["unit"] == "in" and len(now["spec"].get("also") or []) == 1)
        expect(page.locator(".sentences")).to_contain_text("Swing-top flask")

    def test_what_is_taken_off_comes_back(self):
        page = self.page
        self.visit("/shelf")
        expect(page.locator(".shelf li").filter(has_text="Juggling ball")).to_be_visible()
        before = page.locator(".shelf li").count()
        page.get_by_role("button", name="Take Juggling ball away").click()
        expect(page.locator(".shelf li")).to_have_count(before - 1)
        page.get_by_role("button", name="Undo").click()
        expect(page.locator(".shelf li")).to_have_count(before)
        page.locator(".shelf .thing", has_text="Juggling ball").click()
        expect(page.locator('.editor [data-field="object.girth"]').last).to_be_visible()

    def test_a_card_to_measure_by_opens(self):
        page = self.page
        self.visit("/shelf")
        page.get_by_role("button", name="Measure another thing").click()
        for kind in ("bottle", "bowl", "profile"):
            page.get_by_label("kind").select_option(kind)
            link = page.get_by_role("link", name="Print a card to measure by")
            expect(link).to_have_attribute("href", re.compile(f"kind={kind}&unit="))
            answer = page.request.get(self.served.address + link.get_attribute("href"))
            self.assertTrue(answer.ok and answer.body().startswith(b"%PDF"))

    def test_the_shelf_answers_to_the_layers(self):
        self.open_project("Honey jar cosy", "Ease")
        page = self.page
        row = page.locator(".fits li").filter(has=page.get_by_text("Berry tumbler", exact=True))
        before = row.inner_text()
        page.get_by_label("padding", exact=True).select_option("polyester-batting")
        expect(row).not_to_have_text(before)
        expect(page.locator(".fits li").first).to_contain_text("Honey jar")

    def test_a_cloth_of_one_s_own(self):
        self.open_project("Honey jar cosy", "Ease")
        page = self.page
        page.get_by_label("lining", exact=True).select_option("own")
        name = page.get_by_label("lining, what it is called")
        name.fill("Old bedsheet")
        page.get_by_label("lining, thickness").fill("3 mm")
        self.go("Cloth")
        expect(page.locator(".needs")).to_contain_text("Old bedsheet")
        self.kept()
        page.reload()
        self.go("Ease")
        expect(name).to_have_value("Old bedsheet")
        expect(page.get_by_label("lining, thickness")).to_have_value("3 mm")
        page.get_by_label("lining, thickness").fill("")
        expect(page.locator(".layer .measure-error")).to_be_visible()
        page.get_by_label("lining", exact=True).select_option("linen")
        expect(page.locator(".layer .measure-error")).to_have_count(0)
        expect(name).to_have_count(0)

    def test_hardware_and_a_wearer_settle_what_a_bag_asks(self):
        page = self.page
        self.visit("/shelf")
        page.get_by_role("button", name="Measure hardware").click()
        editor = page.locator(".editor")
        editor.get_by_label("name").fill("Tin hook")
        editor.get_by_label("kind").select_option("hook")
        expect(editor.locator(".glass")).to_be_visible()
        editor.get_by_label("ruler").select_option("mm")
        editor.locator('[data-field="object.inside"]').fill("32")
        editor.get_by_role("button", name="Keep it").click()
        expect(page.get_by_role("button", name="Tin hook").first).to_be_visible()
        self.open_project("Market day round bag", "Form")
        page.get_by_label("from the drawer").last.select_option(label="Tin hook")
        expect(self.field("parts.0.width")).to_have_value("3,2 cm")
        page.get_by_label("from the drawer").first.select_option(label="Sea-green zip")
        expect(self.field("size.zip_width")).to_have_value("0,8 cm")
        page.get_by_label("made for").select_option(label="Marlen")
        short = page.locator(".verdict", has_text="Short for wearing across the body")
        short.get_by_role("button").click()
        expect(short).to_have_count(0)
        self.kept()
        page.reload()
        expect(page.get_by_label("made for")).to_contain_text("Marlen")
        expect(self.field("parts.0.width")).to_have_value("3,2 cm")

    def test_a_photo_is_kept_small_and_taken_away(self):
        page = self.page
        picture = io.BytesIO()
        Image.new("RGB", (2400, 1200), (164, 69, 47)).save(picture, "PNG")
        self.visit("/shelf")
        page.locator(".shelf .thing", has_text="Serving bowl").click()
        chooser = page.get_by_label("a photo to know it by")
        chooser.set_input_files({"name": "bowl.txt", "mimeType": "image/png", "buffer": b"no picture"})
        expect(page.locator(".photo-row .measure-error")).to_contain_text("JPEG")
        chooser.set_input_files({"name": "bowl.png", "mimeType": "image/png", "buffer": picture.getvalue()})
        photo = page.get_by_alt_text("What it looks like")
        expect(photo).to_be_visible()
        kept = page.request.get(self.served.address + photo.get_attribute("src")).body()
        self.assertEqual(Image.open(io.BytesIO(kept)).size, (900, 450))
        page.get_by_role("button", name="Take the photo away").click()
        expect(photo).to_have_count(0)
        page.locator(".toast-line").get_by_role("button", name="Undo").click()
        expect(photo).to_be_visible()
        kept = page.request.get(self.served.address + photo.get_attribute("src")).body()
        self.assertEqual(Image.open(io.BytesIO(kept)).size, (900, 450))
        page.get_by_role("button", name="Take the photo away").click()
        expect(photo).to_have_count(0)

    def test_what_fits_what_at_a_glance(self):
        page = self.page
        self.visit("/fits")
        mark = page.get_by_role("button", name=re.compile("^Cordial bottle in Berry tumbler sleeve"))
        expect(mark).to_contain_text("Too tight")
        mark.click()
        expect(page.locator(".fit-why")).to_contain_text("Cordial bottle in Berry tumbler sleeve")
        page.get_by_role("link", name="Open Berry tumbler sleeve").click()
        expect(page).to_have_url(re.compile(r"/projects/[^/]+/ease$"))

    def test_quilting_before_cutting_takes_more_cloth(self):
        self.open_project("Honey jar cosy", "Ease")
        page = self.page
        page.get_by_label("quilted, cut larger by").fill("0,1")
        page.get_by_label("quilted, cut larger by").blur()
        warned = page.locator(".verdict", has_text="Cut more over for quilting")
        warned.get_by_role("button").click()
        expect(warned).to_have_count(0)
        self.go("Sew")
        expect(page.locator(".step-list")).to_contain_text("Quilt before cutting")

    def test_a_scan_asks_its_unit(self):
        page = self.page
        self.visit("/shelf")
        page.get_by_role("button", name="Measure another thing").click()
        page.get_by_label("kind").select_option("profile")
        page.get_by_label("ruler").select_option("cm")
        corners = "\n".join(f"v {x} {y} {z}" for z in (0, 12) for x in (0, 8) for y in (0, 8))
        faces = "f 1 2 4\nf 1 4 3\nf 5 6 8\nf 5 8 7\nf 1 2 6\nf 1 6 5\nf 3 4 8\nf 3 8 7\nf 1 3 7\nf 1 7 5\nf 2 4 8\nf 2 8 6\n"
        scan = {"name": "box.obj", "mimeType": "text/plain", "buffer": (corners + "\n" + faces).encode()}
        page.get_by_label("Profile file").set_input_files(scan)
        expect(page.locator(".profile-rows .measure-error")).to_contain_text("unit")
        page.get_by_label("Unit of the scan").select_option("cm")
        page.get_by_label("Profile file").set_input_files(scan)
        expect(page.locator(".profile-rows .measure-error")).to_have_count(0)
        expect(page.locator('[data-field="object.profile"]')).to_have_value(re.compile(r"^0; 32\b[\s\S]*\n12; 32$"))

        # Sent again over a slow network it is told of, and stopped.
        page.route("**/api/things/read-scan*", lambda _: None)
        page.get_by_label("Profile file").set_input_files(scan)
        way = page.locator(".on-the-way")
        expect(way).to_contain_text("box.obj on its way")
        way.get_by_role("button", name="Stop").click()
        expect(page.locator(".profile-rows .measure-error")).to_have_text("Stopped.")
        expect(way.get_by_role("button")).to_have_count(0)
        page.unroute("**/api/things/read-scan*")


if __name__ == "__main__":
    unittest.main()
