"""Outlines of panels drawn in other programs: the largest closed shape of an SVG or DXF file, in mm."""

from __future__ import annotations

import json
import subprocess
import sys
from typing import Final

from .errors import FileError

LARGEST: Final = 4_000_000
OUTLINE_KINDS: Final = ("svg", "dxf")
_SECONDS = 30


class OutlineError(FileError):
    """The drawing is no outline."""

    field = "shape"
    title = "The drawing cannot be used"


def read_outline(data: bytes, kind: str, unit: str | None) -> list[tuple[float, float, float]]:
    """Rows of ``x, y, bulge`` (mm, y up) of the largest closed shape. ``unit`` is used where the file tells none. The file is read in
    a process of its own with a limit on time and memory. Raises `OutlineError`."""
    if kind not in OUTLINE_KINDS:
        raise OutlineError("outline-kind")
    if len(data) > LARGEST:
        raise OutlineError("outline-large", most=LARGEST // 1_000_000)
    command = [sys.executable, "-m", "eggtuck.files.outlining", kind, unit or ""]
    try:
        done = subprocess.run(command, input=data, capture_output=True, timeout=_SECONDS, check=False)
        answer = json.loads(done.stdout)
    except (subprocess.TimeoutExpired, ValueError) as error:
        # Killed at a limit, or by a fault in reading a broken file.
        raise OutlineError("outline-broken") from error
    if "fault" in answer:
        raise OutlineError(answer["fault"], **answer["say"])
    return [(float(x), float(y), float(bulge)) for x, y, bulge in answer["rows"]]
