"""A maker's machine and tools, as told."""

from __future__ import annotations

from collections.abc import Mapping
from typing import Any

from ..frozen import frozen
from ..lengths import LengthError, Ruler, read_length
from ..pattern import Problem, SpecError
from ..words import msg
from .tools import FEET, TOOLS

# What may be told of a machine and of the hands at it, between what (mm).
LENGTHS = {
    "free_arm": (80.0, 900.0),
    "stack": (1.0, 20.0),
    "foot_edge": (2.0, 30.0),
    "needle_moves": (0.0, 10.0),
    "finger": (6.0, 40.0),
    "fist": (40.0, 180.0),
}
_MOST_LINES, _LINE = 12, (2.0, 80.0)


@frozen
class Bench:
    """How far round the free arm is, how thick a stack the machine sews, how far the right edge of its usual foot lies from the needle and how
    far that can be moved to either side, the lines on its plate (all mm); the feet and tools that are there; how wide a finger and the fist of this maker are. What nobody told is
    None. This maker is known to sew so much wider than guided (``sews_wide``, mm; less than nothing is narrower)."""

    free_arm: float | None = None
    stack: float | None = None
    foot_edge: float | None = None
    needle_moves: float | None = None
    plate: tuple[float, ...] = ()
    feet: frozenset[str] | None = None
    tools: frozenset[str] | None = None
    sews_wide: float = 0.0
    finger: float | None = None
    fist: float | None = None


def read_bench(document: Mapping[str, Any], ruler: Ruler, sews_wide: float = 0.0) -> Bench:
    """A machine as a maker wrote it down. Raises `SpecError` naming every field at fault."""
    problems: list[Problem] = []
    values: dict[str, float] = {}
    typed = {name: str(document.get(name) or "").strip() for name in (*LENGTHS, "plate")}
    for name, (low, high) in LENGTHS.items():
        if typed[name]:
            value = _length(f"machine.{name}", typed[name], ruler, low, high, problems)
            if value is not None:
                values[name] = value
    lines = [text.strip() for text in typed["plate"].replace(";", " ; ").split(";") if text.strip()]
    plate = [_length("machine.plate", text, ruler, *_LINE, problems) for text in lines[:_MOST_LINES]]
    if problems:
        error = SpecError(problems)
        error.ruler = ruler
        raise error
    feet, tools = (_named(document.get(name), known) for name, known in (("feet", FEET), ("tools", TOOLS)))
    return Bench(
        **values, plate=tuple(sorted(p for p in plate if p is not None)), feet=feet, tools=tools, sews_wide=sews_wide
    )


def _named(value: object, known: tuple[str, ...]) -> frozenset[str] | None:
    return frozenset(str(one) for one in value if one in known) if isinstance(value, (list, tuple)) else None


def _length(name: str, text: str, ruler: Ruler, low: float, high: float, problems: list[Problem]) -> float | None:
    try:
        value = read_length(text, ruler.unit).mm
    except LengthError as error:
        problems.append(Problem(name, msg(f"problem.length-{error.fault}", text=error.text, example=ruler.write(low))))
        return None
    if not low <= value <= high:
        problems.append(Problem(name, msg("problem.machine-length", low=low, high=high)))
        return None
    return value
