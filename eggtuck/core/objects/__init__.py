"""The things to be covered: what is measured on each kind, and whether the measures agree."""

from .kinds import ALSO, KINDS, Measure, ObjectKind
from .presets import PRESETS, Preset
from .thing import Thing, measure_thing

__all__ = ["ALSO", "KINDS", "PRESETS", "Measure", "ObjectKind", "Preset", "Thing", "measure_thing"]
