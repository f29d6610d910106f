"""The catalogue of forms. A form is a function from a spec to a draft."""

from __future__ import annotations

from ..pattern import Draft
from .boxed_bag import BOXED_BAG
from .cone import CONE
from .cylinder import CYLINDER
from .description import Form, LengthInput, Option, Stage
from .reading import read_spec
from .spec import Spec
from .starting import as_form, on_ruler, preset_object, starting_spec

CATALOGUE: dict[str, Form] = {form.id: form for form in (BOXED_BAG, CYLINDER, CONE)}


def draft_spec(document: object) -> Draft:
    """Draft what a spec (parsed JSON) asks for. Raises `SpecError`."""
    form, spec = read_spec(document, CATALOGUE)
    return form.draft(spec)


__all__ = [
    "CATALOGUE",
    "Form",
    "LengthInput",
    "Option",
    "Spec",
    "Stage",
    "as_form",
    "draft_spec",
    "on_ruler",
    "preset_object",
    "read_spec",
    "starting_spec",
]
