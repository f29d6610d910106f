"""What most forms ask and tell alike: layers, interfacing, the turning gap, the beginning and end of the sewing."""

from __future__ import annotations

import math
from collections.abc import Collection, Iterable, Mapping, Sequence

from ..drafting.asking import ease_of, ease_state, habit_of, wrap_girth
from ..drafting.description import LengthInput, Option
from ..drafting.make import Make
from ..fit.ease import ease_check
from ..lengths import Grid
from ..making import Look, Order
from ..making.bag_parts import begin, put_in, stiffen_and_mark, trim_threads
from ..materials import Material
from ..moves.outliner import rectangle
from ..pattern import Check, Cut, Edge, EdgeUse, Fix, Role, Seam, Verdict
from ..plane import Segment
from ..shop import CLIP_GIVES, CLIP_LEAST, CLIP_MOST, CLIP_SHORT, LINING_SLACK, OVERCAST_CURVE, PACE, RESEWN, TOPSTITCH
from ..words import Message, Param, Percent, Thickness, msg
from .parts.adding import add_parts
from .strips import fold_marks
from .turned import add_lining

EASE = LengthInput("ease.girth", -100.0, 600.0, "form", "at-least")
GAP = LengthInput("size.gap", 10.0, 1000.0, "ease", "at-least", fixed=True)
KEEPS = Option("keeps", ("nothing", "warm", "cold"), "ease")
JOINED = Option("joined", ("apart", "as-one"), "ease")
CLOSING = Option("closing", ("hand", "machine"), "ease")
ASSEMBLY = Option("assembly", ("nested", "long-tube"), "ease", {"options.top": ("bagged", "cuff-out")})
SHOWS = Option("shows", ("outer", "both"), "form")
EDGES = Option("edges", ("overcast", "pinked", "raw"), "ease")
LINING = Option("lining", ("equal", "reduced"), "ease")
LINED_LAYERS = (("linen", "outer"), ("quilting-cotton", "lining"))
PADDED_LAYERS = (*LINED_LAYERS, ("cotton-batting", "padding"))


def girth_fit(make: Make, girth: float, inside: float, narrowest: float = math.inf) -> None:
    """How loosely the make goes round its thing where it is ``narrowest``, and the ease as an input."""
    spec, thing = make.spec, make.spec.thing
    if thing is None:
        return
    make.states.append(ease_state(spec, make.described["ease.girth"], ease_of(spec)))
    wrapped = wrap_girth(spec, inside)
    assert wrapped is not None
    make.follow("ease.girth", girth - wrapped.total, "size.girth")
    tight = min(girth, narrowest)
    make.checks.append(ease_check(tight, inside, thing.girth, spec.on_mark, "girth" in spec.size, habit_of(spec)))


def edges_check(make: Make, hidden_by_lining: bool = True) -> None:
    """Without a lining, or with one that lies flat on the outer, the seam edges of a cloth that frays show: they are finished as is chosen, and
    where they are left raw it is told, and a lining that would hide them offered."""
    make.idle.add("edges")
    bare_padding(make)
    if make.order.manner.both_show:
        _both_show(make, hidden_by_lining)
    sewn = [use for seam in make.seams if seam.layers != ("binding",) for use in (*seam.a, *seam.b)]
    frays = _fraying(make, *(use.piece for use in (*sewn, *(use for hem in make.hems for use in hem.edges))))
    if (make.lined and not make.flat_lined) or frays is None:
        return
    hides = _hides_them(make) if hidden_by_lining else None
    _finish(make, frays, hides or Fix(msg("fix.overcast"), {"options.edges": "overcast"}))


def bare_padding(make: Make) -> None:
    """Without a lining, by itself or flat on the outer, a padding lies bare inside: it is told, and a lining that would cover it offered."""
    padding = make.spec.stack.of("padding")
    if padding is None or make.lined:
        return
    title, text = msg("check.padding-bare"), msg("check.padding-bare.text", material=padding.material.name)
    make.checks.append(Check("layers.bare", "note", title, text, fix=add_lining(make.spec)))


def _fraying(make: Make, *pieces: str) -> Material | None:
    """What frays of the cloths of these pieces."""
    return next((material for material in make.cloths_of(*pieces) if material.frays), None)


def _hides_them(make: Make) -> Fix | None:
    """A button for a lining that hides the seams; one that is there already and lies flat on the outer does when it is sewn by itself, where it can be."""
    if not make.lined:
        return add_lining(make.spec)
    return Fix(msg("fix.joined-apart"), {"options.joined": "apart"}) if "joined" in make.offered else None


def _finish(make: Make, frays: Material, raw: Fix) -> None:
    """Takes the finish that is chosen, and tells it; ``raw`` is the way out of leaving them so."""
    make.finishing = way = make.option("edges") if "edges" in make.spec.options else "overcast"
    make.idle.discard("edges")
    fix = raw if way == "raw" else None
    text = msg(f"check.edges-{way}.text", material=frays.name)
    verdict: Verdict = "note" if way == "raw" else "ok"
    make.checks.append(Check("layers.edges", verdict, msg(f"check.edges-{way}"), text, fix=fix))


def _both_show(make: Make, hidden_by_lining: bool) -> None:
    """Whether a make can be worn either way out: with a lining that hides its seams; closed by hand, in thread that matches both."""
    if make.lined and not make.flat_lined:
        make.checks.append(Check("layers.shows", "ok", msg("check.both-show"), msg("check.both-show.text")))
        return
    title, text = msg("check.both-unlined"), msg("check.both-unlined.text")
    fix = _hides_them(make) if hidden_by_lining else None
    make.checks.append(Check("layers.shows", "warn", title, text, fix=fix))


def turn_of(thickness: float) -> float:
    """The turn of cloth of layers that go round: ``2 pi t``."""
    return 2 * math.pi * thickness


def four_fold_handle(make: Make, length: float, wide: float, end: float) -> None:
    """A strap folded in four, ``wide`` when finished, its ends in a seam at ``end`` mm."""
    sides = {"lower": 0.0, "end-right": end, "upper": 0.0, "end-left": end}
    make.piece("handle", "", rectangle("handle", length, 4 * wide, sides), [Cut("outer", 1)], fold_marks(length, wide))
    make.hem("handle-strap", [EdgeUse("handle", "lower"), EdgeUse("handle", "upper")], wide)


def fold_handle(order: Order, minutes: float, closed: float | None = None) -> None:
    """The step that folds such a strap in four and stitches along both sides; its ends turned in by ``closed`` mm first, where they are."""
    say: dict[str, Param] = {"edge": order.manner.edge}
    check, seen = msg("step.strap-four.check"), float(TOPSTITCH)
    hems: tuple[str, ...] = ("handle-strap",)
    words = "strap-four"
    if closed is not None:
        hems, words = (*hems, "handle-ends"), "strap-four-closed"
        say["turn"] = closed
    order.add(
        "strap-four",
        "sew",
        minutes,
        words,
        say=say,
        pieces=("handle",),
        hems=hems,
        check=check,
        stitch=seen,
        irons=True,
    )


def start_sewing(
    make: Make,
    outers: int,
    apart: Sequence[Role] = (),
    elsewhere: Mapping[Role, Collection[str]] | None = None,
    drawn: Sequence[Message] = (),
) -> None:
    """Press, cut, stiffen what of ``outers`` outer pieces and others is stiffened, but for what the form does ``apart`` or on pieces
    ``elsewhere``, mark; ``drawn``: how pieces are drawn without paper."""
    add_parts(make)
    cut = [piece for piece in make.pieces if piece.cuts]
    begin(make.order, cut, make.spec.stack, drawn)
    flat = make.flat_lined
    stiffen_and_mark(make.order, cut, make.spec.stack, outers, flat_lined=flat, apart=apart, elsewhere=elsewhere)
    while_flat(make)


def lining_check(make: Make, girth: float) -> None:
    """Whether a lining may be cut as the outer, all layers of one pattern, or what lies between them leaves it too large: ``2 pi t`` round
    a make ``girth`` mm round."""
    between = make.spec.stack.between
    if not make.hung or between <= 0:
        return
    over = turn_of(between)
    equal = make.option("lining") == "equal"
    thick = over > LINING_SLACK * girth
    say: dict[str, Param] = {
        "over": over,
        "thickness": Thickness(between),
        "girth": girth,
        "share": Percent(over / girth),
    }
    if equal and thick:
        # A gap that is told may be longer than a seam of the smaller lining: it is proposed anew.
        told = {"size.gap": ""} if "gap" in make.spec.size else {}
        fix = Fix(msg("fix.lining-reduced"), {"options.lining": "reduced"} | told) if over < girth / 4 else None
        title, text = msg("check.lining-large"), msg("check.lining-large.text", **say)
        make.checks.append(Check("layers.lining", "note", title, text, over, LINING_SLACK * girth, fix))
        return
    words = "check.lining-alike" if equal else "check.lining-own"
    make.checks.append(
        Check("layers.lining", "ok", msg(words), msg(f"{words}.text", **say), over, LINING_SLACK * girth)
    )


def finish_only(make: Make, *pieces: str) -> None:
    """Finishes the seam edges of these pieces, which show while those of the others are hidden by a lining."""
    frays = _fraying(make, *pieces)
    if frays is not None:
        make.finished_pieces = pieces
        _finish(make, frays, Fix(msg("fix.overcast"), {"options.edges": "overcast"}))


def finish_edges(make: Make) -> None:
    """Finishes the raw edges that show, as is chosen: of straight seams while the pieces are flat, before they are sewn; of curves and of
    what is trimmed, both allowances together when they are sewn."""
    way = make.finishing
    if way in (None, "raw"):
        return
    early: dict[str, list[EdgeUse]] = {}
    late: list[Seam] = []
    # What is trimmed when it is sewn has no edge of its own before.
    trimmed = [seam for done in make.order.operations if done.allowance is None for seam in done.seams]
    for seam in make.seams:
        if seam.layers == ("binding",):
            # Folded away in the binding.
            continue
        uses = [use for use in (*seam.a, *seam.b, *seam.caught) if make.own_cloth(use)]
        uses = [use for use in uses if not make.finished_pieces or use.piece in make.finished_pieces]
        if not uses:
            continue
        if seam in trimmed or any(make.edge(use).internal or any(s.bulge for s in make.edge(use).path) for use in uses):
            late.append(seam)
            continue
        for use in uses:
            early.setdefault(use.piece, []).append(use)
    order = make.order
    if early:
        every = tuple(use for uses in early.values() for use in uses)
        said = []
        for id, uses in early.items():
            piece = make.piece_of(id)
            names: list[Message] = []
            for use in uses:
                name = msg("end.corner") if use.key.startswith("box") else piece.by_key[use.key].name
                if name not in names:
                    names.append(name)
            said.append(msg("edges.of", piece=piece.name, letter=piece.letter, edges=tuple(names)))
        flat = Order()
        minutes = 2 + sum(make.edge(use).length for use in every) / PACE
        why = msg(f"step.edges-{way}.why")
        say: dict[str, Param] = {"what": tuple(said)}
        flat.add("edges", "finish", minutes, f"edges-{way}", say=say, edges=every, why=why, finishes=True)
        order.put_in(order.at("mark") + 1, flat)
    if late:
        last = max((i for i, done in enumerate(order.operations) if any(s in late for s in done.seams)), default=-1) + 1
        while last < len(order.operations) and order.operations[last].kind == "cut":
            last += 1
        after = Order()
        every = tuple(use for seam in late for use in (*seam.a, *seam.b) if make.own_cloth(use))
        names = []
        for seam in late:
            if seam.name not in names:
                names.append(seam.name)
        minutes = 2 + sum(seam.length_a for seam in late) / PACE
        say = {"seams": tuple(names), "numbered": "yes" if all(name.params for name in names) else "no"}
        why = msg(f"step.edges-{way}.why")
        after.add("edges-together", "finish", minutes, f"edges-together-{way}", say=say, edges=every, why=why)
        order.put_in(last, after)


def while_flat(make: Make) -> None:
    """Puts what is done with the parts in after everything is marked, before the first closing seam."""
    make.order.put_in(make.order.at("mark") + 1, make.part_steps)


def trim_corners(make: Make, wording: str, *pieces: str) -> None:
    """The allowances at the corners cut off before it is turned, of linings of their own too, and whether every stitch is still there."""
    there = {piece.id for piece in make.pieces}
    pieces = tuple(id for piece in pieces for id in (piece, f"{piece}-lining") if id in there)
    remedy = msg("remedy.sew-corner", over=make.spec.ruler.usual(RESEWN))
    look = Look(msg("step.trim-corners.check"), causes=(msg("cause.cut-close"),), remedy=remedy)
    blade = msg("caution.blade")
    make.order.add("trim-corners", "cut", 2, wording, pieces=pieces, caution=blade, check=look, cuts="corners")


def _curved(make: Make, seams: Iterable[Seam]) -> list[tuple[Edge, Segment]]:
    """The arcs that are sewn, with their edges."""
    sewn = [make.edge(use) for seam in seams for use in (*seam.a, *seam.b)]
    return [(edge, s) for edge in sewn for s in edge.path if s.bulge and edge.allowance > 0]


def _tightest(curved: list[tuple[Edge, Segment]]) -> tuple[Edge, Segment]:
    return min(curved, key=lambda pair: pair[1].radius / pair[0].allowance)


def clips_apart(make: Make, seams: Iterable[Seam]) -> float:
    """How far apart clips may lie in the allowance of a curve, or of what is sewn to one (mm): none has to give way by more than `CLIP_GIVES`
    where the seams are tightest."""
    curved = _curved(make, seams)
    if not curved:
        return float(CLIP_MOST)
    edge, arc = _tightest(curved)
    # To whole millimetres: nobody measures them finer.
    apart = Grid(1.0).round(min(CLIP_MOST, max(CLIP_LEAST, CLIP_GIVES * arc.radius / edge.allowance)), "down")
    return make.spec.ruler.usual(apart)


def clip_curve(make: Make) -> None:
    """Little notches in the allowance of every curve that is sewn: as deep as the stitching allows, and so close that none of them has to
    give way by more than `CLIP_GIVES` on the tightest of them. Where they are overcast afterwards both allowances are trimmed instead, for
    stitches do not hold on notches; pinking shears cut notches of their own."""
    curved = _curved(make, make.seams)
    if not curved:
        return
    pieces = tuple(dict.fromkeys(edge.piece for edge, _ in curved))
    if make.finishing in ("overcast", "pinked") and not set(pieces) - set(make.finished_pieces or pieces):
        say = {"narrow": float(OVERCAST_CURVE)}
        if make.finishing == "overcast" and max(edge.allowance for edge, _ in curved) > OVERCAST_CURVE + 1.0:
            blade, why = msg("caution.blade"), msg("step.trim-curve.why")
            make.order.add("trim-curve", "cut", 3, say=say, pieces=pieces, caution=blade, cuts="beside", why=why)
        return
    edge, _ = _tightest(curved)
    # To the mark before: past the stitching a notch is a hole.
    deep = make.spec.on_mark(max(1.0, edge.allowance - CLIP_SHORT), "down")
    say = {"apart": clips_apart(make, make.seams), "deep": deep}
    words = "clip-curve" if deep > 0 else "clip-curve-short"
    blade, why = msg("caution.blade"), msg("step.clip-curve.why")
    make.order.add("clip-curve", "cut", 3, words, say=say, pieces=pieces, caution=blade, cuts="clips", why=why)


def _cut_tails(make: Make) -> None:
    """A zip that was longer than its opening is cut when every seam over it is sewn, before the make is turned."""
    tails = Order()
    tails.add(
        "zip-tails", "cut", 1, edges=make.seams[0].a, check=msg("step.zip-tails.check"), caution=msg("caution.blade")
    )
    order = make.order
    order.put_in(min(order.at("press-gap"), order.at("turn")), tails)


def finish_sewing(make: Make, put: bool = True, press: bool = True, way: str = "") -> None:
    """Thread ends, a last press, unless it is filled by now, and the thing goes in: in the ``way`` told, else as the form always says."""
    if make.zip_ends == "long-tape":
        _cut_tails(make)
    finish_edges(make)
    trim_threads(make.order)
    if press:
        make.order.add("press-done", "press", 4, irons=True, out=True)
    if put:
        put_in(make.order, make.spec.thing, None, caught=False, way=way or make.spec.traits.put_on)
