"""The catalogue of forms: each a folder of its own, found here and not listed. A form is a function from a spec to a draft."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from dataclasses import replace
from functools import partial
from importlib import import_module
from importlib.resources import files
from importlib.resources.abc import Traversable
from pkgutil import iter_modules
from typing import Any

from ..drafting.description import Form, LengthInput, Option, Stage
from ..drafting.holding import draft_to_hold
from ..drafting.reading import read_spec
from ..drafting.spec import Spec
from ..drafting.starting import (
    as_form,
    for_thing,
    on_ruler,
    preset_object,
    starting_spec,
    unconfirmed,
    with_habits,
    with_liked_ease,
)
from ..lengths import DecimalMark, Unit
from ..objects import ALSO
from ..pattern import Draft, Role, SpecError
from ..pattern.asked import Untrusted
from ..plane import OffsetError
from ..words import learn, msg

# In the order a maker meets them: bags that stand, gifts, bowls and lids, pouches, covers, small things.
CATALOGUE: dict[str, Form] = {}


def add_form(form: Form, folder: Traversable) -> None:
    """Puts a form, and what is said of it alone (``en.ftl`` in its folder), in its place in the catalogue. Raises ValueError for an id or
    a sentence that is there already and means something else, FileNotFoundError where it says nothing."""
    if CATALOGUE.get(form.id, form) is not form:
        raise ValueError(f"{form.id} is there already")
    learn(folder)
    every = sorted([*(other for other in CATALOGUE.values() if other is not form), form], key=lambda other: other.place)
    CATALOGUE.clear()
    CATALOGUE.update((other.id, other) for other in every)


for _module in iter_modules(__path__):
    _form = import_module(f"{__name__}.{_module.name}")
    add_form(_form.FORM, files(_form))


def first_for(kind: str | None) -> Form:
    """The form to begin with for a kind of thing: the one made for it, the first that takes it, or the first of all."""
    kind = ALSO.get(kind, kind) if kind else None
    own = next((form for form in CATALOGUE.values() if kind in form.first_for), None)
    if own is not None:
        return own
    return next((form for form in CATALOGUE.values() if kind in form.objects), next(iter(CATALOGUE.values())))


def change_ruler(spec: Mapping[str, Any], unit: Unit, decimal: DecimalMark) -> Untrusted:
    """The same spec on another ruler; see `on_ruler`."""
    return on_ruler(spec, unit, decimal, CATALOGUE)


def draft_spec(document: object) -> Draft:
    """Draft what a spec (parsed JSON) asks for. Raises `SpecError`."""
    form, spec = read_spec(document, CATALOGUE)
    try:
        return draft_to_hold(spec, partial(_of_what_is_cut, form.draft))
    except SpecError as error:
        error.ruler = spec.ruler
        raise


def _of_what_is_cut(draft_form: Callable[[Spec], Draft], spec: Spec) -> Draft:
    """The draft of a spec; where it has layers that no piece is cut of, drafted once more as if there were none of them."""
    draft = _with_outlines(draft_form, spec)
    cut: set[Role] = {"outer", *(cut.role for piece in draft.pieces for cut in piece.cuts)}
    if all(layer.role in cut for layer in spec.stack.layers):
        return draft
    try:
        return _with_outlines(draft_form, replace(spec, stack=spec.stack.worn(cut)))
    except SpecError:
        # Something that was chosen needs it.
        return draft


def _with_outlines(draft_form: Callable[[Spec], Draft], spec: Spec) -> Draft:
    """The draft of a spec. Raises `SpecError` too where an allowance leaves nothing of an edge that is reckoned with."""
    try:
        return draft_form(spec)
    except OffsetError as error:
        raise SpecError.of(spec.widest_allowance, msg("problem.allowance-swallows")) from error


__all__ = [
    "CATALOGUE",
    "Form",
    "LengthInput",
    "Option",
    "Spec",
    "Stage",
    "add_form",
    "as_form",
    "change_ruler",
    "draft_spec",
    "first_for",
    "for_thing",
    "preset_object",
    "read_spec",
    "starting_spec",
    "unconfirmed",
    "with_habits",
    "with_liked_ease",
]
