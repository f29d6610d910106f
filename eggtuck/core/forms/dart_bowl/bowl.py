"""From a bowl to the sizes of its cover, and whether they fit."""

from __future__ import annotations

import math

from ...drafting.asking import ease_of, ease_state, habit_of
from ...drafting.make import Make
from ...fit.ease import ease_check
from ...pattern import Chain, Check
from ...words import Message, msg
from .sizes import Bowl


def sizes_from_bowl(make: Make, square: bool, darts: int) -> tuple[Chain | None, Chain | None, Chain | None]:
    """Blank, dart length and half width for the spec's bowl, or for the sizes to begin with.

    The base n-gon holds the bowl's base (its apothem), the seamed rim is as long round as the bowl's with its ease, and
    the seams stand as high as the bowl is deep. With ``k = r - p``, ``T = tan(al)``: ``h^2 = 2kb/T + b^2 (1 + 1/T^2)``,
    ``L = k + b/T``; the square of side ``S = 2(p + L)``, the circle ``d^2/4 = (p + L)^2 + b^2``."""
    spec, thing = make.spec, make.spec.thing
    if thing is None:
        blank = spec.size.get("blank")
        if blank is None:
            return None, None, None
        length = spec.size.get("dart_length", blank * 0.2)
        usual = msg("sum.usual")
        half = min(length * 0.45, length * math.tan(2 * math.pi / darts) * 0.6 if darts > 4 else length)
        return Chain.start(usual, blank), Chain.start(usual, length), Chain.start(usual, half)
    al, inside = math.pi / darts, spec.stack.inside
    t = math.tan(al)
    make.states.append(ease_state(spec, make.described["ease.girth"], ease_of(spec)))
    p = (thing.base_width / 2 + inside) / math.cos(al)
    r = (thing.girth + ease_of(spec) + 2 * math.pi * inside) / (2 * darts * math.sin(al))
    k, h = r - p, thing.height
    b = (-k / t + math.sqrt((k / t) ** 2 + h * h * (1 + 1 / t**2))) / (1 + 1 / t**2)
    length = k + b / t
    reach = p + length
    blank = 2 * reach if square else 2 * math.hypot(reach, b)
    say: dict[str, float] = {"base": p, "rim": r, "height": h}

    def from_bowl(value: float) -> Chain:
        return Chain.start(msg("sum.from-bowl", **say), value)

    return from_bowl(blank), from_bowl(length), from_bowl(b)


def check_fit(make: Make, bowl: Bowl) -> None:
    """Room round the rim, room on the base, how high the rim stands, for the bowl that is to go in."""
    spec, thing = make.spec, make.spec.thing
    if thing is None:
        return
    inside = spec.stack.inside
    settled_by = ("size.blank", "size.dart_length", "size.dart_half_width")
    if all(field in spec.typed for field in settled_by):
        wrapped = thing.girth + ease_of(spec) + 2 * math.pi * inside
        make.follow("ease.girth", bowl.girth - wrapped, *settled_by)
    check = ease_check(bowl.girth, inside, thing.girth, spec.on_mark, False, habit_of(spec))
    settled = "blank" in spec.size or "dart_half_width" in spec.size or "dart_length" in spec.size
    fix = None if settled else check.fix
    make.checks.append(Check(check.id, check.verdict, check.title, check.message, check.value, check.limit, fix))
    room = 2 * (bowl.point * math.cos(bowl.al) - inside) - thing.base_width
    sizes: dict[str, float] = {"base": thing.base_width + room, "thing": thing.base_width, "room": abs(room)}
    # Less than half a mark is nothing that could be cut or told.
    flat = room >= -max(0.05, spec.step / 2)
    words = "fit.round-flat" if flat else "fit.round-tight"
    make.checks.append(
        Check("fit.base", "ok" if flat else "note", msg(words), msg(f"{words}.text", **sizes), room, 0.0)
    )
    over = bowl.rim_height - thing.height
    title, text = _height_words(over)
    make.checks.append(Check("fit.height", "ok" if over >= -thing.height / 2 else "note", title, text, over, 0.0))


def _height_words(over: float) -> tuple[Message, Message]:
    if abs(over) <= 1.5:
        return msg("fit.level"), msg("fit.level.text")
    if over < 0:
        return msg("fit.proud"), msg("fit.proud.text", over=-over)
    return msg("fit.covered"), msg("fit.covered.text", over=over)
