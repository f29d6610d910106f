"""The sewn form as a solid for other programs: GLB (metres, y up), OBJ and STL (mm, z up)."""

from __future__ import annotations

from typing import Any

import numpy as np
import trimesh

from ..core.pattern import Draft
from ..core.pattern.mesh import weld

# One tone a piece, so that pieces can be told apart; of the made-up palette of the table.
_TONES = ((231, 185, 168), (143, 163, 149), (244, 183, 49), (170, 179, 189), (211, 160, 141), (147, 165, 127))


def form_solid(draft: Draft, kind: str) -> bytes:
    """The finished surface, as thick as paper, one part a piece and copy, all wound one way: outward where the form encloses
    something. ``kind`` is ``glb``, ``obj`` or ``stl``."""
    scene: Any = trimesh.Scene()
    whole = weld(draft.solid.facets)
    groups: dict[tuple[str, str], list[int]] = {}
    for number, facet in enumerate(draft.solid.facets):
        groups.setdefault((facet.piece, facet.copy), []).append(number)
    pieces = list(dict.fromkeys(piece for piece, _ in groups))
    for (piece, copy), numbers in groups.items():
        faces = whole.faces[np.isin(whole.facet, numbers)]
        if not len(faces):
            continue
        mesh = trimesh.Trimesh(whole.points, faces, process=False)
        mesh.remove_unreferenced_vertices()
        tone = (*_TONES[pieces.index(piece) % len(_TONES)], 255)
        mesh.visual = trimesh.visual.ColorVisuals(mesh, vertex_colors=np.tile(tone, (len(mesh.vertices), 1)))
        scene.add_geometry(mesh, geom_name=f"{piece}-{copy}", node_name=f"{piece}-{copy}")
    if kind == "glb":
        # The format's own unit is the metre, and its y points up.
        scene.apply_transform(np.array([[0.001, 0, 0, 0], [0, 0, 0.001, 0], [0, -0.001, 0, 0], [0, 0, 0, 1.0]]))
    data = scene.export(file_type=kind)
    return data.encode() if isinstance(data, str) else bytes(data)
