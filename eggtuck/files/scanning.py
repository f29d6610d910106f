"""Reads one scan and measures its girths: in a process of its own (`apart`)."""

from __future__ import annotations

import io
from typing import Any

MOST_TRIANGLES = 3_000_000


def measured(data: bytes, kind: str, scale: float, slices: int) -> dict[str, object]:
    """``{"rows": [[height, girth], ...]}`` in mm, or ``{"fault": key}``."""
    import numpy as np
    import trimesh

    try:
        mesh = trimesh.load_mesh(io.BytesIO(data), file_type=kind, process=False)
        points = np.asarray(mesh.vertices, dtype=float) * scale
        faces = np.asarray(mesh.faces, dtype=np.int64)
    except MemoryError:
        return {"fault": "scan-large"}
    except Exception:  # a broken file fails in as many ways as there are readers
        return {"fault": "scan-broken"}
    if len(faces) == 0 or points.ndim != 2 or points.shape[1] != 3 or not np.isfinite(points[faces]).all():
        return {"fault": "scan-empty"}
    if len(faces) > MOST_TRIANGLES:
        return {"fault": "scan-large"}
    met = np.zeros(len(points), dtype=bool)
    met[faces] = True
    used = points[met]
    low, high = used[:, 2].min(), used[:, 2].max()
    wide = (used[:, :2].max(axis=0) - used[:, :2].min(axis=0)).max()
    if high - low < 1.0 or wide < 1.0:
        return {"fault": "scan-flat"}
    if high - low > 2500 or wide > 1300:
        return {"fault": "scan-unit"}
    rows = []
    # Each edge once: both its ends in one number, which is sorted in a tenth of the time of two.
    ends = np.sort(faces[:, [[0, 1], [1, 2], [2, 0]]].reshape(-1, 2), axis=1)
    keys = np.sort(ends[:, 0] * len(points) + ends[:, 1])
    first, last = np.divmod(keys[np.append(True, keys[1:] != keys[:-1])], len(points))
    a, b = points[first], points[last]
    for i in range(slices + 1):
        # The very foot and top are looked at a hair inside, where there is something to cut.
        up = low + (high - low) * min(max(i / slices, 1e-4), 1 - 1e-4)
        crossing = (a[:, 2] - up) * (b[:, 2] - up) < 0
        if not crossing.any():
            continue
        p, q = a[crossing], b[crossing]
        share = (up - p[:, 2]) / (q[:, 2] - p[:, 2])
        flat = p[:, :2] + (q[:, :2] - p[:, :2]) * share[:, None]
        girth = hull_length(flat)
        if girth > 0:
            rows.append([round(float((high - low) * i / slices), 3), round(girth, 3)])
    return {"rows": rows} if len(rows) > 1 else {"fault": "scan-flat"}


def hull_length(points: Any) -> float:
    """Length of the convex hull round points of a plane: what a tape laid round them shows; there and back where they lie in a line."""
    import shapely

    # A line through all of them has the same hull, and is made at once.
    hull = shapely.linestrings(points if len(points) > 1 else [*points, *points]).convex_hull
    return float(hull.length if hull.geom_type == "Polygon" else 2 * hull.length)
