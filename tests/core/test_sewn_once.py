"""Every edge of every copy of a piece is sewn, hemmed or folded once, every seam is one line of stitching, and every seam is told as
often as it is sewn. A seam is followed over the corners of other seams, as a needle would."""

import itertools
import math
import unittest
from collections import Counter

from eggtuck.core.forms import CATALOGUE, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.pattern import Seam
from eggtuck.core.pattern.walk import legs
from tests.makes import draft_of, makes, told

# Points nearer than this to each other are one (mm).
NEAR = 0.02


def own_layers(piece):
    """The cloths of a piece that are sewn by themselves, and how many copies each gives."""
    found = Counter()
    for cut in piece.cuts:
        if cut.on is None:
            found[cut.role] += cut.count
    return found


def taken(draft, piece, edge, copy, role):
    """What takes part in an edge of one copy."""
    alone = len(own_layers(piece)) == 1
    # Where it is of a contrast it is sewn as the outer is.
    role = "outer" if role == "contrast" else role

    def ours(use, layers):
        if (use.piece, use.key, use.copy) != (piece.id, edge.key, copy):
            return False
        return use.layer == role if use.layer else role in layers or alone

    seams = [s.id for s in draft.seams for use in (*s.a, *s.b, *s.caught) if ours(use, s.layers)]
    return seams + [hem.id for hem in draft.hems for use in hem.edges if ours(use, (role,))]


def sides(draft, seam: Seam):
    """Its two sides as they are walked, and what is caught in it beside them."""
    found = [legs(draft.pieces, side) for side in (seam.a, seam.b)]
    return [*found, *(legs(draft.pieces, [use]) for use in seam.caught if len(seam.a) == 1)]


def along(path, point):
    """How far along a path a point on it lies (mm)."""
    gone = 0.0
    for segment in path:
        steps = 400 if segment.bulge else 1
        for i in range(steps):
            a, b = segment.at(i / steps), segment.at((i + 1) / steps)
            long = math.dist(a, b)
            share = ((point[0] - a[0]) * (b[0] - a[0]) + (point[1] - a[1]) * (b[1] - a[1])) / max(long**2, 1e-18)
            share = min(1.0, max(0.0, share))
            if math.dist(point, (a[0] + share * (b[0] - a[0]), a[1] + share * (b[1] - a[1]))) < NEAR:
                return gone + (i + share) / steps * segment.length
        gone += segment.length
    return None


def partners(draft, walked, spot):
    """Where else a spot - piece, copy, point - lies once the seams are sewn."""
    piece, copy, point = spot
    for every in walked:
        for side in every:
            for leg in side:
                if (leg.use.piece, leg.use.copy) != (piece, copy):
                    continue
                at = along(leg.edge.path, point)
                if at is None:
                    continue
                at = leg.start + (leg.edge.length - at if leg.use.reversed else at)
                for nth, other in enumerate(every):
                    # What is caught hangs as long as it is, its middle on the middle; a and b are sewn end to end.
                    caught = nth > 1 or (side is not every[0] and side is not every[1])
                    off = (other[-1].end - side[-1].end) / 2
                    there = at + off if caught else at * other[-1].end / side[-1].end
                    mate = next((one for one in other if one.start - NEAR <= there <= one.end + NEAR), None)
                    if mate is not None:
                        yield mate.use.piece, mate.use.copy, mate.at(there)


def meets(draft, walked, start, end):
    """Whether two spots are one when sewn."""
    seen, left = [start], [start]
    while left:
        spot = left.pop()
        if spot[:2] == end[:2] and math.dist(spot[2], end[2]) < NEAR:
            return True
        for found in partners(draft, walked, spot):
            if not any(found[:2] == s[:2] and math.dist(found[2], s[2]) < NEAR for s in seen):
                seen.append(found)
                left.append(found)
    return False


class SewnOnce(unittest.TestCase):
    def test_each_edge_of_each_copy_is_in_one_seam_or_hem(self):
        for name, spec in makes():
            draft = draft_of(spec)
            with self.subTest(make=name):
                for piece in draft.pieces:
                    for role, count in own_layers(piece).items():
                        self.assertEqual(count, len(piece.copies), f"{piece.id} {role}")
                        for edge in piece.by_key.values():
                            for copy in piece.copies:
                                found = taken(draft, piece, edge, copy, role)
                                self.assertEqual(len(found), 1, f"{role} {edge.id} of {copy}: {found}")

    def test_whatever_is_sewn_is_a_copy_of_a_piece(self):
        for name, spec in makes():
            draft = draft_of(spec)
            have = {(p.id, key, copy) for p in draft.pieces for key in p.by_key for copy in p.copies}
            uses = {u for s in draft.seams for u in (*s.a, *s.b, *s.caught)} | {u for h in draft.hems for u in h.edges}
            uses |= {u for gap in draft.gaps for u in gap.edges} | {u for step in draft.steps for u in step.edges}
            with self.subTest(make=name):
                self.assertEqual({(u.piece, u.key, u.copy) for u in uses} - have, set())

    def test_a_seam_is_told_as_often_as_it_is_sewn(self):
        for name, spec in makes():
            draft = draft_of(spec)
            told = Counter(id for step in draft.steps for id in step.seams)
            with self.subTest(make=name):
                self.assertEqual({s.id: told[s.id] for s in draft.seams}, {s.id: s.times for s in draft.seams})
                off = {check.id.removeprefix("seam.") for check in draft.checks if check.id.startswith("seam.")}
                wanted = sum(seam.times for seam in draft.seams if seam.id not in off)
                counted = [dict(check.title.params).get("count", 1) for check in draft.checks if check.id == "seams"]
                self.assertEqual(counted, [wanted] if wanted else [])

    def test_a_seam_is_one_line(self):
        seen = set()
        for name, spec in makes():
            draft = draft_of(spec)
            kind = (draft.form, tuple((s.a, s.b, s.caught, s.layers) for s in draft.seams))
            if kind in seen:
                continue
            seen.add(kind)
            for layer in ("outer", "lining"):
                sewn = [
                    s for s in draft.seams if (layer in s.layers or s.as_one) and not any(u.layer for u in (*s.a, *s.b))
                ]
                walked = [sides(draft, seam) for seam in sewn]
                for seam in draft.seams:
                    joins = any(use.layer for use in (*seam.a, *seam.b))
                    for side in (seam.a, seam.b):
                        if not ((joins and (side[0].layer or layer) == layer) or seam in sewn):
                            continue
                        run = legs(draft.pieces, side)
                        for one, two in itertools.pairwise(run):
                            spots = [
                                (leg.use.piece, leg.use.copy, leg.at(at))
                                for leg, at in ((one, one.end), (two, two.start))
                            ]
                            with self.subTest(make=name, seam=seam.id, layer=layer, at=(one.edge.id, two.edge.id)):
                                self.assertTrue(meets(draft, walked, *spots))


class Ends(unittest.TestCase):
    def test_a_hem_at_both_ends_of_a_flat_piece_is_told_at_both(self):
        for cut, top in itertools.product(("two-panels", "side-fold", "base-fold"), ("plain", "deep-hem")):
            options = {"cut": cut, "top": top, "hem_order": "before"}
            draft = draft_of({**starting_spec(CATALOGUE["boxed-bag"], Ruler("mm"), None), "options": options})
            (step,) = (step for step in told(draft)["steps"] if step["id"] == "hem")
            hemmed = [use for hem in draft.hems if hem.id == "hem" for use in hem.edges]
            levels = {
                (use.copy, round(piece.by_key[use.key].path[0].start[1]))
                for piece in draft.pieces
                for use in hemmed
                if use.piece == piece.id
            }
            apart = len(levels) > len({use.copy for use in hemmed})
            text = " ".join(line["text"] for line in step["lines"])
            self.assertEqual("The other end of the piece" in text, apart, (cut, top))
