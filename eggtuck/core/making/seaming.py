"""How an operation that sews is told: how things lie, where the seams run, what is left open, their ends, what they cross."""

from __future__ import annotations

import math
from collections.abc import Collection, Hashable, Iterator, Mapping, Sequence
from itertools import pairwise
from types import MappingProxyType
from typing import TypeVar

from ..pattern import EdgeUse, Gap, Piece, Role, StepLine
from ..pattern.mates import Notch, meeting_notches
from ..pattern.walk import Leg, legs
from ..plane import Segment
from ..shop import OVERLAP, PIVOT
from ..words import Message, Param, msg
from .closed_edges import gap_on_closed
from .marking import end_name, measured_from, raw_beyond
from .naming import each_thing, halved, has_number, in_turn, taken_in_hand, thing_name, worked_on
from .operation import Operation
from .pressing import Heat
from .sewn import Copied, End, Passage, Sewn

_T = TypeVar("_T")
# A step names so many crossed seams one by one.
_NAMED = 4


class Seaming:
    """One operation that sews seams, as things stand in ``sewn``; ``pressed`` tells by id how earlier seams were pressed, ``zip_ends`` how the
    zip ends where its end comes to a seam, ``over`` is what was tacked there and lies in it now. ``eased`` tells by id of seams whose sides
    differ by how much, and whether the cloth takes it; ``begun`` which copies were worked on by themselves before."""

    def __init__(
        self,
        done: Operation,
        sewn: Sewn,
        pressed: Mapping[str, str],
        numbers: Mapping[Notch, int],
        zip_ends: str = "",
        over: Sequence[Message] = (),
        eased: Mapping[str, tuple[float, bool]] = MappingProxyType({}),
        begun: Collection[Copied] = (),
        paired: Collection[str] = (),
    ) -> None:
        self.done, self.sewn, self.pressed, self.numbers = done, sewn, pressed, numbers
        self.zip_ends = zip_ends
        self.over = tuple(over)
        self.eased = eased
        self.begun, self.paired = begun, paired
        self.layer: Role = done.layers_of(done.seams[0])[0]
        self.by_id = {piece.id: piece for piece in sewn.pieces}
        self.ways = tuple(sewn.passage(seam, self.layer) for seam in done.seams)

    @property
    def copies(self) -> tuple[Copied, ...]:
        """Every copy it takes in hand."""
        found: dict[Copied, None] = {}
        for seam in self.done.seams:
            for layer in self.done.layers_of(seam):
                found |= dict.fromkeys(copy for side in self.sewn.copies(seam, layer) for copy in side)
                found |= dict.fromkeys(self.sewn.copy(use, layer) for use in seam.caught)
        return tuple(found)

    def lines(self, heat: Heat) -> Iterator[StepLine]:
        """Every sentence but what is kept clear."""
        done = self.done
        lays = [*self._take(), done.lay] if done.lay is not None else [*self._lays(), *self._between()]
        yield from (StepLine("lay", text) for text in lays)
        yield from (StepLine("lay", text) for text in self._notches())
        yield from (StepLine("lay", text) for text in self._longer())
        yield from (StepLine("do", text) for text in done.how)
        yield from (StepLine("do", text) for text in self._paths())
        yield from (StepLine("do", text) for text in self._pivots())
        yield from (StepLine("do", text) for text in done.during)
        if done.gap is not None:
            yield StepLine("open", self.open_text(done.gap))
        yield from (StepLine("ends", text) for text in self._ends())
        yield from (StepLine("bulk", text) for text in self._bulk())
        if done.press is not None:
            yield StepLine("press", heat.said(done.press))
        yield from (StepLine("do", text) for text in done.then)
        if done.press is not None or done.irons:
            yield from heat.lines()

    def short(self, heat: Heat) -> Iterator[Message]:
        """The same in a few words: what, where from and to, and every number."""
        ways = [] if self.done.along is not None else self._named_ways()
        for way in _once([way for _, way in ways]):
            yield msg("short.way", seams=tuple(_once([name for name, other in ways if other == way])), way=way)
        if self.done.along is not None:
            yield self.done.along
        if self.done.allowance is not None:
            yield msg("short.allowance", allowance=self.done.allowance)
        if self.done.faces is not None:
            yield msg("short.faces", faces=self.done.faces)
        yield from self._longer()
        if self.done.gap is not None:
            yield self.open_text(self.done.gap)
        if self.done.press is not None:
            yield heat.shortly(self.done.press)
        yield from (text for text in (*self.done.how, *self.done.during, *self.done.then) if has_number(text))

    # How things lie --------------------------------------------------------------------------------

    def _name(self, copies: tuple[Copied, ...]) -> Message | tuple[Message, ...]:
        """What the copies on one side are called; of a piece whose copies lie apart, one in each seam of these, each."""
        names = _once(
            [
                msg("thing.each" if self._apart(id, role) else "thing.the", thing=thing_name(self.by_id[id], role))
                for id, _, role in copies
            ]
        )
        return names[0] if len(names) == 1 else tuple(names)

    def _apart(self, id: str, role: Role | None) -> bool:
        """Whether several copies of a piece are sewn, each in a seam of its own, or that do not hang together yet."""
        copies = [copy for copy in self.copies if copy[0] == id and copy[2] == role]
        if len(copies) < 2:
            return False
        sides = ([*a, *b] for seam in self.done.seams for a, b in [self.sewn.copies(seam, self.layer)])
        alone = all(sum(copy in copies for copy in side) < 2 for side in sides)
        return alone or len({self.sewn.body(copy) for copy in copies}) == len(copies)

    def _edges(self, side: tuple[EdgeUse, ...]) -> Message | tuple[Message, ...]:
        """What the edges of a side are called; a tape has none that a maker would look for."""
        cloth = [use for use in side if self.sewn.role(use, self.layer) is not None] or list(side)
        names = _once([self.by_id[use.piece].by_key[use.key].name for use in cloth])
        return names[0] if len(names) == 1 else tuple(names)

    def _take(self) -> list[Message]:
        """What is taken in hand, where how it lies does not tell it by name and letter; of what hangs together what is sewn."""
        bodies: dict[tuple[str, Role | None], dict[Copied, Hashable]] = {}
        # Of what was sewn in twos one of both tells of them.
        copies = [c for c in self.copies if c[0] not in self.paired or c[1] in halved(self.by_id[c[0]])]
        for copy in copies:
            bodies.setdefault((copy[0], copy[2]), {})[copy] = self.sewn.body(copy)
        # Copies that are one by now are not taken one by one.
        one = {key for key, of in bodies.items() if len(of) > 1 and len(set(of.values())) == 1}
        if one and len({body for of in bodies.values() for body in of.values()}) == 1:
            return worked_on(self.by_id, [next(iter(of)) for of in bodies.values()])
        joined = {copy[:2] for key in one for copy in bodies[key]}
        return taken_in_hand(self.by_id, copies, joined, dict.fromkeys(self.begun, True), self.paired)

    def _between(self) -> list[Message]:
        """What lies between the two sides and is caught with them."""
        uses = [(use, layer) for seam in self.done.seams for layer in self.done.layers_of(seam) for use in seam.caught]
        copies = [copy for use, layer in uses if (copy := self.sewn.copy(use, layer))[2] is not None]
        things = _once(
            [each_thing(self.by_id[id], role, id in self.paired) for id, _, role in copies if role is not None]
        )
        return [msg("lay.between", things=tuple(things))] if things else []

    def _lays(self) -> list[Message]:
        """How the sides of each seam are laid; those of the same pieces are told together."""
        told = [self._lay(way) for way in self.ways]
        found = []
        for one in _once([{**text.params, "id": text.id, "edges": ()} for text, _ in told]):
            edges = _once([e for text, e in told if {**text.params, "id": text.id, "edges": ()} == one])
            text = next(text for text, e in told if e in edges and {**text.params, "id": text.id, "edges": ()} == one)
            found.append(msg(text.id, **{**text.params, "edges": in_turn(edges)}))
        return found

    def _lay(self, way: Passage) -> tuple[Message, Message]:
        """How the two sides of a seam come together, and which edges lie on which."""
        seam = way.seam
        a, b = (tuple(c for c in side if c[2] is not None) for side in self.sewn.copies(seam, self.layer))
        faces = self.done.faces or msg("faces.right-together")
        say: dict[str, Param] = {"faces": faces}
        on, under = self._edges(seam.a), self._edges(seam.b)
        what, other = self._name(a), self._name(b)
        if _is_each(other) and not _is_each(what):
            what, other, on, under = other, what, under, on
        alike = isinstance(on, tuple) and on == under
        edges = msg("lay.edges-alike") if alike else msg("lay.edges", a=on, b=under)
        if not a or not b:
            return msg("lay.tape", what=self._name(a or b), **say), edges
        if _is_each(what):
            other = _one_of_each(other)
        if way.round:
            return msg("lay.round", what=what, other=other, **say), edges
        if a == b and len(a) == 1:
            return msg("lay.fold", what=self._name(a), **say), edges
        if len(a) == len(b) == 1 and a[0][0] == b[0][0] and a[0][2] == b[0][2]:
            piece = self.by_id[a[0][0]]
            say |= {"piece": piece.name, "letter": piece.letter}
            if len(piece.own_cloths) > 1:
                return msg("lay.pair-of", role=msg(f"role.{a[0][2]}"), **say), edges
            return msg("lay.pair", **say), edges
        return msg("lay.on", what=what, other=other, **say), edges

    def _notches(self) -> list[Message]:
        """Which notches meet on the way, by their numbers; what they meet on a zip has none."""
        met: dict[bool, set[int]] = {False: set(), True: set()}
        for seam in self.done.seams:
            for one, other in meeting_notches(self._pieces((*seam.a, *seam.b, *seam.caught)), seam):
                bare = any(not self.by_id[id].cuts and self.by_id[id].sewn_up is None for id, _ in (one, other))
                met[bare].add(self.numbers[one])
        met[False] -= met[True]
        found = []
        for bare, numbers in met.items():
            say: dict[str, Param] = {
                "count": len(numbers),
                "numbers": tuple(msg("number", number=n) for n in sorted(numbers)),
            }
            if bare:
                say["onto"] = self.done.onto or msg("lay.zip-line")
            found += [msg("lay.notches-onto" if bare else "lay.notches", **say)] if numbers else []
        return found

    def _longer(self) -> list[Message]:
        """Which of two cloths is the longer where they are sewn together, and what becomes of it. A binding is made to length: it is tried
        on before."""
        found: list[Message] = []
        for seam in self.done.seams:
            if "binding" in seam.layers:
                continue
            off, takes = self.eased.get(seam.id, (0.0, True))
            a, b = (tuple(c for c in side if c[2] is not None) for side in self.sewn.copies(seam, self.layer))
            names = (self._name(a), self._name(b)) if a and b else ((), ())
            if off and names[0] != names[1]:
                longer = names[0 if seam.difference > 0 else 1]
                found.append(msg("lay.longer-eased" if takes else "lay.longer", what=longer, off=off))
        return _once(found)

    def _pieces(self, side: tuple[EdgeUse, ...]) -> list[Piece]:
        return [self.by_id[id] for id in dict.fromkeys(use.piece for use in side)]

    # Where it runs -----------------------------------------------------------------------------------

    def _paths(self) -> list[Message]:
        """From where to where, at which allowance. Seams that run alike are told together."""
        if self.done.along is not None:
            return [self.done.along]
        found = []
        ways = self._named_ways()
        for way_text in _once([text for _, text in ways]):
            names = _once([name for name, text in ways if text == way_text])
            said: dict[str, Param] = {"seams": tuple(names), "way": way_text, "count": len(names)}
            if self.done.allowance is None:
                found.append(msg("sew.way", **said))
            else:
                found.append(msg("sew.at", allowance=self.done.allowance, **said))
        return found

    def _named_ways(self) -> list[tuple[Message, Message]]:
        """Each seam by name, and its way. Two that run alike are sewn in the same direction."""
        found: list[tuple[Message, Message]] = []
        for way in self.ways:
            text = self._way(way)
            back = msg("way.from-to", start=text.params.get("end", ""), end=text.params.get("start", ""))
            found.append((way.seam.name, back if any(back == other for _, other in found) else text))
        return found

    def _way(self, way: Passage) -> Message:
        gap = self.done.gap
        if way.round and gap is not None and gap.seam == way.seam.id:
            return msg("way.round-gap")
        if way.round:
            beside = next(iter(way.crossed), None)
            if beside is None:
                return msg("way.round", overlap=float(OVERLAP))
            return msg("way.round-beside", seam=beside.name, overlap=float(OVERLAP))
        start, end = self._end(way.start), self._end(way.end)
        if start is None or end is None:
            return msg("way.ends")
        if start == end:
            # Both ends of one thing, or two that are called alike.
            return msg("way.along" if way.start == way.end else "way.between", end=end)
        return msg("way.from-to", start=start, end=end)

    @staticmethod
    def _end(end: End) -> Message | None:
        if end.tape:
            return msg("end.zip")
        if end.seam is not None:
            return end.seam.name
        if end.whole is not None:
            return end.whole
        if end.edge is not None and end.edge.key.startswith("box"):
            return msg("end.corner")
        return end.edge.name if end.edge is not None else None

    def _pivots(self) -> list[Message]:
        """Corners on the way, where it is sewn round them in one go."""
        if self.done.along is not None:
            return []
        count = sum(_corners(legs(self._pieces(way.seam.a), way.seam.a), way.round) for way in self.ways)
        return [msg("sew.pivot", count=count)] if count else []

    def open_text(self, gap: Gap) -> Message:
        """Where the gap is, measured as the cloth lies now: from a raw edge while there is one, else from the seam that took it."""
        use = gap.edges[0]
        say: dict[str, Param] = {"gap": gap.length}
        if gap.chain:
            # Which of the edges that follow one another it begins on.
            gone = 0.0
            for use in gap.edges:
                length = self.by_id[use.piece].by_key[use.key].length
                if gap.start < gone + length - 1e-6:
                    break
                gone += length
            if gap.end > gone + length + 1e-6:
                return msg("open.marked", edge=self._of_layer(use, gap.layer), **say)
            start, end = gap.start - gone, gap.end - gone
        else:
            start, end = gap.start, gap.end
        piece = self.by_id[use.piece]
        edge = piece.by_key[use.key]
        name = self._of_layer(use, gap.layer)
        where = gap_on_closed(piece, start, end, self.numbers) if len(piece.edges) == 1 else None
        if where is not None:
            return msg("open.round", edge=name, where=where, **say)
        if len(piece.edges) == 1 or edge.internal:
            return msg("open.marked", edge=name, **say)
        beside, from_end = measured_from(piece, edge)
        if from_end:
            start, end = edge.length - end, edge.length - start
        seam = self.sewn.taken(self.sewn.copy(use, self.layer), beside.key)
        if seam is not None:
            return msg("open.from", edge=name, start=start, end=end, place=msg("open.seam", seam=seam.name), **say)
        more = raw_beyond(edge, beside, from_end)
        place = msg("open.raw" if more else "open.corner", edge=end_name(beside, piece, edge, from_end))
        return msg("open.from", edge=name, start=start + more, end=end + more, place=place, **say)

    def _of_layer(self, use: EdgeUse, layer: Role) -> Message:
        """An edge by its name, and of which cloth where one pass goes over both."""
        edge = self.by_id[use.piece].by_key[use.key]
        if self.done.layer == "both":
            return msg("open.layer", role=msg(f"role.{layer}"), edge=edge.name)
        return edge.name

    # Ends and crossings --------------------------------------------------------------------------------

    def _ends(self) -> list[Message]:
        over = [msg("ends.over", things=self.over)] if self.over else []
        if self.done.ends is not None:
            return [self.done.ends, *over]
        found = []
        if any(not way.round for way in self.ways):
            found.append(msg("ends.gap" if self.done.gap is not None else "ends.back"))
        elif self.done.gap is not None:
            found.append(msg("ends.gap-only"))
        # The stops of a zip of exactly the length lie beside the seam: nothing of it is sewn over.
        if self.at_zip and self.zip_ends != "plain":
            found.append(msg(f"ends.{self.zip_ends}"))
        return found + over

    @property
    def at_zip(self) -> bool:
        """Whether it runs across the end of a zip, not along it; a lining that hangs by itself passes beside the tape."""
        sides = (side for seam in self.done.seams for side in (seam.a, seam.b) if len(side) > 1)
        return self.done.layer != "lining" and any(use.piece == "zip" for side in sides for use in side)

    @property
    def near_metal(self) -> bool:
        """Whether it passes teeth or stops, where no tab keeps them out of it."""
        return self.at_zip and self.zip_ends != "fabric-tabs"

    def _bulk(self) -> list[Message]:
        if self.done.hand:
            return []
        crossed = _once([seam for way in self.ways for seam in way.crossed if seam not in self.done.seams])
        # Along a fold no new allowance lies over the old ones.
        folded = self.done.along is not None and self.done.along.id.startswith("along.edge")
        kinds: dict[str, list[Message]] = {}
        for seam in crossed:
            opened = self.pressed.get(seam.id) == "press.open"
            names = kinds.setdefault(("folded" if folded else "open") if opened else "side", [])
            if seam.name not in names:
                names.append(seam.name)
        return [
            msg(f"bulk.{how}", seams=tuple(names), count=len(names))
            if len(names) <= _NAMED
            else msg(f"bulk.{how}-every")
            for how, names in kinds.items()
        ]


def _meets(p: tuple[float, float], q: tuple[float, float]) -> bool:
    return math.dist(p, q) < 0.01


def _corners(run: list[Leg], around: bool) -> int:
    """How many corners a run has on one copy, within its edges and between those that follow one another on it; all the way ``around`` with
    the one it begins at."""
    count = sum(_turns(leg.edge.path, around and len(run) == 1) for leg in run)
    for one, two in [*pairwise(run), *([(run[-1], run[0])] if around and len(run) > 1 else [])]:
        if (one.use.piece, one.use.copy) != (two.use.piece, two.use.copy):
            continue
        if not _meets(one.at(one.end), two.at(two.start)):
            continue
        p, q = one.at(max(one.start, one.end - 1.0)), one.at(one.end)
        r = two.at(min(two.end, two.start + 1.0))
        turn = math.atan2(r[1] - q[1], r[0] - q[0]) - math.atan2(q[1] - p[1], q[0] - p[0])
        turn = abs((turn + math.pi) % (2 * math.pi) - math.pi)
        count += math.degrees(turn) > PIVOT
    return count


def _turns(path: Sequence[Segment], around: bool) -> int:
    """How many corners lie on an edge itself; on one that is closed with that where it begins."""
    ways = [(s.tangent(), s.tangent(at_end=True)) for s in path]
    closed = around and _meets(path[-1].end, path[0].start)
    pairs = [*pairwise(ways), *([(ways[-1], ways[0])] if closed else [])]
    turns = (math.atan2(u[0] * v[1] - u[1] * v[0], u[0] * v[0] + u[1] * v[1]) for (_, u), (v, _) in pairs)
    return sum(math.degrees(abs(turn)) > PIVOT for turn in turns)


def _is_each(name: Message | tuple[Message, ...]) -> bool:
    return isinstance(name, Message) and name.id == "thing.each"


def _one_of_each(name: Message | tuple[Message, ...]) -> Message | tuple[Message, ...]:
    """What each of several is sewn to: of each of these one."""
    if isinstance(name, tuple):
        return tuple(msg("thing.one", **one.params) if _is_each(one) else one for one in name)
    return msg("thing.one", **name.params) if _is_each(name) else name


def _once(every: list[_T]) -> list[_T]:
    """Each the first time it comes; equal messages are one."""
    found: list[_T] = []
    for item in every:
        if item not in found:
            found.append(item)
    return found
