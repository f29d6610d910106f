"""What lies on the cloths of a piece: interfacing and padding, each cut by its own rule."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace
from typing import Literal

from ..materials import BACKING, Layer
from ..pattern import Check, Cut, Edge, Fix, Piece, Role, SpecError
from ..pattern.piece import CutRule, Part
from ..plane import OffsetError, area, bounds, is_mirror_image, perimeter
from ..shop import EQUAL
from ..words import Param, msg
from .spec import Spec

# A length is looked for to the hundredth of a millimetre.
_HALVED = 14


def backed(spec: Spec, piece: str, edges: tuple[Edge, ...], cuts: Sequence[Cut], usual: bool) -> tuple[Cut, ...]:
    """The cuts of a piece with what lies on its cloths: by the rule of each layer where that is ``usual`` for the piece, by what the maker
    says of it in any case."""
    own = {cut.role: cut for cut in cuts if cut.on is None}
    found = list(cuts)
    for role in BACKING:
        for nth, layer in enumerate(spec.stack.all(role)):
            told = layer.rule.pieces.get(piece)
            rule = told or (layer.rule.cut if usual else "none")
            if rule == "none":
                continue
            # A lining that lies flat on the outer is one cloth with it.
            flat = {cut.role: cut.on for cut in cuts if cut.on is not None}
            for host in _hosts(layer, own, flat, told is not None):
                found.append(_cut(spec, layer, rule, own[host], edges, nth))
    return tuple(found)


def _hosts(layer: Layer, own: dict[Role, Cut], flat: dict[Role, Role], told: bool) -> tuple[Role, ...]:
    """On which of a piece's cloths it lies; one that the maker names takes it whatever it is cut from."""
    # Where the outer is of another cloth here, it is that it lies on.
    other: dict[Role, Role] = {"outer": "contrast"} if "outer" not in own and "contrast" in own else {}
    every = (other.get(flat.get(host, host), flat.get(host, host)) for host in layer.hosts)
    hosts = tuple(dict.fromkeys(host for host in every if host in own))
    return hosts or tuple(own)[: 1 if told else 0]


def _cut(spec: Spec, layer: Layer, rule: CutRule, host: Cut, edges: tuple[Edge, ...], nth: int) -> Cut:
    inset = inset_of(spec, layer) if rule == "smaller" else host.inset
    part = _part(spec, layer, rule, edges) if rule not in ("full", "smaller") else None
    net = rule == "net"
    return Cut(layer.role, host.count, False, host.mirrored, inset, net, nth, host.role, part, rule)


def rule_checks(spec: Spec, pieces: Sequence[Piece]) -> list[Check]:
    """What is said of a layer that this make does not follow: a form that cuts it in its own way, pieces that are not there."""
    found: list[Check] = []
    counted: dict[Role, int] = {}
    ids = {piece.id for piece in pieces if piece.cuts}
    for layer in spec.stack.layers:
        nth = counted[layer.role] = counted.get(layer.role, -1) + 1
        mine = [
            (p, cut)
            for p in pieces
            for cut in p.cuts
            if layer.role in BACKING and (cut.role, cut.nth) == (layer.role, nth)
        ]
        say: dict[str, Param] = {"material": layer.material.name}
        odd = next((p for p, cut in mine if cut.rule != layer.rule.pieces.get(p.id, layer.rule.cut)), None)
        id = f"layers.rule.{layer.role}" + (f".{nth + 1}" if nth else "")
        if odd is not None:
            say |= {"piece": odd.name, "letter": odd.letter}
            fix = Fix(msg("fix.rule"), {f"layers.{layer.role}.cut": ""})
            found.append(
                Check(id, "warn", msg("check.rule-fixed", **say), msg("check.rule-fixed.text", **say), fix=fix)
            )
        found += _heat_check(spec, layer, id) if mine else []
        gone = len(set(layer.rule.pieces) - ids)
        if gone:
            say |= {"count": gone}
            found.append(
                Check(f"{id}.pieces", "note", msg("check.rule-gone", **say), msg("check.rule-gone.text", **say))
            )
    return found


def _heat_check(spec: Spec, layer: Layer, id: str) -> list[Check]:
    """Whether the cloth bears the iron that the glue wants."""
    cloths = [cloth for host in layer.hosts for cloth in spec.stack.all(host)]
    colder = next((c for c in cloths if c.material.bears < layer.material.bears), None)
    if layer.held != "fused" or colder is None:
        return []
    say: dict[str, Param] = {"material": layer.material.name, "cloth": colder.material.name}
    say |= {"wants": msg(f"iron.{layer.material.iron}"), "bears": msg(f"iron.{colder.material.iron}")}
    fix = Fix(msg("fix.baste-it"), {f"layers.{layer.role}.held": "basted"})
    return [Check(f"{id}.heat", "warn", msg("check.fuse-heat", **say), msg("check.fuse-heat.text", **say), fix=fix)]


def turned_halves(piece: Piece) -> Piece:
    """The piece, with half of what lies on the left or right half of front and back cut turned over, as these lie on each other, where
    that is no mirror image of itself."""
    if not {"front", "back"} <= set(piece.copies):
        return piece
    sided = [cut for cut in piece.cuts if cut.part is not None and cut.part.axis == "x"]
    turned = [cut for cut in sided if not is_mirror_image(piece.outline_for(cut))]
    if not turned:
        return piece
    return replace(piece, cuts=tuple(replace(cut, mirrored=True) if cut in turned else cut for cut in piece.cuts))


def check_outlines(spec: Spec, piece: Piece) -> None:
    """Whether every cut of a piece has an outline. Raises `SpecError` at the layer or the allowance that leaves none."""
    for cut in piece.cuts:
        if _leaves(piece, cut):
            continue
        if cut.rule == "full":
            raise SpecError.of(spec.widest_allowance, msg("problem.allowance-swallows"))
        role = [i for i, layer in enumerate(spec.stack.told) if layer.role == cut.role and not layer.idle]
        index = role[cut.nth]
        layer = spec.stack.told[index]
        say: dict[str, Param] = {"material": layer.material.name, "piece": piece.name, "letter": piece.letter}
        most = spec.most(_most_inset(piece, cut)) if cut.rule == "smaller" else 0.0
        if most > 0:
            text = msg("problem.layer-vanishes-inset", **say, inset=cut.inset, high=most)
            raise SpecError.of(f"layers.{index}.inset", text)
        # Where only this piece is cut so, it is this piece that is told otherwise.
        field = f"pieces.{piece.id}" if piece.id in layer.rule.pieces else "low" if cut.rule == "band" else "cut"
        raise SpecError.of(f"layers.{index}.{field}", msg("problem.layer-vanishes", **say))


def _leaves(piece: Piece, cut: Cut) -> bool:
    """Whether something is left of a cut that can be cut out: where just as much is taken off as it is wide it is but a line."""
    try:
        outline = piece.outline_for(cut)
    except OffsetError:
        return False
    # Of something long twice the area over the way round it is how wide it is.
    return 2 * area(outline) >= EQUAL * perimeter(outline)


def _most_inset(piece: Piece, cut: Cut) -> float:
    """How much smaller all round a cut may be till nothing is left of it (mm)."""
    low, high = 0.0, min(piece.cut_size) / 2
    for _ in range(_HALVED):
        middle = (low + high) / 2
        low, high = (middle, high) if _leaves(piece, replace(cut, inset=middle)) else (low, middle)
    return low


def inset_of(spec: Spec, layer: Layer) -> float:
    """How much smaller all round it is cut (mm): as told, else as usual."""
    return usual_inset(spec) if layer.rule.inset is None else layer.rule.inset


def usual_inset(spec: Spec) -> float:
    """Half the usual allowance, on a mark (mm)."""
    return spec.on_grid(spec.seam_allowance("default") / 2, "up")


def _part(spec: Spec, layer: Layer, rule: CutRule, edges: tuple[Edge, ...]) -> Part | None:
    """Which part of the piece a rule leaves, None where it is all of it. What lies beyond the net box is allowance; halves end on a mark
    from the raw edge."""
    x0, y0, x1, y1 = bounds([segment for edge in edges for segment in edge.path])
    if rule == "net":
        return _on_marks(spec, edges)
    far = 1e4
    if rule in ("lower", "upper", "left", "right"):
        axis: Literal["x", "y"] = "x" if rule in ("left", "right") else "y"
        low, high = (x0, x1) if axis == "x" else (y0, y1)
        raw = _raw_start(edges, axis, low)
        middle = raw + spec.on_grid((low + high) / 2 - raw)
        return Part(axis, low - far, middle) if rule in ("lower", "left") else Part(axis, middle, high + far)
    if rule == "band":
        low, high = band_of(spec, layer, y1 - y0)
        # A band from the very edge takes the allowance there with it.
        return Part("y", y0 + low if low > 0 else y0 - far, y0 + high if high < y1 - y0 else y1 + far)
    return None


def _on_marks(spec: Spec, edges: tuple[Edge, ...]) -> Part | None:
    """What a ruler shows of the area within the stitch lines, where two straight sides of it are not on marks: half a zip's tape may lie between
    two."""
    straight = [segment for edge in edges for segment in edge.path if not segment.bulge]
    box = bounds([segment for edge in edges for segment in edge.path])
    axes: tuple[tuple[Literal["x", "y"], int], ...] = (("x", 0), ("y", 1))
    for axis, nth in axes:
        low, high = box[nth], box[nth + 2]
        ends = [{round(s.start[nth], 3), round(s.end[nth], 3)} for s in straight]
        if spec.grid.step and not spec.grid.shows(high - low) and all({round(at, 3)} in ends for at in (low, high)):
            return Part(axis, low, low + spec.on_grid(high - low, "down"))
    return None


def _raw_start(edges: tuple[Edge, ...], axis: Literal["x", "y"], net: float) -> float:
    """Where the raw edge begins along an axis (mm); where no allowance has room, the net one."""
    try:
        return Piece("", "", msg("thing"), edges, ()).cut_box["xy".index(axis)]
    except OffsetError:
        return net


def band_of(spec: Spec, layer: Layer, height: float) -> tuple[float, float]:
    """From where to where above the lower stitch line a band goes (mm): as told, else the lower third."""
    low = layer.rule.low or 0.0
    high = spec.on_grid(height / 3) if layer.rule.high is None else layer.rule.high
    return low, high
