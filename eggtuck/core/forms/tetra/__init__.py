"""The tetrahedron pouch: a tube closed flat at one end and at right angles to that at the other."""

from __future__ import annotations

import math

from ...constructions.frames import add_casing, casing_length, mouth_for
from ...constructions.shared import LINED_LAYERS, edges_check, lining_check
from ...constructions.zips import ask_zip, edge_for_zip
from ...drafting.description import Form
from ...drafting.holding import tell_room
from ...drafting.make import Make
from ...drafting.reads import Chosen, Reads
from ...drafting.spec import Spec
from ...fit.in_tetra import ball_across, least_reach, room_for
from ...fit.room import tetra_room
from ...moves.carried import Loop, band
from ...objects import Thing
from ...pattern import Chain, Check, Draft, Fix, SpecError
from ...pattern.solid import Point3
from ...words import Param, Thickness, msg
from .asks import ALLOWANCES, INPUTS, LACKS, OPTIONS
from .hanger import hang_loop
from .making import add_steps
from .pieces import add_panels, add_whole, place_end_zip, place_face_zip
from .seams import add_seams
from .solid import draw_solid


def draft_tetra(spec: Spec) -> Draft:
    """A tube ``w`` wide when flat and ``h`` high: edges ``w`` twice and ``sqrt(h^2 + w^2/4)`` four times, ``H =
    sqrt(h^2 - w^2/4)`` between the ``w`` edges. Raises `SpecError`."""
    make = Make(spec, INPUTS, ALLOWANCES, OPTIONS)
    mouth, end = make.option("mouth"), make.allowance("end")
    make.lacks(*LACKS[mouth])
    z = ask_zip(make) if mouth != "spring-frame" else 0.0
    if mouth == "zip-face":
        w = make.ask("width", _for_thing(make), added=2 * make.allowance("zip") - z, share=2)
    else:
        wide = _for_thing(make)
        if wide is None and mouth == "spring-frame":
            wide = mouth_for(make)
        elif wide is None and mouth == "zip-end":
            wide = edge_for_zip(make)
        w = make.ask("width", wide, added=2 * make.allowance("side"))
    added = {"zip-end": make.allowance("zip") + end - z / 2, "zip-face": 2 * end}
    h = make.ask("height", w * math.sqrt(3) / 2, added=added.get(mouth, make.allowance("mouth") + end))
    if h <= w / 2 + 0.5:
        raise SpecError.of("size.height", msg("problem.tetra-flat", height=h, low=spec.least(w / 2 + 0.5)))
    if z >= min(w / 2, h):
        raise SpecError.of("size.zip_width", msg("problem.zip-wide", z=z, high=spec.most(min(w / 2, h))))
    slant, depth = math.hypot(h, w / 2), math.sqrt(h * h - w * w / 4)
    make.size("edge_end", w)
    make.size("edge_side", Chain.start(msg("sum.tetra-slant", height=h, half=w / 2), slant))
    make.size("depth", Chain.start(msg("sum.tetra-depth", height=h, half=w / 2), depth))
    make.finished["girth"] = 2 * w
    make.size("ball", ball_across(w, h))
    make.finished["volume"] = w * w * depth / 6 / 1000
    t = make.turn
    if t and (h - t <= (w - math.pi * t) / 2 + 1 or w - math.pi * t < 15):
        raise SpecError.of("options.lining", msg("problem.lining-vanishes", thickness=Thickness(t)))
    casing = casing_length(make, w) if mouth == "spring-frame" else w
    shell = {"zip-end": add_panels, "zip-face": add_whole, "spring-frame": add_panels}[mouth]
    shell(make, "", w, h, z, casing)
    inner, high = w, h
    if t:
        # A tube hanging inside is narrower by half the turn of cloth when flat, and shorter at its closed end.
        sides, zips = 2 * make.allowance("side", lining=True), make.allowance("zip", lining=True)
        if mouth == "zip-face":
            inner = spec.grid.round(2 * (w - math.pi * t) - z + 2 * zips) / 2 + z / 2 - zips
        else:
            inner = spec.grid.round(w - math.pi * t + sides) - sides
        high = spec.grid.round(h - t + added.get(mouth, make.allowance("mouth") + end)) - added.get(
            mouth, make.allowance("mouth") + end
        )
    if make.apart:
        shell(make, "-lining", inner, high, z, min(casing, inner - 2.0) if t else casing)
    zipper = None
    if mouth == "zip-face":
        zipper = place_face_zip(make, h, z)
    elif mouth == "zip-end":
        zipper = place_end_zip(make, w, z)
    else:
        add_casing(make, w, casing)
        make.carry("casing", lambda _: _framed(make))
    add_seams(make, mouth, zipper)
    if zipper is not None:
        hang_loop(make, mouth)
    if make.hung:
        name = "lining-end" if make.apart else "end"
        seam = next(s for s in make.seams if s.id == name)
        make.gap(seam, (seam.a[-1], seam.b[-1]), 2 * w)
    _holds(make, w, h)
    tell_room(make, lambda grown: tetra_room(w * grown, h * grown, spec.stack.inside), "closed", ("width", "height"))
    _regular(make, w, h, slant)
    lining_check(make, make.finished["girth"] or 0.0)
    edges_check(make)
    make.draw(draw_solid, mouth, w, h, z, depth)
    add_steps(make, mouth)
    return make.draft(girth=w)


def _box(thing: Thing) -> tuple[float, float, float]:
    """The thing's sides (mm)."""
    return thing.base_width, thing.base_depth, thing.height


def _for_thing(make: Make) -> Chain | None:
    """The width of a regular pouch that just holds the spec's ball or box, with a tenth to spare."""
    thing, inside = make.spec.thing, make.spec.stack.inside
    if thing is None:
        return None
    # In a regular pouch of width 1 the ball has this diameter, and boxes this room.
    unit = math.sqrt(3) / 2
    if thing.kind == "ball":
        chain = Chain.start(msg("sum.ball-width"), (thing.height + 2 * inside) / ball_across(1.0, unit))
    else:
        # Every face moves in by the layers: four times their thickness is gone from what the reaches may add up to.
        wide = (least_reach(1.0, unit, _box(thing)) + 4 * inside) / room_for(1.0, unit)
        chain = Chain.start(msg("sum.box-width"), wide)
    return chain.times(msg("sum.a-tenth-more"), 1.1)


def _holds(make: Make, w: float, h: float) -> None:
    """Whether the spec's ball or box goes in."""
    thing, inside = make.spec.thing, make.spec.stack.inside
    if thing is None:
        return
    if thing.kind == "ball":
        room = ball_across(w, h) - 2 * inside - thing.height
    else:
        room = room_for(w, h) - 4 * inside - least_reach(w, h, _box(thing))
    fits = room >= -1e-6
    needed = _for_thing(make)
    assert needed is not None
    # A face that moves on to its mark moves the room with it: both a mark wider.
    wide = make.spec.on_mark(needed.total, "up")
    wider = {"size.width": wide, "size.height": make.spec.on_mark(wide * math.sqrt(3) / 2, "up")}
    words = "fit.goes-in" if fits else "fit.does-not-go-in"
    say: dict[str, Param] = {"thing": msg(f"object.{thing.kind}"), "ball": ball_across(w, h) - 2 * inside}
    fix = None if fits else Fix(msg("fix.wider", width=wide), wider)
    make.checks.append(
        Check("fit.inside", "ok" if fits else "stop", msg(words), msg(f"{words}.text", **say), room, 0.0, fix)
    )


def _regular(make: Make, w: float, h: float, slant: float) -> None:
    """How close to all six edges equal it comes."""
    regular = w * math.sqrt(3) / 2
    off = h / (w * math.sqrt(3) / 2) - 1
    if abs(off) <= 0.005 or abs(h - regular) < max(0.01, make.spec.step):
        make.checks.append(Check("shape", "ok", msg("check.regular"), msg("check.regular.text", edge=w), off, 0.005))
        return
    fix = make.fix("regular", "size.height", regular)
    text = msg("check.irregular.text", side=slant, end=w)
    make.checks.append(Check("shape", "note", msg("check.irregular"), text, off, 0.005, fix))


def _framed(make: Make) -> tuple[Loop, ...]:
    """Both halves of the casing, going on from the mouth, which is the edge on the table."""
    half, high = (make.finished["casing_length"] or 0.0) / 2, make.finished["channel"] or 0.0
    low: list[Point3] = [(-half, 0.0, 0.0), (half, 0.0, 0.0)]
    return (*band(low, (0.0, -high, 0.0)), *band(low, (0.0, high, 0.0)))


START = {"width": 160.0, "height": 140.0}


def _reads(chosen: Chosen) -> Reads:
    pairs = {"width": "body.width", "height": "body.height"}
    if chosen["mouth"] == "spring-frame":
        return Reads({**pairs, "channel": "casing.height", "frame_length": "casing.width"}, ("frame_depth",))
    if chosen["mouth"] == "zip-end" and chosen["zip_ends"] == "fabric-tabs":
        pairs["tab_length"] = "zip-tab.width"
    return Reads(pairs, ("zip_width",))


FORM = Form(
    "tetra",
    INPUTS,
    OPTIONS,
    ("ball", "carton"),
    ALLOWANCES,
    draft_tetra,
    START,
    LINED_LAYERS,
    3,
    place=90,
    reads=_reads,
    picture=("M6 31l15 -25l13 19z M21 6l2 29l11 -10 M6 31l17 4", "", "M6 31l17 4l11 -10z"),
    easier="round-pouch",
)
