"""What each step takes to hand: by the job it does. Any thing of the house that does the job is a tool."""

from __future__ import annotations

from collections.abc import Iterator
from typing import Final

from ..pattern import Step
from ..words import Message

# In the order a maker meets them.
TOOLS: Final = (
    "iron",
    "press-cloth",
    "scissors",
    "pinking-shears",
    "ruler",
    "compass",
    "marker",
    "pins",
    "clips",
    "snips",
    "seam-ripper",
    "turner",
    "bodkin",
    "hammer",
    "hand-needle",
    "overlock",
    "hoop",
    "zigzag",
    "decorative-stitch",
)
FEET: Final = ("standard", "zip", "walking", "smooth")
# What layers are held with is told once, when the machine is set up, and wanted at every seam.
HOLDING: Final = ("pins", "clips")


def tools_of(step: Step) -> tuple[str, ...]:
    """The tools of a step, by their ids."""
    return tuple(tool for tool in TOOLS if tool in set(_found(step)))


def _found(step: Step) -> Iterator[str]:
    said = {id for text in (step.title, *(line.text for line in step.lines)) for id in ids_in(text)}
    if step.caution is not None:
        said |= set(ids_in(step.caution))
    if step.id == "cut":
        yield from ("scissors", "ruler")
    elif step.kind == "cut":
        yield "snips"
    if any(id.startswith(("cut-out.plate", "cut-out.string", "cut-out.glass")) for id in said):
        yield "compass"
    if step.kind == "mark":
        yield from ("marker", "ruler")
    if {"pressing.iron", "fuse.settings", "caution.iron"} & said or step.id == "press-cloth":
        yield "iron"
    if any(id.startswith("heat.cool") for id in said) or "fuse.settings" in said:
        yield "press-cloth"
    if step.turns:
        yield "turner"
    if step.hand:
        yield "hand-needle"
    if "caution.hammer" in said:
        yield "hammer"
    if "caution.cord" in said or (step.kind == "finish" and {"cord", "elastic"} & set(step.id.split("-"))):
        yield "bodkin"
    if any("overcast" in id for id in said) and not step.hand:
        yield "overlock"
    if "step.motif-embroidery" in said:
        yield "hoop"
    if {"step.motif-satin", "stitch.open-zigzag", "stitch.zigzag"} & said and not step.hand and step.kind == "sew":
        yield "zigzag"
    if any(id.startswith("step.border-stitches") for id in said) and not step.hand:
        yield "decorative-stitch"
    if any("pinked" in id for id in said):
        yield "pinking-shears"
    if step.kind == "sew" and step.remedy is not None:
        yield "seam-ripper"
    if step.id == "ends":
        yield "snips"
    yield from (tool for tool in HOLDING if {f"hold.{tool}", f"hand.hold.{tool}"} & said)


def ids_in(message: Message) -> Iterator[str]:
    """The ids of a message and of what fills it."""
    yield message.id
    for value in message.params.values():
        for part in value if isinstance(value, tuple) else (value,):
            if isinstance(part, Message):
                yield from ids_in(part)
