"""Cut lists as tables: what a draft's pieces are cut to, in a form that reads back into the check of cut lists."""

from __future__ import annotations

import csv
import io
from typing import Any

from ..core.audit import own_cut_list
from ..core.pattern import Draft
from ..core.wording import Speaker

HEAD = ("what", "name", "value", "note")
_GROUPS = ("number", "size", "allowance", "option")
MOST_ROWS = 600


class CutListTableError(ValueError):
    """``key`` names the sentence, ``say`` its numbers."""

    def __init__(self, key: str, **say: int | str) -> None:
        super().__init__(key)
        self.key, self.say = key, say


def cut_list_csv(draft: Draft) -> bytes:
    """Rows of ``what, name, value, note``: the pieces to read, then every number in mm as an audit takes it."""
    out = io.StringIO()
    table = csv.writer(out, lineterminator="\n")
    table.writerow(HEAD)
    made = own_cut_list(draft)
    table.writerow(("form", "", made["form"], ""))
    table.writerow(("unit", "", made["unit"], ""))
    speaker = Speaker(draft.ruler, draft.language)
    for piece in draft.pieces:
        width, height = piece.cut_size
        for cut in piece.cuts:
            size = f"{width - 2 * cut.inset:.2f} x {height - 2 * cut.inset:.2f}"
            table.writerow(("piece", f"{piece.letter} {speaker.say(piece.name)}", size, f"{cut.count} {cut.role}"))
    for group, names in zip(_GROUPS, ("numbers", "size", "allowance", "options"), strict=True):
        for name, value in made[names].items():
            table.writerow((group, name, value, ""))
    for layer in made["layers"]:
        table.writerow(("layer", layer["role"], layer["material"], layer.get("thickness", "")))
    return out.getvalue().encode()


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
        if what in ("", "what", "piece"):
            continue
        if what in ("form", "unit"):
            found[what] = value
        elif what in _GROUPS and name and value:
            found[{"number": "numbers", "option": "options"}.get(what, what)][name] = value
        elif what == "layer" and name and value:
            layers.append({"material": value, "role": name, **({"thickness": note} if note else {})})
        else:
            raise CutListTableError("cut-table-row", row=number, known=", ".join(("form", "unit", *_GROUPS, "layer")))
    if "form" not in found or not found["numbers"]:
        raise CutListTableError("cut-table-not")
    return {**found, **({"layers": layers} if layers else {})}
