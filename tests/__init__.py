"""Tests. Properties are tried on the same examples every time, with no clock running.

Every day on a part of what there is to try, spread over all of it: every form, every choice, every property. With ``--all`` on all of it."""

from __future__ import annotations

import os
from collections.abc import Iterable
from typing import Any, TypeVar

from hypothesis import settings

T = TypeVar("T")
ALL = os.environ.get("EGGTUCK_TESTS") == "all"
# How many of the examples are tried every day.
PART = 4
GOLDEN = (5**0.5 - 1) / 2


def share(items: Iterable[T], of: int, turn: int = 0) -> list[T]:
    """One of about so many items, others each turn; with ``--all`` all of them."""
    found = list(items)
    # Each so many steps on would leave out the same choices again and again where items repeat in step with it: golden steps never do.
    some = [item for nth, item in enumerate(found) if (nth + turn) * GOLDEN % 1 < 1 / of]
    return found if ALL else some or found[turn % len(found) :][:1] if found else []


def tries(examples: int, **more: Any) -> settings:
    """So many examples with ``--all``."""
    return settings(max_examples=examples if ALL else max(10, examples // PART), **more)


settings.register_profile("eggtuck", tries(80), derandomize=True, database=None, deadline=None)
settings.load_profile("eggtuck")
