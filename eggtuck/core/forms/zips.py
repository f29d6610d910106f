"""The zip: a tape that is bought, whose two edges and visible ends take part in the seams like any edge."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass

from ..assembly import Sequence as Order
from ..assembly.sequence import TOPSTITCH
from ..lengths import Grid
from ..moves.outliner import rectangle
from ..pattern import Check, Cut, Edge, EdgeUse, Gap, Mark, Need, Seam
from ..plane import Point, Segment, polyline
from ..wording import msg
from .description import LengthInput, Option
from .make import Make

# Tape beyond the visible opening at each end (mm), and the least tape to sew through on each side.
BEYOND, HOLD = 15.0, 10.0
_TABS = {"options.zip_ends": ("fabric-tabs",)}
ZIP_WIDTH = LengthInput("size.zip_width", 0.0, 60.0, "form", "either-way")
ZIP_LENGTH = LengthInput("size.zip_length", 20.0, 3000.0, "cloth", "at-least")
TAB_LENGTH = LengthInput("size.tab_length", 5.0, 200.0, "cloth", "either-way", _TABS)
ZIP_INPUTS = (ZIP_WIDTH, ZIP_LENGTH, TAB_LENGTH)
ZIP_ENDS = Option("zip_ends", ("fabric-tabs", "long-tape", "plain"), "ease")


@dataclass(frozen=True, slots=True)
class Zip:
    """A zip among the pieces: the names of its lines. One that shows nothing has no ends."""

    lines: frozenset[str]
    piece: str = "zip"

    def use(self, name: str, reversed: bool = False) -> tuple[EdgeUse, ...]:
        """One of its lines in a seam, if it has that line."""
        if name not in self.lines:
            return ()
        return (EdgeUse(f"{self.piece}.{name}", reversed=reversed),)


def add_zip(
    make: Make,
    z: float,
    upper: tuple[float, float],
    lower: tuple[float, float],
    ends: Mapping[str, Sequence[Segment] | Sequence[Point]],
    opening: float,
) -> Zip:
    """The zip as a bought piece. ``upper`` and ``lower`` are the spans (mm along the zip) of the two stitch lines, ``z``
    apart; ``ends`` the visible ends by name, in the piece's coordinates (middle line at y = 0). ``opening`` is what
    opens. Checks the maker's own zip against it."""
    low, high = min(upper[0], lower[0]) - BEYOND, max(upper[1], lower[1]) + BEYOND
    half = max(15.0, z / 2 + HOLD)
    corners = [(low, -half), (high, -half), (high, half), (low, half)]
    names = ("tape-lower", "tape-right", "tape-upper", "tape-left")
    edges = [
        Edge(f"zip.{name}", msg(f"edge.{name}"), polyline([corners[i], corners[(i + 1) % 4]]), 0.0)
        for i, name in enumerate(names)
    ]
    lines = {
        "upper": polyline([(upper[0], z / 2), (upper[1], z / 2)]),
        "lower": polyline([(lower[0], -z / 2), (lower[1], -z / 2)]),
    }
    for name, path in ends.items():
        end: tuple[Segment, ...] = tuple(path) if isinstance(path[0], Segment) else polyline(path)  # type: ignore[arg-type]
        if sum(segment.chord for segment in end) > 1e-9:
            lines[name] = end
    internal = [Edge(f"zip.{name}", msg(f"edge.zip-{name}"), path, 0.0, internal=True) for name, path in lines.items()]
    make.piece("zip", "", edges, [], lines=internal)
    make.hem("zip-tape", [EdgeUse(edge.id) for edge in edges], 0.0)
    wanted = high - low
    given = make.spec.size.get("zip_length")
    sold = Grid(25.4 if make.spec.ruler.unit == "in" else 10.0)
    length = make.ask("zip_length", sold.round(wanted, "up"), finished=False)
    if given is not None:
        short = given < wanted - 1e-6
        make.checks.append(
            Check(
                "zip.length",
                "warn" if short else "ok",
                msg("check.zip-short" if short else "check.zip-long"),
                msg("check.zip.text", zip=length, opening=opening, wanted=wanted),
                length,
                wanted,
            )
        )
    make.needs.append(
        Need("zip", "zip", msg("need.zip"), wanted, length, note=msg("need.zip.note", opening=opening, visible=z))
    )
    return Zip(frozenset(lines))


def add_tabs(make: Make, span: float, allowance: float) -> float:
    """Two zip-end tabs, each folded double across the zip's end so that zip and tabs span ``span`` mm; returns the
    opening left between them. Their outer ends lie in the seams at ``allowance``. Raises `SpecError`."""
    tab = make.ask("tab_length", min(25.0, span / 6), high=max(5.0, (span - 20.0) / 2))
    opening = span - 2 * tab
    wide = 2 * max(15.0, (make.finished["zip_width"] or 0.0) / 2 + HOLD)
    edges = rectangle(
        "zip-tab", 2 * tab, wide, {"lower": 0.0, "end-right": allowance, "upper": 0.0, "end-left": allowance}
    )
    make.piece("zip-tab", "", edges, [Cut("outer", 2)], [Mark("notch", msg("mark.tab-fold"), point=(tab, 0.0))])
    make.hem("tabs-caught", [EdgeUse(edge.id) for edge in edges], 0.0)
    make.size("zip_opening", opening)
    return opening


def zip_steps(make: Make, seam: Seam) -> None:
    """Prepare the ends, sew both edges to the tape (with the lining behind where there is one), topstitch, and look
    at the slider."""
    order = make.order
    chosen = make.spec.options.get("zip_ends", "plain")
    order.add("zip-ends", "prepare", 4, f"zip-ends-{chosen}", caution=msg("caution.zip-teeth"))
    lined = "-lined" if make.lined else ""
    for name in ("zip-first", "zip-second"):
        order.seam(
            name,
            [seam],
            name + lined,
            faces=msg("faces.right-to-zip"),
            press=msg("press.from-zip"),
            check=msg("step.zip.check"),
            caution=msg("caution.zip-teeth"),
        )
    edges = tuple(use.edge for use in seam.a)
    order.add("zip-topstitch", "sew", 4, edges=edges, stitch=TOPSTITCH, why=msg("step.zip-topstitch.why"))


def open_zip(order: Order) -> None:
    """The hard stop before any seam that closes the make."""
    order.add("open-zip", "check", 1, check=msg("step.open-zip.check"), why=msg("step.open-zip.why"))


def close_gap(order: Order, gap: Gap) -> None:
    """Turn through the gap and close it."""
    say = {"gap": gap.length}
    order.add("turn", "finish", 4, say=say, check=msg("step.turn.check"), caution=msg("caution.points"))
    order.add("close-gap", "sew", 4, say=say, layer="lining", edges=gap.edges)
