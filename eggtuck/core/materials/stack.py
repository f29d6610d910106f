"""The layers of a make, outside in."""

from __future__ import annotations

from dataclasses import dataclass

from ..pattern.piece import Role
from .catalogue import Material

_INSIDE = ("lining", "interfacing", "padding")


@dataclass(frozen=True, slots=True)
class Layer:
    """One cloth in one role. ``thickness`` and ``width`` in mm, the material's unless given;
    ``directional`` when its print has a way up; ``confirmed`` when the maker has made sure it is all
    of plant fibre, without metal. A padding with a ``margin`` is quilted to its cloth before cutting: both are cut this much
    larger all round, quilted, and trimmed to size."""

    material: Material
    role: Role
    thickness: float
    width: float
    directional: bool = False
    confirmed: bool = False
    margin: float = 0.0


@dataclass(frozen=True, slots=True)
class Stack:
    """All layers of a make."""

    layers: tuple[Layer, ...]

    def of(self, role: Role) -> Layer | None:
        """The first layer in this role."""
        return next((layer for layer in self.layers if layer.role == role), None)

    def all(self, role: Role) -> tuple[Layer, ...]:
        """Every layer in this role, outside in."""
        return tuple(layer for layer in self.layers if layer.role == role)

    def without(self, role: Role) -> Stack:
        return Stack(tuple(layer for layer in self.layers if layer.role != role))

    @property
    def inside(self) -> float:
        """Thickness of everything inside the outer cloth (mm): what turn of cloth is reckoned from."""
        return sum((layer.thickness for layer in self.layers if layer.role in _INSIDE), 0.0)

    @property
    def between(self) -> float:
        """Thickness of what lies between outer and lining (mm)."""
        return sum((layer.thickness for layer in self.layers if layer.role in ("interfacing", "padding")), 0.0)

    @property
    def stretch(self) -> float:
        """The share by which all layers together can be stretched: that of the stiffest of them."""
        worn = [layer.material.stretch for layer in self.layers if layer.role == "outer" or layer.role in _INSIDE]
        return min(worn, default=0.0)

    @property
    def quilting(self) -> dict[Role, float]:
        """How much larger all round each cloth is cut for quilting (mm)."""
        padding = self.of("padding")
        return {"outer": padding.margin, "padding": padding.margin} if padding and padding.margin else {}

    @property
    def total(self) -> float:
        """Thickness of everything that is sewn and turned (mm)."""
        return sum(layer.thickness for layer in self.layers if layer.role == "outer" or layer.role in _INSIDE)
