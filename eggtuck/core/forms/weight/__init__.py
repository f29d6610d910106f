"""The filled weight: two strips that cross at the base, their four flaps sewn up to a top square."""

from __future__ import annotations

import math

from ...drafting.description import Form
from ...drafting.holding import tell_room
from ...drafting.make import Make
from ...drafting.reads import Chosen, Reads
from ...drafting.spec import Spec, Traits, always
from ...materials.fillings import DENSITY
from ...pattern import Chain, Check, Draft, Need, SpecError
from ...words import msg
from .asks import ALLOWANCES, INPUTS, OPTIONS
from .making import add_steps
from .pieces import add_handle, add_panel, add_seams, add_top, widest
from .solid import draw_solid

FILLED = {"three-quarters": 0.75, "four-fifths": 0.8, "full": 1.0, "two-thirds": 2 / 3}

SPOON = 15.0


def draft_weight(spec: Spec) -> Draft:
    """A frustum: base ``b``, top ``k``, flap altitude ``s``; height ``sqrt(s^2 - ((b - k)/2)^2)``, volume ``H/3 (b^2 + bk +
    k^2)``. Seams lie outside. Raises `SpecError`."""
    make = Make(spec, INPUTS, ALLOWANCES)
    make.flat_lined = make.lined
    base_a, top_a = make.allowance("base"), make.allowance("top")
    b = make.ask("base_side", added=2 * base_a)
    k = make.ask("top_side", Chain.start(msg("sum.half-base-side"), b / 2), added=2 * top_a)
    s = make.ask("slant", Chain.start(msg("sum.base-side"), b), added=b + 2 * top_a, share=2)
    # Wide side allowances stand out beyond the base's: then it is they that are cut to a mark.
    b = make.fit_cut("base_side", b, lambda side: widest(make, side, k, s))
    inward = (b - k) / 2
    if s <= abs(inward) + 0.5:
        raise SpecError.of("size.slant", msg("problem.weight-flat", slant=s, low=spec.least(abs(inward) + 0.5)))
    height, corner = math.sqrt(s * s - inward * inward), math.hypot(s, inward)
    volume = height / 3 * (b * b + b * k + k * k) / 1000
    make.size("height", Chain.start(msg("sum.weight-height", slant=s, inward=abs(inward)), height))
    make.size("corner_edge", Chain.start(msg("sum.weight-corner", slant=s, inward=abs(inward)), corner))
    make.finished["girth"] = 4 * b
    make.finished["volume"] = volume
    fill = volume * FILLED[make.option("filled")]
    make.finished["fill_volume"] = fill
    make.finished["fill_grams"] = fill * DENSITY[make.option("filling")]
    make.finished["fill_spoons"] = fill / SPOON
    tell_room(make, lambda grown: fill * 1000 * grown**3, "filling", ("base_side", "top_side", "slant"))
    across = Chain.start(msg("sum.base-side"), b).plus_some(
        msg("sum.two-base-allowances", allowance=base_a), 2 * base_a
    )
    beyond = widest(make, b, k, s) - across.total
    make.sums["panel.cut_width"] = across.plus(msg("sum.sides-beyond"), beyond) if beyond > 1e-9 else across
    chain = Chain.start(msg("sum.weight-slant"), s).times(msg("sum.both-flaps"), 2).plus(msg("sum.base-side"), b)
    make.sums["panel.cut_height"] = chain.plus_some(msg("sum.two-top-allowances", allowance=top_a), 2 * top_a)
    add_panel(make, b, k, s)
    add_top(make, k)
    add_seams(make)
    if make.option("handle") != "none":
        add_handle(make, k)
    what = msg(f"option.filling.{make.option('filling')}")
    say = {
        "millilitres": round(fill),
        "spoons": round(fill / SPOON),
        "grams": round(make.finished["fill_grams"] or 0.0),
    }
    note = msg("need.filling.note", millilitres=say["millilitres"], spoons=say["spoons"])
    make.needs.append(
        Need.weighed(f"filling-{make.option('filling')}", "filling", what, fill * DENSITY[make.option("filling")], note)
    )
    make.checks.append(Check("filling", "note", msg("check.filling"), msg("check.filling.text", what=what, **say)))
    cloths = [layer.material for layer in spec.stack.layers if layer.role in ("outer", "lining")]
    frays = next((material for material in cloths if material.frays), None)
    if frays is not None:
        title, text = msg("check.must-not-fray"), msg("check.must-not-fray.text", material=frays.name)
        make.checks.append(Check("layers.fray", "warn", title, text))
    open_ = [part.kind.name for part in spec.parts if part.kind.id == "eyelet"]
    open_ += [material.name for material in cloths if material.kind == "mesh"]
    if open_:
        text = msg("check.filling-leaks.text", through=tuple({name.id: name for name in open_}.values()))
        make.checks.append(Check("filling.leaks", "warn", msg("check.filling-leaks"), text))
    make.checks.append(Check("caution.filling", "note", msg("caution.filling"), msg("caution.filling.text")))
    make.draw(draw_solid, b, k, s, height)
    add_steps(make, {**say, "what": what})
    return make.draft(girth=4 * k)


START = {"base_side": 80.0, "top_side": 40.0, "slant": 70.0}


def _reads(chosen: Chosen) -> Reads:
    pairs = {"base_side": "panel.width", "top_side": "top.width", "slant": "panel.height"}
    if chosen["handle"] != "none":
        pairs |= {"handle_length": "handle.width", "handle_width": "handle.height"}
    return Reads(pairs)


FORM = Form(
    "weight",
    INPUTS,
    OPTIONS,
    (),
    ALLOWANCES,
    draft_weight,
    START,
    (("wool-felt", "outer"),),
    2,
    place=150,
    reads=_reads,
    picture=("M5 32l8 -18h14l8 18l-15 5z M13 14l5 -4h13l-4 4 M27 14l8 18 M31 10l4 22", "", "M13 14l5 -4h13l-4 4z"),
    traits=Traits(ends="filled", together=always),
)
