"""The wedge pouch: a triangle seen from the side, with a zip along its top edge."""

from __future__ import annotations

import math
from dataclasses import replace

from ...constructions.shared import LINED_LAYERS, edges_check, lining_check
from ...constructions.zips import ask_zip
from ...drafting.description import Form
from ...drafting.holding import tell_room
from ...drafting.make import Make
from ...drafting.reads import CORNER, Chosen, Reads
from ...drafting.spec import Spec
from ...lengths import RoundingWay
from ...pattern import Chain, Check, Draft, Fix, SpecError
from ...words import Thickness, msg
from .asks import ALLOWANCES, INPUTS, OPTIONS
from .blank import from_blank
from .making import add_steps
from .pieces import add_panel, add_seams, place_zip, widest_zip
from .room import add_box_room, check_room, width_for_thing
from .sizes import Wedge
from .solid import draw_solid


def draft_wedge(spec: Spec) -> Draft:
    """Two trapezoids whose lower corners are boxed: right kites at a slanted side. Raises `SpecError`."""
    make = Make(spec, INPUTS, ALLOWANCES, OPTIONS)
    z = ask_zip(make)
    base_a, zip_a = make.allowance("base"), make.allowance("zip")
    flat = make.option("boxing") == "flat"
    if flat:
        make.lacks("box")
    blank = make.option("sized") == "blank"
    if blank:
        bottom, top, slant, depth = from_blank(make, z, flat)
    else:
        wide, deep, long = width_for_thing(make)
        bottom = make.ask("bottom_width", wide, added=2 * make.allowance("side"))
        top = make.ask("top_width", Chain.start(msg("sum.bottom-width"), bottom))
        depth = 0.0
        if not flat:
            depth = make.ask("base_depth", deep or Chain.start(msg("sum.third-bottom"), bottom / 3))
        # Round a thing the triangle is never lower than it takes.
        way: RoundingWay | None = "up" if spec.thing is not None and "slant" not in spec.size else None
        slant = make.ask("slant", long, added=depth / 2 - z / 2 + base_a + zip_a, way=way)
    if slant <= depth / 2 + 0.5:
        raise SpecError.of("size.slant", msg("problem.wedge-flat", slant=slant, low=spec.least(depth / 2 + 0.5)))
    if z / 2 >= slant - 5:
        raise SpecError.of("size.zip_width", msg("problem.zip-wide", z=z, high=spec.most(2 * (slant - 5))))
    square = make.option("boxing") == "cut-first" and make.option("corner") == "square"
    if abs(bottom - top) > 1e-6 and not blank:
        bottom = make.fit_cut(
            "bottom_width", bottom, lambda wide: widest_zip(make, Wedge(wide, top, slant, depth, z, square))
        )
    size = Wedge(bottom, top, slant, depth, z, square)
    if size.base_width <= 1.0:
        field = "size.blank_square" if blank else "size.base_depth"
        raise SpecError.of(field, msg("problem.wedge-no-base", depth=depth, corner=size.m, width=bottom))
    add_box_room(make, size)
    if flat:
        make.finished["base_depth"] = 0.0
    else:
        tip = msg("sum.half-base") if square else msg("sum.corner", depth=depth)
        make.size("corner", Chain.start(tip, size.m))
        _corner_sums(make, size)
    make.size("base_width", Chain.start(msg("sum.bottom-width"), bottom).minus_some(msg("sum.two-corners"), 2 * size.m))
    make.size("height", Chain.start(msg("sum.wedge-height", slant=slant, half=depth / 2), size.height))
    make.finished["girth"] = 2 * (bottom - 2 * size.m + depth)
    # Base area times height shrinking to an edge: a prismoid with top width on the zip.
    make.finished["volume"] = size.volume / 1000
    if not flat:
        by = () if blank else ("bottom_width", "top_width", "slant", "base_depth")
        tell_room(make, lambda grown: size.grown(grown).inside(spec.stack.inside).volume, "closed", by)
    make.sums["body.cut_height"] = (
        Chain.start(msg("sum.slant-of-face"), slant)
        .plus_some(msg("sum.half-base"), depth / 2)
        .minus_some(msg("sum.half-zip"), z / 2)
        .plus_some(msg("sum.base-allowance"), base_a)
        .plus_some(msg("sum.zip-allowance"), zip_a)
    )
    add_panel(make, "", size)
    inner = _inner(make, size) if make.turn else size
    narrow = (size.depth and inner.depth < 4) or inner.base_width < 5 or inner.slant <= inner.depth / 2 + 1
    if make.turn and narrow:
        raise SpecError.of("options.lining", msg("problem.lining-vanishes", thickness=Thickness(make.turn)))
    if make.apart:
        add_panel(make, "-lining", inner)
    zipper = place_zip(make, size)
    add_seams(make, zipper)
    if make.hung:
        name = "lining-base" if make.apart else "base"
        seam = next(s for s in make.seams if s.id == name)
        make.gap(seam, seam.uses_of("base"), 2 * max(bottom, top))
    if not flat:
        _corner_check(make, size)
    check_room(make, size)
    lining_check(make, make.finished["girth"] or 0.0)
    edges_check(make)
    make.draw(draw_solid, size)
    add_steps(make)
    return make.draft(girth=top)


def _corner_sums(make: Make, size: Wedge) -> None:
    """Where the corner is cut, or the line across it drawn: from the stitched tip, and from the raw corner along both raw edges. A slanted
    side lies ``a/sin(phi) + b/tan(phi)`` further out at the raw edge of the other."""
    side, base, box = make.allowance("side"), make.allowance("base"), make.allowance("box")
    sine, tangent = math.sin(size.phi), math.tan(size.phi)
    tip = make.sums["finished.corner"]
    if make.option("boxing") == "cut-first":
        make.sums["cutout.tip"] = tip
        if size.square:
            # Square up from the raw base edge; along it the raw corner of a slanted side lies further out.
            along = tip.plus(msg("sum.to-the-raw-corner"), side / sine + base / tangent)
            make.sums["cutout.width"] = along.minus_some(msg("sum.box-allowance"), box)
            up = tip.plus_some(msg("sum.base-allowance"), base)
            make.sums["cutout.height"] = up.minus_some(msg("sum.box-allowance"), box)
            return
        for name, own, other in (("width", side, base), ("height", base, side)):
            out = own / sine + other / tangent
            chain = tip.plus(msg("sum.to-the-raw-corner"), out).minus_some(msg("sum.box-allowance"), box)
            make.sums[f"cutout.{name}"] = chain
        return
    make.sums["line.tip"] = tip
    make.sums["line.length"] = Chain.start(msg("sum.base-depth"), size.depth)
    make.sums["line.along_side"] = tip.plus_some(msg("sum.base-along-slant"), base / sine)
    make.sums["line.along_base"] = tip.plus_some(msg("sum.side-along-base"), side / sine)


def _inner(make: Make, size: Wedge) -> Wedge:
    """The smaller lining, cut to marks of the ruler."""
    inner, grid = size.inside(make.turn), make.spec.grid
    side, base, _, zips = (make.allowance(key, lining=True) for key in ALLOWANCES)
    bottom = grid.round(inner.bottom + 2 * side) - 2 * side
    up = base + zips - inner.z / 2 + inner.depth / 2
    slant = grid.round(inner.slant + up) - up
    return replace(inner, bottom=bottom, top=inner.top + bottom - inner.bottom, slant=slant)


def _corner_check(make: Make, size: Wedge) -> None:
    """A square laid on a slanted side gives two unequal edges."""
    half, phi = size.depth / 2, size.phi
    lean = abs(math.pi / 2 - phi)
    if lean < 1e-3:
        make.idle.add("corner")
        return
    # From the tip ``half`` along the base and square up from there; the slanted side is met ``half`` up.
    along_side = half / math.sin(phi)
    level = abs(half - half / math.tan(phi))
    if make.option("boxing") == "cut-first" and make.option("corner") == "square":
        text = msg("check.square-corner.text", upright=half, level=level, kite=half, tip=size.kite)
        fix = Fix(msg("fix.kite"), {"options.corner": "kite"})
        make.checks.append(Check("box.square", "warn", msg("check.square-corner"), text, abs(level - half), 0.0, fix))
        return
    text = msg("check.kite.text", tip=size.m, half=half, square=along_side)
    make.checks.append(Check("box.kite", "note", msg("check.kite"), text, size.m, half))


START = {"bottom_width": 220.0, "top_width": 180.0, "slant": 120.0, "base_depth": 70.0}


def _reads(chosen: Chosen) -> Reads:
    blank = chosen["sized"] == "blank"
    names = ("blank_width", "blank_taper", "blank_height") if blank else ("bottom_width", "top_width", "slant")
    deep = "blank_square" if blank else "base_depth"
    pairs = dict(zip(names, ("body.width", "body.zip", "body.height"), strict=True))
    corner: tuple[str, ...] = ("cutout.tip", "cutout.width", "cutout.height")
    if chosen["boxing"] == "sew-first":
        corner = CORNER["sew-first"][1:]
    if chosen["boxing"] != "flat":
        pairs[deep] = corner[0]
    if chosen["zip_ends"] == "fabric-tabs":
        pairs["tab_length"] = "zip-tab.width"
    return Reads(pairs, ("zip_width",), {} if chosen["boxing"] == "flat" else {deep: corner[1:]})


FORM = Form(
    "wedge",
    INPUTS,
    OPTIONS,
    ("carton", "ball"),
    ALLOWANCES,
    draft_wedge,
    START,
    LINED_LAYERS,
    3,
    place=100,
    reads=_reads,
    picture=("M6 33l6 -25h18l5 25z M30 8l5 25", "M12 11h18", "M6 33l3 -5h22l4 5z"),
    easier="round-pouch",
)
