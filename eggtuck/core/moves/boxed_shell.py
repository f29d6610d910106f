"""A tube with a boxed base: two squashed corners make a flat base.

Geometry: with net girth ``G`` and base depth ``D`` a panel is ``G/2`` wide and ``wall + D/2`` high, and
the missing corner is a square of side ``D/2`` on the net shape. Three ways of cutting and two ways of
boxing give the same bag.

A copy called ``back`` is the piece turned over, so that like edges meet like edges.
"""

from __future__ import annotations

from collections.abc import Callable

from ..frozen import frozen
from ..pattern import Copy, Edge, EdgeUse, Facet, Fold, Role, Seam, Span
from ..plane import Point, Segment
from ..words import Message, msg
from .outliner import Outliner

Allowance = Callable[[str], float]


@frozen
class ShellSize:
    """Net sizes (mm): ``above`` is cloth above the wall that is turned back, as a cuff or a hem. Without a ``depth`` its base is a seam."""

    girth: float
    wall: float
    depth: float
    above: float = 0.0

    @property
    def half(self) -> float:
        """Half the base depth: the side of the missing corner."""
        return self.depth / 2

    @property
    def panel(self) -> float:
        """Half the girth: the width of one panel."""
        return self.girth / 2

    @property
    def base_width(self) -> float:
        return self.girth / 2 - self.depth

    @property
    def rise(self) -> float:
        """From the base seam (or base fold) to the top edge."""
        return self.half + self.wall + self.above


@frozen
class Shell:
    """One boxed tube: its piece geometry, its seams and where its parts lie when sewn."""

    piece: str
    size: ShellSize
    edges: tuple[Edge, ...]
    lines: tuple[Edge, ...]
    folds: tuple[Fold, ...]
    seams: tuple[Seam, ...]
    top: tuple[EdgeUse, ...]
    copies: tuple[Copy, ...]
    facets: tuple[Facet, ...]
    panels: tuple[Panel, ...]

    @property
    def low(self) -> float:
        """The allowance below the base stitch line (mm); none where the base is a fold."""
        return next((e.allowance for e in self.edges if e.key.startswith("base")), 0.0)

    def datum(self, mark: str, height: float, net: float | None = None) -> Message:
        """Where a line across the panel is measured from: at that moment from the raw base edge, or the fold; and on the sewn bag.
        ``net`` is its height over the base stitch line where that is not ``height``."""
        folded = not any(e.key.startswith("base") for e in self.edges)
        words = f"mark.{mark}.datum" + ("" if self.size.depth else "-flat") + ("-fold" if folded else "")
        return msg(words, height=height, raw=(height if net is None else net) + self.low)

    @property
    def turned(self) -> Message:
        """Where the fold of a cuff or hem is measured from."""
        top = next(e.allowance for e in self.edges if e.key.startswith("top"))
        return msg("mark.turned.datum", depth=self.size.above, raw=self.size.above + top)

    def named(self, *names: str) -> tuple[EdgeUse, ...]:
        """Those of the named edges that this piece has, on each of its copies."""
        have = {edge.key for edge in (*self.edges, *self.lines)}
        return tuple(EdgeUse(self.piece, name, copy) for copy in self.copies for name in names if name in have)


@frozen
class Panel:
    """How one panel of the tube (x from the left side, y up from the base seam) lies on its piece:
    ``origin`` plus or minus x and y. A ``rear`` panel is the mirror image of the front in the sewn bag."""

    copy: str
    origin: Point
    along: Point = (1.0, 1.0)
    rear: bool = False

    def on_piece(self, x: float, y: float) -> Point:
        return (self.origin[0] + self.along[0] * x, self.origin[1] + self.along[1] * y)


def boxed_shell(
    piece: str, size: ShellSize, cut: str, boxing: str, allowance: Allowance, layers: tuple[Role, ...], prefix: str = ""
) -> Shell:
    """The shell for a way of cutting (``two-panels``, ``side-fold``, ``base-fold``) and of boxing
    (``cut-first``, ``sew-first``), or with a ``flat`` base. ``allowance`` gives mm for ``side``, ``base``, ``top``, ``box``;
    seam ids start with ``prefix``."""
    builders = {"two-panels": _two_panels, "side-fold": _side_fold, "base-fold": _base_fold}
    pen, seams, top, folds, panels, copies = builders[cut](piece, size, boxing == "cut-first", allowance)
    if not size.depth:
        # A flat base has no corners to sew across.
        pen.lines.clear()
        seams = [seam for seam in seams if not seam[0].startswith("box")]
    known = {edge.key: edge for edge in (*pen.edges, *pen.lines)}

    def length(uses: tuple[EdgeUse, ...]) -> float:
        return sum(known[use.key].length for use in uses)

    made = tuple(
        Seam(
            prefix + name,
            msg(f"seam.{name}"),
            a,
            b,
            length(a),
            length(b),
            allowance("box" if name.startswith("box") else "base" if name == "base" else "side"),
            layers,
        )
        for name, a, b in seams
    )
    return Shell(
        piece,
        size,
        tuple(pen.edges),
        tuple(pen.lines),
        folds,
        made,
        top,
        copies,
        tuple(facet for panel in panels for facet in _facets(piece, size, panel)) if size.depth else (),
        panels,
    )


_Seams = list[tuple[str, tuple[EdgeUse, ...], tuple[EdgeUse, ...]]]
_Built = tuple[Outliner, _Seams, tuple[EdgeUse, ...], tuple[Fold, ...], tuple[Panel, ...], tuple[Copy, ...]]


def _two_panels(piece: str, size: ShellSize, cut_first: bool, allowance: Allowance) -> _Built:
    w, h, top = size.panel, size.half, size.rise
    pen = Outliner(piece, (h, 0.0) if cut_first else (0.0, 0.0))
    if cut_first:
        pen.to("base", (w - h, 0.0), allowance("base"))
        pen.to("box-right-upright", (w - h, h), allowance("box"))
        pen.to("box-right-level", (w, h), allowance("box"))
    else:
        pen.to("base", (w, 0.0), allowance("base"))
    pen.to("side-right", (w, top), allowance("side"))
    pen.to("top", (0.0, top), allowance("top"))
    if cut_first:
        pen.to("side-left", (0.0, h), allowance("side"))
        pen.to("box-left-level", (h, h), allowance("box"))
        pen.to("box-left-upright", (h, 0.0), allowance("box"))
    else:
        pen.to("side-left", (0.0, 0.0), allowance("side"))
        pen.line("box-right-upright", [(w - h, 0.0), (w - h, h)])
        pen.line("box-right-level", [(w - h, h), (w, h)])
        pen.line("box-left-level", [(0.0, h), (h, h)])
        pen.line("box-left-upright", [(h, h), (h, 0.0)])

    def both(name: str, front_back: tuple[bool, bool] = (False, False)) -> tuple[EdgeUse, ...]:
        return (
            EdgeUse(piece, name, "front", reversed=front_back[0]),
            EdgeUse(piece, name, "back", reversed=front_back[1]),
        )

    def pair(name: str) -> tuple[str, tuple[EdgeUse, ...], tuple[EdgeUse, ...]]:
        front, back = both(name)
        return name, (front,), (back,)

    seams: _Seams = [
        pair("side-left"),
        pair("side-right"),
        pair("base"),
        ("box-left", both("box-left-level", (True, False)), both("box-left-upright", (False, True))),
        ("box-right", both("box-right-level", (False, True)), both("box-right-upright", (True, False))),
    ]
    panels = (Panel("front", (0.0, 0.0)), Panel("back", (0.0, 0.0), rear=True))
    return pen, seams, both("top", (True, False)), (), panels, ("front", "back")


def _side_fold(piece: str, size: ShellSize, cut_first: bool, allowance: Allowance) -> _Built:
    w, g, h, top = size.panel, size.girth, size.half, size.rise
    pen = Outliner(piece, (h, 0.0) if cut_first else (0.0, 0.0))
    if cut_first:
        pen.to("base-left", (w - h, 0.0), allowance("base"))
        pen.to("box-fold-left", (w - h, h), allowance("box"))
        pen.to("box-fold-level", (w + h, h), allowance("box"))
        pen.to("box-fold-right", (w + h, 0.0), allowance("box"))
        pen.to("base-right", (g - h, 0.0), allowance("base"))
        pen.to("box-right-upright", (g - h, h), allowance("box"))
        pen.to("box-right-level", (g, h), allowance("box"))
    else:
        pen.to("base-left", (w, 0.0), allowance("base"))
        pen.to("base-right", (g, 0.0), allowance("base"))
    pen.to("side-right", (g, top), allowance("side"))
    pen.to("top", (0.0, top), allowance("top"))
    if cut_first:
        pen.to("side-left", (0.0, h), allowance("side"))
        pen.to("box-left-level", (h, h), allowance("box"))
        pen.to("box-left-upright", (h, 0.0), allowance("box"))
    else:
        pen.to("side-left", (0.0, 0.0), allowance("side"))
        pen.line("box-fold-left", [(w - h, 0.0), (w - h, h)])
        pen.line("box-fold-level", [(w - h, h), (w + h, h)])
        pen.line("box-fold-right", [(w + h, h), (w + h, 0.0)])
        pen.line("box-right-upright", [(g - h, 0.0), (g - h, h)])
        pen.line("box-right-level", [(g - h, h), (g, h)])
        pen.line("box-left-level", [(0.0, h), (h, h)])
        pen.line("box-left-upright", [(h, h), (h, 0.0)])

    def use(name: str, backwards: bool = False) -> EdgeUse:
        return EdgeUse(piece, name, reversed=backwards)

    seams: _Seams = [
        ("side", (use("side-left"),), (use("side-right", True),)),
        ("base", (use("base-left"),), (use("base-right", True),)),
        (
            "box-side",
            (use("box-left-level", True), use("box-right-level", True)),
            (use("box-left-upright"), use("box-right-upright")),
        ),
        ("box-fold", (use("box-fold-level"),), (use("box-fold-left", True), use("box-fold-right", True))),
    ]
    fold = Fold(f"{piece}.side-fold", msg("fold.side"), Segment((w, h if cut_first else 0.0), (w, top)))
    panels = (Panel("whole", (0.0, 0.0)), Panel("whole", (g, 0.0), (-1.0, 1.0), rear=True))
    return pen, seams, (use("top"),), (fold,), panels, ("whole",)


def _base_fold(piece: str, size: ShellSize, cut_first: bool, allowance: Allowance) -> _Built:
    w, h, t = size.panel, size.half, size.rise
    pen = Outliner(piece, (0.0, 0.0))
    pen.to("top-back", (w, 0.0), allowance("top"))
    pen.to("side-right-back", (w, t - h if cut_first else t), allowance("side"))
    if cut_first:
        pen.to("box-right-level-back", (w - h, t - h), allowance("box"))
        pen.to("box-right-upright", (w - h, t + h), allowance("box"))
        pen.to("box-right-level-front", (w, t + h), allowance("box"))
    pen.to("side-right-front", (w, 2 * t), allowance("side"))
    pen.to("top-front", (0.0, 2 * t), allowance("top"))
    pen.to("side-left-front", (0.0, t + h if cut_first else t), allowance("side"))
    if cut_first:
        pen.to("box-left-level-front", (h, t + h), allowance("box"))
        pen.to("box-left-upright", (h, t - h), allowance("box"))
        pen.to("box-left-level-back", (0.0, t - h), allowance("box"))
    pen.to("side-left-back", (0.0, 0.0), allowance("side"))
    if not cut_first:
        pen.line("box-right-level-back", [(w, t - h), (w - h, t - h)])
        pen.line("box-right-upright", [(w - h, t - h), (w - h, t + h)])
        pen.line("box-right-level-front", [(w - h, t + h), (w, t + h)])
        pen.line("box-left-level-front", [(0.0, t + h), (h, t + h)])
        pen.line("box-left-upright", [(h, t + h), (h, t - h)])
        pen.line("box-left-level-back", [(h, t - h), (0.0, t - h)])

    def use(name: str, backwards: bool = False) -> EdgeUse:
        return EdgeUse(piece, name, reversed=backwards)

    seams: _Seams = [
        ("side-left", (use("side-left-front"),), (use("side-left-back", True),)),
        ("side-right", (use("side-right-front"),), (use("side-right-back", True),)),
        ("box-left", (use("box-left-level-front", True), use("box-left-level-back", True)), (use("box-left-upright"),)),
        ("box-right", (use("box-right-level-front"), use("box-right-level-back")), (use("box-right-upright", True),)),
    ]
    fold = Fold(
        f"{piece}.base-fold", msg("fold.base"), Segment((h if cut_first else 0.0, t), (w - h if cut_first else w, t))
    )
    panels = (Panel("whole", (0.0, t)), Panel("whole", (0.0, t), (1.0, -1.0), rear=True))
    return pen, seams, (use("top-front", True), use("top-back", True)), (fold,), panels, ("whole",)


def shell_spans(size: ShellSize) -> tuple[Span, ...]:
    """Wall, base and girth as they are measured on the sewn bag."""
    w, h = size.base_width / 2, size.half
    deep = (Span("size.base_depth", (w, -h, 0.0), (w, h, 0.0), size.depth),) if size.depth else ()
    return (
        Span("size.wall_height", (w, h, 0.0), (w, h, size.wall), size.wall),
        *deep,
        Span("finished.base_width", (-w, -h, 0.0), (w, -h, 0.0), size.base_width),
        Span("ease.girth", (-w, -h, size.wall / 2), (w, -h, size.wall / 2), size.girth),
    )


def _facets(piece: str, size: ShellSize, panel: Panel) -> list[Facet]:
    """Front, two half sides and half the base of one panel, flat and in space."""
    w, h, base, wall = size.panel, size.half, size.base_width, size.wall
    parts: list[list[tuple[Point, tuple[float, float, float]]]] = [
        [
            ((h, h), (-base / 2, -h, 0)),
            ((w - h, h), (base / 2, -h, 0)),
            ((w - h, h + wall), (base / 2, -h, wall)),
            ((h, h + wall), (-base / 2, -h, wall)),
        ],
        [
            ((0, h), (-base / 2, 0, 0)),
            ((h, h), (-base / 2, -h, 0)),
            ((h, h + wall), (-base / 2, -h, wall)),
            ((0, h + wall), (-base / 2, 0, wall)),
        ],
        [
            ((w - h, h), (base / 2, -h, 0)),
            ((w, h), (base / 2, 0, 0)),
            ((w, h + wall), (base / 2, 0, wall)),
            ((w - h, h + wall), (base / 2, -h, wall)),
        ],
        [
            ((h, 0), (-base / 2, 0, 0)),
            ((w - h, 0), (base / 2, 0, 0)),
            ((w - h, h), (base / 2, -h, 0)),
            ((h, h), (-base / 2, -h, 0)),
        ],
    ]
    return [
        Facet(
            piece,
            panel.copy,
            tuple(panel.on_piece(x, y) for (x, y), _ in part),
            tuple((x, -y if panel.rear else y, z) for _, (x, y, z) in part),
        )
        for part in parts
    ]
