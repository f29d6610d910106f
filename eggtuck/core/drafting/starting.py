"""Specs to begin with, and the same spec on another ruler."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from typing import Any

from ..lengths import UNITS, DecimalMark, LengthError, Ruler, Unit, plain_volume_unit, read_length
from ..objects import ALSO, PRESETS, DrawerKind, Notion, Preset, holds
from ..objects.profile import profile_cells
from ..pattern import SpecError
from ..pattern.asked import Untrusted
from .description import COUNTS, HOLDS, Form
from .former import brought_up
from .layers import LAYER_LENGTHS
from .parts import PARTS
from .reading import read_spec

_LENGTH_GROUPS = ("size", "ease", "allowance")
_ROWS = ("profile", "sticks_out")
_NOT_LENGTHS = ("kind", "name", "preset", "assumed", *COUNTS)
ROUNDING: Mapping[Unit, str] = {"cm": "1 mm", "mm": "1 mm", "in": "1/8 in"}


def preset_object(preset: Preset, ruler: Ruler) -> Untrusted:
    """The preset's measures as a maker would write them; nobody has taken them yet."""
    measures = {name: ruler.write(ruler.usual(mm)) for name, mm in preset.measures.items()}
    return {"kind": preset.kind, **measures, "preset": preset.id, "assumed": list(measures)}


def starting_spec(form: Form, ruler: Ruler, thing: Mapping[str, Any] | None) -> Untrusted:
    """A first spec for a thing, or for finished sizes to be set by hand when there is none: the form's usual layers and the maker's
    ruler. Allowances are left to be told; till then the usual one is assumed."""
    spec: Untrusted = {
        "form": form.id,
        "unit": ruler.unit,
        "decimal": ruler.decimal,
        "options": {},
        "layers": [{"material": material, "role": role} for material, role in form.layers],
        "rounding": ROUNDING[ruler.unit],
    }
    if thing is None:
        spec["size"] = start_sizes(form, ruler)
    else:
        spec["object"] = dict(thing)
    return spec


def with_habits(
    spec: Mapping[str, Any], form: Form, allowance: str, rounding: str, schools: Mapping[str, str]
) -> Untrusted:
    """A first spec with the maker's own allowance, ruler step and schools, as far as the form has them and can be drafted so."""
    changed = dict(spec)
    for name, value in (("allowance", {"default": allowance} if allowance else None), ("rounding", rounding or None)):
        if value is not None and _drafts({**changed, name: value}, form):
            changed[name] = value
    for option in form.options:
        choice = schools.get(option.id)
        if choice in option.choices and not option.safety:
            tried = {**changed, "options": {**changed.get("options", {}), option.id: choice}}
            if _drafts(tried, form):
                changed = tried
    return changed


def with_liked_ease(spec: Mapping[str, Any], form: Form, ruler: Ruler, share: float) -> Untrusted:
    """A first spec with the ease that a maker likes, as a share of the girth of its thing, to the nearest mark of the ruler; as it is where the
    form asks for no ease or cannot be drafted so."""
    draft = form.draft(read_spec(spec, {form.id: form})[1])
    values = {state.field: state.value for state in draft.inputs}
    girth = values.get("object.girth")
    if girth is None or "ease.girth" not in values:
        return dict(spec)
    ease = round(share * girth / ruler.step) * ruler.step
    tried = {**spec, "ease": {**spec.get("ease", {}), "girth": ruler.write(ease)}}
    return tried if _drafts(tried, form) else dict(spec)


def for_thing(spec: Mapping[str, Any], form: Form, thing: Mapping[str, Any], unit: Unit) -> Untrusted:
    """The same make for another thing, measured in ``unit``. Sizes that were set for the old thing, those whose proposal is another
    for the new one, are proposed afresh; ease, allowances, layers and choices stay. Raises `SpecError`."""
    here = spec.get("unit", "cm")
    fresh = {k: v for k, v in spec.items() if k != "also"} | {
        "object": thing if unit == here else with_units(thing, unit)
    }

    def proposals(document: Mapping[str, Any]) -> dict[str, float | None]:
        draft = form.draft(read_spec(document, {form.id: form})[1])
        return {state.field: state.proposed for state in draft.inputs}

    without = {**fresh, "size": {}}
    new = proposals(without)
    old = proposals({**spec, "size": {}}) if spec.get("object") else {}
    kept = {n: v for n, v in (spec.get("size") or {}).items() if old.get(f"size.{n}") == new.get(f"size.{n}")}
    tried = {**fresh, "size": kept}
    return tried if _drafts(tried, form) else without


def as_form(
    spec: Mapping[str, Any], form: Form, ruler: Ruler, drafts: Callable[[Mapping[str, Any], Form], bool] | None = None
) -> Untrusted:
    """The same thing, layers and habits in another form: what the other form does not ask is left out, a thing
    it does not cover too, and without a thing the sizes it needs are filled in. ``drafts`` tells whether a spec of a form can be
    drafted, for callers that remember."""
    known = {item.field for item in form.inputs}
    keys = {"default", *form.allowances, *form.lining_allowances}
    changed: Untrusted = {**unconfirmed(spec, form), "form": form.id}
    if spec.get("object") and not _covers(form, spec["object"]):
        changed.pop("object")
    if not form.takes_shape:
        changed.pop("shape", None)
    if not form.takes_blocks:
        changed.pop("blocks", None)
    others = [thing for thing in spec.get("also") or [] if _covers(form, thing)]
    changed.pop("also", None)
    if others and changed.get("object"):
        changed["also"] = others
    for group in ("size", "ease"):
        values = spec.get(group) or {}
        changed[group] = {name: value for name, value in values.items() if f"{group}.{name}" in known}
    changed["allowance"] = {k: v for k, v in (spec.get("allowance") or {}).items() if k in keys}
    choices = {option.id: option.choices for option in form.options}
    changed["options"] = {k: v for k, v in changed["options"].items() if v in choices.get(k, ())}
    begin = {} if changed.get("object") else start_sizes(form, ruler)
    kept = {**changed, "size": {**begin, **changed["size"]}}
    # Sizes that went together in one form need not go together in another.
    return kept if (drafts or _drafts)(kept, form) else {**changed, "size": begin, "ease": {}}


def unconfirmed(spec: Mapping[str, Any], form: Form) -> Untrusted:
    """The spec for another make of the same: what was confirmed of this one's layers, thread and trims is asked again."""
    spec = brought_up(spec)
    asked = {option.id for option in form.options if option.safety}
    options = {name: choice for name, choice in (spec.get("options") or {}).items() if name not in asked}
    layers = [
        {name: value for name, value in layer.items() if name != "confirmed"} if isinstance(layer, Mapping) else layer
        for layer in spec.get("layers") or []
    ]
    return {**spec, "options": options, **({"layers": layers} if layers else {})}


def _covers(form: Form, thing: Mapping[str, Any]) -> bool:
    kind = str(thing.get("kind"))
    return ALSO.get(kind, kind) in form.objects


def _drafts(spec: Mapping[str, Any], form: Form) -> bool:
    try:
        form.draft(read_spec(spec, {form.id: form})[1])
    except SpecError:
        return False
    return True


def start_sizes(form: Form, ruler: Ruler) -> dict[str, str]:
    """The form's own sizes to begin with, as a maker would write them."""
    counts = {item.field.removeprefix("size.") for item in form.inputs if item.of == "count"}
    return {
        name: f"{value:g}" if name in counts else ruler.write(ruler.usual(value)) for name, value in form.start.items()
    }


def on_ruler(
    spec: Mapping[str, Any], unit: Unit, decimal: DecimalMark, forms: Mapping[str, Form] | None = None
) -> Untrusted:
    """The same spec read on another ruler: what the maker typed keeps its wording and value, numbers without a unit get the old one
    written behind them. What nobody typed, a preset's measures and the form's first sizes, is as usual on the new ruler."""
    old = spec.get("unit", "cm")
    if old not in UNITS:
        old = "cm"
    changed: Untrusted = {**spec, "unit": unit, "decimal": decimal}
    if old == unit:
        return changed
    now = Ruler(unit, decimal)
    for name in ("object", "wearer"):
        if isinstance(spec.get(name), Mapping):
            changed[name] = _assumed_again(with_units(spec[name], old), now)
    if isinstance(spec.get("also"), list):
        changed["also"] = [with_units(t, old) if isinstance(t, Mapping) else t for t in spec["also"]]
    for group in _LENGTH_GROUPS:
        values = spec.get(group)
        if isinstance(values, Mapping):
            changed[group] = {
                name: _with_volume(value, old)
                if f"{group}.{name}" == HOLDS.field
                else value
                if name in _NOT_LENGTHS
                else _with_unit(value, old)
                for name, value in values.items()
            }
    form = forms.get(str(spec.get("form"))) if forms else None
    if form is not None and isinstance(spec.get("size"), Mapping):
        for name, begun in start_sizes(form, Ruler(old, spec.get("decimal", "."))).items():
            if spec["size"].get(name) == begun:
                changed["size"][name] = start_sizes(form, now)[name]
    layers = spec.get("layers")
    if isinstance(layers, list):
        changed["layers"] = [
            {k: _with_unit(v, old) if k in LAYER_LENGTHS else v for k, v in layer.items()}
            if isinstance(layer, Mapping)
            else layer
            for layer in layers
        ]
    parts = spec.get("parts")
    if isinstance(parts, list):
        changed["parts"] = [
            {k: _with_unit(v, old) if k in _part_lengths(part) else v for k, v in part.items()}
            if isinstance(part, Mapping)
            else part
            for part in parts
        ]
    if isinstance(spec.get("blocks"), list):
        changed["blocks"] = [_row_with_units(row, old) if isinstance(row, Mapping) else row for row in spec["blocks"]]
    rounding = spec.get("rounding")
    if rounding not in (None, "", "none"):
        changed["rounding"] = ROUNDING[unit] if rounding == ROUNDING.get(old) else _with_unit(rounding, old)
    return changed


def _with_volume(value: object, unit: Unit) -> object:
    """A volume that reads the same beside any ruler: a number by itself with the unit it was meant in."""
    text = str(value).strip()
    return f"{text} {plain_volume_unit(unit)}" if text and not any(char.isalpha() for char in text) else value


def _assumed_again(thing: Untrusted, ruler: Ruler) -> Untrusted:
    """Measures that nobody has taken, as the preset has them on this ruler."""
    preset = PRESETS.get(str(thing.get("preset")))
    assumed = thing.get("assumed")
    if preset is None or not isinstance(assumed, list):
        return thing
    fresh = preset_object(preset, ruler)
    return {**thing, **{name: fresh[name] for name in assumed if name in fresh and name in thing}}


def settings_of(kind: DrawerKind, measures: Mapping[str, Any], unit: Unit) -> dict[str, str]:
    """Which fields of a spec a piece of hardware settles, and with what: the maker's wording, its unit written behind it."""
    told = {
        where: str(_with_unit(measures[name], unit))
        for where, name in kind.sets.items()
        if str(measures.get(name, "")).strip()
    }
    for where, name in kind.halves.items():
        told[where] = Ruler(unit).exact(read_length(measures[name], unit).mm / 2)
    known = {m.name: measures[m.name] for m in kind.measures if str(measures.get(m.name, "")).strip()}
    held = holds(Notion(kind.id, {name: read_length(value, unit).mm for name, value in known.items()}))
    return told if held is None else {**told, HOLDS.field: f"{held:.0f} ml"}


def with_units(thing: Mapping[str, Any], unit: Unit) -> Untrusted:
    """A thing's measures with their unit behind each, so that they read the same on any ruler."""
    return {
        name: value
        if name in _NOT_LENGTHS
        else _rows_with_units(value, unit)
        if name in _ROWS
        else _with_unit(value, unit)
        for name, value in thing.items()
    }


def _rows_with_units(rows: object, unit: Unit) -> object:
    """Rows of height and girth, as lines of text or as pairs, with the unit behind each number."""
    if isinstance(rows, str):
        lines = [profile_cells(line) for line in rows.splitlines() if line.strip()]
        return "\n".join("; ".join(str(_with_unit(cell, unit)) for cell in cells) for cells in lines)
    if isinstance(rows, list):
        return [[_with_unit(cell, unit) for cell in row] if isinstance(row, list) else row for row in rows]
    return rows


def _row_with_units(row: Mapping[str, Any], unit: Unit) -> Untrusted:
    """A row of blocks with the unit behind each number."""
    changed: Untrusted = {name: _with_unit(value, unit) for name, value in row.items()}
    if isinstance(row.get("widths"), list):
        changed["widths"] = [_with_unit(value, unit) for value in row["widths"]]
    return changed


def _part_lengths(part: Mapping[str, Any]) -> set[str]:
    kind = PARTS.get(str(part.get("kind")))
    return {item.name for item in kind.lengths} if kind else set()


def _with_unit(value: object, unit: Unit) -> object:
    """Writes the unit behind a number that has none of its own."""
    try:
        here, elsewhere = read_length(value, unit), read_length(value, "in" if unit != "in" else "cm")
    except LengthError:
        return value
    if abs(here.mm - elsewhere.mm) < 1e-9 and here.mm != 0:
        return value
    written = f"{value:.12g} {unit}" if isinstance(value, (int, float)) else f"{value} {unit}"
    try:
        read_length(written, unit)
    except LengthError:
        # Nothing at all, with a unit of its own.
        return value
    return written
