"""Layouts and what they are laid of, read back."""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Mapping
from typing import Any

from ..plane import Point
from .cutout import Cutout
from .ground import Ground, Spot
from .laying import Repeat, Task
from .writing import SpotDoc


def read_spots(kept: Iterable[SpotDoc]) -> Iterator[Spot]:
    """Where everything lies."""
    return (Spot(**one) for one in kept)  # type: ignore[arg-type]


def read_task(kept: Mapping[str, Any]) -> Task:
    """What a search is to know."""
    cutouts = tuple(
        Cutout(**{**one, "outline": _points(one["outline"]), "low": tuple(one["low"])}) for one in kept["cutouts"]
    )
    grounds = tuple(
        Ground(
            one["id"],
            one["width"],
            one["length"],
            None if one["outline"] is None else _points(one["outline"]),
            tuple(map(_points, one["holes"])),
            one["bought"],
        )
        for one in kept["grounds"]
    )
    return Task(cutouts, grounds, kept["gap"], Repeat(**kept["repeat"]), kept["across"], kept["either_way"])


def _points(kept: Iterable[Iterable[float]]) -> tuple[Point, ...]:
    return tuple((x, y) for x, y in kept)
