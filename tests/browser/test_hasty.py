"""A maker who is quicker than the server: what was pressed or typed meanwhile is neither lost nor done twice."""

from __future__ import annotations

import io
import re
import time
import unittest
from collections import Counter

from PIL import Image

from .table import TableTest, expect
from .test_widths import VIEWS

# Everything that changes something is under way for long or short in turn, so that answers come late and in another order.
UNEVEN = """(() => {
  const at = window.fetch;
  window.nth = 0;
  window.fetch = async (...asked) => {
    const request = new Request(...asked);
    window.underway = (window.underway ?? 0) + 1;
    if (request.method !== "GET") await new Promise((go) => setTimeout(go, window.nth++ % 2 ? 30 : 450));
    return at(request).finally(() => (window.underway -= 1));
  };
})()"""


def picture() -> bytes:
    file = io.BytesIO()
    Image.new("RGB", (400, 300), "wheat").save(file, "PNG")
    return file.getvalue()


def slowly(route):
    if route.request.method == "GET":
        time.sleep(0.15)
    route.continue_()


class Uneven(TableTest):
    def setUp(self):
        super().setUp()
        self.page.add_init_script(UNEVEN)

    def answered(self):
        """What was pressed one after the other is all answered."""
        calm = 0
        while calm < 3:
            self.page.wait_for_timeout(40)
            calm = 0 if self.page.evaluate("window.underway ?? 0") else calm + 1
        self.quiet()

    def asked_for(self, path: str):
        return self.page.request.get(f"{self.served.address}/api{path}").json()


class Hasty(Uneven):
    def sheet(self, editor):
        """Points at the sheet, in points of it."""
        sheet = editor.locator(".trace-picture")
        sheet.scroll_into_view_if_needed()

        def point(*spots):
            for x, y in spots:
                right, down, scale = sheet.evaluate("e => { const m = e.getScreenCTM(); return [m.e, m.f, m.a]; }")
                self.page.mouse.click(right + x * scale, down + y * scale)

        return point

    def test_a_scrap_is_kept_as_it_was_pointed_at_last(self):
        page = self.page
        self.settled("/pile")
        page.get_by_role("button", name="Add a scrap").click()
        editor = page.locator(".piled-editor")
        point = self.sheet(editor)
        point((30, 30), (560, 30), (560, 330))
        editor.get_by_label("name").fill("Tea towel")
        point((30, 330))
        editor.get_by_role("button", name="Leave out").click()
        point((100, 100), (140, 100), (120, 140))
        editor.get_by_role("button", name="Put it on the pile").dblclick()
        expect(page.locator(".pile li", has_text="Tea towel")).to_contain_text("53 cm by 30 cm over all")
        kept = [one for one in self.asked_for("/pile")["pile"] if one["name"] == "Tea towel"]
        self.assertEqual([(len(one["outline"]), len(one["holes"])) for one in kept], [(4, 1)])

    def test_a_scrap_whose_last_corner_is_wrong_is_not_kept_as_it_was_before(self):
        page = self.page
        self.settled("/pile")
        page.get_by_role("button", name="Add a scrap").click()
        editor = page.locator(".piled-editor")
        editor.get_by_label("name").fill("Apron end")
        point = self.sheet(editor)
        point((30, 30), (560, 30), (560, 330))
        page.wait_for_timeout(100)
        point((200, 10))
        editor.get_by_role("button", name="Put it on the pile").click()
        expect(editor.get_by_role("alert")).to_contain_text("cross")
        self.answered()
        # Half of a place to leave out is none, and is not forgotten either.
        editor.get_by_role("button", name="One back").click()
        editor.get_by_role("button", name="Leave out").click()
        point((500, 60))
        editor.get_by_role("button", name="Put it on the pile").click()
        expect(editor.get_by_role("alert")).to_contain_text("3")
        self.assertNotIn("Apron end", [one["name"] for one in self.asked_for("/pile")["pile"]])

    def test_what_is_typed_while_a_photo_comes_stays(self):
        page = self.page
        self.settled("/shelf")
        page.locator(".shelf .thing", has_text="Serving bowl").click()
        photo = {"name": "look.png", "mimeType": "image/png", "buffer": picture()}
        page.get_by_label("a photo to know it by").set_input_files(photo)
        note = page.locator(".editor textarea").last
        note.fill("Behind the kettle")
        expect(page.get_by_alt_text("What it looks like")).to_be_visible()
        expect(note).to_have_value("Behind the kettle")

    def test_two_ticks_at_the_cutting_table_both_hold(self):
        page = self.page
        self.settled(self.cuttings()[0])
        id = self.cuttings()[0].split("/")[2]
        before = len(self.asked_for(f"/cuttings/{id}")["makes"])
        cloth = page.get_by_role("region").filter(has=page.get_by_text("How it is laid")).first
        cloth.get_by_text("How it is laid").click()
        cloth.get_by_label("folded").check()
        page.get_by_label("Cut together with").select_option(label="Bay leaf pouch")
        gap = cloth.get_by_label("room between pieces")
        gap.fill("5 mm")
        gap.press("Enter")
        self.answered()
        expect(page.locator(".cutting-trouble")).to_have_count(0)
        now = self.asked_for(f"/cuttings/{id}")
        self.assertEqual(len(now["makes"]), before + 1)
        self.assertIn((True, "5 mm"), [(one["fold"], one["gap"]) for one in now["settings"]["cloths"].values()])

    def test_what_is_chosen_from_a_list_is_shown_at_once_and_holds(self):
        """Every list of the cutting table and of a plan that asks the server."""
        page = self.page
        seen = 0
        for path, lists in ((self.cuttings()[0], ".lay-settings select"), ("/plan", "header label select")):
            self.settled(path)
            for details in page.locator(".lay-settings > summary").all():
                details.click()
            for nth in range(page.locator(lists).count()):
                chosen = page.locator(lists).nth(nth)
                others = chosen.evaluate("e => [...e.options].map((o) => o.value).filter((v) => v !== e.value)")
                if not others:
                    continue
                lists_there = page.locator(lists).count()
                chosen.select_option(others[0])
                # Not what the server knows, which is still being asked.
                self.assertEqual(chosen.input_value(), others[0])
                self.answered()
                seen += 1
                if page.locator(lists).count() != lists_there:
                    # A cloth cut from another has no lists of its own any more.
                    break
                expect(chosen).to_have_value(others[0])
        expect(page.get_by_role("alert")).to_have_count(0)
        self.assertGreater(seen, 3)

    def test_two_ticks_of_a_plan_and_its_name_all_hold(self):
        page = self.page
        self.settled(next(iter(self.plans())))
        name = page.get_by_label("Name of the plan")
        name.fill("Fair in May")
        day = page.locator(".batch-begin input")
        day.fill("2031-05-20")
        minutes = page.get_by_label("minutes")
        minutes.fill("60")
        minutes.press("Enter")
        boxes = page.locator(".evening-rows").get_by_role("checkbox")
        boxes.nth(0).check()
        boxes.nth(1).check()
        self.answered()
        expect(page.get_by_role("alert")).to_have_count(0)
        page.reload()
        expect(name).to_have_value("Fair in May")
        expect(day).to_have_value("2031-05-20")
        expect(minutes).to_have_value("60")
        expect(page.locator("details li input:checked")).to_have_count(2)

    def test_a_reading_is_laid_as_it_was_typed_last(self):
        page = self.page
        self.settled("/check")
        page.get_by_label("Form:").select_option("cylinder")
        for name, text in (("wall.width", "30"), ("wall.height", "22"), ("base.width", "11,6")):
            self.enter(f"numbers.{name}", text)
        self.enter("allowance.default", "1")
        expect(page.get_by_role("button", name="Lay it on the table")).to_be_visible()
        self.answered()
        self.enter("numbers.wall.height", "31")
        page.get_by_role("button", name="Lay it on the table").dblclick()
        expect(page.get_by_label("Name of the project")).to_be_visible()
        # Cut at 31 cm, with 1 cm to sew at the mouth and at the base.
        self.assertEqual(self.until(lambda now: now["spec"]["size"])["spec"]["size"]["wall_height"], "29 cm")

    def test_a_step_ticked_and_not_done_after_all_is_not_done(self):
        page = self.page
        self.open_project("Token pouch", "Sew")
        box = page.locator(".step-actions .tick input")
        expect(box).to_be_visible()
        before = self.project()["done"]
        # The first is longer under way than the second.
        page.evaluate("window.nth = 0")
        box.click()
        box.click()
        self.answered()
        self.assertEqual(self.project()["done"], before)
        self.go("Log")
        page.locator(".made-why summary").first.click()
        reasons = page.locator(".made-why").first.get_by_role("checkbox")
        for nth in (0, 1, 0):
            reasons.nth(nth).click()
        self.answered()
        self.assertEqual([reasons.nth(nth).is_checked() for nth in (0, 1)], [False, True])
        page.reload()
        expect(reasons.first).to_be_visible()
        self.assertEqual([reasons.nth(nth).is_checked() for nth in (0, 1)], [False, True])

    def test_who_presses_twice_makes_one(self):
        """Whatever makes something new: of each one more, not two."""
        page = self.page
        for path, prepare, button, kept in (
            ("/", None, ".things button.thing", "projects"),
            ("/", None, "button.template", "projects"),
            (
                "/cutting",
                lambda: page.locator("main li [type=checkbox]").first.check(),
                "main > button.primary",
                "cuttings",
            ),
            ("/plan", None, ".orders button:text('Make it together')", "batches"),
        ):
            with self.subTest(path=path, button=button):
                self.settled(path)
                if prepare:
                    prepare()
                before = self.asked_for(f"/{kept}")[kept]
                page.locator(button).first.dblclick()
                page.wait_for_url(re.compile(r"/(projects|cutting|plan)/[^/]{12}"))
                self.answered()
                self.assertEqual(len(self.asked_for(f"/{kept}")[kept]), len(before) + 1)


class Early(TableTest):
    """A maker who is there before what is asked for."""

    def early(self, path: str, asked: str = r"/api/"):
        """The view while that is still on its way; answers with what lets it come."""
        held, over = [], []
        late = re.compile(asked)

        def hold(route):
            if over or route.request.method != "GET":
                route.continue_()
            else:
                held.append(route)

        self.page.route(late, hold)
        self.visit(path)
        expect(self.page.locator("main").first).to_be_attached()
        # Everything else has come.
        self.page.wait_for_timeout(150)

        def let_come():
            over.append(True)
            for route in held:
                route.continue_()
            self.quiet()
            self.page.unroute(late)

        return let_come

    def test_what_can_be_entered_before_anything_has_come_stands_when_it_has(self):
        page = self.page
        # A project's name stands above all its stages alike.
        stages = [f"/projects/{self.project_called('Token pouch')}/{stage}" for stage in ("thing", "log")]
        entered = 0
        for path in (*VIEWS, *self.cuttings()[:1], *self.plans(), *stages):
            let_come = self.early(path)
            # What is written into; what is not to be written into yet says so.
            open_now = page.locator(
                "input:not([type]):enabled, [type=text]:enabled, [type=search]:enabled, textarea:enabled"
            )
            names = [e.get_attribute("aria-label") or e.evaluate("e => e.labels[0]?.innerText") for e in open_now.all()]
            given = [page.get_by_label(name, exact=True) for name in names if name]
            given = [entry for entry in given if entry.is_editable()]
            for entry in given:
                entry.fill("early")
            kept = page.locator("[role=status].kept").count()
            let_come()
            with self.subTest(path):
                expect(page.locator("main").first).not_to_have_attribute("aria-busy", "true")
                self.assertEqual(kept, 0, "said to be kept before it is known what")
                for entry in given:
                    expect(entry).to_have_value("early", timeout=1000)
            entered += len(given)
        self.assertGreater(entered, 0)

    def test_a_project_is_named_once_it_is_there_and_then_it_is(self):
        page = self.page
        id = self.project_called("Token pouch")
        let_come = self.early(f"/projects/{id}/form", f"/projects/{id}/drafted$")
        expect(page.locator("[role=status]")).to_have_text("opening…")
        expect(page.get_by_label("Name of the project")).not_to_be_editable()
        let_come()
        page.get_by_label("Name of the project").fill("Token pouch, named early")
        page.goto(self.served.address + "/shelf")
        self.until(lambda now: now["name"] == "Token pouch, named early", id)

    def test_what_is_written_while_it_is_drawn_is_kept_though_the_page_is_closed_at_once(self):
        page = self.page
        id = self.project_called("Token pouch")
        # One of long ago, which is drawn when it is there.
        page.route(re.compile("/drafted$"), lambda route: route.fulfill(json={**self.project(id), "draft": None}))
        page.route(re.compile("/api/drafts$"), lambda route: None)
        self.visit(f"/projects/{id}/form")
        page.get_by_label("Name of the project").fill("Token pouch, closed at once")
        page.goto(self.served.address + "/shelf")
        self.until(lambda now: now["name"] == "Token pouch, closed at once", id)

    def project_called(self, name: str) -> str:
        listed = self.page.request.get(f"{self.served.address}/api/projects").json()["projects"]
        return next(project["id"] for project in listed if name in project["name"])


class TakenAway(Uneven):
    def taken_away(self):
        """Wherever things are taken away: the view, what takes its nth thing away, and the list of what is left."""
        entries = Counter(one["project"] for one in self.asked_for("/logbook")["entries"])
        entry = entries.most_common(1)[0][0]

        def press(text: str, within="main"):
            return lambda nth: self.page.locator(within).get_by_role("button", name=text).nth(nth).click()

        def of_menu(nth):
            self.page.locator(".projects:not(.templates) .more").nth(nth).click()
            self.page.locator(".dropdown-menu.show").get_by_text("Put away").click()

        return (
            ("/shelf", press("Take", ".shelf-list"), "/things", "things"),
            ("/pile", press("Take", ".pile"), "/pile", "pile"),
            ("/plan", press("Put away", ".orders"), "/orders", "orders"),
            ("/plan", press("Put ", ".cuttings"), "/batches", "batches"),
            ("/cutting", press("Clear", ".cuttings"), "/cuttings", "cuttings"),
            (f"/projects/{entry}/log", press("Take this entry out"), f"/projects/{entry}/makes", "makes"),
            ("/", of_menu, "/projects", "projects"),
        )

    def test_a_way_back_is_that_of_what_was_pressed_last(self):
        page = self.page
        # What is asked anew comes late.
        page.route(re.compile(r"/api/(?!.*restore)"), slowly)
        undo = page.locator(".toast-line button")
        for path, take, asked, kept in self.with_two():
            with self.subTest(path=path, of=kept):
                self.settled(path)
                every = [one["id"] for one in self.asked_for(asked)[kept]]
                take(0)
                expect(undo).to_have_count(1)
                self.answered()
                (first,) = set(every) - {one["id"] for one in self.asked_for(asked)[kept]}
                take(0)
                undo.click()
                self.answered()
                self.assertEqual(sorted(set(every) - {first}), sorted(one["id"] for one in self.asked_for(asked)[kept]))

    def test_of_two_things_taken_away_close_together_none_stays(self):
        page = self.page
        for path, take, asked, kept in self.with_two():
            with self.subTest(path=path, of=kept):
                self.settled(path)
                before = len(self.asked_for(asked)[kept])
                # The first is longer under way than it takes to press the second.
                page.evaluate("window.nth = 0")
                take(0)
                page.wait_for_timeout(150)
                take(1)
                self.answered()
                self.assertEqual(len(self.asked_for(asked)[kept]), before - 2)
                # And the one pressed last comes back.
                page.locator(".toast-line button").click()
                self.answered()
                self.assertEqual(len(self.asked_for(asked)[kept]), before - 1)

    def with_two(self):
        """The places where things are taken away, once there are enough of them."""
        for path, take, asked, kept in self.taken_away():
            for _ in range(3 - len(self.asked_for(asked)[kept])):
                project = self.asked_for("/projects")["projects"][0]["id"]
                body = {"name": "", "makes": [{"project": project, "count": 1}]}
                self.page.request.post(f"{self.served.address}/api{asked}", data=body)
            yield path, take, asked, kept
            for one in self.asked_for("/away")["things"]:
                self.page.request.post(f"{self.served.address}/api/away", data={"kind": one["kind"], "id": one["id"]})


if __name__ == "__main__":
    unittest.main()
