"""What can be chosen: forms, things, materials, parts."""

from __future__ import annotations

from typing import Literal

from ..core.drafting.scaling import Scale
from ..core.pattern import Role
from ..core.pattern.written import ObjectDoc
from .models import Given


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
    # What it is to hold, of forms that hold something.
    room: InputInfo | None
    options: list[OptionInfo]
    objects: list[str]
    allowances: list[InputInfo]
    takes_shape: bool
    scales: list[Scale]
    grade: int
    # The form to try first, and why that one.
    easier: str | None
    easier_why: str | None


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
    # Whether any make may have it; others are asked for by what is cut from them.
    usual: bool
    # Whether it is seen, so that it matters which way up it lies.
    seen: bool
    # Materials that are sold for it, by their ids; any other may be taken.
    sold: list[str]


class MaterialInfo(Given):
    id: str
    name: str
    kind: str
    thickness: str
    width: str
    facts: list[str]
    # Whether it is cut with a way up unless the maker says otherwise.
    nap: bool


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
    # In one request.
    most: int
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
