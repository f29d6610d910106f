"""The order of sewing."""

from __future__ import annotations

from ...constructions.caught import catch_hanger
from ...constructions.shared import clip_curve, finish_sewing, start_sewing
from ...constructions.zips import close_gap, open_zip, zip_steps
from ...drafting.make import Make
from ...making.bag_parts import turn_through
from ...pattern import Gap
from ...shop import BY_HAND
from ...words import Param, msg


def one_seam(make: Make) -> bool:
    """Whether outer and lining are sewn round together: where the lining hangs by itself and is cut as the outer."""
    return make.hung and not make.apart and make.option("assembly") == "one-seam"


def add_steps(make: Make) -> None:
    order, by = make.order, {seam.id: seam for seam in make.seams}
    start_sewing(make, 3)
    zip_steps(make)
    if make.trimmed:
        _trim_backs(make)
    catch_hanger(make, "back")
    open_zip(make)
    gap = make.gaps[0] if make.gaps else None
    if one_seam(make) and gap is not None:
        _round_at_once(make, gap)
        finish_sewing(make, put=False)
        return
    for layer in ("outer", "lining") if make.hung else ("outer",):
        here = gap if layer == "lining" else None
        say = {"layer": msg(f"role.{layer}")}
        seam = by["lining-round" if layer == "lining" and make.apart else "round"]
        order.seam(
            f"{layer}-round",
            [seam],
            "round-seam",
            say=say,
            gap=here,
            layer=layer,
            faces=msg("faces.right-together"),
            check=None if here else msg("step.round-seam.check"),
        )
    clip_curve(make)
    if gap is not None:
        close_gap(order, gap)
    finish_sewing(make, put=False)


def _trim_backs(make: Make) -> None:
    """What was cut as whole circles, trimmed to the front; only then its edges are where they are marked and sewn."""
    order, backs = make.order, tuple(piece.id for piece in make.pieces if piece.id in make.trimmed)
    for back in backs:
        of = "lining" if back != "back" else "outer"
        order.add(
            f"trim-{back}",
            "cut",
            2,
            "trim-back",
            say={"loss": make.finished["size_lost"] or 0.0, "layer": msg(f"role.{of}")},
            pieces=(back,),
            layer="lining" if of == "lining" else None,
            caution=msg("caution.blade"),
            check=msg("step.trim-back.check"),
            cuts="outline",
        )
    order.add(
        "mark-back",
        "mark",
        2,
        pieces=backs,
        marks=order.manner.centring,
        waited=True,
        check=msg("step.mark-back.check"),
    )
    order.put_in(len(order.operations), make.laid_steps)


def _round_at_once(make: Make, gap: Gap) -> None:
    """The other school: all four layers in one seam. What is left open in it is open twice when it is turned: outside, and in the lining."""
    order, by = make.order, {seam.id: seam for seam in make.seams}
    order.seam(
        "round",
        [by["round"]],
        "round-at-once",
        gap=gap,
        lay=msg("lay.round-at-once"),
        faces=msg("faces.right-together"),
        why=msg("step.round-at-once.why"),
    )
    clip_curve(make)
    turn_through(order, gap, "turn-both")
    say: dict[str, Param] = {"gap": gap.length}
    order.add(
        "close-gap",
        "sew",
        2 * (3 + gap.length / BY_HAND),
        "close-both",
        say=say,
        pieces=("back", "front-lower"),
        edges=gap.edges,
        check=msg("step.close-gap.check", held=order.manner.held),
        closes=True,
        hand=True,
        stitches=("knot", "ladder"),
    )
