"""Cut lists as tables: what a draft's pieces are cut to, in a form that reads back into the check of cut lists."""

from __future__ import annotations

import csv
import io
import json
import math
from dataclasses import replace
from typing import Any

from ..core.audit import own_cut_list
from ..core.drafting.description import COUNTS
from ..core.lengths import LengthError, Ruler, read_length
from ..core.pattern import Draft
from ..core.words import Speaker
from .errors import FileError

HEAD = ("what", "name", "value", "note")
_GROUPS = ("number", "size", "allowance", "option")
MOST_ROWS = 600


class CutListTableError(FileError):
    """The table is no cut list."""

    family = "problem."
    field = "text"
    title = "table"


def cut_list_csv(draft: Draft) -> bytes:
    """Rows of ``what, name, value, note``: the pieces to read, then every number as an audit takes it. Lengths are in the maker's unit,
    named in the header; one that the unit cannot write exactly has millimetres behind it."""
    out = io.StringIO()
    table = csv.writer(out, lineterminator="\n")
    ruler, made = draft.ruler, own_cut_list(draft)
    table.writerow((HEAD[0], HEAD[1], f"{HEAD[2]} ({ruler.unit})", HEAD[3]))
    table.writerow(("form", "", made["form"], ""))
    table.writerow(("unit", "", ruler.unit, ""))
    speaker = Speaker(ruler, draft.language)
    for piece in draft.pieces:
        for cut in piece.cuts:
            width, height = piece.size_for(cut)
            size = f"{ruler.bare(width)} x {ruler.bare(height)}"
            table.writerow(("piece", f"{piece.letter} {speaker.say(piece.name)}", size, f"{cut.count} {cut.role}"))
    told = (made["numbers"], made["size"], made["allowance"])
    for group, lengths in zip(_GROUPS[:3], told, strict=True):
        for name, value in lengths.items():
            table.writerow((group, name, value if name in COUNTS else _written(value, ruler), ""))
    for name, choice in made["options"].items():
        table.writerow((_GROUPS[3], name, choice, ""))
    for layer in made["layers"]:
        table.writerow(("layer", layer["role"], layer["material"], layer.get("thickness", "")))
    for part in made.get("parts", ()):
        table.writerow(("part", part["kind"], json.dumps({k: v for k, v in part.items() if k != "kind"}), ""))
    if "shape" in made:
        table.writerow(("shape", made["shape"]["name"], json.dumps(made["shape"]["outline"]), ""))
    return out.getvalue().encode()


def _written(mm: float, ruler: Ruler) -> str:
    """A length without its unit where the maker's unit writes it exactly, else in millimetres."""
    text = replace(ruler, mark=0.0).bare(mm)
    try:
        read = read_length(text, ruler.unit).mm
    except LengthError:
        read = math.nan
    return text if abs(read - mm) < 1e-7 else f"{mm:.9f}".rstrip("0").rstrip(".") + " mm"


def read_cut_list_csv(text: str) -> dict[str, Any]:
    """The cut list in a table, as an audit takes it; rows about pieces are for people and left out. Raises `CutListTableError`."""
    try:
        dialect = csv.Sniffer().sniff(text[:4000], delimiters=",;\t")
    except csv.Error:
        dialect = csv.excel
    found: dict[str, Any] = {"numbers": {}, "size": {}, "allowance": {}, "options": {}}
    layers: list[dict[str, str]] = []
    try:
        rows = list(csv.reader(io.StringIO(text.lstrip("\ufeff")), dialect))
    except csv.Error as error:
        raise CutListTableError("cut-table-not") from error
    if len(rows) > MOST_ROWS:
        raise CutListTableError("cut-table-long", most=MOST_ROWS)
    for number, row in enumerate(rows, 1):
        cells = [cell.strip() for cell in row] + [""] * 4
        what, name, value, note = cells[:4]
        what = what.lower()
        if what in ("", HEAD[0], "piece"):
            continue
        if what in ("form", "unit"):
            found[what] = value
        elif what in _GROUPS and name and value:
            found[{"number": "numbers", "option": "options"}.get(what, what)][name] = value
        elif what in ("part", "shape") and name and value:
            try:
                told = json.loads(value)
            except ValueError as error:
                raise CutListTableError("cut-table-row", row=number, known="part, shape") from error
            if what == "part" and isinstance(told, dict):
                found.setdefault("parts", []).append({"kind": name, **told})
            elif what == "shape":
                found["shape"] = {"name": name, "outline": told}
        elif what == "layer" and name and value:
            layers.append({"material": value, "role": name, **({"thickness": note} if note else {})})
        else:
            raise CutListTableError("cut-table-row", row=number, known=", ".join(("form", "unit", *_GROUPS, "layer")))
    if "form" not in found or not found["numbers"]:
        raise CutListTableError("cut-table-not")
    return {**found, **({"layers": layers} if layers else {})}
