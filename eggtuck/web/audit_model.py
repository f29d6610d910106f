"""The shape of an audit, for the OpenAPI description. The document itself is written by the core."""

from __future__ import annotations

from typing import Annotated

from pydantic import SkipValidation, StringConstraints

from ..core.audit.written import FitDoc, ToldListDoc
from .models import Given, Other, Taken

# A cut list as it was sent: the core reads it.
Told = Annotated[ToldListDoc, SkipValidation]


class FitList(Given):
    """Every thing on the shelf that the form is for, tried in the make at its current size; the best first."""

    fits: list[FitDoc]


class CutListAnswer(Given):
    cut_list: Told


class TableText(Taken):
    text: Annotated[str, StringConstraints(max_length=200_000)]


class MakeFits(Given):
    """One make and the things tried in it, by their ids."""

    id: str
    name: str
    fits: dict[str, FitDoc]


class FitTable(Given):
    """Makes that things go into, each with every thing of this page of the shelf its form is for; there are so many ``pages`` of things, and more
    makes from the ``next`` on, where there are."""

    makes: list[MakeFits]
    things: list[Other]
    pages: int
    next: int | None
