"""How things are called in a step: a piece by its name and letter, and by its cloth where it is cut from several."""

from __future__ import annotations

from collections import Counter
from collections.abc import Collection, Iterable, Mapping, Sequence
from dataclasses import replace
from types import MappingProxyType

from ..pattern import Copy, Piece, Role, StepThing
from ..words import Message, msg
from .operation import Operation
from .sewn import Copied


def thing_name(piece: Piece, role: Role | None) -> Message:
    """``outer body (A)``, or ``gusset (B)`` where there is but one."""
    if role is not None and len(piece.own_cloths) > 1:
        return msg("thing.of", role=msg(f"role.{role}"), piece=piece.name, letter=piece.letter)
    return msg("thing", piece=piece.name, letter=piece.letter)


def halved(piece: Piece) -> tuple[Copy, ...]:
    """Of copies that were sewn together two by two, those that tell of both."""
    return piece.copies[: len(piece.copies) // 2]


def each_thing(piece: Piece, role: Role, paired: bool = False) -> Message:
    """``the outer base (B)``, or ``each outer body (A)`` where several are cut; of those that are ``paired`` two are one."""
    many = sum(cut.count for cut in piece.cuts if cut.role == role and cut.on is None) > (2 if paired else 1)
    return msg("thing.each" if many else "thing.the", thing=thing_name(piece, role))


def taken(piece: Piece, role: Role, count: int, copy: Copy = "", begun: bool = False) -> Message:
    """So many of the copies of a piece in one cloth: ``both outer pieces A (body)``, ``one outer body (A)``, or the other where it is a ``copy`` that is
    not the first, ``the gusset (B)``; by its number where they have numbers. One that was ``begun`` is known by then: the first."""
    every = sum(cut.count for cut in piece.cuts if cut.role == role and cut.on is None)
    if count == 1:
        if copy.isdigit():
            return msg("thing.nth", thing=thing_name(piece, role), number=piece.copies.index(copy) + 1)
        one = "thing.other" if copy in piece.copies[1:] else "thing.first" if begun else "thing.one"
        return msg(one if every > 1 else "thing.the", thing=thing_name(piece, role))
    words = "thing.both" if count == 2 else "thing.many"
    if len(piece.own_cloths) > 1:
        words += "-of"
    return msg(words, role=msg(f"role.{role}"), piece=piece.name, letter=piece.letter, times=count)


def worked_on(
    by_id: Mapping[str, Piece],
    copies: Iterable[Copied],
    single: Mapping[Copied, bool] = MappingProxyType({}),
    many: Mapping[str, int] = MappingProxyType({}),
) -> list[Message]:
    """One sentence that names what is worked on where it hangs together with others; none where there is nothing. Of ``single`` copies others
    lie about, and they tell whether they were begun; of so ``many`` each is worked on by itself."""
    named = {(id, role): copy for id, copy, role in copies if role is not None}
    things = tuple(
        taken(by_id[id], role, many.get(id, 1), copy, single.get((id, copy, role), False))
        if id in many or copy in by_id[id].copies[1:] or (id, copy, role) in single
        else msg("thing.the", thing=thing_name(by_id[id], role))
        for (id, role), copy in named.items()
    )
    return [msg("lay.work-on", things=things)] if things else []


def taken_in_hand(
    by_id: Mapping[str, Piece],
    copies: Iterable[Copied],
    joined: Collection[tuple[str, Copy]] = (),
    single: Mapping[Copied, bool] = MappingProxyType({}),
    paired: Collection[str] = (),
) -> list[Message]:
    """One sentence that names copies of pieces by name and letter, and by name alone those that hang together with others; none where
    there are none. Of ``single`` copies others lie about, and they tell whether they were begun; of ``paired`` pieces two cut are one."""
    copies = tuple(dict.fromkeys(copies))
    counts = Counter((id, role) for id, _, role in copies if role is not None)
    which = {(id, role): copy for id, copy, role in copies}
    things = tuple(
        msg("thing.the", thing=thing_name(by_id[id], role))
        if ((id, which[id, role]) in joined and (id, which[id, role], role) not in single)
        or (id in paired and count == 1)
        else taken(by_id[id], role, count, which[id, role], single.get((id, which[id, role], role), False))
        for (id, role), count in counts.items()
        if role is not None
    )
    return [msg("lay.take", things=things)] if things else []


def things_of(pieces: Iterable[Piece], copies: Iterable[Copied]) -> tuple[StepThing, ...]:
    """What is taken in hand, two copies as one; nothing of what is bought."""
    by_id = {piece.id: piece for piece in pieces}
    kinds = {(id, role): role for id, _, role in copies if role is not None}
    return tuple(StepThing(id, role, _called(by_id[id], role)) for (id, _), role in kinds.items())


def _called(piece: Piece, role: Role) -> Message:
    """Its name without its letter, which stands beside it."""
    if len(piece.own_cloths) > 1:
        return msg("thing.role", role=msg(f"role.{role}"), piece=piece.name)
    return piece.name


def in_turn(texts: Sequence[Message]) -> Message:
    """One after the other, told apart by semicolons: each may have commas of its own."""
    every = texts[0]
    for more in texts[1:]:
        every = msg("lay.also", first=every, then=more)
    return every


def has_number(text: Message) -> bool:
    """Whether a sentence has a number to be read."""
    for value in text.params.values():
        if isinstance(value, Message):
            if has_number(value):
                return True
        elif isinstance(value, (float, int)) and not isinstance(value, bool):
            return True
    return False


def letters_in(text: Message) -> set[object]:
    """The letters by which a sentence calls pieces."""
    inner = (value if isinstance(value, tuple) else (value,) for value in text.params.values())
    found = (letters_in(part) for parts in inner for part in parts if isinstance(part, Message))
    return {text.params["letter"]}.union(*found) if "letter" in text.params else set[object]().union(*found)


def named_alone(operations: Sequence[Operation]) -> list[Operation]:
    """The same operations, which no longer say "outer" where nothing is sewn that it would have to be told from."""
    if any(done.layer not in (None, "outer") for done in operations if done.seams):
        return list(operations)
    return [
        replace(
            done,
            title=_alone(done.title),
            how=tuple(_alone(text) for text in done.how),
            lay=None if done.lay is None else _alone(done.lay),
        )
        for done in operations
    ]


def _alone(said: Message) -> Message:
    params = {name: _alone(value) if isinstance(value, Message) else value for name, value in said.params.items()}
    if isinstance(params.get("layer"), Message) and params["layer"] == msg("role.outer"):
        params["layer"] = msg("role.only")
    return msg(said.id, **params)
