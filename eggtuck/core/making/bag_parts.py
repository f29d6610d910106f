"""Steps that bags share: preparing, finishing the top, putting the thing in."""

from __future__ import annotations

from collections.abc import Collection, Iterable, Mapping

from ..materials import Stack
from ..moves.mouth import Mouth
from ..objects import Thing
from ..pattern import EdgeUse, Gap, Piece, Role, Seam
from ..shop import BASTING, BY_HAND, PACE, THICK_STITCH, TOPSTITCH, WITHIN
from ..words import Message, Param, msg
from .backing import lay_backing, quilt_lines
from .cutting import cut_lines, cuts_of, rough_lines
from .machine import set_up
from .operation import Look
from .order import Order
from .pressing import flattening
from .rounds import round_lines


def begin(order: Order, pieces: Iterable[Piece], stack: Stack, drawn: Iterable[Message] = ()) -> int:
    """Flatten the cloth, quilt what is quilted before cutting, and cut, told how pieces are ``drawn`` without
    paper; returns how many pieces there are."""
    pieces = tuple(pieces)
    lost = msg("step.press-cloth.lost") if order.manner.smooth else None
    order.add("press-cloth", "prepare", 5, later=lambda: flattening(stack), why=msg("step.press-cloth.why"), lost=lost)
    quilting = stack.quilting
    if quilting:
        quilted = [piece for piece in pieces if any(cut.role == "padding" and cut.inset >= 0 for cut in piece.cuts)]
        order.add(
            "quilt",
            "sew",
            10 + 12 * len(quilted),
            say={"margin": quilting["padding"]},
            later=lambda: (*rough_lines(quilted, stack), *quilt_lines()),
            pieces=tuple(piece.id for piece in quilted),
            layer="padding",
            lays="padding",
            foot="walking",
            stitch=float(THICK_STITCH),
            check=msg("step.quilt.check"),
            caution=msg("caution.thick"),
            why=msg("step.quilt.why"),
        )
    total = sum(cut.count for piece in pieces for cut in cuts_of(piece, stack))
    order.add(
        "cut",
        "cut",
        4 + 3 * total,
        say={"count": total},
        later=lambda: (*cut_lines(pieces, stack), *drawn, *round_lines(pieces)),
        pieces=tuple(p.id for p in pieces),
        caution=msg("caution.blade"),
        check=msg("step.cut.check", count=total),
    )
    return total


def stiffen_and_mark(
    order: Order,
    pieces: Collection[Piece],
    stack: Stack,
    count: int,
    *,
    flat_lined: bool = False,
    apart: Iterable[Role] = (),
    elsewhere: Mapping[Role, Collection[str]] | None = None,
) -> None:
    """Fuse or baste what stiffens the pieces, but for what a form does ``apart`` in steps of its own or, of one role, on pieces it does ``elsewhere``; lay a flat lining on ``count``
    outer pieces; set up the machine; then mark."""
    ids = tuple(piece.id for piece in pieces)
    lay_backing(order, pieces, stack, tuple(apart), elsewhere)
    if flat_lined:
        both = tuple(piece.id for piece in pieces if any(cut.role == "lining" for cut in piece.cuts))
        why, check = msg("step.underline.why"), msg("step.underline.check")
        order.add(
            "underline", "prepare", 4 * count, pieces=both, why=why, check=check, stitch=float(BASTING), lays="lining"
        )
    set_up(order, stack)
    order.add(
        "mark",
        "mark",
        4,
        pieces=ids,
        marks=order.manner.centring,
        why=msg("step.mark.why"),
        check=msg("step.mark.check"),
    )


def join_at_rim(
    order: Order, edges: tuple[EdgeUse, ...], mouth: Mouth, seams: Iterable[Seam], gap: Gap | None, top: float
) -> None:
    """Join outer and lining at the rim, whichever way the mouth is finished."""
    rim = [seam for seam in seams if seam.id == "rim"]
    if mouth.top == "folded-in":
        order.add(
            "fold-rims", "press", 5, say={"allowance": top}, edges=edges, irons=True, check=msg("step.fold-rims.check")
        )
        _turn_outer(order, edges)
        order.add("nest-wrong", "prepare", 2, edges=edges, check=msg("step.nest-wrong.check"), turns=("lining",))
        order.seam(
            "rim",
            rim,
            "rim-topstitch",
            faces=msg("faces.wrong-together"),
            lay=msg("lay.rims-folded"),
            along=msg("along.edge", distance=order.manner.edge),
            press=msg("press.flat"),
            stitch=float(TOPSTITCH),
            check=msg("step.rim-topstitch.check"),
        )
        return
    _turn_outer(order, edges)
    order.add("nest-right", "prepare", 2, edges=edges, check=msg("step.nest-right.check"))
    order.seam(
        "rim", rim, "rim", faces=msg("faces.right-together"), press=msg("press.to-outer"), check=msg("step.rim.check")
    )
    finish_rim(order, edges, mouth, gap)


def finish_rim(order: Order, edges: tuple[EdgeUse, ...], mouth: Mouth, gap: Gap | None) -> None:
    """What follows when outer and lining are joined: turn through the gap, close it, settle the lining, topstitch, turn the cuff."""
    if gap is not None:
        turn_through(order, gap)
        close_the_gap(order, gap)
    order.add("settle", "press", 4, edges=edges, check=msg("step.settle.check"), irons=True)
    topstitch_rim(order, edges)
    turn_cuff(order, edges, mouth)


def _turn_outer(order: Order, edges: tuple[EdgeUse, ...]) -> None:
    """The outer right side out, before the lining goes on or in."""
    order.add("turn-outer", "finish", 2, edges=edges, layer="outer", turns=("outer",), caution=msg("caution.points"))


def turn_through(order: Order, gap: Gap, words: str = "turn") -> None:
    """Press the gap's allowances while they can be reached, and pull everything through it."""
    say: dict[str, Param] = {"gap": gap.length}
    order.add(
        "press-gap",
        "press",
        2,
        say=say,
        pieces=gap.pieces,
        layer=gap.cloth,
        edges=gap.edges,
        irons=True,
        why=msg("step.press-gap.why"),
    )
    turned = Look(
        msg("step.turn.check"), causes=(msg("cause.caught"), msg("cause.not-pushed")), remedy=msg("remedy.caught")
    )
    order.add("turn", "finish", 4, words, say=say, check=turned, caution=msg("caution.points"), turns=("whole",))


def close_the_gap(order: Order, gap: Gap) -> None:
    """The gap shut as is chosen, after the pins have been counted; by hand where both sides will show."""
    by_hand = order.manner.closing == "hand"
    say: dict[str, Param] = {"gap": gap.length, **({} if by_hand else {"edge": order.manner.edge})}
    minutes = 3 + gap.length / (BY_HAND if by_hand else PACE)
    order.add(
        "close-gap",
        "sew",
        minutes,
        f"close-gap-{order.manner.closing}",
        say=say,
        pieces=gap.pieces,
        layer=gap.cloth,
        edges=gap.edges,
        check=msg("step.close-gap.check", held=order.manner.held),
        closes=True,
        hand=by_hand,
        stitches=("knot", "ladder") if by_hand else (),
    )


def topstitch_rim(order: Order, edges: tuple[EdgeUse, ...], minutes: float = 3) -> None:
    """The rim's own topstitch, which may be left out."""
    say: dict[str, Param] = {"edge": order.manner.edge}
    order.add(
        "topstitch",
        "sew",
        minutes,
        "topstitch-both" if order.manner.both_show else "topstitch",
        say=say,
        edges=edges,
        stitch=float(TOPSTITCH),
        why=msg("step.topstitch.why"),
        lost=msg("step.topstitch.lost"),
        out=True,
    )


def matched(words: str) -> Look:
    """The check of a seam whose two sides must meet at their notches."""
    return Look(
        msg(words),
        causes=(msg("cause.stretched"), msg("cause.clipped-too-little")),
        remedy=msg("remedy.unpick-between"),
    )


def corner_look(words: str, depth: float) -> Look:
    """The check of a boxed corner: as long as the base is deep, its seam in the middle, and like the other."""
    causes = (msg("cause.corner-off"), msg("cause.allowance"))
    return Look(msg(words, line=depth), depth, float(WITHIN), causes, msg("remedy.corner"))


def trim_threads(order: Order) -> None:
    """Thread ends off, pins out and counted."""
    words = "ends-basting" if order.manner.held.id == "held.basting" else "ends"
    order.add("ends", "finish", 2, words, check=msg(f"step.{words}.check", held=order.manner.held), out=True)


def turn_cuff(order: Order, edges: tuple[EdgeUse, ...], mouth: Mouth) -> None:
    """The cuff of a top that has one, turned out when the rim is done."""
    if mouth.top == "cuff-out":
        say: dict[str, Param] = {"cuff": mouth.above, "seen": order.manner.seen_inside(edges[0], mouth.above)}
        words = "cuff" if mouth.lined else "cuff-unlined"
        order.add("cuff", "finish", 3, words, say=say, check=msg("step.cuff.check"), edges=edges, out=True)


def decided_by(option: str, choice: str) -> Message:
    """What was decided by the choice of an option, and what for."""
    key = f"option.{option}"
    return msg("decided", option=msg(key), choice=msg(f"{key}.{choice}"), why=msg(f"{key}.{choice}.why"))


def hem_top(
    order: Order, piece: str, edges: tuple[EdgeUse, ...], mouth: Mouth, top: float, flat: bool, decided: str = ""
) -> None:
    """Hem the top of an unlined bag, while flat or as a tube; where that is asked, it tells what was ``decided``."""
    say: dict[str, Param] = {"allowance": top, "hem": mouth.above, "edge": order.manner.edge}
    say["first"] = order.manner.hem_first(piece)
    # Folded at its base one piece has a top at both its ends.
    both = len(edges) > 1 and len({(use.piece, use.copy) for use in edges}) == 1
    say["ends"] = "both" if both else "one"
    kind = "deep-hem" if mouth.top == "deep-hem" else "plain-hem"
    why = msg("step.hem-flat.why" if flat else "step.hem-tube.why")
    order.add(
        "hem",
        "sew",
        6,
        kind + ("-flat" if flat else ""),
        say=say,
        edges=edges,
        allowance=top,
        stitch=TOPSTITCH,
        pieces=(piece,),
        layer="outer",
        why=why,
        check=msg("step.hem.check"),
        hems=("hem",),
        decided=decided_by("hem_order", decided) if decided else None,
    )
    turn_cuff(order, edges, mouth)


def put_in(order: Order, thing: Thing | None, tie: float | None, caught: bool, way: str = "") -> None:
    """The thing goes in, and the ribbon round it. ``way`` tells a cover that nothing is lowered into (a form's ``put_on``), or whose rim is
    ``folded`` over it."""
    # Only what stands on cloth is told that cloth does not protect it.
    stands = way in ("", "bowl", "folded")
    caution = msg("caution.fragile.text") if thing is not None and thing.fragile and stands else None
    say = {"thing": msg(f"object.{thing.kind}")} if thing else {"thing": msg("object.thing")}
    words = f"put-in-{way}" if way else "put-in"
    order.add("put-in", "finish", 1, words, say=say, caution=caution, check=msg(f"step.{words}.check"), out=True)
    if tie is not None:
        words, at = "tie-caught" if caught else "tie-loose", ("mark.tie", "mark.neck")
        cuffed = any(done.id == "cuff" for done in order.operations)
        check = msg("step.tie-cuff.check") if cuffed else None
        order.add("tie", "finish", 1, words, say={"tie": tie}, out=True, at=at, check=check)
