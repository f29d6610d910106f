"""What is bought, in what order it is cut, and what is read of a pile: every sum told is the sum done."""

import io
import math
import unittest
from functools import cache

import ezdxf
import pdfplumber
import shapely
from hypothesis import given
from hypothesis import strategies as st
from svgelements import SVG, Path

from eggtuck.core.cutting.document import TableWriter, left_over
from eggtuck.core.cutting.notions import NOTIONS, kind_of, notion_key, notion_kind, size_in, size_of, told_by
from eggtuck.core.cutting.piling import read_piled, read_price, traced
from eggtuck.core.cutting.plan import HouseRound, cut_plans, first_uses, late_cuts
from eggtuck.core.cutting.shopping import Priced, Scoop, Stocked, Wanted, from_pile, shopping
from eggtuck.core.cutting.table import Make, Piled, Wish, cloths_of, laid
from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.making.rounds import round_lines_of
from eggtuck.core.pattern import SpecError
from eggtuck.core.words import Speaker, msg
from eggtuck.files.lays import lay_dxf, lay_pdf, lay_svg
from tests import share, tries
from tests.makes import LAYERS, draft_of, makes, told

CM = Ruler("cm")


@cache
def drafted(form, layers, ruler):
    return draft_spec({**starting_spec(CATALOGUE[form], ruler, None), "layers": LAYERS[layers]})


def made(form, layers="padded", count=1, ruler=CM):
    return Make(form, form, count, drafted(form, layers, ruler))


# Laid once, however often it is asked for.
LAID = {}


def table(made_of, wishes=None, pile=(), ruler=CM):
    key = [(make.name, make.count, id(make.draft)) for make in made_of], wishes, pile, ruler.unit
    if repr(key) not in LAID:
        cloths = cloths_of(made_of, wishes or {}, {one.id: one for one in pile}, ruler)
        LAID[repr(key)] = [(cloth, laid(cloth, [])[0]) for cloth in cloths]
    return LAID[repr(key)]


def bought(made_of, wishes=None, pile=(), stocked=(), priced=None, ruler=CM, scoops=()):
    there = table(made_of, wishes, pile, ruler)
    found = shopping(made_of, there, {one.id: one for one in pile}, stocked, priced or {}, ruler, scoops)
    return {row.id: row for row in found}, there


def choices(form, option):
    return next((one.choices for one in form.options if one.id == option), ())


class Buying(unittest.TestCase):
    def test_of_one_make_everything_it_needs_is_on_the_list_and_nothing_else(self):
        for form in CATALOGUE:
            one = made(form)
            rows, _ = bought([one])
            cloths = {need.role for need in one.draft.needs if need.width is not None}
            self.assertEqual({row.role for row in rows.values() if row.width is not None}, cloths)
            keys = {notion_key(kind_of(need), size_of(need)) for need in one.draft.needs if need.width is None}
            filled = {key for key in rows if key.startswith("notion filling:")}
            self.assertEqual({f"notion {key}" for key in keys}, {key for key in rows if key.startswith("notion ")})
            self.assertEqual(bool(filled), "fill_grams" in one.draft.finished)

    def test_what_a_make_says_to_buy_is_what_its_shopping_list_says(self):
        """Ribbon, cord, elastic, tape, piping and thread come in so much at a time, whoever tells it."""
        seen = set()
        for _, spec in share(makes(), 4):
            draft = draft_of(spec)
            rows, _ = bought([Make("one", "one", 1, draft)], ruler=draft.ruler)
            by_key = {}
            for need in draft.needs:
                if need.width is None and told_by(need) == "length":
                    by_key.setdefault(notion_key(kind_of(need), size_of(need)), []).append(need)
            for key, needs in by_key.items():
                row = rows[f"notion {key}"]
                seen.add(row.role)
                if len(needs) == 1:
                    self.assertAlmostEqual(needs[0].buy, row.buy, places=3, msg=(spec["form"], key))
                else:
                    # Of two of a kind the list adds up first.
                    self.assertGreaterEqual(sum(need.buy for need in needs), row.buy - 1e-3)
        self.assertGreater(len(seen), 4)

    def test_what_is_sold_by_its_length_is_told_by_its_width(self):
        """Nobody can buy half a metre of elastic without knowing which."""
        seen = set()
        strapped = {**self.PLAIN, "parts": [{"kind": "strap", "make": "on-webbing"}]}
        for name, spec in (*makes(), ("strapped", strapped)):
            draft = draft_of(spec)
            for need in draft.needs:
                if need.width is None and told_by(need) == "length" and need.role != "thread":
                    self.assertGreater(need.wide or 0.0, 0.0, (name, need.id))
                    self.assertIn(draft.ruler.write(need.wide), Speaker(draft.ruler).say(need.note), (name, need.id))
                    seen.add(need.role)
        sized = {kind for kind, (told_as, in_sizes) in NOTIONS.items() if told_as == "length" and in_sizes}
        self.assertEqual(seen, sized)

    def test_what_differs_in_width_is_bought_apart_and_told_all_it_must_be(self):
        def carrying(kind, name, **size):
            return Make(name, name, 2, draft_spec({**self.PLAIN, "parts": [{"kind": kind, **size}]}))

        for kind, field in (("ribbon", "width"), ("elastic", "width"), ("hook-and-loop", "width"), ("piping", "cord")):
            makes_of = [carrying(kind, f"{i}", **{field: wide}) for i, wide in enumerate(("1 cm", "1.2 cm", "1 cm"))]
            rows, _ = bought(makes_of)
            found = {row.size: row for row in rows.values() if row.role == kind}
            self.assertEqual(set(found), {10.0, 12.0}, kind)
            each = {make.key: sum(n.exact for n in make.draft.needs if n.role == kind) for make in makes_of}
            self.assertAlmostEqual(found[10.0].exact, 2 * (each["0"] + each["2"]))
            self.assertAlmostEqual(found[12.0].exact, 2 * each["1"])
            # Of the pile only what is as wide; and, told so, what nobody has measured.
            lying = Stocked("a", "a", notion_key(kind, 12.0), 1e6), Stocked("b", "b", kind, 1e6)
            rows, _ = bought(makes_of, stocked=lying[:1])
            self.assertEqual(
                {row.size: bool(row.buy) for row in rows.values() if row.role == kind}, {10: True, 12: False}
            )
            rows, _ = bought(makes_of, stocked=lying)
            for row in rows.values():
                if row.role == kind:
                    self.assertEqual((row.buy, set(row.takes)), (0.0, {"a" if row.size == 12.0 else "b"}))
                    self.assertEqual(any(note.id == "shopping.unmeasured" for note in row.notes), row.size == 10.0)
            # A price told when widths were not asked still stands.
            rows, _ = bought(makes_of, priced={kind: Priced(3.0)})
            self.assertEqual({row.price for row in rows.values() if row.role == kind}, {3.0})

    PLAIN = starting_spec(CATALOGUE["boxed-bag"], CM, None)

    def test_two_zips_of_one_length_are_told_what_each_must_be(self):
        form = CATALOGUE["wedge"]
        makes_of = []
        for way in ("long-tape", "fabric-tabs"):
            spec = starting_spec(form, CM, None)
            spec = {**spec, "size": {**spec.get("size", {}), "zip_length": "40 cm"}}
            makes_of.append(
                Make(way, way, 1, draft_spec({**spec, "options": {**spec.get("options", {}), "zip_ends": way}}))
            )
        notes = [next(need.note for need in make.draft.needs if need.role == "zip") for make in makes_of]
        rows, _ = bought(makes_of)
        (row,) = (row for row in rows.values() if row.role == "zip")
        self.assertNotEqual(*notes)
        self.assertEqual(row.notes, tuple(notes))

    def test_a_zip_is_told_by_its_length_and_not_in_parts_of_a_yard(self):
        for zip_length, told_as in (("9 in", "9 in"), ("18 in", "18 in"), ("13 1/2 in", "13 1/2 in")):
            spec = starting_spec(CATALOGUE["wedge"], Ruler("in"), None)
            spec["size"] = {**spec["size"], "zip_length": zip_length}
            document = told(draft_spec({**spec, "layers": LAYERS["lined"], "options": {"zip_ends": "long-tape"}}))
            need = next(need for need in document["needs"] if need["role"] == "zip")
            self.assertEqual(need["buy"]["text"], told_as)

    def test_only_what_is_heated_is_told_about_the_microwave_by_its_thread(self):
        for use, of, word in (("microwave", "cloth", True), ("table", "cotton", False), ("table", "cloth", False)):
            spec = starting_spec(CATALOGUE["dart-bowl"], CM, None)
            spec["options"] = {"use": use, "thread_of": of}
            need = next(need for need in told(draft_spec(spec))["needs"] if need["role"] == "thread")
            self.assertEqual("microwave" in need["note"], word, (use, of))

    def test_enough_is_bought_of_every_cloth_and_no_step_too_much(self):
        for turn, (ruler, step) in enumerate(((CM, 100.0), (Ruler("in"), 914.4 / 8))):
            for form in share(CATALOGUE, 2, turn):
                rows, there = bought([made(form, count=2, ruler=ruler)], ruler=ruler)
                for cloth, layout in there:
                    row = rows[f"cloth {cloth.key}"]
                    length = layout.length(cloth.task, "new")
                    washed = row.buy * (1 - cloth.shrink)
                    self.assertGreaterEqual(washed, length * 1.05 - 1e-6)
                    self.assertLess((row.buy - step) * (1 - cloth.shrink), length * 1.05 + 1e-6)
                    self.assertAlmostEqual(row.buy / step, round(row.buy / step), places=6)
                    self.assertAlmostEqual(row.sums[0].amount, length)
                    self.assertAlmostEqual(row.sums[-1].amount, row.buy)
                    self.assertEqual(sorted(part.amount for part in row.sums), [part.amount for part in row.sums])

    def test_twice_a_make_takes_twice_its_notions_and_two_makes_share_a_line(self):
        for form in CATALOGUE:
            once, twice = (bought([made(form, count=count)])[0] for count in (1, 2))
            for key, row in once.items():
                if key.startswith("notion "):
                    self.assertAlmostEqual(twice[key].exact, 2 * row.exact)
        first, second = list(CATALOGUE)[:2]
        both, _ = bought([made(first), made(second)])
        alone = [bought([made(form)])[0] for form in (first, second)]
        self.assertAlmostEqual(both["notion thread"].exact, sum(rows["notion thread"].exact for rows in alone))
        self.assertEqual(both["notion thread"].makes, (first, second))

    def test_what_the_pile_has_is_not_bought_and_packs_are_whole(self):
        for form in CATALOGUE:
            rows, _ = bought([made(form, count=3)])
            notions = [(key, row) for key, row in rows.items() if key.startswith("notion ")]
            for key, row in share(notions, 2, CATALOGUE[form].place):
                stocked = (Stocked("a", "a", row.what, row.exact * 0.25), Stocked("b", "b", row.what, row.exact * 0.25))
                less, _ = bought([made(form, count=3)], stocked=stocked)
                self.assertAlmostEqual(less[key].have, row.exact / 2)
                self.assertLessEqual(less[key].buy, row.buy)
                self.assertEqual(set(less[key].takes), {"a", "b"})
                enough, _ = bought([made(form, count=3)], stocked=(Stocked("a", "a", row.what, row.exact),))
                self.assertEqual((enough[key].buy, enough[key].have), (0.0, row.exact))
                packed, _ = bought([made(form, count=3)], priced={row.what: Priced(2.5, 7.0)})
                got = packed[key]
                self.assertAlmostEqual(got.buy / 7.0, got.packs)
                self.assertGreaterEqual(got.buy, got.exact - 1e-6)
                self.assertAlmostEqual(got.cost, 2.5 * got.packs)
                self.assertAlmostEqual(got.left, got.buy - got.exact)

    def test_what_every_make_costs_adds_up_to_what_is_used(self):
        several = [made(form, count=1 + nth % 3) for nth, form in enumerate(CATALOGUE)]
        rows, there = bought(several)
        priced = {row.what: Priced(2.0 + nth) for nth, row in enumerate(rows.values())}
        rows, there = bought(several, priced=priced)
        writer = TableWriter(several, {}, Speaker(CM))
        costs = list(writer.costs(list(rows.values()), there))
        self.assertTrue(all(cost["lacks"] == [] for cost in costs))
        self.assertAlmostEqual(
            sum(float(cost["cost"]) for cost in costs), sum(row.used for row in rows.values()), delta=0.01 * len(costs)
        )
        for cost in costs:
            self.assertAlmostEqual(
                float(cost["each"]) * cost["count"], float(cost["cost"]), delta=0.005 * cost["count"] + 0.005
            )

    def test_what_is_put_on_the_pile_by_hand_is_what_the_makes_ask_for(self):
        asked = [made(form) for form in CATALOGUE]
        fillings = set()
        for form in CATALOGUE.values():
            for filling in choices(form, "filling"):
                draft = draft_spec({**starting_spec(form, CM, None), "options": {"filling": filling}})
                asked.append(Make("a", "a", 1, draft))
                fillings.add(f"filling:{filling}")
        self.assertEqual({kind for kind in NOTIONS if kind.startswith("filling:")}, fillings)
        for one in asked:
            rows, _ = bought([one])
            for row in rows.values():
                kind = notion_kind(row.what)
                if row.width is not None or kind not in NOTIONS:
                    continue
                typed = {"kind": "notion", "what": kind, "size": str((row.size or 0) / 10), "left": "10000"}
                kept, problems = read_piled({**typed, "name": "a", "note": ""}, CM)
                self.assertEqual(problems, [], typed)
                self.assertEqual(size_in(kept["what"]), row.size)
                enough, _ = bought([one], stocked=(Stocked("a", "a", kept["what"], kept["left_over"]),))
                self.assertEqual(enough[row.id].buy, 0.0, row.what)

    def test_a_longer_zip_does_where_it_is_cut_to_fit_and_only_there(self):
        seen = set()
        for form in CATALOGUE.values():
            for way in choices(form, "zip_ends"):
                spec = starting_spec(form, CM, None)
                draft = draft_spec({**spec, "options": {**spec.get("options", {}), "zip_ends": way}})
                zips = [need for need in draft.needs if need.role == "zip"]
                if not zips:
                    continue
                one, (zipper,) = Make("a", "a", 2, draft), zips
                long = Stocked("long", "long", notion_key("zip", zipper.buy + 100), 1)
                just = Stocked("just", "just", notion_key("zip", zipper.exact + 0.1), 9)
                short = Stocked("short", "short", notion_key("zip", zipper.exact - 1), 9)
                rows, _ = bought([one], stocked=(long, short))
                row = rows[f"notion {notion_key('zip', zipper.buy)}"]
                cut = way != "plain"
                self.assertEqual(row.takes, {"long": 1} if cut else {}, (form.id, way))
                self.assertEqual(row.buy, 1 if cut else 2)
                self.assertEqual(any(note.id == "shopping.longer" for note in row.notes), cut)
                rows, _ = bought([one], stocked=(long, just))
                self.assertEqual(rows[row.id].takes, {"just": 2} if cut else {}, (form.id, way))
                seen.add(way)
        self.assertEqual(seen, {"fabric-tabs", "long-tape", "plain", "shortened"})

    @given(st.data())
    @tries(150)
    def test_what_lies_on_the_pile_goes_round_as_far_as_it_can(self, data):
        asked = data.draw(
            st.dictionaries(st.integers(1, 12), st.tuples(st.integers(1, 2), st.booleans()), min_size=1, max_size=4)
        )
        lying = data.draw(st.dictionaries(st.integers(1, 14), st.integers(1, 2), max_size=4))
        wanted = {
            f"zip:{size}": Wanted("zip", msg("need.zip"), "count", float(size), (), count, least=size if cut else None)
            for size, (count, cut) in asked.items()
        }
        stocked = [Stocked(f"{size}", "a", f"zip:{size}", count) for size, count in lying.items()]
        taken = from_pile(wanted, stocked)
        for key, takes in taken.items():
            self.assertLessEqual(sum(takes.values()), wanted[key].amount)
            for id in takes:
                self.assertTrue(int(id) == wanted[key].size or (wanted[key].least or math.inf) <= int(id))
        for size, count in lying.items():
            self.assertLessEqual(sum(takes.get(f"{size}", 0) for takes in taken.values()), count)
        # The most that can be taken, tried in every way: one zip after the other to what still lacks one and takes it.
        zips = [size for size, count in lying.items() for _ in range(count)]

        def most(nth, lacks):
            if nth == len(zips):
                return 0
            found = most(nth + 1, lacks)
            for size, (_, cut) in asked.items():
                if lacks[size] and (zips[nth] == size or (cut and zips[nth] > size)):
                    found = max(found, 1 + most(nth + 1, {**lacks, size: lacks[size] - 1}))
            return found

        best = most(0, {size: count for size, (count, _) in asked.items()})
        self.assertEqual(sum(sum(takes.values()) for takes in taken.values()), best)

    def test_filling_is_told_in_scoops_of_the_house(self):
        form = next(form for form in CATALOGUE if "fill_grams" in made(form).draft.finished)
        one = made(form)
        volume = one.draft.finished["fill_volume"]
        rows, _ = bought([one], scoops=(Scoop("spoon", 15.0), Scoop("cup", 78.5), Scoop("bucket", 9000.0)))
        (row,) = (row for key, row in rows.items() if key.startswith("notion filling:"))
        self.assertEqual(row.notes[0].params["thing"], "cup")
        self.assertEqual(row.notes[0].params["count"], round(volume / 78.5))
        self.assertGreaterEqual(row.buy, one.draft.finished["fill_grams"])

    def test_every_kind_of_notion_the_makes_need_can_lie_on_the_pile(self):
        missing = set()
        for _, spec in makes()[::5]:
            for need in draft_of(spec).needs:
                if need.width is None and kind_of(need) in NOTIONS:
                    kind, sized = NOTIONS[kind_of(need)]
                    self.assertEqual((told_by(need), size_of(need) is not None), (kind, sized), need.role)
                elif need.width is None:
                    missing.add(need.role)
        self.assertLessEqual(
            missing, {"patch", "label", "hook", "web", "felt", "floss", "stencil", "paint", "foil", "lace-figure"}
        )


class Order(unittest.TestCase):
    def test_every_piece_of_every_cloth_is_on_the_plan_as_often_as_it_is_cut(self):
        for form in CATALOGUE:
            for wish in share((Wish(), Wish(fold=True)), 2, CATALOGUE[form].place):
                one = made(form, count=2)
                keys = [cloth.key for cloth, _ in table([one])]
                there = table([one], dict.fromkeys(keys, wish))
                for plan in cut_plans([one], there, {}):
                    for line in plan.lines:
                        self.assertEqual(line.count, 2 * line.cut.count, (form, line.piece.id))
                    waits = [line.wait is not None for line in plan.lines]
                    self.assertEqual(waits, sorted(waits))

    def test_a_piece_is_as_large_there_as_the_make_itself_tells_it(self):
        """What ends between two marks of a ruler was told finer than any of it can be measured."""
        fine = ({"kind": "motif", "work": "applique"},)
        for name, spec in (
            *share(makes(), 12),
            *((form, {**spec, "parts": fine}) for form, spec in share(makes(), 24)),
        ):
            try:
                draft = draft_of(spec)
            except SpecError:
                continue
            one = Make("make", "make", 1, draft)
            sizes = {
                (piece.id, at): (told_cut["size"]["width"]["text"], told_cut["size"]["height"]["text"])
                for piece, told_piece in zip(draft.pieces, told(draft)["pieces"], strict=True)
                for at, told_cut in enumerate(told_piece["cuts"])
            }
            writer = TableWriter([one], {}, Speaker(Ruler(spec["unit"])))
            for plan in cut_plans([one], table([one], ruler=Ruler(spec["unit"])), {}):
                for line, said in zip(plan.lines, writer.plan(plan)["lines"], strict=True):
                    wide, high = sizes[line.piece.id, line.piece.cuts.index(line.cut)]
                    self.assertEqual(said["text"], f"{line.count} × {wide} wide, {high} high over all", name)

    def test_a_strip_that_is_joined_is_told_by_the_lengths_it_is_joined_of(self):
        told = 0
        for name, spec in makes():
            draft = draft_of(spec)
            joined = {one.piece for lay in draft.lays for one in lay.laid if one.part is not None}
            if not joined & {piece.id for piece in draft.pieces if piece.join_loss is not None and not piece.bias}:
                continue
            one = Make("make", "make", 1, draft)
            for plan in cut_plans([one], table([one]), {}):
                for line in plan.lines:
                    for say in (how.params for how in line.how if how.id == "cut-plan.parts"):
                        long = say["count"] * (say["long"] - line.piece.join_loss) + say["rest"]
                        self.assertAlmostEqual(long, line.piece.size_for(line.cut)[0], places=5, msg=name)
                        told += 1
        self.assertGreater(told, 0)

    def test_what_waits_is_first_taken_in_hand_after_the_step_that_is_measured(self):
        found = 0
        for _, spec in share(makes(), 8):
            draft = draft_of(spec)
            steps = list(draft.steps)
            for (piece, layer), (number, wait) in first_uses(draft).items():
                first = next(
                    n
                    for n, s in enumerate(steps, 1)
                    if s.kind not in ("cut", "prepare", "mark")
                    and any((t.piece, t.layer) == (piece, layer) for t in s.things)
                )
                self.assertEqual(number, first)
                if wait is not None:
                    self.assertLess(wait.number, number)
                    self.assertIsNotNone(steps[wait.number - 1].band)
                    found += 1
        self.assertGreater(found, 20)

    def test_what_is_cut_later_is_a_cutting_step_of_the_make(self):
        for form in CATALOGUE:
            one = made(form)
            steps = told(one.draft)["steps"]
            for late in late_cuts([one]):
                self.assertEqual(steps[late.number - 1]["kind"], "cut")
                self.assertNotEqual(steps[late.number - 1]["id"], "cut")

    def test_a_plate_is_named_only_where_a_round_line_is_that_large(self):
        named = 0
        for form in CATALOGUE:
            one = made(form, "lined")
            lines = {
                round(line.across, 3)
                for piece in one.draft.pieces
                for cut in piece.cuts
                for line in round_lines_of(piece, cut)
            }
            for across in lines:
                for off, word in ((0.0, "even"), (1.0, "larger"), (-1.0, "smaller"), (5.0, None)):
                    plans = cut_plans([one], table([one]), {}, [HouseRound("plate", across + off)])
                    said = {
                        m.id
                        for plan in plans
                        for line in plan.lines
                        for m in line.how
                        if m.id.startswith("cut-plan.round-")
                    }
                    if word is None:
                        near = [a for a in lines if abs(a - across - off) <= 1.5]
                        self.assertEqual(bool(said), bool(near))
                    else:
                        self.assertIn(f"cut-plan.round-{word}", said)
                        named += 1
        self.assertGreater(named, 10)


class Reading(unittest.TestCase):
    @tries(60)
    @given(st.floats(0.2, 6.0), st.floats(0, 2 * math.pi), st.floats(40, 900), st.floats(40, 900))
    def test_what_is_traced_is_as_large_as_the_ruler_says(self, scale, turn, width, height):
        """A rectangle photographed at any scale, with the ruler lying any way."""

        def pixels(points):
            return [[300 + x / scale, 5000 - y / scale] for x, y in points]

        corners = [(0, 0), (width, 0), (width, height), (0, height)]
        ruler = pixels([(0, 0), (300 * math.cos(turn), 300 * math.sin(turn))])
        outline, holes, problems = traced(ruler, "30 cm", pixels(corners), [pixels([(5, 5), (15, 5), (15, 15)])], CM)
        self.assertEqual(problems, [])
        x0, y0, x1, y1 = shapely.Polygon(outline).bounds
        self.assertAlmostEqual(x1 - x0, width, delta=1e-6 * width)
        self.assertAlmostEqual(y1 - y0, height, delta=1e-6 * height)
        self.assertAlmostEqual(shapely.Polygon(holes[0]).area, 50.0, delta=1e-3)

    def test_what_cannot_be_is_refused_by_its_field(self):
        square = [[0, 0], [100, 0], [100, 100], [0, 100]]
        bow = [[0, 0], [100, 100], [100, 0], [0, 100]]
        for ruler, long, outline, holes, field in (
            ([], "30 cm", square, [], "ruler"),
            ([[0, 0], [3, 0]], "30 cm", square, [], "ruler"),
            ([[0, 0], [300, 0]], "long", square, [], "ruler_length"),
            ([[0, 0], [300, 0]], "2 km", square, [], "ruler_length"),
            ([[0, 0], [300, 0]], "30 cm", bow, [], "outline"),
            ([[0, 0], [300, 0]], "30 cm", square[:2], [], "outline"),
            ([[0, 0], [300, 0]], "30 cm", square * 200, [], "outline"),
            ([[0, 0], [300, 0]], "30 cm", square, [bow], "holes"),
            ([[0, 0], [300, 0]], "30 cm", square, [square], "holes"),
            ([[0, 0], [300, 0]], "30 cm", [[0, 0], [1, 0], [1, 1]], [], "outline"),
        ):
            *_, problems = traced(ruler, long, outline, holes, CM)
            self.assertEqual([problem.field for problem in problems][:1], [field])

    def test_a_zero_wide_scrap_and_a_roll_of_nothing_are_refused(self):
        base = {
            "kind": "cloth",
            "name": "a",
            "what": "linen",
            "washed": True,
            "directional": False,
            "note": "",
            "holes": [],
        }
        for more, field in (
            ({"width": "0", "left": "20", "outline": None}, "width"),
            ({"width": "20", "left": "", "outline": None}, "left"),
            ({"width": "0 mm", "left": "20", "outline": []}, "width"),
            ({"outline": [[0, 0], [0, 50], [0, 100]]}, "outline"),
            ({"width": "140", "left": "60", "outline": None, "price": "much"}, "price"),
            ({"kind": "notion", "what": "zip", "size": "", "left": "2"}, "size"),
            ({"kind": "notion", "what": "zip", "size": "20", "left": "2.5"}, "left"),
            ({"kind": "notion", "what": "unheard-of", "left": "2"}, "what"),
        ):
            _, problems = read_piled({**base, **more}, CM)
            self.assertIn(field, [problem.field for problem in problems], more)

    def test_a_rectangle_told_by_its_sides_is_one(self):
        typed = {
            "kind": "cloth",
            "name": "a",
            "what": "linen",
            "outline": [],
            "width": "42",
            "left": "30",
            "price": "3,5",
        }
        kept, problems = read_piled(typed, CM)
        self.assertEqual(problems, [])
        self.assertEqual(kept["outline"], [[0.0, 0.0], [420.0, 0.0], [420.0, 300.0], [0.0, 300.0]])
        self.assertEqual((kept["width"], kept["left_over"], kept["price"]), (420.0, 300.0, 3.5))

    def test_prices_and_packs_are_read_with_either_sign(self):
        self.assertEqual(read_price("1,20", "200 m", "length", CM), (1.2, 200_000.0, []))
        self.assertEqual(read_price("1.2", "2", "count", CM)[:2], (1.2, 2.0))
        self.assertEqual(read_price("", "", "count", CM), (None, None, []))
        for price, pack, field in (("-1", "", "price"), ("x", "", "price"), ("1", "0", "pack"), ("1", "about", "pack")):
            self.assertEqual([p.field for p in read_price(price, pack, "count", CM)[2]], [field])


class Files(unittest.TestCase):
    """What is written for a cutter is what lies there, in mm, by readers of their own."""

    def test_every_outline_is_cut_once_as_large_as_it_is(self):
        for form in CATALOGUE:
            one = made(form, "lined")
            there = table([one])
            writer = TableWriter([one], {}, Speaker(CM))
            cloths = [writer.cloth(cloth, layout) for cloth, layout in there]
            wanted = sorted(
                round(shapely.Polygon(spot.shape(cloth.task.by_id[spot.cutout])).area, 0)
                for cloth, layout in there
                for spot in layout.spots
            )
            svg = SVG.parse(io.BytesIO(lay_svg(cloths, "t")), ppi=96)
            drawn = [p for p in svg.elements() if isinstance(p, Path) and p.values.get("class") == "cut"]
            areas = []
            for path in drawn:
                ring = [
                    (path.point(0).x, path.point(0).y),
                    *((seg.end.x, seg.end.y) for seg in path if seg.end is not None),
                ]
                areas.append(round(shapely.Polygon(ring).area * (25.4 / 96) ** 2, 0))
            for mine, theirs in zip(wanted, sorted(areas), strict=True):
                self.assertAlmostEqual(mine, theirs, delta=max(2.0, 1e-4 * mine))
            document = ezdxf.read(io.StringIO(lay_dxf(cloths, 1.0).decode()))
            layers = {entity.dxf.layer for entity in document.modelspace().query("LWPOLYLINE")} - {"CLOTH"}
            self.assertEqual(len(layers), len({(cloth["role"], cloth["material"]) for cloth in cloths}))
            wider = sorted(
                shapely.Polygon([(x, y) for x, y, *_ in entity.get_points()]).area
                for entity in document.modelspace().query("LWPOLYLINE")
                if entity.dxf.layer != "CLOTH"
            )
            for mine, theirs in zip(wanted, wider, strict=True):
                # Half a millimetre all round.
                self.assertGreater(theirs, mine + 0.4 * math.sqrt(4 * math.pi * mine) * 0.5)

    def test_on_paper_it_is_as_large_as_on_the_cloth(self):
        one = made(next(iter(CATALOGUE)), "outer")
        (cloth, layout), *_ = table([one])
        document = TableWriter([one], {}, Speaker(CM)).cloth(cloth, layout)
        with pdfplumber.open(io.BytesIO(lay_pdf([document], "t"))) as pdf:
            (page,) = pdf.pages
            self.assertAlmostEqual(float(page.width) / 72 * 25.4, cloth.width + 24.0, delta=0.1)
            widths = [float(curve["width"]) / 72 * 25.4 for curve in page.curves]
        for piece in document["grounds"][0]["laid"]:
            self.assertLess(min(abs(width - piece["width"]) for width in widths), 0.05)

    def test_what_is_left_over_is_really_free_on_scraps_too(self):
        scrap = Piled(
            "s",
            "s",
            "linen",
            900.0,
            700.0,
            ((0.0, 0.0), (900.0, 0.0), (900.0, 400.0), (500.0, 700.0), (0.0, 700.0)),
            (((30.0, 30.0), (90.0, 30.0), (60.0, 90.0)),),
        )
        for form in CATALOGUE:
            one = made(form, "outer")
            (key, *_) = [cloth.key for cloth, _ in table([one])]
            for cloth, layout in table([one], {key: Wish(("s",))}, (scrap,)):
                for ground in cloth.task.grounds:
                    if ground.outline is None or not any(spot.ground == ground.id for spot in layout.spots):
                        continue
                    shapes = [
                        spot.shape(cloth.task.by_id[spot.cutout]) for spot in layout.spots if spot.ground == ground.id
                    ]
                    for box in left_over(cloth, layout, ground):
                        left = shapely.box(*box)
                        self.assertTrue(ground.shape.buffer(0.2).covers(left))
                        self.assertLess(max((left.intersection(shape).area for shape in shapes), default=0.0), 1e-3)


if __name__ == "__main__":
    unittest.main()
