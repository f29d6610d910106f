"""What is asked of a draft, and what is answered."""

from __future__ import annotations

from typing import Annotated

from pydantic import Field

from ..core.constructions.surface.ideas import Occasion
from ..core.pattern.asked import PartDoc, ShapeDoc
from ..core.pattern.drawn import StepPictureDoc
from .documents import Asked
from .models import DecimalName, Given, Taken, UnitName
from .project_model import Picture


class UnitChange(Taken):
    spec: Asked
    unit: UnitName
    decimal: DecimalName = "."


# No piece is larger than this (mm).
Shift = Annotated[float, Field(ge=-10_000, le=10_000, allow_inf_nan=False)]


class PartMoved(Taken):
    """A part put down somewhere else on its piece: the ``nth`` place it can be taken hold of by, moved so many mm, or marks of the ruler."""

    spec: Asked
    part: int
    nth: int = 0
    right: Shift
    up: Shift
    marks: bool = False


class PartPlace(Given):
    """The lengths that say where it lies now, by their fields."""

    fields: dict[str, str]


class PicturesAsked(Taken):
    """The pictures of some steps, by their ids; of all of them unless told."""

    spec: Asked
    steps: list[str] | None = None


class PicturesShown(Given):
    pictures: list[StepPictureDoc]


class OptionAsked(Taken):
    spec: Asked
    # Which of the form's options.
    option: str


class OccasionAsked(Taken):
    spec: Asked
    occasion: Occasion


class IdeaShown(Given):
    title: str
    why: str
    # What it adds to the make, and what speaks against it here.
    adds: list[str]
    against: list[str]
    # What is asked for with it; nothing where the make is left plain.
    part: PartDoc | None


class IdeasShown(Given):
    ideas: list[IdeaShown]


class ChoiceChanges(Given):
    id: str
    # What it takes more or less than what is chosen now; or why it cannot be had.
    changes: list[str]
    refused: bool


class OptionChanges(Given):
    choices: list[ChoiceChanges]


class FormChange(Taken):
    spec: Asked
    form: str


class FormShown(Given):
    """A form as it would be for the thing at hand, and what it takes."""

    id: str
    picture: Picture
    pieces: int
    minutes: int
    cloth: str


class FormsShown(Given):
    forms: list[FormShown]


class ShapeAnswer(Given):
    """A panel's shape as a spec takes it, and how wide it was drawn."""

    shape: ShapeDoc
    width: str


class SpecAnswer(Given):
    spec: Asked
