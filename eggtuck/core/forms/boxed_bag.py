"""The boxed-base bag: two squashed corners give a flat base. For bottles, jars, cans, mugs and cartons."""

from __future__ import annotations

import math
from dataclasses import dataclass, replace

from ..assembly.boxed_bag import boxed_bag_steps
from ..checks.cautions import caution_checks
from ..checks.cutting import cutout_checks, direction_check, outline_checks, rounding_check
from ..checks.seams import allowance_checks, seam_checks
from ..checks.turning import gap_check, gap_needed
from ..fit.ease import ease_check, usual_ease
from ..fit.standing import Seat, base_check, height_check, tie_check
from ..lay.needs import cloth_needs, ribbon_need, thread_need
from ..lengths import Grid
from ..moves.bag_marks import base_and_box_marks, centre_notches, gap_marks, motif_and_up, tie_marks, turned_edge_marks
from ..moves.boxed_shell import Shell, ShellSize, boxed_shell, shell_spans
from ..moves.mouth import TOPS, Mouth
from ..pattern import Chain, Check, Cut, Draft, Fix, Gap, InputState, Mark, Piece, Problem, Role, Seam, Solid, SpecError
from ..plane import OffsetError
from ..wording import msg
from .description import Form, LengthInput, Option
from .spec import Spec

_LINED = {"options.top": ("bagged", "folded-in", "cuff-out")}
_GAP = {"options.top": ("bagged", "cuff-out")}
_MIN_BASE = 5.0
_STIFF: tuple[Role, ...] = ("interfacing", "padding")
CUFF, HEM, BOW = 40.0, 25.0, 600.0

INPUTS = (
    LengthInput("ease.girth", -100.0, 600.0, "form", "at-least"),
    LengthInput("size.girth", 40.0, 2500.0, "form", "at-least"),
    LengthInput("size.headroom", -1000.0, 600.0, "form", "either-way"),
    LengthInput("size.wall_height", 10.0, 2000.0, "form", "at-least"),
    LengthInput("size.base_depth", 4.0, 1200.0, "form", "either-way"),
    LengthInput("size.cuff_depth", 5.0, 500.0, "form", "at-most", {"options.top": ("cuff-out",)}),
    LengthInput("size.hem_depth", 5.0, 500.0, "form", "either-way", {"options.top": ("deep-hem",)}),
    LengthInput("size.tie_height", 5.0, 2000.0, "form", "either-way", {"options.tie": ("loose", "caught")}),
    LengthInput("size.bow", 0.0, 3000.0, "cloth", "either-way", {"options.tie": ("loose", "caught")}),
    LengthInput("size.gap", 10.0, 1000.0, "ease", "at-least", _GAP),
    LengthInput("size.interfacing_inset", 0.0, 60.0, "ease", "either-way", {"options.interfacing": ("inset",)}),
)
OPTIONS = (
    Option("cut", ("two-panels", "side-fold", "base-fold"), "form"),
    Option("boxing", ("cut-first", "sew-first"), "form"),
    Option("top", TOPS, "form"),
    Option("tie", ("loose", "caught", "none"), "form"),
    Option("lining", ("equal", "reduced"), "ease", _LINED),
    Option("gap_place", ("lining-base", "lining-side"), "ease", _GAP),
    Option("interfacing", ("full", "inset", "net"), "ease"),
    Option("hem_order", ("after", "before"), "ease", {"options.top": ("deep-hem", "plain")}),
)


@dataclass(frozen=True, slots=True)
class _Sizes:
    """Everything decided before pieces are drawn (mm)."""

    girth: Chain
    wall: Chain
    depth: Chain
    cut_width: Chain
    cut_height: Chain
    mouth: Mouth
    proposed_girth: Chain | None
    proposed_wall: Chain | None
    proposed_depth: Chain
    ease: float | None
    seat: Seat | None
    inside: float
    between: float

    @property
    def shell(self) -> ShellSize:
        return ShellSize(self.girth.total, self.wall.total, self.depth.total, self.mouth.above)


def draft_boxed_bag(spec: Spec) -> Draft:
    """Drafts the bag. Raises `SpecError` naming the inputs that cannot go together."""
    spec = _settled(spec)
    sizes = _sizes(spec)
    options = spec.options
    cut_first = options["boxing"] == "cut-first"
    outer, lining = _shells(spec, sizes)
    tie = _tie(spec, sizes)
    gap, gap_limits = _gap(spec, sizes, outer, lining)
    pieces = _pieces(spec, sizes, outer, lining, tie, gap)
    rim = spec.seam_allowance("top")
    seams = (*outer.seams, *(lining.seams if lining is not outer else ()), *sizes.mouth.seams(outer, lining, rim))
    hems = sizes.mouth.hems(outer, rim)
    gaps = (gap,) if gap else ()
    sums = _sums(spec, sizes, lining, tie, gap)
    ribbon = _ribbon(spec, sizes) if tie is not None else None
    if ribbon is not None:
        sums["ribbon"] = ribbon
    needs = [*cloth_needs(pieces, spec.stack, spec.ruler)]
    if ribbon is not None:
        needs.append(ribbon_need(ribbon.total, spec.ruler))
    needs.append(thread_need(seams, hems, outer.size.girth))
    size = sizes.shell
    finished = {
        "girth": size.girth,
        "wall_height": size.wall,
        "base_depth": size.depth,
        "base_width": size.base_width,
        **({"cuff_depth": size.above} if options["top"] == "cuff-out" else {}),
        **({"hem_depth": size.above} if options["top"] == "deep-hem" else {}),
        **({"tie_height": tie} if tie is not None else {}),
    }
    return Draft(
        form=spec.form,
        spec=spec.understood,
        ruler=spec.ruler,
        language=spec.language,
        finished=finished,
        pieces=pieces,
        seams=seams,
        hems=hems,
        gaps=gaps,
        checks=tuple(_checks(spec, sizes, pieces, seams, tie, gap, gap_limits)),
        steps=boxed_bag_steps(
            outer,
            lining,
            pieces,
            seams,
            gap,
            options,
            spec.stack,
            tie,
            sizes.mouth,
            cut_first,
            spec.seam_allowance,
            spec.thing,
        ),
        needs=tuple(needs),
        solid=Solid(outer.facets, shell_spans(outer.size)),
        sums=sums,
        inputs=_inputs(spec, sizes, tie, gap, gap_limits),
        object=spec.thing.view() if spec.thing else None,
    )


def _settled(spec: Spec) -> Spec:
    """Choices that follow from others: a lining folded at the base has no base seam to leave a gap in."""
    if spec.options["cut"] != "base-fold" or spec.options["gap_place"] == "lining-side":
        return spec
    if "gap_place" in spec.chosen and Mouth(spec.options["top"]).turned_through_gap:
        raise SpecError.of("options.gap_place", msg("problem.gap-no-base-seam"))
    options = {**spec.options, "gap_place": "lining-side"}
    return replace(spec, options=options, understood={**spec.understood, "options": options})


# Sizes ------------------------------------------------------------------------------------------------


def _sizes(spec: Spec) -> _Sizes:
    top = spec.options["top"]
    stack = spec.stack if Mouth(top).lined else spec.stack.without("lining")
    thing, given = spec.thing, spec.size
    problems = [
        Problem(f"size.{name}", msg("problem.size-missing", label=msg(f"input.size.{name}")))
        for name in ("girth", "wall_height")
        if thing is None and name not in given
    ]
    if problems:
        raise SpecError(problems)
    side, a_top, base = spec.seam_allowance("side"), spec.seam_allowance("top"), spec.seam_allowance("base")
    ease = spec.ease.get("girth") if thing else None
    if thing is not None and ease is None:
        ease = usual_ease(thing.girth, spec.grid.step or spec.ruler.step)
    proposed_girth = None
    if thing is not None and ease is not None:
        proposed_girth = (
            Chain.start(msg("sum.object-girth"), thing.girth)
            .plus_some(msg("sum.ease"), ease)
            .plus_some(msg("sum.turn-of-cloth", thickness=stack.inside), 2 * math.pi * stack.inside)
        )
    girth = _given_or(given.get("girth"), proposed_girth)
    panels = 1 if spec.options["cut"] == "side-fold" else 2
    cut_width = girth
    if panels == 2:
        cut_width = girth.divided(msg("sum.half"), 2)
    cut_width = cut_width.plus_some(msg("sum.two-side-allowances", allowance=side), 2 * side)
    rounded = cut_width.rounded(spec.grid, "up")
    if rounded.total != cut_width.total:
        girth = girth.plus(msg("sum.rounding-gain"), panels * (rounded.total - cut_width.total))
    cut_width = rounded
    if girth.total <= 2 * _MIN_BASE:
        raise SpecError.of("ease.girth", msg("problem.girth-small", girth=girth.total, low=40.0))
    inside = stack.inside
    proposed_depth = _proposed_depth(spec, girth.total, inside)
    depth = _given_or(given.get("base_depth"), proposed_depth)
    _check_depth(spec, depth.total, girth.total)
    seat = Seat(thing, girth.total / 2 - depth.total, depth.total, inside) if thing else None
    proposed_wall = None
    if thing is not None and seat is not None:
        proposed_wall = (
            Chain.start(msg("sum.object-height"), thing.height)
            .plus_some(msg("sum.headroom"), given.get("headroom", 0.0))
            .plus_some(msg("sum.base-loss"), seat.loss)
        )
        if "wall_height" not in given and proposed_wall.total < 10.0:
            raise SpecError.of("size.headroom", msg("problem.headroom", low=10.0 - thing.height - seat.loss))
    wall = _given_or(given.get("wall_height"), proposed_wall)
    mouth = Mouth(top, _above(spec, top, wall.total, seat))
    both = spec.options["cut"] == "base-fold"
    cut_height = (
        wall.plus(msg("sum.half-base"), depth.total / 2)
        .plus_some(msg(f"sum.above-{top}"), mouth.above)
        .plus_some(msg("sum.top-allowance"), a_top)
    )
    cut_height = (
        cut_height.times(msg("sum.both-panels"), 2) if both else cut_height.plus_some(msg("sum.base-allowance"), base)
    )
    rounded = cut_height.rounded(spec.grid, "up")
    if rounded.total != cut_height.total:
        wall = wall.plus(msg("sum.rounding-gain"), (rounded.total - cut_height.total) / (2 if both else 1))
    return _Sizes(
        girth,
        wall,
        depth,
        cut_width,
        rounded,
        mouth,
        proposed_girth,
        proposed_wall,
        proposed_depth,
        ease,
        seat,
        inside,
        stack.between if mouth.lined else 0.0,
    )


def _given_or(given: float | None, proposed: Chain | None) -> Chain:
    if given is not None:
        return Chain.start(msg("sum.given"), given)
    assert proposed is not None
    return proposed


def _proposed_depth(spec: Spec, girth: float, inside: float) -> Chain:
    """``min(d + 2t, G/4)`` for round things, rounded up when it is the object's own width; the depth of a
    carton plus its layers; without an object the square base."""
    square = msg("sum.square-base")
    if spec.thing is None:
        return Chain.start(square, girth / 4).rounded(spec.grid, "nearest")
    label = msg("sum.object-base") if spec.thing.round else msg("sum.object-depth")
    chain = Chain.start(label, spec.thing.base_depth).plus_some(msg("sum.two-thicknesses"), 2 * inside)
    if not spec.thing.round:
        return chain.at_most(msg("sum.leaves-width"), girth / 2 - _MIN_BASE).rounded(spec.grid, "up")
    fits = chain.total <= girth / 4 + 1e-9
    return chain.at_most(square, girth / 4).rounded(spec.grid, "up" if fits else "nearest")


def _check_depth(spec: Spec, depth: float, girth: float) -> None:
    if depth >= girth / 2 - _MIN_BASE:
        low_girth = 2 * (depth + _MIN_BASE)
        raise SpecError(
            [Problem("size.base_depth", msg("problem.depth-wide", depth=depth, limit=girth / 2, girth=low_girth))]
        )
    if spec.options["boxing"] == "cut-first":
        box = spec.seam_allowance("box")
        beside = (
            0.0
            if spec.options["cut"] != "two-panels"
            else min(spec.seam_allowance("side"), spec.seam_allowance("base"))
        )
        if depth / 2 + beside - box <= 0.5:
            raise SpecError.of("size.base_depth", msg("problem.cutout-vanishes", low=2 * (box - beside) + 2.0, box=box))


def _above(spec: Spec, top: str, wall: float, seat: Seat | None) -> float:
    if top == "cuff-out":
        tie = _wanted_tie(spec, seat)
        limit = wall - tie if tie is not None and tie < wall else wall * 0.6
        cuff = spec.size.get("cuff_depth")
        if cuff is None:
            return min(CUFF, limit * 0.8)
        if cuff > limit + 1e-6:
            key = "problem.cuff-over-tie" if tie is not None and tie < wall else "problem.cuff-deep"
            raise SpecError.of("size.cuff_depth", msg(key, cuff=cuff, limit=limit))
        return cuff
    if top == "deep-hem":
        hem = spec.size.get("hem_depth", min(HEM, wall / 3))
        if hem > wall / 2:
            raise SpecError.of("size.hem_depth", msg("problem.hem-deep", hem=hem, limit=wall / 2))
        return hem
    return 0.0


def _wanted_tie(spec: Spec, seat: Seat | None) -> float | None:
    """The tie height asked for, or the neck's along the cloth."""
    if spec.options["tie"] == "none":
        return None
    if "tie_height" in spec.size:
        return spec.size["tie_height"]
    if seat is None or seat.thing.neck_along_cloth is None:
        return None
    return seat.thing.neck_along_cloth + seat.loss


def _tie(spec: Spec, sizes: _Sizes) -> float | None:
    """The tie line above the base line; none when the bag ends below the neck."""
    tie = _wanted_tie(spec, sizes.seat)
    if tie is not None and tie >= sizes.wall.total:
        if "tie_height" in spec.size:
            raise SpecError.of("size.tie_height", msg("problem.tie-high", tie=tie, wall=sizes.wall.total))
        return None
    return tie


def _gap(spec: Spec, sizes: _Sizes, outer: Shell, lining: Shell) -> tuple[Gap | None, tuple[float, float, float]]:
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


# Pieces -----------------------------------------------------------------------------------------------


def _shells(spec: Spec, sizes: _Sizes) -> tuple[Shell, Shell]:
    """Outer and lining; the same shell when the lining is cut from the outer's pattern."""
    cut, boxing = spec.options["cut"], spec.options["boxing"]
    own = any(key.startswith("lining-") for key in spec.allowance)
    differs = sizes.mouth.lined and ((spec.options["lining"] == "reduced" and sizes.between > 0) or own)
    layers: tuple[Role, ...] = ("outer", "lining") if sizes.mouth.lined and not differs else ("outer",)
    outer = boxed_shell("body", sizes.shell, cut, boxing, spec.seam_allowance, layers)
    if not differs:
        return outer, outer
    size = sizes.shell
    if spec.options["lining"] == "reduced":
        t = sizes.between
        size = ShellSize(size.girth - 2 * math.pi * t, size.wall - t, size.depth - 2 * t, size.above)
        if size.depth < 4.0 or size.base_width < _MIN_BASE or size.wall < 10.0:
            raise SpecError.of("options.lining", msg("problem.lining-vanishes", thickness=t))
    lining = boxed_shell(
        "body-lining", size, cut, boxing, lambda key: spec.seam_allowance(key, lining=True), ("lining",), "lining-"
    )
    return outer, lining


def _pieces(
    spec: Spec, sizes: _Sizes, outer: Shell, lining: Shell, tie: float | None, gap: Gap | None
) -> tuple[Piece, ...]:
    stiff: list[Role] = [role for role in _STIFF if spec.stack.of(role)]
    cuts = [Cut("outer", outer.copies)]
    if sizes.mouth.lined and lining is outer:
        cuts.append(Cut("lining", outer.copies))
    cuts += [Cut(role, outer.copies, inset=_inset(spec)) for role in stiff]
    pieces = [
        Piece(
            "body",
            "A",
            msg("piece.body"),
            outer.edges,
            tuple(cuts),
            outer.lines,
            tuple(_marks(spec, sizes, outer, tie, gap if lining is outer else None, main=True)),
            outer.folds,
        )
    ]
    if lining is not outer:
        pieces.append(
            Piece(
                "body-lining",
                "B",
                msg("piece.body-lining"),
                lining.edges,
                (Cut("lining", lining.copies),),
                lining.lines,
                tuple(_marks(spec, sizes, lining, None, gap, main=False)),
                lining.folds,
            )
        )
    for piece in pieces:
        try:
            for cut in piece.cuts:
                piece.outline_for(cut)
        except OffsetError as error:
            field = "size.interfacing_inset" if any(c.inset for c in piece.cuts) else "allowance.default"
            raise SpecError.of(field, msg("problem.allowance-swallows")) from error
    return tuple(pieces)


def _inset(spec: Spec) -> float:
    """How much smaller than the outer interfacing and padding are cut (mm)."""
    school = spec.options["interfacing"]
    if school == "full":
        return 0.0
    default = spec.seam_allowance("default")
    return default if school == "net" else spec.size.get("interfacing_inset", default / 2)


def _marks(spec: Spec, sizes: _Sizes, shell: Shell, tie: float | None, gap: Gap | None, main: bool) -> list[Mark]:
    marks = base_and_box_marks(shell, spec.options["boxing"] == "cut-first")
    marks += centre_notches(shell)
    top = spec.options["top"]
    marks += turned_edge_marks(shell, msg(f"mark.turned-{top}"))
    if main:
        if tie is not None:
            marks += tie_marks(shell, tie)
        ceiling = min(sizes.wall.total - (shell.size.above if top == "cuff-out" else 0.0), tie or math.inf)
        marks += motif_and_up(shell, ceiling)
    if gap is not None:
        marks += gap_marks(shell, gap)
    return marks


# Checks, sums, inputs ---------------------------------------------------------------------------------


def _checks(
    spec: Spec,
    sizes: _Sizes,
    pieces: tuple[Piece, ...],
    seams: tuple[Seam, ...],
    tie: float | None,
    gap: Gap | None,
    gap_limits: tuple[float, float, float],
) -> list[Check]:
    checks: list[Check] = []
    size, thing, seat = sizes.shell, spec.thing, sizes.seat
    if thing is not None and seat is not None:
        checks += thing.checks()
        checks.append(ease_check(size.girth, sizes.inside, thing.girth, spec.ruler.step, "girth" in spec.size))
        checks.append(base_check(seat, size.girth, "girth" in spec.size))
        checks.append(height_check(seat, size.wall, "wall_height" in spec.size))
        if tie is not None and thing.neck_along_cloth is not None:
            field = "size.wall_height" if "wall_height" in spec.size else "size.headroom"
            checks.append(tie_check(seat, tie, size.wall, field))
        elif spec.options["tie"] != "none" and thing.neck_height is not None and tie is None:
            checks.append(Check("fit.tie", "note", msg("fit.no-tie"), msg("fit.no-tie.text"), size.wall))
    rim_fix = {"rim": Fix(msg("fix.lining-equal"), {"options.lining": "equal"})}
    checks += seam_checks(seams, spec.stack.ease_in, rim_fix)
    checks += allowance_checks(seams, pieces)
    checks += outline_checks(pieces)
    cut, cut_first = spec.options["cut"], spec.options["boxing"] == "cut-first"
    checks += cutout_checks(
        size.depth,
        cut,
        cut_first,
        spec.seam_allowance("side"),
        spec.seam_allowance("base"),
        spec.seam_allowance("box"),
        spec.grid,
    )
    checks += rounding_check(spec.size, {"girth": size.girth, "wall_height": size.wall}, spec.grid)
    printed = [layer.role for layer in spec.stack.layers if layer.directional]
    checks += direction_check(cut, printed)
    if gap is not None:
        needed, usable, _ = gap_limits
        can_move = spec.options["gap_place"] == "lining-base" and spec.options["cut"] != "base-fold"
        checks.append(gap_check(gap, usable, needed, "lining-side" if can_move else None))
    if sizes.mouth.lined and spec.stack.of("lining") is None:
        fix = Fix(msg("fix.add-lining"), {"layers.lining": "quilting-cotton"})
        checks.append(
            Check("layers.lining", "note", msg("check.no-lining-layer"), msg("check.no-lining-layer.text"), fix=fix)
        )
    if not sizes.mouth.lined and spec.stack.of("lining") is not None:
        checks.append(Check("layers.lining", "note", msg("check.lining-unused"), msg("check.lining-unused.text")))
    checks += caution_checks(spec.thing, tie is not None)
    return checks


def _sums(spec: Spec, sizes: _Sizes, lining: Shell, tie: float | None, gap: Gap | None) -> dict[str, Chain]:
    size = sizes.shell
    side, base, box = (spec.seam_allowance(key) for key in ("side", "base", "box"))
    half = Chain.start(msg("sum.base-depth"), size.depth).divided(msg("sum.half"), 2)
    sums = {
        "finished.girth": sizes.girth,
        "finished.wall_height": sizes.wall,
        "finished.base_depth": sizes.depth,
        "finished.base_width": Chain.start(msg("sum.girth"), size.girth)
        .divided(msg("sum.half"), 2)
        .minus(msg("sum.base-depth"), size.depth),
        "body.cut_width": sizes.cut_width,
        "body.cut_height": sizes.cut_height,
    }
    on_base_fold = spec.options["cut"] == "base-fold"
    if spec.options["boxing"] == "cut-first":
        sums["cutout.width"] = half.plus_some(msg("sum.side-allowance"), side).minus_some(msg("sum.box-allowance"), box)
        if on_base_fold:
            sums["cutout.height"] = half.minus_some(msg("sum.box-allowance"), box)
        else:
            sums["cutout.height"] = half.plus_some(msg("sum.base-allowance"), base).minus_some(
                msg("sum.box-allowance"), box
            )
        if spec.options["cut"] == "side-fold":
            sums["cutout.fold"] = half.minus_some(msg("sum.box-allowance"), box)
    else:
        sums["line.tip"] = half
        sums["line.length"] = Chain.start(msg("sum.base-depth"), size.depth)
        sums["line.along_side"] = half if on_base_fold else half.plus_some(msg("sum.base-allowance"), base)
        if not on_base_fold:
            sums["line.along_base"] = half.plus_some(msg("sum.side-allowance"), side)
    if lining.piece == "body-lining":
        t = sizes.between if spec.options["lining"] == "reduced" else 0.0
        sums["body-lining.girth"] = Chain.start(msg("sum.girth"), size.girth).minus_some(
            msg("sum.turn-of-cloth", thickness=t), 2 * math.pi * t
        )
    if tie is not None and spec.thing is not None and "tie_height" not in spec.size and sizes.seat is not None:
        along = spec.thing.neck_along_cloth
        assert along is not None
        sums["finished.tie_height"] = Chain.start(msg("sum.neck-along-cloth"), along).plus_some(
            msg("sum.base-loss"), sizes.seat.loss
        )
    return sums


def _ribbon(spec: Spec, sizes: _Sizes) -> Chain:
    """Once round the gathered neck, plus the bow with its tails."""
    thing = spec.thing
    neck = math.pi * thing.neck_diameter if thing and thing.neck_diameter else sizes.girth.total / 3
    label = msg("sum.neck-girth") if thing and thing.neck_diameter else msg("sum.neck-assumed")
    bunched = 2 * math.pi * sum(layer.thickness for layer in spec.stack.layers)
    return Chain.start(label, neck).plus(msg("sum.bunched"), bunched).plus(msg("sum.bow"), spec.size.get("bow", BOW))


def _inputs(
    spec: Spec, sizes: _Sizes, tie: float | None, gap: Gap | None, gap_limits: tuple[float, float, float]
) -> tuple[InputState, ...]:
    size, thing = sizes.shell, spec.thing
    statics = {item.field: item for item in INPUTS}
    states: list[InputState] = []

    def add(
        field: str, value: float, proposed: float | None, low: float | None = None, high: float | None = None
    ) -> None:
        item = statics[field]
        states.append(
            InputState(
                field,
                value,
                proposed,
                item.low if low is None else low,
                item.high if high is None else high,
                item.direction,
                spec.typed.get(field),
            )
        )

    if thing is not None:
        states += thing.inputs(spec.typed)
    if thing is not None and sizes.ease is not None:
        add("ease.girth", sizes.ease, usual_ease(thing.girth, spec.grid.step or spec.ruler.step))
        add("size.headroom", spec.size.get("headroom", 0.0), 0.0)
    girth, wall = sizes.proposed_girth, sizes.proposed_wall
    add("size.girth", size.girth, girth.total if girth else None, 2 * (size.depth + _MIN_BASE))
    add("size.wall_height", size.wall, wall.total if wall else None)
    add("size.base_depth", size.depth, sizes.proposed_depth.total, None, size.girth / 2 - _MIN_BASE)
    if spec.options["top"] == "cuff-out":
        limit = size.wall - tie if tie is not None else size.wall * 0.6
        add("size.cuff_depth", size.above, min(CUFF, limit * 0.8), None, limit)
    if spec.options["top"] == "deep-hem":
        add("size.hem_depth", size.above, min(HEM, size.wall / 3), None, size.wall / 2)
    if spec.options["tie"] != "none":
        neck = thing.neck_along_cloth if thing else None
        proposed = neck + sizes.seat.loss if neck is not None and sizes.seat else None
        if tie is not None:
            add("size.tie_height", tie, proposed, None, size.wall)
            add("size.bow", spec.size.get("bow", BOW), BOW)
    if gap is not None:
        add("size.gap", gap.length, gap_limits[2], None, gap_limits[1])
    if spec.options["interfacing"] == "inset":
        add("size.interfacing_inset", _inset(spec), spec.seam_allowance("default") / 2)
    for key in ("default", *BOXED_BAG.allowances):
        states.append(
            InputState(
                f"allowance.{key}",
                spec.seam_allowance(key),
                spec.seam_allowance("default"),
                0.0,
                60.0,
                "either-way",
                spec.typed.get(f"allowance.{key}"),
            )
        )
    return tuple(states)


BOXED_BAG = Form(
    "boxed-bag",
    INPUTS,
    OPTIONS,
    ("bottle", "jar", "can", "mug", "carton"),
    ("side", "base", "top", "box"),
    draft_boxed_bag,
)
