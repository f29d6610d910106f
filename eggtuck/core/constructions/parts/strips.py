"""Straps, handles, ring tabs and loops: strips of cloth by the way they are made."""

from __future__ import annotations

from ...drafting.make import Make
from ...drafting.parts import PARTS, PartRequest
from ...lay.laying import strips_needed
from ...making import Look
from ...moves.carried import Loop, Sewn, arch, top_ends
from ...moves.outliner import rectangle
from ...objects import worn_length
from ...pattern import Chain, Check, Cut, Fix, Mark, Need, Role
from ...plane import Segment
from ...shop import SELVEDGE, TOPSTITCH, WEBBING_THICK
from ...words import Message, Param, Thickness, msg
from ..strips import IN_FOUR
from .held import held_by, need_rivets
from .over_sides import require_open, sew_on_last
from .placed import both_sides, ends_of, is_placed, place_part
from .sides import in_side


def layers_of(request: PartRequest) -> int:
    """In how many layers of its cloth a strip lies at its thickest: one that is turned along its seam, over webbing along its sides."""
    return {"single": 1, "on-webbing": 2}.get(request.choices.get("make", "four-fold"), IN_FOUR)


def lying(request: PartRequest, piece: str) -> tuple[str, int, float]:
    """A tab or loop of a strip where it is caught, double: of which piece, in how many layers of its cloth, and what webbing there is besides (mm)."""
    webbing = 2 * float(WEBBING_THICK) if request.choices.get("make") == "on-webbing" else 0.0
    return piece, 2 * layers_of(request), webbing


def strip_width(make: Make, request: PartRequest, width: float) -> Chain:
    """Cut width of a strip ``width`` mm wide when finished: folded in four it is four times as wide; turned, twice and two
    allowances; a single layer of a sheet as wide as it is; over webbing, with two allowances pressed under."""
    how = request.choices.get("make", "four-fold")
    chain = Chain.start(msg("sum.finished-width"), width)
    if how == "four-fold":
        return chain.times(msg("sum.in-four"), 4)
    if how == "single":
        return chain
    a = make.allowance("default")
    if how == "turned":
        return chain.times(msg("sum.both-sides"), 2).plus_some(msg("sum.two-allowances", allowance=a), 2 * a)
    return chain.plus_some(msg("sum.two-allowances", allowance=a), 2 * a)


def add_strip(make: Make, request: PartRequest, length: Chain, width: float) -> None:
    """The strip's piece, its folds, and the joins when the cloth is too narrow for it."""
    how = request.choices.get("make", "four-fold")
    wide = strip_width(make, request, width)
    cut_wide = make.on_ruler(wide, 0.0, way="nearest")
    long = make.on_ruler(length, 0.0, way="up")
    id = request.id
    make.sums[f"{id}.cut_width"], make.sums[f"{id}.cut_height"] = long, cut_wide
    x, y = long.total, cut_wide.total
    edges = rectangle(id, x, y, {"lower": 0.0, "end-right": 0.0, "upper": 0.0, "end-left": 0.0})
    folds = {"four-fold": (y / 4, y / 2, y * 3 / 4), "turned": (y / 2,)}.get(how, ())
    if how == "on-webbing":
        under = make.allowance("default")
        folds = (under, y - under)
    marks = [
        Mark(
            "line",
            msg("mark.strap-fold"),
            (Segment((0.0, fold), (x, fold)),),
            datum=msg("mark.strap-fold.datum", raw=fold),
        )
        for fold in folds
    ]
    diagonal = request.choices.get("join", "diagonal") == "diagonal"
    loss = y if diagonal else 2 * make.spec.seam_allowance("default")
    role = cloth_of(make, request)
    piece = make.piece(id, "", edges, [Cut(role, request.count)], marks, join_loss=loss)
    make.hem(f"{id}-edges", make.each(piece), 0.0)
    _suits(make, request, role)
    if how == "on-webbing":
        make.needs.append(Need.measured(f"{id}-webbing", "webbing", msg("need.webbing"), x * request.count, width))
    _joins(make, request, x, loss)


def cloth_of(make: Make, request: PartRequest) -> Role:
    """The cloth a part is cut from: the contrast where there is one and nobody wants the make's own. Without one nobody is asked."""
    role = make.role("contrast")
    if role == "outer":
        make.idle.add(request.field("of"))
    return "outer" if request.choices.get("of") == "outer" else role


def _suits(make: Make, request: PartRequest, role: Role) -> None:
    """Whether its cloth may be used as it is made: a single layer that frays is raw along both sides; a sheet needs no folding."""
    layer, how = make.spec.stack.of(role), request.choices.get("make", "four-fold")
    if layer is None or "make" not in request.choices:
        return
    say: dict[str, Param] = {"part": request.kind.name, "material": layer.material.name}
    id = f"part.{request.id}.cloth"
    if how == "single" and layer.material.frays:
        fix = Fix(msg("fix.part-four-fold"), {request.field("make"): "four-fold"})
        make.checks.append(
            Check(id, "warn", msg("check.strip-frays", **say), msg("check.strip-frays.text", **say), fix=fix)
        )
    elif how in ("four-fold", "turned") and layer.material.kind == "sheet":
        say["thickness"] = Thickness(layer.thickness * {"four-fold": 4, "turned": 2}[how])
        fix = Fix(msg("fix.part-single"), {request.field("make"): "single"})
        make.checks.append(
            Check(id, "note", msg("check.strip-sheet", **say), msg("check.strip-sheet.text", **say), fix=fix)
        )


def make_strip(make: Make, request: PartRequest, id: str, minutes: float, say: dict[str, Param]) -> None:
    """The step that folds or turns the strip and stitches along it, as it is chosen to be made."""
    if request.choices["make"] in ("turned", "on-webbing"):
        say = {**say, "allowance": make.allowance("default")}
    make.part_steps.add(
        id,
        "prepare",
        minutes,
        _strip_words(make, request),
        say=say,
        pieces=(request.id,),
        hems=(f"{request.id}-edges",),
        stitch=float(TOPSTITCH),
        irons=request.choices["make"] != "single",
        check=msg("step.strap-four.check"),
    )


def _strip_words(make: Make, request: PartRequest) -> str:
    how, layer = request.choices["make"], make.spec.stack.of(cloth_of(make, request))
    cloth = how == "single" and layer is not None and layer.material.kind != "sheet"
    return f"part-{how}-cloth" if cloth else f"part-{how}"


def _joins(make: Make, request: PartRequest, length: float, lost: float) -> None:
    """How many strips a strap longer than the cloth is wide takes; each join loses the strip's width at 45 degrees, two
    allowances when straight."""
    layer = make.spec.stack.of(cloth_of(make, request))
    if layer is None or length <= layer.width - 2 * SELVEDGE:
        make.idle.add(request.field("join"))
        return
    if request.choices.get("join") == "straight":
        # Sewn like any other seam.
        make.allowance("default")
    strips = strips_needed(length, layer.width, lost)
    say = {"count": strips, "width": layer.width, "lost": lost, "total": length + (strips - 1) * lost}
    text = msg("check.strips.text", **say)
    make.checks.append(
        Check(f"part.{request.id}.joins", "note", msg("check.strips", count=strips), text, float(strips), 1.0)
    )


def add_strap(make: Make, request: PartRequest) -> None:
    """A strap or handle: its length and an end turned in or caught at both ends. Load is the maker's to test."""
    if request.choices["sits"] != "faces":
        require_open(make, request)
    lengths = request.lengths
    chain = Chain.start(msg("sum.length"), lengths["length"]).plus_some(
        msg("sum.two-strap-ends", end=lengths["end"]), 2 * lengths["end"]
    )
    add_strip(make, request, chain, lengths["width"])
    say: dict[str, Param] = {"part": request.kind.name, "count": request.count, "edge": make.edge_stitch}
    say["end"] = lengths["end"]
    make_strip(make, request, request.id, 6 * request.count, say)
    say |= place_part(make, request) if is_placed(request) else {}
    say["attach"] = msg(f"attach.{request.choices['attach']}")
    twice = request.count > 1 and both_sides(make)
    words = (
        "part-strap-on" if not twice else "part-strap-on-both" if len(make.host.copies) > 1 else "part-strap-on-halves"
    )
    need_rivets(make, request)
    check_worn(make, request)
    load_caution(make)
    held = held_by(make, request, cloth_of(make, request))
    if request.choices["sits"] != "faces":
        sew_on_last(make, request, say, held)
        return
    order = make.part_steps
    order.add(
        f"{request.id}-on",
        held.kind,
        4 * request.count,
        words,
        single=() if twice else make.on_one,
        caution=held.caution,
        say=say,
        pieces=(request.id, make.host.id),
        stitch=held.stitch,
        parks=hanging(request),
        sewn_on=True,
        boxes=ends_of(make, request),
        layer=make.host_role,
        check=Look(msg("step.part-strap-on.check", part=request.kind.name), causes=held.causes, remedy=held.remedy),
        why=held.why,
        besides=held.lines,
    )


def hanging(request: PartRequest) -> Message:
    """What hangs loose of a part: of an adjustable strap one end is a tab, which holds its ring."""
    if request.kind.id == "adjustable-strap":
        return msg("loose.ringed", part=request.kind.name, tab=PARTS["ring-tab"].name)
    return msg("loose.part", count=request.count, part=request.kind.name)


def add_loop(make: Make, request: PartRequest) -> None:
    """A loop of strip or ribbon, both ends in a seam."""
    size, a = request.lengths, make.allowance("default")
    chain = Chain.start(msg("sum.loop-twice"), 2 * size["length"]).plus_some(
        msg("sum.two-allowances", allowance=a), 2 * a
    )
    if request.choices["make"] == "ribbon":
        make.sums[f"{request.id}.length"] = chain
        total = chain.total * request.count
        make.needs.append(Need.measured(request.id, "ribbon", msg("need.loop"), total, size["width"]))
    else:
        add_strip(make, request, chain, size["width"])
        say: dict[str, Param] = {"part": request.kind.name, "count": request.count, "edge": make.edge_stitch}
        make_strip(make, request, f"{request.id}-strip", 4 * request.count, say)
    make.carry(request.id, lambda sewn: _looped(sewn, size["length"], size["width"]))
    check_worn(make, request)
    made = (request.id,) if request.choices["make"] != "ribbon" else ()
    make.part_steps.add(
        request.id,
        "sew",
        3,
        "part-loop-in",
        say={
            "cut": msg("loop-cut.strip") if made else msg("loop-cut.ribbon", loop=chain.total),
            **in_side(make, request),
        },
        pieces=(*made, make.host.id),
        single=make.on_one,
        check=msg("step.loop-in.check"),
        parks=msg("loose.loop"),
        lies=lying(request, request.id) if made else None,
        layer=make.host_role,
    )


def _looped(sewn: Sewn, length: float, width: float) -> tuple[Loop, ...]:
    """A loop standing on one end of the top, both its ends there."""
    place, _ = top_ends(sewn)
    return arch(place, place, 2 * length, width, 2 * length)


def check_worn(make: Make, request: PartRequest) -> None:
    """Whether what the wearer's measures ask for is there: the hand passes, the strap reaches."""
    asked = worn_length(request.kind.id, make.spec.wearer)
    if asked is None:
        return
    name, least = asked
    longest = request.lengths[name]
    ok = longest >= least - 1e-6
    if request.kind.id == "adjustable-strap":
        ok = ok and longest / 2 + request.lengths["slider_turn"] <= least
    words = f"check.worn-{request.kind.id}" if ok else f"check.worn-{request.kind.id}-less"
    text = msg(f"{words}.text", least=least, length=longest)
    fix = None
    if not ok and longest < least:
        mark = make.spec.on_mark(least, "up")
        fix = Fix(msg("fix.part-length", length=mark), {request.field(name): mark})
    check = Check(f"part.{request.id}.wearer", "ok" if ok else "warn", msg(words), text, longest, least, fix)
    make.checks.append(check)


def load_caution(make: Make) -> None:
    if not any(check.id == "caution.load" for check in make.checks):
        make.checks.append(Check("caution.load", "note", msg("caution.load"), msg("caution.load.text")))
