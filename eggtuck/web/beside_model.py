"""What the server takes and gives of parts made ahead, and of small extras made beside a make."""

from __future__ import annotations

from typing import Annotated

from pydantic import Field, StringConstraints

from .models import Given, Taken
from .record_model import StepRef

PieceId = Annotated[str, StringConstraints(max_length=60)]


class OnPile(Given):
    """A part like this on the pile, and how many there are."""

    id: str
    name: str
    left: int


class PartAhead(Given):
    """What of a make is made by itself: its pieces by their letters, its steps, and the one that brings it to the rest (null: a small extra that
    stays by itself). ``taken`` tells that one of the pile is used; ``on_pile`` are those that could be."""

    first: str
    name: str
    letters: list[str]
    steps: list[StepRef]
    joins: StepRef | None
    done: bool
    taken: bool
    on_pile: list[OnPile]
    text: str


class ExtraOffered(Given):
    """A small form that goes with a make, for the same thing."""

    form: str
    name: str
    text: str


class Beside(Given):
    """What can be made beside a make, or ahead of it. ``loose`` are parts taken from the pile that this make has no more as they are: they can be
    given back."""

    parts: list[PartAhead]
    loose: list[PieceId]
    extras: list[ExtraOffered]


class TakeReady(Taken):
    """Use a part that lies ready on the pile."""

    first: PieceId
    pile: Annotated[str, StringConstraints(max_length=60)]


class PutBy(Taken):
    """So many parts made ahead are put on the pile."""

    first: PieceId
    count: Annotated[int, Field(ge=1, le=500)]


class ExtraAsked(Taken):
    """Make a small extra beside, in one plan with the make."""

    form: Annotated[str, StringConstraints(max_length=60)]


class ExtraBegun(Given):
    """The project of the extra, and the plan of both."""

    project: str
    batch: str
