"""What lies in the drawer beside the shelf: hardware with the measure that matters, and the measures of wearers."""

from __future__ import annotations

import math
from collections.abc import Callable, Mapping
from dataclasses import field
from typing import Literal

from ..frozen import frozen
from ..pattern.draft import Dimension, ObjectView
from ..pattern.problem import Problem
from ..plane import Point, Segment, bounds, polyline
from ..shop import ARCH_ROOM, HAND_THICK, LOOP_ROOM
from ..words import Message, msg
from .kinds import Measure

Group = Literal["hardware", "wearer"]
Lines = tuple[tuple[Segment, ...], ...]
Places = Mapping[str, tuple[Point, Point]]


@frozen
class DrawerKind:
    """A kind of hardware, or the measures of a wearer. ``sets`` tells which field of a spec each measure settles; for a part,
    ``parts.<kind>.<length>``. ``typical`` measures (mm) are for its drawing only."""

    id: str
    measures: tuple[Measure, ...]
    typical: Mapping[str, float]
    sets: Mapping[str, str] = field(default_factory=dict)
    # Fields that half of a measure settles: a radius.
    halves: Mapping[str, str] = field(default_factory=dict)
    group: Group = "hardware"

    @property
    def label(self) -> Message:
        return msg(f"object.{self.id}")

    @property
    def help(self) -> Message:
        return msg(f"object.{self.id}.help")


def _m(kind: str, name: str, low: float, high: float, required: bool = True) -> Measure:
    return Measure(name, low, high, required, words=f"{kind}-{name}")


DRAWER = {
    kind.id: kind
    for kind in (
        DrawerKind(
            "zip",
            (
                _m("zip", "length", 20.0, 3000.0),
                _m("zip", "tape", 10.0, 80.0, False),
                _m("zip", "teeth", 0.0, 40.0, False),
            ),
            {"length": 200.0, "tape": 30.0, "teeth": 8.0},
            {"size.zip_length": "length", "size.zip_width": "teeth", "size.tape_width": "tape"},
        ),
        DrawerKind(
            "frame",
            (_m("frame", "length", 30.0, 1000.0), _m("frame", "bar", 3.0, 40.0)),
            {"length": 120.0, "bar": 10.0},
            {"size.frame_length": "length", "size.frame_depth": "bar"},
        ),
        DrawerKind(
            "ring",
            (_m("ring", "inside", 5.0, 120.0),),
            {"inside": 25.0},
            {"parts.ring-tab.ring": "inside", "parts.connector.ring": "inside"},
        ),
        DrawerKind(
            "slider",
            (_m("slider", "inside", 5.0, 120.0),),
            {"inside": 30.0},
            {"parts.adjustable-strap.width": "inside"},
        ),
        DrawerKind(
            "hook",
            (_m("hook", "inside", 5.0, 120.0),),
            {"inside": 25.0},
            {f"parts.{kind}.width": "inside" for kind in ("clip-strap", "strap", "handle")},
        ),
        DrawerKind("eyelet", (_m("eyelet", "across", 3.0, 60.0),), {"across": 8.0}, {"parts.eyelet.across": "across"}),
        DrawerKind(
            "elastic-band", (_m("elastic", "width", 2.0, 60.0),), {"width": 6.0}, {"parts.elastic.width": "width"}
        ),
        DrawerKind("cord", (_m("cord", "across", 1.0, 20.0),), {"across": 4.0}, {"parts.piping.cord": "across"}),
        DrawerKind(
            "round",
            (_m("round", "across", 10.0, 1000.0), _m("round", "depth", 5.0, 400.0, False)),
            {"across": 70.0, "depth": 90.0},
            halves={"size.corner_radius": "across"},
        ),
        DrawerKind(
            "wearer",
            (
                _m("wearer", "drop", 150.0, 1500.0, False),
                _m("wearer", "hand_girth", 80.0, 400.0, False),
                _m("wearer", "hand_width", 40.0, 200.0, False),
            ),
            {"drop": 600.0, "hand_girth": 200.0, "hand_width": 80.0},
            group="wearer",
        ),
    )
}


@frozen
class Notion:
    """One piece of hardware, or one wearer (mm)."""

    kind: str
    measures: Mapping[str, float]

    def view(self) -> ObjectView:
        """Drawn flat to scale, with its measures."""
        lines, places = _DRAWN[self.kind](self.measures)
        boxes = [bounds(path) for path in lines]
        half, high = max(max(-box[0], box[2]) for box in boxes), max(box[3] for box in boxes)
        dims = tuple(
            Dimension(f"object.{name}", *places[name], self.measures[name], True)
            for name in places
            if name in self.measures
        )
        return ObjectView(self.kind, ((0.0, half), (high, half)), False, 0.0, dims, lines)


def holds(notion: Notion) -> float | None:
    """What a straight-sided cup or scoop holds, by its inside width and depth (ml); None where it is flat."""
    across, depth = notion.measures.get("across"), notion.measures.get("depth")
    if notion.kind != "round" or across is None or depth is None:
        return None
    return math.pi / 4 * across**2 * depth / 1000.0


def measure_notion(kind: str, measures: Mapping[str, float]) -> tuple[Notion | None, list[Problem]]:
    """Hardware or a wearer from its measures (mm, within their ranges), or what stands in the way."""
    known = DRAWER[kind]
    problems = [
        Problem(f"object.{m.name}", msg("problem.measure-missing", measure=m.label))
        for m in known.measures
        if m.required and m.name not in measures
    ]
    if known.group == "wearer" and not measures:
        problems.append(Problem("object.drop", msg("problem.wearer-empty")))
    tape, teeth = measures.get("tape"), measures.get("teeth")
    if tape is not None and teeth is not None and teeth >= tape:
        problems.append(Problem("object.teeth", msg("problem.teeth-wide", teeth=teeth, tape=tape)))
    girth, width = measures.get("hand_girth"), measures.get("hand_width")
    # A hand as thick as it is wide would already measure four widths round.
    if girth is not None and width is not None and not 2 * width < girth < 4 * width:
        problems.append(
            Problem("object.hand_girth", msg("problem.hand", girth=girth, width=width, low=2 * width, high=4 * width))
        )
    return (None, problems) if problems else (Notion(kind, dict(measures)), [])


def _box(x0: float, y0: float, x1: float, y1: float) -> tuple[Segment, ...]:
    return polyline([(x0, y0), (x1, y0), (x1, y1), (x0, y1), (x0, y0)])


def _circle(centre: Point, radius: float) -> tuple[Segment, ...]:
    left, right = (centre[0] - radius, centre[1]), (centre[0] + radius, centre[1])
    return (Segment(left, right, 1.0), Segment(right, left, 1.0))


def _zip(m: Mapping[str, float]) -> tuple[Lines, Places]:
    half, tape = m["length"] / 2, m.get("tape", 30.0)
    teeth, mid = m.get("teeth", min(6.0, tape / 3)), tape / 2
    tab = (half, mid - teeth / 2, half + 2 * teeth, mid + teeth / 2)
    lines = (_box(-half, 0.0, half, tape), _box(-half, mid - teeth / 2, half, mid + teeth / 2), _box(*tab))
    places = {
        "length": ((-half, 0.0), (half, 0.0)),
        "tape": ((half, 0.0), (half, tape)),
        "teeth": ((-half, mid - teeth / 2), (-half, mid + teeth / 2)),
    }
    return lines, places


def _frame(m: Mapping[str, float]) -> tuple[Lines, Places]:
    half, bar = m["length"] / 2, m["bar"]
    bars = _box(-half, 0.0, half, bar), _box(-half, 1.3 * bar, half, 2.3 * bar)
    hinges = _circle((-half, 1.15 * bar), bar / 2), _circle((half, 1.15 * bar), bar / 2)
    return (*bars, *hinges), {"length": ((-half, 0.0), (half, 0.0)), "bar": ((half, 0.0), (half, bar))}


def _hole(name: str, rim: float) -> Callable[[Mapping[str, float]], tuple[Lines, Places]]:
    """A round hole with a rim, ``rim`` of its width all round."""

    def drawn(m: Mapping[str, float]) -> tuple[Lines, Places]:
        r = m[name] / 2
        out = r * (1 + 2 * rim)
        return (_circle((0.0, out), out), _circle((0.0, out), r)), {name: ((-r, out), (r, out))}

    return drawn


def _round(m: Mapping[str, float]) -> tuple[Lines, Places]:
    """From above, and cut through beside it where it has a depth."""
    r, depth = m["across"] / 2, m.get("depth")
    high = max(2 * r, depth or 0.0)
    if depth is None:
        return (_circle((0.0, r), r),), {"across": ((-r, r), (r, r))}
    middle, side = -1.15 * r, 1.15 * r
    cup = polyline([(side - r, depth), (side - r, 0.0), (side + r, 0.0), (side + r, depth)])
    places = {"across": ((middle - r, high / 2), (middle + r, high / 2)), "depth": ((side + r, 0.0), (side + r, depth))}
    return (_circle((middle, high / 2), r), cup), places


def _slot(bar: bool, hook: bool) -> Callable[[Mapping[str, float]], tuple[Lines, Places]]:
    """An oblong opening for a strap, with the slider's middle bar or a hook above it."""

    def drawn(m: Mapping[str, float]) -> tuple[Lines, Places]:
        w = m["inside"]
        half, t, high = w / 2, w * 0.12, w * (0.7 if bar else 0.35)
        lines = [_box(-half - t, 0.0, half + t, high + 2 * t), _box(-half, t, half, t + high)]
        if bar:
            lines.append(_box(-half, t + high / 2 - t / 2, half, t + high / 2 + t / 2))
        if hook:
            lines.append(_circle((0.0, high + 2 * t + 0.45 * w), 0.45 * w))
            lines.append(_circle((0.0, high + 2 * t + 0.45 * w), 0.3 * w))
        return tuple(lines), {"inside": ((-half, t), (half, t))}

    return drawn


def _strip(name: str) -> Callable[[Mapping[str, float]], tuple[Lines, Places]]:
    """A length of cord or elastic, lying across."""

    def drawn(m: Mapping[str, float]) -> tuple[Lines, Places]:
        w, half = m[name], 3 * m[name]
        ribs = [polyline([(x * w, 0.0), ((x + 0.5) * w, w)]) for x in (-2.5, -1.5, -0.5, 0.5, 1.5, 2.5)]
        return (_box(-half, 0.0, half, w), *ribs), {name: ((half, 0.0), (half, w))}

    return drawn


def _wearer(m: Mapping[str, float]) -> tuple[Lines, Places]:
    """The bag hanging across the body, and a hand beside it, not to one scale with each other."""
    drop = m.get("drop", 600.0)
    half, hip = drop * 0.28, drop * 1.15
    right = [(half * 0.9, 0.0), (half, hip * 0.9), (half * 0.35, hip)]
    left = [(-x, y) for x, y in reversed(right)]
    body = polyline([left[-1], *right, *left])
    strap = polyline([(-half * 0.5, hip * 0.97), (half * 0.85, hip * 0.97 - drop)])
    hand = half * 1.1
    x, y = half + 0.9 * hand, hip * 0.1
    palm = _box(x - hand / 2, y, x + hand / 2, y + hand)
    fingers = [
        _box(x - hand / 2 + i * hand / 4, y + hand, x - hand / 2 + (i + 1) * hand / 4, y + 1.8 * hand) for i in range(4)
    ]
    places = {
        "drop": ((-half, hip * 0.97 - drop), (-half, hip * 0.97)),
        "hand_girth": ((x - hand / 2, y + hand * 0.8), (x + hand / 2, y + hand * 0.8)),
        "hand_width": ((x - hand / 2, y), (x + hand / 2, y)),
    }
    head = _circle((0.0, hip + half * 0.55), half * 0.45)
    return (body, head, strap, palm, *fingers), places


_DRAWN: Mapping[str, Callable[[Mapping[str, float]], tuple[Lines, Places]]] = {
    "zip": _zip,
    "frame": _frame,
    "ring": _hole("inside", 0.12),
    "eyelet": _hole("across", 0.35),
    "slider": _slot(bar=True, hook=False),
    "hook": _slot(bar=False, hook=True),
    "elastic-band": _strip("width"),
    "cord": _strip("across"),
    "round": _round,
    "wearer": _wearer,
}


def strap_for(wearer: Mapping[str, float]) -> float | None:
    """Length of a strap worn across the body: down from the shoulder in front and behind, twice the drop (mm)."""
    drop = wearer.get("drop")
    return None if drop is None else 2 * drop


def loop_for(wearer: Mapping[str, float]) -> float | None:
    """Length of a folded loop that the hand passes: half of the hand's girth and its room (mm)."""
    girth = wearer.get("hand_girth")
    return None if girth is None else (girth + LOOP_ROOM) / 2


def handle_for(wearer: Mapping[str, float]) -> float | None:
    """Length of a handle that lies over the hand as an arch: its width, twice its thickness and room. The girth is taken
    round an oblong, so that the thickness is half the girth less the width (mm)."""
    width, girth = wearer.get("hand_width"), wearer.get("hand_girth")
    if width is None:
        # Of hands alike, the width is about two fifths of the girth.
        if girth is None:
            return None
        width = 0.4 * girth
    thick = HAND_THICK if girth is None else girth / 2 - width
    return width + 2 * thick + ARCH_ROOM


WORN: Mapping[str, tuple[str, Callable[[Mapping[str, float]], float | None]]] = {
    "adjustable-strap": ("longest", strap_for),
    "strap": ("length", strap_for),
    "clip-strap": ("length", strap_for),
    "loop": ("length", loop_for),
    "handle": ("length", handle_for),
}


def worn_length(part: str, wearer: Mapping[str, float]) -> tuple[str, float] | None:
    """The length of a part that a wearer's measures propose: its name and the value (mm), not less than what fits."""
    if part not in WORN:
        return None
    name, reckon = WORN[part]
    value = reckon(wearer)
    return None if value is None else (name, value)
