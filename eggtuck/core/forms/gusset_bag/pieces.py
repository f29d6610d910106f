"""The pieces, and the marks on them."""

from __future__ import annotations

import math
from dataclasses import replace
from itertools import pairwise

from ...constructions.zips import add_zip, sew_zip, zip_in_edge, zip_set_free
from ...drafting.gaps import straight_stretch
from ...drafting.make import Make
from ...moves.outliner import Outliner, rectangle
from ...pattern import Chain, Cut, EdgeUse, Mark, Need, Role
from ...pattern.piece import Fold
from ...plane import Point, Segment
from ...shop import PIPING_CORD
from ...words import msg
from .sizes import Ring

# What is cut twice.
COPIES = ("front", "back")


def add_gusset(make: Make, ring: Ring, ending: str = "", cuts: list[Cut] | None = None) -> None:
    side, end, length, g = make.allowance("side"), make.allowance("end"), ring.gusset, ring.width
    edges = rectangle(f"gusset{ending}", length, g, {"front": side, "end-right": end, "rear": side, "end-left": end})
    marks = []
    for x, label in ring.on_gusset():
        datum = msg("mark.from-end", raw=x + end, net=x)
        marks += [Mark("notch", msg(label), point=(x, y), datum=datum) for y in (0.0, g)]
    folds = [Fold(f"gusset{ending}.middle", msg("fold.middle"), Segment((length / 2, 0.0), (length / 2, g)))]
    make.piece(f"gusset{ending}", "", edges, make.cuts(1) if cuts is None else cuts, marks, folds, backed=True)


def add_zip_gusset(make: Make, ring: Ring) -> None:
    """The zip section: two strips and the zip between them, as wide as the gusset."""
    side, end, zip_a = make.allowance("side"), make.allowance("end"), make.allowance("zip")
    opening, g, z = ring.opening, ring.width, ring.z
    width = (g - z) / 2
    edges = rectangle("zip-strip", opening, width, {"outside": side, "end-right": end, "zip": zip_a, "end-left": end})
    marks = [Mark("notch", msg(label), point=(x, 0.0)) for x, label in ring.on_strip()]
    marks.append(Mark("notch", msg("mark.centre-zip"), point=(opening / 2, width)))
    make.piece("zip-strip", "", edges, make.cuts(2), marks, copies=COPIES, backed=True)
    make.sums["zip-strip.cut_height"] = (
        Chain.start(msg("sum.gusset-width"), g)
        .minus_some(msg("sum.zip-visible"), z)
        .divided(msg("sum.half"), 2)
        .plus_some(msg("sum.side-allowance"), side)
        .plus_some(msg("sum.zip-allowance"), zip_a)
    )
    q = z / 2
    ends = {"end-left": [(0.0, q), (0.0, -q)], "end-right": [(opening, -q), (opening, q)]}
    zipper = add_zip(make, z, (0.0, opening), (0.0, opening), ends, zip_in_edge(make, opening, end))
    strips = [EdgeUse("zip-strip", "zip", "front", reversed=True), EdgeUse("zip-strip", "zip", "back", reversed=True)]
    sew_zip(make, zipper, strips)
    # Both walked from the front to the rear at the right end, back again at the left.
    front, back = (
        {hand: EdgeUse("zip-strip", f"end-{hand}", copy) for hand in ("left", "right")} for copy in ("front", "back")
    )
    left = [replace(back["left"], reversed=True), *zipper.use("end-left", reversed=True), front["left"]]
    right = [front["right"], *zipper.use("end-right", reversed=True), replace(back["right"], reversed=True)]
    for hand, section in (("left", left), ("right", right)):
        make.seam(
            f"ring-{hand}", [EdgeUse("gusset", f"end-{hand}")], section, end, make.cloths, f"ring-{hand}", as_one=True
        )
    finished = by_panels(make)
    for copy, key, back_way in (("front", "front", False), ("back", "rear", True)):
        ring_side = [EdgeUse("gusset", key, reversed=back_way), EdgeUse("zip-strip", "outside", copy, reversed=True)]
        panel = [EdgeUse("panel", "rim", copy)]
        rim = make.allowance("rim")
        make.seam(f"round-{copy}", panel, ring_side, rim, make.cloths, f"round-{copy}", mate=("side",), as_one=finished)
    if finished:
        _panel_gaps(make, ring)
    elif make.lined:
        half, whole = opening / 2, ring.panel.round
        lead, usable = straight_stretch(ring.panel.outline, half, whole - half)
        scale = ring.gusset / (whole - opening)
        usable, lead = usable * scale, (lead - half) * scale
        seam = next(s for s in make.seams if s.id == "round-front")
        make.gap(seam, seam.uses_of("front"), make.finished["girth"] or 0.0, usable=usable, lead=lead)


def by_panels(make: Make) -> bool:
    """Whether each panel is finished with its lining before the ring is sewn to its edge."""
    return make.lined and make.option("mouth") == "zip-in-gusset" and make.option("assembly") == "panels"


def _panel_gaps(make: Make, ring: Ring) -> None:
    """The gap each panel is turned through, clear of the opening: in its own rim, where the ring covers it."""
    half, whole = ring.opening / 2, ring.panel.round
    lead, usable = straight_stretch(ring.panel.outline, half, whole - half)
    seam = next(s for s in make.seams if s.id == "round-front")
    one, two = (EdgeUse("panel", "rim", copy) for copy in COPIES)
    x0, _, x1, _ = ring.panel.box
    gap = make.gap(seam, (one, two), 2 * (x1 - x0), usable=usable, lead=lead - half)
    gap = replace(gap, sides=(("panel", "outer"), ("panel", "lining")))
    # Marked on both alike; each is left open in its own.
    make.gaps[-1:] = replace(gap, edges=(one,)), replace(gap, id="gap-back", seam="round-back", edges=(two,))


def add_recessed_top(make: Make, d: float, ring: Ring) -> None:
    """Facing and lining panel rebuild the circle at a straight chord; the zip is caught between them, deep in the mouth.
    The gusset runs round the rest."""
    rim, zip_a, end = make.allowance("rim"), make.allowance("zip"), make.allowance("end")
    r = d / 2
    half = ring.opening / d
    least = r * (1 - math.cos(half))
    depth = make.ask("facing_depth", Chain.start(msg("sum.facing"), least), low=least, high=r, added=rim + zip_a)
    c = r - depth
    reach = max(half, math.acos(min(1.0, max(-1.0, c / r))))
    chord = 2 * r * math.sin(reach)
    make.size("chord", Chain.start(msg("sum.chord", offset=c, radius=r), chord))

    def at(turn: float) -> Point:
        return (r * math.sin(turn), r * math.cos(turn))

    def arc(first: float, last: float) -> list[Segment]:
        """Anticlockwise, from a turn to a smaller one (measured from the top, clockwise positive)."""
        parts = max(1, math.ceil(abs(last - first) / 2.5))
        turns = [first + (last - first) * i / parts for i in range(parts + 1)]
        return [Segment(at(a), at(b), math.tan((a - b) / 4)) for a, b in pairwise(turns)]

    pen = Outliner("panel", at(half))
    pen.path("mouth", arc(half, -half), rim)
    pen.path("round", arc(-half, half - 2 * math.pi), rim)
    make.piece("panel", "", pen.edges, [Cut("outer", 2)], ring.panel_marks(), copies=COPIES, backed=True)
    # The two gussets are sewn to panels of different make, so each has a piece of its own.
    add_gusset(make, ring, cuts=[Cut("outer", 1)])
    if make.lined:
        add_gusset(make, ring, "-lining", [Cut("lining", 1)])
    role: Role = "lining" if make.lined else "outer"
    extra = (reach - half) * r > 1e-6
    pen = Outliner("facing", (-chord / 2, c))
    pen.to("chord", (chord / 2, c), zip_a)
    if extra:
        pen.path("side-right", arc(reach, half), rim)
    pen.path("mouth", arc(half, -half), rim)
    if extra:
        pen.path("side-left", arc(-half, -reach), rim)
    middle = Mark("notch", msg("mark.centre-zip"), point=(0.0, c))
    make.piece(
        "facing",
        "",
        pen.edges,
        [Cut("outer", 2)],
        [middle, Mark("notch", msg("mark.centre-top"), point=at(0.0))],
        copies=COPIES,
    )
    pen = Outliner("panel-lining", (chord / 2, c))
    pen.to("chord", (-chord / 2, c), zip_a)
    pen.path("round", arc(-reach, reach - 2 * math.pi), rim)
    notches = [middle]
    if make.lined:
        # Matched with the lining's gusset; deep facings reach down to the quarters.
        notches.append(Mark("notch", msg("mark.centre-bottom"), point=(0.0, -r)))
        quarters = (-math.pi / 2, math.pi / 2) if reach < math.pi / 2 - 1e-6 else ()
        notches += [Mark("notch", msg("mark.quarter"), point=at(turn)) for turn in quarters]
    make.piece("panel-lining", "", pen.edges, [Cut(role, 2)], notches, copies=COPIES, backed=role == "lining")
    settled = zip_set_free(make, chord, ring.width - ring.z)
    # It is as long as what opens: beyond that the straight edges are sewn to each other alone.
    span = -settled.opening / 2, settled.opening / 2
    zipper = add_zip(make, ring.z, span, span, {}, settled)
    inner: list[EdgeUse] = []
    for copy, side, tape, back in (("front", "front", "upper", False), ("back", "rear", "lower", True)):
        chords = [EdgeUse("facing", "chord", copy)], [EdgeUse("panel-lining", "chord", copy, reversed=True)]
        make.seam(f"facing-{copy}", *chords, zip_a, ("lining",), "facing", zipper.use(tape))
        mouths = [EdgeUse("panel", "mouth", copy)], [EdgeUse("facing", "mouth", copy)]
        make.seam(f"mouth-{copy}", *mouths, rim, ("outer",), "mouth-facing")
        rims = [EdgeUse("panel", "round", copy)], [EdgeUse("gusset", side, reversed=back)]
        make.seam(f"round-{copy}", *rims, rim, ("outer",), f"round-{copy}", mate=("side",))
        within = [EdgeUse("panel-lining", "round", copy)]
        if extra:
            within = [EdgeUse("facing", "side-left", copy), *within, EdgeUse("facing", "side-right", copy)]
        if make.lined:
            lining = [EdgeUse("gusset-lining", side, reversed=back)]
            make.seam(f"lining-round-{copy}", within, lining, rim, ("lining",), f"round-{copy}", mate=("side",))
        inner += within
    if make.lined:
        seam = next(s for s in make.seams if s.id == "lining-round-front")
        make.gap(seam, seam.uses_of("front"), make.finished["girth"] or 0.0)
        for hand in ("left", "right"):
            ends = (
                [EdgeUse("gusset", f"end-{hand}", layer="outer")],
                [EdgeUse("gusset-lining", f"end-{hand}", layer="lining")],
            )
            make.seam(f"gusset-end-{hand}", *ends, end, ("outer", "lining"), f"gusset-end-{hand}")
    else:
        make.hem("lining-free", inner, rim)
        make.hem("gusset-ends", [EdgeUse("gusset", "end-left"), EdgeUse("gusset", "end-right")], end)


def add_piping(make: Make, around: float) -> None:
    """One length for each panel, its ends crossing."""
    make.piped |= {("panel", edge.key) for edge in make.piece_of("panel").edges}
    overlap = make.ask("piping_overlap", 40.0, finished=False)
    piping = Chain.start(msg("sum.circumference"), around).plus(msg("sum.overlap"), overlap)
    piping = make.on_ruler(piping, 0.0, way="up").times(msg("sum.both-panels"), 2)
    make.sums["piping"] = piping
    both = msg("need.piping.note")
    make.needs.append(Need.measured("piping", "piping", msg("need.piping"), piping.total, PIPING_CORD, both))
