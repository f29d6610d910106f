"""What the materials themselves allow: heat, metal, washing. The program advises; the makers of the materials decide."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Mapping, Sequence

import shapely

from ..lengths import RoundingWay
from ..materials import BACKING, MATERIALS, Layer, Material, Stack
from ..pattern import Check, Fix, Need, Piece, Role
from ..plane import Segment, flatten
from ..shop import DRAWS_IN, EQUAL, FIRM, HELD_UP, PUCKER
from ..words import Message, Param, Percent, msg

_COOL = ("cool", "never")
# Interfacing is held all over by what it is ironed onto.
_WASHED = ("outer", "lining", "padding")

# What of a make is of metal, rubber or plastic, whoever made it.
_NOT_HEATED = (
    *("eyelet", "snap", "rivet", "ring", "slider", "hook", "frame", "fastener", "zip"),
    *("elastic", "hook-and-loop", "web", "foil"),
)
_BEARS_HEAT = ("plant", "animal")


def cloth_checks(hot: bool, stack: Stack) -> list[Check]:
    """Notes for materials that melt, reflect, pucker when washed together, or, in a form that stands between something ``hot`` and a hand or a
    table, keep less heat than they seem to."""
    found: list[Check] = []
    cool = _names(layer for layer in stack.layers if layer.material.iron in _COOL)
    if cool:
        found.append(_note("cloth.iron", materials=cool))
    metal = _names(layer for layer in stack.layers if layer.material.metal)
    if metal:
        found.append(_note("cloth.metal", materials=metal))
    found += _shrink_check(stack)
    padding = stack.of("padding")
    if hot and (padding is None or not padding.material.heat):
        found.append(Check("cloth.heat", "note", msg("check.cloth-heat"), msg("check.cloth-heat.text")))
    return found


def _shrink_check(stack: Stack) -> list[Check]:
    """Whether a wash draws one layer in more than another: which are washed before they are cut, and which keep what they lose for the make."""
    # Of a maker's own cloth nobody knows how it washes.
    washed = [layer for layer in stack.layers if layer.role in _WASHED and not layer.material.own]
    shrinks = [layer.material.shrink for layer in washed]
    # What is washed first has lost it when it is sewn to what is not.
    left = [0.0 if layer.material.washed_first else layer.material.shrink for layer in washed]
    puckers, still = (bool(some) and max(some) - min(some) > PUCKER + 1e-9 for some in (shrinks, left))
    if not puckers and not still:
        return []
    drawn = [layer for layer in washed if layer.material.shrink > 0]
    first = _names(layer for layer in drawn if layer.material.washed_first)
    later = _names(layer for layer in drawn if still and not layer.material.washed_first)
    when = "both" if first and later else "first" if first else "later"
    if max(shrinks) - min(shrinks) < 1e-9:
        # It is the washing before cutting that makes them differ.
        when = "alike"
    say: dict[str, Param] = {
        "low": Percent(min(shrinks)),
        "high": Percent(max(shrinks)),
        "first": first,
        "later": later,
    }
    return [Check("cloth.shrink", "note", msg("check.cloth-shrink"), msg(f"check.cloth-shrink-{when}.text", **say))]


def heat_checks(stack: Stack, needs: Sequence[Need]) -> list[Check]:
    """For what stands between something hot and a hand or a table: which of its cloths melt, and what on it melts or grows hot itself. Padding that is
    made for heat bears it, and so does plant fibre that only its colour or its pile keeps from a hot iron."""
    found: list[Check] = []
    melts = _names(
        layer
        for layer in stack.layers
        if not layer.material.heat
        and (
            layer.material.iron == "never"
            or (layer.material.iron == "cool" and layer.material.fibre not in _BEARS_HEAT)
        )
    )
    if melts:
        found.append(Check("caution.melts", "warn", msg("check.melts"), msg("check.melts.text", materials=melts)))
    parts = tuple({need.name.id: need.name for need in needs if need.role in _NOT_HEATED}.values())
    if parts:
        found.append(
            Check("caution.hot-parts", "warn", msg("check.hot-parts"), msg("check.hot-parts.text", parts=parts))
        )
    return found


def gather_checks(
    gathered: Iterable[tuple[str, tuple[Segment, ...]]], pieces: Iterable[Piece], stack: Stack
) -> list[Check]:
    """What lies across a line along which a make is drawn together, and is too stiff for that: cloths, and what is held on them."""
    by_id = {piece.id: piece for piece in pieces}
    stiff: list[Layer] = []
    for id, path in gathered:
        piece, line = by_id[id], shapely.LineString([*flatten(path), path[-1].end])
        for cut in piece.cuts:
            layer = stack.of_cut(cut)
            if layer.material.stiff:
                covered = shapely.Polygon(flatten(piece.outline_for(cut))).buffer(-EQUAL)
                stiff += [layer] if covered.intersects(line) else []
    if not stiff:
        return []
    found = _names(stiff)
    text = msg("check.gathers-stiff.text", materials=found)
    if all(layer.role in BACKING for layer in stiff):
        text = msg("check.gathers-stiff.ends", materials=found)
    return [Check("layers.gathers", "warn", msg("check.gathers-stiff"), text)]


def stand_check(stack: Stack, thing: float, wall: float) -> list[Check]:
    """Whether an empty bag's wall (mm high) stands up: by a firm cloth, what lies on it, or a ``thing`` so high in it. Else a stiffener that
    its cloth bears is proposed."""
    outer = stack.of("outer")
    held = thing >= wall * HELD_UP
    backed = any(layer.role in BACKING for layer in stack.layers)
    if outer is None or held or outer.material.kind == "knit":
        return []
    if backed or outer.material.kind == "sheet" or outer.thickness >= FIRM:
        return [Check("layers.stands", "ok", msg("check.stands"), msg("check.stands.text"))]
    found, why = _stiffener(outer.material)
    material = MATERIALS[found].name
    text = msg("check.soft.text", outer=outer.material.name, material=material, why=msg(f"check.soft-{why}"))
    fix = Fix(msg("fix.stiffen", material=material), {"layers.interfacing": found})
    return [Check("layers.stands", "note", msg("check.soft"), text, fix=fix)]


def _stiffener(outer: Material) -> tuple[str, str]:
    """What makes a cloth firmer, and why that: by the iron it bears and how thick it is."""
    fused = [material for material in MATERIALS.values() if material.kind == "interfacing" and material.glue]
    borne = [material for material in fused if material.bears <= outer.bears and material.thickness <= outer.thickness]
    if not borne:
        return "sew-in-interfacing", "sewn"
    return max(borne, key=lambda material: material.thickness).id, "fused"


def microwave_check(stack: Stack, needs: Sequence[Need], thread: bool, trims: bool) -> Check:
    """Whether a make may be called fit for the microwave: every layer of plant fibre without metal and confirmed by the
    maker, nothing on it that is of metal, rubber or plastic, the thread and every other trim confirmed too. Refused in all other cases, whatever was
    confirmed."""
    never = _names(
        layer for layer in stack.layers if layer.material.metal or layer.material.fibre not in ("plant", "unknown")
    )
    never += tuple({need.name.id: need.name for need in needs if need.role in _NOT_HEATED}.values())
    if never:
        text = msg("check.microwave-never.text", materials=never)
        return Check("caution.microwave", "stop", msg("check.microwave-never"), text)
    missing = list(_names(layer for layer in stack.layers if not layer.confirmed))
    missing += [msg("check.microwave.thread")] if not thread else []
    missing += [msg("check.microwave.trims")] if not trims else []
    if missing:
        text = msg("check.microwave-open.text", missing=tuple(missing))
        return Check("caution.microwave", "stop", msg("check.microwave-open"), text)
    return Check("caution.microwave", "note", msg("check.microwave-told"), msg("check.microwave-told.text"))


def _names(layers: Iterable[Layer]) -> tuple[Message, ...]:
    return tuple({layer.material.id: layer.material.name for layer in layers}.values())


def quilting_checks(
    pieces: Iterable[Piece], quilting: Mapping[Role, float], on_mark: Callable[[float, RoundingWay], float]
) -> list[Check]:
    """Whether what is cut over leaves the piece large enough once quilting has drawn it in."""
    if not quilting:
        return []
    margin = quilting["padding"]
    longest = max(
        (max(piece.cut_size) for piece in pieces if any(cut.role == "padding" for cut in piece.cuts)), default=0.0
    )
    drawn = longest * DRAWS_IN
    enough = 2 * margin >= drawn
    words = "check.quilting" if enough else "check.quilting-short"
    text = msg(f"{words}.text", margin=margin, drawn=drawn, longest=longest)
    more = on_mark(drawn, "up")
    fix = None if enough else Fix(msg("fix.quilting", margin=more), {"layers.padding.margin": more})
    return [Check("cloth.quilting", "ok" if enough else "warn", msg(words), text, 2 * margin, drawn, fix)]


def _note(id: str, **say: tuple[Message, ...] | Percent) -> Check:
    words = id.replace(".", "-", 1)
    return Check(id, "note", msg(f"check.{words}"), msg(f"check.{words}.text", **say))


def print_checks(stack: Stack, needs: Sequence[Need], plain: Sequence[Need]) -> list[Check]:
    """Whether a lining with a print or nap that has a way up takes more cloth than a plain one; ``plain`` is what that would take."""
    layer = stack.of("lining")
    if layer is None or not layer.directional:
        return []
    bought = {need.id: need for need in needs}
    more = sum(bought[need.id].buy - need.buy for need in plain if need.role == "lining")
    say: dict[str, Param] = {"material": layer.material.name, "more": more}
    words = "check.lining-nap" if layer.material.nap else "check.lining-print"
    words += "" if more > 0 else "-same"
    return [Check("cloth.lining-print", "note", msg(words, **say), msg(f"{words}.text", **say), more, 0.0)]
