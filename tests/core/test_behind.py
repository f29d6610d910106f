"""What lies on a form, or within it, as it is seen from a corner above: held against rays through everything that is there."""

import re
import unittest
from collections import Counter

import numpy as np
import shapely

from eggtuck.core.pattern.picture import Cloth
from eggtuck.core.showing.space import Surface

from .test_as_it_lies import pictured, stands

# What lies flat on its cloth, whichever side of it that is.
FLAT = re.compile(r"flap|pocket|back|(slip|patch|mesh)-pocket-\d|label-\d|border-\d|hook-and-loop-\d")


class Rays:
    """How near to who looks everything is along a ray, which is a point of the picture."""

    def __init__(self, surface):
        self.axes = np.vstack([surface._axes, surface._toward])

    def near(self, loop, at):
        """How near a flat loop is there (mm); None beside it."""
        points = np.array(loop) @ self.axes.T
        if len(points) < 3 or not shapely.Polygon(points[:, :2]).contains(shapely.Point(at)):
            return None
        # Of a plane through the points, best.
        (a, b, c), *_ = np.linalg.lstsq(
            np.column_stack([points[:, :2], np.ones(len(points))]), points[:, 2], rcond=None
        )
        return a * at[0] + b * at[1] + c


class Behind(unittest.TestCase):
    def test_nothing_is_drawn_over_what_it_lies_behind(self):
        seen, hidden = Counter(), Counter()
        for name, draft, pictures in pictured():
            (frame, *_) = next(p.frames for s, p in zip(draft.steps, pictures, strict=True) if s.id == "ends")
            flat = {part.piece: part.loops for part in draft.solid.carried if FLAT.fullmatch(part.piece)}
            if not flat or stands(draft, frame) is False:
                continue
            rays = Rays(Surface(draft.solid.facets))
            for piece, loops in flat.items():
                drawn = [i for i in frame.items if isinstance(i, Cloth) and i.piece == piece]
                hidden[draft.form] += not drawn
                # What is made by itself is drawn beside the rest.
                for cloth in drawn:
                    at = shapely.Polygon(cloth.outline, cloth.holes).representative_point().coords[0]
                    own = [near for loop in loops if (near := rays.near(loop, at)) is not None]
                    others = [near for facet in draft.solid.facets if (near := rays.near(facet.space, at)) is not None]
                    if not own or not others:
                        continue
                    with self.subTest(name, piece=piece):
                        self.assertGreater(max(own), max(others) - 7.0)
                        # Nothing of it shows through the cloth it lies under.
                        self.assertFalse([far for far in others if 0.0 < far - max(own) < 7.0])
                        seen[draft.form] += 1
        self.assertGreater(len(seen), 1)
        self.assertGreater(len(hidden), 2)


if __name__ == "__main__":
    unittest.main()
