"""How a maker wants cloths laid, read from what was typed."""

from __future__ import annotations

from collections.abc import Mapping
from typing import Any

from ..lengths import LengthError, Ruler, read_length
from ..pattern.problem import Problem
from ..shop import GAP_MOST, REPEAT_LEAST, REPEAT_MOST
from ..words import msg
from .laying import Repeat
from .table import Wish


def read_wish(typed: Mapping[str, Any], field: str, ruler: Ruler) -> tuple[Wish, list[Problem]]:
    """A wish as it was typed; with what cannot be read of it, by its field. What is left empty is nothing."""
    problems: list[Problem] = []

    def length(name: str, low: float, high: float) -> float:
        text = str(typed.get(name) or "").strip()
        if not text:
            return 0.0
        try:
            mm = read_length(text, ruler.unit).mm
        except LengthError:
            problems.append(Problem(f"{field}.{name}", msg("problem.lay-length")))
            return 0.0
        if mm and not low <= mm <= high:
            problems.append(Problem(f"{field}.{name}", msg("problem.lay-range", low=low, high=high)))
            return 0.0
        return mm

    gap = length("gap", 0.0, GAP_MOST)
    repeat = Repeat(length("repeat_up", REPEAT_LEAST, REPEAT_MOST), length("repeat_across", REPEAT_LEAST, REPEAT_MOST))
    wish = Wish(
        on=tuple(typed.get("on") or ()),
        fold=bool(typed.get("fold")),
        across=typed.get("across"),
        gap=gap,
        repeat=repeat,
        as_=typed.get("cut_from"),
        sold=typed.get("sold") or "length",
        first=typed.get("first") or "least",
        buy=typed.get("buy", True),
    )
    return wish, problems
