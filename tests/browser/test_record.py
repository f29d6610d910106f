"""A make timed, noted, photographed, tried and logged at the table; what it teaches the next one."""

import io
import unittest

from PIL import Image

from .table import TableTest, expect


def photo():
    out = io.BytesIO()
    Image.new("RGB", (900, 700), (190, 140, 90)).save(out, "JPEG")
    return {"name": "stage.jpg", "mimeType": "image/jpeg", "buffer": out.getvalue()}


class Record(TableTest):
    demo = True

    def project(self, name):
        listed = self.page.request.get(f"{self.served.address}/api/projects").json()["projects"]
        return next(one["id"] for one in listed if one["name"] == name)

    def test_the_clock_stays_stopped_when_an_answer_from_before_comes_late(self):
        page, id = self.page, self.project("Cordial bottle bag")
        self.walk(f"/projects/{id}/sew")
        page.get_by_role("button", name="Start the clock").click()
        expect(page.locator(".clock-bar")).to_have_class("clock-bar hands")
        late = []
        page.route("**/sitting", lambda route: late.append((route, route.fetch())))
        page.get_by_label("done", exact=True).click()
        while not late:
            page.wait_for_timeout(50)
        with page.expect_response("**/clock"):
            page.get_by_role("button", name="Stop for today").click()
        for route, answer in late[:]:
            route.fulfill(response=answer)
        page.unroute_all(behavior="ignoreErrors")
        expect(page.get_by_role("button", name="Start the clock")).to_be_visible()
        page.wait_for_timeout(300)
        expect(page.get_by_role("button", name="Start the clock")).to_be_visible()

    def test_from_the_clock_to_the_next_make(self):
        page, id = self.page, self.project("Cordial bottle bag")
        self.walk(f"/projects/{id}/sew")
        # What lies ready, told to who comes back.
        # Opened with the space bar, which presses what is in focus and does not go on to the next step.
        title = page.locator(".step h2").inner_text()
        page.locator(".lies-ready summary").focus()
        page.keyboard.press(" ")
        expect(page.locator(".lies-ready")).to_have_attribute("open", "")
        expect(page.locator(".step h2")).to_have_text(title)
        expect(page.locator(".lies-ready")).to_contain_text("last worked on in step 7")
        page.get_by_role("button", name="Go there").click()
        expect(page.locator(".step h2")).to_have_text("Sew the outer base")
        # One press to begin; then only next.
        page.get_by_role("button", name="Start the clock").click()
        expect(page.locator(".clock-bar")).to_have_class("clock-bar hands")
        with page.expect_response("**/clock"):
            page.get_by_role("button", name="Done, next").click()
        page.get_by_role("button", name="Interrupted").click()
        expect(page.locator(".clock-bar")).to_have_class("clock-bar away")
        page.get_by_role("button", name="Go on").click()
        expect(page.locator(".clock-bar")).to_have_class("clock-bar hands")
        # A note and a photo where it happens.
        page.get_by_role("button", name="Note something here").click()
        page.get_by_label("Done otherwise").check()
        page.get_by_role("button", name="Keep it").click()
        expect(page.locator(".note-form [role=alert]")).to_contain_text("Write down what happened")
        page.get_by_label("What was done otherwise?").select_option("options.centring")
        page.get_by_label("What was done instead?").select_option(index=2)
        page.get_by_label("Why?").fill("the fold slid")
        page.get_by_role("button", name="Keep it").click()
        expect(page.locator(".step-notes li")).to_contain_text("the fold slid")
        page.get_by_label("Photo of this stage").set_input_files(photo())
        expect(page.locator(".stage-photos img")).to_have_count(1)
        # Taken out by mistake, both come back.
        undo = page.locator(".toast-line").get_by_role("button", name="Undo")
        page.locator(".step-notes li").get_by_role("button", name="Take it out").click()
        expect(page.locator(".step-notes li")).to_have_count(0)
        undo.click()
        expect(page.locator(".step-notes li")).to_contain_text("the fold slid")
        page.locator(".stage-photos").get_by_role("button", name="Take the photo away").click()
        expect(page.locator(".stage-photos img")).to_have_count(0)
        undo.click()
        expect(page.locator(".stage-photos img")).to_have_count(1)
        # What a make before asked to be minded comes at its step.
        page.locator(".step-list button", has_text="Turn through the gap").click()
        expect(page.locator(".reminder")).to_contain_text("wooden spoon")
        page.get_by_role("button", name="Stop for today").click()
        expect(page.get_by_role("button", name="Start the clock")).to_be_visible()

        # The log has it all; the trial asks for what was wrong before.
        self.walk(f"/projects/{id}/log")
        expect(page.locator(".entry-form")).to_contain_text("1 note of this make goes with it")
        page.get_by_label("A strap or a seam gave").check()
        expect(page.locator(".log-test", has_text="carry it about")).to_contain_text("not over your feet")
        page.locator("[name=goes][value=right]").check()
        page.locator("[name=next_time]").fill("Clip the corners closer")
        page.get_by_label("Remind me at").select_option("outer-corners")
        page.get_by_text("Sold?").click()
        page.locator("[name=price]").fill("14,50")
        page.get_by_role("button", name="Write it down").click()
        made = page.locator(".makes > li").first
        expect(made).to_contain_text("sold for 14,50")
        expect(made).to_contain_text("the fold slid")
        expect(made.locator(".stage-photos img")).to_have_count(1)

        # Changed, it keeps how it read; taken out, it comes back.
        made.get_by_role("button", name="Change").click()
        page.locator(".makes [name=differed]").fill("The rim is wavy")
        page.get_by_role("button", name="Keep the change").click()
        expect(made).to_contain_text("The rim is wavy")
        made.get_by_role("button", name="How it read before").click()
        expect(made.locator("blockquote")).to_contain_text("Clip the corners closer")
        # The change is taken back, and that, too.
        page.locator(".toast-line").get_by_role("button", name="Undo").click()
        expect(made).not_to_contain_text("The rim is wavy")
        made.get_by_role("button", name="How it read before").click()
        made.locator("blockquote", has_text="The rim is wavy").get_by_role("button", name="Put this back").click()
        expect(made.locator("blockquote")).to_have_count(0)
        expect(made).to_contain_text("The rim is wavy")
        made.get_by_role("button", name="Take this entry out").click()
        expect(page.locator(".makes > li")).to_have_count(4)
        page.locator(".toast-line").get_by_role("button", name="Undo").click()
        expect(page.locator(".makes > li")).to_have_count(5)

        # Made again it stands beside the last one, with what that taught; its reminder comes at its step.
        made.get_by_role("button", name="Make it again").click()
        expect(page.locator("main")).to_contain_text("What the last one taught")
        expect(page.locator("main")).to_contain_text("Clip the corners closer")
        page.get_by_role("link", name="Cordial bottle bag, again").click()
        again = page.url.split("/projects/")[1].split("/")[0]
        self.walk(f"/projects/{again}/sew?step=outer-corners")
        expect(page.locator(".reminder")).to_contain_text("Clip the corners closer")
        page.get_by_role("button", name="Remind me no more").click()
        expect(page.locator(".reminder")).to_have_count(0)

    def test_what_the_log_teaches_is_taken_over_with_one_press(self):
        page, id = self.page, self.project("Cordial bottle bag")
        self.walk("/log")
        sewn = page.locator(".proposals > li", has_text="You sew seams")
        sewn.get_by_text("From which makes?").click()
        expect(sewn.locator("details li")).to_have_count(5)
        sewn.get_by_role("button", name="Guide me").click()
        expect(page.locator("main")).to_contain_text("nearer to the needle, for you sew wide")
        page.locator(".proposals > li", has_text="Marks are made").get_by_role(
            "button", name="Do not ask again"
        ).click()
        expect(page.locator(".proposals > li")).to_have_count(1)
        self.walk(f"/projects/{id}/sew?step=outer-base")
        expect(page.locator(".step-guide")).to_contain_text("You sew 1 mm wide")
        # What was really tried in it stands beside what is reckoned to fit.
        self.walk(f"/projects/{id}/ease")
        expect(page.locator(".found-uses")).to_contain_text(
            "Tall vinegar bottle fitted when it was tried on 7 November"
        )
        self.walk("/log")
        page.get_by_label("Words").fill("spoon padding")
        expect(page.locator(".book-find")).to_contain_text("0 entries")
        page.get_by_label("Words").fill("padding")
        expect(page.locator(".book-entries li")).to_have_count(1)
        with page.expect_download() as download:
            page.get_by_role("link", name="Save as a table").click()
        self.assertIn("Honey jar cosy", download.value.path().read_text())
        page.locator(".book-entries a").click()
        page.get_by_role("link", name="As it was made").click()
        expect(page.locator("main h1")).to_contain_text("as it was made, 3 October 2026")
        expect(page.locator(".made-pieces svg")).to_be_visible()

    def test_what_one_takes_stands_in_its_field_and_follows_the_prices(self):
        self.open_project("Honey jar cosy", "Log")
        page, ask = self.page, self.page.request
        page.locator("details", has=page.locator("input[name=cost]")).locator("summary").click()
        at = f"{self.served.address}/api/projects/{self.project_id()}/cost"
        before = ask.get(at).json()["cost"]
        self.assertTrue(before)
        spent = page.locator("input[name=cost]")
        expect(spent).to_have_value(before)
        listed = ask.get(f"{self.served.address}/api/cuttings").json()["cuttings"]
        cutting = next(one for one in listed if "Honey jar cosy" in one["makes"])
        table = ask.get(f"{self.served.address}/api/cuttings/{cutting['id']}").json()["table"]
        for row in (row for row in table["shopping"] if "Honey jar cosy" in row["makes"]):
            priced = {"what": row["what"], "kind": row["kind"], "price": "99"}
            self.assertTrue(ask.put(f"{self.served.address}/api/cuttings/{cutting['id']}/prices", data=priced).ok)
        now = ask.get(at).json()["cost"]
        self.assertNotEqual(now, before)
        # What stood there before it was asked again follows.
        self.go("Sew")
        self.go("Log")
        page.locator("details", has=spent).locator("summary").click()
        expect(spent).to_have_value(now)


if __name__ == "__main__":
    unittest.main()
