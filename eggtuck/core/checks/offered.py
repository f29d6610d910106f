"""What is offered to mend something is only offered where it can be done, and does something."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

from ..pattern import Check, Fix, InputState


def keep_offers(checks: Sequence[Check], states: Sequence[InputState], outer: str | None) -> list[Check]:
    """The checks with the buttons that lead somewhere. What sets a field beyond what it takes, or to what is in force already, has none; nor has what
    judges the fit of a thing whose measures cannot all be so: another size fits no better as long as they are not measured again. A make whose
    layers nobody has told yet is taken to be of ``outer``: a layer added to it says that, too."""
    known = {state.field: state for state in states}
    disagree = any(check.id.startswith("object.") and check.verdict == "warn" for check in checks)
    kept = []
    for check in checks:
        if check.fix is not None:
            idle = (disagree and check.id.startswith("fit.")) or _is_idle(check.fix, known)
            check = replace(check, fix=None if idle else _with_outer(check.fix, outer))
        kept.append(check)
    return kept


def _is_idle(fix: Fix, known: dict[str, InputState]) -> bool:
    numbers = [
        (known[field], value) for field, value in fix.changes.items() if field in known and isinstance(value, float)
    ]
    # Sizes that are set together hold each other in other bounds than alone.
    bound = [(s, value) for s, value in numbers if len(fix.changes) == 1 or s.field.startswith("ease.")]
    if any(not s.low - 1e-6 <= value <= s.high + 1e-6 for s, value in bound):
        return True
    return len(numbers) == len(fix.changes) and all(abs(s.value - value) < 1e-6 for s, value in numbers)


def _with_outer(fix: Fix, outer: str | None) -> Fix:
    if outer is None or not any(field.startswith("layers.") for field in fix.changes) or "layers.outer" in fix.changes:
        return fix
    return replace(fix, changes={"layers.outer": outer, **fix.changes})
