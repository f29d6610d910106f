"""Outlines of panels drawn in other programs: the largest closed shape of an SVG or DXF file, in mm."""

from __future__ import annotations

from typing import Final

from .apart import Limits, StoppedError, read_apart
from .errors import FileError

LARGEST: Final = 4_000_000
OUTLINE_KINDS: Final = ("svg", "dxf")
_LIMITS = Limits(memory=2 * 1024**3, processor=15, clock=45.0)


class OutlineError(FileError):
    """The drawing is no outline."""

    field = "shape"
    title = "drawing"


def read_outline(data: bytes, kind: str, unit: str | None) -> list[tuple[float, float, float]]:
    """Rows of ``x, y, bulge`` (mm, y up) of the largest closed shape. ``unit`` is used where the file tells none. The file is read in
    a process of its own with a limit on time and memory. Raises `OutlineError`."""
    if kind not in OUTLINE_KINDS:
        raise OutlineError("outline-kind")
    if len(data) > LARGEST:
        raise OutlineError("outline-large", most=LARGEST // 1_000_000)
    # Loaded by the process that reads, which has it at hand.
    from .outlining import told

    try:
        answer = read_apart(told, data, kind, unit, limits=_LIMITS)
    except StoppedError as error:
        faults = {
            "clock": "outline-slow",
            "limit": "outline-slow",
            "fault": "outline-broken",
            "busy": "busy",
            "stopped": "stopped",
        }
        raise OutlineError(faults[error.by]) from error
    if "fault" in answer:
        raise OutlineError(answer["fault"], **answer["say"])
    return [(float(x), float(y), float(bulge)) for x, y, bulge in answer["rows"]]
