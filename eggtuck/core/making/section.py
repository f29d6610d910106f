"""Cuts through the pieces: which layers lie on each other, which way their right and glue sides look."""

from __future__ import annotations

from collections.abc import Iterator, Mapping, Sequence
from types import MappingProxyType

from ..materials import BACKING, Layer, Stack
from ..pattern import Cut, Piece, Role
from ..pattern.section import Backing, BackingPiece, Section, SectionLayer, Way
from ..words import Message, msg
from .backing import caught, enclosed, numbered, trimmable
from .operation import Operation


def sections(
    pieces: Sequence[Piece],
    stack: Stack,
    operations: Sequence[Operation],
    tops: Mapping[str, tuple[str, ...]] = MappingProxyType({}),
) -> tuple[Section, ...]:
    """A cut through every piece that is of more than one layer; pieces layered alike are told together. ``tops`` are laid on a piece that is
    their backing."""
    sewn = trimmable(pieces, operations)
    found: list[Section] = []
    for piece in pieces:
        if piece.id in tops:
            for role, laid in _by_cloth(pieces, tops[piece.id]):
                under = tuple(_under(piece, stack, piece.id in sewn))
                _tell(found, (*laid, piece.id), (_cloth(role, stack, "out"), *under))
        else:
            _tell(found, (piece.id,), tuple(_through(piece, pieces, stack, piece.id in sewn)))
    return tuple(found)


def _tell(found: list[Section], ids: tuple[str, ...], layers: tuple[SectionLayer, ...]) -> None:
    if len(layers) < 2:
        return
    same = next((i for i, other in enumerate(found) if other.layers == layers), None)
    if same is None:
        found.append(Section(ids, layers))
    else:
        found[same] = Section((*found[same].pieces, *ids), layers)


def _by_cloth(pieces: Sequence[Piece], tops: Sequence[str]) -> Iterator[tuple[Role, tuple[str, ...]]]:
    """What lies on top, cloth by cloth: blocks of another cloth lie beside the others, not on them."""
    cloth = {piece.id: cut.role for piece in pieces if piece.id in tops for cut in piece.cuts if cut.on is None}
    for role in dict.fromkeys(cloth.values()):
        yield role, tuple(id for id in tops if cloth.get(id) == role)


def _under(backing: Piece, stack: Stack, trimmed: bool) -> Iterator[SectionLayer]:
    """What lies under a top: on the backing, and the backing with its right side down."""
    own = next(cut for cut in backing.cuts if cut.on is None)
    yield from (_lying(backing, cut, stack, "in", trimmed) for cut in reversed(_on(backing, own.role)))
    yield _cloth(own.role, stack, "in")


def _through(piece: Piece, pieces: Sequence[Piece], stack: Stack, trimmed: bool) -> Iterator[SectionLayer]:
    """Outside in: a cloth with its right side out, what lies on it, what lies on the lining, the lining with its right side in."""
    own = [cut for cut in piece.cuts if cut.on is None]
    lining = next((cut for cut in piece.cuts if cut.role == "lining"), None)
    outer = next((cut for cut in own if cut.role != "lining"), None)
    # A lining with a pattern of its own hangs behind its outer.
    twin = next((p for p in pieces if p.id == f"{piece.id}-lining"), None)
    behind = twin or piece
    if outer is not None:
        yield _cloth(outer.role, stack, "out")
        for cut in _on(piece, outer.role):
            yield _lying(piece, cut, stack, "out", trimmed and not enclosed(piece, cut))
    if twin is not None:
        lining = next((cut for cut in twin.cuts if cut.on is None), None)
    if lining is not None and (outer is not None or not piece.id.endswith("-lining")):
        yield from (_lying(behind, cut, stack, "in", trimmed) for cut in reversed(_on(behind, lining.role)))
        yield _cloth(lining.role, stack, "in")


def _on(piece: Piece, host: Role) -> list[Cut]:
    return [cut for cut in piece.cuts if cut.on == host and cut.role in BACKING]


def _cloth(role: Role, stack: Stack, right: Way) -> SectionLayer:
    layer = (stack.all(role) or stack.all("outer"))[0]
    return SectionLayer(role, layer.material.name, layer.thickness, right=right)


def _lying(piece: Piece, cut: Cut, stack: Stack, host: Way, trimmed: bool) -> SectionLayer:
    """A layer on a cloth whose right side looks this way: its glue looks at that cloth."""
    layer = stack.of_cut(cut)
    fused = layer.held == "fused"
    return SectionLayer(
        cut.role,
        layer.material.name,
        layer.thickness,
        glue=host if fused else None,
        notes=tuple(_notes(layer, piece, cut, trimmed)),
    )


def _notes(layer: Layer, piece: Piece, cut: Cut, trimmed: bool) -> Iterator[Message]:
    """How it is held, how far it goes, and what becomes of it in the seams."""
    # What is cut larger all round is quilted before it is trimmed.
    quilted = cut.role == "padding" and cut.inset < 0
    yield msg("held.quilted" if quilted else f"held.{layer.held}")
    yield msg(f"rule.{cut.rule}", inset=cut.inset)
    if caught(piece, cut):
        yield msg(f"seams.{layer.in_seams if trimmed else 'caught'}")


def backings(
    pieces: Sequence[Piece], stack: Stack, operations: Sequence[Operation], inset: float, either: bool
) -> tuple[Backing, ...]:
    """What is settled of each interfacing and padding, which may lie on ``either`` of two cloths; ``inset`` is how much smaller one is that
    says nothing of it (mm)."""
    found = []
    sewn = trimmable(pieces, operations)
    for i, (layer, nth) in enumerate(numbered(stack)):
        if layer.role not in BACKING:
            continue
        rows = tuple(_row(piece, layer, nth) for piece in pieces if any(cut.on is None for cut in piece.cuts))
        smaller = inset if layer.rule.inset is None else layer.rule.inset
        lies = [(p, cut) for p in pieces for cut in p.cuts if (cut.role, cut.nth) == (layer.role, nth)]
        # A form may cut it in its own way, whatever rule was chosen.
        cut_by = [cut.rule for p, cut in lies if p.id not in layer.rule.pieces]
        rule = layer.rule.cut if not cut_by or layer.rule.cut in cut_by else cut_by[0]
        notes = [msg(f"held.{layer.held}"), msg(f"rule.{rule}", inset=smaller)]
        if either:
            notes.insert(0, msg(f"on.{layer.on}"))
        catching = [(piece, cut) for piece, cut in lies if caught(piece, cut)]
        # Whether it stays there is asked only where it can be got at.
        in_seam = any(piece.id in sewn and not enclosed(piece, cut) for piece, cut in catching)
        if catching:
            notes.append(msg(f"seams.{layer.in_seams if in_seam else 'caught'}"))
        settled = layer.on, layer.rule.cut, layer.held, in_seam, layer.in_seams, layer.seconds, layer.steam
        found.append(Backing(i, layer.role, either, *settled, smaller, tuple(notes), rows))
    return tuple(found)


def _row(piece: Piece, layer: Layer, nth: int) -> BackingPiece:
    cut = next((cut for cut in piece.cuts if (cut.role, cut.nth) == (layer.role, nth)), None)
    rule, told = "none" if cut is None else cut.rule, piece.id in layer.rule.pieces
    takes = piece.backed and any(host in {other.role for other in piece.cuts} for host in layer.hosts)
    usual = rule if not told else layer.rule.cut if takes else "none"
    return BackingPiece(piece.id, rule, usual, told)
