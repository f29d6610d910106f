"""What runs across a piece from edge to edge: level, or as far below a bent upper edge all the way."""

from __future__ import annotations

from collections.abc import Iterable

import shapely
from shapely.geometry.base import BaseGeometry

from ...plane import Segment, bounds, crossings, flatten
from ...plane.boxes import Box
from ...shop import EQUAL, PART_CLEAR
from ...words import Message, msg
from .places import Field
from .taken import line_of
from .uppers import Bent, is_dart, lower_edge, upper_edge

# A bend is drawn in so many straight parts a quarter.
_FINE = 32


def bent_over(field: Field) -> Bent | None:
    """The bent upper edge that a line across lies along; none where darts part it, and where only its corners are rounded."""
    bent, (x0, _, x1, _) = field.bent, field.piece.stitch_box
    return bent if bent is not None and bent.whole and not bent.is_level_at((x0 + x1) / 2) else None


def level_of(field: Field, down: float) -> float:
    """How high a line lies in its middle that is so far below the finished top (mm)."""
    bent, (x0, _, x1, _) = bent_over(field), field.piece.stitch_box
    return field.top - down if bent is None else bent.level((x0 + x1) / 2, down)


def down_of(field: Field, y: float) -> float:
    """How far below the finished top it is there (mm)."""
    bent, (x0, _, x1, _) = bent_over(field), field.piece.stitch_box
    return field.top - y if bent is None else bent.down_to(((x0 + x1) / 2, y))


def covered(field: Field, outline: Iterable[Segment], box: Box, *, follows: bool) -> BaseGeometry:
    """What of an outline a band covers: level, or where it ``follows`` a bent upper edge, as wide as its box."""
    outline, bent = tuple(outline), bent_over(field)
    whole = shapely.make_valid(shapely.Polygon(flatten(outline, 0.2)))
    if bent is None or not follows:
        x0, _, x1, _ = bounds(outline)
        return whole.intersection(shapely.box(x0 - 1.0, box[1], x1 + 1.0, box[3]))
    down, rim = down_of(field, box[3]), line_of(bent.path)
    far, near = (rim.buffer(away, quad_segs=_FINE) for away in (down + box[3] - box[1], down))
    return whole.intersection(far.difference(near))


def is_inside(field: Field, box: Box, *, follows: bool) -> bool:
    """Whether a band lies clear of darts, of the base and of the finished top."""
    darts = [bounds(edge.path) for edge in field.piece.edges if is_dart(edge)]
    if any(low < box[3] and box[1] < high for _, low, _, high in darts):
        # Only when they are sewn are its edges whole.
        return False
    if not field.is_free(covered(field, field.piece.stitch_outline, box, follows=follows), box[3], across=True):
        return False
    if bent_over(field) is None:
        return box[1] >= field.low + PART_CLEAR - 1e-6 and box[3] <= field.top - PART_CLEAR + 1e-6
    band = covered(field, field.piece.stitch_outline, box, follows=follows)
    ends = upper_edge(field.piece), lower_edge(field.piece)
    return all(band.distance(line_of(edge.path)) >= PART_CLEAR - EQUAL for edge in ends)


def bows(field: Field, y: float) -> float:
    """How far from level what is sewn on straight there comes to lie at its ends: below its middle, or above it when less than nothing (mm)."""
    bent, out = bent_over(field), crossings(field.piece.stitch_points, y)
    return 0.0 if bent is None or not out else bent.down_to((max(out), y)) - down_of(field, y)


def line_across(field: Field, down: float) -> tuple[Segment, ...]:
    """The line itself, from stitch line to stitch line of the front, left to right; nothing where it leaves the piece."""
    bent, y = bent_over(field), level_of(field, down)
    if bent is None:
        outline = flatten(field.piece.stitch_outline, 0.005)
        found = [min(max(x, field.left), field.right) for x in crossings(outline, y)]
        return (Segment((min(found), y), (max(found), y)),) if found and max(found) - min(found) > EQUAL else ()
    return tuple(segment.reversed() for segment in reversed(bent.below(down)))


def across_datum(field: Field, y: float, words: str) -> Message:
    """Where to measure it from in its middle while the piece is flat, and what it then is on the finished make."""
    bent, top = bent_over(field), down_of(field, y)
    raw = field.piece.cut_box[3] - y if bent is None else top + bent.allowance
    place = msg(words, raw=raw, top=field.under(top), runs="level" if bent is None else "bent")
    return msg("place.back-half", place=place) if field.upside_down else place
