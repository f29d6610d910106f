"""What is cut and what is joined: the pieces of a make, its seams, hems and gaps."""

from __future__ import annotations

from collections.abc import Iterable, Mapping, Sequence
from dataclasses import replace
from string import ascii_uppercase

from ...checks.turning import gap_check
from ...lay.laying import takes_bias
from ...lengths import Grid
from ...making.setting import cloths_of
from ...materials import Material
from ...moves.bag_marks import gap_marks
from ...moves.outliner import edge_word
from ...pattern import Check, Copy, Cut, Edge, EdgeUse, Gap, Hem, Mark, Need, Piece, Role, Seam
from ...pattern.piece import Fold
from ...plane import Segment
from ...words import msg
from ..backing import backed as backed_cuts
from ..backing import check_outlines, turned_halves
from ..description import LengthInput, Option
from ..gaps import open_sides, settle_gap, straight_stretch
from ..spec import Spec, lining_keys
from .sizes import Sizes

_FIRST = ascii_uppercase[0]


def _letter(number: int) -> str:
    """A to Z, then AA to ZZ."""
    again, last = divmod(number, 26)
    return (ascii_uppercase[again - 1] if again else "") + ascii_uppercase[last]


class Pieces(Sizes):
    """The pieces and what sews them together, in the order they are made."""

    def __init__(
        self, spec: Spec, inputs: Sequence[LengthInput], allowances: Sequence[str], options: Sequence[Option] = ()
    ) -> None:
        super().__init__(spec, inputs, allowances, options)
        self.pieces: list[Piece] = []
        self.seams: list[Seam] = []
        self.hems: list[Hem] = []
        self.gaps: list[Gap] = []
        self.checks: list[Check] = []
        self.needs: list[Need] = []
        # Pieces that are joined, quilted or trimmed first, before anything is laid on them.
        self.laid: set[str] = set()
        # Pieces that are trimmed to what they are sewn to: what is at their edges waits for it.
        self.trimmed: set[str] = set()
        # How much larger all round each cloth is cut for quilting (mm).
        self.quilting: dict[Role, float] = spec.stack.quilting
        # Cloths that something is cut from where they are told, and from the outer where they are not.
        self.wanted: set[Role] = set()
        # How the zip ends, where there is one.
        self.zip_ends = ""
        # What lies on a piece that is its backing.
        self.tops: dict[str, tuple[str, ...]] = {}
        # The lining lies flat on the outer, both sewn as one cloth.
        self.flat_lined = self.lined and spec.options.get("joined") == "as-one"

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
    def apart(self) -> bool:
        """Whether the lining is cut from patterns of its own: smaller, or with allowances of its own."""
        spec = self.spec
        keys = (key.removeprefix("lining-") for key in self.lining_allowances)
        return self.turn > 0 or any(spec.seam_allowance(k, lining=True) != spec.seam_allowance(k) for k in keys)

    @property
    def lining_allowances(self) -> tuple[str, ...]:
        """The kinds of edges at which a lining that hangs by itself may have allowances of its own, where it can be cut from patterns of its own."""
        return lining_keys(self.allowances, self.spec.options, self.spec.traits) if self.hung else ()

    @property
    def cloths(self) -> tuple[Role, ...]:
        """The cloths cut from the outer's own pattern and sewn alike."""
        return ("outer", "lining") if self.hung and not self.apart else ("outer",)

    def cuts(self, count: int) -> list[Cut]:
        """``count`` of the outer, and of a lining cut alike or laid flat on it."""
        flat = [Cut("lining", count, on="outer")] if self.flat_lined else []
        return [*(Cut(role, count) for role in self.cloths), *flat]

    def role(self, wanted: Role, otherwise: Role = "outer") -> Role:
        """The role wanted, if there is a cloth for it, else the other. Where it is wanted it is asked for."""
        self.wanted.add(wanted)
        return wanted if self.spec.stack.of(wanted) else otherwise

    @property
    def thickness(self) -> float:
        """Of everything that is turned through the gap (mm)."""
        return self.spec.stack.total

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
        all_cuts = backed_cuts(self.spec, id, edges, cuts, backed)
        shape = edges, all_cuts, tuple(lines), tuple(marks), tuple(folds), cut_as
        made = Piece(id, letter, name, *shape, join_loss, tuple(copies), backed)
        if bias:
            made = replace(made, bias=takes_bias(made, self.spec.stack, Grid(self.spec.step)))
        check_outlines(self.spec, made)
        made = turned_halves(made)
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
        start, end = settled.between(lead, self.spec)
        # Of a chain the middle may lie on a later edge than the first, of the same piece and against the same.
        sides = open_sides(seam, edges, (start + end) / 2, "lining", lambda use: self.edge(use).length)
        gap = Gap("gap", seam.id, tuple(edges), start, end, "lining", chain, sides)
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

    @property
    def wall(self) -> Piece:
        """The first piece by letter, which reaches the rim of a bag."""
        for piece in self.pieces:
            if piece.letter == _FIRST:
                return piece
        return min(self.pieces, key=lambda piece: (len(piece.letter), piece.letter))

    def own_cloth(self, use: EdgeUse) -> bool:
        """Whether an edge is of cloth that is cut for it, not of a tape, a sheet or a mesh that does not fray."""
        return any(material.frays for material in self.cloths_of(use.piece))

    def cloths_of(self, *pieces: str) -> tuple[Material, ...]:
        """The cloths these pieces are cut from, a lining that lies flat on the outer with them; not what stiffens or pads them."""
        found = (layer.material for id in pieces for layer in cloths_of(self.piece_of(id), self.spec.stack))
        return tuple(dict.fromkeys(found))

    def mark_on(self, piece: str, mark: Mark) -> None:
        """A mark on a piece already made."""
        old = self.piece_of(piece)
        waits = piece in self.laid or (piece in self.trimmed and mark.kind == "point")
        mark = replace(mark, late=True) if waits else mark
        self.pieces[self.pieces.index(old)] = old.with_marks(mark)

    def cut_larger(self, piece: str, copy: Copy, over: float) -> None:
        """Cuts one copy of a piece so much larger all round (mm), to be trimmed when something has been worked on it."""
        old = self.piece_of(piece)
        larger = {**old.larger, copy: max(over, old.larger.get(copy, 0.0))}
        self.pieces[self.pieces.index(old)] = replace(old, larger=larger)

    def _length(self, uses: Iterable[EdgeUse]) -> float:
        return sum(self.edge(use).length for use in uses)
