"""The door: who is let in. Who has come in with a code, which works once, holds something that is shown from then on; a script of the maker's own
shows the token."""

from __future__ import annotations

import hmac
import os
import secrets
import sqlite3
from pathlib import Path
from typing import Protocol
from urllib.parse import urlencode

from flask import Flask, Request, Response, g, redirect, request
from itsdangerous import BadSignature, URLSafeTimedSerializer
from markupsafe import escape

from ..core.lengths import Ruler
from ..core.words import Speaker, msg
from ..store import ClosedError, FullError, store_error
from ..store.devices import Device, come_in, known_device
from ..store.doors import use_code
from .connection import database
from .contract import Operation
from .language import asked_language
from .problems import RefusedError

TOKEN = "token"
CODE = "code"
IN = "/in"
# How long a session lasts, and a code that is not used (s).
SESSION_LASTS, CODE_LASTS = 180 * 86_400, 86_400
_LONGEST_CODE = 300
_PAGE = Path(__file__).with_name("closed.html")
# What anybody may ask: whether it is there, and what a closed page is drawn with.
_OPEN = frozenset({"/api/health", "/egg.svg", "/closed.css"})


class Way(Protocol):
    """A way in: how somebody is known who has come in, and how they come in."""

    cookie: str
    # Whether a code is taken as it stands in an address. Else it has to be sent from the page: what only looks at an address uses none up.
    at_once: bool

    def lets_in(self, asked: Request) -> bool:
        """Whether a request is of somebody who has come in."""
        ...

    def takes(self, code: str) -> str | None:
        """What a browser holds from then on that has come in with a code; None for one that lets nobody in."""
        ...

    def allows(self, operation: Operation) -> bool:
        """Whether whoever is in may use an operation."""
        ...


class Door:
    """The way in on this machine: for those who show the ``token`` of a data folder, or hold what was signed with it."""

    at_once = True

    def __init__(self, data: Path) -> None:
        self.token = _token(data / TOKEN)
        self.cookie = f"egg-tuck-{hmac.new(self.token.encode(), b'cookie', 'sha256').hexdigest()[:12]}"
        self._sessions = URLSafeTimedSerializer(self.token, salt="session")
        self._codes = URLSafeTimedSerializer(self.token, salt="code")

    def session(self) -> str:
        """What a browser holds that has come in."""
        return str(self._sessions.dumps(""))

    def code(self) -> str:
        """A code that lets one browser in."""
        return str(self._codes.dumps(secrets.token_urlsafe(9)))

    def address(self, at: str) -> str:
        """An address with a code."""
        return with_code(at, self.code())

    def lets_in(self, asked: Request) -> bool:
        shown = asked.headers.get("Authorization", "")
        if shown:
            return hmac.compare_digest(shown.encode(), f"Bearer {self.token}".encode())
        try:
            self._sessions.loads(asked.cookies.get(self.cookie, ""), max_age=SESSION_LASTS)
        except BadSignature:
            return False
        return True

    def takes(self, code: str) -> str | None:
        """As `Way.takes`: one of ours, not too old, and used for the first time. Where nothing can be written nobody can tell the last."""
        try:
            once = self._codes.loads(code, max_age=CODE_LASTS)
        except BadSignature:
            return None
        try:
            fresh = use_code(database(), str(once))
        except ClosedError:
            fresh = True
        except sqlite3.Error as error:
            if not isinstance(store_error(error), ClosedError | FullError):
                raise
            fresh = True
        return self.session() if fresh else None

    def allows(self, operation: Operation) -> bool:
        return True


class SideDoor:
    """The way in for devices beside this machine (`store.devices`): each holds a secret of its own, may do what it was let in for, and is known till it
    is taken off or nobody is answered any more. The token opens nothing here."""

    at_once = False
    cookie = "egg-tuck-device"

    def lets_in(self, asked: Request) -> bool:
        secret = asked.cookies.get(self.cookie)
        device = known_device(database(), secret) if secret else None
        g.device = device
        return device is not None

    def takes(self, code: str) -> str | None:
        return come_in(database(), code)

    def allows(self, operation: Operation) -> bool:
        device: Device = g.device
        return operation.who == "sewing" or (operation.who == "any" and device.may == "all")


def here() -> Device | None:
    """The device that asks; None where it is this machine."""
    device: Device | None = g.get("device")
    return device


def with_code(at: str, code: str) -> str:
    """An address with a code in it."""
    return f"{at}?{urlencode({CODE: code})}"


def _token(path: Path) -> str:
    """The token of a data folder, made when there is none; its owner alone reads it."""
    try:
        kept = path.read_text(encoding="utf-8").strip()
        if len(kept) >= 32:
            path.chmod(0o600)
            return kept
    except OSError:
        pass
    made = secrets.token_urlsafe(32)
    try:
        making = path.with_name(f".{path.name}.{os.getpid()}")
        making.touch(mode=0o600)
        making.write_text(made + "\n", encoding="utf-8")
        making.replace(path)
    except OSError:
        # Where nothing can be written it holds as long as the server runs.
        pass
    return made


def install(app: Flask, way: Way, operations: dict[str, Operation]) -> None:
    """Nobody is answered who was not let in, or not for that; a page says how to come in. ``operations`` are by their name."""

    @app.before_request
    def check() -> Response | None:
        if request.path in _OPEN or request.path.startswith("/assets/"):
            return None
        page = not request.path.startswith("/api/")
        code = request.args.get(CODE) if page else None
        if way.lets_in(request):
            if request.path == IN:
                return _to("")
            operation = operations.get(request.endpoint or "")
            if operation is not None and not way.allows(operation):
                raise RefusedError(403, "device-here" if operation.who == "here" else "device")
            return _without_code() if code else None
        if not page:
            raise RefusedError(401, "door")
        if request.path == IN and request.method == "POST":
            code = request.form.get(CODE, "")[:_LONGEST_CODE]
            secret = way.takes(code)
            return _closed(way, "used") if secret is None else _let_in(way, secret, _to(""))
        if code and way.at_once:
            secret = way.takes(code)
            return _closed(way, "used") if secret is None else _let_in(way, secret, _without_code())
        return _closed(way, "how", code or "")


def _let_in(way: Way, secret: str, response: Response) -> Response:
    response.set_cookie(way.cookie, secret, max_age=SESSION_LASTS, httponly=True, samesite="Strict", path="/")
    return response


def _to(path: str) -> Response:
    # A path that begins with two strokes, either way round, would lead elsewhere.
    plain = path.lstrip("/\\")
    response: Response = redirect(f"/{plain}", 303)  # type: ignore[assignment]
    return response


def _without_code() -> Response:
    """The same address without what may be used once, so that it is not kept in a history."""
    rest = [(name, value) for name, value in request.args.items(multi=True) if name != CODE]
    return _to(f"{request.path}?{urlencode(rest)}" if rest else request.path)


def _closed(way: Way, text: str, code: str = "") -> Response:
    speaker = Speaker(Ruler(), asked_language())
    words = {name: escape(speaker.say(msg(f"door.{name}"))) for name in ("closed", "code", "come-in")}
    said = speaker.say(msg(f"door.{text}" if way.at_once else f"door.device-{text}"))
    page = _PAGE.read_text("utf-8").format(
        language=asked_language(),
        title=words["closed"],
        text=escape(said),
        label=words["code"],
        button=words["come-in"],
        code=escape(code[:_LONGEST_CODE]),
        hidden="hidden" if way.at_once else "",
    )
    return Response(page, status=401, mimetype="text/html")
