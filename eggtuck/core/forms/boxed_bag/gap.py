"""Where the bag is turned through."""

from __future__ import annotations

from ...checks.turning import gap_needed
from ...lengths import Grid
from ...moves.boxed_shell import Shell
from ...pattern import Gap, SpecError
from ...wording import msg
from ..spec import Spec
from .sizes import Sizes


def turning_gap(spec: Spec, sizes: Sizes, outer: Shell, lining: Shell) -> tuple[Gap | None, tuple[float, float, float]]:
    """The turning gap, and ``(needed, seam length, proposed length)``."""
    if not sizes.mouth.turned_through_gap:
        return None, (0.0, 0.0, 0.0)
    place = spec.options["gap_place"]
    cut_first = spec.options["boxing"] == "cut-first"
    size = lining.size
    if place == "lining-base":
        seam = next(s for s in lining.seams if s.id.endswith("base"))
        # Sewn first, the box lines still take their part of the base seam.
        usable, first = size.base_width, 0.0 if cut_first else size.half
    else:
        seam = next(s for s in lining.seams if s.id.removeprefix("lining-") in ("side", "side-right"))
        usable, first = size.wall + size.above, 0.0
    needed = gap_needed(size.girth, sum(layer.thickness for layer in spec.stack.layers))
    step = 25.4 / 4 if spec.ruler.unit == "in" else 5.0
    roomy = Grid(step).round(max(70.0, needed * 1.25), "up")
    most = Grid(step).round(usable * 0.7, "down")
    if most < needed:
        most = max(usable * 0.7, min(needed, usable - 10.0))
    proposed = min(roomy, most)
    length = spec.size.get("gap", proposed)
    if length > usable:
        raise SpecError.of("size.gap", msg("problem.gap-long", gap=length, seam=usable, limit=max(10.0, usable - 20.0)))
    edges = tuple(dict.fromkeys(use.edge for use in (*seam.a, *seam.b)))
    # Side edges run from the base corner up on the right; the gap sits in the middle of what can be open.
    lead = first if place == "lining-base" else seam.length_a - usable
    start = lead + (usable - length) / 2
    if seam.a[0].edge.endswith("side-left") and place == "lining-side":
        start = seam.length_a - start - length
    return Gap("gap", seam.id, edges, start, start + length, "lining"), (needed, usable, proposed)
