"""The state of a make on the way: what is sewn, what is inside out, what hangs loose, how the machine is set."""

from __future__ import annotations

from collections.abc import Iterable, Mapping, Sequence
from typing import cast

from ..materials import Stack
from ..pattern import Copy, EdgeUse, Hem, Piece, Role, Seam
from ..pattern.lay import Lay
from ..pattern.mates import Notch
from ..words import Message, msg
from .catching import Tacked, over, still_tacked, tacked_by
from .machine_set import MachineSet
from .operation import Operation
from .seaming import Seaming
from .sewn import Copied, Sewn

_INSIDE_OUT = ("faces.right-together", "faces.seam-on-seam")


class State:
    """What operations do to a make, one after the other."""

    def __init__(
        self,
        pieces: Iterable[Piece],
        numbers: Mapping[Notch, int],
        stack: Stack,
        seams: Sequence[Seam],
        options: Mapping[str, str] | None = None,
    ) -> None:
        self.pieces = tuple(pieces)
        self.seams = seams
        # How this maker works.
        self.by_hand = (options or {}).get("sewn_by") == "hand"
        self.habit = (options or {}).get("marks_with", "cloth")
        self.zip_ends = (options or {}).get("zip_ends", "")
        self.numbers = numbers
        self.by_id = {piece.id: piece for piece in self.pieces}
        self.stack = stack
        self.sewn = Sewn(self.pieces)
        self.machine = MachineSet()
        self.wrong_out: set[Copied] = set()
        # Single copies that something was done to while others of their piece lay about.
        self.begun: set[Copied] = set()
        # Pieces that hang together with others by other stitching than a seam.
        self.joined: set[tuple[str, Copy]] = set()
        # Pieces of which two copies each are one by now.
        self.paired: set[str] = set()
        # Edges that piping lies along, and in which cloth.
        self.piped: set[tuple[str, str, str | None]] = set()
        # What hangs loose, from which cloth and which pieces.
        self.loose: list[tuple[Message, str | None, tuple[str, ...]]] = []
        # What was tacked to an edge, and waits for its seam.
        self.tacked: list[Tacked] = []
        self.sewn_on: list[Message] = []
        # What is marked with where it is seen, and taken off again.
        self.drawn: set[str] = set()
        self.pressed: dict[str, str] = {}
        self.set_up: dict[str, object] = {}
        # What has been laid on the wrong side of pieces by now, a lining or padding.
        self.laid: set[tuple[str, str]] = set()
        # Edges overcast or pinked while the pieces are flat.
        self.finished: set[EdgeUse] = set()
        # What must never lie under the iron itself, and the pieces that carry it.
        self.guarded: list[tuple[Message, tuple[str, ...]]] = []
        # How pieces lie on their cloths.
        self.lays: tuple[Lay, ...] = ()
        self.hems: tuple[Hem, ...] = ()
        # Of seams whose sides differ by how much, and whether the cloth takes it.
        self.eased: Mapping[str, tuple[float, bool]] = {}
        self.heats: list[tuple[str, tuple[Message, ...]]] = []
        # Strips that are made by themselves, whenever there is time.
        self.aside: tuple[str, ...] = ()
        self._next: Seaming | None = None
        self._marks: tuple[Message, ...] | None = None

    @property
    def inside_out(self) -> bool:
        """Whether what is seen from outside is the wrong side."""
        return any(copy[2] != "lining" for copy in self.wrong_out)

    def go_on(self, done: Operation) -> None:
        """Does an operation without telling it."""
        self._sew(done)
        self._change(done)

    def _sew(self, done: Operation) -> None:
        for seam in done.seams:
            for each in done.layers_of(seam):
                self.sewn.sew(seam, each)

    def _change(self, done: Operation) -> None:
        self._next, self._marks = None, None
        self.tacked = still_tacked(self.tacked, done, self.hems)
        for seam in done.seams:
            if done.press is not None:
                self.pressed[seam.id] = done.press.id
            a, b = self.sewn.copies(seam, done.layers_of(seam)[0])
            body = self.sewn.with_((a or b)[0])
            faces = done.faces.id if done.faces is not None else ""
            if (
                not done.stays
                and self.sewn.closed((a or b)[0])
                and (faces in _INSIDE_OUT or self.wrong_out & set(body))
            ):
                self.wrong_out |= set(body)
        if done.lays is not None:
            self.laid |= {(piece, done.lays) for piece in done.pieces}
        if done.pipes:
            self.piped |= {(use.piece, use.key, done.layer) for use in done.edges}
        if done.pairs:
            self.paired |= {id for id in done.pieces if len(self.by_id[id].copies) > 1}
        if done.finishes:
            self.finished |= set(done.edges)
        if done.turns:
            kept = {copy for copy in self.wrong_out if "whole" not in done.turns and copy[2] not in done.turns}
            self.wrong_out = kept
            if "whole" in done.turns:
                self.loose = []
        if done.guards is not None:
            self.guarded.append((done.guards, done.pieces))
        if done.parks is not None and all(thing != done.parks for thing, *_ in self.loose):
            self.loose.append((done.parks, done.layer, done.pieces))
        if done.parks is not None and done.sewn_on:
            self.sewn_on.append(done.parks)
        tacked = tacked_by(done, self.by_id)
        if tacked is not None:
            self.tacked.append(tacked)

    def taken_by(self, done: Operation) -> tuple[tuple[Copied, ...], bool]:
        """Which copies of cloth it works on, and whether it sews them up all the way round."""
        if not done.seams:
            return tuple(copy for copy in self._taken(done) if copy[2] is not None), False
        told = self._seaming(done)
        return tuple(copy for copy in told.copies if copy[2] is not None), any(way.round for way in told.ways)

    def _taken(self, done: Operation) -> list[Copied]:
        """What an operation without seams takes in hand: the pieces it names, else those of its edges; in its layer where they have it."""
        ids = done.pieces or tuple(dict.fromkeys(use.piece for use in done.edges))
        found: list[Copied] = []
        for id in ids:
            piece = self.by_id.get(id)
            if piece is None:
                continue
            own = list(piece.own_cloths) or ([piece.sewn_up] if piece.sewn_up is not None else [])
            # What is glued or basted on is told by the cloth it lies on.
            own = [cut.on for cut in piece.cuts if cut.on is not None and cut.role == done.layer] or own
            layer = cast(Role, done.layer)
            roles = [layer] if done.layer in own else own
            copy = dict(done.single).get(id, piece.copies[0])
            found += [(id, copy, role) for role in dict.fromkeys(roles)]
        return found

    def _seaming(self, done: Operation) -> Seaming:
        """How an operation sews its seams as things stand; looked at twice before it is done, worked out once."""
        if self._next is None or self._next.done is not done:
            self._next = Seaming(
                done,
                self.sewn,
                self.pressed,
                self.numbers,
                self.zip_ends,
                over(self.tacked, done, self.hems),
                self.eased,
                self.begun,
                self.paired,
            )
        return self._next

    def near(self, done: Operation) -> tuple[Message, ...]:
        """What must not be caught in the seams an operation sews."""
        if not done.seams:
            return ()
        told = self._seaming(done)
        copies = tuple(copy for copy in told.copies if copy[2] is not None)
        things, away, other = self._near(copies, None if done.layer == "both" else told.layer)
        return (*things, msg(f"role.{other}")) if away else things

    def _near(self, copies: tuple[Copied, ...], layer: Role | None) -> tuple[tuple[Message, ...], bool, str | None]:
        """What hangs loose near some copies; whether the other cloth hangs there too, and which that is."""
        other = {"outer": "lining", "lining": "outer"}.get(layer or "")
        roles = {copy[2] for copy in copies}
        body = {o for copy in copies for o in self.sewn.with_(copy)}
        hangs = {o[2] for o in body}
        ids = {copy[0] for copy in (*copies, *body)}
        # What hangs from a cloth that lies elsewhere is in nobody's way, and what hangs from one that is folded away goes with it.
        away = {other} if other in hangs and other not in roles and layer in roles else set()
        near = tuple(
            thing
            for thing, cloth, pieces in self.loose
            if (cloth is None or cloth in (roles | hangs) - away) and ids & set(pieces)
        )
        return near, bool(away), other

    def _lies_apart(self, done: Operation, id: str, role: Role | None) -> bool:
        """Whether an operation works on a single copy of a piece that hangs together with no other copy of it."""
        bodies = {self.sewn.body((id, copy, role)) for copy in self.by_id[id].copies}
        return id in dict(done.single) and len(bodies) == len(self.by_id[id].copies) > 1

    def _many(self, done: Operation, copies: Iterable[Copied]) -> dict[str, int]:
        """Of which pieces an operation works on several copies that do not hang together yet."""
        uses = [use for hem in self.hems if hem.id in done.hems for use in hem.edges]
        # Rows are joined by edges of the blocks they are made of.
        uses += done.edges if done.rows else ()
        many: dict[str, set[Copy]] = {}
        for id, _, _ in copies:
            if id not in dict(done.single):
                many[id] = {use.copy for use in uses if use.piece == id} or set(self.by_id[id].copies)
        bodies = {id: {self.sewn.body((id, copy, role)) for copy in many.get(id, ())} for id, _, role in copies}
        return {id: len(of) for id, of in many.items() if len(bodies[id]) == len(of) > 1}

    @staticmethod
    def _cloths(done: Operation, seam: Seam) -> tuple[str | None, ...]:
        """The layers a seam is sewn in; a binding goes through all there are."""
        return (None,) if seam.layers == ("binding",) else done.layers_of(seam)

    def _along_piping(self, uses: Iterable[EdgeUse], *layers: str | None) -> bool:
        """Whether piping lies along any of these edges, in one of these layers; in any where none is told."""
        every = None in layers or "both" in layers
        cords = {(piece, key) for piece, key, layer in self.piped if every or layer is None or layer in layers}
        return any((use.piece, use.key) in cords for use in uses)

    def _joined(self, copy: Copied) -> bool:
        """Whether a copy hangs together with others by now."""
        edges = self.by_id[copy[0]].edges
        return copy[:2] in self.joined or any(self.sewn.taken(copy, edge.key) for edge in edges)
