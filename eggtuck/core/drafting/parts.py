"""The parts any form can carry: what each asks, and its choices."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import field, replace
from typing import Final, Literal

from ..frozen import frozen
from ..pattern.draft import Direction
from ..shop import ELASTIC_WIDE, PIPING_CORD, ROWS_APART, TAPE_WIDE, WORKED_OVER
from ..words import Message, msg

# Of one kind in one request.
MOST_OF_A_PART: Final = 24
# Lengths of what is held or bought.
_MEASURED: Final = ("ring", "cord", "holds_girth", "holds_height")


@frozen
class PartLength:
    """A length a part takes (mm); without ``usual`` it is left open. One that ``grows`` does so with the make. A length down the piece goes
    to the part's upper edge, or ``to`` its end, its rim or its middle (``either``, as it
    is chosen)."""

    name: str
    low: float
    high: float
    usual: float | None
    direction: Direction = "either-way"
    grows: bool = False
    to: Literal["", "end", "rim", "middle", "either"] = ""

    @property
    def tolerance(self) -> Direction | None:
        """Which way it may be off when it is made; none of what is measured of a thing or of hardware."""
        return None if self.name in _MEASURED else self.direction

    @property
    def label(self) -> Message:
        return msg(f"part.input.{self.name}-{self.to}") if self.to else msg(f"part.input.{self.name}")


@frozen
class PartKind:
    """A kind of part: its lengths, its choices (the first is the default), how many there usually are and at ``most`` in one request; ``text``:
    what of it is written in letters, and what that usually is."""

    id: str
    lengths: tuple[PartLength, ...]
    choices: Mapping[str, tuple[str, ...]]
    count: int = 1
    most: int = MOST_OF_A_PART
    text: tuple[str, str] | None = None

    @property
    def name(self) -> Message:
        return msg(f"part.{self.id}")


@frozen
class PartRequest:
    """A part as asked for: its place in the list, its lengths (mm) with the usual ones filled in, which of them were given, its choices,
    the usual lengths, which may be a wearer's, the copy of a piece it was put on, what is written on it, and the usual lengths as they were
    ``begun`` with, before any was settled by the make."""

    index: int
    kind: PartKind
    lengths: Mapping[str, float]
    typed: Mapping[str, str]
    choices: Mapping[str, str]
    count: int
    usual: Mapping[str, float | None] = field(default_factory=dict)
    piece: str = ""
    copy: str = ""
    text: str = ""
    begun: Mapping[str, float | None] = field(default_factory=dict)

    @property
    def id(self) -> str:
        """The id its piece goes by: numbered, so that two of a kind stay apart."""
        return f"{self.kind.id}-{self.index + 1}"

    def field(self, name: str) -> str:
        return f"parts.{self.index}.{name}"

    def untold(self, *names: str) -> PartRequest:
        """The same as if nobody had told these lengths."""
        usual = {name: self.begun.get(name) for name in names}
        lengths = {name: mm for name, mm in self.lengths.items() if name not in names}
        lengths |= {name: mm for name, mm in usual.items() if mm is not None}
        typed = {name: text for name, text in self.typed.items() if name not in names}
        return replace(self, lengths=lengths, typed=typed, usual={**self.usual, **usual})


_OF = {"of": ("contrast", "outer")}
_STRIP = {"make": ("four-fold", "turned", "single", "on-webbing"), "join": ("diagonal", "straight"), **_OF}
_WIDTH = PartLength("width", 5.0, 200.0, 25.0)
_END = PartLength("end", 0.0, 100.0, 20.0, "at-least")
_POCKET = (
    PartLength("width", 20.0, 1000.0, 120.0, "at-least", grows=True),
    PartLength("height", 20.0, 1000.0, 100.0, "at-least", grows=True),
    PartLength("from_top", 0.0, 2000.0, 40.0, grows=True),
    PartLength("from_side", 0.0, 2000.0, 30.0, grows=True),
    PartLength("holds_girth", 10.0, 2000.0, 200.0, "at-least"),
    PartLength("holds_height", 10.0, 2000.0, 150.0, "at-least"),
    PartLength("under", 3.0, 100.0, 10.0),
)
_RIBBON = {"ribbon": ("plain", "one-sided", "wired", "frays", "made")}
# One of mesh is of mesh.
_PLAIN_HOLDS = {"holds": ("anything", "measured"), "side": ("outside", "inside"), "foot": ("sewn", "under")}
_HOLDS = {**_PLAIN_HOLDS, **_OF}

_DOWN = PartLength("from_top", 0.0, 2000.0, 40.0, grows=True, to="middle")
_SIDE = PartLength("from_side", 0.0, 2000.0, 30.0, grows=True)
_PLACE = (PartLength("from_top", 0.0, 2000.0, 40.0, grows=True), _SIDE)
# Flat, its upper edge; caught in a seam, its middle.
_LABEL = (PartLength("from_top", 0.0, 2000.0, 40.0, grows=True, to="either"), _SIDE)
# What is round goes by its middle when it is set, and lies clear of the edges with its rim.
_ROUND = (PartLength("from_top", 0.0, 2000.0, 40.0, grows=True, to="rim"), replace(_SIDE, to="rim"))
_EXTRA = PartLength("extra", 0.0, 100.0, float(WORKED_OVER), "at-least")
_ENDS = (
    PartLength("apart", 10.0, 2000.0, 120.0, "matched-pair", grows=True),
    PartLength("from_top", 5.0, 500.0, 40.0, grows=True, to="end"),
)
_ATTACH = {"attach": ("boxed-cross", "square", "rivets"), "sits": ("faces", "late", "sides")}

PARTS: Final[Mapping[str, PartKind]] = {
    kind.id: kind
    for kind in (
        PartKind(
            "strap",
            (PartLength("length", 30.0, 4000.0, 600.0, "at-least"), _WIDTH, _END, *_ENDS),
            {**_STRIP, **_ATTACH},
        ),
        PartKind(
            "adjustable-strap",
            (
                PartLength("longest", 200.0, 4000.0, 1300.0, "at-least"),
                PartLength("width", 5.0, 200.0, 30.0, "at-most"),
                PartLength("slider_turn", 10.0, 200.0, 60.0),
                PartLength("ring_turn", 10.0, 200.0, 40.0),
                _DOWN,
            ),
            _STRIP,
            # Both its ends have one place: a second one lies in another.
            most=1,
        ),
        PartKind(
            "clip-strap",
            (
                PartLength("length", 30.0, 4000.0, 1100.0, "at-least"),
                PartLength("width", 5.0, 120.0, 25.0, "at-most"),
                PartLength("hook_turn", 10.0, 200.0, 30.0),
                PartLength("from_centre", 0.0, 1500.0, None, "matched-pair", grows=True),
            ),
            _STRIP,
            most=1,
        ),
        PartKind(
            "handle",
            (PartLength("length", 30.0, 2000.0, 300.0, "at-least"), _WIDTH, _END, *_ENDS),
            {**_STRIP, **_ATTACH},
            2,
        ),
        PartKind(
            "ring-tab",
            (
                PartLength("ring", 5.0, 120.0, 25.0, "at-most"),
                PartLength("length", 10.0, 200.0, 30.0),
                PartLength("from_centre", 0.0, 1500.0, None, "matched-pair", grows=True),
            ),
            {},
            2,
        ),
        PartKind(
            "connector",
            (
                PartLength("ring", 5.0, 120.0, 25.0, "at-most"),
                PartLength("foot", 10.0, 300.0, 60.0, grows=True),
                PartLength("length", 10.0, 300.0, 50.0),
                PartLength("ring_turn", 10.0, 200.0, 25.0),
                PartLength("from_centre", 0.0, 1500.0, None, "matched-pair", grows=True),
            ),
            {},
            2,
        ),
        PartKind(
            "loop",
            (PartLength("length", 5.0, 400.0, 50.0), PartLength("width", 4.0, 80.0, 10.0), _DOWN),
            {"make": ("four-fold", "ribbon", "single")},
        ),
        PartKind("slip-pocket", _POCKET, _HOLDS),
        PartKind("patch-pocket", (*_POCKET, PartLength("hem", 5.0, 100.0, 20.0)), _HOLDS),
        PartKind("mesh-pocket", (*_POCKET, PartLength("edging", 8.0, 100.0, 32.0)), _PLAIN_HOLDS),
        PartKind(
            "piping",
            (
                PartLength("length", 20.0, 8000.0, 600.0, "at-least"),
                PartLength("cord", 1.0, 20.0, float(PIPING_CORD)),
                PartLength("overlap", 0.0, 200.0, 40.0),
            ),
            {"made": ("bought", "made")},
        ),
        PartKind(
            "elastic",
            (
                PartLength("round", 20.0, 3000.0, 300.0),
                PartLength("width", 2.0, 60.0, float(ELASTIC_WIDE)),
                PartLength("anchoring", 0.0, 100.0, 20.0),
                _DOWN,
            ),
            {"stretch": ("third", "quarter", "half")},
        ),
        PartKind(
            "ribbon",
            (
                PartLength("round", 0.0, 3000.0, 300.0),
                PartLength("bow", 0.0, 3000.0, 600.0),
                PartLength("width", 4.0, 80.0, 15.0),
                _DOWN,
            ),
            _RIBBON,
        ),
        PartKind(
            "label",
            (PartLength("width", 8.0, 200.0, 50.0), PartLength("height", 5.0, 200.0, 30.0), *_LABEL),
            {"sewn": ("flat", "in-seam")},
        ),
        PartKind(
            "motif",
            (PartLength("height", 10.0, 500.0, None, grows=True), *_PLACE, _EXTRA),
            {
                "work": ("applique", "felt", "lace", "embroidery", "paint", "foil"),
                "figure": ("heart", "leaf", "star", "drop", "ring", "initial"),
            },
            text=("letters", "A"),
        ),
        PartKind(
            "border",
            (
                PartLength("width", 4.0, 300.0, 30.0, grows=True),
                PartLength("from_top", 0.0, 2000.0, None, grows=True),
                PartLength("spacing", 2.0, 200.0, float(ROWS_APART)),
                _EXTRA,
            ),
            {"work": ("lace", "felt", "patches", "stitches")},
        ),
        PartKind("eyelet", (PartLength("across", 3.0, 60.0, 11.0, "at-least"), *_ROUND), {}, 2),
        PartKind("snap", (PartLength("across", 5.0, 40.0, 13.0), *_ROUND), {}),
        PartKind("button", (PartLength("across", 5.0, 60.0, 20.0), *_ROUND), {}),
        PartKind(
            "hook-and-loop",
            (PartLength("length", 10.0, 1000.0, 60.0), PartLength("width", 10.0, 120.0, float(TAPE_WIDE)), *_PLACE),
            {},
        ),
    )
}
