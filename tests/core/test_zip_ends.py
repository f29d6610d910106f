"""Where a zip is sewn across, cut or covered at both its ends, its slider is told to lie between them, and its tapes are held together where it stands open."""

import re
import unittest

from eggtuck.core.forms import CATALOGUE, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.pattern import SpecError
from eggtuck.core.pattern.picture import Cloth, Line, Spot
from tests.makes import LAYERS, draft_of, said_of

CUT = re.compile(r"\b[Cc]ut\b[^.]*\b(zip|tape)\b")


def zipped():
    for form in CATALOGUE.values():
        for option in form.options:
            if option.id in ("zip_ends", "free_ends"):
                for way in option.choices:
                    for hand in ("machine", "hand"):
                        first = {**starting_spec(form, Ruler("mm"), None), "layers": LAYERS["lined"], "parts": []}
                        mouths = next((o.choices for o in form.options if o.id == "mouth"), (None,))
                        for mouth in mouths:
                            options = {option.id: way, "sewn_by": hand, **({"mouth": mouth} if mouth else {})}
                            try:
                                draft_of({**first, "options": options})
                            except SpecError:
                                continue
                            yield way, hand, {**first, "options": options}


def said_in(step):
    return " ".join(line["text"] for line in step["lines"])


class ZipEnds(unittest.TestCase):
    def test_no_slider_is_sewn_or_cut_off(self):
        """The first thing told where a zip is cut, or sewn across at a place where its slider may stand, is where that is to be."""
        seen = set()
        for way, hand, spec in zipped():
            draft, steps = draft_of(spec), said_of(spec)["steps"]
            zips = [piece for piece in draft.pieces if piece.id == "zip"]
            if not zips:
                continue
            ends = {key for key in zips[0].by_key if key.startswith("end-")}
            seams = {s.id: {u.key for u in (*s.a, *s.b) if u.piece == "zip"} & ends for s in draft.seams}
            for step in steps:
                text = said_in(step)
                # A lining that hangs by itself is sewn beside the tape.
                across = way == "long-tape" and step["layer"] != "lining" and any(seams.get(id) for id in step["seams"])
                cut = step["id"] in ("zip-ends", "zip-tails") and CUT.search(text)
                if not across and not cut:
                    continue
                seen.add((way, hand, step["id"]))
                with self.subTest(spec["form"], way=way, hand=hand, step=step["id"]):
                    self.assertIn("slider", text)
                    if cut:
                        self.assertLess(text.index("slider"), CUT.search(text).start())
                    if (step["id"] == "zip-ends" and way == "fabric-tabs") or across:
                        self.assertIn("side by side, as if closed", text)
                        self.assertEqual("the foot" in text, hand == "machine")
        self.assertLessEqual(
            {(way, hand) for way in ("fabric-tabs", "shortened", "long-tape") for hand in ("machine", "hand")},
            {s[:2] for s in seen},
        )

    def test_what_lies_under_a_tab_ends_before_the_seam(self):
        """And a zip so much longer than what opens is not cut at all: it may be of any kind."""
        for form in ("tetra", "wedge", "gusset-bag"):
            for tab in (6.0, 10.0, 25.0, 30.0):
                spec = starting_spec(CATALOGUE[form], Ruler("mm"), None)
                spec = {
                    **spec,
                    "options": {"zip_ends": "fabric-tabs"},
                    "size": {**spec["size"], "tab_length": f"{tab} mm"},
                }
                (prepared,) = (step for step in said_of(spec)["steps"] if step["id"] == "zip-ends")
                (under,) = re.findall(r"more than (\d+) mm beyond", said_in(prepared))
                (need,) = (need for need in draft_of(spec).needs if need.id == "zip")
                with self.subTest(form, tab=tab):
                    self.assertTrue(0 < int(under) < tab)
                    opens = draft_of(spec).finished["zip_opening"]
                    self.assertAlmostEqual(need.note.params["most"], opens + 2 * int(under))

    def test_the_picture_shows_what_opens_between_the_tabs(self):
        for form in ("tetra", "wedge", "gusset-bag"):
            spec = {**starting_spec(CATALOGUE[form], Ruler("mm"), None), "options": {"zip_ends": "fabric-tabs"}}
            draft = draft_of(spec)
            (picture,) = draft.pictures(["zip-ends"])
            first, second = picture.frames
            opens = draft.finished["zip_opening"]
            with self.subTest(form):
                lines = {
                    kind: sorted(at.path[0][0] for at in first.items if isinstance(at, Line) and at.kind == kind)
                    for kind in ("sew", "cut")
                }
                self.assertAlmostEqual(lines["sew"][1] - lines["sew"][0], opens, delta=0.01)
                self.assertTrue(lines["cut"][0] < lines["sew"][0] and lines["sew"][1] < lines["cut"][1])
                for frame in (first, second):
                    (slider,) = (item for item in frame.items if isinstance(item, Spot) and item.kind == "slider")
                    self.assertTrue(lines["sew"][0] < slider.at[0] < lines["sew"][1])
                tabs = [item for item in second.items if isinstance(item, Cloth) and item.piece == "zip-tab"]
                spans = sorted((min(x for x, _ in tab.outline), max(x for x, _ in tab.outline)) for tab in tabs)
                # Their folds face each other over what opens, and each is half a tab long.
                self.assertAlmostEqual(spans[1][0] - spans[0][1], opens, delta=0.01)
                (piece,) = (piece for piece in draft.pieces if piece.id == "zip-tab")
                self.assertAlmostEqual(spans[0][1] - spans[0][0], piece.cut_size[0] / 2, delta=0.01)


if __name__ == "__main__":
    unittest.main()
