"""Places of a piece that are taken before any part is laid on it: hems, cuffs, channels, necks and ties, folds, what lies underneath."""

import itertools
import unittest

import shapely

from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.pattern import SpecError
from eggtuck.core.plane import flatten
from tests import share
from tests.makes import LAYERS
from tests.solids import checks

PLACED = (
    "patch-pocket",
    "slip-pocket",
    "label",
    "eyelet",
    "snap",
    "button",
    "hook-and-loop",
    "motif",
    "elastic",
    "strap",
)
# Choices by which an upper edge, a neck or a cover is made otherwise.
WAYS = ("top", "closure", "tie", "make", "blank_shape", "bag_rim", "mouth")
# The places nothing may lie on, as an area or a line of their marks.
LINES = ("mark.neck", "mark.tie")
AREAS = ("mark.base-fold",)


def made(kinds, **more):
    for form in CATALOGUE.values():
        ways = [{option.id: way} for option in form.options if option.id in WAYS for way in option.choices]
        for options, layers, kind in itertools.product(ways or [{}], ("outer", "lined"), kinds):
            spec = {**starting_spec(form, Ruler("mm"), None), "layers": LAYERS[layers], "options": options}
            yield {**spec, "parts": [{"kind": kind, **more}]}, kind


def host_of(draft):
    return min(draft.pieces, key=lambda piece: (len(piece.letter), piece.letter))


def line(path):
    return shapely.LineString([*flatten(path, 0.01), path[-1].end])


def taken(draft, piece, across=False):
    """Everything of the piece that is turned in or over, sewn along, folded, or lies below, by what the draft tells of it. What lies ``across`` it goes on
    over upright folds."""
    found = []
    x0, _, x1, y1 = piece.stitch_box
    for mark in piece.marks:
        if mark.label.id in LINES and mark.path:
            found.append(line(mark.path))
        if mark.label.id in AREAS:
            found.append(shapely.Polygon(flatten(mark.path, 0.01)))
        if mark.label.id.startswith(("mark.turned-", "mark.top-fold")):
            top = mark.path[0].start[1]
            # As deep as it stands over the finished top it lies on what is below that.
            found.append(shapely.box(x0, 2 * top - y1, x1, y1) if top > y1 / 2 else shapely.Point(x0, y1))
    rings = {
        mark.label.id: shapely.Polygon(flatten(mark.path, 0.01)) for mark in piece.marks if "casing-" in mark.label.id
    }
    if {"mark.casing-inner", "mark.casing-outer"} <= rings.keys():
        found.append(rings["mark.casing-outer"].difference(rings["mark.casing-inner"]))
    base = [mark.path[0].start[1] for mark in piece.marks if mark.label.id == "mark.weight-base"]
    if base:
        found.append(shapely.box(x0, min(base), x1, max(base)))
    for fold in piece.folds:
        upright = abs(fold.line.start[0] - fold.line.end[0]) < 0.1
        if not fold.id.endswith((".middle", "side-fold", "base-fold")) and not (across and upright):
            found.append(shapely.LineString([fold.line.start, fold.line.end]))
    for hem, edge in itertools.product(draft.hems, piece.edges):
        if (piece.id, edge.key) in {(use.piece, use.key) for use in hem.edges}:
            # Round corners of the hem's area would take more than it does.
            found.append(line(edge.path).buffer(hem.depth - 0.1, cap_style="flat"))
    return shapely.union_all(found)


def lies(draft, kind):
    """Where the part is marked (mm): what has a centre, as far round as it is wide."""
    wide = next((state.value for state in draft.inputs if state.field in ("parts.0.across",)), 0.0) / 2
    for mark in (m for m in host_of(draft).marks if m.part == f"{kind}-1" and m.path and m.label.id != "mark.figure"):
        shape = line(mark.path).envelope
        if mark.kind == "centre":
            x, y = shape.centroid.x, shape.centroid.y
            shape = (
                shapely.box(x - wide, y - wide, x + wide, y + wide) if kind != "hook-and-loop" else shapely.Point(x, y)
            )
        if kind == "strap":
            # It is sewn on as high as it is wide, and stands up from there.
            a, b, c, d = shape.bounds
            shape = shapely.box(a, b, c, min(d, b + c - a))
        yield shape


class Taken(unittest.TestCase):
    def test_what_is_proposed_lies_clear_of_it_or_is_told_to_have_no_place(self):
        placed = set()
        for spec, kind in share(made(PLACED), 4):
            try:
                draft = draft_spec(spec)
            except SpecError:
                continue
            if checks(draft)[f"part.{kind}-1.place"].verdict != "ok":
                continue
            area = taken(draft, host_of(draft), across=kind == "elastic")
            for shape in lies(draft, kind):
                placed.add((spec["form"], area.is_empty))
                with self.subTest(form=spec["form"], kind=kind, layers=len(spec["layers"]), **spec["options"]):
                    self.assertFalse(shape.is_empty)
                    self.assertGreaterEqual(area.distance(shape) if not area.is_empty else 9.0, 4.9)
        self.assertGreater(len({form for form, empty in placed if not empty}), 6)

    def test_what_is_told_to_lie_on_it_is_told_to_have_no_place(self):
        """Labels and eyelets at every height and side: clear of it is ok, on it is not."""
        seen = set()
        for down, side in share(itertools.product(("8", "22", "45", "70", "110"), ("12", "40", "75")), 3):
            for spec, kind in share(made(("label",), from_top=down, from_side=side, width="24", height="12"), 3):
                try:
                    draft = draft_spec(spec)
                except SpecError:
                    continue
                piece = host_of(draft)
                area = taken(draft, piece)
                box = self._box(draft, piece, float(down), float(side))
                if box is None or area.is_empty:
                    continue
                verdict = checks(draft)[f"part.{kind}-1.place"].verdict
                on = area.intersects(box)
                seen.add((on, verdict))
                with self.subTest(form=spec["form"], down=down, side=side, **spec["options"]):
                    if on:
                        self.assertNotEqual(verdict, "ok")
        self.assertGreaterEqual({(on, verdict) for on, verdict in seen}, {(True, "warn"), (False, "ok")})

    @staticmethod
    def _box(draft, piece, down, side):
        """Where a label lies on a piece with a level top, by what was typed."""
        if piece.square_top or not any(edge.path[0].bulge for edge in piece.edges):
            x0, _, _, y1 = piece.stitch_box
            turned = [
                m.path[0].start[1]
                for m in piece.marks
                if m.label.id.startswith(("mark.turned-", "mark.top-fold")) and m.path[0].start[1] > y1 / 2
            ]
            top = min([y1, *turned])
            return shapely.box(x0 + side, top - down - 12.0, x0 + side + 24.0, top - down)
        return None

    def test_where_a_motif_may_go_nothing_is_turned_over(self):
        turned = set()
        for form in CATALOGUE.values():
            for options in [
                {"top": top} for option in form.options if option.id == "top" for top in option.choices
            ] or [{}]:
                try:
                    draft = draft_spec({**starting_spec(form, Ruler("mm"), None), "options": options})
                except SpecError:
                    continue
                for piece in draft.pieces:
                    for mark in (m for m in piece.marks if m.label.id == "mark.motif"):
                        area = taken(draft, piece, across=True)
                        turned |= set() if area.is_empty else {form.id}
                        with self.subTest(form=form.id, **options):
                            zone = shapely.Polygon(flatten(mark.path, 0.01))
                            self.assertTrue(area.is_empty or area.distance(zone) > 4.9)
        self.assertGreaterEqual(turned, {"boxed-bag", "neck-bag"})

    def test_nothing_lies_nought_beside_the_middle_line(self):
        told = set()
        for unit, rounding in (("in", "1/8 in"), ("in", "1/4 in"), ("cm", "1 mm"), ("cm", "5 mm")):
            for form, kind, side in itertools.product(CATALOGUE.values(), ("label", "motif"), (None, "30 mm", "31 mm")):
                part = {"kind": kind} | ({} if side is None else {"from_side": side})
                spec = {**starting_spec(form, Ruler(unit), None), "rounding": rounding, "parts": [part]}
                try:
                    draft = draft_spec(spec)
                except SpecError:
                    continue
                for mark in (m for m in host_of(draft).marks if m.datum is not None):
                    off = mark.datum.params.get("off")
                    if off is not None and mark.datum.id == "mark.place-beside.datum":
                        self.assertNotIn(draft.ruler.write(off), ("0 cm", "0 in"), (form.id, part, rounding))
                        told.add(rounding)
        self.assertTrue(told)

    def test_what_is_caught_in_a_side_lies_below_what_is_turned_or_is_told_not_to(self):
        told = set()
        for spec, kind in made(("loop", "ribbon", "label")):
            if kind == "label":
                spec["parts"][0]["sewn"] = "in-seam"
            for typed in (False, True):
                if typed:
                    spec["parts"][0]["from_top"] = "20"
                try:
                    draft = draft_spec(spec)
                except SpecError:
                    continue
                piece = host_of(draft)
                folds = [m for m in piece.marks if m.label.id.startswith(("mark.turned-", "mark.top-fold"))]
                deep = max(
                    (piece.stitch_box[3] - m.path[0].start[1] for m in folds if m.path[0].start[1] > 0), default=0.0
                )
                if not any(mark.label.id == "mark.caught" for mark in piece.marks) or len(folds) > 1:
                    continue
                warned = f"part.{kind}-1.turned" in checks(draft)
                half = {"loop": 5.0, "ribbon": 7.5, "label": 15.0}[kind]
                with self.subTest(form=spec["form"], kind=kind, typed=typed, **spec["options"]):
                    self.assertEqual(warned, typed and 20.0 - half < deep - 0.5)
                    told.add(warned)
        self.assertEqual(told, {False, True})


if __name__ == "__main__":
    unittest.main()
