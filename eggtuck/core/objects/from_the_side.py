"""A thing drawn from the side, each measure where the tape goes."""

from __future__ import annotations

import math
from typing import TYPE_CHECKING

from ..pattern.draft import Dimension, ObjectView
from ..plane import Point
from .kinds import KINDS

if TYPE_CHECKING:
    from .thing import Thing

Place = tuple[Point, Point, float]


def side_view(thing: Thing) -> ObjectView:
    """Its outline, what is seen beside it, and its measures (mm)."""
    r = _body(thing)
    places = _places(thing, r)
    dimensions = tuple(
        Dimension(f"object.{name}", start, end, value, name in thing.measures)
        for name, (start, end, value) in places.items()
    )
    return ObjectView(thing.kind, thing.outline(r), thing.round, thing.base_depth, dimensions, beside=_beside(thing, r))


def _body(thing: Thing) -> float:
    """Half the width of its body, without a handle (mm)."""
    return thing.measures["diameter"] / 2 if thing.kind == "mug" and "diameter" in thing.measures else thing.radius


def _narrow_side(thing: Thing, r: float) -> tuple[float, float]:
    """From where to where the narrow side of what is not round is drawn."""
    return r * 1.4, r * 1.4 + thing.base_depth


def _beside(thing: Thing, r: float) -> tuple[Point, ...]:
    high = thing.height
    if not thing.round:
        near, far = _narrow_side(thing, r)
        return ((near, 0.0), (far, 0.0), (far, high), (near, high))
    return _handle(r, thing.measures["handle_out"], high) if "handle_out" in thing.measures else ()


def _handle(r: float, out: float, high: float) -> tuple[Point, ...]:
    """A band with slanted corners, small enough to stay a loop however far it sticks out."""
    small = min(out, high / 2)
    thick, cut = small * 0.22, small * 0.3

    def band(inset: float) -> list[Point]:
        far, top, foot = r + out - inset, high * 0.84 - inset, high * 0.22 + inset
        return [(r, top), (far - cut, top), (far, top - cut), (far, foot + cut), (far - cut, foot), (r, foot)]

    return (*band(0.0), *reversed(band(thick)))


def _places(thing: Thing, r: float) -> dict[str, Place]:
    given, high, base = thing.measures, thing.height, thing.base_width / 2
    across = "girth" if "girth" in given or "diameter" not in given else "diameter"
    middle = (thing.shoulder or high) * 0.55
    upright = {"bowl": "depth", "rod": "length", "book": "board_height"}.get(thing.kind, "height")
    places: dict[str, Place] = {upright: ((r, 0.0), (r, high), high)}

    def level(name: str, half: float, at: float, value: float) -> None:
        places[name] = ((-half, at), (half, at), value)

    if thing.kind == "profile":
        level("girth", r, next(h for h, g in thing.profile if g == max(g for _, g in thing.profile)), thing.girth)
    elif thing.kind == "ball":
        del places[upright]
        level(across, r, r, thing.girth if across == "girth" else given["diameter"])
    elif thing.kind == "bowl":
        level("rim_diameter", r, high, given.get("rim_diameter", thing.girth / math.pi))
        level("base_diameter", base, 0.0, thing.base_width)
    elif not thing.round:
        wide, deep = ("board_width", "spine") if thing.kind == "book" else ("width", "depth")
        near, far = _narrow_side(thing, r)
        level(wide, r, 0.0, thing.base_width)
        places[deep] = ((near, high), (far, high), thing.base_depth)
    else:
        grip = thing.grip_girth / (2 * math.pi) if thing.kind == "rod" else r
        if across == "girth":
            # A mug's tape goes round body and handle together.
            places["girth"] = ((-grip, middle), (grip + given.get("handle_out", 0.0), middle), thing.grip_girth)
        if "diameter" in given and (across == "diameter" or thing.kind == "mug"):
            level("diameter", grip, middle if across == "diameter" else middle / 2, given["diameter"])
        if "base_diameter" in {m.name for m in KINDS[thing.kind].measures}:
            level("base_diameter", base, 0.0, thing.base_width)
    for name in ("ring_across", "end_girth"):
        if name in given and thing.kind == "rod":
            level(name, (thing.end_girth or 0.0) / (2 * math.pi), 0.0, given[name])
    if "handle_out" in given:
        places["handle_out"] = ((r, high * 0.9), (r + given["handle_out"], high * 0.9), given["handle_out"])
    if thing.neck_height is not None:
        neck = (thing.neck_diameter or 2 * r) / 2
        places["neck_height"] = ((-r, 0.0), (-r, thing.neck_height), thing.neck_height)
        if thing.shoulder_height is not None:
            places["shoulder_height"] = ((-r, 0.0), (-r, thing.shoulder_height), thing.shoulder_height)
        level("neck_diameter", neck, high, 2 * neck)
    return places
