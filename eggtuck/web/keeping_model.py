"""What the server takes and gives of keeping things safe: copies, everything at once, and what was put away."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field, StringConstraints

from ..store.whole import Meeting
from .models import Given, Taken
from .queries import Query

AwayKind = Literal["projects", "things", "pile", "orders", "cuttings", "batches", "makes", "notes"]


class CopyKept(Given):
    """A dated copy of everything, with how many projects are in it; ``text`` tells when and before what it was made."""

    name: str
    text: str
    size: str


class SetAside(Given):
    """A file that could not be used, and the newest whole copy of what was in it; null where there is none."""

    text: str
    newest: CopyKept | None


class Keeping(Given):
    """How what is kept is kept: in which folder, its copies, and what had to be set aside."""

    folder: str
    copies: list[CopyKept]
    aside: SetAside | None


class BroughtBack(Given):
    """What became of everything that was brought back, told; the names of what is other here and there, and of what could not be read."""

    texts: list[str]
    others: list[str]
    unread: list[str]


class MeetingQuery(Query):
    """What is done with what is here already, but other: left, replaced, or kept beside."""

    meeting: Meeting = "leave"


class BackFromCopy(Taken):
    meeting: Meeting = "leave"


class AwayOne(Given):
    """Something that was put away: of which kind, what it is called, and when that was."""

    kind: AwayKind
    id: str
    name: str
    what: str
    when: str


class AwayList(Given):
    things: list[AwayOne]
    more: int


class AwayQuery(Query):
    words: Annotated[str, StringConstraints(max_length=200)] = ""
    count: Annotated[int, Field(ge=1, le=500)] = 60


class BringOneBack(Taken):
    kind: AwayKind
    id: Annotated[str, StringConstraints(max_length=60)]
