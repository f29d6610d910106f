"""Drafts for requests, with a short memory: the same spec asked again is answered from it."""

from __future__ import annotations

import json
from collections.abc import Callable, Mapping
from functools import lru_cache, partial
from typing import Any

import orjson

from ..core.forms import Form, draft_spec
from ..core.lengths import Ruler
from ..core.pattern import Draft, SpecError
from ..core.pattern.document import drawn_json, finished_text, picture_document, told_json
from ..core.words import Speaker, msg
from .language import asked_language, in_asked_language
from .problems import RefusedError


def drafted(spec: Mapping[str, Any]) -> Draft:
    """The draft of a spec, in the language of the request. Raises `SpecError`."""
    return _remembered_draft(_as_text(spec))


def can_draft(spec: Mapping[str, Any], _: Form) -> bool:
    """Whether a spec can be drafted; the draft is remembered."""
    try:
        drafted(spec)
    except SpecError:
        return False
    return True


@lru_cache(maxsize=128)
def _remembered_draft(text: str) -> Draft:
    return draft_spec(json.loads(text))


@lru_cache(maxsize=256)
def _drawn(text: str) -> str:
    return drawn_json(_remembered_draft(text))


@lru_cache(maxsize=256)
def _told(text: str) -> str:
    return told_json(_remembered_draft(text))


def draft_text(spec: Mapping[str, Any]) -> str:
    """The draft document as text, the same byte for byte as the command line prints. Raises `SpecError`."""
    drawn, tell = draft_in_parts(spec)
    return f"{drawn}{tell()}\n"


def draft_in_parts(spec: Mapping[str, Any]) -> tuple[str, Callable[[], str]]:
    """The same in its two parts: what is drawn, and what tells the rest when it is called. Raises `SpecError`."""
    text = _as_text(spec)
    return _drawn(text), partial(_told, text)


def _as_text(spec: Mapping[str, Any]) -> str:
    """Key order is part of the spec as understood, so it is not sorted away."""
    try:
        return json.dumps(in_asked_language(spec))
    except (ValueError, RecursionError) as error:
        raise RefusedError(422, "not-plain") from error


def _picture(draft: Draft) -> dict[str, Any]:
    """What a list of projects shows: the form with its thing, and its sizes by name."""
    # The first sizes a form names are the ones it is known by.
    speaker = Speaker(draft.ruler, draft.language)
    named = [(name, value) for name, value in draft.finished.items() if value is not None][:2]
    sizes = {name: finished_text(name, value, speaker) for name, value in named}
    return {"form": draft.form, "sizes": sizes, **picture_document(draft)}


def picture_text(draft: Draft) -> str:
    """The picture as the store keeps it."""
    return orjson.dumps(_picture(draft)).decode()


@lru_cache(maxsize=128)
def _remembered_picture(text: str) -> bytes:
    # The language it is told in is part of what it is asked by.
    return orjson.dumps(picture_shown(_remembered_draft(text)))


def drawn(spec: Mapping[str, Any]) -> orjson.Fragment:
    """The picture of a spec's draft as `picture_shown` has it, written already."""
    return orjson.Fragment(_remembered_picture(_as_text(spec)))


def _kept_picture(text: str) -> dict[str, Any]:
    """A picture as it was kept; where it cannot be read, one of nothing that says so."""
    picture = orjson.loads(text)
    if (
        isinstance(picture, dict)
        and isinstance(picture.get("facets"), list)
        and picture.keys() >= {"form", "sizes", "object"}
    ):
        return picture
    said = Speaker(Ruler(), asked_language()).say(msg("keeping.unreadable"))
    return {"form": "", "sizes": said, "object": None, "facets": [], "carried": []}


def picture_shown(of: Draft | str) -> dict[str, Any]:
    """The picture of a draft, or one that is kept, its sizes told in the language of the request."""
    picture = _kept_picture(of) if isinstance(of, str) else _picture(of)
    picture["sizes"] = _told_sizes(picture["sizes"])
    return picture


def sizes_shown(kept: str | None) -> str:
    """The sizes of a picture that is kept, told in the language of the request; ``kept`` is as SQLite takes them out of it."""
    try:
        sizes = orjson.loads(kept or "null")
    except orjson.JSONDecodeError:
        return _told_sizes(kept)
    if not isinstance(sizes, dict):
        return Speaker(Ruler(), asked_language()).say(msg("keeping.unreadable"))
    return _told_sizes(sizes)


def _told_sizes(sizes: object) -> str:
    """Sizes by name, as text; pictures kept by an older version tell theirs in English."""
    if not isinstance(sizes, dict):
        return str(sizes)
    speaker = Speaker(Ruler(), asked_language())
    return ", ".join(f"{speaker.say(msg(f'sum.name.finished.{name}'))} {text}" for name, text in sizes.items())
