"""The zip: a tape that is bought, whose two edges and visible ends take part in the seams like any edge."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import replace

from ..drafting.description import LengthInput, Option
from ..drafting.make import Make
from ..drafting.spec import ALLOWANCE_LIMITS
from ..frozen import frozen
from ..lengths import Grid
from ..making import Look, Order
from ..making.bag_parts import close_the_gap, turn_through
from ..making.operation import Cutting
from ..moves.carried import Loop, Sewn, laid
from ..moves.outliner import rectangle
from ..pattern import Chain, Check, Cut, Edge, EdgeUse, Fix, Gap, Mark, Need, SpecError, Verdict
from ..plane import Point, Segment, polyline
from ..shop import (
    STITCH,
    TOPSTITCH,
    ZIP_BEYOND,
    ZIP_PARK,
    ZIP_SHOWS,
    ZIP_SOLD,
    ZIP_STOPS_CLEAR,
    ZIP_TAB,
    ZIP_TAIL,
    ZIP_UNDER,
)
from ..words import Param, msg

ENDS = ("fabric-tabs", "long-tape", "plain", "shortened")
_TABS = {"options.zip_ends": ("fabric-tabs",)}
ZIP_WIDTH = LengthInput("size.zip_width", 0.0, 60.0, "form", "either-way", fixed=True, measured=True)
TAPE_WIDTH = LengthInput("size.tape_width", 0.5, 180.0, "form", "either-way", fixed=True, measured=True)
ZIP_LENGTH = LengthInput("size.zip_length", 20.0, 3000.0, "cloth", "at-least")
ZIP_CLEARANCE = LengthInput(
    "size.zip_clearance", 0.0, 60.0, "cloth", "at-least", {"options.zip_ends": ("plain", "shortened")}, fixed=True
)
TAB_LENGTH = LengthInput("size.tab_length", 5.0, 200.0, "cloth", "matched-pair", _TABS, fixed=True)
ZIP_INPUTS = (ZIP_WIDTH, TAPE_WIDTH, ZIP_LENGTH, ZIP_CLEARANCE, TAB_LENGTH)
ZIP_ENDS = Option("zip_ends", ENDS, "ease")
# Of a zip whose ends lie in no seam.
FREE_ENDS = Option("free_ends", ("plain", "shortened"), "ease")
FREE_CLEARANCE = LengthInput("size.free_clearance", 0.0, 600.0, "cloth", "at-least", fixed=True)
BESIDE_ZIP = Option("beside_zip", ("topstitched", "to-lining"), "ease")


@frozen
class Zip:
    """A zip among the pieces: the names of its lines. One that shows nothing has no ends."""

    lines: frozenset[str]
    piece: str = "zip"

    def use(self, name: str, reversed: bool = False) -> tuple[EdgeUse, ...]:
        """One of its lines in a seam, if it has that line."""
        if name not in self.lines:
            return ()
        return (EdgeUse(self.piece, name, reversed=reversed),)


@frozen
class Ends:
    """How a zip ends in an edge ``edge`` mm long, as the option ``asked`` was answered: what opens, the zip it takes between its stops, and
    whether a longer one will do (mm)."""

    asked: str
    way: str
    edge: float
    opening: float
    wanted: float
    longer: bool


def ask_zip(make: Make) -> float:
    """The visible width. Where the tape was measured and no zip allowance told, the seam lies where both put it with the raw edges
    level: ``(T - z)/2`` from the tape's edge is then the zip allowance too. Raises `SpecError`."""
    usual, both = make.spec.ruler.usual(ZIP_SHOWS), 2 * make.allowance("zip")
    told = make.spec.size.get("tape_width")
    if told is not None and told > usual and "zip" not in make.spec.allowance:
        # What shows of a measured tape, so that it is sewn at an allowance that can be read off.
        both = 2 * (make.spec.on_grid((told - usual) / 2) or make.spec.on_grid((told - usual) / 2, "up"))
        start = max(0.0, told - both)
    else:
        # So that both halves beside the zip, and what they are together, are cut to marks.
        start = both - make.spec.grid.round(both - usual)
    z = make.ask("zip_width", Chain.start(msg("sum.usual"), start))
    if told is not None and told <= z:
        raise SpecError.of("size.tape_width", msg("problem.teeth-wide", teeth=z, tape=told))
    if told is not None and "zip" not in make.spec.allowance:
        make.spec = replace(make.spec, allowance={**make.spec.allowance, "zip": (told - z) / 2})
    # An allowance as wide as the tape's own seam can still be told.
    widest = min(TAPE_WIDTH.high, z + 2 * ALLOWANCE_LIMITS[1])
    tape = make.ask(
        "tape_width", Chain.start(msg("sum.zip-and-allowances"), z + 2 * make.allowance("zip")), high=widest
    )
    if told is None:
        make.states[-1] = replace(make.states[-1], assumed=True)
    make.finished["tape_seam"] = (tape - z) / 2
    return z


def zip_in_edge(make: Make, edge: float, allowance: float) -> Ends:
    """How the zip ends in an edge of net length ``edge`` whose ends lie in seams at ``allowance``: between fabric tabs that show ``k``
    at each end it is ``E - 2k``; as long as the edge less the clearance at both stops, as it is sold or shortened; or longer than
    the edge and both allowances, cut when it is sewn in. Raises `SpecError`."""
    asked = ZIP_ENDS.id
    way = make.zip_ends = make.option(asked)
    if way == "fabric-tabs":
        opening = _add_tabs(make, edge, allowance)
        return Ends(asked, way, edge, opening, opening, True)
    if way == "long-tape":
        make.size("zip_opening", edge)
        return Ends(asked, way, edge, edge, edge + 2 * allowance + make.spec.ruler.usual(ZIP_PARK), True)
    return _clear_of_seams(make, asked, edge, "zip_clearance", Chain.start(msg("sum.usual"), _stops_clear(make)))


def zip_set_free(make: Make, edge: float, apart: float) -> Ends:
    """How a zip ends in an edge of net length ``edge`` whose ends lie ``apart`` mm farther from each other than the zip holds its sides: it
    stops half of that before both seams and is caught in none. Raises `SpecError`."""
    asked = FREE_ENDS.id
    make.zip_ends = make.option(asked)
    spread = max(apart / 2, 0.0)
    usual = Chain.start(msg("sum.usual"), _stops_clear(make))
    if spread > usual.total:
        usual = Chain.start(msg("sum.half-apart", apart=2 * spread), spread)
    ends = _clear_of_seams(make, asked, edge, "free_clearance", usual)
    clear = (edge - ends.opening) / 2
    if clear < spread - max(make.spec.step, 1e-6):
        text = msg("check.zip-near-end.text", clear=clear, spread=spread, apart=2 * spread)
        fix = make.fix("free-ends", "size.free_clearance", spread, "up") if spread <= edge / 2 - 10.0 else None
        make.checks.append(Check("zip.near-end", "note", msg("check.zip-near-end"), text, clear, spread, fix))
    return ends


def _stops_clear(make: Make) -> float:
    return make.spec.ruler.usual(ZIP_STOPS_CLEAR)


def _clear_of_seams(make: Make, asked: str, edge: float, name: str, usual: Chain) -> Ends:
    """A zip whose stops lie clear of the seams at both ends of an edge, by the size ``name``."""
    most = max(0.0, edge / 2 - 10.0)
    if usual.total > most:
        usual = Chain.start(msg("sum.usual"), most)
    # What the gusset takes is a sum of its own.
    clear = make.ask(name, usual, high=most, finished=asked == FREE_ENDS.id)
    chain = Chain.start(msg("sum.zip-edge"), edge).minus_some(msg("sum.two-clear", clear=clear), 2 * clear)
    opening = make.size("zip_opening", chain)
    return Ends(asked, make.zip_ends, edge, opening, opening, make.zip_ends == "shortened")


def edge_for_zip(make: Make) -> Chain | None:
    """The edge that takes the zip at hand: the bare zip and its visible tabs, or the clearance at its stops; nothing is sewn over
    teeth. None without a zip, or for one that is cut to fit."""
    told, way = make.spec.size.get("zip_length"), make.option("zip_ends")
    if told is None or way not in ("fabric-tabs", "plain"):
        return None
    chain = Chain.start(msg("sum.bare-zip"), told)
    if way == "plain":
        clear = make.spec.size.get("zip_clearance", make.spec.ruler.usual(ZIP_STOPS_CLEAR))
        return chain.plus_some(msg("sum.two-clear", clear=clear), 2 * clear)
    tab = make.spec.size.get("tab_length", make.spec.ruler.usual(ZIP_TAB))
    return chain.plus(msg("sum.two-zip-tabs", tab=tab), 2 * tab)


def add_zip(
    make: Make,
    z: float,
    upper: tuple[float, float],
    lower: tuple[float, float],
    ends: Mapping[str, Sequence[Segment] | Sequence[Point]],
    settled: Ends,
) -> Zip:
    """The zip as a bought piece. ``upper`` and ``lower`` are the spans (mm along the zip) of the two stitch lines, ``z``
    apart; ``ends`` the visible ends by name, in the piece's coordinates (middle line at y = 0). Checks the maker's own zip against how
    it ends."""
    low, high = min(upper[0], lower[0]) - ZIP_BEYOND, max(upper[1], lower[1]) + ZIP_BEYOND
    half = (make.finished["tape_width"] or z) / 2
    corners = [(low, -half), (high, -half), (high, half), (low, half)]
    names = ("tape-lower", "tape-right", "tape-upper", "tape-left")
    edges = [
        Edge("zip", name, msg(f"edge.{name}"), polyline([corners[i], corners[(i + 1) % 4]]), 0.0)
        for i, name in enumerate(names)
    ]
    lines = {
        "upper": polyline([(upper[0], z / 2), (upper[1], z / 2)]),
        "lower": polyline([(lower[0], -z / 2), (lower[1], -z / 2)]),
    }
    for name, path in ends.items():
        end: tuple[Segment, ...] = tuple(path) if isinstance(path[0], Segment) else polyline(path)  # type: ignore[arg-type]
        if sum(segment.chord for segment in end) > 1e-9:
            lines[name] = end
    internal = [Edge("zip", name, msg(f"edge.zip-{name}"), path, 0.0, internal=True) for name, path in lines.items()]
    middles = [((a + b) / 2, y) for (a, b), y in ((upper, z / 2), (lower, -z / 2))]
    marks = [Mark("notch", msg("mark.centre-zip"), point=p) for p in middles]
    for name in ("end-right", "end-left", "end-lining-right", "end-lining-left"):
        if name in lines and len(lines[name]) == 1:
            marks.append(Mark("notch", msg("mark.zip-middle"), point=lines[name][0].at(0.5)))
    make.piece("zip", "", edges, [], marks, lines=internal)
    make.hem("zip-tape", [EdgeUse.of(edge) for edge in edges], 0.0)
    _buy(make, z, settled)
    _tape_check(make, z)
    return Zip(frozenset(lines))


def sew_zip(make: Make, zipper: Zip, panels: Sequence[EdgeUse], caught: Sequence[EdgeUse] = ()) -> None:
    """Two seams: the first panel's edge to the upper edge of the tape, the second's to the lower one, each in one go with its lining,
    whose edge is ``caught`` where it has a piece of its own."""
    for nth, (side, panel) in enumerate(zip(("upper", "lower"), panels, strict=True)):
        inner = caught[nth : nth + 1]
        z = make.allowance("zip")
        make.seam(f"zip-{side}", [panel], zipper.use(side), z, make.cloths, f"zip-{side}", inner, as_one=True)


def _buy(make: Make, z: float, ends: Ends) -> None:
    """The zip to buy, and whether the maker's own will do."""
    given = make.spec.size.get("zip_length")
    sold = Grid(25.4 if make.spec.ruler.unit == "in" else ZIP_SOLD)
    usual = sold.round(ends.wanted, "up" if ends.longer else "down") or ends.wanted
    length = make.ask("zip_length", Chain.start(msg("sum.zip-to-buy"), max(usual, 20.0)), finished=False)
    # On the tape's width hangs where its edge lies while it is sewn.
    tape = make.finished["tape_width"] or z
    say: dict[str, Param] = {"opening": ends.opening, "visible": z, "wanted": ends.wanted, "tape": tape}
    # Of what reaches no further under its tabs nothing is cut but tape.
    say["most"] = ends.wanted + 2 * _under_tab(make)
    note = msg(f"need.zip.{ends.way}", **say)
    # One at hand that does not reach is none to have ready.
    ready = usual if ends.longer and length < ends.wanted - 1e-6 else length
    make.needs.append(Need("zip", "zip", msg("need.zip"), ends.wanted, ready, note=note, longer=ends.longer))
    if given is None:
        return
    short, over = ends.wanted - given > 1e-6, given - ends.wanted > max(1e-6, make.spec.step)
    say |= {"zip": given, "edge": ends.edge}
    say["off"], say["clear"] = abs(given - ends.wanted), (ends.edge - ends.opening) / 2
    verdict: Verdict = "ok"
    words, fix = "check.zip-long", None
    if over and not ends.longer:
        verdict, words = "warn", "check.zip-over"
        fix = Fix(msg("fix.shorten-zip"), {f"options.{ends.asked}": "shortened"})
    elif short and not ends.longer:
        verdict, words = "note", "check.zip-under"
    elif short:
        verdict, words = "stop", "check.zip-short"
        fix = _for_short(make, ends, given)
    elif not ends.longer:
        words = "check.zip-exact"
    if ends.asked == FREE_ENDS.id and words in ("check.zip-over", "check.zip-exact"):
        words += "-free"
    check = Check("zip.length", verdict, msg(words), msg(f"{words}.text", **say), given, ends.wanted, fix)
    make.checks.append(check)


def _for_short(make: Make, ends: Ends, given: float) -> Fix | None:
    """What makes up for a zip that is too short: longer tabs, as far as they are still tabs; or not to shorten it at all."""
    if ends.way == "fabric-tabs":
        tab = make.spec.on_mark((ends.edge - given) / 2, "up")
        if tab <= min(ends.edge / 4, TAB_LENGTH.high):
            return Fix(msg("fix.longer-tabs", length=tab), {"size.tab_length": tab})
        return None
    if ends.way == "long-tape":
        tab = make.spec.on_mark(max(TAB_LENGTH.low, (ends.edge - given) / 2), "up")
        if tab <= ends.edge / 4 and "fabric-tabs" in make.choices("zip_ends"):
            return Fix(msg("fix.use-tabs"), {"options.zip_ends": "fabric-tabs", "size.tab_length": tab})
    if ends.way == "shortened" and "plain" in make.choices(ends.asked):
        return Fix(msg("fix.use-plain-zip"), {f"options.{ends.asked}": "plain"})
    return None


def _tape_check(make: Make, z: float) -> None:
    """Where the zip's own tape and the cloth's allowance put its edges."""
    off = set_in(make)
    if abs(off) <= max(0.05, make.spec.step / 2):
        return
    words = "check.tape-in" if off > 0 else "check.tape-out"
    level = make.finished["tape_seam"] or 0.0
    say = {
        "off": abs(off),
        "seam": level,
        "allowance": make.allowance("zip"),
        "tape": make.finished["tape_width"] or 0.0,
    }
    say["visible"] = z
    fix = Fix(msg("fix.tape-level"), {"allowance.zip": ""})
    verdict: Verdict = "note" if off > 0 else "warn"
    check = Check("zip.tape", verdict, msg(words), msg(f"{words}.text", **say), make.allowance("zip"), level, fix)
    make.checks.append(check)


def set_in(make: Make) -> float:
    """How far the tape's edge lies inside the cloth's raw edge (mm); less than nothing where it stands out."""
    return make.allowance("zip") - (make.finished["tape_seam"] or 0.0)


def _add_tabs(make: Make, span: float, allowance: float) -> float:
    """Two zip-end tabs, each folded double across the zip's end so that zip and tabs span ``span`` mm; returns the
    opening left between them. Their outer ends lie in the seams at ``allowance``. Raises `SpecError`."""
    usual = min(make.spec.ruler.usual(ZIP_TAB), span / 6)
    start = Chain.start(msg("sum.usual"), usual)
    tab = make.ask("tab_length", start, high=max(5.0, (span - 20.0) / 2), added=2 * allowance, share=2)
    chain = Chain.start(msg("sum.zip-edge"), span).minus(msg("sum.two-zip-tabs", tab=tab), 2 * tab)
    wide = make.spec.on_grid(make.finished["tape_width"] or 0.0, "up")
    edges = rectangle(
        "zip-tab", 2 * tab, wide, {"lower": 0.0, "end-right": allowance, "upper": 0.0, "end-left": allowance}
    )
    datum = msg("mark.tab-fold.datum", raw=tab + allowance)
    tabs = make.piece(
        "zip-tab", "", edges, [Cut("outer", 2)], [Mark("notch", msg("mark.tab-fold"), point=(tab, 0.0), datum=datum)]
    )
    make.hem("tabs-caught", make.each(tabs), 0.0)
    make.carry("zip-tab", lambda sewn: _tabbed(sewn, tab))
    return make.size("zip_opening", chain)


def _under_tab(make: Make) -> float:
    """How far a zip's end reaches under its tab (mm): half of what is seen of that at most, so that no teeth come into the seam."""
    return make.spec.ruler.usual(min(float(ZIP_UNDER), (make.finished.get("tab_length") or 0.0) / 2))


def _tabbed(sewn: Sewn, tab: float) -> tuple[Loop, ...]:
    """The tabs over both ends of what is seen of the zip."""
    points = [p for facet in sewn.of("zip") for p in facet.flat]
    if not points:
        return ()
    (x0, y0), (x1, y1) = ((end(p[0] for p in points), end(p[1] for p in points)) for end in (min, max))
    ends = [(x0, y0, x0 + tab, y1), (x1 - tab, y0, x1, y1)]
    return tuple(loop for box in ends for loop in laid(sewn, "zip", box))


def zip_ends(make: Make, free: bool = False) -> None:
    """Prepare both ends of the zip, as is chosen; those that lie ``free`` of every seam are folded back both."""
    order = make.order
    chosen = make.zip_ends
    length = make.finished["zip_opening"] or 0.0
    say = {"tab": make.finished.get("tab_length") or 0.0, "length": length, "tail": make.spec.ruler.usual(ZIP_TAIL)}
    say["under"] = _under_tab(make)
    tabs = tuple(piece.id for piece in make.pieces if piece.id == "zip-tab")
    caught = ("tabs-caught",) if tabs else ("zip-tape",) if free else ()
    words, caution = f"zip-ends-{chosen}", msg("caution.zip-teeth")
    cuts: Cutting | None = "end" if chosen == "shortened" else None
    looked = "step.zip-ends-free.check" if free else "step.zip-ends-fabric-tabs.check" if tabs else None
    look = msg(looked, length=length) if looked else None
    words += "-free" if free else ""
    stitch = float(STITCH) if tabs or chosen == "shortened" else None
    order.add(
        "zip-ends",
        "prepare",
        4,
        words,
        say=say,
        besides=(msg("zip-tab.cut", **say), msg("zip-tab.on", **say)) if tabs else (),
        pieces=tabs,
        hems=caught,
        stitch=stitch,
        caution=caution,
        cuts=cuts,
        check=look,
    )


def zip_steps(make: Make) -> None:
    """Prepare the ends, sew both edges to the tape (with the lining behind where there is one), hold the cloth out of the teeth, and
    look at the slider."""
    order = make.order
    zip_ends(make)
    # A lining that lies flat on the outer is sewn with it as one cloth.
    lined = "-lined" if make.hung else ""
    off = set_in(make)
    level = "zip-level" if abs(off) <= max(0.05, make.spec.step / 2) else "zip-in" if off > 0 else "zip-out"
    tape = make.finished["tape_seam"] or 0.0
    seams = [seam for seam in make.seams if seam.id in ("zip-upper", "zip-lower")]
    opening = make.finished["zip_opening"] or 0.0
    onto = msg("lay.zip-middle") if make.zip_ends == "long-tape" else msg("lay.zip-opens", opening=opening)
    # A piece that goes round from one edge of the zip to the other has no second panel.
    around = "-around" if len({(use.piece, use.copy) for seam in seams for use in seam.a}) == 1 else ""
    for seam, name in zip(seams, ("zip-first", f"zip-second{around}"), strict=True):
        order.seam(
            name.removesuffix("-around"),
            [seam],
            name.removesuffix("-around"),
            during=("zip-slider" if name == "zip-first" else "zip-slider-again",),
            say={"tape": tape},
            onto=onto,
            lay=msg(f"lay.{name}{lined}", edges=msg(f"step.{level}", off=abs(off))),
            faces=msg("faces.right-to-zip"),
            foot="zip",
            press=msg("press.from-zip"),
            check=Look(msg(f"step.{name}.check"), causes=(msg("cause.zip-close"),), remedy=msg("remedy.zip")),
            caution=msg("caution.zip-teeth"),
        )
    edges = tuple(use for seam in seams for use in seam.a)
    if not make.hung:
        make.idle.add("beside_zip")
    hidden = make.hung and make.option("beside_zip") == "to-lining"
    words = "zip-understitch" if hidden else "zip-topstitch"
    order.add(
        "zip-topstitch",
        "sew",
        4,
        words,
        say={"edge": make.edge_stitch},
        edges=edges,
        stitch=float(TOPSTITCH),
        foot="zip",
        hems=("zip-tape",),
        irons=True,
        why=msg(f"step.{words}.why"),
        lost=msg("step.zip-topstitch.lost"),
    )


def open_zip(make: Make) -> None:
    """The hard stop before any seam that closes the make."""
    opening = make.finished["zip_opening"] or 0.0
    say: dict[str, Param] = {"opening": opening, "half": opening / 2}
    check, why = msg("step.open-zip.check", **say), msg("step.open-zip.why")
    make.order.add("open-zip", "check", 1, say=say, check=check, why=why, slides=True)


def close_gap(order: Order, gap: Gap) -> None:
    """Turn through the gap and close it."""
    turn_through(order, gap)
    close_the_gap(order, gap)
