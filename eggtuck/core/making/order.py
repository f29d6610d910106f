"""Collecting operations in order, with starting estimates of the time each takes."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Mapping, Sequence
from dataclasses import field
from typing import Any, Final

from ..frozen import frozen
from ..pattern import EdgeUse, Gap, Seam
from ..pattern.draft import StepKind
from ..shop import EDGE_STITCH, PACE, SET_UP
from ..words import Message, Param, msg
from .operation import Centring, Look, Operation


def _told(along: Message | None, allowance: float) -> bool:
    """Whether a seam is sewn by its allowance: unless it is told where it runs by something else."""
    return along is None or any(value == allowance for value in along.params.values())


# Stitches that a hand does otherwise than a machine, by what sentences call them.
_STITCHES: Final[Mapping[str, Message]] = {"zigzag": msg("stitch.zigzag"), "open": msg("stitch.open-zigzag")}


@frozen
class Manner:
    """How things are done throughout a make: how a gap is ``closing``, whether ``both_show``, what is done to the raw edge of a plain hem
    of a piece first, what layers are ``held`` with, how a middle is found: by ``centring``,
    how far from an ``edge`` a topstitch that holds it runs (mm), and what is ``seen_inside`` of a piece within so many mm of an edge."""

    closing: str = "hand"
    both_show: bool = False
    hem_first: Callable[[str], Message] = lambda _: msg("hem.overcast")
    held: Message = field(default_factory=lambda: msg("held.pins"))
    hold: Message = field(default_factory=lambda: msg("hold.pins"))
    thread: Message = field(default_factory=lambda: msg("thread.polyester"))
    # Cloth is pressed first only where it is creased.
    smooth: bool = False
    centring: Centring = "fold"
    edge: float = float(EDGE_STITCH)
    seen_inside: Callable[[EdgeUse, float], Message] = lambda *_: msg("seen.wrong")


class Order:
    """Operations in the order they are done. Each id is unique and says what is done."""

    def __init__(self, manner: Manner | None = None) -> None:
        self.operations: list[Operation] = []
        self.manner = manner or Manner()

    def add(
        self,
        id: str,
        kind: StepKind,
        minutes: float,
        wording: str | None = None,
        *,
        say: Mapping[str, Param] | None = None,
        check: Message | Look | None = None,
        besides: Sequence[Message] = (),
        **more: Any,
    ) -> None:
        """An operation whose sentences are ``step.<wording>`` and ``.text`` in the catalogue, and how it is done ``besides``."""
        key = f"step.{wording or id}"
        params: dict[str, Param] = {"held": self.manner.held, **_STITCHES, **(say or {})}
        look = Look(check) if isinstance(check, Message) else check
        words = msg(key, **params), (msg(f"{key}.text", **params), *besides)
        self.operations.append(
            Operation(id=id, kind=kind, minutes=round(minutes, 1), title=words[0], how=words[1], look=look, **more)
        )

    def seam(
        self,
        id: str,
        seams: Iterable[Seam],
        wording: str,
        *,
        say: Mapping[str, Param] | None = None,
        gap: Gap | None = None,
        dart: bool = False,
        how: Sequence[str] = (),
        during: Sequence[str] = (),
        then: Sequence[str] = (),
        check: Message | Look | None = None,
        **more: Any,
    ) -> None:
        """Sews seams alike, one after the other; ``gap`` is left open in one of them. A ``dart`` runs to nothing: no allowance tells where
        it is sewn. ``how`` are ids of sentences on the craft of it, filled from ``say``, ``during`` of what is minded on the way, ``then``
        of what follows."""
        sewn = list(seams)
        alike = [seam for seam in sewn if abs(seam.allowance - sewn[0].allowance) < 1e-6]
        if len(alike) < len(sewn):
            # Seams of unlike allowances are sewn one kind after the other, each at its own.
            for nth, group in enumerate((alike, [seam for seam in sewn if seam not in alike])):
                again = f"{id}-and" if nth else id
                self.seam(
                    again,
                    group,
                    wording,
                    say=say,
                    gap=gap,
                    dart=dart,
                    how=how,
                    during=during,
                    then=then,
                    check=check,
                    **more,
                )
            return
        length = sum(seam.length_a for seam in sewn)
        params: dict[str, Param] = {"allowance": sewn[0].allowance, "count": len(sewn), "held": self.manner.held}
        params |= say or {}
        here = gap if gap is not None and gap.seam in [seam.id for seam in sewn] else None
        if here is not None and more.get("layer") not in (None, "both", here.layer):
            here = None
        self.operations.append(
            Operation(
                id=id,
                kind="sew",
                minutes=round(SET_UP * len(sewn) + length / PACE, 1),
                title=msg(f"step.{wording}", **params)
                if here is None
                else msg("step.with-gap", step=msg(f"step.{wording}", **params)),
                how=tuple(msg(f"step.{key}", **params) for key in how),
                during=tuple(msg(f"step.{key}", **params) for key in during),
                then=tuple(msg(f"step.{key}", **params) for key in then),
                seams=tuple(sewn),
                gap=here,
                allowance=None if dart or not _told(more.get("along"), sewn[0].allowance) else sewn[0].allowance,
                look=Look(check) if isinstance(check, Message) else check,
                **more,
            )
        )

    def at(self, id: str) -> int:
        """Where an operation stands, else the end."""
        return next((i for i, done in enumerate(self.operations) if done.id == id), len(self.operations))

    def put_in(self, at: int, others: Order) -> None:
        """The operations of another, put in before this place."""
        self.operations[at:at] = others.operations
