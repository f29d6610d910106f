"""The sewn form as a solid for other programs: GLB (metres, y up), OBJ and STL (mm, z up)."""

from __future__ import annotations

from typing import Any

import numpy as np
import trimesh

from ..core.pattern import Draft, Facet

# One tone a piece, so that pieces can be told apart; of the made-up palette of the table.
_TONES = ((231, 185, 168), (143, 163, 149), (244, 183, 49), (170, 179, 189), (211, 160, 141), (147, 165, 127))


def form_solid(draft: Draft, kind: str) -> bytes:
    """The finished surface, as thick as paper, one part a piece and copy. ``kind`` is ``glb``, ``obj`` or ``stl``."""
    scene: Any = trimesh.Scene()
    groups: dict[tuple[str, str], list[Facet]] = {}
    for facet in draft.solid.facets:
        groups.setdefault((facet.piece, facet.copy), []).append(facet)
    pieces = list(dict.fromkeys(piece for piece, _ in groups))
    for (piece, copy), facets in groups.items():
        mesh = _mesh(facets)
        tone = (*_TONES[pieces.index(piece) % len(_TONES)], 255)
        mesh.visual = trimesh.visual.ColorVisuals(mesh, vertex_colors=np.tile(tone, (len(mesh.vertices), 1)))
        scene.add_geometry(mesh, geom_name=f"{piece}-{copy}", node_name=f"{piece}-{copy}")
    if kind == "glb":
        # The format's own unit is the metre, and its y points up.
        scene.apply_transform(np.array([[0.001, 0, 0, 0], [0, 0, 0.001, 0], [0, -0.001, 0, 0], [0, 0, 0, 1.0]]))
    data = scene.export(file_type=kind)
    return data.encode() if isinstance(data, str) else bytes(data)


def _mesh(facets: list[Facet]) -> trimesh.Trimesh:
    """Every facet is convex: a fan of triangles from its first corner."""
    points: list[tuple[float, float, float]] = []
    faces: list[tuple[int, int, int]] = []
    for facet in facets:
        start = len(points)
        points += facet.space
        faces += [(start, start + i, start + i + 1) for i in range(1, len(facet.space) - 1)]
    mesh = trimesh.Trimesh(np.array(points), np.array(faces), process=False)
    mesh.merge_vertices()
    return mesh
