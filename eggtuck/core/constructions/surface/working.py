"""The steps by which a motif is worked, each way of working it."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Any, Final

from shapely.geometry.base import BaseGeometry

from ...drafting.make import Make
from ...drafting.parts import PartRequest
from ...making import Look, Order
from ...shop import (
    DRIES,
    EMBROIDERED,
    FILLED,
    FOIL_COOLS,
    GLUE_TACKY,
    OPEN_ZIGZAG,
    PAINT_DRIES,
    SATIN_LONG,
    SATIN_WIDE,
    STITCH,
    SURFACE_PACE,
)
from ...words import Message, Param, msg
from .figures import outline_length
from .suits import bears_iron, drawn_by, host_material


def on_host(make: Make) -> dict[str, Any]:
    """The one copy it is worked on."""
    return {"pieces": (make.host.id,), "single": make.on_one, "layer": make.host_role}


def sew_on(
    make: Make,
    order: Order,
    id: str,
    words: str,
    minutes: float,
    say: dict[str, Param],
    stitch: float,
    *,
    also: Sequence[str] = (),
    hems: Sequence[str] = (),
    why: Message | None = None,
    press: Message | None = None,
) -> None:
    """Sews something down on its host, with what is ``also`` taken in hand."""
    host = on_host(make)
    host["press"] = press
    host["pieces"] = (*also, *host["pieces"])
    check, why = msg(f"step.{words}.check", **say), why or msg(f"step.{words}.why")
    minutes = max(3.0, minutes)
    order.add(id, "sew", minutes, words, say=say, stitch=stitch, hems=tuple(hems), check=check, why=why, **host)


def _applique(make: Make, request: PartRequest, order: Order, shape: BaseGeometry, say: dict[str, Param]) -> None:
    id, count, own = request.id, request.count, (request.id,)
    look = Look(msg("step.motif-web.check", **say), causes=(msg("cause.web"),), remedy=msg("remedy.web"))
    dry, why = msg("caution.iron"), msg("step.motif-web.why")
    order.add(
        f"{id}-web",
        "prepare",
        8 * count,
        "motif-web",
        say=say,
        pieces=own,
        check=look,
        why=why,
        caution=dry,
        irons="hot",
    )
    host = (*own, make.host.id)
    fused = Look(msg("step.motif-fused.check", **say), causes=(msg("cause.web"),), remedy=msg("remedy.web"))
    order.add(
        f"{id}-fused",
        "press",
        3 * count,
        "motif-fused",
        say=say,
        pieces=host,
        single=make.on_one,
        layer=make.host_role,
        rests=float(FOIL_COOLS),
        check=fused,
        caution=dry,
        irons="hot",
    )
    wide, long = make.spec.ruler.stitch(SATIN_WIDE), make.spec.ruler.stitch(SATIN_LONG)
    say = {**say, "wide": wide, "long": long, "deep": float(SATIN_WIDE)}
    minutes = count * outline_length(shape) / SURFACE_PACE
    sew_on(make, order, f"{id}-sewn", "motif-satin", minutes, say, float(SATIN_LONG), hems=(f"{id}-edges",))


def _felt(make: Make, request: PartRequest, order: Order, shape: BaseGeometry, say: dict[str, Param]) -> None:
    say = {**say, "edge": make.edge_stitch}
    minutes = request.count * (5 + outline_length(shape) / SURFACE_PACE)
    sew_on(make, order, request.id, "motif-felt", minutes, say, float(STITCH))


def _lace(make: Make, request: PartRequest, order: Order, shape: BaseGeometry, say: dict[str, Param]) -> None:
    minutes = request.count * (6 + outline_length(shape) / SURFACE_PACE)
    sew_on(make, order, request.id, "motif-lace", minutes, say, float(OPEN_ZIGZAG))


def _embroidery(make: Make, request: PartRequest, order: Order, shape: BaseGeometry, say: dict[str, Param]) -> None:
    id, host = request.id, on_host(make)
    say = {**say, "drawn": drawn_by(host_material(make))}
    minutes = 10 + request.count * (outline_length(shape) / EMBROIDERED + shape.area / FILLED)
    check, why = msg("step.motif-embroidery.check", **say), msg("step.motif-embroidery.why")
    stitches = ("back",)
    order.add(
        id, "sew", minutes, "motif-embroidery", say=say, check=check, why=why, hand=True, stitches=stitches, **host
    )
    if say["drawn"] == "pen":
        rinsed = msg("step.motif-rinse.check", **say)
        order.add(f"{id}-rinse", "prepare", 5, "motif-rinse", say=say, rests=float(DRIES), check=rinsed, **host)
    if bears_iron(make):
        pressed = msg("step.motif-press.check", **say)
        order.add(f"{id}-press", "press", 4, "motif-press", say=say, irons=True, check=pressed, **host)


def _paint(make: Make, request: PartRequest, order: Order, shape: BaseGeometry, say: dict[str, Param]) -> None:
    id, host = request.id, on_host(make)
    minutes = 10 + 5 * request.count + outline_length(shape) / SURFACE_PACE
    check, why, caution = msg("step.motif-paint.check", **say), msg("step.motif-paint.why"), msg("caution.paint")
    rests = float(PAINT_DRIES)
    order.add(
        id, "prepare", minutes, "motif-paint", say=say, check=check, why=why, caution=caution, rests=rests, **host
    )
    order.add(
        f"{id}-set",
        "press",
        5 * request.count,
        "motif-paint-set",
        say=say,
        irons="hot",
        caution=msg("caution.iron"),
        check=msg("step.motif-paint-set.check", **say),
        guards=msg("surface.guard", figure=say["figure"], piece=say["piece"], letter=say["letter"]),
        **host,
    )


def _foil(make: Make, request: PartRequest, order: Order, shape: BaseGeometry, say: dict[str, Param]) -> None:
    id, host = request.id, on_host(make)
    minutes = 10 + 5 * request.count + outline_length(shape) / SURFACE_PACE
    check, caution = msg("step.motif-glue.check", **say), msg("caution.paint")
    order.add(
        f"{id}-glue",
        "prepare",
        minutes,
        "motif-glue",
        say=say,
        check=check,
        caution=caution,
        rests=float(GLUE_TACKY),
        **host,
    )
    iron = msg("caution.iron")
    order.add(
        f"{id}-foil", "press", 4, "motif-foil", say=say, irons="hot", caution=iron, rests=float(FOIL_COOLS), **host
    )
    order.add(
        f"{id}-peel",
        "prepare",
        3,
        "motif-peel",
        say=say,
        check=Look(msg("step.motif-peel.check", **say), causes=(msg("cause.foil"),), remedy=msg("remedy.foil")),
        guards=msg("surface.guard", figure=say["figure"], piece=say["piece"], letter=say["letter"]),
        **host,
    )


STEPS: Final = {
    "applique": _applique,
    "felt": _felt,
    "lace": _lace,
    "embroidery": _embroidery,
    "paint": _paint,
    "foil": _foil,
}
