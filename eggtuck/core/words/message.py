"""A sentence to be said later: its id in the catalogue and what fills its blanks."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import field
from types import MappingProxyType

from ..frozen import frozen


@frozen
class Percent:
    """A share, 1.0 being the whole."""

    value: float


@frozen
class Volume:
    """What something holds (ml)."""

    ml: float


@frozen
class Thickness:
    """How thick layers are (mm): told finer than the marks of a ruler."""

    mm: float


@frozen
class Message:
    """``id`` names the sentence. Parameters: a float is a length in mm, an int a count, text is said
    as it is, a message is said in place, a tuple is said as a list."""

    id: str
    params: Mapping[str, Param] = field(default_factory=lambda: MappingProxyType({}))


Param = float | int | str | Percent | Volume | Thickness | Message | tuple[Message, ...]


def msg(id: str, /, **params: Param) -> Message:
    """A message from the catalogue."""
    return Message(id, params)
