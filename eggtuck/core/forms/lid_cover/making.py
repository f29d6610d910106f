"""The order of sewing."""

from __future__ import annotations

from ...constructions.shared import clip_curve, finish_sewing, start_sewing, trim_corners
from ...drafting.make import Make
from ...making.bag_parts import close_the_gap, turn_through
from ...shop import TOPSTITCH
from ...words import Message, Param, msg
from .sizes import BESIDE, OPENING, Lid, buttonhole

# The lines it is sewn along.
CHANNEL = ("mark.casing-outer", "mark.casing-inner")


def add_steps(make: Make, lid: Lid) -> None:
    order = make.order
    # On the lid itself: round it the cloth goes down.
    make.upright["circle"] = lid.mouth.box[1], lid.mouth.box[3]
    start_sewing(make, 1)
    channel = make.finished["channel"] or 0.0
    say: dict[str, Param] = {"channel": channel, "inner": _inner(make, lid), "open": float(OPENING)}
    outward, inward = lid.edge.points()
    corded = make.option("closure") == "cord"
    if corded:
        holes: dict[str, Param] = {"long": make.spec.ruler.usual(buttonhole(channel)), "beside": float(BESIDE)}
        order.add(
            "lid-holes",
            "sew",
            8,
            say=holes,
            pieces=("circle",),
            layer="outer",
            check=msg("step.lid-holes.check"),
            at=("mark.cord-hole",),
        )
    if make.lined:
        gap = make.gaps[0]
        seam = next(s for s in make.seams if s.id == "round")
        how = ("snip-inward",) if inward else ()
        order.seam("round", [seam], "lid-round", how=how, gap=gap, faces=msg("faces.right-together"))
        clip_curve(make)
        if outward:
            trim_corners(make, "trim-corners", "circle")
        turn_through(order, gap)
        # What is drawn in by the gap is drawn in before that is closed.
        edge = make.finished["frill"] == 0.0
        words = "lid-channel-edge" if edge else "lid-channel" if corded else "lid-channel-open"
        check, seen = msg("step.lid-channel.check"), float(TOPSTITCH)
        order.add("lid-channel", "sew", 8, words, say=say, pieces=("circle",), stitch=seen, check=check, at=CHANNEL)
        if not corded:
            say["elastic"] = make.sums["elastic"].total
            words = "lid-elastic-edge" if edge else "lid-elastic-in"
            check = msg("step.lid-elastic.check")
            order.add("lid-elastic", "sew", 6, words, say=say, pieces=("circle",), stitch=seen, check=check, at=CHANNEL)
        close_the_gap(order, gap)
    else:
        order.add(
            "lid-hem",
            "sew",
            10,
            "lid-hem-corners" if outward or inward else "lid-hem",
            say={
                "allowance": make.allowance("rim"),
                "edge": make.edge_stitch,
                "first": order.manner.hem_first("circle"),
            },
            pieces=("circle",),
            hems=("hem",),
            stitch=float(TOPSTITCH),
            check=msg("step.hem.check"),
        )
        order.add(
            "lid-casing",
            "sew",
            10,
            "lid-casing" if make.piece_of("casing").bias else "lid-casing-straight",
            say={**say, "allowance": make.allowance("casing")},
            pieces=("casing", "circle"),
            hems=("casing-on",),
            stitch=float(TOPSTITCH),
            check=msg("step.lid-channel.check"),
        )
        if not corded:
            say["elastic"] = make.sums["elastic"].total
            order.add("lid-elastic", "finish", 4, say=say, check=msg("step.lid-elastic.check"), out=True)
    if corded:
        cord: dict[str, Param] = {"cord": make.sums["cord"].total}
        order.add("cord", "finish", 3, "lid-cord", say=cord, caution=msg("caution.cord"), out=True)
    finish_sewing(make)


def _inner(make: Make, lid: Lid) -> Message:
    """Where the channel's inner line lies on the finished cover."""
    if make.spec.shape is None:
        return msg("lid.from-middle", line=make.finished["casing_radius"] or 0.0)
    return msg("lid.from-edge", away=(make.finished["channel"] or 0.0) + (make.finished["frill"] or 0.0))
