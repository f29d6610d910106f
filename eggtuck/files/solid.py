"""The sewn form as a solid for other programs: GLB (metres, y up), OBJ and STL (mm, z up)."""

from __future__ import annotations

import math
from typing import Any

import numpy as np
import trimesh

from ..core.pattern import Carried, Draft
from ..core.pattern.mesh import weld

# One tone a piece, so that pieces can be told apart; of the made-up palette of the table.
_TONES = ((231, 185, 168), (143, 163, 149), (244, 183, 49), (170, 179, 189), (211, 160, 141), (147, 165, 127))


# Two parts that meet at less than this angle are one curve (its cosine).
_SHARP = math.cos(math.radians(25))


def form_solid(draft: Draft, kind: str) -> bytes:
    """The finished surface, as thick as paper, one part a piece and copy, all wound one way: outward where the form encloses
    something; and what it carries, each piece a part of its own. ``kind`` is ``glb``, ``obj`` or ``stl``; stl, which knows no parts, has
    the surface alone."""
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
        mesh = _shaded(whole.points, faces) if kind == "glb" else trimesh.Trimesh(whole.points, faces, process=False)
        mesh.remove_unreferenced_vertices()
        tone = (*_TONES[pieces.index(piece) % len(_TONES)], 255)
        mesh.visual = trimesh.visual.ColorVisuals(mesh, vertex_colors=np.tile(tone, (len(mesh.vertices), 1)))
        scene.add_geometry(mesh, geom_name=f"{piece}-{copy}", node_name=f"{piece}-{copy}")
    for carried in () if kind == "stl" else draft.solid.carried:
        scene.add_geometry(_parts(carried), geom_name=carried.piece, node_name=carried.piece)
    if kind == "glb":
        # The format's own unit is the metre, and its y points up.
        scene.apply_transform(np.array([[0.001, 0, 0, 0], [0, 0, 0.001, 0], [0, -0.001, 0, 0], [0, 0, 0, 1.0]]))
    data = scene.export(file_type=kind, **({"include_normals": True} if kind == "glb" else {}))
    return data.encode() if isinstance(data, str) else bytes(data)


def _shaded(points: Any, faces: Any) -> Any:
    """The faces with normals: corners on a curve share theirs, so that round cloth looks round, and a fold stays sharp."""
    a, b, c = (points[faces[:, i]] for i in range(3))
    sides = np.cross(b - a, c - a)
    flat = sides / np.maximum(np.linalg.norm(sides, axis=1), 1e-12)[:, None]
    at: dict[int, list[int]] = {}
    for number, face in enumerate(faces):
        for corner in face:
            at.setdefault(int(corner), []).append(number)
    own: dict[tuple[int, tuple[float, ...]], int] = {}
    corners: list[Any] = []
    normals: list[Any] = []
    turned: list[int] = []
    for number, face in enumerate(faces):
        for corner in face:
            near = np.array(at[int(corner)])
            # A face counts as much as it is large.
            normal = sides[near[flat[near] @ flat[number] > _SHARP]].sum(axis=0)
            normal /= np.linalg.norm(normal) or 1.0
            key = (int(corner), tuple(np.round(normal, 4)))
            if key not in own:
                own[key] = len(corners)
                corners.append(points[corner])
                normals.append(normal)
            turned.append(own[key])
    found = np.array(turned).reshape(-1, 3)
    return trimesh.Trimesh(np.array(corners), found, vertex_normals=np.array(normals), process=False)


def _parts(carried: Carried) -> Any:
    """Flat polygons as one mesh; they are convex, so that a fan fills each."""
    points = [point for loop in carried.loops for point in loop]
    faces, at = [], 0
    for loop in carried.loops:
        faces += [(at, at + i, at + i + 1) for i in range(1, len(loop) - 1)]
        at += len(loop)
    return _shaded(np.array(points), np.array(faces))
