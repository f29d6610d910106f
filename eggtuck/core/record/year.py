"""A year's sum of what was made and sold."""

from __future__ import annotations

from collections.abc import Iterable

from ..frozen import frozen


@frozen
class Sold:
    """A make as the sums see it: when it was made, minutes with the hands, and what it was sold for and what went into it, where told."""

    made_on: str
    minutes: int | None = None
    sold_on: str = ""
    price: float | None = None
    cost: float | None = None


@frozen
class YearSum:
    """``made`` and ``minutes`` are of what was made in the year, the rest of what was sold in it. ``hour`` is what was left over for an hour of
    work on what was sold, where the minutes of all of that are known."""

    year: str
    made: int = 0
    minutes: int = 0
    sold: int = 0
    income: float = 0.0
    cost: float = 0.0
    hour: float | None = None


def year_sums(makes: Iterable[Sold]) -> list[YearSum]:
    """The sums of every year in which something was made or sold, the latest first. What has a price and no day was sold the day it was made.

    Example:
        >>> year_sums([Sold("2026-03-01", 60, "", 12.0, 2.0), Sold("2025-12-30", 30)])[0]
        YearSum(year='2026', made=1, minutes=60, sold=1, income=12.0, cost=2.0, hour=10.0)
    """
    every = list(makes)
    sold = [(one.sold_on or one.made_on, one) for one in every if one.price is not None]
    years = {one.made_on[:4] for one in every} | {day[:4] for day, _ in sold}
    return [_sum_of(year, every, [one for day, one in sold if day[:4] == year]) for year in sorted(years, reverse=True)]


def _sum_of(year: str, every: list[Sold], sold: list[Sold]) -> YearSum:
    made = [one for one in every if one.made_on[:4] == year]
    income, cost = sum(one.price or 0.0 for one in sold), sum(one.cost or 0.0 for one in sold)
    minutes = sum(one.minutes or 0 for one in sold)
    known = sold and all(one.minutes for one in sold)
    hour = (income - cost) / (minutes / 60) if known else None
    return YearSum(year, len(made), sum(one.minutes or 0 for one in made), len(sold), income, cost, hour)
