"""The sewn form and the thing in it, as they are drawn."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Sequence
from itertools import accumulate, chain
from typing import Any

import numpy as np
from numpy.typing import NDArray

from ...lengths import Ruler
from ..draft import Draft, ObjectView
from ..piece import Piece, Role
from ..solid import Solid
from ..written import CarriedDoc, FacetDoc, ObjectDoc, PictureDoc, PlacedDoc
from .numbers import length_document, open_points, rounded, rounded_all

# In the picture of the sewn form, of thousands of points, as fine as anyone can look at it.
_PLACES_SEEN = 3
# What is made of the points of many loops, in one go.
Points = Callable[[Sequence[Sequence[tuple[float, ...]]]], list[Any]]


def shown_cloth(pieces: Iterable[Piece]) -> dict[str, Role]:
    """What each piece is cut of as it is seen: the first cloth it is cut from by itself."""
    return {piece.id: piece.own_cloths[0] for piece in pieces if piece.own_cloths}


def facets_document(solid: Solid, pieces: Iterable[Piece], points: Points) -> list[FacetDoc]:
    """The flat parts of the sewn form, in space and on their pieces."""
    cloth = shown_cloth(pieces)
    space, flat = points([f.space for f in solid.facets]), points([f.flat for f in solid.facets])
    return [
        {
            "piece": f.piece,
            "panel": f.copy,
            "cloth": cloth.get(f.piece),
            "smooth": f.smooth,
            "space": space[nth],
            "flat": flat[nth],
        }
        for nth, f in enumerate(solid.facets)
    ]


def carried_document(solid: Solid, pieces: Iterable[Piece], points: Points) -> list[CarriedDoc]:
    """What the form carries."""
    cloth = shown_cloth(pieces)
    return [{"piece": c.piece, "cloth": cloth.get(c.piece), "loops": points(c.loops)} for c in solid.carried]


def picture_document(draft: Draft) -> PictureDoc:
    """Enough to draw the sewn form with its thing inside: what lists show, without where it lies on the pieces and all that is said."""
    view = None if draft.object is None else object_document(draft.object, draft.ruler)
    solid = draft.solid
    space = in_lists([f.space for f in solid.facets])
    cloth = shown_cloth(draft.pieces)
    facets: list[PlacedDoc] = [
        {"piece": f.piece, "panel": f.copy, "cloth": cloth.get(f.piece), "smooth": f.smooth, "space": space[nth]}
        for nth, f in enumerate(solid.facets)
    ]
    return {"object": view, "facets": facets, "carried": carried_document(solid, draft.pieces, in_lists)}


def object_document(view: ObjectView, ruler: Ruler) -> ObjectDoc:
    """A thing's drawing: its profile and its measures, as they are part of a draft document."""
    return {
        "kind": view.kind,
        "radii": [[rounded(height), rounded(radius)] for height, radius in view.radii],
        "round": view.round,
        "depth": rounded(view.depth),
        "lines": [open_points(path) for path in view.lines],
        "beside": [rounded_all(point) for point in view.beside],
        "dimensions": [
            {
                "field": m.field,
                "start": rounded_all(m.start),
                "end": rounded_all(m.end),
                "value": length_document(m.value, ruler),
                "given": m.given,
            }
            for m in view.dimensions
        ],
    }


def in_lists(parts: Sequence[Sequence[tuple[float, ...]]]) -> list[list[list[float]]]:
    """Points of the sewn form, loop by loop."""
    return _apart(_rounded(parts).tolist(), parts)


def in_arrays(parts: Sequence[Sequence[tuple[float, ...]]]) -> list[NDArray[np.float64]]:
    """The same as they are written quickest."""
    return _apart(_rounded(parts), parts)


def _rounded(parts: Sequence[Sequence[tuple[float, ...]]]) -> NDArray[np.float64]:
    across = next((len(point) for part in parts for point in part), 2)
    flat = np.fromiter(chain.from_iterable(chain.from_iterable(parts)), np.float64)
    return np.round(flat, _PLACES_SEEN).reshape(-1, across) + 0.0


def _apart(points: Any, parts: Sequence[Sequence[tuple[float, ...]]]) -> list[Any]:
    ends = accumulate(map(len, parts))
    return [points[end - len(part) : end] for part, end in zip(parts, ends, strict=True)]
