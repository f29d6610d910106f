"""Makes over the whole catalogue that properties are tried on: every choice of every form, on both rulers, in thin and thick layers,
for things and from sizes. Each is drafted once."""

from __future__ import annotations

import itertools
import json
from collections.abc import Iterator
from functools import cache, lru_cache
from typing import Any

from eggtuck.core.forms import CATALOGUE, draft_spec, preset_object, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.objects import PRESETS
from eggtuck.core.pattern import Draft, SpecError
from eggtuck.core.pattern.document import draft_document

RULERS = (("cm", "1 mm"), ("in", "1/8 in"), ("cm", "none"))


def _layer(material: str, role: str, **more: Any) -> dict[str, Any]:
    return {"material": material, "role": role, **more}


LAYERS: dict[str, list[dict[str, Any]]] = {
    "outer": [_layer("linen", "outer")],
    "lined": [_layer("linen", "outer"), _layer("quilting-cotton", "lining")],
    "padded": [
        _layer("linen", "outer"),
        _layer("quilting-cotton", "lining"),
        _layer("light-interfacing", "interfacing"),
        _layer("cotton-batting", "padding"),
    ],
    "sheet": [_layer("leather-like-sheet", "outer")],
}


def draft_of(spec: dict[str, Any]) -> Draft:
    """The draft of a spec, drafted once. Raises `SpecError`."""
    return _drafted(json.dumps(spec))


def document_of(spec: dict[str, Any]) -> dict[str, Any]:
    """Its document, written once."""
    return _documented(json.dumps(spec))


@lru_cache(maxsize=6000)
def _drafted(text: str) -> Draft:
    return draft_spec(json.loads(text))


@lru_cache(maxsize=6000)
def _documented(text: str) -> dict[str, Any]:
    return draft_document(_drafted(text))


@cache
def makes() -> tuple[tuple[str, dict[str, Any]], ...]:
    """``(what it is, spec)`` of every make that can be drafted."""
    found = []
    for name, spec in _specs():
        try:
            draft_of(spec)
        except SpecError:
            continue
        found.append((name, spec))
    return tuple(found)


def _specs() -> Iterator[tuple[str, dict[str, Any]]]:
    for form in CATALOGUE.values():
        turn = itertools.cycle(LAYERS.items())
        for (unit, rounding), (layers, told) in itertools.product(RULERS, LAYERS.items()):
            for thing in _things(form.objects, unit):
                yield _named(form.id, unit, rounding, layers, thing, {}, told)
        for option in form.options:
            for choice, (unit, rounding) in itertools.product(option.choices, RULERS):
                layers, told = next(turn)
                things = _things(form.objects, unit)
                # One thing or none, another for each choice.
                thing = things[(option.choices.index(choice) + RULERS.index((unit, rounding))) % len(things)]
                yield _named(form.id, unit, rounding, layers, thing, _with(form, option, choice), told)


def _with(form: Any, option: Any, choice: str) -> dict[str, str]:
    """The choice, with the first choices it has a meaning under."""
    needed = {field.split(".")[1]: values[0] for field, values in option.when.items()}
    return {**needed, option.id: choice}


def _things(kinds: tuple[str, ...], unit: str) -> list[dict[str, Any] | None]:
    ruler = Ruler(unit)  # type: ignore[arg-type]
    presets = [preset_object(p, ruler) for p in PRESETS.values() if p.kind in kinds]
    measured = [{k: v for k, v in thing.items() if k not in ("preset", "assumed")} for thing in presets]
    return [None, *measured]


def _named(
    form: str, unit: str, rounding: str, layers: str, thing: Any, options: dict[str, str], told: Any
) -> tuple[str, dict[str, Any]]:
    spec = starting_spec(CATALOGUE[form], Ruler(unit), thing)  # type: ignore[arg-type]
    spec |= {"options": options, "layers": told, "rounding": rounding}
    name = f"{form} {unit}/{rounding} {layers} {thing['kind'] if thing else 'sizes'} {options}"
    return name, spec
