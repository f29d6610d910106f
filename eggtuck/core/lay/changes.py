"""What another choice changes in a make: pieces, seams, cloth, notions, minutes."""

from __future__ import annotations

from collections.abc import Iterator

from ..pattern import Draft, Need
from ..words import Message, msg


def changes(before: Draft, after: Draft) -> Iterator[Message]:
    """What is more, less, new or gone in ``after``; nothing where it takes the same.

    Cloth and what is sold by length are told as they are bought (mm), so that a change that buys nothing more is none.
    """
    yield from _counted("pieces", _pieces(before), _pieces(after))
    yield from _counted("seams", before.seams_sewn, after.seams_sewn)
    had, has = ({need.id: need for need in draft.needs} for draft in (before, after))
    for id, need in has.items():
        old = had.get(id)
        if old is None:
            yield _new(need)
        elif need.count is not None and old.count is not None and need.count != old.count:
            yield msg(
                "changes.count-more" if need.count > old.count else "changes.count-less",
                name=_name(need),
                count=abs(need.count - old.count),
            )
        elif need.grams is not None and old.grams is not None:
            if grams := round(need.grams) - round(old.grams):
                words = "changes.grams-more" if grams > 0 else "changes.grams-less"
                yield msg(words, name=_name(need), grams=str(abs(grams)))
        elif need.count is None and abs(need.buy - old.buy) > 0.5:
            words = "changes.more" if need.buy > old.buy else "changes.less"
            yield msg(words, name=_name(need), length=abs(need.buy - old.buy))
    yield from (msg("changes.gone", name=_name(need)) for id, need in had.items() if id not in has)
    minutes = round(after.minutes) - round(before.minutes)
    yield from _counted("minutes", 0, minutes)


def _pieces(draft: Draft) -> int:
    return sum(cut.count for piece in draft.pieces for cut in piece.cuts)


def _counted(what: str, old: int, new: int) -> Iterator[Message]:
    if new != old:
        yield msg(f"changes.{what}-{'more' if new > old else 'less'}", count=abs(new - old))


def _new(need: Need) -> Message:
    if need.count is not None:
        return msg("changes.count-new", name=_name(need), count=need.count)
    if need.grams is not None:
        return msg("changes.grams-new", name=_name(need), grams=str(round(need.grams)))
    return msg("changes.new", name=_name(need), length=need.buy)


def _name(need: Need) -> Message:
    """Cloth by what of the make it is for, besides its own name."""
    return need.name if need.width is None else msg("changes.cloth", role=msg(f"role.{need.role}"), name=need.name)
