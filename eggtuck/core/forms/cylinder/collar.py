"""The collar a cord draws together: a band sewn on and folded into a casing, closed to a ring first, or sewn on flat."""

from __future__ import annotations

from collections.abc import Iterable

from ...constructions.cords import add_cord
from ...drafting.make import Make
from ...making.round_tube import Drawn
from ...moves.carried import Loop, Sewn, band, top_loop
from ...moves.outliner import rectangle
from ...pattern import Chain, Cut, EdgeUse, Mark, Need
from ...pattern.piece import Fold
from ...pattern.solid import Point3
from ...plane import Segment, polyline
from ...shop import CORD_EYELET, CORD_OPENING, PATCH
from ...words import msg

COLLAR, TAILS = 80.0, 250.0


def add_collar(make: Make, girth: float) -> Drawn:
    """A band as long as the girth, folded lengthwise into a casing, or into a channel below its fold that is narrower; the cord is the
    girth and two tails. Closed to a ring the cord comes out by an opening in its seam; sewn on flat it comes out by an eyelet in front, and
    both its ends lie in the side seam."""
    spec, flat = make.spec, make.option("collar_by") == "flat"
    rim, side = spec.seam_allowance("top"), spec.seam_allowance("side")
    high = make.ask("collar_height", COLLAR, added=2 * rim, share=2)
    channel = make.ask("channel", Chain.start(msg("sum.collar-high"), high), high=high)
    tails = make.ask("cord_tails", TAILS, finished=False)
    edges = rectangle("collar", girth, 2 * high, {"lower": rim, "side-right": side, "upper": rim, "side-left": side})
    # The cord comes out on the outside of the folded collar, in the middle of its channel.
    out = high - channel / 2
    datum = msg("mark.cord-opening.datum", raw=out + rim, net=out)
    if flat:
        cross = polyline([(girth / 2 - 4, out), (girth / 2 + 4, out)])
        marks = [Mark("centre", msg("mark.cord-eyelet"), cross, datum=datum, seen=True)]
    else:
        marks = [Mark("notch", msg("mark.cord-opening"), point=(x, out), datum=datum) for x in (0.0, girth)]
    marks.append(Mark("notch", msg("mark.centre-top"), point=(girth / 2, 0.0)))
    narrow = channel < high - 1.0
    if narrow:
        y = high - channel
        line = polyline([(0.0, y), (girth, y)])
        marks.append(
            Mark(
                "line", msg("mark.channel"), line, datum=msg("mark.channel.datum", raw=y + rim, net=channel), seen=True
            )
        )
    fold = Fold("collar.fold", msg("fold.collar"), Segment((0.0, high), (girth, high)), doubles=True)
    make.piece("collar", "C", edges, [Cut("outer", 1)], marks, [fold])
    make.gathered.append(("collar", polyline([(0.0, out), (girth, out)])))
    make.seam(
        "collar-side",
        [EdgeUse("collar", "side-left")],
        [EdgeUse("collar", "side-right", reversed=True)],
        side,
        ("outer",),
    )
    make.hem("casing", [EdgeUse("collar", "upper")], high)
    # A narrow channel is a band of its own, over the rest.
    bands = (high - channel, channel) if narrow else (high,)
    make.carry("collar", lambda sewn: _stacked(sewn, bands))
    cord = Chain.start(msg("sum.girth"), girth).plus(msg("sum.two-tails", tail=tails), 2 * tails)
    passes = min(float(CORD_OPENING), channel / 2)
    if flat:
        cord = cord.plus_some(msg("sum.two-side-allowances", allowance=side), 2 * side)
        passes = float(CORD_EYELET)
        make.needs.append(
            Need.counted("eyelet", "eyelet", msg("need.cord-eyelet"), passes, 1, msg("need.across", across=passes))
        )
        patch = passes + 2 * PATCH
        make.needs.append(
            Need.counted("eyelet-patch", "patch", msg("need.patch"), patch, 1, msg("need.patch.note", side=patch))
        )
    thick = add_cord(make, cord, tails, passes, lambda sewn: _comes_out(sewn, out, flat), "D", caught=flat)
    if flat:
        of_cord = msg("need.cord-stop.note", cord=thick)
        make.needs.append(Need.counted("cord-stop", "cord-stop", msg("need.cord-stop"), thick, 1, of_cord))
    return Drawn(cord.total, tails, high, channel if narrow else None, flat, passes)


def _stacked(sewn: Sewn, heights: Iterable[float]) -> tuple[Loop, ...]:
    """Bands one over the other, on the rim."""
    low = top_loop(sewn)
    loops: list[Loop] = []
    for high in heights:
        loops += band(low, (0.0, 0.0, high))
        low = [(x, y, z + high) for x, y, z in low]
    return tuple(loops)


def _comes_out(sewn: Sewn, up: float, front: bool) -> tuple[Point3, Point3]:
    """Where the cord comes out, so far up the collar: in front, or over the side seam."""
    way = -1.0 if front else 1.0
    x, y, z = max(top_loop(sewn), key=lambda p: way * p[1])
    return (x, y, z + up), (0.0, way, 0.0)
