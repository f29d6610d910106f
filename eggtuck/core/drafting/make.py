"""A draft being put together: what every form does alike, so that a form reads like a recipe."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Mapping, Sequence
from dataclasses import replace
from functools import cache, cached_property
from string import ascii_uppercase
from typing import Any, cast

from ..checks.asked import child_checks, keep_checks, wet_checks
from ..checks.cautions import caution_checks
from ..checks.cloth import cloth_checks, print_checks, quilting_checks, stand_check
from ..checks.cutting import outline_checks, rounding_check
from ..checks.offered import keep_offers
from ..checks.seams import allowance_checks, seam_checks
from ..checks.turning import gap_check
from ..lay.laying import lay_cloths, takes_bias
from ..lay.needs import as_sold, cloth_needs, thread_need
from ..lengths import Grid, RoundingWay
from ..making import (
    Centring,
    Habits,
    Look,
    Manner,
    Order,
    arranged,
    backings,
    habit_checks,
    habit_counts,
    has_middles,
    held,
    hold,
    reckon_minutes,
    sections,
    slip_in,
    tell_steps,
    thick_seams,
)
from ..materials import Stack
from ..moves.bag_marks import gap_marks
from ..moves.carried import Loop, Sewn
from ..moves.outliner import edge_word
from ..pattern import (
    Carried,
    Chain,
    Check,
    Copy,
    Cut,
    Draft,
    Edge,
    EdgeUse,
    Facet,
    Fix,
    Gap,
    Hem,
    InputState,
    Mark,
    Need,
    Piece,
    Role,
    Seam,
    Solid,
    Span,
    SpecError,
)
from ..pattern.grip import Grip
from ..pattern.lay import Lay
from ..pattern.piece import Fold
from ..plane import OffsetError, Segment
from ..shop import EDGE_STITCH, EQUAL
from ..showing import show_steps
from ..words import Message, Param, msg
from .asking import allowance_states, input_state, usual_bow
from .backing import backed as backed_cuts
from .backing import check_outlines, rule_checks, usual_inset
from .description import EDGE, LengthInput, Option
from .gaps import settle_gap, straight_stretch
from .grain import with_grain
from .hosts import Host
from .judging import (
    assumed_checks,
    idle_options,
    pattern_check,
    slack_checks,
    thick_check,
    unused_allowances,
    unused_layers,
    wide_checks,
)
from .spec import Spec
from .zones import Zone

_WAYS: Mapping[str, RoundingWay] = {"at-least": "up", "at-most": "down"}


def _said(label: str) -> str:
    """What the number in a button's label is called."""
    return {
        "ease": "ease",
        "ease-width": "ease",
        "ease-height": "ease",
        "gap": "gap",
        "channel": "channel",
        "flap": "flap",
        "opening": "opening",
        "regular": "height",
        "side-allowance": "allowance",
        "base-depth": "depth",
        "base-diameter": "diameter",
        "girth": "girth",
        "base-girth": "girth",
        "neck-girth": "girth",
        "binding": "length",
        "elastic": "length",
        "wider": "width",
        "cord-width": "width",
        "zip-length": "length",
        "tie": "tie",
        "raise-wall": "wall",
        "mat-width": "width",
        "mat-height": "height",
        "pocket-height": "height",
    }[label]


_FIRST = ascii_uppercase[0]


def _letter(number: int) -> str:
    """A to Z, then AA to ZZ."""
    again, last = divmod(number, 26)
    return (ascii_uppercase[again - 1] if again else "") + ascii_uppercase[last]


class Make:
    """Collects pieces, seams, sums and sentences of one make, and gives the draft.

    ``allowances`` are the keys the form's edges carry; ``inputs`` its description's.
    """

    def __init__(
        self, spec: Spec, inputs: Sequence[LengthInput], allowances: Sequence[str], options: Sequence[Option] = ()
    ) -> None:
        self.spec = spec
        self.offered = {option.id: option.choices for option in options}
        self.allowances = tuple(allowances)
        self.described = {item.field: item for item in inputs}
        self.finished: dict[str, float | None] = {}
        self.sums: dict[str, Chain] = {}
        self.pieces: list[Piece] = []
        self.seams: list[Seam] = []
        self.hems: list[Hem] = []
        self.gaps: list[Gap] = []
        self.checks: list[Check] = []
        self.needs: list[Need] = []
        self.facets: list[Facet] = []
        self.drawings: list[Callable[[], None]] = []
        self.spans: list[Span] = []
        # What it carries: the piece, and how it lies in space once the form does.
        self.carried: list[tuple[str, Callable[[Sewn], tuple[Loop, ...]]]] = []
        self.states: list[InputState] = list(spec.thing.inputs(spec.typed)) if spec.thing else []
        # Options that make no difference here.
        self.idle: set[str] = set()
        frays = any(layer.material.frays for layer in spec.stack.layers if layer.role in ("outer", "lining"))
        both_show = spec.options.get("shows") == "both"
        self.edge_stitch = spec.size.get("edge_stitch", spec.ruler.usual(EDGE_STITCH))
        self.heated = spec.options.get("use") == "microwave"
        self.habits = Habits(*(spec.options[name] for name in ("marks_with", "held_with", "thread_of")))
        self.by_hand = spec.options["sewn_by"] == "hand"
        holding = self.habits.holding(spec.stack)
        manner = Manner(
            "hand" if both_show or self.by_hand else spec.options.get("closing", "hand"),
            both_show,
            msg(f"hem.{spec.options.get('edges', 'overcast') if frays else 'raw'}"),
            held(holding),
            hold(holding),
            msg(f"thread.{self.habits.spun(self.heated)}"),
            spec.options["press_first"] == "creased",
            cast(Centring, spec.options["centring"]),
            self.edge_stitch,
        )
        self.order = Order(manner)
        # Steps of the parts it carries, done while everything is flat.
        self.part_steps = Order(manner)
        # What is sewn on when all else is done.
        self.last_steps = Order(manner)
        # What lies on pieces that are joined, quilted or trimmed first, and these pieces.
        self.laid_steps = Order(manner)
        self.laid: set[str] = set()
        # Pieces that are trimmed to what they are sewn to: what is at their edges waits for it.
        self.trimmed: set[str] = set()
        # What is worked on cloth that is trimmed to its outline afterwards, and marked then.
        self.worked_steps = Order(manner)
        # What is sewn along an upper edge that darts cut up until they are sewn.
        self.rim_steps = Order(manner)
        # What lies where on the piece that carries the parts, and how long its top runs round a bag that has one (mm).
        self._zones: dict[tuple[str, Copy, bool, Role | None], list[Zone]] = {}
        # Where parts may lie, and where the one that is being added does where that was chosen.
        self.hosts: tuple[Host, ...] = ()
        self.hosting: Host | None = None
        self.grips: list[Grip] = []
        self.around: float | None = None
        self.soft = False
        # How much larger all round each cloth is cut for quilting (mm).
        self.quilting: dict[Role, float] = spec.stack.quilting
        # What lies on a piece that is its backing.
        self.tops: dict[str, tuple[str, ...]] = {}
        # How raw edges that show are finished; None where none show.
        self.finishing: str | None = None
        # Which pieces that is for, where it is not for all of them.
        self.finished_pieces: tuple[str, ...] = ()
        # The lining lies flat on the outer, both sewn as one cloth.
        self.flat_lined = self.lined and spec.options.get("joined") == "as-one"
        self._made: dict[str, float] = {}

    def ask(
        self,
        name: str,
        proposed: Chain | float | None = None,
        *,
        low: float | None = None,
        high: float | None = None,
        added: float | None = None,
        share: float = 1.0,
        finished: bool = True,
        way: RoundingWay | None = None,
    ) -> float:
        """A size as the maker gave it, else as proposed, within ``low`` and ``high`` (mm).

        With ``added`` it is moved so that what is cut, ``share * size + added``, lies on the maker's ruler: up
        for sizes that are at least, down for those at most, else to the nearest mark, or the ``way`` told. Raises `SpecError`.
        """
        item = self.described[f"size.{name}"]
        given = self.spec.size.get(name)
        if isinstance(proposed, (int, float)) and not item.count:
            proposed = self.spec.ruler.usual(proposed)
        start = Chain.start(msg("sum.usual"), proposed) if isinstance(proposed, (int, float)) else proposed
        if given is None and start is None:
            raise SpecError.of(item.field, msg("problem.size-missing", label=item.label))
        chain = start if given is None else Chain.start(msg("sum.given"), given)
        assert chain is not None
        least, most = (item.low if low is None else low), (item.high if high is None else high)
        if not least - 1e-9 <= chain.total <= most + 1e-9:
            told: dict[str, Param] = {"label": item.label, "value": chain.total, "low": least, "high": most}
            key = "problem.range-here" if most > least else "problem.no-room"
            raise SpecError.of(item.field, msg(key, **told))
        if added is not None:
            asked = chain.total
            chain = self.on_ruler(chain, added, share, way or _WAYS.get(item.direction, "nearest"))
            if given is not None:
                self._made[name] = chain.total
            if not least - 1e-9 <= chain.total <= most + 1e-9:
                chain = Chain.start(msg("sum.given"), asked)
        if finished:
            self.size(name, chain)
        self.input(item.field, chain.total, start.total if start else None, low, high)
        return chain.total

    def on_ruler(self, chain: Chain, added: float, share: float = 1.0, way: RoundingWay = "nearest") -> Chain:
        """The size whose cut, ``share * size + added``, lies on the maker's ruler."""
        cut = share * chain.total + added
        if share < 0:
            way = {"up": "down", "down": "up"}.get(way, way)  # type: ignore[assignment]
        gain = (self.spec.grid.round(cut, way) - cut) / share
        if abs(chain.total + gain) < 1e-9:
            # Nothing is nothing: an arc of next to no radius has no middle.
            gain = -chain.total
        return chain if abs(gain) < 1e-9 else chain.plus(msg("sum.rounding-gain"), gain)

    def fit_cut(self, name: str, value: float, cut: Callable[[float], float]) -> float:
        """A size whose ``cut`` (mm) on a slanted or stepped outline follows no plain sum, moved until what is cut lies on the ruler.
        The size is left where it cannot."""
        start, now, slope = value, value, 1.0
        try:
            made = cut(now)
            for _ in range(24):
                off = self.spec.grid.round(made) - made
                if abs(off) < 1e-7:
                    break
                # Along the secant: what is cut grows by no plain share of the size.
                step = off / slope
                before, made = made, cut(now + step)
                now += step
                slope = min(4.0, max(0.25, (made - before) / step))
            else:
                return start
        except OffsetError:
            return start
        self.moved(name, start, now)
        return now

    def moved(self, name: str, before: float, after: float) -> None:
        """A size that was asked already and went on to a mark of the ruler: its sum, its input and what is told of it follow."""
        if abs(after - before) <= 1e-9:
            return
        self.size(name, self.sums[f"finished.{name}"].plus(msg("sum.rounding-gain"), after - before))
        self.settled(name, after)
        at = next(i for i, state in enumerate(self.states) if state.field == f"size.{name}")
        self.states[at] = replace(self.states[at], value=after)

    def settled(self, name: str, value: float) -> None:
        """What became of a size on the ruler, so that a given one that changed is told."""
        if name in self.spec.size:
            self._made[name] = value

    def option(self, name: str) -> str:
        """The choice made; by hand where all is."""
        chosen = self.spec.options[name]
        if self.by_hand and chosen in ("machine", "hand") and name != "sewn_by":
            self.idle.add(name)
            return "hand"
        return chosen

    def choices(self, name: str) -> tuple[str, ...]:
        """What can be chosen for an option of this form."""
        return self.offered.get(name, ())

    def allowance(self, key: str, lining: bool = False) -> float:
        return self.spec.seam_allowance(key, lining)

    @property
    def lined(self) -> bool:
        """True when there is a lining among the layers."""
        return self.spec.stack.of("lining") is not None

    @property
    def hung(self) -> bool:
        """True when a lining hangs inside by itself, joined to the outer at an edge."""
        return self.lined and not self.flat_lined

    @property
    def turn(self) -> float:
        """How much thinner than the outer the lining hangs (mm): 0 when it is cut as the outer."""
        reduced = self.hung and self.spec.options.get("lining") == "reduced"
        return self.spec.stack.between if reduced else 0.0

    @property
    def cloths(self) -> tuple[Role, ...]:
        """The cloths cut from the outer's own pattern and sewn alike."""
        return ("outer", "lining") if self.hung and not self.turn else ("outer",)

    def cuts(self, count: int) -> list[Cut]:
        """``count`` of the outer, and of a lining cut alike or laid flat on it."""
        flat = [Cut("lining", count, on="outer")] if self.flat_lined else []
        return [*(Cut(role, count) for role in self.cloths), *flat]

    def role(self, wanted: Role) -> Role:
        """The role wanted, if there is a cloth for it, else the outer."""
        return wanted if self.spec.stack.of(wanted) else "outer"

    def size(self, name: str, chain: Chain | float) -> float:
        """A finished size; as a chain it can be opened."""
        if isinstance(chain, Chain):
            self.sums[f"finished.{name}"] = chain
            chain = chain.total
        self.finished[name] = chain
        return chain

    def input(
        self, field: str, value: float, proposed: float | None, low: float | None = None, high: float | None = None
    ) -> None:
        """The state of a length the maker may give."""
        self.states.append(input_state(self.spec, self.described[field], value, proposed, low, high))

    def piece(
        self,
        id: str,
        letter: str,
        edges: Iterable[Edge],
        cuts: Sequence[Cut],
        marks: Sequence[Mark] = (),
        folds: Sequence[Fold] = (),
        lines: Sequence[Edge] = (),
        cut_as: tuple[Segment, ...] | None = None,
        join_loss: float | None = None,
        copies: Sequence[Copy] = (),
        backed: bool = False,
        bias: bool = False,
    ) -> Piece:
        """A piece whose outlines can be made; without a letter it takes the next. Its copies are numbered where they have no names. One that
        is usually ``backed`` takes interfacing and padding by their rules; any other where the maker asks for it. One that goes round a curve is cut on the ``bias``, where its cloth
        can be. Raises `SpecError` when an
        allowance swallows an edge, or a rule leaves nothing."""
        letter = letter or _letter(len(self.pieces))
        name = msg(f"piece.{edge_word(id)}")
        count = max((cut.count for cut in cuts if cut.on is None), default=1)
        copies = copies or tuple(str(nth + 1) for nth in range(count)) if count > 1 else ("whole",)
        edges = tuple(edges)
        outline = tuple(segment for edge in edges for segment in edge.path)
        all_cuts = backed_cuts(self.spec, id, outline, cuts, backed)
        shape = edges, all_cuts, tuple(lines), tuple(marks), tuple(folds), cut_as
        made = Piece(id, letter, name, *shape, join_loss, tuple(copies), backed)
        if bias:
            made = replace(made, bias=takes_bias(made, self.spec.stack, Grid(self.spec.step)))
        check_outlines(self.spec, made)
        self.pieces.append(made)
        return made

    def seam(
        self,
        id: str,
        a: Sequence[EdgeUse],
        b: Sequence[EdgeUse],
        allowance: float,
        layers: tuple[Role, ...],
        wording: str | None = None,
        caught: Sequence[EdgeUse] = (),
        mate: Sequence[str] = (),
        set_back: bool = False,
        as_one: bool = False,
    ) -> Seam:
        """A seam between edges of pieces already made."""
        words = wording or id
        number = next((int(part) for part in words.split("-") if part.isdigit()), None)
        said = f"seam.{edge_word(words)}"
        name = msg(said) if number is None else msg(said, number=number)
        lengths = self._length(a), self._length(b)
        sides = tuple(a), tuple(b)
        seam = Seam(id, name, *sides, *lengths, allowance, layers, tuple(caught), tuple(mate), set_back, as_one)
        self.seams.append(seam)
        return seam

    def seams_apart(
        self,
        id: str,
        pairs: Sequence[tuple[EdgeUse, tuple[EdgeUse, ...]]],
        layers: tuple[Role, ...],
        wording: str,
        caught: Mapping[str, Sequence[EdgeUse]] | None = None,
    ) -> list[Seam]:
        """Edges that follow one another, each with what it is sewn to: one seam where they all carry one allowance, else one for each
        stretch of one. What is ``caught`` between is told by the name of the edge it lies at."""
        stretches: list[list[tuple[EdgeUse, tuple[EdgeUse, ...]]]] = []
        for pair in pairs:
            if stretches and abs(self._allowance_of(stretches[-1]) - self.edge(pair[0]).allowance) < 1e-6:
                stretches[-1].append(pair)
            else:
                stretches.append([pair])
        found: list[Seam] = []
        for nth, group in enumerate(stretches):
            allowance = self._allowance_of(group)
            first = abs(allowance - self._allowance_of(stretches[0])) < 1e-6
            words = wording if len(stretches) == 1 else f"{wording}-{'first' if first else 'other'}"
            one, other = [a for a, _ in group], [use for _, b in group for use in b]
            name = f"{id}-{one[0].key}" if nth else id
            between = [use for edge in one for use in (caught or {}).get(edge.key, ())]
            found.append(self.seam(name, one, other, allowance, layers, words, between))
        return found

    def _allowance_of(self, pairs: Sequence[tuple[EdgeUse, tuple[EdgeUse, ...]]]) -> float:
        return self.edge(pairs[0][0]).allowance

    def hem(self, id: str, edges: Sequence[EdgeUse], depth: float) -> None:
        self.hems.append(Hem(id, msg(f"seam.{edge_word(id)}"), tuple(edges), depth))

    def draw(self, drawing: Callable[..., None], *sizes: Any) -> None:
        """What lays the pieces in space, as it is called with this make and ``sizes`` when somebody asks to see them: fitting, checks and
        steps have no use for it."""
        self.drawings.append(lambda: drawing(self, *sizes))

    @cached_property
    def solid(self) -> Solid:
        """The sewn form in space."""
        for draw in self.drawings:
            draw()
        return Solid(tuple(self.facets), tuple(self.spans), self.soft, self.carried_on)

    @property
    def host(self) -> Piece:
        """The piece that a part is placed on: the one chosen for it, else the first by letter."""
        return self.wall if self.hosting is None else self.piece_of(self.hosting.piece)

    @property
    def wall(self) -> Piece:
        """The first piece by letter, which reaches the rim of a bag."""
        for piece in self.pieces:
            if piece.letter == _FIRST:
                return piece
        return min(self.pieces, key=lambda piece: (len(piece.letter), piece.letter))

    @property
    def host_copy(self) -> Copy:
        """Which copy of that piece it is placed on."""
        chosen = self.hosting.copy if self.hosting is not None else ""
        return chosen if chosen in self.host.copies else self.host.copies[0]

    @property
    def on_one(self) -> tuple[tuple[str, Copy], ...]:
        """That piece, as the one copy that is worked on."""
        return ((self.host.id, self.host_copy),)

    def zones_on(self, piece: str, role: Role | None) -> list[Zone]:
        """What lies on one cloth of that copy, or of the half of it, so far."""
        half = self.hosting is not None and self.hosting.back
        return self._zones.setdefault((piece, self.host_copy, half, role), [])

    @property
    def zones(self) -> list[Zone]:
        """What lies on the host so far."""
        return self.zones_on(self.host.id, self.host_role)

    @property
    def host_role(self) -> Role | None:
        """The cloth of the host that what it carries is marked on: the outer, where it has one."""
        return "outer" if any(cut.role == "outer" for cut in self.host.cuts) else None

    def carry(self, piece: str, shown: Callable[[Sewn], tuple[Loop, ...]]) -> None:
        """Something to be drawn on the sewn form: ``shown`` gives its polygons, from the sewn form."""
        self.carried.append((piece, shown))

    def carried_on(self, facets: tuple[Facet, ...]) -> tuple[Carried, ...]:
        """Everything carried, as it lies on these facets."""
        sewn = Sewn(facets)
        every = (Carried(piece, shown(sewn)) for piece, shown in self.carried)
        return tuple(carried for carried in every if carried.loops)

    @property
    def behind(self) -> tuple[Piece, Role | None]:
        """What hangs behind the host: its lining, on a pattern of its own or cut alike; the host itself where none does."""
        host = self.host
        twin = next((piece for piece in self.pieces if piece.id == f"{host.id}-lining"), None)
        if twin is not None:
            return twin, "lining"
        hung = any(cut.role == "lining" and cut.on is None for cut in host.cuts)
        return host, "lining" if hung else self.host_role

    def mark_host(self, mark: Mark) -> None:
        """A mark on the piece that carries the parts."""
        self.mark_on(self.host.id, mark)

    def mark_on(self, piece: str, mark: Mark) -> None:
        """A mark on a piece already made."""
        old = self.piece_of(piece)
        waits = piece in self.laid or (piece in self.trimmed and mark.kind == "point")
        mark = replace(mark, late=True) if waits else mark
        self.pieces[self.pieces.index(old)] = old.with_marks(mark)

    def edge(self, use: EdgeUse) -> Edge:
        """An edge of a piece already made. Raises KeyError."""
        return self.piece_of(use.piece).by_key[use.key]

    def each(self, piece: Piece, *keys: str) -> list[EdgeUse]:
        """The edges with these names, or all, on every copy of a piece."""
        named = keys or tuple(edge.key for edge in piece.edges)
        return [EdgeUse(piece.id, key, copy) for copy in piece.copies for key in named]

    def piece_of(self, id: str) -> Piece:
        """A piece already made. Raises StopIteration."""
        return next(piece for piece in self.pieces if piece.id == id)

    def own_cloth(self, use: EdgeUse) -> bool:
        """Whether an edge is of cloth that is cut for it, not of a tape, a sheet or a mesh that does not fray."""
        roles = self.piece_of(use.piece).own_cloths
        return any(layer.material.frays for role in roles for layer in self.spec.stack.all(role))

    def gap(
        self,
        seam: Seam,
        edges: Sequence[EdgeUse],
        girth: float,
        *,
        usable: float | None = None,
        lead: float = 0.0,
        chain: bool = False,
    ) -> Gap:
        """A turning gap in the lining, in the middle of ``usable`` mm of ``edges`` of a seam that begin ``lead`` mm along, or of all of
        them, big enough for a make ``girth`` mm round; it lies on a straight stretch where there is one. Its marks go on the pieces
        that carry it. With ``chain`` the edges follow one another, else they lie on each other. Raises `SpecError`."""
        run = edges if chain else edges[:1]
        usable = self._length(run) if usable is None else usable
        path = [s for use in run for s in self.edge(use).path]
        lead, usable = straight_stretch(path, lead, lead + usable)
        settled = settle_gap(self.spec, usable, girth, self.thickness)
        self.input("size.gap", settled.length, settled.proposed, None, usable)
        gap = Gap("gap", seam.id, tuple(edges), *settled.between(lead, self.spec), "lining", chain)
        self.gaps.append(gap)
        self.checks.append(gap_check(gap, usable, settled, None))
        for i, piece in enumerate(self.pieces):
            carried = {use.key: piece.by_key[use.key] for use in edges if use.piece == piece.id}
            if carried:
                copies = {use.copy for use in edges if use.piece == piece.id}
                alike = sum(cut.count for cut in piece.cuts if cut.role == gap.layer)
                marks = gap_marks(carried.values(), gap, one=alike > len(copies))
                waits = piece.id in self.trimmed
                self.pieces[i] = piece.with_marks(*(replace(mark, late=waits) for mark in marks))
        return gap

    @property
    def thickness(self) -> float:
        """Of everything that is turned through the gap (mm)."""
        return self.spec.stack.total

    def fix(self, label: str, field: str, mm: float, way: RoundingWay = "nearest", **also: float) -> Fix:
        """A button that sets one length, on a mark of the maker's ruler; its label tells the same number."""
        value = self.spec.on_mark(mm, way)
        name = _said(label)
        return Fix(msg(f"fix.{label}", **{name: value}), {field: value, **also})

    def _label(self, size: str) -> Message:
        """What the form itself calls a size."""
        return self.described[f"size.{size}"].label

    def _length(self, uses: Iterable[EdgeUse]) -> float:
        return sum(self.edge(use).length for use in uses)

    def _as_outer(self) -> dict[str, Fix]:
        """For seams of a smaller lining with its outer: what makes both alike."""
        if not self.turn:
            return {}
        fix = Fix(msg("fix.lining-equal"), {"options.lining": "equal"})
        both = ("outer", "lining")
        return {seam.id: fix for seam in self.seams if set(both) <= set(seam.layers)}

    def _ask_edge(self) -> None:
        """Asks how far from the edge a topstitch runs, where one does."""
        said = (text for done in self.order.operations for text in (*done.how, *done.during, *done.then, done.along))
        if any(
            text is not None and self.edge_stitch in (text.params.get("edge"), text.params.get("distance"))
            for text in said
        ):
            usual = self.spec.ruler.usual(EDGE_STITCH)
            self.states.append(input_state(self.spec, EDGE, self.edge_stitch, usual))

    def cut_larger(self, piece: str, copy: Copy, over: float) -> None:
        """Cuts one copy of a piece so much larger all round (mm), to be trimmed when something has been worked on it."""
        old = self.piece_of(piece)
        larger = {**old.larger, copy: max(over, old.larger.get(copy, 0.0))}
        self.pieces[self.pieces.index(old)] = replace(old, larger=larger)

    def _put_in_worked(self) -> None:
        """What is worked before anything is marked, and the trimming after it."""
        for piece in self.pieces:
            for copy, over in piece.larger.items():
                say: dict[str, Param] = {"piece": piece.name, "letter": piece.letter, "over": over}
                look = Look(
                    msg("step.cut-to-outline.check"), causes=(msg("cause.drawn-in"),), remedy=msg("remedy.drawn-in")
                )
                self.worked_steps.add(
                    f"cut-to-outline-{piece.id}" + (f"-{copy}" if len(piece.larger) > 1 else ""),
                    "cut",
                    3,
                    "cut-to-outline",
                    say=say,
                    pieces=(piece.id,),
                    single=((piece.id, copy),),
                    layer=piece.own_cloths[0],
                    check=look,
                    cuts="outline",
                    why=msg("step.cut-to-outline.why"),
                    caution=msg("caution.blade"),
                )
        if any(done.kind == "sew" and not done.hand for done in self.worked_steps.operations):
            # The machine is set up before the first of them.
            at = self.order.at("set-up")
            self.worked_steps.operations[:0] = self.order.operations[at : at + 1]
            del self.order.operations[at : at + 1]
        self.order.put_in(self.order.at("cut") + 1, self.worked_steps)

    def _tag(self) -> None:
        """What is written on the tag of a gift: what it is of, and that the ribbon of its bow was left long, where it was."""
        cut = {cut.role for piece in self.pieces for cut in piece.cuts}
        of = {layer.material.id: layer.material.name for layer in self.spec.stack.layers if layer.role in cut}
        bows = [state.value for state in self.states if state.field.endswith(".bow")]
        tied = any(bow >= usual_bow(self.spec) - EQUAL for bow in bows)
        words = "tag-ribbon" if tied else "tag"
        self.order.add("tag", "finish", 2, words, say={"materials": tuple(of.values())}, why=msg("step.tag.why"))

    def _laid(self, stack: Stack) -> tuple[tuple[Lay, ...], tuple[Need, ...]]:
        """How the pieces lie on the cloths of a stack, and what there is to buy of these."""
        lost = 2 * self.spec.seam_allowance("default")
        lays = lay_cloths(self.pieces, stack, self.quilting, lost, Grid(self.spec.step))
        return lays, tuple(cloth_needs(lays, stack, self.spec.ruler))

    def draft(
        self,
        girth: float,
        ribbon: bool = False,
        fixes: Mapping[str, Fix] | None = None,
        blocking: frozenset[str] = frozenset(),
    ) -> Draft:
        """The draft, with the checks every form carries; ``girth`` is what is topstitched round the
        top (mm); a seam in ``blocking`` that cannot be eased stops the cutting."""
        spec = self.spec
        # After a cuff is turned out: before, it would end up under that, upside down.
        self.order.put_in(self.order.at("ends"), self.last_steps)
        self._put_in_worked()
        self._ask_edge()
        self.states += allowance_states(spec, self.allowances)
        checks = [*(spec.thing.checks() if spec.thing else []), *self.checks]
        checks += seam_checks(
            self.seams, self.pieces, spec.stack, spec.step, {**self._as_outer(), **(fixes or {})}, blocking
        )
        checks += slack_checks(spec, self.finished, self.spec.stack.inside)
        checks += allowance_checks(self.seams, self.pieces)
        checks += unused_allowances(spec, self.allowances)
        checks += assumed_checks(spec, self.states)
        checks += rule_checks(spec, self.pieces)
        checks += unused_layers(spec, self.pieces, self.needs)
        checks += wide_checks(spec, self.pieces)
        checks += pattern_check(spec, self.pieces)
        if not self.by_hand:
            checks += thick_check(spec, thick_seams(self.pieces, spec.stack, self.order.operations))
        checks += habit_checks(self.habits, spec.stack)
        checks += outline_checks(self.pieces)
        checks += rounding_check(spec.size, self._made, spec.grid, self._label)
        checks += caution_checks(spec.thing, ribbon)
        checks += cloth_checks(spec.traits.hot, spec.stack)
        if spec.traits.stands and spec.options.get("boxing") != "flat":
            high = 0.0 if spec.thing is None else spec.thing.height
            checks += stand_check(
                spec.stack, high, self.finished.get("wall_height") or self.finished.get("height") or 0.0
            )
        checks += child_checks(
            spec.options["user"], self.needs, self.pieces, any(c.id == "caution.filling" for c in checks)
        )
        checks += wet_checks(spec.options["holds"], spec.stack, self.needs, self.pieces)
        checks += keep_checks(spec.options.get("keeps", "nothing"), spec.stack)
        if not has_middles(self.pieces):
            self.idle.add("centring")
        elif spec.options["centring"] == "eye":
            checks.append(Check("marks.by-eye", "note", msg("check.by-eye"), msg("check.by-eye.text")))
        checks += quilting_checks(self.pieces, self.quilting, spec.on_mark)
        laid = cache(lambda: self._laid(spec.stack))
        lining = spec.stack.of("lining")
        if lining is not None and lining.directional:
            _, plain = self._laid(spec.stack.plain("lining"))
            checks += print_checks(spec.stack, laid()[1], plain)
        thread = thread_need(self.seams, self.hems, girth, self.habits.spun(self.heated), self.by_hand, self.heated)
        more = (*(as_sold(need, spec.ruler) for need in self.needs), thread)
        slip_in(self.order, self.pieces, spec.stack)
        if spec.options["user"] == "gift":
            self._tag()
        if self.by_hand:
            self.idle.add("closing")
        if not habit_counts(self.pieces, spec.stack):
            self.idle.add("marks_with")
        # Put in the order they are done when somebody asks for it.
        done = cache(lambda: arranged(self.order.operations, spec.stack, self.by_hand))
        arrowed = (with_grain(piece, spec.stack) for piece in self.pieces)
        pieces = tuple(sorted(arrowed, key=lambda piece: (len(piece.letter), piece.letter)))
        return Draft(
            form=spec.form,
            spec=spec.understood,
            ruler=spec.telling,
            language=spec.language,
            finished=self.finished,
            pieces=pieces,
            seams=tuple(self.seams),
            hems=tuple(self.hems),
            gaps=tuple(self.gaps),
            checks=tuple(keep_offers(checks, self.states, spec.taken_outer)),
            tell=lambda draft: tell_steps(done(), draft, spec.stack),
            reckon=lambda draft: reckon_minutes(done(), draft, spec.stack),
            show=lambda draft, steps: show_steps(done(), draft, spec.stack, steps),
            laying=lambda: (laid()[0], (*laid()[1], *more)),
            drawing=lambda: self.solid,
            sums=self.sums,
            inputs=tuple(self.states),
            object=spec.thing.view() if spec.thing else None,
            layered=lambda: (
                sections(pieces, spec.stack, self.order.operations, self.tops),
                backings(pieces, spec.stack, self.order.operations, usual_inset(spec)),
            ),
            grips=tuple(self.grips),
            hosts=tuple((host.piece, host.copy, host.name) for host in self.hosts),
            idle=frozenset(self.idle | idle_options(spec, self.flat_lined, bool(self.gaps))),
        )
