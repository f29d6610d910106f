"""At the ends of what sizes may be, on coarse rulers: drafted whole or refused by name, and what a refusal says would work does."""

import random
import unittest
from functools import cache

from shapely.geometry import Polygon

from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.pattern import SpecError
from eggtuck.core.pattern.document import draft_document
from eggtuck.core.plane import flatten
from tests import ALL
from tests.makes import LAYERS

ROUNDINGS = {"cm": ("none", "1 mm", "5 mm", "10 mm"), "in": ("none", "1/8 in", "1/4 in")}
# What a refusal may tell as the least or the most that works.
WORKS = ("low", "high", "limit")
# Of these a piece has to be larger, or another measure is to give way: no number of the field itself mends it.
ELSEWHERE = {"problem.no-room"}


def walked(seed, forms=600):
    """Specs of any form whose sizes are set to one end of what they may be or near it, one after the other, for as long as they are
    drafted."""
    dice = random.Random(seed)
    for form in dice.choices(list(CATALOGUE.values()), k=forms if ALL else forms // 3):
        unit = dice.choice(sorted(ROUNDINGS))
        spec = {**starting_spec(form, Ruler(unit), None), "rounding": dice.choice(ROUNDINGS[unit])}
        spec["options"] = {o.id: dice.choice(o.choices) for o in form.options if dice.random() < 0.4}
        spec["layers"] = LAYERS[dice.choice(("outer", "lined", "padded"))]
        for _ in range(3):
            try:
                states = [x for x in draft_spec(spec).inputs if x.field.startswith("size.") and x.high > x.low]
            except SpecError:
                break
            state = dice.choice([x for x in states if x.of == "length"])
            high = min(state.high, 3000.0)
            inside = state.low + (high - state.low) * dice.random() ** 2
            length = dice.choice((state.low, high, inside, state.low + 2 * dice.random()))
            spec = {**spec, "size": {**spec.get("size", {}), state.field.removeprefix("size."): f"{length:.9f} mm"}}
            yield spec


@cache
def outcomes(seed):
    found = []
    for spec in walked(seed):
        try:
            found.append((spec, draft_spec(spec), None))
        except SpecError as error:
            found.append((spec, None, error))
    return found


class Ends(unittest.TestCase):
    def test_it_is_drafted_whole_or_refused_by_name(self):
        drafted = 0
        for spec, draft, _ in outcomes("ends"):
            if draft is None:
                continue
            draft_document(draft)
            drafted += 1
            for piece in draft.pieces:
                for outline in (piece.stitch_outline, piece.cut_outline):
                    with self.subTest(form=spec["form"], piece=piece.id, size=spec["size"], rounding=spec["rounding"]):
                        self.assertTrue(Polygon(flatten(outline, 0.05)).is_valid)
        self.assertGreater(drafted, 300)

    def test_what_a_refusal_says_would_work_does(self):
        tried = set()
        for spec, _, error in outcomes("ends") + outcomes("works"):
            for problem in error.problems if error is not None else ():
                group, _, name = problem.field.partition(".")
                said = problem.message
                limits = [said.params[key] for key in WORKS if isinstance(said.params.get(key), float)]
                if group != "size" or not limits or said.id in ELSEWHERE:
                    continue
                after = []
                for limit in limits:
                    try:
                        draft_spec({**spec, "size": {**spec["size"], name: f"{limit:.9f} mm"}})
                        after.append(set())
                    except SpecError as again:
                        after.append({(one.field, one.message.id) for one in again.problems})
                with self.subTest(form=spec["form"], said=said, size=spec["size"], rounding=spec["rounding"]):
                    # Of a range either end may do; what is wrong beside it is told when this is mended.
                    self.assertTrue(any((problem.field, said.id) not in one for one in after))
                tried.add(said.id)
        self.assertGreater(len(tried), 9)


if __name__ == "__main__":
    unittest.main()
