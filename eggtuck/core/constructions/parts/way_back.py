"""What is said where a part lies on something else or runs off its piece, and what to let go of so that it lies where there is room."""

from __future__ import annotations

from collections.abc import Callable, Sequence

from ...drafting.parts import PartRequest
from ...drafting.zones import Zone
from ...pattern import Check, Fix, SpecError, Verdict
from ...words import Param, msg
from .places import Field

# What of it was told is let go of: where it lies, or how large it is too.
Ways = Sequence[tuple[str, ...]]


def place_check(
    field: Field,
    request: PartRequest,
    clear: bool,
    other: Zone | None,
    ways: Ways,
    has_place: Callable[[PartRequest], bool],
    more: Fix | None = None,
) -> Check:
    """Whether something lies clear of edges, seams and every other part. The way back is the first of the ``ways`` that helps: by
    ``has_place`` the part has room when it is proposed anew; if none does it is ``more``."""
    say: dict[str, Param] = {"pocket": request.kind.name, "piece": field.piece.name, "letter": field.piece.letter}
    verdict: Verdict = "ok" if clear and other is None else "warn"
    fix = None if verdict == "ok" else way_back(request, ways, has_place)
    elsewhere = fix is not None and fix.label.id == "fix.place"
    words = "check.pocket-clear"
    if verdict == "warn":
        words = "check.pocket-clash" if elsewhere else "check.pocket-nowhere"
    if other is not None:
        words, say["other"] = "check.part-over", other.name
    if verdict == "warn":
        fix = fix or more
    return Check(f"part.{request.id}.place", verdict, msg(words, **say), msg(f"{words}.text", **say), fix=fix)


def way_back(request: PartRequest, ways: Ways, has_place: Callable[[PartRequest], bool]) -> Fix | None:
    """What to let go of, of what the maker told, so that a part lies where there is room for it; None where nothing of that helps."""
    for nth, names in enumerate(ways):
        told = [name for name in names if name in request.typed]
        if told and has_room_after(request.untold(*told), has_place):
            label = msg("fix.place" if nth == 0 else "fix.place-usual")
            return Fix(label, {request.field(name): "" for name in told})
    return None


def has_room_after(request: PartRequest, has_place: Callable[[PartRequest], bool]) -> bool:
    """Whether it has a place when it is proposed anew; none where it cannot be proposed at all."""
    try:
        return has_place(request)
    except SpecError:
        return False
