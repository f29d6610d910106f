"""A strap that comes off: a hook at each end, clipped into rings in the upper edge."""

from __future__ import annotations

from dataclasses import replace

from ...drafting.make import Make
from ...drafting.parts import PARTS, PartRequest
from ...pattern import Chain, Check, Need
from ...shop import RING_HELD, STITCH
from ...words import Param, msg
from .places import Field
from .strips import add_strip, check_worn, load_caution, make_strip
from .tabs import Tabs, add_ring_tabs, from_tab

_ENDS = 2


def add_clip_strap(make: Make, request: PartRequest) -> None:
    """A strap as long as it is worn and what turns round both hooks, and the two tabs whose rings take them, as wide as it is. Raises
    `SpecError` where those cannot be."""
    size, id = request.lengths, request.id
    chain = Chain.start(msg("sum.length"), size["length"]).plus(
        msg("sum.two-hook-turns", turn=size["hook_turn"]), 2 * size["hook_turn"]
    )
    add_strip(make, request, chain, size["width"])
    inside = msg("need.inside", width=size["width"])
    make.needs.append(Need.counted(f"{id}-hooks", "hook", msg("need.hook"), size["width"], _ENDS, inside))
    say: dict[str, Param] = {"part": request.kind.name, "count": request.count, "edge": make.edge_stitch}
    make_strip(make, request, id, 6, say)
    make.part_steps.add(
        f"{id}-hooks",
        "sew",
        6,
        "part-hooks",
        say={"turn": size["hook_turn"], "edge": make.edge_stitch},
        pieces=(id,),
        stitch=float(STITCH),
        threads=True,
        caution=msg("caution.hardware"),
        check=msg("step.part-hooks.check"),
        why=msg("step.part-hooks.why"),
    )
    field, tabs, above = Field(make), _rings(make, request), RING_HELD + size["width"] / 2
    make.carry(id, lambda sewn: from_tab(field, sewn, tabs, size["length"], size["width"], above))
    make.last_steps.add(
        f"{id}-clip", "finish", 1, "part-clip", pieces=(id,), check=msg("step.part-clip.check"), out=True
    )
    text = msg("check.hooks.text", width=size["width"])
    make.checks.append(Check(f"part.{id}.hooks", "note", msg("check.hooks"), text, size["width"]))
    check_worn(make, request)
    load_caution(make)


def _rings(make: Make, request: PartRequest) -> Tabs:
    """The tabs that hold its rings, of its own cloth."""
    lengths = {"ring": request.lengths["width"], "length": float(RING_HELD)}
    if "from_centre" in request.lengths:
        lengths["from_centre"] = request.lengths["from_centre"]
    choices = {name: choice for name, choice in request.choices.items() if name == "of"}
    idle = set(make.idle)
    tabs = add_ring_tabs(make, replace(request, kind=PARTS["ring-tab"], count=_ENDS, lengths=lengths, choices=choices))
    # What is asked is asked of the strap.
    make.idle = idle
    return tabs
