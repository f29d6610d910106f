"""All makes that are in the log: found again, summed up by year, and as a table."""

from __future__ import annotations

from collections.abc import Mapping
from typing import Any

from flask import Response

from ...core.forms import CATALOGUE
from ...core.learning.pace import paced
from ...core.lengths import Ruler
from ...core.record.year import Sold, YearSum, year_sums
from ...core.words import Speaker, msg
from ...files.logbook import logbook_csv
from ...store import makes
from ..connection import database
from ..language import asked_language
from ..logbook import current_pace, read_money
from ..queries import LogbookQuery
from ..record_model import Logbook, PaceTold, WorkTold
from ..sending import sent
from .settings import current_settings
from .table import API

_PAGE = 40


@API.operation(
    "GET", "/api/logbook", "What was made, of all projects", answer=Logbook, query=LogbookQuery, who="sewing"
)
def show_logbook(query: LogbookQuery) -> dict[str, Any]:
    rows = makes.every_make(database())
    speaker = Speaker(Ruler(decimal=current_settings()["decimal"]), asked_language())
    found = [row for row in rows if _meets(row, query)]
    forms = dict.fromkeys(row["facts"]["form"] for row in rows if row["facts"].get("form") in CATALOGUE)
    return {
        "entries": [_line(row, speaker) for row in found[query.page * _PAGE : (query.page + 1) * _PAGE]],
        "found": len(found),
        "pages": -(-len(found) // _PAGE),
        "forms": [{"id": form, "name": speaker.say(CATALOGUE[form].name)} for form in forms],
        "years": [_year(one, speaker) for one in year_sums(_sold(row) for row in rows)],
    }


@API.operation("POST", "/api/pace", "How long work takes this maker", body=WorkTold, answer=PaceTold, who="sewing")
def tell_pace(body: WorkTold) -> dict[str, Any]:
    pace = current_pace()
    minutes = paced(pace, ((step.kind, step.minutes) for step in body.steps))
    words = "pace.minutes-own" if pace.count else "pace.minutes"
    text = Speaker(Ruler(), asked_language()).say(msg(words, minutes=round(minutes), count=pace.count))
    return {"minutes": round(minutes, 1), "count": pace.count, "text": text}


@API.operation("GET", "/api/logbook.csv", "The log as a table", answer="text/csv")
def write_logbook() -> Response:
    return sent(logbook_csv(makes.every_make(database())), "text/csv", "log", "csv")


def _meets(row: Mapping[str, Any], query: LogbookQuery) -> bool:
    facts = row["facts"]
    if query.form and facts.get("form") != query.form:
        return False
    if query.year and not row["made_on"].startswith(query.year):
        return False
    said = " ".join((row["name"], row["differed"], row["next_time"], *(use["what"] for use in row["uses"])))
    return all(word in said.casefold() for word in query.words.casefold().split())


def _line(row: Mapping[str, Any], speaker: Speaker) -> dict[str, Any]:
    facts, goes = row["facts"], row["trial"].get("goes")
    form = CATALOGUE.get(facts.get("form", ""))
    price = row["sale"].get("price") or ""
    return {
        "make": row["id"],
        "project": row["project_id"],
        "name": row["name"] or (speaker.say(form.name) if form else ""),
        "made_on": row["made_on"],
        "form": speaker.say(form.name) if form else "",
        "minutes": row["minutes"],
        "goes": speaker.say(msg(f"trial.goes-{goes}")) if goes else "",
        "next_time": row["next_time"],
        "price": price,
    }


def _sold(row: Mapping[str, Any]) -> Sold:
    sale = row["sale"]
    return Sold(
        row["made_on"],
        row["minutes"],
        sale.get("sold_on") or "",
        read_money(sale.get("price") or ""),
        read_money(sale.get("cost") or ""),
    )


def _year(one: YearSum, speaker: Speaker) -> dict[str, Any]:
    def money(value: float) -> str:
        return f"{value:.2f}".replace(".", speaker.ruler.decimal)

    found = [msg("year.made", count=one.made), msg("year.minutes", hours=one.minutes // 60, minutes=one.minutes % 60)]
    if one.sold:
        found.append(msg("year.sold", count=one.sold, income=money(one.income), cost=money(one.cost)))
        found.append(msg("year.left", left=money(one.income - one.cost)))
    if one.hour is not None:
        found.append(msg("year.hour", hour=money(one.hour)))
    return {"year": one.year, "texts": [speaker.say(text) for text in found]}
