"""One table of operations: the routes Flask serves and the OpenAPI document are both made from it."""

from __future__ import annotations

import re
from collections.abc import Callable, Iterator
from typing import Any, Literal

from flask import Flask, Response, jsonify, request
from pydantic import BaseModel, TypeAdapter, ValidationError
from pydantic_core import ErrorDetails
from werkzeug.exceptions import RequestEntityTooLarge

from ..core.frozen import frozen
from ..core.words import Message, msg
from .documents import by_name, name_all, typed_documents
from .language import PARAMETER
from .problems import Problem, RefusedError

LARGEST_FILE, LARGEST_STREAM = 64_000_000, 4_000_000_000
Method = Literal["GET", "POST", "PUT", "DELETE"]
# Who may use an operation: every device that was let in; those that may do anything; none but this machine.
Who = Literal["sewing", "any", "here"]


@frozen
class Operation:
    """``answer`` is a model or a document of the core, or a media type for a file; ``body`` a model, or a media type for a file sent as it is.
    ``path`` has its parameters in braces. A body that is a ``stream`` is read by the handler, bit by bit: it may be larger than the memory.
    A document may be ``largest`` bytes long, where it is more than is usual. ``who`` may use it, of the devices beside this machine."""

    method: Method
    path: str
    name: str
    summary: str
    handler: Callable[..., Any]
    body: type | str | None
    answer: type | str | None
    status: int
    query: type[BaseModel] | None
    stream: bool = False
    largest: int | None = None
    who: Who = "any"


class Api:
    """Collects operations; `serve_on` adds them to an application."""

    def __init__(self) -> None:
        self.operations: list[Operation] = []

    def operation(
        self,
        method: Method,
        path: str,
        summary: str,
        *,
        body: type | str | None = None,
        answer: type | str | None = None,
        status: int = 200,
        query: type[BaseModel] | None = None,
        stream: bool = False,
        largest: int | None = None,
        who: Who = "any",
    ) -> Callable[[Callable[..., Any]], Callable[..., Any]]:
        """Declares the decorated function as an operation. It is called with the path's parameters and,
        where there are, the body and the query as their models."""

        def keep(handler: Callable[..., Any]) -> Callable[..., Any]:
            self.operations.append(
                Operation(
                    method, path, handler.__name__, summary, handler, body, answer, status, query, stream, largest, who
                )
            )
            return handler

        return keep

    def by_name(self) -> dict[str, Operation]:
        """The operations by their names."""
        return {operation.name: operation for operation in self.operations}

    def serve_on(self, app: Flask) -> None:
        for operation in self.operations:
            path = operation.path.replace("{", "<").replace("}", ">")
            app.add_url_rule(path, operation.name, _view(operation), methods=[operation.method])


def _view(operation: Operation) -> Callable[..., Response]:
    def view(**parameters: str) -> Response:
        if operation.stream:
            request.max_content_length = LARGEST_STREAM
            parameters["body"] = request.stream  # type: ignore[assignment]
        elif isinstance(operation.body, str):
            # A file may be larger than anything else that is sent.
            request.max_content_length = LARGEST_FILE
            parameters["body"] = _received()  # type: ignore[assignment]
        elif operation.body is not None:
            if operation.largest is not None:
                request.max_content_length = operation.largest
            parameters["body"] = _read_body(operation.body)
        if operation.query is not None:
            parameters["query"] = _as_model(operation.query, _asked())  # type: ignore[assignment]
        result = operation.handler(**parameters)
        if isinstance(result, Response):
            return result
        response = jsonify(result) if result is not None else Response()
        response.status_code = operation.status
        return response

    return view


def _asked() -> dict[str, str]:
    """What the address asks, but for the language, which any may name."""
    return {name: value for name, value in request.args.items() if name != PARAMETER}


def _received() -> bytes:
    """The body. One that is sent in chunks tells no length beforehand: it is refused as soon as it is longer than it may be."""
    data = request.get_data()
    most = request.max_content_length
    if request.content_length is None and most is not None and len(data) >= most:
        raise RequestEntityTooLarge
    return data


def _read_body(model: type) -> Any:
    """The body as its model; a document of the core as it was sent, for the core to read."""
    if not request.is_json:
        raise RefusedError(415, "no-json")
    received = _received()
    # Raises BadRequest for anything that is not JSON.
    sent = request.get_json()
    if rb"\ud" in received.lower():
        problems = [(".".join(map(str, at)), msg("field.halves")) for at in _halves(sent)]
        if problems:
            raise RefusedError(422, "fields", problems=problems[:20])
    return _as_model(model, sent) if issubclass(model, BaseModel) else sent


def _halves(sent: object, at: tuple[str | int, ...] = ()) -> Iterator[tuple[str | int, ...]]:
    """Where in what was sent there are halves of signs, which no file and no database takes."""
    if isinstance(sent, str):
        if any("\ud800" <= sign <= "\udfff" for sign in sent):
            yield at
    elif isinstance(sent, dict):
        for name, value in sent.items():
            broken = next(_halves(name), None) is not None
            yield from [at] if broken else _halves(value, (*at, name))
    elif isinstance(sent, list):
        for nth, value in enumerate(sent):
            yield from _halves(value, (*at, nth))


def _as_model(model: type[BaseModel], data: object) -> BaseModel:
    try:
        return model.model_validate(data)
    except ValidationError as error:
        problems = [(".".join(map(str, item["loc"])), _field_message(item)) for item in error.errors()]
        raise RefusedError(422, "fields", problems=problems) from error


_FIELD_FAULTS = {
    "missing": "field.missing",
    "extra_forbidden": "field.unknown",
    "string_type": "field.text",
    "string_too_short": "field.empty",
    "list_type": "field.list",
    "dict_type": "field.names",
}


def _field_message(item: ErrorDetails) -> Message:
    """What is said of a field that its model does not take: by the kind of fault, with what it allows."""
    kind, limits = item["type"], item.get("ctx", {})
    match kind:
        case "string_too_long":
            return msg("field.text-long", most=limits["max_length"])
        case "too_long":
            return msg("field.list-long", most=limits["max_length"])
        case "greater_than_equal":
            return msg("field.low", least=limits["ge"])
        case "less_than_equal":
            return msg("field.high", most=limits["le"])
        case "literal_error":
            return msg("field.choice", choices=", ".join(re.findall("'([^']*)'", limits["expected"])))
        case _ if kind.startswith("int_"):
            return msg("field.number")
        case _ if kind.startswith("date_"):
            return msg("field.date")
        case _ if kind.startswith("bool_"):
            return msg("field.bool")
    return msg(_FIELD_FAULTS.get(kind, "field.other"))


def openapi(api: Api, title: str, version: str) -> dict[str, Any]:
    """The OpenAPI 3.1 document of all operations."""
    models: dict[type, Literal["validation", "serialization"]] = {Problem: "serialization"}
    models |= dict.fromkeys(typed_documents(), "serialization")
    for operation in api.operations:
        if isinstance(operation.body, type):
            models[operation.body] = "validation"
        if isinstance(operation.answer, type):
            models[operation.answer] = "serialization"
    wanted: list[tuple[str, Literal["validation", "serialization"], TypeAdapter[Any]]] = [
        (model.__name__, mode, TypeAdapter(model)) for model, mode in models.items()
    ]
    _, described = TypeAdapter.json_schemas(wanted, ref_template="#/components/schemas/{model}")
    schemas = described.get("$defs", {})
    schemas = {name: by_name(schema, schemas, whole=True) for name, schema in schemas.items()}
    name_all(schemas)
    paths: dict[str, Any] = {}
    for operation in api.operations:
        paths.setdefault(operation.path, {})[operation.method.lower()] = _described(operation)
    return {
        "openapi": "3.1.0",
        "info": {"title": title, "version": version},
        "paths": paths,
        "components": {"schemas": schemas},
    }


def _described(operation: Operation) -> dict[str, Any]:
    names = re.findall(r"\{(\w+)\}", operation.path)
    text = {"schema": {"type": "string"}}
    described: dict[str, Any] = {
        "operationId": operation.name,
        "summary": operation.summary,
        "parameters": [
            *({"name": name, "in": "path", "required": True, **text} for name in names),
            *_query(operation.query),
        ],
        "responses": {
            str(operation.status): {"description": "Done", **_content(operation.answer)},
            "default": {
                "description": "What is wrong, and what would work",
                "content": {"application/problem+json": {"schema": _ref(Problem)}},
            },
        },
    }
    if operation.body is not None:
        described["requestBody"] = {"required": True, **_content(operation.body)}
    return described


def _query(model: type[BaseModel] | None) -> list[dict[str, Any]]:
    properties = model.model_json_schema()["properties"] if model is not None else {}
    return [{"name": name, "in": "query", "required": False, "schema": schema} for name, schema in properties.items()]


def _content(answer: type | str | None) -> dict[str, Any]:
    if answer is None:
        return {}
    if isinstance(answer, str):
        return {"content": {answer: {"schema": {"type": "string", "format": "binary"}}}}
    return {"content": {"application/json": {"schema": _ref(answer)}}}


def _ref(model: type[BaseModel]) -> dict[str, str]:
    return {"$ref": f"#/components/schemas/{model.__name__}"}
