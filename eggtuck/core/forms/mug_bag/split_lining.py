"""The wrap's lining in two parts, with a pocket inside the flap whose raw edge is caught in their join."""

from __future__ import annotations

from collections.abc import Sequence

from ...drafting.make import Make
from ...frozen import frozen
from ...making.backing import lay_backing
from ...moves.carried import LIFT, laid
from ...moves.outliner import Outliner, rectangle
from ...pattern import Cut, EdgeUse, Mark, SpecError
from ...pattern.piece import Fold
from ...plane import Segment
from ...shop import BASTING
from ...words import msg

# A pocket stays so far from where the flap's corners begin, and is at least so high (mm).
_CLEAR, _LEAST = 5.0, 20.0
PARTS = _BODY, _FLAP = "wrap-lining", "flap-lining"
_POCKET = "flap-pocket"


@frozen
class SplitLining:
    """Which edges of the lining each edge of the wrap is sewn to, and what is caught with them."""

    pairs: dict[str, tuple[EdgeUse, ...]]
    caught: tuple[EdgeUse, ...]


def add_split_lining(
    make: Make, width: float, join: float, length: float, flap: Sequence[Segment], radius: float
) -> SplitLining:
    """The lining of a wrap ``width`` by ``length``, cut in two at ``join`` mm from its front; ``flap`` is the wrap's own edge at the end of the
    flap. Raises `SpecError`."""
    side, end = make.allowance("side"), make.allowance("end")
    room = length - join - radius - _CLEAR
    if room < _LEAST:
        # Its corners are round by a third of it at most, where nobody tells otherwise.
        need = _LEAST + _CLEAR
        raise SpecError.of("size.flap", msg("problem.flap-pocket", low=make.spec.least(need + max(radius, need / 2))))
    high = make.ask("flap_pocket_height", make.spec.on_grid(room * 0.8, "down"), high=room, added=2 * end, share=2)
    sides = {"front": end, "right": side, "join": end, "left": side}
    make.piece(_BODY, "", rectangle(_BODY, width, join, sides), [Cut("lining", 1)], [_middle(width, 0.0)], backed=True)
    pen = Outliner(_FLAP, (0.0, 0.0))
    pen.to("join", (width, 0.0), end)
    pen.to("right", (width, length - join - radius), side)
    lowered = [Segment((s.start[0], s.start[1] - join), (s.end[0], s.end[1] - join), s.bulge) for s in flap]
    pen.path("flap", lowered, end)
    pen.to("left", (0.0, 0.0), side)
    make.piece(_FLAP, "", pen.edges, [Cut("lining", 1)], [_middle(width, length - join)], backed=True)
    edges = rectangle(_POCKET, width, 2 * high, {"lower": end, "right": side, "upper": end, "left": side})
    fold = Fold(f"{_POCKET}.fold", msg("fold.pocket"), Segment((0.0, high), (width, high)), doubles=True)
    role = make.role("contrast", "lining")
    pocket = make.piece(_POCKET, "", edges, [Cut(role, 1)], [], [fold])
    both = make.each(pocket, "lower", "upper")
    body, upper = EdgeUse(_BODY, "join"), EdgeUse(_FLAP, "join", reversed=True)
    make.seam("lining-join", [body], [upper], end, ("lining",), caught=both)

    def along(piece: str, key: str) -> EdgeUse:
        return EdgeUse(piece, key, layer="lining")

    pairs = {
        "front": (along(_BODY, "front"),),
        "right": (along(_BODY, "right"), along(_FLAP, "right")),
        "flap": (along(_FLAP, "flap"),),
        "left": (along(_FLAP, "left"), along(_BODY, "left")),
    }
    make.carry(_POCKET, lambda sewn: laid(sewn, "wrap", (0.0, join, width, join + high), -LIFT))
    return SplitLining(pairs, tuple(make.each(pocket, "left", "right")))


def _middle(width: float, y: float) -> Mark:
    """Where the lining meets the middle of the wrap's own edge."""
    return Mark("notch", msg("mark.centre-top"), point=(width / 2, y))


def join_lining(make: Make) -> None:
    """The pocket on the flap's part, that part on the other, and only then what is fused to them."""
    order, high = make.order, make.finished["flap_pocket_height"] or 0.0
    seam = next(seam for seam in make.seams if seam.id == "lining-join")
    order.add(
        "flap-pocket-on",
        "sew",
        4,
        say={"allowance": seam.allowance, "height": high},
        pieces=(_POCKET, _FLAP),
        layer="lining",
        stitch=float(BASTING),
        irons=True,
        besides=make.outward(_POCKET),
        edges=tuple(make.each(make.piece_of(_POCKET), "lower", "upper")),
        check=msg("step.flap-pocket-on.check"),
    )
    order.seam(
        "lining-join",
        [seam],
        "lining-join",
        layer="lining",
        faces=msg("faces.right-together"),
        press=msg("press.from-pocket"),
        check=msg("step.lining-join.check"),
    )
    pieces = [make.piece_of(id) for id in PARTS]
    why = msg("step.backing-late.why", allowance=seam.allowance)
    lay_backing(order, pieces, make.spec.stack, only="interfacing", why=why)
