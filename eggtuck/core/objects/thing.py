"""A measured thing, with the figures that forms ask of it."""

from __future__ import annotations

import math
from collections.abc import Iterable, Mapping, Sequence
from dataclasses import replace

from ..frozen import frozen
from ..pattern.draft import Check, InputState, ObjectView
from ..pattern.problem import Problem
from ..plane import Point
from ..shop import AGREE, BELLY, HANDLE, RING_ROUND, SHOULDER_SLOPE, STICKS
from ..words import Message, msg
from .from_the_side import side_view
from .kinds import KINDS
from .profile import girth_between, neck_of, profile_problems


@frozen
class Thing:
    """A thing to be covered (mm). ``base_width`` and ``base_depth`` are its footprint; for round things
    both are the base diameter. ``measures`` are as they were given. ``own`` is the thing as it is, where the figures have
    been raised for others that go into the same make: it is what is drawn, listed and checked. ``assumed`` names measures that
    nobody has taken: they are those of a preset."""

    kind: str
    girth: float
    height: float
    base_width: float
    base_depth: float
    round: bool
    fragile: bool
    neck_height: float | None
    neck_diameter: float | None
    shoulder_height: float | None
    measures: Mapping[str, float]
    profile: tuple[Point, ...] = ()
    sticks_out: tuple[Point, ...] = ()
    own: Thing | None = None
    assumed: frozenset[str] = frozenset()

    def girth_at(self, height: float) -> float:
        """Girth at a height above the table, with what sticks out there (mm)."""
        if self.profile:
            beside = [girth for at, girth in self.sticks_out if abs(at - height) <= STICKS]
            return max([girth_between(self.profile, height), *beside])
        if not self.round:
            return self.girth
        return girth_between([(h, 2 * math.pi * r) for h, r in self.outline()], height)

    @property
    def heights(self) -> tuple[float, ...]:
        """Heights at which its girth has corners, from the table up (mm)."""
        found = {h for h, _ in self.profile or self.outline()} | {h for h, _ in self.sticks_out}
        return tuple(sorted(found))

    @property
    def radius(self) -> float:
        """Half the widest width (mm)."""
        return self.girth / (2 * math.pi) if self.round else self.base_width / 2

    @property
    def shoulder(self) -> float | None:
        """Height where the body starts to narrow (mm): measured, or assumed from the neck."""
        if self.shoulder_height is not None or self.neck_height is None:
            return self.shoulder_height
        inward = self.radius - (self.neck_diameter or self.radius) / 2
        return max(0.0, self.neck_height - inward * SHOULDER_SLOPE)

    @property
    def neck_along_cloth(self) -> float | None:
        """From the base to the neck with the tape laid over the shoulder (mm)."""
        if self.neck_height is None or self.shoulder is None:
            return None
        inward = self.radius - (self.neck_diameter or 2 * self.radius) / 2
        return self.shoulder + math.hypot(self.neck_height - self.shoulder, inward)

    @property
    def end_girth(self) -> float | None:
        """Round the ring or bulge at a handle's end (mm); None without one."""
        if "ring_across" in self.measures:
            return 2 * self.measures["ring_across"] + RING_ROUND
        return self.measures.get("end_girth") if self.kind == "rod" else None

    @property
    def grip_girth(self) -> float:
        """Round a handle's grip, without its end (mm)."""
        return self.profile[-1][1] if self.end_girth is not None else self.girth

    def checks(self) -> list[Check]:
        """Whether the measures agree with each other."""
        if self.own is not None:
            return self.own.checks()
        found: list[Check] = []
        given = self.measures
        if "girth" in given and "diameter" in given and "handle_out" in given:
            both = _round_both(given)
            if abs(both - given["girth"]) > AGREE:
                say = {name: given[name] for name in ("diameter", "girth")}
                told = msg("check.girth-handle", out=given["handle_out"], round=both, **say)
                off = abs(both - given["girth"])
                found.append(Check("object.girth-diameter", "warn", msg("check.measures"), told, off, AGREE))
        elif "girth" in given and "diameter" in given and self.kind != "mug":
            round_it = math.pi * given["diameter"]
            if abs(round_it - given["girth"]) > AGREE:
                found.append(
                    Check(
                        "object.girth-diameter",
                        "warn",
                        msg("check.measures"),
                        msg(
                            "check.girth-diameter",
                            girth=given["girth"],
                            diameter=given["diameter"],
                            round=round_it,
                            used=given["girth"],
                        ),
                        abs(round_it - given["girth"]),
                        AGREE,
                    )
                )
        found += self._disagreements()
        base = given.get("base_diameter")
        if self.round and base is not None and math.pi * base > self.girth + AGREE:
            found.append(
                Check(
                    "object.base-wider",
                    "warn",
                    msg("check.measures"),
                    msg("check.base-wider", base=base, round=math.pi * base, girth=self.girth),
                    math.pi * base,
                    self.girth,
                )
            )
        return found

    def _disagreements(self) -> list[Check]:
        """Measures that cannot all be so: a bowl wider at its rim than at its widest, a bulge slimmer than the grip."""
        given, title = self.measures, msg("check.measures")
        found = []
        if self.kind == "bowl" and {"girth", "rim_diameter"} <= given.keys():
            rim = math.pi * given["rim_diameter"]
            if rim > given["girth"] + AGREE:
                say = {"rim": given["rim_diameter"], "round": rim, "girth": given["girth"]}
                text = msg("check.rim-wider", **say)
                found.append(Check("object.rim-girth", "warn", title, text, rim - given["girth"], AGREE))
        if self.kind == "rod" and self.end_girth is not None and self.end_girth < self.grip_girth - AGREE:
            text = msg("check.bulge-slim", end=self.end_girth, grip=self.grip_girth)
            found.append(Check("object.end", "warn", title, text, self.end_girth, self.grip_girth))
        return found

    def inputs(self, typed: Mapping[str, str]) -> list[InputState]:
        """Its measures as inputs, in the order of its kind; what was not measured is what is assumed."""
        if self.own is not None:
            return self.own.inputs(typed)
        assumed = {
            "rim_diameter": self.girth / math.pi,
            "girth": self.grip_girth,
            "diameter": None if self.kind == "mug" else self.grip_girth / math.pi,
            "height": self.height,
            "base_diameter": self.base_width,
            "width": self.base_width,
            "depth": self.height if self.kind == "bowl" else self.base_depth,
            "length": self.height,
            "board_width": self.base_width,
            "board_height": self.height,
            "spine": self.base_depth,
            "neck_height": self.neck_height,
            "neck_diameter": self.neck_diameter,
            "shoulder_height": self.shoulder,
            "ring_across": None,
            "end_girth": None,
            "handle_out": None,
            "handle_width": HANDLE if "handle_out" in self.measures else None,
        }
        found: list[InputState] = []
        for m in KINDS[self.kind].measures:
            value = self.measures.get(m.name, assumed[m.name])
            if value is not None:
                field = f"object.{m.name}"
                measured = m.name in self.measures and m.name not in self.assumed
                told = typed.get(field) if measured else None
                found.append(InputState(field, value, None, m.low, m.high, None, told, assumed=not measured))
        return found

    def view(self) -> ObjectView:
        """The thing from the side, with its measures where the tape goes."""
        return self.own.view() if self.own is not None else side_view(self)

    def outline(self, radius: float | None = None) -> tuple[Point, ...]:
        """``(height, half width)`` from the base up (mm), with another half width of its body where that is given."""
        if self.profile:
            return tuple((height, girth / (2 * math.pi)) for height, girth in self.profile)
        radius, base = self.radius if radius is None else radius, self.base_width / 2
        if self.kind == "ball":
            turns = [math.pi * i / 64 for i in range(65)]
            return tuple((radius - radius * math.cos(t), radius * math.sin(t)) for t in turns)
        if self.kind == "bowl":
            # A bowl bellies out: a quarter of an ellipse from its foot to its rim, or to its widest and in again to the rim.
            rim = self.measures.get("rim_diameter", 2 * radius) / 2
            turns = [math.pi / 2 * i / 24 for i in range(25)]
            belly = self.height if rim >= radius - 0.5 else self.height * BELLY
            wall = [(belly * (1 - math.cos(t)), base + (radius - base) * math.sin(t)) for t in turns]
            if belly < self.height:
                back = [math.pi / 2 * i / 12 for i in range(1, 13)]
                over = self.height - belly
                wall += [(belly + over * math.sin(t), rim + (radius - rim) * math.cos(t)) for t in back]
            return tuple(wall)
        # A tumbler widens all the way up; other things have a short foot.
        foot = self.height if self.kind == "tumbler" else min(abs(radius - base), self.height * 0.1)
        points: list[Point] = [(0.0, base)]
        if abs(radius - base) > 0.01:
            points.append((foot, radius))
        if self.neck_height is not None and self.shoulder is not None:
            neck = (self.neck_diameter or 2 * radius) / 2
            points.append((max(self.shoulder, foot), radius))
            points.append((self.neck_height, neck))
            points.append((self.height, neck))
        elif points[-1][0] < self.height:
            points.append((self.height, radius))
        return tuple(points)


def largest(thing: Thing, others: Sequence[Thing]) -> Thing:
    """A thing to size for when several must go in: the first, as wide, as high and as broad at its foot as the largest of them."""
    every = (thing, *others)
    return replace(
        thing,
        girth=max(t.girth for t in every),
        height=max(t.height for t in every),
        base_width=max(t.base_width for t in every),
        base_depth=max(t.base_depth for t in every),
        fragile=any(t.fragile for t in every),
        profile=_envelope(every) if all(t.round for t in every) else (),
        sticks_out=(),
        own=thing,
    )


def _envelope(things: Sequence[Thing]) -> tuple[Point, ...]:
    """The widest girth of several things at every height where one of them has a corner. Between two corners the widest is
    convex, so that straight lines never lie below it."""
    heights = {h for t in things for h in t.heights}
    heights |= {at + side for t in things for at, _ in t.sticks_out for side in (-STICKS, STICKS)}
    top = max(t.height for t in things)
    return tuple((h, max(t.girth_at(h) for t in things if h <= t.height)) for h in sorted(heights) if 0 <= h <= top)


def round_body_and_handle(diameter: float, out: float, width: float) -> float:
    """Length of a tape (mm) round a body ``diameter`` across and a handle ``width`` wide that sticks ``out`` from it: two
    tangents from the handle's corners, its own width, and the arc left of the body."""
    r = diameter / 2
    far = math.hypot(r + out, width / 2)
    tangent = math.sqrt(far**2 - r**2)
    arc = 2 * math.pi - 2 * (math.acos(r / far) + math.atan2(width / 2, r + out))
    return 2 * tangent + width + r * arc


def _round_both(measures: Mapping[str, float]) -> float:
    out, width = measures["handle_out"], measures.get("handle_width", HANDLE)
    return round_body_and_handle(measures["diameter"], out, width)


def measure_profile(rows: Sequence[Point], sticking: Sequence[Point]) -> tuple[Thing | None, list[Problem]]:
    """A thing from its girths at heights (mm) and what sticks out (height, girth round both), or what stands in the way."""
    problems = profile_problems(rows)
    if problems:
        return None, problems
    # It stands on the table whatever height the first row was measured at.
    low = rows[0][0]
    profile = tuple((height - low, girth) for height, girth in rows)
    out = tuple((height - low, girth) for height, girth in sticking)
    girth = max(g for _, g in (*profile, *out))
    base = profile[0][1] / math.pi
    height = profile[-1][0]
    neck = neck_of(profile)
    begins, across, shoulder = neck if neck else (None, None, None)
    measures = {"girth": girth, "height": height}
    thing = Thing("profile", girth, height, base, base, True, True, begins, across, shoulder, measures, profile, out)
    return thing, []


def measure_thing(
    kind: str, measures: Mapping[str, float], assumed: Iterable[str] = ()
) -> tuple[Thing | None, list[Problem]]:
    """A thing from its measures (mm, already within their ranges), of which some are ``assumed``, or what stands in the way."""
    told = frozenset(assumed) & measures.keys()
    problems: list[Problem] = []

    def object_problem(name: str, message: Message) -> None:
        problems.append(Problem(f"object.{name}", message))

    known = KINDS[kind]
    if kind == "rod" and {"ring_across", "end_girth"} <= measures.keys():
        object_problem("end_girth", msg("problem.one-end"))
    if kind == "bowl" and "rim_diameter" in measures:
        # A bowl is at least as wide as its rim, wherever it is widest.
        widest = max(math.pi * measures["rim_diameter"], measures.get("girth", 0.0))
        measures = {**measures, "girth": widest} if "girth" not in measures else measures
        rim_round = widest
    for measure in known.measures:
        if measure.required and measure.name not in measures:
            object_problem(measure.name, msg("problem.measure-missing", measure=measure.label))
    girth = measures.get("girth")
    if kind == "bowl" and "rim_diameter" in measures:
        girth = rim_round
    diameter = measures.get("diameter")
    if known.round and girth is None and diameter is None:
        object_problem("girth", msg("problem.girth-missing"))
    if kind == "mug" and diameter is not None:
        if measures.get("handle_width", HANDLE) >= diameter:
            object_problem("handle_width", msg("problem.handle-wide", diameter=diameter))
        elif girth is None and "handle_out" not in measures:
            object_problem("handle_out", msg("problem.measure-missing", measure=msg("measure.handle_out")))
        elif girth is None:
            girth = _round_both(measures)
    if problems:
        return None, problems
    if kind == "book":
        width, depth = measures["board_width"], measures["spine"]
        girth = 2 * (width + depth)
    elif not known.round:
        width, depth = measures["width"], measures["depth"]
        girth = 2 * (width + depth)
    else:
        girth = girth if girth is not None else math.pi * (diameter or 0.0)
        body = diameter if kind == "mug" and diameter is not None else girth / math.pi
        width = depth = measures.get("base_diameter", body)
    upright = {"bowl": "depth", "rod": "length", "book": "board_height"}.get(kind, "height")
    height = girth / math.pi if kind == "ball" else measures[upright]
    neck, neck_diameter = measures.get("neck_height"), measures.get("neck_diameter")
    shoulder = measures.get("shoulder_height")
    if neck is not None and neck > height:
        object_problem("neck_height", msg("problem.neck-above-top", neck=neck, height=height))
    if neck_diameter is not None and neck_diameter * math.pi > girth + AGREE:
        object_problem("neck_diameter", msg("problem.neck-wide", neck=neck_diameter, widest=girth / math.pi))
    if shoulder is not None and shoulder > (neck if neck is not None else height):
        object_problem(
            "shoulder_height",
            msg("problem.shoulder-high", shoulder=shoulder, limit=neck if neck is not None else height),
        )
    if neck is None and neck_diameter is not None:
        object_problem("neck_height", msg("problem.neck-height-missing"))
    if problems:
        return None, problems
    thing = Thing(
        *(kind, girth, height, width, depth, known.round, known.fragile, neck, neck_diameter, shoulder),
        dict(measures),
        assumed=told,
    )
    return (_with_end(thing) if kind == "rod" else thing), []


def _with_end(rod: Thing) -> Thing:
    """A handle with a ring or a bulge at its end, which lies deepest in a sleeve: as high as it is wide, then sloping to the
    grip over half of that again. What must pass is the wider of grip and end."""
    end = rod.end_girth
    if end is None:
        return rod
    across = min(end / (2 if "ring_across" in rod.measures else math.pi), rod.height * 0.6)
    slope = min(1.5 * across, rod.height * 0.9)
    profile = ((0.0, end), (across, end), (slope, rod.girth), (rod.height, rod.girth))
    return replace(rod, girth=max(end, rod.girth), profile=profile)
