"""Steps that bags share: preparing, finishing the top, putting the thing in."""

from __future__ import annotations

from collections.abc import Collection, Iterable, Mapping

from ..materials import Stack
from ..moves.mouth import Mouth
from ..objects import Thing
from ..pattern import EdgeUse, Gap, Piece, Role, Seam
from ..shop import TOPSTITCH
from ..words import Message, msg
from .sequence import Sequence

_STIFFENING: tuple[Role, ...] = ("interfacing", "padding")


def begin(order: Sequence, pieces: Iterable[Piece], quilting: Mapping[Role, float]) -> int:
    """Press the cloth, quilt what is quilted before cutting, and cut; returns how many pieces there are."""
    pieces = tuple(pieces)
    order.add("press-cloth", "prepare", 5, caution=msg("caution.iron"), why=msg("step.press-cloth.why"))
    if quilting:
        quilted = [piece for piece in pieces if any(cut.role == "padding" for cut in piece.cuts)]
        order.add(
            "quilt",
            "sew",
            10 + 12 * len(quilted),
            say={"margin": quilting["padding"]},
            pieces=tuple(piece.id for piece in quilted),
            check=msg("step.quilt.check"),
            caution=msg("caution.thick"),
            why=msg("step.quilt.why"),
        )
    total = sum(cut.count for piece in pieces for cut in piece.cuts)
    order.add(
        "cut",
        "cut",
        4 + 3 * total,
        say={"count": total},
        pieces=tuple(p.id for p in pieces),
        caution=msg("caution.blade"),
        check=msg("step.cut.check", count=total),
    )
    return total


def stiffen_and_mark(
    order: Sequence,
    pieces: Collection[Piece],
    stack: Stack,
    count: int,
    *,
    tie: bool = False,
    gap: bool = False,
    flat_lined: bool = False,
    apart: Iterable[Role] = (),
) -> None:
    """Fuse or baste what stiffens the pieces, but for what a form does ``apart`` in steps of its own; lay a flat lining on ``count``
    outer pieces; then mark."""
    ids = tuple(piece.id for piece in pieces)
    roles = [role for role in _STIFFENING if role not in apart]
    for role in roles:
        for nth, layer in enumerate(stack.all(role)):
            if role == "padding" and stack.quilting and nth == 0:
                continue
            cuts = [(p, cut) for p in pieces for cut in p.cuts if (cut.role, cut.nth) == (role, nth)]
            if not cuts:
                continue
            order.add(
                f"{role}-{nth + 1}" if nth else role,
                "prepare",
                4 * sum(cut.count for _, cut in cuts),
                role,
                say={"material": layer.material.name, "pieces": tuple(_stiffened(p, cut.count) for p, cut in cuts)},
                pieces=tuple(p.id for p, _ in cuts),
                layer=role,
                caution=msg("caution.iron"),
            )
    if flat_lined:
        faces, why = msg("faces.wrong-together"), msg("step.underline.why")
        check = msg("step.underline.check")
        order.add("underline", "prepare", 4 * count, pieces=ids[:1], layer="lining", faces=faces, why=why, check=check)
    lines = [msg("mark-what.gap")] if gap else []
    lines += [msg("mark-what.tie")] if tie else []
    lines.append(msg("mark-what.lines"))
    order.add("mark", "mark", 4 if tie else 3, say={"lines": tuple(lines)}, pieces=ids, why=msg("step.mark.why"))


def _stiffened(piece: Piece, count: int) -> Message:
    """How a piece that is stiffened is called: by its cloth, name and letter."""
    roles = {cut.role for cut in piece.cuts}
    role = next((role for role in ("outer", "lining") if role in roles), "outer")
    words = "step.stiffened-each" if count > 1 else "step.stiffened"
    return msg(words, role=msg(f"role.{role}"), piece=piece.name, letter=piece.letter)


def join_at_rim(
    order: Sequence, edges: tuple[EdgeUse, ...], mouth: Mouth, seams: Iterable[Seam], gap: Gap | None, top: float
) -> None:
    """Join outer and lining at the rim, whichever way the mouth is finished."""
    rim = [seam for seam in seams if seam.id == "rim"]
    if mouth.top == "folded-in":
        order.add(
            "fold-rims",
            "press",
            5,
            say={"allowance": top},
            edges=edges,
            caution=msg("caution.iron"),
            check=msg("step.fold-rims.check"),
        )
        order.add("nest-wrong", "prepare", 2, faces=msg("faces.wrong-together"), check=msg("step.nest-wrong.check"))
        order.seam("rim", rim, "rim-topstitch", press=msg("press.flat"), check=msg("step.rim-topstitch.check"))
        return
    order.add("nest-right", "prepare", 2, faces=msg("faces.right-together"), check=msg("step.nest-right.check"))
    order.seam(
        "rim", rim, "rim", faces=msg("faces.right-together"), press=msg("press.to-outer"), check=msg("step.rim.check")
    )
    if gap is not None:
        order.add(
            "turn", "finish", 4, say={"gap": gap.length}, check=msg("step.turn.check"), caution=msg("caution.points")
        )
        order.add("close-gap", "sew", 4, say={"gap": gap.length}, layer="lining", edges=gap.edges)
    order.add("settle", "press", 4, check=msg("step.settle.check"), caution=msg("caution.iron"))
    order.add("topstitch", "sew", 3, edges=edges, stitch=TOPSTITCH, why=msg("step.topstitch.why"))
    turn_cuff(order, edges, mouth)


def turn_cuff(order: Sequence, edges: tuple[EdgeUse, ...], mouth: Mouth) -> None:
    """The cuff of a top that has one, turned out when the rim is done."""
    if mouth.top == "cuff-out":
        words = "cuff" if mouth.lined else "cuff-unlined"
        order.add("cuff", "finish", 3, words, say={"cuff": mouth.above}, check=msg("step.cuff.check"), edges=edges)


def hem_top(order: Sequence, piece: str, edges: tuple[EdgeUse, ...], mouth: Mouth, top: float, flat: bool) -> None:
    """Hem the top of an unlined bag, while flat or as a tube."""
    say = {"allowance": top, "hem": mouth.above}
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
        seams=("hem",),
    )
    turn_cuff(order, edges, mouth)


def put_in(order: Sequence, thing: Thing | None, tie: float | None, caught: bool, way: str = "") -> None:
    """The thing goes in, and the ribbon round it. ``way`` tells a cover that nothing is lowered into (a form's ``put_on``)."""
    # Only what stands on cloth is told that cloth does not protect it.
    stands = way in ("", "bowl")
    caution = msg("caution.fragile.text") if thing is not None and thing.fragile and stands else None
    say = {"thing": msg(f"object.{thing.kind}")} if thing else {"thing": msg("object.thing")}
    words = f"put-in-{way}" if way else "put-in"
    order.add("put-in", "finish", 1, words, say=say, caution=caution, check=msg(f"step.{words}.check"))
    if tie is not None:
        order.add("tie", "finish", 1, "tie-caught" if caught else "tie-loose", say={"tie": tie})
