"""What is advised about cloth, order and care: each sentence only where it holds, with the number it rests on."""

import itertools
import re
import unittest

from eggtuck.core.drafting.parts import PARTS
from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.pattern import SpecError
from tests import share
from tests.literal import complaints
from tests.makes import LAYERS, draft_of, makes, mended, said_of, told, words_of

BOARD = {"board_width": "148 mm", "board_height": "210 mm", "spine": "16 mm"}


def spec(form, layers="lined", parts=(), size=None, **options):
    spec = starting_spec(CATALOGUE[form], Ruler("mm"), None)
    chosen = LAYERS[layers] if isinstance(layers, str) else layers
    spec |= {"layers": chosen, "parts": list(parts), "options": options, "rounding": "none"}
    return {**spec, "size": {**spec["size"], **(size or {})}}


def checks(document):
    return {check["id"]: check for check in document["checks"]}


def text_of(document, id):
    return next((words_of(step) for step in document["steps"] if step["id"] == id), "")


class Prints(unittest.TestCase):
    def test_a_lining_with_a_way_up_is_told_what_a_plain_one_saves(self):
        saved = 0
        for form, material in itertools.product(CATALOGUE, ("quilting-cotton", "linen")):
            outer = {"material": "linen", "role": "outer"}
            lining = {"material": material, "role": "lining"}
            plain = told(draft_spec(spec(form, [outer, lining])))
            printed = told(draft_spec(spec(form, [outer, {**lining, "directional": True}])))
            self.assertNotIn("cloth.lining-print", checks(plain), form)
            bought = [{n["id"]: n["buy"]["mm"] for n in d["needs"]} for d in (plain, printed)]
            if "cloth.lining" not in bought[0]:
                continue
            more = bought[1]["cloth.lining"] - bought[0]["cloth.lining"]
            self.assertAlmostEqual(checks(printed)["cloth.lining-print"]["value"], more, 3, form)
            self.assertEqual("saves" in checks(printed)["cloth.lining-print"]["title"], more > 0, form)
            saved += more > 0
        self.assertGreater(saved, 0)

    def test_cutting_says_which_way_the_print_goes_for_cloths_that_have_one(self):
        for form in CATALOGUE:
            layers = [{"material": "linen", "role": "outer", "directional": True}, LAYERS["lined"][1]]
            cut = text_of(told(draft_spec(spec(form, layers))), "cut")
            self.assertIn("linen has a print with a way up", cut, form)
            self.assertNotIn("quilting cotton has a print", cut, form)
            self.assertNotIn("a way up", text_of(told(draft_spec(spec(form))), "cut"), form)


class Strips(unittest.TestCase):
    def test_each_cloth_is_made_as_it_can_be(self):
        sheet = [*LAYERS["lined"], {"material": "leather-like-sheet", "role": "contrast"}]
        for kind, layers, of, make, verdict in (
            ("strap", LAYERS["lined"], "contrast", "single", "warn"),
            ("strap", LAYERS["lined"], "contrast", "four-fold", None),
            ("strap", sheet, "contrast", "single", None),
            ("handle", sheet, "contrast", "four-fold", "note"),
            ("handle", sheet, "contrast", "turned", "note"),
            ("handle", sheet, "outer", "single", "warn"),
            ("handle", sheet, "outer", "four-fold", None),
        ):
            with self.subTest(kind=kind, of=of, make=make, layers=len(layers)):
                asked = spec("boxed-bag", layers, [{"kind": kind, "of": of, "make": make}])
                document = told(draft_spec(asked))
                check = checks(document).get(f"part.{kind}-1.cloth")
                self.assertEqual(check and check["verdict"], verdict)
                if check:
                    after = told(draft_spec(mended(asked, check["fix"])))
                    self.assertNotIn(check["id"], checks(after))
                piece = next(p for p in document["pieces"] if p["id"] == f"{kind}-1")
                own = "contrast" if of == "contrast" and len(layers) > 2 else "outer"
                self.assertEqual([cut["role"] for cut in piece["cuts"]], [own])
                # Only of a sheet is it said that its holes stay.
                self.assertEqual(
                    "holes in a sheet" in text_of(document, f"{kind}-1"), make == "single" and own == "contrast"
                )
                self.assertEqual(complaints(document), [])

    def test_a_single_layer_is_as_wide_as_it_is_and_four_folds_four_times_that(self):
        for of, make, times in (("outer", "four-fold", 4), ("contrast", "single", 1)):
            layers = [*LAYERS["lined"], {"material": "leather-like-sheet", "role": "contrast"}]
            draft = draft_spec(spec("boxed-bag", layers, [{"kind": "strap", "of": of, "make": make, "width": "25 mm"}]))
            piece = next(p for p in draft.pieces if p.id == "strap-1")
            self.assertAlmostEqual(piece.cut_size[1], 25 * times, 6)


class Gifts(unittest.TestCase):
    def test_a_gift_has_a_tag_and_long_ribbons_and_is_else_the_same(self):
        for form in CATALOGUE:
            plain, gift = (told(draft_spec(spec(form, user=user))) for user in ("anyone", "gift"))
            steps = [[step["id"] for step in d["steps"]] for d in (plain, gift)]
            self.assertEqual([*steps[0], "tag"], steps[1], form)
            said = text_of(gift, "tag")
            used = {cut["role"] for piece in gift["pieces"] for cut in piece["cuts"]}
            for layer, name in (("outer", "linen"), ("lining", "quilting cotton")):
                self.assertEqual(name in said, layer in used, form)
            self.assertEqual([p["cut_size"] for p in plain["pieces"]], [p["cut_size"] for p in gift["pieces"]], form)
            self.assertEqual(complaints(gift), [])

    def test_a_bow_is_half_as_long_again(self):
        tied = (
            ("boxed-bag", (), {"tie": "caught"}),
            ("neck-bag", (), {"closure": "ribbon-loose"}),
            ("cylinder", ({"kind": "ribbon"},), {}),
        )
        for form, parts, options in tied:
            found = []
            for user in ("anyone", "gift"):
                draft = draft_spec(spec(form, "outer", parts, **options, user=user))
                found.append(next(need.exact for need in draft.needs if need.role == "ribbon"))
                self.assertEqual("ribbon" in text_of(told(draft), "tag"), user == "gift", form)
            self.assertAlmostEqual(found[1] - found[0], 300, delta=1.0, msg=form)
            # Who tells another length is taken at their word.
        told_ = [
            draft_spec(spec("neck-bag", "outer", size={"bow": "400 mm"}, closure="ribbon-loose", user=u))
            for u in ("anyone", "gift")
        ]
        self.assertEqual(*[next(n.exact for n in d.needs if n.role == "ribbon") for d in told_])

    def test_a_ribbon_without_tails_was_not_left_long(self):
        """A loop to hang it by, a pull, a short bow asked for."""
        seen = set()
        for name, made in makes():
            if made["options"].get("user") != "gift" and made["form"] not in ("round-pouch", "tetra", "neck-bag"):
                continue
            gift = {**made, "options": {**made["options"], "user": "gift"}}
            document = told(draft_spec(gift))
            others = " ".join(words_of(step) for step in document["steps"] if step["id"] != "tag")
            long = "ribbon was left long" in text_of(document, "tag")
            seen.add((long, "ribbon" in others))
            if long:
                self.assertRegex(others, r"tails|ribbon, both ends|tie a bow", name)
        self.assertLessEqual({(True, True), (False, True)}, seen)
        short = draft_spec(spec("neck-bag", "outer", size={"bow": "400 mm"}, closure="ribbon-loose", user="gift"))
        self.assertNotIn("ribbon", text_of(told(short), "tag"))


class Edges(unittest.TestCase):
    def test_how_far_a_topstitch_runs_is_asked_where_it_is_told_and_told_as_asked(self):
        asked = 0
        for name, made in [make for make in makes() if make[1]["unit"] == "cm"][::4]:
            ruler = Ruler(made["unit"])
            odd = {**made, "rounding": "none", "size": {**made.get("size", {}), "edge_stitch": "7.3 mm"}}
            try:
                draft = draft_spec(odd)
            except SpecError:
                continue
            text = " ".join(words_of(step) for step in told(draft)["steps"])
            here = any(state.field == "size.edge_stitch" for state in draft.inputs)
            self.assertEqual(re.search(rf"(?<![\d.]){re.escape(ruler.write(7.3))}", text) is not None, here, name)
            usual = draft_of(made)
            self.assertEqual(
                [p.cut_size for p in draft_spec({**made, "rounding": "none"}).pieces],
                [p.cut_size for p in draft.pieces],
                name,
            )
            self.assertEqual(here, any(state.field == "size.edge_stitch" for state in usual.inputs), name)
            asked += here
        self.assertGreater(asked, 50)


class EdgesOfParts(unittest.TestCase):
    def test_how_far_a_topstitch_runs_is_asked_where_a_part_tells_it_and_told_as_asked(self):
        kinds = [
            (kind, choice)
            for kind in PARTS.values()
            for choice in ({}, *({name: one} for name, every in kind.choices.items() for one in every[1:]))
        ]
        asked = set()
        for (form, layers), (kind, choice) in itertools.product(
            itertools.product(CATALOGUE.values(), ("outer", "lined", "sheet")), share(kinds, 6)
        ):
            spec = {**starting_spec(form, Ruler("cm"), None), "layers": LAYERS[layers], "rounding": "none"}
            spec |= {"parts": [{"kind": kind.id, **choice}], "size": {**spec["size"], "edge_stitch": "7.3 mm"}}
            try:
                draft = draft_of(spec)
            except SpecError:
                continue
            text = " ".join(words_of(step) for step in said_of(spec)["steps"])
            here = any(state.field == "size.edge_stitch" for state in draft.inputs)
            self.assertEqual("0.73 cm" in text, here, (form.id, layers, kind.id, choice))
            asked.add(here)
        self.assertEqual(asked, {True, False})


class Order(unittest.TestCase):
    def test_a_gap_longer_than_it_need_be_can_be_shortened(self):
        for form in ("tetra", "wedge", "round-pouch", "sleeve"):
            usual = draft_spec(spec(form))
            gap = checks(told(usual))["gap"]
            self.assertIsNone(gap["fix"], form)
            longer = spec(form, size={"gap": f"{usual.gaps[0].length + 21} mm"})
            check = checks(told(draft_spec(longer)))["gap"]
            self.assertEqual(check["verdict"], "ok", form)
            self.assertIn("less to close", check["message"])
            self.assertAlmostEqual(draft_spec(mended(longer, check["fix"])).gaps[0].length, usual.gaps[0].length, 6)

    def test_while_something_cools_only_what_is_made_by_itself_is_named(self):
        named = 0
        for form, parts, options in (
            ("mug-bag", (), {}),
            ("tetra", (), {"hanger": "strip-loop"}),
            ("boxed-bag", ({"kind": "strap"}, {"kind": "ring-tab"}), {}),
            ("wedge", (), {}),
        ):
            document = told(draft_spec(spec(form, "padded", parts, **options)))
            step = next(step for step in document["steps"] if step["id"] == "interfacing")
            line = next((line["text"] for line in step["lines"] if line["text"].startswith("While it lies")), "")
            strips = [p for p in document["pieces"] if sum(m["label"] == "fold" for m in p["marks"]) == 3]
            for piece in document["pieces"]:
                alone = piece in strips and any(
                    {t["piece"] for t in s["things"]} == {piece["id"]} and s["number"] > step["number"]
                    for s in document["steps"]
                )
                self.assertEqual(f"({piece['letter']})" in line, alone, (form, piece["id"]))
                named += alone
        self.assertEqual(named, 4)

    def test_corners_that_are_trimmed_are_looked_at(self):
        for form in ("sleeve", "book-cover", "bookmark"):
            document = told(draft_spec(spec(form, size=BOARD if form == "book-cover" else None)))
            step = next(step for step in document["steps"] if step["id"].endswith("trim-corners"))
            self.assertIn("No stitch is cut", step["check"])
            self.assertTrue(step["causes"] and "Sew over that corner again" in step["remedy"])

    def test_a_zip_that_is_cut_or_sewn_across_has_a_coil(self):
        for form, ends in itertools.product(("wedge", "round-pouch"), ("long-tape", "plain", "shortened")):
            draft = told(draft_spec(spec(form, zip_ends=ends)))
            note = next(need["note"] for need in draft["needs"] if need["id"] == "zip")
            self.assertEqual("coil" in note, ends != "plain", (form, ends))


class Matching(unittest.TestCase):
    """A bookmark beside its cover is the bookmark that the other form makes."""

    def test_it_is_that_bookmark(self):
        for layers, make in itertools.product(("outer", "lined", "padded"), ("bagged", "bound")):
            cover = draft_spec(spec("book-cover", layers, size={**BOARD, "bookmark_width": "45 mm", "bookmark_length": "160 mm"}, make=make, page_strip="matching"))  # fmt: skip
            alone = draft_spec(spec("bookmark", layers, size={"width": "45 mm", "length": "160 mm"}))
            piece = next(p for p in cover.pieces if p.id == "page-strip")
            body = next(p for p in alone.pieces if p.id == "body")
            self.assertEqual(piece.cut_size, body.cut_size)
            self.assertEqual([(c.role, c.count) for c in piece.cuts], [(c.role, c.count) for c in body.cuts])
            document = told(cover)
            self.assertEqual(complaints(document), [], (layers, make))
            mine = [step for step in document["steps"] if step["title"].startswith("The bookmark: ")]
            theirs = [step["title"] for step in told(alone)["steps"]]
            self.assertEqual(len(mine), 4)
            for step in mine:
                self.assertIn(step["title"].removeprefix("The bookmark: "), theirs)
                self.assertEqual({t["piece"] for t in step["things"]}, {"page-strip"})

    def test_what_the_cover_carries_stays_on_the_cover(self):
        carried = []
        for beside in ("none", "matching"):
            draft = draft_spec(spec("book-cover", size=BOARD, tab="tab", marker="strip", page_strip=beside))
            carried.append({c.piece: c.loops for c in draft.solid.carried})
        self.assertTrue({"tab", "ribbon"} <= set(carried[0]))
        self.assertEqual(*carried)

    def test_it_follows_its_book(self):
        for wide, high in ((100, 150), (148, 210), (210, 297)):
            size = {"board_width": f"{wide} mm", "board_height": f"{high} mm", "spine": "16 mm"}
            made = draft_spec(spec("book-cover", size=size, page_strip="matching")).finished
            self.assertAlmostEqual(made["bookmark_width"], 0.3 * wide, delta=0.1)
            self.assertAlmostEqual(made["bookmark_length"], 0.8 * high, delta=0.1)


if __name__ == "__main__":
    unittest.main()
