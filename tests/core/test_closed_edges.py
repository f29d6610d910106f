"""Edges that run round and round: which side of the piece is up as its notches are told, how far they lie apart, where a gap is."""

import math
import re
import unittest

from eggtuck.core.forms import CATALOGUE, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.making.closed_edges import gap_on_closed, is_closed, round_notches
from eggtuck.core.plane import along_path, bounds
from tests.makes import LAYERS, draft_of, makes, said_of
from tests.words import parts


def started(form, layers="lined", **options):
    spec = starting_spec(CATALOGUE[form], Ruler("cm"), None)
    return {**spec, "layers": LAYERS[layers], "options": options}


def closed(draft):
    return [piece for piece in draft.pieces if any(is_closed(piece, mark) for mark in piece.marks)]


def ups(draft, piece):
    told = {m.id for m in parts(round_notches(piece, draft.notch_numbers, draft.seams))}
    return {"right", "wrong"} if "round.both" in told else {id[6:] for id in told & {"round.right", "round.wrong"}}


def outward(draft, piece):
    """Which sides of the copies of a piece face out of the finished form as they are drawn: from where its facets lie in space."""
    solid = draft.solid
    every = [p for facet in solid.facets for p in facet.space]
    middle = [sum(p[i] for p in every) / len(every) for i in range(3)]
    sides = set()
    for facet in solid.facets:
        if facet.piece != piece.id:
            continue
        (ax, ay), (bx, by), (cx, cy) = facet.flat[:3]
        turn = (bx - ax) * (cy - ay) - (by - ay) * (cx - ax)
        a, b, c = facet.space[:3]
        u, v = [b[i] - a[i] for i in range(3)], [c[i] - a[i] for i in range(3)]
        normal = (u[1] * v[2] - u[2] * v[1], u[2] * v[0] - u[0] * v[2], u[0] * v[1] - u[1] * v[0])
        centre = [sum(p[i] for p in facet.space) / len(facet.space) - middle[i] for i in range(3)]
        facing = math.copysign(1, turn) * sum(n * c for n, c in zip(normal, centre, strict=True))
        if abs(facing) > 1e-6:
            sides.add("right" if facing > 0 else "wrong")
    return sides


class Sides(unittest.TestCase):
    def test_the_side_told_faces_out_where_the_form_is_sewn_up(self):
        """Seen in space: a piece drawn with its right side up has that side outside."""
        for form in ("cylinder", "cone", "round-pouch"):
            draft = draft_of(started(form))
            for piece in closed(draft):
                with self.subTest(form=form, piece=piece.id):
                    self.assertEqual(ups(draft, piece), outward(draft, piece))

    def test_two_that_are_mirror_images_are_snipped_together(self):
        for form in ("gusset-bag", "lid-cover"):
            draft = draft_of(started(form))
            with self.subTest(form):
                self.assertEqual([ups(draft, piece) for piece in closed(draft)], [{"right", "wrong"}])


class Places(unittest.TestCase):
    def test_the_ways_told_go_once_round_the_raw_edge(self):
        """What lies between neighbours, and the stretch that closes the round, is the length of the cut line of a circle."""
        seen = 0
        for name, spec in makes():
            draft = draft_of(spec)
            for piece in closed(draft):
                told = list(parts(round_notches(piece, draft.notch_numbers, draft.seams)))
                ways = [m.params["way"] for m in told if m.id == "round.on"]
                if not ways or not any(m.id == "round.raw-edge" for m in told):
                    continue
                seen += 1
                points = [mark.point for mark in piece.marks if is_closed(piece, mark)]
                # Round the middle by angle, with the radius of what is cut.
                x0, y0, x1, y1 = bounds(piece.cut_outline)
                x, y, radius = (x0 + x1) / 2, (y0 + y1) / 2, (y1 - y0) / 2
                turns = sorted(math.atan2(p[1] - y, p[0] - x) % math.tau for p in points)
                apart = [(b - a) % math.tau * radius for a, b in zip(turns, [*turns[1:], turns[0]], strict=True)]
                for way in ways:
                    self.assertLess(min(abs(way - other) for other in apart), 0.3, name)
                self.assertAlmostEqual(math.tau * radius - sum(ways), min(apart, key=lambda a: abs(
                    math.tau * radius - sum(ways) - a)), delta=0.3)  # fmt: skip
        self.assertGreater(seen, 20)

    def test_a_gap_lies_where_it_is_told_from_its_notch(self):
        draft = draft_of(started("lid-cover"))
        piece = closed(draft)[0]
        edge, numbers = piece.edges[0], draft.notch_numbers
        for first in (5.0, 40.0, edge.length / 4 - 20, edge.length / 2 + 30, edge.length - 60):
            last = first + 50.0
            told = gap_on_closed(piece, first, last, numbers)
            number = next(m.params["number"] for m in parts(told) if m.id == "round.notch")
            index = next(i for (_, i), n in numbers.items() if n == number)
            at = along_path(edge.path, piece.marks[index].point)
            ends = {
                "round.gap-both": lambda p: (-p["half"], p["half"]),
                "round.gap-after": lambda p: (p["start"], p["end"]),
                "round.gap-before": lambda p: (-p["end"], -p["start"]),
                "round.gap-across": lambda p: (-p["before"], p["after"]),
            }[told.id](told.params)
            for end, asked in zip(ends, (first, last), strict=True):
                off = (at + end - asked + edge.length / 2) % edge.length - edge.length / 2
                self.assertAlmostEqual(off, 0.0, delta=1.0, msg=told.id)


class Drawn(unittest.TestCase):
    """What is drawn in through a channel, and what is stitched over the opening it went in by."""

    def test_elastic_is_in_before_what_it_goes_in_by_is_shut(self):
        for frill in ("2.5", "0"):
            for decimal in ({"closure": "elastic"}, {"closure": "cord"}):
                document = said_of({**started("lid-cover", **decimal), "size": {"mouth_diameter": "9", "frill": frill}})
                order = [step["id"] for step in document["steps"]]
                with self.subTest(frill=frill, **decimal):
                    if "lid-elastic" in order:
                        self.assertLess(order.index("turn"), order.index("lid-elastic"))
                        self.assertLess(order.index("lid-elastic"), order.index("close-gap"))
                    else:
                        self.assertLess(order.index("lid-holes"), order.index("round"))

    def test_a_cover_of_the_makers_own_shape_has_no_middle_to_measure_from(self):
        spec = started("lid-cover", closure="elastic")
        outline = [[0, 0, 0], [120, 0, 0], [120, 90, 0], [0, 90, 0]]
        document = said_of({**spec, "unit": "mm", "shape": {"name": "own", "outline": outline}})
        text = " ".join(line["text"] for s in document["steps"] if s["id"].startswith("lid-") for line in s["lines"])
        self.assertIn("inward from the edge", text)
        self.assertIsNone(re.search(r"from the middle", text))
