"""The application: operations under ``/api``, the table (the built front end) everywhere else."""

from __future__ import annotations

import threading
from functools import cache
from pathlib import Path

from flask import Flask, Response, jsonify, request, send_from_directory
from flask_compress import Compress
from markupsafe import escape
from werkzeug.exceptions import NotFound

from ..core.words import LANGUAGES, STRETCHED, Language
from ..store import open_database, prepare
from . import guard, problems, readings
from .copying import keep_copies
from .door import Way, here
from .door import install as install_door
from .language import COOKIE, PARAMETER, asked_language
from .openapi import openapi_document
from .routes import API

TABLE = Path(__file__).parent / "table"
LARGEST = 1_000_000
_TEXT = [
    "application/json",
    "application/problem+json",
    "application/javascript",
    "text/javascript",
    "text/css",
    "text/html",
    "text/csv",
    "text/calendar",
    "image/svg+xml",
    "image/vnd.dxf",
]


def create_app(data: Path, way: Way | None = None, hosts: frozenset[str] = guard.LOCAL) -> Flask:
    """An application that keeps its database in ``data``. Only those are answered who have come in on the ``way``, at one of the ``hosts``;
    without a way it is for use within this process, as in the tests."""
    app = Flask("eggtuck", static_folder=None)
    app.config["DATA"] = data
    app.config["MAX_CONTENT_LENGTH"] = LARGEST
    app.json.sort_keys = False  # type: ignore[attr-defined]
    prepare(data)
    open_database(data).close()
    guard.install(app, hosts)
    # What is text is packed on its way to a tablet: in gzip, which every browser unpacks. On this machine it takes longer to pack than to send.
    app.config["COMPRESS_REGISTER"] = False
    app.config["COMPRESS_ALGORITHM"] = app.config["COMPRESS_ALGORITHM_STREAMING"] = "gzip"
    app.config["COMPRESS_LEVEL"] = 4
    app.config["COMPRESS_MIN_SIZE"] = 1500
    app.config["COMPRESS_MIMETYPES"] = _TEXT
    packer = Compress(app)
    app.after_request(lambda response: response if _from_this_machine() else packer.after_request(response))
    if way is not None:
        install_door(app, way, API.by_name())
    problems.install(app)
    readings.install(app)
    API.serve_on(app)
    app.extensions["databases"] = threading.local()
    keep_copies(app)

    @app.get("/api/openapi.json")
    def describe() -> Response:
        return jsonify(openapi_document())

    @app.get("/")
    @app.get("/<path:path>")
    def table(path: str = "") -> Response:
        if path.startswith("api/"):
            raise NotFound
        if path.startswith("assets/"):
            response = send_from_directory(TABLE, path)
            response.headers["Cache-Control"] = "public, max-age=31536000, immutable"
            return response
        if path in ("egg.svg", "closed.css"):
            return send_from_directory(TABLE, path)
        # Every other address is a place on the table, which the front end finds by itself.
        page = (TABLE / "index.html").read_text("utf-8")
        response = Response(page.replace('<html lang="en"', _opening()), mimetype="text/html")
        response.headers["Link"] = _words(asked_language())
        response.headers["Cache-Control"] = "no-cache"
        if request.args.get(PARAMETER) in LANGUAGES:
            response.set_cookie(COOKIE, asked_language(), samesite="Strict", httponly=True)
        return response

    return app


def _from_this_machine() -> bool:
    address = request.remote_addr or ""
    return address == "::1" or address.startswith("127.")


@cache
def _words(language: Language) -> str:
    """Has the browser fetch what is said in the language along with the rest, not only when the rest asks for it."""
    own = "en" if language == STRETCHED else language
    files = sorted((TABLE / "assets").glob(f"{own}-*.js"))
    return ",".join(f"</assets/{file.name}>;rel=modulepreload" for file in files)


def _opening() -> str:
    """How the page opens: in which language, and for which device beside this machine, if one asks."""
    device = here()
    asked = "" if device is None else f' data-device="{escape(device.name)}" data-may="{device.may}"'
    return f'<html lang="{asked_language()}"{asked}'
