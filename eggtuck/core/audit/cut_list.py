"""A cut list as somebody else's instructions give it: read from untrusted JSON, or taken from a draft of our own."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import field
from typing import Any, cast

from ..drafting.description import COUNTS
from ..drafting.reading import read_spec, read_thing
from ..drafting.spec import Spec
from ..forms import CATALOGUE, Form, change_ruler
from ..frozen import frozen
from ..lengths import LengthError, Ruler, read_length
from ..objects import Thing
from ..pattern import Draft, Problem, SpecError
from ..words import Message, msg
from .inverse import numbers_of, told_numbers
from .written import CutListDoc, ToldListDoc

_TOP = tuple(ToldListDoc.__annotations__)
_MOST_NUMBERS = 200
_MOST_THINGS = 50
# The longest strip or roll anybody cuts from (mm).
_LONGEST = 50_000.0


@frozen
class CutList:
    """``numbers`` are cut numbers by name, ``claims`` finished sizes as announced, ``cloth`` lengths of cloth to be bought by
    role, ``over`` by how much pieces are cut larger all round and trimmed later, ``tabs`` where two tabs that should face each
    other sit, from the raw side edge (all mm). ``spec`` has the form's choices, allowances, layers with their widths, parts and the
    sizes told outright; ``typed`` the wording of each number."""

    form: Form
    spec: Spec
    numbers: Mapping[str, float]
    claims: Mapping[str, float]
    cloth: Mapping[str, float]
    tabs: tuple[float, ...]
    things: tuple[tuple[str, Thing], ...]
    typed: Mapping[str, str]
    over: Mapping[str, float] = field(default_factory=dict)
    others: tuple[tuple[str, Thing], ...] = ()


def read_cut_list(document: object) -> CutList:
    """Raises `SpecError` naming every field at fault."""
    if not isinstance(document, Mapping):
        raise SpecError.of("", msg("problem.cut-list-not-object"))
    unknown = [key for key in document if key not in _TOP]
    if unknown:
        raise SpecError.of(str(unknown[0])[:80], msg("problem.unknown-field", known=", ".join(_TOP)))
    kept = {
        k: document[k]
        for k in ("form", "unit", "decimal", "language", "size", "allowance", "options", "layers", "parts", "shape")
        if k in document
    }
    cloths, bought = _cloths(document)
    kept |= {"layers": cloths} if cloths else {}
    form, spec = read_spec({**kept, "options": _told_options(document), "rounding": "none"}, CATALOGUE)
    reader = _Lengths(spec.ruler)
    numbers = reader.group("numbers", document.get("numbers"))
    claims = reader.group("claims", document.get("claims"))
    cloth = reader.group("cloth", bought)
    over = reader.group("over", document.get("over"))
    for piece, more in over.items():
        # What is cut over and trimmed is told as it is cut.
        for side in ("width", "height"):
            if f"{piece}.{side}" in numbers:
                numbers[f"{piece}.{side}"] -= 2 * more
    tabs = document.get("tabs") or []
    found: list[float] = []
    if not isinstance(tabs, list) or len(tabs) not in (0, 2):
        reader.fail("tabs", msg("problem.tabs"))
    else:
        found = [mm for i, value in enumerate(tabs) if (mm := reader.length(f"tabs.{i}", value)) is not None]
    if reader.problems:
        raise SpecError(reader.problems)
    things = _things(document.get("things"), spec)
    return CutList(form, spec, numbers, claims, cloth, tuple(found), things, reader.typed, over)


def _told_options(document: Mapping[str, Any]) -> Any:
    """The choices as given; a list that tells a line across the corner sews first, one that tells a cut-out cuts first."""
    options, numbers = document.get("options"), document.get("numbers")
    if not isinstance(numbers, Mapping) or not isinstance(options or {}, Mapping) or "boxing" in (options or {}):
        return options or {}
    form = CATALOGUE.get(str(document.get("form")))
    boxed = form is not None and any(option.id == "boxing" for option in form.options)
    if boxed and any(str(name).startswith("line.") for name in numbers):
        return {**(options or {}), "boxing": "sew-first"}
    return options or {}


def _cloths(document: Mapping[str, Any]) -> tuple[list[Any], Any]:
    """The layers with the width and way up of the cloth told for each, and the lengths of cloth to be bought."""
    layers, cloth = document.get("layers"), document.get("cloth")
    if not isinstance(cloth, Mapping):
        return [], cloth
    bought = {role: told.get("length") if isinstance(told, Mapping) else told for role, told in cloth.items()}
    if not isinstance(layers, list):
        layers = [{"material": "quilting-cotton", "role": "outer"}]
    found = []
    for layer in layers:
        told = cloth.get(layer.get("role")) if isinstance(layer, Mapping) else None
        more = {k: told[k] for k in ("width", "directional") if k in told} if isinstance(told, Mapping) else {}
        found.append({**layer, **more} if more else layer)
    return found, bought


def _things(value: object, spec: Spec) -> tuple[tuple[str, Thing], ...]:
    """Things to try in the make, each with a name. Raises `SpecError`."""
    if value is None:
        return ()
    if not isinstance(value, list) or len(value) > _MOST_THINGS:
        raise SpecError.of("things", msg("problem.things", most=_MOST_THINGS))
    found = []
    for i, item in enumerate(value):
        try:
            thing = read_thing(item, spec.ruler.unit)
        except SpecError as error:
            problems = [Problem(p.field.replace("object", f"things.{i}", 1), p.message) for p in error.problems]
            raise SpecError(problems) from error
        found.append((str(item.get("name") or thing.kind), thing))
    return tuple(found)


class _Lengths:
    def __init__(self, ruler: Ruler) -> None:
        self.ruler = ruler
        self.problems: list[Problem] = []
        self.typed: dict[str, str] = {}

    def fail(self, field: str, message: Message) -> None:
        self.problems.append(Problem(field[:120], message))

    def group(self, name: str, value: object) -> dict[str, float]:
        if value is None:
            return {}
        if not isinstance(value, Mapping) or len(value) > _MOST_NUMBERS:
            self.fail(name, msg("problem.group", name=name))
            return {}
        found = {}
        for key, entry in value.items():
            mm = self.length(f"{name}.{key}", entry)
            if mm is not None:
                found[str(key)] = mm
        return found

    def length(self, field: str, value: object) -> float | None:
        """Blank means not told."""
        if value is None or (isinstance(value, str) and not value.strip()):
            return None
        try:
            mm = read_length(value, self.ruler.unit).mm
        except LengthError as error:
            example = {"in": "3 1/8", "cm": f"7{self.ruler.decimal}9 cm", "mm": "79 mm"}[self.ruler.unit]
            self.fail(field, msg(f"problem.length-{error.fault}", text=error.text, example=example))
            return None
        if not -_LONGEST <= mm <= _LONGEST:
            self.fail(field, msg("problem.range", label=msg("audit.number"), low=0.0, high=_LONGEST))
            return None
        self.typed[field] = value if isinstance(value, str) else f"{value:g}"
        return mm


def own_cut_list(draft: Draft) -> CutListDoc:
    """A draft's own cut list, as instructions would give it: every piece's cut size, the cut-outs and lengths, and the sizes that no
    number tells; what depends on the thing alone is left out. Lengths in full, in mm."""
    form = CATALOGUE[draft.form]
    options = draft.spec["options"]
    how = form.reads(options)
    # Whatever was written on the maker's ruler, with its unit behind it.
    spec = change_ruler(draft.spec, "mm", ".")
    more = {name: spec[name] for name in ("parts", "shape") if spec.get(name)}
    states = {state.field: state.value for state in draft.inputs}
    allowance = {
        s.field.removeprefix("allowance."): _told(s.value) for s in draft.inputs if s.field.startswith("allowance.")
    }
    size = {name: _told(states[f"size.{name}"]) for name in (*how.pairs, *how.asked)}
    made = {
        "form": form.id,
        "unit": "mm",
        "allowance": allowance,
        "options": dict(options),
        "layers": spec["layers"],
        **more,
    }
    # What is usual is a round number on each ruler: where the maker's differs, it is told.
    theirs, ours = (_proposals(form, {**made, "size": size}, unit) for unit in (draft.ruler.unit, "mm"))
    told = {*size, *(name for name in ours if f"size.{name}" not in states)}
    usual = [name for name, value in ours.items() if name not in told and abs(theirs[name] - value) > 1e-6]
    size |= {name: _told(states[f"size.{name}"]) for name in usual}
    plain = form.draft(read_spec({**made, "size": size, "rounding": "none"}, CATALOGUE)[1])
    numbers = numbers_of(plain)
    listed = {
        **made,
        "numbers": {name: _told(numbers[name]) for name in told_numbers(plain)},
        "size": {name: size[name] for name in (*how.asked, *usual)},
    }
    return cast(CutListDoc, listed)


def _proposals(form: Form, made: Mapping[str, Any], unit: str) -> dict[str, float]:
    """Every size in force by name (mm) where only the ``made`` is told, on a ruler of a unit."""
    size = {name: f"{value!r} mm" for name, value in made["size"].items() if name not in COUNTS}
    size |= {name: value for name, value in made["size"].items() if name in COUNTS}
    allowance = {name: f"{value!r} mm" for name, value in made["allowance"].items()}
    spec = {**made, "unit": unit, "size": size, "allowance": allowance, "rounding": "none"}
    states = form.draft(read_spec(spec, CATALOGUE)[1]).inputs
    return {
        state.field.removeprefix("size."): state.value
        for state in states
        if state.field.startswith("size.") and state.of != "volume"
    }


def _told(mm: float) -> float:
    return round(mm, 9)
