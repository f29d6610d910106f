"""The layers of a make, outside in."""

from __future__ import annotations

from collections.abc import Collection, Mapping
from dataclasses import field, replace

from ..frozen import frozen
from ..pattern.piece import Cut, CutRule, Held, InSeams, On, Role
from .catalogue import Material

_INSIDE = ("lining", "interfacing", "padding")
# What lies on another cloth: cut by a rule of its own, and held on it.
BACKING: tuple[Role, ...] = ("interfacing", "padding")


@frozen
class Rule:
    """How a layer that lies on another cloth is cut for a piece: full, ``smaller`` all round by ``inset`` (mm, half the usual allowance unless told), net (ending on the stitch
    line), half of it (as it is drawn), or a ``band`` from ``low`` to ``high`` above its lower stitch line (mm); for single ``pieces``
    otherwise, by their ids."""

    cut: CutRule = "full"
    inset: float | None = None
    low: float | None = None
    high: float | None = None
    pieces: Mapping[str, CutRule] = field(default_factory=dict)


@frozen
class Layer:
    """One cloth in one role. ``thickness`` and ``width`` in mm, the material's unless given;
    ``directional`` when its print or its nap has a way up; ``confirmed`` when the maker has made sure it is all
    of plant fibre, without metal. A padding with a ``margin`` is quilted to its cloth before cutting: both are cut this much
    larger all round, quilted, and trimmed to size. An interfacing or padding lies ``on`` a cloth, is cut by a ``rule``, ``held`` there,
    and stays caught ``in_seams`` or is trimmed out of them; it is fused for ``seconds`` on each place, with ``steam`` or dry."""

    material: Material
    role: Role
    thickness: float
    width: float
    directional: bool = False
    confirmed: bool = False
    margin: float = 0.0
    on: On = "outer"
    rule: Rule = field(default_factory=Rule)
    held: Held = "basted"
    in_seams: InSeams = "caught"
    seconds: int = 0
    steam: bool = False

    @property
    def turns(self) -> bool:
        """Whether pieces of it may lie across: not where that turns its way up, nor where it stretches, which it does across its width."""
        return not self.directional and not self.material.stretch

    @property
    def hosts(self) -> tuple[Role, ...]:
        """The cloths it lies on; none for a cloth itself."""
        if self.role not in BACKING:
            return ()
        return ("outer", "lining") if self.on == "both" else (self.on,)

    @property
    def idle(self) -> bool:
        """Whether it is told and no piece is to have it."""
        return {self.rule.cut, *self.rule.pieces.values()} == {"none"}

    @property
    def all_thick(self) -> float:
        """Of all there is of it between outside and inside (mm)."""
        return self.thickness * max(1, len(self.hosts))


@frozen
class Stack:
    """All layers of a make, of those ``told`` that some piece may have: what is idle counts for nothing."""

    told: tuple[Layer, ...]
    # Asked for again and again.
    layers: tuple[Layer, ...] = field(init=False, repr=False, compare=False)
    _by_role: Mapping[Role, tuple[Layer, ...]] = field(init=False, repr=False, compare=False)

    def __post_init__(self) -> None:
        object.__setattr__(self, "layers", tuple(layer for layer in self.told if not layer.idle))
        found: dict[Role, tuple[Layer, ...]] = {}
        for layer in self.layers:
            found[layer.role] = (*found.get(layer.role, ()), layer)
        object.__setattr__(self, "_by_role", found)

    def of(self, role: Role) -> Layer | None:
        """The first layer in this role."""
        return next(iter(self.all(role)), None)

    def all(self, role: Role) -> tuple[Layer, ...]:
        """Every layer in this role, outside in."""
        return self._by_role.get(role, ())

    def of_cut(self, cut: Cut) -> Layer:
        """What a piece is cut from."""
        return self.all(cut.role)[cut.nth]

    def without(self, role: Role) -> Stack:
        return Stack(tuple(layer for layer in self.told if layer.role != role))

    def plain(self, role: Role) -> Stack:
        """The same with cloths in this role that have no way up."""
        return Stack(tuple(replace(layer, directional=False) if layer.role == role else layer for layer in self.told))

    def worn(self, roles: Collection[Role]) -> Stack:
        """The same where only layers in these roles are cut: the others are idle."""
        return Stack(tuple(x if x.role in roles else replace(x, rule=Rule("none")) for x in self.told))

    @property
    def inside(self) -> float:
        """Thickness of everything inside the outer cloth (mm): what turn of cloth is reckoned from."""
        return sum((layer.all_thick for layer in self.layers if layer.role in _INSIDE), 0.0)

    @property
    def between(self) -> float:
        """Thickness of what lies between outer and lining (mm)."""
        return sum((layer.all_thick for layer in self.layers if layer.role in BACKING), 0.0)

    @property
    def stretch(self) -> float:
        """The share by which all layers together can be stretched: that of the stiffest of them."""
        worn = [layer.material.stretch for layer in self.layers if layer.role == "outer" or layer.role in _INSIDE]
        return min(worn, default=0.0)

    @property
    def quilting(self) -> dict[Role, float]:
        """How much larger all round each cloth is cut for quilting (mm)."""
        found: dict[Role, float] = {}
        for padding in self.all("padding"):
            for role in ("padding", *padding.hosts) if padding.margin else ():
                found[role] = max(padding.margin, found.get(role, 0.0))
        return found

    @property
    def quilted(self) -> tuple[Layer, ...]:
        """Paddings that are quilted to pieces when these have been cut."""
        return tuple(layer for layer in self.all("padding") if layer.held == "quilted" and not layer.margin)

    @property
    def total(self) -> float:
        """Thickness of everything that is sewn and turned (mm)."""
        return sum(layer.all_thick for layer in self.layers if layer.role == "outer" or layer.role in _INSIDE)
