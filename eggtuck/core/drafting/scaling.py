"""The same make at another size: its own sizes grow or shrink, what hands, cloth and hardware settle stays."""

from __future__ import annotations

from collections.abc import Mapping
from fractions import Fraction
from typing import Any, Literal

from ..lengths import LengthError, read_length
from ..pattern import SpecError
from ..pattern.asked import Untrusted
from ..words import msg
from .description import COUNTS, Form
from .former import brought_up
from .parts import PARTS
from .reading import read_spec
from .spec import Spec

Scale = Literal["half", "three-quarters", "one-and-a-half", "double", "flat"]
SCALES: Mapping[Scale, Fraction] = {
    "half": Fraction(1, 2),
    "three-quarters": Fraction(3, 4),
    "one-and-a-half": Fraction(3, 2),
    "double": Fraction(2),
    "flat": Fraction(1),
}
# The choice by which a form has a flat version.
_FLAT = ("boxing", "flat")


def scales_of(form: Form) -> tuple[Scale, ...]:
    """The sizes a make of this form can be had at: flat where the form has such a version."""
    option, choice = _FLAT
    flat = any(o.id == option and choice in o.choices for o in form.options)
    return tuple(scale for scale in SCALES if flat or scale != "flat")


def at_scale(document: Mapping[str, Any], form: Form, scale: Scale) -> Untrusted:
    """The spec at another size, or ``flat``. Raises `SpecError`."""
    if scale not in scales_of(form):
        raise SpecError.of("form", msg("problem.no-flat"))
    made = scaled(document, form, SCALES[scale])
    if scale != "flat":
        return made
    option, choice = _FLAT
    size = {name: value for name, value in made["size"].items() if name != "base_depth"}
    return {**made, "size": size, "options": {**made.get("options", {}), option: choice}}


def scaled(document: Mapping[str, Any], form: Form, factor: Fraction) -> Untrusted:
    """The spec with every size of the make times ``factor``, on the maker's ruler, as a make of its own: the thing it was for and the room
    round it are left behind. Allowances, counts, and what hands, cloth and hardware settle stay. What no longer can be made the draft of it
    says. Raises `SpecError` when the spec itself cannot be drafted."""
    document = brought_up(document)
    spec = read_spec(document, {form.id: form})[1]
    sizes = _sizes(form, spec)
    kept = {name: value for name, value in (document.get("size") or {}).items() if name in COUNTS}
    bare = {
        k: v for k, v in document.items() if k not in ("object", "also", "ease", "size", "wearer", "parts", "blocks")
    }
    size = {**kept, **{name: _written(spec, mm * factor) for name, mm in sizes.items()}}
    parts = [_part(part, spec, factor) for part in document.get("parts") or []]
    blocks = [_row(row, spec, factor) for row in document.get("blocks") or []]
    made = {**bare, "size": size, **({"parts": parts} if parts else {}), **({"blocks": blocks} if blocks else {})}
    return _with_told(document, made, form)


def _with_told(document: Mapping[str, Any], made: Untrusted, form: Form) -> Untrusted:
    """The scaled spec with what the maker told of hands and hardware: a length stays told when what is proposed for it does not
    follow from the size. One that can no longer be is proposed anew."""
    fixed = {item.field.removeprefix("size.") for item in form.inputs if item.fixed}
    told = {name: value for name, value in (document.get("size") or {}).items() if name in fixed}
    if not told:
        return made
    try:
        size = {name: value for name, value in document["size"].items() if name not in told}
        before, after = _proposed(form, {**document, "size": size}), _proposed(form, made)
    except SpecError:
        return made
    for name, value in told.items():
        field = f"size.{name}"
        grown = {**made, "size": {**made["size"], name: value}}
        if field in after and after[field] == before.get(field) and _drafts(form, grown):
            made = grown
    return made


def _proposed(form: Form, document: Mapping[str, Any]) -> dict[str, float | None]:
    states = form.draft(read_spec(document, {form.id: form})[1]).inputs
    return {state.field: state.proposed for state in states}


def _drafts(form: Form, document: Mapping[str, Any]) -> bool:
    try:
        _proposed(form, document)
    except SpecError:
        return False
    return True


def _sizes(form: Form, spec: Spec) -> dict[str, float]:
    """The make's own sizes (mm), told or proposed: a proposal does not know that it is to be of the same shape."""
    states = {
        state.field.removeprefix("size."): state for state in form.draft(spec).inputs if state.field.startswith("size.")
    }
    fixed = {item.field for item in form.inputs if item.fixed}
    return {name: state.value for name, state in states.items() if state.field not in fixed and state.of == "length"}


def _written(spec: Spec, mm: float) -> str:
    return spec.ruler.exact(spec.on_mark(mm))


def _row(row: Mapping[str, Any], spec: Spec, factor: Fraction) -> Untrusted:
    """A row of blocks at the other size; what takes the rest does so again."""

    def grown(value: object) -> object:
        try:
            return _written(spec, read_length(value, spec.ruler.unit).mm * factor)
        except LengthError:
            return value

    return {
        **({"height": grown(row["height"])} if "height" in row else {}),
        "widths": [grown(mm) for mm in row["widths"]],
    }


def _part(part: Mapping[str, Any], spec: Spec, factor: Fraction) -> Untrusted:
    """A part in its place on the scaled make; a pocket grows with it."""
    kind = PARTS[part["kind"]]
    changed = dict(part)
    for name in (item.name for item in kind.lengths if item.grows):
        try:
            changed[name] = _written(spec, read_length(part[name], spec.ruler.unit).mm * factor)
        except (KeyError, LengthError):
            continue
    return changed
