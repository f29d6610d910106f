"""The spring-frame mouth: a doubled casing strip that must let the frame through after its last seam."""

from __future__ import annotations

from collections.abc import Sequence

from ..drafting.description import LengthInput, Option
from ..drafting.make import Make
from ..drafting.spec import ALLOWANCE_LIMITS
from ..making import Look, Order
from ..moves.outliner import rectangle
from ..pattern import Chain, Check, Cut, Mark, Need, Seam, SpecError
from ..plane import polyline
from ..shop import BASTING, FRAME_BAR, FRAME_CLEAR, FRAME_EASY, FRAME_HINGE, FRAME_PASSES, LEAST_HEM, SHORT_STITCH
from ..words import Param, msg

_FRAMED = {"options.mouth": ("spring-frame",)}
# How casing and mouth meet where their allowances differ.
CASING_EDGE = Option("casing_edge", ("set-back", "level"), "ease", _FRAMED)
FRAME_INPUTS = (
    LengthInput("size.frame_length", 26.0, 1000.0, "form", "either-way", _FRAMED, measured=True),
    LengthInput("size.frame_depth", 3.0, 40.0, "form", "at-least", _FRAMED, fixed=True, measured=True),
    LengthInput("size.channel", 3.0, 80.0, "form", "at-least", _FRAMED, fixed=True),
)


def mouth_for(make: Make) -> Chain | None:
    """The least width of a mouth for the frame that was measured: its casing and what stays clear at both ends."""
    told = make.spec.size.get("frame_length")
    if told is None:
        return None
    chain = Chain.start(msg("sum.frame"), told).minus(msg("sum.two-hinges", clear=FRAME_HINGE), 2 * FRAME_HINGE)
    return chain.plus(msg("sum.two-clear", clear=2 * FRAME_CLEAR), 4 * FRAME_CLEAR)


def last_allowance(make: Make) -> float:
    """What is really sewn on the casing's strip (mm): its own allowance where its raw edge is set back from the mouth's by the
    difference; with raw edges level it is basted at its own, then sewn with the mouth at the mouth's, and the wider counts."""
    own, mouth = make.allowance("casing"), make.allowance("mouth")
    return max(own, mouth) if make.option("casing_edge") == "level" else own


def casing_length(make: Make, w: float) -> float:
    """How long the finished casing of a mouth ``w`` mm wide is (mm): its frame less the clearance at both hinges, as far as the mouth
    has room for it. Raises `SpecError`."""
    hem = make.allowance("end")
    if hem < LEAST_HEM:
        field = "allowance.end" if "end" in make.spec.allowance else "allowance.default"
        say: dict[str, Param] = {"value": hem, "low": LEAST_HEM, "high": ALLOWANCE_LIMITS[1]}
        raise SpecError.of(field, msg("problem.range-here", label=msg("input.allowance.end"), **say))
    usual = max(0.0, w - 2 * FRAME_CLEAR)
    if usual < 20 + 2 * FRAME_HINGE:
        raise SpecError.of(
            "size.width", msg("problem.casing-short", low=make.spec.least(20 + 2 * FRAME_HINGE + 2 * FRAME_CLEAR))
        )
    frame = make.ask(
        "frame_length", Chain.start(msg("sum.frame-mouth"), make.spec.on_grid(usual, "down")), finished=False
    )
    chain = Chain.start(msg("sum.frame"), frame).minus(msg("sum.two-hinges", clear=FRAME_HINGE), 2 * FRAME_HINGE)
    chain = make.on_ruler(chain, 2 * hem, way="down")
    if chain.total > w - 1.0:
        # Longer than its mouth: what there is room for, and a check that says so.
        chain = make.on_ruler(chain.at_most(msg("sum.mouth-width"), w - 2.0), 2 * hem, way="down")
    if chain.total < 20:
        raise SpecError.of("size.frame_length", msg("problem.frame-short", low=make.spec.least(20 + 2 * FRAME_HINGE)))
    make.size("casing_length", chain)
    return chain.total


def add_casing(make: Make, w: float, length: float) -> None:
    """Two strips, each folded lengthwise: channel = half the strip's cut width less the last allowance. They are ``length`` mm long
    when their ends are hemmed, in a mouth ``w`` wide. Raises `SpecError`."""
    end, last = make.allowance("end"), last_allowance(make)
    first, mouth = make.allowance("casing"), make.allowance("mouth")
    frame = make.spec.size.get("frame_length", length + 2 * FRAME_HINGE)
    deep = make.ask("frame_depth", FRAME_BAR)
    easy = make.spec.on_grid(deep + FRAME_EASY, "up")
    channel = make.ask("channel", Chain.start(msg("sum.bar-and-room"), easy), added=2 * last, share=2)
    edges = rectangle("casing", length, 2 * channel, {"lower": last, "end-right": end, "upper": last, "end-left": end})
    fold = polyline([(0.0, channel), (length, channel)])
    marks = [
        Mark("line", msg("mark.casing-fold"), fold, datum=msg("mark.casing-fold.datum", raw=channel + last)),
        Mark("notch", msg("mark.centre-mouth"), point=(length / 2, 0.0)),
        Mark("notch", msg("mark.centre-mouth"), point=(length / 2, 2 * channel)),
    ]
    casing = make.piece("casing", "", edges, [Cut(make.role("contrast"), 2)], marks, copies=("front", "back"))
    make.hem("casing-ends", make.each(casing, "end-left", "end-right"), end)
    make.sums["casing.cut_width"] = make.sums["finished.casing_length"].plus_some(
        msg("sum.two-end-allowances", allowance=end), 2 * end
    )
    strip = Chain.start(msg("sum.casing-strip"), 2 * channel + 2 * last).divided(msg("sum.half"), 2)
    if abs(first - mouth) < 1e-6:
        make.idle.add("casing_edge")
    elif _staged(make):
        make.sums["casing.first_channel"] = strip.minus(msg("sum.first-allowance"), min(first, last))
    make.sums["casing.channel"] = strip.minus(msg("sum.last-allowance"), last)
    note = msg("need.frame.note", deep=deep, long=frame)
    make.needs.append(Need.counted("frame", "frame", msg("need.frame"), frame, 1, note))
    _bar_check(make, channel, deep, last, easy)
    _ends_check(make, w, length, frame)
    if abs(mouth - first) > 1e-6:
        words = (
            "check.casing-stages"
            if _staged(make)
            else "check.casing-set-out"
            if first > mouth
            else "check.casing-set-back"
        )
        say = {"first": first, "last": mouth, "off": abs(first - mouth), "before": channel + max(0.0, last - first)}
        say |= {"channel": channel}
        make.checks.append(Check("casing.stages", "note", msg(words), msg(f"{words}.text", **say), first, mouth))


def _staged(make: Make) -> bool:
    """Whether the casing is basted at one allowance and sewn at another, its raw edges level with the mouth's."""
    return make.option("casing_edge") == "level"


def _bar_check(make: Make, channel: float, deep: float, last: float, easy: float) -> None:
    room = channel - deep
    passes = room >= FRAME_PASSES - 1e-9
    words = "check.frame-passes" if passes else "check.frame-stuck"
    text = msg("check.frame.text", channel=channel, deep=deep, allowance=last)
    fix = None if passes else make.fix("channel", "size.channel", easy, "up")
    make.checks.append(Check("casing.channel", "ok" if passes else "stop", msg(words), text, room, FRAME_PASSES, fix))


def _ends_check(make: Make, w: float, length: float, frame: float) -> None:
    """The casing's ends clear of the side seams, and the frame no longer than its mouth."""
    clear = (w - length) / 2
    wanted = frame - 2 * FRAME_HINGE
    fits = wanted <= w - 2 * FRAME_CLEAR + 1e-6
    words = "check.casing-clear" if fits else "check.frame-long"
    text = msg(f"{words}.text", frame=frame, width=w, length=length, clear=clear)
    fix = None
    if not fits:
        fix = make.fix("wider", "size.width", wanted + 2 * FRAME_CLEAR, "up")
    make.checks.append(Check("casing.ends", "ok" if fits else "stop", msg(words), text, clear, FRAME_CLEAR, fix))


def frame_steps(make: Make, mouth: Sequence[Seam]) -> None:
    """Hem the ends, fold and baste, try the frame, sew into the mouth, try again."""
    order, last = make.order, last_allowance(make)
    first, sewn = make.allowance("casing"), make.allowance("mouth")
    deep, channel = make.finished["frame_depth"] or 0.0, make.finished["channel"] or 0.0
    ends = next(hem for hem in make.hems if hem.id == "casing-ends").edges
    say: dict[str, Param] = {"deep": deep, "channel": channel, "first": first, "last": sewn, "off": abs(first - sewn)}
    say |= {"before": channel + max(0.0, last - first), "end": make.allowance("end"), "raw": channel + last}
    order.add(
        "casing-ends",
        "sew",
        4,
        say={**say, "edge": make.edge_stitch, "first": order.manner.hem_first("casing")},
        edges=ends,
        pieces=("casing",),
        hems=("casing-ends",),
        stitch=float(SHORT_STITCH),
    )
    order.add("casing-baste", "sew", 3, say=say, pieces=("casing",), stitch=float(BASTING), at=("mark.casing-fold",))
    causes = (msg("cause.folded-off"), msg("cause.baste-deep"))
    check = Look(msg("step.casing-try.check"), causes=causes, remedy=msg("remedy.baste-again"))
    order.add("casing-try", "check", 2, say=say, pieces=("casing",), check=check, into="casing")
    faces, press = msg("faces.right-together"), msg("press.to-body")
    words = "casing-mouth"
    if abs(first - sewn) > 1e-6 and not _staged(make):
        words = "casing-mouth-set-out" if first > sewn else "casing-mouth-set-back"
    words += "-lined" if make.hung else ""
    order.seam("mouth", mouth, "casing-mouth", say=say, lay=msg(f"lay.{words}", **say), faces=faces, press=press)
    causes = (msg("cause.mouth-deep"), msg("cause.folded-off"))
    check = Look(msg("step.casing-try-again.check"), causes=causes, remedy=msg("remedy.mouth-again"))
    order.add("casing-try-again", "check", 2, say=say, pieces=("casing",), check=check, into="casing")


def frame_in(order: Order) -> None:
    caution, check = msg("caution.frame"), msg("step.frame-in.check")
    order.add("frame-in", "finish", 5, pieces=("casing",), caution=caution, check=check, out=True, into="casing")
