"""What is cut, cloth by cloth: how many of which piece, how large."""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Mapping, Sequence
from dataclasses import replace

from ..materials import Layer, Stack
from ..pattern import Cut, Piece
from ..pattern.lay import Lay
from ..plane import Segment, area, bounds, is_mirror_image
from ..shop import EQUAL
from ..words import Message, Param, msg
from .naming import thing_name


def cut_lines(pieces: Iterable[Piece], stack: Stack) -> Iterator[Message]:
    """One sentence for every piece in each cloth it is cut from, cloth by cloth: how often, and how wide and high it is cut. What was quilted
    before is cut out in one."""
    pieces, known = tuple(pieces), list[Message]()
    for layer in stack.layers:
        nth, cloth = stack.all(layer.role).index(layer), layer.material.name
        if any((cut.role, cut.nth) == (layer.role, nth) for p in pieces for cut in p.cuts):
            # Of two layers of one cloth it is told once.
            ways = [way for way in _ways(layer) if way not in known]
            yield from ways
            known += ways
        for piece in pieces:
            here = [cut for cut in cuts_of(piece, stack) if (cut.role, cut.nth) == (layer.role, nth)]
            role = msg(f"role.{layer.role}")
            for cut in _alike(piece, here):
                under = tuple(stack.of_cut(one).material.name for one in quilted_on(piece, cut, stack))
                if under:
                    yield msg("cut-out.from-quilted", material=cloth, under=under, role=role, piece=_told(piece, cut))
                else:
                    yield msg("cut-out.from", material=cloth, role=role, piece=_told(piece, cut))
    yield from _glue_lines(pieces, stack)


def _ways(layer: Layer) -> Iterator[Message]:
    """Which way a cloth has to lie, where it is not alike both ways."""
    cloth = layer.material.name
    if layer.directional:
        yield msg("cut-out.nap" if layer.material.nap else "cut-out.print", material=cloth)
    if layer.material.stretch:
        yield msg("cut-out.stretch", material=cloth)


def _glue_lines(pieces: Sequence[Piece], stack: Stack) -> Iterator[Message]:
    """What glue has to lie up of when it is cut, or it would come to lie on the right side: what is no mirror image of itself."""
    sided = {
        layer.material.id: layer.material.name
        for piece in pieces
        for cut in piece.cuts
        for layer in ([stack.of_cut(cut)] if cut.on is not None else [])
        if layer.held == "fused" and not is_mirror_image(piece.outline_for(cut))
    }
    if sided:
        yield msg("cut-out.glue-up", materials=tuple(sided.values()))


def rough_lines(pieces: Iterable[Piece], stack: Stack) -> Iterator[Message]:
    """How large a cloth and its padding are cut before one is quilted on the other, and the piece out of both."""
    for piece in pieces:
        for cut in cuts_of(piece, stack):
            under = [stack.of_cut(one) for one in quilted_on(piece, cut, stack)]
            if under:
                more = 2 * max(layer.margin for layer in under)
                width, height = (side + more for side in piece.size_for(cut))
                cloths = (stack.of_cut(cut).material.name, *(layer.material.name for layer in under))
                name = thing_name(piece, cut.role)
                yield msg("cut-out.rough", materials=cloths, times=cut.count, piece=name, width=width, height=height)


def cuts_of(piece: Piece, stack: Stack) -> tuple[Cut, ...]:
    """The cuts of a piece that are cut out by themselves: not what was quilted to its cloth before."""
    quilted = [id(one) for cut in piece.cuts for one in quilted_on(piece, cut, stack)]
    return tuple(cut for cut in piece.cuts if id(cut) not in quilted)


def quilted_on(piece: Piece, cut: Cut, stack: Stack) -> list[Cut]:
    """What is quilted to the cloth of a cut before it is cut out."""
    return [
        one
        for one in piece.cuts
        if one.role == "padding" and one.on == cut.role and one.inset >= 0 and stack.of_cut(one).margin
    ]


def grain_lines(lays: Sequence[Lay]) -> Iterator[Message]:
    """How the arrows lie, and what has no grain; nothing where all there is lies across."""
    bare = [lay for lay in lays if not (lay.grain or lay.directional)]
    turned = [one.turned for lay in lays if lay not in bare for one in lay.laid]
    if turned and not all(turned):
        yield msg("cut-out.grain-but") if any(turned) else msg("cut-out.grain", count=len(turned))
    if bare:
        names = tuple({lay.cloth: lay.material for lay in bare}.values())
        yield msg("cut-out.no-grain", materials=names, count=len(names))


def lay_lines(lays: Sequence[Lay], by_id: Mapping[str, Piece]) -> Iterator[Message]:
    """What lies otherwise than along the grain, and what is joined because its cloth is not wide enough."""
    for told in (_slanted, _laid_across, _of_strips, _of_widths):
        yield from told(lays, by_id)


def _alike(piece: Piece, cuts: Sequence[Cut]) -> Iterator[Cut]:
    """Cuts of one size from one cloth as one: the padding of an outer and of its lining are two of the same."""
    ways = [_told(piece, replace(cut, count=1)) for cut in cuts]
    for at, cut in enumerate(cuts):
        if ways[at] not in ways[:at]:
            every = [other.count for other, way in zip(cuts, ways, strict=True) if way == ways[at]]
            yield replace(cut, count=sum(every))


def _told(piece: Piece, cut: Cut) -> Message:
    width, height = piece.size_for(cut)
    words = "cut-out.piece" if _rectangular(piece.outline_for(cut)) else "cut-out.shaped"
    name = msg("thing", piece=piece.name, letter=piece.letter)
    text = msg(words, times=cut.count, piece=name, width=width, height=height)
    if cut.rule not in ("full", "none"):
        text = msg("cut-out.by-rule", piece=text, rule=msg(f"layer.cut.{cut.rule}"))
    over = piece.over(cut)
    if over:
        text = msg("cut-out.larger", piece=text, count=len(over), times=cut.count, over=max(over))
    if cut.mirrored:
        text = msg("cut-out.turned-over", piece=text, count=cut.count)
    return text


def _rectangular(outline: tuple[Segment, ...]) -> bool:
    x0, y0, x1, y1 = bounds(outline)
    return abs((x1 - x0) * (y1 - y0) - abs(area(outline))) < EQUAL * EQUAL


def _slanted(lays: Sequence[Lay], by_id: Mapping[str, Piece]) -> Iterator[Message]:
    """What is cut on the bias, and of how many strips that is joined which would take much cloth in one."""
    found = [(lay, one) for lay in lays for one in lay.laid if one.slanted]
    if found:
        ids = dict.fromkeys(one.piece for _, one in found)
        yield msg("cut-out.bias", pieces=tuple(thing_name(by_id[id], None) for id in ids))
    for lay, one in found:
        if one.strips == 1 or one.nth > 0:
            continue
        piece = by_id[one.piece]
        long, high = piece.size_for(piece.cuts[one.cut])
        yield msg(
            f"cut-out.strips-bias{_many(piece, one.cut)}",
            piece=thing_name(piece, None),
            material=lay.material,
            count=one.strips,
            width=one.slanted_length(high),
            height=high,
            square=one.width,
            length=long,
        )


def _many(piece: Piece, cut: int) -> str:
    """The words for several of it."""
    return "-each" if piece.cuts[cut].count > 1 else ""


def _laid_across(lays: Sequence[Lay], by_id: Mapping[str, Piece]) -> Iterator[Message]:
    """What lies turned on its cloth, its arrow across it: never without a word."""
    for lay in lays:
        turned = [one for one in lay.laid if one.turned and lay.grain]
        too_wide = {one.piece for one in turned if one.height > lay.usable + EQUAL}
        say: dict[str, Param] = {"material": lay.material, "role": msg(f"role.{lay.role}")}
        for words, chosen in (("across", False), ("across-wide", True)):
            across = dict.fromkeys(one.piece for one in turned if (one.piece in too_wide) is chosen)
            if across:
                yield msg(f"cut-out.{words}", **say, pieces=tuple(thing_name(by_id[id], None) for id in across))


def _of_strips(lays: Sequence[Lay], by_id: Mapping[str, Piece]) -> Iterator[Message]:
    """Which strip is longer than its cloth is wide: of what it is joined, and how. A join that takes as much as the strip is wide is slanted."""
    for lay in lays:
        parts: dict[tuple[str, int], list[float]] = {}
        for one in lay.laid:
            if one.part is not None and one.nth == 0 and by_id[one.piece].join_loss is not None:
                parts.setdefault((one.piece, one.cut), []).append(one.width)
        for (id, at), lengths in parts.items():
            piece = by_id[id]
            lost, high = piece.join_loss or 0.0, piece.size_for(piece.cuts[at])[1]
            slanted = abs(lost - high) < EQUAL
            say: dict[str, Param] = {"piece": thing_name(piece, None), "material": lay.material, "height": high}
            say |= {"width": max(lengths), "rest": min(lengths), "count": len(lengths) - 1}
            say |= {} if slanted else {"allowance": lost / 2}
            yield msg(f"cut-out.strips-{'slanted' if slanted else 'square'}{_many(piece, at)}", **say)


def _of_widths(lays: Sequence[Lay], by_id: Mapping[str, Piece]) -> Iterator[Message]:
    """What is wider than its cloth: how many widths are joined before it is cut, how large each is, and with which allowance."""
    for lay in lays:
        told: set[tuple[str, int]] = set()
        for one in lay.laid:
            piece = by_id[one.piece]
            if one.part is None or piece.join_loss is not None or (one.piece, one.cut) in told:
                continue
            told.add((one.piece, one.cut))
            count = sum((o.piece, o.cut, o.nth) == (one.piece, one.cut, one.nth) for o in lay.laid)
            whole = piece.size_for(piece.cuts[one.cut])[0] + 2 * one.over
            yield msg(
                "cut-out.widths",
                piece=thing_name(piece, None),
                material=lay.material,
                count=count,
                width=one.width,
                height=one.height,
                allowance=(count * one.width - whole) / (count - 1) / 2,
            )
