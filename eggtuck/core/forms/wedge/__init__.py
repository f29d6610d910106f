"""The wedge pouch: a triangle seen from the side, with a zip along its top edge."""

from __future__ import annotations

import math
from collections.abc import Callable
from dataclasses import replace

from ...constructions.shared import LINED_LAYERS, edges_check
from ...constructions.zips import Zip, add_zip, ask_zip, sew_zip, zip_in_edge
from ...drafting.description import Form
from ...drafting.make import Make
from ...drafting.reads import CORNER, Chosen, Reads
from ...drafting.spec import Spec
from ...fit.in_convex import Faces, box_room, largest_ball
from ...lengths import RoundingWay
from ...moves.outliner import Outliner
from ...pattern import Chain, Check, Cut, Draft, EdgeUse, Fix, Mark, Role, SpecError
from ...plane import Point, bounds, offset_outline, polyline
from ...wording import Param, msg
from .asks import ALLOWANCES, INPUTS, OPTIONS
from .making import add_steps
from .sizes import Wedge, corners_of
from .solid import draw_solid
from .words import WORDS


def draft_wedge(spec: Spec) -> Draft:
    """Two trapezoids whose lower corners are boxed: right kites at a slanted side. Raises `SpecError`."""
    make = Make(spec, INPUTS, ALLOWANCES, OPTIONS)
    z = ask_zip(make)
    base_a, zip_a = make.allowance("base"), make.allowance("zip")
    wide, deep, long = _for_thing(make)
    bottom = make.ask("bottom_width", wide, added=2 * make.allowance("side"))
    top = make.ask("top_width", Chain.start(msg("sum.bottom-width"), bottom))
    depth = make.ask("base_depth", deep or Chain.start(msg("sum.third-bottom"), bottom / 3))
    # Round a thing the triangle is never lower than it takes.
    way: RoundingWay | None = "up" if spec.thing is not None and "slant" not in spec.size else None
    slant = make.ask("slant", long, added=depth / 2 - z / 2 + base_a + zip_a, way=way)
    if slant <= depth / 2 + 0.5:
        raise SpecError.of("size.slant", msg("problem.wedge-flat", slant=slant, low=depth / 2))
    if z / 2 >= slant - 5:
        raise SpecError.of("size.zip_width", msg("problem.zip-wide", z=z, high=2 * (slant - 5)))
    square = make.option("boxing") == "cut-first" and make.option("corner") == "square"
    if abs(bottom - top) > 1e-6:
        bottom = make.fit_cut(
            "bottom_width", bottom, lambda wide: _widest(make, Wedge(wide, top, slant, depth, z, square))
        )
    size = Wedge(bottom, top, slant, depth, z, square)
    if size.base_width <= 1.0:
        raise SpecError.of("size.base_depth", msg("problem.wedge-no-base", depth=depth, corner=size.m, width=bottom))
    _box_room(make, size)
    make.size("corner", Chain.start(msg("sum.corner", depth=depth), size.m))
    _corner_sums(make, size)
    make.size("base_width", Chain.start(msg("sum.bottom-width"), bottom).minus(msg("sum.two-corners"), 2 * size.m))
    make.size("height", Chain.start(msg("sum.wedge-height", slant=slant, half=depth / 2), size.height))
    make.finished["girth"] = 2 * (bottom - 2 * size.m + depth)
    # Base area times height shrinking to an edge: a prismoid with top width on the zip.
    make.finished["volume"] = depth * size.height * (2 * size.base_width + top) / 6 / 1000
    make.sums["body.cut_height"] = (
        Chain.start(msg("sum.slant-of-face"), slant)
        .plus(msg("sum.half-base"), depth / 2)
        .minus_some(msg("sum.half-zip"), z / 2)
        .plus_some(msg("sum.base-allowance"), base_a)
        .plus_some(msg("sum.zip-allowance"), zip_a)
    )
    _panel(make, "", size)
    inner = _inner(make, size) if make.turn else size
    if make.turn:
        if inner.depth < 4 or inner.base_width < 5 or inner.slant <= inner.depth / 2 + 1:
            raise SpecError.of("options.lining", msg("problem.lining-vanishes", thickness=make.turn))
        _panel(make, "-lining", inner)
    zipper = _zip(make, size)
    _seams(make, zipper)
    if make.lined:
        name = "lining-base" if make.turn else "base"
        seam = next(s for s in make.seams if s.id == name)
        make.gap(seam, seam.uses_of("base"), 2 * max(bottom, top))
    _corner_check(make, size)
    _holds(make, size)
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


def _sides(make: Make) -> tuple[float, float, float]:
    """The sides of the spec's box or ball with the layers round it, longest first (mm)."""
    thing, inside = make.spec.thing, make.spec.stack.inside
    assert thing is not None
    across = (thing.height,) * 3 if thing.kind == "ball" else (thing.base_width, thing.base_depth, thing.height)
    longest, middle, least = sorted((side + 2 * inside for side in across), reverse=True)
    return longest, middle, least


def _for_thing(
    make: Make, marked: Callable[[float, RoundingWay], float] | None = None
) -> tuple[Chain | None, Chain | None, Chain | None]:
    """Bottom width, base depth and slant for a box that lies on its largest side, its longest edge along the zip, or for a
    ball: the base half as deep again as the box, the triangle three times as high, so that ``D (1 - c/H) = b``. Width and slant go with
    the depth as it is ``marked``, for a deeper base alone would make the triangle lower."""
    if make.spec.thing is None:
        return None, None, None
    longest, middle, least = _sides(make)
    deep = (marked or make.spec.on_grid)(1.5 * middle, "up")
    wide = Chain.start(msg("sum.longest-side"), longest).times(msg("sum.a-tenth-more"), 1.1)
    slant = math.hypot(3 * least, deep / 2)
    return (
        wide.plus(msg("sum.two-corners"), deep),
        Chain.start(msg("sum.middle-side"), middle).times(msg("sum.half-again"), 1.5),
        Chain.start(msg("sum.slant-over", height=least), slant),
    )


def _holds(make: Make, size: Wedge) -> None:
    """Whether the spec's box or ball goes in, whichever way it is turned; the layers stand between."""
    thing, inside = make.spec.thing, make.spec.stack.inside
    if thing is None:
        return
    faces = tuple((normal, d - inside) for normal, d in wedge_faces(size))
    ball = largest_ball(faces)
    if thing.kind == "ball":
        room = ball - thing.height
    else:
        room = box_room(faces, (thing.base_width, thing.base_depth, thing.height))
    fits = room >= -1e-6
    words = "fit.goes-in" if fits else "fit.does-not-go-in"
    say: dict[str, Param] = {"thing": msg(f"object.{thing.kind}"), "ball": ball}
    fix = None
    if not fits:
        wide, deep, long = _for_thing(make, make.spec.on_mark)
        assert wide and deep and long
        changes = {"size.bottom_width": wide, "size.top_width": wide, "size.base_depth": deep, "size.slant": long}
        marks = {field: make.spec.on_mark(chain.total, "up") for field, chain in changes.items()}
        # What is cut is rounded once more, by half a mark at most.
        marks["size.slant"] += make.spec.grid.step
        fix = Fix(msg("fix.wider", width=marks["size.bottom_width"]), dict(marks))
    make.checks.append(
        Check("fit.inside", "ok" if fits else "stop", msg(words), msg(f"{words}.text", **say), room, 0.0, fix)
    )


def wedge_faces(size: Wedge) -> Faces:
    """The five faces of the wedge, base on z = 0: outward unit normals and distances from the middle of the base (mm)."""
    half, high, d2 = size.base_width / 2, size.height, size.depth / 2
    long = math.hypot(high, d2)
    lean = half - size.top / 2
    over = math.hypot(high, lean)
    sides = [((0.0, s * high / long, d2 / long), high * d2 / long) for s in (-1.0, 1.0)]
    ends = [((s * high / over, 0.0, lean / over), high * half / over) for s in (-1.0, 1.0)]
    return (((0.0, 0.0, -1.0), 0.0), *sides, *ends)


def _box_room(make: Make, size: Wedge) -> None:
    """With the corners cut first, something must be left to cut out inside the corner allowance."""
    box = make.allowance("box")
    least = min(make.allowance("side"), make.allowance("base"))
    if make.option("boxing") == "cut-first" and size.depth / 2 + least - box <= 0.5:
        low = 2 * (box - least) + 2.0
        raise SpecError.of("size.base_depth", msg("problem.cutout-vanishes", low=low, box=box))


def _zip(make: Make, size: Wedge) -> Zip:
    """Along the top; its visible ends run on with the slanted sides."""
    q = size.z / 2
    low_l, high_l = size.side_at(size.rise - q), size.side_at(size.rise)
    left, right = (low_l, size.bottom - low_l), (high_l, size.bottom - high_l)
    settled = zip_in_edge(make, size.top, make.allowance("side"))
    ends = {}
    for part, s in (("upper", 1), ("lower", -1)):
        ends[f"end-left-{part}"] = [(left[0], s * q), (right[0], 0.0)]
        ends[f"end-right-{part}"] = [(left[1], s * q), (right[1], 0.0)]
    return add_zip(make, size.z, left, left, ends, settled)


def _widest(make: Make, size: Wedge) -> float:
    """Width (mm) of the cut panel, wherever it is widest."""
    pen = _outline(make, "", size)
    path = [segment for edge in pen.edges for segment in edge.path]
    x0, _, x1, _ = bounds(offset_outline(path, [edge.allowance for edge in pen.edges for _ in edge.path]))
    return x1 - x0


def _outline(make: Make, ending: str, size: Wedge) -> Outliner:
    lining = bool(ending)
    side, base, box, zip_a = (make.allowance(key, lining) for key in ALLOWANCES)
    w, top = size.bottom, size.rise - size.z / 2
    on_base, inner, on_side = corners_of(size)

    def right(p: Point) -> Point:
        return (w - p[0], p[1])

    cut_first = make.option("boxing") == "cut-first"
    pen = Outliner(f"body{ending}", on_base if cut_first else (0.0, 0.0))
    if cut_first:
        pen.to("base", right(on_base), base)
        pen.to("box-right-upright", right(inner), box)
        pen.to("box-right-level", right(on_side), box)
    else:
        pen.to("base", (w, 0.0), base)
    pen.to("side-right", (w - size.side_at(top), top), side)
    pen.to("zip", (size.side_at(top), top), zip_a)
    if cut_first:
        pen.to("side-left", on_side, side)
        pen.to("box-left-level", inner, box)
        pen.to("box-left-upright", on_base, box)
    else:
        pen.to("side-left", (0.0, 0.0), side)
        pen.line("box-right-upright", [right(on_base), right(inner)])
        pen.line("box-right-level", [right(inner), right(on_side)])
        pen.line("box-left-level", [on_side, inner])
        pen.line("box-left-upright", [inner, on_base])
    return pen


def _panel(make: Make, ending: str, size: Wedge) -> None:
    lining = bool(ending)
    pen = _outline(make, ending, size)
    base, cut_first = make.allowance("base", lining), make.option("boxing") == "cut-first"
    w, top = size.bottom, size.rise - size.z / 2
    on_base, inner, on_side = corners_of(size)

    def right(p: Point) -> Point:
        return (w - p[0], p[1])

    y = size.depth / 2
    base_line = polyline([inner, right(inner)])
    marks = [
        Mark("line", msg("mark.base-line"), base_line, datum=msg("mark.base-line.datum", height=y, raw=y + base)),
        Mark("notch", msg("mark.centre-mouth"), point=(w / 2, top)),
        Mark("notch", msg("mark.centre-base"), point=(w / 2, 0.0)),
    ]
    if not cut_first:
        for corner in ([on_side, inner, on_base], [right(on_side), right(inner), right(on_base)]):
            datum = msg("mark.box-line.datum", tip=size.m, line=size.depth)
            marks.append(Mark("box-line", msg("mark.box-line"), polyline(corner), datum=datum))
    cuts = [Cut("lining", 2)] if lining else make.cuts(2)
    make.piece(f"body{ending}", "", pen.edges, cuts, marks, lines=pen.lines, copies=("front", "back"))


def _seams(make: Make, zipper: Zip) -> None:
    inner = "body-lining" if make.turn else "body"
    copies = ("front", "back")
    panels = [EdgeUse("body", "zip", copy, reversed=True) for copy in copies]
    caught = [EdgeUse(inner, "zip", copy, reversed=True) for copy in copies] if make.turn else []
    sew_zip(make, zipper, panels, caught)
    for piece, prefix in (("body", ""), ("body-lining", "lining-"))[: 2 if make.turn else 1]:
        lining = bool(prefix)
        layers: tuple[Role, ...] = ("lining",) if lining else make.cloths

        def use(name: str, copy: str, back: bool = False, piece: str = piece) -> EdgeUse:
            return EdgeUse(piece, name, copy, reversed=back)

        for hand in ("left", "right"):
            left = hand == "left"
            ends = [zipper.use(f"end-{hand}-{part}", left) if not lining else () for part in ("upper", "lower")]
            a, b = [use(f"side-{hand}", "front"), *ends[0]], [use(f"side-{hand}", "back"), *ends[1]]
            if left:
                # Walked from the zip down.
                a, b = a[::-1], b[::-1]
            make.seam(f"{prefix}side-{hand}", a, b, make.allowance("side", lining), layers, f"side-{hand}")
        bases = [use("base", "front")], [use("base", "back")]
        make.seam(f"{prefix}base", *bases, make.allowance("base", lining), layers, "base")
        for hand in ("left", "right"):
            level, upright = f"box-{hand}-level", f"box-{hand}-upright"
            a = [use(level, "front", hand == "left"), use(level, "back", hand == "right")]
            b = [use(upright, "front", hand == "right"), use(upright, "back", hand == "left")]
            make.seam(f"{prefix}box-{hand}", a, b, make.allowance("box", lining), layers, f"box-{hand}")


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
        text = msg("check.square-corner.text", upright=half, level=level, kite=half, tip=size.m)
        fix = Fix(msg("fix.kite"), {"options.corner": "kite"})
        make.checks.append(Check("box.square", "warn", msg("check.square-corner"), text, abs(level - half), 0.0, fix))
        return
    text = msg("check.kite.text", tip=size.m, half=half, square=along_side)
    make.checks.append(Check("box.kite", "note", msg("check.kite"), text, size.m, half))


START = {"bottom_width": 220.0, "top_width": 180.0, "slant": 120.0, "base_depth": 70.0}


def _reads(chosen: Chosen) -> Reads:
    first = chosen["boxing"] == "cut-first"
    corner = ("cutout.tip", "cutout.width", "cutout.height") if first else CORNER["sew-first"][1:]
    pairs = {"bottom_width": "body.width", "top_width": "body.zip", "slant": "body.height", "base_depth": corner[0]}
    if chosen["zip_ends"] == "fabric-tabs":
        pairs["tab_length"] = "zip-tab.width"
    return Reads(pairs, ("zip_width",), {"base_depth": corner[1:]})


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
    words=WORDS,
    picture=("M6 33l6 -25h18l5 25z M30 8l5 25", "M12 11h18", "M6 33l3 -5h22l4 5z"),
    easier="round-pouch",
)
