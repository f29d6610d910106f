"""The order of sewing."""

from __future__ import annotations

from dataclasses import replace

from ...constructions.shared import finish_sewing, start_sewing, trim_corners
from ...drafting.make import Make
from ...making import gap_look
from ...making.bag_parts import close_the_gap, turn_through
from ...pattern import EdgeUse, Seam
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
        looked = replace(gap_look(gap.length), text=msg("step.sleeve-round.check", gap=gap.length))
        along = {"long": "along.long-tube", "end": "along.sleeve-ends"}
        for id, words, sewn in _passes(closing, alike, "sleeve-round"):
            order.seam(
                id,
                sewn,
                words,
                gap=gap,
                along=msg(along[id] if not alike else "along.sleeve", allowance=sewn[0].allowance),
                layer="both",
                lay=msg("lay.sleeve"),
                faces=right,
                press=msg("press.open"),
                check=looked if gap.seam in [seam.id for seam in sewn] else None,
                caution=msg("caution.thick"),
            )
        trim_corners(make, "trim-corners", "body")
        turn_through(order, gap)
        close_the_gap(order, gap)
        order.add("sleeve-tuck", "finish", 2, pieces=("body",), check=msg("step.sleeve-tuck.check"), out=True)
    else:
        say = {"allowance": make.allowance("mouth"), "edge": make.edge_stitch, "first": order.manner.hem_first("body")}
        say["ends"] = "one"
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
        closing = [seams["side"], seams["end"]]
        alike = abs(closing[0].allowance - closing[1].allowance) < 1e-6
        for id, words, sewn in _passes(closing, alike, "sleeve-single" if alike else "sleeve-side"):
            order.seam(id, sewn, words, faces=right, press=msg("press.open"))
    finish_sewing(make)


def _passes(closing: list[Seam], alike: bool, words: str) -> list[tuple[str, str, list[Seam]]]:
    """What is sewn in one go, by id and words: side and end together, or at unlike allowances one after the other."""
    if alike:
        return [("long", words, closing)]
    ends = [seam for seam in closing if seam.id.endswith("end")]
    return [("long", words, [seam for seam in closing if seam not in ends]), ("end", "sleeve-end", ends)]


def _shells(make: Make) -> tuple[str, ...]:
    """Its outer and lining pieces."""
    return tuple(piece.id for piece in make.pieces if piece.id in ("body", "body-lining"))
