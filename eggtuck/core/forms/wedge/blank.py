"""A pouch from the piece of cloth it is cut from: how wide and high that is, how far its upper corners come in, and the square cut out below."""

from __future__ import annotations

import math

from ...drafting.make import Make
from ...lengths import RoundingWay
from ...making.naming import thing_name
from ...pattern import Chain, SpecError
from ...shop import EQUAL
from ...words import Message, msg
from .room import width_for_thing

# What the blank is to begin with, where nobody has told (mm).
WIDTH, HEIGHT, TAPER, SQUARE = 240.0, 180.0, 20.0, 35.0


def from_blank(make: Make, z: float, flat: bool) -> tuple[float, float, float, float]:
    """Net bottom width, top width on the zip's middle line, slant and base depth (mm) of a blank. Its raw side comes in by ``T`` over its
    height ``B``; the stitch line lies ``a`` inside it, ``a / sin(phi)`` along the base, with ``tan(phi) = B / T``. A square ``q`` from the raw
    corner leaves ``q - a`` and the corner's own allowance: half the base. Raises `SpecError`."""
    side, base, box, zips = (make.allowance(key) for key in ("side", "base", "box", "zip"))
    across, up, corner, way = _for_thing(make, z, flat)
    wide = make.ask("blank_width", across or WIDTH, added=0.0, way=way)
    high = make.ask("blank_height", up or HEIGHT, added=0.0, way=way)
    taper = make.ask("blank_taper", TAPER if across is None else 0.0, high=wide / 2 - 10.0, added=0.0)
    square = 0.0
    if not flat:
        square = make.ask("blank_square", corner or SQUARE, high=min(wide / 2, high) - 5.0, added=0.0, way=way)
    rise = high - base - zips + z / 2
    if rise <= 10.0:
        raise SpecError.of(
            "size.blank_height", msg("problem.blank-low", low=make.spec.least(base + zips - z / 2 + 10.0))
        )
    inward = side * math.hypot(high, taper) / high

    def half(y: float) -> float:
        """Of the net width so high over the base seam."""
        return wide / 2 - taper * (y + base) / high - inward

    depth = 0.0 if flat else 2 * (square - side + box)
    if not flat and depth < 4.0:
        raise SpecError.of("size.blank_square", msg("problem.blank-square", low=make.spec.least(side - box + 2.0)))
    if depth >= rise - 1.0:
        high_square = make.spec.most((rise - 1.0) / 2 + side - box)
        raise SpecError.of("size.blank_square", msg("problem.blank-deep", square=square, high=high_square))
    if half(0.0) < 10.0:
        low = make.spec.least(wide + 2 * (10.0 - half(0.0)))
        raise SpecError.of("size.blank_width", msg("problem.blank-narrow", wide=2 * half(0.0), low=low))
    if half(rise) < 10.0:
        most = make.spec.most((wide / 2 - inward - 10.0) * high / (rise + base))
        raise SpecError.of("size.blank_taper", msg("problem.blank-tapers", wide=2 * half(rise), high=most))
    width = Chain.start(msg("sum.blank-width"), wide).minus_some(msg("sum.sides-at-base"), wide - 2 * half(0.0))
    bottom = make.size("bottom_width", width)
    top = make.size(
        "top_width",
        Chain.start(msg("sum.bottom-width"), bottom).minus_some(msg("sum.taper-to-zip"), bottom - 2 * half(rise)),
    )
    tall = Chain.start(msg("sum.blank-height"), high).minus_some(msg("sum.base-allowance"), base)
    tall = tall.minus_some(msg("sum.zip-allowance"), zips).plus_some(msg("sum.half-zip"), z / 2)
    slant = make.size("slant", tall.minus_some(msg("sum.half-base"), depth / 2))
    if not flat:
        deep = Chain.start(msg("sum.square"), square).minus_some(msg("sum.side-allowance"), side)
        depth = make.size("base_depth", deep.plus_some(msg("sum.box-allowance"), box).times(msg("sum.both-sides"), 2))
    return bottom, top, slant, depth


def _for_thing(make: Make, z: float, flat: bool) -> tuple[Chain | None, Chain | None, Chain | None, RoundingWay | None]:
    """Width, height and square of the straight blank that a pouch for the spec's thing is cut from, and that they are rounded up; nothing without
    a thing."""
    wide, deep, long = width_for_thing(make)
    if wide is None or long is None:
        return None, None, None, None
    side, base, box, zips = (make.allowance(key) for key in ("side", "base", "box", "zip"))
    half = 0.0 if flat or deep is None else make.spec.on_grid(deep.total, "up") / 2
    across = wide.plus_some(msg("sum.two-side-allowances", allowance=side), 2 * side)
    # What is cut is rounded once more, by half a mark at most.
    up = long.plus_some(msg("sum.half-base"), half + make.spec.grid.step).minus_some(msg("sum.half-zip"), z / 2)
    up = up.plus_some(msg("sum.base-allowance"), base).plus_some(msg("sum.zip-allowance"), zips)
    corner = Chain.start(msg("sum.half-base"), half).plus_some(msg("sum.side-allowance"), side)
    return across, up, corner.minus_some(msg("sum.box-allowance"), box), "up"


def blank_lines(make: Make) -> tuple[Message, ...]:
    """How the panel is drawn without paper: the blank, and what is cut out of its corners."""
    piece = next(piece for piece in make.pieces if piece.id == "body")
    wide, high, taper = (make.finished[f"blank_{name}"] or 0.0 for name in ("width", "height", "taper"))
    lean = "straight" if abs(taper) < EQUAL else "in" if taper > 0 else "out"
    line = msg(f"cut-out.blank-{lean}", piece=thing_name(piece, None), wide=wide, high=high, taper=abs(taper))
    if "cutout.width" not in make.sums:
        return (line,)
    along, up = (make.sums[f"cutout.{name}"].total for name in ("width", "height"))
    square = lean == "straight" or make.option("corner") == "square"
    return (line, msg(f"cut-out.blank-{'square' if square else 'kite'}", along=along, up=up))
