"""What straight and tapering tubes with a round base share: pieces, lining, marks, sewing order."""

from __future__ import annotations

import math
from collections.abc import Callable
from dataclasses import dataclass

from ..assembly.round_tube import round_tube_steps
from ..checks.turning import gap_check, gap_needed
from ..lengths import Grid
from ..moves.bag_marks import gap_marks
from ..moves.mouth import Mouth
from ..moves.round_tube import circle_edge, ring_point, tube_facets, wall_edges
from ..pattern import Check, Cut, EdgeUse, Fix, Gap, Mark, Piece, Role, SpecError
from ..plane import polyline
from ..wording import msg
from .make import Make
from .parts.adding import add_parts
from .shared import while_flat

STIFF: tuple[Role, ...] = ("interfacing", "padding")


@dataclass(frozen=True, slots=True)
class TubeSize:
    """Net sizes (mm): girth at the base and at the rim, slant of the wall, its height, the base circle's
    diameter, and cloth above the rim that is turned back."""

    bottom: float
    top: float
    slant: float
    height: float
    base: float
    above: float = 0.0

    def inside(self, between: float) -> TubeSize:
        """The lining that hangs in it, smaller by the turn of cloth of ``between`` mm; on a sloping wall the
        turn is ``2 pi t s / h``."""
        less = 2 * math.pi * between * self.slant / self.height
        height = self.height - between
        rise = (self.top - self.bottom) / (2 * math.pi)
        return TubeSize(
            self.bottom - less,
            self.top - less,
            math.hypot(height, rise),
            height,
            self.base - less / math.pi,
            self.above,
        )


def make_tube(make: Make, size: TubeSize, mouth: Mouth) -> None:
    """Adds the pieces, seams, marks, gap and steps of a tube with a round base to the make."""
    spec = make.spec
    between = spec.stack.between if mouth.lined else 0.0
    reduced = mouth.lined and spec.options["lining"] == "reduced" and between > 0
    layers: tuple[Role, ...] = ("outer", "lining") if mouth.lined and not reduced else ("outer",)
    stiff = [Cut(role, 1) for role in STIFF if spec.stack.of(role)]
    cuts = [*(Cut(role, 1) for role in layers), *stiff]
    lining_size = size.inside(between) if reduced else size
    if lining_size.height < 10 or min(lining_size.bottom, lining_size.top) < 30:
        raise SpecError.of("options.lining", msg("problem.lining-vanishes", thickness=between))
    gap, usable, needed = _gap(make, lining_size, mouth, "lining-side" if reduced else "side")
    outer = _shell(make, "", "AB", size, cuts, layers, gap if gap and not reduced else None, mouth)
    lining = outer
    if reduced:
        lining = _shell(make, "-lining", "CD", lining_size, [Cut("lining", 1)], ("lining",), gap, mouth)
    rim = spec.seam_allowance("top")
    top_edge = "wall.top"
    if mouth.lined:
        make.seam(
            "rim",
            [EdgeUse(top_edge, layer="outer")],
            [EdgeUse(f"{lining[0].id}.top", layer="lining")],
            rim,
            ("outer", "lining"),
        )
    elif mouth.top == "drawstring":
        make.seam("collar", [EdgeUse(top_edge)], [EdgeUse("collar.lower")], rim, ("outer",))
    else:
        make.hem("hem", [EdgeUse(top_edge)], size.above if mouth.top == "deep-hem" else rim)
    if gap is not None:
        make.gaps.append(gap)
        make.checks.append(gap_check(gap, usable, needed, None))
    make.facets += tube_facets("wall", "base", size.bottom, size.top, size.slant, size.height)
    add_parts(make)
    round_tube_steps(make.order, make.pieces, make.seams, make.hems, gap, spec.stack, mouth, rim, spec.thing)
    while_flat(make.order.steps, make.part_steps.steps)


def _shell(
    make: Make,
    ending: str,
    letters: str,
    size: TubeSize,
    cuts: list[Cut],
    layers: tuple[Role, ...],
    gap: Gap | None,
    mouth: Mouth,
) -> tuple[Piece, Piece]:
    """Wall and base of one layer and their two seams. ``ending`` tells the lining's pieces apart."""
    spec = make.spec
    lining = ending != ""

    def allowance(key: str) -> float:
        return spec.seam_allowance(key, lining=lining)

    name = f"wall{ending}"
    edges = wall_edges(name, size.bottom, size.top, size.slant, size.above, allowance)
    marks = _wall_marks(size, mouth.top) + (gap_marks(edges, gap) if gap else [])
    wall = make.piece(name, letters[0], edges, cuts, marks)
    base = make.piece(
        f"base{ending}",
        letters[1],
        [circle_edge(f"base{ending}", size.base, allowance("base"))],
        # A base that drains is one layer of mesh.
        [Cut(make.role("mesh"), 1)] if spec.options.get("base_cloth") == "mesh" and not mouth.lined else cuts,
        _quarters(size.base),
    )
    prefix = "lining-" if lining else ""
    make.seam(
        f"{prefix}side",
        [EdgeUse(f"{name}.side-left")],
        [EdgeUse(f"{name}.side-right", reversed=True)],
        allowance("side"),
        layers,
        "side",
    )
    make.seam(
        f"{prefix}base",
        [EdgeUse(f"{name}.base")],
        [EdgeUse(f"base{ending}.rim")],
        allowance("base"),
        layers,
        "round-base",
    )
    return wall, base


def _wall_marks(size: TubeSize, top: str) -> list[Mark]:
    """Quarters along the base, the middle of the top, the fold of a turned top, and which way is up."""

    def at(along: float, up: float) -> tuple[float, float]:
        return ring_point(size.bottom, size.top, size.slant, along, up)

    marks = [Mark("notch", msg("mark.quarter"), point=at(share, 0.0)) for share in (0.25, 0.5, 0.75)]
    x, y = at(0.5, 1.0)
    marks.append(Mark("notch", msg("mark.centre-top"), point=(x, y + size.above)))
    if size.above:
        fold = polyline([at(0.0, 1.0), at(1.0, 1.0)])
        marks.append(Mark("line", msg(f"mark.turned-{top}"), fold, datum=msg("mark.turned.datum", depth=size.above)))
    arrow = [at(0.86, 0.12), at(0.86, 0.34)]
    return [*marks, Mark("up", msg("mark.up"), polyline(arrow))]


def _quarters(diameter: float) -> list[Mark]:
    r = diameter / 2
    return [Mark("notch", msg("mark.quarter"), point=point) for point in ((0.0, -r), (r, 0.0), (0.0, r), (-r, 0.0))]


def _gap(make: Make, size: TubeSize, mouth: Mouth, seam: str) -> tuple[Gap | None, float, float]:
    """The turning gap in the lining's side seam, the length it could have, and what turning needs (mm)."""
    if not mouth.turned_through_gap:
        return None, 0.0, 0.0
    spec = make.spec
    usable = size.slant + size.above
    needed = gap_needed(max(size.bottom, size.top), spec.stack.total)
    step = 25.4 / 4 if spec.ruler.unit == "in" else 5.0
    most = Grid(step).round(usable * 0.7, "down")
    if most < needed:
        most = max(usable * 0.7, min(needed, usable - 10.0))
    proposed = min(Grid(step).round(max(70.0, needed * 1.25), "up"), most)
    length = spec.size.get("gap", proposed)
    if length > usable:
        raise SpecError.of("size.gap", msg("problem.gap-long", gap=length, seam=usable, limit=max(10.0, usable - 20.0)))
    make.input("size.gap", length, proposed, None, usable)
    start = (usable - length) / 2
    piece = "wall-lining" if seam.startswith("lining") else "wall"
    edges = (f"{piece}.side-left", f"{piece}.side-right")
    return Gap("gap", seam, edges, start, start + length, "lining"), usable, needed


def base_checks(make: Make, base: float, inside: float, fix: Callable[[float], Fix | None]) -> None:
    """Whether the thing stands on a round base of that net diameter with ``inside`` mm of layers."""
    thing = make.spec.thing
    if thing is None:
        return
    room = base - 2 * inside - max(thing.base_width, thing.base_depth)
    sizes = {"base": base, "thing": thing.base_width, "room": abs(room)}
    if room >= -0.05:
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
