"""What the server takes and gives of plans: orders and gifts, and several makes at once."""

from __future__ import annotations

import datetime
from typing import Annotated, Literal

from pydantic import Field, StringConstraints

from .models import Given, Name, Note, Taken

OrderState = Literal["asked", "making", "ready", "given"]
Short = Annotated[str, StringConstraints(strip_whitespace=True, max_length=80)]
Weekdays = Annotated[list[Annotated[int, Field(ge=0, le=6)]], Field(min_length=1, max_length=7)]
EveningMinutes = Annotated[int, Field(ge=15, le=720)]
Clock = Annotated[str, StringConstraints(pattern=r"^([01]\d|2[0-3]):[0-5]\d$")]


class OrderTold(Taken):
    """What is to be made: for whom (a first name or a nick), what, how many, by when; what belongs together has one name for that."""

    whom: Short = ""
    title: Name
    project_id: Annotated[str, StringConstraints(max_length=60)] | None = None
    count: Annotated[int, Field(ge=1, le=500)] = 1
    theme: Short = ""
    cloth: Short = ""
    due: datetime.date | None = None
    state: OrderState = "asked"
    together: Short = ""
    price: Annotated[str, StringConstraints(max_length=20)] = ""
    note: Note = ""


class OrderShown(Given):
    """An order with its dates worked backwards: empty where it has no day or no make yet. ``late`` where it should have been begun already."""

    id: str
    whom: str
    title: str
    project_id: str | None
    project: str
    count: int
    theme: str
    cloth: str
    due: str
    state: OrderState
    together: str
    price: str
    note: str
    begin: str
    cut_by: str
    dates: list[str]
    late: bool


class OrderSet(Given):
    """What belongs together: the makes of it that can be cut from shared cloth, and made together."""

    name: str
    texts: list[str]
    makes: list[BatchMakeTold]


class Orders(Given):
    orders: list[OrderShown]
    sets: list[OrderSet]


class BatchMakeTold(Taken):
    project: Annotated[str, StringConstraints(max_length=60)]
    count: Annotated[int, Field(ge=1, le=100)]


class BatchSettings(Taken):
    """How long an evening is (min), on which days of the week there is time (Monday is 0), from which day on, and when an evening begins."""

    evening: EveningMinutes
    weekdays: Weekdays
    begin: datetime.date
    at: Clock


class NewBatch(Taken):
    name: Annotated[str, StringConstraints(max_length=120)] = ""
    makes: Annotated[list[BatchMakeTold], Field(min_length=1, max_length=60)]


class BatchChange(Taken):
    revision: int
    name: Annotated[str, StringConstraints(max_length=120)]
    makes: Annotated[list[BatchMakeTold], Field(min_length=1, max_length=60)]
    settings: BatchSettings


class BatchDone(Taken):
    tasks: Annotated[list[Annotated[str, StringConstraints(max_length=300)]], Field(max_length=2000)]
    done: bool


class PlanSearch(Taken):
    seconds: Annotated[int, Field(ge=1, le=120)]


class BatchMake(Given):
    project: str
    count: int
    name: str
    letter: str
    gone: bool


class PlanSettings(Given):
    evening: int
    weekdays: list[int]
    begin: str
    at: str


class PlanRow(Given):
    """One thing to do to one make or several, one after the other: where, and with what set anew before it. ``begin`` is the minute of the
    evening."""

    title: str
    # Where it is told how: the step of a make.
    project: str
    step: str
    place: str
    setting: str
    makes: list[str]
    tasks: list[str]
    begin: float
    minutes: float
    text: str


class PlanRest(Given):
    make: str
    begin: float
    minutes: float
    text: str


class PlanEvening(Given):
    day: str
    text: str
    rows: list[PlanRow]
    rests: list[PlanRest]
    finished: list[str]


class PlanPlace(Given):
    id: str
    name: str


class DoneRow(Given):
    title: str
    makes: list[str]
    tasks: list[str]


class SearchState(Given):
    state: Literal["running", "stopping", "stopped", "done"]
    gone: float
    lasts: int


class BatchShown(Given):
    id: str
    name: str
    revision: int
    makes: list[BatchMake]
    settings: PlanSettings
    places: list[PlanPlace]
    evenings: list[PlanEvening]
    done: list[DoneRow]
    texts: list[str]
    search: SearchState | None


class BatchSummary(Given):
    id: str
    name: str
    makes: list[str]


class Batches(Given):
    batches: list[BatchSummary]


OrderSet.model_rebuild()
