"""The log as a table."""

from __future__ import annotations

import csv
import io
from collections.abc import Iterable, Mapping
from typing import Any

from .cutting import plain_cell

_COLUMNS = (
    "made on",
    "name",
    "form",
    "thing",
    "minutes",
    "waited",
    "interrupted",
    "measured",
    "goes on",
    "tried",
    "differed",
    "next time",
    "other uses",
    "sold on",
    "price",
    "cost",
)


def logbook_csv(rows: Iterable[Mapping[str, Any]]) -> bytes:
    """One row for each make; lengths as they were typed, minutes as numbers. ``rows`` are as `store.makes` keeps them."""
    out = io.StringIO()
    table = csv.writer(out, lineterminator="\n")
    table.writerow(_COLUMNS)
    for row in rows:
        facts, trial, sale = row["facts"], row["trial"], row["sale"]
        told = (
            row["made_on"],
            row["name"],
            facts.get("form", ""),
            facts.get("thing") or "",
            *("" if row[name] is None else str(row[name]) for name in ("minutes", "waited", "away")),
            "; ".join(f"{one['name']} {one['typed']}" for one in row["measured"]),
            trial.get("goes") or "",
            "; ".join(f"{name} {'yes' if passed else 'no'}" for name, passed in trial.get("tests", {}).items()),
            row["differed"],
            row["next_time"],
            "; ".join(f"{use['what']} {'yes' if use['fits'] else 'no'}" for use in row["uses"]),
            sale.get("sold_on") or "",
            sale.get("price") or "",
            sale.get("cost") or "",
        )
        table.writerow([plain_cell(cell) for cell in told])
    return out.getvalue().encode()
