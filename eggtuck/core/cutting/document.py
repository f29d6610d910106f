"""The cutting table as plain data: what lies where, in what order it is cut, what is bought."""

from __future__ import annotations

import math
from collections.abc import Iterator, Mapping, Sequence
from dataclasses import replace
from itertools import pairwise
from typing import Literal

import shapely
from typing_extensions import TypedDict

from ..lengths import Grid, Ruler
from ..pattern import Mark
from ..pattern.document import length_document
from ..pattern.lay import LEFT_MOST
from ..pattern.written import LeftDoc, LengthDoc
from ..plane import Point, bounds
from ..plane.boxes import Box, largest_clear
from ..shop import LEFT_LEAST
from ..words import Message, Speaker, msg
from .cutout import Angle, Cutout
from .faults import Fault, faults_of
from .ground import Ground, Spot
from .laying import Layout, fits_on
from .plan import CutLine, CutPlan, LateCut
from .shopping import Buying
from .table import NEW, Cloth, Make, Piled


class LaidPieceDoc(TypedDict):
    """A piece as it lies: its outline and the windows its motif is seen in on the cloth (mm, from the left and the cut end). In its middle there is ``room``
    (mm) for its letter; what is cut on the bias runs up to the right (``slant`` 1) or to the left (-1)."""

    id: str
    letter: str
    name: str
    make: str
    outline: list[list[float]]
    windows: list[list[list[float]]]
    x: float
    y: float
    width: float
    height: float
    room: float
    slant: int
    angle: int
    pinned: bool
    turns: bool
    note: str


class GroundLaidDoc(TypedDict):
    """What is cut from: off the roll, or a piece of the pile; how much of it is taken."""

    id: str
    name: str
    shaped: bool
    width: float
    length: float
    outline: list[list[float]]
    holes: list[list[list[float]]]
    used: LengthDoc
    selvedge: float
    laid: list[LaidPieceDoc]
    left: list[LeftDoc]


class LayFaultDoc(TypedDict):
    pieces: list[str]
    text: str


class FittingDoc(TypedDict):
    """Something on the pile that pieces of a cloth could be cut from: their letters."""

    id: str
    letters: list[str]


class ClothLaidDoc(TypedDict):
    key: str
    material: str
    what: str
    role: str
    role_text: str
    width: LengthDoc
    folded: bool
    directional: bool
    grain: bool
    stretches: bool
    across: bool
    fits: list[FittingDoc]
    also: list[str]
    grounds: list[GroundLaidDoc]
    nowhere: list[str]
    faults: list[LayFaultDoc]
    length: LengthDoc
    saves: LengthDoc
    waste: float
    laid_across: bool


class CutLineDoc(TypedDict):
    id: str
    letter: str
    name: str
    make: str
    count: int
    text: str
    how: list[str]
    wait: str | None


class CutPlanDoc(TypedDict):
    cloth: str
    title: str
    notes: list[str]
    lines: list[CutLineDoc]


class BuyingSumDoc(TypedDict):
    label: str
    amount: str


class BuyingDoc(TypedDict):
    id: str
    what: str
    kind: Literal["cloth", "length", "count", "grams"]
    name: str
    role: str
    buy: str
    exact: str
    have: str
    enough: bool
    notes: list[str]
    sums: list[BuyingSumDoc]
    makes: list[str]
    left: str
    # As they are typed; nothing where nobody told.
    price: str
    pack: str
    cost: str


class CostDoc(TypedDict):
    """What one make costs, as far as prices are told."""

    make: str
    count: int
    cost: str
    each: str
    lacks: list[str]


class TableDoc(TypedDict):
    """Everything on the cutting table."""

    cloths: list[ClothLaidDoc]
    plan: list[CutPlanDoc]
    late: list[str]
    shopping: list[BuyingDoc]
    # Nothing where no price is told.
    total: str
    costs: list[CostDoc]


class TableWriter:
    """Writes what lies on the table in the words of the ``speaker``."""

    def __init__(self, makes: Sequence[Make], pile: Mapping[str, Piled], speaker: Speaker) -> None:
        self.makes = {make.key: make for make in makes}
        self.pile, self.speaker = pile, speaker
        self.ruler: Ruler = speaker.ruler

    def say(self, message: Message) -> str:
        return self.speaker.say(message)

    def cloth(self, cloth: Cloth, layout: Layout) -> ClothLaidDoc:
        """A cloth with everything that lies on it."""
        faults = list(faults_of(layout.spots, cloth.task.by_id, cloth.task.ground_ids, cloth.task.gap))
        used = [ground for ground in cloth.task.grounds if self._shown(cloth, layout, ground)]
        new = sum(layout.length(cloth.task, ground.id) for ground in cloth.task.grounds if ground.id not in self.pile)
        taken = sum(self._taken(cloth, layout, ground) for ground in used)
        spots = {spot.cutout: spot for spot in layout.spots}
        cut = sum(one.area for one in cloth.task.cutouts if one.id in spots)
        whole = {ground.id for ground in used} <= {NEW}
        return {
            "key": cloth.key,
            "material": self.say(cloth.material),
            "what": cloth.what,
            "role": cloth.role,
            "role_text": self.say(msg(f"role.{cloth.role}")),
            "width": length_document(cloth.width, self.ruler),
            "folded": cloth.wish.fold,
            "directional": cloth.directional,
            "grain": cloth.grain,
            "stretches": cloth.stretches,
            "across": cloth.task.across,
            "fits": list(self._fitting(cloth)),
            "also": list(cloth.also),
            "grounds": [self.ground(cloth, layout, ground) for ground in used],
            "nowhere": [self.called(cloth.task.by_id[id]) for id in layout.left],
            "faults": [self.fault(fault, cloth) for fault in faults],
            # No shorter than what is told.
            "length": length_document(Grid(self.ruler.finest).round(new, "up"), self.ruler),
            "saves": length_document(max(0.0, cloth.rows - new) if whole else 0.0, self.ruler),
            "waste": round(max(0.0, 1 - cut / taken), 3) if taken else 0.0,
            "laid_across": cloth.grain and any(spot.angle in (90, 270) for spot in layout.spots),
        }

    def ground(self, cloth: Cloth, layout: Layout, ground: Ground) -> GroundLaidDoc:
        used = layout.length(cloth.task, ground.id)
        piled = self.pile.get(ground.id)
        length = used if ground.length is None else ground.length
        here = [spot for spot in layout.spots if spot.ground == ground.id]
        by_id = cloth.task.by_id
        outline = ground.outline or ((0.0, 0.0), (ground.width, 0.0), (ground.width, length), (0.0, length))
        return {
            "id": ground.id,
            "name": piled.name if piled else self.say(_new_name(ground.id)),
            "shaped": ground.outline is not None,
            "width": _n(ground.width),
            "length": _n(length),
            "outline": _points(outline),
            "holes": [_points(hole) for hole in ground.holes],
            "used": length_document(Grid(self.ruler.finest).round(used, "up"), self.ruler),
            "selvedge": 0.0 if ground.outline is not None else _n(_selvedge(cloth, ground, piled)),
            "laid": [self.laid(by_id[spot.cutout], spot, cloth) for spot in here],
            "left": [
                {
                    "box": [_n(v) for v in box],
                    "text": self.say(msg("lay.left", width=box[2] - box[0], length=box[3] - box[1])),
                }
                for box in left_over(cloth, layout, ground)
            ],
        }

    def laid(self, one: Cutout, spot: Spot, cloth: Cloth) -> LaidPieceDoc:
        shape = spot.shape(one)
        x0, y0, x1, y1 = shape.bounds
        notes = [msg("laid.through")] if one.through else []
        if one.on_fold:
            notes.append(msg("laid.on-fold"))
        if one.flipped:
            notes.append(msg("laid.flipped"))
        if one.part is not None:
            notes.append(msg("laid.part", number=one.part + 1))
        if one.slanted:
            notes.append(msg("laid.slanted"))
        elif cloth.grain and spot.angle in (90, 270):
            notes.append(msg("laid.across"))
        return {
            "id": one.id,
            "letter": self.piece_letter(one),
            "name": self.called(one),
            "make": self.makes[one.make.rsplit(".", 1)[0]].name,
            "outline": _points(list(shape.exterior.coords)[:-1]),
            "windows": [_points(window) for window in self._windows(one, spot)],
            "x": _n(spot.x),
            "y": _n(spot.y),
            "width": _n(x1 - x0),
            "height": _n(y1 - y0),
            "room": _n(2 * shape.area / shape.length),
            "slant": _slant(list(shape.exterior.coords)) if one.slanted else 0,
            "angle": spot.angle,
            "pinned": spot.pinned,
            "turns": len(cloth.task.angles(one)) > 1,
            "note": "; ".join(self.say(note) for note in notes),
        }

    def _fitting(self, cloth: Cloth) -> Iterator[FittingDoc]:
        """What of the pile is of this cloth, and which pieces each takes, one by one."""
        for piled in self.pile.values():
            if piled.what != cloth.what or piled.length <= 0:
                continue
            takes = [one for one in cloth.task.cutouts if fits_on(one.outline, cloth.task.angles(one), piled.ground)]
            if takes:
                yield {"id": piled.id, "letters": sorted({self.piece_letter(one) for one in takes})}

    def _windows(self, one: Cutout, spot: Spot) -> Iterator[Sequence[Point]]:
        """Where its motif area lies on the cloth: there a print is cut out for."""
        if one.part is not None or one.on_fold or one.slanted:
            return
        draft = self.makes[one.make.rsplit(".", 1)[0]].draft
        piece = next(piece for piece in draft.pieces if piece.id == one.piece)
        role = piece.cuts[one.cut].role
        for mark in piece.marks:
            if mark.kind != "zone" or not _motif_area(mark) or (mark.role or role) != role:
                continue
            x0, y0, x1, y1 = bounds(mark.path)
            box = [(x0, y0), (x1, y0), (x1, y1), (x0, y1)]
            wide = one.size[0]
            at = [(x - one.low[0], y - one.low[1]) for x, y in box]
            yield _placed([(wide - x, y) for x, y in at] if one.flipped else at, one, spot)

    def fault(self, fault: Fault, cloth: Cloth) -> LayFaultDoc:
        by_id = cloth.task.by_id
        other = by_id[fault.other] if fault.other else None
        said = {"piece": self.called(by_id[fault.cutout])} | ({"other": self.called(other)} if other else {})
        ids = [fault.cutout, *([fault.other] if fault.other else [])]
        return {"pieces": ids, "text": self.say(msg(f"lay-fault.{fault.kind}", **said))}

    def called(self, one: Cutout) -> str:
        """A piece by its letter and name, and the make it is of where there are several."""
        make = self.makes[one.make.rsplit(".", 1)[0]]
        piece = next(piece for piece in make.draft.pieces if piece.id == one.piece)
        told = msg("thing", piece=piece.name, letter=piece.letter)
        return self.say(msg("laid.of", piece=told, make=make.name) if len(self.makes) > 1 else told)

    def piece_letter(self, one: Cutout) -> str:
        make = self.makes[one.make.rsplit(".", 1)[0]]
        return next(piece.letter for piece in make.draft.pieces if piece.id == one.piece)

    def plan(self, plan: CutPlan) -> CutPlanDoc:
        return {
            "cloth": plan.cloth.key,
            "title": self.say(msg("cut-plan.title", material=plan.cloth.material, role=msg(f"role.{plan.cloth.role}"))),
            "notes": [self.say(note) for note in plan.notes],
            "lines": [self._line(line) for line in plan.lines],
        }

    def _line(self, line: CutLine) -> CutLineDoc:
        """As fine as the make's own steps tell it, where it is told on the same ruler."""
        own = self.makes[line.id.partition("/")[0]].draft.ruler
        speaker = self.speaker
        if own.unit == self.ruler.unit:
            speaker = Speaker(replace(self.ruler, mark=own.mark, kept=own.kept), speaker.language)
        width, height = line.piece.size_for(line.cut)
        return {
            "id": line.id,
            "letter": line.piece.letter,
            "name": self.say(line.piece.name),
            "make": line.make,
            "count": line.count,
            "text": speaker.say(msg("cut-plan.line", count=line.count, width=width, height=height)),
            "how": [speaker.say(how) for how in line.how],
            "wait": None
            if line.wait is None
            else self.say(msg("cut-plan.wait", number=line.wait.number, step=line.wait.title)),
        }

    def late(self, late: LateCut) -> str:
        return self.say(msg("cut-plan.late", make=late.make, number=late.number, step=late.title))

    def buying(self, row: Buying) -> BuyingDoc:
        cloth = row.width is not None
        return {
            "id": row.id,
            "what": row.what,
            "kind": "cloth" if cloth else row.told,
            "name": self.say(self._bought_name(row)),
            "role": self.say(msg(f"role.{row.role}")) if cloth else "",
            "buy": self.amount(row, row.buy) if row.buy else "",
            "exact": self.amount(row, row.exact) if row.exact else "",
            "have": self.amount(row, row.have) if row.have else "",
            "enough": row.buy <= 0,
            "notes": [self.say(note) for note in row.notes],
            "sums": [{"label": self.say(part.label), "amount": self.amount(row, part.amount)} for part in row.sums],
            "makes": list(row.makes),
            "left": self.amount(row, row.left) if row.left > 1e-6 and row.buy else "",
            "price": "" if row.price is None else self.money(row.price),
            "pack": "" if row.pack is None else self.packed(row),
            "cost": "" if row.cost is None else self.money(row.cost),
        }

    def costs(self, rows: Sequence[Buying], laid: Sequence[tuple[Cloth, Layout]]) -> Iterator[CostDoc]:
        """What each make costs: of each cloth its share of what is cut from it, of each notion its share of what is used."""
        shares = {f"cloth {cloth.key}": _shares(cloth) for cloth, _ in laid}
        for make in self.makes.values():
            cost, lacks = 0.0, []
            for row in rows:
                if make.name not in row.makes:
                    continue
                if row.used is None:
                    lacks.append(self.say(self._bought_name(row)))
                    continue
                share = shares.get(row.id)
                part = row.shares.get(make.key, 0.0) if share is None else share.get(make.key, 0.0)
                cost += row.used * part
            yield {
                "make": make.name,
                "count": make.count,
                "cost": self.money(cost),
                "each": self.money(cost / make.count),
                "lacks": lacks,
            }

    def total(self, rows: Sequence[Buying]) -> str:
        """What all of it costs, as far as prices are told."""
        known = [row.cost for row in rows if row.cost is not None]
        return self.money(sum(known)) if known else ""

    def money(self, value: float) -> str:
        """So much money, in whatever the maker reckons in."""
        return f"{value:.2f}".replace(".", self.ruler.decimal)

    def packed(self, row: Buying) -> str:
        """How much is sold together, as it is typed."""
        pack = row.pack or 0.0
        return self.ruler.sold(pack) if row.told == "length" else f"{pack:g}"

    def _bought_name(self, row: Buying) -> Message:
        if row.quarter:
            return msg("shopping.quarter", material=row.name, across=row.quarter[0], along=row.quarter[1])
        if row.size is not None:
            return msg("shopping.sized", name=row.name, size=row.size)
        return row.name if row.width is None else msg("shopping.wide", material=row.name, width=row.width)

    def amount(self, row: Buying, value: float) -> str:
        """So much of it: a length as it is sold, how many, or how heavy."""
        match row.told:
            case "count":
                return f"{value:g}"
            case "grams":
                return self.say(msg("unit.g", number=str(round(value))))
        # Finer than a millimetre nothing is measured off in a shop.
        return self.ruler.sold(value if self.ruler.unit == "in" else float(round(value)))

    def _shown(self, cloth: Cloth, layout: Layout, ground: Ground) -> bool:
        """New cloth is shown where something lies on it; of the pile everything chosen."""
        return ground.id in self.pile or layout.length(cloth.task, ground.id) > 0

    def _taken(self, cloth: Cloth, layout: Layout, ground: Ground) -> float:
        used = layout.length(cloth.task, ground.id)
        if not used:
            return 0.0
        if ground.outline is not None:
            return ground.area
        return ground.width * used * (2.0 if cloth.wish.fold else 1.0)


def left_over(cloth: Cloth, layout: Layout, ground: Ground) -> Iterator[Box]:
    """Rectangles that nothing is cut from, large enough to name, the largest first: of a scrap anywhere in it, of a roll in the length that is taken."""
    used = layout.length(cloth.task, ground.id)
    if ground.outline is None:
        whole: Box = (0.0, 0.0, ground.width, used)
        taken: list[Box] = []
    else:
        x0, y0, x1, y1 = shapely.Polygon(ground.outline).bounds
        whole = (x0, y0, x1, y1)
        taken = list(_outside(ground))
    by_id = cloth.task.by_id
    taken += [spot.shape(by_id[spot.cutout]).bounds for spot in layout.spots if spot.ground == ground.id]
    for _ in range(LEFT_MOST):
        found = largest_clear(whole, taken, 0.0, LEFT_LEAST)
        if found is None:
            return
        taken.append(found)
        yield found


# A scrap's outline is looked at in so many strips for what is left of it.
_STRIPS = 24


def _outside(ground: Ground) -> Iterator[Box]:
    """Boxes that cover what of a scrap's surrounding rectangle cannot be cut from."""
    x0, y0, x1, y1 = shapely.Polygon(ground.outline).bounds
    gone = shapely.box(x0, y0, x1, y1).difference(ground.shape)
    high = (y1 - y0) / _STRIPS
    for nth in range(_STRIPS):
        low = y0 + nth * high
        part = gone.intersection(shapely.box(x0, low, x1, low + high))
        for piece in getattr(part, "geoms", [part]):
            if piece.geom_type == "Polygon" and piece.area > 1.0:
                yield piece.bounds


def _shares(cloth: Cloth) -> dict[str, float]:
    """Which share of what is cut from a cloth each make takes, by area."""
    found: dict[str, float] = {}
    for one in cloth.task.cutouts:
        key = one.make.rsplit(".", 1)[0]
        found[key] = found.get(key, 0.0) + one.area
    whole = sum(found.values())
    return {key: area / whole for key, area in found.items()}


def _motif_area(mark: Mark) -> bool:
    return mark.label.id == "mark.motif"


def _placed(points: Sequence[Point], one: Cutout, spot: Spot) -> list[Point]:
    """Points of an upright cutout where they lie on the cloth."""
    wide, high = one.size
    turned: dict[Angle, list[Point]] = {
        0: [(x, y) for x, y in points],
        90: [(high - y, x) for x, y in points],
        180: [(wide - x, high - y) for x, y in points],
        270: [(y, wide - x) for x, y in points],
    }
    return [(x + spot.x, y + spot.y) for x, y in turned[spot.angle]]


def _selvedge(cloth: Cloth, ground: Ground, piled: Piled | None) -> float:
    width = piled.width if piled else cloth.width
    if ground.id not in (NEW,) and piled is None:
        return 0.0
    return width / 2 - ground.width if cloth.wish.fold else (width - ground.width) / 2


def _new_name(id: str) -> Message:
    return msg("lay.new") if id == NEW else msg("lay.quarter", number=int(id.rsplit(".", 1)[1]))


def _points(points: Sequence[Point]) -> list[list[float]]:
    return [[_n(x), _n(y)] for x, y in points]


def _n(value: float) -> float:
    return round(value, 3) + 0.0


def _slant(ring: Sequence[Point]) -> int:
    """Which way the longest side of an outline runs up: to the right (1) or to the left (-1)."""
    (x0, y0), (x1, y1) = max(pairwise(ring), key=lambda ends: math.dist(*ends))
    return 1 if (x1 - x0) * (y1 - y0) > 0 else -1
