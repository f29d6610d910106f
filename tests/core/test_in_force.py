"""What is entered is in force: each length that is asked makes a difference, one that follows from others says so, and what is assumed is told
by name."""

from __future__ import annotations

import random
import unittest

from eggtuck.core.drafting.layers import BACKING_CHOICES
from eggtuck.core.drafting.parts import PARTS
from eggtuck.core.forms import CATALOGUE, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.pattern import SpecError
from tests import share
from tests.makes import draft_of, makes, said_of, with_field

# Tried one after the other, as some are out of range (mm).
MORE = (2.0, 4.0)
FACTORS = (1.15, 0.85, 1.4)
# Sizes that are solved for several at once, and what is to come out alike.
RATHER = {"size.blank": "girth"}
SEED = 20261129
# One in so many makes.
EACH = 16


def but_asking(spec):
    """All that is said of a make but what it was asked, and how its allowances are judged. Raises `SpecError`."""
    said = said_of(spec)
    checks = [check for check in said["checks"] if not check["id"].startswith("allowance.")]
    return {**said, "inputs": [], "spec": {}, "checks": checks}


def differs(spec, field, texts):
    """Whether any of these entries changes anything; None where none of them can be drafted."""
    found = None
    for text in texts:
        try:
            found = bool(found) or but_asking(with_field(spec, field, text)) != but_asking(spec)
        except SpecError:
            continue
    return found


def allowances(draft):
    return {s.field.removeprefix("allowance."): s for s in draft.inputs if s.field.startswith("allowance.")}


def without(spec, fields):
    for field in fields:
        group, _, name = field.partition(".")
        spec = {**spec, group: {key: text for key, text in spec.get(group, {}).items() if key != name}}
    return spec


def overruled():
    """Makes for a thing whose ease or headroom follows from what was told instead: each size alone, and all together."""
    with_thing = [(name, spec) for name, spec in makes() if spec.get("object") and spec["rounding"] == "none"]
    for name, spec in share(with_thing, EACH // 2):
        sizes = {
            s.field: f"{s.value * 1.04:.2f} mm"
            for s in draft_of(spec).inputs
            if s.field.startswith("size.") and s.of == "length"
        }
        together = spec
        for field, text in sizes.items():
            together = with_field(together, field, text)
        for told in (*(with_field(spec, field, text) for field, text in sizes.items()), together):
            try:
                states = draft_of(told).inputs
            except SpecError:
                continue
            yield from ((name, told, state) for state in states if state.instead)


class Sizes(unittest.TestCase):
    def entries(self, state):
        """Other values for an input, as they are typed."""
        if state.of == "count":
            return [str(int(state.value) + more) for more in (2, -2)]
        unit = "ml" if state.of == "volume" else "mm"
        return [f"{state.value * factor or 5.0:.1f} {unit}" for factor in FACTORS]

    def test_each_that_is_asked_makes_a_difference_and_one_that_follows_does_when_what_it_follows_is_let_go_of(self):
        for name, spec in share(makes(), EACH):
            for state in draft_of(spec).inputs:
                if state.field.startswith(("size.", "ease.")) and not state.instead:
                    with self.subTest(name, field=state.field):
                        self.assertIsNot(differs(spec, state.field, self.entries(state)), False)
        followed = set()
        for name, spec, state in overruled():
            followed.add((spec["form"], state.field))
            free = without(spec, [field for field, _ in state.instead])
            with self.subTest(name, field=state.field):
                self.assertFalse(differs(spec, state.field, self.entries(state)))
                self.assertIsNot(differs(free, state.field, self.entries(state)), False)
        self.assertGreaterEqual(len(followed), 8)

    def test_what_follows_told_instead_of_what_it_follows_gives_the_same_make(self):
        tried = 0
        for name, spec, state in overruled():
            told = [field for field, _ in state.instead]
            tried += 1
            again = with_field(without(spec, told), state.field, f"{state.value:.6f} mm")
            sizes, followed = ({one.field: one.value for one in draft_of(each).inputs} for each in (spec, again))
            with self.subTest(name, field=state.field):
                self.assertAlmostEqual(followed[state.field], state.value, 4)
                if told[0] in RATHER:
                    size = RATHER[told[0]]
                    self.assertAlmostEqual(draft_of(again).finished[size], draft_of(spec).finished[size], 4)
                else:
                    self.assertAlmostEqual(followed[told[0]], sizes[told[0]], 4)
        self.assertGreater(tried, 0)


class Allowances(unittest.TestCase):
    def test_each_that_is_asked_makes_a_difference_and_of_the_others_none_does(self):
        for name, spec in share(makes(), EACH):
            asked = allowances(draft_of(spec))
            for key in CATALOGUE[spec["form"]].allowances:
                mm = asked[key].value if key in asked else 10.0
                with self.subTest(name, key=key):
                    found = differs(spec, f"allowance.{key}", [f"{mm + more} mm" for more in MORE])
                    self.assertIn(found, (None, key in asked))

    def test_the_default_is_asked_where_anything_follows_it(self):
        for name, spec in share(makes(), EACH):
            bare = {**spec, "allowance": {}, "parts": []}
            try:
                asked = allowances(draft_of(bare))
            except SpecError:
                continue
            mm = asked["default"].value if asked else 10.0
            with self.subTest(name):
                found = differs(bare, "allowance.default", [f"{mm + more} mm" for more in MORE])
                self.assertIn(found, (None, "default" in asked))


class Backings(unittest.TestCase):
    """Of what lies on a cloth."""

    def asked(self, backing):
        if all(row["rule"] == "none" for row in backing["pieces"]):
            return {"cut"}
        asked = {"on"} if backing["either"] else set()
        asked |= {"in_seams"} if backing["caught"] else set()
        return asked | {"cut", "held"} | ({"steam"} if backing["held"] == "fused" else set())

    def with_layer(self, spec, index, **changes):
        layers = [{**layer, **changes} if i == index else layer for i, layer in enumerate(spec["layers"])]
        return {**spec, "layers": layers}

    def without_backings(self, spec):
        return {**but_asking(spec), "backings": []}

    def test_each_choice_that_is_asked_makes_a_difference_and_of_two_cloths_that_are_one_none_does(self):
        asked = set()
        padded = [
            (name, spec) for name, spec in makes() if {"padding", "interfacing"} & {x["role"] for x in spec["layers"]}
        ]
        for name, spec in share(padded, EACH // 2):
            for backing in said_of(spec)["backings"]:
                now = {**backing, "cut": backing["rule"], "steam": "steam" if backing["steam"] else "dry"}
                # What a form cuts in its own way is warned of, whichever other rule is chosen.
                fixed = {"cut"} if any(row["rule"] not in ("none", now["cut"]) for row in backing["pieces"]) else set()
                for field in ("on", *sorted(self.asked(backing) - {"on"} - fixed)):
                    for choice in BACKING_CHOICES[field]:
                        if choice == now[field]:
                            continue
                        other = self.with_layer(spec, backing["layer"], **{field: choice, "high": "6 cm"})
                        plain = self.with_layer(spec, backing["layer"], high="6 cm")
                        with self.subTest(name, role=backing["role"], field=field, choice=choice):
                            try:
                                moved = self.without_backings(other) != self.without_backings(plain)
                            except SpecError:
                                continue
                            if field in self.asked(backing) or any(x["role"] == "lining" for x in spec["layers"]):
                                asked.add(field)
                                self.assertEqual(moved, field in self.asked(backing))
        self.assertEqual(asked, set(BACKING_CHOICES))


class Parts(unittest.TestCase):
    def test_each_length_that_is_asked_makes_a_difference(self):
        chance, asked = random.Random(SEED), set()
        every = [(name, spec, kind) for name, spec in makes() for kind in PARTS.values()]
        for name, spec, kind in share(every, 6 * EACH):
            part = {"kind": kind.id, **{choice: chance.choice(choices) for choice, choices in kind.choices.items()}}
            spec = {**spec, "parts": [part]}
            try:
                draft = draft_of(spec)
            except SpecError:
                continue
            if any(check.verdict == "warn" and check.id.endswith(".place") for check in draft.checks):
                # It is told to lie where there is room, and nowhere was any found.
                continue
            for state in draft.inputs:
                if not state.field.startswith("parts."):
                    continue
                field = state.field.rpartition(".")[2]
                asked.add(field)
                texts = [f"{max(state.value, 4.0) * factor:.1f} mm" for factor in (*FACTORS, 0.6)]
                if state.of == "count":
                    texts = [str(int(state.value) + more) for more in (1, -1)]
                with self.subTest(name, part=part, field=field):
                    told = (self.with_length(spec, field, text) for text in texts)
                    self.assertIsNot(self.differ(spec, told), False)
        self.assertGreater(len(asked), 10)

    def with_length(self, spec, field, text):
        return {**spec, "parts": [{**spec["parts"][0], field: text}]}

    def differ(self, spec, others):
        found = None
        for other in others:
            try:
                found = bool(found) or but_asking(other) != but_asking(spec)
            except SpecError:
                continue
        return found


class Assumed(unittest.TestCase):
    def note(self, spec):
        return {check.id: check for check in draft_of(spec).checks}.get("allowance.assumed")

    def test_what_is_assumed_is_told_by_name_and_what_was_told_is_not(self):
        for name, spec in share(makes(), 4):
            kinds = {key for key in allowances(draft_of(spec)) if key != "default"}
            # A lining's own follow the outer's until they are told.
            kinds = {key for key in kinds if not key.startswith("lining-") or key in spec.get("allowance", {})}
            note, assumed = self.note(spec), kinds - set(spec.get("allowance", {}))
            with self.subTest(name):
                if "default" in spec.get("allowance", {}):
                    self.assertIsNone(note)
                elif note is None:
                    self.assertEqual(assumed, set())
                else:
                    named = {message.id.removeprefix("input.allowance.") for message in note.message.params["edges"]}
                    self.assertEqual(named - {"else"}, assumed)
                    self.assertEqual(note.message.id.endswith("-some.text"), assumed != kinds)

    def test_told_one_by_one_nothing_is_assumed_but_what_else_is_sewn(self):
        for form in CATALOGUE.values():
            start = starting_spec(form, Ruler("cm"), None)
            told = {**start, "allowance": dict.fromkeys(form.allowances, "1 cm")}
            self.assertIsNone(self.note(told), form.id)
            for made, named in (("turned", ["input.allowance.else"]), ("four-fold", None)):
                try:
                    note = self.note({**told, "parts": [{"kind": "strap", "make": made}]})
                except SpecError:
                    # Nothing is carried by a strap here.
                    continue
                with self.subTest(form.id, made=made):
                    self.assertEqual(note and [message.id for message in note.message.params["edges"]], named)


if __name__ == "__main__":
    unittest.main()
