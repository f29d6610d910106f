"""English: one catalogue, written subject by subject."""

from __future__ import annotations

from typing import Final

from . import (
    audit,
    bags,
    bags_sewing,
    bags_telling,
    checks,
    layers,
    parts,
    pieces,
    printing,
    sewing,
    shapes,
    telling,
    things,
)

_PARTS = (
    audit.SENTENCES,
    things.SENTENCES,
    layers.SENTENCES,
    bags.SENTENCES,
    bags_telling.SENTENCES,
    bags_sewing.SENTENCES,
    checks.SENTENCES,
    printing.SENTENCES,
    shapes.SENTENCES,
    pieces.SENTENCES,
    telling.SENTENCES,
    parts.SENTENCES,
    sewing.SENTENCES,
)
_WRITTEN: Final[dict[str, str]] = {id: text for part in _PARTS for id, text in part.items()}

# A finished size that is also asked for is called as its input is, unless it has a name of its own.
SENTENCES: Final[dict[str, str]] = {
    **{
        f"sum.name.finished.{id.rsplit('.', 1)[1]}": text
        for id, text in _WRITTEN.items()
        if id.startswith("input.") and not id.endswith(".help") and not id.startswith("input.allowance.")
    },
    **_WRITTEN,
}
