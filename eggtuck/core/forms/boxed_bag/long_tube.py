"""The other school of lining a bag: mouth first, while the panels are flat; then outer and lining as one long tube."""

from __future__ import annotations

from typing import Any

from ...drafting.spec import Spec
from ...making import Order
from ...moves.boxed_shell import Shell
from ...pattern import Gap, Seam
from ...words import msg


def is_long_tube(spec: Spec, gap: Gap | None) -> bool:
    """Whether it is sewn so: a gap to turn through, and panels that open out flat, which one folded at the base does not."""
    return gap is not None and spec.options["assembly"] == "long-tube" and spec.options["cut"] != "base-fold"


def long_tube(order: Order, outer: Shell, lining: Shell, rims: list[Seam], gap: Gap | None, spec: Spec) -> None:
    """Joins the mouth flat, then sews the long sides through both and each base; the corners follow."""
    right, fold = msg("faces.right-together"), spec.options["cut"] == "side-fold"
    order.seam("rim", rims, "mouth-flat", faces=right, press=msg("press.open"))
    both = {seam.id: seam for shell in (outer, lining) for seam in shell.seams}
    sides = [seam for id, seam in both.items() if id.removeprefix("lining-").startswith("side")]
    alike = max(s.allowance for s in sides) - min(s.allowance for s in sides) < 1e-6
    common: dict[str, Any] = {"faces": right, "press": msg("press.open"), "gap": gap}
    order.seam(
        "long-sides",
        sides,
        "long-sides" if len({seam.name.id for seam in sides}) > 1 else "long-side",
        layer="both",
        lay=msg("lay.long-tube-fold" if fold else "lay.long-tube"),
        along=msg("along.long-tube", allowance=sides[0].allowance) if alike else None,
        **common,
    )
    for layer, shell in (("outer", outer), ("lining", lining)):
        base = next(seam for seam in shell.seams if seam.id.removeprefix("lining-") == "base")
        order.seam(f"{layer}-base", [base], "base", say={"layer": msg(f"role.{layer}")}, layer=layer, **common)
