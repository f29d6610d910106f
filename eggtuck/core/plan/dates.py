"""Which days of the calendar evenings are: from a day on, or backwards from a deadline. The core has no calendar of its own: it is told the days."""

from __future__ import annotations

from collections.abc import Collection, Sequence
from datetime import date, timedelta

from ..frozen import frozen
from ..learning.pace import Pace
from ..pattern import Draft
from ..shop import MOST_TASKS
from .batch import Done, Evenings, Task, by_station, greedy, tasks_of, walk


def evenings_from(first: date, weekdays: Collection[int], count: int) -> list[date]:
    """So many evenings from a day on, that day included, on the days of the week there is time (Monday is 0).

    Example:
        >>> evenings_from(date(2026, 11, 27), {4, 5}, 3)[2].isoformat()
        '2026-12-04'
    """
    found: list[date] = []
    day = first
    while len(found) < count:
        if day.weekday() in weekdays:
            found.append(day)
        day += timedelta(days=1)
    return found


def evenings_before(deadline: date, weekdays: Collection[int], count: int) -> list[date]:
    """The last so many evenings before a day, that day not included, in their order.

    Example:
        >>> [day.isoformat() for day in evenings_before(date(2026, 12, 6), {4, 5}, 3)]
        ['2026-11-28', '2026-12-04', '2026-12-05']
    """
    found: list[date] = []
    day = deadline
    while len(found) < count:
        day -= timedelta(days=1)
        if day.weekday() in weekdays:
            found.append(day)
    return found[::-1]


@frozen
class Backwards:
    """What has to happen when, so that something is ready on its day: the evenings that are needed, on which of them it is cut and finished,
    the minutes of work, and whether the first of them is past already."""

    evenings: tuple[date, ...]
    cut_by: date
    minutes: float
    late: bool
    done: tuple[Done, ...]

    @property
    def begin(self) -> date:
        return self.evenings[0]


def backwards(
    makes: Sequence[tuple[str, Draft, int]],
    pace: Pace,
    deadline: date,
    today: date,
    weekdays: Collection[int],
    length: float,
    finished: Collection[str] = (),
) -> Backwards | None:
    """Worked backwards from a deadline, through everything that has to lie still.

    Args:
        makes: key, draft and how many of each.
        pace: of the maker.
        deadline: the day it has to be ready; the evening before is the last.
        today: to tell what is late.
        weekdays: when there is time (Monday is 0); at least one.
        length: of an evening (min).
        finished: ids of tasks that are done already.

    Returns:
        None where nothing is left to do.
    """
    chains: list[list[Task]] = []
    for key, draft, count in makes:
        for copy in range(count):
            tasks = tasks_of(f"{key}.{copy}", draft, pace, like=f"{key}.0" if copy else "")
            chains.append([task for task in tasks if task.id not in finished])
    chains = [chain for chain in chains if chain]
    if not chains:
        return None
    evenings = Evenings(length, 24 * 60 - length)
    # So many are made step by step anyway: where to go next need not be weighed for each.
    few = sum(map(len, chains)) <= MOST_TASKS
    done = walk(greedy(chains, evenings) if few else by_station(chains), evenings)
    # What is longer than an evening goes on over the next.
    last = max(int((one.end - 1e-9) // length) for one in done)
    days = evenings_before(deadline, weekdays, last + 1)
    cut = max((one.evening for one in done if one.task.station.place == "cutting"), default=0)
    return Backwards(
        tuple(days), days[cut], sum(one.task.minutes + one.change for one in done), days[0] < today, tuple(done)
    )
