"""How a thing stands in a boxed bag: on its base, up to its rim, and at the tie."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass

from ..objects import Thing
from ..pattern import Check, Fix, Verdict
from ..wording import msg

LEVEL = 1.5
RUFFLE = 25.0


@dataclass(frozen=True, slots=True)
class Seat:
    """A thing on a base ``base_width`` by ``base_depth`` with layers ``inside`` mm thick.

    A side shorter than the thing's footprint plus two layers pulls the wall in: the wall loses about
    half that shortfall at the middle of the side.
    """

    thing: Thing
    base_width: float
    base_depth: float
    inside: float

    @property
    def shortfalls(self) -> tuple[float, float]:
        """How much each base side lacks (mm): along the width, along the depth."""
        return (
            max(0.0, self.thing.base_width + 2 * self.inside - self.base_width),
            max(0.0, self.thing.base_depth + 2 * self.inside - self.base_depth),
        )

    @property
    def loss(self) -> float:
        """Height the wall loses at the middle of the worse side (mm)."""
        return max(self.shortfalls) / 2


def base_check(seat: Seat, girth: float, girth_given: bool) -> Check:
    """Whether the base lies flat under the thing."""
    thing, inside = seat.thing, seat.inside
    wants_width, wants_depth = thing.base_width + 2 * inside, thing.base_depth + 2 * inside
    sizes = {"width": seat.base_width, "depth": seat.base_depth, "base": wants_depth}
    if seat.loss < 0.05:
        return Check("fit.base", "ok", msg("fit.base-flat"), msg("fit.base-flat.text", **sizes), 0.0, 0.0)
    fix: Fix | None = None
    spare = girth / 2 - wants_width - wants_depth
    if spare >= -1e-6:
        fix = Fix(msg("fix.base-depth", depth=wants_depth), {"size.base_depth": wants_depth})
    elif thing.round and girth / 4 - min(seat.base_width, seat.base_depth) > 2.0:
        fix = Fix(msg("fix.base-depth", depth=girth / 4), {"size.base_depth": girth / 4})
    elif girth_given:
        wider = 2 * (wants_width + wants_depth)
        fix = Fix(msg("fix.girth", girth=wider), {"size.girth": wider})
    text = msg("fit.base-tight.text", **sizes, loss=seat.loss)
    verdict: Verdict = "note" if seat.loss <= 10 else "warn"
    return Check("fit.base", verdict, msg("fit.base-tight"), text, seat.loss, 0.0, fix)


def height_check(seat: Seat, wall: float, wall_given: bool) -> Check:
    """Where the rim ends beside the thing's top."""
    height = seat.thing.height
    over = wall - seat.loss - height
    changes: Mapping[str, float] = {"size.wall_height": height + seat.loss} if wall_given else {"size.headroom": 0.0}
    fix = Fix(msg("fix.level"), changes)
    if abs(over) <= LEVEL:
        return Check("fit.height", "ok", msg("fit.level"), msg("fit.level.text"), over, LEVEL)
    if over < 0:
        return Check(
            "fit.height",
            "note" if -over <= height / 2 else "warn",
            msg("fit.proud"),
            msg("fit.proud.text", over=-over),
            over,
            LEVEL,
            fix,
        )
    if over <= height * 0.4:
        return Check("fit.height", "ok", msg("fit.covered"), msg("fit.covered.text", over=over), over, height * 0.4)
    return Check("fit.height", "warn", msg("fit.drowns"), msg("fit.drowns.text", over=over), over, height * 0.4, fix)


def tie_check(seat: Seat, tie: float, wall: float, headroom_field: str) -> Check:
    """Whether a tie line ``tie`` mm above the base line lies on the neck."""
    thing = seat.thing
    assert thing.neck_along_cloth is not None and thing.neck_height is not None
    begins = thing.neck_along_cloth + seat.loss
    ends = begins + thing.height - thing.neck_height
    sizes = {"tie": tie, "neck": begins}
    fix = Fix(msg("fix.tie", tie=begins), {"size.tie_height": begins})
    if tie < begins - LEVEL:
        return Check("fit.tie", "warn", msg("fit.tie-low"), msg("fit.tie-low.text", **sizes), tie, begins, fix)
    if tie > ends + LEVEL:
        return Check("fit.tie", "warn", msg("fit.tie-high"), msg("fit.tie-high.text", **sizes), tie, ends, fix)
    if wall - tie < RUFFLE:
        higher = {"size.wall_height": tie + 2 * RUFFLE}
        if headroom_field == "size.headroom":
            higher = {"size.headroom": tie + 2 * RUFFLE - thing.height - seat.loss}
        return Check(
            "fit.tie",
            "note",
            msg("fit.tie-short"),
            msg("fit.tie-short.text", left=wall - tie),
            wall - tie,
            RUFFLE,
            Fix(msg("fix.raise-wall", wall=tie + 2 * RUFFLE), higher),
        )
    return Check("fit.tie", "ok", msg("fit.tie-good"), msg("fit.tie-good.text", tie=tie), tie, begins)
