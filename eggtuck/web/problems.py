"""Errors as problem documents: what is wrong by field, and what would work."""

from __future__ import annotations

import json
from collections.abc import Sequence

from flask import Flask, Response, request
from pydantic import BaseModel, Field
from werkzeug.exceptions import HTTPException

from ..core.lengths import Ruler
from ..core.pattern import SpecError
from ..core.wording import Speaker
from ..store import Missing, Stale


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


class Refused(Exception):
    """A request that cannot be carried out; becomes a problem document."""

    def __init__(self, status: int, title: str, detail: str, errors: Sequence[FieldProblem] = ()) -> None:
        super().__init__(detail)
        self.problem = Problem(title=title, status=status, detail=detail, errors=list(errors))


def refused_spec(error: SpecError, document: object) -> Refused:
    """A spec's problems, in its own unit."""
    unit = document.get("unit") if isinstance(document, dict) else None
    decimal = document.get("decimal") if isinstance(document, dict) else None
    speaker = Speaker(Ruler(unit if unit in ("in", "cm", "mm") else "cm", decimal if decimal == "," else "."))
    found = [FieldProblem(field=p.field, message=speaker.say(p.message)) for p in error.problems]
    return Refused(422, "The measures do not work together", found[0].message, found)


def problem_response(problem: Problem) -> Response:
    text = json.dumps(problem.model_dump(), ensure_ascii=False)
    return Response(text, status=problem.status, mimetype="application/problem+json")


def install(app: Flask) -> None:
    """Every error under ``/api`` answers with a problem document."""

    @app.errorhandler(Refused)
    def refused(error: Refused) -> Response:
        return problem_response(error.problem)

    @app.errorhandler(Missing)
    def missing(error: Missing) -> Response:
        return problem_response(
            Problem(title="Not here", status=404, detail="There is nothing by that name; it may have been deleted.")
        )

    @app.errorhandler(Stale)
    def stale(error: Stale) -> Response:
        detail = "This was changed in another window since you opened it. Reload to see the newest."
        return problem_response(Problem(title="Changed elsewhere", status=409, detail=detail))

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
