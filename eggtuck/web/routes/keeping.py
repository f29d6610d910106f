"""Keeping it safe: everything saved and brought back, the dated copies, what was put away."""

from __future__ import annotations

import datetime
import shutil
import tempfile
import time
from typing import IO, Any, cast

from flask import Response, current_app, send_file

from ...core.lengths import Ruler
from ...core.words import Speaker, msg
from ...store import MissingError
from ...store.away import bring_one_back, list_away
from ...store.copies import Copy, list_copies, make_copy
from ...store.looked_over import decided, was_set_aside
from ...store.whole import Brought, Meeting
from ..connection import database
from ..days import told_day
from ..keeping_model import AwayList, AwayQuery, BackFromCopy, BringOneBack, BroughtBack, Keeping, MeetingQuery
from ..language import asked_language
from ..whole import bring_back, save_everything, told
from .settings import current_settings
from .table import API

# What is larger is written to a file and not held in memory (bytes).
_IN_MEMORY, _AT_ONCE = 16_000_000, 1_000_000
# Before what a copy is made, but for that of the day.
_WHY = ("asked", "tables", "bringing-back")


@API.operation("GET", "/api/everything.zip", "All that is kept, as one archive", answer="application/zip", who="here")
def write_everything() -> Response:
    # It is closed when it has been sent.
    out = cast(IO[bytes], tempfile.SpooledTemporaryFile(_IN_MEMORY))  # noqa: SIM115
    try:
        save_everything(current_app.config["DATA"], out)
    except BaseException:
        out.close()
        raise
    out.seek(0)
    name = f"egg-tuck-{time.strftime('%Y-%m-%d')}.zip"
    return send_file(out, "application/zip", as_attachment=True, download_name=name)


@API.operation(
    "POST",
    "/api/everything",
    "Bring everything back from an archive, or from a copy of the file",
    body="application/octet-stream",
    answer=BroughtBack,
    query=MeetingQuery,
    stream=True,
    who="here",
)
def bring_everything(body: IO[bytes], query: MeetingQuery) -> dict[str, Any]:
    # A folder that has vanished is not made anew.
    database()
    with tempfile.TemporaryFile() as file:
        shutil.copyfileobj(body, file, _AT_ONCE)
        file.seek(0)
        return _told(bring_back(current_app.config["DATA"], file, query.meeting))


@API.operation("GET", "/api/keeping", "Where everything is kept, and its copies", answer=Keeping, who="here")
def show_keeping() -> dict[str, Any]:
    return _keeping()


@API.operation("POST", "/api/copies", "Make a copy now", answer=Keeping, who="here")
def copy_now() -> dict[str, Any]:
    make_copy(database(), current_app.config["DATA"], time.strftime("%Y-%m-%d"), time.strftime("asked-%H%M%S"))
    return _keeping()


@API.operation(
    "POST", "/api/copies/{name}", "Bring everything back from a copy", body=BackFromCopy, answer=BroughtBack, who="here"
)
def bring_back_copy(name: str, body: BackFromCopy) -> dict[str, Any]:
    return _told(_from(_copy(name), body.meeting))


@API.operation("DELETE", "/api/set-aside", "Ask no more about a file that was set aside", status=204, who="here")
def decide() -> None:
    decided(current_app.config["DATA"])


@API.operation("GET", "/api/away", "What was put away", answer=AwayList, query=AwayQuery, who="here")
def show_away(query: AwayQuery) -> dict[str, Any]:
    found, more = list_away(database(), query.words.split(), query.count)
    speaker = Speaker(Ruler(), asked_language())
    return {
        "things": [
            {
                "kind": one["kind"],
                "id": one["id"],
                "name": one["name"],
                "what": speaker.say(msg(f"away.{one['kind']}")),
                "when": told_day(one["deleted_at"][:10]),
            }
            for one in found
        ],
        "more": more,
    }


@API.operation("POST", "/api/away", "Bring something back that was put away", body=BringOneBack, status=204, who="here")
def bring_one(body: BringOneBack) -> None:
    bring_one_back(database(), body.kind, body.id)


def _copy(name: str) -> Copy:
    found = next((copy for copy in list_copies(current_app.config["DATA"]) if copy.name == name), None)
    if found is None:
        raise MissingError(name)
    return found


def _from(copy: Copy, meeting: Meeting) -> Brought:
    database()
    with copy.path.open("rb") as file:
        return bring_back(current_app.config["DATA"], file, meeting)


def _keeping() -> dict[str, Any]:
    data = current_app.config["DATA"]
    copies, aside = list_copies(data), was_set_aside(data)
    speaker = _speaker()
    newest = next((copy for copy in copies if not copy.before.startswith("bringing-back")), None)
    text = None if aside is None else speaker.say(msg(f"keeping.aside-{aside['why']}", name=aside["name"]))
    return {
        "folder": str(data.absolute()),
        "copies": [_copied(copy, speaker) for copy in copies],
        "aside": None if text is None else {"text": text, "newest": newest and _copied(newest, speaker)},
    }


def _copied(copy: Copy, speaker: Speaker) -> dict[str, Any]:
    made = datetime.datetime.fromtimestamp(copy.when)
    before = copy.before.rstrip("0123456789").rstrip("-")
    why = before if before in _WHY else "day"
    return {
        "name": copy.name,
        "text": speaker.say(msg(f"keeping.copy-{why}", day=told_day(made.date()), time=made.strftime("%H:%M"))),
        "size": speaker.say(msg("keeping.size", kilobytes=max(1, round(copy.size / 1000)))),
    }


def _told(brought: Brought) -> dict[str, Any]:
    speaker = _speaker()
    return {
        "texts": [speaker.say(text) for text in told(brought)],
        "others": brought.others[:200],
        "unread": brought.unread[:200],
    }


def _speaker() -> Speaker:
    return Speaker(Ruler(decimal=current_settings()["decimal"]), asked_language())
