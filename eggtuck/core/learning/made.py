"""A make as learning sees it."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import field

from ..frozen import frozen
from ..record.facts import Facts
from ..record.trial import Goes


@frozen
class Departure:
    """What was done otherwise than told, at a step: a choice or an allowance (``field``) that was made otherwise (``did``), or in own words."""

    step: str
    title: str
    field: str
    did: str
    text: str
    cause: str = ""


@frozen
class Made:
    """One entry of the log. ``hands`` are minutes at each step as the clock had them, ``minutes`` in all as the maker told them; ``measured``
    are sizes of the finished make (mm) and whether they did all the same, ``goes`` how it went on."""

    id: str
    name: str
    made_on: str
    facts: Facts
    minutes: float | None = None
    hands: Mapping[str, float] = field(default_factory=dict)
    measured: Mapping[str, tuple[float, bool | None]] = field(default_factory=dict)
    goes: Goes | None = None
    departures: tuple[Departure, ...] = ()
