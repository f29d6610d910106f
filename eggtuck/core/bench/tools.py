"""What each step takes to hand: by the job it does. Any thing of the house that does the job is a tool."""

from __future__ import annotations

from collections.abc import Iterator, Mapping
from fnmatch import fnmatchcase
from functools import cache
from typing import Final

from ..pattern import Step
from ..words import LANGUAGES, Message

# In the order a maker meets them.
TOOLS: Final = (
    *("iron", "press-cloth", "towel"),
    *("scissors", "pinking-shears", "ruler", "compass", "marker", "tape", "paper"),
    *("pins", "clips", "snips", "seam-ripper", "turner", "bodkin", "hammer", "hand-needle", "thimble"),
    *("funnel", "spoon", "sponge", "hoop"),
    *("overlock", "zigzag", "decorative-stitch"),
)
FEET: Final = ("standard", "zip", "walking", "smooth")
# What layers are held with is told once, when the machine is set up, and wanted at every seam.
HOLDING: Final = ("pins", "clips")


def _ids(names: str) -> tuple[str, ...]:
    return tuple(names.split())


# The sentences that speak of a tool, by what Fluent calls them; a star stands for anything. After a question mark stands
# what has to be said in them.
TAKEN_FOR: Final[Mapping[str, tuple[str, ...]]] = {
    "iron": _ids(
        """
        pressing-iron caution-iron fuse-settings step-press-cloth-hot step-press-cloth-cool step-turn-and-press
        step-press-gap step-fold-rims lay-turn-in step-put-padding-fused marked-crease step-bowl-quilt step-cord-made
        step-loop-made step-ribbon-made step-marker-made step-binding-folds step-strap-four step-strap-four-closed
        step-part-four-fold step-part-on-webbing step-part-mesh-pocket step-part-patch-pocket step-part-slip-pocket
        step-pockets-on-* step-flap-pocket-on step-slip-pocket step-narrow-pocket step-spine-band step-ring-edges
        step-zip-topstitch step-zip-understitch step-border-patches-joined step-motif-web step-motif-fused
        step-motif-press step-motif-foil step-motif-paint-set
        """
    ),
    "press-cloth": _ids(
        """
        heat-cool heat-cool-again fuse-settings step-press-cloth-cool surface-guard surface-guard-again step-motif-foil
        step-motif-paint-set
        """
    ),
    "towel": _ids("step-motif-press"),
    "scissors": _ids("step-cut"),
    "pinking-shears": _ids("*pinked step-weight-trim"),
    "ruler": _ids(
        """
        step-cut step-mark step-mark-back step-corner-lines mark-*-datum surface-from-* tack-flat tack-late place-ends* place-late
        step-ribbon-plain step-ribbon-one-sided* step-ribbon-wired step-ribbon-frays loop-cut-ribbon step-loop-in-flap
        step-binding-folds-tape lay-of-longer step-neck-elastic step-lid-elastic step-lid-elastic-in step-part-elastic
        step-pen-loop tack-round caught-top-* step-motif-web step-zip-ends-shortened step-zip-ends-shortened-free
        step-mat-trim* marker-cut-ribbon marker-cut-frays caught-upper caught-round step-cut-corners*
        """
    ),
    "compass": _ids("cut-out-plate cut-out-arc cut-out-corner"),
    "marker": _ids(
        """
        step-motif-embroidery?drawn=pen step-motif-embroidery?drawn=chalk step-border-stitches*?drawn=chalk
        hand-step-border-stitches* step-cut step-corner-lines step-tag step-tag-ribbon step-motif-web step-fastener step-fastener-tape
        step-close-button-loop step-close-hook-and-loop step-part-hook-and-loop-meets step-part-snap-meets marked-chalk
        marked-chalk-seen marked-heat marked-heat-seen marked-lining-wash marked-padding marked-pen marked-wash-out
        marked-wash-out-wrong
        """
    ),
    "tape": _ids("step-cut step-motif-embroidery?drawn=paper step-border-stitches*?drawn=paper"),
    "paper": _ids("marked-pen-seen step-motif-satin step-motif-embroidery?drawn=paper step-border-stitches*"),
    "pins": _ids("hold-pins hand-hold-pins"),
    "clips": _ids("hold-clips heat-never step-binding-try along-close-weight"),
    "snips": _ids(
        """
        step-ends step-ends-basting marked-snip bulk-open bulk-trim-out bulk-fold-out bulk-grade backing-left-off
        step-put-padding-quilted step-piping-on step-part-piping*?curved=yes step-part-piping-round*
        step-lining-free step-weight-trim step-clip-to-base step-clip-gusset step-mat-corners step-handle-on-diagonal
        step-dart-trim step-bowl-quilt step-ribbon-plain step-ribbon-one-sided* step-ribbon-wired step-ribbon-frays
        loop-cut-ribbon step-loop-in-flap step-binding-folds-tape lay-of-longer step-neck-elastic
        lay-binding-join-diagonal step-lid-casing step-lid-elastic step-lid-elastic-in step-lid-holes step-part-elastic
        step-zip-ends-fabric-tabs step-zip-ends-shortened step-zip-ends-shortened-free marker-cut-ribbon
        marker-cut-frays step-closing-tab step-closing-tab-folded step-part-connector step-border-lace step-border-felt
        step-border-patches step-motif-paint step-motif-glue step-motif-lace step-motif-felt step-motif-web
        """
    ),
    "turner": _ids(
        """
        step-turn step-turn-* step-strip-turn step-flaps-turn step-sleeve-tuck step-slip-pocket step-part-slip-pocket
        step-closing-tab step-closing-tab-folded step-part-connector
        """
    ),
    "bodkin": _ids("step-cord step-cord-flat step-lid-cord step-lid-elastic step-lid-elastic-in"),
    "hammer": _ids(
        """
        step-cord-eyelet step-part-eyelet step-part-snap step-part-snap-meets step-fastener attach-rivets
        """
    ),
    "hand-needle": _ids(
        """
        step-close-gap-hand step-close-both step-binding-over-hand along-join-hand step-slip-in backing-tack
        step-close-button-loop step-fastener-tape step-part-button step-lid-elastic step-lid-elastic-in step-turn-panels
        marked-thread marked-tailor step-motif-embroidery
        """
    ),
    "thimble": _ids("hand-step-set-up"),
    "funnel": _ids("step-fill"),
    "spoon": _ids("step-fill"),
    "sponge": _ids("step-motif-paint step-motif-glue"),
    "hoop": _ids("step-motif-embroidery?drawn=chalk step-motif-embroidery?drawn=pen"),
    "overlock": _ids("hem-overcast step-edges-overcast step-edges-together-overcast step-bowl-hem-round"),
    "zigzag": _ids("stitch-zigzag stitch-open-zigzag step-motif-satin"),
    "decorative-stitch": _ids("step-border-stitches*"),
}
# What is done by hand instead where a make is sewn by hand.
_BY_MACHINE: Final = frozenset(("overlock", "zigzag", "decorative-stitch"))


def tools_of(step: Step) -> tuple[str, ...]:
    """The tools of a step, by their ids."""
    found = set(_found(step))
    return tuple(tool for tool in TOOLS if tool in found and not (step.hand and tool in _BY_MACHINE))


def _found(step: Step) -> Iterator[str]:
    for line in step.lines:
        for message in _said(line.text):
            yield from _taken(message)
    if step.hand:
        yield "hand-needle"
    if step.kind == "cut" and step.id != "cut":
        yield "snips"
    if step.kind == "sew" and step.remedy is not None:
        yield "seam-ripper"


def _said(message: Message) -> Iterator[Message]:
    """A message and those that fill its blanks: what it could have said in other words is not taken to hand."""
    yield message
    blanks = LANGUAGES["en"].blanks(message.id)
    for name, value in message.params.items():
        for part in value if isinstance(value, tuple) else (value,):
            if name in blanks and isinstance(part, Message):
                yield from _said(part)


def _taken(message: Message) -> Iterator[str]:
    called = message.id.removesuffix(".text").replace(".", "-")
    for tool, field, value in _tools_named(called):
        if not field or message.params.get(field) == value:
            yield tool


@cache
def _tools_named(called: str) -> tuple[tuple[str, str, str], ...]:
    """The tools of a sentence, each with the blank that has to be filled, and with what; "" where it is always taken."""
    found = []
    for tool, sentences in TAKEN_FOR.items():
        for sentence in sentences:
            name, _, wanted = sentence.partition("?")
            if fnmatchcase(called, name):
                field, _, value = wanted.partition("=")
                found.append((tool, field, value))
    return tuple(found)
