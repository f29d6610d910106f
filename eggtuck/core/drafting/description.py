"""How a form describes what it asks, so that every interface is generated from the form itself."""

from __future__ import annotations

import dataclasses
from collections.abc import Callable, Mapping
from typing import Literal

from ..frozen import frozen
from ..pattern.draft import Direction, Draft, Quantity
from ..words import Message, msg
from .reads import Chosen, Reads
from .spec import USUAL, Spec, Traits, lining_keys

# Sizes that are whole numbers, so that no unit is ever written behind them.
COUNTS = ("darts", "rows", "columns", "elastic_stretch")

Stage = Literal["form", "ease", "pieces", "cloth"]


@frozen
class LengthInput:
    """A length a form takes. ``low`` and ``high`` (mm) hold always; narrower limits that depend on
    other inputs are the form's. ``when`` names the option values under which it has a meaning. It may be ``of`` something else than a
    length: a whole number, or what the make is to hold (ml). ``words`` names its label where another form means something else
    by the same name. What hands, cloth and hardware settle is ``fixed``: on the same make at another size it stays.
    It is rounded by its ``direction``; a ``forgiving`` one may still be a little off either way, and what is ``measured`` of things and hardware
    is as it is."""

    field: str
    low: float
    high: float
    stage: Stage
    direction: Direction = "either-way"
    when: Mapping[str, tuple[str, ...]] = dataclasses.field(default_factory=dict)
    of: Quantity = "length"
    words: str = ""
    fixed: bool = False
    forgiving: bool = False
    measured: bool = False

    @property
    def tolerance(self) -> Direction | None:
        """Which way it may be off when it is made: none of a number, and of what is measured and not made."""
        if self.measured or self.of == "count":
            return None
        return "either-way" if self.forgiving else self.direction

    @property
    def label(self) -> Message:
        return msg(f"input.{self.words or self.field}")

    @property
    def help(self) -> Message:
        return msg(f"input.{self.words or self.field}.help")


@frozen
class Option:
    """A choice between schools. The first is the default. A ``safety`` question is answered for each make by itself: no habit and no
    older make answers it."""

    id: str
    choices: tuple[str, ...]
    stage: Stage
    when: Mapping[str, tuple[str, ...]] = dataclasses.field(default_factory=dict)
    safety: bool = False

    @property
    def label(self) -> Message:
        return msg(f"option.{self.id}")

    def choice_label(self, choice: str) -> Message:
        return msg(f"option.{self.id}.{choice}")

    def choice_why(self, choice: str) -> Message:
        return msg(f"option.{self.id}.{choice}.why")


# Asked of every make, and early: they change much of what follows.
EARLY = (
    Option("user", ("anyone", "young-child", "gift"), "form", safety=True),
    Option("holds", ("dry", "wet"), "form"),
)

# Asked of every make too, of how the maker works.
CENTRING = Option("centring", ("fold", "ruler", "eye"), "ease")
WORKING = (
    CENTRING,
    Option("sewn_by", ("machine", "hand"), "ease"),
    Option("press_first", ("always", "creased"), "cloth"),
    Option("marks_with", ("cloth", "wash-out", "heat", "thread"), "cloth"),
    Option("held_with", ("cloth", "pins", "clips", "basting"), "cloth"),
    Option("thread_of", ("cloth", "cotton"), "cloth"),
)

# What a make is to hold, of forms that hold something.
HOLDS = LengthInput("size.volume", 1.0, 500_000.0, "form", "at-least", of="volume", fixed=True)

# And how far from an edge a topstitch that holds it runs.
EDGE = LengthInput("size.edge_stitch", 0.5, 30.0, "ease", "either-way", fixed=True)


@frozen
class Form:
    """A form in the catalogue: what it asks, what it can cover, how it drafts, and the sizes (mm) to begin
    with when there is no thing. ``layers`` are the ``(material, role)`` pairs it usually begins with; ``grade``
    is how hard it is to sew, from 1 to 5; ``takes_blocks`` when a top of it may be
    pieced of rows of the maker's own; ``takes_shape`` when its panel may have an outline of the maker's own. For the kinds of things in ``first_for`` it is what makers begin with. Forms are offered by their
    ``place``, the smallest first. ``reads`` tells how a cut list of it is read backwards; ``picture`` is drawn small (full line, broken line
    and tint, SVG path data in a 40 by 40 box); ``easier`` is a form to make first, whose technique this one needs. Beside a make for one of the kinds in
    ``extra_for`` it is a small extra. What is asked of every make comes before and after its own ``options``."""

    id: str
    inputs: tuple[LengthInput, ...]
    options: tuple[Option, ...]
    objects: tuple[str, ...]
    allowances: tuple[str, ...]
    draft: Callable[[Spec], Draft]
    start: Mapping[str, float]
    layers: tuple[tuple[str, str], ...] = (("quilting-cotton", "outer"), ("quilting-cotton", "lining"))
    grade: int = 2
    takes_shape: bool = False
    takes_blocks: bool = False
    first_for: tuple[str, ...] = ()
    place: int = dataclasses.field(kw_only=True)
    reads: Callable[[Chosen], Reads] = dataclasses.field(kw_only=True)
    picture: tuple[str, str, str] = dataclasses.field(kw_only=True)
    easier: str | None = None
    extra_for: tuple[str, ...] = ()
    traits: Traits = USUAL

    def __post_init__(self) -> None:
        object.__setattr__(self, "options", (*EARLY, *self.options, *WORKING))
        object.__setattr__(self, "inputs", (*self.inputs, EDGE))

    def in_force(self, told: Mapping[str, str]) -> dict[str, str]:
        """The choices that are in force. What another choice leaves no question of was answered for another make: it is as if nobody had."""
        found = dict(told)
        for option in self.options:
            if any(found[field.removeprefix("options.")] not in choices for field, choices in option.when.items()):
                found[option.id] = option.choices[0]
        return found

    @property
    def lining_allowances(self) -> tuple[str, ...]:
        """The kinds of edges that a lining may have allowances of its own at, where it can be cut from patterns of its own."""
        return lining_keys(self.allowances, {option.id for option in self.options}, self.traits)

    @property
    def easier_why(self) -> Message | None:
        """What the easier form teaches for this one."""
        return None if self.easier is None else msg(f"easier.{self.id}")

    @property
    def name(self) -> Message:
        return msg(f"form.{self.id}")

    @property
    def summary(self) -> Message:
        return msg(f"form.{self.id}.summary")
