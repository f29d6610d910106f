"""The filled weight: two strips that cross at the base, their four flaps sewn up to a top square."""

from __future__ import annotations

import math

from ...constructions.shared import four_fold_handle
from ...drafting.description import Form
from ...drafting.make import Make
from ...drafting.reads import Chosen, Reads
from ...drafting.spec import Spec, Traits
from ...moves.carried import Loop, Sewn, arch
from ...moves.outliner import Outliner, rectangle
from ...pattern import Chain, Check, Draft, EdgeUse, Mark, SpecError
from ...plane import bounds, offset_outline, polyline
from ...shop import HANDLE_ARCH
from ...words import msg
from .asks import ALLOWANCES, INPUTS, OPTIONS
from .making import add_steps
from .solid import draw_solid

# Grams in a millilitre of the loose filling; starting values, to be weighed by the maker.
DENSITY = {"rice": 0.85, "dried-beans": 0.8, "sand": 1.6, "glass-beads": 1.5, "cherry-stones": 0.6}

FILLED = {"three-quarters": 0.75, "four-fifths": 0.8, "full": 1.0, "two-thirds": 2 / 3}

SPOON = 15.0


def draft_weight(spec: Spec) -> Draft:
    """A frustum: base ``b``, top ``k``, flap altitude ``s``; height ``sqrt(s^2 - ((b - k)/2)^2)``, volume ``H/3 (b^2 + bk +
    k^2)``. Seams lie outside. Raises `SpecError`."""
    make = Make(spec, INPUTS, ALLOWANCES)
    make.flat_lined = make.lined
    base_a, top_a = make.allowance("base"), make.allowance("top")
    b = make.ask("base_side", added=2 * base_a)
    k = make.ask("top_side", Chain.start(msg("sum.half-base-side"), b / 2), added=2 * top_a)
    s = make.ask("slant", Chain.start(msg("sum.base-side"), b), added=b + 2 * top_a, share=2)
    # Wide side allowances stand out beyond the base's: then it is they that are cut to a mark.
    b = make.fit_cut("base_side", b, lambda side: _widest(make, side, k, s))
    inward = (b - k) / 2
    if s <= abs(inward) + 0.5:
        raise SpecError.of("size.slant", msg("problem.weight-flat", slant=s, low=abs(inward)))
    height, corner = math.sqrt(s * s - inward * inward), math.hypot(s, inward)
    volume = height / 3 * (b * b + b * k + k * k) / 1000
    make.size("height", Chain.start(msg("sum.weight-height", slant=s, inward=abs(inward)), height))
    make.size("corner_edge", Chain.start(msg("sum.weight-corner", slant=s, inward=abs(inward)), corner))
    make.finished["girth"] = 4 * b
    make.finished["volume"] = volume
    fill = volume * FILLED[make.option("filled")]
    make.finished["fill_volume"] = fill
    make.finished["fill_grams"] = fill * DENSITY[make.option("filling")]
    make.finished["fill_spoons"] = fill / SPOON
    across = Chain.start(msg("sum.base-side"), b).plus_some(
        msg("sum.two-base-allowances", allowance=base_a), 2 * base_a
    )
    beyond = _widest(make, b, k, s) - across.total
    make.sums["panel.cut_width"] = across.plus(msg("sum.sides-beyond"), beyond) if beyond > 1e-9 else across
    chain = Chain.start(msg("sum.weight-slant"), s).times(msg("sum.both-flaps"), 2).plus(msg("sum.base-side"), b)
    make.sums["panel.cut_height"] = chain.plus_some(msg("sum.two-top-allowances", allowance=top_a), 2 * top_a)
    _panel(make, b, k, s)
    _top(make, k)
    _seams(make)
    if make.option("handle") == "strap":
        _handle(make, k)
    what = msg(f"option.filling.{make.option('filling')}")
    say = {
        "millilitres": round(fill),
        "spoons": round(fill / SPOON),
        "grams": round(make.finished["fill_grams"] or 0.0),
    }
    make.checks.append(Check("filling", "note", msg("check.filling"), msg("check.filling.text", what=what, **say)))
    cloths = [layer.material for layer in spec.stack.layers if layer.role in ("outer", "lining")]
    frays = next((material for material in cloths if material.frays), None)
    if frays is not None:
        title, text = msg("check.must-not-fray"), msg("check.must-not-fray.text", material=frays.name)
        make.checks.append(Check("layers.fray", "warn", title, text))
    make.checks.append(Check("caution.filling", "note", msg("caution.filling"), msg("caution.filling.text")))
    make.draw(draw_solid, b, k, s, height)
    add_steps(make, say)
    return make.draft(girth=4 * k)


def _widest(make: Make, b: float, k: float, s: float) -> float:
    """Width (mm) of the cut panel, wherever it is widest."""
    pen = _outline(make, b, k, s)
    path = [segment for edge in pen.edges for segment in edge.path]
    x0, _, x1, _ = bounds(offset_outline(path, [edge.allowance for edge in pen.edges for _ in edge.path]))
    return x1 - x0


def _outline(make: Make, b: float, k: float, s: float) -> Outliner:
    side, base_a, top_a = (make.allowance(key) for key in ALLOWANCES)
    low = (b - k) / 2
    pen = Outliner("panel", (low, 0.0))
    pen.to("top-lower", (low + k, 0.0), top_a)
    pen.to("flap-lower-right", (b, s), side)
    pen.to("base-right", (b, s + b), base_a)
    pen.to("flap-upper-right", (low + k, 2 * s + b), side)
    pen.to("top-upper", (low, 2 * s + b), top_a)
    pen.to("flap-upper-left", (0.0, s + b), side)
    pen.to("base-left", (0.0, s), base_a)
    pen.to("flap-lower-left", (low, 0.0), side)
    pen.line("base-lower", [(0.0, s), (b, s)])
    pen.line("base-upper", [(0.0, s + b), (b, s + b)])
    return pen


def _panel(make: Make, b: float, k: float, s: float) -> None:
    pen, cross = _outline(make, b, k, s), polyline([(b / 2 - 4, s + b / 2), (b / 2 + 4, s + b / 2)])
    marks = [
        Mark("notch", msg("mark.centre-top"), point=(b / 2, 0.0)),
        Mark("notch", msg("mark.centre-top"), point=(b / 2, 2 * s + b)),
        Mark("centre", msg("mark.base-centre"), cross, datum=msg("mark.base-centre.datum")),
    ]
    make.piece("panel", "", pen.edges, make.cuts(2), marks, lines=pen.lines, copies=("first", "second"), backed=True)


def _top(make: Make, k: float) -> None:
    top_a = make.allowance("top")
    edges = rectangle("top", k, k, {"lower": top_a, "right": top_a, "upper": top_a, "left": top_a})
    make.piece(
        "top",
        "",
        edges,
        make.cuts(1),
        [Mark("notch", msg("mark.centre-top"), point=p) for p in ((k / 2, 0.0), (k, k / 2), (k / 2, k), (0.0, k / 2))],
        backed=True,
    )


def _seams(make: Make) -> None:
    """The first strip lies along y, the second across it; at each corner a flap of one meets a flap of the other."""
    side, base_a, top_a = (make.allowance(key) for key in ALLOWANCES)

    def use(name: str, copy: str, back: bool = False) -> EdgeUse:
        return EdgeUse("panel", name, copy, reversed=back)

    first = [use(f"flap-{n}", "first") for n in ("lower-right", "upper-right", "upper-left", "lower-left")]
    second = [use(f"flap-{n}", "second", True) for n in ("lower-left", "lower-right", "upper-right", "upper-left")]
    for nth, (one, other) in enumerate(zip(first, second, strict=True), 1):
        make.seam(f"corner-{nth}", [one], [other], side, ("outer",), f"weight-corner-{nth}")
    # Round the base square, from its upper left corner.
    free = [use(f"base-{hand}", copy) for hand in ("left", "right") for copy in ("first", "second")]
    lines = [
        use("base-upper", "second", True),
        use("base-lower", "first"),
        use("base-lower", "second"),
        use("base-upper", "first", True),
    ]
    make.seam("base", free, lines, base_a, ("outer",), "weight-base")
    # Round the top square as far as the side that is left open for the filling.
    square = [EdgeUse("top", name) for name in ("lower", "right", "upper", "left")]
    tops = [use(f"top-{name}", copy) for name in ("lower", "upper") for copy in ("first", "second")]
    make.seam("top", square[:3], tops[:3], top_a, ("outer",), "weight-top")
    make.seam("close", square[3:], tops[3:], top_a, ("outer",), "weight-close")


def _handle(make: Make, k: float) -> None:
    """A strap folded in four, caught in the top seam on both sides."""
    top_a, arch = make.allowance("top"), make.spec.ruler.usual(HANDLE_ARCH)
    length = make.ask("handle_length", Chain.start(msg("sum.top-side"), k).plus(msg("sum.arch"), arch), added=2 * top_a)
    wide = make.ask("handle_width", min(20.0, k * 0.6), high=k, added=0.0, share=4, way="down")
    four_fold_handle(make, length, wide, make.allowance("top"))
    make.carry("handle", lambda sewn: _over_top(sewn, k, length, wide))
    make.hem("handle-ends", [EdgeUse("handle", "end-left"), EdgeUse("handle", "end-right")], make.allowance("top"))


def _over_top(sewn: Sewn, k: float, length: float, wide: float) -> tuple[Loop, ...]:
    """The handle, from the middle of one side of the top square to the other."""
    top = float(sewn.points[:, 2].max())
    return arch((-k / 2, 0.0, top), (k / 2, 0.0, top), length, wide, length)


START = {"base_side": 80.0, "top_side": 40.0, "slant": 70.0}


def _reads(chosen: Chosen) -> Reads:
    pairs = {"base_side": "panel.width", "top_side": "top.width", "slant": "panel.height"}
    if chosen["handle"] == "strap":
        pairs |= {"handle_length": "handle.width", "handle_width": "handle.height"}
    return Reads(pairs)


FORM = Form(
    "weight",
    INPUTS,
    OPTIONS,
    (),
    ALLOWANCES,
    draft_weight,
    START,
    (("wool-felt", "outer"),),
    2,
    place=150,
    reads=_reads,
    picture=("M5 32l8 -18h14l8 18l-15 5z M13 14l5 -4h13l-4 4 M27 14l8 18 M31 10l4 22", "", "M13 14l5 -4h13l-4 4z"),
    traits=Traits(inside=False),
)
