"""A spec as understood: every number in mm, every choice made."""

from __future__ import annotations

from collections.abc import Callable, Collection, Iterable, Mapping
from dataclasses import field
from typing import Literal

from ..fit.ease import BAG, EaseHabit
from ..frozen import frozen
from ..lengths import Grid, RoundingWay, Ruler
from ..materials import Stack
from ..objects import Thing
from ..pattern.asked import SpecDoc
from ..pattern.piece import Held, On
from ..shop import ALLOWANCE, BEYOND
from ..words import Language, Message
from .panel import Shape
from .parts import PartRequest
from .patchwork import BlockRow

# What a make is when it is done.
Ends = Literal["open", "flat", "filled"]

ALLOWANCE_LIMITS = (0.0, 60.0)
# Every kind of edge that has an allowance of its own in some form.
EDGE_KINDS = ("side", "base", "top", "box", "end", "zip", "rim", "mouth", "casing", "dart")


def usual_allowance(ruler: Ruler) -> float:
    """The allowance assumed where the maker told none (mm)."""
    return ruler.usual(ALLOWANCE)


def joined_as_one(options: Mapping[str, str]) -> bool:
    """Whether it was chosen to sew outer and lining as one cloth."""
    return options.get("joined") == "as-one"


def always(_: Mapping[str, str]) -> bool:
    """Whatever is chosen."""
    return True


@frozen
class Traits:
    """What sets a form apart for those who judge it: how much room it usually has, whether it stands between something ``hot`` and a hand
    or a table, how the thing comes into it where it is not lowered in (``put_on``), how it ``ends``: open, so that its inside can be
    reached, flat, or filled and closed for good; whether its wall ``stands`` by itself, on which cloths its padding usually lies, how it is
    held there, by its options whether outer and lining lie ``together`` as one cloth, with all that stiffens or pads between them, and whether
    both are sewn in ``one_pass``, at one allowance."""

    ease: EaseHabit = BAG
    hot: bool = False
    put_on: str = ""
    ends: Ends = "open"
    stands: bool = False
    padding_on: On = "outer"
    padding_held: Held = "basted"
    together: Callable[[Mapping[str, str]], bool] = joined_as_one
    one_pass: bool = False


USUAL = Traits()


# Kinds of edges at which outer and lining are caught together, as wide as each other.
_SHARED_EDGES = ("zip", "casing")


def lining_keys(keys: Iterable[str], options: Collection[str], traits: Traits) -> tuple[str, ...]:
    """The allowances a lining may have of its own beside those of edges of these kinds, by a form's options (their ids) and traits: none where
    it is never cut from patterns of its own, or sewn with the outer in one pass."""
    if "lining" not in options or traits.one_pass:
        return ()
    return tuple(f"lining-{key}" for key in keys if key not in _SHARED_EDGES)


@frozen
class Spec:
    """What the maker asks. ``size``, ``ease`` and ``allowance`` hold only what was given (mm);
    ``typed`` keeps the maker's own wording by field; ``understood`` is the spec to store and show. A ``taken_outer`` is the cloth it is taken to be
    of, where nobody has told its layers; ``volume`` is what it is to hold (ml)."""

    form: str
    ruler: Ruler
    language: Language
    thing: Thing | None
    size: Mapping[str, float]
    ease: Mapping[str, float]
    allowance: Mapping[str, float]
    options: Mapping[str, str]
    chosen: frozenset[str]
    stack: Stack
    grid: Grid
    typed: Mapping[str, str]
    understood: SpecDoc
    parts: tuple[PartRequest, ...] = ()
    also: tuple[tuple[str | Message, Thing], ...] = ()
    shape: Shape | None = None
    wearer: Mapping[str, float] = field(default_factory=dict)
    traits: Traits = USUAL
    blocks: tuple[BlockRow, ...] = ()
    taken_outer: str | None = None
    volume: float | None = None

    def seam_allowance(self, key: str, lining: bool = False) -> float:
        """The allowance of one kind of edge (mm): the lining's own, where it may have one, the edge's own, or the default."""
        for own in lining_keys((key,), self.options, self.traits) if lining else ():
            if own in self.allowance:
                return self.allowance[own]
        return self.allowance.get(key, self.allowance.get("default", usual_allowance(self.ruler)))

    @property
    def widest_allowance(self) -> str:
        """The field of the widest allowance that was told, where one is too wide; the one for all edges where none was."""
        return f"allowance.{max(self.allowance, key=self.allowance.__getitem__, default='default')}"

    @property
    def telling(self) -> Ruler:
        """The ruler to tell lengths with: nothing finer than its marks, but what the maker told finer."""
        given = [*self.size.values(), *self.ease.values(), *self.allowance.values(), *self.wearer.values()]
        if self.thing is not None:
            own = self.thing.own or self.thing
            given += [mm for name, mm in own.measures.items() if f"object.{name}" in self.typed]
        given += [mm for part in self.parts for name, mm in part.lengths.items() if name in part.typed]
        given += [mm for row in self.blocks for mm in (row.height, *row.widths) if mm is not None]
        for layer in self.stack.layers:
            given += [layer.thickness] if layer.thickness != layer.material.thickness else []
            given += [layer.width] if layer.width != layer.material.width else []
            given += [layer.margin, *(mm for mm in (layer.rule.inset, layer.rule.low, layer.rule.high) if mm)]
        return self.ruler.told(self.grid.step, given)

    @property
    def step(self) -> float:
        """What is cut and told lies on marks so far apart (mm): those chosen, else the finest the ruler shows."""
        return self.grid.step or self.ruler.finest

    def least(self, limit: float) -> float:
        """What is told to work where a length has to be more than ``limit`` (mm): a mark so far beyond that it still is when what is cut has
        been moved to its own."""
        return self.on_mark(limit + self.step + BEYOND, "up")

    def most(self, limit: float) -> float:
        """What is told to work where a length has to be less than ``limit`` (mm), as `least`."""
        return max(0.0, self.on_mark(limit - self.step - BEYOND, "down"))

    def on_grid(self, mm: float, way: RoundingWay = "nearest") -> float:
        """A length as it is cut (mm): on the mark next to it, where cut sizes are rounded."""
        return self.grid.round(mm, way)

    def on_mark(self, mm: float, way: RoundingWay = "nearest") -> float:
        """The mark of the maker's ruler next to a length that is told or set (mm)."""
        return Grid(self.step).round(mm, way)
