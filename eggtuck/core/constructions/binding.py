"""Binding an edge all round with a closed loop of strip, and how many strips that takes."""

from __future__ import annotations

from collections.abc import Sequence

from ..drafting.description import LengthInput, Option
from ..drafting.make import Make
from ..lay.laying import strips_needed
from ..making import Look
from ..making.naming import thing_name
from ..moves.carried import Loop, Sewn, laid
from ..moves.outliner import Outliner
from ..pattern import Chain, Check, Cut, EdgeUse, Fix, Need
from ..plane import polyline
from ..shop import BINDING_STRIP, BY_HAND, SELVEDGE, WITHIN
from ..words import Param, msg

STRIP = LengthInput("size.strip_width", 12.0, 200.0, "form", "either-way", fixed=True)
BINDING_LENGTH = LengthInput("size.binding_length", 50.0, 20000.0, "cloth", "at-least", fixed=True)
BINDING_JOIN = Option("binding_join", ("diagonal", "straight"), "form")
BINDING_FROM = Option("binding_from", ("cloth", "tape"), "form")


def by_hand(length: float) -> float:
    """Minutes to sew so many mm by hand with small stitches."""
    return length / BY_HAND


def binding_width(make: Make) -> float:
    """The strip's cut width as told or usual (mm); a quarter of it, folded in four, is what its seam takes of the edge."""
    return make.spec.size.get("strip_width", make.spec.on_grid(make.spec.ruler.usual(BINDING_STRIP)))


def add_binding(make: Make, perimeter: float, bound: Sequence[EdgeUse], caught: Sequence[EdgeUse] = ()) -> None:
    """A loop for ``perimeter`` mm of raw edge: the perimeter and one strip width for a join at 45 degrees (square ends,
    sewn corner to corner), or two allowances for a straight one. Mitred corners take nothing."""
    spec = make.spec
    wide = make.ask("strip_width", binding_width(make), added=0.0)
    a = make.allowance("end")
    diagonal = make.option("binding_join") == "diagonal"
    chain = Chain.start(msg("sum.perimeter"), perimeter)
    chain = (
        chain.plus(msg("sum.strip-width"), wide)
        if diagonal
        else chain.plus_some(msg("sum.two-end-allowances", allowance=a), 2 * a)
    )
    needed = spec.on_grid(chain.total, "up")
    if needed > chain.total + 1e-9:
        chain = chain.plus(msg("sum.to-the-mark"), needed - chain.total)
    length = needed
    given = spec.size.get("binding_length")
    if given is not None:
        length = given
        chain = Chain.start(msg("sum.given"), given)
    make.size("binding_length", chain)
    make.input("size.binding_length", length, needed)
    short = length < needed - 0.5
    if short or length > needed + max(0.5, spec.step):
        fix = Fix(msg("fix.binding", length=needed), {"size.binding_length": needed})
        key = "check.binding-short" if short else "check.binding-long"
        text = msg(f"{key}.text", length=length, perimeter=perimeter, needed=needed)
        make.checks.append(Check("binding.length", "stop" if short else "note", msg(key), text, length, needed, fix))
    # The net strip is what lies between the joins, square or slanted; never less than what can be drawn.
    net = max(10.0, length - (wide if diagonal else 2 * a))
    pen = Outliner("binding", (0.0, 0.0))
    lean = wide if diagonal else 0.0
    pen.to("edge", (net, 0.0), 0.0)
    pen.to("join-right", (net + lean, wide), 0.0 if diagonal else a)
    pen.to("outside", (lean, wide), 0.0)
    pen.to("join-left", (0.0, 0.0), 0.0 if diagonal else a)
    square = (
        polyline([(0.0, 0.0), (net + wide, 0.0), (net + wide, wide), (0.0, wide), (0.0, 0.0)]) if diagonal else None
    )
    lost = wide if diagonal else 2 * a
    bought = make.option("binding_from") == "tape"
    cuts = [] if bought else [Cut(make.role("binding"), 1)]
    make.piece("binding", "", pen.edges, cuts, cut_as=square, join_loss=lost)
    if bought:
        opened = msg("need.bias-tape.note", wide=wide)
        make.needs.append(Need.measured("binding", "bias-tape", msg("need.bias-tape"), length, wide / 2, opened))
    quarter = wide / 4
    make.seam(
        "binding-join",
        [EdgeUse("binding", "join-left")],
        [EdgeUse("binding", "join-right", reversed=True)],
        a,
        ("binding",),
        "binding-join",
    )
    piece = bound[0].piece
    make.carry("binding", lambda sewn: _bound(sewn, piece, quarter))
    make.seam("binding", bound, [EdgeUse("binding", "edge")], quarter, ("binding",), "binding", caught)
    make.hem("binding-fold", [EdgeUse("binding", "outside")], quarter)
    layer = None if bought else spec.stack.of(make.role("binding"))
    if layer is not None and layer.width - 2 * SELVEDGE < length:
        strips = strips_needed(length, layer.width, lost)
        text = msg("check.strips.text", count=strips, width=layer.width, lost=lost, total=length + (strips - 1) * lost)
        make.checks.append(Check("binding.strips", "note", msg("check.strips", count=strips), text, float(strips), 1.0))


def _bound(sewn: Sewn, piece: str, seen: float) -> tuple[Loop, ...]:
    """What is seen of the binding: as deep as its seam, along the four sides."""
    points = [p for facet in sewn.of(piece) for p in facet.flat]
    (x0, y0), (x1, y1) = ((end(p[0] for p in points), end(p[1] for p in points)) for end in (min, max))
    level = [(x0, y0, x1, y0 + seen), (x0, y1 - seen, x1, y1)]
    steep = [(x0, y0 + seen, x0 + seen, y1 - seen), (x1 - seen, y0 + seen, x1, y1 - seen)]
    return tuple(loop for box in (*level, *steep) for loop in laid(sewn, piece, box))


def binding_steps(make: Make, by: str = "hand", back: str = "") -> None:
    """Join to a loop, try it on, sew it on side by side, mitre, fold over and stitch down. By machine it is sewn to the ``back`` first: the row
    that is seen is sewn from the front."""
    order, joined = make.order, {seam.id: seam for seam in make.seams}
    words = f"binding-join-{make.option('binding_join')}"
    wide = make.finished["strip_width"] or 0.0
    bought = make.option("binding_from") == "tape"
    folds: dict[str, Param] = {"quarter": wide / 4, "length": make.finished["binding_length"] or 0.0, "wide": wide}
    order.add(
        "binding-folds",
        "prepare",
        4,
        "binding-folds-tape" if bought else "binding-folds",
        say=folds,
        pieces=("binding",),
        irons=not bought,
        check=msg("step.binding-folds.check", **folds),
    )
    lay = msg(f"lay.{words}", wide=wide, a=make.allowance("end"))
    around = joined["binding"].length_a
    # Of a strip that is longer than it need be no more is joined: a loop that is too long lies in waves.
    longer = next((check for check in make.checks if check.id == "binding.length" and check.verdict == "note"), None)
    if longer is not None:
        over = (longer.value or 0.0) - (longer.limit or 0.0)
        lay = msg("lay.of-longer", lay=lay, length=folds["length"], over=over)
    order.seam(
        "binding-join",
        [joined["binding-join"]],
        "binding-join",
        lay=msg("lay.of-tape", lay=lay) if bought else lay,
        along=msg("along.corner-to-corner") if make.option("binding_join") == "diagonal" else None,
        press=msg("press.open"),
        check=None if longer is None else msg("step.binding-join.check", around=around),
    )
    by_seam = joined["binding"]
    loop = {"perimeter": by_seam.length_a}
    tried = Look(
        msg("step.binding-try.check", perimeter=by_seam.length_a),
        by_seam.length_a,
        float(WITHIN),
        (msg("cause.joined-wrong"), msg("cause.edge-stretched")),
        msg("remedy.binding"),
    )
    order.add("binding-try", "check", 2, say=loop, pieces=("binding", by_seam.a[0].piece), check=tried)
    faces, check = msg("faces.right-together"), msg("step.binding-on.check")
    quarter: dict[str, Param] = {"quarter": by_seam.allowance}
    by = "hand" if make.by_hand else by
    on = thing_name(make.piece_of(back if by == "machine" else by_seam.a[0].piece), "outer")
    lay = msg("lay.binding-back" if by == "machine" else "lay.binding", on=on)
    order.seam(
        "binding",
        [by_seam],
        "binding-on",
        say=quarter,
        along=msg("along.binding", **quarter),
        lay=lay,
        faces=faces,
        why=msg(f"step.binding-on.why-{by}"),
        check=check,
        keeps=True,
    )
    minutes = 12 if by == "machine" else 12 + by_hand(by_seam.length_a)
    words, check = f"binding-over-{by}", msg("step.binding-over.check")
    say: dict[str, Param] = {} if by == "hand" else {"edge": make.edge_stitch}
    say["it"] = msg("binding.tape" if bought else "binding.it")
    order.add(
        "binding-over",
        "sew",
        minutes,
        words,
        say=say,
        pieces=("binding",),
        hems=("binding-fold",),
        check=check,
        hand=by == "hand",
        stitches=("knot", "slip", "corner") if by == "hand" else (),
        turns=("whole",),
    )
