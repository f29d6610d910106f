"""The language a request is answered in."""

from __future__ import annotations

import sqlite3
from typing import TypeVar, cast

from flask import g, has_request_context, request

from ..core.words import LANGUAGES, SPOKEN, Language
from ..store import StoreError
from ..store.settings import get_settings
from .connection import database

Asked = TypeVar("Asked")
# Named in an address it goes before the maker's habit: `?lang=en`. A page that was asked for in a language asks for everything else in
# it, until its window is closed or the habit is changed.
PARAMETER = COOKIE = "lang"


def asked_language() -> Language:
    """The language the address names, or the maker's own, or what the browser asks for; English where nobody asks."""
    if not has_request_context():
        return "en"
    if "language" not in g:
        named = (request.args.get(PARAMETER), request.cookies.get(COOKIE))
        g.language = next((language for language in named if language in LANGUAGES), None) or _own()
    return cast(Language, g.language)


def in_asked_language(document: Asked) -> Asked:
    """A spec or a cut list as sent, to be told in the language of the request. What is no document, or names what is no language, is left
    for its reader to refuse."""
    own = document.get("language", "en") if isinstance(document, dict) else None
    if not isinstance(own, str) or own not in LANGUAGES or own == asked_language():
        return document
    return cast(Asked, {**cast(dict[str, object], document), "language": asked_language()})


def _own() -> Language:
    try:
        own = get_settings(database()).get("language")
    except (StoreError, sqlite3.Error, OSError):
        # What went wrong is told in some language.
        own = None
    return cast(Language, own) if own in LANGUAGES else first_language()


def first_language() -> Language:
    """Before a maker has chosen: the one of ours that the browser would like best, else English."""
    wanted = request.accept_languages.values() if has_request_context() else ()
    # "en-US" is English before it is no language of ours.
    spoken = (language for tag in wanted if (language := tag.partition("-")[0].lower()) in SPOKEN)
    return cast(Language, next(spoken, "en"))
