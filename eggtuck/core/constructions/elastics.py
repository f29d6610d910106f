"""Elastic: how long it is cut, and whether it reaches the cloth it is sewn to."""

from __future__ import annotations

from ..drafting.description import LengthInput, Option
from ..drafting.make import Make
from ..pattern import Chain, Check, Need
from ..shop import ANCHORING, ELASTIC_HOLDS, ELASTIC_PASSES, ELASTIC_STRETCH, ELASTIC_WIDE, EQUAL
from ..words import Param, Percent, msg

# How much shorter than its place it is cut.
STRETCH = {"third": 1 / 3, "quarter": 1 / 4, "half": 1 / 2}


def elastic_inputs(closures: tuple[str, ...]) -> tuple[LengthInput, ...]:
    """What is asked of the elastic where one of these closures is chosen."""
    when = {"options.closure": closures}
    return (
        LengthInput("size.anchoring", 0.0, 100.0, "cloth", "at-least", when, fixed=True),
        LengthInput("size.elastic", 10.0, 3000.0, "cloth", "at-least", when, fixed=True),
        LengthInput("size.elastic_stretch", 20, 300, "cloth", "at-most", when, of="count"),
        LengthInput("size.elastic_width", 1.0, 60.0, "cloth", "at-most", when, fixed=True),
    )


def stretch_option(closures: tuple[str, ...]) -> Option:
    return Option("stretch", tuple(STRETCH), "ease", {"options.closure": closures})


def add_elastic_round(make: Make, place: float, cloth: float, channel: float | None = None) -> float:
    """Elastic for a place ``place`` mm round. It is cut shorter by the share chosen, but never so short that it cannot be stretched to
    the ``cloth`` mm it is sewn to, or, drawn into a ``channel`` so wide, over which it must pass. Returns how long it is when it lies at rest (mm)."""
    how = make.option("stretch")
    anchoring = make.ask("anchoring", ANCHORING, finished=False)
    gives = make.ask("elastic_stretch", ELASTIC_STRETCH, finished=False) / 100
    least = cloth / (1 + gives)
    if "elastic" in make.spec.size or max(place * (1 - share) for share in STRETCH.values()) <= least:
        # However it is chosen, it is the length told or the cloth that decides.
        make.idle.add("stretch")
    chain = Chain.start(msg("sum.neck-girth"), place).times(msg(f"sum.stretch-{how}"), 1 - STRETCH[how])
    chain = chain.at_least(msg("sum.elastic-reach", cloth=cloth, times=Percent(1 + gives)), least)
    chain = chain.plus_some(msg("sum.anchoring"), anchoring)
    total = make.ask("elastic", chain, added=0.0)
    make.sums["elastic"] = make.sums["finished.elastic"]
    free = total - anchoring
    reach = max(0.0, free) * (1 + gives)
    short = reach < cloth - 1e-6
    words = f"check.elastic-{'sewn' if channel is None else 'over'}"
    say: dict[str, Param] = {"free": max(0.0, free), "cloth": cloth, "reach": reach, "gives": Percent(gives)}
    title = msg("check.elastic-short" if short else "check.elastic-reaches")
    text = msg(f"{words}-short.text" if short else f"{words}.text", **say)
    fix = make.fix("elastic", "size.elastic", least + anchoring, "up") if short else None
    make.checks.append(Check("elastic.stretch", "stop" if short else "ok", title, text, reach, cloth, fix))
    make.needs.append(Need.measured("elastic", "elastic", msg("need.elastic"), total, _wide(make, channel)))
    return max(1.0, free)


def _wide(make: Make, channel: float | None) -> float:
    """How wide it is: what lies in a channel has to be drawn through that."""
    if channel is None:
        return make.ask("elastic_width", ELASTIC_WIDE, finished=False)
    most = channel - ELASTIC_PASSES
    wide = make.ask("elastic_width", min(float(ELASTIC_WIDE), make.spec.on_grid(most, "down") or most), finished=False)
    if wide > most + EQUAL:
        text = msg("check.elastic-wide.text", wide=wide, channel=channel)
        fix = make.fix("elastic-width", "size.elastic_width", most, "down")
        make.checks.append(Check("fit.elastic", "warn", msg("check.elastic-wide"), text, wide, most, fix))
    return wide


def holds(free: float, place: float) -> bool:
    """Whether elastic that is ``free`` mm long at rest holds on a place ``place`` mm round."""
    return free <= place * ELASTIC_HOLDS
