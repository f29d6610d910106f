"""The round bag with a gusset: two circles and a strip round them, with the zip in the strip or recessed at the top."""

from __future__ import annotations

import math
from dataclasses import replace
from itertools import pairwise

from ...constructions.shared import LINED_LAYERS, edges_check
from ...constructions.zips import add_zip, ask_zip, sew_zip, zip_in_edge
from ...drafting.description import Form
from ...drafting.gaps import straight_stretch
from ...drafting.make import Make
from ...drafting.panel import Panel, round_panel, symmetric
from ...drafting.reads import Chosen, Reads
from ...drafting.spec import Spec
from ...moves.outliner import Outliner, rectangle
from ...pattern import Chain, Check, Cut, Draft, Edge, EdgeUse, Fix, Mark, Need, Role, SpecError
from ...pattern.piece import Fold
from ...plane import Point, Segment
from ...shop import CLIPS_OPEN, THIN_ALLOWANCE
from ...wording import msg
from .asks import ALLOWANCES, INPUTS, OPTIONS
from .making import add_steps
from .sizes import Ring
from .solid import draw_solid, recess
from .words import WORDS

# How many ruler marks up or down are tried for the circle that a strip on the ruler matches best.
_TRIED = 8

# What is cut twice.
COPIES = ("front", "back")


def draft_gusset_bag(spec: Spec) -> Draft:
    """Two net circles ``d``, or panels of the maker's own shape ``d`` wide; the ring round them is as long as their rim (``pi d``):
    what opens and the gusset. Raises `SpecError`."""
    make = Make(spec, INPUTS, ALLOWANCES, OPTIONS)
    recessed = make.option("mouth") == "recessed-zip"
    if recessed and spec.shape is not None:
        raise SpecError.of("options.mouth", msg("problem.shape-recessed"))
    z = ask_zip(make)
    rim, side, end, zip_a = (make.allowance(key) for key in ALLOWANCES)
    d, opening, gusset = _matched(make, recessed)
    own = spec.shape.panel(d) if spec.shape else round_panel(d / 2)
    usual = Chain.start(msg("sum.quarter-diameter"), d / 4)
    if recessed:
        g = make.ask("gusset_width", usual, added=2 * side)
    else:
        # Both strips beside the zip lie on the ruler, and with them the gusset.
        g = make.ask("gusset_width", usual, added=side + zip_a - z / 2, share=0.5)
    if z >= g - 4 and not recessed:
        raise SpecError.of("size.zip_width", msg("problem.zip-wide", z=z, high=g - 4))
    shaped = spec.shape is not None
    across = Chain.start(msg("sum.shape" if shaped else "sum.circle"), d)
    make.size("circumference", across.times(msg("sum.rim-share" if shaped else "sum.pi"), own.round / d))
    chain = Chain.start(msg("sum.circumference"), own.round).minus(msg("sum.opening"), opening)
    gain = gusset - chain.total
    make.size("gusset_length", chain.plus(msg("sum.rounding-gain"), gain) if abs(gain) > 1e-9 else chain)
    make.finished["girth"] = 2 * (d + g)
    make.sums["panel.cut_width"] = Chain.start(msg("sum.circle"), d).plus_some(
        msg("sum.two-rim-allowances", allowance=rim), 2 * rim
    )
    make.sums["gusset.cut_width"] = make.sums["finished.gusset_length"].plus_some(
        msg("sum.two-end-allowances", allowance=end), 2 * end
    )
    ring = Ring(own, opening, gusset, g, z)
    if recessed:
        # The two gussets are sewn to panels of different make, so each has a piece of its own.
        _gusset(make, ring, cuts=[Cut("outer", 1), *make.stiffening(1)])
        if make.lined:
            _gusset(make, ring, "-lining", [Cut("lining", 1)])
        _recessed(make, d, ring)
    else:
        edge = Edge("panel", "rim", msg("edge.panel-rim"), ring.rim, rim)
        cuts = make.cuts(2)
        if shaped and not symmetric(own):
            # Front and back face each other: one is cut turned over.
            cuts = [replace(cut, mirrored=True) for cut in cuts]
        make.piece("panel", "", [edge], cuts, ring.panel_marks(), copies=COPIES)
        _gusset(make, ring)
        _in_gusset(make, ring)
    _curve_checks(make, 2 * own.tightest() if shaped else d)
    if shaped:
        _corner_check(make, own)
    if make.option("piping") == "piped":
        _piping(make, own.round)
    edges_check(make)
    outside = recess(make, ring) if recessed else 0.0
    make.finished["volume"] = (own.area * g - outside) / 1000
    make.draw(draw_solid, ring, recessed, shaped)
    add_steps(make, recessed)
    fix = make.fix("opening", "size.opening", own.round - gusset)
    # On a ruler what is left over is less than a mark: nothing on it would fit better.
    rounds = ("round-front", "round-back")
    fixes = {} if spec.grid.step else dict.fromkeys(rounds, fix)
    return make.draft(girth=opening, fixes=fixes, blocking=frozenset(rounds))


def _matched(make: Make, recessed: bool) -> tuple[float, float, float]:
    """Diameter, opening and gusset. On a ruler, circle, gusset and zip strip are each cut to a mark: of the next few
    circles the one whose ring those strips match best is taken; a recessed zip's opening is only marked, and takes what the gusset
    leaves."""
    spec, rim, end = make.spec, make.allowance("rim"), make.allowance("end")
    grid, shape = spec.grid, spec.shape
    wide = Chain.start(msg("sum.shape-drawn"), shape.width) if shape else None
    base = make.ask("diameter", wide, added=2 * rim)
    given = spec.size.get("opening")
    # The rim's length for each mm of width.
    share = shape.panel(1.0).round if shape else math.pi

    def cut(net: float) -> float:
        return grid.round(net + 2 * end, "nearest") - 2 * end

    def opened(d: float) -> float:
        return cut(given if given is not None else share * d / 4)

    def off(d: float) -> float:
        left = share * d - opened(d)
        return abs(cut(left) - left)

    best = base
    if grid.step and not recessed:
        tried = [base + n * grid.step for n in range(-_TRIED // 2, _TRIED // 2 + 1) if base + n * grid.step >= 40]
        best = min(tried, key=lambda d: (round(off(d), 3) > 0.3, abs(d - base), off(d)))
    if abs(best - base) > 1e-9:
        chain = make.sums["finished.diameter"].plus(msg("sum.matched-pair"), best - base)
        make.size("diameter", chain)
        make.states.pop()
        make.input("size.diameter", best, wide.total if wide else None)
        make.settled("diameter", best)
    start = Chain.start(msg("sum.shape" if shape else "sum.circle"), best)
    usual = start.times(msg("sum.rim-share" if shape else "sum.pi"), share).divided(msg("sum.quarter"), 4)
    whole = share * best
    if not recessed:
        opening = make.ask("opening", usual, high=whole - 20, added=2 * end)
        return best, opening, cut(whole - opening)
    asked = make.ask("opening", usual, high=whole * 0.6, finished=False)
    gusset = cut(whole - asked)
    opening = whole - gusset
    make.states.pop()
    make.input("size.opening", opening, usual.total, None, whole * 0.6)
    make.settled("opening", opening)
    make.size("opening", Chain.start(msg("sum.circumference"), whole).minus(msg("sum.gusset-on-ruler"), gusset))
    return best, opening, gusset


def _gusset(make: Make, ring: Ring, ending: str = "", cuts: list[Cut] | None = None) -> None:
    side, end, length, g = make.allowance("side"), make.allowance("end"), ring.gusset, ring.width
    edges = rectangle(f"gusset{ending}", length, g, {"front": side, "end-right": end, "rear": side, "end-left": end})
    marks = []
    for x, label in ring.on_gusset():
        datum = msg("mark.from-end", raw=x + end, net=x)
        marks += [Mark("notch", msg(label), point=(x, y), datum=datum) for y in (0.0, g)]
    folds = [Fold(f"gusset{ending}.middle", msg("fold.middle"), Segment((length / 2, 0.0), (length / 2, g)))]
    make.piece(f"gusset{ending}", "", edges, make.cuts(1) if cuts is None else cuts, marks, folds)


def _in_gusset(make: Make, ring: Ring) -> None:
    """The zip section: two strips and the zip between them, as wide as the gusset."""
    side, end, zip_a = make.allowance("side"), make.allowance("end"), make.allowance("zip")
    opening, g, z = ring.opening, ring.width, ring.z
    width = (g - z) / 2
    edges = rectangle("zip-strip", opening, width, {"outside": side, "end-right": end, "zip": zip_a, "end-left": end})
    marks = [Mark("notch", msg(label), point=(x, 0.0)) for x, label in ring.on_strip()]
    marks.append(Mark("notch", msg("mark.centre-zip"), point=(opening / 2, width)))
    make.piece("zip-strip", "", edges, make.cuts(2), marks, copies=COPIES)
    make.sums["zip-strip.cut_height"] = (
        Chain.start(msg("sum.gusset-width"), g)
        .minus_some(msg("sum.zip-visible"), z)
        .divided(msg("sum.half"), 2)
        .plus_some(msg("sum.side-allowance"), side)
        .plus_some(msg("sum.zip-allowance"), zip_a)
    )
    q = z / 2
    ends = {"end-left": [(0.0, q), (0.0, -q)], "end-right": [(opening, -q), (opening, q)]}
    zipper = add_zip(make, z, (0.0, opening), (0.0, opening), ends, zip_in_edge(make, opening, end))
    strips = [EdgeUse("zip-strip", "zip", "front", reversed=True), EdgeUse("zip-strip", "zip", "back", reversed=True)]
    sew_zip(make, zipper, strips)
    # Both walked from the front to the rear at the right end, back again at the left.
    front, back = (
        {hand: EdgeUse("zip-strip", f"end-{hand}", copy) for hand in ("left", "right")} for copy in ("front", "back")
    )
    left = [replace(back["left"], reversed=True), *zipper.use("end-left", reversed=True), front["left"]]
    right = [front["right"], *zipper.use("end-right", reversed=True), replace(back["right"], reversed=True)]
    for hand, section in (("left", left), ("right", right)):
        make.seam(f"ring-{hand}", [EdgeUse("gusset", f"end-{hand}")], section, end, make.cloths, "ring", as_one=True)
    for copy, key, back_way in (("front", "front", False), ("back", "rear", True)):
        ring_side = [EdgeUse("gusset", key, reversed=back_way), EdgeUse("zip-strip", "outside", copy, reversed=True)]
        panel = [EdgeUse("panel", "rim", copy)]
        make.seam(
            f"round-{copy}", panel, ring_side, make.allowance("rim"), make.cloths, f"round-{copy}", mate=("side",)
        )
    if make.lined:
        half, whole = opening / 2, ring.panel.round
        lead, usable = straight_stretch(ring.panel.outline, half, whole - half)
        scale = ring.gusset / (whole - opening)
        usable, lead = usable * scale, (lead - half) * scale
        seam = next(s for s in make.seams if s.id == "round-front")
        make.gap(seam, seam.uses_of("front"), make.finished["girth"] or 0.0, usable=usable, lead=lead)


def _recessed(make: Make, d: float, ring: Ring) -> None:
    """Facing and lining panel rebuild the circle at a straight chord; the zip is caught between them, deep in the mouth.
    The gusset runs round the rest."""
    rim, zip_a, end = make.allowance("rim"), make.allowance("zip"), make.allowance("end")
    r = d / 2
    half = ring.opening / d
    least = r * (1 - math.cos(half))
    depth = make.ask("facing_depth", Chain.start(msg("sum.facing"), least), low=least, high=r, added=rim + zip_a)
    c = r - depth
    reach = max(half, math.acos(min(1.0, max(-1.0, c / r))))
    chord = 2 * r * math.sin(reach)
    make.size("chord", Chain.start(msg("sum.chord", offset=c, radius=r), chord))

    def at(turn: float) -> Point:
        return (r * math.sin(turn), r * math.cos(turn))

    def arc(first: float, last: float) -> list[Segment]:
        """Anticlockwise, from a turn to a smaller one (measured from the top, clockwise positive)."""
        parts = max(1, math.ceil(abs(last - first) / 2.5))
        turns = [first + (last - first) * i / parts for i in range(parts + 1)]
        return [Segment(at(a), at(b), math.tan((a - b) / 4)) for a, b in pairwise(turns)]

    pen = Outliner("panel", at(half))
    pen.path("mouth", arc(half, -half), rim)
    pen.path("round", arc(-half, half - 2 * math.pi), rim)
    make.piece("panel", "", pen.edges, [Cut("outer", 2), *make.stiffening(2)], ring.panel_marks(), copies=COPIES)
    role: Role = "lining" if make.lined else "outer"
    extra = (reach - half) * r > 1e-6
    pen = Outliner("facing", (-chord / 2, c))
    pen.to("chord", (chord / 2, c), zip_a)
    if extra:
        pen.path("side-right", arc(reach, half), rim)
    pen.path("mouth", arc(half, -half), rim)
    if extra:
        pen.path("side-left", arc(-half, -reach), rim)
    middle = Mark("notch", msg("mark.centre-zip"), point=(0.0, c))
    make.piece(
        "facing",
        "",
        pen.edges,
        [Cut("outer", 2)],
        [middle, Mark("notch", msg("mark.centre-top"), point=at(0.0))],
        copies=COPIES,
    )
    pen = Outliner("panel-lining", (chord / 2, c))
    pen.to("chord", (-chord / 2, c), zip_a)
    pen.path("round", arc(-reach, reach - 2 * math.pi), rim)
    quarters = [Mark("notch", msg("mark.quarter"), point=at(turn)) for turn in (-math.pi / 2, math.pi / 2)]
    base = Mark("notch", msg("mark.centre-base"), point=(0.0, -r))
    # Deep facings reach down to the quarters.
    shown = quarters if reach < math.pi / 2 - 1e-6 else []
    make.piece("panel-lining", "", pen.edges, [Cut(role, 2)], [middle, base, *shown], copies=COPIES)
    settled = zip_in_edge(make, chord, rim)
    zipper = add_zip(make, ring.z, (-chord / 2, chord / 2), (-chord / 2, chord / 2), {}, settled)
    inner: list[EdgeUse] = []
    for copy, side, tape, back in (("front", "front", "upper", False), ("back", "rear", "lower", True)):
        chords = [EdgeUse("facing", "chord", copy)], [EdgeUse("panel-lining", "chord", copy, reversed=True)]
        make.seam(f"facing-{copy}", *chords, zip_a, ("lining",), "facing", zipper.use(tape))
        mouths = [EdgeUse("panel", "mouth", copy)], [EdgeUse("facing", "mouth", copy)]
        make.seam(f"mouth-{copy}", *mouths, rim, ("outer",), "mouth-facing")
        rims = [EdgeUse("panel", "round", copy)], [EdgeUse("gusset", side, reversed=back)]
        make.seam(f"round-{copy}", *rims, rim, ("outer",), f"round-{copy}", mate=("side",))
        within = [EdgeUse("panel-lining", "round", copy)]
        if extra:
            within = [EdgeUse("facing", "side-left", copy), *within, EdgeUse("facing", "side-right", copy)]
        if make.lined:
            lining = [EdgeUse("gusset-lining", side, reversed=back)]
            make.seam(f"lining-round-{copy}", within, lining, rim, ("lining",), f"round-{copy}", mate=("side",))
        inner += within
    if make.lined:
        seam = next(s for s in make.seams if s.id == "lining-round-front")
        make.gap(seam, seam.uses_of("front"), make.finished["girth"] or 0.0)
        for hand in ("left", "right"):
            ends = (
                [EdgeUse("gusset", f"end-{hand}", layer="outer")],
                [EdgeUse("gusset-lining", f"end-{hand}", layer="lining")],
            )
            make.seam(f"gusset-end-{hand}", *ends, end, ("outer", "lining"), f"gusset-end-{hand}")
    else:
        make.hem("lining-free", inner, rim)
        make.hem("gusset-ends", [EdgeUse("gusset", "end-left"), EdgeUse("gusset", "end-right")], end)


def _piping(make: Make, around: float) -> None:
    """One length for each panel, its ends crossing."""
    overlap = make.ask("piping_overlap", 40.0, finished=False)
    piping = Chain.start(msg("sum.circumference"), around).plus(msg("sum.overlap"), overlap)
    piping = make.on_ruler(piping, 0.0, way="up").times(msg("sum.both-panels"), 2)
    make.sums["piping"] = piping
    note = msg("need.piping.note")
    make.needs.append(Need("piping", "piping", msg("need.piping"), piping.total, piping.total, note=note))


def _curve_checks(make: Make, d: float) -> None:
    """Whether a straight strip can be clipped round so tight a curve with such an allowance and such padding."""
    rim = make.allowance("side")
    thick = sum(layer.thickness for layer in make.spec.stack.layers if layer.role == "padding")
    least = CLIPS_OPEN * (rim + thick)
    if d / 2 < least:
        narrow = make.spec.on_mark(max(0.0, d / 2 / CLIPS_OPEN - thick), "down")
        fix = None
        if narrow >= THIN_ALLOWANCE:
            fix = Fix(msg("fix.side-allowance", allowance=narrow), {"allowance.side": narrow, "allowance.rim": narrow})
        text = msg("check.tight-curve.text", radius=d / 2, low=least, allowance=rim)
        make.checks.append(Check("curve", "warn", msg("check.tight-curve"), text, d / 2, least, fix))
    else:
        text = msg("check.curve-clips.text", radius=d / 2, allowance=rim)
        make.checks.append(Check("curve", "ok", msg("check.curve-clips"), text, d / 2, least))


def _corner_check(make: Make, own: Panel) -> None:
    """Where the strip is led round corners, and whether a corner falls on the end of the opening."""
    corners = own.corners()
    if not corners:
        return
    inward = sum(1 for _, turn in corners if turn < 0)
    words = "check.shape-inward" if inward else "check.shape-corners"
    text = msg(f"{words}.text", count=len(corners), inward=inward)
    make.checks.append(Check("shape.corners", "warn" if inward else "note", msg(words), text, float(len(corners)), 0.0))


START = {"diameter": 200.0, "gusset_width": 60.0}


def _reads(chosen: Chosen) -> Reads:
    pairs = {"diameter": "panel.width", "gusset_width": "gusset.height"}
    repeats = {"gusset.width": "ring", "zip-strip.height": "zip-section"}
    if chosen["mouth"] == "recessed-zip":
        pairs |= {"opening": "gusset.width", "facing_depth": "facing.height"}
        return Reads(pairs, ("zip_width",), repeats=repeats)
    pairs["opening"] = "zip-strip.width"
    if chosen["zip_ends"] == "fabric-tabs":
        pairs["tab_length"] = "zip-tab.width"
    return Reads(pairs, ("zip_width",), repeats=repeats)


FORM = Form(
    "gusset-bag",
    INPUTS,
    OPTIONS,
    (),
    ALLOWANCES,
    draft_gusset_bag,
    START,
    LINED_LAYERS,
    4,
    takes_shape=True,
    place=120,
    reads=_reads,
    words=WORDS,
    picture=(
        "M16 7a14 14 0 0 1 0 28a14 14 0 0 1 0 -28z M16 7h7a14 14 0 0 1 0 28h-7",
        "M9 10h15",
        "M16 7h7a14 14 0 0 1 0 28h-7a14 14 0 0 0 0 -28z",
    ),
    easier="round-pouch",
)
