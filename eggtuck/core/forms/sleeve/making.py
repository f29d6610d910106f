"""The order of sewing."""

from __future__ import annotations

from dataclasses import replace

from ...constructions.shared import finish_sewing, start_sewing, trim_corners
from ...drafting.make import Make
from ...making import gap_look
from ...making.bag_parts import close_the_gap, turn_through
from ...pattern import EdgeUse
from ...shop import TOPSTITCH
from ...words import Param, msg


def add_steps(make: Make) -> None:
    say: dict[str, Param]
    order, seams = make.order, {seam.id: seam for seam in make.seams}
    start_sewing(make, 1)
    right = msg("faces.right-together")
    if make.lined:
        order.seam("mouth", [seams["mouth"]], "sleeve-mouth", faces=right, press=msg("press.to-lining"))
        if make.option("mouth_edge") == "understitched":
            say = {"edge": make.edge_stitch}
            why, seen, pieces = msg("step.understitch.why"), float(TOPSTITCH), _shells(make)
            edges, lost = seams["mouth"].b, msg("step.understitch.lost")
            order.add(
                "understitch",
                "sew",
                3,
                say=say,
                pieces=pieces,
                stitch=seen,
                why=why,
                irons=True,
                edges=edges,
                lost=lost,
            )
        gap = make.gaps[0]
        # Outer and lining lie out as one long tube, closed in one step; at one allowance in one pass.
        closing = [s for s in make.seams if s.id != "mouth"]
        alike = max(s.allowance for s in closing) - min(s.allowance for s in closing) < 1e-6
        order.seam(
            "long",
            closing,
            "sleeve-round",
            gap=gap,
            along=msg("along.sleeve", allowance=closing[0].allowance) if alike else None,
            layer="both",
            lay=msg("lay.sleeve"),
            faces=right,
            press=msg("press.open"),
            check=replace(gap_look(gap.length), text=msg("step.sleeve-round.check", gap=gap.length)),
            caution=msg("caution.thick"),
        )
        trim_corners(make, "trim-corners", "body")
        turn_through(order, gap)
        close_the_gap(order, gap)
        order.add("sleeve-tuck", "finish", 2, pieces=("body",), check=msg("step.sleeve-tuck.check"), out=True)
    else:
        say = {"allowance": make.allowance("mouth"), "edge": make.edge_stitch, "first": order.manner.hem_first}
        order.add(
            "hem",
            "sew",
            4,
            "plain-hem-flat",
            say=say,
            edges=(EdgeUse("body", "mouth"),),
            hems=("hem",),
            stitch=float(TOPSTITCH),
        )
        order.seam("long", [seams["side"], seams["end"]], "sleeve-single", faces=right, press=msg("press.open"))
    finish_sewing(make)


def _shells(make: Make) -> tuple[str, ...]:
    """Its outer and lining pieces."""
    return tuple(piece.id for piece in make.pieces if piece.id in ("body", "body-lining"))
