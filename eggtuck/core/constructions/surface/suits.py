"""Whether what is worked on a face suits what the make is for and the cloth it is worked on."""

from __future__ import annotations

from collections.abc import Iterator

from ...drafting.make import Make
from ...drafting.parts import PartRequest
from ...materials import Material
from ...pattern import Check, Fix, Role
from ...words import Param, msg

# What is pressed hot to hold: fused, set, or stuck on.
HEATED = ("applique", "paint", "foil")
# What lies on the cloth and may melt, scorch or lift where something hot is held.
ON_TOP = ("applique", "felt", "lace", "paint", "foil")
# What is sewn or fused on lies over the cloth, and has limbs that have to be held along both edges.
LAID_ON = ("applique", "felt", "lace")
# What is worked otherwise where something speaks against it, the likest first.
_INSTEAD = {
    "metal": ("embroidery", "stitches"),
    "hot": ("embroidery", "stitches"),
    "thin": ("embroidery", "stitches"),
    "no-iron": ("felt", "embroidery"),
    "pile": ("applique", "felt"),
}
# Cloths on whose pile or loops no fine line shows.
_PILE = ("terry", "velveteen", "corduroy", "fleece")


def host_cloth(make: Make) -> Role | None:
    """The cloth of the piece it goes on; None where that is sewn up from others."""
    return make.host_role or next(iter(make.host.own_cloths), None)


def host_material(make: Make) -> Material | None:
    """What that is of; of a pieced top, the outer."""
    layer = make.spec.stack.of(host_cloth(make) or "outer")
    return None if layer is None else layer.material


def bears_iron(make: Make) -> bool:
    """Whether every cloth of the piece it goes on may be ironed."""
    return all(layer.material.iron != "never" for role in make.host.own_cloths for layer in make.spec.stack.all(role))


def drawn_by(cloth: Material | None) -> str:
    """What a line to stitch along is drawn with on the right side: a ``pen`` that washes out, or chalk where water runs off; on ``paper`` that is stitched
    through where a pen would stay or no line would show."""
    if cloth is None:
        return "pen"
    if cloth.kind in ("sheet", "mesh") or cloth.id in _PILE:
        return "paper"
    return "chalk" if cloth.iron == "never" else "pen"


def surface_checks(make: Make, request: PartRequest, work: str, thin: bool = False) -> list[Check]:
    """What speaks against this work here, each with another that does as well; nothing where nothing does. That the figure is too ``thin`` to be
    laid on is told by what measures it."""
    found = [
        _check(make, request, kind, _instead(make, request, kind, work, thin))
        for kind in _against(make, request, work, thin)
        if kind != "thin"
    ]
    if make.host.id in make.laid and work not in ("paint", "foil"):
        says: dict[str, Param] = {"part": msg(f"part.{request.kind.id}"), "piece": make.host.name}
        words = "check.surface-through"
        found.append(Check(f"part.{request.id}.through", "note", msg(words, **says), msg(f"{words}.text", **says)))
    return found


def stitched_instead(make: Make, request: PartRequest, work: str) -> str | None:
    """The work by which a figure that is too thin to be laid on is made; None where something speaks against that."""
    return _instead(make, request, "thin", work, True)


def _instead(make: Make, request: PartRequest, kind: str, work: str, thin: bool) -> str | None:
    """Another work, which ``kind`` does not speak against, nor anything that does not speak against this one."""
    rest = set(_against(make, request, work, thin)) - {kind}
    others = (other for other in _INSTEAD[kind] if other in request.kind.choices["work"])
    return next((other for other in others if set(_against(make, request, other, thin)) <= rest), None)


def _against(make: Make, request: PartRequest, work: str, thin: bool) -> Iterator[str]:
    """Each thing that speaks against a work here."""
    if work == "foil" and make.spec.options.get("use") == "microwave":
        yield "metal"
    elif make.spec.traits.hot and work in ON_TOP:
        yield "hot"
    if thin and work in LAID_ON:
        yield "thin"
    cloth = host_material(make)
    if cloth is None:
        return
    if work in HEATED and cloth.iron in ("never", "cool"):
        yield "no-iron"
    elif work in ("paint", "foil", "embroidery") and cloth.id in _PILE:
        yield "pile"


def fix_of_work(request: PartRequest, work: str) -> Fix:
    """The button that works it so."""
    return Fix(msg("fix.work", work=msg(f"work.{work}")), {request.field("work"): work})


def _check(make: Make, request: PartRequest, kind: str, instead: str | None) -> Check:
    cloth = host_material(make)
    says: dict[str, Param] = {"part": msg(f"part.{request.kind.id}"), "work": msg(f"work.{request.choices['work']}")}
    if cloth is not None:
        says["material"] = cloth.name
    fix = None if instead is None else fix_of_work(request, instead)
    title, text = msg(f"check.surface-{kind}", **says), msg(f"check.surface-{kind}.text", **says)
    return Check(f"part.{request.id}.{kind}", "stop" if kind == "metal" else "warn", title, text, fix=fix)
