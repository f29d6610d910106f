"""The checks that every make carries, besides its form's own."""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence

from ...checks.asked import child_checks, keep_checks, wet_checks
from ...checks.cautions import caution_checks
from ...checks.cloth import cloth_checks, gather_checks, heat_checks, print_checks, quilting_checks, stand_check
from ...checks.cutting import outline_checks, rounding_check
from ...checks.seams import allowance_checks, seam_checks
from ...making import habit_checks, has_middles, thick_seams
from ...materials import Stack
from ...pattern import Check, Fix, Need
from ...words import msg
from ..backing import rule_checks
from ..judging import (
    assumed_checks,
    pattern_check,
    slack_checks,
    thick_check,
    unused_allowances,
    unused_layers,
    wide_checks,
)
from .steps import Steps


def checked(
    make: Steps,
    ribbon: bool,
    fixes: Mapping[str, Fix],
    blocking: frozenset[str],
    needs: Callable[[Stack], Sequence[Need]],
) -> list[Check]:
    """All of them, the thing's and the form's own first; ``needs`` tells what cloth of a stack there is to buy."""
    spec = make.spec
    checks = [*(spec.thing.checks() if spec.thing else []), *make.checks]
    checks += seam_checks(make.seams, make.pieces, spec.stack, spec.step, {**_as_outer(make), **fixes}, blocking)
    checks += slack_checks(spec, make.finished, spec.stack.inside)
    checks += allowance_checks(make.seams, make.pieces)
    checks += unused_allowances(spec, make.allowances, make.lining_allowances)
    checks += assumed_checks(spec, make.states, make.else_sewn)
    checks += rule_checks(spec, make.pieces)
    checks += unused_layers(spec, make.pieces, make.needs)
    checks += wide_checks(spec, make.pieces)
    checks += pattern_check(spec, make.pieces)
    if not make.by_hand:
        checks += thick_check(spec, thick_seams(make.pieces, spec.stack, make.order.operations))
    checks += habit_checks(make.habits, spec.stack)
    checks += outline_checks(make.pieces)
    checks += rounding_check(spec.size, make.made, spec.grid, make.label_of)
    checks += caution_checks(spec.thing, ribbon)
    checks += cloth_checks(spec.traits.hot, spec.stack)
    checks += gather_checks(make.gathered, make.pieces, spec.stack)
    if spec.traits.hot:
        # In a microwave oven nothing of that has a place at all.
        checks += heat_checks(spec.stack, () if make.heated else make.needs)
    if spec.traits.stands and spec.options.get("boxing") != "flat":
        high = 0.0 if spec.thing is None else spec.thing.height
        checks += stand_check(spec.stack, high, make.finished.get("wall_height") or make.finished.get("height") or 0.0)
    checks += child_checks(
        spec.options["user"], make.needs, make.pieces, any(c.id == "caution.filling" for c in checks)
    )
    checks += wet_checks(spec.options["holds"], spec.stack, make.needs, make.pieces)
    checks += keep_checks(
        spec.options.get("keeps", "nothing"),
        spec.stack,
        hot=spec.traits.hot,
        drawn=bool(make.gathered),
        heated=make.heated,
    )
    if has_middles(make.pieces) and spec.options["centring"] == "eye":
        checks.append(Check("marks.by-eye", "note", msg("check.by-eye"), msg("check.by-eye.text")))
    checks += quilting_checks(make.pieces, make.quilting, spec.on_mark)
    lining = spec.stack.of("lining")
    if lining is not None and lining.directional:
        plain = needs(spec.stack.plain("lining"))
        checks += print_checks(spec.stack, needs(spec.stack), plain)
    return checks


def _as_outer(make: Steps) -> dict[str, Fix]:
    """For seams of a smaller lining with its outer: what makes both alike."""
    if not make.turn:
        return {}
    fix = Fix(msg("fix.lining-equal"), {"options.lining": "equal"})
    both = ("outer", "lining")
    return {seam.id: fix for seam in make.seams if set(both) <= set(seam.layers)}
