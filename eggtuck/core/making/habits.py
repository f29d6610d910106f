"""How this maker works, where the craft leaves a choice: what marks are made with, what layers are held with, which thread."""

from __future__ import annotations

from collections.abc import Mapping
from typing import Final

from ..frozen import frozen
from ..materials import Stack
from ..pattern import Check, Fix
from ..shop import THICK_STACK
from ..words import Message, msg

# What marks on cloth are made with instead of what the cloth asks for: on its wrong side, and on its right side where they are seen.
MARKERS: Final[Mapping[str, tuple[str, str]]] = {
    "wash-out": ("wash-out-wrong", "wash-out"),
    "heat": ("heat", "heat-seen"),
    "thread": ("tailor", "tailor"),
}


@frozen
class Habits:
    """What a maker chose; ``cloth`` is what the cloth asks for."""

    marks: str = "cloth"
    held: str = "cloth"
    thread: str = "cloth"

    def holding(self, stack: Stack) -> str:
        """What layers are held with: pins leave holes in a sheet that stay, and do not go through a thick stack."""
        return ("clips" if by_clips(stack) else "pins") if self.held == "cloth" else self.held

    def spun(self, heated: bool) -> str:
        """Cotton where it will be heated; else polyester, which is stronger and gives."""
        return ("cotton" if heated else "polyester") if self.thread == "cloth" else self.thread


def by_clips(stack: Stack) -> bool:
    """Whether pins would leave holes that stay, or could not go through."""
    return _holes_stay(stack) or stack.total >= THICK_STACK


def _holes_stay(stack: Stack) -> bool:
    outer = stack.of("outer") or stack.layers[0]
    return outer.material.kind == "sheet" or outer.material.iron == "never"


def habit_checks(habits: Habits, stack: Stack) -> list[Check]:
    """Where what a maker is used to does not suit this make, with the button that leaves it to the cloth."""
    if habits.held not in ("pins", "basting") or not by_clips(stack):
        return []
    words = f"check.held-{habits.held}"
    fix = Fix(msg("fix.habit"), {"options.held_with": "cloth"})
    return [Check("habits.held_with", "warn", msg(words), msg(f"{words}.text"), fix=fix)]


def held(way: str) -> Message:
    """What is counted at the end."""
    return msg(f"held.{way}")


def hold(way: str, stack: Stack) -> Message:
    """What layers are held with, and how; why with clips, where the cloth wants them."""
    if way == "clips" and by_clips(stack):
        return msg("hold.clips-holes" if _holes_stay(stack) else "hold.clips-thick")
    return msg(f"hold.{way}")
