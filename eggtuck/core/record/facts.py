"""What learning reads of a make: taken from its draft on the day it was made, so that it stays as it was."""

from __future__ import annotations

from collections.abc import Iterator, Mapping, Sequence
from dataclasses import asdict, field
from typing import Any

from ..frozen import frozen
from ..pattern import Draft
from ..pattern.draft import Direction
from ..shop import TAPE

# Seams that run from the base to the top: each crosses the girth once.
_CROSSING = ("side", "side-left", "side-right")


@frozen
class StepFact:
    """A step of the make: what kind of work it is, and how long it was reckoned to take (min)."""

    id: str
    kind: str
    title: str
    minutes: float


@frozen
class Facts:
    """Lengths in mm. ``crossing`` is how many seams cross the girth; ``thing`` the kind of thing it goes round and ``thing_girth`` that round
    it; ``ease`` what it has round that, ``ease_usual`` what was proposed; ``allowance`` is what most of its seams have, and ``moved`` by how much the maker's guides
    were moved in for a habit of sewing wide; ``sizes`` are those of the finished make that can be
    measured, ``tolerances`` which way they may be off."""

    form: str
    finished: Mapping[str, float] = field(default_factory=dict)
    crossing: int = 0
    thing: str | None = None
    thing_girth: float | None = None
    ease: float | None = None
    ease_usual: float | None = None
    allowance: float | None = None
    moved: float = 0.0
    steps: tuple[StepFact, ...] = ()
    cloths: tuple[str, ...] = ()
    unit: str = "cm"
    sizes: tuple[str, ...] = ()
    tolerances: Mapping[str, Direction] = field(default_factory=dict)


def seams_round(draft: Draft) -> int:
    """How many seams cross the girth."""
    return sum(1 for seam in draft.seams if seam.id in _CROSSING)


def facts_of(draft: Draft, titles: Sequence[str], moved: float = 0.0) -> Facts:
    """The facts of a draft; ``titles`` are those of its steps, as they were told, ``moved`` what guides were moved by (mm)."""
    proposed = next((state.proposed for state in draft.inputs if state.field == "ease.girth"), None)
    values = {state.field: state.value for state in draft.inputs}
    thing = draft.spec.get("object")
    return Facts(
        draft.form,
        {name: float(value) for name, value in draft.finished.items() if value is not None},
        seams_round(draft),
        None if thing is None else thing.get("kind"),
        _plain(values.get("object.girth")),
        _plain(values.get("ease.girth")),
        _plain(proposed),
        _plain(values.get("allowance.default")),
        moved,
        tuple(
            StepFact(step.id, step.kind, title, float(step.minutes))
            for step, title in zip(draft.steps, titles, strict=True)
        ),
        tuple(dict.fromkeys(lay.cloth for lay in draft.lays)),
        draft.ruler.unit,
        tuple(_measurable(draft)),
        dict(draft.tolerances),
    )


def _measurable(draft: Draft) -> Iterator[str]:
    """Sizes that a tape can tell, those first that are drawn on the form."""
    shown = {span.field.partition(".")[2] for span in draft.solid.spans}
    sizes = [name for name, value in draft.finished.items() if f"finished.{name}" in draft.sums and (value or 0) > TAPE]
    # What is told by its girth is measured there first.
    yield from sorted(sizes, key=lambda name: (not name.startswith("girth"), name not in shown))


def _plain(value: float | None) -> float | None:
    """Without what a shop number knows of itself."""
    return None if value is None else float(value)


def write_facts(facts: Facts) -> dict[str, Any]:
    """As plain JSON."""
    return asdict(facts)


def read_facts(kept: Mapping[str, Any]) -> Facts | None:
    """Facts as they were kept; None of an entry older than they are."""
    if "form" not in kept:
        return None
    steps = tuple(StepFact(**step) for step in kept.get("steps", ()))
    return Facts(
        **{**kept, "steps": steps, "cloths": tuple(kept.get("cloths", ())), "sizes": tuple(kept.get("sizes", ()))}
    )
