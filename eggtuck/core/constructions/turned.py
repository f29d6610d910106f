"""The cloth turned back at the top of a bag: an outward cuff or a deep inward hem, and how deep it may be."""

from __future__ import annotations

import math

from ..drafting.spec import Spec, joined_as_one
from ..materials import MATERIALS
from ..moves.mouth import Mouth
from ..pattern import Check, Fix, SpecError
from ..shop import CUFF, DEEP_HEM, HEM_CLEAR
from ..words import msg


def turned_back(spec: Spec, top: str, wall: float, tie: float | None = None) -> float:
    """How deep the top is turned back (mm), 0 for tops that are not: as told, else as usual and no more than `turned_room`. Raises
    `SpecError` with the deepest that is allowed."""
    if top not in ("cuff-out", "deep-hem"):
        return 0.0
    name, word = ("cuff_depth", "cuff") if top == "cuff-out" else ("hem_depth", "hem")
    room, over = turned_room(spec, top, wall, tie)
    deep = spec.size.get(name, usual_turn(spec, top, wall, tie))
    if deep > room + 1e-6:
        raise SpecError.of(f"size.{name}", msg(f"problem.{word}-{over}", **{word: deep, "limit": room}))
    return deep


def turned_room(spec: Spec, top: str, wall: float, tie: float | None) -> tuple[float, str]:
    """The deepest a cuff or hem may be (mm), and why: it must end above the ribbon's line, an inward hem with its raw edge turned
    under besides; a cuff takes at most six tenths of a wall without one, a hem half."""
    if tie is not None and tie < wall:
        turned_in = spec.seam_allowance("top") if top == "deep-hem" else 0.0
        clear = max(0.0, wall - tie - (HEM_CLEAR if turned_in else 0.0))
        if clear < (wall / 2 if top == "deep-hem" else wall):
            return clear, "over-tie"
    return (wall * 0.6, "deep") if top == "cuff-out" else (wall / 2, "deep")


def usual_turn(spec: Spec, top: str, wall: float, tie: float | None) -> float:
    """The cuff or hem proposed (mm), on a mark of the ruler."""
    room = turned_room(spec, top, wall, tie)[0]
    usual, share = (CUFF, room * 0.8) if top == "cuff-out" else (DEEP_HEM, min(wall / 3, room))
    return min(spec.ruler.usual(usual), max(spec.on_grid(share, "down"), min(share, 5.0)))


def turn_limits(spec: Spec, wall: float, tie: float | None) -> tuple[float, None, float]:
    """What is proposed for a cuff or hem, no least, and the most."""
    top = spec.options["top"]
    return usual_turn(spec, top, wall, tie), None, max(turned_room(spec, top, wall, tie)[0], 5.0)


def add_lining(spec: Spec) -> Fix:
    """A button that lines the make, the lining sewn by itself; a gap told while there was nothing to leave it in is proposed afresh."""
    lining = MATERIALS["quilting-cotton"]
    changes: dict[str, float | str] = {"layers.lining": lining.id, **({"size.gap": ""} if "gap" in spec.size else {})}
    if joined_as_one(spec.options):
        changes["options.joined"] = "apart"
    if spec.options.get("cut") == "base-fold" and "gap_place" in spec.chosen:
        # Folded at its base it has no seam there to leave a gap in.
        changes["options.gap_place"] = "lining-side"
    if spec.thing is not None and "girth" in spec.size:
        # A girth that was told keeps the room it leaves.
        changes["size.girth"] = spec.on_mark(spec.size["girth"] + 2 * math.pi * lining.thickness, "up")
    return Fix(msg("fix.add-lining"), changes)


def lining_checks(mouth: Mouth, spec: Spec) -> list[Check]:
    """Whether the lining that a top joins is there; and that one no top joins is sewn flat on the outer."""
    if mouth.asks_lining and not mouth.lining:
        fix = add_lining(spec)
        title, text = msg("check.needs-lining"), msg("check.needs-lining.text", top=msg(f"option.top.{mouth.top}"))
        return [Check("layers.lining", "warn", title, text, fix=fix)]
    if mouth.flat_lined:
        return [Check("layers.lining", "note", msg("check.flat-lined"), msg("check.flat-lined.text"))]
    return []
