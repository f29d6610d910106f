"""What a draft is written as: the one definition of its document, which the writer fills and every interface is described by.

Lengths are mm, outlines closed lists of ``[x, y, bulge]``. A length that a maker reads is a `LengthDoc`; where a plain one is kept for
programs, it stands beside it as ``told``.
"""

from __future__ import annotations

from typing import Literal

from typing_extensions import TypedDict

from .asked import SpecDoc
from .draft import StepKind, StitchKind
from .piece import CutRule, Held, InSeams, On, Role


class LengthDoc(TypedDict):
    mm: float
    text: str


class SizeDoc(TypedDict):
    width: float
    height: float


class SizeTold(TypedDict):
    width: LengthDoc
    height: LengthDoc


class SectionLayerDoc(TypedDict):
    role: str
    role_text: str
    material: str
    thickness: LengthDoc
    # Which way the right side of a cloth looks, and the glue of what is fused to one: out of the make or into it.
    right: Literal["out", "in"] | None
    glue: Literal["out", "in"] | None
    notes: list[str]


class SectionDoc(TypedDict):
    # Letters of the pieces that are layered so, and what they are called.
    pieces: list[str]
    text: str
    thickness: LengthDoc
    layers: list[SectionLayerDoc]


class HostDoc(TypedDict):
    piece: str
    copy: str
    name: str


class GripDoc(TypedDict):
    part: int
    name: str
    piece: str
    role: str | None
    # Left, low, right, high (mm, as the piece is drawn).
    box: list[float]


class BackingPieceDoc(TypedDict):
    piece: str
    letter: str
    name: str
    rule: CutRule
    # What it is when nothing is said of this piece.
    usual: CutRule
    told: bool


class BackingDoc(TypedDict):
    # Its place among the spec's layers.
    layer: int
    role: str
    # Whether it may be on another cloth than it is.
    either: bool
    on: On
    rule: CutRule
    held: Held
    # Whether a seam catches any of it.
    caught: bool
    in_seams: InSeams
    seconds: int
    steam: bool
    inset: LengthDoc
    # The same in a few words.
    notes: list[str]
    pieces: list[BackingPieceDoc]


class CutDoc(TypedDict):
    role: str
    count: int
    on_fold: bool
    mirrored: bool
    inset: float
    net: bool
    nth: int
    on: str | None
    rule: CutRule
    # What is cut, in words: how many of which cloth, and by which rule.
    text: str
    size: SizeTold
    outline: list[list[float]] | None


class EdgeCopyDoc(TypedDict):
    panel: str
    seam: str


class EdgeDoc(TypedDict):
    id: str
    name: str
    length: float
    told: LengthDoc
    allowance: float
    seam: str | None
    copies: list[EdgeCopyDoc]
    internal: bool
    path: list[list[float]]


class MarkDoc(TypedDict):
    kind: str
    number: int | None
    label: str
    datum: str | None
    role: str | None
    path: list[list[float]]
    point: list[float] | None


class FoldDoc(TypedDict):
    id: str
    label: str
    path: list[list[float]]


class PieceDoc(TypedDict):
    id: str
    letter: str
    copies: list[str]
    name: str
    cuts: list[CutDoc]
    cut_size: SizeDoc
    told: SizeTold
    box: list[float]
    stitch_outline: list[list[float]]
    cut_outline: list[list[float]]
    edges: list[EdgeDoc]
    marks: list[MarkDoc]
    folds: list[FoldDoc]


class SeamDoc(TypedDict):
    id: str
    name: str
    a: list[str]
    b: list[str]
    caught: list[str]
    length_a: float
    length_b: float
    difference: float
    text: str
    allowance: float
    layers: list[str]
    times: int


class HemDoc(TypedDict):
    id: str
    name: str
    edges: list[str]
    depth: float


class GapDoc(TypedDict):
    id: str
    seam: str
    edges: list[str]
    layer: str
    start: float
    end: float
    length: float


class FixDoc(TypedDict):
    label: str
    set: dict[str, str]


class CheckDoc(TypedDict):
    id: str
    verdict: Literal["ok", "note", "warn", "stop"]
    stage: str
    title: str
    message: str
    value: float | None
    limit: float | None
    fix: FixDoc | None


class StepLineDoc(TypedDict):
    part: str
    text: str


class StepThingDoc(TypedDict):
    piece: str
    layer: str | None
    letter: str
    name: str


class FootDoc(TypedDict):
    id: str
    name: str


class BandDoc(TypedDict):
    value: LengthDoc
    least: LengthDoc
    most: LengthDoc


class StepDoc(TypedDict):
    id: str
    number: int
    kind: StepKind
    title: str
    lines: list[StepLineDoc]
    # The same in a few words, with every number.
    short: list[str]
    things: list[StepThingDoc]
    pieces: list[str]
    layer: str | None
    seams: list[str]
    edges: list[str]
    allowance: LengthDoc | None
    stitch: LengthDoc | None
    foot: FootDoc | None
    # In which kind of stitch the machine sews it; null where it does not.
    sewn: StitchKind | None
    # What of foot and stitch is set anew with this step.
    changed: list[str]
    check: str | None
    band: BandDoc | None
    causes: list[str]
    remedy: str | None
    caution: str | None
    why: str | None
    # What is lost where it is left out; null where it may not be.
    lost: str | None
    # What was decided where it could be done otherwise.
    decided: str | None
    # The gap it leaves open, whether it closes one, what it turns, and whether what is seen from outside is the wrong side when it is done.
    leaves_open: str | None
    closes: bool
    turns: list[str]
    inside_out: bool
    before: str | None
    # The hand stitches it is done in, by their ids.
    stitches: list[str]
    minutes: float


class NeedDoc(TypedDict):
    id: str
    role: str
    # What of the make it is for, where it is cloth.
    role_text: str
    name: str
    exact: LengthDoc
    buy: LengthDoc
    count: int | None
    width: LengthDoc | None
    note: str | None


class LaidDoc(TypedDict):
    """A copy of a piece on its cloth: its rectangle from the left selvedge's inner edge and the cut end (mm). ``turned`` lies across; of what is
    joined it is one ``part``; ``over`` is how much larger all round it is cut; one cut on the bias lies ``slanted`` at 45 degrees in its square,
    as the ``strips`` it is joined of."""

    piece: str
    cut: int
    x: float
    y: float
    width: float
    height: float
    turned: bool
    part: int | None
    over: float
    slanted: bool
    strips: int


class LayDoc(TypedDict):
    """A cloth, between its selvedges ``usable`` mm wide, with what is cut from it."""

    role: Role
    role_text: str
    material: str
    width: LengthDoc
    usable: float
    length: LengthDoc
    # What plain rows would take more, and how much of the taken cloth is cut away (share).
    saves: LengthDoc
    waste: float
    # Whether it has threads that anything could lie across.
    grain: bool
    laid: list[LaidDoc]
    # Rectangles nothing is cut from: left, low, right, high (mm), and what they measure.
    left: list[LeftDoc]


class LeftDoc(TypedDict):
    box: list[float]
    text: str


class CarriedDoc(TypedDict):
    """A strap, pocket, tab or collar in the round: flat polygons, their corners in mm; the cloth it is cut of, or nothing for what is
    bought."""

    piece: str
    cloth: Role | None
    loops: list[list[list[float]]]


class PlacedDoc(TypedDict):
    """A flat part of the form where it lies in space; its piece's cloth as it is seen, or nothing for what is bought."""

    piece: str
    panel: str
    cloth: Role | None
    smooth: bool
    space: list[list[float]]


class FacetDoc(PlacedDoc):
    """The same with where it lies on its piece."""

    flat: list[list[float]]


class SpanDoc(TypedDict):
    field: str
    # What a finished size is called; a size that is asked for is called as its input is.
    name: str | None
    start: list[float]
    end: list[float]
    value: LengthDoc


class SolidDoc(TypedDict):
    soft: bool
    facets: list[FacetDoc]
    carried: list[CarriedDoc]
    spans: list[SpanDoc]


class SumLine(TypedDict):
    operation: str
    label: str
    amount: str
    total: str
    field: str | None
    assumed: bool


class ToleranceDoc(TypedDict):
    """Which way a size may be off when it is made: in a word, and why."""

    short: str
    why: str


class SumDoc(TypedDict):
    name: str
    tolerance: ToleranceDoc | None
    lines: list[SumLine]
    total: LengthDoc


class InsteadDoc(TypedDict):
    field: str
    label: str


class InputDoc(TypedDict):
    field: str
    value: LengthDoc
    typed: str | None
    assumed: bool
    proposed: LengthDoc | None
    low: LengthDoc
    high: LengthDoc
    up: str
    down: str
    tolerance: ToleranceDoc | None
    usual: list[LengthDoc] | None
    instead: list[InsteadDoc]


class DimensionDoc(TypedDict):
    field: str
    start: list[float]
    end: list[float]
    value: LengthDoc
    given: bool


class FoldPanel(TypedDict):
    """A flat panel of the form: the piece it is part of, its cloth as it is seen, and its corners there."""

    piece: str
    panel: str
    cloth: Role | None
    smooth: bool
    flat: list[list[float]]


class FoldingDoc(TypedDict):
    """The way from flat pieces to the sewn form: at each stage the places of all panels' corners, one after the other
    (``x, y, z`` in mm)."""

    panels: list[FoldPanel]
    stages: list[list[float]]


class ObjectDoc(TypedDict):
    kind: str
    radii: list[list[float]]
    lines: list[list[list[float]]]
    beside: list[list[float]]
    round: bool
    depth: float
    dimensions: list[DimensionDoc]


class PictureDoc(TypedDict):
    """Enough to draw the sewn form small, with its thing inside."""

    object: ObjectDoc | None
    facets: list[PlacedDoc]
    carried: list[CarriedDoc]


class DrawnDoc(TypedDict):
    """A draft as it is drawn: all lengths in mm, outlines as closed lists of ``[x, y, bulge]``."""

    format: Literal["egg-tuck-draft"]
    version: Literal[5]
    form: str
    spec: SpecDoc
    finished: dict[str, float | None]
    pieces: list[PieceDoc]
    seams: list[SeamDoc]
    seams_sewn: int
    hems: list[HemDoc]
    gaps: list[GapDoc]
    checks: list[CheckDoc]
    needs: list[NeedDoc]
    solid: SolidDoc
    sums: dict[str, SumDoc]
    inputs: list[InputDoc]
    # What it is to hold, beside what it holds (ml), where it holds something.
    room: InputDoc | None
    object: ObjectDoc | None
    sections: list[SectionDoc]
    backings: list[BackingDoc]
    lays: list[LayDoc]
    # The cloths it may be made of.
    roles: list[Role]
    # Where parts can be taken hold of and moved.
    grips: list[GripDoc]
    hosts: list[HostDoc]
    idle: list[str]


class ToldDoc(TypedDict):
    """The order of work."""

    steps: list[StepDoc]
    # After how many minutes it can be finished at the earliest: more than its steps take where something has to lie still.
    elapsed: int


class DraftDoc(DrawnDoc, ToldDoc):
    """A draft: what is drawn of it, then how it is made."""
