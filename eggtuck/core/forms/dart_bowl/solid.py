"""The sewn form in space."""

from __future__ import annotations

from ...drafting.make import Make
from ...moves.folding import flat_facet, folded
from ...pattern import Span
from .sizes import Bowl


def draw_solid(make: Make, bowl: Bowl) -> None:
    """Exact: the base n-gon and the side panels folded up about its sides."""
    points = [bowl.legs(dart)[1] for dart in range(bowl.darts)]
    make.facets.append(flat_facet("body", [(p, (p[0], p[1], 0.0)) for p in points]))
    for dart in range(bowl.darts):
        a, b = points[dart], points[(dart + 1) % bowl.darts]
        outer = [s.at(i / 12) for s in bowl.rim(dart) for i in (range(12) if s.bulge else (0,))]
        outer.append(bowl.rim(dart)[-1].end)
        corners = [a, *outer, b]
        make.facets.append(flat_facet("body", [(p, folded(p, a, b, bowl.tilt)) for p in corners]))
    r, h = bowl.rim_radius, bowl.rim_height
    p = bowl.point
    make.spans += [
        Span("finished.base_circumradius", (0.0, 0.0, 0.0), (0.0, -p, 0.0), p),
        Span("finished.rim_radius", (0.0, 0.0, h), (0.0, -r, h), r),
        Span("finished.rim_height", (r, 0.0, 0.0), (r, 0.0, h), h),
    ]
    if make.spec.thing is not None:
        make.spans.append(Span("ease.girth", (-r, 0.0, h), (r, 0.0, h), 2 * r))
