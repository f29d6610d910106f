"""A form as one folder: a pouch whose ends are triangles. It belongs to the tests: what it needs anywhere else is a fault of the house."""

from __future__ import annotations

import math
from itertools import pairwise

from eggtuck.core.constructions.shared import LINED_LAYERS, edges_check, finish_sewing, start_sewing
from eggtuck.core.constructions.zips import ZIP_INPUTS, add_zip, ask_zip, open_zip, sew_zip, zip_in_edge, zip_steps
from eggtuck.core.drafting.asking import need_sizes
from eggtuck.core.drafting.description import Form, LengthInput, Option
from eggtuck.core.drafting.make import Make
from eggtuck.core.drafting.reads import Chosen, Reads
from eggtuck.core.drafting.spec import Spec
from eggtuck.core.moves.folding import flat_facet
from eggtuck.core.moves.outliner import Outliner
from eggtuck.core.pattern import Chain, Draft, EdgeUse, Mark, Span
from eggtuck.core.plane import Point
from eggtuck.core.words import msg

ALLOWANCES = ("end", "zip")
INPUTS = (
    LengthInput("size.side", 30.0, 600.0, "form", "either-way", words="prism.side"),
    LengthInput("size.length", 60.0, 900.0, "form", "either-way", words="prism.length"),
    *ZIP_INPUTS[:4],
)
OPTIONS = (Option("zip_ends", ("long-tape", "plain", "shortened"), "ease"),)


def draft_prism(spec: Spec) -> Draft:
    """``3 s - z`` by the length, and two equilateral triangles of side ``s``; the zip lies in the middle of one side. A lining is sewn
    as one with the outer. Raises `SpecError`."""
    need_sizes(spec, "side", "length")
    make = Make(spec, INPUTS, ALLOWANCES, OPTIONS)
    make.flat_lined = make.lined
    end, zip_a = make.allowance("end"), make.allowance("zip")
    z = ask_zip(make)
    s = make.ask("side", added=2 * zip_a - z, share=3)
    length = make.ask("length", added=2 * end)
    make.size("zip_opening", length)
    wide = Chain.start(msg("sum.prism-three"), 3 * s).minus_some(msg("sum.zip-visible"), z)
    make.sums["prism-body.cut_width"] = wide.plus_some(msg("sum.two-zip-allowances", allowance=zip_a), 2 * zip_a)
    make.size("volume", math.sqrt(3) / 4 * s * s * length / 1000)
    _body(make, 3 * s - z, length, s, z)
    _triangle(make, s, z)
    settled = zip_in_edge(make, length, end)
    ends: dict[str, list[Point]] = {
        "end-left": [(0.0, z / 2), (0.0, -z / 2)],
        "end-right": [(length, -z / 2), (length, z / 2)],
    }
    zipper = add_zip(make, z, (0.0, length), (0.0, length), ends, settled)
    sides = [EdgeUse("prism-body", "zip-right"), EdgeUse("prism-body", "zip-left", reversed=True)]
    sew_zip(make, zipper, sides)
    for copy, name, tape_end in (("first", "round-low", "end-left"), ("second", "round-high", "end-right")):
        back = copy == "first"
        parts = ["beside-right", "side-right", "side-left", "beside-left", "under"]
        triangle = [EdgeUse("prism-end", part, copy) for part in parts]
        tube = [EdgeUse("prism-body", name, reversed=not back), *zipper.use(tape_end, reversed=not back)]
        make.seam(f"end-{copy}", triangle, tube, end, make.cloths, "prism-end")
    edges_check(make, hidden_by_lining=False)
    _shape(make, s, length, z)
    start_sewing(make, 3)
    zip_steps(make)
    open_zip(make)
    check = msg("step.prism-ends.check")
    make.order.seam("ends-in", make.seams[2:], "prism-ends", faces=msg("faces.right-together"), check=check)
    finish_sewing(make, put=False)
    return make.draft(girth=length)


def _body(make: Make, wide: float, length: float, s: float, z: float) -> None:
    end, zip_a = make.allowance("end"), make.allowance("zip")
    pen = Outliner("prism-body", (0.0, 0.0))
    pen.to("round-low", (wide, 0.0), end)
    pen.to("zip-right", (wide, length), zip_a)
    pen.to("round-high", (0.0, length), end)
    pen.to("zip-left", (0.0, 0.0), zip_a)
    beside = (s - z) / 2
    corners = [(x, y) for y in (0.0, length) for x in (beside, beside + s, beside + 2 * s)]
    marks = [Mark("notch", msg("mark.corner"), point=p) for p in corners]
    marks += [Mark("notch", msg("mark.centre-zip"), point=(x, length / 2)) for x in (0.0, wide)]
    make.piece("prism-body", "", pen.edges, make.cuts(1), marks, backed=True)


def _triangle(make: Make, s: float, z: float) -> None:
    """Walked from where the zip ends: the rest of that side, both others, and back to the zip."""
    end, high, q = make.allowance("end"), s * math.sqrt(3) / 2, z / 2
    pen = Outliner("prism-end", (q, 0.0))
    pen.to("beside-right", (s / 2, 0.0), end)
    pen.to("side-right", (0.0, high), end)
    pen.to("side-left", (-s / 2, 0.0), end)
    pen.to("beside-left", (-q, 0.0), end)
    pen.to("under", (q, 0.0), end)
    marks = [Mark("notch", msg("mark.corner"), point=p) for p in ((s / 2, 0.0), (0.0, high), (-s / 2, 0.0))]
    make.piece("prism-end", "", pen.edges, make.cuts(2), marks, copies=("first", "second"), backed=True)


def _shape(make: Make, s: float, length: float, z: float) -> None:
    """Exact: standing on the side with the zip, its length along y."""
    high, q, beside = s * math.sqrt(3) / 2, z / 2, (s - z) / 2
    ring = [(q, 0.0), (s / 2, 0.0), (0.0, high), (-s / 2, 0.0), (-q, 0.0)]
    along = [0.0, beside, beside + s, beside + 2 * s, 2 * beside + 2 * s]
    for (a, b), (u, v) in zip(pairwise(ring), pairwise(along), strict=True):
        corners = ((u, 0.0, a), (v, 0.0, b), (v, length, b), (u, length, a))
        make.facets.append(flat_facet("prism-body", [((x, y), (p[0], y, p[1])) for x, y, p in corners]))
    for copy, y in (("first", 0.0), ("second", length)):
        points = [(-s / 2, 0.0), (s / 2, 0.0), (0.0, high)]
        make.facets.append(flat_facet("prism-end", [(p, (p[0], y, p[1])) for p in points], copy))
    if z:
        corners = ((0.0, q), (length, q), (length, -q), (0.0, -q))
        make.facets.append(flat_facet("zip", [((y, w), (-w, y, 0.0)) for y, w in corners]))
    make.spans += [
        Span("size.side", (-s / 2, 0.0, 0.0), (s / 2, 0.0, 0.0), s),
        Span("size.length", (s / 2, 0.0, 0.0), (s / 2, length, 0.0), length),
    ]


def _reads(_: Chosen) -> Reads:
    return Reads({"side": "prism-body.width", "length": "prism-body.height"}, ("zip_width",))


FORM = Form(
    "prism",
    INPUTS,
    OPTIONS,
    (),
    ALLOWANCES,
    draft_prism,
    {"side": 90.0, "length": 200.0},
    LINED_LAYERS,
    3,
    place=115,
    reads=_reads,
    picture=("M8 32l8 -20l8 20z M16 12h12l8 20h-12", "M16 12l-8 20", "M24 32l-8 -20h12l8 20z"),
    easier="round-pouch",
)
