"""Whether what is worked on a face suits what the make is for and the cloth it is worked on."""

from __future__ import annotations

from ...drafting.make import Make
from ...drafting.parts import PartRequest
from ...materials import Material
from ...pattern import Check, Fix, Role, Verdict
from ...words import Param, msg

# What is pressed hot to hold: fused, set, or stuck on.
HEATED = ("applique", "paint", "foil")
# What lies on the cloth and may melt, scorch or lift where something hot is held.
ON_TOP = ("applique", "felt", "lace", "paint", "foil")
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


def surface_checks(make: Make, request: PartRequest, work: str) -> list[Check]:
    """What speaks against this work here, each with another that does as well; nothing where nothing does."""
    found: list[Check] = []
    cloth = host_material(make)
    heated = make.spec.options.get("use") == "microwave"
    if work == "foil" and heated:
        found.append(_check(request, "metal", "stop", "embroidery"))
    elif make.spec.traits.hot and work in ON_TOP:
        found.append(
            _check(request, "hot", "warn", "embroidery" if "embroidery" in request.kind.choices["work"] else "stitches")
        )
    if make.host.id in make.laid and work not in ("paint", "foil"):
        says: dict[str, Param] = {"part": msg(f"part.{request.kind.id}"), "piece": make.host.name}
        words = "check.surface-through"
        found.append(Check(f"part.{request.id}.through", "note", msg(words, **says), msg(f"{words}.text", **says)))
    if cloth is None:
        return found
    if work in HEATED and cloth.iron in ("never", "cool"):
        found.append(_check(request, "no-iron", "warn", "felt", material=cloth.name))
    elif work in ("paint", "foil", "embroidery") and cloth.id in _PILE:
        found.append(_check(request, "pile", "warn", "applique", material=cloth.name))
    return found


def _check(request: PartRequest, kind: str, verdict: Verdict, instead: str, **say: Param) -> Check:
    says: dict[str, Param] = {
        "part": msg(f"part.{request.kind.id}"),
        "work": msg(f"work.{request.choices['work']}"),
        **say,
    }
    fix = Fix(msg("fix.work", work=msg(f"work.{instead}")), {request.field("work"): instead})
    title, text = msg(f"check.surface-{kind}", **says), msg(f"check.surface-{kind}.text", **says)
    return Check(f"part.{request.id}.{kind}", verdict, title, text, fix=fix)
