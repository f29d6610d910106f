"""What can be asked for: forms with their inputs and choices, kinds of things, materials."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from typing import Any, get_args

from ...core.constructions.pictures import PICTURES
from ...core.drafting.asking import allowance_name
from ...core.drafting.layers import BACKING_CHOICES, USUAL_ROLES
from ...core.drafting.parts import PARTS, PartKind
from ...core.drafting.scaling import scales_of
from ...core.forms import CATALOGUE, Form, LengthInput
from ...core.lengths import Ruler
from ...core.materials import BACKING, MATERIALS, OWN_THICKNESS
from ...core.objects import DRAWER, KINDS, PRESETS, DrawerKind, Notion, ObjectKind, measure_thing
from ...core.pattern.piece import Role
from ...core.words import SPOKEN, Message, Speaker, msg
from ..catalogue_model import Catalogue
from ..language import asked_language
from ..queries import RulerQuery
from .settings import current_settings
from .table import API
from .things import view_of


@API.operation(
    "GET", "/api/catalogue", "Forms, kinds of things and materials", answer=Catalogue, query=RulerQuery, who="sewing"
)
def get_catalogue(query: RulerQuery) -> dict[str, Any]:
    habits = current_settings()
    speaker = Speaker(Ruler(query.unit or habits["unit"], habits["decimal"]), asked_language())
    kinds: list[ObjectKind | DrawerKind] = [*KINDS.values(), *DRAWER.values()]
    return {
        "forms": [_form(form, speaker) for form in CATALOGUE.values()],
        "objects": [
            {
                "id": kind.id,
                "name": speaker.say(kind.label),
                "help": speaker.say(kind.help),
                "round": isinstance(kind, ObjectKind) and kind.round,
                "view": None if isinstance(kind, ObjectKind) else view_of(Notion(kind.id, kind.typical), speaker.ruler),
                "group": "cover" if isinstance(kind, ObjectKind) else kind.group,
                "measures": [
                    {"name": m.name, "label": speaker.say(m.label), "help": speaker.say(m.help), "required": m.required}
                    for m in kind.measures
                ],
            }
            for kind in kinds
        ],
        "presets": [_preset(id, speaker) for id in PRESETS],
        "materials": [
            {
                "id": m.id,
                "name": speaker.say(msg(f"material.{m.id}")),
                "kind": m.kind,
                "thickness": speaker.ruler.write(m.thickness),
                "width": speaker.ruler.write(m.width),
                "facts": [speaker.say(fact) for fact in m.facts],
                "nap": m.nap,
            }
            for m in MATERIALS.values()
        ],
        "backing": [
            {
                "id": name,
                "label": speaker.say(msg(f"layer.{name}")),
                "choices": [
                    {
                        "id": choice,
                        "name": speaker.say(msg(f"layer.{name}.{choice}")),
                        "why": speaker.say(msg(f"layer.{name}.{choice}-why")),
                    }
                    for choice in choices
                ],
            }
            for name, choices in BACKING_CHOICES.items()
        ],
        "own_cloth": speaker.ruler.exact(OWN_THICKNESS),
        "roles": [
            {
                "id": role,
                "name": speaker.say(msg(f"role.{role}")),
                "usual": role in USUAL_ROLES,
                "seen": role not in BACKING,
                "sold": [m.id for m in MATERIALS.values() if m.sold_for(role)],
            }
            for role in get_args(Role)
        ],
        "languages": [{"id": id, "name": Speaker(Ruler(), id).say(msg("language"))} for id in SPOKEN],
        "parts": [_part(kind, speaker) for kind in PARTS.values()],
        "roundings": {
            "cm": ["none", "1 mm", "2 mm", "5 mm"],
            "mm": ["none", "1 mm", "2 mm", "5 mm"],
            "in": ["none", "1/16 in", "1/8 in", "1/4 in"],
        },
    }


def _input(i: LengthInput, say: Callable[[Message], str]) -> dict[str, Any]:
    return {"field": i.field, "label": say(i.label), "help": say(i.help), "stage": i.stage, "when": _lists(i.when)}


def _form(form: Form, speaker: Speaker) -> dict[str, Any]:
    say = speaker.say
    return {
        "id": form.id,
        "name": say(form.name),
        "picture": list(form.picture),
        "summary": say(form.summary),
        "objects": list(form.objects),
        "grade": form.grade,
        "easier": form.easier,
        "easier_why": None if form.easier_why is None else say(form.easier_why),
        "takes_shape": form.takes_shape,
        "scales": list(scales_of(form)),
        "inputs": [_input(i, say) for i in form.inputs if i.of != "volume"],
        "room": next((_input(i, say) for i in form.inputs if i.of == "volume"), None),
        "allowances": [
            {"field": f"allowance.{key}", "label": say(allowance_name(key)), "help": "", "stage": "ease", "when": {}}
            for key in ("default", *form.allowances, *form.lining_allowances)
        ],
        "options": [
            {
                "id": o.id,
                "label": say(o.label),
                "stage": o.stage,
                "when": _lists(o.when),
                "safety": o.safety,
                "choices": [
                    {
                        "id": c,
                        "label": say(o.choice_label(c)),
                        "why": say(o.choice_why(c)),
                        "picture": list(PICTURES.get(f"{o.id}.{c}", ())),
                    }
                    for c in o.choices
                ],
            }
            for o in form.options
        ],
    }


def _part(kind: PartKind, speaker: Speaker) -> dict[str, Any]:
    say = speaker.say
    return {
        "id": kind.id,
        "name": say(kind.name),
        "count": kind.count,
        "most": kind.most,
        "text": None if kind.text is None else {"name": kind.text[0], "label": say(msg(f"part.input.{kind.text[0]}"))},
        "lengths": [{"name": item.name, "label": say(item.label)} for item in kind.lengths],
        "choices": [
            {
                "id": name,
                "label": say(msg(f"part.choice.{name}")),
                "choices": [
                    {
                        "id": c,
                        "name": say(msg(f"part.choice.{name}.{c}")),
                        "why": say(msg(f"part.choice.{name}.{c}.why")),
                    }
                    for c in allowed
                ],
            }
            for name, allowed in kind.choices.items()
        ],
    }


def _lists(when: Mapping[str, tuple[str, ...]]) -> dict[str, list[str]]:
    return {name: list(values) for name, values in when.items()}


def _preset(id: str, speaker: Speaker) -> dict[str, Any]:
    preset = PRESETS[id]
    thing, _ = measure_thing(preset.kind, preset.measures)
    assert thing is not None
    return {
        "id": id,
        "kind": preset.kind,
        "name": speaker.say(preset.name),
        "sizes": speaker.ruler.write(thing.height),
        "view": view_of(thing, speaker.ruler),
    }
