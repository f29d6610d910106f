"""Checks that every make carries: what is open, what is not used, what is too wide."""

from __future__ import annotations

import math
from collections import Counter
from collections.abc import Mapping, Sequence

from ..lay.laying import NarrowError, check_joins, strips_needed
from ..lengths import Grid
from ..materials import BACKING
from ..objects import KINDS
from ..pattern import Check, Fix, InputState, Need, Piece, Role, Seam, SpecError
from ..shop import GRADED, JOIN_LEAST, SELVEDGE, WIDE_ALLOWANCE
from ..words import Param, Thickness, msg
from .asking import allowance_name, habit_of
from .spec import Spec


def assumed_checks(spec: Spec, states: Sequence[InputState], more: bool) -> list[Check]:
    """What is open because nobody has told or measured it: allowances, of edges and of what ``more`` is sewn; the measures of a preset
    thing."""
    found = []
    kinds = [state for state in states if state.field.startswith("allowance.") and state.field != "allowance.default"]
    # A lining's own that nobody told follow the others.
    kinds = [state for state in kinds if state.given or not state.field.startswith("allowance.lining-")]
    open_now = [msg(f"input.{state.field}") for state in kinds if state.assumed]
    if more and "allowance.default" not in spec.typed:
        open_now.append(msg("input.allowance.else"))
    if open_now:
        usual = spec.seam_allowance("default")
        words = "check.allowance-assumed" + ("" if len(open_now) == len(kinds) + more else "-some")
        text = msg(f"{words}.text", allowance=usual, edges=tuple(open_now))
        found.append(Check("allowance.assumed", "note", msg("check.allowance-assumed"), text, usual))
    thing = spec.thing.own or spec.thing if spec.thing else None
    if thing is not None and thing.assumed:
        names = tuple(m.label for m in KINDS[thing.kind].measures if m.name in thing.assumed)
        text = msg("check.object-assumed.text", measures=names)
        fix = Fix(msg("fix.measured"), {"object.assumed": ""})
        found.append(Check("object.assumed", "warn", msg("check.object-assumed"), text, float(len(names)), 0.0, fix))
    return found


def thick_check(spec: Spec, seams: Sequence[tuple[Seam, float]]) -> list[Check]:
    """Whether the seams through a thick stack are sewn at an allowance the foot can stand on; it is trimmed when they are sewn."""
    narrow = [(seam, thick) for seam, thick in seams if seam.allowance < 2 * GRADED - 1e-6]
    if not narrow:
        return []
    seam, thick = max(narrow, key=lambda pair: pair[1])
    wide = spec.on_mark(spec.ruler.usual(WIDE_ALLOWANCE))
    say: dict[str, Param] = {"seam": seam.name, "thick": Thickness(thick), "allowance": seam.allowance, "wide": wide}
    # An allowance of its own would keep such a seam narrow: it follows the others again.
    tight = [seam.allowance for seam, _ in narrow]
    told = [key for key, mm in spec.allowance.items() if key != "default" and any(abs(mm - t) < 1e-6 for t in tight)]
    changes: dict[str, float | str] = {"allowance.default": wide} | {f"allowance.{key}": "" for key in told}
    fix = Fix(msg("fix.thick-seams", allowance=wide), changes)
    text = msg("check.thick-seams.text", **say)
    return [Check("allowance.thick", "note", msg("check.thick-seams"), text, seam.allowance, 2 * float(GRADED), fix)]


def unused_layers(spec: Spec, pieces: Sequence[Piece], needs: Sequence[Need]) -> list[Check]:
    """A layer of which nothing in this make is cut, by its name."""
    cut = {c.role for piece in pieces for c in piece.cuts}
    found: list[Check] = []
    for layer in spec.stack.told:
        if layer.idle or layer.role not in cut:
            # The button takes away all there is in the role.
            alone = all(other.idle for other in spec.stack.told if other.role == layer.role) or layer.role not in cut
            say: dict[str, Param] = {"role": msg(f"role.{layer.role}"), "material": layer.material.name}
            # What lies on a cloth needs no part that takes it, only to be cut.
            text = msg("check.layer-unused.text", **say, lies="yes" if layer.role in BACKING else "no")
            fix = Fix(msg("fix.drop-layer", **say), {f"layers.{layer.role}": ""}) if alone else None
            title = msg("check.layer-unused", **say)
            id = f"layers.unused.{layer.role}"
            again = sum(other.id.startswith(id) for other in found)
            found.append(Check(f"{id}.{again + 1}" if again else id, "warn", title, text, fix=fix))
    return found


def wide_checks(spec: Spec, pieces: Sequence[Piece]) -> list[Check]:
    """A piece that is wider than its cloth whichever way it is laid, and cannot be joined as a strip is."""
    found = []
    for piece in pieces:
        for cut in piece.cuts:
            layers = spec.stack.all(cut.role)
            layer = layers[cut.nth] if cut.nth < len(layers) else None
            if layer is None or piece.join_loss is not None:
                continue
            width, height = piece.size_for(cut)
            across = min(width, height) if layer.turns else width
            room = layer.width - 2 * SELVEDGE
            if across <= room + 1e-6:
                continue
            say: dict[str, Param] = {"piece": piece.name, "letter": piece.letter, "across": across, "room": room}
            allowance = spec.seam_allowance("default")
            count = strips_needed(across, layer.width, lost_in_join(spec))
            say |= {"material": layer.material.name, "count": count, "allowance": allowance}
            text = msg("check.wide.text", **say)
            # Cloth as wide as it takes, if there is any.
            id = f"cloth.wide.{piece.id}.{cut.role}"
            found.append(Check(id, "warn", msg("check.wide", **say), text, across, room))
    return found


def lost_in_join(spec: Spec) -> float:
    """What a join of a piece that is wider than its cloth takes (mm)."""
    return 2 * spec.seam_allowance("default")


def require_joins(spec: Spec, pieces: Sequence[Piece], quilting: Mapping[Role, float]) -> None:
    """Raises `SpecError` at the width of a cloth that is too narrow to be joined to what is cut of it, each cut larger by ``quilting`` (mm)."""
    counted = Counter[Role]()
    for at, layer in enumerate(spec.stack.told):
        if layer.idle:
            continue
        nth, counted[layer.role] = counted[layer.role], counted[layer.role] + 1
        try:
            check_joins(pieces, layer, nth, quilting.get(layer.role, 0.0), lost_in_join(spec), Grid(spec.step))
        except NarrowError as error:
            piece = next(piece for piece in pieces if piece.id == error.piece)
            room = layer.width - 2 * SELVEDGE
            say: dict[str, Param] = {"material": layer.material.name, "piece": piece.name, "letter": piece.letter}
            say |= {"lost": error.lost, "room": room}
            low = spec.least(error.lost + JOIN_LEAST + 2 * SELVEDGE)
            raise SpecError.of(f"layers.{at}.width", msg("problem.cloth-narrow", **say, low=low)) from error


def pattern_check(spec: Spec, pieces: Sequence[Piece]) -> list[Check]:
    """The pieces whose cut width or height lies between two marks of the maker's ruler: nobody measures them off."""
    if spec.options.get("sized") == "blank":
        # What is measured is the blank that their corners are cut out of.
        return []
    off = [p for p in pieces if not all(spec.grid.shows(mm) for cut in p.cuts for mm in p.size_for(cut))]
    if not off:
        return []
    named = tuple(msg("check.curved.item", piece=piece.name, letter=piece.letter) for piece in off)
    text = msg("check.curved.text", pieces=named)
    return [Check("cut.pattern", "note", msg("check.curved"), text, float(len(off)), 0.0)]


def slack_checks(spec: Spec, finished: Mapping[str, float | None], inside: float) -> list[Check]:
    """For each of several things in one make: the room round it and above it."""
    girth, wall = finished.get("girth"), finished.get("wall_height")
    if spec.thing is None or girth is None or not spec.also:
        return []
    found: list[Check] = []
    own = spec.thing.own or spec.thing
    called = spec.understood.get("object", {}).get("name") or KINDS[own.kind].label
    for name, thing in ((called, own), *spec.also):
        room = girth - 2 * math.pi * inside - thing.girth
        grade, verdict = habit_of(spec).grade(room / thing.girth)
        above = (wall or thing.height) - thing.height
        words = "fit.also-less" if room < 0 else "fit.also" if above >= 0 else "fit.also-proud"
        text = msg(f"{words}.text", room=abs(room), above=abs(above))
        title = msg("fit.also", name=name, grade=msg(f"fit.{grade}"))
        place = f"also.{len(found) - 1}" if found else "own"
        found.append(Check(f"fit.{place}", verdict, title, text, room, 0.0))
    return found


def idle_options(spec: Spec, flat_lined: bool, gap: bool) -> set[str]:
    """Options of layers that this make does not have: how much smaller a lining is where there is none or nothing lies between, and where
    the gap is without one."""
    lining = spec.stack.of("lining") is not None and not flat_lined
    return {
        *(() if spec.stack.of("lining") is not None else ("joined",)),
        *(() if lining and spec.stack.between > 0 else ("lining",)),
        *(() if gap else ("gap_place", "closing", "assembly")),
        # What shows on both sides is closed by hand.
        *(("closing",) if spec.options.get("shows") == "both" else ()),
    }


def unused_allowances(spec: Spec, keys: Sequence[str], own: Sequence[str]) -> list[Check]:
    """A note for allowances given for kinds of edges the make does not have."""
    known = {"default", *keys, *own}
    unused = tuple(allowance_name(key) for key in spec.allowance if key not in known)
    if not unused:
        return []
    return [Check("allowance.unused", "note", msg("check.unused"), msg("check.unused.text", edges=unused))]
