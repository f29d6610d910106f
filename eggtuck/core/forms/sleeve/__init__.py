"""The handle sleeve: a tube closed at one end, over pan handles, tool grips and pegs."""

from __future__ import annotations

import math
from dataclasses import replace

from ...constructions.parts.trims import relaxed_elastic
from ...constructions.shared import PADDED_LAYERS, edges_check, girth_fit, lining_check, turn_of
from ...drafting.asking import habit_of, wrap_girth
from ...drafting.description import Form
from ...drafting.make import Make
from ...drafting.reads import Chosen, Reads
from ...drafting.spec import Spec, Traits
from ...fit.ease import EaseHabit
from ...moves.outliner import Outliner
from ...pattern import Chain, Check, Cut, Draft, EdgeUse, Fix, Mark, SpecError, Verdict
from ...pattern.piece import Fold
from ...plane import Segment, bounds, offset_outline, polyline
from ...words import Thickness, msg
from .asks import ALLOWANCES, INPUTS, OPTIONS
from .making import add_steps
from .solid import draw_solid


def draft_sleeve(spec: Spec) -> Draft:
    """A blank ``G`` by ``length``, folded lengthwise; it may taper from the mouth to the closed end."""
    make = Make(spec, INPUTS, ALLOWANCES, OPTIONS)
    thing, inside = spec.thing, spec.stack.inside
    side, end, mouth = (make.allowance(key) for key in ALLOWANCES)
    girth = make.ask("girth", wrap_girth(spec, inside), added=2 * side)
    wide = make.ask("girth_mouth", Chain.start(msg("sum.sleeve-girth"), girth), added=2 * side)
    covered = None
    if thing is None:
        make.idle.add("end")
    if thing is not None:
        covered = Chain.start(msg("sum.covered-length"), thing.height)
        if make.option("end") == "blunt":
            covered = covered.plus(msg("sum.half-thickness"), thing.girth / (2 * math.pi))
    length = make.ask("length", covered, added=end + mouth)
    make.size("wall_height", length)
    for name, net in (("end", girth), ("mouth", wide)):
        chain = Chain.start(msg(f"sum.sleeve-{name}"), net)
        make.sums[f"body.{name}_width"] = chain.plus_some(msg("sum.two-side-allowances", allowance=side), 2 * side)
    cut = Chain.start(msg("sum.sleeve-length"), length).plus_some(msg("sum.end-allowance"), end)
    make.sums["body.cut_height"] = cut.plus_some(msg("sum.mouth-allowance"), mouth)
    t = make.turn
    if t and min(girth, wide) - turn_of(t) < 15.0:
        raise SpecError.of("options.lining", msg("problem.lining-vanishes", thickness=Thickness(t)))
    cuts = make.cuts(1)
    _shell(make, "", girth, wide, length, cuts)
    lining = "body"
    if t:
        lining = "body-lining"
        around = 2 * make.allowance("side", lining=True)
        along = make.allowance("end", lining=True) + make.allowance("mouth", lining=True)
        # At the mouth, where it is sewn to the outer, it is as wide as that; towards the end it narrows.
        narrow = spec.grid.round(girth - turn_of(t) + around) - around
        deep = spec.grid.round(length - t + along) - along
        broad = _on_ruler(make, narrow, wide, deep)
        _shell(make, "-lining", narrow, broad, deep, [Cut("lining", 1)])
    if not make.lined:
        make.idle.add("mouth_edge")
    if make.lined:
        a, b = [EdgeUse("body", "mouth", layer="outer")], [EdgeUse(lining, "mouth", layer="lining")]
        make.seam("mouth", a, b, mouth, ("outer", "lining"), mate=("lining-mouth",))
        name = "lining-side" if t else "side"
        seam = next(s for s in make.seams if s.id == name)
        make.gap(seam, seam.uses_of("side-left", "side-right"), max(girth, wide))
    else:
        make.hem("hem", [EdgeUse("body", "mouth")], mouth)
    girth_fit(make, girth, inside, wide)
    if wide < girth and "girth_mouth" in spec.size:
        # It is the mouth that is narrow: it follows the closed end again.
        follow = Fix(msg("fix.mouth-follows"), {"size.girth_mouth": ""})
        make.checks = [
            replace(c, fix=follow) if c.id == "fit.girth" and c.fix and (c.value or 0.0) < (c.limit or 0.0) else c
            for c in make.checks
        ]
    if thing is not None:
        _covered(make, min(girth, wide) - turn_of(inside), length)
        _grip(make, wide - turn_of(inside), min(girth, wide) - turn_of(inside))
    lining_check(make, girth)
    edges_check(make)
    make.checks.append(Check("caution.heat", "note", msg("caution.handle"), msg("caution.handle.text")))
    make.draw(draw_solid, girth, wide, length)
    add_steps(make)
    return make.draft(girth=wide)


def _outline(make: Make, ending: str, girth: float, wide: float, length: float) -> Outliner:
    side, end, mouth = (make.allowance(key, bool(ending)) for key in ALLOWANCES)
    pen = Outliner(f"body{ending}", (-girth / 2, 0.0))
    pen.to("end-left", (0.0, 0.0), end)
    pen.to("end-right", (girth / 2, 0.0), end)
    pen.to("side-right", (wide / 2, length), side)
    pen.to("mouth", (-wide / 2, length), mouth)
    pen.to("side-left", (-girth / 2, 0.0), side)
    return pen


def _on_ruler(make: Make, narrow: float, wide: float, length: float) -> float:
    """The mouth (mm) of a lining that narrows towards its end, by so little wider or narrower that it is cut to a mark."""
    if not make.spec.grid.step:
        return wide
    for _ in range(12):
        pen = _outline(make, "-lining", narrow, wide, length)
        path = [segment for edge in pen.edges for segment in edge.path]
        x0, _, x1, _ = bounds(offset_outline(path, [edge.allowance for edge in pen.edges for _ in edge.path]))
        wide += make.spec.grid.round(x1 - x0) - (x1 - x0)
    return wide


def _shell(make: Make, ending: str, girth: float, wide: float, length: float, cuts: list[Cut]) -> None:
    """One layer: a trapezoid about its fold, its long seam and the closed end."""
    lining = bool(ending)
    side, end, _ = (make.allowance(key, lining) for key in ALLOWANCES)
    piece, prefix = f"body{ending}", "lining-" if lining else ""
    pen = _outline(make, ending, girth, wide, length)
    up = polyline([(girth * 0.2, length * 0.3), (girth * 0.2, length * 0.5)])
    marks = [
        Mark("notch", msg("mark.centre-mouth"), point=(0.0, length)),
        Mark("notch", msg("mark.centre-end"), point=(0.0, 0.0)),
        Mark("up", msg("mark.mouth-this-way"), up),
    ]
    folds = [Fold(f"{piece}.fold", msg("fold.lengthwise"), Segment((0.0, 0.0), (0.0, length)))]
    make.piece(piece, "", pen.edges, cuts, marks, folds, backed=True)
    layers = ("lining",) if lining else make.cloths
    left, right = [EdgeUse(piece, "side-left")], [EdgeUse(piece, "side-right", reversed=True)]
    make.seam(f"{prefix}side", left, right, side, layers, "long-side")
    left, right = [EdgeUse(piece, "end-left")], [EdgeUse(piece, "end-right", reversed=True)]
    make.seam(f"{prefix}end", left, right, end, layers, "closed-end")


def _grip(make: Make, mouth: float, narrowest: float) -> None:
    """Whether the sleeve passes a ring or bulge at the handle's end and still holds behind it: by itself, or with elastic round
    its mouth."""
    thing = make.spec.thing
    assert thing is not None
    thing = thing.own or thing
    end = thing.end_girth
    if end is None:
        return
    room = narrowest - end
    passes = room >= -1e-6
    words = "fit.end-passes" if passes else "fit.end-stuck"
    text = msg(f"{words}.text", end=end, mouth=narrowest, room=room, short=-room)
    make.checks.append(Check("fit.end", "ok" if passes else "stop", msg(words), text, room, 0.0))
    loose, most = mouth - thing.grip_girth, 2 * habit_of(make.spec).high * thing.grip_girth
    drawn = min((relaxed_elastic(part) for part in make.spec.parts if part.kind.id == "elastic"), default=None)
    held = drawn is not None and drawn <= thing.grip_girth
    words = "fit.grip" if loose <= most else "fit.grip-elastic" if held else "fit.grip-loose"
    text = msg(f"{words}.text", grip=thing.grip_girth, loose=max(0.0, loose), drawn=drawn or 0.0)
    verdict: Verdict = "warn" if words == "fit.grip-loose" else "ok"
    make.checks.append(Check("fit.grip", verdict, msg(words), text, loose, most))


def _covered(make: Make, inner: float, length: float) -> None:
    """Whether the sleeve covers the handle and stops short of its end."""
    thing = make.spec.thing
    assert thing is not None
    over = length - thing.height
    if over < -1.0:
        make.checks.append(
            Check("fit.length", "note", msg("fit.handle-shows"), msg("fit.handle-shows.text", left=-over), over, 0.0)
        )
    elif over > max(25.0, thing.height * 0.2):
        make.checks.append(
            Check("fit.length", "warn", msg("fit.sleeve-long"), msg("fit.sleeve-long.text", over=over), over, 25.0)
        )
    else:
        make.checks.append(
            Check("fit.length", "ok", msg("fit.handle-covered"), msg("fit.handle-covered.text", inner=inner), over, 0.0)
        )


START = {"girth": 110.0, "length": 160.0}


def _reads(_: Chosen) -> Reads:
    return Reads({"girth": "body.end_width", "girth_mouth": "body.mouth_width", "length": "body.height"})


# A handle's sleeve must not turn.
FORM = Form(
    "sleeve",
    INPUTS,
    OPTIONS,
    ("rod",),
    ALLOWANCES,
    draft_sleeve,
    START,
    PADDED_LAYERS,
    1,
    place=80,
    reads=_reads,
    picture=("M14 6q6 3 12 0v22q0 7 -6 7t-6 -7z M20 3v6", "M14 10q6 3 12 0", "M14 26h12q1 8 -6 9q-7 -1 -6 -9z"),
    traits=Traits(ease=EaseHabit(0.05, 0.12, 0.20), hot=True, put_on="sleeve", one_pass=True),
)
