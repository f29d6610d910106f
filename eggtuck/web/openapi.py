"""The OpenAPI document of the web interface."""

from __future__ import annotations

from functools import lru_cache
from typing import Any

from .. import __version__
from ..core.forms import CATALOGUE
from .contract import openapi
from .routes import API


def openapi_document() -> dict[str, Any]:
    """The document, described anew only when there are other forms to describe."""
    return _described(tuple(CATALOGUE))


@lru_cache(maxsize=2)
def _described(_: tuple[str, ...]) -> dict[str, Any]:
    return openapi(API, "Egg Tuck", __version__)
