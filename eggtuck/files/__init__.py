"""Writers of open formats: PDF at true scale, SVG and DXF in mm, the draft as JSON."""

from __future__ import annotations

from pathlib import Path

from ..core.pattern import Draft
from ..core.pattern.document import draft_json
from .card import measuring_cards
from .pdf import Paper, Part, pattern_pdf
from .svg import pattern_svg

WRITERS = {
    ".json": lambda draft: draft_json(draft).encode(),
    ".pdf": lambda draft: pattern_pdf(draft),
    ".svg": lambda draft: pattern_svg(draft),
    ".dxf": lambda draft: _dxf(draft),
}


def _dxf(draft: Draft) -> bytes:
    # A large library that few calls need.
    from .dxf import pattern_dxf

    return pattern_dxf(draft)


def write_file(draft: Draft, path: Path) -> None:
    """Write the draft in the format of the file's ending. Raises ValueError for an unknown ending."""
    writer = WRITERS.get(path.suffix.lower())
    if writer is None:
        raise ValueError(f"{path.name}: the ending must be one of {', '.join(WRITERS)}")
    path.write_bytes(writer(draft))


__all__ = ["WRITERS", "Paper", "Part", "measuring_cards", "pattern_pdf", "pattern_svg", "write_file"]
