"""Sums as they are shown: with as many digits as it takes for the shown numbers themselves to add up."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from fractions import Fraction

from ..frozen import frozen
from .ruler import MM_PER_UNIT, Ruler

# Parts of an inch that are said as fractions; a sum that is finer is written in decimals.
_PARTS = (16, 32, 64)
_MOST_PLACES = 4
_FACTORS = ("times", "divide")


@frozen
class SumLine:
    """What is done with ``amount`` (mm, a plain factor for times and divide), and where the sum then stands (mm)."""

    operation: str
    amount: float
    total: float

    @property
    def lengths(self) -> tuple[float, ...]:
        return (self.total,) if self.operation in _FACTORS else (self.amount, self.total)


def shown_sums(lines: Sequence[SumLine], ruler: Ruler) -> list[tuple[str, str]]:
    """The lines of a sum as a maker reads them, none finer than it needs to add up.

    Args:
        lines: what is done, with exact numbers (mm).
        ruler: what it is told on.

    Returns:
        ``(amount, total)`` of each line. Each total follows from the shown total before it and the shown amount: exactly where
        something is added or taken away, to half of the last place where it is multiplied or divided.

    Example:
        >>> shown_sums([SumLine("start", 250.0, 250.0), SumLine("divide", 3.0, 250.0 / 3)], Ruler("cm"))
        [('25', '25'), ('3', '8.33')]
    """
    per = MM_PER_UNIT[ruler.unit]
    if ruler.unit == "in":
        for part in _PARTS:
            step = per / part
            if all(abs(mm / step - round(mm / step)) < 1e-6 for line in lines for mm in line.lengths):
                return [_written(line, _fractions(per, part), ruler) for line in lines]
    fewest = 1 if ruler.unit == "mm" else 2
    places = next((n for n in range(fewest, _MOST_PLACES) if _adds_up(lines, per, n)), _MOST_PLACES)
    if places == _MOST_PLACES:
        lines = _as_shown(lines, per, places)
    return [_written(line, lambda mm: _decimal(mm / per, places).replace(".", ruler.decimal), ruler) for line in lines]


def _fractions(per: float, part: int) -> Callable[[float], str]:
    return lambda mm: _mixed(mm / per, part)


def _written(line: SumLine, write: Callable[[float], str], ruler: Ruler) -> tuple[str, str]:
    factor = line.operation in _FACTORS
    return (_factor(line.amount).replace(".", ruler.decimal) if factor else write(line.amount)), write(line.total)


def _as_shown(lines: Sequence[SumLine], per: float, places: int) -> list[SumLine]:
    """The sum done with its shown numbers, where no number of places makes the true ones add up: thirds, doubled, never do."""
    found, last = [], 0.0
    for line in lines:
        amount = round(line.amount / per, places)
        match line.operation:
            case "plus":
                last = last + amount
            case "minus":
                last = last - amount
            case "times":
                last = last * line.amount
            case "divide":
                last = last / line.amount
            case _:
                last = line.total / per
        last = round(last, places)
        found.append(SumLine(line.operation, line.amount, last * per))
    return found


def _adds_up(lines: Sequence[SumLine], per: float, places: int) -> bool:
    last, half = 0.0, 0.5 * 10.0**-places
    for line in lines:
        shown, amount = round(line.total / per, places), round(line.amount / per, places)
        match line.operation:
            case "plus":
                off, allowed = last + amount - shown, 0.0
            case "minus":
                off, allowed = last - amount - shown, 0.0
            case "times":
                off, allowed = last * line.amount - shown, half
            case "divide":
                off, allowed = last / line.amount - shown, half
            case _:
                off, allowed = 0.0, 0.0
        if abs(off) > allowed + 1e-9:
            return False
        last = shown
    return True


def _factor(value: float) -> str:
    """A plain number; thirds and their like as fractions, for no decimals are exact."""
    near = Fraction(value).limit_denominator(12)
    if near.denominator % 3 == 0 and abs(float(near) - value) < 1e-12:
        return str(near)
    return f"{value:.9g}"


def _decimal(value: float, places: int) -> str:
    text = f"{value:.{places}f}".rstrip("0").rstrip(".")
    return "0" if text in {"-0", ""} else text


def _mixed(inches: float, part: int) -> str:
    whole, rest = divmod(round(abs(inches) * part), part)
    sign = "-" if inches < 0 and (whole or rest) else ""
    if rest == 0:
        return f"{sign}{whole}"
    shown = Fraction(rest, part)
    return f"{sign}{whole} {shown}" if whole else f"{sign}{shown}"
