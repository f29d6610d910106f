"""The logbook of a project."""

from __future__ import annotations

from typing import Any

from ...core.fit.measured import difference_message
from ...core.lengths import LengthError, read_length
from ...core.words import Speaker, msg
from ...store import makes as store
from ...store import projects
from ..connection import database
from ..drafting import drafted
from ..models import Make, MakeList, NewMake
from ..problems import RefusedError
from .table import API


@API.operation("GET", "/api/projects/{id}/makes", "What was made, the latest first", answer=MakeList)
def list_makes(id: str) -> dict[str, Any]:
    projects.get_project(database(), id)
    return {"makes": store.list_makes(database(), id)}


@API.operation("POST", "/api/projects/{id}/makes", "Log a make", body=NewMake, answer=Make, status=201)
def add_make(id: str, body: NewMake) -> dict[str, Any]:
    spec = projects.get_project(database(), id)["spec"]
    draft = drafted(spec)
    speaker = Speaker(draft.ruler, draft.language)
    sides = sum(1 for seam in draft.seams if seam.id in ("side", "side-left", "side-right"))
    measured, problems = [], []
    for name, typed in body.measured.items():
        if not typed.strip():
            continue
        drafted_as = draft.finished.get(name)
        if drafted_as is None:
            text = msg("problem.choice", choices=", ".join(draft.finished))
            problems.append((f"measured.{name}", text))
            continue
        try:
            mm = read_length(typed, draft.ruler.unit).mm
        except LengthError as error:
            text = msg(f"problem.length-{error.fault}", text=error.text, example=draft.ruler.write(drafted_as))
            problems.append((f"measured.{name}", text))
            continue
        if not 0 < mm <= 5000:
            text = msg("problem.range", label=msg(f"sum.name.finished.{name}"), low=1.0, high=5000.0)
            problems.append((f"measured.{name}", text))
            continue
        remark = speaker.say(difference_message(name, drafted_as, mm, sides))
        measured.append({"name": name, "typed": typed, "mm": mm, "remark": remark})
    if problems:
        raise RefusedError(422, "measure", problems=problems, ruler=draft.ruler)
    return store.add_make(
        database(), id, body.made_on.isoformat(), body.minutes, measured, body.differed, body.next_time, spec
    )


@API.operation("DELETE", "/api/projects/{id}/makes/{make}", "Take an entry out", status=204)
def delete_make(id: str, make: str) -> None:
    store.delete_make(database(), id, make)
