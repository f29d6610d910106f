"""What is said of figures, cuts and layers; what all writers of parts of a document do alike."""

from __future__ import annotations

from collections.abc import Iterable

from ...words import Message, Speaker, msg
from ..draft import Need
from ..piece import Cut, Piece
from ..seam import EdgeUse
from ..written import LengthDoc
from .numbers import length_document, rounded

# Finished figures that are not lengths: how many decimals, and what is said after them.
NOT_LENGTHS: dict[str, tuple[int, str]] = {
    "volume": (0, "unit.ml"),
    "fill_volume": (0, "unit.ml"),
    "room": (0, "unit.ml"),
    "fill_grams": (0, "unit.g"),
    "fill_spoons": (1, "unit.spoons"),
    "gather_ratio": (1, "unit.times"),
    "tilt": (0, "unit.degrees"),
    "sector_angle": (3, "unit.radians"),
    "darts": (0, "unit.none"),
    "rows": (0, "unit.none"),
    "columns": (0, "unit.none"),
}


def finished_text(name: str, value: float, speaker: Speaker) -> str:
    """A finished figure as a maker says it: a length on the ruler, or a number with its own unit."""
    if name not in NOT_LENGTHS:
        return speaker.ruler.about(value)
    places, unit = NOT_LENGTHS[name]
    number = f"{value:.{places}f}".replace(".", speaker.ruler.decimal)
    return speaker.say(Message(unit, {"number": number}))


def need_text(need: Need, mm: float, speaker: Speaker) -> str:
    """How much of it, as it is bought: a length, how many, or how heavy."""
    if need.grams is not None:
        return finished_text("fill_grams", need.grams, speaker)
    if need.count is not None:
        return str(need.count)
    # A zip is one thing of a length, and not so much off a roll.
    return speaker.ruler.write(mm) if need.role == "zip" else speaker.ruler.sold(mm)


def cut_message(piece: Piece, cut: Cut) -> Message:
    """How many of which cloth are cut of a piece, and by which rule; of how many of them more is cut first."""
    told, over = _cut_by_rule(cut), piece.over(cut)
    return msg("print.cut-worked", cut=told, count=len(over), times=cut.count, over=max(over)) if over else told


def _cut_by_rule(cut: Cut) -> Message:
    # What is cut larger is quilted or sewn first, and trimmed then.
    rule = "larger" if cut.inset < 0 and cut.rule == "full" else cut.rule
    key = "print.cut" if rule == "full" else f"print.cut-{rule}"
    return msg(key, count=cut.count, role=msg(f"role.{cut.role}"), inset=abs(cut.inset))


def section_message(pieces: Iterable[Piece]) -> Message:
    """What a cut through layers goes through."""
    return msg("section.of", pieces=tuple(msg("thing", piece=piece.name, letter=piece.letter) for piece in pieces))


def edge_ids(uses: Iterable[EdgeUse]) -> list[str]:
    """The edges as files call them, each once."""
    return list(dict.fromkeys(use.edge for use in uses))


class Said:
    """Says things in the words and on the ruler of a ``speaker``."""

    def __init__(self, speaker: Speaker) -> None:
        self.speaker = speaker

    def say(self, message: Message) -> str:
        return self.speaker.say(message)

    def said(self, message: Message | None) -> str | None:
        return None if message is None else self.speaker.say(message)

    def length(self, mm: float) -> LengthDoc:
        return length_document(mm, self.speaker.ruler)

    def thickness(self, mm: float) -> LengthDoc:
        return {"mm": rounded(mm), "text": self.speaker.ruler.thin(mm)}
