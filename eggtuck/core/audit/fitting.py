"""Trying things in a make whose sizes are settled: what of a shelf goes in, and how."""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from dataclasses import replace

from ..drafting.reading import read_spec
from ..forms import CATALOGUE, Form, Spec
from ..frozen import frozen
from ..objects import Thing
from ..pattern import Check, SpecError, Verdict
from ..words import msg

_WORST: tuple[Verdict, ...] = ("stop", "warn", "note", "ok")


@frozen
class Fitting:
    """Whether one thing goes in, in the words of the form's own checks."""

    name: str
    verdict: Verdict
    checks: tuple[Check, ...]


def try_things(
    form: Form, spec: Spec, sizes: Mapping[str, float], things: Iterable[tuple[str, Thing]]
) -> list[Fitting]:
    """The form cut to these sizes (mm), judged round each thing that it is for; the best first."""
    found = [_try(form, spec, sizes, name, thing) for name, thing in things if thing.kind in form.objects]
    # Of two that are judged alike, the one with less to say against it.
    return sorted(found, key=lambda fit: (-_WORST.index(fit.verdict), sum(c.verdict != "ok" for c in fit.checks)))


def fits_of(document: object, things: Iterable[tuple[str, Thing]]) -> list[Fitting]:
    """Things tried in the make a spec asks for, at its current size. Raises `SpecError`."""
    form, spec = read_spec(document, CATALOGUE)
    draft = form.draft(spec)
    sizes = {
        state.field.removeprefix("size."): state.value
        for state in draft.inputs
        if state.field.startswith("size.") and draft.finished.get(state.field.removeprefix("size.")) is not None
    }
    return try_things(form, spec, sizes, things)


def _try(form: Form, spec: Spec, sizes: Mapping[str, float], name: str, thing: Thing) -> Fitting:
    try:
        draft = form.draft(replace(spec, size={**sizes}, ease={}, thing=thing, also=(), parts=()))
    except SpecError as error:
        return Fitting(name, "stop", (Check("fit", "stop", msg("audit.cannot"), error.problems[0].message),))
    checks = tuple(check for check in draft.checks if check.id.startswith("fit."))
    checks = checks or (Check("fit", "ok", msg("audit.goes"), msg("audit.goes.text")),)
    worst: Verdict = next((v for v in _WORST if any(c.verdict == v for c in checks)), "ok")
    return Fitting(name, worst, checks)
