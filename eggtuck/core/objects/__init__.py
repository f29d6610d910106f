"""The things to be covered, hardware and wearers: what is measured on each kind, and whether the measures agree."""

from .drawer import DRAWER, DrawerKind, Notion, holds, measure_notion, worn_length
from .kinds import ALSO, KINDS, Measure, ObjectKind
from .presets import PRESETS, Preset
from .thing import Thing, largest, measure_profile, measure_thing

__all__ = [
    "ALSO",
    "DRAWER",
    "KINDS",
    "PRESETS",
    "DrawerKind",
    "Measure",
    "Notion",
    "ObjectKind",
    "Preset",
    "Thing",
    "holds",
    "largest",
    "measure_notion",
    "measure_profile",
    "measure_thing",
    "worn_length",
]
