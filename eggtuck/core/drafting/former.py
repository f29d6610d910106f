"""Specs as they were written before: what has moved is read from where it was."""

from __future__ import annotations

from collections.abc import Mapping
from typing import Any

from ..materials import BACKING

_RULES = {"full": "full", "inset": "smaller", "net": "net"}


def brought_up(document: Mapping[str, Any]) -> Mapping[str, Any]:
    """A spec in which how interfacing and padding are cut is said of the make (``options.interfacing``, ``size.interfacing_inset``) as it is
    written now, where each of those layers says it. Anything else, and what is no spec at all, is left as it is."""
    options, size, layers = document.get("options"), document.get("size"), document.get("layers")
    rule = options.get("interfacing") if isinstance(options, Mapping) else None
    inset = size.get("interfacing_inset") if isinstance(size, Mapping) else None
    if rule not in _RULES and inset is None:
        return document
    said = {"cut": _RULES.get(str(rule), "full"), **({} if inset is None else {"inset": inset})}
    changed = dict(document)
    if isinstance(options, Mapping) and rule in _RULES:
        changed["options"] = {name: value for name, value in options.items() if name != "interfacing"}
    if isinstance(size, Mapping):
        changed["size"] = {name: value for name, value in size.items() if name != "interfacing_inset"}
    if isinstance(layers, list):
        changed["layers"] = [
            {**said, **layer} if isinstance(layer, Mapping) and layer.get("role") in BACKING else layer
            for layer in layers
        ]
    return changed
