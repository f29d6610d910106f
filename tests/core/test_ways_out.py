"""What a check offers: its button removes the cause and makes nothing worse. And what a form asks: every choice makes a difference."""

import itertools
import json
import unittest

from hypothesis import given
from hypothesis import strategies as st

from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.pattern import SpecError
from eggtuck.core.pattern.document import draft_document
from tests import ALL, tries
from tests.makes import LAYERS, checks_told, crossed, draft_of, makes, mended, odd_makes, said_of

ORDER = ("ok", "note", "warn", "stop")


def told_elsewhere(spec, fix, check):
    """Whether a check is about a size the maker told, which no longer goes with what a button changed: it is told there, with a button."""
    if (
        check["id"].startswith("part.")
        and check["id"].endswith(".over")
        and any(f.startswith("parts.") for f in fix["set"])
    ):
        # What has room now is hung over by what hangs there.
        return True
    if check["id"].startswith("part.") and len(spec.get("parts", ())) > 1:
        # Where one of several lies otherwise, or the edges are sewn otherwise, another may have no room, and is told so with its own ways out.
        own = {f"parts.{int(check['id'].split('.')[1].rpartition('-')[2]) - 1}"}
        if not any(field.rpartition(".")[0] in own for field in fix["set"]):
            return True
    told = {f"{group}.{name}" for group in ("size", "allowance", "options") for name in spec.get(group) or {}}
    layered = any(field.startswith("layers.") for field in fix["set"]) and check["id"].startswith("fit.")
    if check["id"] == "gap" and "size.gap" in told:
        return True
    if check["id"] == "curve" and "shape" in spec and any(field.startswith("layers.") for field in fix["set"]):
        # The same outline has a sharper curve inside what is thicker.
        return True
    return bool(told) and check["fix"] is not None and (layered or bool(told & set(check["fix"]["set"])))


class Fixes(unittest.TestCase):
    def test_a_button_removes_its_cause_and_makes_nothing_worse(self):
        """Once for each button of each form, on makes with one size, ease or allowance out of the ordinary."""
        pressed = set()
        for name, spec in (*makes(), *odd_makes(3 if ALL else 8)):
            buttons = {(spec["form"], c.id, c.verdict, c.title.id) for c in draft_of(spec).checks if c.fix is not None}
            if buttons <= pressed:
                continue
            before = {check["id"]: check for check in said_of(spec)["checks"]}
            for key in buttons - pressed:
                pressed.add(key)
                id = key[1]
                check = before[id]
                with self.subTest(make=name, check=id, fix=check["fix"]["set"]):
                    changed = mended(spec, check["fix"])
                    self.assertNotEqual(changed, spec)
                    changed_checks = {c["id"]: c for c in said_of(changed)["checks"]}
                    after = {id: c["verdict"] for id, c in changed_checks.items()}
                    # A stop may leave something to note; nothing else is left.
                    left = ("ok", "note") if check["verdict"] == "stop" else ("ok",)
                    self.assertIn(after.get(id, "ok"), left)
                    for other, verdict in after.items():
                        was = before[other]["verdict"] if other in before else "ok"
                        # A cloth that a button leaves nothing to cut of is told with a button of its own.
                        if other.startswith("layers.unused") or told_elsewhere(
                            spec, check["fix"], changed_checks[other]
                        ):
                            continue
                        if verdict in ("warn", "stop"):
                            self.assertLessEqual(ORDER.index(verdict), ORDER.index(was), other)
        self.assertGreater(len(pressed), 60)

    def test_what_a_button_adds_fits_what_was_chosen_before(self):
        """Every two choices of every form, in one cloth: a lining that is offered can be sewn in."""
        lined = set()
        for form in CATALOGUE.values():
            for options in crossed(form):
                spec = {**starting_spec(form, Ruler("cm"), None), "layers": LAYERS["outer"], "options": options}
                try:
                    checks = checks_told(draft_of(spec))
                except SpecError:
                    continue
                for check in checks:
                    if check["fix"] is None or "layers.lining" not in check["fix"]["set"]:
                        continue
                    with self.subTest(form.id, options=options):
                        after = checks_told(draft_of(mended(spec, check["fix"])))
                        self.assertNotIn(check["id"], {c["id"] for c in after if c["verdict"] == "warn"})
                        lined.add(form.id)
        self.assertGreater(len(lined), 1)

    def test_another_place_for_a_gap_is_offered_where_it_is_long_enough_there(self):
        """Bags low and high, wide and narrow: with the button the gap is as long as turning takes."""
        offered = withheld = 0
        for girth, wall in itertools.product(range(160, 640, 60), range(40, 260, 40)):
            spec = {**starting_spec(CATALOGUE["boxed-bag"], Ruler("mm"), None), "layers": LAYERS["padded"]}
            spec |= {"size": {"girth": f"{girth} mm", "wall_height": f"{wall} mm"}}
            try:
                found = next(check for check in checks_told(draft_of(spec)) if check["id"] == "gap")
            except SpecError:
                continue
            if found["verdict"] == "ok" or found["fix"] is None:
                withheld += found["verdict"] != "ok"
                continue
            offered += 1
            after = next(c for c in checks_told(draft_of(mended(spec, found["fix"]))) if c["id"] == "gap")
            self.assertEqual(after["verdict"], "ok", (girth, wall, found["fix"]["set"]))
        self.assertGreater(min(offered, withheld), 2)


class Proposals(unittest.TestCase):
    @given(st.sampled_from(sorted(CATALOGUE)), st.data())
    @tries(400)
    def test_what_is_proposed_for_a_thing_is_nothing_to_warn_of(self, id, data):
        """Of any size, on any ruler, in any layers; but that a lining made smaller no longer fits its rim is the maker's own choice."""
        form = CATALOGUE[id]
        kind = data.draw(st.sampled_from(sorted(set(form.objects) & set(THINGS)) or [""]))
        if not kind:
            return
        thing = {"kind": kind, **{name: data.draw(st.floats(*span)) for name, span in THINGS[kind].items()}}
        if kind == "bowl":
            thing |= {"base_diameter": thing["rim_diameter"] * 0.6, "depth": thing["rim_diameter"] * 0.35}
        options = {
            o.id: data.draw(st.sampled_from(o.choices)) for o in form.options if data.draw(st.integers(0, 3)) == 0
        }
        options.pop("lining", None)
        told = {"form": id, "unit": "mm", "object": thing, "options": options, "allowance": {"default": "10 mm"}}
        told["layers"] = LAYERS[data.draw(st.sampled_from(("outer", "lined", "padded")))]
        try:
            document = draft_document(
                draft_spec({**told, "rounding": data.draw(st.sampled_from(("none", "1 mm", "1/8 in")))})
            )
        except SpecError:
            # Allowances meet across a thing so small.
            return
        # What is said of the choice of cloths and of harm is not about a size.
        about = [
            c
            for c in document["checks"]
            if not c["id"].startswith(("layers", "caution", "cloth", "habits", "box.square"))
        ]
        corner = options.get("corner") == "square"
        found = [c["id"] for c in about if c["verdict"] in ("warn", "stop") and not (corner and "box-" in c["id"])]
        self.assertEqual(found, [])


# What is measured on each kind of thing, from small to large (mm).
THINGS = {
    "carton": {"width": (20, 160), "depth": (15, 120), "height": (10, 190)},
    "ball": {"diameter": (30, 160)},
    "bottle": {"girth": (120, 420), "height": (120, 350)},
    "jar": {"girth": (120, 420), "height": (60, 200)},
    "can": {"girth": (120, 420), "height": (60, 200)},
    "mug": {"girth": (150, 420), "height": (60, 130)},
    "bowl": {"rim_diameter": (100, 350)},
    "book": {"board_width": (80, 250), "board_height": (100, 320), "spine": (3, 50)},
    "rod": {"girth": (40, 150), "length": (80, 250)},
}


class Choices(unittest.TestCase):
    def test_every_choice_that_is_asked_makes_a_difference_or_is_said_not_to(self):
        differs: dict[tuple[str, str, str], bool] = {}
        for _, spec in makes():
            if spec["rounding"] != "1 mm":
                continue
            form, document = CATALOGUE[spec["form"]], said_of(spec)
            chosen = document["spec"]["options"]
            for option in form.options:
                asked = all(chosen.get(field.split(".")[1]) in values for field, values in option.when.items())
                if not asked or option.id in document["idle"]:
                    continue
                open_yet = [c for c in option.choices[1:] if not differs.get((form.id, option.id, c))]
                first = made(spec, option.id, option.choices[0]) if open_yet else None
                for choice in open_yet:
                    differs[form.id, option.id, choice] = made(spec, option.id, choice) != first
        self.assertEqual([key for key, found in differs.items() if not found], [])
        self.assertGreater(len(differs), 60)


def made(spec, option, choice):
    """What is cut, sewn, bought and told with an option chosen; None where it is refused."""
    try:
        document = said_of({**spec, "options": {**spec["options"], option: choice}})
    except SpecError:
        return None
    keys = ("pieces", "seams", "steps", "needs", "checks", "gaps")
    return json.dumps([document[key] for key in keys], default=str)


if __name__ == "__main__":
    unittest.main()
