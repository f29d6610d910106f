"""The maker's habits."""

from __future__ import annotations

from collections.abc import Iterator, Mapping
from typing import Any

from flask import Response, after_this_request
from pydantic import ValidationError

from ...core.bench import read_bench
from ...core.forms import CATALOGUE
from ...core.lengths import LengthError, Ruler, read_length
from ...core.words import DECIMAL_MARKS, Message, msg
from ...store.settings import get_settings, set_settings
from ..connection import database
from ..language import COOKIE, first_language
from ..problems import RefusedError
from ..settings_model import Settings, SettingsChange
from .table import API


def current_settings() -> dict[str, Any]:
    """The habits in force: what was set, over the defaults; of those two go by the language."""
    set_so_far = get_settings(database())
    language = set_so_far.get("language", first_language())
    kept = {"language": language, "decimal": DECIMAL_MARKS.get(language, "."), **set_so_far}
    try:
        return Settings.model_validate(kept).model_dump()
    except ValidationError:
        # A habit that cannot be read is as if it had not been set.
        return Settings.model_validate(
            {name: value for name, value in kept.items() if _reads(name, value)}
        ).model_dump()


def _reads(name: str, value: Any) -> bool:
    try:
        Settings.model_validate({name: value})
    except ValidationError:
        return False
    return True


@API.operation("GET", "/api/settings", "The maker's habits", answer=Settings, who="sewing")
def read_settings() -> dict[str, Any]:
    return current_settings()


@API.operation("PUT", "/api/settings", "Change some of the maker's habits", body=SettingsChange, answer=Settings)
def write_settings(body: SettingsChange) -> dict[str, Any]:
    before, changes = current_settings(), body.model_dump(exclude_unset=True)
    habits = {**before, **changes}
    # A length that is none is refused, and what was kept stays.
    ruler = Ruler(habits["unit"], habits["decimal"])
    read_bench(habits["machine"], ruler)
    problems = list(_problems(changes, ruler))
    if problems:
        raise RefusedError(422, "fields", problems=problems, ruler=ruler)
    if habits["language"] != before["language"]:
        after_this_request(_forget_language)
    set_settings(database(), changes)
    return current_settings()


def _problems(changes: Mapping[str, Any], ruler: Ruler) -> Iterator[tuple[str, Message]]:
    """What of the habits that are changed no project could begin with."""
    for name, example in (("allowance", 10.0), ("rounding", ruler.step)):
        text = changes.get(name, "").strip()
        if not text or (name == "rounding" and text == "none"):
            continue
        try:
            read_length(text, ruler.unit)
        except LengthError as error:
            yield name, msg(f"problem.length-{error.fault}", text=error.text, example=ruler.write(example))
    known = {option.id: option.choices for form in CATALOGUE.values() for option in form.options}
    for option, choice in changes.get("schools", {}).items():
        if option not in known:
            yield f"schools.{option[:40]}", msg("problem.choice", choices=", ".join(known))
        elif choice and choice not in known[option]:
            yield f"schools.{option}", msg("problem.choice", choices=", ".join(known[option]))


def _forget_language(response: Response) -> Response:
    """The habit goes before what an address once named."""
    response.delete_cookie(COOKIE)
    return response
