"""How a thing stands in a boxed bag: on its base, up to its rim, and at the tie."""

from __future__ import annotations

from collections.abc import Callable, Mapping

from ..frozen import frozen
from ..lengths import RoundingWay
from ..objects import Thing
from ..pattern import Check, Fix, Verdict
from ..shop import COVERED, GIVES_UP, LEVEL, RUFFLE
from ..words import msg

# A length on the maker's ruler: the mark next to it in a direction.
OnMark = Callable[[float, RoundingWay], float]


@frozen
class Seat:
    """A thing on a base ``base_width`` by ``base_depth`` with layers ``inside`` mm thick, in a bag with this girth ease.

    A side shorter than the thing's footprint plus two layers pulls the wall in: the wall loses about
    half that shortfall at the middle of the side.
    """

    thing: Thing
    base_width: float
    base_depth: float
    inside: float
    ease: float = 0.0

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


def base_check(seat: Seat, girth: float, girth_given: bool, on_mark: OnMark) -> Check:
    """Whether the base lies flat under the thing.

    Args:
        seat: the thing on its base.
        girth: of the form (mm).
        girth_given: whether the maker told it.
        on_mark: the mark of the ruler next to a length; what is offered lies on one.

    Example:
        >>> from eggtuck.core.objects import measure_thing
        >>> jar, _ = measure_thing("can", {"girth": 250.0, "height": 100.0})
        >>> seat = Seat(jar, base_width=90.0, base_depth=90.0, inside=0.0)
        >>> base_check(seat, 360.0, True, lambda mm, way: mm).verdict
        'ok'
    """
    thing, inside = seat.thing, seat.inside
    wants_width, wants_depth = thing.base_width + 2 * inside, thing.base_depth + 2 * inside
    sizes = {"width": seat.base_width, "depth": seat.base_depth, "base": wants_depth}
    if seat.loss < 0.05:
        return Check("fit.base", "ok", msg("fit.base-flat"), msg("fit.base-flat.text", **sizes), 0.0, 0.0)
    verdict: Verdict = "note" if seat.loss <= GIVES_UP else "warn"
    fix: Fix | None = None
    deep, mark = on_mark(wants_depth, "up"), on_mark(1e-3, "up")
    # Cut sizes are moved to marks of the ruler: two of them on each side to spare.
    short = 2 * (wants_width + deep) + 4 * mark - girth
    if girth / 2 - wants_width - deep >= -1e-6:
        fix = Fix(msg("fix.base-depth", depth=deep), {"size.base_depth": deep})
    elif verdict == "warn" and girth_given:
        wider = on_mark(girth + short, "up")
        fix = Fix(msg("fix.girth", girth=wider), {"size.girth": wider, "size.base_depth": deep})
    elif verdict == "warn":
        ease = on_mark(short, "up")
        more = on_mark(seat.ease + ease, "up")
        fix = Fix(msg("fix.ease-more", ease=ease), {"ease.girth": more, "size.base_depth": deep})
    text = msg("fit.base-tight.text", **sizes, loss=seat.loss)
    return Check("fit.base", verdict, msg("fit.base-tight"), text, seat.loss, 0.0, fix)


def height_check(
    seat: Seat, wall: float, told: str | None, on_mark: OnMark, tied: bool = False, collar: float = 0.0
) -> Check:
    """Where the rim ends beside the thing's top.

    Args:
        seat: the thing on its base.
        wall: height of the form's wall (mm).
        told: the field the wall was given by, if it was.
        on_mark: the mark of the ruler next to a length.
        tied: cloth above the thing is gathered there.
        collar: how high it is drawn together above the rim (mm).

    Example:
        >>> from eggtuck.core.objects import measure_thing
        >>> jar, _ = measure_thing("can", {"girth": 250.0, "height": 100.0})
        >>> seat = Seat(jar, base_width=90.0, base_depth=90.0, inside=0.0)
        >>> [height_check(seat, wall, None, lambda mm, way: mm).title.id for wall in (60.0, 100.0, 120.0)]
        ['fit.proud', 'fit.level', 'fit.covered']
    """
    height = seat.thing.height
    over = wall - seat.loss - height
    changes: Mapping[str, float | str] = {"size.headroom": 0.0}
    if told is not None:
        changes = {told: on_mark(height + seat.loss, "up")}
    fix = Fix(msg("fix.level"), changes)
    # A wall on the ruler ends up to a mark away from where it was wanted.
    level = max(LEVEL, on_mark(LEVEL, "up"))
    if abs(over) <= level:
        return Check("fit.height", "ok", msg("fit.level"), msg("fit.level.text"), over, level)
    if collar and -collar <= over <= 0:
        text = msg("fit.collared.text", over=-over, collar=collar, above=collar + over)
        return Check("fit.height", "ok", msg("fit.collared"), text, over, -collar)
    if over < 0:
        return Check("fit.height", "note", msg("fit.proud"), msg("fit.proud.text", over=-over), over, LEVEL, fix)
    if over <= height * COVERED:
        return Check("fit.height", "ok", msg("fit.covered"), msg("fit.covered.text", over=over), over, height * COVERED)
    if tied:
        return Check(
            "fit.height", "ok", msg("fit.gathered"), msg("fit.gathered.text", over=over), over, height * COVERED
        )
    # A rim this high is meant to be folded down over the thing where it reaches across it.
    if over >= max(seat.thing.base_width, seat.thing.base_depth) / 2:
        text = msg("fit.folds-down.text", over=over)
        return Check("fit.height", "note", msg("fit.folds-down"), text, over, height * COVERED, fix)
    return Check(
        "fit.height", "warn", msg("fit.drowns"), msg("fit.drowns.text", over=over), over, height * COVERED, fix
    )


def tie_check(seat: Seat, tie: float, wall: float, headroom_field: str, on_mark: OnMark) -> Check:
    """Whether a tie line lies on the neck.

    Args:
        seat: the thing on its base; it has a neck.
        tie: how far above the base line it is (mm).
        wall: height of the form's wall (mm).
        headroom_field: what the wall is told by.
        on_mark: the mark of the ruler next to a length.

    Example:
        >>> from eggtuck.core.objects import measure_thing
        >>> bottle, _ = measure_thing("bottle", {"girth": 250.0, "height": 300.0, "neck_height": 200.0, "neck_girth": 100.0})
        >>> seat = Seat(bottle, base_width=90.0, base_depth=90.0, inside=0.0)
        >>> tie_check(seat, 100.0, 340.0, "size.headroom", lambda mm, way: mm).verdict
        'warn'
    """
    thing = seat.thing
    assert thing.neck_along_cloth is not None and thing.neck_height is not None
    begins = thing.neck_along_cloth + seat.loss
    ends = begins + thing.height - thing.neck_height
    sizes = {"tie": tie, "neck": begins}
    better = on_mark(begins, "up")
    fix = Fix(msg("fix.tie", tie=better), {"size.tie_height": better})
    if tie < begins - LEVEL:
        return Check("fit.tie", "warn", msg("fit.tie-low"), msg("fit.tie-low.text", **sizes), tie, begins, fix)
    if tie > ends + LEVEL:
        return Check("fit.tie", "warn", msg("fit.tie-high"), msg("fit.tie-high.text", **sizes), tie, ends, fix)
    if wall - tie < RUFFLE:
        raised = on_mark(tie + 2 * RUFFLE, "up")
        higher = {"size.wall_height": raised}
        if headroom_field == "size.headroom":
            higher = {"size.headroom": on_mark(raised - thing.height - seat.loss, "up")}
        return Check(
            "fit.tie",
            "note",
            msg("fit.tie-short"),
            msg("fit.tie-short.text", left=wall - tie),
            wall - tie,
            RUFFLE,
            Fix(msg("fix.raise-wall", wall=raised), higher),
        )
    return Check("fit.tie", "ok", msg("fit.tie-good"), msg("fit.tie-good.text", tie=tie), tie, begins)
