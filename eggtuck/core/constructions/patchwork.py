"""A top pieced from blocks: all alike with a square sewn across each corner, or rows of the maker's own."""

from __future__ import annotations

from collections.abc import Callable, Iterator, Sequence
from dataclasses import replace

from ..drafting.make import Make
from ..drafting.patchwork import FRAMED, shared
from ..frozen import frozen
from ..making import Look
from ..making.naming import thing_name
from ..moves.carried import LIFT, Box, Loop, Sewn, laid, shape
from ..moves.outliner import rectangle
from ..pattern import Chain, Cut, Edge, InputState, Mark, Role, SpecError
from ..plane import Segment, polyline
from ..shop import BLOCK_LEAST, BLOCK_MOST, STITCH, WITHIN
from ..words import Message, Param, msg


@frozen
class Sheet:
    """A top of several blocks: its trimmed size (mm), the piece it is sewn up to, and what the names of its blocks begin with."""

    width: float
    height: float
    piece: str
    prefix: str = ""


def sew_up(make: Make, sheet: Sheet, joints: Sequence[Segment]) -> None:
    """The top as it is sewn up, with the seams between its blocks."""
    nth = next(i for i, piece in enumerate(make.pieces) if piece.id == sheet.piece)
    top = replace(make.pieces[nth], sewn_up="outer")
    make.pieces[nth] = top.with_marks(*(Mark("line", msg("mark.block-seam"), (joint,)) for joint in joints))


def corner_blocks(make: Make, sheet: Sheet, rows: int, columns: int) -> list[Segment]:
    """Rectangles with a square sewn across each corner, trimmed and opened. All cut sizes are finished plus two
    allowances; the outermost allowance is trimmed away with the quilting. Raises `SpecError`."""
    a, wide, high = make.allowance("side"), sheet.width / columns, sheet.height / rows
    corner = make.ask("corner", min(wide, high) / 4, high=min(wide, high) / 2, added=2 * a)
    if min(wide, high) < BLOCK_LEAST:
        raise SpecError.of("size.columns", msg("problem.blocks-small", wide=wide, high=high, low=BLOCK_LEAST))
    make.finished["rows"], make.finished["columns"] = float(rows), float(columns)
    make.size("block_width", wide)
    make.size("block_height", high)
    name, square = f"{sheet.prefix}block", f"{sheet.prefix}corner"
    count = rows * columns
    diagonals = []
    for x, y, dx, dy in ((0.0, 0.0, 1, 1), (wide, 0.0, -1, 1), (wide, high, -1, -1), (0.0, high, 1, -1)):
        # From raw edge to raw edge: a stitch line that ended at the allowance would come undone where it is trimmed.
        path = polyline([(x + dx * (corner + a), y - dy * a), (x - dx * a, y + dy * (corner + a))])
        diagonals.append(
            Mark("line", msg("mark.corner-diagonal"), path, datum=msg("mark.corner-diagonal.datum", raw=corner + 2 * a))
        )
    block = make.piece(name, "", _rectangle(name, wide, high, a), [Cut("outer", count)], diagonals)
    diagonal = Mark(
        "line",
        msg("mark.sew-diagonal"),
        polyline([(-a, corner + a), (corner + a, -a)]),
        datum=msg("mark.sew-diagonal.datum"),
    )
    cuts = [Cut(make.role("contrast"), 4 * count)]
    turned = make.piece(square, "", _rectangle(square, corner, corner, a), cuts, [diagonal])
    make.hem("blocks", make.each(block), a)
    make.hem("block-corners", make.each(turned), a)
    for id, size, word in ((name, wide, "sum.block"), (square, corner, "sum.corner-square")):
        make.sums[f"{id}.cut_width"] = Chain.start(msg(word), size).plus_some(
            msg("sum.two-side-allowances", allowance=a), 2 * a
        )
    grid = [(i * wide, k * high, (i + 1) * wide, (k + 1) * high) for i in range(columns) for k in range(rows)]
    make.carry(name, _laid_on(sheet.piece, grid))
    make.carry(square, lambda sewn: tuple(loop for box in grid for loop in _cornered(sewn, sheet.piece, box, corner)))
    across = [Segment((0.0, k * high), (columns * wide, k * high)) for k in range(1, rows)]
    return across + [Segment((i * wide, 0.0), (i * wide, rows * high)) for i in range(1, columns)]


def _rectangle(piece: str, wide: float, high: float, a: float) -> list[Edge]:
    return rectangle(piece, wide, high, {"lower": a, "right": a, "upper": a, "left": a})


def _cornered(sewn: Sewn, piece: str, box: Box, corner: float) -> Iterator[Loop]:
    """The four opened corners of a block."""
    x0, y0, x1, y1 = box
    for x, y, dx, dy in ((x0, y0, 1, 1), (x1, y0, -1, 1), (x1, y1, -1, -1), (x0, y1, 1, -1)):
        yield shape(sewn, piece, [(x, y), (x + dx * corner, y), (x, y + dy * corner)], LIFT / 2)


@frozen
class Laid:
    """Rows of blocks as they lie, from the top: the piece each block is cut as, and how wide and high it is (mm)."""

    rows: tuple[tuple[tuple[str, float, float], ...], ...]


def own_rows(make: Make, sheet: Sheet) -> tuple[Laid, list[Segment]]:
    """Blocks of unlike sizes in rows from the top, and the seams between them; in two cloths by turns where there is a contrast. Blocks of one size and cloth are one
    piece. What is left open of a row takes the rest of its width, a row without a height the rest of that. Raises `SpecError`."""
    spec, a = make.spec, make.allowance("side")
    rows = spec.blocks or FRAMED

    def on_ruler(mm: float) -> float:
        return spec.on_grid(mm + 2 * a) - 2 * a

    highs, over = shared([row.height for row in rows], sheet.height, on_ruler)
    if over:
        raise SpecError.of("blocks.0.height", msg("problem.rows-sum", sum=sheet.height - over, whole=sheet.height))
    _room(highs, sheet.height, "blocks.0.height")
    found: dict[tuple[Role, float, float], str] = {}
    boxes: dict[str, list[Box]] = {}
    laid_out, top = [], sheet.height
    joints: list[Segment] = []
    for nth, (row, high) in enumerate(zip(rows, highs, strict=True)):
        wides, over = shared(row.widths, sheet.width, on_ruler)
        if over:
            say = {"row": nth + 1, "sum": sheet.width - over, "whole": sheet.width}
            raise SpecError.of(f"blocks.{nth}.widths.0", msg("problem.row-sum", **say))
        _room(wides, sheet.width, f"blocks.{nth}.widths.0")
        _state(make, f"blocks.{nth}.height", row.height, high)
        line, left = [], 0.0
        for i, (told, wide) in enumerate(zip(row.widths, wides, strict=True)):
            _state(make, f"blocks.{nth}.widths.{i}", told, wide)
            if min(wide, high) < BLOCK_LEAST - 1e-6:
                field = f"blocks.{nth}.height" if high < BLOCK_LEAST else f"blocks.{nth}.widths.{i}"
                raise SpecError.of(field, msg("problem.blocks-small", wide=wide, high=high, low=BLOCK_LEAST))
            role = make.role("contrast") if (nth + i) % 2 else "outer"
            id = found.setdefault((role, round(wide, 3), round(high, 3)), f"{sheet.prefix}block-{len(found) + 1}")
            boxes.setdefault(id, []).append((left, top - high, left + wide, top))
            line.append((id, wide, high))
            if i:
                joints.append(Segment((left, top - high), (left, top)))
            left += wide
        laid_out.append(tuple(line))
        if nth:
            joints.append(Segment((0.0, top), (sheet.width, top)))
        top -= high
    uses = []
    for (role, wide, high), id in found.items():
        piece = make.piece(id, "", _rectangle(id, wide, high, a), [Cut(role, len(boxes[id]))])
        uses += make.each(piece)
        make.sums[f"{id}.cut_width"] = Chain.start(msg("sum.block"), wide).plus_some(
            msg("sum.two-side-allowances", allowance=a), 2 * a
        )
        make.carry(id, _laid_on(sheet.piece, boxes[id]))
    make.hem("blocks", uses, a)
    return Laid(tuple(laid_out)), joints


def _laid_on(piece: str, boxes: Sequence[Box]) -> Callable[[Sewn], tuple[Loop, ...]]:
    """What draws blocks where they lie on their top."""
    return lambda sewn: tuple(loop for box in boxes for loop in laid(sewn, piece, box, LIFT / 3))


def _room(sizes: Sequence[float], whole: float, field: str) -> None:
    """Refuses what leaves nothing for the last one that is open. Raises `SpecError`."""
    least = min(sizes)
    if least <= 0:
        raise SpecError.of(field, msg("problem.row-full", sum=whole - least, whole=whole))


def _state(make: Make, field: str, told: float | None, value: float) -> None:
    typed = make.spec.typed.get(field)
    make.states.append(
        InputState(
            field,
            value,
            None if told is not None else value,
            float(BLOCK_LEAST),
            float(BLOCK_MOST),
            "either-way",
            typed,
        )
    )


def corner_steps(make: Make, sheet: Sheet) -> None:
    """The squares sewn across the corners, then the blocks joined to rows and the rows to a top."""
    order, a = make.order, make.allowance("side")
    block, square = f"{sheet.prefix}block", f"{sheet.prefix}corner"
    order.add(
        "mat-corners",
        "sew",
        20,
        say={"allowance": a},
        pieces=(block, square),
        hems=("block-corners",),
        stitch=float(STITCH),
        press=msg("press.to-corner"),
        check=_finished_block(make, "step.mat-corners.check"),
    )
    rows, columns = (int(make.finished[name] or 1) for name in ("rows", "columns"))
    count: dict[str, Param] = {"rows": rows, "columns": columns}
    row = ((block, sheet.width / columns, sheet.height / rows),) * columns
    order.add(
        "mat-rows",
        "sew",
        20,
        say={"allowance": a, "top": _top(make, sheet), **count},
        later=lambda: tuple(_numbered(make, (row,) * rows)),
        rows=(row,) * rows,
        joins="both",
        pieces=(block,),
        hems=("blocks",),
        stitch=float(STITCH),
        press=msg("press.opposite"),
        check=_joined(make, sheet, "step.mat-rows.check", **count),
    )


def row_steps(make: Make, sheet: Sheet, laid_out: Laid) -> None:
    """The blocks of each row joined, told row by row, then the rows."""
    order, a, several = make.order, make.allowance("side"), len(laid_out.rows) > 1
    every = tuple(dict.fromkeys(id for row in laid_out.rows for id, _, _ in row))
    joined = [row for row in laid_out.rows if len(row) > 1]
    if joined:
        width = sheet.width + 2 * a
        order.add(
            "mat-row-blocks",
            "sew",
            2 + 3 * sum(len(row) - 1 for row in joined),
            say={"allowance": a},
            later=lambda: (
                *(_row(make, nth, row) for nth, row in enumerate(laid_out.rows, 1)),
                *_numbered(make, laid_out.rows),
                *(() if several else (msg("mat.row-is-top", top=_top(make, sheet)),)),
            ),
            pieces=every,
            rows=laid_out.rows,
            hems=("blocks",),
            stitch=float(STITCH),
            press=msg("press.opposite" if several else "press.open"),
            check=Look(
                msg("step.mat-row-blocks.check", width=width),
                width,
                float(WITHIN),
                (msg("cause.allowance"), msg("cause.cut-off")),
                msg("remedy.resew"),
            ),
        )
    if several:
        order.add(
            "mat-own-rows",
            "sew",
            4 * len(laid_out.rows),
            say={"allowance": a, "rows": len(laid_out.rows), "top": _top(make, sheet)},
            pieces=every,
            rows=laid_out.rows,
            joins="rows",
            hems=() if joined else ("blocks",),
            edges=tuple(use for id in every for use in make.each(make.piece_of(id))),
            stitch=float(STITCH),
            press=msg("press.open"),
            check=_joined(make, sheet, "step.mat-own-rows.check"),
        )


def _top(make: Make, sheet: Sheet) -> Message:
    """What the joined blocks are called from then on."""
    return thing_name(make.piece_of(sheet.piece), None)


def _joined(make: Make, sheet: Sheet, words: str, **say: Param) -> Look:
    """How large the top is when it is joined, with the allowance that is trimmed off with the quilting."""
    a = make.allowance("side")
    return _measured(words, sheet.width + 2 * a, sheet.height + 2 * a, **say)


def _finished_block(make: Make, words: str) -> Look:
    """How large a block is when its corners are sewn on: what it is trimmed to."""
    a = make.allowance("side")
    wide, high = (make.finished[f"block_{name}"] or 0.0 for name in ("width", "height"))
    return _measured(words, wide + 2 * a, high + 2 * a)


def _measured(words: str, width: float, height: float, **say: Param) -> Look:
    causes = (msg("cause.allowance"), msg("cause.cut-off"))
    text = msg(words, width=width, height=height, **say)
    return Look(text, width, float(WITHIN), causes, msg("remedy.resew"))


def _numbered(make: Make, rows: Sequence[Sequence[tuple[str, float, float]]]) -> Iterator[Message]:
    """Where those blocks lie that something was sewn on: of several alike which is which is told by their numbers, row by row."""
    met: dict[str, int] = {}
    for nth, row in enumerate(rows, 1):
        for column, (id, _, _) in enumerate(row, 1):
            piece, met[id] = make.piece_of(id), met.get(id, 0) + 1
            carries = {mark.copy or piece.copies[0] for mark in piece.marks if mark.part}
            if len(piece.copies) > 1 and piece.copies[met[id] - 1] in carries:
                say: dict[str, Param] = {"thing": thing_name(piece, None), "number": met[id]}
                yield msg("mat.block-lies", **say, column=column, row=nth)


def _row(make: Make, nth: int, row: tuple[tuple[str, float, float], ...]) -> Message:
    """From the left, what lies in a row."""
    names = []
    for id, _, _ in row:
        piece = make.piece_of(id)
        names.append(thing_name(piece, None))
    words = "mat.row" if len(row) > 1 else "mat.row-whole"
    return msg(words, row=nth, blocks=tuple(names))
