"""The darted bowl cosy: a square or round blank whose darts turn its rim up round a bowl, a plate or a dish."""

from __future__ import annotations

import math
from dataclasses import replace
from itertools import pairwise

from ...checks.cloth import microwave_check
from ...constructions.shared import PADDED_LAYERS, edges_check
from ...drafting.asking import ease_of, ease_state, habit_of
from ...drafting.description import Form
from ...drafting.make import Make
from ...drafting.reads import Chosen, Reads
from ...drafting.spec import Spec, Traits
from ...fit.ease import EaseHabit, ease_check
from ...moves.outliner import Outliner
from ...pattern import Chain, Check, Draft, EdgeUse, Mark, Piece, Role, SpecError
from ...plane import Segment, polyline
from ...wording import Message, msg
from .asks import ALLOWANCES, INPUTS, OPTIONS
from .making import add_steps
from .sizes import Bowl
from .solid import draw_solid
from .words import WORDS


def draft_dart_bowl(spec: Spec) -> Draft:
    """From a blank and its darts to the bowl, or from a bowl to the blank. Raises `SpecError`."""
    make = Make(spec, INPUTS, ALLOWANCES, OPTIONS)
    make.paddings = 2 if make.lined else 1
    if make.quilting:
        # The lining is quilted to a padding of its own.
        make.quilting["lining"] = make.quilting["padding"]
    square = make.option("blank_shape") == "square"
    if square and spec.size.get("darts", 4) != 4:
        raise SpecError.of("size.darts", msg("problem.darts-square"))
    darts = int(make.ask("darts", None if square else 6, finished=False) if not square else 4)
    make.finished["darts"] = darts
    rim_a = make.allowance("rim")
    solved = _from_bowl(make, square, darts)
    blank = make.ask("blank", solved[0], added=2 * rim_a)
    half = make.ask("dart_half_width", solved[2])
    if not square and half >= blank / 2 * math.sin(math.pi / darts) - 0.5:
        most = blank / 2 * math.sin(math.pi / darts)
        raise SpecError.of("size.dart_half_width", msg("problem.darts-meet", half=half, high=most))
    length = make.ask("dart_length", solved[1])
    rounded = make.ask("corner_radius", 0.0, added=rim_a) if square else 0.0
    bowl = Bowl(square, blank, darts, length, half, rounded)
    _refuse(bowl, rim_a)
    bowl = _on_ruler(make, bowl, rim_a)
    length, half = bowl.length, bowl.half
    make.size("base_circumradius", bowl.point)
    make.size("rim_radius", bowl.rim_radius)
    make.size("rim_height", bowl.rim_height)
    make.size("corner_height", bowl.corner_height)
    make.finished["girth"] = 2 * darts * bowl.rim_radius * math.sin(bowl.al)
    make.finished["wall_height"] = bowl.rim_height
    make.finished["tilt"] = math.degrees(bowl.tilt)
    make.sums["body.cut_width"] = Chain.start(msg("sum.blank"), blank).plus_some(
        msg("sum.two-rim-allowances", allowance=rim_a), 2 * rim_a
    )
    _, raw_half = bowl.raw(rim_a)
    if square:
        chain = Chain.start(msg("sum.dart-length"), length).plus_some(msg("sum.rim-allowance"), rim_a)
    else:
        chain = Chain.start(msg("sum.half-blank"), blank / 2).plus_some(msg("sum.rim-allowance"), rim_a)
        chain = chain.minus(msg("sum.dart-points"), bowl.point)
    make.sums["dart.raw_length"] = chain
    make.sums["dart.raw_half"] = Chain.start(msg("sum.dart-half"), half).times(
        msg("sum.legs-to-the-raw-edge"), raw_half / half
    )
    make.sums["dart.raw_width"] = make.sums["dart.raw_half"].times(msg("sum.both-sides"), 2)
    make.sums["dart.length"], make.sums["dart.half"] = (
        Chain.start(msg(f"sum.dart-{name}"), value) for name, value in (("length", length), ("half", half))
    )
    body = _body(make, bowl)
    _seams(make, bowl, body)
    _fit(make, bowl)
    if bowl.tilt > math.pi / 2 + 1e-6:
        over = math.degrees(bowl.tilt) - 90
        make.checks.append(Check("shape", "note", msg("check.lean-in"), msg("check.lean-in.text"), over, 0.0))
    if make.option("use") == "microwave":
        thread, trims = (make.option(name) == "plant" for name in ("heat_thread", "heat_trims"))
        check = microwave_check(spec.stack, thread, trims)
        make.checks.append(check)
        if check.title.id == "check.microwave-never":
            # Whatever is confirmed, its layers keep it out.
            make.idle |= {"heat_thread", "heat_trims"}
    else:
        told = msg("caution.microwave.text")
        make.checks.append(Check("caution.microwave", "note", msg("caution.microwave"), told))
    edges_check(make)
    make.draw(draw_solid, bowl)
    add_steps(make, bowl)
    return make.draft(girth=2 * darts * bowl.rim_radius * math.sin(bowl.al))


def _on_ruler(make: Make, bowl: Bowl, rim: float) -> Bowl:
    """The darts moved to marks of the ruler as they are marked, on the raw blank: of the marks next to them, those whose rim comes
    nearest to what was asked without being tighter or its base smaller, and whose height comes nearest."""
    spec, thing = make.spec, make.spec.thing
    grid = spec.grid
    if not grid.step:
        return bowl
    length, half = bowl.raw(rim)
    told = "dart_length" in spec.size or "dart_half_width" in spec.size
    wanted = bowl.girth
    tried: list[tuple[tuple[float, ...], Bowl]] = []
    for deep in (grid.round(length, "down"), grid.round(length, "up")):
        for wide in (grid.round(half, "down"), grid.round(half, "up")):
            made = bowl.with_raw(rim, deep, wide) if wide > 0 else None
            if made is None or made.point <= 0.5 or made.half >= made.closes - 1e-9:
                continue
            tighter = thing is not None and not told and made.girth < wanted - 0.5
            smaller = 2 * (bowl.point - made.point) * math.cos(bowl.al) > max(0.05, grid.step / 2)
            small = thing is not None and not told and smaller
            off = abs(made.girth - wanted) / wanted + abs(made.rim_height - bowl.rim_height) / max(1.0, bowl.rim_height)
            moved = abs(deep - length) + abs(wide - half)
            tried.append(((tighter, moved) if told else (tighter, small, off), made))
    if not tried:
        return bowl
    best = min(tried, key=lambda pair: pair[0])[1]
    make.moved("dart_length", bowl.length, best.length)
    make.moved("dart_half_width", bowl.half, best.half)
    return best


def _from_bowl(make: Make, square: bool, darts: int) -> tuple[Chain | None, Chain | None, Chain | None]:
    """Blank, dart length and half width for the spec's bowl, or for the sizes to begin with.

    The base n-gon holds the bowl's base (its apothem), the seamed rim is as long round as the bowl's with its ease, and
    the seams stand as high as the bowl is deep. With ``k = r - p``, ``T = tan(al)``: ``h^2 = 2kb/T + b^2 (1 + 1/T^2)``,
    ``L = k + b/T``; the square of side ``S = 2(p + L)``, the circle ``d^2/4 = (p + L)^2 + b^2``."""
    spec, thing = make.spec, make.spec.thing
    if thing is None:
        blank = spec.size.get("blank")
        if blank is None:
            return None, None, None
        length = spec.size.get("dart_length", blank * 0.2)
        usual = msg("sum.usual")
        half = min(length * 0.45, length * math.tan(2 * math.pi / darts) * 0.6 if darts > 4 else length)
        return Chain.start(usual, blank), Chain.start(usual, length), Chain.start(usual, half)
    al, inside = math.pi / darts, spec.stack.inside
    t = math.tan(al)
    make.states.append(ease_state(spec, make.described["ease.girth"], ease_of(spec)))
    p = (thing.base_width / 2 + inside) / math.cos(al)
    r = (thing.girth + ease_of(spec) + 2 * math.pi * inside) / (2 * darts * math.sin(al))
    k, h = r - p, thing.height
    b = (-k / t + math.sqrt((k / t) ** 2 + h * h * (1 + 1 / t**2))) / (1 + 1 / t**2)
    length = k + b / t
    reach = p + length
    blank = 2 * reach if square else 2 * math.hypot(reach, b)
    say: dict[str, float] = {"base": p, "rim": r, "height": h}
    return tuple(Chain.start(msg("sum.from-bowl", **say), value) for value in (blank, length, b))  # type: ignore[return-value]


def _refuse(bowl: Bowl, rim: float) -> None:
    """Darts that reach the centre, that no fold can close, or that meet at the raw edge. Raises `SpecError`."""
    if bowl.point <= 0.5:
        raise SpecError.of("size.dart_length", msg("problem.darts-centre", length=bowl.length, high=bowl.reach))
    if bowl.half >= bowl.closes - 1e-9:
        raise SpecError.of("size.dart_half_width", msg("problem.darts-open", half=bowl.half, high=bowl.closes))
    wide = bowl.raw(rim)[1]
    room = bowl.blank / 2 + rim if bowl.square else _raw_room(bowl, rim)
    if wide >= room - 0.5 or (bowl.square and bowl.half >= bowl.blank / 2 - bowl.rounded - 0.5):
        high = min(room * bowl.length / (bowl.length + rim), bowl.blank / 2 - bowl.rounded)
        raise SpecError.of("size.dart_half_width", msg("problem.darts-meet", half=bowl.half, high=high))


def _raw_room(bowl: Bowl, rim: float) -> float:
    """Half the chord at which neighbouring darts would meet on the raw circle."""
    return (bowl.blank / 2 + rim) * math.sin(bowl.al)


def _body(make: Make, bowl: Bowl) -> Piece:
    rim_a, dart_a = make.allowance("rim"), make.allowance("dart")
    pen = Outliner("body", bowl.legs(0)[2])
    for dart in range(bowl.darts):
        after = (dart + 1) % bowl.darts
        name = after or bowl.darts
        _, point, end = bowl.legs(after)
        pen.path(f"rim-{dart + 1}", bowl.rim(dart), rim_a)
        pen.to(f"dart-{name}-right", point, dart_a)
        pen.to(f"dart-{name}-left", end, dart_a)
    marks = [
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
    marks.append(Mark("line", msg("mark.base-fold"), polyline([*base, base[0]])))
    far = bowl.blank / 2 * (0.7 if bowl.square else 0.98) * math.cos(math.pi / 4)
    if bowl.square:
        far = min(far, bowl.blank / 2 - bowl.rounded * 0.3)
    quilting = (Segment((-far, -far), (far, far)),) if bowl.square else (Segment((-far, 0.0), (far, 0.0)),)
    if bowl.square:
        marks.append(Mark("line", msg("mark.quilting"), quilting, datum=msg("mark.quilting.datum")))
        marks.append(
            Mark("line", msg("mark.quilting"), (Segment((-far, far), (far, -far)),), datum=msg("mark.quilting.datum"))
        )
    padding = make.spec.stack.of("padding")
    cuts = make.cuts(1)
    if padding is not None and make.lined:
        # Outer and lining are each quilted to a padding of their own.
        cuts = [replace(cut, count=2) if cut.role == "padding" else cut for cut in cuts]
    return make.piece("body", "A", pen.edges, cuts, marks, cut_as=_raw_outline(bowl, rim_a))


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


def _seams(make: Make, bowl: Bowl, body: Piece) -> None:
    names = range(1, bowl.darts + 1)
    for name in names:
        a, b = [EdgeUse("body", f"dart-{name}-right")], [EdgeUse("body", f"dart-{name}-left", reversed=True)]
        make.seam(f"dart-{name}", a, b, make.allowance("dart"), make.cloths)
    rims = [EdgeUse("body", f"rim-{name}") for name in names]
    if not make.lined:
        make.hem("hem", rims, make.allowance("rim"))
        return
    layers: tuple[Role, ...] = ("outer", "lining")
    outer, lining = ([replace(use, layer=layer) for use in rims] for layer in layers)
    rim = make.seam("rim", outer, lining, make.allowance("rim"), layers)
    girth = 2 * bowl.darts * bowl.rim_radius * math.sin(bowl.al)
    if make.option("gap_place") == "rim":
        # With many darts one side is short: the gap runs on over the next. On a square it lies between a dart and a corner.
        sides = lining[: max(1, bowl.darts // 3)]
        make.gap(rim, sides, girth, chain=len(sides) > 1)
    else:
        dart = next(s for s in make.seams if s.id == "dart-1")
        make.gap(dart, (*dart.a, *dart.b), girth)


def _fit(make: Make, bowl: Bowl) -> None:
    """Room round the rim, room on the base, how high the rim stands, for the bowl that is to go in."""
    spec, thing = make.spec, make.spec.thing
    if thing is None:
        return
    inside = spec.stack.inside
    check = ease_check(bowl.girth, inside, thing.girth, spec.on_mark, False, habit_of(spec))
    settled = "blank" in spec.size or "dart_half_width" in spec.size or "dart_length" in spec.size
    fix = None if settled else check.fix
    make.checks.append(Check(check.id, check.verdict, check.title, check.message, check.value, check.limit, fix))
    room = 2 * (bowl.point * math.cos(bowl.al) - inside) - thing.base_width
    sizes: dict[str, float] = {"base": thing.base_width + room, "thing": thing.base_width, "room": abs(room)}
    # Less than half a mark is nothing that could be cut or told.
    flat = room >= -max(0.05, spec.step / 2)
    words = "fit.round-flat" if flat else "fit.round-tight"
    make.checks.append(
        Check("fit.base", "ok" if flat else "note", msg(words), msg(f"{words}.text", **sizes), room, 0.0)
    )
    over = bowl.rim_height - thing.height
    title, text = _height_words(over)
    make.checks.append(Check("fit.height", "ok" if over >= -thing.height / 2 else "note", title, text, over, 0.0))


def _height_words(over: float) -> tuple[Message, Message]:
    if abs(over) <= 1.5:
        return msg("fit.level"), msg("fit.level.text")
    if over < 0:
        return msg("fit.proud"), msg("fit.proud.text", over=-over)
    return msg("fit.covered"), msg("fit.covered.text", over=over)


START = {"blank": 260.0, "dart_length": 55.0, "dart_half_width": 25.0}


def _reads(chosen: Chosen) -> Reads:
    pairs = {"blank": "body.width", "dart_length": "dart.raw_length", "dart_half_width": "dart.raw_half"}
    also = {"dart_length": ("dart.length",), "dart_half_width": ("dart.raw_width", "dart.half")}
    return Reads(pairs, ("darts",) if chosen["blank_shape"] == "circle" else (), also)


# A bowl's cosy lies close.
FORM = Form(
    "dart-bowl",
    INPUTS,
    OPTIONS,
    ("bowl",),
    ALLOWANCES,
    draft_dart_bowl,
    START,
    PADDED_LAYERS,
    2,
    place=60,
    reads=_reads,
    words=WORDS,
    picture=("M4 13l5 5l6 -3h10l6 3l5 -5l-5 17q-11 7 -22 0z", "M9 18l4 13 M31 18l-4 13", "M12 31q8 5 16 0l-2 -3h-12z"),
    easier="mat",
    traits=Traits(ease=EaseHabit(0.04, 0.08, 0.16), hot=True, put_on="bowl"),
)
