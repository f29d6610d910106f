"""What is wrong with a request, told by field."""

from __future__ import annotations

from collections.abc import Sequence

from ..errors import InputError
from ..frozen import frozen
from ..lengths import Ruler
from ..words import Message


@frozen
class Problem:
    """``field`` is the dotted place in the spec (``size.base_depth``); the message says what would work."""

    field: str
    message: Message


class SpecError(InputError):
    """A spec that cannot be drafted. ``problems`` has at least one entry; ``ruler`` is the maker's, once it is known."""

    def __init__(self, problems: Sequence[Problem]) -> None:
        super().__init__("; ".join(f"{p.field}: {p.message.id}" for p in problems))
        self.problems = tuple(problems)
        self.ruler: Ruler | None = None

    @classmethod
    def of(cls, field: str, message: Message) -> SpecError:
        return cls([Problem(field, message)])
