"""Parts with odd lengths on makes of every form: each is drafted or refused by name, and what a check offers helps."""

from __future__ import annotations

import itertools
import random
import re
import unittest

import shapely

from eggtuck.core.drafting.parts import PARTS
from eggtuck.core.forms import CATALOGUE, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.pattern import SpecError
from eggtuck.core.pattern.picture import Cloth
from tests import share
from tests.makes import LAYERS, checks_told, draft_of, makes, mended, said_of, told, words_of

ORDER = ("ok", "note", "warn", "stop")
# From too small for anything to larger than any piece.
ODD = ("8 mm", "20 mm", "45 mm", "90 mm", "180 mm", "400 mm")
SEED = 20261129


def odd_parts():
    """``(what it is, spec)``: a make with one part or two, each of whose lengths is told once in three times, and told oddly."""
    chance = random.Random(SEED)
    every = [(name, spec, kind) for name, spec in makes() for kind in PARTS.values()]
    for name, spec, kind in share(every, 24):
        parts = []
        for one in (kind, chance.choice(list(PARTS.values())))[: chance.choice((1, 2))]:
            part = {"kind": one.id, **{choice: chance.choice(choices) for choice, choices in one.choices.items()}}
            parts.append(part | {length.name: chance.choice(ODD) for length in one.lengths if chance.random() < 1 / 3})
        yield f"{name} {parts}", {**spec, "parts": parts}


class Offered(unittest.TestCase):
    def test_what_is_offered_for_a_part_takes_its_check_away_or_makes_it_milder(self):
        pressed, drafted = set(), 0
        for name, spec in odd_parts():
            try:
                checks = checks_told(draft_of(spec))
            except SpecError as error:
                self.assertTrue(all(problem.field for problem in error.problems), name)
                continue
            drafted += 1
            for check in checks:
                if check["fix"] is None or check["verdict"] == "ok":
                    continue
                pressed.add(check["id"].rpartition(".")[2])
                with self.subTest(name, check=check["id"], fix=check["fix"]["set"]):
                    after = mended(spec, check["fix"])
                    self.assertNotEqual(after, spec)
                    still = {one["id"]: one["verdict"] for one in checks_told(draft_of(after))}.get(check["id"], "ok")
                    self.assertLess(ORDER.index(still), ORDER.index(check["verdict"]))
        self.assertGreater(drafted, 60)
        self.assertGreaterEqual(pressed, {"place", "cloth"})

    def test_where_no_place_is_offered_none_is_promised(self):
        for name, spec in odd_parts():
            try:
                checks = draft_of(spec).checks
            except SpecError:
                continue
            for check in checks:
                with self.subTest(name, check=check.id):
                    if check.message.id == "check.pocket-clash.text":
                        self.assertEqual(check.fix and check.fix.label.id, "fix.place")
                    elif check.message.id == "check.pocket-nowhere.text":
                        self.assertNotEqual(check.fix and check.fix.label.id, "fix.place")


class OfItself(unittest.TestCase):
    def test_none_of_several_is_told_to_lie_over_another(self):
        tried = 0
        for name, spec in odd_parts():
            for count in (2, 3):
                several = {**spec, "parts": [{**spec["parts"][0], "count": count}, *spec["parts"][1:]]}
                try:
                    draft = draft_of(several)
                except SpecError:
                    continue
                kind = spec["parts"][0]["kind"]
                if {check.id: check.verdict for check in draft.checks}.get(f"part.{kind}-1.place") != "ok":
                    continue
                boxes = [shapely.box(*grip.box) for grip in draft.grips if grip.part == 0]
                tried += len(boxes) > 1
                with self.subTest(name, count=count):
                    for one, other in itertools.combinations(boxes, 2):
                        self.assertLess(one.intersection(other).area, 1.0)
        self.assertGreater(tried, 10)


class Inside(unittest.TestCase):
    def test_a_pocket_inside_is_marked_on_the_side_it_is_laid_on_when_that_is_there(self):
        """With no lining it lies on the wrong side; where outer and lining are one cloth on that one, once it is laid on; else on the lining."""
        tried = 0
        side = re.compile(r"\bthe (right side|wrong side|lining side|back|padding) of (?:the|each|one) (lining )?")
        # What is drawn on where the wrong side of a sheet or of padded cloth is meant.
        wrong = {"back": "wrong side", "padding": "wrong side"}
        for name, spec in share(makes(), 3):
            try:
                draft = said_of({**spec, "parts": [{"kind": "patch-pocket", "side": "inside"}]})
            except SpecError:
                continue
            steps = [(step["id"], line["part"], line["text"]) for step in draft["steps"] for line in step["lines"]]
            laid = [text for id, part, text in steps if id == "patch-pocket-1" and " Lay it on " in text]
            told = [text for _, part, text in steps if part == "mark" and ": patch pocket:" in text]
            if not laid or not told or "thread" in told[0]:
                # A thread is seen from both sides.
                continue
            tried += 1
            with self.subTest(name):
                lies, drawn = (
                    side.search(text).groups()
                    for text in (laid[0].partition(" Lay it on ")[2], told[0].partition(": patch pocket:")[0])
                )
                self.assertEqual(lies, (wrong.get(drawn[0], drawn[0]), drawn[1]))
                if lies[0] == "lining side":
                    ids = [id for id, *_ in steps]
                    self.assertLess(ids.index("underline"), ids.index("patch-pocket-1"))
        self.assertGreater(tried, 20)

    def test_on_a_wrong_side_it_is_drawn_as_it_lies_then(self):
        for form, layers in itertools.product(("boxed-bag", "cylinder", "tetra"), ("outer", "lined")):
            start = starting_spec(CATALOGUE[form], Ruler("mm"), None)
            for copy in ("", "back"):
                part = {
                    "kind": "patch-pocket",
                    "side": "inside",
                    "from_side": "12 mm",
                    "width": "60 mm",
                    "height": "50 mm",
                }
                host = {"piece": "body", "copy": copy} if copy else {}
                draft = draft_of({**start, "layers": LAYERS[layers], "options": {}, "parts": [{**part, **host}]})
                if copy and copy not in {host[1] for host in draft.hosts}:
                    continue
                (picture,) = draft.pictures(["patch-pocket-1"])
                cloths = [item for item in picture.frames[0].items if isinstance(item, Cloth)]
                big, small = sorted((shapely.Polygon(cloth.outline) for cloth in cloths), key=lambda s: -s.area)[:2]
                turned = layers == "outer" and not copy
                said = next(step for step in told(draft)["steps"] if step["id"] == "patch-pocket-1")
                with self.subTest(form, layers=layers, copy=copy):
                    self.assertEqual(small.centroid.x > big.centroid.x, turned)
                    self.assertEqual("on your right" in words_of(said), turned)

    def test_the_back_of_a_piece_folded_at_its_base_is_told_as_it_is_seen_with_its_top_up(self):
        start = starting_spec(CATALOGUE["boxed-bag"], Ruler("mm"), None)
        spec = {**start, "layers": LAYERS["outer"], "options": {"cut": "base-fold"}}
        seen = {}
        for host in draft_of(spec).hosts:
            part = {"kind": "patch-pocket", "side": "inside", "from_side": "12 mm", "width": "60 mm", "height": "50 mm"}
            steps = said_of({**spec, "parts": [{**part, "piece": host[0], "copy": host[1]}]})["steps"]
            said = next(words_of(step) for step in steps if step["id"] == "patch-pocket-1")
            seen["back half" in said] = "on your right" in said
        self.assertEqual(seen, {False: True, True: False})


if __name__ == "__main__":
    unittest.main()
