"""How a form's cut list is read backwards: which number tells which size."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import field, replace

from ..frozen import frozen

Numbers = Mapping[str, float]
Chosen = Mapping[str, str]
# The corner of a boxed base as it is told: the square cut out, from the raw edges or the fold; or the line across it, from the tip,
# along the side or the base, or by its length.
CORNER: Mapping[str, tuple[str, ...]] = {
    "cut-first": ("cutout.width", "cutout.height", "cutout.fold"),
    "sew-first": ("line.length", "line.tip", "line.along_side", "line.along_base"),
}


def asked_of_top(options: Chosen) -> tuple[str, ...]:
    """The size to ask for at a top that is turned back: no cut number tells how deep."""
    return {"cuff-out": ("cuff_depth",), "deep-hem": ("hem_depth",)}.get(options["top"], ())


@frozen
class Reads:
    """``pairs``: the size and the number that tells it, and ``also`` other numbers that tell it as well, in the order they are looked
    for. ``asked``: sizes no cut number tells. ``repeats``: numbers that repeat what others already tell, and what they are checked
    for; other repeats are told plainly. ``halves``: a size that is nothing where two numbers are equal, and these two. ``settled``: sizes
    that follow from which numbers are equal (mm)."""

    pairs: Mapping[str, str]
    asked: tuple[str, ...] = ()
    also: Mapping[str, tuple[str, ...]] = field(default_factory=dict)
    repeats: Mapping[str, str] = field(default_factory=dict)
    halves: tuple[str, str, str] | None = None
    settled: Mapping[str, float] = field(default_factory=dict)

    def given(self, numbers: Numbers) -> Reads:
        """Each size paired with the first of its numbers that was given."""
        pairs = {}
        for size, usual in self.pairs.items():
            every = (usual, *self.also.get(size, ()))
            pairs[size] = next((name for name in every if name in numbers), usual)
        equal = self.equal_halves(numbers)
        if equal is not None:
            del pairs[equal]
            return replace(self, pairs=pairs, settled={equal: 0.0})
        return replace(self, pairs=pairs)

    def equal_halves(self, numbers: Numbers) -> str | None:
        """The size that is nothing because two halves are given as equal: a zip in the middle."""
        if self.halves is None:
            return None
        size, one, other = self.halves
        alike = one in numbers and other in numbers and abs(numbers[one] - numbers[other]) < 0.5
        return size if alike and size in self.pairs else None
