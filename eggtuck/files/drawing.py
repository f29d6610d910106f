"""What a printed or exported piece shows: strokes by what they mean, and labels. Writers only render."""

from __future__ import annotations

import itertools
import math
from collections.abc import Iterable, Iterator, Mapping
from dataclasses import replace
from typing import Literal

from ..core.frozen import frozen
from ..core.pattern import Cut, Mark, Piece
from ..core.pattern.document import cut_message
from ..core.pattern.mates import Notch
from ..core.pattern.piece import ARROWS
from ..core.plane import Point, Segment, area, bounds
from ..core.words import Speaker, msg

Style = Literal["cut", "stitch", "fold", "mark", "inset", "notch"]
NOTCH = 4.0
LINE = 1.25
# How high the words of marks are (mm).
SMALL = 2.6
# Room for words is looked for in no more rows and columns than these.
_ROOMS = 120
# Where a title finds no room at the usual places it stands at one of so many rows and columns, in letters so much smaller.
_PLACES, _SMALLER = 17, (0.75, 0.55, 0.4)
# Longer than this many times its width a straight piece is a strip.
STRIP = 6.0


@frozen
class Stroke:
    """A path drawn one way (mm)."""

    style: Style
    path: tuple[Segment, ...]
    closed: bool = False


@frozen
class Label:
    """Text centred at a point; ``size`` is the height of the type in mm."""

    text: str
    at: Point
    size: float
    bold: bool = False

    @property
    def box(self) -> tuple[float, float, float, float]:
        """About where its letters are, in a typeface of ordinary width."""
        half = len(self.text) * self.size * (0.33 if self.bold else 0.27)
        x, y = self.at
        return x - half, y - 0.22 * self.size, x + half, y + 0.75 * self.size


@frozen
class PieceDrawing:
    piece: Piece
    strokes: tuple[Stroke, ...]
    labels: tuple[Label, ...]

    @property
    def box(self) -> tuple[float, float, float, float]:
        return self.piece.cut_box


def draw_piece(piece: Piece, speaker: Speaker, numbers: Mapping[Notch, int] | None = None) -> PieceDrawing:
    """The piece with its cut line, stitch line, folds, marks and labels; notches that meet others with their ``numbers``."""
    strokes = [Stroke("cut", piece.cut_outline, True), Stroke("stitch", piece.stitch_outline, True)]
    strokes += [Stroke("inset", piece.outline_for(cut), True) for cut in _inset_cuts(piece)]
    strokes += [Stroke("fold", (fold.line,)) for fold in piece.folds]
    labels = _title(piece, speaker)
    written: set[str] = set()

    def write(text: str, spots: Iterable[Point]) -> None:
        # The first of several lines that are called the same carries the words.
        if text not in written:
            written.add(text)
            labels.append(_clear(text, list(spots), labels, piece.cut_box))

    for fold in piece.folds:
        write(speaker.say(fold.name), _beside((fold.line,), (0.12, 0.3, 0.7, 0.88, 0.5)))
    for index, mark in enumerate(piece.marks):
        if mark.point is not None:
            tick = _notch(piece, mark.point)
            strokes.append(Stroke("notch", (tick,)))
            number = (numbers or {}).get((piece.id, index))
            if number is not None:
                labels.append(_clear(str(number), list(_within(tick)), labels, piece.cut_box))
            continue
        strokes.append(Stroke("mark", mark.path))
        if mark.kind in ARROWS:
            strokes.append(Stroke("mark", _arrow_head(mark.path[-1])))
        if mark.kind not in ("box-line", "figure", "grain"):
            write(_mark_text(mark, speaker), _mark_spots(mark))
    return PieceDrawing(piece, tuple(strokes), tuple(labels))


def is_strip(piece: Piece) -> bool:
    """A long straight strip, cut with a ruler from the cut list rather than from paper."""
    width, height = sorted(piece.cut_size)
    if not (height > STRIP * width and height > 400.0 and all(s.bulge == 0 for s in piece.cut_outline)):
        return False
    # Only a plain oblong can be cut by its two measures.
    return abs(abs(area(piece.cut_outline)) - width * height) < 1e-6 * width * height


def cut_lines(piece: Piece, speaker: Speaker) -> list[str]:
    """``cut 2 outer`` for each cloth, with the rule it is cut by; what is cut alike for two cloths is told together."""
    alike: dict[tuple[object, ...], Cut] = {}
    for cut in piece.cuts:
        kind = cut.role, cut.nth, cut.rule, cut.inset, cut.part
        before = alike.get(kind)
        alike[kind] = cut if before is None else replace(before, count=before.count + cut.count)
    return [speaker.say(cut_message(piece, cut)) for cut in alike.values()]


def _inset_cuts(piece: Piece) -> list[Cut]:
    """One cut for each different inset and part; a whole net one is on the stitch line, which is drawn."""
    return list({(round(cut.inset, 3), cut.part): cut for cut in piece.cuts if cut.inset or cut.part}.values())


def _title(piece: Piece, speaker: Speaker) -> list[Label]:
    """Letter, name and what is cut of it, a little over the middle, or where fewer marks run through the words."""
    x0, y0, x1, y1 = piece.stitch_box
    width, height = x1 - x0, y1 - y0
    size = max(3.0, min(11.0, width / 6, height / 8))
    x = (x0 + x1) / 2
    shares: tuple[float, ...] = (0.56, 0.76, 0.34, 0.45, 0.66, 0.62, 0.88)
    if piece.folds:
        # Beside a fold rather than across it.
        if abs(piece.folds[0].line.start[0] - piece.folds[0].line.end[0]) < 1e-6:
            x = x0 + width * 0.25
        else:
            shares = (0.28, 0.76)
    cut_width, cut_height = piece.cut_size
    size_cut = speaker.say(msg("print.cut-size", width=cut_width, height=cut_height))
    lines = [speaker.say(piece.name), *cut_lines(piece, speaker), size_cut]
    # Where lines cross in the middle, beside them, in letters as small as that takes.
    beside = (0.0, -0.22 * width, 0.22 * width)
    places = [
        _title_at(piece.letter, lines, (x + off, y0 + height * share), max(3.0, size * small))
        for small, off in itertools.product((1.0, 0.75, 0.55), beside)
        for share in shares
        if small == 1.0 or not piece.folds
    ]

    def in_the_way(labels: list[Label]) -> int:
        # The border of a zone through the words is less in the way than a line to be sewn.
        return sum((mark.kind != "zone") + 1 for mark in piece.marks if _runs_through(mark, labels))

    def on_it(labels: list[Label]) -> bool:
        boxes = [label.box for label in labels]
        return all(x0 <= b[0] and b[2] <= x1 and y0 <= b[1] and b[3] <= y1 for b in boxes)

    usual = places[: len(shares)]
    anywhere = (
        _title_at(piece.letter, lines, at, max(3.0, size * small))
        for small in _SMALLER
        for at in _all_over((x, y0 + height / 2), piece.stitch_box)
    )
    clear = itertools.chain(
        (labels for labels in places if not in_the_way(labels) and (labels in usual or on_it(labels))),
        (labels for labels in anywhere if on_it(labels) and not in_the_way(labels)),
    )
    return next(clear, None) or min(usual, key=in_the_way)


def _all_over(near: Point, box: tuple[float, float, float, float]) -> list[Point]:
    """Places all over a piece for its title, in `_PLACES` rows and columns, the nearest first."""
    x0, y0, x1, y1 = box
    shares = [(nth + 0.5) / _PLACES for nth in range(_PLACES)]
    every = ((x0 + (x1 - x0) * u, y0 + (y1 - y0) * v) for u, v in itertools.product(shares, shares))
    return sorted(every, key=lambda at: math.dist(at, near))


def _title_at(letter: str, lines: list[str], at: Point, size: float) -> list[Label]:
    x, y = at
    small = size * 0.42
    words = [Label(text, (x, y - small * LINE * row - small * 0.4), small) for row, text in enumerate(lines, 1)]
    return [Label(letter, at, size * 1.5, bold=True), *words]


def _runs_through(mark: Mark, labels: list[Label]) -> bool:
    spots = [s.at(i / 16) for s in mark.path for i in range(17)] if mark.point is None else []
    return any(x0 < x < x1 and y0 < y < y1 for x0, y0, x1, y1 in (label.box for label in labels) for x, y in spots)


def _mark_text(mark: Mark, speaker: Speaker) -> str:
    text = speaker.say(mark.label)
    return text if mark.role is None else f"{text} ({speaker.say(msg(f'role.{mark.role}'))})"


def _mark_spots(mark: Mark) -> Iterator[Point]:
    """Where the words of a mark may stand, the best first."""
    if mark.kind == "zone":
        left, low, right, top = bounds(mark.path)
        for row in (top - 4.5, low + 2.0, top - 8.5, low + 6.0, top + 1.5, low - 3.5):
            yield (left + right) / 2, row
    elif mark.kind == "up":
        x, y = mark.path[0].at(0.5)
        yield from ((x + 5, y), (x - 5, y))
    else:
        yield from _beside(mark.path, (0.5, 0.3, 0.7, 0.15, 0.85))


def _beside(path: tuple[Segment, ...], shares: Iterable[float]) -> Iterator[Point]:
    """Places over and under a line, a share of the way along it, then farther from its middle."""
    middle = path[len(path) // 2].at(0.5)
    for share in shares:
        x, y = path[int(share * len(path))].at(share * len(path) % 1 if len(path) > 1 else share)
        yield from ((x, y + 1.2), (x, y - 3.2))
    for away in range(1, 12):
        yield from ((middle[0], middle[1] + 1.2 + 3.4 * away), (middle[0], middle[1] - 3.2 - 3.4 * away))


def _clear(text: str, spots: list[Point], others: list[Label], piece: tuple[float, float, float, float]) -> Label:
    """The text at the first spot on the piece where it covers no other, or as near to the first as there is room; where there is none, at
    the first."""
    for spot in itertools.chain(spots, _anywhere(spots[0], piece)):
        label = Label(text, spot, SMALL)
        x0, y0, x1, y1 = label.box
        on_piece = x0 >= piece[0] and y0 >= piece[1] and x1 <= piece[2] and y1 <= piece[3]
        if on_piece and not any(_cover(label, other) for other in others):
            return label
    return Label(text, spots[0], SMALL)


def _anywhere(near: Point, piece: tuple[float, float, float, float]) -> Iterator[Point]:
    """Places all over a piece, the nearest first."""
    every = itertools.product(_steps(piece[0], piece[2]), _steps(piece[1], piece[3]))
    yield from sorted(every, key=lambda at: math.dist(at, near))


def _steps(low: float, high: float) -> list[float]:
    return [low + SMALL * nth for nth in range(1, min(int((high - low) / SMALL), _ROOMS))]


def _cover(a: Label, b: Label) -> bool:
    (ax0, ay0, ax1, ay1), (bx0, by0, bx1, by1) = a.box, b.box
    return min(ax1, bx1) > max(ax0, bx0) and min(ay1, by1) > max(ay0, by0)


def _arrow_head(shaft: Segment) -> tuple[Segment, ...]:
    ux, uy = shaft.tangent(at_end=True)
    x, y = shaft.end
    left = (x - 3 * ux + 1.5 * uy, y - 3 * uy - 1.5 * ux)
    right = (x - 3 * ux - 1.5 * uy, y - 3 * uy + 1.5 * ux)
    return (Segment(left, shaft.end), Segment(shaft.end, right))


def _notch(piece: Piece, point: Point) -> Segment:
    """A tick from the cut line inward, square to the edge the point lies on."""
    best: tuple[float, Point, float] | None = None
    for edge in piece.edges:
        for s in edge.path:
            away = _distance(s, point)
            if best is None or away < best[0]:
                tx, ty = s.tangent()
                best = (away, (ty, -tx), edge.allowance)
    assert best is not None
    _, (nx, ny), allowance = best
    reach = min(NOTCH, allowance) if allowance > 0 else NOTCH
    start = (point[0] + nx * allowance, point[1] + ny * allowance)
    return Segment(start, (start[0] - nx * reach, start[1] - ny * reach))


def _within(tick: Segment) -> Iterator[Point]:
    """Places for a number inside a notch, the nearest first."""
    ux, uy = tick.tangent()
    x, y = tick.end
    for away in (3.0, 5.0, 7.0, 9.0):
        for beside in (0.0, 2.5, -2.5):
            yield x + ux * away - uy * beside, y + uy * away + ux * beside - 0.27 * SMALL


def _distance(s: Segment, p: Point) -> float:
    """Distance from a point to a segment's chord."""
    length = s.chord
    ux, uy = (s.end[0] - s.start[0]) / length, (s.end[1] - s.start[1]) / length
    along = min(max((p[0] - s.start[0]) * ux + (p[1] - s.start[1]) * uy, 0.0), length)
    return math.hypot(s.start[0] + ux * along - p[0], s.start[1] + uy * along - p[1])
