"""The OpenAPI document of the web interface."""

from __future__ import annotations

from typing import Any

from .. import __version__
from .contract import openapi
from .routes import API


def openapi_document() -> dict[str, Any]:
    return openapi(API, "Egg Tuck", __version__)
