"""What a make asks of a maker's machine and tools: what is missing and what may stand in, how each allowance is kept, what is set anew."""

from __future__ import annotations

from collections.abc import Callable, Iterator
from dataclasses import replace

from ..frozen import frozen
from ..lengths import Ruler
from ..pattern import Check, Draft, Fix, Step
from ..words import Message, Param, msg
from .gauges import Gauge, hand_gauges
from .machine import Bench
from .symptoms import Symptom, symptoms
from .tools import FEET, HOLDING, TOOLS, tools_of

# An allowance this near the edge of a foot or a line on the plate is kept by it (mm).
NEAR = 0.5


@frozen
class Tool:
    """A tool or a foot: the numbers of the steps that take it, and whether it is there (None where nobody told)."""

    id: str
    foot: bool
    steps: tuple[int, ...]
    here: bool | None

    @property
    def name(self) -> Message:
        return msg(f"foot.{self.id}" if self.foot else f"tool.{self.id}")

    @property
    def job(self) -> Message:
        return msg(f"foot.{self.id}.job" if self.foot else f"tool.{self.id}.job")

    @property
    def instead(self) -> Message:
        """What does it as well, or nearly."""
        return msg(f"foot.{self.id}.instead" if self.foot else f"tool.{self.id}.instead")

    @property
    def lost(self) -> Message:
        """What is lost by that."""
        return msg(f"foot.{self.id}.lost" if self.foot else f"tool.{self.id}.lost")


@frozen
class Guide:
    """How an allowance (mm) is kept at this machine."""

    allowance: float
    text: Message


@frozen
class Equipment:
    """What a make asks for: tools and feet, how each allowance is kept, what is gauged by hand, sentences on what the machine can, at which steps it is set anew to
    what, and what may go wrong on the way."""

    tools: tuple[Tool, ...]
    guides: tuple[Guide, ...]
    gauges: tuple[Gauge, ...]
    checks: tuple[Check, ...]
    changes: tuple[tuple[int, Message], ...]
    symptoms: tuple[Symptom, ...]


def equip(draft: Draft, bench: Bench, asks: tuple[str, ...] = ()) -> Equipment:
    """A draft at a bench; ``asks`` are the options of its form, one of which may mend what the machine cannot."""
    steps = tuple(enumerate(draft.steps, 1))
    return Equipment(
        tuple(_tools(steps, bench)),
        tuple(_guides(draft, bench)),
        tuple(hand_gauges(draft, bench)),
        tuple(_checks(draft, bench, asks)),
        tuple(_changes(steps, draft.ruler.stitch)),
        tuple(symptoms(draft.steps)),
    )


def _tools(steps: tuple[tuple[int, Step], ...], bench: Bench) -> Iterator[Tool]:
    for id in FEET:
        taken = tuple(n for n, step in steps if step.foot == id)
        if taken:
            yield Tool(id, True, taken, None if bench.feet is None else id in bench.feet)
    wanted = {n: tools_of(step) for n, step in steps}
    held = tuple(tool for n, step in steps if step.id == "set-up" for tool in wanted[n] if tool in HOLDING)
    wanted |= {n: (*wanted[n], *held) for n, step in steps if step.seams and (not step.hand or "back" in step.stitches)}
    for id in TOOLS:
        taken = tuple(n for n, tools in wanted.items() if id in tools)
        if taken:
            yield Tool(id, False, taken, None if bench.tools is None else id in bench.tools)


def _guides(draft: Draft, bench: Bench) -> Iterator[Guide]:
    for allowance in sorted({round(s.allowance, 3) for s in draft.steps if s.kind == "sew" and s.allowance}):
        yield Guide(allowance, guide_for(allowance, bench, draft.ruler))


def guide_for(allowance: float, bench: Bench, ruler: Ruler) -> Message:
    """What the raw edge runs along, so that it lies an allowance (mm) from the needle. Who is known to sew wide is guided nearer by that much, so
    that the seam comes out as it is told."""
    # No tape is laid finer than that.
    aim = round(allowance - bench.sews_wide, 1)
    if abs(bench.sews_wide) < NEAR or aim <= NEAR:
        return _guide(allowance, allowance, bench, ruler)
    # Finer than the marks of the ruler, but no finer than a tape is laid.
    told = ruler.thin(aim) if ruler.unit == "in" else replace(ruler, mark=NEAR).write(aim)
    words = "guide.sews-wide" if bench.sews_wide > 0 else "guide.sews-narrow"
    guide = _guide(aim, told, bench, ruler)
    return msg(words, guide=guide, off=ruler.thin(round(abs(bench.sews_wide), 1)), allowance=allowance)


def _guide(aim: float, told: Param, bench: Bench, ruler: Ruler) -> Message:
    """By the edge of the foot, by that with the needle moved, by a line on the plate, else by a tape laid down there."""
    if bench.foot_edge is not None:
        off = aim - bench.foot_edge
        if abs(off) <= NEAR:
            return msg("guide.foot", allowance=told)
        if bench.needle_moves and abs(off) <= bench.needle_moves + 1e-6:
            # A needle farther left lies farther from the right edge of the foot.
            words = "guide.needle-left" if off > 0 else "guide.needle-right"
            return msg(words, by=ruler.stitch(abs(off)), allowance=told)
    if any(abs(line - aim) <= NEAR for line in bench.plate):
        return msg("guide.plate", allowance=told)
    return msg("guide.tape", allowance=told)


def _checks(draft: Draft, bench: Bench, asks: tuple[str, ...]) -> Iterator[Check]:
    thick = [(step.thick, step) for step in draft.steps if step.thick is not None and not step.hand]
    if bench.stack is not None and thick:
        most, step = max(thick, key=lambda pair: pair[0])
        thin = draft.ruler.thin
        say: dict[str, Param] = {"thick": thin(most), "stack": thin(bench.stack), "step": step.title}
        words = "check.machine-stack" if most > bench.stack + 1e-6 else "check.machine-stack-ok"
        yield Check(
            "machine.stack",
            "warn" if most > bench.stack + 1e-6 else "ok",
            msg(words, **say),
            msg(f"{words}.text", **say),
            most,
            bench.stack,
        )
    rounds = [(step.around, step) for step in draft.steps if step.around is not None]
    if bench.free_arm is not None and rounds:
        least, step = min(rounds, key=lambda pair: pair[0])
        say = {"around": least, "arm": bench.free_arm, "step": step.title}
        narrow = least < bench.free_arm - 1e-6
        words = "check.machine-arm" if narrow else "check.machine-arm-ok"
        flat = (
            narrow
            and "hem_order" in asks
            and draft.spec.get("options", {}).get("hem_order") != "before"
            and step.id == "hem"
        )
        fix = Fix(msg("fix.hem-flat"), {"options.hem_order": "before"}) if flat else None
        text = f"{words}.flat" if flat else f"{words}.text"
        yield Check(
            "machine.arm", "warn" if narrow else "ok", msg(words, **say), msg(text, **say), least, bench.free_arm, fix
        )


def _changes(steps: tuple[tuple[int, Step], ...], stitch: Callable[[float], str]) -> Iterator[tuple[int, Message]]:
    """At which steps foot or stitch is set anew, each once, and to what."""
    for n, step in steps:
        anew = []
        if "foot" in step.changed and step.foot is not None:
            anew.append(msg(f"foot.{step.foot}"))
        if "stitch" in step.changed and step.stitch is not None:
            anew.append(msg("change.stitch", stitch=stitch(step.stitch)))
        if anew:
            yield n, anew[0] if len(anew) == 1 else msg("change.both", foot=anew[0], anew=anew[1])
