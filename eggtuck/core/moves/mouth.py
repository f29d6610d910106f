"""How the top edge of a bag is finished: what it adds to the height and what is sewn there."""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from dataclasses import replace
from typing import Final

from ..frozen import frozen
from ..pattern import EdgeUse, Hem, Role, Seam
from ..words import msg
from .boxed_shell import Shell

TOPS: Final = ("bagged", "folded-in", "cuff-out", "deep-hem", "plain")
_LINED: Final = frozenset({"bagged", "folded-in", "cuff-out"})


def lies_flat(options: Mapping[str, str]) -> bool:
    """Whether a lining would lie flat on the outer, as the top that is chosen joins none."""
    return options["top"] not in _LINED


@frozen
class Mouth:
    """One way of finishing the top. ``above`` (mm, net) is the cloth above the finished edge that is
    turned back: a cuff or a deep hem, 0 otherwise. The ``top`` allowance comes on top of it. ``lining`` tells whether there is a
    cloth for one: a top that joins a lining is hemmed without it, and a lining that no top joins lies flat on the outer."""

    top: str
    above: float = 0.0
    lining: bool = True

    @property
    def asks_lining(self) -> bool:
        """Whether this top joins an outer to a lining."""
        return self.top in _LINED

    @property
    def lined(self) -> bool:
        return self.asks_lining and self.lining

    @property
    def flat_lined(self) -> bool:
        """Outer and lining lie on each other and are sewn as one cloth."""
        return self.lining and not self.asks_lining

    @property
    def turned_through_gap(self) -> bool:
        return self.lined and self.top in ("bagged", "cuff-out")

    def seams(self, outer: Shell, lining: Shell, allowance: float, flat: bool = False) -> tuple[Seam, ...]:
        """The seam that joins outer and lining round the rim; where each panel is joined while it is ``flat``, one for each; none without a
        lining."""
        if not self.lined:
            return ()
        a = tuple(_on(outer.top, "outer"))
        b = tuple(_on(lining.top, "lining"))
        both: tuple[Role, ...] = ("outer", "lining")
        lengths = _length(outer), _length(lining)
        if flat and len(a) > 1:
            # Each panel is as wide as the other.
            share = lengths[0] / len(a), lengths[1] / len(b)
            return tuple(
                Seam(
                    f"rim-{p.copy}",
                    msg(f"seam.rim-{p.copy}"),
                    (p,),
                    (q,),
                    *share,
                    allowance,
                    both,
                    mate=("lining-top",),
                )
                for p, q in zip(a, b, strict=True)
            )
        return (Seam("rim", msg("seam.rim"), a, b, *lengths, allowance, both, mate=("lining-top",)),)

    def hems(self, outer: Shell, allowance: float) -> tuple[Hem, ...]:
        """The turned edge of an unlined bag."""
        if self.lined:
            return ()
        depth = self.above if self.top == "deep-hem" else allowance
        return (Hem("hem", msg("seam.hem"), outer.top, depth),)


def _on(uses: Iterable[EdgeUse], layer: Role) -> list[EdgeUse]:
    return [replace(use, layer=layer) for use in uses]


def _length(shell: Shell) -> float:
    lengths = {edge.key: edge.length for edge in shell.edges}
    return sum(lengths[use.key] for use in shell.top)
