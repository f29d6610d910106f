"""What the core writes and reads, as the web interface describes it: the core's own definitions, nothing twice.

Which sizes, choices, measures and parts a spec may name is read from the catalogue, so that the description knows them by name.
"""

from __future__ import annotations

from collections.abc import Iterable, Iterator
from types import ModuleType
from typing import Annotated, Any, Literal

from pydantic import ConfigDict, SkipValidation
from typing_extensions import is_typeddict

from ..core.audit import written as audit
from ..core.cutting import document as cutting
from ..core.cutting import writing
from ..core.drafting.parts import PARTS
from ..core.forms import CATALOGUE
from ..core.objects import DRAWER, KINDS
from ..core.pattern import asked, drawn, written

Schema = dict[str, Any]
# A spec as it was sent: the core reads it, and tells in a maker's words what is wrong with it.
Asked = Annotated[asked.SpecDoc, SkipValidation]


def typed_documents() -> Iterator[type]:
    """Every document the core defines."""
    for module in (asked, written, drawn, audit, cutting, writing):
        yield from _typed(module)


def _typed(module: ModuleType) -> Iterator[type]:
    for value in vars(module).values():
        if is_typeddict(value) and value.__module__ == module.__name__:
            yield value


# What else these name is the catalogue's to say.
_OPEN = (asked.ThingDoc, asked.PartDoc)
for _document in typed_documents():
    # Names that are not in a document are refused, and told so in its description.
    _more: Literal["allow", "forbid"] = "allow" if _document in _OPEN else "forbid"
    _document.__pydantic_config__ = ConfigDict(extra=_more)  # type: ignore[attr-defined]


def name_all(schemas: Schema) -> None:
    """Puts into the described spec what the catalogue knows by name."""
    length = {"anyOf": [{"type": "string"}, {"type": "number"}]}
    forms = list(CATALOGUE.values())
    fields = [item.field for form in forms for item in form.inputs]
    keys = {key for form in forms for key in (*form.allowances, *form.lining_allowances)}
    spec = schemas["SpecDoc"]["properties"]
    spec["form"] = _one_of(form.id for form in forms)
    for group in ("size", "ease"):
        spec[group] = _named({f.removeprefix(f"{group}."): length for f in fields if f.startswith(f"{group}.")})
    spec["allowance"] = _named({"default": length, **dict.fromkeys(sorted(keys), length)})
    options: dict[str, list[str]] = {}
    for option in (option for form in forms for option in form.options):
        options.setdefault(option.id, []).extend(option.choices)
    spec["options"] = _named({id: _one_of(dict.fromkeys(choices)) for id, choices in options.items()})
    wearer = next(kind for kind in DRAWER.values() if kind.id == "wearer")
    spec["wearer"] = _named({"name": {"type": "string"}, **{m.name: length for m in wearer.measures}})
    for listed in ("ToldListDoc", "AuditDoc", "CutListDoc"):
        schemas[listed]["properties"]["form"] = spec["form"]
    parts = schemas["PartDoc"]["properties"]
    parts["kind"] = _one_of(PARTS)
    for kind in PARTS.values():
        parts.update({x.name: length for x in kind.lengths})
        parts.update({name: {"type": "string"} for name in (*kind.choices, *(kind.text or ())[:1])})
    schemas["PartInfo"]["properties"]["id"] = parts["kind"]
    for described in ("FormInfo", "FormShown"):
        schemas[described]["properties"]["id"] = spec["form"]
    for sent in ("FormChange", "NewProject"):
        schemas[sent]["properties"]["form"] = spec["form"]
    thing = schemas["ThingDoc"]["properties"]
    for cover in KINDS.values():
        thing.update({m.name: length for m in cover.measures})
    for named in _OPEN:
        schemas[named.__name__]["additionalProperties"] = False
    rows = {"type": "array", "items": {"type": "array", "items": length}}
    thing.update({name: {"anyOf": [{"type": "string"}, rows]} for name in ("profile", "sticks_out")})


def by_name(part: Any, schemas: Schema, whole: bool = False) -> Any:
    """A described part with every document in it told by its name: one that is not checked on the way in is else described again."""
    if isinstance(part, list):
        return [by_name(one, schemas) for one in part]
    if not isinstance(part, dict):
        return part
    title = part.get("title")
    if not whole and isinstance(title, str) and title in schemas and "properties" in part:
        return {"$ref": f"#/components/schemas/{title}"}
    return {key: by_name(value, schemas) for key, value in part.items()}


def _named(properties: Schema) -> Schema:
    return {"type": "object", "properties": properties, "additionalProperties": False}


def _one_of(ids: Iterable[str]) -> Schema:
    return {"type": "string", "enum": list(ids)}
