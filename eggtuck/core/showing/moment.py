"""How a make stands before an operation: what is sewn, what lies on what, what is inside out."""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Mapping, Sequence
from contextlib import contextmanager
from dataclasses import replace
from itertools import chain
from typing import cast

from ..making.operation import Operation
from ..making.sewn import Copied
from ..making.telling import Teller
from ..materials import BACKING, Stack
from ..pattern import Draft, EdgeUse, Facet, Hem, Piece, Role, Seam
from ..pattern.picture import Frame
from .flat import Placed, SeamIn, Table
from .parts import turned_down
from .space import Key, Surface


class Moment:
    """A make on the way, as its pictures need to know it."""

    def __init__(self, draft: Draft, stack: Stack) -> None:
        self.draft, self.stack = draft, stack
        self.teller = Teller(draft.pieces, draft.notch_numbers, stack, draft.seams)
        self.sewn = self.teller.sewn
        self.done: list[SeamIn] = []
        # What has been put on the wrong side of a piece in one cloth by now: the uppermost.
        self.covered: dict[tuple[str, Role | None], Role] = {}
        self.hems: Mapping[str, Hem] = {hem.id: hem for hem in draft.hems}
        self.hemmed: set[EdgeUse] = set()
        # Whether the outer hangs in the lining, each closed before they were joined.
        self.nested = False
        self.open: set[str] = set()
        # Seams sewn face to face that nothing has turned since.
        self.unturned: set[tuple[str, Role]] = set()
        # Those that have been turned: their allowances lie between.
        self.turned: set[tuple[str, Role]] = set()
        # Copies that are larger than their outline till they are cut to it (mm).
        self.larger = {(piece.id, copy): mm for piece in draft.pieces for copy, mm in piece.larger.items() if mm}
        # Whether anything has been sewn, and what each part is sewn to.
        self.begun = False
        self.hosts: dict[str, set[str]] = {}
        # Parts that are on by now, and what the seams looked like when they were sewn.
        self.on: set[str] = set()
        # Parts that hang on an edge by their foot, and where.
        self.tacked: dict[str, tuple[EdgeUse, float]] = {}
        self.seams: list[Frame] = []
        self.by_id: Mapping[str, Piece] = self.teller.by_id
        # Parts that hang from the edge they are tacked to, till all is turned.
        self.hanging: frozenset[str] = frozenset()
        self._surfaces: dict[tuple[bool, frozenset[str]], Surface] = {}

    @property
    def table(self) -> Table:
        return Table(self.sewn, self.done, self.by_id)

    def hang(self, done: Operation) -> None:
        """What an operation tacks to an edge to stand up from it hangs from it."""
        if done.hangs:
            self.hanging |= {id for id in done.pieces if id in self.by_id and self.is_part(id)}

    def go_on(self, done: Operation) -> None:
        """Does an operation."""
        if done.cuts == "outline":
            for copy in done.single:
                self.larger.pop(copy, None)
            # What was cut otherwise is from now on as it is sewn.
            as_sewn = {id: replace(self.by_id[id], cut_as=None) for id in done.pieces if not done.single}
            self.by_id = {**self.by_id, **as_sewn}
        self.nested = self.nested or any(self._puts_in(seam, done.layers_of(seam)[0]) for seam in done.seams)
        self.done += [(seam, layer) for seam in done.seams for layer in done.layers_of(seam)]
        self.teller.go_on(done)
        self.open |= {done.gap.id} if done.gap is not None else set()
        self.open = set() if done.closes else self.open
        if done.faces is not None and done.faces.id != "faces.wrong-together" and not done.stays:
            self.unturned |= {(seam.id, layer) for seam in done.seams for layer in done.layers_of(seam)}
        if done.turns:
            self._turn(done)
        if "whole" in done.turns:
            self.hanging = frozenset()
        self.begun = self.begun or bool(done.seams or (done.hems and done.kind == "sew"))
        for part in done.pieces if done.kind in ("sew", "finish") else ():
            self.hosts.setdefault(part, set()).update(set(done.pieces) - {part})
        if len(done.tacks) == 1:
            self.tacked |= {id: done.tacks[0] for id in done.pieces if id in self.by_id and self.is_part(id)}
        self.on |= set(done.pieces) if done.kind in ("sew", "finish") else set()
        self.hemmed |= {use for id in done.hems if id in self.hems for use in self.hems[id].edges}
        on = done.layer in BACKING and done.kind == "prepare"
        laid = cast(Role | None, done.layer if on else done.lays)
        for id in done.pieces if laid is not None else ():
            for cut in self.by_id[id].cuts if id in self.by_id else ():
                if cut.role == laid and cut.on is not None:
                    self.covered[id, cut.on] = laid

    def _puts_in(self, seam: Seam, layer: Role) -> bool:
        a, b = self.sewn.copies(seam, layer)
        bodies = [self.body(side[0]) for side in (a, b)]
        shut = all(any(self.sewn.shut(copy) for copy in body) for body in bodies)
        return (
            shut
            and not set(bodies[0]) & set(bodies[1])
            and bool(set(self.shown(bodies[0])) & set(self.shown(bodies[1])))
        )

    def unturned_copies(self) -> set[Copied]:
        """What was sewn face to face and has not been turned since."""
        found: set[Copied] = set(self.teller.wrong_out)
        for seam, layer in self.done:
            if (seam.id, layer) in self.unturned:
                a, b = self.sewn.copies(seam, layer)
                found |= {copy for copy in (*a, *b) if copy[2] is not None}
        return found

    @contextmanager
    def after(self, done: Operation) -> Iterator[None]:
        """As it will look when it has been turned."""
        kept = self.unturned, self.turned, self.teller.wrong_out
        self._turn(done)
        whole = "whole" in done.turns
        self.teller.wrong_out = {copy for copy in kept[2] if not whole and copy[2] not in done.turns}
        yield
        self.unturned, self.turned, self.teller.wrong_out = kept

    def _turn(self, done: Operation) -> None:
        whole = "whole" in done.turns
        turned = {(id, layer) for id, layer in self.unturned if whole or layer in done.turns}
        self.unturned, self.turned = self.unturned - turned, self.turned | turned

    def body(self, copy: Copied) -> tuple[Copied, ...]:
        """What hangs together with a copy, itself alone where it is in no seam yet."""
        return self.sewn.with_(copy) or (copy,)

    def in_hand(self, copy: Copied, layer: str | None = None) -> tuple[Copied, ...]:
        """What of a body is worked on: outer and lining that hang from one zip lie on each other, and one of them is folded away."""
        body = self.body(copy)
        hang = {
            use.piece
            for seam, sewn in self.done
            if not set(body).isdisjoint(chain(*self.sewn.copies(seam, sewn)))
            for use in (*seam.a, *seam.b)
            if self.by_id[use.piece].own_cloths == ()
        }
        if not hang or not any(c[2] == "lining" for c in body) or not any(c[2] == "outer" for c in body):
            return body
        kept = "lining" if layer == "lining" or (layer is None and copy[2] == "lining") else "outer"
        return tuple(c for c in body if c[2] != {"lining": "outer", "outer": "lining"}[kept])

    def wrong_out(self, copies: Sequence[Copied]) -> bool:
        """Whether any of them is seen from its wrong side."""
        return any(copy in self.teller.wrong_out for copy in copies)

    def flat(self, copy: Copied, layer: str | None = None) -> list[Placed] | None:
        """The body of a copy as it lies on the table: opened out, or as it was sewn with its outside up; None where it does not lie flat."""
        table = self.table
        opened = table.laid(copy, only=self.in_hand(copy, layer))
        if opened is not None:
            return list(opened.values())
        body = self.body(copy)
        # What lies outside, before what is of another cloth and may lie within.
        worn = [c for c in body if c[2] not in ("lining", None)]
        first = next(iter(sorted(worn, key=lambda c: c[2] != "outer")), copy)
        stacked = table.laid(first, stacked=True)
        if stacked is None:
            return None
        top = max(p.level for p in stacked.values())
        out = not any(
            (s.id, layer) in self.unturned for s, layer in self.done if set(self.sewn.copies(s, layer)[0]) & set(body)
        )
        # The first was laid down right side up, with the others on it: turned over it is on top.
        return [
            Placed(p.copy, p.lies, (p.up == out) if p.level == 0 else (p.up != out), top - p.level)
            for p in stacked.values()
        ]

    # In space -------------------------------------------------------------------------------------------------

    def surface(self, base_up: bool = False) -> Surface:
        """The finished surface as it is seen."""
        key = base_up, self.hanging
        if key not in self._surfaces:
            solid = self.draft.solid
            named = {c.piece: self.by_id[c.piece].copies[0] for c in solid.carried if c.piece in self.by_id}
            parts = [
                Facet(c.piece, named[c.piece], (), loop)
                for c in solid.carried
                if c.piece in named
                for loop in (turned_down(c.loops, solid) if c.piece in self.hanging else c.loops)
            ]
            self._surfaces[key] = Surface((*solid.facets, *parts), base_up)
        return self._surfaces[key]

    def is_part(self, id: str) -> bool:
        """Whether a piece is sewn on by itself: it is none of the form's own surface, and lies in no seam."""
        if any(facet.piece == id.removesuffix("-lining") for facet in self.draft.solid.facets):
            return False
        return not any(use.piece == id for seam in self.draft.seams for use in (*seam.a, *seam.b))

    def shown(self, copies: Iterable[Copied]) -> dict[Key, Copied]:
        """Which part of the sewn surface each copy is."""
        found: dict[Key, Copied] = {}
        # What lies where another hangs that is here too is not what is seen of it.
        for own in (True, False):
            for id, copy, role in copies:
                key = self.key(id, copy)
                if key is not None and (key[0] == id) is own:
                    found.setdefault(key, (id, copy, role))
        return found

    def key(self, piece: str, copy: str) -> Key | None:
        """What the sewn surface calls a copy: a lining of its own hangs as its outer does, and two that lie on each other are one."""
        names = (piece, piece.removesuffix("-lining"))
        there = self.surface().keys
        return next((key for name in names for key in ((name, copy), (name, "whole")) if key in there), None)
