"""Makes over the whole catalogue that properties are tried on: every choice of every form, on both rulers, in thin and thick layers,
for things and from sizes. Each is drafted once.

Every choice, every ruler with every layers, and every thing is among them once; with ``--all`` each choice is tried on every ruler, and every
ruler and layers for every thing. Beside them some of every form as a maker makes them: several choices at once, on any ruler, with sizes of
their own."""

from __future__ import annotations

import itertools
import json
import random
from collections.abc import Iterator
from dataclasses import replace
from functools import cache, lru_cache
from typing import Any

from eggtuck.core.drafting.description import EARLY, WORKING
from eggtuck.core.drafting.layers import BACKING_CHOICES, USUAL_ROLES
from eggtuck.core.drafting.parts import PARTS
from eggtuck.core.forms import CATALOGUE, draft_spec, preset_object, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.materials import BACKING, MATERIALS
from eggtuck.core.objects import PRESETS
from eggtuck.core.pattern import Draft, Solid, SpecError
from eggtuck.core.pattern.document import draft_document
from tests import ALL

RULERS = (("cm", "1 mm"), ("in", "1/8 in"), ("cm", "none"))


def _layer(material: str, role: str, **more: Any) -> dict[str, Any]:
    return {"material": material, "role": role, **more}


LAYERS: dict[str, list[dict[str, Any]]] = {
    "outer": [_layer("linen", "outer")],
    "lined": [_layer("linen", "outer"), _layer("quilting-cotton", "lining")],
    "padded": [
        _layer("linen", "outer"),
        _layer("quilting-cotton", "lining"),
        _layer("light-interfacing", "interfacing"),
        _layer("cotton-batting", "padding"),
    ],
    "sheet": [_layer("leather-like-sheet", "outer")],
}


# Choices that change no outline, or one small thing: tried one at a time where all others are crossed.
SMALL = (
    *(
        "joined",
        "ribbon",
        "keeps",
        "filling",
        "filled",
        "stretch",
        "hem_order",
        "hem_turn",
        "cord",
        "mouth_edge",
        "tie",
        "binding_by",
        "hanger",
        "tassel",
        "fuse_when",
    ),
    *(
        "marker",
        "pen_loop",
        "piping",
        "edges",
        "closing",
        "shows",
        "assembly",
        "user",
        "holds",
        "centring",
        "sewn_by",
        "press_first",
        "marks_with",
        "held_with",
        "thread_of",
        "beside_zip",
    ),
    *(
        "carrying",
        "flap_pocket",
        "mat_fold",
        "binding_from",
        "binding_join",
        "lower_front",
        "spine_band",
        "flaps",
        "collar_by",
    ),
)
# Choices by which something is told and nothing cut, in every form alike.
TOLD = ("keeps", "centring", "sewn_by", "press_first", "marks_with", "held_with", "thread_of")
# Questions of every make that cut nothing.
ASKED_OF_ALL = (*EARLY, *WORKING[1:])
# Choices that only together once went wrong.
TOGETHER: dict[str, tuple[dict[str, str], ...]] = {
    "mat": ({"binding_from": "tape", "binding_join": "straight"},),
    "mug-bag": ({"carried_mat": "whole", "binding_from": "tape", "binding_join": "straight"},),
    "book-cover": (
        {"make": "bound", "binding_from": "tape", "binding_join": "straight"},
        {"page_strip": "matching", "edges": "pinked"},
    ),
    "gusset-bag": ({"mouth": "recessed-zip", "piping": "piped"},),
}
# Makes with several choices at once of every form: what is tried each day, and all.
MIXED = (6, 60)
# Of their choices that many are told, and of their sizes; that many have layers of their own, and panels a shape of their own.
CHOSEN, SIZED, ODD = 0.3, 0.15, 0.5
# That many carry parts, so many at most.
PARTED, CARRIED = 0.4, 3
# Panels that are no circle: bent and straight, with and without a mirror image.
SHAPES: dict[str, list[list[float]]] = {
    "leaf": [[0, 0, 0], [200, 0, 0], [230, 90, 0.4], [120, 170, 0], [40, 190, 0], [-20, 60, 0]],
    "arch": [[0, 0, 0], [200, 0, 0], [200, 100, 1.0], [0, 100, 0]],
    "pear": [[0, 0, 0.5], [160, 0, 0.2], [110, 150, 0.8], [50, 150, 0.2]],
}
# Layers without which a choice changes nothing.
MEANS = {"lining": "padded", "joined": "padded"}


def crossed(form: Any, quiet: tuple[str, ...] = SMALL) -> Iterator[dict[str, str]]:
    """Every two choices of a form's options together once, with ``--all`` every combination, but of the quiet ones; of those one choice
    after the other, with what it is asked under."""
    free = [option.choices[:1] if option.id in quiet else option.choices for option in form.options]
    seen: set[tuple[tuple[int, str], tuple[int, str]]] = set()
    for values in itertools.product(*free):
        pairs = set(itertools.combinations(enumerate(values), 2))
        if ALL or not pairs <= seen:
            seen |= pairs
            yield dict(zip((option.id for option in form.options), values, strict=True))
    first = {option.id: option.choices[0] for option in form.options}
    for option in form.options:
        for choice in option.choices[1:] if option.id in quiet else ():
            yield {**first, **with_choice(form, option, choice)}


def draft_of(spec: dict[str, Any]) -> Draft:
    """The draft of a spec, drafted once. Raises `SpecError`."""
    return _drafted(json.dumps(spec))


def document_of(spec: dict[str, Any]) -> dict[str, Any]:
    """Its document, written once."""
    return _documented(json.dumps(spec))


def said_of(spec: dict[str, Any]) -> dict[str, Any]:
    """Its document without what is drawn in space, which says nothing and is most of it."""
    return _said(json.dumps(spec))


def with_field(spec: dict[str, Any], field: str, text: str) -> dict[str, Any]:
    """The spec with one field told: a block of a pieced top among the rows that it is laid in till then."""
    group, name, *rest = field.split(".")
    if group != "blocks":
        return {**spec, group: {**(spec.get(group) or {}), name: text}}
    fields = [state.field for state in draft_of(spec).inputs if state.field.startswith("blocks.")]
    rows: list[dict[str, Any]] = [{"widths": []} for one in fields if one.endswith("height")]
    for one in fields:
        if not one.endswith("height"):
            rows[int(one.split(".")[1])]["widths"].append("")
    for row, old in zip(rows, spec.get("blocks") or [], strict=False):
        row |= old
    if rest == ["height"]:
        rows[int(name)]["height"] = text
    else:
        rows[int(name)]["widths"][int(rest[1])] = text
    return {**spec, "blocks": rows}


def words_of(step: dict[str, Any]) -> str:
    """What a step of a document says is done, sentence by sentence, in full and in short."""
    return " ".join([*(line["text"] for line in step["lines"]), *step["short"]])


def told(draft: Draft) -> dict[str, Any]:
    """A draft's document but for what is drawn in space. Its steps are told once."""
    return draft_document(replace(draft, drawing=lambda: Solid(()), tell=lambda _: draft.steps))


def checks_told(draft: Draft) -> list[dict[str, Any]]:
    """The checks of a draft as its document tells them, without the rest of it."""
    bare = replace(draft, drawing=lambda: Solid(()), tell=lambda _: (), layered=lambda: ((), ()))
    return draft_document(bare)["checks"]


# More than `makes` and every form's own specs are together: with fewer each test that goes through all of them would draft all anew.
@lru_cache(maxsize=8000)
def _drafted(text: str) -> Draft:
    return draft_spec(json.loads(text))


@lru_cache(maxsize=8000)
def _said(text: str) -> dict[str, Any]:
    document = told(_drafted(text))
    for piece in document["pieces"]:
        for drawn in ("edges", "stitch_outline", "cut_outline"):
            del piece[drawn]
    return document


@lru_cache(maxsize=300)
def _documented(text: str) -> dict[str, Any]:
    return draft_document(_drafted(text))


@cache
def makes() -> tuple[tuple[str, dict[str, Any]], ...]:
    """``(what it is, spec)`` of every make that can be drafted."""
    found = []
    for name, spec in _specs():
        try:
            draft_of(spec)
        except SpecError:
            continue
        found.append((name, spec))
    return tuple(found)


def _specs() -> Iterator[tuple[str, dict[str, Any]]]:
    for form in CATALOGUE.values():
        rulers, turn = itertools.cycle(RULERS), itertools.cycle(LAYERS.items())
        for unit, rounding, (layers, told), thing in _plain(form):
            things = _things(form.objects, unit)
            yield _named(form.id, unit, rounding, layers, things[thing], {}, told)
        for options in TOGETHER.get(form.id, ()):
            for layers, told in LAYERS.items():
                yield _named(form.id, *next(rulers), layers, None, options, told)
        for option in form.options:
            if option in EARLY or option.id in TOLD:
                # Asked of every form alike, and a question of what is told, not of what is cut.
                continue
            for choice in option.choices:
                for unit, rounding in RULERS if ALL else (next(rulers),):
                    layers, told = next(turn)
                    if option.id in MEANS:
                        layers, told = MEANS[option.id], LAYERS[MEANS[option.id]]
                    things = _things(form.objects, unit)
                    # One thing or none, another for each choice.
                    thing = things[(option.choices.index(choice) + RULERS.index((unit, rounding))) % len(things)]
                    yield _named(form.id, unit, rounding, layers, thing, with_choice(form, option, choice), told)
    for form in CATALOGUE.values():
        yield from _mixed(form)


def _mixed(form: Any) -> Iterator[tuple[str, dict[str, Any]]]:
    """Makes of a form with several choices at once, and some sizes a little other than they begin, where the ruler has marks."""
    dice, parts = random.Random(form.id), random.Random(form.id)
    found = 0
    while found < MIXED[ALL]:
        (unit, rounding), layers = dice.choice(RULERS), dice.choice(list(LAYERS))
        options: dict[str, str] = {}
        for option in form.options:
            if dice.random() < CHOSEN:
                options = {**with_choice(form, option, dice.choice(option.choices)), **options}
        layers, told = ("own", _any_layers(dice)) if dice.random() < ODD else (layers, LAYERS[layers])
        name, spec = _named(form.id, unit, rounding, layers, dice.choice(_things(form.objects, unit)), options, told)
        if form.takes_shape and dice.random() < ODD:
            shape = dice.choice(list(SHAPES))
            name, spec = f"{name} {shape}", shaped(spec, shape)
        try:
            states = draft_of(spec).inputs
        except SpecError:
            continue
        ruler = Ruler(unit)  # type: ignore[arg-type]
        for state in states:
            group = state.field.split(".")[0]
            if state.of != "length" or group not in ("size", "ease", "allowance") or dice.random() > SIZED:
                continue
            told = ruler.write(round(state.value * dice.uniform(0.85, 1.2) / ruler.step) * ruler.step)
            try:
                draft_of(with_field(spec, state.field, told))
            except SpecError:
                continue
            spec, name = with_field(spec, state.field, told), f"{name} {state.field}={told}"
        found += 1
        if parts.random() < PARTED:
            name, spec = _carrying(parts, name, spec)
        yield _other_cloths(parts, name, spec)


def _carrying(dice: random.Random, name: str, spec: dict[str, Any]) -> tuple[str, dict[str, Any]]:
    """The make with some parts on it, chosen in any way and put on any piece that takes them."""
    for kind in dice.choices(list(PARTS), k=dice.randint(1, CARRIED)):
        part: dict[str, Any] = {"kind": kind}
        part |= {name: dice.choice(choices) for name, choices in PARTS[kind].choices.items() if dice.random() < ODD}
        hosts = draft_of(spec).hosts
        if hosts and dice.random() < CHOSEN:
            part["piece"], part["copy"], _ = dice.choice(hosts)
        carrying = {**spec, "parts": [*spec.get("parts", []), part]}
        try:
            draft_of(carrying)
        except SpecError:
            continue
        spec, name = carrying, f"{name} {part}"
    return name, spec


def shaped(spec: dict[str, Any], shape: str) -> dict[str, Any]:
    """The spec with a panel of such a shape in place of a round one."""
    size = {name: text for name, text in spec.get("size", {}).items() if name not in ("diameter", "mouth_diameter")}
    spec = {**spec, "shape": {"name": shape, "outline": SHAPES[shape]}, "size": size}
    spec.pop("object", None)
    return spec


def _any_layers(dice: random.Random) -> list[dict[str, Any]]:
    """Layers as somebody may have them: any cloths, and what stiffens or pads them on either, cut and held in any way."""
    cloths = [m.id for m in MATERIALS.values() if m.kind not in (*BACKING, "mesh")]
    lined = dice.random() < 2 / 3
    found = [_layer(dice.choice(cloths), role) for role in ("outer", "lining")[: 1 + lined]]
    for role in BACKING:
        if dice.random() < ODD:
            layer = _layer(dice.choice([m.id for m in MATERIALS.values() if m.kind == role]), role)
            for field, choices in BACKING_CHOICES.items():
                if dice.random() < CHOSEN and field != "steam" and (lined or field != "on"):
                    layer[field] = dice.choice(choices)
            found.append(layer)
    return found


def _other_cloths(dice: random.Random, name: str, spec: dict[str, Any]) -> tuple[str, dict[str, Any]]:
    """The make with some of the other cloths that are asked of it, each of anything."""
    for role in draft_of(spec).roles:
        if role not in USUAL_ROLES and dice.random() < ODD:
            kinds = ("mesh",) if role == "mesh" else ("woven", "knit", "sheet")
            cloth = dice.choice([m.id for m in MATERIALS.values() if m.kind in kinds])
            told = {**spec, "layers": [*spec["layers"], _layer(cloth, role)]}
            try:
                draft_of(told)
            except SpecError:
                continue
            spec, name = told, f"{name} {role} {cloth}"
    return name, spec


def _plain(form: Any) -> Iterator[tuple[str, str, tuple[str, Any], int]]:
    """``(unit, rounding, layers, which thing)`` a form is tried with as it is begun."""
    things = range(len(_things(form.objects, "cm")))
    ways = [(*ruler, layers) for ruler, layers in itertools.product(RULERS, LAYERS.items())]
    if ALL:
        yield from ((*way, thing) for way, thing in itertools.product(ways, things))
        return
    for nth in range(max(len(ways), len(things))):
        # Shifted each round of layers, so that a thing does not always meet the same ones.
        yield (*ways[nth % len(ways)], (nth + nth // len(LAYERS)) % len(things))


def with_choice(form: Any, option: Any, choice: str) -> dict[str, str]:
    """The choice, with the first choices it has a meaning under."""
    needed = {field.split(".")[1]: values[0] for field, values in option.when.items()}
    return {**needed, option.id: choice}


def _things(kinds: tuple[str, ...], unit: str) -> list[dict[str, Any] | None]:
    ruler = Ruler(unit)  # type: ignore[arg-type]
    presets = [preset_object(p, ruler) for p in PRESETS.values() if p.kind in kinds]
    measured = [{k: v for k, v in thing.items() if k not in ("preset", "assumed")} for thing in presets]
    return [None, *measured]


def _named(
    form: str, unit: str, rounding: str, layers: str, thing: Any, options: dict[str, str], told: Any
) -> tuple[str, dict[str, Any]]:
    spec = starting_spec(CATALOGUE[form], Ruler(unit), thing)  # type: ignore[arg-type]
    spec |= {"options": options, "layers": told, "rounding": rounding}
    name = f"{form} {unit}/{rounding} {layers} {thing['kind'] if thing else 'sizes'} {options}"
    return name, spec


def odd_makes(every: int = 1) -> Iterator[tuple[str, dict[str, Any]]]:
    """Makes with one size, ease or allowance out of the ordinary, or every so many of them: what checks are there for."""
    for name, spec in itertools.islice(_odd_specs(), 0, None, every):
        try:
            draft_spec(spec)
        except SpecError:
            continue
        yield name, spec


def _odd_specs() -> Iterator[tuple[str, dict[str, Any]]]:
    for form, (unit, rounding) in itertools.product(CATALOGUE.values(), RULERS[:2]):
        layers = itertools.cycle(("padded", "lined", "outer", "sheet"))
        chosen = itertools.cycle([{}, *({o.id: c} for o in form.options if o not in ASKED_OF_ALL for c in o.choices)])
        for thing in _things(form.objects, unit):
            base = _named(form.id, unit, rounding, "lined", thing, {}, LAYERS["lined"])[1]
            for field, value in _odd_fields(base, unit):
                group, key = field.split(".")
                told = next(layers)
                options = {**base["options"], **next(chosen)}
                spec = {**base, "layers": LAYERS[told], "options": options}
                spec[group] = {**spec.get(group, {}), key: value}
                if key.startswith("lining-") and told not in ("lined", "padded"):
                    continue
                yield f"{form.id} {unit} {told} {thing['kind'] if thing else 'sizes'} {options} {field}={value}", spec


def _odd_fields(spec: dict[str, Any], unit: str) -> Iterator[tuple[str, str]]:
    ruler = Ruler(unit)  # type: ignore[arg-type]
    for state in draft_of(spec).inputs:
        if state.of != "length" or state.field.startswith("object."):
            continue
        shares = (0.4, 0.6) if state.field.startswith("allowance.") else (0.5, 0.8, 1.25, 2.0)
        for share in shares:
            mm = round(state.value * share / ruler.step) * ruler.step
            if mm != state.value:
                yield state.field, ruler.write(mm)
        if state.field.startswith("allowance.") and state.field != "allowance.default":
            yield state.field.replace(".", ".lining-"), ruler.write(ruler.usual(15.0))


def mended(spec: dict[str, Any], fix: dict[str, Any]) -> dict[str, Any]:
    """The spec with a check's button pressed: each field set, a blank one taken out."""
    changed: dict[str, Any] = json.loads(json.dumps(spec))
    for field, value in fix["set"].items():
        group, name, *more = field.split(".")
        if group == "layers":
            changed["layers"] = changed.get("layers") or []
            others = [layer for layer in changed["layers"] if layer["role"] != name]
            if more:
                own = [{**layer, more[0]: value} for layer in changed["layers"] if layer["role"] == name]
                changed["layers"] = [*others, *own]
            else:
                changed["layers"] = [*others, *([_layer(value, name)] if value else [])]
        elif group == "parts":
            part = changed["parts"][int(name)]
            changed["parts"][int(name)] = {k: v for k, v in {**part, more[0]: value}.items() if v != ""}
        else:
            values = {**(changed.get(group) or {}), name: value}
            changed[group] = {k: v for k, v in values.items() if v != ""}
    return changed
