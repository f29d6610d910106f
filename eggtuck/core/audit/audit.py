"""Judging a cut list: what it makes, every disagreement with its size and the number that would be right, and what fits."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Mapping, Sequence
from dataclasses import dataclass, replace

from ..checks.seams import EQUAL
from ..forms import Spec
from ..objects import Thing
from ..pattern import Check, Draft, SpecError, Verdict
from ..wording import Message, Param, Percent, msg
from .cut_list import CutList
from .fitting import Fitting, try_things
from .inverse import Unsolved, numbers_of, reads, solve, told_numbers

# Checks of a draft that are about numbers that must agree.
_RELATIONS = (
    "seam.",
    "allowance.",
    "binding.",
    "casing.",
    "box.square",
    "zip.",
    "outline.",
    "fit.closes",
    "fit.gather",
    "curve",
)
# Numbers that repeat what others already tell, and what they are checked for; other repeats are told plainly.
_REPEATS = {
    ("cone", "base.width"): "disc",
    ("gusset-bag", "gusset.width"): "ring",
    ("gusset-bag", "zip-strip.height"): "zip-section",
    ("round-pouch", "front-lower.height"): "split",
    ("round-pouch", "front-upper.width"): "split",
    ("boxed-bag", "cutout.height"): "cutout",
    ("boxed-bag", "cutout.fold"): "cutout-fold",
    ("mat", "backing.width"): "layers",
    ("mat", "backing.height"): "layers",
    ("book-cover", "flap.height"): "flap",
    ("mug-bag", "wrap.width"): "wrap",
}
MARGIN = 0.05


@dataclass(frozen=True, slots=True)
class Finding:
    """One disagreement: how bad, what it is, the number given and the one that would be right (mm)."""

    id: str
    verdict: Verdict
    title: Message
    message: Message
    name: str | None = None
    given: float | None = None
    right: float | None = None


@dataclass(frozen=True, slots=True)
class Reading:
    """A number of the list beside the one that goes with the rest (mm); ``typed`` is how it was given."""

    name: str
    label: Message
    given: float
    right: float
    typed: str


@dataclass(frozen=True)
class Audit:
    """``draft`` is None while ``missing`` names numbers that are needed, or when the numbers make nothing; ``known`` are all the
    numbers a list for this make can give."""

    cuts: CutList
    missing: tuple[tuple[str, Message], ...]
    sizes: Mapping[str, float]
    draft: Draft | None
    readings: tuple[Reading, ...]
    known: tuple[tuple[str, Message], ...]
    findings: tuple[Finding, ...]
    fits: tuple[Fitting, ...]


def audit(cuts: CutList, things: Sequence[tuple[str, Thing]] = ()) -> Audit:
    """Read the list backwards, compare, and try ``things`` (name, thing) in it."""
    how = reads(cuts.form.id, cuts.spec.options)
    missing = [(f"numbers.{number}", _label(number)) for number in how.pairs.values() if number not in cuts.numbers]
    described = {item.field: item.label for item in cuts.form.inputs}
    missing += [(f"size.{name}", described[f"size.{name}"]) for name in how.asked if name not in cuts.spec.size]
    if missing:
        return Audit(cuts, tuple(missing), {}, None, (), (), (), ())

    ranges = {item.field.removeprefix("size."): item for item in cuts.form.inputs}

    def drafted(sizes: Mapping[str, float]) -> Draft:
        # Solved sizes have not been through the reading of a spec: they keep to the same ranges.
        for name, value in sizes.items():
            item = ranges[name]
            if not item.low <= value <= item.high:
                told: dict[str, Param] = {"label": item.label, "low": item.low, "high": item.high}
                raise SpecError.of(item.field, msg("problem.range", **told))
        return cuts.form.draft(_sized(cuts.spec, sizes))

    try:
        sizes = solve(drafted, how.pairs, cuts.numbers, _start(cuts, how.pairs))
        draft = drafted(sizes)
    except SpecError as error:
        problem = error.problems[0]
        found = Finding("cannot", "stop", msg("audit.cannot"), problem.message, problem.field)
        return Audit(cuts, (), {}, None, (), (), (found,), ())
    except Unsolved:
        found = Finding("cannot", "stop", msg("audit.cannot"), msg("audit.unsolved"))
        return Audit(cuts, (), {}, None, (), (), (found,), ())
    readings, findings = _compare(cuts, draft)
    findings += [_from_check(check, sizes, cuts, drafted) for check in draft.checks if _matters(check)]
    findings += _claims(cuts, draft)
    findings += _cloth(cuts, draft)
    findings += _tabs(cuts, draft)
    fits = tuple(try_things(cuts.form, cuts.spec, {**cuts.spec.size, **sizes}, (*cuts.things, *things)))
    known = tuple((name, _named(name, draft)) for name in told_numbers(draft))
    return Audit(cuts, (), sizes, draft, tuple(readings), known, tuple(findings), fits)


def _sized(spec: Spec, sizes: Mapping[str, float], thing: Thing | None = None) -> Spec:
    return replace(spec, size={**spec.size, **sizes}, thing=thing)


def _start(cuts: CutList, pairs: Mapping[str, str]) -> dict[str, float]:
    """Sizes to begin the search from: each number itself where those can be drafted, else the form's own first sizes."""
    described = {item.field: item for item in cuts.form.inputs}

    def within(name: str, value: float) -> float:
        item = described[f"size.{name}"]
        return min(max(value, item.low), item.high)

    guess = {name: within(name, cuts.numbers[number]) for name, number in pairs.items()}
    begun = dict(cuts.form.start)
    try:
        first = cuts.form.draft(_sized(cuts.spec, begun))
    except SpecError:
        return guess
    states = {state.field: state.value for state in first.inputs}
    usual = {name: states.get(f"size.{name}", guess[name]) for name in pairs}
    try:
        cuts.form.draft(_sized(cuts.spec, guess))
    except SpecError:
        return usual
    return guess


def _label(name: str) -> Message:
    """What a number is called: a piece's cut side, or the name of its sum."""
    piece, _, side = name.partition(".")
    if side in ("width", "height") and piece not in ("cutout",):
        return msg(f"audit.{side}", piece=msg(f"piece.{piece}"))
    edges = {"wall.base": "lower", "wall.top": "upper", "wall.side-left": "slant", "body.zip": "zip"}
    if name in edges:
        return msg(f"audit.edge-{edges[name]}")
    return msg(f"sum.name.{name}")


def _compare(cuts: CutList, draft: Draft) -> tuple[list[Reading], list[Finding]]:
    """Every number given against the one that goes with the rest."""
    right = numbers_of(draft)
    readings: list[Reading] = []
    findings: list[Finding] = []
    ease_in = cuts.spec.stack.ease_in
    for name, given in cuts.numbers.items():
        if name not in right:
            known = ", ".join(
                sorted(n for n in right if n.split(".")[0] in {p.id for p in draft.pieces if p.cuts})[:12]
            )
            text = msg("audit.unknown.text", name=name, known=known)
            findings.append(Finding(f"unknown.{name}", "note", msg("audit.unknown"), text, name, given))
            continue
        readings.append(Reading(name, _named(name, draft), given, right[name], cuts.typed[f"numbers.{name}"]))
        off = given - right[name]
        if abs(off) <= EQUAL:
            continue
        relation = _REPEATS.get((cuts.form.id, name), "other")
        share = abs(off) / max(1.0, abs(right[name]))
        verdict: Verdict = "note" if share <= ease_in else "warn" if relation == "other" else "stop"
        text = msg(
            f"audit.{relation}.text",
            label=_named(name, draft),
            given=given,
            right=right[name],
            off=abs(off),
            share=Percent(share),
        )
        findings.append(Finding(f"number.{name}", verdict, msg(f"audit.{relation}"), text, name, given, right[name]))
    return readings, findings


def _named(name: str, draft: Draft) -> Message:
    for piece in draft.pieces:
        for edge in piece.edges:
            if edge.id == name and name not in ("wall.base", "wall.top", "wall.side-left", "body.zip"):
                return edge.name
    return _label(name)


def _matters(check: Check) -> bool:
    return check.verdict in ("warn", "stop") and check.id.startswith(_RELATIONS)


def _from_check(
    check: Check, sizes: Mapping[str, float], cuts: CutList, drafted: Callable[[Mapping[str, float]], Draft]
) -> Finding:
    """A check as a finding. Where its fix changes a size that a cut number tells, that number and the right one are told."""
    pairs = reads(cuts.form.id, cuts.spec.options).pairs
    for field, value in (check.fix.changes if check.fix else {}).items():
        name = pairs.get(field.removeprefix("size."))
        if name is None or not isinstance(value, float):
            continue
        try:
            right = numbers_of(drafted({**sizes, field.removeprefix("size."): value}))[name]
        except SpecError:
            continue
        return Finding(check.id, check.verdict, check.title, check.message, name, cuts.numbers[name], right)
    return Finding(check.id, check.verdict, check.title, check.message)


def _claims(cuts: CutList, draft: Draft) -> Iterable[Finding]:
    """Finished sizes as announced, against what the pieces make."""
    cut = numbers_of(draft)
    for name, claim in cuts.claims.items():
        made = draft.finished.get(name)
        if made is None:
            known = ", ".join(n for n, v in draft.finished.items() if v is not None)
            yield Finding(
                f"claim.{name}",
                "note",
                msg("audit.unknown"),
                msg("audit.unknown.text", name=name, known=known),
                name,
                claim,
            )
            continue
        if abs(claim - made) <= max(EQUAL, 0.005 * abs(made)):
            continue
        sides = [n for n, v in cut.items() if n.endswith((".width", ".height")) and abs(v - claim) <= 1.0]
        label = msg(f"sum.name.finished.{name}")
        key = "audit.cut-not-finished" if sides else "audit.claim"
        say: dict[str, Param] = {
            "label": label,
            "given": claim,
            "right": made,
            "piece": _label(sides[0]) if sides else label,
        }
        yield Finding(f"claim.{name}", "warn", msg(key), msg(f"{key}.text", **say), name, claim, made)


def _cloth(cuts: CutList, draft: Draft) -> Iterable[Finding]:
    """Cloth to be bought, against what the pieces take with and without a margin."""
    needs = {need.role: need for need in draft.needs if need.width is not None}
    for role, bought in cuts.cloth.items():
        need = needs.get(role)
        if need is None:
            yield Finding(
                f"cloth.{role}",
                "note",
                msg("audit.unknown"),
                msg("audit.unknown.text", name=role, known=", ".join(needs)),
                role,
                bought,
            )
            continue
        wanted = need.exact * (1 + MARGIN)
        if bought + 0.5 >= wanted:
            continue
        short = bought + 0.5 < need.exact
        key = "audit.cloth-short" if short else "audit.cloth-exact"
        text = msg(f"{key}.text", given=bought, exact=need.exact, right=need.buy, role=msg(f"role.{role}"))
        yield Finding(f"cloth.{role}", "stop" if short else "warn", msg(key), text, role, bought, need.buy)


def _tabs(cuts: CutList, draft: Draft) -> Iterable[Finding]:
    """Two tabs face each other when half the girth lies between them; told as both arcs."""
    girth = draft.finished.get("girth")
    if not cuts.tabs or girth is None:
        return
    first, second = sorted(cuts.tabs)
    apart = second - first
    off = abs(apart - girth / 2)
    if off <= max(EQUAL, 0.01 * girth / 2):
        return
    say: dict[str, float] = {"one": apart, "other": girth - apart, "first": first, "right": first + girth / 2}
    yield Finding("tabs", "warn", msg("audit.tabs"), msg("audit.tabs.text", **say), "tabs.1", second, first + girth / 2)
