"""Straps that are sewn on when the bag is closed and turned: from side to side, or on the front."""

from __future__ import annotations

from collections.abc import Mapping

from ...drafting.make import Make
from ...drafting.parts import PartRequest
from ...making import Look
from ...pattern import Check, Fix, SpecError
from ...shop import PART_CLEAR, WITHIN
from ...words import Param, msg
from .held import Held
from .placed import both_sides, ends_of
from .places import Field
from .worn import End, Strap, boxes_of, over_wall


def require_open(make: Make, request: PartRequest) -> None:
    """What is sewn on when the bag is closed takes one with an open top, where a hand holds the far wall aside; over its sides there is room
    for one. Raises `SpecError`."""
    sides = request.choices["sits"] == "sides"
    if make.hosting is not None and (sides or make.hosting.piece != make.wall.id):
        words = "problem.host-sides" if sides else "problem.host-last"
        raise SpecError.of(request.field("sits"), msg(words, piece=make.wall.name, letter=make.wall.letter))
    if make.around is None:
        raise SpecError.of(request.field("sits"), msg("problem.no-sides", part=request.kind.name))
    most = 2 if request.choices["sits"] == "late" and both_sides(make) else 1
    if request.count > most:
        raise SpecError.of(request.field("count"), msg("problem.too-many-last", part=request.kind.name, most=most))


def sew_on_last(make: Make, request: PartRequest, say: Mapping[str, Param], held: Held) -> None:
    """A strap sewn on when the bag is closed and turned, with the far wall held aside: over the sides, or on the front; its ends
    are ``held`` in one way or another."""
    half = (make.around or 0.0) / 2
    if request.choices["sits"] == "sides":
        _room(make, request)
        straps, size = [_from_side_to_side(make, request)], request.lengths
        make.carry(request.id, lambda sewn: over_wall(sewn, make.wall, straps, size["length"], size["width"]))
        boxes = boxes_of(make.wall, straps)
        seams = [seam for seam in make.seams if seam.id.startswith("side") and "outer" in seam.layers]
        words = "part-strap-over-two" if len(seams) > 1 else "part-strap-over-one"
        look = Look(msg("step.part-strap-over.check", half=half), half, float(WITHIN), held.causes, held.remedy)
    else:
        boxes = ends_of(make, request)
        words = "part-strap-late-both" if request.count > 1 else "part-strap-late"
        look = Look(msg("step.part-strap-late.check"), causes=held.causes, remedy=held.remedy)
    why = "part-strap-over" if request.choices["sits"] == "sides" else "part-strap-late"
    make.last_steps.add(
        f"{request.id}-on",
        held.kind,
        8 * request.count,
        words,
        caution=held.caution or msg("caution.thick"),
        say={
            **say,
            "through": msg(f"through.{_through(make)}"),
            "down": Field(make).under(request.lengths["from_top"], turned=True),
            "half": half,
            "wall": "back" if make.hosting is not None and make.hosting.copy == "back" else "front",
        },
        pieces=(request.id, make.host.id),
        stitch=held.stitch,
        layer=make.host_role,
        check=look,
        why=msg(f"step.{why}.why"),
        out=True,
        boxes=boxes,
        besides=held.lines,
    )


def _from_side_to_side(make: Make, request: PartRequest) -> Strap:
    """Each end half on each of the pieces that meet there, or over the fold or the middle of a wall in one."""
    wall, field, size = make.wall, Field(make), request.lengths
    left, _, right, _ = wall.stitch_box
    half, fold = size["width"] / 2, wall.base_fold

    def end(*places: float) -> End:
        boxes = [(x - half, field.level(x, size["from_top"]), x + half, field.level(x, 0.0)) for x in places]
        boxes += [(u, 2 * fold - t, v, 2 * fold - s) for u, s, v, t in boxes] if fold is not None else []
        return [(copy, box) for box in boxes for copy in wall.copies]

    if len(wall.copies) > 1 or fold is not None:
        return end(left), end(right)
    return end(left, right), end((left + right) / 2 if wall.side_fold is None else wall.side_fold)


def _through(make: Make) -> str:
    """What the ends are sewn through."""
    return "cuff" if make.spec.options.get("top") == "cuff-out" else "wall"


def _room(make: Make, request: PartRequest) -> None:
    """Whether its ends stay clear of the base."""
    down, field = request.lengths["from_top"], Field(make)
    room = field.height
    if down > room - PART_CLEAR:
        low = field.under(down, turned=True)
        title, text = msg("check.strap-low"), msg("check.strap-low.text", down=low, most=room - PART_CLEAR)
        fix = Fix(msg("fix.place"), {request.field("from_top"): ""})
        make.checks.append(Check(f"part.{request.id}.place", "warn", title, text, down, room - PART_CLEAR, fix))
