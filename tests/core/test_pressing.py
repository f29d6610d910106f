"""Nothing is ironed that must not be, and what holds layers is called by its name, whatever the cloths of a make."""

import itertools
import re
import unittest
from functools import cache

from eggtuck.core.drafting.parts import PARTS
from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.materials import MATERIALS
from eggtuck.core.pattern import SpecError
from tests import share
from tests.makes import LAYERS, makes, said_of, told


def begun(form, cloth):
    """A make of one cloth, as it is begun."""
    return {**starting_spec(CATALOGUE[form], Ruler("cm"), None), "layers": [{"material": cloth, "role": "outer"}]}


# What presses or creases, in whichever words; a press fastener does neither.
_PRESSES = re.compile(r"\b([Pp]ress(?! fasten)|[Ff]inger-press|[Cc]rease)\b")
_IRONS = re.compile(r"\b[Ii]ron(?:ed)?\b")
_WITHOUT = re.compile(r"No iron|Without an iron|never iron over it|under the iron")
STACKS = {
    "bare": {"outer": "linen"},
    "hot": {"outer": "linen", "lining": "calico", "interfacing": "woven-interfacing", "padding": "cotton-batting"},
    "cool lining": {"outer": "linen", "lining": "polyester-lining"},
    "no iron outside": {"outer": "oilcloth", "lining": "quilting-cotton"},
    "no iron inside": {"outer": "canvas", "lining": "waxed-cotton", "padding": "foil-insulation"},
    "sheet": {"outer": "leather-like-sheet"},
    "no iron at all": {"outer": "waxed-cotton", "lining": "oilcloth", "padding": "foil-insulation"},
}


def made(form, stack, **more):
    layers = [{"material": material, "role": role} for role, material in stack.items()]
    return told(draft_spec({**starting_spec(CATALOGUE[form], Ruler("cm"), None), "layers": layers, **more}))


@cache
def every():
    """Each form in each stack, and each part on one of the forms that take it; every day each form in a third of the stacks."""
    return tuple(_every())


def _every():
    for nth, (name, stack) in enumerate(STACKS.items()):
        for form in share(CATALOGUE, 3, nth):
            try:
                yield f"{form} {name}", stack, made(form, stack)
            except SpecError:
                continue
        for kind, form in share(zip(PARTS, list(CATALOGUE) * 2, strict=False), 3, nth):
            try:
                yield f"{kind} on {form} {name}", stack, made(form, stack, parts=[{"kind": kind}])
            except SpecError:
                continue


def words(step):
    return [step["title"], *(line["text"] for line in step["lines"]), *step["short"]]


class Pressing(unittest.TestCase):
    def test_no_step_irons_what_must_not_be_ironed(self):
        seen = {True: 0, False: 0}
        for name, stack, document in every():
            pieces = {piece["id"]: piece for piece in document["pieces"]}
            for step in document["steps"]:
                roles = {
                    cut["role"]
                    for thing in step["things"]
                    for cut in pieces[thing["piece"]]["cuts"]
                    if thing["layer"] in (cut["role"] if cut["on"] is None else cut["on"], None)
                } or set(stack)
                never = any(MATERIALS[stack[role]].iron == "never" for role in roles if role in stack)
                text = " ".join(words(step))
                if step["id"] == "press-cloth" or step["kind"] == "mark" or not _PRESSES.search(text):
                    continue
                with self.subTest(f"{name} {step['id']}"):
                    seen[never] += 1
                    pressed = [line["text"] for line in step["lines"] if line["part"] == "press"]
                    told = any(text.startswith("No iron: ") for text in pressed)
                    self.assertEqual(told, never, words(step))
                    hot = re.search(
                        r"\b[Pp]ress(?! fasten)\b", text.replace("Finger-press", "").replace("finger-press", "")
                    )
                    if never:
                        self.assertIsNone(hot, words(step))
                        self.assertFalse(_IRONS.search(_WITHOUT.sub("", text)), words(step))
                        self.assertNotIn("iron burns", step["caution"] or "")
                    else:
                        self.assertNotIn("inger-press", text)
        self.assertGreater(min(seen.values()), 100)

    def test_where_one_layer_needs_a_cool_iron_it_is_told(self):
        for form in CATALOGUE:
            document = made(form, STACKS["cool lining"])
            if any(cut["role"] == "lining" for piece in document["pieces"] for cut in piece["cuts"]):
                cool = [step["id"] for step in document["steps"] if "Cool iron" in " ".join(words(step))]
                irons = [
                    s for s in document["steps"] if s["kind"] == "press" or "press" in {p["part"] for p in s["lines"]}
                ]
                self.assertEqual(bool(cool), bool(irons), form)

    def test_each_cloth_is_flattened_in_one_way(self):
        for name, stack in STACKS.items():
            step = next(step for step in made("boxed-bag", stack)["steps"] if step["id"] == "press-cloth")
            for role in ("outer", "lining"):
                if role not in stack:
                    continue
                material = MATERIALS[stack[role]]
                said = material.id.replace("-", " ").replace("leather like", "leather-like")
                lines = [line["text"] for line in step["lines"] if said in line["text"]]
                heats = [text for text in lines if re.search(r"\biron\b", text)]
                self.assertEqual(len(heats), 1, (name, lines))
                self.assertEqual("Without an iron" in heats[0], material.iron == "never", (name, lines))
                washed = any("wash first: " in text for text in lines)
                self.assertEqual(washed, material.kind == "woven" and material.iron != "never", (name, lines))

    def test_what_holds_is_what_is_counted(self):
        for name, _stack, document in every():
            text = {step["id"]: " ".join([*words(step), step["check"] or ""]) for step in document["steps"]}
            held = "clips" if "with clips" in text["set-up"] else "pins"
            other = {"clips": "pins", "pins": "clips"}[held]
            for id, said in text.items():
                if id in ("ends", "close-gap"):
                    self.assertIn(held, said, f"{name} {id}")
                if id != "set-up":
                    self.assertNotRegex(said, rf"\b{other}\b", f"{name} {id}")
                    self.assertNotRegex(said, r"\b[Pp]in(ned)? (its|it|them|to)\b", f"{name} {id}")


class Guarded(unittest.TestCase):
    def test_where_no_iron_is_used_nothing_is_kept_from_it(self):
        """A figure on a sheet, of which every step says that no iron comes near: none says how to iron round it."""
        guarded = set()
        for form, layers in share(itertools.product(CATALOGUE, ("lined", "sheet")), 2):
            spec = {**starting_spec(CATALOGUE[form], Ruler("mm"), None), "layers": LAYERS[layers]}
            try:
                steps = draft_spec({**spec, "parts": [{"kind": "motif", "work": "foil"}]}).steps
            except SpecError:
                continue
            for step in steps:
                ids = {line.text.id for line in step.lines}
                if any(id.startswith("surface.guard") for id in ids):
                    guarded.add(layers)
                    with self.subTest(form, layers=layers, step=step.id):
                        self.assertFalse([id for id in ids if id.startswith("heat.never")])
        self.assertIn("lined", guarded)


class TakenOut(unittest.TestCase):
    """What a pen that washes out has drawn where it is seen is out before the last pressing sets it."""

    def test_what_is_drawn_on_the_right_side_is_washed_out_before_it_is_ironed_over(self):
        drawn = free = 0
        for name, spec in share(makes(), 2):
            steps = said_of(spec)["steps"]
            seen = any("Try the pen that washes out" in line["text"] for step in steps for line in step["lines"])
            last = [
                step
                for step in steps
                if step["kind"] == "press" and step["id"].startswith("press-") and step["id"] != "press-cloth"
            ]
            with self.subTest(name):
                for step in last[-1:]:
                    said = " ".join(line["text"] for line in step["lines"])
                    self.assertEqual(said.startswith("Dab out with cold water"), seen)
                    # Where no iron comes near there is none to be warned of.
                    if seen:
                        self.assertEqual("before any iron comes near" in said, _WITHOUT.search(said) is None)
                    drawn, free = drawn + seen, free + (not seen)
                # Said once, whatever it has drawn on both sides.
                for step in steps:
                    told = [
                        line["text"]
                        for line in step["lines"]
                        if "washes out" in line["text"] and "ever iron" in line["text"]
                    ]
                    self.assertLessEqual(len(told), 1, told)
        self.assertGreater(min(drawn, free), 20)

    def test_before_a_gap_is_closed_what_held_it_is_out(self):
        """By hand, by machine, or by the topstitching that runs over it: afterwards nobody gets in again."""
        out = re.compile(r"(Count the (pins|clips) first|Pull every basting thread out first): none may stay inside\.")
        seen = set()
        for name, spec in share(makes(), 2):
            for step in said_of(spec)["steps"]:
                said = " ".join(line["text"] for line in step["lines"])
                with self.subTest(name, step=step["id"]):
                    self.assertEqual(bool(out.search(said)), step["closes"])
                    if step["closes"]:
                        self.assertIn("roll in along their creases", said)
                        seen.add(step["id"])
        self.assertLessEqual({"close-gap", "wrap-topstitch", "cover-topstitch", "bowl-topstitch"}, seen)

    def test_what_is_basted_across_a_cloth_is_pulled_out(self):
        """Inside an allowance, or under a binding, nobody sees it; across quilted layers and round a motif it stays to be seen."""
        across = re.compile(r", baste, and|Smooth outward and baste|\bBaste it to\b")
        out = re.compile(r"\b[Pp]ull (the basting|every basting thread) out|pull out every basting thread")
        quilted = [*LAYERS["padded"][:2], {"role": "padding", "material": "cotton-batting", "held": "quilted"}]
        lace = {"kind": "motif", "work": "lace"}
        more = [
            ({**starting_spec(form, Ruler("cm"), None), "layers": quilted, "parts": [lace]})
            for form in CATALOGUE.values()
        ]
        seen = set()
        for spec in (*(spec for _, spec in share(makes(), 3)), *more):
            try:
                steps = said_of(spec)["steps"]
            except SpecError:
                continue
            said = [" ".join(line["text"] for line in step["lines"]) for step in steps]
            for nth, text in enumerate(said):
                if across.search(text):
                    seen.add(across.search(text)[0])
                    with self.subTest(spec["form"], step=steps[nth]["id"]):
                        self.assertTrue(any(out.search(later) for later in said[nth : nth + 2]))
        self.assertEqual(len(seen), 3, seen)

    def test_what_is_marked_with_is_taken_off_when_all_is_sewn(self):
        """Whatever the iron does not take off and no seam hides: threads, strips of paper, chalk on a side that is seen."""
        marked = {
            "Pull out every marking stitch": ("loose stitch of thread", "tailor's tacks", "with loose stitches"),
            "Peel off all": ("stuck-on strip of paper",),
            "Brush off": ("chalk that brushes off",),
        }
        found = dict.fromkeys(marked, 0)
        waxed = [(form.id, begun(form.id, "waxed-cotton")) for form in CATALOGUE.values()]
        for name, spec in (*waxed, *share(makes(), 2, turn=1)):
            steps = said_of(spec)["steps"]
            said = [line["text"] for step in steps for line in step["lines"]]
            (ends,) = (step for step in steps if step["id"] == "ends")
            with self.subTest(name):
                for off, words in marked.items():
                    left = any(word in text for text in said for word in words)
                    self.assertEqual(any(line["text"].startswith(off) for line in ends["lines"]), left, off)
                    found[off] += left
        self.assertGreater(min(found.values()), 3, found)

    def test_a_fold_is_creased_where_a_crease_holds_and_may_stay(self):
        loose = {"terry", "fleece", "wool-felt", "craft-felt", "stretch-sheet"}
        kept = {"leather-like-sheet", "oilcloth", "waxed-cotton", "cork-sheet"}
        self.assertLessEqual(loose | kept, set(MATERIALS))
        cloths = [m.id for m in MATERIALS.values() if m.kind in ("woven", "knit", "sheet")]
        found = {}
        for form, cloth in itertools.product(("neck-bag", "gusset-bag", "sleeve", "book-cover"), cloths):
            spec = begun(form, cloth)
            said = [line["text"] for step in said_of(spec)["steps"] if step["id"] == "mark" for line in step["lines"]]
            how = {
                "basted": any(text.startswith("Baste along each fold") for text in said),
                "open": any("without creasing" in text for text in said),
                "creased": any(text.startswith("Fold and crease") for text in said),
            }
            # A middle is no fold in the end: a crease in it would be seen for good.
            middle = any(": middle: in the middle" in text for text in said)
            want = "basted" if cloth in loose else "open" if cloth in kept and middle else "creased"
            with self.subTest(form, cloth=cloth):
                self.assertEqual([way for way, is_told in how.items() if is_told], [want])
            found[want] = found.get(want, 0) + 1
        self.assertEqual(len(found), 3, found)
