"""How cloth is laid flat: with as hot an iron as the coolest of its layers bears, or without one."""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Mapping

from ..materials import BACKING, Layer, Material, Stack
from ..pattern import Piece, StepLine
from ..words import Message, msg
from .sewn import Copied

# Cloths that are laid out and measured; paddings and interfacings are not ironed by themselves.
_CLOTHS = ("woven", "knit", "sheet", "mesh")


def layers_in(by_id: Mapping[str, Piece], stack: Stack, copies: Iterable[Copied]) -> Iterator[Layer]:
    """The layers of copies of pieces, with what is glued, quilted or basted to each; not what is slipped in at the end."""
    for id, _, role in copies:
        for cut in by_id[id].cuts:
            if cut.role == role if cut.on is None else cut.on == role:
                yield from (layer for layer in stack.all(cut.role)[cut.nth : cut.nth + 1] if layer.held != "slipped")


class Heat:
    """How these layers may be pressed together; ``known`` keeps what has been told in full already."""

    def __init__(self, layers: Iterable[Layer], known: list[tuple[str, tuple[Message, ...]]]) -> None:
        self.layers, self.known = tuple(layers), known
        self.never = self._with("never")
        self.cool = self._with("cool")
        # What lies between others has nobody to see it.
        self.napped = tuple(material.name for material in _napped(self.layers))

    def _with(self, iron: str) -> tuple[Message, ...]:
        """The materials that bear no hotter iron."""
        return tuple({o.material.id: o.material.name for o in self.layers if o.material.iron == iron}.values())

    @property
    def pressing(self) -> Message:
        """What pressing is called here."""
        return msg("pressing.finger" if self.never else "pressing.iron")

    @property
    def caution(self) -> Message | None:
        """Of the iron, where one is used."""
        return None if self.never else msg("caution.iron")

    def lines(self, hot: bool = False) -> list[StepLine]:
        """How careful to be, where an ordinary iron would spoil it; what has to be ``hot`` to hold is not done without."""
        minded = [] if self.never or not self.napped else [self._told("heat.pile", self.napped)]
        if not self.never and not self.cool:
            return minded
        if hot:
            words = "heat.spoilt" if self.never else "heat.weak"
            return [*minded, StepLine("press", msg(words, materials=self.never or self.cool))]
        told = self._told("heat.never", self.never) if self.never else self._told("heat.cool", self.cool)
        return [*minded, told]

    def _told(self, words: str, materials: tuple[Message, ...]) -> StepLine:
        """In full the first time, after that in few words."""
        again = (words, materials) in self.known
        if not again:
            self.known.append((words, materials))
        return StepLine("press", msg(f"{words}-again" if again else words, materials=materials))

    def said(self, message: Message) -> Message:
        """A sentence that speaks of pressing."""
        pile = "yes" if self.napped and not self.never else "no"
        return Message(message.id, {**message.params, "pressing": self.pressing, "pile": pile})

    def shortly(self, message: Message) -> Message:
        """The same in a few words."""
        return msg(f"short.{message.id}", pressing=msg(f"{self.pressing.id}.short"))


def _napped(layers: Iterable[Layer]) -> list[Material]:
    """What of them is seen and has a pile, each once."""
    return list({o.material.id: o.material for o in layers if o.material.nap and o.role not in BACKING}.values())


def flattening(stack: Stack) -> tuple[Message, ...]:
    """What is done to each cloth before it is measured: which are washed first, how hot each may be ironed."""
    cloths = {layer.material.id: layer.material for layer in stack.layers if layer.material.kind in _CLOTHS}.values()
    kept = {
        "wash": [m for m in cloths if m.washed_first],
        "dry": [m for m in cloths if m.kind == "sheet" or m.iron == "never"],
        "hot": [m for m in cloths if m.iron in ("hot", "medium")],
        "cool": [m for m in cloths if m.iron == "cool"],
        "never": [m for m in cloths if m.iron == "never"],
        "pile": _napped(stack.layers),
    }
    return tuple(
        msg(f"step.press-cloth.{what}", materials=tuple(material.name for material in those))
        for what, those in kept.items()
        if those
    )
