"""A bookmark: a stiffened strip, faced with a second piece or folded lengthwise; by itself, or beside another make."""

from __future__ import annotations

from dataclasses import replace

from ..drafting.make import Make
from ..frozen import frozen
from ..making import Look
from ..moves.outliner import Outliner
from ..pattern import Chain, Cut, EdgeUse, Mark, Role, Seam
from ..pattern.piece import Fold
from ..plane import Segment, polyline
from ..shop import TOPSTITCH
from ..words import msg
from .shared import trim_corners


@frozen
class Bookmark:
    """As it was drawn: its piece, the seams that are sewn before it is turned, and the end that is closed when it is topstitched."""

    piece: str
    sewn: tuple[Seam, ...]
    lower: Seam


def add_bookmark(make: Make, piece: str, w: float, length: float, folded: bool = False, prefix: str = "") -> Bookmark:
    """Its piece, ``w`` by ``length`` mm finished, and its seams, whose ids begin with ``prefix``."""
    side, end = make.allowance("side"), make.allowance("end")
    wide = 2 * w if folded else w
    pen = Outliner(piece, (0.0, 0.0))
    if folded:
        pen.to("lower-left", (w, 0.0), end)
        pen.to("lower-right", (wide, 0.0), end)
        pen.to("side-right", (wide, length), side)
        pen.to("upper-right", (w, length), end)
        pen.to("upper-left", (0.0, length), end)
    else:
        pen.to("lower", (wide, 0.0), end)
        pen.to("side-right", (wide, length), side)
        pen.to("upper", (0.0, length), end)
    pen.to("side-left", (0.0, 0.0), side)
    folds = [Fold(f"{piece}.fold", msg("fold.lengthwise"), Segment((w, 0.0), (w, length)))] if folded else []
    up = Mark("up", msg("mark.up"), polyline([(w * 0.5, length * 0.12), (w * 0.5, length * 0.3)]))
    if folded:
        cuts = [Cut("outer", 1), *([Cut("lining", 1, on="outer")] if make.lined else [])]
    else:
        cuts = [Cut("outer", 1), Cut("lining", 1)] if make.lined else [Cut("outer", 2)]
    copies = ("front", "back") if not make.lined and not folded else ()
    make.piece(piece, "", pen.edges, cuts, [up], folds, copies=copies, backed=True)
    chain = Chain.start(msg("sum.strip"), w)
    chain = chain.times(msg("sum.both-sides"), 2) if folded else chain
    make.sums[f"{piece}.cut_width"] = chain.plus_some(msg("sum.two-side-allowances", allowance=side), 2 * side)
    high = Chain.start(msg("sum.length"), length)
    make.sums[f"{piece}.cut_height"] = high.plus_some(msg("sum.two-end-allowances", allowance=end), 2 * end)
    return _folded(make, piece, prefix) if folded else _faced(make, piece, prefix)


def _folded(make: Make, piece: str, prefix: str) -> Bookmark:
    side, end = make.allowance("side"), make.allowance("end")

    def seam(name: str, one: str, other: str, depth: float, words: str) -> Seam:
        a, b = EdgeUse(piece, one), EdgeUse(piece, other, reversed=True)
        return make.seam(f"{prefix}{name}", [a], [b], depth, ("outer",), words)

    long = seam("side", "side-left", "side-right", side, "long-side")
    upper = seam("upper", "upper-left", "upper-right", end, "strip-end")
    return Bookmark(piece, (long, upper), seam("lower", "lower-left", "lower-right", end, "strip-open"))


def _faced(make: Make, piece: str, prefix: str) -> Bookmark:
    sides: tuple[tuple[str, Role], ...] = (("front", "outer"), ("back", "outer"))
    if make.lined:
        sides = (("whole", "outer"), ("whole", "lining"))

    def both(name: str) -> tuple[EdgeUse, tuple[EdgeUse, ...]]:
        front, back = (EdgeUse(piece, name, copy, layer) for copy, layer in sides)
        return front, (back,)

    names = ("side-right", "upper", "side-left")
    seams = make.seams_apart(f"{prefix}round", [both(n) for n in names], ("outer",), "strip-round")
    a, b = both("lower")
    lower = make.seam(f"{prefix}lower", [a], list(b), make.allowance("end"), ("outer",), "strip-open")
    return Bookmark(piece, tuple(seams), lower)


def bookmark_steps(make: Make, mark: Bookmark, prefix: str = "") -> None:
    """Sew it round but for its lower end, turn it, close that with the topstitch; beside another make it is told which of the two is worked
    on."""
    order = make.order
    begun = len(order.operations)
    right = msg("faces.right-together")
    order.seam(f"{prefix}strip", mark.sewn, "strip-sew", how=("leave-lower",), faces=right)
    trim_corners(make, "trim-corners-strip", mark.piece)
    check = Look(msg("step.strip-turn.check"), causes=(msg("cause.not-pushed"),), remedy=msg("remedy.push"))
    order.add(
        f"{prefix}strip-turn",
        "finish",
        3,
        "strip-turn",
        pieces=(mark.piece,),
        caution=msg("caution.points"),
        check=check,
        turns=("whole",),
    )
    order.seam(
        f"{prefix}lower",
        [mark.lower],
        "strip-topstitch",
        lay=msg("lay.turn-in", allowance=make.allowance("end")),
        along=msg("along.edge-all-round", distance=make.edge_stitch),
        faces=msg("faces.wrong-together"),
        stitch=float(TOPSTITCH),
        press=msg("press.flat"),
    )
    if prefix:
        order.operations[begun:] = [
            replace(
                done,
                id=done.id if done.id.startswith(prefix) else f"{prefix}{done.id}",
                title=msg("step.of-bookmark", step=done.title),
            )
            for done in order.operations[begun:]
        ]
