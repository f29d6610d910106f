"""What pieces are cut from, as it is written: lays, layers, what is behind them."""

from __future__ import annotations

from ...plane import area
from ...words import msg
from ..draft import Draft
from ..lay import Lay
from ..section import Backing, Section
from ..written import BackingDoc, LayDoc, SectionDoc
from .numbers import rounded
from .said import Said, section_message


class Cloth(Said):
    """Writes lays, sections and backings."""

    def lay(self, lay: Lay, d: Draft) -> LayDoc:
        by_id = {piece.id: piece for piece in d.pieces}
        # What is joined is cut once, in parts.
        whole = {(one.piece, one.cut, one.nth) for one in lay.laid}
        cut = sum(abs(area(by_id[id].outline_for(by_id[id].cuts[at]))) for id, at, _ in whole)
        return {
            "role": lay.role,
            "role_text": self.say(msg(f"role.{lay.role}")),
            "material": self.say(lay.material),
            "width": self.length(lay.width),
            "usable": rounded(lay.usable),
            "length": self.length(lay.length),
            "saves": self.length(max(0.0, lay.rows - lay.length)),
            "waste": round(max(0.0, 1 - cut / (lay.usable * lay.length)), 3),
            "grain": lay.grain,
            "laid": [
                {
                    "piece": one.piece,
                    "cut": one.cut,
                    "x": rounded(one.x),
                    "y": rounded(one.y),
                    "width": rounded(one.width),
                    "height": rounded(one.height),
                    "turned": one.turned,
                    "part": one.part,
                    "over": rounded(one.over),
                    "slanted": one.slanted,
                    "strips": one.strips,
                }
                for one in lay.laid
            ],
            "left": [
                {
                    "box": [rounded(v) for v in box],
                    "text": self.say(msg("lay.left", width=box[2] - box[0], length=box[3] - box[1])),
                }
                for box in lay.left
            ],
        }

    def section(self, section: Section, d: Draft) -> SectionDoc:
        pieces = [piece for piece in d.pieces if piece.id in section.pieces]
        return {
            "pieces": [piece.letter for piece in pieces],
            "text": self.say(section_message(pieces)),
            "thickness": self.thickness(section.thickness),
            "layers": [
                {
                    "role": layer.role,
                    "role_text": self.say(msg(f"role.{layer.role}")),
                    "material": self.say(layer.material),
                    "thickness": self.thickness(layer.thickness),
                    "right": layer.right,
                    "glue": layer.glue,
                    "notes": [self.say(note) for note in layer.notes],
                }
                for layer in section.layers
            ],
        }

    def backing(self, backing: Backing, d: Draft) -> BackingDoc:
        named = {piece.id: piece for piece in d.pieces}
        return {
            "layer": backing.layer,
            "role": backing.role,
            "either": backing.either,
            "on": backing.on,
            "rule": backing.rule,
            "held": backing.held,
            "caught": backing.caught,
            "in_seams": backing.in_seams,
            "seconds": backing.seconds,
            "steam": backing.steam,
            "inset": self.length(backing.inset),
            "notes": [self.say(note) for note in backing.notes],
            "pieces": [
                {
                    "piece": row.piece,
                    "letter": named[row.piece].letter,
                    "name": self.say(named[row.piece].name),
                    "rule": row.rule,
                    "usual": row.usual,
                    "told": row.told,
                }
                for row in backing.pieces
            ],
        }
