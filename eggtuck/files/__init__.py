"""Writers and readers of open formats: PDF at true scale, SVG and DXF in mm, the form as GLB, OBJ and STL, tables as CSV."""

from __future__ import annotations

from pathlib import Path

from ..core.pattern import Draft
from ..core.pattern.document import draft_json
from .card import measuring_cards
from .cut_lists import cut_list_csv, read_cut_list_csv
from .paper import Paper
from .pdf import Part, pattern_pdf
from .svg import pages_svg, pattern_svg

WRITERS = {
    ".json": lambda draft: draft_json(draft).encode(),
    ".pdf": lambda draft: pattern_pdf(draft),
    ".svg": lambda draft: pattern_svg(draft),
    ".dxf": lambda draft: _dxf(draft),
    ".csv": lambda draft: cut_list_csv(draft),
    ".glb": lambda draft: _solid(draft, "glb"),
    ".obj": lambda draft: _solid(draft, "obj"),
    ".stl": lambda draft: _solid(draft, "stl"),
}
# What the form is written as, with the media type of each.
SOLIDS = {"glb": "model/gltf-binary", "obj": "model/obj", "stl": "model/stl"}


def _dxf(draft: Draft) -> bytes:
    # A large library that few calls need.
    from .dxf import pattern_dxf

    return pattern_dxf(draft)


def _solid(draft: Draft, kind: str) -> bytes:
    from .solid import form_solid

    return form_solid(draft, kind)


def write_file(draft: Draft, path: Path) -> None:
    """Write the draft in the format of the file's ending. Raises ValueError for an unknown ending."""
    writer = WRITERS.get(path.suffix.lower())
    if writer is None:
        raise ValueError(f"{path.name}: the ending must be one of {', '.join(WRITERS)}")
    path.write_bytes(writer(draft))


__all__ = [
    "SOLIDS",
    "WRITERS",
    "Paper",
    "Part",
    "cut_list_csv",
    "measuring_cards",
    "pages_svg",
    "pattern_pdf",
    "pattern_svg",
    "read_cut_list_csv",
    "write_file",
]
