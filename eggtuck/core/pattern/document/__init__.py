"""The draft as plain data, ready for JSON: mm everywhere, sentences in the maker's language."""

from __future__ import annotations

from typing import Final

import orjson

from ...words import Speaker
from ..draft import Check, Draft
from ..written import CheckDoc, DraftDoc, DrawnDoc, ToldDoc
from .cloth import Cloth
from .figures import Figures
from .numbers import length_document, rounded, rounded_all
from .pieces import Pieces, SewnIn
from .said import cut_message, edge_ids, finished_text, need_text, section_message
from .solid import (
    Points,
    carried_document,
    facets_document,
    in_arrays,
    in_lists,
    object_document,
    picture_document,
    shown_cloth,
)
from .steps import Steps

__all__ = [
    "check_document",
    "cut_message",
    "draft_document",
    "draft_json",
    "drawn_json",
    "finished_text",
    "length_document",
    "need_text",
    "object_document",
    "picture_document",
    "section_message",
    "shown_cloth",
    "told_json",
]

FORMAT: Final = "egg-tuck-draft"
VERSION: Final = 5


def draft_document(draft: Draft) -> DraftDoc:
    """The document of `draft` in its own language and unit."""
    writer = _Writer(Speaker(draft.ruler, draft.language))
    return {**writer.drawn(draft), **writer.told(draft)}


def draft_json(draft: Draft) -> str:
    """The document as text, the same byte for byte wherever it is asked for."""
    return drawn_json(draft) + told_json(draft) + "\n"


def drawn_json(draft: Draft) -> str:
    """The first part of the text: all but the order of work. To tell that takes as long as to draw all the rest, so that whoever is
    shown the drawing need not wait for it."""
    document = _Writer(Speaker(draft.ruler, draft.language), in_arrays).drawn(draft)
    return orjson.dumps(document, option=orjson.OPT_SERIALIZE_NUMPY)[:-1].decode()


def told_json(draft: Draft) -> str:
    """What follows on `drawn_json`: the order of work, and the end of the document."""
    return "," + orjson.dumps(_Writer(Speaker(draft.ruler, draft.language)).told(draft))[1:].decode()


def check_document(check: Check, speaker: Speaker) -> CheckDoc:
    """A check as it is written: a sentence with its number and its fix, in the words of the ``speaker``.

    >>> from ...lengths import Ruler
    >>> from ...words import msg
    >>> check = Check("a", "ok", msg("check.stands"), msg("check.stands"))
    >>> check_document(check, Speaker(Ruler()))["verdict"]
    'ok'
    """
    return Figures(speaker).check(check)


class _Writer(Pieces, Cloth, Steps, Figures):
    def __init__(self, speaker: Speaker, points: Points = in_lists) -> None:
        super().__init__(speaker)
        self.points = points

    def drawn(self, d: Draft) -> DrawnDoc:
        sewn: SewnIn = {}
        self.assumed = {state.field for state in d.inputs if state.assumed}
        fields = {state.field for state in d.inputs}
        for seam in d.seams:
            for use in (*seam.a, *seam.b, *seam.caught):
                sewn.setdefault((use.piece, use.key), {})[use.copy] = seam.id
        for hem in d.hems:
            for use in hem.edges:
                sewn.setdefault((use.piece, use.key), {})[use.copy] = hem.id
        letters = {piece.id: piece.letter for piece in d.pieces}
        return {
            "format": FORMAT,
            "version": VERSION,
            "form": d.form,
            "spec": d.spec,
            "finished": {name: None if value is None else rounded(value) for name, value in d.finished.items()},
            "pieces": [self.piece(piece, sewn, d) for piece in d.pieces],
            "seams": [
                {
                    "id": seam.id,
                    "name": self.say(seam.name),
                    "a": [use.edge for use in seam.a],
                    "b": [use.edge for use in seam.b],
                    "caught": edge_ids(seam.caught),
                    "length_a": rounded(seam.length_a),
                    "length_b": rounded(seam.length_b),
                    "difference": rounded(seam.difference),
                    "text": f"{self.speaker.ruler.write(seam.length_a)} – {self.speaker.ruler.write(seam.length_b)}",
                    "allowance": rounded(seam.allowance),
                    "layers": list(seam.layers),
                    "times": seam.times,
                }
                for seam in d.seams
            ],
            "seams_sewn": d.seams_sewn,
            "hems": [
                {"id": h.id, "name": self.say(h.name), "edges": edge_ids(h.edges), "depth": rounded(h.depth)}
                for h in d.hems
            ],
            "gaps": [
                {
                    "id": g.id,
                    "seam": g.seam,
                    "edges": edge_ids(g.edges),
                    "layer": g.layer,
                    "start": rounded(g.start),
                    "end": rounded(g.end),
                    "length": rounded(g.length),
                }
                for g in d.gaps
            ],
            "checks": [self.check(check) for check in d.checks],
            "needs": [self.need(need) for need in d.needs],
            "solid": {
                "soft": d.solid.soft,
                "facets": facets_document(d.solid, d.pieces, self.points),
                "carried": carried_document(d.solid, d.pieces, self.points),
                "spans": [self.span(s) for s in d.solid.spans],
            },
            "sums": {
                name: self.chain(name, chain, fields, letters, d.tolerances.get(name.removeprefix("finished.")))
                for name, chain in d.sums.items()
            },
            "inputs": [self.input(state) for state in d.inputs if state.of != "volume"],
            "room": next((self.input(state) for state in d.inputs if state.of == "volume"), None),
            "object": None if d.object is None else object_document(d.object, self.speaker.ruler),
            "sections": [self.section(section, d) for section in d.sections],
            "backings": [self.backing(backing, d) for backing in d.backings],
            "lays": [self.lay(lay, d) for lay in d.lays],
            "roles": list(d.roles),
            "grips": [
                {
                    "part": grip.part,
                    "name": self.say(grip.name),
                    "piece": grip.piece,
                    "role": grip.role,
                    "box": rounded_all(grip.box),
                }
                for grip in d.grips
            ],
            "hosts": [{"piece": piece, "copy": copy, "name": self.say(name)} for piece, copy, name in d.hosts],
            "idle": sorted(d.idle),
        }

    def told(self, d: Draft) -> ToldDoc:
        letters = {piece.id: piece.letter for piece in d.pieces}
        return {
            "steps": [self.step(step, number, letters) for number, step in enumerate(d.steps, 1)],
            # Only what lies still makes it later than its steps take.
            "elapsed": round(d.elapsed if any(step.rests for step in d.steps) else sum(s.minutes for s in d.steps)),
        }
