"""The mat: top, padding and backing, quilted oversize, trimmed, and bound; the top whole or pieced from blocks."""

from __future__ import annotations

from ...constructions.mats import add_mat, blocks_of
from ...drafting.description import Form
from ...drafting.make import Make
from ...drafting.reads import Chosen, Reads
from ...drafting.spec import Spec, Traits, always
from ...moves.folding import flat_facet
from ...pattern import Draft, Span
from .asks import ALLOWANCES, INPUTS, OPTIONS
from .making import add_steps


def draft_mat(spec: Spec) -> Draft:
    """The trimmed mat is ``width`` by ``height``; bound edges carry no allowance. Raises `SpecError`."""
    make = Make(spec, INPUTS, ALLOWANCES)
    pieced = make.option("patchwork")
    if pieced == "whole":
        make.lacks("side")
    rows, columns = blocks_of(make, pieced)
    # Every block is cut to a mark with its two allowances; the mat is as many of them as it has.
    seam = 0.0 if pieced == "whole" else 2 * make.allowance("side")
    w = make.ask("width", added=seam, share=1 / columns)
    h = make.ask("height", added=seam, share=1 / rows)
    mat = add_mat(make, w, h, pieced, (rows, columns))
    make.quilting = {}
    corners = [(0.0, 0.0), (w, 0.0), (w, h), (0.0, h)]
    # Lying on the table, turned towards the eye.
    make.facets.append(flat_facet("top", [(p, (p[0] - w / 2, 0.0, p[1])) for p in corners]))
    make.spans += [
        Span("size.width", (-w / 2, 0.0, 0.0), (w / 2, 0.0, 0.0), w),
        Span("size.height", (w / 2, 0.0, 0.0), (w / 2, 0.0, h), h),
    ]
    add_steps(make, mat)
    return make.draft(girth=2 * (w + h))


START = {"width": 420.0, "height": 300.0}
MAT_LAYERS = (
    ("linen", "outer"),
    ("quilting-cotton", "lining"),
    ("cotton-batting", "padding"),
    ("quilting-cotton", "binding"),
)


def _reads(chosen: Chosen) -> Reads:
    pairs = {"width": "top.width", "height": "top.height"}
    pairs |= {"strip_width": "binding.height", "binding_length": "binding.width"}
    repeats = {"backing.width": "layers", "backing.height": "layers"}
    if chosen["patchwork"] == "corner-squares":
        return Reads({**pairs, "corner": "corner.width"}, ("rows", "columns"), repeats=repeats)
    return Reads(pairs, repeats=repeats)


FORM = Form(
    "mat",
    INPUTS,
    OPTIONS,
    (),
    ALLOWANCES,
    draft_mat,
    START,
    MAT_LAYERS,
    2,
    takes_blocks=True,
    place=160,
    reads=_reads,
    extra_for=("mug", "tumbler", "bowl"),
    picture=("M5 9h30v23h-30z M8 12h24v17h-24z", "M8 12l24 17 M32 12l-24 17", "M5 9h30v3h-30z M5 29h30v3h-30z"),
    traits=Traits(hot=True, ends="flat", padding_held="quilted", together=always),
)
