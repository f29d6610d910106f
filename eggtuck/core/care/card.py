"""What a care card says of a make: what it is made of, how it is washed, ironed and dried, what heat it bears, and what to beware of."""

from __future__ import annotations

from collections.abc import Iterator, Sequence

from ..frozen import frozen
from ..materials import MATERIALS, Material
from ..pattern import Draft, Role
from ..pattern.lay import Lay
from ..words import Message, Percent, msg

# Notions of metal that rust, and what colour or foil is held on with.
_RUSTS = ("frame", "rivet", "snap", "eyelet", "ring", "slider", "hook")
_DELICATE = ("paint", "foil")
# What is told to whoever uses it, by what a caution is called; cautions for whoever sews it stay with the steps.
_GOES_ALONG = {
    "caution.fragile": "fragile",
    "caution.ribbon": "ribbon",
    "caution.cords": "ribbon",
    "caution.filling": "filling",
    "caution.small-parts": "small-parts",
    "caution.handle": "handle",
    "caution.child": "child",
    "caution.keeps": "keeps",
}


@frozen
class MadeOf:
    """A cloth of the make: for which role, what it is called, and of which fibre."""

    role: Role
    material: Message
    fibre: Message


@frozen
class CareCard:
    """Everything on a care card, each a sentence of its own."""

    made_of: tuple[MadeOf, ...]
    besides: tuple[Message, ...]
    care: tuple[Message, ...]
    heat: Message
    cautions: tuple[Message, ...]


def care_of(draft: Draft) -> CareCard:
    """What is known of how a make is looked after; what nobody has told of is treated as the most delicate."""
    cloths = list(_cloths(draft.lays))
    materials = [material for _, material in cloths]
    made_of = tuple(MadeOf(lay.role, lay.material, msg(f"fibre.{material.fibre}")) for lay, material in cloths)
    notions = (need.name for need in draft.needs if need.width is None and need.role != "thread")
    besides = tuple({name.id: name for name in notions}.values())
    kinds = dict.fromkeys(_GOES_ALONG[check.title.id] for check in draft.checks if check.title.id in _GOES_ALONG)
    cautions = tuple(msg(f"care.caution-{kind}") for kind in kinds)
    care = (_wash(draft, materials), *_shrinks(materials), _iron(draft, materials), _dry(materials))
    return CareCard(made_of, besides, care, _heat(draft, materials), cautions)


def _cloths(lays: Sequence[Lay]) -> Iterator[tuple[Lay, Material]]:
    """Each cloth with what is known of it; of a maker's own nothing is."""
    told: set[tuple[str, str]] = set()
    for lay in lays:
        if (lay.role, lay.cloth) not in told:
            told.add((lay.role, lay.cloth))
            yield lay, MATERIALS.get(lay.cloth) or Material.own_named(lay.cloth, 0.0)


def _wash(draft: Draft, materials: Sequence[Material]) -> Message:
    """The gentlest of what its parts ask for."""
    roles = {need.role for need in draft.needs}
    if draft.finished.get("fill_grams"):
        return msg("care.wash-filled")
    if any(material.bears == 0 or material.metal for material in materials):
        return msg("care.wash-wipe")
    if roles & set(_RUSTS):
        return msg("care.wash-metal")
    if roles & set(_DELICATE):
        return msg("care.wash-worked")
    if any(material.own for material in materials):
        return msg("care.wash-unknown")
    if any(material.fibre == "animal" for material in materials):
        return msg("care.wash-hand")
    if all(material.fibre == "plant" for material in materials):
        return msg("care.wash-plant")
    return msg("care.wash-gentle")


def _shrinks(materials: Sequence[Material]) -> Iterator[Message]:
    most = max((material.shrink for material in materials), default=0.0)
    if most:
        yield msg("care.shrinks", share=Percent(most))


def _iron(draft: Draft, materials: Sequence[Material]) -> Message:
    """As hot as the most delicate of it bears."""
    if any(material.own for material in materials):
        return msg("care.iron-unknown")
    coolest = min(materials, key=lambda material: material.bears, default=None)
    if coolest is None or coolest.bears == 0:
        return msg("care.iron-never")
    worked = {need.role for need in draft.needs} & {*_DELICATE, "web"}
    return msg("care.iron-worked" if worked else "care.iron", iron=msg(f"iron.{coolest.iron}"))


def _dry(materials: Sequence[Material]) -> Message:
    thick = any(material.kind == "padding" for material in materials)
    return msg("care.dry-padded" if thick else "care.dry")


def _heat(draft: Draft, materials: Sequence[Material]) -> Message:
    """No oven, and no microwave oven but for what has been made sure of for it."""
    if any(check.title.id == "check.microwave-told" for check in draft.checks):
        return msg("care.heat-microwave")
    return msg(
        "care.heat-metal" if any(material.metal for material in materials) or _hardware(draft) else "care.heat-none"
    )


def _hardware(draft: Draft) -> bool:
    """Whether something of metal is on it."""
    return any(need.role in _RUSTS for need in draft.needs)
