"""The sewn form in space."""

from __future__ import annotations

import math

from ...drafting.make import Make
from ...moves.folding import ring, woven
from ...pattern import Span
from .sizes import Shown


def draw_solid(make: Make, girth: float, d: float, neck: float, neck_girth: float, rim: float, at: Shown) -> None:
    r, tight = girth / (2 * math.pi), neck_girth / (2 * math.pi)
    shoulder = max(0.0, at.neck - (r - tight))
    reach = {0.0: (r * 0.02, 0.0), d / 2: (r, 0.0), d / 2 + neck: (tight, at.neck)}
    if shoulder > 1 and shoulder < neck - 1:
        reach[d / 2 + shoulder] = (r, shoulder)
    reach[rim] = (min(r * 0.9, tight + (at.rim - at.neck) * 0.6), at.rim)
    rows = sorted(reach)
    make.soft = True
    make.facets += woven("body", rows, lambda a, y: (a * girth, y), lambda a, y: ring(reach[y][0], a, reach[y][1]))
    make.spans += [
        Span("finished.wall_height", (r, 0.0, 0.0), (r, 0.0, at.rim), make.finished["wall_height"] or 0.0),
        Span("size.neck_height", (-r, 0.0, 0.0), (-r, 0.0, at.neck), neck),
        Span("ease.girth", (-r, 0.0, at.neck * 0.4), (r, 0.0, at.neck * 0.4), girth),
        Span("size.base_diameter", (-d / 2, 0.0, 0.0), (d / 2, 0.0, 0.0), d),
    ]
