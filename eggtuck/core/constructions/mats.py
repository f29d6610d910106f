"""A mat: top, padding and backing, quilted oversize, trimmed and bound; by itself, or as one part of a larger make."""

from __future__ import annotations

from dataclasses import replace

from ..drafting.make import Make
from ..frozen import frozen
from ..making import Look
from ..making.backing import quilt_lines
from ..making.naming import thing_name
from ..moves.carried import LIFT, laid
from ..moves.outliner import rectangle
from ..pattern import Chain, Cut, EdgeUse, Mark, Role
from ..plane import polyline
from ..shop import QUILTED_OVER, THICK_STITCH
from ..words import Message, msg
from .binding import add_binding, binding_steps
from .patchwork import Laid, Sheet, corner_blocks, corner_steps, own_rows, row_steps, sew_up


@frozen
class Mat:
    """A mat as it was drawn: its top, how much larger all round it is cut to be quilted (mm), how its top is pieced, and its own rows."""

    sheet: Sheet
    over: float
    pieced: str
    rows: Laid | None = None

    @property
    def pieces(self) -> frozenset[str]:
        """All it is made of but its binding."""
        return frozenset((*self.layers, *self.cut, f"{self.sheet.prefix}corner"))

    @property
    def layers(self) -> tuple[str, ...]:
        """What is laid on what: its top, whatever that is sewn up from, and its backing."""
        return (self.sheet.piece, f"{self.sheet.prefix}backing")

    @property
    def cut(self) -> tuple[str, ...]:
        """Of which pieces its top is cut: that itself, or its blocks."""
        if self.rows is not None:
            return tuple(dict.fromkeys(id for row in self.rows.rows for id, _, _ in row))
        return (f"{self.sheet.prefix}block",) if self.pieced == "corner-squares" else (self.sheet.piece,)


def blocks_of(make: Make, pieced: str) -> tuple[int, int]:
    """How many rows and columns of blocks a top has: one where its blocks are not all alike."""
    if pieced != "corner-squares":
        return 1, 1
    return int(make.ask("rows", 2, finished=False)), int(make.ask("columns", 3, finished=False))


def add_mat(make: Make, width: float, height: float, pieced: str, grid: tuple[int, int], prefix: str = "") -> Mat:
    """Its pieces, for a trimmed mat ``width`` by ``height`` whose top is ``pieced``; their names begin with ``prefix``. Bound edges
    carry no allowance. Raises `SpecError`."""
    stack = make.spec.stack
    padded = stack.of("padding") is not None
    over = 0.0
    if padded:
        # The top and backing are cut over already.
        over = make.ask("quilting_margin", make.quilting.get("outer", QUILTED_OVER), finished=False)
    top, back = f"{prefix}top", f"{prefix}backing"
    sheet = Sheet(width, height, top, prefix)
    w, h = width, height

    def cloth(name: str, cuts: list[Cut], marks: list[Mark]) -> None:
        edges = rectangle(name, w, h, {"lower": 0.0, "right": 0.0, "upper": 0.0, "left": 0.0})
        make.piece(name, "", edges, cuts, marks)

    line = polyline([(0.0, 0.0), (w, h)])
    quilting = [Mark("line", msg("mark.quilting"), line, datum=msg("mark.quilting.datum"), seen=True)]
    quilted = padded and pieced == "whole"
    # Cut larger all round, quilted, and only then trimmed to the net size.
    whole = [Cut("outer", 1, inset=-over)] if pieced == "whole" else []
    cloth(top, whole, quilting if quilted else [])
    backing: Role = "lining" if make.lined else "outer"
    # What stiffens it is ironed to the backing before the layers are laid.
    within = [
        Cut(role, 1, inset=-over, nth=nth, on=backing)
        for role in ("interfacing", "padding")
        for nth in range(len(stack.all(role)))
    ]
    cloth(back, [Cut(backing, 1, inset=-over), *within], [])
    rows = None
    if pieced == "corner-squares":
        sew_up(make, sheet, corner_blocks(make, sheet, *grid))
    elif pieced == "rows":
        rows, joints = own_rows(make, sheet)
        sew_up(make, sheet, joints)
    names = ("lower", "right", "upper", "left")
    bound, caught = ([EdgeUse(piece, name) for name in names] for piece in (top, back))
    chain = Chain.start(msg("sum.mat-width"), w).plus(msg("sum.mat-height"), h).times(msg("sum.both-ways"), 2)
    make.sums["perimeter"] = chain
    add_binding(make, chain.total, bound, caught)
    make.carry(back, lambda sewn: laid(sewn, top, (0.0, 0.0, w, h), -LIFT))
    mat = Mat(sheet, over, pieced, rows)
    make.tops[back] = mat.cut
    if padded or pieced != "whole":
        make.laid |= {top, back} if padded else {top}
    return mat


def _called(make: Make, piece: str) -> Message:
    return thing_name(make.piece_of(piece), None)


def mat_steps(make: Make, mat: Mat) -> None:
    """Piece the top, lay the layers, quilt, trim and bind."""
    order, layers, blocks = make.order, mat.layers, mat.pieced != "whole"
    begun = len(order.operations)
    if mat.rows is not None:
        row_steps(make, mat.sheet, mat.rows)
    elif blocks:
        corner_steps(make, mat.sheet)
    if make.spec.stack.of("padding") is not None:
        order.add(
            "mat-layers",
            "prepare",
            6,
            say={"backing": _called(make, layers[1]), "top": _called(make, layers[0])},
            pieces=layers,
            check=msg("step.mat-layers.check", blocks="yes" if blocks else "no"),
        )
        order.add(
            "mat-quilt",
            "sew",
            25,
            "mat-quilt-blocks" if blocks else "mat-quilt",
            later=quilt_lines,
            pieces=layers,
            at=("mark.block-seam",) if blocks else ("mark.quilting",),
            foot="walking",
            stitch=float(THICK_STITCH),
            check=msg("step.mat-quilt.check"),
        )
        size = {"width": mat.sheet.width, "height": mat.sheet.height, "over": mat.over}
        words = "mat-trim"
        if blocks:
            words, size["allowance"] = "mat-trim-blocks", make.allowance("side")
        trimmed = Look(msg("step.mat-trim.check"), causes=(msg("cause.not-square"),), remedy=msg("remedy.square"))
        order.add(
            "mat-trim",
            "cut",
            4,
            words,
            say=size,
            pieces=layers,
            caution=msg("caution.blade"),
            check=trimmed,
            cuts="outline",
        )
        order.put_in(len(order.operations), make.laid_steps)
    else:
        if blocks:
            say = {"width": mat.sheet.width, "height": mat.sheet.height, "allowance": make.allowance("side")}
            caution, looked = msg("caution.blade"), msg("step.mat-trim.check")
            order.add(
                "mat-trim-top", "cut", 3, say=say, pieces=layers[:1], caution=caution, check=looked, cuts="outline"
            )
            order.put_in(len(order.operations), make.laid_steps)
        order.add("mat-baste", "prepare", 4, pieces=layers)
    binding_steps(make, make.option("binding_by"), back=mat.layers[1])
    if mat.sheet.prefix:
        # Beside another make it is told which of the two is worked on.
        order.operations[begun:] = [
            replace(done, title=msg("step.of-mat", step=done.title)) for done in order.operations[begun:]
        ]
