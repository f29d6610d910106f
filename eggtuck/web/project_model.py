"""Projects, as the server takes and gives them."""

from __future__ import annotations

from typing import Annotated

from pydantic import Field, StringConstraints

from ..core.drafting.scaling import Scale
from ..core.pattern.written import CarriedDoc, DraftDoc, ObjectDoc, PlacedDoc
from .documents import Asked
from .models import Given, Name, Other, Taken


class Picture(Given):
    """Enough to draw a project small."""

    form: str
    sizes: str
    object: ObjectDoc | None
    facets: list[PlacedDoc]
    # Projects kept before parts were drawn have none.
    carried: list[CarriedDoc] = Field(default_factory=list)


class ProjectSummary(Given):
    id: str
    name: str
    form: str
    revision: int
    makes: int
    updated_at: str
    family: str | None


class ProjectList(Given):
    projects: list[ProjectSummary]


class Found(Given):
    """A project as the table shows it, with the other variants of it; its picture is that of its ``revision``."""

    id: str
    name: str
    sizes: str
    revision: int
    makes: int
    updated_at: str
    others: list[Other]
    # Who it is for and by when, where the table is grouped by that.
    order: str | None


class TableShown(Given):
    """A page of what was found, and how many there are; ``away`` is how many were put away."""

    projects: list[Found]
    found: int
    pages: int
    away: int


class PutAway(Taken):
    ids: Annotated[list[Annotated[str, StringConstraints(max_length=60)]], Field(min_length=1, max_length=1000)]
    away: bool


class Project(Given):
    id: str
    name: str
    spec: Asked
    revision: int
    at_step: str | None
    done: list[str]
    makes: int
    updated_at: str
    family: str | None
    # Whether others are begun from it.
    template: bool
    # The entry of the log it is made again from.
    again: str | None
    can_undo: bool
    can_redo: bool


class ProjectDrafted(Project):
    """A project as it is kept now, and its draft."""

    draft: DraftDoc


class ProjectOpened(Project):
    """A project as it is kept, and its draft; null where a spec of long ago cannot be drafted any more."""

    draft: DraftDoc | None


class NewProject(Taken):
    """A project begins with a thing from the shelf, a preset, or finished sizes (neither); without a form, with the
    first that suits the thing."""

    form: str | None = None
    name: Name | None = None
    thing: str | None = None
    preset: str | None = None
    # One of the maker's own templates; its form, choices, layers and sizes are kept, for a thing from the shelf as far as they fit it.
    template: str | None = None


class Template(Given):
    """A project that others are begun from, with the things of the shelf it can be made for."""

    id: str
    name: str
    sizes: str
    revision: int
    things: list[Other]


class Templates(Given):
    templates: list[Template]


class ProjectChange(Taken):
    """``touch`` names the entry being edited, so that all of its keystrokes are undone together."""

    name: Name
    spec: Asked
    revision: int
    touch: Annotated[str, StringConstraints(max_length=120)] | None = None


class ProjectStep(Taken):
    revision: int


class NewVariant(Taken):
    """The same make once more: as it is, for another thing from the shelf, or at another size."""

    thing: str | None = None
    scale: Scale | None = None


class Progress(Taken):
    """What is ticked off, and the step one is at; with what was ticked ``before`` as it was seen, what another ticks meanwhile stays."""

    done: Annotated[list[Annotated[str, StringConstraints(max_length=80)]], Field(max_length=300)]
    at_step: Annotated[str, StringConstraints(max_length=80)] | None = None
    before: Annotated[list[Annotated[str, StringConstraints(max_length=80)]], Field(max_length=300)] | None = None
