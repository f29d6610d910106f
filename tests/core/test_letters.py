"""Letters in pictures are read: none stands on a line where there is room beside it."""

import unittest

import numpy as np
import shapely

from eggtuck.core.pattern.picture import Arrow, Cloth, Letter, Line, Note, Spot
from tests import share
from tests.makes import draft_of, makes

# A letter stands on what is nearer than this; there is room where all is so far (shares of the drawing).
STRUCK, ROOM = 0.012, 0.075


def lines_of(frame):
    """What a letter may not stand on, with places and words as points."""
    for item in frame.items:
        if isinstance(item, (Line, Arrow)) and not (isinstance(item, Line) and (item.kind == "sewn" or item.hidden)):
            yield shapely.LineString(item.path)
        elif isinstance(item, (Spot, Note)):
            yield shapely.Point(item.at)


def seen_of(frame, letter, by_id):
    """The cloth a letter is put on, as far as nothing lies over it; nothing where it is put on none."""
    cloths = [item for item in frame.items if isinstance(item, Cloth) and not item.aside and len(item.outline) > 2]
    shapes = [shapely.Polygon(item.outline, item.holes).buffer(0) for item in cloths]
    for nth in reversed(range(len(cloths))):
        own = cloths[nth].piece in by_id and by_id[cloths[nth].piece].letter == letter.text
        if own and cloths[nth].role == letter.role and shapes[nth].distance(shapely.Point(letter.at)) == 0:
            return shapes[nth].difference(shapely.union_all(shapes[nth + 1 :]))
    return shapely.Polygon()


class Letters(unittest.TestCase):
    def test_none_stands_on_a_line_where_there_is_room_beside_it(self):
        read = struck = 0
        for name, spec in share(makes(), 4):
            draft = draft_of(spec)
            by_id = {piece.id: piece for piece in draft.pieces}
            for picture in draft.pictures():
                for frame in picture.frames:
                    left, low, right, high = frame.box
                    size, lines = max(right - left, high - low), shapely.union_all(list(lines_of(frame)))
                    letters = [item for item in frame.items if isinstance(item, Letter)]
                    for letter in letters:
                        read += 1
                        if lines.is_empty or lines.distance(shapely.Point(letter.at)) > STRUCK * size:
                            continue
                        struck += 1
                        seen = seen_of(frame, letter, by_id)
                        if seen.is_empty:
                            continue
                        x0, y0, x1, y1 = seen.bounds
                        grid = np.stack(np.meshgrid(np.linspace(x0, x1, 25), np.linspace(y0, y1, 25)), -1).reshape(
                            -1, 2
                        )
                        points = shapely.points(grid)
                        others = shapely.union_all(
                            [shapely.Point(other.at) for other in letters if other is not letter]
                        )
                        free = shapely.contains(seen, points) & (shapely.distance(seen.boundary, points) > ROOM * size)
                        free &= shapely.distance(lines, points) > ROOM * size
                        if not others.is_empty:
                            free &= shapely.distance(others, points) > 1.5 * ROOM * size
                        with self.subTest(name, step=picture.step, letter=letter.text):
                            self.assertFalse(free.any())
        self.assertGreater(read, 3000)
        self.assertGreater(struck, 10)
