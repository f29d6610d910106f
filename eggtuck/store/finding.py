"""Finding projects among hundreds: by words, form, state and day, page by page."""

from __future__ import annotations

import sqlite3
from collections.abc import Sequence
from typing import Any, Literal

from ..core.frozen import frozen
from .database import kept_day

Group = Literal["family", "order"]

# What of a project is looked through for words, folded; its spec tells the thing and the cloths.
_FOUND_IN = (
    "p.name || ' ' || coalesce(json_extract(p.spec, '$.object.name'), '') || ' ' || json_extract(p.spec, '$.form') || ' ' ||"
    " coalesce(json_extract(p.spec, '$.object.kind'), '') || ' ' || coalesce(json_extract(p.spec, '$.layers'), '') || ' ' ||"
    " coalesce((SELECT group_concat(o.whom || ' ' || o.title || ' ' || o.theme || ' ' || o.cloth || ' ' || o.together, ' ')"
    " FROM orders o WHERE o.project_id = p.id AND o.deleted_at IS NULL), '')"
)
_MAKES = "(SELECT count(*) FROM makes m WHERE m.project_id = p.id AND m.deleted_at IS NULL)"
_STATES = {
    "": "1",
    "new": f"{_MAKES} = 0 AND NOT EXISTS (SELECT 1 FROM progress g WHERE g.project_id = p.id)",
    "begun": "EXISTS (SELECT 1 FROM progress g WHERE g.project_id = p.id)",
    "made": f"{_MAKES} > 0",
}
# Of what is shown only so much is read: pictures are large, and looked at one by one.
_SHOWN = ("id", "name", "sizes", "updated_at", "revision", "family", "makes")
_COLUMNS = (
    f"p.id, p.name, json_extract(p.picture, '$.sizes') AS sizes, p.updated_at, p.revision, p.family, {_MAKES} AS makes"
)


@frozen
class Wanted:
    """Projects that hold all the ``words`` (in what they are called, their thing, form, cloths and orders), of a ``form``, in a ``state``, worked on
    ``since`` a day; or those that were put ``away``."""

    words: Sequence[str] = ()
    form: str = ""
    state: str = ""
    since: str = ""
    away: bool = False

    def where(self) -> tuple[str, list[Any]]:
        """As SQL over ``p``, with its values."""
        asked = " AND ".join([f"instr(fold({_FOUND_IN}), ?) > 0" for _ in self.words] or ["1"])
        kept = "p.deleted_at IS NOT NULL" if self.away else "p.deleted_at IS NULL AND NOT p.is_template"
        where, values = f"{kept} AND ({_STATES[self.state]}) AND {asked}", [word.casefold() for word in self.words]
        if self.form:
            where, values = f"{where} AND json_extract(p.spec, '$.form') = ?", [*values, self.form]
        if self.since:
            where, values = f"{where} AND p.updated_at >= ?", [*values, self.since]
        return where, values


def find_projects(
    connection: sqlite3.Connection, wanted: Wanted, begin: int = 0, count: int = 40
) -> tuple[list[dict[str, Any]], int]:
    """Those wanted, the one worked on last first; of those that are variants of each other the last, with the ``others`` of its family. Returns those
    from one on, and how many there are in all."""
    where, values = wanted.where()
    family = "coalesce(p.family, p.id)"
    order = "p.deleted_at DESC" if wanted.away else "p.updated_at DESC"
    partition = "p.id" if wanted.away else family
    rows = connection.execute(
        f"""
        SELECT {_COLUMNS}, f.whole FROM (
          SELECT p.id, count(*) OVER () AS whole FROM (
            SELECT p.id, p.updated_at, p.deleted_at, p.revision,
              row_number() OVER (PARTITION BY {partition} ORDER BY {order}, p.revision DESC, p.id) AS place
            FROM projects p WHERE {where}
          ) p WHERE p.place = 1 ORDER BY {order}, p.revision DESC, p.id LIMIT ? OFFSET ?
        ) f JOIN projects p ON p.id = f.id ORDER BY {order}, p.revision DESC, p.id
        """,
        (*values, count, begin),
    ).fetchall()
    found = [{name: row[name] for name in _SHOWN} for row in rows]
    for one in found:
        others = connection.execute(
            "SELECT id, name FROM projects WHERE family = ? AND id != ? AND deleted_at IS NULL AND NOT is_template"
            " ORDER BY updated_at DESC",
            (one["family"], one["id"]),
        )
        one["others"] = [] if one["family"] is None or wanted.away else [dict(other) for other in others]
    return found, rows[0]["whole"] if rows else 0


def find_by_order(
    connection: sqlite3.Connection, wanted: Wanted, begin: int = 0, count: int = 40
) -> tuple[list[dict[str, Any]], int]:
    """Those wanted, by the orders they are for that have not been given yet: what is due soonest first, what belongs together in one ``order`` (its
    ``key``, and the set or the title and whom, and the day it is due); what nobody ordered last. A make for several orders is there with each."""
    where, values = wanted.where()
    rows = connection.execute(
        f"""
        WITH asked AS (
          SELECT project_id, CASE WHEN together = '' THEN id ELSE 'set ' || fold(together) END AS key, together, whom, title,
            CASE WHEN due = '' THEN '9999' ELSE due END AS due
          FROM orders WHERE deleted_at IS NULL AND state != 'given' AND project_id IS NOT NULL
        ), sets AS (SELECT key, min(due) AS due, min(together) AS together, min(whom) AS whom, min(title) AS title FROM asked GROUP BY key)
        SELECT {_COLUMNS}, f.* FROM (
          SELECT p.id AS found, count(*) OVER () AS whole, s.key, s.due, s.together, s.whom, s.title
          FROM projects p
          LEFT JOIN (SELECT DISTINCT project_id, key FROM asked) a ON a.project_id = p.id
          LEFT JOIN sets s ON s.key = a.key
          WHERE {where}
          ORDER BY s.key IS NULL, s.due, s.key, p.updated_at DESC, p.revision DESC, p.id LIMIT ? OFFSET ?
        ) f JOIN projects p ON p.id = f.found ORDER BY f.key IS NULL, f.due, f.key, p.updated_at DESC, p.revision DESC, p.id
        """,
        (*values, count, begin),
    ).fetchall()
    found: list[dict[str, Any]] = []
    for row in rows:
        order = {name: row[name] for name in ("key", "together", "whom", "title")}
        order["due"] = kept_day(row["due"])
        told = None if row["key"] is None else order
        found.append({**{name: row[name] for name in _SHOWN}, "others": [], "order": told})
    return found, rows[0]["whole"] if rows else 0
