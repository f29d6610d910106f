"""A project as a file of its own."""

from __future__ import annotations

from typing import Annotated, Any, Literal

from pydantic import BaseModel, ConfigDict, Field, StringConstraints

from ..core.record.trial import Wrong
from .documents import Asked
from .models import FileId, Name


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
