"""The mat: top, padding and backing, quilted oversize, trimmed, and bound; the top whole or pieced from blocks."""

from __future__ import annotations

from collections.abc import Iterator

from ...constructions.binding import add_binding
from ...constructions.shared import ROLES
from ...drafting.description import Form
from ...drafting.make import Make
from ...drafting.reads import Chosen, Reads
from ...drafting.spec import Spec, Traits
from ...moves.carried import LIFT, Box, Loop, Sewn, laid, shape
from ...moves.folding import flat_facet
from ...moves.outliner import rectangle
from ...pattern import Chain, Cut, Draft, EdgeUse, Mark, Role, Span, SpecError
from ...plane import polyline
from ...shop import QUILTED_OVER
from ...words import msg
from .asks import ALLOWANCES, INPUTS, OPTIONS
from .making import add_steps


def draft_mat(spec: Spec) -> Draft:
    """The trimmed mat is ``width`` by ``height``; bound edges carry no allowance. Raises `SpecError`."""
    make = Make(spec, INPUTS, ALLOWANCES)
    blocks = make.option("patchwork") == "corner-squares"
    columns = int(make.ask("columns", 3, finished=False)) if blocks else 1
    rows = int(make.ask("rows", 2, finished=False)) if blocks else 1
    # Every block is cut to a mark with its two allowances; the mat is as many of them as it has.
    seam = 2 * make.allowance("side") if blocks else 0.0
    w = make.ask("width", added=seam, share=1 / columns)
    h = make.ask("height", added=seam, share=1 / rows)
    # The top and backing are cut over already.
    margin = make.ask("quilting_margin", make.quilting.get("outer", QUILTED_OVER), finished=False)
    make.quilting = {}
    padding = spec.stack.of("padding") is not None
    over = margin if padding else 0.0

    def sheet(name: str, cuts: list[Cut], marks: list[Mark]) -> None:
        edges = rectangle(name, w, h, {"lower": 0.0, "right": 0.0, "upper": 0.0, "left": 0.0})
        make.piece(name, "", edges, cuts, marks)

    middle = [
        Mark("notch", msg("mark.centre-side"), point=p) for p in ((w / 2, 0.0), (w, h / 2), (w / 2, h), (0.0, h / 2))
    ]
    quilting = [
        Mark("line", msg("mark.quilting"), polyline([(0.0, 0.0), (w, h)]), datum=msg("mark.quilting.datum"), seen=True)
    ]
    # Cut larger all round, quilted, and only then trimmed to the net size.
    top_cuts = [] if blocks else [Cut("outer", 1, inset=-over)]
    interfacings = range(len(spec.stack.all("interfacing")))
    paddings = range(len(spec.stack.all("padding")))
    backing: Role = "lining" if make.lined else "outer"
    # What stiffens it is ironed to the backing before the layers are laid.
    stiff = [Cut("interfacing", 1, inset=-over, nth=nth, on=backing) for nth in interfacings]
    sheet("top", top_cuts, [*middle, *(quilting if make.spec.stack.of("padding") else ())])
    back_cuts = [
        Cut(backing, 1, inset=-over),
        *stiff,
        *(Cut("padding", 1, inset=-over, nth=nth, on=backing) for nth in paddings),
    ]
    sheet("backing", back_cuts, middle)
    if blocks:
        _blocks(make, w / columns, h / rows, rows, columns)
        wide, high, corner = w / columns, h / rows, make.finished["corner"] or 0.0
        grid = [(i * wide, k * high, (i + 1) * wide, (k + 1) * high) for i in range(columns) for k in range(rows)]
        make.carry("block", lambda sewn: tuple(loop for box in grid for loop in laid(sewn, "top", box, LIFT / 3)))
        make.carry("corner", lambda sewn: tuple(loop for box in grid for loop in _cornered(sewn, box, corner)))
    names = ("lower", "right", "upper", "left")
    top, back = ([EdgeUse(piece, name) for name in names] for piece in ("top", "backing"))
    chain = Chain.start(msg("sum.mat-width"), w).plus(msg("sum.mat-height"), h).times(msg("sum.both-ways"), 2)
    make.sums["perimeter"] = chain
    add_binding(make, chain.total, top, back)
    corners = [(0.0, 0.0), (w, 0.0), (w, h), (0.0, h)]
    make.carry("backing", lambda sewn: laid(sewn, "top", (0.0, 0.0, w, h), -LIFT))
    # Lying on the table, turned towards the eye.
    make.facets.append(flat_facet("top", [(p, (p[0] - w / 2, 0.0, p[1])) for p in corners]))
    make.spans += [
        Span("size.width", (-w / 2, 0.0, 0.0), (w / 2, 0.0, 0.0), w),
        Span("size.height", (w / 2, 0.0, 0.0), (w / 2, 0.0, h), h),
    ]
    add_steps(make, over, blocks)
    return make.draft(girth=2 * (w + h))


def _blocks(make: Make, wide: float, high: float, rows: int, columns: int) -> None:
    """Rectangles with a square sewn across each corner, trimmed and opened. All cut sizes are finished plus two
    allowances; the outermost allowance is trimmed away with the quilting. Raises `SpecError`."""
    a = make.allowance("side")
    corner = make.ask("corner", min(wide, high) / 4, high=min(wide, high) / 2, added=2 * a)
    if min(wide, high) < 15:
        raise SpecError.of("size.columns", msg("problem.blocks-small", wide=wide, high=high, low=15.0))
    make.finished["rows"], make.finished["columns"] = float(rows), float(columns)
    make.size("block_width", wide)
    make.size("block_height", high)
    count = rows * columns
    edges = rectangle("block", wide, high, {"lower": a, "right": a, "upper": a, "left": a})
    diagonals = []
    for x, y, dx, dy in ((0.0, 0.0, 1, 1), (wide, 0.0, -1, 1), (wide, high, -1, -1), (0.0, high, 1, -1)):
        path = polyline([(x + dx * corner, y), (x, y + dy * corner)])
        diagonals.append(
            Mark("line", msg("mark.corner-diagonal"), path, datum=msg("mark.corner-diagonal.datum", raw=corner + a))
        )
    block = make.piece("block", "", edges, [Cut("outer", count)], diagonals)
    edges = rectangle("corner", corner, corner, {"lower": a, "right": a, "upper": a, "left": a})
    diagonal = Mark(
        "line", msg("mark.sew-diagonal"), polyline([(0.0, corner), (corner, 0.0)]), datum=msg("mark.sew-diagonal.datum")
    )
    turned = make.piece("corner", "", edges, [Cut(make.role("contrast"), 4 * count)], [diagonal])
    make.hem("blocks", make.each(block), a)
    make.hem("block-corners", make.each(turned), a)
    make.sums["block.cut_width"] = Chain.start(msg("sum.block"), wide).plus_some(
        msg("sum.two-side-allowances", allowance=a), 2 * a
    )
    make.sums["corner.cut_width"] = Chain.start(msg("sum.corner-square"), corner).plus_some(
        msg("sum.two-side-allowances", allowance=a), 2 * a
    )


def _cornered(sewn: Sewn, box: Box, corner: float) -> Iterator[Loop]:
    """The four opened corners of a block."""
    x0, y0, x1, y1 = box
    for x, y, dx, dy in ((x0, y0, 1, 1), (x1, y0, -1, 1), (x1, y1, -1, -1), (x0, y1, 1, -1)):
        yield shape(sewn, "top", [(x, y), (x + dx * corner, y), (x, y + dy * corner)], LIFT / 2)


START = {"width": 420.0, "height": 300.0}
MAT_LAYERS = (
    ("linen", "outer"),
    ("quilting-cotton", "lining"),
    ("cotton-batting", "padding"),
    ("quilting-cotton", "binding"),
)


def _reads(chosen: Chosen) -> Reads:
    pairs = {"width": "top.width", "height": "top.height"}
    pairs |= {"strip_width": "binding.height", "binding_length": "binding.width"}
    repeats = {"backing.width": "layers", "backing.height": "layers"}
    if chosen["patchwork"] == "corner-squares":
        return Reads({**pairs, "corner": "corner.width"}, ("rows", "columns"), repeats=repeats)
    return Reads(pairs, repeats=repeats)


FORM = Form(
    "mat",
    INPUTS,
    OPTIONS,
    (),
    ALLOWANCES,
    draft_mat,
    START,
    MAT_LAYERS,
    2,
    (*ROLES, "contrast", "binding"),
    place=160,
    reads=_reads,
    picture=("M5 9h30v23h-30z M8 12h24v17h-24z", "M8 12l24 17 M32 12l-24 17", "M5 9h30v3h-30z M5 29h30v3h-30z"),
    traits=Traits(hot=True, inside=False, padding_held="quilted"),
)
