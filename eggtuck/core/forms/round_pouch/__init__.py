"""The round pouch: a whole circle behind, two circle segments and a zip in front."""

from __future__ import annotations

import math

from ...constructions.caught import add_hanger
from ...constructions.shared import LINED_LAYERS, edges_check, lining_check
from ...constructions.zips import Zip, add_zip, ask_zip, sew_zip, zip_in_edge
from ...drafting.description import Form
from ...drafting.make import Make
from ...drafting.reads import Chosen, Reads
from ...drafting.spec import Spec
from ...pattern import Chain, Check, Draft, EdgeUse, Fix, Role, SpecError
from ...plane import Segment
from ...words import Thickness, msg
from .asks import ALLOWANCES, INPUTS, OPTIONS
from .making import add_steps, one_seam
from .pieces import add_pieces
from .sizes import Disc
from .solid import draw_solid, hung


def draft_round_pouch(spec: Spec) -> Draft:
    """Net straight edges at ``o +/- z/2``, the zip's allowance added; or the circle cut in two at ``o``, nothing added, and
    the back trimmed down to the front by ``2 a - z``. Raises `SpecError`."""
    make = Make(spec, INPUTS, ALLOWANCES, OPTIONS)
    z = ask_zip(make)
    rim, zip_a = make.allowance("rim"), make.allowance("zip")
    trimmed = make.option("split") == "cut-and-trim"
    out = zip_a if trimmed else z / 2
    # Each half of the front is cut to a mark, and with them the back.
    half = rim + zip_a - out
    d = make.ask("diameter", added=half, share=0.5)
    r = d / 2
    o = make.ask("zip_offset", 0.0, added=r + half, share=-1)
    if abs(o) + max(out, z / 2) >= r - 3:
        taken = max(out, z / 2) + 3
        if r <= taken + spec.step:
            # Wherever it lies there, on a mark: it is the circle that has no room for it.
            low = spec.least(2 * (taken + spec.step))
            raise SpecError.of("size.diameter", msg("problem.disc-small", low=low))
        raise SpecError.of("size.zip_offset", msg("problem.zip-off", offset=o, high=spec.most(r - taken)))
    disc = Disc(r, o + out, o - out, z)
    opening = 2 * math.sqrt(r * r - o * o)
    make.size("chord", Chain.start(msg("sum.chord", offset=abs(o), radius=r), opening))
    make.size("height", d - disc.shift)
    loss = 2 * zip_a - z
    if trimmed:
        make.size(
            "size_lost",
            Chain.start(msg("sum.two-zip-allowances", allowance=zip_a), 2 * zip_a).minus_some(
                msg("sum.zip-visible"), z
            ),
        )
        words = "check.trimmed-back" if loss >= 0 else "check.grown-back"
        text = msg(f"{words}.text", loss=abs(loss), height=d - disc.shift, diameter=d)
        make.checks.append(Check("split", "note", msg(words), text, loss, 0.0))
    make.sums["back.cut_width"] = Chain.start(msg("sum.circle"), d).plus_some(
        msg("sum.two-rim-allowances", allowance=rim), 2 * rim
    )
    t, inner = make.turn, None
    add_pieces(make, "", disc, trimmed)
    if t:
        adds = make.allowance("rim", True) + make.allowance("zip", True) - out
        # Cut on a mark it may be smaller yet.
        inner = Disc(spec.grid.round(r - t + adds) - adds, disc.upper, disc.lower, z)
        if inner.radius < 12 or abs(o) + out >= inner.radius - 2:
            raise SpecError.of("options.lining", msg("problem.lining-vanishes", thickness=Thickness(t)))
    elif make.apart:
        inner = disc
        # Unlike allowances are not sewn in one seam.
        make.idle.add("assembly")
    if inner is not None:
        add_pieces(make, "-lining", inner, trimmed)
    zipper = _zip(make, disc, inner, opening)
    _seams(make, zipper)
    if make.hung:
        name = "lining-round" if make.apart else "round"
        seam = next(s for s in make.seams if s.id == name)
        if one_seam(make):
            # Closed by hand twice, outside and in the lining.
            make.idle.add("closing")
            # Marked on the back of the lining, which lies on top: along its lower part, from where it is walked.
            length = seam.length_a
            low = next(make.edge(use).length for use in seam.b if use.piece == "front-lower")
            beside = (length - low - next(make.edge(use).length for use in seam.b if use.piece == "front-upper")) / 2
            make.gap(seam, seam.a, math.pi * d, usable=low, lead=length - low - beside)
        else:
            lower = tuple(use for use in seam.b if use.piece.startswith("front-lower"))
            make.gap(seam, lower, math.pi * d)
    add_hanger(make, rim, "back", lambda _: (disc.zip_end(trimmed), msg("loop.at-zip")), hung)
    if make.option("lower_front") == "contrast" and spec.stack.of("contrast") is None:
        fix = Fix(msg("fix.add-contrast"), {"layers.contrast": "quilting-cotton"})
        text = msg("check.no-contrast.text")
        make.checks.append(Check("layers.contrast", "warn", msg("check.no-contrast"), text, fix=fix))
    lining_check(make, math.pi * d)
    edges_check(make)
    make.draw(draw_solid, disc)
    add_steps(make)
    return make.draft(girth=opening)


def _zip(make: Make, disc: Disc, inner: Disc | None, opening: float) -> Zip:
    """The visible zip lies between the two straight edges; its ends run on with the circle, or straight where the
    halves were moved together. A smaller lining has ends of its own on its ``inner`` circle."""
    up, low, q = disc.half_chord(disc.upper), disc.half_chord(disc.lower), disc.z / 2
    if make.option("split") == "allowance-added":
        turn = math.asin(disc.upper / disc.radius) - math.asin(disc.lower / disc.radius)
        bulge = math.tan(turn / 4)
    else:
        bulge = 0.0
    ends = {"end-right": [Segment((low, -q), (up, q), bulge)], "end-left": [Segment((-up, q), (-low, -q), bulge)]}
    if inner is not None:
        up_in, low_in = inner.half_chord(inner.upper), inner.half_chord(inner.lower)
        turn = math.asin(inner.upper / inner.radius) - math.asin(inner.lower / inner.radius)
        bulge = math.tan(turn / 4) if bulge else 0.0
        ends["end-lining-right"] = [Segment((low_in, -q), (up_in, q), bulge)]
        ends["end-lining-left"] = [Segment((-up_in, q), (-low_in, -q), bulge)]
    settled = zip_in_edge(make, opening, make.allowance("rim"))
    # What opens in the circle is its chord, wherever the zip's own stops are.
    make.size("zip_opening", make.sums.pop("finished.chord"))
    del make.finished["chord"]
    return add_zip(make, disc.z, (-up, up), (-low, low), ends, settled)


def _seams(make: Make, zipper: Zip) -> None:
    inner = "-lining" if make.apart else ""
    caught = []
    if inner:
        caught = [EdgeUse(f"front-upper{inner}", "straight"), EdgeUse(f"front-lower{inner}", "straight", reversed=True)]
    a = [EdgeUse("front-upper", "straight"), EdgeUse("front-lower", "straight", reversed=True)]
    sew_zip(make, zipper, a, caught)
    for ending, prefix in (("", ""), ("-lining", "lining-"))[: 2 if inner else 1]:
        lining = bool(ending)
        layers: tuple[Role, ...] = ("lining",) if lining else make.cloths
        left, right = (zipper.use(f"end-lining-{hand}" if lining else f"end-{hand}") for hand in ("left", "right"))
        front = [EdgeUse(f"front-upper{ending}", "arc"), *left, EdgeUse(f"front-lower{ending}", "arc"), *right]
        a = [EdgeUse(f"back{ending}", "rim")]
        make.seam(f"{prefix}round", a, front, make.allowance("rim", lining), layers, "round", as_one=one_seam(make))


START = {"diameter": 140.0}


def _reads(_: Chosen) -> Reads:
    pairs = {"diameter": "back.width", "zip_offset": "front-upper.height"}
    repeats = {"front-lower.height": "split", "front-upper.width": "split"}
    halves = ("zip_offset", "front-upper.height", "front-lower.height")
    return Reads(pairs, ("zip_width",), repeats=repeats, halves=halves)


FORM = Form(
    "round-pouch",
    INPUTS,
    OPTIONS,
    (),
    ALLOWANCES,
    draft_round_pouch,
    START,
    LINED_LAYERS,
    2,
    place=110,
    reads=_reads,
    picture=("M20 5a15 15 0 0 1 0 30a15 15 0 0 1 0 -30z M5 17h30 M5 20h30", "", "M5 17h30v3h-30z"),
)
