"""The notebook cover: a wrap round boards and spine with flaps that hold the boards, bagged out or bound."""

from __future__ import annotations

from ...constructions.binding import add_binding, binding_width
from ...constructions.shared import bare_padding, edges_check, turn_of
from ...drafting.asking import need_sizes
from ...drafting.description import Form
from ...drafting.layers import USUAL_ROLES
from ...drafting.make import Make
from ...drafting.reads import Chosen, Reads
from ...drafting.spec import Spec, Traits
from ...moves.carried import LIFT, laid
from ...pattern import Chain, Check, Draft, EdgeUse
from ...words import msg
from .asks import ALLOWANCES, INPUTS, OPTIONS
from .extras import add_band, add_extras, add_matching, add_tab, lacks, tabbed
from .making import add_steps
from .pieces import add_cover, add_flap, add_pocket, by_edge, doubled_flaps, sew_flaps_on
from .sizes import Book
from .solid import draw_solid

FLAP_SHARE = (1 / 3, 2 / 3)

# What a board moves in, beyond the turn of cloth (mm).
SLACK = 4.0


def draft_book_cover(spec: Spec) -> Draft:
    """``2 wb + sp + e_w`` by ``hb + e_h``; the ease is at least the turn of cloth round two edges and the spine. A binding takes its
    seam's depth of every edge: bound covers are cut twice that larger, so that the same room is left between the seams. Raises
    `SpecError`."""
    need_sizes(spec, "board_width", "board_height", "spine")
    make = Make(spec, INPUTS, ALLOWANCES, OPTIONS)
    bound = make.option("make") == "bound"
    # What is sewn on inside lies on the lining: then that is laid on before, else with the flaps.
    make.flat_lined = bound and make.lined and any(part.choices.get("side") == "inside" for part in spec.parts)
    make.lacks(*lacks(make, bound))
    measures = spec.thing.measures if spec.thing else {}
    a, top_a = (0.0, 0.0) if bound else (make.allowance("side"), make.allowance("top"))
    # What the binding's seam takes of each edge (mm).
    taken = binding_width(make) / 4 if bound else 0.0

    def measured(name: str) -> Chain | None:
        return Chain.start(msg(f"measure.{name}"), measures[name]) if name in measures else None

    wb = make.ask("board_width", measured("board_width"))
    hb = make.ask("board_height", measured("board_height"))
    sp = make.ask("spine", measured("spine"))
    inside = spec.stack.inside
    turn = Chain.start(msg("sum.turn-of-cloth", thickness=inside), turn_of(inside)).plus(msg("sum.slack"), SLACK)
    ease_w = make.ask("ease_width", turn, added=2 * wb + sp + 2 * (a + taken))
    ease_h = make.ask("ease_height", turn, added=hb + 2 * (top_a + taken))
    double = doubled_flaps(make)
    hem = 0.0 if double else make.ask("flap_hem", 10.0, finished=False)
    both_ways = 2 * (a + taken) if double else hem + a + taken
    flap = make.ask(
        "flap", Chain.start(msg("sum.half-board"), wb / 2), high=wb - 2.0, added=both_ways, share=2 if double else 1
    )
    width = (
        Chain.start(msg("sum.both-boards"), 2 * wb).plus_some(msg("sum.spine"), sp).plus_some(msg("sum.ease"), ease_w)
    )
    height = Chain.start(msg("measure.board_height"), hb).plus_some(msg("sum.ease"), ease_h)
    room_w, room_h = make.size("room_width", width), make.size("room_height", height)
    both = msg("sum.two-bindings", depth=taken)
    width, height = width.plus_some(both, 2 * taken), height.plus_some(both, 2 * taken)
    w, h = make.size("open_width", width), make.size("height", height)
    make.sums["cover.cut_width"] = width.plus_some(msg("sum.two-side-allowances", allowance=a), 2 * a)
    make.sums["cover.cut_height"] = height.plus_some(msg("sum.two-top-allowances", allowance=top_a), 2 * top_a)
    once = Chain.start(msg("sum.flap"), flap).plus_some(msg("sum.side-allowance"), a)
    once = once.plus_some(msg("sum.one-binding"), taken)
    make.sums["flap.cut_width"] = (
        once.times(msg("sum.doubled"), 2) if double else once.plus_some(msg("sum.flap-hem"), hem)
    )
    spine_w = sp + ease_w / 2
    lone = not bound and not make.lined
    add_cover(make, w, h, spine_w, a, top_a, flap if lone else None)
    if lone:
        make.idle.add("flaps")
    flaps = add_flap(make, flap + taken, h, hem, a, top_a)
    own = len(flaps)
    mouths = [(0.0, 0.0, flap + taken, h), (w - flap - taken, 0.0, w, h)]
    make.carry("flap", lambda sewn: tuple(loop for box in mouths for loop in laid(sewn, "cover", box, -LIFT)))
    if make.option("pockets") != "none":
        flaps += add_pocket(make, flap + taken, room_h, taken)
        low = (w - flap - taken, 0.0, w, (make.finished.get("pocket_height") or 0.0) + taken)
        if make.option("pockets") == "narrow":
            low = (w - (make.finished["pocket_width"] or 0.0) - taken, 0.0, w, h)
        make.carry("pocket", lambda sewn: laid(sewn, "cover", low, -2 * LIFT))
    if make.option("tab") != "none":
        flaps += add_tab(make, sp, a + taken)
        make.carry("tab", lambda sewn: tabbed(make, sewn))
    over: list[EdgeUse] = []
    if make.option("spine_band") == "band":
        over = add_band(make, w, h, spine_w, top_a)
        flaps += [] if lone else over
    names = ("lower", "right", "upper", "left")
    outline = [EdgeUse("cover", name) for name in names]
    # Bound, or turned through its gap, it shows none but those of hemmed flaps.
    if double or not hem or not any(layer.material.frays for layer in spec.stack.layers if layer.role in USUAL_ROLES):
        make.idle.add("edges")
    if bound:
        add_binding(make, 2 * (w + h), outline, flaps)
        bare_padding(make)
    elif make.lined:
        pairs = [(EdgeUse("cover", n, layer="outer"), (EdgeUse("cover", n, layer="lining"),)) for n in names]
        seams = make.seams_apart("round", pairs, ("outer", "lining"), "cover-round", by_edge(make, flaps))
        seam = next(s for s in seams if any(use.key == "lower" for use in s.a))
        # Between the flaps, which lie in the seam and are not to be caught open.
        make.gap(seam, seam.uses_of("lower"), 2 * (w + h), usable=w - 2 * flap, lead=flap)
    else:
        sew_flaps_on(make, top_a, flaps[own:], over)
        edges_check(make)
    add_extras(make, wb, hb, a + taken)
    mark = add_matching(make, wb, hb, w)
    _checks(make, Book(wb, hb, sp), flap, room_w, room_h, inside)
    make.draw(draw_solid, w, h, spine_w, sp)
    add_steps(make, bound, mark)
    return make.draft(girth=2 * (w + h))


def _is_bound(options: Chosen) -> bool:
    return options["make"] == "bound"


def _checks(make: Make, book: Book, flap: float, room_w: float, room_h: float, inside: float) -> None:
    """Whether the room between the seams takes the boards and their turn of cloth, across and up; and how deep the flaps are."""
    least, wb = turn_of(inside), book.width
    boards = 2 * wb + book.spine
    say = {"across": room_w, "up": room_h, "boards": boards, "height": book.height, "turn": least}
    for id, room, wanted, field in (
        ("closes", room_w, boards, "ease_width"),
        ("height", room_h, book.height, "ease_height"),
    ):
        spare = room - wanted - least
        tight = spare < -1e-6
        words = f"check.book-{id}-tight" if tight else f"check.book-{id}"
        fix = make.fix(field.replace("_", "-"), f"size.{field}", least + SLACK, "up") if tight else None
        text = msg(f"{words}.text", spare=abs(spare), **say)
        check = Check(f"fit.{id}", "stop" if tight else "ok", msg(words), text, room, wanted + least, fix)
        make.checks.append(check)
    low, high = (wb * share for share in FLAP_SHARE)
    if not low - 1e-6 <= flap <= high + 1e-6:
        fix = make.fix("flap", "size.flap", low if flap < low else high, "up" if flap < low else "down")
        key = "check.flap-shallow" if flap < low else "check.flap-deep"
        make.checks.append(
            Check("flap", "note", msg(key), msg(f"{key}.text", flap=flap, low=low, high=high), flap, low, fix)
        )


START = {"board_width": 148.0, "board_height": 210.0, "spine": 15.0}

BOOK_LAYERS = (("linen", "outer"), ("quilting-cotton", "lining"), ("woven-interfacing", "interfacing"))


def _reads(chosen: Chosen) -> Reads:
    pairs = {"ease_width": "cover.width", "ease_height": "cover.height", "flap": "flap.width"}
    if chosen["make"] == "bound":
        pairs |= {"strip_width": "binding.height", "binding_length": "binding.width"}
    if chosen["pockets"] == "slip-pocket":
        pairs["pocket_height"] = "pocket.height"
    if chosen["pockets"] == "narrow":
        pairs["pocket_width"] = "pocket.width"
    if chosen["spine_band"] == "band":
        pairs["band_width"] = "spine-band.width"
    if chosen["page_strip"] != "none":
        pairs |= {"bookmark_width": "page-strip.width", "bookmark_length": "page-strip.height"}
    if chosen["tab"] != "none":
        pairs |= {"tab_overlap": "tab.width", "tab_width": "tab.height"}
    return Reads(
        pairs,
        ("board_width", "board_height", "spine", *(("flap_hem",) if chosen["flaps"] == "hemmed" else ())),
        repeats={"flap.height": "flap"},
    )


FORM = Form(
    "book-cover",
    INPUTS,
    OPTIONS,
    ("book",),
    ALLOWANCES,
    draft_book_cover,
    START,
    BOOK_LAYERS,
    2,
    place=130,
    reads=_reads,
    picture=("M5 9h13v23h-13z M22 9h13v23h-13z M18 9h4v23h-4z", "M11 9v23 M29 9v23", "M18 9h4v23h-4z"),
    easier="bookmark",
    traits=Traits(put_on="book", together=_is_bound),
)
