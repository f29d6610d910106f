"""The mat that is carried along: as large as folds into the pocket, or a pocket that holds the mat that is wanted."""

from __future__ import annotations

from collections.abc import Mapping
from typing import Final

from ...constructions.mats import Mat, add_mat, blocks_of
from ...drafting.make import Make
from ...moves.folding import flat_facet
from ...pattern import Chain, Check
from ...shop import POCKET_HOLDS, POCKET_ROOM
from ...words import Param, msg

# How many times as wide and as high as its folded self a mat is.
FOLDS: Final[Mapping[str, tuple[int, int]]] = {"quarter": (2, 2), "half": (1, 2), "third": (1, 3)}
# How far in front of the bag it is drawn (mm).
_BEFORE = 60.0


def add_folded_mat(make: Make, width: float) -> Mat | None:
    """The mat, if one is carried, for a pocket ``width`` mm wide. Folded it is ``n`` layers thick: it goes in where half of its girth, its
    width and thickness, and some room make the pocket's width, and where the pocket covers enough of its height. Raises `SpecError`."""
    pieced = make.option("carried_mat")
    if pieced == "none" or make.option("pockets") == "none":
        return None
    across, up = FOLDS[make.option("mat_fold")]
    thick = across * up * make.spec.stack.total
    pocket = make.finished["pocket_height"] or 0.0
    wide = Chain.start(msg("sum.pocket-width"), width).minus(msg("sum.folded-thick", times=across * up), thick)
    wide = wide.minus(msg("sum.pocket-room"), float(POCKET_ROOM))
    high = Chain.start(msg("sum.pocket-deep"), pocket).times(msg("sum.pocket-covers"), 1 / float(POCKET_HOLDS))
    rows, columns = blocks_of(make, pieced)
    seam = 0.0 if pieced == "whole" else 2 * make.allowance("side")
    full = wide.times(msg("sum.folded-across"), across) if across > 1 else wide
    w = make.ask("mat_width", full, added=seam, share=1 / columns)
    h = make.ask("mat_height", high.times(msg("sum.folded-up"), up), added=seam, share=1 / rows)
    folded = make.size("mat_folded_width", w / across), make.size("mat_folded_height", h / up)
    _check(make, folded, (wide.total, high.total), (across, up), thick, pocket)
    mat = add_mat(make, w, h, pieced, (rows, columns), "mat-")
    before = -(make.finished["base_depth"] or 0.0) / 2 - _BEFORE
    corners = [(0.0, 0.0), (w, 0.0), (w, h), (0.0, h)]
    lying = [(p, (p[0] - w / 2, before - h + p[1], 0.0)) for p in corners]
    make.facets.append(flat_facet(mat.sheet.piece, lying))
    return mat


def _check(
    make: Make,
    folded: tuple[float, float],
    room: tuple[float, float],
    times: tuple[int, int],
    thick: float,
    pocket: float,
) -> None:
    """Whether the folded mat goes into its pocket and stays there."""
    say: dict[str, Param] = {"wide": folded[0], "high": folded[1], "thick": thick}
    say |= {"room": room[0], "most": room[1], "pocket": pocket}
    found: list[Check] = []
    if folded[0] > room[0] + make.spec.step:
        fix = make.fix("mat-width", "size.mat_width", max(40.0, room[0] * times[0]), "down")
        text = msg("check.mat-wide.text", **say)
        found.append(Check("mat.pocket", "warn", msg("check.mat-wide"), text, *_off(folded, room, 0), fix))
    if folded[1] > room[1] + make.spec.step:
        # The pocket grows with it as far as the wall lets it; what does not go so far is the mat's to give.
        wanted, most = folded[1] * float(POCKET_HOLDS), _tallest(make)
        fix = (
            make.fix("pocket-height", "size.pocket_height", wanted, "up")
            if make.spec.on_mark(wanted, "up") <= most
            else make.fix("mat-height", "size.mat_height", max(40.0, room[1] * times[1]), "down")
        )
        text = msg("check.mat-high.text", **say)
        found.append(Check("mat.pocket-high", "warn", msg("check.mat-high"), text, *_off(folded, room, 1), fix))
    fits = msg("check.mat-fits"), msg("check.mat-fits.text", **say)
    make.checks += found or [Check("mat.pocket", "ok", *fits, *_off(folded, room, 0))]


def _off(folded: tuple[float, float], room: tuple[float, float], way: int) -> tuple[float, float]:
    return folded[way], room[way]


def _tallest(make: Make) -> float:
    """How high the pocket may be (mm)."""
    return next(state.high for state in make.states if state.field == "size.pocket_height")


def put_mat_in(make: Make, mat: Mat) -> None:
    """The last step: folded, into its pocket; of two stacked ones either holds it."""
    say: dict[str, Param] = {"wide": make.finished["mat_folded_width"] or 0.0, "pockets": make.option("pockets")}
    say["high"] = make.finished["mat_folded_height"] or 0.0
    fold, check = f"mat-in-{make.option('mat_fold')}", msg("step.mat-in.check")
    pieces = (mat.sheet.piece, "pocket") if make.option("pockets") == "one" else (mat.sheet.piece,)
    make.order.add("mat-in", "finish", 1, fold, say=say, pieces=pieces, check=check, out=True)
