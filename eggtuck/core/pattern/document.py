"""The draft as plain data, ready for JSON: mm everywhere, sentences in the maker's language."""

from __future__ import annotations

import re
from collections.abc import Callable, Collection, Iterable, Mapping, Sequence
from dataclasses import replace
from itertools import accumulate, chain
from typing import Any, Final

import numpy as np
import orjson
from numpy.typing import NDArray

from ..lengths import Ruler, SumLine, shown_sums
from ..plane import Segment, area
from ..words import Message, Speaker, msg
from .chain import Chain
from .draft import Check, Draft, InputState, Need, ObjectView, Step
from .lay import Lay
from .piece import Cut, Edge, Mark, Piece, Role
from .seam import EdgeUse
from .section import Backing, Section
from .solid import Solid, Span
from .source import source_of, sum_label
from .written import (
    BackingDoc,
    CarriedDoc,
    CheckDoc,
    CutDoc,
    DraftDoc,
    EdgeDoc,
    FacetDoc,
    FixDoc,
    InputDoc,
    LayDoc,
    LengthDoc,
    MarkDoc,
    NeedDoc,
    ObjectDoc,
    PictureDoc,
    PieceDoc,
    PlacedDoc,
    SectionDoc,
    SpanDoc,
    StepDoc,
    SumDoc,
)

FORMAT: Final = "egg-tuck-draft"
VERSION: Final = 5
# Finer than any cutter, coarse enough that equal numbers print equal.
_PLACES = 6
# In the picture of the sewn form, of thousands of points, as fine as anyone can look at it.
_PLACES_SEEN = 3
# What is made of the points of many loops, in one go.
_Points = Callable[[Sequence[Sequence[tuple[float, ...]]]], list[Any]]


def draft_document(draft: Draft) -> DraftDoc:
    """The document of `draft` in its own language and unit."""
    return _Writer(Speaker(draft.ruler, draft.language)).draft(draft)


def draft_json(draft: Draft) -> str:
    """The document as text, the same byte for byte wherever it is asked for."""
    document = _Writer(Speaker(draft.ruler, draft.language), _arrays).draft(draft)
    return orjson.dumps(document, option=orjson.OPT_SERIALIZE_NUMPY).decode() + "\n"


def closed_points(outline: Sequence[Segment]) -> list[list[float]]:
    """``[x, y, bulge]`` of each segment's start, its bulge belonging to the segment that starts there."""
    return [[_n(s.start[0]), _n(s.start[1]), _n(s.bulge)] for s in outline]


def open_points(path: Sequence[Segment]) -> list[list[float]]:
    """As `closed_points`, with the end of the last segment added."""
    if not path:
        return []
    return [*closed_points(path), [_n(path[-1].end[0]), _n(path[-1].end[1]), 0.0]]


# Finished figures that are not lengths: how many decimals, and what is said after them.
NOT_LENGTHS: dict[str, tuple[int, str]] = {
    "volume": (0, "unit.ml"),
    "fill_volume": (0, "unit.ml"),
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


def length_document(mm: float, ruler: Ruler) -> LengthDoc:
    return {"mm": _n(mm), "text": ruler.write(mm)}


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


def _ids(uses: Iterable[EdgeUse]) -> list[str]:
    """The edges as files call them, each once."""
    return list(dict.fromkeys(use.edge for use in uses))


def _n(value: float) -> float:
    return round(value, _PLACES) + 0.0


_DIGIT = re.compile(r"\d")


# Which seam or hem each copy of an edge is in, by piece and name.
_Sewn = dict[tuple[str, str], dict[str, str]]


def check_document(check: Check, speaker: Speaker) -> CheckDoc:
    """A check as it is written: a sentence with its number and its fix, in the words of the ``speaker``.

    >>> from ..lengths import Ruler
    >>> check = Check("a", "ok", msg("check.stands"), msg("check.stands"))
    >>> check_document(check, Speaker(Ruler()))["verdict"]
    'ok'
    """
    return _Writer(speaker).check(check)


class _Writer:
    def __init__(self, speaker: Speaker, points: _Points | None = None) -> None:
        self.speaker, self.points = speaker, points or _lists
        self.exactly = Speaker(replace(speaker.ruler, mark=0.0), speaker.language)
        self.assumed: set[str] = set()

    def say(self, message: Message) -> str:
        return self.speaker.say(message)

    def said(self, message: Message | None) -> str | None:
        return None if message is None else self.speaker.say(message)

    def length(self, mm: float) -> LengthDoc:
        return length_document(mm, self.speaker.ruler)

    def thickness(self, mm: float) -> LengthDoc:
        return {"mm": _n(mm), "text": self.speaker.ruler.thin(mm)}

    def draft(self, d: Draft) -> DraftDoc:
        sewn: _Sewn = {}
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
            "finished": {name: None if value is None else _n(value) for name, value in d.finished.items()},
            "pieces": [self.piece(piece, sewn, d) for piece in d.pieces],
            "seams": [
                {
                    "id": seam.id,
                    "name": self.say(seam.name),
                    "a": [use.edge for use in seam.a],
                    "b": [use.edge for use in seam.b],
                    "caught": _ids(seam.caught),
                    "length_a": _n(seam.length_a),
                    "length_b": _n(seam.length_b),
                    "difference": _n(seam.difference),
                    "text": f"{self.speaker.ruler.write(seam.length_a)} – {self.speaker.ruler.write(seam.length_b)}",
                    "allowance": _n(seam.allowance),
                    "layers": list(seam.layers),
                    "times": seam.times,
                }
                for seam in d.seams
            ],
            "seams_sewn": d.seams_sewn,
            "hems": [
                {"id": h.id, "name": self.say(h.name), "edges": _ids(h.edges), "depth": _n(h.depth)} for h in d.hems
            ],
            "gaps": [
                {
                    "id": g.id,
                    "seam": g.seam,
                    "edges": _ids(g.edges),
                    "layer": g.layer,
                    "start": _n(g.start),
                    "end": _n(g.end),
                    "length": _n(g.length),
                }
                for g in d.gaps
            ],
            "checks": [self.check(check) for check in d.checks],
            "steps": [self.step(step, number, letters) for number, step in enumerate(d.steps, 1)],
            # Only what lies still makes it later than its steps take.
            "elapsed": round(d.elapsed if any(step.rests for step in d.steps) else sum(s.minutes for s in d.steps)),
            "needs": [self.need(need) for need in d.needs],
            "solid": {
                "soft": d.solid.soft,
                "facets": facets_document(d.solid, d.pieces, self.points),
                "carried": carried_document(d.solid, d.pieces, self.points),
                "spans": [self.span(s) for s in d.solid.spans],
            },
            "sums": {name: self.chain(name, chain, fields, letters) for name, chain in d.sums.items()},
            "inputs": [self.input(state) for state in d.inputs],
            "object": self.object(d),
            "sections": [self.section(section, d) for section in d.sections],
            "backings": [self.backing(backing, d) for backing in d.backings],
            "lays": [self.lay(lay, d) for lay in d.lays],
            "grips": [
                {
                    "part": grip.part,
                    "name": self.say(grip.name),
                    "piece": grip.piece,
                    "role": grip.role,
                    "box": _pair(grip.box),
                }
                for grip in d.grips
            ],
            "hosts": [{"piece": piece, "copy": copy, "name": self.say(name)} for piece, copy, name in d.hosts],
            "idle": sorted(d.idle),
        }

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
            "usable": _n(lay.usable),
            "length": self.length(lay.length),
            "saves": self.length(max(0.0, lay.rows - lay.length)),
            "waste": round(max(0.0, 1 - cut / (lay.usable * lay.length)), 3),
            "grain": lay.grain,
            "laid": [
                {
                    "piece": one.piece,
                    "cut": one.cut,
                    "x": _n(one.x),
                    "y": _n(one.y),
                    "width": _n(one.width),
                    "height": _n(one.height),
                    "turned": one.turned,
                    "part": one.part,
                    "over": _n(one.over),
                    "slanted": one.slanted,
                    "strips": one.strips,
                }
                for one in lay.laid
            ],
            "left": [
                {
                    "box": [_n(v) for v in box],
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

    def piece(self, piece: Piece, sewn: _Sewn, d: Draft) -> PieceDoc:
        width, height = piece.cut_size
        return {
            "id": piece.id,
            "letter": piece.letter,
            "copies": list(piece.copies),
            "name": self.say(piece.name),
            "cuts": [self.cut(piece, c) for c in piece.cuts],
            "cut_size": {"width": _n(width), "height": _n(height)},
            "told": {"width": self.length(width), "height": self.length(height)},
            "box": _pair(piece.cut_box),
            "stitch_outline": closed_points(piece.stitch_outline),
            "cut_outline": closed_points(piece.cut_outline),
            "edges": [self.edge(edge, sewn.get((edge.piece, edge.key), {})) for edge in (*piece.edges, *piece.lines)],
            "marks": [self.mark(mark, d.notch_numbers.get((piece.id, i))) for i, mark in enumerate(piece.marks)],
            "folds": [
                {"id": fold.id, "label": self.say(fold.name), "path": open_points([fold.line])} for fold in piece.folds
            ],
        }

    def cut(self, piece: Piece, cut: Cut) -> CutDoc:
        width, height = piece.size_for(cut)
        smaller = cut.net or cut.inset != 0 or cut.part is not None
        return {
            "role": cut.role,
            "count": cut.count,
            "on_fold": cut.on_fold,
            "mirrored": cut.mirrored,
            "inset": _n(cut.inset),
            "net": cut.net,
            "nth": cut.nth,
            "on": cut.on,
            "rule": cut.rule,
            "text": self.say(cut_message(piece, cut)),
            "size": {"width": self.length(width), "height": self.length(height)},
            "outline": closed_points(piece.outline_for(cut)) if smaller else None,
        }

    def edge(self, edge: Edge, sewn: dict[str, str]) -> EdgeDoc:
        return {
            "id": edge.id,
            "name": self.say(edge.name),
            "length": _n(edge.length),
            "told": self.length(edge.length),
            "allowance": _n(edge.allowance),
            "seam": next(iter(sewn.values()), None),
            "copies": [{"panel": copy, "seam": seam} for copy, seam in sewn.items()],
            "internal": edge.internal,
            "path": open_points(edge.path),
        }

    def mark(self, mark: Mark, number: int | None) -> MarkDoc:
        return {
            "kind": mark.kind,
            # Notches that meet in a seam have one number.
            "number": number,
            "label": self.say(mark.label),
            "datum": self.said(mark.datum),
            "role": mark.role,
            "path": open_points(mark.path),
            "point": None if mark.point is None else [_n(mark.point[0]), _n(mark.point[1])],
        }

    def check(self, check: Check) -> CheckDoc:
        fix: FixDoc | None = None
        if check.fix is not None:
            fix = {
                "label": self.say(check.fix.label),
                "set": {
                    name: self.speaker.ruler.exact(value) if isinstance(value, float) else value
                    for name, value in check.fix.changes.items()
                },
            }
        return {
            "id": check.id,
            "verdict": check.verdict,
            "stage": check.stage,
            "title": self.say(check.title),
            "message": self.say(check.message),
            "value": None if check.value is None else _n(check.value),
            "limit": None if check.limit is None else _n(check.limit),
            "fix": fix,
        }

    def step(self, step: Step, number: int, letters: Mapping[str, str]) -> StepDoc:
        # The short form repeats some of them.
        lines = {id(line.text): self.say(line.text) for line in step.lines}
        return {
            "id": step.id,
            "number": number,
            "kind": step.kind,
            "title": self.say(step.title),
            "lines": [{"part": line.part, "text": lines[id(line.text)]} for line in step.lines],
            # A sentence on the craft of it stays where it has a number.
            "short": [
                said
                for text in step.short
                if _counts(said := lines.get(id(text)) or self.say(text)) or not text.id.startswith("step.")
            ],
            "things": [
                {"piece": t.piece, "layer": t.layer, "letter": letters[t.piece], "name": self.say(t.name)}
                for t in step.things
            ],
            "pieces": list(step.pieces),
            "layer": step.layer,
            "seams": list(step.seams),
            "edges": _ids(step.edges),
            "allowance": None if step.allowance is None else self.length(step.allowance),
            # A machine is set to a stitch in mm on any ruler.
            "stitch": None
            if step.stitch is None
            else {"mm": _n(step.stitch), "text": self.speaker.ruler.stitch(step.stitch)},
            "foot": None if step.foot is None else {"id": step.foot, "name": self.say(msg(f"foot.{step.foot}"))},
            "changed": list(step.changed),
            "check": self.said(step.check),
            "band": None
            if step.band is None
            else {
                "value": self.length(step.band.value),
                "least": self.length(step.band.least),
                "most": self.length(step.band.most),
            },
            "causes": [self.say(text) for text in step.causes],
            "remedy": self.said(step.remedy),
            "caution": self.said(step.caution),
            "why": self.said(step.why),
            "lost": self.said(step.lost),
            "decided": self.said(step.decided),
            "leaves_open": step.leaves_open,
            "closes": step.closes,
            "turns": list(step.turns),
            "inside_out": step.inside_out,
            "before": step.before,
            "stitches": list(step.stitches),
            "minutes": step.minutes,
        }

    def span(self, span: Span) -> SpanDoc:
        return {
            "field": span.field,
            "name": self.say(sum_label(span.field)) if span.field.startswith("finished.") else None,
            "start": _pair(span.start),
            "end": _pair(span.end),
            "value": self.length(span.value),
        }

    def need(self, need: Need) -> NeedDoc:
        return {
            "id": need.id,
            "role": need.role,
            "role_text": "" if need.width is None else self.say(msg(f"role.{need.role}")),
            "name": self.say(need.name),
            "exact": {"mm": _n(need.exact), "text": need_text(need, need.exact, self.speaker)},
            "buy": {"mm": _n(need.buy), "text": need_text(need, need.buy, self.speaker)},
            "count": need.count,
            "width": None if need.width is None else self.length(need.width),
            "note": self.said(need.note),
        }

    def chain(self, name: str, chain: Chain, fields: Collection[str], letters: Mapping[str, str]) -> SumDoc:
        ruler, label = self.speaker.ruler, sum_label(name)
        letter = letters.get(name.partition(".")[0])
        if letter is not None and "part" in label.params:
            # There may be several of a kind.
            label = msg("sum.lettered", sum=label, letter=letter)
        shown = shown_sums([SumLine(line.operation, line.amount, line.total) for line in chain.lines], ruler)
        sources = [source_of(line.label.id, name, fields) for line in chain.lines]
        return {
            "name": self.speaker.say(label),
            "lines": [
                {
                    "operation": line.operation,
                    # What a line is made of is said as exactly as the line itself.
                    "label": self.exactly.say(line.label),
                    "amount": amount,
                    "total": total,
                    "field": source,
                    "assumed": source in self.assumed,
                }
                for line, (amount, total), source in zip(chain.lines, shown, sources, strict=True)
            ],
            "total": {"mm": _n(chain.total), "text": f"{shown[-1][1]} {ruler.unit}"},
        }

    def input(self, state: InputState) -> InputDoc:
        ruler = self.speaker.ruler
        step = 1.0 if state.count else ruler.step

        def said(value: float) -> LengthDoc:
            return {"mm": _n(value), "text": f"{value:g}"} if state.count else self.length(value)

        def stepped(way: int) -> str:
            on_mark = round(state.value / step) * step
            return str(said(min(max(on_mark + way * step, state.low), state.high))["text"])

        return {
            "field": state.field,
            "value": said(state.value),
            "typed": state.typed,
            "assumed": state.assumed,
            "proposed": None if state.proposed is None else said(state.proposed),
            "low": said(state.low),
            "high": said(state.high),
            "up": stepped(1),
            "down": stepped(-1),
            "direction": state.direction,
            "usual": None if state.usual is None else [said(value) for value in state.usual],
        }

    def object(self, d: Draft) -> ObjectDoc | None:
        if d.object is None:
            return None
        view = d.object
        return object_document(view, self.speaker.ruler)


def shown_cloth(pieces: Iterable[Piece]) -> dict[str, Role]:
    """What each piece is cut of as it is seen: the first cloth it is cut from by itself."""
    return {piece.id: piece.own_cloths[0] for piece in pieces if piece.own_cloths}


def facets_document(solid: Solid, pieces: Iterable[Piece], points: _Points) -> list[FacetDoc]:
    """The flat parts of the sewn form, in space and on their pieces."""
    cloth = shown_cloth(pieces)
    space, flat = points([f.space for f in solid.facets]), points([f.flat for f in solid.facets])
    return [
        {
            "piece": f.piece,
            "panel": f.copy,
            "cloth": cloth.get(f.piece),
            "smooth": f.smooth,
            "space": space[nth],
            "flat": flat[nth],
        }
        for nth, f in enumerate(solid.facets)
    ]


def carried_document(solid: Solid, pieces: Iterable[Piece], points: _Points) -> list[CarriedDoc]:
    """What the form carries."""
    cloth = shown_cloth(pieces)
    return [{"piece": c.piece, "cloth": cloth.get(c.piece), "loops": points(c.loops)} for c in solid.carried]


def picture_document(draft: Draft) -> PictureDoc:
    """Enough to draw the sewn form with its thing inside: what lists show, without where it lies on the pieces and all that is said."""
    view = None if draft.object is None else object_document(draft.object, draft.ruler)
    solid = draft.solid
    space = _lists([f.space for f in solid.facets])
    cloth = shown_cloth(draft.pieces)
    facets: list[PlacedDoc] = [
        {"piece": f.piece, "panel": f.copy, "cloth": cloth.get(f.piece), "smooth": f.smooth, "space": space[nth]}
        for nth, f in enumerate(solid.facets)
    ]
    return {"object": view, "facets": facets, "carried": carried_document(solid, draft.pieces, _lists)}


def object_document(view: ObjectView, ruler: Ruler) -> ObjectDoc:
    """A thing's drawing: its profile and its measures, as they are part of a draft document."""
    return {
        "kind": view.kind,
        "radii": [[_n(height), _n(radius)] for height, radius in view.radii],
        "round": view.round,
        "depth": _n(view.depth),
        "lines": [open_points(path) for path in view.lines],
        "beside": [_pair(point) for point in view.beside],
        "dimensions": [
            {
                "field": m.field,
                "start": _pair(m.start),
                "end": _pair(m.end),
                "value": length_document(m.value, ruler),
                "given": m.given,
            }
            for m in view.dimensions
        ],
    }


def _lists(parts: Sequence[Sequence[tuple[float, ...]]]) -> list[list[list[float]]]:
    """Points of the sewn form, loop by loop."""
    return _apart(_rounded(parts).tolist(), parts)


def _arrays(parts: Sequence[Sequence[tuple[float, ...]]]) -> list[NDArray[np.float64]]:
    """The same as they are written quickest."""
    return _apart(_rounded(parts), parts)


def _rounded(parts: Sequence[Sequence[tuple[float, ...]]]) -> NDArray[np.float64]:
    across = next((len(point) for part in parts for point in part), 2)
    flat = np.fromiter(chain.from_iterable(chain.from_iterable(parts)), np.float64)
    return np.round(flat, _PLACES_SEEN).reshape(-1, across) + 0.0


def _apart(points: Any, parts: Sequence[Sequence[tuple[float, ...]]]) -> list[Any]:
    ends = accumulate(map(len, parts))
    return [points[end - len(part) : end] for part, end in zip(parts, ends, strict=True)]


def _pair(point: Iterable[float]) -> list[float]:
    return [_n(value) for value in point]


def _counts(text: str) -> bool:
    """Whether a sentence tells a number."""
    return _DIGIT.search(text) is not None
