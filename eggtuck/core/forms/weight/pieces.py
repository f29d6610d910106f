"""The pieces, and the seams they are sewn in."""

from __future__ import annotations

import math

from ...constructions.shared import four_fold_handle
from ...drafting.make import Make
from ...moves.carried import Loop, Sewn, arch
from ...moves.outliner import Outliner, rectangle
from ...pattern import Chain, EdgeUse, Mark
from ...plane import bounds, offset_outline, polyline
from ...shop import HANDLE_ARCH
from ...words import msg
from .asks import ALLOWANCES


def widest(make: Make, b: float, k: float, s: float) -> float:
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


def add_panel(make: Make, b: float, k: float, s: float) -> None:
    pen, cross = _outline(make, b, k, s), polyline([(b / 2 - 4, s + b / 2), (b / 2 + 4, s + b / 2)])
    marks = [
        Mark("notch", msg("mark.centre-top"), point=(b / 2, 0.0)),
        Mark("notch", msg("mark.centre-top"), point=(b / 2, 2 * s + b)),
        Mark("centre", msg("mark.base-centre"), cross, datum=msg("mark.base-centre.datum")),
    ]
    lines = (("lower", s), ("upper", s + b))
    marks += [
        Mark(
            "line",
            msg("mark.weight-base"),
            polyline([(0.0, y), (b, y)]),
            datum=msg(f"mark.weight-base-{end}", raw=s + make.allowance("top")),
            bars="between",
        )
        for end, y in lines
    ]
    make.upright["panel"] = s + b, 2 * s + b
    make.piece("panel", "", pen.edges, make.cuts(2), marks, lines=pen.lines, copies=("first", "second"), backed=True)


def add_top(make: Make, k: float) -> None:
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


def add_seams(make: Make) -> None:
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


def add_handle(make: Make, k: float) -> None:
    """A strap folded in four, caught in the top seam on both sides; or from corner to corner, where its ends reach the raw corners."""
    diagonal = make.option("handle") == "diagonal"
    top_a, arch = make.allowance("top"), make.spec.ruler.usual(HANDLE_ARCH)
    end = top_a * math.sqrt(2) if diagonal else top_a
    across = Chain.start(msg("sum.top-side"), k)
    across = across.times(msg("sum.diagonal-of"), math.sqrt(2)) if diagonal else across
    length = make.ask("handle_length", across.plus(msg("sum.arch"), arch), added=2 * end)
    wide = make.ask("handle_width", min(20.0, k * 0.6), high=k, added=0.0, share=4, way="down")
    four_fold_handle(make, length, wide, end)
    make.carry("handle", lambda sewn: _over_top(sewn, k, length, wide, diagonal))
    make.hem("handle-ends", [EdgeUse("handle", "end-left"), EdgeUse("handle", "end-right")], end)


def _over_top(sewn: Sewn, k: float, length: float, wide: float, diagonal: bool) -> tuple[Loop, ...]:
    """The handle, from the middle of one side of the top square to the other, or from corner to corner."""
    top = float(sewn.points[:, 2].max())
    y = k / 2 if diagonal else 0.0
    return arch((-k / 2, -y, top), (k / 2, y, top), length, wide, length)
