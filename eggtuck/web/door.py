"""The door: who is let in. An address with a code that works once becomes a session of that browser; a script of the maker's own shows the token."""

from __future__ import annotations

import hmac
import os
import secrets
import sqlite3
from pathlib import Path
from urllib.parse import urlencode

from flask import Flask, Request, Response, redirect, request
from itsdangerous import BadSignature, URLSafeTimedSerializer
from markupsafe import escape

from ..core.lengths import Ruler
from ..core.words import Speaker, msg
from ..store import ClosedError, FullError, store_error
from ..store.doors import use_code
from .connection import database
from .language import asked_language
from .problems import RefusedError

TOKEN = "token"
CODE = "code"
# How long a session lasts, and a code that is not used (s).
SESSION_LASTS, CODE_LASTS = 180 * 86_400, 86_400
_PAGE = Path(__file__).with_name("closed.html")
# What anybody may ask: whether it is there, and what a closed page is drawn with.
_OPEN = frozenset({"/api/health", "/egg.svg"})


class Door:
    """Opens for those who show the ``token`` of a data folder, or hold what was signed with it."""

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
        return f"{at}?{urlencode({CODE: self.code()})}"

    def lets_in(self, asked: Request) -> bool:
        """Whether a request shows the token, or holds a session."""
        shown = asked.headers.get("Authorization", "")
        if shown:
            return hmac.compare_digest(shown.encode(), f"Bearer {self.token}".encode())
        try:
            self._sessions.loads(asked.cookies.get(self.cookie, ""), max_age=SESSION_LASTS)
        except BadSignature:
            return False
        return True

    def takes(self, code: str) -> bool:
        """Whether a code is one of ours, not too old, and used for the first time. Where nothing can be written nobody can tell the last."""
        try:
            once = self._codes.loads(code, max_age=CODE_LASTS)
        except BadSignature:
            return False
        try:
            return use_code(database(), str(once))
        except ClosedError:
            return True
        except sqlite3.Error as error:
            if isinstance(store_error(error), ClosedError | FullError):
                return True
            raise


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


def install(app: Flask, door: Door) -> None:
    """Nobody is answered who was not let in; a page says how to come in."""

    @app.before_request
    def check() -> Response | None:
        if request.path in _OPEN or request.path.startswith("/assets/"):
            return None
        page = not request.path.startswith("/api/")
        code = request.args.get(CODE) if page else None
        if door.lets_in(request):
            return _without_code() if code else None
        if code and door.takes(code):
            response = _without_code()
            response.set_cookie(
                door.cookie, door.session(), max_age=SESSION_LASTS, httponly=True, samesite="Strict", path="/"
            )
            return response
        if page:
            return _closed(bool(code))
        raise RefusedError(401, "door")


def _without_code() -> Response:
    """The same address without what may be used once, so that it is not kept in a history."""
    rest = [(name, value) for name, value in request.args.items(multi=True) if name != CODE]
    to = f"{request.path}?{urlencode(rest)}" if rest else request.path
    # A path that begins with two strokes, either way round, would lead elsewhere.
    plain = to.lstrip("/\\")
    response: Response = redirect(f"/{plain}", 303)  # type: ignore[assignment]
    return response


def _closed(used: bool) -> Response:
    speaker = Speaker(Ruler(), asked_language())
    title, text = (speaker.say(msg(f"door.{name}")) for name in ("closed", "used" if used else "how"))
    said = {"language": asked_language(), "title": escape(title), "text": escape(text)}
    return Response(_PAGE.read_text("utf-8").format(**said), status=401, mimetype="text/html")
