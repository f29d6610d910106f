"""The round bag with a gusset: two circles and a strip round them, with the zip in the strip or recessed at the top."""

from __future__ import annotations

import math
from collections.abc import Callable
from dataclasses import replace
from itertools import pairwise

from ..moves.folding import flat_facet, woven
from ..moves.outliner import Outliner, rectangle
from ..moves.round_tube import circle_edge
from ..pattern import Chain, Check, Cut, Draft, Edge, EdgeUse, Fix, Mark, Need, Role, Span, SpecError
from ..pattern.piece import Fold
from ..pattern.solid import Point3
from ..plane import Point, Segment, flatten
from ..wording import msg
from .description import Form, LengthInput, Option
from .make import Make
from .panel import Panel, triangles
from .shared import GAP, INSET, INTERFACING, LINED_LAYERS, edges_check, finish_sewing, start_sewing
from .spec import Spec
from .zips import ZIP_ENDS, ZIP_INPUTS, add_tabs, add_zip, close_gap, open_zip, zip_steps

ALLOWANCES = ("rim", "side", "end", "zip")
_RECESSED = {"options.mouth": ("recessed-zip",)}
INPUTS = (
    LengthInput("size.diameter", 40.0, 1200.0, "form", "matched-pair", words="gusset.across"),
    LengthInput("size.gusset_width", 8.0, 600.0, "form", "either-way"),
    LengthInput("size.opening", 20.0, 3000.0, "form", "matched-pair"),
    LengthInput("size.facing_depth", 5.0, 600.0, "form", "at-least", _RECESSED),
    *ZIP_INPUTS,
    LengthInput("size.piping_overlap", 10.0, 100.0, "cloth", "at-least", {"options.piping": ("piped",)}),
    GAP,
    INSET,
)
OPTIONS = (
    Option("mouth", ("zip-in-gusset", "recessed-zip"), "form"),
    Option("piping", ("none", "piped"), "form"),
    ZIP_ENDS,
    INTERFACING,
)
# How many ruler marks up or down are tried for the circle that a strip on the ruler matches best.
_TRIED = 8
# Below this radius (mm) for each mm of allowance a clipped edge no longer opens round the curve.
_TIGHT = 3.0


def draft_gusset_bag(spec: Spec) -> Draft:
    """Two net circles ``d``, or panels of the maker's own shape ``d`` wide; the ring round them is as long as their rim (``pi d``):
    what opens and the gusset. Raises `SpecError`."""
    make = Make(spec, INPUTS, ALLOWANCES)
    recessed = make.option("mouth") == "recessed-zip"
    rim, side, end = make.allowance("rim"), make.allowance("side"), make.allowance("end")
    if recessed and spec.shape is not None:
        raise SpecError.of("options.mouth", msg("problem.shape-recessed"))
    d, opening = _matched(make, recessed)
    own = spec.shape.panel(d) if spec.shape else None
    round_ = own.round if own else math.pi * d
    g = make.ask("gusset_width", Chain.start(msg("sum.quarter-diameter"), d / 4), added=2 * side)
    z = make.ask("zip_width", 10.0)
    if z >= g - 4 and not recessed:
        raise SpecError.of("size.zip_width", msg("problem.zip-wide", z=z, high=g - 4))
    gusset = spec.grid.round(round_ - opening + 2 * end, "nearest") - 2 * end if not recessed else round_ - opening
    across = Chain.start(msg("sum.shape" if own else "sum.circle"), d)
    make.size("circumference", across.times(msg("sum.rim-share" if own else "sum.pi"), round_ / d))
    chain = Chain.start(msg("sum.circumference"), round_).minus(msg("sum.opening"), opening)
    gain = gusset - chain.total
    make.size("gusset_length", chain.plus(msg("sum.rounding-gain"), gain) if abs(gain) > 1e-9 else chain)
    make.finished["girth"] = 2 * (d + g)
    make.finished["volume"] = (own.area if own else math.pi * d * d / 4) * g / 1000
    make.sums["panel.cut_width"] = Chain.start(msg("sum.circle"), d).plus_some(
        msg("sum.two-rim-allowances", allowance=rim), 2 * rim
    )
    make.sums["gusset.cut_width"] = make.sums["finished.gusset_length"].plus_some(
        msg("sum.two-end-allowances", allowance=end), 2 * end
    )
    quarters = [Mark("notch", msg("mark.quarter"), point=p) for p in ((d / 2, 0.0), (-d / 2, 0.0))]
    turn = opening / d
    ends = [(d / 2 * math.sin(s * turn), d / 2 * math.cos(s * turn)) for s in (1, -1)]
    marks = [*quarters, Mark("notch", msg("mark.centre-base"), point=(0.0, -d / 2))]
    marks += [Mark("notch", msg("mark.gusset-end"), point=p) for p in ends]
    if recessed:
        # The two gussets are sewn to panels of different make, so each has a piece of its own.
        _gusset(make, gusset, g, cuts=[Cut("outer", 1), *make.stiffening(1)])
        if make.lined:
            _gusset(make, gusset, g, "-lining", [Cut("lining", 1)])
        _recessed(make, d, opening, z, marks)
    else:
        edge = circle_edge("panel", d, rim)
        if own:
            edge = replace(edge, path=own.outline)
            marks = _own_marks(own, opening)
        make.piece("panel", "", [edge], make.cuts(2), marks)
        _gusset(make, gusset, g)
        _in_gusset(make, opening, g, z)
    _curve_checks(make, 2 * own.tightest() if own else d)
    if own:
        _corner_check(make, own)
    if make.option("piping") == "piped":
        overlap = make.ask("piping_overlap", 40.0, finished=False)
        piping = (
            Chain.start(msg("sum.circumference"), round_)
            .plus(msg("sum.overlap"), overlap)
            .times(msg("sum.both-panels"), 2)
        )
        make.sums["piping"] = piping
        make.needs.append(
            Need(
                "piping",
                "piping",
                msg("need.piping"),
                piping.total,
                spec.grid.round(piping.total, "up"),
                note=msg("need.piping.note"),
            )
        )
    edges_check(make)
    if own:
        _own_shape(make, own, g, opening, z)
    else:
        _shape(make, d, g, opening, z, recessed)
    _steps(make, recessed)
    fix = Fix(msg("fix.opening", opening=round_ - gusset), {"size.opening": round_ - gusset})
    # On a ruler what is left over is less than a mark: nothing on it would fit better.
    fixes = {} if spec.grid.step else {"round": fix}
    return make.draft(girth=opening, fixes=fixes, blocking=frozenset({"round"}))


def _matched(make: Make, recessed: bool) -> tuple[float, float]:
    """Diameter and opening. On a ruler, circle, gusset and zip strip are each cut to a mark: of the next few
    circles the one whose ring those strips match best is taken."""
    spec, rim, end = make.spec, make.allowance("rim"), make.allowance("end")
    grid = spec.grid
    asked = spec.size.get("diameter")
    shape = spec.shape
    wide = Chain.start(msg("sum.shape-drawn"), shape.width) if shape else None
    base = make.ask("diameter", wide, added=2 * rim)
    given = spec.size.get("opening")
    # The rim's length for each mm of width.
    share = shape.panel(1.0).round if shape else math.pi

    def opened(d: float) -> float:
        want = given if given is not None else share * d / 4
        return grid.round(want + 2 * end, "nearest") - 2 * end

    def off(d: float) -> float:
        left = share * d - opened(d)
        return abs(grid.round(left + 2 * end, "nearest") - 2 * end - left)

    best = base
    if grid.step and not recessed and asked is not None:
        tried = [base + n * grid.step for n in range(-_TRIED // 2, _TRIED // 2 + 1) if base + n * grid.step >= 40]
        best = min(tried, key=lambda d: (round(off(d), 3) > 0.3, abs(d - base), off(d)))
    if abs(best - base) > 1e-9:
        chain = make.sums["finished.diameter"].plus(msg("sum.matched-pair"), best - base)
        make.size("diameter", chain)
        make.states.pop()
        make.input("size.diameter", best, None)
    start = Chain.start(msg("sum.shape" if shape else "sum.circle"), best)
    usual = start.times(msg("sum.rim-share" if shape else "sum.pi"), share).divided(msg("sum.quarter"), 4)
    if recessed:
        opening = make.ask("opening", usual, high=share * best * 0.6)
    else:
        opening = make.ask("opening", usual, high=share * best - 20, added=2 * end)
    return best, opening


def _gusset(make: Make, length: float, g: float, ending: str = "", cuts: list[Cut] | None = None) -> None:
    side, end = make.allowance("side"), make.allowance("end")
    edges = rectangle(f"gusset{ending}", length, g, {"front": side, "end-right": end, "rear": side, "end-left": end})
    marks = []
    for share, label in ((0.25, "mark.quarter"), (0.5, "mark.centre-base"), (0.75, "mark.quarter")):
        marks += [Mark("notch", msg(label), point=(length * share, y)) for y in (0.0, g)]
    folds = [Fold(f"gusset{ending}.middle", msg("fold.middle"), Segment((length / 2, 0.0), (length / 2, g)))]
    make.piece(f"gusset{ending}", "", edges, make.cuts(1) if cuts is None else cuts, marks, folds)


def _in_gusset(make: Make, opening: float, g: float, z: float) -> None:
    """The zip section: two strips and the zip between them, as wide as the gusset."""
    side, end, zip_a = make.allowance("side"), make.allowance("end"), make.allowance("zip")
    width = (g - z) / 2
    edges = rectangle("zip-strip", opening, width, {"outside": side, "end-right": end, "zip": zip_a, "end-left": end})
    marks = [Mark("notch", msg("mark.centre-top"), point=(opening / 2, y)) for y in (0.0, width)]
    make.piece("zip-strip", "", edges, make.cuts(2), marks)
    make.sums["zip-strip.cut_height"] = (
        Chain.start(msg("sum.gusset-width"), g)
        .minus_some(msg("sum.zip-visible"), z)
        .divided(msg("sum.half"), 2)
        .plus_some(msg("sum.side-allowance"), side)
        .plus_some(msg("sum.zip-allowance"), zip_a)
    )
    shown = opening
    if make.option("zip_ends") == "fabric-tabs":
        shown = add_tabs(make, opening, end)
    else:
        make.size("zip_opening", opening)
    q = z / 2
    ends = {"end-left": [(0.0, q), (0.0, -q)], "end-right": [(opening, -q), (opening, q)]}
    zipper = add_zip(make, z, (0.0, opening), (0.0, opening), ends, shown)
    strips = [EdgeUse("zip-strip.zip", "front"), EdgeUse("zip-strip.zip", "back")]
    make.seam("zip", strips, [*zipper.use("upper"), *zipper.use("lower")], zip_a, make.cloths, "zip-edges")
    for hand in ("left", "right"):
        name = f"end-{hand}"
        section = [
            EdgeUse(f"zip-strip.{name}", "front"),
            *zipper.use(name),
            EdgeUse(f"zip-strip.{name}", "back", reversed=True),
        ]
        make.seam(
            f"ring-{hand}",
            [EdgeUse(f"gusset.end-{'right' if hand == 'left' else 'left'}")],
            section,
            end,
            make.cloths,
            "ring",
        )
    panels = [EdgeUse("panel.rim", "front"), EdgeUse("panel.rim", "back")]
    ring = [
        EdgeUse("gusset.front"),
        EdgeUse("zip-strip.outside", "front"),
        EdgeUse("gusset.rear"),
        EdgeUse("zip-strip.outside", "back"),
    ]
    seam = make.seam("round", panels, ring, make.allowance("rim"), make.cloths, "round")
    if make.lined:
        gusset = make.edge("gusset.front").length
        make.gap(seam, ("gusset.front",), gusset, make.finished["girth"] or 0.0)


def _recessed(make: Make, d: float, opening: float, z: float, marks: list[Mark]) -> None:
    """Facing and lining panel rebuild the circle at a straight chord; the zip is caught between them, deep in the mouth.
    The gusset runs round the rest."""
    rim, zip_a, end = make.allowance("rim"), make.allowance("zip"), make.allowance("end")
    r = d / 2
    half = opening / d
    least = r * (1 - math.cos(half))
    depth = make.ask("facing_depth", Chain.start(msg("sum.facing"), least), low=least, high=r)
    c = r - depth
    reach = math.acos(c / r)
    chord = 2 * r * math.sin(reach)
    make.size("zip_opening", Chain.start(msg("sum.chord", offset=c, radius=r), chord))

    def at(turn: float) -> Point:
        return (r * math.sin(turn), r * math.cos(turn))

    def arc(first: float, last: float) -> list[Segment]:
        """Anticlockwise, from a turn to a smaller one (measured from the top, clockwise positive)."""
        parts = max(1, math.ceil(abs(last - first) / 2.5))
        turns = [first + (last - first) * i / parts for i in range(parts + 1)]
        return [Segment(at(a), at(b), math.tan((a - b) / 4)) for a, b in pairwise(turns)]

    def panel_edges(name: str) -> list[Edge]:
        pen = Outliner(name, at(half))
        pen.path("mouth", arc(half, -half), rim)
        pen.path("round", arc(-half, half - 2 * math.pi), rim)
        return pen.edges

    stiff = make.stiffening(2)
    make.piece("panel", "", panel_edges("panel"), [Cut("outer", 2), *stiff], marks)
    role: Role = "lining" if make.lined else "outer"
    pen = Outliner("facing", (-chord / 2, c))
    pen.to("chord", (chord / 2, c), zip_a)
    extra = reach - half
    if extra * r > 1e-6:
        pen.path("side-right", arc(reach, half), rim)
    pen.path("mouth", arc(half, -half), rim)
    if extra * r > 1e-6:
        pen.path("side-left", arc(-half, -reach), rim)
    make.piece("facing", "", pen.edges, [Cut("outer", 2)], [Mark("notch", msg("mark.centre-zip"), point=(0.0, c))])
    pen = Outliner("panel-lining", (chord / 2, c))
    pen.to("chord", (-chord / 2, c), zip_a)
    pen.path("round", arc(-reach, reach - 2 * math.pi), rim)
    make.piece("panel-lining", "", pen.edges, [Cut(role, 2)], [Mark("notch", msg("mark.centre-base"), point=(0.0, -r))])
    zipper = add_zip(make, z, (-chord / 2, chord / 2), (-chord / 2, chord / 2), {}, chord)
    copies = ("front", "back")
    make.seam(
        "facing",
        [EdgeUse("facing.chord", copy) for copy in copies],
        [EdgeUse("panel-lining.chord", copy, reversed=True) for copy in copies],
        zip_a,
        ("lining",),
        "facing",
        [*zipper.use("upper"), *zipper.use("lower")],
    )
    outer, facing = ([EdgeUse(f"{piece}.mouth", copy) for copy in copies] for piece in ("panel", "facing"))
    make.seam("mouth", outer, facing, rim, ("outer",), "mouth-facing")
    sides = (
        [EdgeUse(f"facing.side-{hand}", copy) for copy in copies for hand in ("left", "right")]
        if extra * r > 1e-6
        else []
    )
    rims = [EdgeUse("panel.round", copy) for copy in copies]
    ring = [EdgeUse("gusset.front"), EdgeUse("gusset.rear")]
    make.seam("round", rims, ring, rim, ("outer",), "round")
    inner = [*sides, *(EdgeUse("panel-lining.round", copy) for copy in copies)]
    if make.lined:
        inner_ring = [EdgeUse("gusset-lining.front"), EdgeUse("gusset-lining.rear")]
        seam = make.seam("lining-round", inner, inner_ring, rim, ("lining",), "round")
        make.gap(seam, ("gusset-lining.front",), make.edge("gusset.front").length, make.finished["girth"] or 0.0)
        a, b = ([EdgeUse(f"{piece}.end-{h}") for h in ("left", "right")] for piece in ("gusset", "gusset-lining"))
        make.seam("gusset-ends", a, b, end, ("outer", "lining"), "gusset-ends")
    else:
        make.hem("lining-free", inner, rim)
        make.hem("gusset-ends", [EdgeUse("gusset.end-left"), EdgeUse("gusset.end-right")], end)


def _curve_checks(make: Make, d: float) -> None:
    """Whether a straight strip can be clipped round so tight a curve with such an allowance and such padding."""
    rim = make.allowance("side")
    thick = sum(layer.thickness for layer in make.spec.stack.layers if layer.role == "padding")
    least = _TIGHT * (rim + thick)
    if d / 2 < least:
        narrow = max(3.0, d / 2 / _TIGHT - thick)
        fix = Fix(msg("fix.side-allowance", allowance=narrow), {"allowance.side": narrow, "allowance.rim": narrow})
        text = msg("check.tight-curve.text", radius=d / 2, low=least, allowance=rim)
        make.checks.append(Check("curve", "warn", msg("check.tight-curve"), text, d / 2, least, fix))
    else:
        text = msg("check.curve-clips.text", radius=d / 2, allowance=rim)
        make.checks.append(Check("curve", "ok", msg("check.curve-clips"), text, d / 2, least))


def _own_marks(own: Panel, opening: float) -> list[Mark]:
    """Quarters of the rim from the middle of its top, and where the gusset ends."""
    marks = [Mark("notch", msg("mark.quarter"), point=own.at(own.round * share)) for share in (0.25, 0.75)]
    marks.append(Mark("notch", msg("mark.centre-base"), point=own.at(own.round / 2)))
    marks.append(Mark("notch", msg("mark.centre-top"), point=own.at(0.0)))
    return [*marks, *(Mark("notch", msg("mark.gusset-end"), point=own.at(s * opening / 2)) for s in (1, -1))]


def _corner_check(make: Make, own: Panel) -> None:
    """Where the strip is led round corners, and whether a corner falls on the end of the opening."""
    corners = own.corners()
    if not corners:
        return
    inward = sum(1 for _, turn in corners if turn < 0)
    words = "check.shape-inward" if inward else "check.shape-corners"
    text = msg(f"{words}.text", count=len(corners), inward=inward)
    make.checks.append(Check("shape.corners", "warn" if inward else "note", msg(words), text, float(len(corners)), 0.0))


def _own_shape(make: Make, own: Panel, g: float, opening: float, z: float) -> None:
    """Standing as it is drawn: two panels ``g`` apart and the ring between them; where it turns corners the ring is drawn softer
    than it is."""
    make.soft = True
    step = max(0.5, own.round / 400)
    points = _thinned(flatten(own.outline, step), own.round / 140)
    for copy, y in (("front", -g / 2), ("back", g / 2)):
        for corners in triangles(points):
            flat = [points[i] for i in corners]
            space: list[Point3] = [(x, y, up) for x, up in flat]
            make.facets.append(flat_facet("panel", list(zip(flat, space, strict=True)), copy, smooth=True))
    half, whole = opening / 2, own.round

    def rim(along: float, y: float) -> Point3:
        x, up = own.at(along)
        return (x, y, up)

    _ring(
        make,
        g,
        opening,
        z,
        lambda share, y: rim(half + (whole - opening) * share, y),
        lambda share, y: rim(half - opening * share, y),
        60,
        16,
    )
    x0, _, x1, high = own.box
    make.spans += [
        Span("size.diameter", (x0, -g / 2, high / 2), (x1, -g / 2, high / 2), x1 - x0),
        Span("size.gusset_width", (0.0, -g / 2, 0.0), (0.0, g / 2, 0.0), g),
        Span("size.opening", rim(-half, 0.0), rim(half, 0.0), opening),
    ]


def _ring(
    make: Make,
    g: float,
    opening: float,
    z: float,
    gusset_at: Callable[[float, float], Point3],
    zip_at: Callable[[float, float], Point3] | None,
    gusset_strips: int,
    zip_strips: int,
) -> None:
    """The gusset and, where the zip lies in it, the two strips and the zip: where the point at a share of each and ``y`` across the
    bag lies in space."""
    long = make.finished["gusset_length"] or 0.0
    make.facets += woven(
        "gusset",
        [0.0, g],
        lambda share, y: (long * share, y),
        lambda share, y: gusset_at(share, y - g / 2),
        gusset_strips,
    )
    if zip_at is None:
        return

    def along(share: float, y: float) -> Point:
        return (opening * share, y)

    width = (g - z) / 2
    for copy, sign in (("front", 1.0), ("back", -1.0)):

        def strip(share: float, y: float, sign: float = sign) -> Point3:
            return zip_at(share, sign * (y - g / 2))

        make.facets += woven("zip-strip", [0.0, width], along, strip, zip_strips, copy)
    if z:
        make.facets += woven("zip", [-z / 2, z / 2], along, lambda share, y: zip_at(share, -y), zip_strips)


def _thinned(points: list[Point], least: float) -> list[Point]:
    """Without points that lie closer together than ``least`` on a nearly straight way, for drawing."""
    kept = [points[0]]
    for i in range(1, len(points)):
        a, b, c = kept[-1], points[i], points[(i + 1) % len(points)]
        turn = math.atan2(
            (b[0] - a[0]) * (c[1] - b[1]) - (b[1] - a[1]) * (c[0] - b[0]),
            (b[0] - a[0]) * (c[0] - b[0]) + (b[1] - a[1]) * (c[1] - b[1]),
        )
        if math.dist(a, b) >= least or abs(turn) > math.radians(12):
            kept.append(b)
    return kept


def _shape(make: Make, d: float, g: float, opening: float, z: float, recessed: bool) -> None:
    """Standing on its gusset: two discs ``g`` apart and the ring between them."""
    r = d / 2
    half = opening / d

    def rim(turn: float, y: float) -> Point3:
        return (r * math.sin(turn), y, r + r * math.cos(turn))

    for copy, y in (("front", -g / 2), ("back", g / 2)):
        for i in range(24):
            a, b = (2 * math.pi * k / 24 for k in (i, i + 1))
            flat = [(0.0, 0.0), (r * math.sin(b), r * math.cos(b)), (r * math.sin(a), r * math.cos(a))]
            space: list[Point3] = [(0.0, y, r), rim(b, y), rim(a, y)]
            make.facets.append(flat_facet("panel", list(zip(flat, space, strict=True)), copy, smooth=True))
    sweep = 2 * math.pi - 2 * half
    _ring(
        make,
        g,
        opening,
        z,
        lambda share, y: rim(half + sweep * share, y),
        None if recessed else lambda share, y: rim(-half + 2 * half * share, y),
        24,
        8,
    )
    make.spans += [
        Span("size.diameter", (-r, -g / 2, r), (r, -g / 2, r), d),
        Span("size.gusset_width", (0.0, -g / 2, 0.0), (0.0, g / 2, 0.0), g),
        Span("size.opening", rim(-half, 0.0), rim(half, 0.0), opening),
    ]


def _steps(make: Make, recessed: bool) -> None:
    order, by = make.order, {seam.id: seam for seam in make.seams}
    start_sewing(make, 3)
    right = msg("faces.right-together")
    if make.option("piping") == "piped":
        say = {"piping": make.sums["piping"].total / 2}
        order.add("piping-on", "sew", 10, say=say, check=msg("step.piping-on.check"), why=msg("step.piping-on.why"))
    gap = make.gaps[0] if make.gaps else None
    if recessed:
        faces = msg("faces.zip-between")
        zip_caution = msg("caution.zip-teeth")
        order.seam(
            "recessed-zip",
            [by["facing"]],
            "recessed-zip",
            faces=faces,
            caution=zip_caution,
            press=msg("press.from-zip"),
        )
        order.add("recessed-tack", "sew", 3, check=msg("step.recessed-tack.check"))
        if "gusset-ends" in by:
            order.seam("gusset-ends", [by["gusset-ends"]], "gusset-ends", faces=right)
        else:
            order.add("gusset-ends", "sew", 3, "gusset-ends-hem", seams=("gusset-ends",))
        open_zip(order)
        order.seam(
            "outer-round",
            [by["round"]],
            "gusset-round",
            faces=right,
            check=msg("step.gusset-round.check"),
            why=msg("step.gusset-round.why"),
        )
        order.seam("mouth", [by["mouth"]], "mouth-facing", faces=right, check=msg("step.mouth-facing.check"))
        if gap is not None:
            order.seam(
                "lining-round",
                [by["lining-round"]],
                "gusset-round-gap",
                say={"gap": gap.length},
                layer="lining",
                faces=right,
                check=msg("step.gusset-round.check"),
            )
    else:
        zip_steps(make, by["zip"])
        order.seam(
            "ring",
            [by["ring-left"], by["ring-right"]],
            "ring",
            faces=right,
            press=msg("press.from-zip"),
            check=msg("step.ring.check", ring=make.finished["circumference"] or 0.0),
        )
        open_zip(order)
        for layer in ("outer", "lining") if make.lined else ("outer",):
            words = "gusset-round-gap" if gap is not None and layer == "lining" else "gusset-round"
            say = {"gap": gap.length if gap else 0.0}
            order.seam(
                f"{layer}-round",
                [by["round"]],
                words,
                say=say,
                layer=layer,
                faces=right,
                check=msg("step.gusset-round.check"),
                why=msg("step.gusset-round.why"),
            )
    order.add("clip-curve", "cut", 3, caution=msg("caution.blade"))
    if gap is not None:
        close_gap(order, gap)
    else:
        order.add("overcast", "finish", 6, why=msg("step.overcast.why"))
    finish_sewing(make, put=False)


START = {"diameter": 200.0, "gusset_width": 60.0}
GUSSET_BAG = Form(
    "gusset-bag", INPUTS, OPTIONS, (), ALLOWANCES, draft_gusset_bag, START, LINED_LAYERS, 4, takes_shape=True
)
