"""The round bag with a gusset: two circles and a strip round them, with the zip in the strip or recessed at the top."""

from __future__ import annotations

import math
from dataclasses import replace

from ...constructions.shared import LINED_LAYERS, edges_check
from ...constructions.zips import ask_zip
from ...drafting.description import Form
from ...drafting.holding import tell_room
from ...drafting.make import Make
from ...drafting.panel import round_panel
from ...drafting.reads import Chosen, Reads
from ...drafting.spec import Spec
from ...fit.room import drum_room
from ...pattern import Chain, Draft, Edge, SpecError
from ...plane import is_mirror_image
from ...words import msg
from .asks import ALLOWANCES, INPUTS, OPTIONS
from .checks import check_corner, check_curves
from .making import add_steps
from .pieces import COPIES, add_gusset, add_piping, add_recessed_top, add_zip_gusset
from .sizes import Ring
from .solid import draw_solid, recess

# How many ruler marks up or down are tried for the circle that a strip on the ruler matches best.
_TRIED = 8


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
        raise SpecError.of("size.zip_width", msg("problem.zip-wide", z=z, high=spec.most(g - 4)))
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
        add_recessed_top(make, d, ring)
    else:
        edge = Edge("panel", "rim", msg("edge.panel-rim"), ring.rim, rim)
        cuts = make.cuts(2)
        if shaped and not is_mirror_image(own.outline):
            # Front and back face each other: one is cut turned over.
            cuts = [replace(cut, mirrored=True) for cut in cuts]
        make.piece("panel", "", [edge], cuts, ring.panel_marks(), copies=COPIES, backed=True)
        add_gusset(make, ring)
        add_zip_gusset(make, ring)
    check_curves(make, 2 * own.tightest() if shaped else d)
    if shaped:
        check_corner(make, own)
    if make.option("piping") == "piped":
        add_piping(make, own.round)
    edges_check(make)
    outside = recess(make, ring) if recessed else 0.0
    make.finished["volume"] = (own.area * g - outside) / 1000
    layers = spec.stack.inside

    def room(grown: float) -> float:
        return drum_room(own.area * grown**2, own.round * grown, g * grown, layers) - outside * grown**3

    tell_room(make, room, "closed", ("diameter", "gusset_width"))
    make.draw(draw_solid, ring, recessed, shaped)
    add_steps(make, recessed, own)
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
    picture=(
        "M16 7a14 14 0 0 1 0 28a14 14 0 0 1 0 -28z M16 7h7a14 14 0 0 1 0 28h-7",
        "M9 10h15",
        "M16 7h7a14 14 0 0 1 0 28h-7a14 14 0 0 0 0 -28z",
    ),
    easier="round-pouch",
)
