"""How pieces lie on a cloth."""

from __future__ import annotations

import math
from collections.abc import Iterator

from ..frozen import frozen
from ..plane.boxes import Box, largest_clear
from ..shop import LEFT_LEAST
from ..words import Message
from .piece import Role

# So many rectangles that are left are named at most.
LEFT_MOST = 4


@frozen
class Laid:
    """One copy of a piece on its cloth: which of its cuts, the how manieth of it, and where its rectangle lies, from the left selvedge's inner edge
    and from the cut end of the cloth (mm). It may lie ``turned`` by a quarter, its arrow across the cloth; be one ``part`` (from 0) of a strip or
    a width that is joined; and be cut so much ``over`` its outline all round (mm). What is cut on the bias lies ``slanted``, at 45 degrees, from the lower left corner of the
    square to the upper right one; as several ``strips`` side by side, of which a long one is joined."""

    piece: str
    cut: int
    nth: int
    x: float
    y: float
    width: float
    height: float
    turned: bool = False
    part: int | None = None
    over: float = 0.0
    slanted: bool = False
    strips: int = 1

    def slanted_length(self, wide: float) -> float:
        """How long the strips so ``wide`` are that lie slanted in its square (mm)."""
        return self.width * math.sqrt(2) - self.strips * wide


@frozen
class Lay:
    """A cloth with everything that is cut from it: between its selvedges it is ``usable`` mm wide; ``length`` of it is taken, where plain rows of
    one piece after the other would take ``rows``."""

    role: Role
    nth: int
    material: Message
    width: float
    usable: float
    length: float
    rows: float
    laid: tuple[Laid, ...]
    # Whether its print has a way up; what it is called by, the share of it lost in the first wash, whether there is metal in it, and whether it has
    # threads that anything could lie along.
    directional: bool = False
    cloth: str = ""
    shrink: float = 0.0
    metal: bool = False
    grain: bool = True
    # Whether it stretches, which it does across its width.
    stretches: bool = False

    @property
    def left(self) -> Iterator[Box]:
        """Rectangles of the taken length that nothing is cut from and that are worth a name, the largest first, none over another: from the left
        selvedge's inner edge and the cut end (mm)."""
        taken: list[Box] = [(one.x, one.y, one.x + one.width, one.y + one.height) for one in self.laid]
        for _ in range(LEFT_MOST):
            found = largest_clear((0.0, 0.0, self.usable, self.length), taken, 0.0, LEFT_LEAST)
            if found is None:
                return
            taken.append(found)
            yield found

    @property
    def turned(self) -> bool:
        """Whether anything lies across."""
        return any(one.turned for one in self.laid)

    @property
    def joined(self) -> bool:
        """Whether something is wider than the cloth and is joined."""
        return any(one.part is not None for one in self.laid)
