"""Strap connectors: as wide as holds the pull at their foot, and as a ring is wide at its other end."""

from __future__ import annotations

from collections.abc import Mapping

from ...drafting.make import Make
from ...drafting.parts import PartRequest
from ...moves.outliner import Outliner
from ...pattern import Chain, Cut, Mark
from ...plane import bounds, offset_outline, polyline
from ...words import Param, msg
from .strips import load_caution
from .tabs import hang_rings

# Rounds in which its raw foot comes onto a mark: each leaves a fifth of what is amiss, or less.
_MOST = 24


def _outline(id: str, foot: float, narrow: float, size: Mapping[str, float], a: float) -> Outliner:
    lean, high = (foot - narrow) / 2, size["length"] + size["ring_turn"]
    pen = Outliner(id, (0.0, 0.0))
    pen.to("lower", (foot, 0.0), a)
    pen.to("side-right", (foot - lean, size["length"]), a)
    pen.to("end-right", (foot - lean, high), a)
    pen.to("upper", (lean, high), a)
    pen.to("end-left", (lean, size["length"]), a)
    pen.to("side-left", (0.0, 0.0), a)
    return pen


def add_connectors(make: Make, request: PartRequest) -> None:
    """Two layers each: ``foot`` wide where it lies in the seam, tapering over its length to the ring's inside, and from there straight for
    what is turned round the ring."""
    size, a, id = request.lengths, make.allowance("default"), request.id
    narrow = make.spec.on_grid(size["ring"], "down") or size["ring"]
    foot = max(narrow, size["foot"])
    pen = _outline(id, foot, narrow, size, a)
    for _ in range(_MOST):
        # Where its raw foot is widest depends on how it tapers.
        path = [segment for edge in pen.edges for segment in edge.path]
        x0, _, x1, _ = bounds(offset_outline(path, [a] * len(path)))
        if make.spec.grid.shows(x1 - x0):
            break
        foot += make.spec.grid.round(x1 - x0) - (x1 - x0)
        pen = _outline(id, foot, narrow, size, a)
    lean = (foot - narrow) / 2
    y = size["length"]
    datum = msg("mark.ring-here.datum", raw=y + a)
    line = Mark("line", msg("mark.ring-here"), polyline([(lean, y), (foot - lean, y)]), datum=datum)
    piece = make.piece(id, "", pen.edges, [Cut(make.role("contrast"), 2 * request.count)], [line])
    make.hem(f"{id}-edges", make.each(piece), a)
    across = Chain.start(msg("part.input.foot"), foot).plus_some(msg("sum.two-allowances", allowance=a), 2 * a)
    # The raw foot is wider by what the sides lean beyond the seam.
    make.sums[f"{id}.cut_width"] = across.plus_some(msg("sum.sides-beyond"), piece.cut_size[0] - across.total)
    load_caution(make)
    say: dict[str, Param] = {"allowance": a, "edge": make.edge_stitch, "turn": size["ring_turn"]}
    seen, why = (foot + narrow) / 2, msg("step.part-connector.why")
    hang_rings(make, request, foot, say, 8 * request.count, seen, why)
