"""What is marked on the panels of a boxed bag, each mark with where it is measured from."""

from __future__ import annotations

from collections.abc import Iterable

from ..pattern import Edge, Gap, Mark
from ..plane import Point, Segment, polyline, stretch
from ..shop import MOTIF_LEAST
from ..words import Message, msg
from .boxed_shell import Panel, Shell


def base_and_box_marks(shell: Shell, cut_first: bool) -> list[Mark]:
    """The base line on each panel, and the lines across squashed corners when they are sewn first."""
    size = shell.size
    if not size.depth:
        return []
    marks = [
        _across(
            panel,
            "line",
            msg("mark.base-line"),
            size.half,
            size.half,
            size.panel - size.half,
            shell.datum("base-line", size.half),
        )
        for panel in shell.panels
    ]
    if not cut_first:
        h, w = size.half, size.panel
        for panel in shell.panels:
            for corner in ([(0.0, h), (h, h), (h, 0.0)], [(w, h), (w - h, h), (w - h, 0.0)]):
                path = polyline([panel.on_piece(*point) for point in corner])
                datum = msg("mark.box-line.datum", tip=h, line=size.depth, raw=h + shell.low)
                marks.append(Mark("box-line", msg("mark.box-line"), path, datum=datum))
    return _once(marks)


def tie_marks(shell: Shell, tie: float) -> list[Mark]:
    """The line a ribbon ties on, at ``tie`` mm above the base line."""
    y = shell.size.half + tie
    return _once(
        [
            _across(panel, "tie", msg("mark.tie"), y, 0.0, shell.size.panel, shell.datum("tie", tie, y))
            for panel in shell.panels
        ]
    )


def turned_edge_marks(shell: Shell, label: Message) -> list[Mark]:
    """The fold of a cuff or a deep hem, where the finished bag ends."""
    size = shell.size
    if size.above == 0:
        return []
    y = size.half + size.wall
    return _once([_across(panel, "line", label, y, 0.0, size.panel, shell.turned) for panel in shell.panels])


def centre_notches(shell: Shell) -> list[Mark]:
    """Notches at the middle of the top and of the base, and halfway up the sides."""
    size = shell.size
    found: list[Mark] = []
    for panel in shell.panels:
        found.append(_notch(panel, size.panel / 2, size.rise, msg("mark.centre-top")))
        if not any(fold.id.endswith("base-fold") for fold in shell.folds):
            found.append(_notch(panel, size.panel / 2, 0.0, msg("mark.centre-base")))
        for x in (0.0, size.panel):
            found.append(_notch(panel, x, size.half + size.wall / 2, msg("mark.half-way")))
    on_folds = [fold.line for fold in shell.folds]
    return _once([m for m in found if m.point is None or not any(_touches(line, m.point) for line in on_folds)])


def motif_and_up(shell: Shell, highest: float) -> list[Mark]:
    """Where a motif stays clear of folds, seams and the tie, up to ``highest`` mm above the base line; and
    which way is up."""
    size = shell.size
    panel = next(p for p in shell.panels if not p.rear)
    margin = min(10.0, size.base_width / 6)
    low, high = size.half + 2 * margin, size.half + highest - 2 * margin
    left, right = size.half + margin, size.panel - size.half - margin
    marks: list[Mark] = []
    if high - low > MOTIF_LEAST and right - left > MOTIF_LEAST:
        corners = [(left, low), (right, low), (right, high), (left, high), (left, low)]
        path = polyline([panel.on_piece(*point) for point in corners])
        marks.append(
            Mark(
                "zone",
                msg("mark.motif"),
                path,
                datum=msg("mark.motif.datum", width=right - left, height=high - low),
                role="outer",
            )
        )
    # In the side strip, clear of the motif and of the piece's letter.
    x = size.panel - size.half / 2
    arrow = Segment(panel.on_piece(x, size.half * 1.2), panel.on_piece(x, size.half * 1.2 + size.wall * 0.14))
    return [*marks, Mark("up", msg("mark.up"), (arrow,))]


def gap_marks(carrying: Iterable[Edge], gap: Gap, one: bool = False) -> list[Mark]:
    """The two ends of the turning gap on every edge that carries it; ``one`` where only one of the pieces cut alike does."""
    marks: list[Mark] = []
    done = 0.0

    def open_stretch(edge: Edge, path: tuple[Segment, ...], start: float) -> None:
        datum = msg("mark.gap.datum", start=start, edge=edge.name)
        ends = [(path[0].start, "mark.gap-begins"), (path[-1].end, "mark.gap-ends")]
        # Both sides of it are on that panel, not one on each.
        words = ("mark.gap-same" if marks else "mark.gap-one") if one else "mark.gap"
        marks.append(Mark("gap", msg(words, length=gap.length), path, datum=datum, role=gap.layer))
        marks.extend(Mark("gap", msg(name), point=point, datum=datum, role=gap.layer) for point, name in ends)

    # Of pieces cut alike both sides are one edge: the first tells.
    uses = {use.edge: use for use in reversed(gap.edges)}
    for edge in carrying:
        if edge.id not in uses:
            continue
        if gap.chain:
            first = max(0.0, gap.start - done)
            path = stretch(edge.path, first, gap.end - done)
            done += edge.length
            if path:
                open_stretch(edge, path, first)
            continue
        # Where the other side of the seam runs the other way it is measured from its end.
        forward = uses[edge.id].reversed == gap.edges[0].reversed
        start, end = (gap.start, gap.end) if forward else (edge.length - gap.end, edge.length - gap.start)
        path = stretch(edge.path, start, end)
        if path:
            open_stretch(edge, path, start)
    return marks


def _across(panel: Panel, kind: str, label: Message, y: float, left: float, right: float, datum: Message) -> Mark:
    path = Segment(panel.on_piece(left, y), panel.on_piece(right, y))
    # Where a ribbon ties is seen on the outer alone.
    return Mark(kind, label, (path,), datum=datum, role="outer" if kind == "tie" else None)  # type: ignore[arg-type]


def _notch(panel: Panel, x: float, y: float, label: Message) -> Mark:
    return Mark("notch", label, point=panel.on_piece(x, y))


def _touches(line: Segment, point: Point) -> bool:
    """True when the point lies on the (upright or level) fold line's carrier."""
    if abs(line.start[0] - line.end[0]) < 1e-9:
        return abs(point[0] - line.start[0]) < 1e-9
    return abs(point[1] - line.start[1]) < 1e-9


def _once(marks: list[Mark]) -> list[Mark]:
    """Front and back panels of two equal pieces carry the same marks: keep one of each."""
    kept: list[Mark] = []
    for mark in marks:
        if mark not in kept:
            kept.append(mark)
    return kept
