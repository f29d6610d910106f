"""Reads one drawing and finds its largest closed shape: in a process of its own (`apart`)."""

from __future__ import annotations

import io
import math
from collections.abc import Iterable, Sequence
from itertools import pairwise
from typing import Any

from lxml import etree

from ..core.drafting.panel import MOST_POINTS
from .outlines import OutlineError
from .profiles import MM_PER

Row = tuple[float, float, float]
MOST_SHAPES = 5000
# Curves that are no arcs become lines that stray no further from them (mm); coarser where that takes too many.
_STRAY = (0.05, 0.1, 0.25, 0.5, 1.0)
_DXF_UNITS = {1: "in", 4: "mm", 5: "cm", 6: "m"}


def told(data: bytes, kind: str, unit: str | None) -> dict[str, object]:
    """``{"rows": [[x, y, bulge], ...]}`` in mm, or ``{"fault": key, "say": ...}``."""
    try:
        return {"rows": outlined(data, kind, unit)}
    except OutlineError as error:
        return {"fault": error.key, "say": error.say}
    except MemoryError:
        return {"fault": "outline-detailed", "say": {"most": MOST_POINTS}}


def outlined(data: bytes, kind: str, unit: str | None) -> list[Row]:
    """The largest closed shape, its curves drawn with as few lines as are needed. Raises `OutlineError`."""
    for stray in _STRAY:
        rows = _largest(_svg(data, unit, stray) if kind == "svg" else _dxf(data, unit, stray))
        if len(rows) <= MOST_POINTS:
            return rows
    raise OutlineError("outline-detailed", most=MOST_POINTS)


def _largest(shapes: Iterable[list[Row]]) -> list[Row]:
    found = [rows for rows in shapes if len(rows) > 1]
    if not found:
        raise OutlineError("outline-open")
    return max(found, key=_extent)


def _extent(rows: Sequence[Row]) -> float:
    xs, ys = [r[0] for r in rows], [r[1] for r in rows]
    return (max(xs) - min(xs) + 1e-9) * (max(ys) - min(ys) + 1e-9)


def _scale(unit: str | None) -> float:
    if unit not in MM_PER:
        raise OutlineError("outline-unit", units=", ".join(MM_PER))
    return float(MM_PER[unit])


# SVG --------------------------------------------------------------------------------------------------


def _svg(data: bytes, unit: str | None, stray: float) -> list[list[Row]]:
    # The reader follows the standard; it is only given a document that brings nothing in from elsewhere.
    from svgelements import SVG, Path, Shape

    parser = etree.XMLParser(resolve_entities=False, no_network=True, load_dtd=False)
    try:
        root = etree.fromstring(data, parser)
    except (etree.XMLSyntaxError, ValueError) as error:
        raise OutlineError("outline-broken") from error
    if b"<!ENTITY" in data:
        raise OutlineError("outline-broken")
    if not str(root.tag).endswith("svg"):
        raise OutlineError("outline-broken")
    physical = str(root.get("width", "")).strip().endswith(("mm", "cm", "in", "pt", "pc"))
    scale = 25.4 / 96 if physical else _scale(unit)
    try:
        drawn = SVG.parse(io.BytesIO(etree.tostring(root)), ppi=96, reify=True)
        found: list[list[Row]] = []
        for count, element in enumerate(drawn.elements()):
            if count > MOST_SHAPES:
                raise OutlineError("outline-detailed", most=MOST_SHAPES)
            if isinstance(element, Shape):
                for part in Path(element).as_subpaths():
                    rows = _svg_rows(Path(part), scale, stray)
                    if rows:
                        found.append(rows)
    except OutlineError:
        raise
    except Exception as error:  # a broken drawing fails in as many ways as there are elements
        raise OutlineError("outline-broken") from error
    return found


def _svg_rows(path: Any, scale: float, stray: float) -> list[Row]:
    from svgelements import Arc, Close, Line, Move

    rows: list[Row] = []
    first = last = None
    for s in path:
        if isinstance(s, Move):
            first = last = s.end
            continue
        if s.start is None or s.end is None:
            continue
        last = s.end
        x, y = s.start.x * scale, -s.start.y * scale
        if isinstance(s, (Line, Close)):
            rows.append((x, y, 0.0))
        elif isinstance(s, Arc) and abs(s.rx - s.ry) < 1e-6 * max(s.rx, 1e-9) and abs(s.sweep) < 1.9 * math.pi:
            # Downward y turns the other way round.
            rows.append((x, y, math.tan(-s.sweep / 4)))
        else:
            rows += _lines(lambda t, s=s: (s.point(t).x * scale, -s.point(t).y * scale), stray)
    if first is None or last is None or math.hypot(last.x - first.x, last.y - first.y) * scale > 0.5:
        return []
    return _tidy(rows)


def _lines(at: Any, stray: float) -> list[Row]:
    """A curve as lines: halved until the middle of each strays little enough; without its end."""
    found: list[Row] = []

    def halve(t0: float, p0: Any, t1: float, p1: Any, depth: int) -> None:
        middle = (t0 + t1) / 2
        p = at(middle)
        off = max(_away(at(t0 + (t1 - t0) * f), p0, p1) for f in (0.25, 0.5, 0.75))
        if depth < 2 or (off > stray and depth < 12):
            halve(t0, p0, middle, p, depth + 1)
            halve(middle, p, t1, p1, depth + 1)
        else:
            found.append((p0[0], p0[1], 0.0))

    halve(0.0, at(0.0), 1.0, at(1.0), 0)
    return found


def _away(p: Any, a: Any, b: Any) -> float:
    long = math.dist(a, b)
    if long < 1e-9:
        return math.dist(p, a)
    return float(abs((b[0] - a[0]) * (p[1] - a[1]) - (b[1] - a[1]) * (p[0] - a[0])) / long)


def _tidy(rows: list[Row]) -> list[Row]:
    """Without sides that have no length."""
    kept: list[Row] = []
    for i, row in enumerate(rows):
        after = rows[(i + 1) % len(rows)]
        if math.hypot(after[0] - row[0], after[1] - row[1]) > 1e-4:
            kept.append(row)
    return kept


# DXF --------------------------------------------------------------------------------------------------


def _dxf(data: bytes, unit: str | None, stray: float) -> list[list[Row]]:
    from ezdxf import path as paths
    from ezdxf import recover
    from ezdxf.lldxf.const import DXFError

    try:
        document, _ = recover.read(io.BytesIO(data))
    except (DXFError, OSError, ValueError, StopIteration, UnicodeError) as error:
        raise OutlineError("outline-broken") from error
    if len(document.modelspace()) == 0:
        raise OutlineError("outline-broken")
    scale = _scale(_DXF_UNITS.get(document.header.get("$INSUNITS", 0), unit))
    found: list[list[Row]] = []
    loose: list[tuple[tuple[float, float], tuple[float, float], float]] = []
    for count, entity in enumerate(document.modelspace()):
        if count > MOST_SHAPES:
            raise OutlineError("outline-detailed", most=MOST_SHAPES)
        kind = entity.dxftype()
        try:
            if kind == "LWPOLYLINE":
                points = [(x * scale, y * scale, bulge) for x, y, bulge in entity.get_points("xyb")]  # type: ignore[attr-defined]
                if entity.closed or math.dist(points[0][:2], points[-1][:2]) < 0.5:  # type: ignore[attr-defined]
                    found.append(_tidy(points))
                else:
                    loose += [(a[:2], b[:2], a[2]) for a, b in pairwise(points)]
            elif kind == "CIRCLE":
                c, r = entity.dxf.center, entity.dxf.radius * scale
                x, y = c.x * scale, c.y * scale
                found.append([(x - r, y, 1.0), (x + r, y, 1.0)])
            elif kind == "ARC":
                a, b = ((p.x * scale, p.y * scale) for p in (entity.start_point, entity.end_point))  # type: ignore[attr-defined]
                sweep = math.radians((entity.dxf.end_angle - entity.dxf.start_angle) % 360 or 360)
                loose.append((a, b, math.tan(sweep / 4)))
            elif kind in ("SPLINE", "ELLIPSE", "POLYLINE", "LINE"):
                drawn = paths.make_path(entity)
                dots = [(v.x * scale, v.y * scale) for v in drawn.flattening(stray / scale)]
                if len(dots) > 2 and math.dist(dots[0], dots[-1]) < 1e-3:
                    found.append(_tidy([(x, y, 0.0) for x, y in dots[:-1]]))
                else:
                    loose += [(a, b, 0.0) for a, b in pairwise(dots)]
        except (DXFError, TypeError, ValueError, IndexError, ZeroDivisionError):
            continue
    return found + _loops(loose)


def _loops(sides: Sequence[tuple[tuple[float, float], tuple[float, float], float]]) -> list[list[Row]]:
    """Single lines and arcs joined end to end into closed shapes."""

    def key(p: tuple[float, float]) -> tuple[int, int]:
        return round(p[0] / 0.02), round(p[1] / 0.02)

    ends: dict[tuple[int, int], list[tuple[int, bool]]] = {}
    for i, (a, b, _) in enumerate(sides):
        ends.setdefault(key(a), []).append((i, False))
        ends.setdefault(key(b), []).append((i, True))
    used: set[int] = set()
    found: list[list[Row]] = []
    for i, (a, b, bulge) in enumerate(sides):
        if i in used:
            continue
        used.add(i)
        rows: list[Row] = [(*a, bulge)]
        at = b
        while key(at) != key(a):
            onward = next(((j, back) for j, back in ends.get(key(at), []) if j not in used), None)
            if onward is None:
                rows = []
                break
            j, back = onward
            used.add(j)
            start, end, turn = sides[j]
            rows.append((*(end if back else start), -turn if back else turn))
            at = start if back else end
        if len(rows) > 1:
            found.append(_tidy(rows))
    return found
