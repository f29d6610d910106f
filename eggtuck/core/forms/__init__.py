"""The catalogue of forms. A form is a function from a spec to a draft."""

from __future__ import annotations

from collections.abc import Mapping
from typing import Any

from ..lengths import DecimalMark, Unit
from ..objects import ALSO
from ..pattern import Draft
from .book_cover import BOOK_COVER
from .bookmark import BOOKMARK
from .boxed_bag import BOXED_BAG
from .cone import CONE
from .cylinder import CYLINDER
from .dart_bowl import DART_BOWL
from .description import Form, LengthInput, Option, Stage
from .gusset_bag import GUSSET_BAG
from .lid_cover import LID_COVER
from .mat import MAT
from .mug_bag import MUG_BAG
from .neck_bag import NECK_BAG
from .reading import read_spec
from .round_pouch import ROUND_POUCH
from .sleeve import SLEEVE
from .spec import Spec
from .starting import as_form, for_thing, on_ruler, preset_object, starting_spec, unconfirmed, with_habits
from .tetra import TETRA
from .wedge import WEDGE
from .weight import WEIGHT

# In the order a maker meets them: bags that stand, gifts, bowls and lids, pouches, covers, small things.
CATALOGUE: dict[str, Form] = {
    form.id: form
    for form in (
        BOXED_BAG,
        CYLINDER,
        CONE,
        NECK_BAG,
        MUG_BAG,
        DART_BOWL,
        LID_COVER,
        SLEEVE,
        TETRA,
        WEDGE,
        ROUND_POUCH,
        GUSSET_BAG,
        BOOK_COVER,
        BOOKMARK,
        WEIGHT,
        MAT,
    )
}


def first_for(kind: str | None) -> Form:
    """The form to begin with for a kind of thing: the one made for it, the first that takes it, or the first of all."""
    kind = ALSO.get(kind, kind) if kind else None
    own = next((form for form in CATALOGUE.values() if kind in form.first_for), None)
    if own is not None:
        return own
    return next((form for form in CATALOGUE.values() if kind in form.objects), next(iter(CATALOGUE.values())))


def change_ruler(spec: Mapping[str, Any], unit: Unit, decimal: DecimalMark) -> dict[str, Any]:
    """The same spec on another ruler; see `on_ruler`."""
    return on_ruler(spec, unit, decimal, CATALOGUE)


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
    "change_ruler",
    "draft_spec",
    "first_for",
    "for_thing",
    "preset_object",
    "read_spec",
    "starting_spec",
    "unconfirmed",
    "with_habits",
]
