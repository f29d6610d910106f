"""Errors as problem documents: what is wrong by field, and what would work."""

from __future__ import annotations

import json
import sqlite3
from collections.abc import Sequence
from typing import get_args

from flask import Flask, Response, request
from pydantic import BaseModel, Field
from werkzeug.exceptions import HTTPException

from ..core.errors import EggTuckError
from ..core.lengths import Ruler, Unit
from ..core.pattern import SpecError
from ..core.words import LANGUAGES, Message, Param, Speaker, msg
from ..files.errors import FileError
from ..store import MissingError, StaleError, StoreError, store_error
from .language import asked_language


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
    """A request that cannot be carried out; becomes a problem document. ``words`` names what is said, and ``say`` what fills it: the
    title is ``refused.<words>``, what would work its ``.text``. ``problems`` are told instead of that, each with its field; lengths are
    told on ``ruler``, where that is not the request's own."""

    def __init__(
        self,
        status: int,
        words: str,
        field: str = "",
        *,
        problems: Sequence[tuple[str, Message]] = (),
        ruler: Ruler | None = None,
        **say: Param,
    ) -> None:
        super().__init__(words)
        self.status, self.title, self.ruler = status, msg(f"refused.{words}"), ruler
        self.problems = list(problems) or [(field, msg(f"refused.{words}.text", **say))]


def _told(error: EggTuckError) -> Problem:
    """What a maker is told of an error of the tree (`core.errors`)."""
    match error:
        case RefusedError():
            told = _problem(error.status, error.title, error.problems, error.ruler)
            # What is said of the whole request is its detail.
            told.errors = [problem for problem in told.errors if problem.field]
            return told
        case MissingError():
            return _told(RefusedError(404, "missing"))
        case StaleError():
            return _told(RefusedError(409, "stale"))
        case StoreError():
            return _told(RefusedError(error.status, f"file-{error.words}"))
        case SpecError():
            found = [(problem.field, problem.message) for problem in error.problems]
            return _problem(422, msg("refused.spec"), found, error.ruler)
        case FileError():
            return _problem(422, msg(f"refused.{error.title}"), [(error.field, error.message)])
    raise error


def _problem(
    status: int, title: Message, problems: Sequence[tuple[str, Message]], ruler: Ruler | None = None
) -> Problem:
    speaker = Speaker(ruler or _asked_ruler(), asked_language())
    found = [FieldProblem(field=field, message=speaker.say(message)) for field, message in problems]
    return Problem(title=speaker.say(title), status=status, detail=found[0].message, errors=found)


def _asked_ruler() -> Ruler:
    """The ruler a request speaks of: the unit in its body or its address."""
    try:
        body = request.get_json(silent=True) if request.is_json else None
    except (RecursionError, HTTPException):
        # The body itself is at fault: too deep, too large.
        body = None
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
        if status == 413:
            return told(RefusedError(status, "http-413", most=(request.max_content_length or 0) // 1_000_000))
        words = f"http-{status}"
        return told(RefusedError(status, words if f"refused.{words}" in LANGUAGES["en"] else "http-other"))

    @app.errorhandler(sqlite3.Error)
    def of_the_file(error: sqlite3.Error) -> Response:
        known = store_error(error)
        return unexpected(error) if known is None else told(known)

    @app.errorhandler(RecursionError)
    def too_deep(_: RecursionError) -> Response:
        return told(RefusedError(400, "too-deep"))

    @app.errorhandler(Exception)
    def unexpected(error: Exception) -> Response:
        app.logger.exception("unexpected error", exc_info=error)
        return told(RefusedError(500, "unexpected"))
