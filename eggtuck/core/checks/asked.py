"""What is asked early, because it changes what may be on a make: who will use it, whether it will hold something wet, and what it must keep."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Final

from ..materials import MATERIALS, Stack
from ..pattern import Check, Fix, Need, Piece
from ..words import Message, Param, msg

# What a small child can be caught in, and what it can swallow, by what of a make it is.
_CORDS: Final = ("ribbon", "cord", "elastic", "webbing", "loop", "marker")
_CORD_PIECES: Final = ("strap", "adjustable-strap", "clip-strap", "loop")
_SMALL: Final = ("button", "snap", "eyelet", "rivet", "ring", "slider", "hook", "frame", "fastener")
_METAL: Final = ("eyelet", "snap", "rivet", "ring", "slider", "hook", "frame")
# What is proposed to slow the cooling and the warming.
_KEEPING: Final = {"warm": "cotton-batting", "cold": "thin-foam"}
# Cloths that water runs off or through.
_SHEDS: Final = ("oilcloth", "waxed-cotton", "ripstop", "leather-like-sheet", "stretch-sheet", "mesh")


def child_checks(user: str, needs: Sequence[Need], pieces: Sequence[Piece], filled: bool) -> list[Check]:
    """For a young child: what it could be caught in or swallow, by name, what it is ``filled`` with too. The maker and local law decide."""
    if user != "young-child":
        return []
    found: list[Message] = [msg("child.filling")] if filled else []
    for need in needs:
        if need.role in (*_CORDS, *_SMALL):
            _add(found, need.name)
    for piece in pieces:
        if piece.id.rsplit("-", 1)[0] in _CORD_PIECES or piece.id in ("handle", "collar"):
            _add(found, piece.name)
    if not found:
        return [Check("caution.child", "note", msg("caution.child-none"), msg("caution.child-none.text"))]
    return [Check("caution.child", "warn", msg("caution.child"), msg("caution.child.text", parts=tuple(found)))]


def keep_checks(keeps: str, stack: Stack, *, hot: bool, drawn: bool, heated: bool) -> list[Check]:
    """For something that must stay warm or cold: whether a padding slows that. One is proposed that bears what is ``hot``, lies in folds where a make is
    ``drawn`` together, and has no metal where it is ``heated`` in a microwave oven. No temperature is ever promised."""
    if keeps == "nothing":
        return []
    trait = {"warm": "heat", "cold": "cold"}[keeps]
    promise = Check("caution.keeps", "note", msg("caution.keeps"), msg(f"caution.keeps-{keeps}.text"))
    padding = next((layer for layer in stack.all("padding") if getattr(layer.material, trait)), None)
    if padding is not None:
        say: dict[str, Param] = {"material": padding.material.name}
        return [Check("layers.keeps", "ok", msg(f"keeps.{keeps}", **say), msg(f"keeps.{keeps}.text", **say)), promise]
    usual = MATERIALS[_KEEPING[keeps]]
    fits = (
        m
        for m in (usual, *MATERIALS.values())
        if m.kind == "padding"
        and getattr(m, trait)
        and not ((hot and not m.heat) or (drawn and m.stiff) or (heated and m.metal))
    )
    found = next(fits, None)
    fix = None if found is None else Fix(msg("fix.pad-with", material=found.name), {"layers.padding": found.id})
    title, text = msg(f"keeps.{keeps}-not"), msg(f"keeps.{keeps}-not.text")
    return [Check("layers.keeps", "warn", title, text, fix=fix), promise]


def wet_checks(holds: str, stack: Stack, needs: Sequence[Need], pieces: Sequence[Piece]) -> list[Check]:
    """For something wet: whether a layer sheds water or lets it drain, and whether hardware rusts."""
    if holds != "wet":
        return []
    cut = {cut.role for piece in pieces for cut in piece.cuts}
    sheds = [layer for layer in stack.layers if layer.material.id in _SHEDS and layer.role in cut]
    if sheds:
        text = msg("wet.sheds.text", material=sheds[0].material.name)
        checks = [Check("layers.wet", "ok", msg("wet.sheds"), text)]
    else:
        checks = [Check("layers.wet", "warn", msg("wet.soaks"), msg("wet.soaks.text"))]
    metal: list[Message] = []
    for need in needs:
        if need.role in _METAL:
            _add(metal, need.name)
    if metal:
        checks.append(Check("layers.rust", "note", msg("wet.rust"), msg("wet.rust.text", parts=tuple(metal))))
    return checks


def _add(found: list[Message], name: Message) -> None:
    if name not in found:
        found.append(name)
