"""Bad input made up without end: specs of the whole catalogue with anything in any place, and bodies for every route."""

from __future__ import annotations

import copy
import json
import math
from collections.abc import Iterator
from random import Random
from typing import Any

import shapely

from eggtuck.core.forms import CATALOGUE, LengthInput, draft_spec
from eggtuck.core.pattern import Draft, SpecError
from eggtuck.core.pattern.document import draft_json
from eggtuck.core.plane import flatten

from .makes import draft_of, makes, mended

# What nobody types on purpose, and somebody sends all the same.
NASTY: tuple[Any, ...] = (
    None, True, False, 0, -1, 1, 10**30, -(10**30), 2**63, 2**64, 1e308, -1e308, 5e-324, 0.1, 3.5, [], {}, [[]], [None], {"": ""},
    "", " ", "0", "-0", "1e400", "1e-400", "nan", "inf", "-inf", "Infinity", "1/0", "0/0", "9" * 400, "1" * 30 + "/3", "3 1/0",
    "½", "³", "٣", "1,5,5", "1.5.5", "1 cm cm", "\ud800", "a\udfffb", "\x00", "\x1b[31m", "\u202e", "\ufeff", "🧵" * 20, "<b>&amp;",
    "=1+1", "'; DROP TABLE projects; --", "../../etc/passwd", "{{7*7}}", "none", "cm", "in", "outer", "lining", "default",
    "0.0001 mm", "1000000 km", "999999999999 cm", "1 mm", "2 cm", "30 cm", "80 in", "12 ft",
)  # fmt: skip


def places(document: Any, at: tuple[Any, ...] = ()) -> Iterator[tuple[Any, ...]]:
    """Every place of a document, the whole of it first."""
    yield at
    if isinstance(document, dict):
        for name in document:
            yield from places(document[name], (*at, name))
    elif isinstance(document, list):
        for nth in range(len(document)):
            yield from places(document[nth], (*at, nth))


def spoilt(document: Any, by: Random, times: int = 1) -> Any:
    """The same with something else in some of its places, names and all."""
    made = copy.deepcopy(document)
    for _ in range(times):
        spots = list(places(made))
        at = by.choice(spots[1:] or spots)
        if not at:
            return by.choice(NASTY)
        here = made
        for step in at[:-1]:
            here = here[step]
        what = by.random()
        if what < 0.1:
            here.pop(at[-1])
        elif what < 0.2 and isinstance(here, dict):
            name = by.choice([value for value in NASTY if isinstance(value, str)])
            here[name] = here.pop(at[-1])
        elif what < 0.5 and isinstance(here[at[-1]], str):
            here[at[-1]] = length(by)
        else:
            here[at[-1]] = copy.deepcopy(by.choice(NASTY))
    return made


def length(by: Random, low: float = 0.1, high: float = 2000.0) -> str:
    """A length in some writing, between two (mm): as likely small as large."""
    low, high = max(0.05, low), max(0.06, high)
    mm = math.exp(by.uniform(math.log(low), math.log(max(low * 1.01, high))))
    unit, per = by.choice((("mm", 1.0), ("cm", 10.0), ("in", 25.4)))
    return f"{mm / per:.{by.randrange(5)}f} {unit}"


def _near(now: float | None, item: LengthInput, by: Random) -> str:
    """A length for an input, or a number: near what it is ``now``, more often than any that is in its range."""
    if item.of == "count":
        return str(by.randrange(1, 30))
    if now and now > 0 and by.random() < 0.7:
        return length(by, max(item.low, now * 0.7), min(item.high, now * 1.4))
    return length(by, item.low, item.high)


def outline(by: Random) -> list[list[float]]:
    """A closed outline: round about, with straight sides or bent ones, slim or wide, now and then with a corner that goes inward."""
    count = by.choice((3, 4, 4, 5, 6, 8, 12, 40))
    bent = by.choice((0.0, 0.0, 0.2, 0.6))
    high = by.choice((1.0, 1.0, 0.3, 2.5, 0.02))
    rows = []
    for nth in range(count):
        turn, far = 2 * math.pi * nth / count + math.pi / 4, by.uniform(0.6, 1.0) if by.random() < 0.3 else 1.0
        bulge = by.uniform(-bent / 3, bent)
        rows.append([100 * far * math.cos(turn), 100 * high * far * math.sin(turn), bulge])
    return rows


def specs(by: Random) -> Iterator[tuple[Any, bool]]:
    """Specs without end; and whether it is one as it should be, but for its lengths."""
    good = [spec for _, spec in makes()]
    forms = list(CATALOGUE)
    while True:
        spec = copy.deepcopy(by.choice(good))
        what = by.random()
        if what < 0.35:
            # All as it should be, with other lengths and choices.
            form = CATALOGUE[spec["form"]]
            now = {state.field: state.value for state in draft_of(spec).inputs}
            for one in by.sample(form.inputs, min(len(form.inputs), 1 + by.randrange(3))):
                group, _, name = one.field.partition(".")
                spec[group] = {**(spec.get(group) or {}), name: _near(now.get(one.field), one, by)}
            for option in by.sample(form.options, min(len(form.options), by.randrange(3))):
                spec["options"] = {**(spec.get("options") or {}), option.id: by.choice(option.choices)}
            yield spec, True
        elif what < 0.45:
            yield {**spec, "form": by.choice(forms)}, False
        elif what < 0.55 and CATALOGUE[spec["form"]].takes_shape:
            yield {**spec, "shape": {"name": "Own", "outline": outline(by)}}, True
        else:
            yield spoilt(spec, by, 1 + by.randrange(3)), False


def faults(spec: Any) -> list[str]:
    """What is wrong with how a spec is answered: nothing, where it is refused by name or drafted soundly."""
    try:
        draft = draft_spec(spec)
        text = draft_json(draft)
    except SpecError as error:
        found = [f"a problem without a sentence: {one}" for one in error.problems if not one.message.id]
        return found or ([] if error.problems else ["refused without a problem"])
    except Exception as error:
        return [f"{type(error).__name__}: {error}"]
    found = []
    try:
        json.loads(text, parse_constant=lambda name: found.append(f"{name} in the document"))
        text.encode()
    except ValueError as error:
        found.append(f"the document: {error}")
    for word in ("nan", "inf", "NaN", "Infinity"):
        if any(f"{before}{word}{after}" in text for before in (" ", '"') for after in (" ", '"', ",", " mm", " cm")):
            found.append(f"{word} is said")
    try:
        return found + list(unsound(draft))
    except Exception as error:
        return [*found, f"its outlines: {type(error).__name__}: {error}"]


# So many buttons are pressed one after the other, at most.
_PRESSED = 14


def restless(spec: Any, first: int = 0) -> Iterator[str]:
    """What is wrong with the buttons offered to mend a make, pressed one after the other (of the first ones, that of the number ``first``): each
    has to be taken, none leads back to where it began, and there is an end to them. Two checks that contradict each other would go on for ever."""
    seen: list[Any] = []
    pressed: list[str] = []
    while len(pressed) < _PRESSED:
        seen.append(spec)
        try:
            checks = json.loads(draft_json(draft_spec(spec)))["checks"]
        except SpecError as error:
            if pressed:
                yield f"a button leads nowhere: {pressed[-1]}: {[str(one.message.id) for one in error.problems]}"
            return
        offers = [check for check in checks if check["fix"] and check["verdict"] in ("warn", "stop")]
        if not offers:
            return
        check = offers[first % len(offers) if not pressed else 0]
        pressed.append(f"{check['id']} {check['fix']['set']}")
        spec = mended(spec, check["fix"])
        if spec in seen:
            yield f"buttons lead back and forth: {pressed[seen.index(spec) :]}"
            return
    yield f"there is no end to buttons: {pressed[-3:]}"


def unsound(draft: Draft) -> Iterator[str]:
    """What is wrong with its checks, pieces and lines to cut."""
    judged: dict[str, str] = {}
    for check in draft.checks:
        if judged.setdefault(check.id, check.verdict) != check.verdict:
            yield f"two checks contradict each other: {check.id} is {judged[check.id]} and {check.verdict}"
    told = {check.id for check in draft.checks if check.verdict == "stop"}
    for piece in draft.pieces:
        if f"outline.{piece.id}" in told:
            continue
        stitch = shapely.Polygon(flatten(piece.stitch_outline, 0.05))
        if not stitch.is_valid or not math.isfinite(stitch.area) or stitch.area <= 0:
            yield f"{piece.id}: its outline crosses itself or is empty: {shapely.is_valid_reason(stitch)}"
            continue
        for cut in piece.cuts:
            shape = shapely.Polygon(flatten(piece.outline_for(cut), 0.05))
            if not shape.is_valid:
                yield f"{piece.id}: the line to cut crosses itself: {shapely.is_valid_reason(shape)}"
            elif (
                cut.on is None
                and cut.inset <= 0
                and not cut.net
                and piece.cut_as is None
                and not shape.buffer(0.2).covers(stitch)
            ):
                yield f"{piece.id}: the line to cut leaves the stitch line out"
