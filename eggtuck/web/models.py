"""What the server takes and gives, apart from what the core writes itself (see `documents`)."""

from __future__ import annotations

import unicodedata
from typing import Annotated, Any, Literal

from pydantic import BaseModel, BeforeValidator, ConfigDict, Field, SkipValidation, StringConstraints

from ..core.constructions.surface.ideas import Occasion
from ..core.drafting.scaling import Scale
from ..core.pattern import Role
from ..core.pattern.asked import PartDoc, ShapeDoc, ThingDoc
from ..core.pattern.drawn import FrameDoc, StepPictureDoc
from ..core.pattern.written import CarriedDoc, CheckDoc, DraftDoc, LengthDoc, ObjectDoc, PlacedDoc
from ..core.record.trial import Wrong
from ..core.shop import EVENING
from ..core.words import Language
from .documents import Asked

UnitName = Literal["in", "cm", "mm"]
DecimalName = Literal[".", ","]


def without_controls(text: str) -> str:
    """Text as it can be written into any file: what steers a terminal or a printer is left out, ends of lines and tabs stay."""
    return "".join(sign for sign in text if sign in "\n\t" or unicodedata.category(sign) != "Cc")


Plain = BeforeValidator(lambda text: without_controls(text) if isinstance(text, str) else text)
Name = Annotated[str, StringConstraints(strip_whitespace=True, min_length=1, max_length=120), Plain]
Note = Annotated[str, StringConstraints(max_length=4000), Plain]


class Taken(BaseModel):
    """Something the server takes: unknown names are refused."""

    model_config = ConfigDict(extra="forbid")


class Given(BaseModel):
    """Something the server gives."""

    model_config = ConfigDict(extra="forbid", json_schema_serialization_defaults_required=True)


class Health(Given):
    status: Literal["ok"]
    version: str


class Picture(Given):
    """Enough to draw a project small."""

    form: str
    sizes: str
    object: ObjectDoc | None
    facets: list[PlacedDoc]
    # Projects kept before parts were drawn have none.
    carried: list[CarriedDoc] = []


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


class Other(Given):
    id: str
    name: str


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
    """A form as it would be for the thing at hand, and what it takes; None where it cannot be drafted for it."""

    id: str
    name: str
    summary: str
    grade: int
    suits: bool
    easier: str | None
    easier_why: str | None
    picture: Picture
    pieces: int
    seams: int
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


class Thing(Given):
    id: str
    name: str
    unit: UnitName
    object: ThingDoc
    note: str
    revision: int
    view: ObjectDoc
    remarks: list[str]
    group: Literal["cover", "hardware", "wearer"]
    sets: dict[str, str]
    written: ThingDoc
    photo: bool


class ThingList(Given):
    """What lies on the shelf; and what lies there and can no longer be read, by name."""

    things: list[Thing]
    unread: list[Other]


class ThingLook(Given):
    """A thing not yet kept: its drawing and what is odd about its measures."""

    view: ObjectDoc
    remarks: list[str]


class ThingMeasures(Taken):
    unit: UnitName
    object: Annotated[ThingDoc, SkipValidation]


class ProfileTable(Taken):
    """Rows of height and girth as text, with the unit numbers without one are in."""

    text: Annotated[str, StringConstraints(max_length=200_000)]
    unit: UnitName


class ThingObject(Given):
    object: ThingDoc


class ThingChange(Taken):
    name: Name
    unit: UnitName
    object: Annotated[ThingDoc, SkipValidation]
    note: Note = ""
    # Which it is a change of; without one it is put in the place of whatever there is.
    revision: Annotated[int, Field(ge=1)] | None = None


class ThingVersion(Given):
    """How a thing was before it was changed, and until which day."""

    revision: int
    day: str
    name: str
    unit: UnitName
    object: ThingDoc
    note: str
    measures: str


class ThingVersions(Given):
    versions: list[ThingVersion]


Told = Annotated[str, StringConstraints(max_length=60)]


class MachineTold(Given):
    """A maker's machine as it was written down; what nobody told is empty, feet and tools nobody told of are null."""

    free_arm: Told
    stack: Told
    foot_edge: Told
    needle_moves: Told
    # Lines on the plate, parted by semicolons.
    plate: Annotated[str, StringConstraints(max_length=200)]
    feet: Annotated[list[Told], Field(max_length=20)] | None
    tools: Annotated[list[Told], Field(max_length=60)] | None


NO_MACHINE = MachineTold(free_arm="", stack="", foot_edge="", needle_moves="", plate="", feet=None, tools=None)


class BenchTool(Given):
    """A tool or foot that a make asks for: by which steps, and whether it is there; null where nobody told."""

    id: str
    foot: bool
    name: str
    job: str
    steps: list[int]
    here: bool | None
    instead: str
    lost: str


class BenchGuide(Given):
    allowance: LengthDoc
    text: str


class BenchChange(Given):
    step: int
    text: str


class LessonInfo(Given):
    """A hand stitch in drawings, one after the other."""

    id: str
    name: str
    use: str
    frames: list[FrameDoc]


class Lessons(Given):
    lessons: list[LessonInfo]


class BenchSymptom(Given):
    """What may go wrong: its likely causes, what mends it, and the number of the step to go back to."""

    id: str
    name: str
    causes: list[str]
    remedy: str
    step: int


class BenchShown(Given):
    """What a make asks of the maker's machine and tools."""

    tools: list[BenchTool]
    guides: list[BenchGuide]
    checks: list[CheckDoc]
    changes: list[BenchChange]
    symptoms: list[BenchSymptom]


class BenchTools(Given):
    """Every tool and foot there is."""

    tools: list[BenchTool]


class Settings(BaseModel):
    """The maker's habits."""

    model_config = ConfigDict(extra="forbid", json_schema_serialization_defaults_required=True)
    unit: UnitName = "cm"
    decimal: DecimalName = "."
    paper: Literal["a4", "letter", "a3", "a0"] = "a4"
    pace: Literal["single", "beginner", "expert"] = "beginner"
    theme: Literal["system", "day", "night"] = "system"
    allowance: Annotated[str, StringConstraints(max_length=20)] = ""
    rounding: Annotated[str, StringConstraints(max_length=20)] = ""
    schools: dict[str, Annotated[str, StringConstraints(max_length=40)]] = Field(default_factory=dict, max_length=40)
    language: Language = "en"
    machine: MachineTold = Field(default_factory=lambda: NO_MACHINE)
    # How long an evening at the table is (min), on which days of the week there is time (Monday is 0), and when it begins.
    evening: Annotated[int, Field(ge=15, le=720)] = int(EVENING)
    evening_days: Annotated[list[Annotated[int, Field(ge=0, le=6)]], Field(min_length=1, max_length=7)] = Field(
        default_factory=lambda: list(range(7))
    )
    evening_at: Annotated[str, StringConstraints(pattern=r"^([01]\d|2[0-3]):[0-5]\d$")] = "19:00"
    # What was learnt and taken over: how wide this maker sews (mm), eases and differences by what they are kept for.
    sews_wide: Annotated[float, Field(ge=-10, le=10)] = 0.0
    eases: dict[str, Annotated[float, Field(ge=-1, le=5)]] = Field(default_factory=dict, max_length=400)
    borne: dict[str, Annotated[float, Field(ge=0, le=200)]] = Field(default_factory=dict, max_length=400)


class SettingsChange(Settings):
    """Some of the maker's habits: those that are not named stay as they are."""


FileId = Annotated[str, StringConstraints(pattern=r"^[A-Za-z0-9_-]{1,60}$")]


class StateFile(BaseModel):
    """A state of a project that can be gone back to."""

    model_config = ConfigDict(extra="forbid")
    name: Name
    spec: Asked
    touch: Annotated[str, StringConstraints(max_length=120)] | None = None
    present: bool = False


class WhyFile(BaseModel):
    """Why it is made, in a file."""

    model_config = ConfigDict(extra="forbid")
    wrong: Annotated[list[Wrong], Field(max_length=20)] = Field(default_factory=list)
    text: Annotated[str, StringConstraints(max_length=500)] = ""


class ProjectFile(BaseModel):
    """A project as a file of its own; those of older versions have less."""

    model_config = ConfigDict(extra="forbid")
    format: Literal["egg-tuck-project"] = "egg-tuck-project"
    version: Literal[1] = 1
    # By which it is known again.
    id: FileId | None = None
    name: Name
    spec: Asked
    why: WhyFile | None = None
    states: Annotated[list[StateFile], Field(max_length=200)] = Field(default_factory=list)
    done: Annotated[list[str], Field(max_length=300)] = Field(default_factory=list)
    makes: Annotated[list[dict[str, Any]], Field(max_length=1000)] = Field(default_factory=list)


class ChoiceInfo(Given):
    id: str
    label: str
    why: str
    picture: list[str]


class OptionInfo(Given):
    id: str
    label: str
    stage: str
    choices: list[ChoiceInfo]
    when: dict[str, list[str]]
    safety: bool


class InputInfo(Given):
    field: str
    label: str
    help: str
    stage: str
    when: dict[str, list[str]]


class FormInfo(Given):
    id: str
    name: str
    picture: list[str]
    summary: str
    inputs: list[InputInfo]
    options: list[OptionInfo]
    objects: list[str]
    allowances: list[InputInfo]
    roles: list[Role]
    takes_shape: bool
    scales: list[Scale]
    grade: int


class MeasureInfo(Given):
    name: str
    label: str
    help: str
    required: bool


class ObjectInfo(Given):
    id: str
    name: str
    help: str
    measures: list[MeasureInfo]
    round: bool
    view: ObjectDoc | None
    group: Literal["cover", "hardware", "wearer"]


class PresetInfo(Given):
    id: str
    kind: str
    name: str
    sizes: str
    view: ObjectDoc


class NamedInfo(Given):
    id: str
    name: str


class RoleInfo(Given):
    id: Role
    name: str


class MaterialInfo(Given):
    id: str
    name: str
    kind: str
    thickness: str
    width: str
    facts: list[str]


class PartOptionInfo(NamedInfo):
    # What it is good for, and what it takes.
    why: str


class PartChoiceInfo(Given):
    id: str
    label: str
    choices: list[PartOptionInfo]


class PartLengthInfo(Given):
    name: str
    label: str


class PartInfo(Given):
    """A part any form can carry."""

    id: str
    name: str
    count: int
    # What of it is written in letters.
    text: PartLengthInfo | None
    lengths: list[PartLengthInfo]
    choices: list[PartChoiceInfo]


class Catalogue(Given):
    """Everything an interface needs to ask for a spec."""

    forms: list[FormInfo]
    objects: list[ObjectInfo]
    own_cloth: str
    presets: list[PresetInfo]
    materials: list[MaterialInfo]
    # What is chosen of a layer that lies on a cloth.
    backing: list[PartChoiceInfo]
    roles: list[RoleInfo]
    parts: list[PartInfo]
    languages: list[NamedInfo]
    roundings: dict[str, list[str]]
