"""What the server takes and gives of the log: entries, the clock, notes at a step, what is learnt."""

from __future__ import annotations

import datetime
from typing import Annotated, Literal

from pydantic import BaseModel, ConfigDict, Field, StringConstraints

from ..core.cutting.document import ClothLaidDoc
from ..core.pattern.draft import StepKind
from ..core.pattern.written import DraftDoc
from ..core.record.clock import Act, Kind
from ..core.record.trial import Goes, Wrong
from .documents import Asked
from .models import FileId, Given, Note, Taken, UnitName

Short = Annotated[str, StringConstraints(max_length=60)]
StepId = Annotated[str, StringConstraints(max_length=200)]
NoteKind = Literal["departure", "near-miss", "compromise", "next-time"]
Minutes = Annotated[int, Field(ge=0, le=100_000)]


class Measured(Given):
    """A size of the finished make, and whether it did all the same; null where nobody said."""

    name: str
    typed: str
    mm: float
    remark: str
    fine: bool | None


class Trial(Given):
    """How the make did with the real thing: how it went on, whether tried with it empty, what slack and room above were measured (as typed), and
    of each thing it was tried for whether it passed."""

    goes: Goes | None
    empty: bool
    slack: str
    above: str
    tests: dict[str, bool]
    remarks: list[str]


class Use(Given):
    """Another thing the make was tried with."""

    what: str
    fits: bool


class Sale(Given):
    """What it was sold for, what went into it (as typed), and when; empty where it was not."""

    price: str
    cost: str
    sold_on: str


class StepTime(Given):
    step: str
    title: str
    minutes: float
    took: str
    house: str


class MakeNote(Given):
    """Something noted at a step; a departure from the plan may name the choice or allowance it made otherwise."""

    id: str
    step: str
    title: str
    kind: NoteKind
    text: str
    cause: str
    field: str
    did: str
    quiet: bool


class StagePhoto(Given):
    id: str
    project: str
    step: str
    title: str
    created_at: str


class TrialTest(Given):
    id: str
    text: str
    caution: str | None
    # Whether it is tried because it was wrong before.
    asked: bool


class SizeShown(Given):
    name: str
    label: str
    text: str
    # Which way it may be off, where that was known when it was made.
    tolerance: str


class Make(Given):
    """An entry of the log. ``kept`` tells whether all of the make as it was made is kept with it."""

    id: str
    revision: int
    name: str
    made_on: str
    minutes: int | None
    waited: int | None
    away: int | None
    measured: list[Measured]
    # What was tried, and what of now may still be.
    tests: list[TrialTest]
    sizes: list[SizeShown]
    differed: str
    next_time: str
    trial: Trial
    uses: list[Use]
    sale: Sale
    times: list[StepTime]
    notes: list[MakeNote]
    photos: list[StagePhoto]
    kept: bool


class MakeList(Given):
    """Entries, the latest first; what a make of now would be tried for, and the day it is."""

    makes: list[Make]
    tests: list[TrialTest]
    sizes: list[SizeShown]
    today: str


class CostOfOne(Given):
    """What went into one make, where everything it takes has a price."""

    cost: str


class TrialTold(Taken):
    goes: Goes | None = None
    empty: bool = False
    slack: Short = ""
    above: Short = ""
    tests: Annotated[dict[Wrong, bool], Field(max_length=20)] = Field(default_factory=dict)


class UseTold(Taken):
    what: Annotated[str, StringConstraints(strip_whitespace=True, min_length=1, max_length=120)]
    fits: bool


class SaleTold(Taken):
    price: Short = ""
    cost: Short = ""
    sold_on: datetime.date | None = None


class NewMake(Taken):
    made_on: datetime.date
    minutes: Minutes | None = None
    waited: Minutes | None = None
    away: Minutes | None = None
    measured: dict[str, Short] = Field(default_factory=dict)
    fine: dict[str, bool] = Field(default_factory=dict)
    differed: Note = ""
    next_time: Note = ""
    # At which step what is to be minded comes back.
    next_step: StepId = ""
    trial: TrialTold = Field(default_factory=TrialTold)
    uses: Annotated[list[UseTold], Field(max_length=40)] = Field(default_factory=list)
    sale: SaleTold = Field(default_factory=SaleTold)


class ChangedMake(NewMake):
    revision: int


class AsItStands(Taken):
    """The revision that is changed, as it was seen."""

    revision: int


class MeasuredFile(BaseModel):
    model_config = ConfigDict(extra="forbid")
    name: Short
    typed: Short
    mm: Annotated[float, Field(gt=0, le=5000)]
    remark: Note
    fine: bool | None = None
    # How far off it might be without harm when it was written down (mm).
    within: Annotated[float, Field(ge=0, le=200)] | None = None


class TrialFile(TrialTold):
    unit: UnitName = "cm"
    why: Annotated[str, StringConstraints(max_length=500)] = ""


class NoteFile(BaseModel):
    model_config = ConfigDict(extra="forbid")
    step: StepId
    title: Annotated[str, StringConstraints(max_length=200)]
    kind: NoteKind
    text: Annotated[str, StringConstraints(max_length=2000)]
    cause: Annotated[str, StringConstraints(max_length=500)] = ""
    field: Short = ""
    did: Short = ""
    quiet: bool = False


class MakeFile(BaseModel):
    """An entry of the log in a file; those of older files have less."""

    model_config = ConfigDict(extra="forbid")
    id: FileId | None = None
    name: Annotated[str, StringConstraints(max_length=120)] = ""
    made_on: datetime.date
    minutes: Minutes | None = None
    waited: Minutes | None = None
    away: Minutes | None = None
    measured: Annotated[list[MeasuredFile], Field(max_length=200)] = Field(default_factory=list)
    differed: Note = ""
    next_time: Note = ""
    trial: TrialFile = Field(default_factory=TrialFile)
    uses: Annotated[list[UseTold], Field(max_length=40)] = Field(default_factory=list)
    sale: SaleTold = Field(default_factory=SaleTold)
    times: dict[StepId, Annotated[float, Field(ge=0, le=100_000)]] = Field(default_factory=dict, max_length=300)
    spec: Asked | None = None
    # By how much guides were moved then (mm).
    moved: Annotated[float, Field(ge=-10, le=10)] = 0.0
    notes: Annotated[list[NoteFile], Field(max_length=500)] = Field(default_factory=list)


class MakeVersion(Given):
    """How an entry read before it was changed."""

    revision: int
    changed_at: str
    made_on: str
    minutes: int | None
    measured: list[Measured]
    differed: str
    next_time: str


class MakeVersions(Given):
    versions: list[MakeVersion]


class ClockAct(Taken):
    act: Act
    step: StepId = ""


class Clock(Given):
    """Whether the clock of the make in hand runs, at which step and for what, and the minutes so far."""

    running: Kind | None
    step: str
    hands: float
    wait: float
    away: float
    text: str


class StepRef(Given):
    number: int
    id: str
    title: str


class Resting(Given):
    step: StepRef
    until: str
    text: str


class LyingReady(Given):
    letter: str
    name: str
    text: str


class Reminder(Given):
    """What was to be minded next time: at which step of this make, or at none of them any more."""

    id: str
    step: str | None
    text: str
    source: str


class Sitting(Given):
    """Where the make in hand stands: the clock, what lies ready, what rests, what can be done meanwhile, what was noted on the way."""

    clock: Clock
    next: StepRef | None
    resting: list[Resting]
    free: list[StepRef]
    ready: list[LyingReady]
    state: list[str]
    minutes: float
    minutes_text: str
    pace: str
    finish: str
    reminders: list[Reminder]
    notes: list[MakeNote]
    photos: list[StagePhoto]
    # How stages looked when it was made before, the latest of each step.
    before: list[StagePhoto]
    # Steps that are done since a part was made ahead, and the letters of its pieces, which are not cut.
    ahead: list[str]
    ready_letters: list[str]


class NewNote(Taken):
    step: StepId
    kind: NoteKind
    text: Annotated[str, StringConstraints(strip_whitespace=True, max_length=2000)] = ""
    cause: Annotated[str, StringConstraints(strip_whitespace=True, max_length=500)] = ""
    field: Short = ""
    did: Short = ""


class Quiet(Taken):
    quiet: bool


class Why(Given):
    """Why something is made: what was wrong before, and in own words."""

    wrong: list[Wrong]
    text: str
    choices: list[TrialTest]


class WhyTold(Taken):
    wrong: Annotated[list[Wrong], Field(max_length=20)]
    text: Annotated[str, StringConstraints(strip_whitespace=True, max_length=500)] = ""


class EvidenceShown(Given):
    make: str
    project: str
    name: str
    made_on: str
    text: str


class ProposalShown(Given):
    id: str
    text: str
    does: str
    evidence: list[EvidenceShown]


class Taught(Given):
    """What was taken over, told as it is now, and how to take it back."""

    id: str
    text: str


class Learned(Given):
    proposals: list[ProposalShown]
    taken: list[Taught]
    silenced: list[Taught]
    pace: list[str]


class Answer(Taken):
    proposal: Annotated[str, StringConstraints(max_length=300)]
    answer: Literal["take", "never", "back"]


class MadeAgain(Taken):
    make: Annotated[str, StringConstraints(max_length=60)]


class AsMade(Given):
    """All of a make as it was made: its draft, and how everything lay that was cut with it."""

    draft: DraftDoc
    lay: list[ClothLaidDoc]


class LogLine(Given):
    make: str
    project: str
    name: str
    made_on: str
    form: str
    minutes: int | None
    goes: str
    next_time: str
    price: str


class LogForm(Given):
    id: str
    name: str


class LogYear(Given):
    year: str
    texts: list[str]


class Logbook(Given):
    """A page of the log, how many entries were found, and the sums of every year."""

    entries: list[LogLine]
    found: int
    pages: int
    forms: list[LogForm]
    years: list[LogYear]


class StepWork(Taken):
    kind: StepKind
    minutes: Annotated[float, Field(ge=0, le=100_000)]


class WorkTold(Taken):
    steps: Annotated[list[StepWork], Field(max_length=400)]


class PaceTold(Given):
    """How long so much work takes this maker, and from how many makes that is known."""

    minutes: float
    count: int
    text: str
