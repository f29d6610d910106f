"""What notions are kept on a pile, by what makes need them for."""

from __future__ import annotations

from typing import Final, Literal

from ..materials.fillings import DENSITY
from ..pattern import Need
from ..words import Message, msg

# Whether something is measured off, counted, or weighed.
Told = Literal["length", "count", "grams"]

# By what they are called in needs: how they are told, and whether they come in sizes that must be the one needed.
NOTIONS: Final[dict[str, tuple[Told, bool]]] = {
    "zip": ("count", True),
    "ribbon": ("length", True),
    "webbing": ("length", True),
    "cord": ("length", True),
    "elastic": ("length", True),
    "bias-tape": ("length", True),
    "piping": ("length", True),
    "lace": ("length", True),
    "hook-and-loop": ("length", True),
    "thread": ("length", False),
    "frame": ("count", True),
    "ring": ("count", True),
    "slider": ("count", True),
    "hook": ("count", True),
    "eyelet": ("count", True),
    "snap": ("count", True),
    "button": ("count", True),
    "fastener": ("count", True),
    "rivet": ("count", True),
    "cord-stop": ("count", True),
    **{f"filling:{filling}": ("grams", False) for filling in DENSITY},
}


# A part that was made ahead, by what makes it the same as another (`plan.ahead`).
MADE: Final = "made"


def notion_kind(what: str) -> str:
    """What kind of `NOTIONS` it is that is kept under a key, with its size or without.

    >>> notion_kind("zip:380"), notion_kind("filling:rice")
    ('zip', 'filling:rice')
    """
    return what if what in NOTIONS else what.partition(":")[0]


def notion_name(kind: str) -> Message:
    """What a notion is called, by its kind; a filling by what it is."""
    role, _, filling = kind.partition(":")
    return msg("notion.filling-of", what=msg(f"option.filling.{filling}")) if filling else msg(f"notion.{role}")


def kind_of(need: Need) -> str:
    """Which kind of notion something to have ready is."""
    return need.role if need.grams is None else f"filling:{need.name.id.rpartition('.')[2]}"


def told_by(need: Need) -> Told:
    """How so much of it is told: a zip is one thing, however long."""
    if need.grams is not None:
        return "grams"
    return "count" if need.role == "zip" or need.count is not None else "length"


def size_of(need: Need) -> float | None:
    """The size it must have (mm), of what comes in sizes."""
    if need.count is not None:
        return need.exact
    return need.buy if need.role == "zip" else need.wide


def notion_key(role: str, size: float | None) -> str:
    """What is one thing to a shop: the kind, and the size where it comes in sizes.

    >>> notion_key("zip", 380.0), notion_key("ribbon", 15.0), notion_key("thread", None)
    ('zip:380', 'ribbon:15', 'thread')
    """
    return role if size is None else f"{role}:{round(size, 1):g}"


def is_unmeasured(key: str) -> bool:
    """Whether it comes in sizes and nobody has told which this is, as before their width was asked of ribbons and their like.

    >>> is_unmeasured("ribbon"), is_unmeasured("ribbon:15"), is_unmeasured("thread")
    (True, False, False)
    """
    return key in NOTIONS and NOTIONS[key][1]


def size_in(key: str) -> float | None:
    """The size (mm) in a key, of what comes in sizes.

    >>> size_in("zip:380"), size_in("filling:rice")
    (380.0, None)
    """
    kind, _, size = key.partition(":")
    return float(size) if size and NOTIONS.get(kind, ("count", False))[1] else None
