"""What is fused when the darts are sewn: cut to the stitching, with the darts cut out of it."""

from __future__ import annotations

from dataclasses import replace

from ...drafting.make import Make
from ...making.backing import lay_backing
from ...materials import Stack
from ...pattern import Check, Fix
from ...words import Param, msg


def can_fuse_late(stack: Stack) -> bool:
    """Whether anything is fused, to cloths that carry no padding: what is quilted on before the darts would lie between."""
    fused = [layer for layer in stack.all("interfacing") if layer.held == "fused"]
    padded = {host for layer in stack.all("padding") for host in layer.hosts}
    return bool(fused) and not any(set(layer.hosts) & padded for layer in fused)


def to_the_stitching(stack: Stack) -> Stack:
    """The same layers, each that is fused cut net: it lies between the darts and ends at their legs."""
    return Stack(
        tuple(
            replace(layer, rule=replace(layer.rule, cut="net"))
            if layer.role == "interfacing" and layer.held == "fused" and layer.rule.cut == "full"
            else layer
            for layer in stack.told
        )
    )


def check_told_whole(make: Make) -> None:
    """Says of what was told to be cut whole and is fused between sewn darts that it ends at them all the same."""
    layers = zip(make.spec.understood["layers"], make.spec.stack.told, strict=True)
    whole = [layer for told, layer in layers if told.get("cut") == "full"]
    late = next((layer for layer in whole if layer.role == "interfacing" and layer.held == "fused"), None)
    if late is None or not fuses_late(make):
        return
    body = make.piece_of("body")
    say: dict[str, Param] = {"material": late.material.name, "piece": body.name, "letter": body.letter}
    fix = Fix(msg("fix.rule"), {"layers.interfacing.cut": ""})
    title, text = msg("check.rule-fixed", **say), msg("check.rule-fixed.text", **say)
    make.checks.append(Check("layers.rule.interfacing", "warn", title, text, fix=fix))


def fuses_late(make: Make) -> bool:
    """Whether what is fused is so when the bowl has its shape."""
    return "fuse_when" not in make.idle and make.option("fuse_when") == "shaped"


def fuse_shaped(make: Make) -> None:
    """The step that fuses it, when every dart is sewn."""
    pieces = [piece for piece in make.pieces if piece.id in ("body", "body-lining")]
    lay_backing(make.order, pieces, make.spec.stack, only="interfacing", why=msg("step.backing-shaped.why"))
