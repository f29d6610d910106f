"""Several makes at once: in which order everything is done, so that each make keeps its own order, waits are filled with work, and foot, thread and
place are changed least."""

from __future__ import annotations

import itertools
import math
from collections import deque
from collections.abc import Iterator, Mapping, Sequence
from random import Random
from typing import Final, NamedTuple

from ..frozen import frozen
from ..learning.pace import Pace
from ..making.waiting import meet
from ..pattern import Draft, Step
from ..shop import CHANGE_FOOT, CHANGE_PLACE, CHANGE_STITCH, CHANGE_THREAD
from ..words import Message

# The step that needle, thread and stitch are set up in.
SET_UP: Final = "set-up"
# Where each kind of work is done.
PLACES: Final = ("cutting", "table", "machine", "iron", "hand")
_KIND_PLACE: Final[Mapping[str, str]] = {
    "cut": "cutting",
    "mark": "table",
    "prepare": "table",
    "press": "iron",
    "check": "table",
    "finish": "table",
}


class Station(NamedTuple):
    """Where something is done, and how what stands there is set: foot, stitch (how long, and how it is ``sewn``), and needle and ``thread`` of
    the machine; in the needle may be a thread of the step's ``own``."""

    place: str
    foot: str = ""
    stitch: float = 0.0
    thread: str = ""
    sewn: str = ""
    own: str = ""


@frozen
class Task:
    """One step of one make (``make`` tells copies apart). It takes ``minutes`` with the hands; what it ``touches`` lies still for ``rests``
    minutes afterwards. It is done ``after`` a task of another make, where that is still to be done."""

    make: str
    step: str
    number: int
    minutes: float
    station: Station
    rests: float = 0.0
    touches: frozenset[tuple[str, str | None]] | None = None
    after: str = ""

    @property
    def id(self) -> str:
        return f"{self.make}/{self.step}"


def station_of(step: Step, thread: str) -> Station:
    """Where a step is done, and with what on the machine."""
    # Layers are basted and quilted with the machine too, before they are sewn, and raw edges overcast.
    if step.kind != "sew" and step.foot is None and step.sewn is None:
        return Station(_KIND_PLACE[step.kind])
    if step.hand:
        return Station("hand")
    own = step.id if step.own_thread else ""
    return Station("machine", step.foot or "standard", step.stitch or 0.0, thread, step.sewn or "straight", own)


def tasks_of(make: str, draft: Draft, pace: Pace, like: str = "") -> tuple[Task, ...]:
    """All steps of a make, in their order, at a maker's pace. One more ``like`` another is sewn with the machine set up for that."""
    thread = _threaded(draft)
    stations = [station_of(step, thread) for step in draft.steps]
    # Needle and thread are tried at the stitch most of it is sewn in: that of a basting says little.
    machine = [station for station in stations if station.place == "machine"]
    straight = [station for station in machine if station.sewn == "straight"]
    ready = max(straight, key=straight.count) if straight else machine[0] if machine else None
    return tuple(
        Task(
            make,
            step.id,
            number,
            pace.minutes(step.kind, step.minutes),
            ready if step.id == SET_UP and ready is not None else station,
            step.rests,
            step.touches,
            f"{like}/{SET_UP}" if like and station.place == "machine" else "",
        )
        for number, (step, station) in enumerate(zip(draft.steps, stations, strict=True), 1)
        if not (like and step.id == SET_UP)
    )


def _threaded(draft: Draft) -> str:
    """What tells a make's needle and thread from another's: which they are, and the outer cloth that the thread goes with."""
    outer = next((lay.cloth for lay in draft.lays if lay.role == "outer"), "")
    told = (line.text.params for step in draft.steps if step.id == SET_UP for line in step.lines)
    said = next((params for params in told if "needle" in params), {})
    needle, thread = said.get("needle"), said.get("thread")
    if not isinstance(needle, Message) or not isinstance(thread, Message):
        return outer
    return " ".join((outer, needle.id, str(needle.params.get("number", "")), thread.id))


def change_minutes(before: Station | None, to: Station, machine: Station | None) -> float:
    """What it takes to go from one station to another; ``machine`` is how the machine was left.

    Example:
        >>> cotton = Station("machine", "standard", 2.5, "cotton")
        >>> change_minutes(cotton, cotton, cotton), change_minutes(Station("iron"), cotton, cotton._replace(foot="zipper"))
        (0.0, 3.0)
    """
    minutes = 0.0 if before is None or before.place == to.place else float(CHANGE_PLACE)
    if to.place == "machine" and machine is not None:
        minutes += CHANGE_FOOT if machine.foot != to.foot else 0.0
        minutes += CHANGE_STITCH if (machine.stitch, machine.sewn) != (to.stitch, to.sewn) else 0.0
        minutes += CHANGE_THREAD if (machine.thread, machine.own) != (to.thread, to.own) else 0.0
    return minutes


class Done(NamedTuple):
    """A task in its turn: when it begins and ends (min from the beginning, evenings put end to end), what of that is change before it, and on
    which evening."""

    task: Task
    begin: float
    end: float
    change: float
    evening: int


@frozen
class Evenings:
    """How long an evening is (min), and how much of the first is gone already. Between two of them what lies still goes on lying still for
    ``between`` minutes. With no ``length`` everything is done in one go."""

    length: float = math.inf
    between: float = 0.0
    gone: float = 0.0


class Walk:
    """Walks through tasks in an order and keeps the time."""

    __slots__ = ("changes", "clock", "evenings", "machine", "ready", "station")

    def __init__(self, evenings: Evenings) -> None:
        self.evenings = evenings
        self.clock, self.changes = evenings.gone, 0.0
        self.station: Station | None = None
        self.machine: Station | None = None
        # What of each make lies still, and until when.
        self.ready: dict[str, list[tuple[frozenset[tuple[str, str | None]] | None, float]]] = {}

    def begins(self, task: Task) -> tuple[float, float]:
        """When a task would begin if it were next, change before it, and how long that change takes."""
        change = change_minutes(self.station, task.station, self.machine)
        begin = self.clock + change
        for touches, until in self.ready.get(task.make, ()):
            if until > begin and meet(touches, task.touches):
                begin = until
        length = self.evenings.length
        if length < math.inf:
            begin = self._in_evening(begin, task.minutes, change)
        return begin, change

    def _in_evening(self, begin: float, minutes: float, change: float) -> float:
        """What does not fit into the rest of an evening is begun on the next; what is longer than one is begun on a new one."""
        length = self.evenings.length
        evening = math.floor(begin / length + 1e-9)
        if begin + minutes <= (evening + 1) * length + 1e-9 or (minutes > length and begin - evening * length <= 1e-6):
            return begin
        return (evening + 1) * length + min(change, length / 2)

    def _rested(self, end: float, rests: float) -> float:
        """When something has lain still long enough: nights count too."""
        length = self.evenings.length
        if length == math.inf:
            return end + rests
        night = (math.floor(end / length + 1e-9) + 1) * length
        left = rests - (night - end)
        while left > 0:
            left -= self.evenings.between
            if left <= 0:
                return night
            left -= length
            night += length
        return night + left

    def take(self, task: Task) -> Done:
        """Does a task next."""
        begin, change = self.begins(task)
        self.changes += change
        end = begin + task.minutes
        self.clock = end
        self.station = task.station
        if task.station.place == "machine":
            self.machine = task.station
        if task.rests:
            self.ready.setdefault(task.make, []).append((task.touches, self._rested(end, task.rests)))
        length = self.evenings.length
        return Done(task, begin, end, change, 0 if length == math.inf else math.floor(begin / length + 1e-9))


def walk(order: Sequence[Task], evenings: Evenings) -> list[Done]:
    """Everything in its turn, with its times."""
    at = Walk(evenings)
    return [at.take(task) for task in order]


def cost(order: Sequence[Task], evenings: Evenings) -> tuple[float, float]:
    """When everything is done, and how many minutes went into changes: what an order is judged by."""
    at = Walk(evenings)
    for task in order:
        at.take(task)
    return at.clock, at.changes


def greedy(chains: Sequence[Sequence[Task]], evenings: Evenings, by: Random | None = None) -> list[Task]:
    """A first order. As long as something can be done where one is, with everything set as it is, that is next, of the make that is furthest behind;
    else one goes where most of what is still to be done there can be done in one go, the sooner the better. With ``by`` that is weighed by chance:
    every order is another."""
    left = [list(chain) for chain in chains]
    at, order = Walk(evenings), []
    # How much is still to be done at each station, in all.
    whole: dict[Station, int] = {}
    for chain in chains:
        for task in chain:
            whole[task.station] = whole.get(task.station, 0) + 1
    leaning = by.choice((0.0, 0.5, 1.0, 2.0, 4.0)) if by is not None else 0.0
    awaited = _awaited(chains)
    while any(left):
        begins = {nth: at.begins(chain[0]) for nth, chain in enumerate(left) if chain and chain[0].after not in awaited}
        soonest = min(begin for begin, _ in begins.values())
        here = [nth for nth, (begin, change) in begins.items() if change == 0 and begin <= soonest + 1e-9]
        if here:
            nth = max(here, key=lambda one: (len(left[one]), -one))
        else:
            nth = _where_next(left, begins, whole, at.clock, leaning, by)
        task = left[nth].pop(0)
        whole[task.station] -= 1
        at.take(task)
        order.append(task)
        awaited.discard(task.id)
    return tidied(order, evenings)


def _awaited(chains: Sequence[Sequence[Task]]) -> set[str]:
    """What others are done after, of what is still to be done."""
    return {task.after for chain in chains for task in chain} & {task.id for chain in chains for task in chain}


# What doing all that is left at a station in one go is worth (min), as against going there soon.
_IN_ONE_GO = 2.5


def _where_next(
    left: Sequence[Sequence[Task]],
    begins: Mapping[int, tuple[float, float]],
    whole: Mapping[Station, int],
    clock: float,
    leaning: float,
    by: Random | None,
) -> int:
    """Of which make the next task is, when one has to go elsewhere."""
    runs: dict[Station, tuple[float, int, int]] = {}
    for nth, (begin, _) in begins.items():
        station = left[nth][0].station
        run = next((many for many, task in enumerate(left[nth]) if task.station != station), len(left[nth]))
        first = runs.get(station)
        runs[station] = (begin, run, nth) if first is None else (min(begin, first[0]), first[1] + run, first[2])

    def worth(station: Station) -> float:
        begin, run, _ = runs[station]
        weight = _IN_ONE_GO + (0.0 if by is None else by.random() * leaning * 2 * _IN_ONE_GO)
        return weight * run / whole[station] - (begin - clock)

    return runs[max(runs, key=worth)][2]


def tidied(order: Sequence[Task], evenings: Evenings) -> list[Task]:
    """The same order, but that of what is done at one station in one go the same steps come together and makes in their order: as long as
    it takes no longer."""
    # Kinds of makes as they come first, each with its copies.
    first = {key: nth for nth, key in enumerate(dict.fromkeys(_copy(task.make)[0] for task in order))}
    rank = {task.make: (first[_copy(task.make)[0]], _copy(task.make)[1]) for task in order}
    neat, at, now = list(order), 0, cost(order, evenings)
    for _, run in itertools.groupby(walk(order, evenings), lambda one: (one.task.station, one.evening)):
        here = [one.task for one in run]
        end = at + len(here)
        tried = [*neat[:at], *sorted(here, key=lambda task: (task.number, rank[task.make])), *neat[end:]]
        if tried != neat and in_turn(tried) and cost(tried, evenings) <= now:
            neat = tried
        at = end
    return neat


def in_turn(order: Sequence[Task]) -> bool:
    """Whether each make goes in its own order, and nothing comes before what it is done after."""
    at: dict[str, int] = {}
    left = {task.id for task in order}
    for task in order:
        if task.number <= at.get(task.make, 0) or task.after in left:
            return False
        at[task.make] = task.number
        left.discard(task.id)
    return True


def _copy(make: str) -> tuple[str, int]:
    """Copies of one make by their numbers."""
    key, _, copy = make.rpartition(".")
    return key, int(copy) if copy.isdecimal() else 0


def by_station(chains: Sequence[Sequence[Task]]) -> list[Task]:
    """Each step of every make before the next step of any: found at once, however many there are."""
    left, order, awaited = [deque(chain) for chain in chains], [], _awaited(chains)
    while any(left):
        for chain in left:
            if chain and chain[0].after not in awaited:
                order.append(chain.popleft())
                awaited.discard(order[-1].id)
    return order


def ever_better(
    chains: Sequence[Sequence[Task]], evenings: Evenings, first: Sequence[Task], seed: int = 1
) -> Iterator[list[Task]]:
    """Orders that are better and better than a first one, without end: annealing over which make is next. Each yields the best so far, a new one or the
    same again, so that whoever asks can stop between any two."""
    by = Random(seed)
    makes = {chain[0].make: list(chain) for chain in chains if chain}
    score = _Scorer(makes, evenings)
    now = [task.make for task in first]
    best, lowest = list(now), score(now)
    # The first order depends on where one goes first: many are tried before the best of them is bettered.
    for _ in range(FIRST):
        tried = [task.make for task in greedy(chains, evenings, by)]
        if (reached := score(tried)) < lowest - 1e-9:
            best, lowest = tried, reached
        yield _in_order(best, makes)
    now, level, heat, tries = list(best), lowest, WARM, 0
    while True:
        for _ in range(_ROUND):
            tried = _moved(now, by)
            reached = score(tried)
            if reached <= level or by.random() < math.exp((level - reached) / heat):
                now, level = tried, reached
                if reached < lowest - 1e-9:
                    best, lowest = list(tried), reached
        tries += _ROUND
        heat = max(COLD, heat * COOLS)
        if tries % RESTART == 0:
            # From the best once more, warm again.
            now, level, heat = list(best), lowest, WARM
        yield _in_order(best, makes)


# Minutes that an order may be worse by and still be gone on from: in the beginning and in the end. What one try costs is a fraction of a ms.
FIRST, WARM, COLD, COOLS, RESTART, _ROUND = 300, 2.0, 0.05, 0.99, 30_000, 50


class _Scorer:
    """What `cost` finds, sooner: everything about a task is looked up once. The minutes of changes break ties."""

    def __init__(self, makes: Mapping[str, Sequence[Task]], evenings: Evenings) -> None:
        self.makes, self.evenings = makes, evenings
        stations = {task.station for chain in makes.values() for task in chain}
        self.change = {
            (before, to, machine): change_minutes(before, to, machine)
            for to in stations
            for before in (None, *stations)
            for machine in (None, *(one for one in stations if one.place == "machine"))
        }
        self.short = {make: [(task.minutes, task.station) for task in chain] for make, chain in makes.items()}
        # Where in which make what a task is done after stands; what follows it in its make need not be asked.
        places = {task.id: (make, nth) for make, chain in makes.items() for nth, task in enumerate(chain)}
        self.after: dict[tuple[str, int], tuple[str, int]] = {}
        for make, chain in makes.items():
            nth = next((nth for nth, task in enumerate(chain) if task.after in places), None)
            if nth is not None:
                self.after[make, nth] = places[chain[nth].after]
        self.rests = any(task.rests for chain in makes.values() for task in chain)

    def _is_kept(self, makes_next: Sequence[str]) -> bool:
        """Whether nothing comes before what it is done after."""
        at = dict.fromkeys(self.makes, 0)
        for make in makes_next:
            first = self.after.get((make, at[make]))
            if first is not None and at[first[0]] <= first[1]:
                return False
            at[make] += 1
        return True

    def __call__(self, makes_next: Sequence[str]) -> float:
        if self.after and not self._is_kept(makes_next):
            return math.inf
        if self.rests:
            finish, changes = cost(_in_order(makes_next, self.makes), self.evenings)
            return finish + 0.01 * changes
        at = dict.fromkeys(self.makes, 0)
        clock, changes, length = self.evenings.gone, 0.0, self.evenings.length
        station: Station | None = None
        machine: Station | None = None
        change, short = self.change, self.short
        for make in makes_next:
            nth = at[make]
            at[make] = nth + 1
            minutes, to = short[make][nth]
            takes = change[station, to, machine]
            changes += takes
            begin = clock + takes
            if length < math.inf:
                night = (math.floor(begin / length + 1e-9) + 1) * length
                if begin + minutes > night + 1e-9 and not (minutes > length and begin - night + length <= 1e-6):
                    begin = night + min(takes, length / 2)
            clock = begin + minutes
            station = to
            if to.place == "machine":
                machine = to
        return clock + 0.01 * changes


def _in_order(makes_next: Sequence[str], makes: Mapping[str, Sequence[Task]]) -> list[Task]:
    at = dict.fromkeys(makes, 0)
    order = []
    for make in makes_next:
        order.append(makes[make][at[make]])
        at[make] += 1
    return order


def _moved(now: Sequence[str], by: Random) -> list[str]:
    """One of them, or a run of them, somewhere else."""
    size = len(now)
    if size < 2:
        return list(now)
    begin = by.randrange(size)
    end = min(size, begin + 1 + min(int(by.expovariate(0.35)), size - 1))
    run, rest = list(now[begin:end]), [*now[:begin], *now[end:]]
    to = by.randint(0, len(rest)) if by.random() < 0.5 else min(len(rest), max(0, begin + by.randint(-6, 6)))
    return [*rest[:to], *run, *rest[to:]]
