"""What lies on the cloths: how interfacing and padding are put on, where each ends, and what seams do with it."""

from __future__ import annotations

from collections.abc import Collection, Iterable, Iterator, Mapping, Sequence
from functools import partial

from ..materials import BACKING, Layer, Stack
from ..pattern import Cut, EdgeUse, Hem, Piece, Role, Seam, SpecError
from ..shop import BASTING, EQUAL, QUILT_APART, THICK_STACK, THICK_STITCH
from ..words import Message, Param, msg
from .naming import thing_name
from .operation import Look, Operation
from .order import Order
from .setting import seam_thickness
from .sewn import Along, Sewn

_Lies = tuple[Piece, Cut]


def lay_backing(
    order: Order,
    pieces: Collection[Piece],
    stack: Stack,
    apart: Collection[Role] = (),
    elsewhere: Mapping[Role, Collection[str]] | None = None,
    only: Role | None = None,
    why: Message | None = None,
) -> None:
    """The steps that put each layer on its cloths, but for what is slipped in at the end, was quilted before it was cut, or is quilted by a
    form in steps of its own: of roles that it does ``apart``, or of one role on pieces it does ``elsewhere``. Later in the order it may be ``only`` one role, with the
    reason ``why`` so late."""
    for role in BACKING if only is None else (only,):
        for nth, layer in enumerate(stack.all(role)):
            here = [p for p in pieces if p.id not in (elsewhere or {}).get(role, ())]
            lies = _lies(here, role, nth)
            not_now = layer.held == "slipped" or layer.margin or (layer.held == "quilted" and role in apart)
            if lies and not not_now:
                _put_on(order, here, stack, layer, nth, lies, why)


def numbered(stack: Stack) -> Iterator[tuple[Layer, int]]:
    """Each layer that was told, and which of its role it is; below nothing for one that is idle."""
    counted: dict[Role, int] = {}
    for layer in stack.told:
        if layer.idle:
            yield layer, -1
            continue
        nth = counted[layer.role] = counted.get(layer.role, -1) + 1
        yield layer, nth


def _lies(pieces: Collection[Piece], role: Role, nth: int) -> list[_Lies]:
    return [(p, cut) for p in pieces for cut in p.cuts if (cut.role, cut.nth) == (role, nth)]


def _put_on(
    order: Order,
    pieces: Collection[Piece],
    stack: Stack,
    layer: Layer,
    nth: int,
    lies: list[_Lies],
    late: Message | None,
) -> None:
    role = layer.role
    say: dict[str, Param] = {"material": layer.material.name, "pieces": _named(lies)}
    over = _over(stack, lies)
    words = f"put-{role}-{layer.held}{'-over' if over else ''}"
    quilted = layer.held == "quilted"
    check = Look(
        msg(f"step.backing-{layer.held}.check"),
        causes=tuple(msg(f"cause.{layer.held}-{n}") for n in (1, 2)),
        remedy=msg(f"remedy.{layer.held}"),
    )
    order.add(
        (f"{role}-{nth + 1}" if nth else role) + ("-late" if late else ""),
        "prepare",
        4 * sum(cut.count for _, cut in lies),
        words,
        say={**say, **({"under": over} if over else {})},
        later=lambda: _more(pieces, stack, layer, lies),
        pieces=tuple(dict.fromkeys(p.id for p, _ in lies)),
        layer=role,
        lays="padding" if role == "padding" else None,
        waits=layer.held == "fused",
        check=check,
        why=msg("step.backing-cut-over.why") if quilted else late,
        caution=msg("caution.iron") if layer.held == "fused" else None,
        foot="walking" if quilted else None,
        stitch=float(THICK_STITCH) if quilted else float(BASTING) if layer.held == "basted" else None,
    )


def _more(pieces: Collection[Piece], stack: Stack, layer: Layer, lies: list[_Lies]) -> Iterator[Message]:
    """Where it ends, and how it is put on."""
    yield from _where(lies)
    if layer.role == "padding" and layer.held in ("basted", "quilted"):
        # Without glue it has no side of its own, but for a film.
        yield msg("backing.film" if layer.material.metal else "backing.either-side")
    if layer.held == "fused":
        yield from _settings(layer, stack)
        hosts = [
            cloth.material for role in dict.fromkeys(cut.on for _, cut in lies if cut.on) for cloth in stack.all(role)
        ]
        if napped := tuple({cloth.id: cloth.name for cloth in hosts if cloth.nap}.values()):
            yield msg("backing.pile", materials=napped)
        yield from _bare(pieces, lies, layer)
    elif layer.held == "quilted":
        yield from quilt_lines()
    elif layer.held == "basted":
        all_round = all(piece.reaches(cut, edge) for piece, cut in lies for edge in piece.edges)
        yield msg("backing.baste" if all_round else "backing.tack")


def quilt_lines() -> Iterator[Message]:
    """How close the lines lie, and how the machine moves the cloth."""
    yield msg("quilt.lines", apart=float(QUILT_APART))


def _named(lies: Iterable[_Lies]) -> tuple[Message, ...]:
    """Which pieces: by their cloth, name and letter, each once."""
    return tuple(_each(piece, cut) for piece, cut in lies)


def _each(piece: Piece, cut: Cut) -> Message:
    role = cut.role if cut.on is None else cut.on
    return msg("step.stiffened-each" if cut.count > 1 else "step.stiffened", thing=thing_name(piece, role))


def _where(lies: Iterable[_Lies]) -> Iterator[Message]:
    """Where its edges lie, for each rule it is cut by; nothing for what is cut as its piece."""
    rules: dict[str, list[_Lies]] = {}
    for piece, cut in lies:
        rules.setdefault(cut.rule, []).append((piece, cut))
    for rule, those in rules.items():
        if rule in ("smaller", "net"):
            piece, cut = those[0]
            edges = any(p.reaches(cut, edge) for p, cut in those for edge in p.edges)
            lines = any(p.reaches(cut, line) for p, cut in those for line in p.lines)
            caught = "-caught" if edges else "-across" if lines else ""
            yield msg(f"backing.{rule}{caught}", pieces=_named(those), inset=cut.inset)
        elif rule != "full":
            yield from (_part(piece, cut) for piece, cut in those)


def _part(piece: Piece, cut: Cut) -> Message:
    """From where to where it lies, measured from a raw edge of its piece."""
    assert cut.part is not None
    x0, y0, x1, y1 = piece.cut_box
    first, last = (x0, x1) if cut.part.axis == "x" else (y0, y1)
    say: dict[str, Param] = {"piece": _each(piece, cut)}
    say |= {"start": max(0.0, cut.part.low - first), "end": min(last, cut.part.high) - first}
    if cut.part.axis == "x":
        # With the wrong side up a back lies as it is drawn, anything else the other way round.
        backs = {copy == "back" for copy in piece.copies}
        say["up"] = "both" if len(backs) > 1 else "as-drawn" if True in backs else "turned"
    low = cut.rule == "band" and cut.part.low <= first
    return msg(f"backing.{cut.rule}{'-low' if low else ''}", **say)


def _settings(layer: Layer, stack: Stack) -> Iterator[Message]:
    """How hot, how long, and what comes of it; the product's own directions go before."""
    cloths = [cloth.material for host in layer.hosts for cloth in stack.all(host)]
    coolest = min((layer.material, *cloths), key=lambda material: material.bears)
    steam = msg("fuse.steam" if layer.steam else "fuse.dry")
    yield msg("fuse.settings", heat=msg(f"iron.{coolest.iron}"), count=layer.seconds, steam=steam)
    yield msg("fuse.first", material=layer.material.name)


def _bare(pieces: Iterable[Piece], lies: list[_Lies], layer: Layer) -> Iterator[Message]:
    """Which pieces get none of it."""
    taken = {(p.id, cut.on) for p, cut in lies}
    bare = [_each(p, cut) for p in pieces for cut in p.cuts if cut.on is None and (p.id, cut.role) not in taken]
    if bare:
        yield msg("backing.not-on", pieces=tuple(bare))


def _over(stack: Stack, lies: list[_Lies]) -> Message | None:
    """What lies between it and its cloth, if anything does: pieces keep their layers in order, from the cloth up."""
    piece, cut = lies[0]
    under = [c for c in piece.cuts[: piece.cuts.index(cut)] if c.role in BACKING and c.on == cut.on]
    return stack.of_cut(under[-1]).material.name if under else None


def left_off(
    hems: Iterable[Hem], pieces: Collection[str], by_id: Mapping[str, Piece], stack: Stack
) -> Iterator[Message]:
    """How much shorter padding is cut at edges that are hemmed, so that only cloth is folded in."""
    told: list[Message] = []
    for piece, cut, name, raw in _folded_in(hems, by_id):
        if piece.id in pieces and not stack.of_cut(cut).margin:
            text = msg("backing.left-off", piece=thing_name(piece, None), edge=name, raw=raw)
            if text not in told:
                told.append(text)
                yield text


def unpicked(hems: Iterable[Hem], by_id: Mapping[str, Piece], stack: Stack) -> Iterator[Message]:
    """Where padding that was quilted before it was cut is taken out again, before the edge is hemmed."""
    told: list[Message] = []
    for _, cut, name, raw in _folded_in(hems, by_id):
        layer = stack.of_cut(cut)
        text = msg("backing.unpicked", material=layer.material.name, edge=name, raw=raw)
        if layer.margin and text not in told:
            told.append(text)
            yield text


def _folded_in(hems: Iterable[Hem], by_id: Mapping[str, Piece]) -> Iterator[tuple[Piece, Cut, Message, float]]:
    """Each padding that would be folded in, with its piece, the edge's name, and how far from the raw edge (mm)."""
    for hem in hems:
        for use in hem.edges:
            piece = by_id.get(use.piece)
            edge = piece.by_key[use.key] if piece is not None and hem.depth > 0 else None
            if piece is None or edge is None or edge.allowance <= 0:
                continue
            # Of a deep hem the allowance is turned under besides.
            raw = edge.allowance + (hem.depth if hem.depth > edge.allowance + EQUAL else 0.0)
            for cut in piece.cuts:
                if cut.role == "padding" and piece.reaches(cut, edge):
                    yield piece, cut, edge.name, raw


def padding_in(edges: Iterable[EdgeUse], by_id: Mapping[str, Piece], stack: Stack) -> tuple[Message, ...]:
    """The paddings that lie in the allowances of some edges."""
    found = {}
    for use in edges:
        piece = by_id[use.piece]
        edge = piece.by_key[use.key]
        for cut in piece.cuts:
            if cut.role == "padding" and edge.allowance > 0 and piece.reaches(cut, edge):
                found[cut.nth] = stack.of_cut(cut).material.name
    return tuple(found.values())


def caught(piece: Piece, cut: Cut) -> bool:
    """Whether any seam of its piece could catch it."""
    return any(piece.reaches(cut, edge) for edge in piece.by_key.values())


def slip_in(order: Order, pieces: Collection[Piece], stack: Stack) -> None:
    """What is not held on its cloth goes in through the gap, when everything has been turned, before a line is stitched across its way and
    before the gap is closed. Raises `SpecError` where nothing is closed at the end."""
    for i, (layer, nth) in enumerate(numbered(stack)):
        lies = _lies(pieces, layer.role, nth)
        if layer.held != "slipped" or not lies:
            continue
        for piece, cut in lies:
            _can_slip(f"layers.{i}", layer, piece, cut, pieces)
        at = next((n for n, done in enumerate(order.operations) if done.closes), None)
        if at is None:
            raise SpecError.of(f"layers.{i}.held", msg("problem.slip-no-gap", material=layer.material.name))
        laid = {piece.id for piece, _ in lies}
        while (done := order.operations[at - 1]).kind == "sew" and laid & set(done.pieces):
            at -= 1
        say: dict[str, Param] = {"material": layer.material.name, "pieces": _named(lies)}
        slipped = Order(order.manner)
        slipped.add(
            f"{layer.role}-slipped" + (f"-{nth + 1}" if nth else ""),
            "finish",
            3 * len(lies),
            "slip-in",
            say=say,
            later=partial(_where, lies),
            pieces=tuple(dict.fromkeys(p.id for p, _ in lies)),
            check=Look(msg("step.slip-in.check"), causes=(msg("cause.slipped-1"),), remedy=msg("remedy.slipped")),
        )
        order.put_in(at, slipped)


def _can_slip(field: str, layer: Layer, piece: Piece, cut: Cut, pieces: Collection[Piece]) -> None:
    """Whether there is something to slip it between, and no seam would catch it. Raises `SpecError`."""
    say: dict[str, Param] = {"material": layer.material.name, "piece": piece.name, "letter": piece.letter}
    twins = {f"{piece.id}-lining", piece.id.removesuffix("-lining")} - {piece.id}
    if len(piece.own_cloths) < 2 and not any(other.id in twins for other in pieces):
        raise SpecError.of(f"{field}.held", msg("problem.slip-single", **say))
    if not cut.net and cut.inset < max(edge.allowance for edge in piece.edges) - 1e-6:
        raise SpecError.of(f"{field}.inset", msg("problem.slip-caught", **say))


def thick_seams(pieces: Collection[Piece], stack: Stack, operations: Iterable[Operation]) -> list[tuple[Seam, float]]:
    """Seams sewn through a thick stack, when what is trimmed out is still in them, that can be graded, and how thick they are (mm)."""
    if 2 * stack.total < THICK_STACK:
        return []
    sewn = Sewn(pieces)
    found: list[tuple[Seam, float]] = []
    operations = tuple(operations)
    finished = finished_edges(operations)
    for done in operations:
        for seam in done.seams if trims(done) else ():
            if finished & {*seam.a, *seam.b}:
                continue
            layer = done.layers_of(seam)[0]
            total = seam_thickness(sewn, seam, layer, stack)
            if total >= THICK_STACK:
                found.append((seam, total))
    return found


def finished_edges(operations: Iterable[Operation]) -> set[EdgeUse]:
    """Edges that are overcast or pinked while the pieces are flat: nothing is trimmed off them any more."""
    return {use for done in operations if done.finishes for use in done.edges}


def trims(done: Operation) -> bool:
    """Whether the allowances it sews can be reached and trimmed when it is done."""
    faces = done.faces.id if done.faces is not None else ""
    return faces in ("faces.right-together", "faces.seam-on-seam") and done.allowance is not None and not done.keeps


def enclosed(piece: Piece, cut: Cut) -> bool:
    """Whether a lining lies on the same cloth, sewn with it as one: what is between cannot be reached any more."""
    return any(other.role == "lining" and other.on == cut.on for other in piece.cuts if other is not cut)


def trimmable(pieces: Iterable[Piece], operations: Sequence[Operation]) -> set[str]:
    """Pieces of which something can be trimmed out of a seam when it is sewn."""
    finished = finished_edges(operations)
    uses = [use for done in operations if trims(done) for seam in done.seams for use in (*seam.a, *seam.b)]
    sewn = {use.piece for use in uses if use not in finished}
    return {piece.id for piece in pieces if piece.id in sewn}


def seam_backing(
    stack: Stack, along: Iterable[Along], reached: bool
) -> tuple[tuple[Message, ...], tuple[Message, ...]]:
    """What lies along these edges and is trimmed out of the seam when it is sewn, as far as it is ``reached``; and the padding that stays in it."""
    out: list[Message] = []
    stays: list[Message] = []
    for piece, edge, role in along:
        for cut in piece.cuts:
            if cut.on != role or cut.role not in BACKING or not piece.reaches(cut, edge):
                continue
            layer = stack.of_cut(cut)
            trimmed = reached and layer.in_seams == "trimmed" and not enclosed(piece, cut)
            if trimmed or cut.role == "padding":
                told = out if trimmed else stays
                told += [layer.material.name] if layer.material.name not in told else []
    return tuple(out), tuple(name for name in stays if name not in out)
