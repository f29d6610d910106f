"""Chains of sums: a number together with the way it came about.

Geometry takes its numbers from the chain's ``total``, so what is shown is what was done.
"""

from __future__ import annotations

from typing import Literal

from ..frozen import frozen
from ..lengths import Grid, RoundingWay
from ..words import Message, msg

Operation = Literal["start", "plus", "minus", "times", "divide", "round", "most", "least"]


@frozen
class Line:
    """One line of a sum. ``amount`` is a length in mm, or a plain factor for times and divide;
    ``total`` is where the sum stands after it."""

    operation: Operation
    label: Message
    amount: float
    total: float


@frozen
class Chain:
    """A sum a person could say aloud, line by line."""

    lines: tuple[Line, ...]

    @classmethod
    def start(cls, label: Message, amount: float) -> Chain:
        """A sum that begins with a length (mm).

        Example:
            >>> Chain.start(msg("sum.given"), 250.0).plus(msg("sum.ease"), 30.0).divided(msg("sum.half"), 2).total
            140.0
        """
        return cls((Line("start", label, amount, amount),))

    @property
    def total(self) -> float:
        return self.lines[-1].total

    def _then(self, operation: Operation, label: Message, amount: float, total: float) -> Chain:
        return Chain((*self.lines, Line(operation, label, amount, total)))

    def plus(self, label: Message, amount: float) -> Chain:
        return self._then("plus", label, amount, self.total + amount)

    def plus_some(self, label: Message, amount: float) -> Chain:
        """Like `plus`, without a line for nothing."""
        return self.plus(label, amount) if amount else self

    def minus(self, label: Message, amount: float) -> Chain:
        return self._then("minus", label, amount, self.total - amount)

    def minus_some(self, label: Message, amount: float) -> Chain:
        return self.minus(label, amount) if amount else self

    def times(self, label: Message, factor: float) -> Chain:
        return self._then("times", label, factor, self.total * factor)

    def divided(self, label: Message, divisor: float) -> Chain:
        return self._then("divide", label, divisor, self.total / divisor)

    def at_most(self, label: Message, limit: float) -> Chain:
        """Capped at ``limit``; no line when the cap does not bite."""
        return self if self.total <= limit else self._then("most", label, limit, limit)

    def at_least(self, label: Message, limit: float) -> Chain:
        return self if self.total >= limit else self._then("least", label, limit, limit)

    def rounded(self, grid: Grid, way: RoundingWay) -> Chain:
        """Rounded to the maker's ruler; no line when it already lies on a mark."""
        total = grid.round(self.total, way)
        if abs(total - self.total) < 1e-9:
            return self
        return self._then("round", msg(f"sum.round-{way}"), grid.step, total)
