"""What the pictures of steps are written as. Points are ``[x, y]`` (mm, y up)."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from typing import Literal

from typing_extensions import TypedDict

from ..plane import Point
from ..words import Speaker
from .actions import actions_of
from .draft import Step
from .picture import (
    Arrow,
    ArrowKind,
    Cloth,
    Face,
    Frame,
    Item,
    Letter,
    Line,
    LineKind,
    Note,
    Picture,
    Spot,
    SpotKind,
    ToolKind,
)
from .piece import Role

# A tenth of a millimetre is finer than any screen.
_PLACES = 1


class ClothItem(TypedDict):
    item: Literal["cloth"]
    piece: str
    role: Role | None
    face: Face
    # What lies on its wrong side, where that is up.
    covered: Role | None
    aside: bool
    outline: list[list[float]]
    holes: list[list[list[float]]]


class LineItem(TypedDict):
    item: Literal["line"]
    kind: LineKind
    hidden: bool
    # The edge it lies on, `piece.edge`.
    edge: str | None
    path: list[list[float]]


class SpotItem(TypedDict):
    item: Literal["spot"]
    kind: SpotKind
    at: list[float]
    number: int | None


class ArrowItem(TypedDict):
    item: Literal["arrow"]
    kind: ArrowKind
    path: list[list[float]]


class LetterItem(TypedDict):
    item: Literal["letter"]
    text: str
    times: int
    role: Role | None
    at: list[float]


class NoteItem(TypedDict):
    item: Literal["note"]
    text: str
    at: list[float]


class FrameDoc(TypedDict):
    # Round all of it: left, low, right, high.
    box: list[float]
    items: list[ClothItem | LineItem | SpotItem | ArrowItem | LetterItem | NoteItem]
    caption: str | None


class StepPictureDoc(TypedDict):
    step: str
    tools: list[ToolKind]
    # What the step says, one thing to do after the other.
    actions: list[str]
    frames: list[FrameDoc]


def pictures_document(
    pictures: Iterable[Picture], speaker: Speaker, steps: Iterable[Step] = ()
) -> list[StepPictureDoc]:
    """Pictures as they are written, their words in the speaker's language.

    Args:
        pictures: of the steps of one make.
        speaker: who says their notes.
        steps: what the steps say, to be told beside.

    Returns:
        A document for each, its points rounded to a tenth of a millimetre.

    Example:
        >>> from eggtuck.core.lengths import Ruler
        >>> line = Line("sew", ((0.0, 0.0), (30.04, 0.0)))
        >>> shown = pictures_document([Picture("base", (Frame((line,)),))], Speaker(Ruler("mm")))
        >>> shown[0]["frames"][0]["box"]
        [0.0, 0.0, 30.0, 0.0]
    """
    by_id = {step.id: step for step in steps}
    return [
        {
            "step": p.step,
            "tools": list(p.tools),
            "actions": actions_of(by_id[p.step], speaker.say) if p.step in by_id else [],
            "frames": [frame_document(frame, speaker) for frame in p.frames],
        }
        for p in pictures
    ]


def frame_document(frame: Frame, speaker: Speaker) -> FrameDoc:
    """One ``frame`` as it is written, its words the ``speaker``'s.

    >>> from ..lengths import Ruler
    >>> frame_document(Frame((Spot("stop", (3.0, 4.0)),)), Speaker(Ruler()))["box"]
    [3.0, 4.0, 3.0, 4.0]
    """
    return {
        "box": [_n(value) for value in frame.box],
        "items": [_item(item, speaker) for item in frame.items],
        "caption": None if frame.caption is None else speaker.say(frame.caption),
    }


def _item(item: Item, speaker: Speaker) -> ClothItem | LineItem | SpotItem | ArrowItem | LetterItem | NoteItem:
    if isinstance(item, Cloth):
        return {
            "item": "cloth",
            "piece": item.piece,
            "role": item.role,
            "face": item.face,
            "covered": item.covered,
            "aside": item.aside,
            "outline": _points(item.outline),
            "holes": [_points(hole) for hole in item.holes],
        }
    if isinstance(item, Line):
        edge = None if item.use is None else item.use.edge
        return {"item": "line", "kind": item.kind, "hidden": item.hidden, "edge": edge, "path": _points(item.path)}
    if isinstance(item, Arrow):
        return {"item": "arrow", "kind": item.kind, "path": _points(item.path)}
    at = [_n(value) for value in item.at]
    if isinstance(item, Spot):
        return {"item": "spot", "kind": item.kind, "at": at, "number": item.number}
    if isinstance(item, Letter):
        return {"item": "letter", "text": item.text, "times": item.times, "role": item.role, "at": at}
    assert isinstance(item, Note)
    return {"item": "note", "text": speaker.say(item.text), "at": at}


def _points(points: Sequence[Point]) -> list[list[float]]:
    return [[_n(x), _n(y)] for x, y in points]


def _n(value: float) -> float:
    return round(float(value), _PLACES) + 0.0
