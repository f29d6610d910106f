"""What goes into a form, inside its layers: volumes of plain bodies whose walls and base are so thick (mm3)."""

from __future__ import annotations

import math


def box_room(width: float, depth: float, height: float, layers: float) -> float:
    """A box with four walls and a base, open at its rim.

    Args:
        width, depth, height: inside its stitch lines (mm).
        layers: how thick its walls and its base are within them (mm).

    Returns:
        The volume (mm3), 0 where nothing is left of it.

    Example:
        >>> box_room(100.0, 80.0, 50.0, 0.0), box_room(100.0, 80.0, 50.0, 5.0)
        (400000.0, 283500.0)
    """
    sides = width - 2 * layers, depth - 2 * layers, height - layers
    return math.prod(sides) if min(sides) > 0 else 0.0


def cone_room(low: float, high: float, height: float, layers: float) -> float:
    """A tube with a round base, open at its rim. A sloping wall takes ``t s/h`` of the radius at every height; the base lies ``layers`` up.

    Args:
        low, high: its radius at the base and at the rim, on the stitch line (mm).
        height: from base to rim (mm).
        layers: how thick wall and base are within that (mm).

    Returns:
        The volume (mm3), 0 where nothing is left of it.

    Example:
        >>> round(cone_room(50.0, 50.0, 100.0, 0.0)), round(cone_room(50.0, 50.0, 100.0, 5.0))
        (785398, 604364)
    """
    if height <= layers:
        return 0.0
    takes = layers * math.hypot(height, high - low) / height
    a, b = low + (high - low) * layers / height - takes, high - takes
    if min(a, b) <= 0:
        return 0.0
    return math.pi * (height - layers) / 3 * (a * a + a * b + b * b)


def tetra_room(width: float, height: float, layers: float) -> float:
    """A tetrahedron folded from a tube: ``w^2 H/6``, ``H = sqrt(h^2 - w^2/4)``. All four faces touch its inscribed ball, ``3V/S`` in
    radius, and move in together: what is left is of the same shape.

    Args:
        width, height: of the tube when it is flat (mm).
        layers: how thick its faces are within the stitch lines (mm).

    Returns:
        The volume (mm3), 0 where nothing is left of it.

    Example:
        >>> round(tetra_room(120.0, 104.0, 0.0)), round(tetra_room(120.0, 104.0, 3.0))
        (203873, 137786)
    """
    depth = math.sqrt(max(0.0, height * height - width * width / 4))
    volume = width * width * depth / 6
    ball = 3 * volume / (2 * width * height)
    return volume * (1 - layers / ball) ** 3 if ball > layers else 0.0


def drum_room(area: float, round_it: float, width: float, layers: float) -> float:
    """Two panels and a gusset between them: a panel that moves in all round loses ``round * t - pi t^2``.

    Args:
        area: of a panel (mm2).
        round_it: how long its edge is (mm).
        width: of the gusset (mm).
        layers: how thick panels and gusset are within the stitch lines (mm).

    Returns:
        The volume (mm3), 0 where nothing is left of it.

    Example:
        >>> drum_room(math.pi * 100.0**2, math.pi * 200.0, 60.0, 0.0) == math.pi * 100.0**2 * 60.0
        True
    """
    inner, wide = area - round_it * layers + math.pi * layers**2, width - 2 * layers
    # Twice the area over what it is round is the radius of a circle.
    return inner * wide if layers < 2 * area / round_it and wide > 0 else 0.0
