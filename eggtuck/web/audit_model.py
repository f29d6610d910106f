"""The shape of an audit, for the OpenAPI description. The document itself is written by the core."""

from __future__ import annotations

from typing import Annotated

from pydantic import SkipValidation, StringConstraints

from ..core.audit.written import FitDoc, ToldListDoc
from .models import Given, Taken

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
    """Makes that things go into, each with every thing its form is for."""

    makes: list[MakeFits]
