"""Entries of the log as learning sees them."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from typing import Any

from ..record.facts import read_facts
from ..record.trial import GOES
from .made import Departure, Made


def read_made(row: Mapping[str, Any], notes: Sequence[Mapping[str, Any]]) -> Made | None:
    """An entry as it is kept, with the notes made on the way; None of one that is older than facts are kept."""
    facts = read_facts(row["facts"])
    if facts is None:
        return None
    goes = row["trial"].get("goes")
    return Made(
        row["id"],
        row["name"],
        row["made_on"],
        facts,
        row["minutes"],
        dict(row["times"]),
        {one["name"]: (one["mm"], one.get("fine")) for one in row["measured"]},
        goes if goes in GOES else None,
        tuple(
            Departure(note["step"], note["title"], note["field"], note["did"], note["text"], note["cause"])
            for note in notes
            if note["kind"] == "departure"
        ),
    )
