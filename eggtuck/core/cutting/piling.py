"""What is put on the pile, read from what was typed or traced."""

from __future__ import annotations

import math
import re
from collections.abc import Mapping, Sequence
from typing import Any

import shapely

from ..lengths import LengthError, Ruler, read_length
from ..pattern.problem import Problem
from ..plane import Point
from ..shop import NOTION_LEAST, SCRAP_LEAST, SCRAP_MOST
from ..words import msg
from .ground import outline_problems
from .notions import MADE, NOTIONS, notion_key, notion_kind

_MOST_COUNT, _MOST_GRAMS = 10_000, 100_000
# Two clicks on a ruler in a photo that are nearer than this (pixels) measure nothing.
_RULER_LEAST = 20.0


def read_piled(typed: Mapping[str, Any], ruler: Ruler) -> tuple[dict[str, Any], list[Problem]]:
    """What is kept of something on the pile, lengths in mm, and what cannot be read of it. ``typed`` is as `store.pile` keeps it, with its lengths as
    a maker writes them and its outline in mm."""
    problems: list[Problem] = []

    def length(name: str, least: float = SCRAP_LEAST) -> float | None:
        text = str(typed.get(name) or "").strip()
        try:
            mm = read_length(text, ruler.unit).mm
        except LengthError:
            problems.append(Problem(name, msg("problem.lay-length")))
            return None
        if not least <= mm <= SCRAP_MOST:
            problems.append(Problem(name, msg("problem.lay-range", low=least, high=SCRAP_MOST)))
        return mm

    kept = {
        name: typed.get(name)
        for name in ("kind", "name", "what", "washed", "directional", "price", "note", "outline", "holes")
    }
    kept |= {"unit": ruler.unit, "width": None, "size": None, "left_over": 0.0}
    kept["price"], _, wrong = read_price(str(typed.get("price") or ""), "", "count", ruler)
    problems += wrong
    if kept["kind"] == "cloth":
        outline = typed.get("outline")
        if outline == []:
            # A rectangle, told by its sides.
            width, long = length("width"), length("left")
            if width is None or long is None:
                return kept, problems
            outline = [(0.0, 0.0), (width, 0.0), (width, long), (0.0, long)]
        if outline is not None:
            kept |= _shaped(outline, typed.get("holes") or [], problems)
        else:
            kept["holes"] = []
            kept |= {"width": length("width"), "left_over": length("left")}
        return kept, problems
    kind = notion_kind(str(kept["what"]))
    told, sized = NOTIONS.get(kind, ("count", False))
    kept |= {"outline": None, "holes": [], "kind": told}
    if kind not in (*NOTIONS, MADE):
        problems.append(Problem("what", msg("problem.choice", choices=", ".join(NOTIONS))))
    if sized:
        kept["size"] = length("size", NOTION_LEAST)
        kept["what"] = notion_key(kind, kept["size"])
    if told == "length":
        kept["left_over"] = length("left")
    else:
        most = _MOST_COUNT if told == "count" else _MOST_GRAMS
        text = str(typed.get("left") or "").strip()
        if not text.isdecimal() or not 0 < int(text) <= most:
            problems.append(Problem("left", msg("problem.pile-count", most=most)))
        else:
            kept["left_over"] = float(text)
    return kept, problems


def read_price(price: str, pack: str, told: str, ruler: Ruler) -> tuple[float | None, float | None, list[Problem]]:
    """A price and how much is sold together, as typed: a length (mm), a number of pieces or of g; None where nothing is written. Cloth has no packs."""
    problems: list[Problem] = []
    money = _number(price)
    if price.strip() and (money is None or money > _MOST_COUNT):
        problems.append(Problem("price", msg("problem.pile-price", most=_MOST_COUNT)))
    amount: float | None = None
    if pack.strip() and told == "length":
        try:
            amount = read_length(pack.strip(), ruler.unit).mm
        except LengthError:
            problems.append(Problem("pack", msg("problem.lay-length")))
        if amount is not None and not SCRAP_LEAST <= amount <= 100 * SCRAP_MOST:
            problems.append(Problem("pack", msg("problem.lay-range", low=SCRAP_LEAST, high=100 * SCRAP_MOST)))
    elif pack.strip():
        amount = _number(pack)
        if amount is None or not 1 <= amount <= _MOST_GRAMS:
            problems.append(Problem("pack", msg("problem.pile-count", most=_MOST_GRAMS)))
    return money, amount, problems


def _number(text: str) -> float | None:
    """A plain number, with either decimal sign."""
    plain = text.strip().replace(",", ".")
    return float(plain) if re.fullmatch(r"\d{1,7}(\.\d{0,4})?", plain) else None


def _shaped(
    outline: Sequence[Sequence[float]], holes: Sequence[Sequence[Sequence[float]]], problems: list[Problem]
) -> dict[str, Any]:
    """A scrap's outline and holes moved to where its surrounding rectangle begins."""
    points = [(float(x), float(y)) for x, y in outline]
    rings = [[(float(x), float(y)) for x, y in hole] for hole in holes]
    problems += outline_problems(points, rings)
    if problems:
        return {}
    x0, y0, x1, y1 = shapely.Polygon(points).bounds
    return {
        "outline": [[round(x - x0, 2), round(y - y0, 2)] for x, y in points],
        "holes": [[[round(x - x0, 2), round(y - y0, 2)] for x, y in ring] for ring in rings],
        "width": x1 - x0,
        "left_over": y1 - y0,
    }


def traced(
    ruler_ends: Sequence[Sequence[float]],
    ruler_length: str,
    outline: Sequence[Sequence[float]],
    holes: Sequence[Sequence[Sequence[float]]],
    ruler: Ruler,
) -> tuple[list[Point], list[list[Point]], list[Problem]]:
    """A scrap's outline and holes in mm, y up, from points on a photo (pixels, y down) in which a stretch of known length was pointed at."""
    problems: list[Problem] = []
    long = 0.0
    try:
        long = read_length(ruler_length, ruler.unit).mm
    except LengthError:
        problems.append(Problem("ruler_length", msg("problem.lay-length")))
    across = math.dist(ruler_ends[0], ruler_ends[1]) if len(ruler_ends) == 2 else 0.0
    if across < _RULER_LEAST:
        problems.append(Problem("ruler", msg("problem.scrap-ruler")))
    elif not problems and not SCRAP_LEAST <= long <= SCRAP_MOST:
        problems.append(Problem("ruler_length", msg("problem.lay-range", low=SCRAP_LEAST, high=SCRAP_MOST)))
    if problems:
        return [], [], problems
    scale = long / across
    low = max((y for _, y in outline), default=0.0)

    def on_cloth(points: Sequence[Sequence[float]]) -> list[Point]:
        return [(x * scale, (low - y) * scale) for x, y in points]

    found, rings = on_cloth(outline), [on_cloth(hole) for hole in holes]
    return found, rings, outline_problems(found, rings)
