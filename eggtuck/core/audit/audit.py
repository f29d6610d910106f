"""Judging a cut list: what it makes, every disagreement with its size and the number that would be right, and what fits."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Mapping, Sequence
from dataclasses import replace

from ..drafting.reads import Reads
from ..forms import Spec
from ..frozen import frozen
from ..objects import Thing
from ..pattern import Check, Draft, SpecError, Verdict
from ..pattern.source import sum_label
from ..words import Message, Param, Percent, msg
from .cut_list import CutList
from .fitting import Fitting, try_things
from .inverse import FREE, UnsolvedError, numbers_of, solve, told_numbers

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
# Numbers nearer than this are the same (mm).
CLOSE = 0.3
MARGIN = 0.05
_LOUD: tuple[Verdict, ...] = ("ok", "note", "warn", "stop")


@frozen
class Finding:
    """One disagreement: how bad, what it is, the number given and the one that would be right (mm). ``others`` are the other ways
    round: another number, and what it would have to be instead."""

    id: str
    verdict: Verdict
    title: Message
    message: Message
    name: str | None = None
    given: float | None = None
    right: float | None = None
    others: tuple[tuple[str, float], ...] = ()


@frozen
class Reading:
    """A number of the list beside the one that goes with the rest (mm); ``typed`` is how it was given."""

    name: str
    label: Message
    given: float
    right: float
    typed: str


@frozen(slots=False)
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
    how = cuts.form.reads(cuts.spec.options).given(cuts.numbers)
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
        return cuts.form.draft(_sized(cuts.spec, {**how.settled, **sizes}))

    try:
        sizes = solve(drafted, how.pairs, cuts.numbers, _start(cuts, how.pairs))
        draft = drafted(sizes)
    except SpecError as error:
        problem = error.problems[0]
        found = Finding("cannot", "stop", msg("audit.cannot"), problem.message, problem.field)
        return Audit(cuts, (), {}, None, (), (), (found,), ())
    except UnsolvedError:
        found = Finding("cannot", "stop", msg("audit.cannot"), msg("audit.unsolved"))
        return Audit(cuts, (), {}, None, (), (), (found,), ())
    readings, findings = _compare(cuts, draft)
    findings += [_from_check(check, sizes, cuts, how, drafted) for check in draft.checks if _matters(check)]
    findings += _claims(cuts, draft)
    findings += _cloth(cuts, draft)
    findings += _tabs(cuts, draft)
    sizes = {**how.settled, **sizes}
    tried = (*cuts.things, *things)
    fits = (*try_things(cuts.form, cuts.spec, {**cuts.spec.size, **sizes}, tried), *_not_for(cuts, tried))
    known = tuple((name, _named(name, draft)) for name in told_numbers(draft))
    return Audit(cuts, (), sizes, draft, tuple(readings), known, tuple(_once(findings)), fits)


def _once(findings: Iterable[Finding]) -> Iterable[Finding]:
    """Each disagreement once: two that would mend the same number are one, the louder of the two."""
    kept: dict[str, Finding] = {}
    for finding in findings:
        key = finding.name or finding.id
        known = kept.get(key)
        if known is None or _LOUD.index(finding.verdict) > _LOUD.index(known.verdict):
            kept[key] = finding
    return kept.values()


def _not_for(cuts: CutList, things: Iterable[tuple[str, Thing]]) -> Iterable[Fitting]:
    """Things that the list's form does not go round at all."""
    for name, thing in things:
        if thing.kind not in cuts.form.objects:
            say: dict[str, Param] = {"thing": msg(f"object.{thing.kind}"), "form": cuts.form.name}
            text = msg("audit.not-for.text", **say)
            yield Fitting(name, "stop", (Check("fit.kind", "stop", msg("audit.not-for"), text),))


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
    return sum_label(name)


def _compare(cuts: CutList, draft: Draft) -> tuple[list[Reading], list[Finding]]:
    """Every number given against the one that goes with the rest."""
    right = numbers_of(draft)
    readings: list[Reading] = []
    findings: list[Finding] = []
    how = cuts.form.reads(cuts.spec.options)
    halves = how.equal_halves(cuts.numbers) is not None
    cloths = [layer.material.ease_in for layer in cuts.spec.stack.layers if layer.role in ("outer", "lining")]
    give = min(cloths, default=0.0)
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
        if abs(off) <= CLOSE or _free(name):
            continue
        relation = how.repeats.get(name, "other")
        if relation == "split" and halves:
            if how.halves is not None and name == how.halves[2]:
                # Equal halves are told as what they are: both.
                continue
            relation = "halves"
        share = abs(off) / max(1.0, abs(right[name]))
        verdict: Verdict = "note" if share <= give else "warn" if relation == "other" else "stop"
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
        id, _, side = name.partition(".")
        if piece.id == id and side in ("width", "height"):
            return msg(f"audit.{side}", piece=piece.name)
    return _label(name)


def _matters(check: Check) -> bool:
    return check.verdict in ("warn", "stop") and check.id.startswith(_RELATIONS)


def _free(name: str) -> bool:
    """A length that anybody cuts as they like: a ribbon, a loop, a strap."""
    piece, _, side = name.partition(".")
    kind = piece.rstrip("0123456789").rstrip("-")
    if name in FREE or (side == "length" and kind in ("ribbon", "loop")):
        return True
    return side == "width" and kind in ("strap", "adjustable-strap", "clip-strap", "loop", "handle")


def _from_check(
    check: Check, sizes: Mapping[str, float], cuts: CutList, how: Reads, drafted: Callable[[Mapping[str, float]], Draft]
) -> Finding:
    """A check as a finding. Where a cut number tells a size that would mend it, that number and the right one are told; where another
    number would mend it as well, that is the other way round."""
    ways = _ways(check, sizes, cuts, how, drafted)
    if not ways:
        return Finding(check.id, check.verdict, check.title, check.message)
    (name, right), *others = ways
    message = check.message
    if others:
        or_else = tuple(msg("audit.or", label=_label(other), right=value) for other, value in others)
        say: dict[str, Param] = {"told": check.message, "label": _label(name), "right": right, "others": or_else}
        message = msg("audit.either.text", **say)
    return Finding(check.id, check.verdict, check.title, message, name, cuts.numbers[name], right, tuple(others))


def _ways(
    check: Check, sizes: Mapping[str, float], cuts: CutList, how: Reads, drafted: Callable[[Mapping[str, float]], Draft]
) -> list[tuple[str, float]]:
    """``(number, what it would have to be)`` for each cut number that settles the check by itself."""
    found: list[tuple[str, float]] = []
    fields = {field.removeprefix("size."): value for field, value in (check.fix.changes if check.fix else {}).items()}
    for size, value in fields.items():
        if size not in how.pairs:
            continue
        freed = {k: v for k, v in sizes.items() if k != size} if value == "" else {**sizes, size: float(value)}
        try:
            found.append((how.pairs[size], numbers_of(drafted(freed))[how.pairs[size]]))
        except SpecError:
            continue
    if not check.id.startswith("seam."):
        return found
    for size, name in how.pairs.items():
        if size in fields:
            continue
        right = _closing(check.id.removeprefix("seam."), size, sizes, drafted)
        if right is not None:
            try:
                found.append((name, numbers_of(drafted({**sizes, size: right}))[name]))
            except SpecError:
                continue
    return found


def _closing(
    seam: str, size: str, sizes: Mapping[str, float], drafted: Callable[[Mapping[str, float]], Draft]
) -> float | None:
    """The size that makes a seam's two sides equal, all others as they are (secant); None where it does not decide."""

    def off(value: float) -> float:
        draft = drafted({**sizes, size: value})
        return next(s.difference for s in draft.seams if s.id == seam)

    a, b = sizes[size], sizes[size] * 1.01 + 0.5
    try:
        fa, fb = off(a), off(b)
        for _ in range(20):
            if abs(fb - fa) < 1e-9:
                return None
            a, fa, b = b, fb, b - fb * (b - a) / (fb - fa)
            fb = off(b)
            if abs(fb) < 1e-6:
                return b
    except (SpecError, StopIteration):
        return None
    return None


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
        if abs(claim - made) <= max(CLOSE, 0.005 * abs(made)):
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
        exact = need.exact
        wanted = exact * (1 + MARGIN)
        if bought + 0.5 >= wanted:
            continue
        short = bought + 0.5 < exact
        key = "audit.cloth-short" if short else "audit.cloth-exact"
        text = msg(f"{key}.text", given=bought, exact=exact, right=need.buy, role=msg(f"role.{role}"))
        yield Finding(f"cloth.{role}", "stop" if short else "warn", msg(key), text, role, bought, need.buy)


def _tabs(cuts: CutList, draft: Draft) -> Iterable[Finding]:
    """Two tabs face each other when half the girth lies between them; told as both arcs, and both places as they would be."""
    girth = draft.finished.get("girth")
    if not cuts.tabs or girth is None or draft.finished.get("wall_height") is None:
        return
    first, second = sorted(cuts.tabs)
    apart = second - first
    off = abs(apart - girth / 2)
    if off <= max(CLOSE, 0.01 * girth / 2):
        return
    # Moved alike, they stay where they were in the middle between them.
    left = (first + second) / 2 - girth / 4
    say: dict[str, float] = {"one": apart, "other": girth - apart, "first": left, "right": left + girth / 2}
    text = msg("audit.tabs.text", **say)
    yield Finding("tabs", "warn", msg("audit.tabs"), text, "tabs.1", second, left + girth / 2, (("tabs.0", left),))
