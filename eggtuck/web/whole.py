"""All that is kept: saved as one archive, and brought back from an archive or a copy of the file."""

from __future__ import annotations

import json
import shutil
import sqlite3
import tempfile
import time
import zipfile
from collections.abc import Iterable, Iterator
from pathlib import Path
from typing import IO

from ..core.drafting.reading import read_kept
from ..core.errors import EggTuckError
from ..core.words import Message, msg
from ..files.archive import ArchiveError, read_archive, write_archive
from ..files.photos import plain_photo
from ..store import open_database
from ..store.copies import make_copy
from ..store.database import FILE, newest_tables
from ..store.looked_over import look_over
from ..store.whole import Brought, Meeting, Row, Tree, bring_in, tables, trees
from .drafting import drafted, picture_text


def save_everything(data: Path, out: IO[bytes]) -> None:
    """Writes an archive of all that is kept in ``data``."""
    connection = open_database(data, create=False)
    try:
        write_archive(out, trees(connection), tables(connection), newest_tables(), time.strftime("%Y-%m-%dT%H:%M:%S"))
    finally:
        connection.close()


def bring_back(data: Path, file: IO[bytes], meeting: Meeting) -> Brought:
    """Brings everything of an archive, or of a copy of the file, in beside what there is; before that a copy of it is made. Raises `ArchiveError`
    for a file that is neither."""
    connection = open_database(data)
    try:
        make_copy(connection, data, time.strftime("%Y-%m-%d"), time.strftime("bringing-back-%H%M%S"))
        unread: list[str] = []
        if zipfile.is_zipfile(file):
            file.seek(0)
            brought = bring_in(
                connection, _readable(read_archive(file, tables(connection), newest_tables()), unread), meeting
            )
        else:
            file.seek(0)
            brought = _from_copy(connection, file, meeting, unread)
        brought.unread[:0] = unread
        return brought
    finally:
        connection.close()


def told(brought: Brought) -> list[Message]:
    """What became of everything."""
    counts = {name: getattr(brought, name) for name in ("added", "same", "replaced", "both", "left")}
    return [msg(f"keeping.{name}", count=count) for name, count in counts.items() if count] or [msg("keeping.nothing")]


def _from_copy(connection: sqlite3.Connection, file: IO[bytes], meeting: Meeting, unread: list[str]) -> Brought:
    with tempfile.TemporaryDirectory() as folder:
        path = Path(folder) / FILE
        with path.open("wb") as copy:
            shutil.copyfileobj(file, copy)
        if look_over(path, newest_tables()) != "whole":
            raise ArchiveError("archive-none")
        # Of an older Egg Tuck it is brought up to date first.
        source = open_database(Path(folder), create=False)
        try:
            return bring_in(connection, _readable(trees(source), unread), meeting)
        finally:
            source.close()


def _readable(coming: Iterable[Tree], unread: list[str]) -> Iterator[Tree]:
    """What can be read of it, its pictures made anew; the names of what cannot are added to ``unread``."""
    for tree in coming:
        try:
            yield _checked(tree)
        except (EggTuckError, ValueError, TypeError, KeyError, AttributeError):
            unread.append(tree.name)


def _checked(tree: Tree) -> Tree:
    if tree.table == "projects":
        spec = json.loads(tree.row["spec"])
        tree.row["picture"] = picture_text(drafted(spec))
        if not tree.parts.get("states"):
            tree.row["state"] = 0
            first = {"project_id": tree.row["id"], "number": 0, "name": tree.row["name"], "spec": tree.row["spec"]}
            tree.parts["states"] = [first]
    elif tree.table == "things":
        read_kept(json.loads(tree.row["object"]), tree.row["unit"])
    for name, rows in tree.parts.items():
        tree.parts[name] = [row for row in rows if "jpeg" not in row or _pictured(row)]
    return tree


def _pictured(row: Row) -> bool:
    """Whether its picture is one; one that was not kept by Egg Tuck is made as small and as plain as those that are. What is none is left out."""
    try:
        row["jpeg"] = plain_photo(row["jpeg"])
    except EggTuckError:
        return False
    return True
