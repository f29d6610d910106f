"""What straight and tapering tubes with a round base share: pieces, lining, marks, sewing order."""

from __future__ import annotations

import math
from collections.abc import Callable, Sequence
from dataclasses import replace
from functools import partial

import shapely

from ..drafting.asking import habit_of
from ..drafting.make import Make
from ..drafting.spec import Spec
from ..frozen import frozen
from ..lengths import Grid
from ..making.round_tube import Drawn, round_tube_steps
from ..moves.mouth import Mouth
from ..moves.round_tube import circle_edge, ring_point, tube_facets, wall_edges
from ..pattern import Chain, Check, Cut, EdgeUse, Fix, Mark, Piece, Role, SpecError
from ..plane import OffsetError, Segment, flatten, offset_outline, polyline
from ..shop import EQUAL
from ..words import Thickness, msg
from .parts.adding import add_parts
from .shared import clips_apart, edges_check, finish_edges, while_flat
from .turned import lining_checks

# How many marks of the ruler are tried for a base that matches its wall.
TRIED = 8


@frozen
class TubeSize:
    """Net sizes (mm): girth at the base and at the rim, slant of the wall, its height, the base circle's
    diameter, and cloth above the rim that is turned back."""

    bottom: float
    top: float
    slant: float
    height: float
    base: float
    above: float = 0.0

    def inside(self, between: float, spec: Spec) -> TubeSize:
        """The lining that hangs in it, smaller by the turn of cloth of ``between`` mm; on a sloping wall the
        turn is ``2 pi t s / h``. It is cut on the ruler: a straight one's wall and base as a matched pair, of a sloping one the base, which
        its foot is then as wide as."""
        less = 2 * math.pi * between * self.slant / self.height
        height = self.height - between
        rise = (self.top - self.bottom) / (2 * math.pi)
        side, low, top = (spec.seam_allowance(key, lining=True) for key in ("side", "base", "top"))
        if abs(rise) > 1e-9 or not spec.grid.step:
            base = spec.grid.round(self.base - less / math.pi + 2 * low, "down") - 2 * low
            bottom, rim = math.pi * base, self.top - less
            slant = math.hypot(height, (rim - bottom) / (2 * math.pi))
            return TubeSize(bottom, rim, slant, height, base, self.above)
        girth, base = matched_pair(spec.grid, self.bottom - less, 2 * side, 2 * low, (-TRIED // 4, TRIED // 4))
        wall = spec.grid.round(height + self.above + low + top) - self.above - low - top
        return TubeSize(girth, girth, wall, wall, base, self.above)


def matched_pair(
    grid: Grid, girth: float, wall_adds: float, base_adds: float, tried: tuple[int, int], most: float = math.inf
) -> tuple[float, float]:
    """Girth of a wall and diameter of its base (mm), both cut to marks of the ruler: of the girths from ``tried`` marks below to
    above, not over ``most``, the one whose base circle matches it best; of equals the nearest."""
    near = grid.round(girth + wall_adds) - wall_adds

    def circle(g: float) -> float:
        return grid.round(g / math.pi + base_adds) - base_adds

    every = [near + n * grid.step for n in range(tried[0], tried[1] + 1)]
    within = [g for g in every if g <= most + 1e-6] or every[:1]
    best = min(within, key=lambda g: (round(abs(math.pi * circle(g) - g), 3), abs(g - girth)))
    return best, circle(best)


def paired_on_ruler(make: Make, girth: Chain, told: bool) -> tuple[Chain, Chain]:
    """Girth and base diameter of a straight tube as a matched pair on the ruler. A girth ``told`` is kept as near as a few marks; one
    that follows a thing is never tighter than its ease asks, and no looser than the thing usually sits."""
    spec = make.spec
    side, low, grid = spec.seam_allowance("side"), spec.seam_allowance("base"), spec.grid
    best, across = girth.total, girth.total / math.pi
    if grid.step:
        near = (-TRIED // 4, TRIED // 4) if told else (0, TRIED // 4 if spec.ease else TRIED)
        start = girth.total if told else grid.round(girth.total + 2 * side, "up") - 2 * side
        best, across = matched_pair(grid, start, 2 * side, 2 * low, near, max(start, _loosest(spec)))
    if abs(best - girth.total) > 1e-9:
        girth = girth.plus(msg("sum.matched-pair"), best - girth.total)
    base = Chain.start(msg("sum.girth"), best).divided(msg("sum.pi"), math.pi)
    if abs(across - base.total) > 1e-9:
        base = base.plus(msg("sum.rounding-gain"), across - base.total)
    return girth, base


def _loosest(spec: Spec) -> float:
    """The girth up to which the thing still sits as it usually does (mm)."""
    if spec.thing is None:
        return math.inf
    return spec.thing.girth * (1 + habit_of(spec).high) + 2 * math.pi * spec.stack.inside


def make_tube(make: Make, size: TubeSize, mouth: Mouth, drawn: Drawn | None = None) -> None:
    """Adds the pieces, seams, marks, gap and steps of a tube with a round base to the make; one that is ``drawn`` together has its collar
    already."""
    spec = make.spec
    between = spec.stack.between if mouth.lined else 0.0
    reduced = mouth.lined and spec.options["lining"] == "reduced" and between > 0
    own = any(spec.seam_allowance(key, lining=True) != spec.seam_allowance(key) for key in ("side", "base", "top"))
    apart = mouth.lined and (reduced or own)
    layers: tuple[Role, ...] = ("outer", "lining") if mouth.lined and not apart else ("outer",)
    make.flat_lined = mouth.flat_lined
    flat = [Cut("lining", 1, on="outer")] if mouth.flat_lined else []
    cuts = [*(Cut(role, 1) for role in layers), *flat]
    lining_size = size.inside(between, spec) if reduced else size
    if lining_size.height < 10 or min(lining_size.bottom, lining_size.top) < 30:
        raise SpecError.of("options.lining", msg("problem.lining-vanishes", thickness=Thickness(between)))
    outer = _shell(make, "", "AB", size, cuts, layers, mouth)
    lining = outer
    if apart:
        lining = _shell(make, "-lining", "CD", lining_size, [Cut("lining", 1)], ("lining",), mouth)
    walls = (outer[0], lining[0]) if apart else (outer[0],)
    _refuse_round(spec, size, walls, between if reduced else 0.0)
    rim = spec.seam_allowance("top")
    top_edge = EdgeUse("wall", "top")
    if mouth.lined:
        a, b = [replace(top_edge, layer="outer")], [EdgeUse(lining[0].id, "top", layer="lining")]
        make.seam("rim", a, b, rim, ("outer", "lining"), mate=("lining-top",))
    elif mouth.top == "drawstring":
        make.seam("collar", [top_edge], [EdgeUse("collar", "lower", reversed=True)], rim, ("outer",))
    else:
        make.hem("hem", [top_edge], size.above if mouth.top == "deep-hem" else rim)
    make.checks += lining_checks(mouth, spec)
    edges_check(make, hidden_by_lining=mouth.asks_lining)
    gap = None
    if mouth.turned_through_gap:
        seam = next(s for s in make.seams if s.id == ("lining-side" if apart else "side"))
        edges = seam.uses_of("side-left", "side-right")
        usable = lining_size.slant + lining_size.above
        gap = make.gap(seam, edges, max(lining_size.bottom, lining_size.top), usable=usable)
    make.draw(draw_tube, size)
    make.around = size.top
    add_parts(make)
    round_tube_steps(
        make.order,
        make.pieces,
        make.seams,
        make.hems,
        gap,
        spec.stack,
        mouth,
        rim,
        spec.thing,
        spec.options.get("assembly") == "long-tube",
        drawn,
        apart=clips_apart(make, [seam for seam in make.seams if seam.id in ("base", "lining-base")]),
    )
    while_flat(make)
    finish_edges(make)


def draw_tube(make: Make, size: TubeSize) -> None:
    make.facets += tube_facets("wall", "base", size.bottom, size.top, size.slant, size.height)


def _shell(
    make: Make, ending: str, letters: str, size: TubeSize, cuts: list[Cut], layers: tuple[Role, ...], mouth: Mouth
) -> tuple[Piece, Piece]:
    """Wall and base of one layer and their two seams. ``ending`` tells the lining's pieces apart."""
    spec = make.spec
    lining = ending != ""

    def allowance(key: str) -> float:
        return spec.seam_allowance(key, lining=lining)

    name = f"wall{ending}"
    edges = wall_edges(name, size.bottom, size.top, size.slant, size.above, allowance)
    wall = make.piece(name, letters[0], edges, cuts, _wall_marks(size, mouth.top, allowance), backed=True)
    base = make.piece(
        f"base{ending}",
        letters[1],
        [circle_edge(f"base{ending}", size.base, allowance("base"))],
        # A base that drains is one layer of mesh.
        [Cut("mesh", 1)] if spec.options.get("base_cloth") == "mesh" and make.role("mesh") == "mesh" else cuts,
        _quarters(size.base),
        backed=True,
    )
    prefix = "lining-" if lining else ""
    make.seam(
        f"{prefix}side",
        [EdgeUse(name, "side-left")],
        [EdgeUse(name, "side-right", reversed=True)],
        allowance("side"),
        layers,
        "side",
    )
    make.seam(
        f"{prefix}base",
        [EdgeUse(name, "base")],
        [EdgeUse(f"base{ending}", "rim")],
        allowance("base"),
        layers,
        "round-base",
    )
    return wall, base


def _refuse_round(spec: Spec, size: TubeSize, walls: Sequence[Piece], between: float) -> None:
    """Walls so flat that they would lie nearly all the way round, the allowances of their sides over each other; the second is a lining
    ``between`` mm within the first. Raises `SpecError`."""
    if abs(size.top - size.bottom) < EQUAL or all(_lies_apart(wall.cut_outline) for wall in walls):
        return

    def lies_apart(one: TubeSize, lining: bool) -> bool:
        edges = wall_edges("", one.bottom, one.top, one.slant, one.above, partial(spec.seam_allowance, lining=lining))
        path = [segment for edge in edges for segment in edge.path]
        try:
            return _lies_apart(offset_outline(path, [edge.allowance for edge in edges for _ in edge.path]))
        except OffsetError:
            return False

    def fits(height: float) -> bool:
        tall = replace(size, height=height, slant=math.hypot(height, (size.top - size.bottom) / (2 * math.pi)))
        shells = (tall, tall.inside(between, spec) if between else tall)
        return all(lies_apart(shell, nth > 0) for nth, shell in enumerate(shells[: len(walls)]))

    low, high = size.height, 2 * size.height + abs(size.top - size.bottom)
    while high - low > 0.1:
        middle = (low + high) / 2
        low, high = (low, middle) if fits(middle) else (middle, high)
    raise SpecError.of("size.height", msg("problem.cone-round", low=spec.least(high)))


def _lies_apart(outline: Sequence[Segment]) -> bool:
    return bool(shapely.Polygon(flatten(outline, 0.2)).is_valid)


def _wall_marks(size: TubeSize, top: str, allowance: Callable[[str], float]) -> list[Mark]:
    """Quarters along the base, the middle of the top, the fold of a turned top, and which way is up."""

    def at(along: float, up: float) -> tuple[float, float]:
        return ring_point(size.bottom, size.top, size.slant, along, up)

    marks = [Mark("notch", msg("mark.quarter"), point=at(share, 0.0)) for share in (0.25, 0.5, 0.75)]
    x, y = at(0.5, 1.0)
    marks.append(Mark("notch", msg("mark.centre-top"), point=(x, y + size.above)))
    if size.above:
        fold = polyline([at(0.0, 1.0), at(1.0, 1.0)])
        datum = msg("mark.turned.datum", depth=size.above, raw=size.above + allowance("top"))
        marks.append(Mark("line", msg(f"mark.turned-{top}"), fold, datum=datum))
    # In the middle where the sides lean: the arrow is the grain, and only there the wall's up is that.
    across, low, high = (0.86, 0.12, 0.34) if abs(size.top - size.bottom) < EQUAL else (0.5, 0.08, 0.3)
    return [*marks, Mark("up", msg("mark.up"), polyline([at(across, low), at(across, high)]))]


def _quarters(diameter: float) -> list[Mark]:
    r = diameter / 2
    return [Mark("notch", msg("mark.quarter"), point=point) for point in ((0.0, -r), (r, 0.0), (0.0, r), (-r, 0.0))]


def base_checks(make: Make, base: float, inside: float, fix: Callable[[float], Fix | None]) -> None:
    """Whether the thing stands on a round base of that net diameter with ``inside`` mm of layers."""
    thing = make.spec.thing
    if thing is None:
        return
    room = base - 2 * inside - max(thing.base_width, thing.base_depth)
    sizes = {"base": base - 2 * inside, "thing": max(thing.base_width, thing.base_depth), "room": abs(room)}
    # Less than half a mark is nothing that could be cut or told.
    if room >= -max(0.05, make.spec.step / 2):
        make.checks.append(
            Check("fit.base", "ok", msg("fit.round-flat"), msg("fit.round-flat.text", **sizes), room, 0.0)
        )
    else:
        wanted = thing.base_width + 2 * inside
        make.checks.append(
            Check(
                "fit.base", "warn", msg("fit.round-tight"), msg("fit.round-tight.text", **sizes), room, 0.0, fix(wanted)
            )
        )
