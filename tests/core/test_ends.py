"""At the ends of what lengths may be, on coarse rulers: drafted whole or refused by name, and what a refusal says would work does."""

import random
import unittest
from functools import cache
from itertools import chain, product

from shapely.geometry import Polygon

from eggtuck.core.drafting.parts import PARTS
from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.pattern import SpecError
from eggtuck.core.pattern.document import draft_document
from eggtuck.core.plane import flatten
from tests import ALL
from tests.makes import LAYERS

ROUNDINGS = {"cm": ("none", "1 mm", "5 mm", "10 mm"), "in": ("none", "1/8 in", "1/4 in")}
# What a refusal may tell as the least or the most that works.
WORKS = ("low", "high", "limit", "most")
# Of these a piece has to be larger, or another measure is to give way: no number of the field itself mends it.
ELSEWHERE = {"problem.no-room"}


def begun(dice, form):
    unit = dice.choice(sorted(ROUNDINGS))
    spec = {**starting_spec(form, Ruler(unit), None), "rounding": dice.choice(ROUNDINGS[unit])}
    spec["options"] = {o.id: dice.choice(o.choices) for o in form.options if dice.random() < 0.4}
    return {**spec, "layers": LAYERS[dice.choice(("outer", "lined", "padded"))]}


def carrying(dice, form):
    """One with a part, made in any way, as many as there may be."""
    kind = dice.choice(list(PARTS.values()))
    part = {"kind": kind.id} | {name: dice.choice(ways) for name, ways in kind.choices.items() if dice.random() < 0.5}
    return {**begun(dice, form), "parts": [part | ({"count": dice.randint(1, kind.most)} if kind.most > 1 else {})]}


def lengthened(spec, field, mm):
    """The spec with a length of it told."""
    group, _, name = field.partition(".")
    if group == "parts":
        nth, _, name = name.partition(".")
        told = str(round(mm)) if name == "count" else f"{mm:.9f} mm"
        return {
            **spec,
            "parts": [{**part, name: told} if str(n) == nth else part for n, part in enumerate(spec["parts"])],
        }
    return {**spec, group: {**spec.get(group, {}), name: f"{mm:.9f} mm"}}


def walked(seed, begin=begun, asks=("size",), times=600):
    """Specs of any form whose lengths are set to one end of what they may be or near it, one after the other, for as long as they are
    drafted."""
    dice = random.Random(seed)
    for form in dice.choices(list(CATALOGUE.values()), k=times if ALL else times // 10):
        spec = begin(dice, form)
        yield spec
        for _ in range(3):
            try:
                draft = draft_spec(spec)
            except SpecError:
                break
            states = [x for x in draft.inputs if x.field.startswith(asks) and x.high > x.low and x.of == "length"]
            if not states:
                break
            state = dice.choice(states)
            high = min(state.high, 3000.0)
            inside = state.low + (high - state.low) * dice.random() ** 2
            spec = lengthened(spec, state.field, dice.choice((state.low, high, inside, state.low + 2 * dice.random())))
            yield spec


@cache
def outcomes(seed):
    """What became of each."""
    found = []
    walks = chain(walked(seed), walked(seed, carrying, ("parts", "allowance"), 900))
    for spec in walks:
        try:
            found.append((spec, draft_spec(spec), None))
        except SpecError as error:
            found.append((spec, None, error))
    return found


class Ends(unittest.TestCase):
    def test_it_is_drafted_whole_or_refused_by_name(self):
        drafted = [(spec, draft) for spec, draft, _ in outcomes("ends") if draft is not None]
        for nth, (spec, draft) in enumerate(drafted):
            if nth % 3 == 0:
                self.assertEqual(len(draft_document(draft)["steps"]), len(draft.steps))
            for piece in draft.pieces:
                for outline in (piece.stitch_outline, piece.cut_outline):
                    with self.subTest(form=spec["form"], piece=piece.id, size=spec["size"], rounding=spec["rounding"]):
                        shape = Polygon(flatten(outline, 0.05))
                        self.assertTrue(shape.is_valid)
                        self.assertGreater(shape.area, 1.0)
        self.assertGreater(len(drafted), 300)

    def test_as_many_of_a_part_as_there_may_be_are_told_however_long_that_gets(self):
        for kind, form in product((k for k in PARTS.values() if k.most > 9), ("cone", "weight", "book-cover")):
            part = {"kind": kind.id, "count": kind.most} | ({"work": "lace"} if "work" in kind.choices else {})
            spec = starting_spec(CATALOGUE[form], Ruler("in"), None)
            with self.subTest(form=form, kind=kind.id):
                steps = draft_document(draft_spec({**spec, "parts": [part]}))["steps"]
                self.assertTrue(any(step["id"].startswith(f"{kind.id}-1") for step in steps))

    def test_what_a_refusal_says_would_work_does(self):
        tried = set()
        for spec, _, error in outcomes("ends"):
            for problem in error.problems if error is not None else ():
                said = problem.message
                limits = [said.params[key] for key in WORKS if isinstance(said.params.get(key), (int, float))]
                if (
                    not problem.field.startswith(("size.", "parts.", "allowance."))
                    or not limits
                    or said.id in ELSEWHERE
                ):
                    continue
                after = []
                for limit in limits:
                    try:
                        draft_spec(lengthened(spec, problem.field, limit))
                        after.append(set())
                    except SpecError as again:
                        after.append({(one.field, one.message.id) for one in again.problems})
                with self.subTest(form=spec["form"], said=said, size=spec["size"], rounding=spec["rounding"]):
                    # Of a range either end may do; what is wrong beside it is told when this is mended.
                    self.assertTrue(any((problem.field, said.id) not in one for one in after))
                tried.add(said.id)
        self.assertGreater(len(tried), 6)


if __name__ == "__main__":
    unittest.main()
