"""Reading a spec: untrusted JSON in, a `Spec` or a list of problems by field out."""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from typing import Any, cast

from ..lengths import UNITS, Grid, LengthError, Ruler, Unit, read_length, read_volume
from ..objects import (
    ALSO,
    DRAWER,
    KINDS,
    Notion,
    Thing,
    largest,
    measure_notion,
    measure_profile,
    measure_thing,
    worn_length,
)
from ..objects.profile import MOST_ROWS, profile_cells
from ..pattern.asked import BlockRowDoc, CorrectionDoc, PartDoc, SpecDoc, ThingDoc
from ..pattern.problem import Problem, SpecError
from ..plane.letters import can_draw
from ..shop import BLOCK_LEAST, BLOCK_MOST
from ..words import LANGUAGES, Language, Message, Volume, msg
from .description import Form, LengthInput
from .former import brought_up
from .layers import PLAIN_OUTER, read_stack
from .panel import Shape, read_shape
from .parts import PARTS, PartKind, PartRequest
from .patchwork import MOST_IN_A_ROW, BlockRow
from .patchwork import MOST_ROWS as MOST_BLOCK_ROWS
from .spec import ALLOWANCE_LIMITS, EDGE_KINDS, Spec, usual_allowance

_TOP = tuple(SpecDoc.__annotations__)
MOST_CORRECTIONS, MOST_CORRECTION_TEXT = 100, 300
MOST_PARTS, MOST_LETTERS = 40, 4
MOST_NAME = 80
MOST_THINGS = 20
MOST_PROFILE_TEXT = 20_000


def read_spec(document: object, catalogue: Mapping[str, Form]) -> tuple[Form, Spec]:
    """The form asked for and the spec as understood. Raises `SpecError` naming every field at fault."""
    if not isinstance(document, Mapping):
        raise SpecError.of("", msg("problem.spec-not-object"))
    form_id = document.get("form")
    form = catalogue.get(form_id) if isinstance(form_id, str) else None
    if form is None:
        raise SpecError.of("form", msg("problem.form", forms=", ".join(catalogue)))
    reader = _Reader(brought_up(document))
    spec = reader.spec(form)
    if reader.problems:
        raise reader.refusal()
    return form, spec


def read_thing(document: object, unit: Unit) -> Thing:
    """A thing to be covered, by itself. Raises `SpecError`."""
    reader = _Reader({"unit": unit, "object": document})
    thing = reader.thing(tuple(KINDS))
    if thing is None and not reader.problems:
        raise SpecError.of("object.kind", msg("problem.object-kind", kinds=", ".join(KINDS)))
    if thing is None or reader.problems:
        raise reader.refusal()
    return thing


def read_kept(document: object, unit: Unit) -> Thing | Notion:
    """What may stand on the shelf or lie in the drawer: a thing, hardware, or a wearer's measures. Raises `SpecError`."""
    if not isinstance(document, Mapping) or document.get("kind") not in DRAWER:
        return read_thing(document, unit)
    reader = _Reader({"unit": unit})
    notion = reader.notion("object", document)
    if notion is None:
        raise reader.refusal()
    return notion


class _Reader:
    """Walks the document once, gathering problems instead of stopping at the first."""

    def __init__(self, document: Mapping[str, Any]) -> None:
        self.document = document
        self.problems: list[Problem] = []
        self.typed: dict[str, str] = {}
        unit = self._word("unit", UNITS, "cm")
        decimal = self._word("decimal", (".", ","), ".")
        self.ruler = Ruler(unit, decimal)  # type: ignore[arg-type]
        self.language = self._word("language", tuple(LANGUAGES), "en")

    def refusal(self) -> SpecError:
        """All problems found, to be told on the maker's ruler."""
        error = SpecError(self.problems)
        error.ruler = self.ruler
        return error

    def spec(self, form: Form) -> Spec:
        self.only_known("", self.document, _TOP)
        thing = self.thing(form.objects)
        also = self._also(form.objects)
        if also and thing is not None:
            thing = largest(thing, [other for _, other in also])
        lengths = {item.field: (item.low, item.high, item.label) for item in form.inputs if item.of == "length"}
        counts = {item.field.removeprefix("size."): item for item in form.inputs if item.of == "count"}
        held = ("volume",) if any(item.of == "volume" for item in form.inputs) else ()
        size = self._lengths("size", lengths, (*counts, *held))
        size |= self._counts(counts.values())
        ease = self._lengths("ease", lengths)
        allowance = self._allowances(form)
        told, chosen = self._options(form)
        options = form.in_force(told)
        stack = read_stack(self, self.document.get("layers"), form.traits, options)
        wearer = self._wearer()
        parts = self._parts(wearer)
        grid = self._grid()
        shape = self._shape(form)
        blocks = self._blocks(form)
        corrections = self._corrections()
        volume = self._volume(form)
        understood = {
            "form": form.id,
            "unit": self.ruler.unit,
            "decimal": self.ruler.decimal,
            "language": self.language,
            **{k: self.document[k] for k in ("object", "size", "ease", "allowance") if self.document.get(k)},
            "options": told,
            "layers": self.document.get("layers") or [{"material": PLAIN_OUTER, "role": "outer"}],
            "rounding": self.document.get("rounding") or "none",
            **({"parts": self.document["parts"]} if parts else {}),
            **({"also": self.document["also"]} if also else {}),
            **({"shape": self.document["shape"]} if shape else {}),
            **({"blocks": self.document["blocks"]} if blocks else {}),
            **({"wearer": self.document["wearer"]} if wearer else {}),
            **({"corrections": corrections} if corrections else {}),
        }
        return Spec(
            form.id,
            self.ruler,
            cast(Language, self.language),
            thing,
            size,
            ease,
            allowance,
            options,
            chosen,
            stack,
            grid,
            self.typed,
            cast(SpecDoc, understood),
            parts,
            also,
            shape,
            wearer,
            form.traits,
            blocks,
            None if self.document.get("layers") else PLAIN_OUTER,
            volume,
        )

    def _volume(self, form: Form) -> float | None:
        """What the make is to hold (ml), of forms that hold something."""
        item = next((item for item in form.inputs if item.of == "volume"), None)
        value = self._group("size").get("volume")
        if item is None or value is None or (isinstance(value, str) and not value.strip()):
            return None
        try:
            ml = read_volume(value, self.ruler.unit)
        except LengthError as error:
            self.fail(item.field, msg("problem.volume", text=error.text))
            return None
        if not item.low <= ml <= item.high:
            self.fail(item.field, msg("problem.volume-range", low=Volume(item.low), high=Volume(item.high)))
            return None
        self.typed[item.field] = value if isinstance(value, str) else f"{value:g}"
        return ml

    def _corrections(self) -> list[dict[str, str]]:
        """Numbers put right, in the maker's words; they change nothing that is drafted."""
        kept = self.document.get("corrections") or []
        if not isinstance(kept, list) or len(kept) > MOST_CORRECTIONS:
            self.fail("corrections", msg("problem.corrections", most=MOST_CORRECTIONS))
            return []
        for i, one in enumerate(kept):
            fair = isinstance(one, Mapping) and set(one) <= set(CorrectionDoc.__annotations__)
            if not fair or not all(isinstance(v, str) and len(v) <= MOST_CORRECTION_TEXT for v in one.values()):
                self.fail(f"corrections.{i}", msg("problem.correction", most=MOST_CORRECTION_TEXT))
        return [dict(one) for one in kept if isinstance(one, Mapping)]

    def fail(self, field: str, message: Message) -> None:
        self.problems.append(Problem(field, message))

    def _word(self, field: str, allowed: tuple[str, ...], default: str) -> str:
        value = self.document.get(field, default)
        if isinstance(value, str) and value in allowed:
            return value
        self.fail(field, msg("problem.choice", choices=", ".join(allowed)))
        return default

    def _group(self, name: str) -> Mapping[str, Any]:
        value = self.document.get(name)
        if value is None:
            return {}
        if not isinstance(value, Mapping):
            self.fail(name, msg("problem.group", name=name))
            return {}
        return value

    def only_known(self, prefix: str, group: Mapping[str, Any], known: tuple[str, ...]) -> None:
        for key in group:
            if key not in known:
                field = f"{prefix}.{key}" if prefix else str(key)
                self.fail(field[:80], msg("problem.unknown-field", known=", ".join(known)))

    def length(self, field: str, value: object, low: float, high: float, label: Message) -> float | None:
        """A length within its range, or None with the problem noted. Blank means not given."""
        if value is None or (isinstance(value, str) and not value.strip()):
            return None
        try:
            reading = read_length(value, self.ruler.unit)
        except LengthError as error:
            self.fail(field, msg(f"problem.length-{error.fault}", text=error.text, example=_example(self.ruler)))
            return None
        if not low <= reading.mm <= high:
            self.fail(field, msg("problem.range", label=label, low=low, high=high))
            return None
        self.typed[field] = value if isinstance(value, str) else f"{value:g}"
        return reading.mm

    def _counts(self, known: Iterable[LengthInput]) -> dict[str, float]:
        """Whole numbers, as a number or written out."""
        values = self._group("size")
        found: dict[str, float] = {}
        for item in known:
            name = item.field.removeprefix("size.")
            value = values.get(name)
            if value is None or (isinstance(value, str) and not value.strip()):
                continue
            try:
                number = float(value) if isinstance(value, (int, float, str)) and not isinstance(value, bool) else 0.5
            except ValueError:
                number = 0.5
            if number != number // 1 or not item.low <= number <= item.high:
                low, high = int(item.low), int(item.high)
                self.fail(item.field, msg("problem.count", label=item.label, low=low, high=high))
                continue
            self.typed[item.field] = str(value)
            found[name] = number
        return found

    def _lengths(
        self, group: str, known: Mapping[str, tuple[float, float, Message]], besides: tuple[str, ...] = ()
    ) -> dict[str, float]:
        values = self._group(group)
        names = tuple(field.split(".", 1)[1] for field in known if field.startswith(group + "."))
        self.only_known(group, values, (*names, *besides))
        found: dict[str, float] = {}
        for name in names:
            field = f"{group}.{name}"
            mm = self.length(field, values.get(name), *known[field])
            if mm is not None:
                found[name] = mm
        return found

    def _allowances(self, form: Form) -> dict[str, float]:
        values = self._group("allowance")
        keys = ("default", *form.allowances, *form.lining_allowances)
        # A habit for an edge this form does not have is kept, so that it holds again in another form.
        kinds = (*EDGE_KINDS, *(f"lining-{key}" for key in EDGE_KINDS))
        keys += tuple(key for key in kinds if key not in keys)
        self.only_known("allowance", values, keys)
        found: dict[str, float] = {}
        for key in keys:
            mm = self.length(f"allowance.{key}", values.get(key), *ALLOWANCE_LIMITS, msg("input.allowance"))
            if mm is not None:
                found[key] = mm
        found.setdefault("default", usual_allowance(self.ruler))
        return found

    def _options(self, form: Form) -> tuple[dict[str, str], frozenset[str]]:
        values = self._group("options")
        self.only_known("options", values, tuple(option.id for option in form.options))
        found: dict[str, str] = {}
        chosen: set[str] = set()
        for option in form.options:
            value = values.get(option.id)
            if value is None:
                found[option.id] = option.choices[0]
            elif isinstance(value, str) and value in option.choices:
                found[option.id] = value
                chosen.add(option.id)
            else:
                self.fail(f"options.{option.id}", msg("problem.choice", choices=", ".join(option.choices)))
                found[option.id] = option.choices[0]
        return found, frozenset(chosen)

    def thing(self, kinds: tuple[str, ...]) -> Thing | None:
        values = self._group("object")
        if not values:
            return None
        kind = values.get("kind")
        kind = ALSO.get(kind, kind) if isinstance(kind, str) else kind
        if not isinstance(kind, str) or kind not in KINDS or kind not in kinds:
            self.fail("object.kind", msg("problem.object-kind", kinds=", ".join(kinds)))
            return None
        if kind == "profile":
            return self._profile_thing(values)
        known = KINDS[kind].measures
        self.only_known("object", values, (*ThingDoc.__annotations__, *(m.name for m in known)))
        assumed = values.get("assumed") or []
        if not isinstance(assumed, list) or not all(name in {m.name for m in known} for name in assumed):
            names = ", ".join(m.name for m in known)
            self.fail("object.assumed", msg("problem.assumed", measures=names))
            assumed = []
        measures: dict[str, float] = {}
        before = len(self.problems)
        for measure in known:
            mm = self.length(
                f"object.{measure.name}", values.get(measure.name), measure.low, measure.high, measure.label
            )
            if mm is not None:
                measures[measure.name] = mm
        if len(self.problems) > before:
            return None
        thing, problems = measure_thing(kind, measures, assumed)
        self.problems += problems
        return thing

    def notion(self, group: str, values: Mapping[str, Any]) -> Notion | None:
        """Hardware or a wearer, or None with the problems noted under ``group``."""
        kind = DRAWER[values["kind"]]
        before = len(self.problems)
        self.only_known(group, values, ("kind", "name", *(m.name for m in kind.measures)))
        found = {
            m.name: self.length(f"{group}.{m.name}", values.get(m.name), m.low, m.high, m.label) for m in kind.measures
        }
        if len(self.problems) > before:
            return None
        notion, problems = measure_notion(kind.id, {name: mm for name, mm in found.items() if mm is not None})
        self.problems += [Problem(p.field.replace("object", group, 1), p.message) for p in problems]
        return None if problems else notion

    def _wearer(self) -> Mapping[str, float]:
        """The measures of whom it is made for (mm)."""
        values = self._group("wearer")
        if not values:
            return {}
        notion = self.notion("wearer", {**values, "kind": "wearer"})
        return {} if notion is None else notion.measures

    def _also(self, kinds: tuple[str, ...]) -> tuple[tuple[str | Message, Thing], ...]:
        """Other things for the same make."""
        value = self.document.get("also")
        if value is None:
            return ()
        if not isinstance(value, list) or len(value) > MOST_THINGS:
            self.fail("also", msg("problem.things", most=MOST_THINGS))
            return ()
        found: list[tuple[str | Message, Thing]] = []
        for i, item in enumerate(value):
            other = _Reader({**self.document, "object": item})
            thing = other.thing(kinds)
            if thing is None and not other.problems:
                other.fail("object.kind", msg("problem.object-kind", kinds=", ".join(kinds)))
            self.problems += [Problem(p.field.replace("object", f"also.{i}", 1), p.message) for p in other.problems]
            if thing is not None:
                name = item.get("name") if isinstance(item, Mapping) else None
                found.append((str(name) if name else KINDS[thing.kind].label, thing))
        return tuple(found)

    def _profile_thing(self, values: Mapping[str, Any]) -> Thing | None:
        """Rows of height and girth, as a list of pairs or as lines of text."""
        self.only_known("object", values, ("kind", "name", "profile", "sticks_out"))
        before = len(self.problems)
        rows = self._rows("object.profile", values.get("profile"))
        sticking = self._rows("object.sticks_out", values.get("sticks_out"))
        if len(self.problems) > before:
            return None
        thing, problems = measure_profile(rows, sticking)
        self.problems += problems
        return thing

    def _rows(self, field: str, value: object) -> list[tuple[float, float]]:
        """``height; girth`` on each line, or a list of such pairs."""
        if value is None:
            return []
        if isinstance(value, str):
            lines = [line for line in value[:MOST_PROFILE_TEXT].splitlines() if line.strip()]
            value = [profile_cells(line) for line in lines]
        if not isinstance(value, list):
            self.fail(field, msg("problem.profile-rows", example=_example(self.ruler)))
            return []
        found: list[tuple[float, float]] = []
        for number, row in enumerate(value[: MOST_ROWS + 1], 1):
            cells = list(row) if isinstance(row, (list, tuple)) else []
            lengths = [self._cell(cell) for cell in cells] if len(cells) == 2 else [None]
            if None in lengths:
                self.fail(field, msg("problem.profile-row", row=number, example=_example(self.ruler)))
                return []
            found.append((lengths[0] or 0.0, lengths[1] or 0.0))
        return found

    def _cell(self, value: object) -> float | None:
        try:
            return read_length(value, self.ruler.unit).mm
        except LengthError:
            return None

    def _parts(self, wearer: Mapping[str, float]) -> tuple[PartRequest, ...]:
        value = self.document.get("parts")
        if value is None:
            return ()
        if not isinstance(value, list) or len(value) > MOST_PARTS:
            self.fail("parts", msg("problem.parts", most=MOST_PARTS))
            return ()
        found = [self._part(i, item, wearer) for i, item in enumerate(value)]
        return tuple(part for part in found if part is not None)

    def _part(self, index: int, item: object, wearer: Mapping[str, float]) -> PartRequest | None:
        field = f"parts.{index}"
        kind = PARTS.get(str(item.get("kind"))) if isinstance(item, Mapping) else None
        if kind is None or not isinstance(item, Mapping):
            self.fail(f"{field}.kind", msg("problem.choice", choices=", ".join(PARTS)))
            return None
        written = () if kind.text is None else kind.text[:1]
        known = (*PartDoc.__annotations__, *(x.name for x in kind.lengths), *kind.choices, *written)
        self.only_known(field, item, known)
        lengths: dict[str, float] = {}
        usual = {x.name: None if x.usual is None else self.ruler.usual(x.usual) for x in kind.lengths}
        worn = worn_length(kind.id, wearer)
        if worn is not None:
            limit = next(x for x in kind.lengths if x.name == worn[0])
            mark = Grid(max(self.ruler.step, self.ruler.finest)).round(worn[1], "up")
            usual[worn[0]] = min(max(mark, limit.low), limit.high)
        for x in kind.lengths:
            mm = self.length(f"{field}.{x.name}", item.get(x.name), x.low, x.high, x.label)
            mm = usual.get(x.name) if mm is None else mm
            if mm is not None:
                lengths[x.name] = mm
        choices = {}
        for name, allowed in kind.choices.items():
            chosen = item.get(name, allowed[0])
            if chosen not in allowed:
                self.fail(f"{field}.{name}", msg("problem.choice", choices=", ".join(allowed)))
                chosen = allowed[0]
            choices[name] = str(chosen)
        count = item.get("count", kind.count)
        text = str(count).strip()
        if not text.isdigit() or not 1 <= int(text) <= kind.most:
            problem = msg("problem.count", label=msg("part.count"), low=1, high=kind.most)
            self.fail(f"{field}.count", problem if kind.most > 1 else msg("problem.one-of-part", part=kind.name))
            text = str(kind.count)
        typed = {x.name: self.typed[f"{field}.{x.name}"] for x in kind.lengths if f"{field}.{x.name}" in self.typed}
        where = [item.get(name, "") for name in ("piece", "copy")]
        for name, value in zip(("piece", "copy"), where, strict=True):
            if not isinstance(value, str) or len(value) > MOST_NAME:
                self.fail(f"{field}.{name}", msg("problem.part-place"))
        on = [str(value) for value in where]
        said = self._written(f"{field}.{written[0]}", item.get(written[0]), kind) if written else ""
        return PartRequest(index, kind, lengths, typed, choices, int(text), usual, on[0], on[1], said, usual)

    def _written(self, field: str, value: object, kind: PartKind) -> str:
        """A few letters that are worked on cloth; as usual where nobody told any."""
        assert kind.text is not None
        if value in (None, ""):
            return kind.text[1]
        text = str(value).strip()
        if len(text) > MOST_LETTERS or not can_draw(text):
            self.fail(field, msg("problem.letters", most=MOST_LETTERS))
            return kind.text[1]
        return text

    def _shape(self, form: Form) -> Shape | None:
        """A panel's own outline: a name and rows of ``x, y, bulge`` in mm."""
        value = self.document.get("shape")
        if value is None:
            return None
        if not form.takes_shape:
            self.fail("shape", msg("problem.shape-form"))
            return None
        rows = value.get("outline") if isinstance(value, Mapping) else None
        ok = isinstance(rows, list) and all(
            isinstance(row, (list, tuple))
            and len(row) == 3
            and all(isinstance(v, (int, float)) and not isinstance(v, bool) for v in row)
            for row in rows
        )
        if not ok or not isinstance(value, Mapping):
            self.fail("shape", msg("problem.shape-rows"))
            return None
        shape, problems = read_shape(str(value.get("name") or "")[:80], cast(list[list[float]], rows))
        self.problems += problems
        return shape

    def _blocks(self, form: Form) -> tuple[BlockRow, ...]:
        """Rows of blocks of the maker's own."""
        value = self.document.get("blocks")
        if not value:
            return ()
        if not form.takes_blocks:
            self.fail("blocks", msg("problem.blocks-form"))
            return ()
        if not isinstance(value, list) or len(value) > MOST_BLOCK_ROWS:
            self.fail("blocks", msg("problem.block-rows", most=MOST_BLOCK_ROWS))
            return ()
        found = []
        for i, row in enumerate(value):
            widths = row.get("widths") if isinstance(row, Mapping) else None
            if not isinstance(row, Mapping) or not isinstance(widths, list) or not 1 <= len(widths) <= MOST_IN_A_ROW:
                self.fail(f"blocks.{i}.widths", msg("problem.block-row", row=i + 1, most=MOST_IN_A_ROW))
                continue
            self.only_known(f"blocks.{i}", row, tuple(BlockRowDoc.__annotations__))
            high = self.length(
                f"blocks.{i}.height", row.get("height"), BLOCK_LEAST, BLOCK_MOST, msg("input.block-height")
            )
            wide = [
                self.length(f"blocks.{i}.widths.{k}", mm, BLOCK_LEAST, BLOCK_MOST, msg("input.block-width"))
                for k, mm in enumerate(widths)
            ]
            found.append(BlockRow(high, tuple(wide)))
        return tuple(found)

    def _grid(self) -> Grid:
        value = self.document.get("rounding")
        if value is None or value == "" or value == "none":
            return Grid()
        step = self.length("rounding", value, 0.1, 25.4, msg("input.rounding"))
        return Grid(step or 0.0)


def _example(ruler: Ruler) -> str:
    return {"in": "3 1/8", "cm": f"7{ruler.decimal}9 cm", "mm": "79 mm"}[ruler.unit]
