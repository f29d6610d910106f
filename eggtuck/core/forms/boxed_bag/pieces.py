"""The pieces of a boxed bag and what is marked on them."""

from __future__ import annotations

import math

from ...drafting.backing import backed, check_outlines, turned_halves
from ...drafting.spec import Spec
from ...moves.bag_marks import base_and_box_marks, centre_notches, gap_marks, motif_and_up, tie_marks, turned_edge_marks
from ...moves.boxed_shell import Shell, ShellSize, boxed_shell
from ...pattern import Cut, Gap, Mark, Piece, Role, SpecError
from ...words import Thickness, msg
from .asks import MIN_BASE
from .sizes import Sizes


def make_shells(spec: Spec, sizes: Sizes) -> tuple[Shell, Shell]:
    """Outer and lining; the same shell when the lining is cut from the outer's pattern."""
    cut, boxing = spec.options["cut"], spec.options["boxing"]
    own = any(
        spec.seam_allowance(key, lining=True) != spec.seam_allowance(key) for key in ("side", "base", "top", "box")
    )
    differs = sizes.mouth.lined and ((spec.options["lining"] == "reduced" and sizes.between > 0) or own)
    layers: tuple[Role, ...] = ("outer", "lining") if sizes.mouth.lined and not differs else ("outer",)
    outer = boxed_shell("body", sizes.shell, cut, boxing, spec.seam_allowance, layers)
    if not differs:
        return outer, outer
    size = sizes.shell
    if spec.options["lining"] == "reduced":
        size = _on_ruler(spec, size, sizes.between)
        t = sizes.between
        if (outer.size.depth > 0.0 and size.depth < 4.0) or size.base_width < MIN_BASE or size.wall < 10.0:
            raise SpecError.of("options.lining", msg("problem.lining-vanishes", thickness=Thickness(t)))
    lining = boxed_shell(
        "body-lining", size, cut, boxing, lambda key: spec.seam_allowance(key, lining=True), ("lining",), "lining-"
    )
    return outer, lining


def _on_ruler(spec: Spec, outer: ShellSize, t: float) -> ShellSize:
    """The lining that hangs inside, smaller by the turn of cloth of ``t`` mm, its cut sizes on the maker's ruler."""
    side, base, top = (2 * spec.seam_allowance(k, lining=True) for k in ("side", "base", "top"))
    depth = spec.on_grid(outer.depth - 2 * t) if outer.depth else 0.0
    panels = 1 if spec.options["cut"] == "side-fold" else 2
    across = spec.grid.round((outer.girth - 2 * math.pi * t) / panels + side)
    girth = (across - side) * panels
    low = top if spec.options["cut"] == "base-fold" else (base + top) / 2
    sheets = 2 if spec.options["cut"] == "base-fold" else 1
    up = spec.grid.round(sheets * (outer.wall - t + depth / 2 + outer.above) + low)
    wall = (up - low) / sheets - depth / 2 - outer.above
    return ShellSize(girth, wall, depth, outer.above)


def make_pieces(
    spec: Spec, sizes: Sizes, outer: Shell, lining: Shell, tie: float | None, gap: Gap | None
) -> tuple[Piece, ...]:
    count = len(outer.copies)
    cuts = [Cut("outer", count)]
    if sizes.mouth.flat_lined or (sizes.mouth.lined and lining is outer):
        cuts.append(Cut("lining", count, on="outer" if sizes.mouth.flat_lined else None))

    def layered(id: str, shell: Shell, own: list[Cut]) -> tuple[Cut, ...]:
        return backed(spec, id, tuple(shell.edges), own, True)

    pieces = [
        Piece(
            "body",
            "A",
            msg("piece.body"),
            outer.edges,
            layered("body", outer, cuts),
            outer.lines,
            tuple(_marks(spec, sizes, outer, tie, gap if lining is outer else None, main=True)),
            outer.folds,
            copies=outer.copies,
            backed=True,
        )
    ]
    if lining is not outer:
        pieces.append(
            Piece(
                "body-lining",
                "B",
                msg("piece.body-lining"),
                lining.edges,
                layered("body-lining", lining, [Cut("lining", len(lining.copies))]),
                lining.lines,
                tuple(_marks(spec, sizes, lining, None, gap, main=False)),
                lining.folds,
                copies=lining.copies,
                backed=True,
            )
        )
    for piece in pieces:
        check_outlines(spec, piece)
    return tuple(map(turned_halves, pieces))


def _marks(spec: Spec, sizes: Sizes, shell: Shell, tie: float | None, gap: Gap | None, main: bool) -> list[Mark]:
    marks = base_and_box_marks(shell, spec.options["boxing"] == "cut-first")
    marks += centre_notches(shell)
    top = spec.options["top"]
    marks += turned_edge_marks(shell, msg(f"mark.turned-{top}"))
    if main:
        if tie is not None:
            marks += tie_marks(shell, tie)
        # What is turned over lies on as much of the wall below the finished top.
        ceiling = min(sizes.wall.total - shell.size.above, tie or math.inf)
        marks += motif_and_up(shell, ceiling)
    if gap is not None:
        marks += gap_marks(shell.edges, gap)
    return marks
