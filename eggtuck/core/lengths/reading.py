"""Reading a length the way makers write it: ``3 1/8``, ``3⅛``, ``7,9 cm``, ``79mm``, ``about 8 in``."""

from __future__ import annotations

import math
import re
import unicodedata
from collections.abc import Mapping
from fractions import Fraction
from functools import lru_cache
from typing import Final, Literal

from ..errors import InputError
from ..frozen import frozen
from .portuguese import in_english
from .ruler import MM_PER_UNIT, Unit

Fault = Literal["empty", "unreadable", "unit", "not-finite", "fraction", "too-long"]


class LengthError(InputError):
    """A length that cannot be read. ``fault`` says why in a word, ``text`` is what was written."""

    def __init__(self, fault: Fault, text: str) -> None:
        super().__init__(f"{fault}: {text!r}")
        self.fault = fault
        self.text = text


@frozen
class Reading:
    """What was read: ``mm`` is the length to work with, the larger end when a range was given."""

    mm: float
    low: float
    about: bool = False

    @property
    def is_range(self) -> bool:
        return self.low < self.mm


LONGEST = 60
ABOUT = re.compile(r"^(?:about|approx\.?|approximately|around|roughly|ca\.?|circa|~|≈)\s*", re.I)
_TO = re.compile(r"\s*(?:\bto\b|\.\.\.?|…|–|—)\s*|\s+-\s+", re.I)
Own = Literal["in", "cm", "mm", "m", "yd", "ft"]
_UNIT_WORDS: Final[Mapping[str, Own]] = {
    "in": "in",
    "in.": "in",
    "inch": "in",
    "inches": "in",
    '"': "in",
    "''": "in",
    "cm": "cm",
    "cm.": "cm",
    "centimetre": "cm",
    "centimetres": "cm",
    "centimeter": "cm",
    "centimeters": "cm",
    "mm": "mm",
    "mm.": "mm",
    "millimetre": "mm",
    "millimetres": "mm",
    "millimeter": "mm",
    "millimeters": "mm",
    "m": "m",
    "metre": "m",
    "metres": "m",
    "meter": "m",
    "meters": "m",
    "yd": "yd",
    "yd.": "yd",
    "yard": "yd",
    "yards": "yd",
    "ft": "ft",
    "foot": "ft",
    "feet": "ft",
}
_WORDS = {
    word: number
    for number, word in enumerate(
        [
            "zero",
            "one",
            "two",
            "three",
            "four",
            "five",
            "six",
            "seven",
            "eight",
            "nine",
            "ten",
            "eleven",
            "twelve",
            "thirteen",
            "fourteen",
            "fifteen",
            "sixteen",
            "seventeen",
            "eighteen",
            "nineteen",
            "twenty",
        ]
    )
}
_PARTS = {
    "half": Fraction(1, 2),
    "a half": Fraction(1, 2),
    "quarter": Fraction(1, 4),
    "a quarter": Fraction(1, 4),
    "three quarters": Fraction(3, 4),
    "an eighth": Fraction(1, 8),
    "eighth": Fraction(1, 8),
    "three eighths": Fraction(3, 8),
    "five eighths": Fraction(5, 8),
    "seven eighths": Fraction(7, 8),
    "three quarter": Fraction(3, 4),
    "a third": Fraction(1, 3),
    "third": Fraction(1, 3),
    "one third": Fraction(1, 3),
    "two thirds": Fraction(2, 3),
    "one half": Fraction(1, 2),
    "one quarter": Fraction(1, 4),
    "one eighth": Fraction(1, 8),
    "sixteenth": Fraction(1, 16),
    "a sixteenth": Fraction(1, 16),
}
# "half an inch", "a quarter of a yard", "5/8 of an inch", "an inch and a half", "a metre and a quarter".
_OF = re.compile(r"^(?P<part>.+?)\s+(?:of\s+)?an?\s+(?P<unit>[a-z]+)$")
_A_UNIT = re.compile(r"^(?:an?|one)\s+(?P<unit>[a-z]+)(?:\s+and\s+(?P<part>.+))?$")
_UNIT_AND = re.compile(r"^(?P<number>\S+)\s+(?P<unit>inch|inches|yards?|centimetres?|metres?)\s+and\s+(?P<part>.+)$")
# "3 ft 2 in", "1 m 20", "12 cm and 5 mm": so many of one unit and the rest in a smaller, in this one where none is told.
_TWO_UNITS = re.compile(
    r"^(?P<many>.+?)\s*(?P<unit>yd|yards?|ft|feet|foot|'|m|metres?|meters?|cm)\.?\s*(?:and\s+|,\s*)?(?P<rest>\d.*)$"
)
_REST: Final[Mapping[Own, tuple[Own, ...]]] = {"yd": ("in", "ft"), "ft": ("in",), "m": ("cm", "mm"), "cm": ("mm",)}
_NUMBER = re.compile(
    r"^(?P<sign>[-+]?)\s*(?:"
    r"(?P<whole>\d+)(?:\s+|-|\s*\+\s*|\s+and\s+)(?P<num>\d+)\s*/\s*(?P<den>\d+)"
    r"|(?P<fnum>\d+)\s*/\s*(?P<fden>\d+)"
    r"|(?P<decimal>\d+(?:[.,]\d*)?|[.,]\d+)"
    r")$"
)


def read_length(value: object, unit: Unit) -> Reading:
    """Read one length as makers write it.

    Args:
        value: text or a JSON number. Decimals take a point or a comma; fractions, words and a range (``24 to 26``) are
            understood. A range works with its larger end.
        unit: what a text or number without a unit is in.

    Returns:
        The length and the low end of a range (mm), and whether it was told as about.

    Raises:
        LengthError: it is no length; ``fault`` says why.

    Example:
        >>> read_length("3 1/8 in", "cm").mm
        79.375
        >>> read_length("24 to 26", "cm").mm, read_length("25,4", "mm").mm
        (260.0, 25.4)
    """
    if isinstance(value, bool) or not isinstance(value, (str, int, float)):
        raise LengthError("unreadable", str(value)[:LONGEST])
    if not isinstance(value, str):
        try:
            number = float(value)
        except OverflowError as error:
            raise LengthError("not-finite", str(value)[:LONGEST]) from error
        if not math.isfinite(number):
            raise LengthError("not-finite", str(value))
        mm = number * MM_PER_UNIT[unit]
        return Reading(mm, mm)
    if len(value) > LONGEST:
        raise LengthError("too-long", value[:LONGEST])
    return _read_text(value, unit)


# Whoever changes one length of a spec sends the others as they were.
@lru_cache(maxsize=4096)
def _read_text(value: str, unit: Unit) -> Reading:
    text = plain_text(value)
    about = ABOUT.match(text)
    if about:
        text = text[about.end() :]
    if not text:
        raise LengthError("empty", value)
    ends = range_ends(text)
    if ends is not None:
        low_text, high_text = ends
        high, high_unit = _quantity(high_text, value)
        low, low_unit = _quantity(low_text, value)
        own = high_unit or unit
        low_mm, high_mm = low * MM_PER_UNIT[low_unit or own], high * MM_PER_UNIT[own]
        return Reading(max(low_mm, high_mm), min(low_mm, high_mm), about is not None)
    number, own_unit = _quantity(text, value)
    mm = number * MM_PER_UNIT[own_unit or unit]
    if not math.isfinite(mm):
        raise LengthError("not-finite", value)
    return Reading(mm, mm, about is not None)


def plain_text(value: str) -> str:
    """Vulgar fractions, primes and odd spaces written with plain characters, in lower case; Portuguese words as the English ones.

    >>> plain_text("3⅛″")
    '3 1/8"'
    """
    out: list[str] = []
    for char in value.strip():
        part = unicodedata.normalize("NFKC", char) if unicodedata.category(char) == "No" else char
        if "⁄" in part:
            out.append((" " if out and out[-1].isdigit() else "") + part.replace("⁄", "/"))
        elif char in "″”“":
            out.append('"')
        elif char in "′’":
            out.append("'")
        elif char in "⁄∕":
            out.append("/")
        elif char == "−":
            out.append("-")
        else:
            out.append(" " if char.isspace() else char)
    return in_english(" ".join("".join(out).lower().split()))


def range_ends(text: str) -> tuple[str, str] | None:
    """Both ends of a range, as they were written; None where it is none.

    >>> range_ends("24 to 26 cm"), range_ends("3-1/8")
    (('24', '26 cm'), None)
    """
    parts = _TO.split(text)
    if len(parts) == 2 and all(parts):
        return parts[0], parts[1]
    # "24-26" is a range, "3-1/8" is three and an eighth.
    joined = re.match(r"^(\d+(?:[.,]\d+)?)-(\d+(?:[.,]\d+)?)(?!\s*/|\d)(.*)$", text)
    if joined and "/" not in joined.group(3):
        return joined.group(1), joined.group(2) + joined.group(3)
    return None


def _with_its_unit(text: str) -> tuple[float, Own] | None:
    """A length said with its unit among the words: how many, and of what."""
    for pattern, whole in ((_A_UNIT, 1.0), (_UNIT_AND, None), (_OF, 0.0)):
        match = pattern.match(text)
        unit = _UNIT_WORDS.get(match["unit"]) if match else None
        if match is None or unit is None:
            continue
        told = match["part"]
        part = 0.0 if told is None else _fraction_of(told)
        number = _fraction_of(match["number"]) if whole is None else whole
        if part is not None and number is not None:
            return number + part, unit
    return None


def _fraction_of(text: str) -> float | None:
    """A number or a part by itself, as written or spoken; None where it is neither."""
    if text in _PARTS:
        return float(_PARTS[text])
    try:
        return as_number(text, text)
    except LengthError:
        return None


def _in_two_units(text: str, original: str) -> float | None:
    """A length told in two units, in mm; None where it is not."""
    match = _TWO_UNITS.match(text)
    if match is None:
        return None
    unit: Own = "ft" if match["unit"] == "'" else _UNIT_WORDS[match["unit"]]
    many = as_number(match["many"], original)
    rest, own = _quantity(match["rest"], original)
    smaller = own or _REST[unit][0]
    # Half of which of the two would be anyone's guess.
    guessed = own is None and not rest.is_integer()
    if many < 0 or guessed or smaller not in _REST[unit] or rest * MM_PER_UNIT[smaller] >= MM_PER_UNIT[unit]:
        raise LengthError("unreadable", original)
    return many * MM_PER_UNIT[unit] + rest * MM_PER_UNIT[smaller]


def _quantity(text: str, original: str) -> tuple[float, Own | None]:
    text = text.strip()
    unit: Own | None = None
    spoken = _with_its_unit(text)
    if spoken is not None:
        return spoken
    both = _in_two_units(text, original)
    if both is not None:
        return both, "mm"
    tail = re.search(r"(\"|''|[a-zµ]+\.?)$", text)
    if tail and tail.group(1) not in _PARTS and not _ends_in_words(text):
        word = _UNIT_WORDS.get(tail.group(1))
        if word is None:
            raise LengthError("unit" if re.search(r"\d", text) else "unreadable", original)
        unit = word
        text = text[: tail.start()].strip()
    if not text:
        raise LengthError("empty", original)
    return as_number(text, original), unit


def _ends_in_words(text: str) -> bool:
    last = text.split()[-1]
    return last in _WORDS or last in {"half", "quarter", "quarters", "eighth", "eighths", "third", "thirds"}


def as_number(text: str, original: str) -> float:
    """A number without a unit, in figures, as a fraction or spoken.

    Args:
        text: what is left of it without its unit, in plain characters.
        original: what the maker wrote, for the refusal.

    Raises:
        LengthError: it is no number.

    Example:
        >>> as_number("2 1/2", ""), as_number("three and a half", "")
        (2.5, 3.5)
    """
    match = _NUMBER.match(text)
    if match is None:
        return _spoken(text, original)
    sign = -1.0 if match["sign"] == "-" else 1.0
    if match["decimal"] is not None:
        return sign * float(match["decimal"].replace(",", "."))
    if match["fden"] is not None:
        return sign * _fraction(match["fnum"], match["fden"], original)
    whole = int(match["whole"])
    part = _fraction(match["num"], match["den"], original)
    if part >= 1:
        raise LengthError("fraction", original)
    return sign * (whole + part)


def _fraction(num: str, den: str, original: str) -> float:
    if int(den) == 0:
        raise LengthError("fraction", original)
    return float(Fraction(int(num), int(den)))


def _spoken(text: str, original: str) -> float:
    """``three and a half``, ``7 and a quarter``, ``half``."""
    if text in _PARTS:
        return float(_PARTS[text])
    whole_text, _, part_text = text.partition(" and ")
    whole = _WORDS.get(whole_text)
    if whole is None and whole_text.isascii() and whole_text.isdigit():
        whole = int(whole_text)
    if whole is None or (part_text and part_text not in _PARTS):
        raise LengthError("unreadable", original)
    return whole + float(_PARTS.get(part_text, Fraction(0)))
