"""Letters out from under what is drawn on their pieces since."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import replace

import shapely

from ..pattern import Piece
from ..pattern.picture import Arrow, Cloth, Frame, Item, Letter, Line, Note, Spot
from .scene import box_of

# Half of a letter, and half of a few words, as shares of a drawing.
_HALF, _WORDS = 0.03, 0.07


def with_letters_clear(frame: Frame, by_id: Mapping[str, Piece]) -> Frame:
    """A frame whose letters stand beside lines, places and words, where there is room for that on what is seen of their pieces."""
    items = list(frame.items)
    outlines = [p for item in items if isinstance(item, Cloth) for p in item.outline]
    if not outlines:
        return frame
    left, low, right, high = box_of(outlines)
    size = max(right - left, high - low)
    for nth, item in enumerate(items):
        if not isinstance(item, Letter):
            continue
        taken = [_taken(other, size) for at, other in enumerate(items) if at != nth]
        blocks = [shape for shape in taken if shape is not None]
        at = shapely.Point(item.at)
        if all(shape.distance(at) > 0 for shape in blocks):
            continue
        seen = _seen(items, item, by_id)
        free = seen.difference(shapely.union_all(blocks))
        parts = [part for part in getattr(free, "geoms", [free]) if part.geom_type == "Polygon" and part.area > 1.0]
        if not parts:
            continue
        circle = shapely.maximum_inscribed_circle(max(parts, key=lambda part: part.area), tolerance=0.005 * size)
        if circle.length > _HALF * size / 2:
            x, y = circle.coords[0]
            items[nth] = replace(item, at=(x, y))
    return replace(frame, items=tuple(items))


def _taken(item: Item, size: float) -> shapely.Geometry | None:
    """Where no letter is to stand; nothing for cloth, and for what is only told of stitching that was done before."""
    if isinstance(item, Line):
        return None if item.kind == "sewn" or item.hidden else shapely.LineString(item.path).buffer(_HALF * size)
    if isinstance(item, Arrow):
        return shapely.LineString(item.path).buffer(_HALF * size)
    if isinstance(item, (Spot, Letter)):
        return shapely.Point(item.at).buffer(2 * _HALF * size if isinstance(item, Letter) else 1.5 * _HALF * size)
    if isinstance(item, Note):
        return shapely.Point(item.at).buffer(_WORDS * size)
    return None


def _seen(items: Sequence[Item], letter: Letter, by_id: Mapping[str, Piece]) -> shapely.Geometry:
    """What is seen of what a letter stands on: of several of them that which it was put on."""
    at, found = shapely.Point(letter.at), []
    for nth, item in enumerate(items):
        if not isinstance(item, Cloth) or item.role != letter.role or item.aside:
            continue
        if item.piece not in by_id or by_id[item.piece].letter != letter.text:
            continue
        over = [_shape(other) for other in items[nth + 1 :] if isinstance(other, Cloth) and not other.aside]
        found.append(_shape(item).difference(shapely.union_all(over)))
    on = [shape for shape in found if shape.distance(at) == 0]
    return shapely.union_all(on or found)


def _shape(cloth: Cloth) -> shapely.Geometry:
    return shapely.Polygon(cloth.outline, cloth.holes).buffer(0) if len(cloth.outline) > 2 else shapely.Polygon()
