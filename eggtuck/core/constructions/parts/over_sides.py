"""A strap from side to side, sewn on when the bag is closed and turned."""

from __future__ import annotations

from collections.abc import Mapping

from ...drafting.make import Make
from ...drafting.parts import PartRequest
from ...making import Look
from ...pattern import Check, Fix, SpecError
from ...shop import PART_CLEAR, STITCH, WITHIN
from ...words import Param, msg
from .places import Field


def require_sides(make: Make, request: PartRequest) -> None:
    """A strap over the sides takes a bag with an open top and two sides, and is one. Raises `SpecError`."""
    if make.around is None:
        raise SpecError.of(request.field("sits"), msg("problem.no-sides", part=request.kind.name))
    if request.count > 1:
        raise SpecError.of(request.field("count"), msg("problem.one-over-sides", part=request.kind.name))


def sew_over_sides(make: Make, request: PartRequest, say: Mapping[str, Param]) -> None:
    """From side to side, sewn on when the bag is closed and turned: over each side seam, or opposite the only one."""
    down, half = request.lengths["from_top"], (make.around or 0.0) / 2
    seams = [seam for seam in make.seams if seam.id.startswith("side") and "outer" in seam.layers]
    room = Field(make).height
    if down > room - PART_CLEAR:
        title, text = msg("check.strap-low"), msg("check.strap-low.text", down=down, most=room - PART_CLEAR)
        fix = Fix(msg("fix.place"), {request.field("from_top"): ""})
        make.checks.append(Check(f"part.{request.id}.place", "warn", title, text, down, room - PART_CLEAR, fix))
    causes = (msg("cause.slipped"),)
    look = Look(msg("step.part-strap-over.check", half=half), half, float(WITHIN), causes, msg("remedy.resew"))
    make.last_steps.add(
        f"{request.id}-on",
        "sew",
        8,
        "part-strap-over-two" if len(seams) > 1 else "part-strap-over-one",
        caution=msg("caution.hammer" if request.choices["attach"] == "rivets" else "caution.thick"),
        say={**say, "down": down, "half": half},
        pieces=(request.id, make.host.id),
        stitch=float(STITCH),
        layer=make.host_role,
        check=look,
        why=msg("step.part-strap-over.why"),
        out=True,
    )
