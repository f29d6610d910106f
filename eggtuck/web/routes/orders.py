"""Orders and gifts: for whom, what, by when, and when it has to be begun."""

from __future__ import annotations

import datetime
from collections.abc import Mapping, Sequence
from typing import Any

from flask import Response

from ...core.learning.pace import Pace
from ...core.lengths import Ruler
from ...core.plan.dates import Backwards, backwards
from ...core.words import Message, Speaker, msg
from ...files.calendar import Entry, calendar_file
from ...store import MissingError, projects
from ...store import orders as store
from ..connection import database
from ..days import told_day
from ..drafting import drafted
from ..language import asked_language
from ..logbook import current_pace, read_money
from ..plan_model import Orders, OrderShown, OrderTold
from ..problems import RefusedError
from ..sending import sent
from .settings import current_settings
from .table import API


@API.operation("GET", "/api/orders", "What is to be ready for whom, and by when", answer=Orders)
def list_orders() -> dict[str, Any]:
    pace = current_pace()
    shown = [_shown(row, pace) for row in store.list_orders(database())]
    return {"orders": shown, "sets": list(_sets(shown))}


@API.operation("POST", "/api/orders", "Take an order, or plan a gift", body=OrderTold, answer=OrderShown, status=201)
def add_order(body: OrderTold) -> dict[str, Any]:
    return _shown(store.add_order(database(), _read(body)))


@API.operation("PUT", "/api/orders/{id}", "Change an order", body=OrderTold, answer=OrderShown)
def save_order(id: str, body: OrderTold) -> dict[str, Any]:
    return _shown(store.save_order(database(), id, _read(body)))


@API.operation("DELETE", "/api/orders/{id}", "Put an order away", status=204)
def delete_order(id: str) -> None:
    store.delete_order(database(), id)


@API.operation("POST", "/api/orders/{id}/restore", "Put it back", answer=OrderShown)
def restore_order(id: str) -> dict[str, Any]:
    return _shown(store.restore_order(database(), id))


@API.operation("GET", "/api/orders.ics", "All deadlines and evenings as a calendar", answer="text/calendar")
def write_calendar() -> Response:
    speaker = _speaker()
    written = datetime.datetime.now(datetime.UTC)
    pace = current_pace()
    entries = [entry for row in store.list_orders(database()) for entry in _entries(row, pace, speaker)]
    name = speaker.say(msg("order.calendar"))
    return sent(calendar_file(entries, name, written), "text/calendar", name, "ics")


def _read(body: OrderTold) -> dict[str, Any]:
    if body.price.strip() and read_money(body.price) is None:
        raise RefusedError(422, "fields", problems=[("price", msg("problem.pile-price", most=1_000_000))])
    if body.project_id is not None:
        projects.get_project(database(), body.project_id)
    return {**body.model_dump(mode="json"), "due": "" if body.due is None else body.due.isoformat()}


def _project(row: Mapping[str, Any]) -> dict[str, Any] | None:
    """The make of an order; None where none was chosen, or it was put away meanwhile."""
    if row["project_id"] is None:
        return None
    try:
        return projects.get_project(database(), row["project_id"])
    except MissingError:
        return None


def _back(row: Mapping[str, Any], project: Mapping[str, Any] | None, pace: Pace) -> Backwards | None:
    """Its dates, worked backwards, as long as there is something to make."""
    if not row["due"] or project is None or row["state"] in ("ready", "given"):
        return None
    habits = current_settings()
    # Of one that is in hand what is ticked off is done.
    finished = [f"{project['id']}.0/{step}" for step in project["done"]] if row["state"] == "making" else []
    return backwards(
        [(project["id"], drafted(project["spec"]), row["count"])],
        pace,
        datetime.date.fromisoformat(row["due"]),
        datetime.date.today(),
        habits["evening_days"],
        habits["evening"],
        finished,
    )


def _shown(row: Mapping[str, Any], pace: Pace | None = None) -> dict[str, Any]:
    speaker = _speaker()
    project = _project(row)
    back = _back(row, project, pace or current_pace())
    return {
        **{
            name: row[name] for name in ("id", "whom", "title", "project_id", "count", "theme", "cloth", "due", "state")
        },
        **{name: row[name] for name in ("together", "price", "note")},
        "project": "" if project is None else project["name"],
        "begin": "" if back is None else back.begin.isoformat(),
        "cut_by": "" if back is None else back.cut_by.isoformat(),
        "dates": [] if back is None else [speaker.say(text) for text in _dates(back)],
        "late": back is not None and back.late,
    }


def _dates(back: Backwards) -> list[Message]:
    hours, minutes = divmod(round(back.minutes), 60)
    return [
        msg("order.work", hours=hours, minutes=minutes, count=len(back.evenings)),
        msg("order.late" if back.late else "order.begin", day=told_day(back.begin)),
        msg("order.cut", day=told_day(back.cut_by)),
        msg("order.last", day=told_day(back.evenings[-1])),
    ]


def told_order(order: Mapping[str, Any] | None) -> str | None:
    """An order, or a set of them, as the table tells it."""
    if order is None:
        return None
    speaker = _speaker()
    title = order["together"] or order["title"]
    if order["whom"] and not order["together"]:
        title = speaker.say(msg("order.for", title=title, whom=order["whom"]))
    return speaker.say(msg("order.by", title=title, day=told_day(order["due"]))) if order["due"] else title


def _sets(shown: Sequence[Mapping[str, Any]]) -> Any:
    """Orders that belong together, what they share, and which makes they are."""
    speaker = _speaker()
    named: dict[str, list[Mapping[str, Any]]] = {}
    for one in shown:
        if one["together"] and one["state"] != "given":
            named.setdefault(one["together"], []).append(one)
    for name, orders in named.items():
        if len(orders) < 2:
            continue
        makes: dict[str, int] = {}
        for one in orders:
            if one["project"]:
                makes[one["project_id"]] = makes.get(one["project_id"], 0) + one["count"]
        texts = [msg("order.set", count=sum(one["count"] for one in orders))]
        for what in ("cloth", "theme"):
            said = {one[what].casefold() for one in orders if one[what]}
            if len(said) == 1:
                texts.append(msg(f"order.set-{what}", what=next(one[what] for one in orders if one[what])))
            elif len(said) > 1:
                texts.append(msg(f"order.set-{what}-differs", count=len(said)))
        yield {
            "name": name,
            "texts": [speaker.say(text) for text in texts],
            "makes": [{"project": project, "count": min(count, 100)} for project, count in makes.items()],
        }


def _entries(row: Mapping[str, Any], pace: Pace, speaker: Speaker) -> Any:
    """The deadline of an order, and the evenings it takes."""
    if not row["due"] or row["state"] == "given":
        return
    title = speaker.say(msg("order.for", title=row["title"], whom=row["whom"])) if row["whom"] else row["title"]
    due = speaker.say(msg("order.due", title=title))
    yield Entry(f"{row['id']}-due", datetime.date.fromisoformat(row["due"]), due, row["note"])
    back = _back(row, _project(row), pace)
    if back is None:
        return
    at = datetime.time.fromisoformat(current_settings()["evening_at"])
    length = current_settings()["evening"]
    for nth, day in enumerate(back.evenings):
        spent = [min(one.end, (nth + 1) * length) - nth * length for one in back.done if one.begin < (nth + 1) * length]
        said = speaker.say(msg("order.evening", title=title, number=nth + 1, count=len(back.evenings)))
        text = speaker.say(msg("order.cut", day=told_day(back.cut_by))) if day <= back.cut_by else ""
        yield Entry(f"{row['id']}-{nth + 1}", day, said, text, at, max(spent))


def _speaker() -> Speaker:
    return Speaker(Ruler(decimal=current_settings()["decimal"]), asked_language())
