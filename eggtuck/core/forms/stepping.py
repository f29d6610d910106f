"""The easier form to make first, where a form has a technique that is better learnt on something smaller."""

from __future__ import annotations

from ..wording import Message, msg

_EASIER = {
    "cylinder": "boxed-bag",
    "cone": "cylinder",
    "mug-bag": "boxed-bag",
    "dart-bowl": "mat",
    "tetra": "round-pouch",
    "wedge": "round-pouch",
    "gusset-bag": "round-pouch",
    "book-cover": "bookmark",
    "lid-cover": "neck-bag",
}


def easier_form(form: str) -> tuple[str, Message] | None:
    """The id of the form to make first, and what it teaches; None for forms to begin with."""
    easier = _EASIER.get(form)
    return None if easier is None else (easier, msg(f"easier.{form}"))
