"""Reading the layers of a spec: what each is of, and how what lies on a cloth is cut, held and sewn."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import replace
from typing import Any, Protocol, get_args

from ..lengths import Ruler
from ..materials import BACKING, MATERIALS, Layer, Material, Rule, Stack
from ..pattern.asked import LayerDoc
from ..pattern.piece import CutRule, Held, InSeams, On, Role
from ..shop import TRIM_OUT
from ..words import Message, msg
from .spec import Traits

_ROLES: tuple[Role, ...] = get_args(Role)
# What any make may be made of, asked or not.
USUAL_ROLES: tuple[Role, ...] = ("outer", "lining", "interfacing", "padding")
_RULES: tuple[CutRule, ...] = get_args(CutRule)
# What only something that lies on another cloth has to say.
_BACKING_ONLY = ("on", "cut", "inset", "low", "high", "pieces", "held", "in_seams", "seconds", "steam")
# What is chosen of a layer that lies on a cloth, by its field.
BACKING_CHOICES: Mapping[str, tuple[str, ...]] = {
    "on": get_args(On),
    "cut": _RULES,
    "held": get_args(Held),
    "in_seams": get_args(InSeams),
    "steam": ("steam", "dry"),
}
# Which of what is said of a layer are lengths.
LAYER_LENGTHS = ("thickness", "width", "margin", "inset", "low", "high")
MOST_LAYERS, MOST_SECONDS, MOST_PIECES = 12, 120, 60
# Of what a make is as long as nobody has told.
PLAIN_OUTER = "quilting-cotton"
_PLAIN = ({"material": PLAIN_OUTER, "role": "outer"},)


class Reader(Protocol):
    """What reads the rest of the spec, and keeps what is wrong with it."""

    ruler: Ruler

    def fail(self, field: str, message: Message) -> None: ...

    def length(self, field: str, value: object, low: float, high: float, label: Message) -> float | None: ...

    def only_known(self, prefix: str, group: Mapping[str, Any], known: tuple[str, ...]) -> None: ...


def read_stack(reader: Reader, value: object, traits: Traits, options: Mapping[str, str]) -> Stack:
    """The layers, or those of them that can be read, with the problems noted; by the form's ``options`` outer and lining may be one cloth."""
    if value is None or value == []:
        value = list(_PLAIN)
    if not isinstance(value, list) or len(value) > MOST_LAYERS:
        reader.fail("layers", msg("problem.layers"))
        return Stack(())
    lined = any(isinstance(item, Mapping) and item.get("role") == "lining" for item in value)
    read = [(item, _layer(reader, f"layers.{i}", item, traits, lined)) for i, item in enumerate(value)]
    if traits.together(options):
        # What lies between the two lies there once, whichever it was said to be on.
        read = [(item, layer and replace(layer, on="outer")) for item, layer in read]
    stack = Stack(tuple(layer for _, layer in read if layer is not None))
    if stack.layers and stack.of("outer") is None:
        reader.fail("layers", msg("problem.no-outer"))
    settled = []
    for i, (item, layer) in enumerate(read):
        if layer is not None:
            settled.append(_fusing(reader, f"layers.{i}", item, layer, stack))
    return Stack(tuple(settled))


def _layer(reader: Reader, field: str, item: object, traits: Traits, lined: bool) -> Layer | None:
    if not isinstance(item, Mapping):
        reader.fail(field, msg("problem.layers"))
        return None
    reader.only_known(field, item, tuple(LayerDoc.__annotations__))
    material, thickness = _material(reader, field, item)
    role = item.get("role")
    if role not in _ROLES:
        reader.fail(f"{field}.role", msg("problem.choice", choices=", ".join(_ROLES)))
    if material is None or role not in _ROLES:
        return None
    width = reader.length(f"{field}.width", item.get("width"), 100.0, 5000.0, msg("input.cloth-width"))
    margin = reader.length(f"{field}.margin", item.get("margin"), 0.0, 100.0, msg("input.quilting-margin"))
    if margin and role != "padding":
        reader.fail(f"{field}.margin", msg("problem.margin-role"))
    layer = Layer(
        material,
        role,
        material.thickness if thickness is None else thickness,
        material.width if width is None else width,
        # Which way up it lies is seen of what is seen.
        _flag(reader, f"{field}.directional", item.get("directional", material.nap)) and role not in BACKING,
        _flag(reader, f"{field}.confirmed", item.get("confirmed", False)),
        margin or 0.0,
    )
    if role in BACKING:
        return _backing(reader, field, item, layer, traits, lined)
    for name in _BACKING_ONLY:
        if item.get(name) not in (None, "", {}):
            reader.fail(f"{field}.{name}", msg("problem.backing-only", role=msg(f"role.{role}")))
    return layer


def _material(reader: Reader, field: str, item: Mapping[str, Any]) -> tuple[Material | None, float | None]:
    name = item.get("material")
    thickness = reader.length(f"{field}.thickness", item.get("thickness"), 0.01, 30.0, msg("input.thickness"))
    material = MATERIALS.get(name) if isinstance(name, str) else None
    if material is None and thickness is not None and isinstance(name, str) and 0 < len(name.strip()) <= 60:
        material = Material.own_named(name.strip(), thickness)
    if material is None:
        reader.fail(f"{field}.material", msg("problem.material", choices=", ".join(MATERIALS)))
    return material, thickness


def _flag(reader: Reader, field: str, given: object) -> bool:
    if not isinstance(given, bool):
        reader.fail(field, msg("problem.choice", choices="true, false"))
    return bool(given)


def _one_of(reader: Reader, field: str, given: object, allowed: tuple[str, ...], usual: str) -> Any:
    """What was chosen, else what is usual."""
    if given is None or given == "":
        return usual
    if not isinstance(given, str) or given not in allowed:
        reader.fail(field, msg("problem.choice", choices=", ".join(allowed)))
        return usual
    return given


def _backing(reader: Reader, field: str, item: Mapping[str, Any], layer: Layer, traits: Traits, lined: bool) -> Layer:
    """How an interfacing or padding is cut, held and sewn: as told, else as is usual for it and the form."""
    padding = layer.role == "padding"
    on = _one_of(
        reader, f"{field}.on", item.get("on"), BACKING_CHOICES["on"], traits.padding_on if padding else "outer"
    )
    if on != "outer" and not lined:
        if item.get("on"):
            reader.fail(f"{field}.on", msg("problem.on-no-lining"))
        on = "outer"
    glue = layer.material.glue
    usual = "fused" if glue else "quilted" if layer.margin else traits.padding_held if padding else "basted"
    held = _one_of(reader, f"{field}.held", item.get("held"), BACKING_CHOICES["held"], usual)
    if held == "fused" and not glue and not layer.material.own:
        reader.fail(f"{field}.held", msg("problem.no-glue", material=layer.material.name))
    rule = _rule(reader, field, item)
    if held == "slipped":
        rule = rule if item.get("cut") else replace(rule, cut="net")
        told = {rule.cut, *rule.pieces.values()}
        if not told <= {"net", "smaller", "none"}:
            reader.fail(f"{field}.cut", msg("problem.slip-caught", material=layer.material.name))
    if layer.margin and not {rule.cut, *rule.pieces.values()} <= {"full", "none"}:
        reader.fail(f"{field}.margin", msg("problem.margin-rule"))
    if layer.margin and held != "quilted":
        reader.fail(f"{field}.held", msg("problem.margin-held"))
    # Thick padding makes thick seams; what is quilted or fused on already is not picked out again.
    thick = padding and layer.thickness >= TRIM_OUT and held in ("basted", "quilted") and not layer.margin
    seams = _one_of(
        reader, f"{field}.in_seams", item.get("in_seams"), BACKING_CHOICES["in_seams"], "trimmed" if thick else "caught"
    )
    steam = _one_of(
        reader,
        f"{field}.steam",
        item.get("steam"),
        BACKING_CHOICES["steam"],
        "steam" if layer.material.steam else "dry",
    )
    return replace(
        layer,
        on=on,
        rule=rule,
        held=held,
        in_seams=seams,
        seconds=_seconds(reader, f"{field}.seconds", item.get("seconds")) or layer.material.seconds or 10,
        steam=steam == "steam",
    )


def _rule(reader: Reader, field: str, item: Mapping[str, Any]) -> Rule:
    cut = _one_of(reader, f"{field}.cut", item.get("cut"), _RULES, "full")
    inset = reader.length(f"{field}.inset", item.get("inset"), 0.0, 60.0, msg("input.layer-inset"))
    low = reader.length(f"{field}.low", item.get("low"), 0.0, 2000.0, msg("input.band-low"))
    high = reader.length(f"{field}.high", item.get("high"), 1.0, 2000.0, msg("input.band-high"))
    if low is not None and high is not None and low >= high:
        reader.fail(f"{field}.high", msg("problem.band", low=low, high=high))
    pieces = item.get("pieces") or {}
    if not isinstance(pieces, Mapping) or len(pieces) > MOST_PIECES or not all(isinstance(id, str) for id in pieces):
        reader.fail(f"{field}.pieces", msg("problem.layer-pieces", choices=", ".join(_RULES)))
        pieces = {}
    told = {
        id: _one_of(reader, f"{field}.pieces.{id}"[:80], rule, _RULES, "full") for id, rule in pieces.items() if rule
    }
    return Rule(cut, inset, low, high, told)


def _seconds(reader: Reader, field: str, given: object) -> int:
    """How long the iron stands, 0 where nobody says."""
    if given is None or given == "":
        return 0
    text = str(given).strip()
    if isinstance(given, bool) or not text.isdigit() or not 1 <= int(text) <= MOST_SECONDS:
        reader.fail(field, msg("problem.seconds", low=1, high=MOST_SECONDS))
        return 0
    return int(text)


def _fusing(reader: Reader, field: str, item: object, layer: Layer, stack: Stack) -> Layer:
    """Nothing is fused to a cloth that must not be ironed: it is basted there, unless the maker asked for it to be fused."""
    never = [cloth for host in layer.hosts for cloth in stack.all(host) if cloth.material.iron == "never"]
    if layer.held != "fused" or not never:
        return layer
    if isinstance(item, Mapping) and item.get("held"):
        reader.fail(f"{field}.held", msg("problem.fuse-never", material=never[0].material.name))
    return replace(layer, held="basted")
