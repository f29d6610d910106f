"""The pieces, and the marks on them."""

from __future__ import annotations

import math
from dataclasses import replace

from ...drafting.make import Make
from ...moves.outliner import Outliner
from ...moves.round_tube import circle_edge
from ...pattern import Cut, Edge, Mark
from ...plane import Point, Segment
from ...shop import EQUAL
from ...words import msg
from .sizes import Disc


def segment_edges(piece: str, disc: Disc, upper: bool, rim: float, zip_a: float) -> list[Edge]:
    """A circle segment above or below its straight edge."""
    y = disc.upper if upper else disc.lower
    half, r = disc.half_chord(y), disc.radius
    start = math.atan2(y, half)
    if upper:
        pen = Outliner(piece, (-half, y))
        pen.to("straight", (half, y), zip_a)
        pen.path("arc", _arc(r, start, math.pi - start), rim)
    else:
        pen = Outliner(piece, (half, y))
        pen.to("straight", (-half, y), zip_a)
        pen.path("arc", _arc(r, math.pi - start, 2 * math.pi + start), rim)
    return pen.edges


def _arc(r: float, first: float, last: float, move: float = 0.0) -> list[Segment]:
    """An arc about the middle in two halves, so that no segment is more than half a turn."""
    middle = (first + last) / 2

    def at(turn: float) -> Point:
        return (r * math.cos(turn), r * math.sin(turn) + move)

    bulge = math.tan((last - first) / 8)
    return [Segment(at(first), at(middle), bulge), Segment(at(middle), at(last), bulge)]


def add_pieces(make: Make, ending: str, disc: Disc, trimmed: bool) -> None:
    lining = bool(ending)
    rim, zip_a = make.allowance("rim", lining), make.allowance("zip", lining)
    cuts = [Cut("lining", 1)] if lining else make.cuts(1)
    back, r = f"back{ending}", disc.radius
    later = trimmed and disc.shift > EQUAL
    if later:
        make.trimmed.add(back)
    marks = [
        Mark("notch", msg("mark.centre-bottom"), point=_lowest(disc, trimmed), late=later),
        Mark("notch", msg("mark.centre-top"), point=(0.0, r - (disc.shift / 2 if trimmed else 0.0)), late=later),
    ]
    if trimmed:
        if disc.z:
            x, y = disc.zip_end(trimmed)
            marks += [Mark("notch", msg("mark.zip-middle"), point=(s * x, y), late=later) for s in (-1, 1)]
        # Cut as a whole circle, and trimmed when the front is sewn; where the zip adds more than its seams take, as the front is.
        whole = circle_edge(back, 2 * (r + rim), 0.0).path if disc.shift >= 0 else None
        make.piece(back, "", _trimmed_back(back, disc, rim), cuts, marks, cut_as=whole, backed=True)
    else:
        # Walked from the right end of the zip, as the front is.
        start = math.asin(disc.upper / r)
        if disc.z:
            middle = (disc.upper + disc.lower) / 2
            ends = [(x * math.sqrt(r * r - middle * middle), middle) for x in (-1, 1)]
            marks += [Mark("notch", msg("mark.zip-middle"), point=p) for p in ends]
        rim_edge = Edge(back, "rim", msg("edge.circle"), tuple(_arcs(r, start)), rim)
        make.piece(back, "", [rim_edge], cuts, marks, backed=True)
    for name, upper in ((f"front-upper{ending}", True), (f"front-lower{ending}", False)):
        y = disc.upper if upper else disc.lower
        tip = (0.0, disc.radius if upper else -disc.radius)
        both = [
            Mark("notch", msg("mark.centre-zip"), point=(0.0, y)),
            Mark("notch", msg("mark.centre-top" if upper else "mark.centre-bottom"), point=tip),
        ]
        make.piece(
            name, "", segment_edges(name, disc, upper, rim, zip_a), _cloths(make, cuts, upper), both, backed=True
        )


def _cloths(make: Make, cuts: list[Cut], upper: bool) -> list[Cut]:
    """The cuts of a part of the front: below the zip of another cloth outside, where that was chosen and is there."""
    other = make.role("contrast") if make.option("lower_front") == "contrast" and not upper else "outer"
    if other == "outer":
        return cuts
    return [replace(cut, role=other) if cut.role == "outer" else replace(cut, on=cut.on and other) for cut in cuts]


def _arcs(r: float, start: float) -> list[Segment]:
    """A whole circle about the middle in quarters, from an angle (radians)."""
    turns = [start + math.pi / 2 * i for i in range(5)]
    points = [(r * math.cos(turn), r * math.sin(turn)) for turn in turns]
    bulge = math.tan(math.pi / 8)
    return [Segment(points[i], points[i + 1], bulge) for i in range(4)]


def _lowest(disc: Disc, trimmed: bool) -> Point:
    return (0.0, -disc.radius + (disc.shift / 2 if trimmed else 0.0))


def _trimmed_back(piece: str, disc: Disc, rim: float) -> list[Edge]:
    """The back as the joined front is: both arcs moved together, joined by the zip's ends."""
    r, move = disc.radius, disc.shift / 2
    up, low = math.asin(disc.upper / r), math.asin(disc.lower / r)
    upper = _arc(r, up, math.pi - up, -move)
    lower = _arc(r, math.pi - low, 2 * math.pi + low, move)
    path = [*upper]
    if math.dist(upper[-1].end, lower[0].start) > 1e-9:
        path.append(Segment(upper[-1].end, lower[0].start))
    path += lower
    if math.dist(lower[-1].end, upper[0].start) > 1e-9:
        path.append(Segment(lower[-1].end, upper[0].start))
    return [Edge(piece, "rim", msg("edge.circle"), tuple(path), rim)]
