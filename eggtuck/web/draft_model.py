"""The shape of a draft document, for the OpenAPI description. The document itself is written by the core."""

from __future__ import annotations

from typing import Any, Literal

from .models import CarriedDoc, Given, Project


class Length(Given):
    mm: float
    text: str


class SizeDoc(Given):
    width: float
    height: float


class SizeText(Given):
    width: str
    height: str


class CutDoc(Given):
    role: str
    count: int
    on_fold: bool
    mirrored: bool
    inset: float
    net: bool
    nth: int
    on: str | None
    size: SizeDoc
    size_text: SizeText
    outline: list[list[float]] | None


class EdgeCopyDoc(Given):
    panel: str
    seam: str


class EdgeDoc(Given):
    id: str
    name: str
    length: float
    length_text: str
    allowance: float
    seam: str | None
    copies: list[EdgeCopyDoc]
    internal: bool
    path: list[list[float]]


class MarkDoc(Given):
    kind: str
    label: str
    datum: str | None
    role: str | None
    path: list[list[float]]
    point: list[float] | None


class FoldDoc(Given):
    id: str
    label: str
    path: list[list[float]]


class PieceDoc(Given):
    id: str
    letter: str
    copies: list[str]
    name: str
    cuts: list[CutDoc]
    cut_size: SizeDoc
    cut_size_text: SizeText
    box: list[float]
    stitch_outline: list[list[float]]
    cut_outline: list[list[float]]
    edges: list[EdgeDoc]
    marks: list[MarkDoc]
    folds: list[FoldDoc]


class SeamDoc(Given):
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


class HemDoc(Given):
    id: str
    name: str
    edges: list[str]
    depth: float


class GapDoc(Given):
    id: str
    seam: str
    edges: list[str]
    layer: str
    start: float
    end: float
    length: float


class FixDoc(Given):
    label: str
    set: dict[str, str]


class CheckDoc(Given):
    id: str
    verdict: Literal["ok", "note", "warn", "stop"]
    stage: str
    title: str
    message: str
    value: float | None
    limit: float | None
    fix: FixDoc | None


class StepDoc(Given):
    id: str
    number: int
    kind: str
    title: str
    text: str
    pieces: list[str]
    layer: str | None
    seams: list[str]
    edges: list[str]
    allowance: Length | None
    stitch: float | None
    stitch_text: str | None
    faces: str | None
    press: str | None
    check: str | None
    caution: str | None
    why: str | None
    minutes: float


class NeedDoc(Given):
    id: str
    role: str
    name: str
    exact: Length
    buy: Length
    count: int | None
    width: Length | None
    note: str | None


class FacetDoc(Given):
    piece: str
    panel: str
    smooth: bool
    flat: list[list[float]]
    space: list[list[float]]


class SpanDoc(Given):
    field: str
    start: list[float]
    end: list[float]
    value: Length


class SolidDoc(Given):
    soft: bool
    facets: list[FacetDoc]
    carried: list[CarriedDoc]
    spans: list[SpanDoc]


class SumLine(Given):
    operation: str
    label: str
    amount: str
    total: str
    field: str | None
    assumed: bool


class SumDoc(Given):
    name: str
    lines: list[SumLine]
    total: Length


class InputDoc(Given):
    field: str
    value: Length
    typed: str | None
    assumed: bool
    proposed: Length | None
    low: Length
    high: Length
    up: str
    down: str
    direction: str
    usual: list[Length] | None


class DimensionDoc(Given):
    field: str
    start: list[float]
    end: list[float]
    value: Length
    given: bool


class FoldPanel(Given):
    """A flat panel of the form: the piece it is part of, its corners there, and how many there are."""

    piece: str
    panel: str
    smooth: bool
    flat: list[list[float]]


class FoldingDoc(Given):
    """The way from flat pieces to the sewn form: at each stage the places of all panels' corners, one after the other
    (``x, y, z`` in mm)."""

    panels: list[FoldPanel]
    stages: list[list[float]]


class ObjectDoc(Given):
    kind: str
    radii: list[list[float]]
    lines: list[list[list[float]]]
    beside: list[list[float]]
    round: bool
    depth: float
    dimensions: list[DimensionDoc]


class DraftDoc(Given):
    """A draft: all lengths in mm, outlines as closed lists of ``[x, y, bulge]``."""

    format: Literal["egg-tuck-draft"]
    version: Literal[1]
    form: str
    spec: dict[str, Any]
    finished: dict[str, float | None]
    pieces: list[PieceDoc]
    seams: list[SeamDoc]
    seams_sewn: int
    hems: list[HemDoc]
    gaps: list[GapDoc]
    checks: list[CheckDoc]
    steps: list[StepDoc]
    needs: list[NeedDoc]
    solid: SolidDoc
    sums: dict[str, SumDoc]
    inputs: list[InputDoc]
    object: ObjectDoc | None
    idle: list[str]


class ProjectDrafted(Project):
    """A project as it is kept now, and its draft."""

    draft: DraftDoc
