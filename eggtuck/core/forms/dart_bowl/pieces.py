"""The pieces, and the seams they are sewn in."""

from __future__ import annotations

import math
from dataclasses import replace
from itertools import pairwise

from ...drafting.make import Make
from ...moves.outliner import Outliner
from ...pattern import Cut, EdgeUse, Mark, Piece, Role
from ...plane import Segment, polyline
from ...words import msg
from .sizes import Bowl


def add_body(make: Make, bowl: Bowl, ending: str = "") -> Piece:
    """The shell of the outer, or with an ``ending`` the smaller one of the lining."""
    lining = bool(ending)
    rim_a, dart_a = make.allowance("rim", lining), make.allowance("dart", lining)
    pen = Outliner(f"body{ending}", bowl.legs(0)[2])
    for dart in range(bowl.darts):
        after = (dart + 1) % bowl.darts
        name = after or bowl.darts
        _, point, end = bowl.legs(after)
        pen.path(f"rim-{dart + 1}", bowl.rim(dart), rim_a)
        pen.to(f"dart-{name}-right", point, dart_a, name)
        pen.to(f"dart-{name}-left", end, dart_a, name)
    marks = _middles(bowl, rim_a)
    marks += [
        Mark(
            "point",
            msg("mark.dart-point"),
            (Segment((p[0] - 2, p[1]), (p[0] + 2, p[1])),),
            datum=msg("mark.dart-point.datum", away=bowl.point, raw=bowl.raw(rim_a)[0]),
        )
        for p in (bowl.legs(dart)[1] for dart in range(bowl.darts))
    ]
    marks += _legs(bowl, rim_a)
    base = [bowl.legs(dart)[1] for dart in range(bowl.darts)]
    marks.append(
        Mark(
            "line", msg("mark.base-fold"), polyline([*base, base[0]]), datum=msg("mark.base-fold.datum"), bars="within"
        )
    )
    if make.spec.stack.quilted:
        marks += _quilting(bowl)
    cuts, letter = ([Cut("lining", 1)], "") if lining else (make.cuts(1), "A")
    outline = _raw_outline(bowl, rim_a)
    make.upright[f"body{ending}"] = 0.0, bowl.blank / 2
    return make.piece(f"body{ending}", letter, pen.edges, cuts, marks, cut_as=outline, backed=True)


def _quilting(bowl: Bowl) -> list[Mark]:
    """Where it is quilted: from corner to corner, or across a round blank."""
    far = bowl.blank / 2 * (0.7 if bowl.square else 0.98) * math.cos(math.pi / 4)
    datum = msg("mark.quilting.datum")
    if not bowl.square:
        return [Mark("line", msg("mark.quilting"), (Segment((-far, 0.0), (far, 0.0)),), datum=datum)]
    far = min(far, bowl.blank / 2 - bowl.rounded * 0.3)
    lines = Segment((-far, -far), (far, far)), Segment((-far, far), (far, -far))
    return [Mark("line", msg("mark.quilting"), (line,), datum=datum) for line in lines]


def _middles(bowl: Bowl, rim: float) -> list[Mark]:
    """The middle line of every dart, from the raw edge to its point; the last at the arrow's foot."""
    datum = msg("mark.dart-middle.square", number=bowl.darts)
    if not bowl.square:
        apart = 2 * math.pi * (bowl.blank / 2 + rim) / bowl.darts
        datum = msg("mark.dart-middle.circle", apart=apart, number=bowl.darts)
    found = []
    for dart in range(bowl.darts):
        path = (Segment(bowl.turned(dart, bowl.blank / 2 + rim, 0.0), bowl.legs(dart)[1]),)
        found.append(Mark("line", msg("mark.dart-middle", number=bowl.darts), path, datum=datum))
    return found


def _legs(bowl: Bowl, rim: float) -> list[Mark]:
    """The two legs of every dart, from the raw edge to its point."""
    length, half = bowl.raw(rim)
    out = bowl.point + length if bowl.square else math.sqrt((bowl.blank / 2 + rim) ** 2 - half * half)
    datum = msg("mark.dart-leg.datum", half=half)
    found = []
    for dart in range(bowl.darts):
        point = bowl.legs(dart)[1]
        for side in (-half, half):
            path = (Segment(bowl.turned(dart, out, side), point),)
            found.append(Mark("line", msg("mark.dart-leg"), path, datum=datum))
    return found


def _raw_outline(bowl: Bowl, rim: float) -> tuple[Segment, ...]:
    """The blank as it is cut: darts are sewn first and trimmed afterwards."""
    if not bowl.square:
        r = bowl.blank / 2 + rim
        corners = [(0.0, -r), (r, 0.0), (0.0, r), (-r, 0.0)]
        return tuple(Segment(a, b, math.tan(math.pi / 8)) for a, b in pairwise([*corners, corners[0]]))
    s, rounded = bowl.blank / 2 + rim, bowl.rounded + rim if bowl.rounded > 0 else 0.0
    if rounded <= 0:
        return polyline([(-s, -s), (s, -s), (s, s), (-s, s), (-s, -s)])
    path: list[Segment] = []
    k = s - rounded
    bulge = math.tan(math.pi / 8)
    for (x, y), (u, v) in (((k, -s), (s, -k)), ((s, k), (k, s)), ((-k, s), (-s, k)), ((-s, -k), (-k, -s))):
        if path and math.dist(path[-1].end, (x, y)) > 1e-9:
            path.append(Segment(path[-1].end, (x, y)))
        path.append(Segment((x, y), (u, v), bulge))
    if math.dist(path[-1].end, path[0].start) > 1e-9:
        path.append(Segment(path[-1].end, path[0].start))
    return tuple(path)


def add_seams(make: Make, bowl: Bowl) -> None:
    """Every dart, and the rim. A lining of its own has darts of its own."""
    names = range(1, bowl.darts + 1)
    inner = "body-lining" if make.apart else "body"
    for piece, prefix in (("body", ""), ("body-lining", "lining-"))[: 2 if make.apart else 1]:
        cloths: tuple[Role, ...] = ("lining",) if prefix else make.cloths
        for name in names:
            a, b = [EdgeUse(piece, f"dart-{name}-right")], [EdgeUse(piece, f"dart-{name}-left", reversed=True)]
            depth = make.allowance("dart", bool(prefix))
            make.seam(f"{prefix}dart-{name}", a, b, depth, cloths, f"dart-{name}")
    rims = [EdgeUse("body", f"rim-{name}") for name in names]
    if not make.lined:
        make.hem("hem", rims, make.allowance("rim"))
        return
    layers: tuple[Role, ...] = ("outer", "lining")
    outer = [replace(use, layer="outer") for use in rims]
    lining = [replace(use, piece=inner, layer="lining") for use in rims]
    rim = make.seam("rim", outer, lining, make.allowance("rim"), layers, mate=("lining-rim",))
    girth = 2 * bowl.darts * bowl.rim_radius * math.sin(bowl.al)
    if make.option("gap_place") == "rim":
        # With many darts one side is short: the gap runs on over the next. On a square it lies between a dart and a corner.
        sides = lining[: max(1, bowl.darts // 3)]
        make.gap(rim, sides, girth, chain=len(sides) > 1)
    else:
        dart = next(s for s in make.seams if s.id == ("lining-dart-1" if make.apart else "dart-1"))
        make.gap(dart, (*dart.a, *dart.b), girth)
