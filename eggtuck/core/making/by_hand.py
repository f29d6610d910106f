"""A whole make sewn by hand: the same operations in the same order, each in the hand stitch that does the machine's work, in the time that
takes."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import replace
from typing import Final

from ..pattern import Step
from ..shop import BACKSTITCH, BACKSTITCHED, HAND_CRAFT, PACE, SET_UP
from ..words import Message, Param, msg
from .operation import Operation

# Sentences that speak of a machine, of which there is one for the hand: `hand.` before its id.
SPOKEN: Final = frozenset(
    (
        "ends.dart",
        "ends.dart-gap",
        "ends.back",
        "ends.gap",
        "ends.gap-only",
        "ends.long-tape",
        "ends.fabric-tabs",
        "ends.shortened",
        "ends.over",
        "bulk.caught",
        "sew.pivot",
        "look.gap",
        "step.close-gap.check",
        "step.sleeve-round.check",
        "cause.slipped",
        "cause.gap",
        "cause.tension",
        "cause.needle",
        "remedy.gap",
        "remedy.zip",
        "remedy.needle",
        "quilt.lines",
        "step.set-up",
        "step.set-up.text",
        "step.topstitch-both.text",
        "step.set-up.check",
        "hold.pins",
        "caution.hardware",
        "caution.thick",
        "caution.zip-teeth",
        "stitch.zigzag",
        "stitch.open-zigzag",
        "step.hem-tube.why",
        "step.hem-flat.why",
        "option.hem_order.after.why",
        "option.hem_order.before.why",
        "step.edges-overcast.why",
        "step.zip-ends-fabric-tabs.text",
        "step.zip-slider",
        "step.zip-slider-again",
        "step.motif-satin.text",
        "step.motif-satin.why",
        "step.border-stitches.text",
        "step.border-stitches-one.text",
    )
)
# What is tacked with a few stitches; what is sewn in stitches that its own sentence tells.
_TACKED: Final = (
    *("part-ribbon", "neck-ribbon", "ribbon-in", "ribbon-marker", "part-label-in-seam", "part-loop-in", "loop-in"),
    *("handle-tack", "handle-on", "pen-loop", "tassel-in"),
    *("part-ring-tab-tacked", "part-connector-tacked", "part-slider-tacked"),
)
_OWN: Final = (
    *("motif-satin", "motif-lace", "border-lace", "border-stitches", "part-elastic", "neck-elastic"),
    *("zip-ends-shortened", "lid-holes", "lid-elastic-in"),
)
# Told in running stitches by its own sentence.
_RUN: Final = ("casing-baste", "bowl-quilt", "mat-quilt", "quilt")
# Layers that are stitched on in lines, which is told with them.
_LINES: Final = ("put-padding-quilted", "put-interfacing-quilted")
# Lines along an edge or a fold that hold a turned edge and are seen.
_SEEN: Final = (
    *("topstitch", "plain-hem", "deep-hem", "bowl-hem", "lid-hem", "flap-hems", "casing-ends", "wrap-edge"),
    *("understitch", "zip-topstitch", "zip-understitch", "bowl-topstitch", "cover-topstitch", "wrap-topstitch"),
    *("loop-made", "marker-made", "ribbon-frays", "ribbon-wired"),
    *("cover-edge-between", "ring-edges", "spine-band", "border-felt", "border-patches-on", "motif-felt"),
)
# What a line that is no seam is sewn in, and how that is told; most of them hold something.
_WAYS: Final = (
    (_TACKED, ((), "hand.tacked")),
    (_OWN, ((), "hand.own")),
    (_RUN, (("running",), "hand.own")),
    (_SEEN, (("running",), "hand.running")),
)
_HOLDS: Final = (("back",), "hand.backstitch")
_NEEDLES: Final = {70: 9, 80: 8, 90: 7, 100: 5, 110: 3}


def by_hand(operations: Sequence[Operation]) -> list[Operation]:
    """Every operation a machine would do, done by hand; how it is backstitched is told in full once."""
    found: list[Operation] = []
    told = False
    for done in map(_sewn, operations):
        if told:
            how, during = (tuple(map(_again, texts)) for texts in (done.how, done.during))
            done = replace(done, how=how, during=during)
        told = told or any(text.id == "hand.backstitch" for text in (*done.how, *done.during))
        found.append(done)
    return found


def _again(text: Message) -> Message:
    return Message("hand.backstitch-again", text.params) if text.id == "hand.backstitch" else text


def _sewn(done: Operation) -> Operation:
    if done.id == "set-up":
        return replace(done, hand=True, stitches=("knot", "back"))
    if done.finishes or done.id.startswith("edges"):
        # Overcast, where it is not pinked or left raw.
        whipped = "overcast" in done.title.id
        return (
            replace(done, hand=True, stitches=("whip",), minutes=round(done.minutes * HAND_CRAFT, 1))
            if whipped
            else done
        )
    if _called(done.title).startswith(_LINES):
        minutes = round(done.minutes * HAND_CRAFT, 1)
        return replace(done, hand=True, stitches=("running",), minutes=minutes, stitch=None, foot=None)
    made = done.kind == "prepare" and done.stitch is not None and done.layer is None and not done.lays
    if done.hand or not (made or done.kind == "sew"):
        return replace(done, foot=None) if done.foot else done
    if done.seams:
        sewing = max(0.0, done.minutes - SET_UP * len(done.seams))
        minutes = round(done.minutes - sewing + sewing * PACE / BACKSTITCH, 1)
        during = (msg("hand.backstitch", long=float(BACKSTITCHED)), *done.during)
        return replace(
            done, hand=True, stitches=("knot", "back"), minutes=minutes, during=during, stitch=None, foot=None
        )
    # Else the line holds something, is only seen, or is told in its own stitch.
    kind, words = next((way for names, way in _WAYS if _called(done.title).startswith(names)), _HOLDS)
    how = (*done.how, msg(words, long=float(BACKSTITCHED)))
    minutes = round(done.minutes * HAND_CRAFT, 1)
    return replace(done, hand=True, stitches=kind, minutes=minutes, how=how, stitch=None, foot=None)


def _called(title: Message) -> str:
    """What a step is called, within the name of the make it is of."""
    within = (text for text in title.params.values() if isinstance(text, Message) and text.id.startswith("step."))
    return next(within, title).id.removeprefix("step.")


def spoken_by_hand(step: Step) -> Step:
    """A step as it is told to somebody who sews by hand."""
    return replace(
        step,
        title=_said(step.title),
        lines=tuple(replace(line, text=_said(line.text)) for line in step.lines),
        short=tuple(_said(text) for text in step.short),
        check=_maybe(step.check),
        causes=tuple(_said(text) for text in step.causes),
        remedy=_maybe(step.remedy),
        caution=_maybe(step.caution),
        why=_maybe(step.why),
        lost=_maybe(step.lost),
        decided=_maybe(step.decided),
        foot=None,
        stitch=None,
        changed=(),
    )


def _maybe(text: Message | None) -> Message | None:
    return None if text is None else _said(text)


def _said(text: Message) -> Message:
    """The sentence for the hand, and what fills its blanks too."""
    params: dict[str, Param] = {name: _filled(value, _said) for name, value in text.params.items()}
    if text.id.startswith("needle."):
        number = params.get("number")
        kind = "sharp" if text.id == "needle.sharp" else "jersey" if text.id == "needle.jersey" else "plain"
        return msg(f"hand.needle-{kind}", number=_NEEDLES[number] if isinstance(number, int) else 7)
    return Message(f"hand.{text.id}" if text.id in SPOKEN else text.id, params)


def _filled(value: Param, said: Callable[[Message], Message]) -> Param:
    if isinstance(value, Message):
        return said(value)
    return tuple(said(part) for part in value) if isinstance(value, tuple) else value
