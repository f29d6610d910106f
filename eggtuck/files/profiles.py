"""Profiles from other programs: rows of height and girth in CSV, and 3-D scans cut into slices."""

from __future__ import annotations

import csv
from collections.abc import Sequence
from math import pi
from typing import Final, Literal

from ..core.lengths import LengthError, Unit, read_length
from ..core.objects.profile import MOST_ROWS
from .apart import Limits, StoppedError, read_apart
from .errors import FileError
from .scanning import measured

Point = tuple[float, float]
ScanUnit = Literal["mm", "cm", "m", "in"]
MM_PER: Final = {"mm": 1.0, "cm": 10.0, "m": 1000.0, "in": 25.4}
SCAN_KINDS: Final = ("stl", "obj", "ply")
_HEIGHT = ("height", "h", "z", "up", "altura")
_GIRTH = ("girth", "g", "circumference", "round", "volta", "circunferência", "perímetro")
_ACROSS = ("diameter", "width", "across", "d", "diâmetro", "largura")
_LIMITS = Limits(memory=3 * 1024**3, processor=20, clock=50.0)


class ProfileError(FileError):
    """The file is no profile."""

    field = "object.profile"


def read_profile_csv(text: str, unit: Unit) -> list[Point]:
    """Rows of ``(height, girth)`` in mm, rising. Columns are found by their names (height and girth, or a diameter), else the
    first two are taken. Raises `ProfileError`."""
    rows = [row for row in _cells(text) if any(cell.strip() for cell in row)]
    if not rows:
        raise ProfileError("empty")
    names = [cell.strip().lower().split("(")[0].split("[")[0].strip() for cell in rows[0]]
    up, around, factor = 0, 1, 1.0
    if any(name in (*_HEIGHT, *_GIRTH, *_ACROSS) for name in names):
        rows = rows[1:]
        up = next((i for i, name in enumerate(names) if name in _HEIGHT), -1)
        around = next((i for i, name in enumerate(names) if name in _GIRTH), -1)
        if around < 0:
            around = next((i for i, name in enumerate(names) if name in _ACROSS), -1)
            factor = pi
        if up < 0 or around < 0:
            raise ProfileError("columns")
    if len(rows) > MOST_ROWS:
        raise ProfileError("long", most=MOST_ROWS)
    found: list[Point] = []
    for number, row in enumerate(rows, 1):
        try:
            found.append((read_length(row[up].strip(), unit).mm, read_length(row[around].strip(), unit).mm * factor))
        except (IndexError, LengthError) as error:
            raise ProfileError("row", row=number) from error
    return sorted(found)


def _cells(text: str) -> list[list[str]]:
    """Cells by semicolon, tab or comma, whichever there is; a comma is a decimal sign where another separator is used."""
    sign = next((sign for sign in (";", "\t") if sign in text), ",")
    try:
        return list(csv.reader(text.splitlines(), delimiter=sign))
    except csv.Error as error:
        raise ProfileError("columns") from error


def read_scan(data: bytes, kind: str, unit: ScanUnit, slices: int = 40) -> list[Point]:
    """Convex girths of a 3-D scan at even heights (mm), z up. The file is read in a process of its own with a limit on time and
    memory. Raises `ProfileError`."""
    if kind not in SCAN_KINDS:
        raise ProfileError("scan-kind", kinds=", ".join(SCAN_KINDS))
    try:
        answer = read_apart(measured, data, kind, MM_PER[unit], slices, limits=_LIMITS)
    except StoppedError as error:
        faults = {
            "clock": "scan-slow",
            "limit": "scan-large",
            "fault": "scan-broken",
            "busy": "busy",
            "stopped": "stopped",
        }
        raise ProfileError(faults[error.by]) from error
    if "fault" in answer:
        raise ProfileError(answer["fault"])
    return [(float(h), float(g)) for h, g in answer["rows"]]


def profile_text(rows: Sequence[Point], unit: Unit) -> str:
    """Rows as they are typed: ``height; girth`` on a line."""
    per = MM_PER[unit]
    return "\n".join(f"{height / per:.6g}; {girth / per:.6g}" for height, girth in rows)
