"""The table itself: the form in the round, linked seams, every edit undone, variants, exports opened and measured, and a whole
make by keyboard alone."""

import io
import json
import re
import unittest
from collections.abc import Callable

import numpy as np
import pdfplumber
import trimesh
from PIL import Image
from playwright.sync_api import Route
from svgelements import SVG

from .table import TableTest, expect

GL = ["--use-gl=angle", "--use-angle=swiftshader", "--enable-unsafe-swiftshader"]


class InTheRound(TableTest):
    arguments = GL

    def canvas_tones(self):
        """How much of the form's picture is cloth and how much is the yolk of a lit seam, told by pixels."""
        picture = Image.open(io.BytesIO(self.page.locator(".round-view canvas").screenshot())).convert("RGB")
        # The ring round a tool that has the keys touches the last line of pixels.
        picture = picture.crop((0, 0, picture.width, picture.height - 3))
        red, green, blue = np.moveaxis(np.asarray(picture), 2, 0)
        return int(((red > 215) & (green > 150) & (green < 205) & (blue < 110)).sum()), picture

    def test_an_edge_pointed_at_lights_its_seam_on_pieces_form_and_step(self):
        self.open_project("Cordial bottle bag", "Pieces")
        page = self.page
        expect(page.locator(".round-view canvas")).to_be_visible()
        page.mouse.move(5, 400)
        before, _ = self.came_to_rest()
        page.locator('[data-edge="body.side-right"]').first.focus()
        expect(page.locator(".piece .lit")).to_have_count(2)
        expect(page.locator(".seam-slip")).to_contain_text("sewn in step")
        after, _ = self.came_to_rest()
        self.assertGreater(after, before + 40)

    def test_a_seam_pointed_at_on_the_form_lights_its_pieces(self):
        self.open_project("Cordial bottle bag", "Pieces")
        box = self.page.locator(".round-view canvas").bounding_box()
        lit = self.page.locator(".piece .lit")
        for share in (0.42, 0.46, 0.5, 0.54, 0.58):
            self.page.mouse.move(box["x"] + box["width"] * share, box["y"] + box["height"] * 0.4)
            self.page.wait_for_timeout(60)
            if lit.count():
                break
        self.assertGreater(lit.count(), 0)
        expect(self.page.locator(".seam-slip")).to_be_visible()

    def came_to_rest(self):
        expect(self.page.locator("canvas[data-drawn]")).to_be_visible()
        last, yolk, picture = None, 0, None
        for _ in range(12):
            self.page.wait_for_timeout(120)
            yolk, picture = self.canvas_tones()
            if last is not None and picture.tobytes() == last:
                break
            last = picture.tobytes()
        return yolk, picture

    def test_the_slider_lays_the_pieces_flat_and_sews_them_again(self):
        self.open_project("Bay leaf pouch", "Pieces")
        slider = self.page.get_by_label("From flat pieces to the sewn form")
        expect(slider).to_have_attribute("aria-valuetext", "sewn")
        _, sewn = self.came_to_rest()
        slider.fill("0")
        expect(slider).to_have_attribute("aria-valuetext", "flat")
        _, flat = self.came_to_rest()
        slider.fill("0.5")
        _, between = self.came_to_rest()
        slider.fill("1")
        _, again = self.came_to_rest()
        self.assertNotEqual(sewn.tobytes(), flat.tobytes())
        self.assertNotEqual(between.tobytes(), flat.tobytes())
        self.assertEqual(sewn.tobytes(), again.tobytes())

    def test_it_is_turned_and_cut_open(self):
        self.open_project("Honey jar cosy", "Pieces")
        canvas = self.page.locator(".round-view canvas")
        _, first = self.came_to_rest()
        canvas.focus()
        for _ in range(4):
            self.page.keyboard.press("ArrowRight")
        _, turned = self.came_to_rest()
        self.assertNotEqual(first.tobytes(), turned.tobytes())
        self.page.get_by_role("button", name="cut open").click()
        _, cut = self.came_to_rest()
        self.assertNotEqual(cut.tobytes(), turned.tobytes())


class ByHand(TableTest):
    """Pieces and form are held, moved and brought nearer by mouse, wheel and fingers."""

    def setUp(self):
        super().setUp()
        # A table with a touch screen, known before the page is.
        self.fingers = self.page.context.new_cdp_session(self.page)
        self.fingers.send("Emulation.setTouchEmulationEnabled", {"enabled": True, "maxTouchPoints": 2})
        self.open_project("Cordial bottle bag", "Pieces")
        self.table = self.page.locator(".movable")
        expect(self.table.locator(".piece").first).to_be_visible()

    def piece(self):
        """The first piece on the page: left, top and width, in pixels."""
        box = self.table.locator(".piece .cut-line").first.bounding_box()
        return box["x"], box["y"], box["width"]

    def centre(self):
        box = self.table.bounding_box()
        return box["x"] + box["width"] * 0.5, box["y"] + box["height"] * 0.5

    def near(self, found, wanted, tolerance=1.5):
        for one, other in zip(found, wanted, strict=True):
            self.assertAlmostEqual(one, other, delta=tolerance)

    def touch(self, kind, *points):
        at = [{"x": x, "y": y, "id": nth} for nth, (x, y) in enumerate(points)]
        self.fingers.send("Input.dispatchTouchEvent", {"type": kind, "touchPoints": at})

    def test_a_drag_moves_the_pieces_by_as_much(self):
        x, y, width = self.piece()
        # Bare table: an edge held would be an edge pointed at.
        box = self.table.bounding_box()
        at = box["x"] + box["width"] - 12, box["y"] + box["height"] - 60
        self.page.mouse.move(*at)
        self.page.mouse.down()
        self.page.mouse.move(at[0] - 30, at[1] - 20)
        self.page.mouse.move(at[0] - 60, at[1] - 45)
        self.page.mouse.up()
        self.near(self.piece(), (x - 60, y - 45, width))
        self.page.mouse.move(at[0] - 200, at[1] - 200)
        self.near(self.piece(), (x - 60, y - 45, width))

    def test_the_wheel_keeps_what_is_under_the_mouse_and_the_page_where_it_is(self):
        x, y, width = self.piece()
        cx, cy = self.centre()
        self.page.mouse.move(cx, cy)
        self.page.mouse.wheel(0, -100)
        self.page.wait_for_timeout(200)
        grown = self.piece()[2] / width
        self.assertGreater(grown, 1.05)
        self.near(self.piece(), (cx - (cx - x) * grown, cy - (cy - y) * grown, width * grown))
        self.page.mouse.wheel(0, 100)
        self.page.wait_for_timeout(200)
        self.near(self.piece(), (x, y, width))
        self.assertEqual(self.page.evaluate("scrollY"), 0)

    def test_two_fingers_bring_the_pieces_as_much_nearer_as_they_part(self):
        x, y, width = self.piece()
        cx, cy = self.centre()
        self.touch("touchStart", (cx - 30, cy), (cx + 30, cy))
        for apart in range(35, 61, 5):
            self.touch("touchMove", (cx - apart, cy), (cx + apart, cy))
        self.touch("touchEnd")
        self.near(self.piece(), (cx - (cx - x) * 2, cy - (cy - y) * 2, width * 2), width * 0.15)

    def test_an_arrow_key_moves_the_pieces_by_one_step(self):
        x, y, width = self.piece()
        self.table.focus()
        for key, moved in (
            ("ArrowRight", (-40, 0)),
            ("ArrowDown", (-40, -40)),
            ("ArrowLeft", (0, -40)),
            ("ArrowUp", (0, 0)),
        ):
            self.page.keyboard.press(key)
            self.near(self.piece(), (x + moved[0], y + moved[1], width))

    def test_a_button_of_the_table_is_still_a_button(self):
        width = self.piece()[2]
        self.table.get_by_role("button", name="Nearer").click()
        self.assertAlmostEqual(self.piece()[2], width * 1.25, delta=4)


class WithoutWebGL(TableTest):
    arguments = ("--disable-gpu", "--disable-webgl", "--disable-3d-apis")

    def test_the_form_is_drawn_and_folded_all_the_same(self):
        self.open_project("Bay leaf pouch", "Pieces")
        picture = self.page.locator(".round-view .form-picture path.cloth").first
        expect(picture).to_be_visible()
        sewn = picture.get_attribute("d")
        self.page.get_by_label("From flat pieces to the sewn form").fill("0")
        expect(picture).not_to_have_attribute("d", sewn)

    def test_until_it_is_folded_anew_the_form_of_before_stays_whole(self):
        self.open_project("Market day round bag", "Form")
        self.enter("size.diameter", "26")
        self.kept()
        self.go("Pieces")
        form, cuts = self.page.locator(".round-view .form-picture"), self.page.locator(".piece .cut-line")
        lines = lambda: cuts.evaluate_all("all => all.map((line) => line.getAttribute('d')).join()")  # noqa: E731
        whole = lambda: form.inner_html()  # noqa: E731
        expect(form.locator(".carried").first).to_be_visible()
        self.quiet()
        drawn, cut = whole(), lines()
        held: list[Route] = []
        self.page.route("**/api/folds", lambda route: held.append(route))
        self.page.get_by_role("button", name="Undo").click()
        self.comes(lambda: lines() != cut and held)
        self.painted()
        # The pieces are there already; neither its strap nor anything else of the form has moved.
        self.assertEqual(whole(), drawn)
        for route in held:
            route.continue_()
        self.page.unroute("**/api/folds")
        self.comes(lambda: whole() != drawn)

    def comes(self, about: Callable[[], object]) -> None:
        for _ in range(600):
            if about():
                return
            self.page.wait_for_timeout(50)
        self.fail("it did not come about")


class BackAndForward(TableTest):
    def spec(self):
        return self.project()["spec"]

    def test_ten_edits_are_undone_and_done_again(self):
        self.open_project("Honey jar cosy", "Form")
        page = self.page
        states = [self.spec()]
        undo, redo = page.get_by_role("button", name="Undo"), page.get_by_role("button", name="Redo")
        expect(undo).to_be_disabled()
        edits = [
            lambda: self.enter("ease.girth", "3,1"),
            lambda: self.enter("size.headroom", "2"),
            lambda: page.get_by_text("two panels").click(),
            lambda: page.get_by_label("Add a part").select_option("loop"),
            lambda: self.enter("parts.0.length", "6,5"),
            lambda: page.get_by_label("Name of the project").fill("Jar cosy with a loop"),
            lambda: page.get_by_label("Add a part").select_option("label"),
            lambda: self.enter("size.base_depth", "7"),
            lambda: page.get_by_role("button", name="Take the label off").click(),
            lambda: self.enter("ease.girth", "2,2"),
        ]
        for edit in edits:
            before = self.project()["revision"]
            edit()
            self.until(lambda now, before=before: now["revision"] > before)
            self.kept()
            states.append(self.spec())
        self.assertEqual(len({json.dumps(s) for s in states}), len(states) - 1)
        page.reload()
        for n, state in enumerate(reversed(states[:-1])):
            if n % 2:
                page.locator("h2").first.click()
                page.keyboard.press("Control+z")
            else:
                undo.click()
            self.until(lambda now, state=state: now["spec"] == state)
        expect(undo).to_be_disabled()
        for state in states[1:]:
            page.keyboard.press("Control+Shift+z")
            self.until(lambda now, state=state: now["spec"] == state)
        expect(redo).to_be_disabled()
        expect(page.get_by_label("Name of the project")).to_have_value("Jar cosy with a loop")

    def test_steps_follow_each_other_however_fast_they_come(self):
        self.open_project("Tea carton tote", "Form")
        page = self.page
        states = [self.spec()]
        for text in ("2,6", "2,7", "2,8"):
            self.enter("ease.girth", text)
            self.until(lambda now, text=text: now["spec"]["ease"]["girth"] == text)
            # Another entry begins, so that each is a step of its own.
            self.enter("size.headroom", f"5,{text[-1]}")
            self.until(lambda now, text=text: now["spec"]["size"]["headroom"] == f"5,{text[-1]}")
            states.append(self.spec())
        self.kept()
        page.locator("h2").first.click()
        for _ in range(4):
            page.keyboard.press("Control+z")
        self.until(lambda now: now["spec"] == states[1])
        for _ in range(4):
            page.keyboard.press("Control+Shift+z")
        self.until(lambda now: now["spec"] == states[3])
        self.kept()

    def test_an_entry_made_just_before_leaving_is_kept(self):
        self.open_project("Cordial bottle bag", "Form")
        expect(self.field("size.headroom")).to_be_visible()
        self.kept()
        id = self.project_id()
        self.enter("size.headroom", "3,3")
        self.page.goto("about:blank")
        self.until(lambda now: now["spec"]["size"].get("headroom") == "3,3", id)
        # Nor is one that waits for another to be kept, when another view is opened.
        self.page.goto(f"{self.served.address}/projects/{id}/form")
        expect(self.field("size.headroom")).to_be_visible()
        self.kept()

        def slowly(route):
            self.page.wait_for_timeout(400)
            route.continue_()

        self.page.route(f"**/api/projects/{id}", slowly)
        self.enter("size.headroom", "2,9")
        self.enter("ease.girth", "4,4")
        self.page.get_by_role("link", name="Egg Tuck: all projects").click()
        now = self.until(lambda now: now["spec"]["ease"].get("girth") == "4,4", id)
        self.assertEqual(now["spec"]["size"]["headroom"], "2,9")

    def test_what_nobody_answers_is_told_and_kept_as_soon_as_somebody_does(self):
        self.open_project("Cordial bottle bag", "Form")
        expect(self.field("size.headroom")).to_be_visible()
        self.kept()
        id, before = self.project_id(), self.spec()
        self.page.route(f"**/api/projects/{id}", lambda route: route.abort())
        self.enter("size.headroom", "3,1")
        expect(self.page.locator(".project-name small")).to_contain_text("does not answer")
        # What is typed meanwhile stands, and is what is kept at last.
        self.enter("size.headroom", "3,4")
        expect(self.field("size.headroom")).to_have_value("3,4")
        self.assertEqual(self.spec(), before)
        self.page.unroute(f"**/api/projects/{id}")
        self.until(lambda now: now["spec"]["size"].get("headroom") == "3,4", id)
        self.kept()

    def test_an_entry_is_one_request(self):
        self.open_project("Cordial bottle bag", "Form")
        expect(self.field("size.headroom")).to_be_visible()
        self.kept()
        asked = []
        self.page.on("request", lambda request: asked.append(f"{request.method} {request.url}"))
        self.enter("size.headroom", "3")
        self.kept()
        self.until(lambda now: now["spec"]["size"].get("headroom") == "3")
        mine = [one for one in asked if "/api/" in one]
        self.assertEqual(sum(one.startswith("PUT") for one in mine), 1, mine)
        self.assertFalse([one for one in mine if "drafts" in one], mine)

    def test_a_wrong_entry_is_dropped_first(self):
        self.open_project("Honey jar cosy", "Form")
        before = self.spec()
        self.enter("ease.girth", "wide")
        expect(self.page.locator(".measure-error")).to_be_visible()
        self.page.keyboard.press("Control+z")
        expect(self.page.locator(".measure-error")).to_have_count(0)
        self.kept()
        self.assertEqual(self.spec(), before)


class Choosing(TableTest):
    def test_forms_are_drawn_with_the_thing_and_the_easier_one_named(self):
        self.open_project("Cordial bottle bag", "Form")
        page = self.page
        cards = page.locator(".form-choice")
        expect(cards.filter(has_text="Tube with a round base").first).to_contain_text("pieces")
        expect(cards.first.locator(".form-picture path.glass")).to_be_attached()
        cards.filter(has_text="Tube with a round base").first.click()
        expect(page.locator(".form-why")).to_contain_text("Never made one?")
        page.locator(".form-why button").click()
        expect(page.get_by_role("heading", name="Boxed-base bag", exact=True)).to_be_visible()
        self.kept()

    def test_two_forms_are_seen_side_by_side_before_one_is_taken(self):
        self.open_project("Tea carton tote", "Form")
        page = self.page
        page.get_by_label("Side by side with").select_option(label="Wedge pouch")
        dialog = page.get_by_role("dialog")
        expect(dialog.locator(".compare thead th")).to_have_count(2)
        expect(dialog.locator(".compare")).to_contain_text("minutes, about")
        dialog.get_by_role("button", name="Make the wedge pouch instead").click()
        expect(page.get_by_role("heading", name="Wedge pouch", exact=True)).to_be_visible()
        page.get_by_role("button", name="Undo").click()
        expect(page.get_by_role("heading", name="Boxed-base bag", exact=True)).to_be_visible()

    def test_a_panel_of_another_shape_is_brought_in_from_a_drawing(self):
        self.open_project("Market day round bag", "Form")
        page = self.page
        chooser = page.get_by_label("Outline of the panel")
        open_line = '<svg xmlns="http://www.w3.org/2000/svg" width="9cm" height="9cm"><path d="M0 0L50 0L50 50"/></svg>'
        chooser.set_input_files({"name": "line.svg", "mimeType": "image/svg+xml", "buffer": open_line.encode()})
        expect(page.locator(".panel-shape .measure-error")).to_contain_text("No closed outline")
        egg = (
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 24 24"><ellipse cx="9" cy="12" rx="9" ry="12"/></svg>'
        )
        chooser.set_input_files({"name": "egg.svg", "mimeType": "image/svg+xml", "buffer": egg.encode()})
        expect(page.locator(".panel-shape .measure-error")).to_contain_text("unit")
        page.get_by_label("drawn in").select_option("cm")
        chooser.set_input_files({"name": "egg.svg", "mimeType": "image/svg+xml", "buffer": egg.encode()})
        expect(page.locator(".panel-shape")).to_contain_text("egg.svg")
        expect(self.field("size.diameter")).to_have_value(re.compile(r"^1[78],?\d* cm$"))
        self.kept()
        page.reload()
        expect(page.locator(".panel-shape")).to_contain_text("egg.svg")
        page.get_by_role("button", name="Back to the circle").click()
        expect(page.locator(".panel-shape")).to_contain_text("A circle")
        now = self.until(lambda now: "shape" not in now["spec"])
        self.assertEqual(now["spec"]["size"]["diameter"], "18 cm")

    def test_the_same_bag_for_another_bottle_is_kept_beside_and_compared(self):
        self.open_project("Cordial bottle bag", "Thing")
        page = self.page
        page.get_by_role("button", name="Variants").click()
        page.get_by_role("button", name="for Swing-top flask").click()
        expect(page.get_by_label("Name of the project")).to_have_value("Boxed-base bag for Swing-top flask")
        expect(page.get_by_role("heading", name="Swing-top flask")).to_be_visible()
        page.get_by_role("button", name="Variants").click()
        page.get_by_role("link", name="Compare with Cordial bottle bag").click()
        row = page.locator(".compare tr").filter(has=page.get_by_text("wall height", exact=True))
        expect(row.locator("td").first).not_to_have_text(row.locator("td").last.inner_text())
        self.visit()
        family = page.locator(".project").filter(has_text="Boxed-base bag for Swing-top flask")
        expect(family.locator(".family")).to_contain_text("Cordial bottle bag")

    def test_a_list_of_before_is_not_taken_for_the_new_one(self):
        """The list asked for when the menu opens comes only when the variant has been made: it does not know it."""
        held = []

        def slowly(route):
            answer = route.fetch()
            if not held:
                held.append(route)
                self.page.wait_for_timeout(1500)
            route.fulfill(response=answer)

        self.open_project("Cordial bottle bag", "Thing")
        page = self.page
        page.route(re.compile("/api/projects$"), slowly)
        page.get_by_role("button", name="Variants").click()
        page.get_by_role("button", name="for Swing-top flask").click()
        expect(page.get_by_label("Name of the project")).to_have_value("Boxed-base bag for Swing-top flask")
        page.get_by_role("button", name="Variants").click()
        expect(page.get_by_role("link", name="Compare with Cordial bottle bag")).to_be_visible(timeout=10_000)
        self.assertEqual(len(held), 1)
        page.unroute_all(behavior="wait")

    def test_a_line_of_a_sum_leads_to_its_entry(self):
        self.open_project("Cordial bottle bag", "Pieces")
        self.page.get_by_role("button", name="ease: change it").click()
        expect(self.field("ease.girth")).to_be_focused()
        self.go("Pieces")
        self.page.get_by_role("button", name="round the thing: change it").click()
        expect(self.field("object.girth")).to_be_focused()

    def test_a_seam_leads_to_the_step_that_sews_it_and_the_step_to_its_edges(self):
        self.open_project("Honey jar cosy", "Pieces")
        page = self.page
        page.locator('[data-edge="body.top"]').first.focus()
        slip = page.locator(".seam-slip")
        told = slip.inner_text()
        number = re.search(r"step (\d+)", told).group(1)
        slip.get_by_role("link").first.click()
        expect(page.locator(".step-count")).to_contain_text(f"Step {number} of")
        expect(page.locator('.pictured [data-edge="body.top"].sew').first).to_be_attached()

    def test_habits_begin_the_next_project(self):
        page = self.page
        self.visit("/habits")
        page.get_by_label(re.compile("^Corners")).select_option("sew-first")
        page.get_by_label("every seam").fill("0,8")
        page.get_by_label("table", exact=True).select_option("night")
        expect(page.locator("html")).to_have_attribute("data-table", "night")
        # Left at once: what was entered is kept all the same, each after the one before.
        self.visit("/shelf")
        habits = page.request.get(f"{self.served.address}/api/settings").json()
        for _ in range(100):
            if (habits["allowance"], habits["theme"], habits["schools"].get("boxing")) == ("0,8", "night", "sew-first"):
                break
            page.wait_for_timeout(50)
            habits = page.request.get(f"{self.served.address}/api/settings").json()
        self.assertEqual((habits["allowance"], habits["theme"]), ("0,8", "night"))
        self.visit()
        page.locator("button.thing", has_text="Honey jar").first.click()
        self.go("Ease")
        expect(self.field("allowance.default")).to_have_value(re.compile("0,8"))
        self.go("Form")
        expect(page.locator('[data-option="boxing"] .chosen')).to_contain_text("squash")
        self.visit("/habits")
        page.get_by_label("table", exact=True).select_option("day")
        expect(page.locator("html")).to_have_attribute("data-table", "day")


class Nearer(TableTest):
    def test_the_pieces_are_brought_nearer_and_what_is_drawn_is_chosen(self):
        self.open_project("Honey jar cosy", "Pieces")
        page = self.page
        outline = page.locator(".piece .cut-line").first
        before = outline.bounding_box()
        page.locator(".piece-table").focus()
        page.keyboard.press("+")
        page.keyboard.press("+")
        self.assertGreater(outline.bounding_box()["width"], before["width"] * 1.4)
        page.keyboard.press("0")
        self.assertAlmostEqual(outline.bounding_box()["width"], before["width"], delta=0.5)
        page.get_by_role("button", name="allowances", exact=True).click()
        self.assertLess(outline.bounding_box()["width"], before["width"])
        page.get_by_role("button", name="sizes", exact=True).click()
        expect(page.locator(".piece-table .result")).to_have_count(0)
        page.get_by_role("button", name="marks", exact=True).click()
        expect(page.locator(".piece .notch")).to_have_count(0)


class Exports(TableTest):
    def fetched(self, name):
        id = self.project_id()
        with self.page.expect_download() as caught:
            self.page.get_by_role("link", name=name, exact=True).click()
        path = caught.value.path()
        self.assertTrue(caught.value.suggested_filename)
        return id, path.read_bytes()

    def test_each_file_opens_elsewhere_with_the_right_size(self):
        self.open_project("Tea carton tote", "Cloth")
        page = self.page
        id = self.project_id()
        draft = page.request.get(f"{self.served.address}/api/projects/{id}/draft.json").json()
        wide, high = draft["pieces"][0]["cut_size"]["width"], draft["pieces"][0]["cut_size"]["height"]
        solid = [p for f in draft["solid"]["facets"] for p in f["space"]]
        tall = max(p[2] for p in solid) - min(p[2] for p in solid)
        for kind, unit in (("GLB", 1000), ("OBJ", 1), ("STL", 1)):
            _, data = self.fetched(kind)
            mesh = trimesh.load(io.BytesIO(data), file_type=kind.lower())
            size = (mesh.bounds[1] - mesh.bounds[0]) * unit
            self.assertAlmostEqual(float(size[1 if kind == "GLB" else 2]), tall, delta=0.01)
        _, svg = self.fetched("SVG")
        shapes = SVG.parse(io.BytesIO(svg), ppi=96)
        cut = next(e for e in shapes.elements() if e.values.get("class") == "cut")
        x0, y0, x1, y1 = cut.bbox()
        self.assertAlmostEqual((x1 - x0) * 25.4 / 96, wide, delta=0.01)
        self.assertAlmostEqual((y1 - y0) * 25.4 / 96, high, delta=0.01)
        _, table = self.fetched("Cut list CSV")
        sizes = draft["pieces"][0]["told"]
        self.assertIn(
            "{width} x {height}".format(**{k: v["text"].rsplit(" ", 1)[0] for k, v in sizes.items()}), table.decode()
        )
        sheet = page.get_by_role("link", name="One large sheet").get_attribute("href")
        with pdfplumber.open(io.BytesIO(page.request.get(self.served.address + sheet).body())) as pdf:
            self.assertGreater(pdf.pages[-1].height / 72 * 25.4, high)
        page.get_by_role("button", name="Look before printing").click()
        expect(page.locator("img.print-view")).to_be_visible()
        self.assertTrue(page.locator("img.print-view").evaluate("i => i.decode().then(() => i.naturalWidth > 0)"))

    def test_a_project_file_and_a_cut_list_come_back_and_bad_files_say_why(self):
        self.open_project("Tea carton tote", "Cloth")
        id, file = self.fetched("Project file")
        _, table = self.fetched("Cut list CSV")
        page = self.page
        spec = page.request.get(f"{self.served.address}/api/projects/{id}").json()["spec"]
        self.visit()
        chooser = page.get_by_label("Project file")
        for bad in (b"not json", b'{"format": "something-else"}', b'{"spec": {"form": "tent"}, "name": "x"}'):
            chooser.set_input_files({"name": "bad.json", "mimeType": "application/json", "buffer": bad})
            expect(page.get_by_role("status").filter(has_text="could not be brought in")).to_be_visible()
        chooser.set_input_files({"name": "tote.json", "mimeType": "application/json", "buffer": file})
        expect(page).to_have_url(re.compile("/pieces$"))
        new = self.project_id()
        # It is here already, as it is in the file.
        self.assertEqual(new, id)
        self.assertEqual(page.request.get(f"{self.served.address}/api/projects/{new}").json()["spec"], spec)
        self.visit("/check")
        page.get_by_label("Cut list table").set_input_files(
            {"name": "list.csv", "mimeType": "text/csv", "buffer": b"nothing,here\n"}
        )
        expect(page.get_by_role("alert")).to_contain_text("Row 1")
        page.get_by_label("Cut list table").set_input_files(
            {"name": "list.csv", "mimeType": "text/csv", "buffer": table}
        )
        expect(page.get_by_role("alert")).to_have_count(0)
        expect(page.get_by_text("every number agrees")).to_be_visible()


class FirstStart(TableTest):
    demo = False

    def test_from_an_empty_table_to_a_printed_pattern_by_keyboard_alone(self):
        page = self.page
        self.visit()
        expect(page.get_by_role("heading", name="What shall be covered?")).to_be_visible()
        self.quiet()

        def tab_to(text, most=60):
            for _ in range(most):
                page.keyboard.press("Tab")
                here = page.evaluate("document.activeElement.innerText + document.activeElement.ariaLabel")
                if text in here:
                    return
            self.fail(f"{text} is not reached")

        tab_to("a honey jar")
        page.keyboard.press("Enter")
        expect(page.get_by_role("heading", name="Boxed-base bag", exact=True)).to_be_visible()
        for _ in range(40):
            page.keyboard.press("Tab")
            if page.evaluate("document.activeElement.dataset.field") == "object.girth":
                break
        page.keyboard.type("26,5")
        self.kept()
        page.keyboard.press("Enter")
        page.keyboard.press("5")
        expect(page).to_have_url(re.compile("/cloth$"))
        page.keyboard.press("?")
        expect(page.get_by_role("dialog")).to_be_visible()
        page.keyboard.press("Escape")
        expect(page.get_by_role("dialog")).to_have_count(0)
        tab_to("Print pattern and guide")
        href = page.evaluate("document.activeElement.href")
        self.assertTrue(page.request.get(href).body().startswith(b"%PDF"))


if __name__ == "__main__":
    unittest.main()
