"""Solving the sizes of a form from the numbers of a cut list.

A form drafts sizes into cut numbers. Reading backwards solves those same equations: each size is paired with the one number
that tells it, and the pairs are solved together (Newton; most pairs are sums, so one step is exact). Sizes that no cut number tells
are asked for.
"""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence

from ..drafting.reads import Numbers
from ..errors import EggTuckError
from ..forms import CATALOGUE
from ..pattern import Draft, SpecError

_STEP, _CLOSE, _ROUNDS = 0.5, 1e-9, 30
# Lengths that are cut as long as anybody likes: another number is no disagreement.
FREE = ("ribbon", "cord", "loop", "pen_loop")


def numbers_of(draft: Draft) -> dict[str, float]:
    """Every number a cut list can give, by name (mm): cut sizes of pieces (``wall.width``), lengths and cut-outs by the name of
    their sum (``cutout.width``, ``elastic``), and net edges by their id (``wall.base``)."""
    found: dict[str, float] = {}
    for piece in draft.pieces:
        for edge in (*piece.edges, *piece.lines):
            found[edge.id] = edge.length
    found |= {name: chain.total for name, chain in draft.sums.items() if not name.startswith("finished.")}
    for piece in draft.pieces:
        found[f"{piece.id}.width"], found[f"{piece.id}.height"] = piece.cut_size
    return found


def told_numbers(draft: Draft) -> list[str]:
    """The numbers instructions usually give: cut sizes of what is cut, cut-outs and lengths, and what the sizes are read
    from."""
    told = [f"{p.id}.{side}" for p in draft.pieces if p.cuts for side in ("width", "height")]
    told += [name for name in draft.sums if not name.startswith("finished.") and ".cut_" not in name]
    how = CATALOGUE[draft.form].reads(draft.spec["options"])
    told += how.pairs.values()
    told += [name for names in how.also.values() for name in names if name in draft.sums]
    return list(dict.fromkeys(told))


def solve(
    draft: Callable[[Mapping[str, float]], Draft], pairs: Mapping[str, str], given: Numbers, start: Numbers
) -> dict[str, float]:
    """Sizes (mm) whose draft has the given numbers. Raises `SpecError` with what stands in the way when the numbers make
    nothing, `UnsolvedError` when they do not settle."""
    names = list(pairs)
    wanted = [given[pairs[name]] for name in names]

    def off(sizes: Sequence[float]) -> list[float]:
        got = numbers_of(draft(dict(zip(names, sizes, strict=True))))
        return [got[pairs[name]] - want for name, want in zip(names, wanted, strict=True)]

    at = [start[name] for name in names]
    now = off(at)
    for _ in range(_ROUNDS):
        if max((abs(v) for v in now), default=0.0) < _CLOSE:
            return dict(zip(names, at, strict=True))
        columns: list[list[float]] = []
        for i in range(len(names)):
            moved, step = _nudged(off, at, i)
            columns.append([(m - n) / step for m, n in zip(moved, now, strict=True)])
        change = _linear([[column[row] for column in columns] for row in range(len(names))], [-v for v in now])
        if change is None:
            break
        at, now = _stepped(off, at, now, change)
    if max(abs(v) for v in now) < 1e-4:
        return dict(zip(names, at, strict=True))
    raise UnsolvedError


class UnsolvedError(EggTuckError):
    """The numbers cannot be read together."""


def _nudged(off: Callable[[Sequence[float]], list[float]], at: Sequence[float], i: int) -> tuple[list[float], float]:
    for step in (_STEP, -_STEP, _STEP / 50, -_STEP / 50):
        tried = [v + step if k == i else v for k, v in enumerate(at)]
        try:
            return off(tried), step
        except SpecError:
            continue
    raise UnsolvedError


def _stepped(
    off: Callable[[Sequence[float]], list[float]], at: Sequence[float], now: Sequence[float], change: Sequence[float]
) -> tuple[list[float], list[float]]:
    """The whole step where it can be drafted and comes closer, else a shorter one."""
    share, stopped = 1.0, None
    before = sum(v * v for v in now)
    for _ in range(12):
        tried = [a + share * c for a, c in zip(at, change, strict=True)]
        try:
            found = off(tried)
        except SpecError as error:
            stopped = stopped or error
        else:
            if sum(v * v for v in found) < before:
                return tried, found
        share /= 2
    if stopped is not None:
        raise stopped
    raise UnsolvedError


def _linear(rows: list[list[float]], right: list[float]) -> list[float] | None:
    """Solves a small square system by elimination; None when it has no single solution."""
    size = len(right)
    table = [[*row, value] for row, value in zip(rows, right, strict=True)]
    for column in range(size):
        pivot = max(range(column, size), key=lambda r: abs(table[r][column]))
        if abs(table[pivot][column]) < 1e-9:
            return None
        table[column], table[pivot] = table[pivot], table[column]
        for row in range(size):
            if row != column:
                factor = table[row][column] / table[column][column]
                table[row] = [a - factor * b for a, b in zip(table[row], table[column], strict=True)]
    return [table[i][size] / table[i][i] for i in range(size)]
