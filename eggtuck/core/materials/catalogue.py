"""Ordinary materials. All values are typical ones; a layer in a spec may give its own."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

from ..wording import Message, msg

MaterialKind = Literal["woven", "knit", "sheet", "interfacing", "padding", "mesh"]


@dataclass(frozen=True, slots=True)
class Material:
    """``thickness`` and ``width`` in mm. ``ease_in`` is the share of a seam by which a longer edge can
    be eased onto a shorter one."""

    id: str
    kind: MaterialKind
    thickness: float
    width: float
    ease_in: float
    frays: bool
    own: bool = False

    @classmethod
    def own_named(cls, name: str, thickness: float) -> Material:
        """A cloth the catalogue does not have, by the maker's name for it: taken as an ordinary woven one."""
        return cls(name, "woven", thickness, 1100.0, 0.01, True, own=True)

    @property
    def name(self) -> Message:
        return msg("material.own", name=self.id) if self.own else msg(f"material.{self.id}")


MATERIALS = {
    material.id: material
    for material in (
        Material("quilting-cotton", "woven", 0.3, 1100.0, 0.02, True),
        Material("linen", "woven", 0.4, 1400.0, 0.02, True),
        Material("canvas", "woven", 0.6, 1450.0, 0.01, True),
        Material("denim", "woven", 0.8, 1450.0, 0.01, True),
        Material("waxed-cotton", "woven", 0.5, 1400.0, 0.005, True),
        Material("cotton-jersey", "knit", 0.6, 1500.0, 0.06, False),
        Material("wool-felt", "sheet", 2.0, 900.0, 0.01, False),
        Material("leather-like-sheet", "sheet", 1.0, 1370.0, 0.0, False),
        Material("light-interfacing", "interfacing", 0.2, 900.0, 0.02, False),
        Material("woven-interfacing", "interfacing", 0.3, 900.0, 0.02, False),
        Material("cotton-batting", "padding", 2.5, 1500.0, 0.04, False),
        Material("thin-foam", "padding", 3.0, 1500.0, 0.04, False),
    )
}
