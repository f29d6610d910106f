"""The trial with the real thing: what it is tried for follows from why it was made."""

from __future__ import annotations

from collections.abc import Iterable
from typing import Final, Literal

from ..words import Message, msg

# How it goes on, from what will not to what falls off.
Goes = Literal["not", "tight", "right", "loose"]
GOES: Final[tuple[Goes, ...]] = ("not", "tight", "right", "loose")

Wrong = Literal["too-hot", "wet", "tore", "slips", "tips", "scratched", "other"]
# What was wrong before.
WRONG: Final[tuple[Wrong, ...]] = ("too-hot", "wet", "tore", "slips", "tips", "scratched", "other")
# What is tried of everything that stands by itself.
STANDS: Final = "tips"


def trial_tests(wrong: Iterable[str], text: str, stands: bool) -> tuple[tuple[str, Message, Message | None], ...]:
    """What the finished make is tried for: what was wrong before, and whether it stands where it has a base.

    Args:
        wrong: of `WRONG`.
        text: what was wrong in the maker's own words.
        stands: whether it has a base to stand on.

    Returns:
        Name, what to try, and a caution where it can hurt someone.
    """
    named = [one for one in WRONG if one in set(wrong) or (one == STANDS and stands)]
    if text.strip() and "other" not in named:
        named.append("other")
    found: list[tuple[str, Message, Message | None]] = []
    for one in named:
        if one == "other":
            if text.strip():
                found.append((one, msg("trial.other", text=text.strip()), None))
            continue
        caution = msg(f"trial.{one}.caution") if one in ("too-hot", "scratched", "tore") else None
        found.append((one, msg(f"trial.{one}"), caution))
    return tuple(found)
