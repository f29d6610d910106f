"""The handle sleeve: a tube closed at one end, over pan handles, tool grips and pegs."""

from __future__ import annotations

import math
from dataclasses import replace

from ...constructions.parts.trims import relaxed_elastic
from ...constructions.shared import (
    EASE,
    GAP,
    INSET,
    INTERFACING,
    LINING,
    PADDED_LAYERS,
    edges_check,
    finish_sewing,
    girth_fit,
    start_sewing,
    turn_of,
)
from ...drafting.description import Form, LengthInput, Option
from ...drafting.make import Make, habit_of, wrap_girth
from ...drafting.reads import Chosen, Reads
from ...drafting.spec import Spec, Traits
from ...fit.ease import EaseHabit
from ...moves.folding import woven
from ...moves.outliner import Outliner
from ...pattern import Chain, Check, Cut, Draft, EdgeUse, Fix, Mark, Span, SpecError, Verdict
from ...pattern.piece import Fold
from ...pattern.solid import Point3
from ...plane import Point, Segment, polyline
from ...wording import msg
from .words import WORDS

ALLOWANCES = ("side", "end", "mouth")
INPUTS = (
    EASE,
    LengthInput("size.girth", 20.0, 800.0, "form", "at-least", words="sleeve.girth"),
    LengthInput("size.girth_mouth", 20.0, 800.0, "form", "at-least"),
    LengthInput("size.length", 20.0, 1500.0, "form", "at-least"),
    GAP,
    INSET,
)
OPTIONS = (Option("end", ("pointed", "blunt"), "form"), LINING, INTERFACING)


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
        raise SpecError.of("options.lining", msg("problem.lining-vanishes", thickness=t))
    cuts = make.cuts(1)
    _shell(make, "", girth, wide, length, cuts)
    lining = "body"
    if t:
        lining = "body-lining"
        around = 2 * make.allowance("side", lining=True)
        along = make.allowance("end", lining=True) + make.allowance("mouth", lining=True)
        narrow, broad = (spec.grid.round(v - turn_of(t) + around) - around for v in (girth, wide))
        _shell(make, "-lining", narrow, broad, spec.grid.round(length - t + along) - along, [Cut("lining", 1)])
    if make.lined:
        a, b = [EdgeUse("body.mouth", layer="outer")], [EdgeUse(f"{lining}.mouth", layer="lining")]
        make.seam("mouth", a, b, mouth, ("outer", "lining"), mate=("lining-mouth",))
        name = "lining-side" if t else "side"
        seam = next(s for s in make.seams if s.id == name)
        edges = (f"{lining}.side-left", f"{lining}.side-right")
        make.gap(seam, edges, make.edge(edges[0]).length, max(girth, wide))
    else:
        make.hem("hem", [EdgeUse("body.mouth")], mouth)
    girth_fit(make, min(girth, wide), inside)
    if wide < girth and "girth_mouth" in spec.size:
        # It is the mouth that is narrow: it follows the closed end again.
        follow = Fix(msg("fix.mouth-follows"), {"size.girth_mouth": ""})
        make.checks = [replace(c, fix=follow) if c.id == "fit.girth" and c.fix else c for c in make.checks]
    if thing is not None:
        _covered(make, min(girth, wide) - turn_of(inside), length)
        _grip(make, wide - turn_of(inside), min(girth, wide) - turn_of(inside))
    edges_check(make)
    make.checks.append(Check("caution.heat", "note", msg("caution.handle"), msg("caution.handle.text")))
    _shape(make, girth, wide, length)
    _steps(make)
    fix = {"mouth": Fix(msg("fix.lining-equal"), {"options.lining": "equal"})} if t else {}
    return make.draft(girth=wide, fixes=fix)


def _shell(make: Make, ending: str, girth: float, wide: float, length: float, cuts: list[Cut]) -> None:
    """One layer: a trapezoid about its fold, its long seam and the closed end."""
    lining = bool(ending)
    side, end, mouth = (make.allowance(key, lining) for key in ALLOWANCES)
    piece, prefix = f"body{ending}", "lining-" if lining else ""
    pen = Outliner(piece, (-girth / 2, 0.0))
    pen.to("end-left", (0.0, 0.0), end)
    pen.to("end-right", (girth / 2, 0.0), end)
    pen.to("side-right", (wide / 2, length), side)
    pen.to("mouth", (-wide / 2, length), mouth)
    pen.to("side-left", (-girth / 2, 0.0), side)
    up = polyline([(girth * 0.2, length * 0.3), (girth * 0.2, length * 0.5)])
    marks = [
        Mark("notch", msg("mark.centre-mouth"), point=(0.0, length)),
        Mark("notch", msg("mark.centre-end"), point=(0.0, 0.0)),
        Mark("up", msg("mark.mouth-this-way"), up),
    ]
    folds = [Fold(f"{piece}.fold", msg("fold.lengthwise"), Segment((0.0, 0.0), (0.0, length)))]
    make.piece(piece, "", pen.edges, cuts, marks, folds)
    layers = ("lining",) if lining else make.cloths
    left, right = [EdgeUse(f"{piece}.side-left")], [EdgeUse(f"{piece}.side-right", reversed=True)]
    make.seam(f"{prefix}side", left, right, side, layers, "long-side")
    left, right = [EdgeUse(f"{piece}.end-left")], [EdgeUse(f"{piece}.end-right", reversed=True)]
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


def _shape(make: Make, girth: float, wide: float, length: float) -> None:
    """Round at the mouth, flat at the closed end; straight lines run between the two."""
    r, half = wide / (2 * math.pi), girth / 4
    make.soft = True

    def flat(share: float, up: float) -> Point:
        w = girth + (wide - girth) * up
        return (w * (share - 0.5), length * up)

    def space(share: float, up: float) -> Point3:
        turn = math.pi * (2 * share - 0.5)
        line = (abs(((2 * share) % 2) - 1) - 0.5) * -2 * half
        x = line * (1 - up) + r * math.sin(turn) * up
        return (x, r * math.cos(turn) * up, length * up)

    make.facets += woven("body", [0.0, 0.25, 0.5, 0.75, 1.0], flat, space)
    make.spans += [
        Span("size.length", (max(r, half), 0.0, 0.0), (max(r, half), 0.0, length), length),
        Span("size.girth", (-half, 0.0, 0.0), (half, 0.0, 0.0), girth),
        Span("size.girth_mouth", (-r, 0.0, length), (r, 0.0, length), wide),
    ]
    if make.spec.thing is not None:
        make.spans.append(Span("ease.girth", (-r, 0.0, length * 0.55), (r, 0.0, length * 0.55), girth))


def _steps(make: Make) -> None:
    order, seams = make.order, {seam.id: seam for seam in make.seams}
    start_sewing(make, 1)
    right = msg("faces.right-together")
    if make.lined:
        order.seam("mouth", [seams["mouth"]], "sleeve-mouth", faces=right, press=msg("press.to-lining"))
        gap = make.gaps[0]
        closing = [s for s in make.seams if s.id != "mouth"]
        order.seam(
            "long",
            closing,
            "sleeve-round",
            gap=gap.seam,
            say={"gap": gap.length},
            faces=right,
            press=msg("press.open"),
            check=msg("step.sleeve-round.check", gap=gap.length),
            caution=msg("caution.thick"),
        )
        order.add("trim-corners", "cut", 2, caution=msg("caution.blade"))
        order.add(
            "turn", "finish", 4, say={"gap": gap.length}, check=msg("step.turn.check"), caution=msg("caution.points")
        )
        order.add("close-gap", "sew", 4, say={"gap": gap.length}, layer="lining", edges=gap.edges)
        order.add("sleeve-tuck", "finish", 2, check=msg("step.sleeve-tuck.check"))
    else:
        say = {"allowance": make.allowance("mouth")}
        order.add("hem", "sew", 4, "plain-hem-flat", say=say, edges=("body.mouth",), seams=("hem",))
        order.seam("long", [seams["side"], seams["end"]], "sleeve-single", faces=right, press=msg("press.open"))
        order.add("overcast", "finish", 5, why=msg("step.overcast.why"))
    finish_sewing(make)


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
    words=WORDS,
    picture=("M14 6q6 3 12 0v22q0 7 -6 7t-6 -7z M20 3v6", "M14 10q6 3 12 0", "M14 26h12q1 8 -6 9q-7 -1 -6 -9z"),
    traits=Traits(ease=EaseHabit(0.05, 0.12, 0.20), hot=True, put_on="sleeve"),
)
