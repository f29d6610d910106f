"""Checks on what is cut: outlines, corner cut-outs, rounding, direction of the print."""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence

from ..lengths import Grid
from ..materials import Stack
from ..pattern import Check, Fix, Piece
from ..plane import is_simple
from ..words import Message, msg


def outline_checks(pieces: Sequence[Piece]) -> list[Check]:
    """A stop for any cut outline that crosses itself."""
    return [
        Check(f"outline.{piece.id}", "stop", msg("check.outline"), msg("check.outline.text", piece=piece.name))
        for piece in pieces
        if not is_simple(piece.cut_outline)
    ]


def cutout_checks(
    depth: float, cut: str, cut_first: bool, side: float, base: float, box: float, grid: Grid, girth: float
) -> list[Check]:
    """What is easily got wrong at boxed corners, for a base ``depth`` of a bag ``girth`` round and allowances in mm."""
    found: list[Check] = []
    if cut_first and cut == "side-fold":
        found.append(
            Check(
                "box.fold",
                "note",
                msg("check.corner-fold"),
                msg("check.corner-fold.text", fold=depth / 2 - box, seam=depth / 2 + side - box),
                depth / 2 - box,
            )
        )
    if cut_first and cut == "base-fold":
        found.append(
            Check(
                "box.fold",
                "note",
                msg("check.corner-base-fold"),
                msg(
                    "check.corner-base-fold.text",
                    fold=depth / 2 - box,
                    across=depth - 2 * box,
                    seam=depth / 2 + side - box,
                ),
                depth / 2 - box,
            )
        )
    if not cut_first and cut != "two-panels":
        found.append(Check("box.fold", "note", msg("check.corner-crease"), msg("check.corner-crease.text")))
    if cut != "base-fold" and abs(side - base) > 1e-6:
        key = "check.cutout-oblong" if cut_first else "check.line-two-numbers"
        sizes = (
            {"width": depth / 2 + side - box, "height": depth / 2 + base - box}
            if cut_first
            else {"side": depth / 2 + base, "base": depth / 2 + side}
        )
        found.append(Check("box.unequal", "note", msg(key), msg(f"{key}.text", **sizes), abs(side - base)))
    if cut_first:
        width = depth / 2 + side - box
        # The mark above, unless the base would be deeper than it is wide.
        better = grid.round(width, "up")
        if 2 * (better - side + box) > girth / 4:
            better = grid.round(width, "down")
        fix_depth = 2 * (better - side + box)
        if not grid.shows(width) and grid.shows(fix_depth):
            fix = Fix(msg("fix.base-depth", depth=fix_depth), {"size.base_depth": fix_depth})
            text = msg("check.off-ruler.text", depth=depth, better=fix_depth)
            found.append(Check("box.ruler", "note", msg("check.off-ruler"), text, width, better, fix))
    return found


def rounding_check(
    asked: Mapping[str, float], made: Mapping[str, float], grid: Grid, label: Callable[[str], Message]
) -> list[Check]:
    """Says which given sizes changed because the cut sizes were rounded to the ruler, by the ``label`` of each. A change that the
    ruler cannot show is none."""

    def changed_by(name: str) -> bool:
        seen = not grid.shows(asked[name]) or grid.round(asked[name]) != grid.round(made[name])
        return abs(asked[name] - made[name]) > 0.01 and seen

    changed: list[Message] = [
        msg("check.rounded.item", label=label(name), asked=asked[name], made=made[name])
        for name in made
        if name in asked and changed_by(name)
    ]
    if not changed:
        return []
    most = max(abs(asked[n] - made[n]) for n in made if n in asked)
    text = msg("check.rounded.text", changes=tuple(changed), step=grid.step)
    return [Check("rounding", "note", msg("check.rounded"), text, most, grid.step)]


def direction_check(cut: str, stack: Stack) -> list[Check]:
    """A print with a way up stands on its head on one side of a piece folded at the base; a nap runs the other way there."""
    # Nothing else is cut in one with a fold at the base.
    told = [layer for layer in stack.layers if layer.directional and layer.role in ("outer", "lining")]
    if cut != "base-fold":
        return []
    fix = Fix(msg("fix.two-panels"), {"options.cut": "two-panels"})
    found = []
    if not all(layer.material.nap for layer in told):
        found.append(Check("print", "warn", msg("check.print-down"), msg("check.print-down.text"), fix=fix))
    if any(layer.material.nap for layer in told):
        found.append(Check("nap", "note", msg("check.nap-down"), msg("check.nap-down.text"), fix=fix))
    return found
