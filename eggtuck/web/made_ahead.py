"""Parts of a make that were made ahead, as they are kept with it."""

from __future__ import annotations

from collections.abc import Iterable
from typing import Any

from ..core.pattern import Draft
from ..core.plan.ahead import Ahead, ahead
from ..store import ahead as store
from .connection import database


def taken_parts(project_id: str, draft: Draft) -> list[Ahead]:
    """What was taken from the pile for the make in hand, as far as the make still has it so."""
    ready = store.ready_of(database(), project_id)
    if not ready:
        return []
    return [part for part in ahead(draft) if ready.get(part.first, {}).get("signature") == part.signature]


def ready_pieces(project_id: str, draft: Draft) -> frozenset[str]:
    """The pieces that need not be cut."""
    return frozenset(piece for part in taken_parts(project_id, draft) for piece in part.pieces)


def ready_steps(project_id: str, draft: Draft) -> list[str]:
    """The steps that are done with them."""
    return [step for part in taken_parts(project_id, draft) for step in part.steps]


def with_ready(done: Iterable[str], project_id: str, draft: Draft) -> list[str]:
    """What is ticked off, with what was done ahead."""
    return list(dict.fromkeys([*done, *ready_steps(project_id, draft)]))


def spared(part: Ahead, draft: Draft) -> dict[str, Any]:
    """How a part is kept on the pile, but for its name."""
    return {
        "kind": "count",
        "unit": draft.ruler.unit,
        "what": f"made:{part.signature}",
        "washed": False,
        "directional": False,
        "price": None,
        "outline": None,
        "holes": [],
    }
