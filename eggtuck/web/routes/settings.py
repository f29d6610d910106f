"""The maker's habits."""

from __future__ import annotations

from typing import Any

from ...store.settings import get_settings, set_settings
from ..connection import database
from ..models import Settings
from .table import API


def current_settings() -> dict[str, Any]:
    """The habits in force: what was set, over the defaults."""
    return Settings.model_validate(get_settings(database())).model_dump()


@API.operation("GET", "/api/settings", "The maker's habits", answer=Settings)
def read_settings() -> dict[str, Any]:
    return current_settings()


@API.operation("PUT", "/api/settings", "Change the maker's habits", body=Settings, answer=Settings)
def write_settings(body: Settings) -> dict[str, Any]:
    set_settings(database(), body.model_dump())
    return current_settings()
