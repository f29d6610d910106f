"""Writers and readers of open formats: PDF at true scale, SVG and DXF in mm, the form as GLB, OBJ and STL, tables as CSV.

A writer is fetched when it is first used: most callers, and the children that open a stranger's file, need none of their libraries.
"""

from __future__ import annotations

from collections.abc import Callable, Mapping
from importlib import import_module
from pathlib import Path
from typing import cast

from ..core.pattern import Draft

Writer = Callable[[Draft], bytes]


def _writer(module: str, name: str, *more: str) -> Writer:
    def write(draft: Draft) -> bytes:
        return cast(bytes, getattr(import_module(f"{__name__}.{module}"), name)(draft, *more))

    return write


def _json(draft: Draft) -> bytes:
    from ..core.pattern.document import draft_json

    return draft_json(draft).encode()


# What the form is written as, with the media type of each.
SOLIDS = {"glb": "model/gltf-binary", "obj": "model/obj", "stl": "model/stl"}
WRITERS: Mapping[str, Writer] = {
    ".json": _json,
    ".pdf": _writer("pdf", "pattern_pdf"),
    ".svg": _writer("svg", "pattern_svg"),
    ".dxf": _writer("dxf", "pattern_dxf"),
    ".csv": _writer("cut_lists", "cut_list_csv"),
    **{f".{kind}": _writer("solid", "form_solid", kind) for kind in SOLIDS},
}


def write_file(draft: Draft, path: Path) -> None:
    """Write the draft in the format of the file's ending. Raises ValueError for an unknown ending."""
    writer = WRITERS.get(path.suffix.lower())
    if writer is None:
        raise ValueError(f"{path.name}: the ending must be one of {', '.join(WRITERS)}")
    path.write_bytes(writer(draft))


__all__ = ["SOLIDS", "WRITERS", "Writer", "write_file"]
