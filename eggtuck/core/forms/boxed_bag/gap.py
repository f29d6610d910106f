"""Where the bag is turned through."""

from __future__ import annotations

from ...drafting.gaps import Settled, settle_gap
from ...drafting.spec import Spec
from ...moves.boxed_shell import Shell
from ...pattern import Gap
from .sizes import Sizes


def turning_gap(spec: Spec, sizes: Sizes, lining: Shell) -> tuple[Gap | None, Settled | None]:
    """The turning gap and how it was settled; none for a make that is not turned through one."""
    if not sizes.mouth.turned_through_gap:
        return None, None
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
    settled = settle_gap(spec, usable, size.girth, spec.stack.total)
    edges = (*seam.a, *seam.b)
    # Side edges run from the base corner up on the right; the gap sits in the middle of what can be open.
    lead = first if place == "lining-base" else seam.length_a - usable
    start, end = settled.between(lead, spec)
    if seam.a[0].key == "side-left" and place == "lining-side":
        start, end = seam.length_a - end, seam.length_a - start
    sides = tuple(dict.fromkeys((use.piece, use.layer or "lining") for use in edges))
    return Gap("gap", seam.id, edges, start, end, "lining", sides=sides), settled
