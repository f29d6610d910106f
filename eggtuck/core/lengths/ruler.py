"""Writing lengths the way the maker's own ruler shows them."""

from __future__ import annotations

import math
from collections.abc import Iterable
from dataclasses import replace
from fractions import Fraction
from functools import lru_cache
from typing import Final, Literal

from ..frozen import frozen

Unit = Literal["in", "cm", "mm"]
DecimalMark = Literal[".", ","]
UNITS: Final[tuple[Unit, ...]] = ("in", "cm", "mm")
MM_PER_UNIT: Final = {"in": 25.4, "cm": 10.0, "mm": 1.0, "m": 1000.0, "yd": 914.4, "ft": 304.8}

_SIXTEENTH = 25.4 / 16
# Larger than any error of reckoning, smaller than anything that is told (mm).
_HAIR = 1e-6
# From this many millimetres up, usual lengths are said in these parts of an inch.
_ROUND_INCHES = ((300.0, 1.0), (100.0, 0.5), (30.0, 0.25), (6.0, 0.125), (0.0, 0.0625))


@frozen
class Ruler:
    """A maker's ruler: its unit and decimal sign.

    Inches are written as fractions down to a sixteenth, metric to a tenth of a millimetre, which is
    finer than cloth is cut; with a ``mark`` (mm) nothing is written finer than that, but for the lengths in ``kept``, which
    the maker told so. The exact value stays in the program.
    """

    unit: Unit = "cm"
    decimal: DecimalMark = "."
    mark: float = 0.0
    kept: frozenset[float] = frozenset()

    def told(self, mark: float, kept: Iterable[float]) -> Ruler:
        """The same ruler, that tells nothing finer than ``mark`` (mm) but what is ``kept``.

        Example:
            >>> Ruler("cm").told(1.0, [12.5]).write(33.4), Ruler("cm").told(1.0, [12.5]).write(12.5)
            ('3.3 cm', '1.25 cm')
        """
        return replace(self, mark=mark, kept=frozenset(round(mm, 6) for mm in kept))

    @property
    def step(self) -> float:
        """How far one press of an arrow key moves a length (mm)."""
        return 25.4 / 8 if self.unit == "in" else 1.0

    @property
    def finest(self) -> float:
        """The smallest difference it can show (mm): a sixteenth of an inch, a tenth of a millimetre."""
        return _SIXTEENTH if self.unit == "in" else 0.1

    def usual(self, mm: float) -> float:
        """A usual length as makers with this ruler say it (mm): the rounder the longer.

        Example:
            >>> Ruler("cm").usual(600.0), Ruler("in").write(Ruler("in").usual(600.0))
            (600.0, '24 in')
        """
        if self.unit != "in":
            return mm
        step = next(step for least, step in _ROUND_INCHES if abs(mm) >= least)
        return round(mm / 25.4 / step) * step * 25.4

    @lru_cache(maxsize=8192)  # noqa: B019 - rulers are few and last
    def bare(self, mm: float) -> str:
        """The number alone, without its unit.

        Example:
            >>> Ruler("in").bare(123.825), Ruler("cm", ",").bare(123.825)
            ('4 7/8', '12,38')
        """
        # What lies halfway between two marks is told the same however it was reckoned.
        even = mm + math.copysign(_HAIR, mm)
        if self.mark and round(mm, 6) not in self.kept:
            even = round(even / self.mark) * self.mark
        mm = even
        if self.unit == "in":
            return _inches(mm)
        digits = 2 if self.unit == "cm" else 1
        text = f"{mm / MM_PER_UNIT[self.unit]:.{digits}f}".rstrip("0").rstrip(".")
        return ("0" if text in {"-0", ""} else text).replace(".", self.decimal)

    def write(self, mm: float) -> str:
        """The number with its unit.

        Example:
            >>> Ruler("cm").write(125.0), Ruler("in").write(123.825)
            ('12.5 cm', '4 7/8 in')
        """
        return f"{self.bare(mm)} {self.unit}"

    def stitch(self, mm: float) -> str:
        """A stitch length, in mm on every ruler, as machines tell it.

        Example:
            >>> Ruler("in").stitch(2.5)
            '2.5 mm'
        """
        return f"{mm:g} mm".replace(".", self.decimal)

    def thin(self, mm: float) -> str:
        """How thick a cloth is: in mm, or in thousandths of an inch, finer than a ruler shows.

        Example:
            >>> Ruler("cm", ",").thin(0.35), Ruler("in").thin(2.5)
            ('0,35 mm', '0.098 in')
        """
        told = f"{mm / 25.4:.3f} in" if self.unit == "in" else f"{round(mm, 2):g} mm"
        return told.replace(".", self.decimal)

    def sold(self, mm: float) -> str:
        """A length off the roll or the spool, as shops say it: metres from two up, yards in eighths.

        Example:
            >>> Ruler("cm").sold(2500.0), Ruler("in").sold(342.9)
            ('2.5 m', '3/8 yd')
        """
        if self.unit == "in":
            eighths = round(mm / (914.4 / 8))
            if eighths and abs(eighths * 914.4 / 8 - mm) < 0.5:
                whole, rest = divmod(eighths, 8)
                part = f"{Fraction(rest, 8)}" if rest else ""
                return f"{f'{whole} {part}'.strip() if whole else part} yd"
            return f"{round(mm / 914.4 + 0.49)} yd" if mm > 914.4 * 2 else self.write(mm)
        if mm >= 2000:
            return f"{mm / 1000:.1f}".rstrip("0").rstrip(".").replace(".", self.decimal) + " m"
        return self.write(mm)

    def about(self, mm: float) -> str:
        """The number as one would say it: whole millimetres, or tenths of them when it is small.

        Example:
            >>> Ruler("mm").about(123.4), Ruler("mm").about(3.44)
            ('123 mm', '3.4 mm')
        """
        if self.unit == "in":
            return self.write(mm)
        return self.write(round(mm) if abs(mm) >= 10 else round(mm, 1))

    def exact(self, mm: float) -> str:
        """Text that reads back as exactly this length: a fraction or decimal when it is one, else millimetres.

        Example:
            >>> Ruler("in").exact(79.375), Ruler("in").exact(79.0)
            ('3 1/8 in', '79 mm')
        """
        written = replace(self, mark=0.0).write(mm)
        return written if abs(self._read(written) - mm) < 1e-6 else f"{mm:.6g} mm"

    def _read(self, written: str) -> float:
        number = written.rsplit(" ", 1)[0].replace(",", ".")
        sign = -1.0 if number.startswith("-") else 1.0
        return sign * float(sum(Fraction(part) for part in number.lstrip("-").split())) * MM_PER_UNIT[self.unit]


def _inches(mm: float) -> str:
    sixteenths = round(abs(mm) / _SIXTEENTH)
    sign = "-" if mm < 0 else ""
    if sixteenths == 0:
        return "0" if abs(mm) < 0.05 else f"{sign}{math.ceil(abs(mm) / 25.4 * 1000) / 1000:.3g}"
    whole, rest = divmod(sixteenths, 16)
    if rest == 0:
        return f"{sign}{whole}"
    part = Fraction(rest, 16)
    shown = f"{part.numerator}/{part.denominator}"
    return f"{sign}{whole} {shown}" if whole else f"{sign}{shown}"
