"""What each step takes to hand: by the job it does. Any thing of the house that does the job is a tool."""

from __future__ import annotations

from collections.abc import Iterator, Mapping
from fnmatch import fnmatchcase
from functools import cache
from typing import Final

from ..pattern import Step
from ..words import Message, said_in

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
        fuse-settings heat-pile lay-turn-in marked-crease pressing-iron step-binding-folds step-border-patches-joined
        step-bowl-quilt step-cord-made step-cord-made-raw step-flap-folds step-flap-pocket-on step-loop-made
        step-marker-made step-motif-foil step-motif-fused step-motif-paint-set step-motif-press step-motif-web
        step-narrow-pocket step-part-four-fold step-part-mesh-pocket step-part-mesh-pocket-under step-part-on-webbing
        step-part-patch-pocket step-part-patch-pocket-under step-part-slip-pocket step-part-slip-pocket-under
        step-part-turned step-pockets-on-* step-press-cloth-cool step-press-cloth-hot step-press-done?pile=yes
        step-press-gap
        step-put-padding-fused step-put-padding-fused-over step-ribbon-made step-ring-edges step-ring-edges-padded
        step-slip-pocket step-spine-band step-strap-four step-strap-four-closed step-turn-and-press step-zip-topstitch
        step-zip-understitch
        """
    ),
    "press-cloth": _ids(
        """
        fuse-settings heat-cool heat-cool-again heat-weak step-motif-foil step-motif-paint-set step-press-cloth-cool surface-guard
        surface-guard-again
        """
    ),
    "towel": _ids("backing-pile heat-pile step-motif-press step-press-cloth-pile"),
    "scissors": _ids("step-cut step-quilt"),
    "pinking-shears": _ids("*pinked step-weight-trim"),
    "ruler": _ids(
        """
        caught-round caught-top-* caught-upper hand-step-border-stitches* hand-step-zip-ends-fabric-tabs
        lay-casing-mouth-set-out* lay-of-longer loop-cut-ribbon mark-*-datum marker-cut-frays marker-cut-ribbon place-ends* place-late step-binding-folds-tape
        step-border-stitches* step-corner-lines step-cut step-cut-corners* step-lid-elastic step-lid-elastic-edge
        step-lid-elastic-in step-loop-in-flap step-mark step-mark-back step-mat-trim* step-motif-web step-neck-elastic
        step-part-elastic step-part-elastic-laid step-pen-loop step-ribbon-frays step-ribbon-one-sided*
        step-ribbon-plain step-ribbon-wired step-zip-ends-fabric-tabs step-zip-ends-shortened
        step-zip-ends-shortened-free surface-from-*
        tack-flat tack-late tack-round
        """
    ),
    "compass": _ids("cut-out-arc cut-out-corner cut-out-plate cut-out-string"),
    "marker": _ids(
        """
        hand-step-border-stitches*?drawn=chalk hand-step-zip-ends-fabric-tabs marked-chalk marked-chalk-seen marked-heat
        marked-heat-seen
        marked-lining-chalk marked-lining-wash marked-padding marked-pen marked-wash-out marked-wash-out-wrong
        step-border-stitches*?drawn=chalk step-close-button-loop step-close-hook-and-loop step-corner-lines step-cut
        step-fastener step-fastener-tape step-motif-embroidery step-motif-web step-part-elastic-laid
        step-part-hook-and-loop-meets step-part-snap-meets step-tag step-tag-ribbon step-zip-ends-fabric-tabs
        """
    ),
    "tape": _ids(
        """
        hand-step-border-stitches*?drawn=paper step-border-stitches*?drawn=paper step-cut
        step-motif-embroidery?drawn=paper
        """
    ),
    "paper": _ids("marked-pen-seen step-border-stitches* step-motif-embroidery?drawn=paper step-motif-satin"),
    "pins": _ids("hand-hold-pins hold-pins"),
    "clips": _ids("along-close-weight heat-never hold-clips* step-binding-try"),
    "snips": _ids(
        """
        backing-left-off backing-unpicked bulk-fold-out bulk-grade* bulk-open bulk-open-every bulk-trim-out
        lay-binding-join-diagonal lay-of-longer loop-cut-ribbon marked-fold-open marked-snip marker-cut-frays marker-cut-ribbon
        step-binding-folds-tape step-border-felt step-border-lace step-border-patches step-bowl-clip-* step-bowl-quilt
        step-clip-curve* step-clip-gusset step-clip-to-base step-closing-tab step-closing-tab-folded step-corner-trim
        step-cut-corners* step-cut-to-outline step-dart-trim step-ends step-ends-basting step-foot-corners*
        step-handle-on-diagonal step-lid-casing step-lid-elastic step-lid-elastic-edge step-lid-elastic-in
        step-lid-holes step-lining-free step-loop-in-flap step-mat-corners step-mat-trim* step-motif-felt
        step-motif-glue step-motif-lace step-motif-paint step-motif-web step-neck-elastic step-panel-lined-padded
        step-part-connector step-part-connector-one step-part-elastic step-part-elastic-laid
        step-part-piping-each?curved=yes step-part-piping-halves?curved=yes step-part-piping-round*
        step-part-piping?curved=yes step-piping-on step-put-interfacing-quilted* step-put-padding-quilted
        step-put-padding-quilted-over step-ribbon-frays step-ribbon-one-sided* step-ribbon-plain step-ribbon-wired
        step-ring-edges-padded step-trim-* step-weight-trim step-zip-ends-shortened
        step-zip-ends-shortened-free step-zip-tails zip-tab-cut
        """
    ),
    "turner": _ids(
        """
        step-closing-tab step-closing-tab-folded step-flaps-turn step-part-connector step-part-connector-one
        step-part-slip-pocket step-part-slip-pocket-under step-part-turned step-sleeve-tuck step-slip-pocket
        step-strip-turn step-turn step-turn-*
        """
    ),
    "bodkin": _ids(
        """
        step-cord step-cord-flat step-lid-cord step-lid-elastic step-lid-elastic-edge step-lid-elastic-in
        """
    ),
    "hammer": _ids(
        """
        rivet-set step-cord-eyelet step-fastener step-part-eyelet step-part-snap step-part-snap-meets
        """
    ),
    "hand-needle": _ids(
        """
        along-join-hand backing-tack marked-fold-thread marked-tailor marked-thread step-binding-over-hand step-close-both
        step-close-button-loop step-close-gap-hand step-fastener-tape step-lid-elastic step-lid-elastic-edge
        step-lid-elastic-in step-motif-embroidery step-part-button step-slip-in step-turn-panels
        """
    ),
    "thimble": _ids("hand-caution-thick hand-step-set-up"),
    "funnel": _ids("step-fill"),
    "spoon": _ids("step-fill"),
    "sponge": _ids("step-motif-glue step-motif-paint"),
    "hoop": _ids("step-motif-embroidery?drawn=chalk step-motif-embroidery?drawn=pen"),
    "overlock": _ids("hem-overcast step-edges-overcast step-edges-together-overcast"),
    "zigzag": _ids("along-join-machine step-motif-satin stitch-open-zigzag stitch-zigzag"),
    "decorative-stitch": _ids("step-border-stitches*"),
}
_NO_IRON: Final = ("heat.never", "heat.never-again")
# What is done by hand instead where a make is sewn by hand.
_BY_MACHINE: Final = frozenset(("overlock", "zigzag", "decorative-stitch"))


def tools_of(step: Step) -> tuple[str, ...]:
    """The tools of a step, by their ids."""
    found = set(_found(step))
    return tuple(tool for tool in TOOLS if tool in found and not (step.hand and tool in _BY_MACHINE))


def _found(step: Step) -> Iterator[str]:
    texts = (*(line.text for line in step.lines), *((step.caution,) if step.caution is not None else ()))
    said = [message for text in texts for message in said_in(text)]
    cold = any(message.id in _NO_IRON for message in said)
    for message in said:
        # A fold is creased by hand where no iron may come near.
        yield from (tool for tool in _taken(message) if not cold or tool != "iron")
    if step.hand:
        yield "hand-needle"
    if step.kind == "sew" and step.remedy is not None:
        yield "seam-ripper"


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
