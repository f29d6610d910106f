"""What every model of the server is made of, apart from what the core writes itself (see `documents`)."""

from __future__ import annotations

import unicodedata
from typing import Annotated, Literal

from pydantic import BaseModel, BeforeValidator, ConfigDict, StringConstraints

UnitName = Literal["in", "cm", "mm"]


DecimalName = Literal[".", ","]


def without_controls(text: str) -> str:
    """Text as it can be written into any file: what steers a terminal or a printer is left out, ends of lines and tabs stay."""
    return "".join(sign for sign in text if sign in "\n\t" or unicodedata.category(sign) != "Cc")


Plain = BeforeValidator(lambda text: without_controls(text) if isinstance(text, str) else text)


Name = Annotated[str, StringConstraints(strip_whitespace=True, min_length=1, max_length=120), Plain]


Note = Annotated[str, StringConstraints(max_length=4000), Plain]


class Taken(BaseModel):
    """Something the server takes: unknown names are refused."""

    model_config = ConfigDict(extra="forbid")


class Given(BaseModel):
    """Something the server gives."""

    model_config = ConfigDict(extra="forbid", json_schema_serialization_defaults_required=True)


class Health(Given):
    status: Literal["ok"]
    version: str


class Other(Given):
    id: str
    name: str


FileId = Annotated[str, StringConstraints(pattern=r"^[A-Za-z0-9_-]{1,60}$")]
