"""What a form carries, in the round: all of it, as long, wide and high as it is sewn, and where it is sewn."""

import itertools
import math
import unittest
from itertools import pairwise

import numpy as np
import trimesh
from trimesh.proximity import closest_point_naive

from eggtuck.core.drafting.parts import PARTS
from eggtuck.core.drafting.starting import starting_spec
from eggtuck.core.forms import CATALOGUE, draft_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.moves.carried import ARCH, Sewn, top_ends
from eggtuck.core.pattern import SpecError
from eggtuck.core.pattern.mesh import weld
from tests import share
from tests.makes import draft_of, makes
from tests.specs import cordial

CM = Ruler("cm")


def carrying(form, **part):
    return draft_spec({**starting_spec(CATALOGUE[form], CM, None), "parts": [part]})


def area(loop):
    """Of a flat polygon in space (mm2)."""
    points = np.array(loop)
    return (
        float(np.linalg.norm(sum(np.cross(a, b) for a, b in zip(points, np.roll(points, -1, axis=0), strict=True)))) / 2
    )


def loops_of(draft, piece):
    return [loop for carried in draft.solid.carried if carried.piece == piece for loop in carried.loops]


IN_OTHERS = ("piping-", "edging-", "label-")


def unseen(draft, spec, piece):
    """Whether it is a part that lies on what the finished form shows no cloth of: nothing is seen of it in the round."""
    kind, _, number = piece.id.rpartition("-")
    # A tab belongs to the strap it holds, and goes by its number.
    part = next(
        (part for nth, part in enumerate(spec.get("parts", ()), 1) if str(nth) == number and kind in PARTS), None
    )
    if part is None:
        return False
    host, shown = part.get("piece"), {facet.piece for facet in draft.solid.facets}
    return spec["options"].get("bag_rim") == "folded-down" or (host is not None and host not in shown)


class Carried(unittest.TestCase):
    def test_every_piece_is_seen_in_the_round_but_a_lining_of_its_own(self):
        for name, spec in makes():
            draft = draft_of(spec)
            shown = {facet.piece for facet in draft.solid.facets} | {c.piece for c in draft.solid.carried}
            for piece in draft.pieces:
                # What is folded over an edge or lies in a seam is drawn with what it edges, and on a collar or a rim folded in nothing is seen.
                if unseen(draft, spec, piece):
                    continue
                if any(c.id == f"part.{piece.id}.place" and c.verdict == "warn" for c in draft.checks):
                    # What has no room lies nowhere, as is warned.
                    continue
                if not piece.id.endswith("-lining") and not piece.id.startswith(IN_OTHERS):
                    self.assertIn(piece.id, shown, name)

    def test_every_part_that_is_cut_is_seen_on_every_form_that_takes_it(self):
        tried = set()
        for form in CATALOGUE:
            for kind in PARTS:
                try:
                    draft = carrying(form, kind=kind)
                except SpecError:
                    continue
                for piece in draft.pieces:
                    if piece.id.split("-")[-1].isdigit() and not piece.id.startswith(IN_OTHERS):
                        self.assertTrue(loops_of(draft, piece.id), (form, kind, piece.id))
                        tried.add(kind)
        self.assertTrue({"strap", "handle", "adjustable-strap", "ring-tab", "loop", "slip-pocket"} <= tried)

    def test_what_hangs_from_a_rim_is_seen_however_wide_that_is(self):
        """Where it is sewn lies on a curved edge, a little outside what is drawn of that, straight from corner to corner."""
        for girth, kind in share(
            itertools.product(range(180, 480, 3), ("adjustable-strap", "ring-tab", "connector")), 4
        ):
            spec = {**starting_spec(CATALOGUE["cone"], Ruler("mm"), None), "rounding": "none"}
            spec |= {"size": {"girth_top": f"{girth} mm"}, "parts": [{"kind": kind}]}
            try:
                draft = draft_spec(spec)
            except SpecError:
                continue
            for piece in draft.pieces:
                if piece.id[-1].isdigit():
                    self.assertTrue(loops_of(draft, piece.id), (girth, piece.id))

    def test_a_pocket_has_its_own_size_and_lies_just_outside_the_cloth(self):
        for form in ("boxed-bag", "cylinder", "cone", "wedge", "gusset-bag", "weight"):
            draft = carrying(form, kind="slip-pocket")
            sizes = {state.field: state.value for state in draft.inputs}
            loops = loops_of(draft, "slip-pocket-1")
            # A cylinder's is wrapped: each strip as wide as its own, so the whole is as large as the flat one.
            want = sizes["parts.0.width"] * sizes["parts.0.height"]
            self.assertAlmostEqual(sum(map(area, loops)) / want, 1, delta=3e-4, msg=form)
            for away in off_cloth(draft, [np.array(loop).mean(axis=0) for loop in loops]):
                self.assertAlmostEqual(away, 1.0, delta=0.02, msg=form)

    def test_a_strap_that_fits_the_picture_is_as_long_and_wide_as_it_is_sewn(self):
        tried = set()
        for form in ("boxed-bag", "cylinder", "tetra", "wedge", "round-pouch", "gusset-bag"):
            for kind, length in (("strap", "28"), ("handle", "20")):
                draft = carrying(form, kind=kind, length=length, width="2,5")
                if any(check.id.endswith(".place") and check.verdict == "warn" for check in draft.checks):
                    continue
                tried.add((form, kind))
                count = 2 if kind == "handle" else 1
                # What is free is in so many parts; beside it lie the ends.
                every = apart(loops_of(draft, f"{kind}-1"))
                free = [run for run in every if len(run) == ARCH]
                ends = [loop for run in every if len(run) != ARCH for loop in run]
                self.assertEqual(len(free), count, (form, kind))
                on = sum(map(area, ends)) / 25 / count
                corners = np.array([point for loop in ends for point in loop])
                for line in map(middle_line, free):
                    chord = math.dist(line[0], line[-1])
                    long = sum(math.dist(a, b) for a, b in pairwise(line))
                    self.assertAlmostEqual(long, max(float(length) * 10 - on, chord), delta=0.5, msg=(form, kind))
                    for end in (line[0], line[-1]):
                        self.assertLess(np.linalg.norm(corners - end, axis=1).min(), 13, (form, kind))
                for loop in itertools.chain(*free):
                    self.assertAlmostEqual(math.dist(loop[0], loop[3]), 25, delta=1e-6)
        self.assertGreater(len(tried), 8)

    def test_of_a_long_strap_only_the_ends_are_seen(self):
        drafts = [carrying("boxed-bag", kind="strap", length=length) for length in ("30", "200")]
        top = max(p[2] for facet in drafts[0].solid.facets for p in facet.space)
        # Above the rim; its ends lie on the wall.
        short, long = (
            apart([loop for loop in loops_of(draft, "strap-1") if min(p[2] for p in loop) > top - 1e-6])
            for draft in drafts
        )
        self.assertEqual(list(map(len, short)), [ARCH])
        self.assertEqual(len(long), 2)

    def test_ring_tabs_stand_in_the_edge_where_they_are_sewn_and_opposite_each_other(self):
        for form in ("boxed-bag", "cylinder", "cone", "gusset-bag"):
            draft = carrying(form, kind="ring-tab")
            loops = loops_of(draft, "ring-tab-1")
            # Each tab and then its ring, in 24 parts.
            tabs = [np.array(loop) for loop in loops[::25]]
            self.assertEqual((len(tabs), len(loops)), (2, 50), form)
            feet = [tab[:2].mean(axis=0) for tab in tabs]
            self.assertLess(float(max(off_cloth(draft, feet))), 0.2, form)
            for tab in tabs:
                self.assertAlmostEqual(tab[2][2] - tab[1][2], 30, delta=1e-6)
            # Each as far from the middle of the front, the one to its left, the other to its right.
            middle = (np.array(top_ends(Sewn(draft.solid.facets))).mean(axis=0))[0]
            left, right = (foot[0] - middle for foot in feet)
            self.assertLess(left, -20, form)
            self.assertAlmostEqual(left, -right, delta=0.5, msg=form)
            self.assertAlmostEqual(feet[0][1], feet[1][1], delta=0.5, msg=form)

    def test_a_collar_goes_on_from_the_wall_as_high_as_it_is_when_folded(self):
        draft = draft_spec({**starting_spec(CATALOGUE["cylinder"], CM, None), "options": {"top": "drawstring"}})
        loops = loops_of(draft, "collar")
        high = draft.finished["collar_height"]
        girth = draft.finished["girth"]
        self.assertAlmostEqual(sum(map(area, loops)) / (girth * high), 1, delta=2e-3)
        wall = max(p[2] for f in draft.solid.facets for p in f.space)
        self.assertAlmostEqual(max(p[2] for loop in loops for p in loop), wall + high, delta=1e-6)

    def test_stacked_pockets_stand_behind_each_other_and_each_has_its_line(self):
        spec = starting_spec(CATALOGUE["mug-bag"], CM, None)
        draft = draft_spec({**spec, "options": {**spec.get("options", {}), "pockets": "two-stacked"}})
        tops = sorted({round(max(p[2] for p in loop), 3) for loop in loops_of(draft, "pocket")})
        pocket, step = draft.finished["pocket_height"], draft.finished["pocket_step"]
        self.assertEqual(len(tops), 2)
        self.assertAlmostEqual(tops[0], pocket, delta=1e-3)
        self.assertAlmostEqual(tops[1], pocket + step, delta=1e-3)
        self.assertGreater(step, 0)
        wrap = next(piece for piece in draft.pieces if piece.id == "wrap")
        self.assertEqual(sum(mark.label.id == "mark.pocket-here" for mark in wrap.marks), 2)

    def test_what_is_carried_does_not_change_what_the_form_encloses(self):
        plain, strapped = draft_spec(cordial()), draft_spec({**cordial(), "parts": [{"kind": "strap"}]})
        self.assertEqual(plain.solid.facets, strapped.solid.facets)


def off_cloth(draft, points):
    """How far points lie off the sewn cloth (mm), as another library finds it."""
    mesh = weld(draft.solid.facets)
    _, away, _ = closest_point_naive(trimesh.Trimesh(mesh.points, mesh.faces, process=False), np.array(points))
    return away


def apart(loops):
    """Runs of loops that follow one another."""
    runs = []
    for loop in loops:
        if runs and math.dist(runs[-1][-1][1], loop[0]) < 1e-6:
            runs[-1].append(loop)
        else:
            runs.append([loop])
    return runs


def middle_line(run):
    def middle(a, b):
        return tuple((x + y) / 2 for x, y in zip(a, b, strict=True))

    return [middle(run[0][0], run[0][3]), *(middle(loop[1], loop[2]) for loop in run)]


if __name__ == "__main__":
    unittest.main()
