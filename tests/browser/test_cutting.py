"""At the cutting table with mouse and keys: drag, pin, lay again, search and stop, a scrap pointed out, shopping over two makes, print."""

import io
import re
import unittest

from PIL import Image, ImageDraw

from .table import TableTest, expect


class Cutting(TableTest):
    def setUp(self):
        super().setUp()
        self.open_project("Token pouch", "Cloth")
        self.page.get_by_role("link", name="Lay it out, cut, buy").click()
        expect(self.page.get_by_role("heading", name="Token pouch")).to_be_visible()
        self.first = self.page.locator(".cloth-lay").first
        self.pieces = self.first.locator("[data-cutout]")

    def table(self):
        id = re.search(r"/cutting/([^/]+)/", self.page.url).group(1)
        return self.page.request.get(f"{self.served.address}/api/cuttings/{id}").json()

    def laid(self):
        return {one["id"]: one for ground in self.table()["table"]["cloths"][0]["grounds"] for one in ground["laid"]}

    def answered(self, what):
        return self.page.expect_response(lambda answer: answer.url.endswith(what))

    def test_a_piece_is_dragged_turned_pinned_and_let_go_and_the_rest_lies_round_it(self):
        page, one = self.page, self.pieces.first
        id, box = one.get_attribute("data-cutout"), one.bounding_box()
        before = self.laid()[id]
        at = box["x"] + box["width"] / 2, box["y"] + box["height"] / 2
        scale = one.evaluate("e => e.ownerSVGElement.getScreenCTM().a")
        with self.answered("/spots"):
            page.mouse.move(*at)
            page.mouse.down()
            page.mouse.move(at[0] + 100, at[1])
            page.mouse.move(at[0] + 220, at[1])
            page.mouse.up()
        after = self.laid()[id]
        self.assertTrue(after["pinned"])
        self.assertAlmostEqual(after["x"] - before["x"], 220 / scale, delta=4 / scale + 5)
        expect(one.locator(".lay-pin")).to_be_visible()
        # Turned it lies otherwise, let go it has no pin.
        bar = self.first.locator(".lay-one")
        with self.answered("/spots"):
            bar.get_by_role("button", name="Turn").click()
        self.assertNotEqual(self.laid()[id]["angle"], after["angle"])
        with self.answered("/unpin"):
            bar.get_by_role("button", name="Take the pin out").click()
        self.assertFalse(self.laid()[id]["pinned"])
        with self.answered("/spots"):
            bar.get_by_role("button", name="Pin it here").click()
        # By keys a centimetre at a time.
        x = self.laid()[id]["x"]
        one.focus()
        with self.answered("/spots"):
            page.keyboard.press("ArrowRight")
        self.assertAlmostEqual(self.laid()[id]["x"], x + 10, delta=4.1)
        with self.answered("/again"):
            self.first.get_by_role("button", name="Take all pins out").click()
        expect(self.first.locator(".lay-pin")).to_have_count(0)

    def test_a_search_shows_how_far_it_is_and_stops_when_it_is_told_to(self):
        page = self.page
        self.first.get_by_label("how long").select_option("60")
        self.first.get_by_role("button", name="Look for a shorter lay").click()
        expect(self.first.get_by_role("progressbar")).to_be_visible()
        expect(self.first.locator(".lay-actions")).to_contain_text("of 60 s")
        # It goes on while something else is looked at.
        page.get_by_role("navigation", name="What is done").get_by_role("link", name="Buy").click()
        page.get_by_role("navigation", name="What is done").get_by_role("link", name="Lay").click()
        self.first.get_by_role("button", name="Stop here").click()
        expect(self.first.get_by_text("Stopped; the best that was found is kept.")).to_be_visible()

    def test_what_is_no_length_is_told_and_what_was_kept_stays(self):
        page = self.page
        self.first.get_by_text("How it is laid").click()
        gap = self.first.get_by_label("room between pieces")
        gap.fill("wide")
        gap.press("Enter")
        expect(page.get_by_role("alert")).to_contain_text("Write a length here")
        gap.fill("5 mm")
        gap.press("Enter")
        expect(page.locator(".cutting-trouble")).to_have_count(0)
        self.assertEqual([wish["gap"] for wish in self.table()["settings"]["cloths"].values()], ["5 mm"])

    def test_the_cut_is_ticked_off_and_the_plan_printed(self):
        page = self.page
        page.get_by_role("link", name="Cut", exact=True).click()
        line = page.locator(".cut-plan li").first
        with self.answered("/ticks"):
            line.get_by_role("checkbox").check()
        expect(page.locator(".cut-plan header span").first).to_contain_text("1 of")
        page.reload()
        expect(page.locator(".cut-plan li").first.get_by_role("checkbox")).to_be_checked()
        for name in ("Print the plan", "Print"):
            with self.context.expect_page() as opened:
                page.get_by_role("link", name=name, exact=True).click()
            address = opened.value.url
            opened.value.close()
            if not address.startswith("http"):
                address = page.get_by_role("link", name=name, exact=True).get_attribute("href")
                address = self.served.address + address
            self.assertTrue(self.page.request.get(address).body().startswith(b"%PDF"))
            if name == "Print the plan":
                page.get_by_role("link", name="Buy", exact=True).click()

    def test_shopping_over_two_makes_less_what_the_pile_has(self):
        page = self.page
        page.get_by_role("link", name="Buy", exact=True).click()
        thread = page.locator("tr", has_text="thread").first
        expect(thread).to_contain_text("on the pile")
        page.get_by_label("Cut together with").select_option(label="Bay leaf pouch")
        expect(page.locator(".cutting-makes li")).to_have_count(2)
        expect(thread).to_contain_text("Token pouch, Bay leaf pouch")
        count = page.get_by_label("how many of Token pouch")
        count.fill("4")
        with self.page.expect_response(
            lambda answer: "/api/cuttings/" in answer.url and answer.request.method == "PUT"
        ):
            count.press("Enter")
        zipped = next(
            row
            for row in self.table()["table"]["shopping"]
            if row["what"].startswith("zip") and "Token pouch" in row["makes"]
        )
        self.assertIn(zipped["buy"], {"4", "2", "5"})
        # A price for each, and what a make costs with it.
        row = page.locator("tbody > tr", has=page.get_by_label(f"{zipped['name']}: got"))
        price = row.get_by_label(f"{zipped['name']}: price")
        price.fill("2,5")
        price.press("Enter")
        expect(page.get_by_role("heading", name="What a make costs")).to_be_visible()
        expect(row).to_contain_text(f"{float(zipped['buy']) * 2.5:.2f}".replace(".", ","))


class Scraps(TableTest):
    def test_a_scrap_is_pointed_out_kept_and_cut_from(self):
        page = self.page
        self.visit("/pile")
        page.get_by_role("button", name="Add a scrap").click()
        editor = page.locator(".piled-editor")
        editor.get_by_label("name").fill("Tea towel")
        editor.get_by_label("what it is").select_option("linen")
        sheet = editor.locator(".trace-picture")
        sheet.scroll_into_view_if_needed()
        box = sheet.bounding_box()

        def point(x, y):
            """On the sheet, in shares of it."""
            inner = sheet.evaluate("e => { const m = e.getScreenCTM(); return [m.e, m.f, m.a]; }")
            page.mouse.click(inner[0] + x * inner[2], inner[1] + y * inner[2])

        self.assertGreater(box["width"], 200)
        for x, y in ((30, 30), (560, 30), (560, 330), (30, 330)):
            point(x, y)
        expect(editor.get_by_text("It is 53 cm wide and 30 cm high over all.")).to_be_visible()
        editor.get_by_role("button", name="Leave out").click()
        for x, y in ((100, 100), (140, 100), (120, 140)):
            point(x, y)
        with page.expect_response("**/api/pile"):
            editor.get_by_role("button", name="Put it on the pile").click()
        expect(page.locator(".pile li", has_text="Tea towel")).to_contain_text("53 cm by 30 cm over all")
        # A make is cut from it.
        self.open_project("Bay leaf pouch", "Cloth")
        page.get_by_role("link", name="Lay it out, cut, buy").click()
        cloth = page.get_by_role("region", name="linen, outer")
        cloth.get_by_text("How it is laid").click()
        with page.expect_response(lambda answer: "/api/cuttings/" in answer.url and answer.request.method == "PUT"):
            cloth.get_by_label("Tea towel").check()
        expect(cloth.locator(".lay-ground").first).to_contain_text("Tea towel")
        expect(cloth.locator(".lay-hole")).to_have_count(1)
        self.assertGreater(cloth.locator(".lay-ground").first.locator("[data-cutout]").count(), 0)
        # Cut, it is gone from the pile; undone it lies there again.
        page.get_by_role("link", name="Cut", exact=True).click()
        first = page.locator(".cut-plan").first
        first.get_by_role("button", name="All cut").click()
        expect(first.get_by_text("gone from the pile")).to_be_visible()
        page.get_by_role("link", name="The pile").click()
        towel = page.get_by_role("listitem").filter(has=page.get_by_text("Tea towel", exact=True))
        expect(towel).to_contain_text("used up")
        expect(page.locator(".pile li", has_text="left of Tea towel").first).to_be_visible()
        page.go_back()
        first.get_by_role("button", name="Not cut after all").click()
        expect(first.get_by_role("button", name="All cut")).to_be_visible()
        page.get_by_role("link", name="The pile").click()
        expect(page.locator(".pile li", has_text="Tea towel")).to_have_count(1)
        expect(page.locator(".pile li", has_text="Tea towel")).not_to_contain_text("used up")

    def test_a_scrap_is_traced_on_a_photo_with_a_ruler_in_it(self):
        """Half a millimetre a pixel: a cloth of 30 by 20 cm beside a ruler of 25 cm."""
        page, photo = self.page, Image.new("RGB", (900, 700), "wheat")
        draw = ImageDraw.Draw(photo)
        draw.rectangle((100, 80, 700, 480), fill="sienna")
        draw.rectangle((100, 600, 600, 620), fill="black")
        file = io.BytesIO()
        photo.save(file, "PNG")
        self.visit("/pile")
        page.get_by_role("button", name="Add a scrap").click()
        editor = page.locator(".piled-editor")
        editor.get_by_label("name").fill("Brown corner")
        editor.get_by_label("the green line is").fill("25 cm")
        chosen = {"name": "cloth.png", "mimeType": "image/png", "buffer": file.getvalue()}
        editor.get_by_label("a photo from straight above").set_input_files(chosen)
        sheet = editor.locator(".trace-picture")
        expect(sheet.locator("image")).to_have_count(1)
        expect(editor.get_by_role("button", name="Ruler", exact=True)).to_have_attribute("aria-pressed", "true")
        sheet.scroll_into_view_if_needed()

        def point(x, y):
            inner = sheet.evaluate("e => { const m = e.getScreenCTM(); return [m.e, m.f, m.a]; }")
            page.mouse.click(inner[0] + x * inner[2], inner[1] + y * inner[2])

        for x, y in ((100, 610), (600, 610)):
            point(x, y)
        editor.get_by_role("button", name="Outline", exact=True).click()
        for x, y in ((100, 80), (700, 80), (700, 480), (100, 480)):
            point(x, y)
        told = editor.get_by_text(re.compile("cm wide and"))
        expect(told).to_be_visible()
        wide, high = (float(n.replace(",", ".")) for n in re.findall(r"([\d,]+) cm", told.inner_text()))
        self.assertAlmostEqual(wide, 30.0, delta=0.2)
        self.assertAlmostEqual(high, 20.0, delta=0.2)
        editor.get_by_role("button", name="Put it on the pile").click()
        kept = page.locator(".pile li", has_text="Brown corner")
        expect(kept.locator("img")).to_have_count(1)
        self.assertGreater(
            kept.locator("img").evaluate("async (e) => { await e.decode(); return e.naturalWidth; }"), 100
        )
        # It is taken away, and brought back.
        kept.get_by_role("button").first.click()
        look = page.locator(".piled-editor .photo-row img")
        expect(look).to_have_count(1)
        page.locator(".piled-editor").get_by_role("button", name="Take the photo away").click()
        expect(look).to_have_count(0)
        expect(kept.locator("img")).to_have_count(0)
        page.locator(".toast-line").get_by_role("button", name="Undo").click()
        expect(look).to_have_count(1)
        expect(kept.locator("img")).to_have_count(1)
        # What is no picture is told.
        page.get_by_role("button", name="Add a scrap").click()
        page.locator(".piled-editor").get_by_label("a photo from straight above").set_input_files(
            {"name": "list.txt", "mimeType": "text/plain", "buffer": b"no picture"}
        )
        expect(page.locator(".piled-editor").get_by_role("alert")).to_contain_text("no picture")

    def test_an_outline_that_crosses_itself_is_told_and_nothing_kept(self):
        page = self.page
        self.visit("/pile")
        page.get_by_role("button", name="Add a scrap").click()
        editor = page.locator(".piled-editor")
        sheet = editor.locator(".trace-picture")
        sheet.scroll_into_view_if_needed()
        for x, y in ((40, 40), (300, 300), (300, 40), (40, 300)):
            inner = sheet.evaluate("e => { const m = e.getScreenCTM(); return [m.e, m.f, m.a]; }")
            page.mouse.click(inner[0] + x * inner[2], inner[1] + y * inner[2])
        expect(editor.get_by_role("alert")).to_contain_text("crosses itself")
        before = len(page.request.get(f"{self.served.address}/api/pile").json()["pile"])
        editor.get_by_role("button", name="Put it on the pile").click()
        expect(editor.get_by_role("alert").first).to_be_visible()
        self.assertEqual(len(page.request.get(f"{self.served.address}/api/pile").json()["pile"]), before)

    def test_makes_are_chosen_to_lie_together(self):
        page = self.page
        self.visit("/cutting")
        for name in ("Token pouch", "Bay leaf pouch"):
            page.get_by_role("checkbox", name=name).check()
        page.get_by_role("button", name="Lay 2 makes out").click()
        expect(page.locator(".cutting-makes li")).to_have_count(2)
        page.get_by_role("link", name="Cutting", exact=True).click()
        expect(page.locator(".cuttings li").first).to_contain_text("Token pouch, Bay leaf pouch")
        page.locator(".cuttings li").first.get_by_role("button").click()
        expect(page.locator(".cuttings li", has_text="Token pouch, Bay leaf pouch")).to_have_count(0)


if __name__ == "__main__":
    unittest.main()
