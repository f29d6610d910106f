"""Every form on the table: chosen, drawn, printed, kept; parts added and taken off; a cut list checked."""

import unittest

from tests import share

from .table import TableTest, expect

# Pairs of numbers on one drawing that lie on each other, and those that leave it.
COVERED = """
[...document.querySelectorAll(".drawing")].flatMap((drawing) => {
  const edge = drawing.getBoundingClientRect();
  const fields = [...drawing.querySelectorAll(".pin input, .pinned")];
  const spots = fields.map((e) => [e.value || e.textContent, e.getBoundingClientRect()]);
  return spots.flatMap(([a, p], i) => [
    ...(p.left < edge.left - 1 || p.right > edge.right + 1 || p.top < edge.top - 1 ? [`${a} leaves`] : []),
    ...spots.slice(i + 1)
      .filter(([, q]) => Math.min(p.right, q.right) - Math.max(p.left, q.left) > 2
        && Math.min(p.bottom, q.bottom) - Math.max(p.top, q.top) > 2)
      .map(([b]) => `${a} and ${b}`),
  ]);
})
"""


class EveryForm(TableTest):
    def test_each_is_chosen_drawn_listed_and_reopened(self):
        page = self.page
        answer = page.request.post(f"{self.served.address}/api/projects", data={}).json()
        page.goto(f"{self.served.address}/projects/{answer['id']}/form")
        choices = page.locator('fieldset[data-option="form"] .choice')
        expect(choices).to_have_count(16)
        names = page.locator('fieldset[data-option="form"] .choice > span').all_inner_texts()
        for name in names:
            with self.subTest(name):
                page.locator(
                    'fieldset[data-option="form"] .choice', has=page.get_by_text(name.strip(), exact=True)
                ).click()
                expect(page.get_by_role("heading", name=name.strip(), exact=True)).to_be_visible()
                expect(page.locator(".form-picture path.cloth").first).to_be_attached()
                expect(page.locator(".piece .cut-line").first).to_be_attached()
                self.kept()
                self.go("Ease")
                expect(page.locator('[data-option="sewn_by"]')).to_be_visible()
                asked = self.questions()
                self.go("Cloth")
                expect(page.locator(".needs")).to_contain_text("thread")
                expect(page.locator('[data-option="press_first"]')).to_be_visible()
                expect(page.locator(".lay .laid-piece").first).to_be_visible()
                asked |= self.questions()
                self.go("Sew")
                expect(page.locator(".step h2")).to_have_text("Flatten the cloth")
                self.go("Form")
                self.kept()
                expect(page.locator('[data-option="user"]')).to_be_visible()
                asked |= self.questions()
                self.assertEqual(asked - {"form"}, self.open_questions(answer["id"]), name)
        page.reload()
        expect(page.get_by_role("heading", name="Mat", exact=True)).to_be_visible()
        printed = page.request.get(f"{self.served.address}/api/projects/{answer['id']}/pattern.pdf")
        self.assertTrue(printed.ok and printed.body().startswith(b"%PDF"))

    def questions(self):
        return set(self.page.locator("[data-option]").evaluate_all("found => found.map((e) => e.dataset.option)"))

    def open_questions(self, project):
        """Every question of the form that has a meaning as things are."""
        http, address = self.page.request, self.served.address
        self.kept()
        spec = http.get(f"{address}/api/projects/{project}").json()["spec"]
        draft = http.post(f"{address}/api/drafts", data=spec).json()
        forms = http.get(f"{address}/api/catalogue").json()["forms"]
        form = next(form for form in forms if form["id"] == draft["form"])
        chosen = draft["spec"]["options"]
        return {
            option["id"]
            for option in form["options"]
            if option["id"] not in draft["idle"]
            and all(chosen.get(field.split(".")[1]) in values for field, values in option["when"].items())
        }

    def test_demo_projects_of_every_family_open_on_every_stage(self):
        page = self.page
        listed = page.request.get(f"{self.served.address}/api/projects").json()["projects"]
        self.assertEqual({p["form"] for p in listed} >= {"tetra", "dart-bowl", "book-cover", "gusset-bag"}, True)
        for project in share(listed, 2):
            for stage in ("thing", "ease", "pieces"):
                self.walk(f"/projects/{project['id']}/{stage}")
                expect(page.locator(".sentences .verdict").first).to_be_visible()
                if stage == "thing":
                    expect(page.locator(".form-table svg")).to_be_visible()
                    self.assertEqual(page.evaluate(COVERED), [], project["name"])

    def test_darts_are_counted_not_measured(self):
        self.open_project("Serving bowl cosy", "Form")
        page = self.page
        page.get_by_text("circle", exact=True).click()
        expect(self.field("size.darts")).to_have_value("6")
        self.enter("size.darts", "8")
        expect(page.locator('[data-edge="body.rim-8"]').first).to_be_attached()
        self.enter("size.darts", "7,5")
        expect(page.locator(".measure-error")).to_contain_text("whole number")
        self.enter("size.darts", "5")
        expect(page.locator('[data-edge="body.rim-6"]')).to_have_count(0)

    def test_the_microwave_claim_waits_for_every_layer(self):
        self.open_project("Serving bowl cosy", "Ease")
        page = self.page
        page.locator('[data-option="use"]').get_by_text("in a microwave oven", exact=True).click()
        verdicts = page.locator(".sentences")
        expect(verdicts).to_contain_text("Not yet for the microwave")
        page.locator('[data-option="heat_thread"]').get_by_text("confirmed", exact=False).last.click()
        page.locator('[data-option="heat_trims"]').get_by_text("confirmed", exact=False).last.click()
        expect(verdicts).not_to_contain_text("the thread")
        boxes = page.get_by_label("checked: all plant fibre, no metal")
        for index in range(boxes.count()):
            expect(verdicts).to_contain_text("Not yet for the microwave")
            boxes.nth(index).check()
        expect(verdicts).to_contain_text("For the microwave, as you have confirmed")
        # Another padding has been confirmed by nobody, and this one never can be.
        page.get_by_label("padding", exact=True).select_option("polyester-batting")
        expect(verdicts).to_contain_text("Only plant fibres without metal may go in")
        page.get_by_label("padding", exact=True).select_option("cotton-batting")
        expect(verdicts).to_contain_text("Not yet for the microwave")
        self.kept()

    def test_a_zip_lights_up_with_its_panels(self):
        self.open_project("Bay leaf pouch", "Pieces")
        page = self.page
        page.locator('[data-edge="body.zip"]').first.focus()
        # The edge is on both panels: each is sewn to an edge of the zip of its own.
        expect(page.locator(".seam-slip h3")).to_have_text(["first zip seam", "second zip seam"])
        expect(page.locator('g[data-piece="zip"]').first).to_be_attached()


class Parts(TableTest):
    def test_a_strap_and_a_pocket_come_and_go(self):
        self.open_project("Swing-top flask pouch", "Form")
        page = self.page
        page.get_by_label("Add a part").select_option("strap")
        expect(page.locator('g[data-piece="strap-1"]').first).to_be_attached()
        self.enter("parts.0.length", "90 cm")
        expect(page.get_by_label("cut width 94 cm: show how")).to_be_attached()
        page.get_by_label("strap 1, made").select_option("turned")
        page.get_by_label("Add a part").select_option("slip-pocket")
        expect(page.locator('g[data-piece="slip-pocket-2"]').first).to_be_attached()
        self.enter("parts.1.width", "60")
        expect(page.locator('[data-check="part.slip-pocket-2.place"]').first).to_contain_text("lies over another part")
        self.enter("parts.1.width", "wide")
        expect(page.locator(".measure-error").first).to_be_visible()
        self.enter("parts.1.width", "8")
        self.kept()
        page.reload()
        expect(self.field("parts.0.length")).to_have_value("90 cm")
        page.get_by_role("button", name="Take the strap off").click()
        expect(page.locator('g[data-piece="strap-1"]')).to_have_count(0)
        expect(page.locator('g[data-piece="slip-pocket-1"]').first).to_be_attached()
        self.go("Sew")
        expect(page.locator(".step h2")).to_be_visible()


class CutLists(TableTest):
    def test_somebody_else_s_numbers_are_read_as_they_are_typed(self):
        page = self.page
        self.visit()
        page.get_by_role("link", name="Check a cut list").click()
        page.get_by_label("Form:").select_option("cylinder")
        expect(page.get_by_text("still needed")).to_be_visible()
        for name, text in (("numbers.wall.width", "30"), ("numbers.wall.height", "22"), ("numbers.base.width", "12")):
            self.enter(name, text)
        self.enter("allowance.default", "1")
        finding = page.locator('[data-check="seam.base"]')
        expect(finding).to_contain_text("does not match")
        expect(page.locator(".form-picture")).to_be_visible()
        expect(page.locator(".fits")).to_contain_text("Honey jar")
        # Both numbers stay in sight until the right one is taken over.
        # Either number can be the wrong one: both ways out are offered.
        expect(finding.get_by_role("button")).to_have_count(2)
        finding.get_by_role("button").first.click()
        expect(page.locator('[data-check="seam.base"]')).to_have_count(0)
        put_right = page.locator(".corrections li")
        expect(put_right).to_contain_text("12")
        page.get_by_label("Why cut width, base was put right").fill("Their disc is larger than their tube")
        expect(page.get_by_text("every number agrees")).to_be_visible()
        self.enter("claims.wall_height", "22")
        expect(page.locator('[data-check="claim.wall_height"]')).to_contain_text("cut size")
        self.enter("numbers.wall.width", "wide")
        expect(page.locator(".measure-error")).to_be_visible()
        self.enter("numbers.wall.width", "30")
        page.get_by_role("button", name="Lay it on the table").click()
        expect(page.get_by_label("Name of the project")).to_have_value("Tube with a round base, corrected")
        expect(page.locator('g[data-piece="wall"]').first).to_be_attached()
        # Their number, ours and the reason stay with the make.
        expect(page.locator(".corrections li")).to_contain_text("their disc is larger than their tube")

    def test_their_ruler_is_changed_and_their_numbers_stay(self):
        page = self.page
        self.visit("/check")
        page.get_by_label("Form:").select_option("cylinder")
        self.enter("numbers.wall.width", "30")
        page.get_by_role("group", name="Their ruler").get_by_role("button", name="in").click()
        expect(self.field("numbers.wall.width")).to_have_value("30 cm")
        self.enter("numbers.wall.height", "8 1/2")
        self.enter("numbers.base.width", "4 1/4")
        self.enter("allowance.default", "3/8")
        expect(page.locator(".made")).to_contain_text("in")

    def test_another_form_asks_for_its_own_numbers(self):
        page = self.page
        self.visit("/check")
        page.get_by_label("Form:").select_option("mat")
        expect(self.field("numbers.binding.width")).to_be_visible()
        for name, text in (
            ("top.width", "42"),
            ("top.height", "30"),
            ("binding.height", "5"),
            ("binding.width", "140"),
        ):
            self.enter(f"numbers.{name}", text)
        expect(page.locator('[data-check="binding.length"]')).to_contain_text("too short")


if __name__ == "__main__":
    unittest.main()
