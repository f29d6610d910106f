"""How this maker works, where the craft leaves a choice: what marks are made with, what layers are held with, which thread."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass
from typing import Final

from ..materials import Stack
from ..pattern import Check, Fix
from ..shop import THICK_STACK
from ..words import Message, msg

# What marks on cloth are made with instead of what the cloth asks for: on its wrong side, and on its right side where they are seen.
MARKERS: Final[Mapping[str, tuple[str, str]]] = {
    "wash-out": ("wash-out-wrong", "wash-out"),
    "chalk": ("chalk", "chalk-seen"),
    "heat": ("heat", "heat-seen"),
    "thread": ("tailor", "tailor"),
}


@dataclass(frozen=True, slots=True)
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
    outer = stack.of("outer") or stack.layers[0]
    holes_stay = outer.material.kind == "sheet" or outer.material.iron == "never"
    return holes_stay or stack.total >= THICK_STACK


def habit_checks(habits: Habits, stack: Stack, heated: bool) -> list[Check]:
    """Where what a maker is used to does not suit this make, with the button that leaves it to the cloth."""
    found: list[Check] = []
    if habits.held in ("pins", "basting") and by_clips(stack):
        found.append(_check("held_with", f"held-{habits.held}"))
    if heated and habits.thread == "polyester":
        found.append(_check("thread_of", "thread-melts"))
    return found


def _check(option: str, words: str) -> Check:
    fix = Fix(msg("fix.habit"), {f"options.{option}": "cloth"})
    return Check(f"habits.{option}", "warn", msg(f"check.{words}"), msg(f"check.{words}.text"), fix=fix)


def held(way: str) -> Message:
    """What is counted at the end."""
    return msg(f"held.{way}")


def hold(way: str) -> Message:
    """What layers are held with, and how."""
    return msg(f"hold.{way}")
