"""What the cutting table and the pile take and give."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field, StringConstraints

from ..core.cutting.document import TableDoc
from .models import Given, Name, Note, Taken, UnitName

Typed = Annotated[str, StringConstraints(max_length=60)]
Key = Annotated[str, StringConstraints(max_length=200)]
Id = Annotated[str, StringConstraints(max_length=80)]
Coordinate = Annotated[float, Field(ge=-200_000, le=200_000, allow_inf_nan=False)]
Pair = Annotated[list[Coordinate], Field(min_length=2, max_length=2)]
Outline = Annotated[list[Pair], Field(max_length=1000)]


class WishTold(Given):
    """How a cloth is to be laid, as it was typed: on what of the pile, before any is bought; ``cut_from``: from the same cloth as another."""

    on: Annotated[list[Id], Field(max_length=60)]
    fold: bool
    across: bool | None
    gap: Typed
    repeat_up: Typed
    repeat_across: Typed
    cut_from: Key | None
    sold: Literal["length", "fat-quarter"]
    first: Literal["least", "small", "large"]
    buy: bool


class MakeCount(Taken):
    """A project that is cut, and how many of it."""

    project: Id
    count: Annotated[int, Field(ge=1, le=200)] = 1


class CuttingMake(Given):
    project: str
    count: int
    name: str
    # Put away since: it is not cut.
    gone: bool


class CuttingSettings(Given):
    cloths: Annotated[dict[Key, WishTold], Field(max_length=200)]
    # What a cutter takes away along its line.
    kerf: Typed


class SearchShown(Given):
    """The search for a better lay: how many seconds of how many are gone."""

    state: Literal["running", "stopping", "stopped", "done"]
    gone: float
    lasts: int


class PiledShort(Given):
    id: str
    name: str
    text: str


class CuttingShown(Given):
    """A sitting at the cutting table."""

    id: str
    name: str
    revision: int
    makes: list[CuttingMake]
    settings: CuttingSettings
    table: TableDoc
    searches: dict[str, SearchShown]
    ticks: list[str]
    pile: list[PiledShort]


class CuttingSummary(Given):
    id: str
    name: str
    makes: list[str]


class CuttingList(Given):
    cuttings: list[CuttingSummary]


class NewCutting(Taken):
    name: Annotated[str, StringConstraints(max_length=120)] = ""
    makes: Annotated[list[MakeCount], Field(min_length=1, max_length=40)]


class CuttingChange(Taken):
    revision: int
    name: Annotated[str, StringConstraints(max_length=120)] = ""
    makes: Annotated[list[MakeCount], Field(max_length=40)]
    settings: CuttingSettings


class SpotMoved(Taken):
    """A piece put down elsewhere, by its lower left corner (mm), or turned where it lies; it is pinned there and the rest laid round it."""

    cloth: Key
    cutout: Key
    ground: Id
    x: Coordinate
    y: Coordinate
    turn: bool = False


class SpotNamed(Taken):
    cloth: Key
    cutout: Key


class Again(Taken):
    """A cloth laid again: round what is pinned, or with every pin taken out."""

    cloth: Key
    keep: bool = True


class SearchAsked(Taken):
    cloth: Key
    seconds: Annotated[int, Field(ge=2, le=300)] = 20


class ClothNamed(Taken):
    cloth: Key


class Tick(Taken):
    """A line ticked off or not: a piece that is cut, ``cloth KEY`` a whole cloth, ``bought KEY`` something bought or taken from the pile."""

    line: Annotated[str, StringConstraints(max_length=300)]
    done: bool


class PriceTold(Taken):
    """What something costs: a metre or yard, a piece, 100 g, or a pack of so many or so much. As it is typed; nothing takes it away."""

    what: Key
    kind: Literal["cloth", "length", "count", "grams"]
    price: Typed = ""
    pack: Typed = ""


class PiledChange(Taken):
    """Something on the pile: lengths as they are typed, an outline in mm."""

    kind: Literal["cloth", "notion"]
    name: Name
    what: Annotated[str, StringConstraints(min_length=1, max_length=120)]
    unit: UnitName
    width: Typed = ""
    left: Typed = ""
    size: Typed = ""
    outline: Outline | None = None
    holes: Annotated[list[Outline], Field(max_length=100, default_factory=list)]
    washed: bool = False
    directional: bool = False
    price: Typed = ""
    note: Note = ""


class PiledThing(Given):
    """What lies on the pile: how much is left, how much of that is laid for makes and not cut yet."""

    id: str
    kind: Literal["cloth", "length", "count", "grams"]
    name: str
    what: str
    what_name: str
    # Which of the notions it is.
    notion: str | None
    unit: UnitName
    width: str
    left: str
    # As it is told in a list.
    amount: str
    size: str
    outline: list[list[float]] | None
    holes: list[list[list[float]]]
    washed: bool
    directional: bool
    price: str
    note: str
    photo: bool
    reserved: str
    empty: bool
    facts: list[str]


class NotionKind(Given):
    id: str
    name: str
    told: Literal["length", "count", "grams"]
    sized: bool


class PileShown(Given):
    pile: list[PiledThing]
    notions: list[NotionKind]


class TraceAsked(Taken):
    """An outline traced on a photo (pixels, y down): two points that are ``ruler_length`` apart tell how large it is."""

    unit: UnitName
    ruler: Outline
    ruler_length: Typed
    outline: Outline
    holes: Annotated[list[Outline], Field(max_length=100, default_factory=list)]


class Traced(Given):
    outline: list[list[float]]
    holes: list[list[list[float]]]
    width: str
    height: str
