"""The draft: one document that everything else reads."""

from __future__ import annotations

from collections.abc import Callable, Collection, Mapping
from dataclasses import field
from functools import cached_property
from typing import Literal

from ..frozen import frozen
from ..lengths import Ruler
from ..plane import Point, Segment
from ..words import Language, Message, msg
from .asked import SpecDoc
from .chain import Chain
from .grip import Grip
from .lay import Lay
from .mates import Notch, number_notches
from .picture import Picture
from .piece import Copy, Edge, Piece, Role
from .seam import EdgeUse, Gap, Hem, Seam
from .section import Backing, Section
from .solid import Solid

Verdict = Literal["ok", "note", "warn", "stop"]
Direction = Literal["at-least", "at-most", "matched-pair", "either-way"]
_STAGES = {"object": "thing", "fit": "form", "gap": "ease", "layers": "ease", "allowance": "ease", "caution": "log"}
Quantity = Literal["length", "count", "volume"]
StepKind = Literal["prepare", "cut", "mark", "sew", "press", "check", "finish"]
# What a sentence of a step tells: how things lie, what is kept clear, what is done, what is left open, how it is held at its ends and where
# it is thick, how it is pressed.
LinePart = Literal["lay", "clear", "do", "mark", "open", "ends", "bulk", "press"]
Foot = Literal["standard", "zip", "walking", "smooth"]
# What a machine sews: of the same kind of stitch with any foot and in any length; raw edges are overcast by it or by an overlock.
StitchKind = Literal["straight", "zigzag", "decorative", "overcast"]


@frozen
class Fix:
    """One change that would settle a check: new values by field, lengths in mm or an option's id."""

    label: Message
    changes: Mapping[str, float | str]


@frozen
class Check:
    """A sentence about the draft, with the number it rests on and its limit (mm, or a share)."""

    id: str
    verdict: Verdict
    title: Message
    message: Message
    value: float | None = None
    limit: float | None = None
    fix: Fix | None = None

    @property
    def stage(self) -> str:
        """The stage of the work at which this is settled."""
        return next((stage for kin, stage in _STAGES.items() if f"{self.id}.".startswith(f"{kin}.")), "pieces")


@frozen
class StepThing:
    """A piece in one cloth, as a step takes it in hand. Two copies are one thing."""

    piece: str
    layer: Role | None
    name: Message


@frozen
class StepLine:
    """One sentence of a step, and which part of it that is."""

    part: LinePart
    text: Message


@frozen
class Band:
    """What a check measures (mm), and between what it passes."""

    value: float
    least: float
    most: float


@frozen
class Step:
    """One thing to do, told whole. ``lines`` say it in their order, ``short`` in a few words with every number; ``things`` are what
    is taken in hand; ``edges`` are the edges concerned, for the picture; ``minutes`` a starting estimate. ``foot`` and ``stitch`` (mm) are how the machine is
    set for it, ``sewn`` in which kind of stitch, in a thread of its ``own_thread`` or that of the seams, ``changed`` what of that is set anew. ``causes`` are what a failed check comes from, likeliest first, ``remedy`` what mends it. It ``leaves_open`` a
    gap, or ``closes`` it; ``turns`` what is of these cloths (``whole``: all of it), and leaves what is seen from outside ``inside_out`` or not. It is done
    ``before`` the step that closes what it works on."""

    id: str
    kind: StepKind
    title: Message
    minutes: float
    lines: tuple[StepLine, ...]
    short: tuple[Message, ...]
    things: tuple[StepThing, ...] = ()
    layer: str | None = None
    seams: tuple[str, ...] = ()
    edges: tuple[EdgeUse, ...] = ()
    allowance: float | None = None
    stitch: float | None = None
    foot: Foot | None = None
    sewn: StitchKind | None = None
    own_thread: bool = False
    changed: tuple[str, ...] = ()
    check: Message | None = None
    band: Band | None = None
    causes: tuple[Message, ...] = ()
    remedy: Message | None = None
    caution: Message | None = None
    why: Message | None = None
    # What is lost where it is left out; None where it may not be.
    lost: Message | None = None
    # What was decided where it could be done otherwise.
    decided: Message | None = None
    leaves_open: str | None = None
    closes: bool = False
    turns: tuple[str, ...] = ()
    inside_out: bool = False
    before: str | None = None
    # Done by hand, in which stitches; through how much cloth it is sewn, and how far round what is closed is that is sewn along its edge (mm).
    hand: bool = False
    stitches: tuple[str, ...] = ()
    thick: float | None = None
    around: float | None = None
    # For how many minutes what it worked on must lie still afterwards.
    rests: float = 0.0
    # The pieces it works on, each in one cloth or in all (None); None is the whole make.
    touches: frozenset[tuple[str, str | None]] | None = frozenset()

    @property
    def pieces(self) -> tuple[str, ...]:
        """The pieces it takes in hand."""
        return tuple(dict.fromkeys(thing.piece for thing in self.things))


# What is sold by its length is told by its width, but for what is round, or is sold folded.
_SIZED = {"cord": "need.thick", "piping": "need.piping.thick", "bias-tape": "need.bias-tape.wide"}


@frozen
class Need:
    """Something to have ready. ``exact`` is what the pieces take, ``buy`` that with margin, rounded as
    it is sold (mm along the roll). ``width`` is the width of the roll (mm). Things that are counted have a ``count`` instead;
    their size (``exact``) is told in the note. What is sold by its length is so ``wide``, or so thick (mm). What is weighed has ``grams``, and no length. Of what
    is cut to fit a ``longer`` one does as well. It may be for a ``part``."""

    id: str
    role: str
    name: Message
    exact: float
    buy: float
    width: float | None = None
    note: Message | None = None
    count: int | None = None
    longer: bool = False
    grams: float | None = None
    part: str = ""
    wide: float | None = None

    @classmethod
    def measured(
        cls, id: str, role: str, name: Message, length: float, wide: float, note: Message | None = None
    ) -> Need:
        """So much (mm) of what is sold by its length, so ``wide`` or thick; how much is bought of it, the shop tells (`lay.needs.as_sold`)."""
        sized = msg(_SIZED.get(role, "need.wide"), width=wide)
        told = sized if note is None else msg("need.sized", size=sized, note=note)
        return cls(id, role, name, length, length, note=told, wide=wide)

    @classmethod
    def counted(cls, id: str, role: str, name: Message, size: float, count: int, note: Message | None = None) -> Need:
        """So many of a thing of one size (mm)."""
        return cls(id, role, name, size, size, note=note, count=count)

    @classmethod
    def weighed(cls, id: str, role: str, name: Message, grams: float, note: Message) -> Need:
        """So much of a filling (g)."""
        return cls(id, role, name, 0.0, 0.0, note=note, grams=grams)


@frozen
class InputState:
    """A length the maker may give: what is in force, what the program proposes, and the range that
    holds while the other inputs stay as they are (mm). ``typed`` is the maker's own wording. What is not ``of`` a length is
    a plain number, or ml. ``usual`` is the range makers usually stay in. An ``assumed`` value is the program's, though it
    is the maker's to tell: nobody has measured it. One that follows from what was told ``instead`` of it (fields and what they are called) is
    asked when that is let go of. ``tolerance`` is which way it may be off when it is made, where that can be said."""

    field: str
    value: float
    proposed: float | None
    low: float
    high: float
    tolerance: Direction | None
    typed: str | None = None
    of: Quantity = "length"
    usual: tuple[float, float] | None = None
    assumed: bool = False
    instead: tuple[tuple[str, Message], ...] = ()

    @property
    def given(self) -> bool:
        return self.typed is not None


@frozen
class Dimension:
    """A measure on a drawing: the two points it runs between and the field that sets it."""

    field: str
    start: Point
    end: Point
    value: float
    given: bool


@frozen
class ObjectView:
    """The thing to be covered, seen from the side (mm, standing on y = 0, middle at x = 0), and its
    measures. ``radii`` are ``(height, half width)`` pairs from the base up. Hardware is drawn by its ``lines``; ``radii`` then
    are the box round them. ``beside`` is what else is seen right of the front: the narrow side of
    what is not round, or a mug's handle."""

    kind: str
    radii: tuple[Point, ...]
    round: bool
    depth: float
    dimensions: tuple[Dimension, ...]
    lines: tuple[tuple[Segment, ...], ...] = ()
    beside: tuple[Point, ...] = ()


@frozen(slots=False)
class Draft:
    """What the program answers to a spec. All lengths in mm."""

    form: str
    spec: SpecDoc
    ruler: Ruler
    language: Language
    finished: Mapping[str, float | None]
    pieces: tuple[Piece, ...]
    seams: tuple[Seam, ...]
    hems: tuple[Hem, ...]
    gaps: tuple[Gap, ...]
    checks: tuple[Check, ...]
    tell: Callable[[Draft], tuple[Step, ...]] = field(compare=False)
    reckon: Callable[[Draft], tuple[float, float]] = field(compare=False)
    # The pictures of some steps, or of all of them.
    show: Callable[[Draft, Collection[str] | None], tuple[Picture, ...]] = field(compare=False)
    # How its pieces lie on each cloth, and what there is to buy for it.
    laying: Callable[[], tuple[tuple[Lay, ...], tuple[Need, ...]]] = field(compare=False)
    drawing: Callable[[], Solid] = field(compare=False)
    sums: Mapping[str, Chain] = field(default_factory=dict)
    inputs: tuple[InputState, ...] = ()
    object: ObjectView | None = None
    # Cuts through its pieces, and what is settled of what lies on a cloth.
    layered: Callable[[], tuple[tuple[Section, ...], tuple[Backing, ...]]] = field(
        default=lambda: ((), ()), compare=False
    )
    # Which copy of which piece a part may lie on, and what that is called.
    hosts: tuple[tuple[str, Copy, Message], ...] = ()
    # Which way a finished size may be off, by its name.
    tolerances: Mapping[str, Direction] = field(default_factory=dict)
    # The cloths it may be made of, outside in.
    roles: tuple[Role, ...] = ()
    # Where its parts can be taken hold of.
    grips: tuple[Grip, ...] = ()
    # Options whose choices make no difference to this make.
    idle: frozenset[str] = frozenset()

    @cached_property
    def solid(self) -> Solid:
        """The sewn form in space, drawn when it is first asked for."""
        return self.drawing()

    @cached_property
    def _laid(self) -> tuple[tuple[Lay, ...], tuple[Need, ...]]:
        return self.laying()

    @property
    def lays(self) -> tuple[Lay, ...]:
        """How its pieces lie on each cloth, laid when it is first asked for."""
        return self._laid[0]

    @property
    def needs(self) -> tuple[Need, ...]:
        """What to have ready, and how much of it to buy."""
        return self._laid[1]

    @cached_property
    def steps(self) -> tuple[Step, ...]:
        """What is done, in order, told when it is first asked for."""
        return self.tell(self)

    def pictures(self, steps: Collection[str] | None = None) -> tuple[Picture, ...]:
        """The pictures of some of its steps, in order, or of all of them."""
        return self.show(self, steps)

    @cached_property
    def _times(self) -> tuple[float, float]:
        return self.reckon(self)

    @property
    def minutes(self) -> float:
        """How long all its steps take, without telling them."""
        return self._times[0]

    @property
    def elapsed(self) -> float:
        """After how many minutes it can be finished at the earliest: more than they take where something has to lie still."""
        return self._times[1]

    @cached_property
    def _layered(self) -> tuple[tuple[Section, ...], tuple[Backing, ...]]:
        return self.layered()

    @property
    def sections(self) -> tuple[Section, ...]:
        """Cuts through its pieces, outside in."""
        return self._layered[0]

    @property
    def backings(self) -> tuple[Backing, ...]:
        """What is settled of each interfacing and padding."""
        return self._layered[1]

    @cached_property
    def notch_numbers(self) -> Mapping[Notch, int]:
        """The numbers of notches that meet, by piece and which of its marks it is."""
        return number_notches(self.pieces, self.seams)

    @cached_property
    def _edges(self) -> Mapping[str, Edge]:
        return {edge.id: edge for piece in self.pieces for edge in piece.by_key.values()}

    @property
    def seams_sewn(self) -> int:
        """How many lines of stitching join edges: a seam counts in each cloth it is sewn in."""
        return sum(seam.times for seam in self.seams)

    def edge(self, id: str) -> Edge:
        """The edge that files call so: ``piece.key``. Raises KeyError."""
        return self._edges[id]
