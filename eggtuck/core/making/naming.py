"""How things are called in a step: a piece by its name and letter, and by its cloth where it is cut from several."""

from __future__ import annotations

from collections.abc import Iterable

from ..pattern import Piece, Role, StepThing
from ..words import Message, msg
from .sewn import Copied


def own_cloths(piece: Piece) -> tuple[Role, ...]:
    """The cloths it is cut from by itself, not on another of its copy."""
    return tuple(dict.fromkeys(cut.role for cut in piece.cuts if cut.on is None))


def thing_name(piece: Piece, role: Role | None) -> Message:
    """``outer body (A)``, or ``gusset (B)`` where there is but one."""
    if role is not None and len(own_cloths(piece)) > 1:
        return msg("thing.of", role=msg(f"role.{role}"), piece=piece.name, letter=piece.letter)
    return msg("thing", piece=piece.name, letter=piece.letter)


def things_of(pieces: Iterable[Piece], copies: Iterable[Copied]) -> tuple[StepThing, ...]:
    """What is taken in hand, two copies as one; nothing of what is bought."""
    by_id = {piece.id: piece for piece in pieces}
    kinds = {(id, role): role for id, _, role in copies if role is not None}
    return tuple(StepThing(id, role, _called(by_id[id], role)) for (id, _), role in kinds.items())


def _called(piece: Piece, role: Role) -> Message:
    """Its name without its letter, which stands beside it."""
    if len(own_cloths(piece)) > 1:
        return msg("thing.role", role=msg(f"role.{role}"), piece=piece.name)
    return piece.name


def has_number(text: Message) -> bool:
    """Whether a sentence has a number to be read."""
    return any(
        (isinstance(value, (int, float)) and not isinstance(value, bool))
        or (isinstance(value, Message) and has_number(value))
        for value in text.params.values()
    )
