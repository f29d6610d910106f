"""Numbers as they are written: mm, rounded to what is finer than any cutter."""

from __future__ import annotations

from collections.abc import Iterable, Sequence

from ...lengths import Ruler
from ...plane import Segment
from ..written import LengthDoc

# Finer than any cutter, coarse enough that equal numbers print equal.
_PLACES = 6


def rounded(value: float) -> float:
    """Equal numbers print equal, and nothing is never less than nothing."""
    return round(value, _PLACES) + 0.0


def rounded_all(point: Iterable[float]) -> list[float]:
    """The numbers of a point, a box, a way in space."""
    return [rounded(value) for value in point]


def closed_points(outline: Sequence[Segment]) -> list[list[float]]:
    """``[x, y, bulge]`` of each segment's start, its bulge belonging to the segment that starts there."""
    return [[rounded(s.start[0]), rounded(s.start[1]), rounded(s.bulge)] for s in outline]


def open_points(path: Sequence[Segment]) -> list[list[float]]:
    """As `closed_points`, with the end of the last segment added."""
    if not path:
        return []
    return [*closed_points(path), [rounded(path[-1].end[0]), rounded(path[-1].end[1]), 0.0]]


def length_document(mm: float, ruler: Ruler) -> LengthDoc:
    """A length in mm, and as it is said on a ruler."""
    return {"mm": rounded(mm), "text": ruler.write(mm)}
