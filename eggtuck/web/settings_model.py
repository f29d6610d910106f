"""The maker's habits."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import BaseModel, ConfigDict, Field, StringConstraints, model_validator

from ..core.shop import EVENING
from ..core.words import Language
from .models import DecimalName, Given, UnitName

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
    # The maker's own hand.
    finger: Told
    fist: Told

    @model_validator(mode="before")
    @classmethod
    def _nothing_told(cls, told: object) -> object:
        """What was kept before there was such an entry tells nothing of it."""
        return {**dict.fromkeys(("finger", "fist"), ""), **told} if isinstance(told, dict) else told


NO_MACHINE = MachineTold(
    free_arm="", stack="", foot_edge="", needle_moves="", plate="", feet=None, tools=None, finger="", fist=""
)


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
