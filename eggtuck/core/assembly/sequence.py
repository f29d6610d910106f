"""Collecting steps in order, with starting estimates of the time each takes."""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from typing import Any

from ..pattern import Seam, Step
from ..shop import PACE, SET_UP, STITCH
from ..words import Param, msg


class Sequence:
    """Steps in the order they are done. Each id is unique and says what the step is."""

    def __init__(self) -> None:
        self.steps: list[Step] = []

    def add(
        self,
        id: str,
        kind: str,
        minutes: float,
        wording: str | None = None,
        *,
        say: Mapping[str, Param] | None = None,
        **more: Any,
    ) -> None:
        """A step whose sentences are ``step.<wording>`` and ``.text`` in the catalogue."""
        key = f"step.{wording or id}"
        params = dict(say or {})
        self.steps.append(
            Step(id, kind, msg(key, **params), msg(f"{key}.text", **params), round(minutes, 1), **more)  # type: ignore[arg-type]
        )

    def seam(
        self,
        id: str,
        seams: Iterable[Seam],
        wording: str,
        *,
        say: Mapping[str, Param] | None = None,
        gap: str = "",
        dart: bool = False,
        **more: Any,
    ) -> None:
        """A step that sews seams alike, one after the other; ``gap`` is the id of the seam that is left open for turning. A ``dart`` runs
        to nothing: no allowance tells where it is sewn."""
        sewn = list(seams)
        alike = [seam for seam in sewn if abs(seam.allowance - sewn[0].allowance) < 1e-6]
        if len(alike) < len(sewn):
            # Seams of unlike allowances are sewn one kind after the other, each at its own.
            for nth, group in enumerate((alike, [seam for seam in sewn if seam not in alike])):
                words = "apart-gap" if gap in [seam.id for seam in group] else "apart"
                names = [seam.name for seam in group]
                named = {**(say or {}), "seams": tuple(n for nth, n in enumerate(names) if n not in names[:nth])}
                self.seam(f"{id}-and" if nth else id, group, words, say=named, gap=gap, dart=dart, **more)
            return
        length = sum(seam.length_a for seam in sewn)
        allowance = sewn[0].allowance
        params: dict[str, Param] = {"allowance": allowance, "count": len(sewn), **(say or {})}
        self.add(
            id,
            "sew",
            SET_UP * len(sewn) + length / PACE,
            wording,
            say=params,
            allowance=None if dart else allowance,
            stitch=STITCH,
            seams=tuple(seam.id for seam in sewn),
            edges=tuple(use for seam in sewn for use in (*seam.a, *seam.b)),
            **more,
        )
