"""Decoration planned before anything is cut: what suits an occasion, tried on the make itself, so that what does not suit it is told with its
reason."""

from __future__ import annotations

from collections.abc import Callable, Iterator, Mapping
from typing import Any, Final, Literal

from ...frozen import frozen
from ...lay.changes import changes
from ...pattern import Draft, SpecError
from ...pattern.asked import Untrusted
from ...words import Message, Param, msg

Occasion = Literal["everyday", "gift", "wedding", "birth", "feast", "stall"]
# What is offered for each occasion, the first first: plain, or a part as a spec asks for it.
_PLAIN: Final[Mapping[str, str]] = {}
OCCASIONS: Final[Mapping[Occasion, tuple[Mapping[str, str], ...]]] = {
    "everyday": (_PLAIN, {"kind": "motif", "work": "felt", "figure": "leaf"}, {"kind": "border", "work": "stitches"}),
    "gift": (
        {"kind": "motif", "work": "applique", "figure": "initial"},
        {"kind": "motif", "work": "paint", "figure": "heart"},
        _PLAIN,
    ),
    "wedding": (
        {"kind": "motif", "work": "embroidery", "figure": "initial"},
        {"kind": "border", "work": "lace"},
        {"kind": "motif", "work": "foil", "figure": "heart"},
    ),
    "birth": (
        {"kind": "motif", "work": "applique", "figure": "initial"},
        {"kind": "border", "work": "patches"},
        {"kind": "motif", "work": "embroidery", "figure": "heart"},
    ),
    "feast": (
        {"kind": "motif", "work": "foil", "figure": "star"},
        {"kind": "motif", "work": "felt", "figure": "star"},
        {"kind": "border", "work": "stitches"},
    ),
    "stall": ({"kind": "motif", "work": "paint", "figure": "drop"}, {"kind": "border", "work": "felt"}, _PLAIN),
}


@frozen
class Idea:
    """One decoration: what it is and why, what it ``adds`` to the make, the ``part`` that is asked for (nothing for a plain one), and
    what speaks against it here."""

    title: Message
    why: Message
    adds: tuple[Message, ...]
    part: Mapping[str, str]
    against: tuple[Message, ...] = ()


def decoration_ideas(
    spec: Mapping[str, Any], occasion: Occasion, draft: Callable[[Untrusted], Draft]
) -> Iterator[Idea]:
    """Ideas for an occasion, each tried on the spec; ``draft`` drafts one. What does not suit comes last. Raises `SpecError` where the spec
    itself cannot be drafted."""
    now = draft(dict(spec))
    ideas = [_plain(now) if part is _PLAIN else _tried(spec, part, now, draft) for part in OCCASIONS[occasion]]
    yield from sorted(ideas, key=lambda idea: bool(idea.against))


def _plain(now: Draft) -> Idea:
    """Left as it is: a print says enough by itself."""
    printed = any(layer.get("directional") and layer["role"] == "outer" for layer in now.spec.get("layers", ()))
    return Idea(msg("idea.plain"), msg("idea.plain-print" if printed else "idea.plain-why"), (msg("changes.none"),), {})


def _tried(spec: Mapping[str, Any], part: Mapping[str, str], now: Draft, draft: Callable[[Untrusted], Draft]) -> Idea:
    parts = [*(spec.get("parts") or ()), dict(part)]
    work = part["work"]
    say: dict[str, Param] = {"work": msg(f"work.{work}")}
    if "figure" in part:
        say["figure"] = msg(f"part.choice.figure.{part['figure']}")
    title = msg(f"idea.{part['kind']}", **say)
    why = msg(f"part.choice.work.{work}.why")
    try:
        then = draft({**spec, "parts": parts})
    except SpecError as error:
        return Idea(title, why, (), part, tuple(problem.message for problem in error.problems))
    mine = f"part.{part['kind']}-{len(parts)}."
    against = tuple(c.message for c in then.checks if c.id.startswith(mine) and c.verdict in ("warn", "stop"))
    return Idea(title, why, tuple(changes(now, then)), part, against)
