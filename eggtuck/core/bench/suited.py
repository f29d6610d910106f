"""A make put in the order that a maker's machine can sew."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from typing import Any

from ..pattern import Draft
from ..pattern.asked import Untrusted
from .equipping import equip
from .machine import Bench


def suited(
    spec: Mapping[str, Any], bench: Bench, asks: tuple[str, ...], draft: Callable[[Mapping[str, Any]], Draft]
) -> Untrusted:
    """The spec with those options chosen that the machine asks for, as far as nobody chose them: a hem sewn flat where its tube is narrower
    than the arm. ``asks`` are the options of its form. Raises `SpecError` where the spec cannot be drafted."""
    changed = dict(spec)
    for check in equip(draft(spec), bench, asks).checks:
        for field, value in check.fix.changes.items() if check.fix is not None else ():
            group, _, name = field.partition(".")
            chosen = changed.get("options", {})
            if group == "options" and name not in chosen:
                changed = {**changed, "options": {**chosen, name: value}}
    return changed
