"""Several makes at once: cut together, sewn station by station, evening by evening."""

from __future__ import annotations

import datetime
import itertools
import math
from collections.abc import Iterator, Mapping, Sequence
from typing import Any, cast

from flask import Response, current_app

from ... import background
from ...core.frozen import frozen
from ...core.lengths import Ruler
from ...core.making.machine_set import stitch_set
from ...core.pattern import Draft
from ...core.plan.batch import PLACES, SET_UP, Done, Evenings, Station, Task, cost, greedy, tasks_of, walk
from ...core.plan.dates import evenings_from
from ...core.plan.document import in_sequence, stamp_of, tasks_document
from ...core.shop import MOST_TASKS
from ...core.words import Message, Param, Speaker, msg
from ...files.calendar import Entry, calendar_file
from ...store import MissingError, projects
from ...store import batches as store
from ...store.away import bring_one_back
from ..connection import database
from ..days import told_day
from ..drafting import drafted
from ..language import asked_language
from ..logbook import current_pace
from ..made_ahead import ready_steps
from ..plan_model import BatchChange, BatchDone, Batches, BatchShown, NewBatch, PlanSearch
from ..problems import RefusedError
from ..sending import sent
from .settings import current_settings
from .table import API

_DAY = 24 * 60


@frozen
class Plan:
    """A batch as it is now: what is left of every make in its order, the order of all of it, and what is done."""

    row: Mapping[str, Any]
    names: Mapping[str, str]
    drafts: Mapping[str, Draft]
    letters: Mapping[str, str]
    tasks: Mapping[str, Task]
    chains: Sequence[Sequence[Task]]
    evenings: Evenings
    order: Sequence[Task]
    finished: frozenset[str]
    speaker: Speaker

    def title(self, task: Task) -> str:
        draft = self.drafts[task.make.rpartition(".")[0]]
        return self.speaker.say(draft.steps[task.number - 1].title)

    def letter(self, make: str) -> str:
        """What a make is called on the line of time: a letter, and the number of the copy where there are several."""
        key, _, copy = make.rpartition(".")
        count = next(one["count"] for one in self.row["makes"] if one["project"] == key)
        return f"{self.letters[key]}{int(copy) + 1}" if count > 1 else self.letters[key]


def read_plan(row: Mapping[str, Any]) -> Plan:
    """The plan as it stands: an order that was found before is kept as long as it is one of what is left to do."""
    pace, done = current_pace(), store.done_in(database(), row["id"])
    names, drafts, letters = {}, {}, {}
    every: list[tuple[Task, ...]] = []
    for nth, make in enumerate(row["makes"]):
        try:
            project = projects.get_project(database(), make["project"])
        except MissingError:
            continue
        key = make["project"]
        names[key], drafts[key], letters[key] = project["name"], drafted(project["spec"]), _letter(nth)
        like = ["", *(f"{key}.0" for _ in range(make["count"] - 1))]
        every += [tasks_of(f"{key}.{copy}", drafts[key], pace, one) for copy, one in enumerate(like)]
        # Of the first of them what was made ahead is done.
        made = set(ready_steps(key, drafts[key]))
        first = len(every) - make["count"]
        every[first] = tuple(task for task in every[first] if task.step not in made)
    tasks = {task.id: task for chain in every for task in chain}
    finished = frozenset(done & set(tasks))
    chains = [left for chain in every if (left := [task for task in chain if task.id not in finished])]
    length = float(row["settings"]["evening"])
    evenings = Evenings(length, _DAY - length)
    stamp = stamp_of(tasks_document(chains, evenings))
    order = in_sequence(chains, [id for id in row["sequence"] if id not in finished])
    if order is None:
        order = greedy(chains, evenings)
    if stamp != row["stamp"]:
        store.keep_sequence(database(), row["id"], [task.id for task in order], stamp)
        row = store.get_batch(database(), row["id"])
    speaker = Speaker(Ruler(decimal=current_settings()["decimal"]), asked_language())
    return Plan(row, names, drafts, letters, tasks, chains, evenings, order, finished, speaker)


@API.operation("GET", "/api/batches", "What is made together", answer=Batches)
def list_batches() -> dict[str, Any]:
    found = []
    for row in store.list_batches(database()):
        names = [name for make in row["makes"] if (name := _name(make["project"]))]
        found.append({"id": row["id"], "name": row["name"], "makes": names})
    return {"batches": found}


@API.operation("POST", "/api/batches", "Plan several makes together", body=NewBatch, answer=BatchShown, status=201)
def begin_batch(body: NewBatch) -> dict[str, Any]:
    makes = _makes([make.model_dump() for make in body.makes])
    return _shown(read_plan(begin_plan(body.name, makes)))


def begin_plan(name: str, makes: Sequence[Mapping[str, Any]]) -> dict[str, Any]:
    """A plan of makes on the evenings the maker usually has, from today."""
    habits = current_settings()
    settings = {
        "evening": habits["evening"],
        "weekdays": habits["evening_days"],
        "begin": datetime.date.today().isoformat(),
        "at": habits["evening_at"],
    }
    return store.add_batch(database(), name, makes, settings)


@API.operation("GET", "/api/batches/{id}", "A plan of several makes", answer=BatchShown)
def show_batch(id: str) -> dict[str, Any]:
    return _shown(read_plan(store.get_batch(database(), id)))


@API.operation("PUT", "/api/batches/{id}", "Change what is made together, or when", body=BatchChange, answer=BatchShown)
def change_batch(id: str, body: BatchChange) -> dict[str, Any]:
    makes = _makes([make.model_dump() for make in body.makes])
    settings = body.settings.model_dump(mode="json")
    settings["weekdays"] = sorted(set(settings["weekdays"]))
    return _shown(read_plan(store.save_batch(database(), id, body.revision, body.name, makes, settings)))


@API.operation("DELETE", "/api/batches/{id}", "Put a plan away", status=204)
def delete_batch(id: str) -> None:
    store.delete_batch(database(), id)


@API.operation("POST", "/api/batches/{id}/restore", "Put it back", status=204)
def restore_batch(id: str) -> None:
    bring_one_back(database(), "batches", id)


@API.operation("PUT", "/api/batches/{id}/done", "Tick things off", body=BatchDone, answer=BatchShown)
def tick_batch(id: str, body: BatchDone) -> dict[str, Any]:
    plan = read_plan(store.get_batch(database(), id))
    store.set_done(database(), id, [task for task in body.tasks if task in plan.tasks], body.done)
    return _shown(read_plan(store.get_batch(database(), id)))


@API.operation(
    "POST", "/api/batches/{id}/search", "Look for a better order", body=PlanSearch, answer=BatchShown, status=202
)
def search_batch(id: str, body: PlanSearch) -> dict[str, Any]:
    plan = read_plan(store.get_batch(database(), id))
    if store.running_searches(database()) >= background.MOST_AT_ONCE:
        raise RefusedError(409, "searching-order", most=background.MOST_AT_ONCE)
    store.start_search(database(), id, tasks_document(plan.chains, plan.evenings), body.seconds)
    background.start(current_app.config["DATA"], "order", id)
    return _shown(read_plan(store.get_batch(database(), id)))


@API.operation("POST", "/api/batches/{id}/stop", "Stop looking, with the best so far", answer=BatchShown)
def stop_batch(id: str) -> dict[str, Any]:
    store.stop_search(database(), id)
    return _shown(read_plan(store.get_batch(database(), id)))


@API.operation("GET", "/api/batches/{id}/calendar.ics", "Its evenings as a calendar", answer="text/calendar")
def write_batch_calendar(id: str) -> Response:
    plan = read_plan(store.get_batch(database(), id))
    shown = _shown(plan)
    name = plan.row["name"] or ", ".join(plan.names.values())
    at = datetime.time.fromisoformat(plan.row["settings"]["at"])
    count = len(shown["evenings"])
    entries = [
        Entry(
            f"{id}-{nth}",
            datetime.date.fromisoformat(evening["day"]),
            plan.speaker.say(msg("order.evening", title=name, number=nth, count=count)),
            "\n".join(f"{row['title']}: {', '.join(row['makes'])}" for row in evening["rows"]),
            at,
            max(row["begin"] + row["minutes"] for row in evening["rows"]),
        )
        for nth, evening in enumerate(shown["evenings"], 1)
    ]
    written = datetime.datetime.now(datetime.UTC)
    return sent(calendar_file(entries, name, written), "text/calendar", name or "plan", "ics")


def _makes(asked: Sequence[dict[str, Any]]) -> list[dict[str, Any]]:
    """What is made together, each once; refused where it is not there, or more than can be planned."""
    makes: dict[str, int] = {}
    steps = 0
    for one in asked:
        makes[one["project"]] = makes.get(one["project"], 0) + one["count"]
        draft = drafted(projects.get_project(database(), one["project"])["spec"])
        steps += len(draft.steps) * one["count"]
    if steps > MOST_TASKS:
        raise RefusedError(422, "fields", problems=[("makes", msg("problem.plan-many", most=int(MOST_TASKS)))])
    return [{"project": project, "count": count} for project, count in makes.items()]


def _name(project: str) -> str | None:
    try:
        return cast(str, projects.get_project(database(), project)["name"])
    except MissingError:
        return None


def _letter(nth: int) -> str:
    return chr(ord("A") + nth % 26) * (nth // 26 + 1)


def _shown(plan: Plan) -> dict[str, Any]:
    row, speaker = plan.row, plan.speaker
    done = walk(plan.order, plan.evenings)
    return {
        "id": row["id"],
        "name": row["name"],
        "revision": row["revision"],
        "makes": [
            {
                **make,
                "name": plan.names.get(make["project"], ""),
                "letter": plan.letters.get(make["project"], ""),
                "gone": make["project"] not in plan.names,
            }
            for make in row["makes"]
        ],
        "settings": row["settings"],
        "places": [{"id": place, "name": speaker.say(msg(f"place.{place}"))} for place in PLACES],
        "evenings": list(_evenings(plan, done)),
        "done": list(_done(plan)),
        "texts": [speaker.say(text) for text in _figures(plan, done)],
        "search": {"state": row["state"], "gone": row["gone"], "lasts": row["lasts"]} if row["state"] else None,
    }


def _evenings(plan: Plan, done: Sequence[Done]) -> Iterator[dict[str, Any]]:
    """Every evening: what is done on it, what lies still, and what is ready at its end."""
    length, settings, speaker = plan.evenings.length, plan.row["settings"], plan.speaker
    if not done:
        return
    last = max(math.ceil(one.end / length - 1e-9) for one in done)
    begin = max(datetime.date.fromisoformat(settings["begin"]), datetime.date.today())
    days = evenings_from(begin, settings["weekdays"], last)
    left = {chain[0].make: len(chain) for chain in plan.chains}
    threads = _threaded_anew(done)
    for nth in range(last):
        here = [one for one in done if one.evening == nth]
        finished = []
        for one in done:
            if math.ceil(one.end / length - 1e-9) - 1 == nth:
                left[one.task.make] -= 1
                if left[one.task.make] == 0:
                    finished.append(plan.letter(one.task.make))
        worked = sum(
            min(one.end, (nth + 1) * length) - max(one.begin, nth * length) for one in done if _within(one, nth, length)
        )
        say: dict[str, Param] = {"number": nth + 1, "minutes": round(worked)}
        yield {
            "day": days[nth].isoformat(),
            "text": speaker.say(msg("plan.evening", **say, count=len(finished))),
            "rows": list(_rows(plan, here, nth * length, threads)),
            "rests": list(_rests(plan, here, nth * length)),
            "finished": finished,
        }


def _within(one: Done, nth: int, length: float) -> bool:
    return one.begin < (nth + 1) * length - 1e-9 and one.end > nth * length + 1e-9


def _threaded_anew(done: Sequence[Done]) -> set[str]:
    """Before which tasks needle and thread are changed back: those sewn when the machine was last set up for another make, or had a thread of
    its own in the needle."""
    found, now = set(), None
    for one in done:
        if one.task.station.place == "machine":
            thread = one.task.station.thread, one.task.station.own
            if now not in (None, thread) and one.task.step != SET_UP:
                found.add(one.task.id)
            now = thread
    return found


def _rows(plan: Plan, here: Sequence[Done], start: float, threads: set[str]) -> Iterator[dict[str, Any]]:
    """What is the same at the same place, one make after the other, is one thing to do."""

    def same(one: Done) -> tuple[Station, str]:
        return one.task.station, plan.title(one.task)

    for (station, title), run in itertools.groupby(here, same):
        tasks = list(run)
        begin, end = tasks[0].begin - start, tasks[-1].end - start
        yield {
            "title": title,
            "project": tasks[0].task.make.rpartition(".")[0],
            "step": tasks[0].task.step,
            "place": station.place,
            "setting": plan.speaker.say(_setting(tasks[0].task, plan, threads)) if station.place == "machine" else "",
            "makes": [plan.letter(one.task.make) for one in tasks],
            "tasks": [one.task.id for one in tasks],
            "begin": round(begin, 2),
            "minutes": round(end - begin, 2),
            "text": plan.speaker.say(msg("plan.minutes", minutes=max(1, round(end - begin)))),
        }


def _setting(task: Task, plan: Plan, threads: set[str]) -> Message:
    station = task.station
    stitch = stitch_set(station.sewn, station.stitch, plan.speaker.ruler)
    said = msg("plan.set", sewn=station.sewn, foot=msg(f"foot.{station.foot}"), stitch=stitch)
    if task.id not in threads:
        return said
    words = "plan.setting-own" if station.own else "plan.setting-back"
    return msg(words, set=said, make=plan.letters.get(task.make.rpartition(".")[0], ""))


def _rests(plan: Plan, here: Sequence[Done], start: float) -> Iterator[dict[str, Any]]:
    for one in here:
        if one.task.rests:
            end = one.end - start
            letter = plan.letter(one.task.make)
            yield {
                "make": letter,
                "begin": round(end, 2),
                "minutes": round(min(one.task.rests, max(0.0, plan.evenings.length - end)), 2),
                "text": plan.speaker.say(msg("plan.rests", make=letter, minutes=round(one.task.rests))),
            }


def _done(plan: Plan) -> Iterator[dict[str, Any]]:
    finished = [task for id, task in plan.tasks.items() if id in plan.finished]
    titles: dict[str, list[Task]] = {}
    for task in finished:
        titles.setdefault(plan.title(task), []).append(task)
    for title, tasks in titles.items():
        yield {
            "title": title,
            "makes": [plan.letter(task.make) for task in tasks],
            "tasks": [task.id for task in tasks],
        }


def _figures(plan: Plan, done: Sequence[Done]) -> Iterator[Message]:
    """What the plan takes, what it saves, and when it is finished."""
    if not done:
        yield msg("plan.nothing")
        return
    hands = sum(one.task.minutes for one in done)
    _, changes = cost(plan.order, plan.evenings)
    hours, minutes = divmod(round(hands + changes), 60)
    yield msg("plan.work", hours=hours, minutes=minutes, changes=round(changes))
    alone = [task for chain in plan.chains for task in chain]
    saved = cost(alone, plan.evenings)[0] - done[-1].end
    if saved >= 1:
        yield msg("plan.saves", minutes=round(saved))
    length = plan.evenings.length
    evenings = math.ceil(done[-1].end / length - 1e-9)
    begin = max(datetime.date.fromisoformat(plan.row["settings"]["begin"]), datetime.date.today())
    last = evenings_from(begin, plan.row["settings"]["weekdays"], evenings)[-1]
    yield msg("plan.finished", day=told_day(last), count=evenings)
    yield msg("plan.per-evening", number=f"{len(plan.chains) / evenings:.1f}".replace(".", plan.speaker.ruler.decimal))
