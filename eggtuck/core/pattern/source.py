"""Which entry a line of a sum comes from, so that a number can be changed where it was given."""

from __future__ import annotations

import re
from collections.abc import Collection

from ..words import Message, msg

_NAMED = {
    "sum.ease": ("ease.girth", "ease.width"),
    "sum.object-girth": ("object.girth", "object.diameter", "object.rim_diameter", "object.width"),
    "sum.object-height": ("object.height", "object.depth", "object.length"),
    "sum.object-base": ("object.base_diameter", "object.girth", "object.diameter"),
    "sum.neck-along-cloth": ("object.neck_height",),
    "sum.covered-length": ("object.length",),
    "sum.base-loss": ("size.base_depth",),
    "sum.half-base": ("size.base_depth",),
    "sum.spine": ("object.spine", "size.spine"),
    "sum.zip-visible": ("size.zip_width",),
    "sum.half-zip": ("size.zip_width",),
    "sum.zip-and-allowances": ("size.zip_width",),
    "sum.frame": ("size.frame_length",),
    "sum.bar-and-room": ("size.frame_depth",),
    "sum.elastic-reach": ("size.elastic_stretch",),
    "sum.circle": ("size.diameter",),
    "sum.length": ("size.length",),
    "sum.dart-length": ("size.dart_length",),
    "sum.bottom-width": ("size.bottom_width",),
    "sum.rounding-gain": ("rounding",),
}
_ALLOWANCE = re.compile(r"sum\.(?:two-)?(\w+)-allowances?$")
_ROUND = re.compile(r"sum\.round-\w+$")
_LAYERS = re.compile(r"sum\.(turn-of-cloth|two-thicknesses|half-thickness|turn-on-slope|thickness)$")


def sum_label(name: str) -> Message:
    """A sum's own name; the sums of a part are called by its piece and what they tell."""
    part, _, told = name.partition(".")
    kind = part.rstrip("0123456789").rstrip("-")
    if kind == part:
        return msg(f"sum.name.{name}")
    return msg(f"sum.part.{told}", part=msg(f"part.{kind}"))


def source_of(line: str, sum_name: str, fields: Collection[str]) -> str | None:
    """The field that a line of a sum reads, of those the draft has as inputs; ``rounding`` and ``layers`` for those two. None for
    what is worked out from other sums. ``sum_name`` is the sum's own name, for a size given outright."""
    candidates = list(_NAMED.get(line, ()))
    if _ROUND.match(line):
        candidates.append("rounding")
    if _LAYERS.match(line):
        candidates.append("layers")
    if (found := _ALLOWANCE.match(line)) is not None:
        candidates += [f"allowance.{found.group(1)}", "allowance.default"]
    if line in ("sum.given", "sum.usual"):
        candidates.append(f"size.{sum_name.partition('.')[2]}")
    candidates.append(f"size.{line.removeprefix('sum.').replace('-', '_')}")
    return next((field for field in candidates if field in fields or field in ("rounding", "layers")), None)
