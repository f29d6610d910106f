"""What is done: the steps of a make, each kind with those of its time, and the habits they are worded by."""

from __future__ import annotations

from collections.abc import Sequence
from typing import cast

import shapely

from ...making import Centring, Habits, Manner, Order, held, hold, numbered
from ...pattern import EdgeUse
from ...plane import flatten
from ...shop import EDGE_STITCH
from ...words import Message, msg
from ..description import LengthInput, Option
from ..spec import Spec
from .places import Places


class Steps(Places):
    """The steps, as they are added; they are put in the order they are done when somebody asks for them."""

    def __init__(
        self, spec: Spec, inputs: Sequence[LengthInput], allowances: Sequence[str], options: Sequence[Option] = ()
    ) -> None:
        super().__init__(spec, inputs, allowances, options)
        # Options that make no difference here.
        self.idle: set[str] = set()
        both_show = spec.options.get("shows") == "both"
        self.edge_stitch = spec.size.get("edge_stitch", spec.ruler.usual(EDGE_STITCH))
        self.heated = spec.options.get("use") == "microwave"
        self.habits = Habits(*(spec.options[name] for name in ("marks_with", "held_with", "thread_of")))
        self.by_hand = spec.options["sewn_by"] == "hand"
        holding = self.habits.holding(spec.stack)
        manner = Manner(
            "hand" if both_show or self.by_hand else spec.options.get("closing", "hand"),
            both_show,
            self._hem_first,
            held(holding),
            hold(holding, spec.stack),
            msg(f"thread.{self.habits.spun(self.heated)}"),
            spec.options["press_first"] == "creased",
            cast(Centring, spec.options["centring"]),
            self.edge_stitch,
            self._seen_inside,
        )
        self.order = Order(manner)
        # Steps of the parts it carries, done while everything is flat.
        self.part_steps = Order(manner)
        # What is sewn on when all else is done.
        self.last_steps = Order(manner)
        # What lies on pieces that are joined, quilted or trimmed first.
        self.laid_steps = Order(manner)
        # What is worked on cloth that is trimmed to its outline afterwards, and marked then.
        self.worked_steps = Order(manner)
        # What is sewn along an upper edge when it is closed to a rim, and the seams that close it.
        self.rim_steps = Order(manner)
        self.joined: set[str] = set()
        # Edges that have their piping.
        self.piped: set[tuple[str, str]] = set()
        # How raw edges that show are finished; None where none show.
        self.finishing: str | None = None
        # Which pieces that is for, where it is not for all of them.
        self.finished_pieces: tuple[str, ...] = ()
        # Whether the raw edge of a plain hem is finished so too.
        self.hems_finished = False

    def _hem_first(self, piece: str) -> Message:
        """What is done to the raw edge of a plain hem before it is folded: where the cloth of its piece frays it is finished as raw edges are."""
        if not any(material.frays for material in self.cloths_of(piece)):
            return msg("hem.raw")
        self.hems_finished = True
        return msg(f"hem.{self.spec.options.get('edges', 'overcast')}")

    def _seen_inside(self, use: EdgeUse, within: float) -> Message:
        """What is seen on the wrong side of an unlined piece so near an edge (mm): the cloth, or what lies there on it."""
        piece = self.piece_of(use.piece)
        path, stack = piece.by_key[use.key].path, self.spec.stack
        edge = shapely.LineString([*flatten(path), path[-1].end])
        laid = [(layer.role, nth) for layer, nth in numbered(stack)]
        near = [
            cut
            for cut in piece.cuts
            if cut.on is not None and shapely.Polygon(flatten(piece.outline_for(cut))).distance(edge) < within
        ]
        if not near:
            return msg("seen.wrong")
        last = max(near, key=lambda cut: laid.index((cut.role, cut.nth)))
        return msg("seen.layer", material=stack.of_cut(last).material.name)

    def option(self, name: str) -> str:
        """The choice made; by hand where all is."""
        chosen = self.spec.options[name]
        if self.by_hand and chosen in ("machine", "hand") and name != "sewn_by":
            self.idle.add(name)
            return "hand"
        return chosen
