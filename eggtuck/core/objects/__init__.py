"""The things to be covered: what is measured on each kind, and whether the measures agree."""

from .kinds import ALSO, KINDS, Measure, ObjectKind
from .presets import PRESETS, Preset
from .thing import Thing, largest, measure_profile, measure_thing

__all__ = [
    "ALSO",
    "KINDS",
    "PRESETS",
    "Measure",
    "ObjectKind",
    "Preset",
    "Thing",
    "largest",
    "measure_profile",
    "measure_thing",
]
