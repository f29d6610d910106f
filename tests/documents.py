"""Whether a document is what the core says it writes: every name of it, and no other."""

from __future__ import annotations

from functools import cache
from typing import Any, TypeVar

from pydantic import TypeAdapter

# Makes every document refuse names it does not have.
from eggtuck.web import documents as _strict  # noqa: F401

Document = TypeVar("Document")


@cache
def _reader(kind: type) -> TypeAdapter[Any]:
    return TypeAdapter(kind)


def checked(kind: type[Document], document: object) -> Document:
    """The document, read as what it is to be. Raises `pydantic.ValidationError`."""
    return _reader(kind).validate_python(document)
