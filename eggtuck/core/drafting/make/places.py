"""Where things lie: what a make carries, on which piece, and how it lies in space."""

from __future__ import annotations

import math
from collections.abc import Callable, Sequence
from functools import cached_property
from typing import Any

from ...moves.carried import Loop, Sewn
from ...pattern import Carried, Copy, Facet, Mark, Piece, Role, Solid, Span
from ...pattern.grip import Grip
from ...plane import Point, Segment
from ...words import Message, msg
from ..description import LengthInput, Option
from ..hosts import Host
from ..spec import Spec
from ..zones import Tack, Zone
from .pieces import Pieces


class Places(Pieces):
    """The places on the pieces that are taken, and the sewn form."""

    def __init__(
        self, spec: Spec, inputs: Sequence[LengthInput], allowances: Sequence[str], options: Sequence[Option] = ()
    ) -> None:
        super().__init__(spec, inputs, allowances, options)
        self.facets: list[Facet] = []
        self.drawings: list[Callable[[], None]] = []
        self.spans: list[Span] = []
        # What it carries: the piece, and how it lies in space once the form does.
        self.carried: list[tuple[str, Callable[[Sewn], tuple[Loop, ...]]]] = []
        # What lies where on the piece that carries the parts, and how long its top runs round a bag that has one (mm).
        self.tacks: list[Tack] = []
        # From where to where up a piece what lies on it is right side up, where it goes down again before or beyond (net, mm).
        self.upright: dict[str, tuple[float, float]] = {}
        # Lines on pieces along which the make is drawn together.
        self.gathered: list[tuple[str, tuple[Segment, ...]]] = []
        self._zones: dict[tuple[str, Copy, bool, Role | None], list[Zone]] = {}
        # Where parts may lie, and where the one that is being added does where that was chosen.
        self.hosts: tuple[Host, ...] = ()
        self.hosting: Host | None = None
        self.grips: list[Grip] = []
        self.around: float | None = None
        self.soft = False

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

    def occupy(self, piece: str, copy: Copy, zone: Zone) -> None:
        """Something of the form's own that lies on the outer of a copy: no part is laid over it unseen."""
        self._zones.setdefault((piece, copy, False, "outer"), []).append(zone)

    def outward(self, piece: str) -> tuple[Message, ...]:
        """Which half of a piece that is doubled comes to lie outside: the one that something lies on, where one does."""
        folded = self.piece_of(piece)
        high = folded.double_fold or math.inf
        zones = (zone for (id, *_), laid in self._zones.items() if id == piece for zone in laid)
        # Another like it may lie over it.
        names = [zone.name for zone in zones if zone.box[3] <= high and zone.name != folded.name]
        things = tuple({name.id: msg("thing.the", thing=name) for name in names}.values())
        return (msg("outward-half", things=things),) if things else ()

    def tack_of(self, name: Message, point: Point, half: float) -> Tack:
        """Something so named tacked to an edge of the host, so far to both sides of a point of it."""
        return Tack(name, (self.host.id, self.host_copy, self.host_role), point, half)

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
