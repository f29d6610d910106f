"""The spring-frame mouth: a doubled casing strip that must let the frame through after its last seam."""

from __future__ import annotations

from ..assembly import Sequence
from ..lengths import Grid
from ..moves.outliner import rectangle
from ..pattern import Chain, Check, Cut, EdgeUse, Fix, Mark, Need, Seam, SpecError
from ..plane import polyline
from ..wording import msg
from .description import LengthInput
from .make import Make

_FRAMED = {"options.mouth": ("spring-frame",)}
FRAME_INPUTS = (
    LengthInput("size.frame_length", 30.0, 1000.0, "form", "at-most", _FRAMED),
    LengthInput("size.frame_depth", 3.0, 40.0, "form", "at-least", _FRAMED),
    LengthInput("size.channel", 3.0, 80.0, "form", "at-least", _FRAMED),
)
# Room round the bar that a maker can still push it through with (mm), and the room proposed.
PASSES, EASY = 2.0, 4.0


def add_casing(make: Make, w: float, end: float) -> None:
    """Two strips, each folded lengthwise: channel = half the strip's cut width less the last allowance. They end
    ``end`` short of each side of a mouth ``w`` wide. Raises `SpecError`."""
    last = make.allowance("casing")
    deep = make.ask("frame_depth", 10.0)
    easy = Grid(make.spec.ruler.step).round(deep + EASY, "up")
    channel = make.ask("channel", easy, added=2 * last, share=2)
    length = w - 2 * end
    if length < 20:
        raise SpecError.of("size.width", msg("problem.casing-short", low=20 + 2 * end))
    frame = make.ask("frame_length", length, finished=False)
    edges = rectangle("casing", length, 2 * channel, {"lower": last, "end-right": end, "upper": last, "end-left": end})
    fold = polyline([(0.0, channel), (length, channel)])
    marks = [
        Mark("line", msg("mark.casing-fold"), fold, datum=msg("mark.casing-fold.datum")),
        Mark("notch", msg("mark.centre-casing"), point=(length / 2, 0.0)),
    ]
    make.piece("casing", "", edges, [Cut(make.role("contrast"), 2)], marks)
    make.hem("casing-ends", [EdgeUse("casing.end-left"), EdgeUse("casing.end-right")], end)
    strip = Chain.start(msg("sum.casing-strip"), 2 * channel + 2 * last).divided(msg("sum.half"), 2)
    make.sums["casing.channel"] = strip.minus(msg("sum.last-allowance"), last)
    make.needs.append(
        Need.counted("frame", "frame", msg("need.frame"), frame, 1, msg("need.frame.note", deep=deep, long=frame))
    )
    room = channel - deep
    passes = room >= PASSES - 1e-9
    make.checks.append(
        Check(
            "casing.channel",
            "ok" if passes else "stop",
            msg("check.frame-passes" if passes else "check.frame-stuck"),
            msg("check.frame.text", channel=channel, deep=deep, allowance=last),
            room,
            PASSES,
            None if passes else Fix(msg("fix.channel", channel=easy), {"size.channel": easy}),
        )
    )
    if frame > w + 1e-6:
        text = msg("check.frame-long.text", frame=frame, width=w)
        make.checks.append(Check("casing.frame", "warn", msg("check.frame-long"), text, frame, w))
    mouth = make.allowance("mouth")
    if abs(mouth - last) > 1e-6:
        text = msg("check.casing-stages.text", casing=last, mouth=mouth)
        make.checks.append(Check("casing.stages", "note", msg("check.casing-stages"), text, last, mouth))


def frame_steps(make: Make, mouth: Seam) -> None:
    """Hem the ends, fold and baste, try the frame, sew into the mouth, try again."""
    order, last = make.order, make.allowance("casing")
    deep, channel = make.finished["frame_depth"] or 0.0, make.finished["channel"] or 0.0
    ends = ("casing.end-left", "casing.end-right")
    order.add("casing-ends", "sew", 4, edges=ends, pieces=("casing",), seams=("casing-ends",))
    order.add("casing-baste", "sew", 3, say={"channel": channel}, pieces=("casing",))
    order.add("casing-try", "check", 2, say={"deep": deep}, check=msg("step.casing-try.check"))
    faces, press = msg("faces.right-together"), msg("press.to-body")
    order.seam("mouth", [mouth], "casing-mouth", say={"last": last}, faces=faces, press=press)
    say = {"deep": deep, "channel": channel}
    order.add("casing-try-again", "check", 2, say=say, check=msg("step.casing-try-again.check"))


def frame_in(order: Sequence) -> None:
    order.add("frame-in", "finish", 5, caution=msg("caution.frame"), check=msg("step.frame-in.check"))
