"""The round pouch: a whole circle behind, two circle segments and a zip in front."""

from __future__ import annotations

import math
from dataclasses import dataclass

from ...constructions.shared import (
    GAP,
    INSET,
    INTERFACING,
    LINED_LAYERS,
    LINING,
    edges_check,
    finish_sewing,
    start_sewing,
)
from ...constructions.zips import ZIP_INPUTS, Zip, add_zip, ask_zip, close_gap, open_zip, zip_in_edge, zip_steps
from ...drafting.description import Form, LengthInput, Option
from ...drafting.make import Make
from ...drafting.reads import Chosen, Reads
from ...drafting.spec import Spec
from ...moves.folding import flat_facet
from ...moves.outliner import Outliner
from ...moves.round_tube import circle_edge
from ...pattern import Chain, Check, Cut, Draft, Edge, EdgeUse, Mark, Need, Role, Span, SpecError
from ...plane import Point, Segment
from ...wording import Param, msg
from .words import WORDS

ALLOWANCES = ("rim", "zip")
INPUTS = (
    LengthInput("size.diameter", 30.0, 900.0, "form", "either-way"),
    LengthInput("size.zip_offset", -400.0, 400.0, "form", "either-way"),
    *ZIP_INPUTS[:4],
    LengthInput("size.loop", 0.0, 400.0, "cloth", "either-way", {"options.hanger": ("ribbon-loop",)}),
    GAP,
    INSET,
)
OPTIONS = (
    Option("split", ("allowance-added", "cut-and-trim"), "form"),
    Option("hanger", ("none", "ribbon-loop"), "form"),
    Option("zip_ends", ("long-tape", "plain", "shortened"), "ease"),
    LINING,
    INTERFACING,
)


@dataclass(frozen=True, slots=True)
class Disc:
    """The front, sewn up: radius, and the net straight edges of the two segments (mm above the middle)."""

    radius: float
    upper: float
    lower: float
    z: float

    def half_chord(self, y: float) -> float:
        return math.sqrt(max(0.0, self.radius**2 - y * y))

    @property
    def shift(self) -> float:
        """How far the upper segment moves down when both halves and the zip are joined; the lower moves up as far
        again where the rest of the loss lies."""
        return self.upper - self.lower - self.z


def draft_round_pouch(spec: Spec) -> Draft:
    """Net straight edges at ``o +/- z/2``, the zip's allowance added; or the circle cut in two at ``o``, nothing added, and
    the back trimmed down to the front by ``2 a - z``. Raises `SpecError`."""
    make = Make(spec, INPUTS, ALLOWANCES, OPTIONS)
    z = ask_zip(make)
    rim, zip_a = make.allowance("rim"), make.allowance("zip")
    trimmed = make.option("split") == "cut-and-trim"
    out = zip_a if trimmed else z / 2
    # Each half of the front is cut to a mark, and with them the back.
    half = rim + zip_a - out
    d = make.ask("diameter", added=half, share=0.5)
    r = d / 2
    o = make.ask("zip_offset", 0.0, added=r + half, share=-1)
    if abs(o) + max(out, z / 2) >= r - 3:
        high = r - 3 - max(out, z / 2)
        raise SpecError.of("size.zip_offset", msg("problem.zip-off", offset=o, high=max(0.0, high)))
    disc = Disc(r, o + out, o - out, z)
    opening = 2 * math.sqrt(r * r - o * o)
    make.size("chord", Chain.start(msg("sum.chord", offset=abs(o), radius=r), opening))
    make.size("height", d - disc.shift)
    loss = 2 * zip_a - z
    if trimmed:
        make.size(
            "size_lost",
            Chain.start(msg("sum.two-zip-allowances", allowance=zip_a), 2 * zip_a).minus_some(
                msg("sum.zip-visible"), z
            ),
        )
        words = "check.trimmed-back" if loss >= 0 else "check.grown-back"
        text = msg(f"{words}.text", loss=abs(loss), height=d - disc.shift, diameter=d)
        make.checks.append(Check("split", "note", msg(words), text, loss, 0.0))
    make.sums["back.cut_width"] = Chain.start(msg("sum.circle"), d).plus_some(
        msg("sum.two-rim-allowances", allowance=rim), 2 * rim
    )
    t = make.turn
    if t and (r - t < 12 or abs(o) + out >= r - t - 2):
        raise SpecError.of("options.lining", msg("problem.lining-vanishes", thickness=t))
    _pieces(make, "", disc, trimmed)
    if t:
        inner = make.allowance("rim", True) + make.allowance("zip", True) - out
        _pieces(make, "-lining", Disc(spec.grid.round(r - t + inner) - inner, disc.upper, disc.lower, z), trimmed)
    zipper = _zip(make, disc, opening)
    _seams(make, zipper)
    if make.lined:
        ending, prefix = ("-lining", "lining-") if t else ("", "")
        edges = (f"front-lower{ending}.arc",)
        make.gap(
            next(s for s in make.seams if s.id == f"{prefix}round"), edges, make.edge(edges[0]).length, math.pi * d
        )
    if make.option("hanger") == "ribbon-loop":
        loop = make.ask("loop", 60.0, finished=False)
        cut = Chain.start(msg("sum.loop-twice"), 2 * loop).plus_some(
            msg("sum.two-rim-allowances", allowance=rim), 2 * rim
        )
        cut = make.on_ruler(cut, 0.0, way="up")
        make.sums["loop"] = cut
        make.needs.append(Need("ribbon", "ribbon", msg("need.loop"), cut.total, spec.on_grid(cut.total, "up")))
    edges_check(make)
    _shape(make, disc)
    _steps(make)
    return make.draft(girth=opening)


def _zip(make: Make, disc: Disc, opening: float) -> Zip:
    """The visible zip lies between the two straight edges; its ends run on with the circle, or straight where the
    halves were moved together."""
    up, low, q = disc.half_chord(disc.upper), disc.half_chord(disc.lower), disc.z / 2
    if make.option("split") == "allowance-added":
        turn = math.asin(disc.upper / disc.radius) - math.asin(disc.lower / disc.radius)
        bulge = math.tan(turn / 4)
    else:
        bulge = 0.0
    ends = {"end-right": [Segment((low, -q), (up, q), bulge)], "end-left": [Segment((-up, q), (-low, -q), bulge)]}
    if make.turn:
        inner = Disc(disc.radius - make.turn, disc.upper, disc.lower, disc.z)
        up_in, low_in = inner.half_chord(inner.upper), inner.half_chord(inner.lower)
        turn = math.asin(inner.upper / inner.radius) - math.asin(inner.lower / inner.radius)
        bulge = math.tan(turn / 4) if bulge else 0.0
        ends["end-lining-right"] = [Segment((low_in, -q), (up_in, q), bulge)]
        ends["end-lining-left"] = [Segment((-up_in, q), (-low_in, -q), bulge)]
    settled = zip_in_edge(make, opening, make.allowance("rim"))
    # What opens in the circle is its chord, wherever the zip's own stops are.
    make.size("zip_opening", make.sums.pop("finished.chord"))
    del make.finished["chord"]
    return add_zip(make, disc.z, (-up, up), (-low, low), ends, settled)


def _segment(piece: str, disc: Disc, upper: bool, rim: float, zip_a: float) -> list[Edge]:
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


def _pieces(make: Make, ending: str, disc: Disc, trimmed: bool) -> None:
    lining = bool(ending)
    rim, zip_a = make.allowance("rim", lining), make.allowance("zip", lining)
    cuts = [Cut("lining", 1)] if lining else make.cuts(1)
    back, r = f"back{ending}", disc.radius
    marks = [
        Mark("notch", msg("mark.centre-base"), point=_lowest(disc, trimmed)),
        Mark("notch", msg("mark.centre-top"), point=(0.0, r - (disc.shift / 2 if trimmed else 0.0))),
    ]
    if trimmed:
        if disc.z:
            x = (disc.half_chord(disc.upper) + disc.half_chord(disc.lower)) / 2
            y = (disc.upper + disc.lower) / 2
            marks += [Mark("notch", msg("mark.zip-middle"), point=(s * x, y)) for s in (-1, 1)]
        # Cut as a whole circle, and trimmed when the front is sewn; where the zip adds more than its seams take, as the front is.
        whole = circle_edge(back, 2 * (r + rim), 0.0).path if disc.shift >= 0 else None
        make.piece(back, "", _trimmed_back(back, disc, rim), cuts, marks, cut_as=whole)
    else:
        # Walked from the right end of the zip, as the front is.
        start = math.asin(disc.upper / r)
        if disc.z:
            middle = (disc.upper + disc.lower) / 2
            ends = [(x * math.sqrt(r * r - middle * middle), middle) for x in (-1, 1)]
            marks += [Mark("notch", msg("mark.zip-middle"), point=p) for p in ends]
        rim_edge = Edge(f"{back}.rim", msg("edge.circle"), tuple(_arcs(r, start)), rim)
        make.piece(back, "", [rim_edge], cuts, marks)
    for name, upper in ((f"front-upper{ending}", True), (f"front-lower{ending}", False)):
        y = disc.upper if upper else disc.lower
        tip = (0.0, disc.radius if upper else -disc.radius)
        both = [
            Mark("notch", msg("mark.centre-zip"), point=(0.0, y)),
            Mark("notch", msg("mark.centre-top" if upper else "mark.centre-base"), point=tip),
        ]
        make.piece(name, "", _segment(name, disc, upper, rim, zip_a), cuts, both)


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
    return [Edge(f"{piece}.rim", msg("edge.circle"), tuple(path), rim)]


def _seams(make: Make, zipper: Zip) -> None:
    inner = "-lining" if make.turn else ""
    caught = []
    if inner:
        caught = [EdgeUse(f"front-upper{inner}.straight"), EdgeUse(f"front-lower{inner}.straight", reversed=True)]
    a = [EdgeUse("front-upper.straight"), EdgeUse("front-lower.straight", reversed=True)]
    make.seam(
        "zip", a, [*zipper.use("upper"), *zipper.use("lower")], make.allowance("zip"), make.cloths, "zip-edges", caught
    )
    for ending, prefix in (("", ""), ("-lining", "lining-"))[: 2 if inner else 1]:
        lining = bool(ending)
        layers: tuple[Role, ...] = ("lining",) if lining else make.cloths
        left, right = (zipper.use(f"end-lining-{hand}" if lining else f"end-{hand}") for hand in ("left", "right"))
        front = [EdgeUse(f"front-upper{ending}.arc"), *left, EdgeUse(f"front-lower{ending}.arc"), *right]
        a = [EdgeUse(f"back{ending}.rim")]
        make.seam(f"{prefix}round", a, front, make.allowance("rim", lining), layers, "round")


def _shape(make: Make, disc: Disc) -> None:
    """Lying flat on its back, a little apart: the front over the back."""
    move = disc.shift / 2
    make.soft = True
    thick = disc.radius * 0.12

    def dome(x: float, y: float, sign: float) -> float:
        away = min(1.0, math.hypot(x, y) / disc.radius)
        return thick * (1 + sign * (1 - away * away))

    def upright(p: Point, at: Point, sign: float) -> tuple[Point, tuple[float, float, float]]:
        return p, (at[0], dome(*at, sign) - thick, at[1])

    shown = []
    for name, shift, sign in (("back", 0.0, 1.0), ("front-upper", -move, -1.0), ("front-lower", move, -1.0)):
        piece = next(p for p in make.pieces if p.id == name)
        points = [s.at(i / 8) for s in piece.stitch_outline for i in (range(8) if s.bulge else (0, 4))]
        middle = (sum(p[0] for p in points) / len(points), sum(p[1] for p in points) / len(points))
        for p, q in zip(points, [*points[1:], points[0]], strict=True):
            shown.append((name, [upright(c, (c[0], c[1] + shift), sign) for c in (p, q, middle)]))
    if disc.z:
        # What is seen of the zip, between the two straight edges.
        wide, less = disc.half_chord(disc.upper), disc.half_chord(disc.lower)
        high, deep, half = disc.upper - move, disc.lower + move, disc.z / 2
        for left, right in ((-1.0, 0.0), (0.0, 1.0)):
            above = [(left * wide, high, half), (right * wide, high, half)]
            below = [(right * less, deep, -half), (left * less, deep, -half)]
            shown.append(("zip", [upright((x, line), (x, y), -1.0) for x, y, line in (*above, *below)]))
    low = min(space[2] for _, corners in shown for _, space in corners)
    for name, corners in shown:
        standing = [(flat, (x, y, z - low)) for flat, (x, y, z) in corners]
        make.facets.append(flat_facet(name, standing, smooth=name != "zip"))
    r = disc.radius
    make.spans += [
        Span("size.diameter", (-r, 0.0, -low), (r, 0.0, -low), 2 * r),
        Span(
            "finished.zip_opening",
            (-r, -thick, -low + (disc.upper + disc.lower) / 2),
            (r, -thick, -low + (disc.upper + disc.lower) / 2),
            2 * disc.half_chord((disc.upper + disc.lower) / 2),
        ),
    ]


def _steps(make: Make) -> None:
    order, by = make.order, {seam.id: seam for seam in make.seams}
    start_sewing(make, 3)
    zip_steps(make, by["zip"])
    if make.option("split") == "cut-and-trim" and (make.finished["size_lost"] or 0.0) > 1e-6:
        order.add(
            "trim-back",
            "cut",
            2,
            say={"loss": abs(make.finished["size_lost"] or 0.0)},
            caution=msg("caution.blade"),
            check=msg("step.trim-back.check"),
        )
    if make.option("hanger") == "ribbon-loop":
        order.add("loop-in", "sew", 2, say={"loop": make.sums["loop"].total}, check=msg("step.loop-in.check"))
    open_zip(order)
    gap = make.gaps[0] if make.gaps else None
    for layer in ("outer", "lining") if make.lined else ("outer",):
        here = gap is not None and layer == "lining"
        say: dict[str, Param] = {"layer": msg(f"role.{layer}"), "gap": gap.length if gap else 0.0}
        seam = by["lining-round" if layer == "lining" and make.turn else "round"]
        words = "round-seam-gap" if here else "round-seam"
        check = msg("step.round-seam.check")
        order.seam(
            f"{layer}-round", [seam], words, say=say, layer=layer, faces=msg("faces.right-together"), check=check
        )
    order.add("clip-curve", "cut", 3, caution=msg("caution.blade"))
    if gap is not None:
        close_gap(order, gap)
    finish_sewing(make, put=False)


START = {"diameter": 140.0}


def _reads(_: Chosen) -> Reads:
    pairs = {"diameter": "back.width", "zip_offset": "front-upper.height"}
    repeats = {"front-lower.height": "split", "front-upper.width": "split"}
    halves = ("zip_offset", "front-upper.height", "front-lower.height")
    return Reads(pairs, ("zip_width",), repeats=repeats, halves=halves)


FORM = Form(
    "round-pouch",
    INPUTS,
    OPTIONS,
    (),
    ALLOWANCES,
    draft_round_pouch,
    START,
    LINED_LAYERS,
    2,
    place=110,
    reads=_reads,
    words=WORDS,
    picture=("M20 5a15 15 0 0 1 0 30a15 15 0 0 1 0 -30z M5 17h30 M5 20h30", "", "M5 17h30v3h-30z"),
)
