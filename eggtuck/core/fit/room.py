"""What goes into a form, inside its layers: volumes of plain bodies whose walls and base are so thick (mm3)."""

from __future__ import annotations

import math


def box_room(width: float, depth: float, height: float, layers: float) -> float:
    """A box with four walls and a base, open at its rim.

    Example:
        >>> box_room(100.0, 80.0, 50.0, 0.0), box_room(100.0, 80.0, 50.0, 5.0)
        (400000.0, 283500.0)
    """
    sides = width - 2 * layers, depth - 2 * layers, height - layers
    return math.prod(sides) if min(sides) > 0 else 0.0


def cone_room(low: float, high: float, height: float, layers: float) -> float:
    """A tube with a round base, its radius ``low`` at the base and ``high`` at the rim, open there. A sloping wall takes ``t s/h`` of the
    radius at every height; the base lies ``layers`` up."""
    if height <= layers:
        return 0.0
    takes = layers * math.hypot(height, high - low) / height
    a, b = low + (high - low) * layers / height - takes, high - takes
    if min(a, b) <= 0:
        return 0.0
    return math.pi * (height - layers) / 3 * (a * a + a * b + b * b)


def tetra_room(width: float, height: float, layers: float) -> float:
    """A tetrahedron folded from a tube ``width`` wide when flat and ``height`` high: ``w^2 H/6``, ``H = sqrt(h^2 - w^2/4)``. All four faces
    touch its inscribed ball, ``3V/S`` in radius, and move in together: what is left is of the same shape."""
    depth = math.sqrt(max(0.0, height * height - width * width / 4))
    volume = width * width * depth / 6
    ball = 3 * volume / (2 * width * height)
    return volume * (1 - layers / ball) ** 3 if ball > layers else 0.0


def drum_room(area: float, round_it: float, width: float, layers: float) -> float:
    """Two panels, so large and so long round, and a gusset between them: a panel that moves in all round loses ``round * t - pi t^2``."""
    inner, wide = area - round_it * layers + math.pi * layers**2, width - 2 * layers
    # Twice the area over what it is round is the radius of a circle.
    return inner * wide if layers < 2 * area / round_it and wide > 0 else 0.0
