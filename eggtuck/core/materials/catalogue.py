"""Ordinary materials. All values are typical ones; a layer in a spec may give its own thickness and width."""

from __future__ import annotations

from typing import Literal, get_args

from ..frozen import frozen
from ..words import Message, Percent, msg

MaterialKind = Literal["woven", "knit", "sheet", "interfacing", "padding", "mesh"]
Fibre = Literal["plant", "animal", "synthetic", "mixed", "unknown"]
# How hot an iron a cloth bears, the coolest first.
Iron = Literal["never", "cool", "medium", "hot"]
# Whether a fold that is creased can be found again; or is there for good.
Crease = Literal["holds", "stays", "none"]
# Roles that materials are sold for by name.
_BY_KIND = ("interfacing", "padding", "mesh")
_IRONS: tuple[Iron, ...] = get_args(Iron)


@frozen
class Material:
    """``thickness`` and ``width`` in mm. ``ease_in`` is the share of a seam by which a longer edge can
    be eased onto a shorter one; ``shrink`` the share of its length lost in the first wash. ``heat`` is true of
    paddings that keep warm things warm, ``cold`` of those that keep cool things cool, ``metal`` of cloths with metal in them; ``stretch`` is the share by
    which it can be pulled longer across and still spring back. What has ``glue`` on one side is fused: the iron stands ``seconds`` on each place, with
    ``steam`` or dry. A ``crease`` holds till it is pressed out, stays for good, or there is none. What is ``stiff`` does not lie in folds; what has
    a ``nap`` looks another shade turned round, so that it is cut with a way up."""

    id: str
    kind: MaterialKind
    thickness: float
    width: float
    ease_in: float
    frays: bool
    fibre: Fibre
    iron: Iron
    shrink: float = 0.0
    heat: bool = False
    cold: bool = False
    metal: bool = False
    stretch: float = 0.0
    glue: bool = False
    seconds: int = 0
    steam: bool = False
    own: bool = False
    grain: bool = True
    crease: Crease = "holds"
    stiff: bool = False
    nap: bool = False

    @property
    def bears(self) -> int:
        """How hot an iron it bears, to be compared: 0 is none at all."""
        return _IRONS.index(self.iron)

    def sold_for(self, role: str) -> bool:
        """Whether it is sold for a layer in this role: to stiffen, to pad, as mesh, else as a cloth that is seen."""
        return self.kind == role if role in _BY_KIND else self.kind not in _BY_KIND

    @property
    def washed_first(self) -> bool:
        """Whether it is washed before it is measured, if what is made of it will be."""
        return self.kind in ("woven", "knit") and self.iron != "never"

    @classmethod
    def own_named(cls, name: str, thickness: float) -> Material:
        """A cloth the catalogue does not have, by the maker's name for it: taken as an ordinary woven one of which
        nobody has said what it is made of."""
        return cls(name, "woven", thickness, 1100.0, 0.01, True, "unknown", "medium", own=True)

    @property
    def name(self) -> Message:
        return msg("material.own", name=self.id) if self.own else msg(f"material.{self.id}")

    @property
    def facts(self) -> tuple[Message, ...]:
        """What a maker should know of it, in a few words each."""
        told = [msg(f"fibre.{self.fibre}"), msg(f"iron.{self.iron}")]
        if self.shrink:
            told.append(msg("fact.shrinks", share=Percent(self.shrink)))
        if self.stretch:
            told.append(msg("fact.stretches", share=Percent(self.stretch)))
        if self.glue:
            steam = msg("fuse.steam" if self.steam else "fuse.dry")
            told.append(msg("fact.glue", count=self.seconds, steam=steam))
        told += [msg(f"fact.{fact}") for fact in ("metal", "heat", "cold", "frays", "nap") if getattr(self, fact)]
        return tuple(told)


MATERIALS = {
    material.id: material
    for material in (
        Material("quilting-cotton", "woven", 0.3, 1100.0, 0.02, True, "plant", "hot", 0.03),
        Material("calico", "woven", 0.35, 1500.0, 0.02, True, "plant", "hot", 0.05),
        Material("linen", "woven", 0.4, 1400.0, 0.02, True, "plant", "hot", 0.05),
        Material("canvas", "woven", 0.6, 1450.0, 0.01, True, "plant", "hot", 0.04),
        Material("denim", "woven", 0.8, 1450.0, 0.01, True, "plant", "hot", 0.04),
        Material("corduroy", "woven", 0.9, 1450.0, 0.02, True, "plant", "medium", 0.04, nap=True),
        Material("velveteen", "woven", 0.9, 1450.0, 0.02, True, "plant", "cool", 0.03, nap=True),
        Material("terry", "woven", 2.0, 1500.0, 0.03, True, "plant", "hot", 0.06, crease="none"),
        Material("waxed-cotton", "woven", 0.5, 1400.0, 0.005, True, "mixed", "never", crease="stays"),
        Material("oilcloth", "sheet", 0.6, 1400.0, 0.0, False, "mixed", "never", crease="stays"),
        Material("polyester-lining", "woven", 0.15, 1400.0, 0.01, True, "synthetic", "cool"),
        Material("ripstop", "woven", 0.15, 1500.0, 0.0, True, "synthetic", "cool"),
        Material("wool-tweed", "woven", 1.0, 1500.0, 0.04, True, "animal", "medium", 0.03),
        Material("cotton-jersey", "knit", 0.6, 1500.0, 0.06, False, "plant", "hot", 0.06, stretch=0.2),
        Material("fleece", "knit", 2.0, 1500.0, 0.05, False, "synthetic", "cool", stretch=0.1, crease="none", nap=True),
        Material(
            "stretch-sheet",
            "sheet",
            2.0,
            1300.0,
            0.05,
            False,
            "synthetic",
            "never",
            stretch=0.3,
            crease="none",
            stiff=True,
        ),
        Material("wool-felt", "sheet", 2.0, 900.0, 0.01, False, "animal", "medium", 0.03, grain=False, crease="none"),
        Material("craft-felt", "sheet", 1.2, 900.0, 0.01, False, "synthetic", "cool", grain=False, crease="none"),
        Material(
            "leather-like-sheet",
            "sheet",
            1.0,
            1370.0,
            0.0,
            False,
            "synthetic",
            "never",
            grain=False,
            crease="stays",
            stiff=True,
        ),
        Material(
            "cork-sheet", "sheet", 0.8, 1350.0, 0.0, False, "mixed", "cool", grain=False, crease="stays", stiff=True
        ),
        Material("mesh", "mesh", 0.4, 1400.0, 0.01, False, "synthetic", "cool", stretch=0.05),
        Material(
            "light-interfacing", "interfacing", 0.2, 900.0, 0.02, False, "synthetic", "medium", glue=True, seconds=8
        ),
        Material(
            "woven-interfacing",
            "interfacing",
            0.3,
            900.0,
            0.02,
            False,
            "plant",
            "hot",
            0.02,
            glue=True,
            seconds=12,
            steam=True,
        ),
        Material("sew-in-interfacing", "interfacing", 0.3, 900.0, 0.02, False, "plant", "hot", 0.02),
        Material(
            "firm-stabiliser",
            "interfacing",
            1.0,
            500.0,
            0.0,
            False,
            "synthetic",
            "medium",
            glue=True,
            seconds=15,
            steam=True,
            stiff=True,
        ),
        Material("cotton-batting", "padding", 2.5, 1500.0, 0.04, False, "plant", "hot", 0.04, heat=True),
        Material(
            "fusible-batting",
            "padding",
            3.0,
            1100.0,
            0.03,
            False,
            "synthetic",
            "medium",
            heat=True,
            glue=True,
            seconds=15,
            steam=True,
        ),
        Material("wool-batting", "padding", 5.0, 1500.0, 0.05, False, "animal", "medium", 0.03, heat=True),
        Material("polyester-batting", "padding", 6.0, 1500.0, 0.05, False, "synthetic", "cool"),
        Material(
            "reflective-batting",
            "padding",
            3.0,
            1100.0,
            0.02,
            False,
            "synthetic",
            "cool",
            heat=True,
            cold=True,
            metal=True,
        ),
        Material("foil-insulation", "padding", 3.5, 1000.0, 0.0, False, "synthetic", "never", cold=True, metal=True),
        Material("thin-foam", "padding", 3.0, 1500.0, 0.04, False, "synthetic", "cool", cold=True, stiff=True),
    )
}
