"""How a layer is cut and held, chosen at the table: kept, drawn as a cut through the pieces, and told when it is sewn."""

import unittest

from playwright.sync_api import expect

from .table import TableTest


class Layers(TableTest):
    def layer(self, project, role="padding"):
        return next(layer for layer in project["spec"]["layers"] if layer["role"] == role)

    def test_a_layer_by_its_rule_and_a_piece_by_its_own(self):
        self.open_project("Tasting cup carrier", "Ease")
        backing = self.page.locator("details.backing").last
        backing.locator("summary").click()
        sections = self.page.get_by_role("region", name="What lies on what")
        expect(sections).to_contain_text("wrap (B), outside in")
        backing.get_by_label("padding, cut").select_option(label="inside the stitch line")
        self.until(lambda project: self.layer(project).get("cut") == "net")
        expect(sections).to_contain_text("inside the stitch line")
        expect(backing.locator("summary")).to_contain_text("inside the stitch line")
        backing.get_by_label("padding, lies on").select_option(label="the lining")
        self.until(lambda project: self.layer(project).get("on") == "lining")
        # The inner bag is of the lining: it is padded now, and by a rule of its own where the maker says so.
        expect(sections).to_contain_text("body (A), outside in")
        backing.get_by_label("padding, A body").select_option(label="lower half")
        self.until(lambda project: self.layer(project).get("pieces") == {"body": "lower"})
        expect(sections).to_contain_text("lower half")
        self.go("Sew")
        expect(self.page.locator(".sew")).to_contain_text("Baste the padding on")

    def test_a_pocket_of_mesh_and_a_contrast_for_it(self):
        self.open_project("Cordial bottle bag", "Ease")
        layers = self.page.locator("fieldset.layers")
        expect(layers.get_by_label("lining", exact=True)).to_be_visible()
        expect(layers.get_by_label("mesh", exact=True)).to_have_count(0)
        self.go("Form")
        self.page.get_by_label("Add a part").select_option("mesh-pocket")
        self.until(lambda project: project["spec"].get("parts"))
        self.go("Ease")
        expect(layers.get_by_label("mesh", exact=True)).to_have_value("")
        self.page.get_by_role("button", name="Take mesh for the pocket").click()
        expect(layers.get_by_label("mesh", exact=True)).to_have_value("mesh")
        self.go("Form")
        self.page.get_by_label("Add a part").select_option("strap")
        self.go("Ease")
        layers.get_by_label("contrast", exact=True).select_option("canvas")
        self.until(lambda project: {"material": "canvas", "role": "contrast"} in project["spec"]["layers"])
        self.go("Sew")
        self.page.get_by_role("button", name="Cut the pieces").first.click()
        expect(self.page.locator(".sew")).to_contain_text("From the mesh, as mesh: 1 of mesh pocket")
        expect(self.page.locator(".sew")).to_contain_text("From the canvas, as contrast: 1 of strap")

    def test_a_print_with_a_way_up_goes_with_its_cloth(self):
        """Another cloth has a print, or a nap, of its own; padding, which nobody sees, is not asked of."""
        self.open_project("Tasting cup carrier", "Ease")
        lining = self.page.locator("fieldset.layers .layer").filter(has=self.page.get_by_label("lining", exact=True))
        up = lining.get_by_label("way up")
        up.check()
        self.until(lambda project: self.layer(project, "lining").get("directional") is True)
        for cloth, napped in (("canvas", False), ("corduroy", True), ("linen", False)):
            lining.get_by_label("lining", exact=True).select_option(cloth)
            self.until(
                lambda project, cloth=cloth: (
                    self.layer(project, "lining")["material"] == cloth
                    and "directional" not in self.layer(project, "lining")
                )
            )
            expect(up).to_be_checked(checked=napped)
        padding = self.page.locator("fieldset.layers .layer").filter(has=self.page.get_by_label("padding", exact=True))
        expect(padding).to_have_count(1)
        expect(padding.get_by_label("way up")).to_have_count(0)

    def test_the_lining_s_own_allowance_is_told_and_brought_back_to_the_outer_s(self):
        self.open_project("Cordial bottle bag", "Ease")
        own = self.page.locator("details.of-lining")
        own.locator("summary").click()
        entry = own.locator('input[data-field="allowance.lining-top"]')
        entry.fill("1,5")
        entry.blur()
        self.until(lambda project: project["spec"]["allowance"].get("lining-top") == "1,5")
        expect(self.page.get_by_text("Two allowances meet")).to_be_visible()
        self.page.get_by_role("button", name="Use 1 cm on both").click()
        expect(self.page.get_by_text("Two allowances meet")).to_have_count(0)

    def test_a_length_that_cannot_be_names_its_layer(self):
        self.open_project("Tasting cup carrier", "Ease")
        backing = self.page.locator("details.backing").last
        backing.locator("summary").click()
        backing.get_by_label("padding, cut").select_option(label="smaller all round")
        inset = backing.get_by_label("padding, smaller by")
        inset.fill("much")
        inset.blur()
        expect(inset).to_have_attribute("aria-invalid", "true")
        expect(self.page.locator(".layer .measure-error")).to_be_visible()
        inset.fill("0,6")
        inset.blur()
        self.until(lambda project: self.layer(project).get("inset") == "0,6")
        expect(inset).not_to_have_attribute("aria-invalid", "true")

    def test_a_part_added_when_its_turn_is_over_stands_out(self):
        self.open_project("Cordial bottle bag", "Sew")
        expect(self.page.locator(".step-list .done").first).to_be_visible()
        expect(self.page.locator(".step-list .late")).to_have_count(0)
        self.go("Form")
        self.page.get_by_label("Add a part").select_option("slip-pocket")
        self.until(lambda project: project["spec"].get("parts"))
        self.go("Sew")
        late = self.page.locator(".step-list .late")
        expect(late).to_have_count(1)
        late.click()
        expect(self.page.locator(".step-late")).to_be_visible()
        expect(self.page.locator(".step h2")).to_contain_text("pocket")

    def test_the_same_at_another_size(self):
        self.open_project("Tasting table mat", "Form")
        self.page.get_by_role("button", name="Variants").click()
        self.page.get_by_role("button", name="half size").click()
        expect(self.page.get_by_label("Name of the project")).to_have_value("Tasting table mat, half size")


if __name__ == "__main__":
    unittest.main()
