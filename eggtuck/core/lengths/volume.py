"""Reading and saying what a thing holds: ``500 ml``, ``1 1/2 l``, ``half a litre``, ``12 fl oz``. Inside the program it is in millilitres."""

from __future__ import annotations

import math
import re
from typing import Final, Literal

from .reading import ABOUT, LONGEST, LengthError, as_number, plain_text, range_ends
from .ruler import DecimalMark, Ruler, Unit

# Millilitres: metric, the measuring spoons of a kitchen, and the customary measures that an inch ruler goes with.
_METRIC = {"ml": 1.0, "cl": 10.0, "dl": 100.0, "l": 1000.0}
_OUNCE = 29.5735295625
_WORDS: dict[str, float] = {
    **_METRIC,
    "millilitre": 1.0,
    "milliliter": 1.0,
    "centilitre": 10.0,
    "centiliter": 10.0,
    "decilitre": 100.0,
    "deciliter": 100.0,
    "litre": 1000.0,
    "liter": 1000.0,
    "cc": 1.0,
    "cm3": 1.0,
    "tablespoon": 15.0,
    "tbsp": 15.0,
    "teaspoon": 5.0,
    "tsp": 5.0,
    "fl oz": _OUNCE,
    "fl. oz": _OUNCE,
    "fluid ounce": _OUNCE,
    "cup": 8 * _OUNCE,
    "pint": 16 * _OUNCE,
    "quart": 32 * _OUNCE,
    "gallon": 128 * _OUNCE,
    # The household cup of Brazil.
    "xicara": 240.0,
}
# The longest first, or the "l" of "ml" would be read as litres.
_UNIT: Final = re.compile(
    rf"(?:^|(?<=[\d\s/]))(?P<unit>{'|'.join(re.escape(w) for w in sorted(_WORDS, key=len, reverse=True))})(?:s|\.)?$"
)
_AND: Final = re.compile(r"^(?P<whole>\S+)\s+(?P<unit>[a-z ]+?)\s+and\s+(?P<part>.+)$")
# "half a litre", "a litre", "a quarter of a litre".
_OF_A: Final = re.compile(r"(?:^|\s+)(?:of\s+)?an?$")
# What is said of a volume no more exactly than so (ml): cloth gives.
_STEPS = ((100.0, 1.0), (1000.0, 5.0), (math.inf, 10.0))


def plain_volume_unit(unit: Unit) -> str:
    """What a volume without a unit is in, beside a ruler of this unit.

    >>> plain_volume_unit("in"), plain_volume_unit("cm")
    ('fl oz', 'ml')
    """
    return "fl oz" if unit == "in" else "ml"


def read_volume(value: object, unit: Unit) -> float:
    """Read what a thing holds as makers write it.

    Args:
        value: text or a JSON number. Decimals take a point or a comma; fractions, words and a range (its larger end) are understood.
        unit: the unit of the maker's ruler: a number by itself is fluid ounces beside inches, else millilitres.

    Returns:
        Millilitres. A cup is eight fluid ounces, a tablespoon 15 ml, a teaspoon 5.

    Raises:
        LengthError: it is no volume; ``fault`` says why.

    Example:
        >>> read_volume("1,5 l", "cm"), read_volume("half a litre", "cm"), round(read_volume("2 cups", "in"), 1)
        (1500.0, 500.0, 473.2)
    """
    if isinstance(value, bool) or not isinstance(value, (str, int, float)):
        raise LengthError("unreadable", str(value)[:LONGEST])
    if not isinstance(value, str):
        value = repr(value)
    if len(value) > LONGEST:
        raise LengthError("too-long", value[:LONGEST])
    text = plain_text(value.replace("³", "3"))
    about = ABOUT.match(text)
    text = text[about.end() :] if about else text
    if not text:
        raise LengthError("empty", value)
    ends = range_ends(text)
    if ends is None:
        number, own = _quantity(text, value)
        return _finite(number * (own or _WORDS[plain_volume_unit(unit)]), value)
    (low, low_own), (high, high_own) = (_quantity(end, value) for end in ends)
    own = high_own or _WORDS[plain_volume_unit(unit)]
    return _finite(max(low * (low_own or own), high * own), value)


def _finite(ml: float, value: str) -> float:
    if not math.isfinite(ml):
        raise LengthError("not-finite", value)
    return ml


def _quantity(text: str, original: str) -> tuple[float, float | None]:
    """A number, and how many ml its own unit is."""
    spoken = _AND.match(text)
    if spoken:
        one = _UNIT.search(spoken["unit"])
        if one and one.start() == 0:
            whole = 1.0 if spoken["whole"] in ("a", "one") else as_number(spoken["whole"], original)
            return whole + as_number(spoken["part"], original), _WORDS[one["unit"]]
    found = _UNIT.search(text)
    if found is None:
        if re.search(r"[a-z]", text) and re.match(r"[\d.,]", text) and not re.search(r"\b(and|half|quarter)", text):
            raise LengthError("unit", original)
        return as_number(text, original), None
    before = text[: found.start()].strip()
    told = _OF_A.sub("", before).strip()
    if not told and before:
        return 1.0, _WORDS[found["unit"]]
    if not told:
        raise LengthError("empty", original)
    return as_number(told, original), _WORDS[found["unit"]]


def _places(number: float, most: int, mark: DecimalMark) -> str:
    return f"{number:.{most}f}".rstrip("0").rstrip(".").replace(".", mark) if most else f"{number:.0f}"


def shown_volume(ml: float, ruler: Ruler) -> tuple[str, Literal["fl-oz", "l", "ml"]]:
    """A volume (``ml``) as a maker reads it beside a ``ruler``, no finer than cloth holds it: the number, and litres, millilitres or, beside
    inches, fluid ounces.

    Example:
        >>> shown_volume(1483.0, Ruler("cm", ",")), shown_volume(354.9, Ruler("in"))
        (('1,48', 'l'), ('12', 'fl-oz'))
    """
    if ruler.unit == "in":
        ounces = ml / _OUNCE
        return _places(ounces, 2 if ounces < 1 else 1 if ounces < 10 else 0, ruler.decimal), "fl-oz"
    step = next(step for most, step in _STEPS if ml < most)
    near = round(ml / step) * step
    return (
        (_places(near / 1000.0, 2, ruler.decimal), "l") if near >= 1000.0 else (_places(near, 0, ruler.decimal), "ml")
    )
