"""What lies on a piece that is folded double lies on the half that is seen, and nothing is proposed under a make."""

import re
import unittest
from fractions import Fraction

import numpy as np
import shapely

from eggtuck.core.pattern import SpecError
from tests.makes import draft_of, makes, told
from tests.solids import checks

# Written down a second time by hand: their fold is their top.
DOUBLED = {("cylinder", "collar"), ("mug-bag", "pocket"), ("mug-bag", "flap-pocket"), ("book-cover", "pocket")}
LAID = ("label", "patch-pocket", "button", "snap", "motif")
EDGED = ("ring-tab", "connector", "piping")


def bare():
    return ((name, {key: value for key, value in spec.items() if key != "parts"}) for name, spec in makes())


def rises(facet):
    """The way a piece faces where this facet of it lies: how far up, of one."""
    flat = np.c_[np.array(facet.flat), np.ones(len(facet.flat))]
    right, up, _ = np.linalg.lstsq(flat, np.array(facet.space), rcond=None)[0]
    out = np.cross(right, up)
    return float(out[2] / np.linalg.norm(out))


def with_each(kinds, spec, piece, copy):
    """The make with one part of each kind on this copy, where there can be one."""
    for kind in kinds:
        try:
            yield kind, draft_of({**spec, "parts": [{"kind": kind, "piece": piece, "copy": copy}]})
        except SpecError:
            continue


class Doubled(unittest.TestCase):
    def hosts(self):
        """One make for each doubled piece and way of cutting it."""
        seen = set()
        for name, spec in bare():
            draft = draft_of(spec)
            for piece, copy, _ in draft.hosts:
                _, y0, _, y1 = next(one for one in draft.pieces if one.id == piece).stitch_box
                wide = spec["options"].get("pockets") == "narrow"
                which = (spec["form"], piece, copy)
                if which[:2] in DOUBLED and not wide and which not in seen:
                    seen.add(which)
                    yield name, spec, piece, copy, (y0 + y1) / 2, y0
        self.assertEqual({which[:2] for which in seen}, DOUBLED)

    def test_it_lies_below_the_fold_and_is_told_from_there(self):
        for name, spec, piece, copy, fold, low in self.hosts():
            for kind, draft in with_each(LAID, spec, piece, copy):
                if checks(draft)[f"part.{kind}-1.place"].verdict != "ok":
                    continue
                (grip,) = (grip for grip in draft.grips if grip.part == 0)
                with self.subTest(f"{name} {piece} {copy} {kind}"):
                    self.assertLess(grip.box[3], fold)
                    self.assertGreater(grip.box[1], low)
                    said = " ".join(line["text"] for step in told(draft)["steps"] for line in step["lines"])
                    each = re.findall(r"([\d./ ]+) (cm|in) below the finished top", said)
                    mm = {float(sum(map(Fraction, one.split()))) * (10 if unit == "cm" else 25.4) for one, unit in each}
                    # What is round is told by its middle.
                    at = grip.box[3] if kind not in ("button", "snap") else (grip.box[1] + grip.box[3]) / 2
                    self.assertTrue(any(abs(fold - at - one) < 2 for one in mm), mm)
                    # A collar is folded down inside, whatever lies on it.
                    self.assertEqual("comes to lie outside" in said, piece != "collar")

    def test_nothing_is_tacked_to_its_raw_upper_edge(self):
        for name, spec, piece, copy, _, _ in self.hosts():
            for kind, draft in with_each(EDGED, spec, piece, copy):
                self.assertEqual(checks(draft)[f"part.{kind}-1.folded"].verdict, "stop", (name, kind))

    def test_what_nobody_told_a_place_for_does_not_lie_underneath(self):
        seen = set()
        for name, spec in bare():
            draft = draft_of({**spec, "parts": [{"kind": "label"}]})
            grip = next(grip for grip in draft.grips if grip.part == 0)
            at = shapely.Point((grip.box[0] + grip.box[2]) / 2, (grip.box[1] + grip.box[3]) / 2)
            of = [f for f in draft.solid.facets if f.piece == grip.piece and shapely.Polygon(f.flat).covers(at)]
            if of and spec["form"] != "tetra":
                self.assertGreater(rises(of[0]), -0.6, name)
                seen.add(spec["form"])
        self.assertGreater(len(seen), 10)


if __name__ == "__main__":
    unittest.main()
