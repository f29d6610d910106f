"""Errors as problem documents: what is wrong by field, and what would work."""

from __future__ import annotations

import json
from collections.abc import Sequence
from typing import get_args

from flask import Flask, Response, request
from pydantic import BaseModel, Field
from werkzeug.exceptions import HTTPException

from ..core.errors import EggTuckError
from ..core.lengths import Ruler, Unit
from ..core.pattern import SpecError
from ..core.words import Speaker
from ..files.errors import FileError
from ..store import MissingError, StaleError


class FieldProblem(BaseModel):
    """One field at fault; an empty field means the whole request."""

    field: str
    message: str


class Problem(BaseModel):
    """A problem document."""

    type: str = "about:blank"
    title: str
    status: int
    detail: str
    errors: list[FieldProblem] = Field(default_factory=list)


class RefusedError(EggTuckError):
    """A request that cannot be carried out; becomes a problem document."""

    def __init__(self, status: int, title: str, detail: str, errors: Sequence[FieldProblem] = ()) -> None:
        super().__init__(detail)
        self.problem = Problem(title=title, status=status, detail=detail, errors=list(errors))


def _told(error: EggTuckError) -> Problem:
    """What a maker is told of an error of the tree (`core.errors`)."""
    match error:
        case RefusedError():
            return error.problem
        case MissingError():
            detail = "There is nothing by that name; it may have been deleted."
            return Problem(title="Not here", status=404, detail=detail)
        case StaleError():
            detail = "This was changed in another window since you opened it. Reload to see the newest."
            return Problem(title="Changed elsewhere", status=409, detail=detail)
        case SpecError():
            speaker = Speaker(error.ruler or _asked_ruler())
            found = [FieldProblem(field=p.field, message=speaker.say(p.message)) for p in error.problems]
            return Problem(title="The measures do not work together", status=422, detail=found[0].message, errors=found)
        case FileError():
            told = Speaker(_asked_ruler()).say(error.message)
            return Problem(
                title=error.title, status=422, detail=told, errors=[FieldProblem(field=error.field, message=told)]
            )
    raise error


def _asked_ruler() -> Ruler:
    """The ruler a request speaks of: the unit in its body or its address."""
    body = request.get_json(silent=True) if request.is_json else None
    asked = body if isinstance(body, dict) else request.args
    unit: Unit = next((unit for unit in get_args(Unit) if unit == asked.get("unit")), "cm")
    return Ruler(unit, "," if asked.get("decimal") == "," else ".")


def problem_response(problem: Problem) -> Response:
    text = json.dumps(problem.model_dump(), ensure_ascii=False)
    return Response(text, status=problem.status, mimetype="application/problem+json")


def install(app: Flask) -> None:
    """Every error under ``/api`` answers with a problem document."""

    @app.errorhandler(EggTuckError)
    def told(error: EggTuckError) -> Response:
        return problem_response(_told(error))

    @app.errorhandler(HTTPException)
    def http(error: HTTPException) -> Response | HTTPException:
        if not request.path.startswith("/api/"):
            return error
        status = error.code or 500
        details = {
            400: "The body is not JSON that can be read.",
            404: "There is nothing at this address.",
            405: "That cannot be done at this address.",
            413: "That is too large: at most 1 MB.",
        }
        detail = details.get(status, error.description or error.name)
        return problem_response(Problem(title=error.name, status=status, detail=detail))

    @app.errorhandler(RecursionError)
    def too_deep(_: RecursionError) -> Response:
        return problem_response(Problem(title="Bad Request", status=400, detail="The JSON is nested too deeply."))

    @app.errorhandler(Exception)
    def unexpected(error: Exception) -> Response:
        app.logger.exception("unexpected error", exc_info=error)
        detail = "Egg Tuck stumbled over this. Nothing you saved is lost."
        return problem_response(Problem(title="Unexpected error", status=500, detail=detail))
