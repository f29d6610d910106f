"""Layouts and what they are laid of, as plain data to keep."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import asdict
from typing import Any

from typing_extensions import TypedDict

from .ground import Spot
from .laying import Task


class SpotDoc(TypedDict):
    """Where something lies: its lower left corner (mm), turned by so many degrees, whether the maker put it there."""

    cutout: str
    ground: str
    x: float
    y: float
    angle: int
    pinned: bool


def spots_document(spots: Iterable[Spot]) -> list[SpotDoc]:
    """Where everything lies, to a thousandth of a millimetre."""
    return [
        {
            "cutout": one.cutout,
            "ground": one.ground,
            "x": round(one.x, 3),
            "y": round(one.y, 3),
            "angle": one.angle,
            "pinned": one.pinned,
        }
        for one in spots
    ]


def task_document(task: Task) -> dict[str, Any]:
    """Everything a search is to know."""
    return asdict(task)
