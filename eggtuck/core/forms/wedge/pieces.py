"""The pieces, and the seams they are sewn in."""

from __future__ import annotations

from ...constructions.zips import Zip, add_zip, sew_zip, zip_in_edge
from ...drafting.make import Make
from ...moves.outliner import Outliner
from ...pattern import Cut, EdgeUse, Mark, Role
from ...plane import Point, bounds, offset_outline, polyline
from ...words import msg
from .asks import ALLOWANCES
from .sizes import Wedge, corners_of


def place_zip(make: Make, size: Wedge) -> Zip:
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


def widest_zip(make: Make, size: Wedge) -> float:
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
    if not cut_first and size.depth:
        pen.line("box-right-upright", [right(on_base), right(inner)])
        pen.line("box-right-level", [right(inner), right(on_side)])
        pen.line("box-left-level", [on_side, inner])
        pen.line("box-left-upright", [inner, on_base])
    return pen


def add_panel(make: Make, ending: str, size: Wedge) -> None:
    lining = bool(ending)
    pen = _outline(make, ending, size)
    base, cut_first = make.allowance("base", lining), make.option("boxing") == "cut-first"
    w, top = size.bottom, size.rise - size.z / 2
    on_base, inner, on_side = corners_of(size)

    def right(p: Point) -> Point:
        return (w - p[0], p[1])

    y = size.depth / 2
    base_line = polyline([inner, right(inner)])
    marks = [Mark("line", msg("mark.base-line"), base_line, datum=msg("mark.base-line.datum", height=y, raw=y + base))]
    marks = [
        *(marks if size.depth else ()),
        Mark("notch", msg("mark.centre-mouth"), point=(w / 2, top)),
        Mark("notch", msg("mark.centre-base"), point=(w / 2, 0.0)),
    ]
    if not cut_first and size.depth:
        for corner in ([on_side, inner, on_base], [right(on_side), right(inner), right(on_base)]):
            datum = msg("mark.box-line.datum", tip=size.m, line=size.depth)
            marks.append(Mark("box-line", msg("mark.box-line"), polyline(corner), datum=datum))
    cuts = [Cut("lining", 2)] if lining else make.cuts(2)
    make.piece(f"body{ending}", "", pen.edges, cuts, marks, lines=pen.lines, copies=("front", "back"), backed=True)


def add_seams(make: Make, zipper: Zip) -> None:
    inner = "body-lining" if make.apart else "body"
    copies = ("front", "back")
    panels = [EdgeUse("body", "zip", copy, reversed=True) for copy in copies]
    caught = [EdgeUse(inner, "zip", copy, reversed=True) for copy in copies] if make.apart else []
    sew_zip(make, zipper, panels, caught)
    for piece, prefix in (("body", ""), ("body-lining", "lining-"))[: 2 if make.apart else 1]:
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
        for hand in ("left", "right") if make.finished["base_depth"] else ():
            level, upright = f"box-{hand}-level", f"box-{hand}-upright"
            a = [use(level, "front", hand == "left"), use(level, "back", hand == "right")]
            b = [use(upright, "front", hand == "right"), use(upright, "back", hand == "left")]
            make.seam(f"{prefix}box-{hand}", a, b, make.allowance("box", lining), layers, f"box-{hand}")
