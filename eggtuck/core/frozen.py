"""Values: small things that are made once and never changed."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass, field
from typing import TypeVar, dataclass_transform, overload

T = TypeVar("T")


@overload
def frozen(cls: type[T], /) -> type[T]: ...
@overload
def frozen(*, slots: bool = True, kw_only: bool = False) -> Callable[[type[T]], type[T]]: ...


@dataclass_transform(frozen_default=True, field_specifiers=(field,))
def frozen(
    cls: type[T] | None = None, /, *, slots: bool = True, kw_only: bool = False
) -> type[T] | Callable[[type[T]], type[T]]:
    """A frozen dataclass: equal to another by its fields, fit for a key, and nobody sets a field of it.

    That nobody does is seen to by the type checker, not whenever one is made: what Python itself does to freeze them takes five times as long
    to make one, and a draft makes thousands.

    Args:
        slots: not where something is worked out once and kept beside the fields.
        kw_only: every field is told by its name.

    Example:
        >>> @frozen
        ... class Notch:
        ...     edge: str
        ...     along: float
        >>> Notch("upper", 10.0) == Notch("upper", 10.0), len({Notch("upper", 10.0), Notch("lower", 10.0)})
        (True, 2)
    """
    made = dataclass(slots=slots, kw_only=kw_only, unsafe_hash=True)
    return made if cls is None else made(cls)
