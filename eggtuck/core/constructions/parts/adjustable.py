"""A strap that is worn long or short: one slider, one ring, its two ends opposite each other."""

from __future__ import annotations

from dataclasses import replace
from typing import Any

from ...drafting.make import Make
from ...drafting.parts import PARTS, PartRequest
from ...moves.carried import Loop, Sewn, arch, hoop, top_ends, upright
from ...pattern import Chain, Check, Need
from ...shop import RING_HELD, STITCH
from ...words import Param, msg
from .sides import in_both_sides
from .strips import add_strip, check_worn, hanging, load_caution, lying, make_strip
from .tabs import hang_strap

_SEWN: dict[str, Any] = {
    "stitch": float(STITCH),
    "check": msg("step.part-slider.check"),
    "caution": msg("caution.hardware"),
}


def add_adjustable(make: Make, request: PartRequest) -> None:
    """With one slider: cut as long as it is worn longest, and what turns round slider and ring. At its shortest it lies
    double. Raises nothing."""
    size = request.lengths
    chain = (
        Chain.start(msg("sum.longest"), size["longest"])
        .plus(msg("sum.slider-turn"), size["slider_turn"])
        .plus(msg("sum.ring-turn"), size["ring_turn"])
    )
    add_strip(make, request, chain, size["width"])
    shortest = size["longest"] / 2 + size["slider_turn"]
    text = msg("check.worn.text", shortest=shortest, longest=size["longest"])
    make.checks.append(Check(f"part.{request.id}.worn", "ok", msg("check.worn"), text, shortest, size["longest"]))
    for name in ("slider", "ring"):
        make.needs.append(
            Need.counted(
                f"{request.id}-{name}",
                name,
                msg(f"need.{name}"),
                size["width"],
                1,
                msg("need.inside", width=size["width"]),
            )
        )
    say: dict[str, Param] = {"part": request.kind.name, "count": request.count, "edge": make.edge_stitch}
    make_strip(make, request, request.id, 10, say)
    tab = _ring_holder(make, request, say)
    turns: dict[str, Param] = {
        "slider": size["slider_turn"],
        "ring": size["ring_turn"],
        "tab": make.piece_of(tab).letter,
    }
    ends = in_both_sides(make, request)
    if ends is None:
        make.part_steps.add(
            f"{request.id}-threaded",
            "sew",
            6,
            "part-slider",
            pieces=(request.id, tab),
            say=turns,
            threads=True,
            **_SEWN,
        )
        hang_strap(make, request, tab)
    else:
        make.carry(request.id, lambda sewn: arch(*top_ends(sewn), size["longest"], size["width"], sewn.size))
        make.carry(tab, lambda sewn: _held(sewn, size["width"]))
        make.part_steps.add(
            f"{request.id}-on",
            "sew",
            8,
            "part-slider-sides",
            say={**turns, **ends.say},
            single=make.on_one,
            pieces=(request.id, tab, make.host.id),
            threads=True,
            parks=hanging(request),
            lies=lying(request, tab),
            at_edges=ends.edges,
            layer=make.host_role,
            **_SEWN,
        )
    check_worn(make, request)
    load_caution(make)


def _ring_holder(make: Make, request: PartRequest, say: dict[str, Param]) -> str:
    """The tab that holds the ring of an adjustable strap in the side, as wide as that and made like it; its piece."""
    tab = replace(request, kind=PARTS["ring-tab"])
    chain = Chain.start(msg("sum.loop-twice"), 2.0 * RING_HELD)
    a = make.allowance("default")
    told, idle = len(make.checks), set(make.idle)
    add_strip(make, tab, chain.plus_some(msg("sum.two-allowances", allowance=a), 2 * a), request.lengths["width"])
    # What is to be said and asked of its cloth is of the strap.
    del make.checks[told:]
    make.idle = idle
    make_strip(make, tab, tab.id, 2, {**say, "part": tab.kind.name})
    return tab.id


def _held(sewn: Sewn, width: float) -> tuple[Loop, ...]:
    """The tab with its ring, standing on one end of the top."""
    place, other = top_ends(sewn)
    out = (place[0] - other[0], place[1] - other[1], 0.0)
    above = (place[0], place[1], place[2] + RING_HELD)
    return (*upright(place, out, width, float(RING_HELD)), *hoop(above, out, width))
