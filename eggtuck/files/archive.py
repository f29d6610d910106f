"""Everything that is kept as one archive of open formats: a zip of JSON files and photos."""

from __future__ import annotations

import io
import json
import re
import zipfile
import zlib
from collections.abc import Iterable, Iterator, Mapping
from typing import IO, Any, Final

from ..store.whole import Row, Table, Tree
from .errors import FileError

FORMAT: Final = "egg-tuck-everything"
VERSION: Final = 1
_HEAD: Final = "egg-tuck.json"
# More than so much is not unpacked (bytes of one file, of all), nor more files than that.
_MOST_EACH, _MOST_IN_ALL, _MOST_FILES = 100_000_000, 4_000_000_000, 400_000


class ArchiveError(FileError):
    """The file is no archive of ours, or more than can be unpacked."""

    field = "file"
    title = "archive"


def write_archive(out: IO[bytes], coming: Iterable[Tree], tables: Mapping[str, Table], schema: int, when: str) -> None:
    """Writes everything to ``out``: each thing a JSON file with all that belongs to it, photos as they are, makes as they were made as JSON."""
    with zipfile.ZipFile(out, "w", zipfile.ZIP_DEFLATED) as archive:
        count: dict[str, int] = {}
        for tree in coming:
            nth = count[tree.table] = count.get(tree.table, 0) + 1
            place = f"{tree.table}/{nth:05d} {_plain(tree.name)}".strip()
            parts = {
                name: [_told(archive, tables[name], row, f"{place} {name} {at}") for at, row in enumerate(rows, 1)]
                for name, rows in tree.parts.items()
            }
            told = {"row": _told(archive, tables[tree.table], tree.row, place), "parts": parts}
            archive.writestr(f"{place}.json", json.dumps(told, indent=1, ensure_ascii=False))
        head = {"format": FORMAT, "version": VERSION, "tables": schema, "made": when, "holds": count}
        archive.writestr(_HEAD, json.dumps(head, indent=1))


def _told(archive: zipfile.ZipFile, table: Table, row: Row, place: str) -> dict[str, Any]:
    found: dict[str, Any] = {}
    for name, value in row.items():
        if isinstance(value, bytes):
            picture = name == "jpeg"
            file = f"pictures/{place}.jpg" if picture else f"as-made/{place}.json"
            archive.writestr(file, value if picture else zlib.decompress(value))
            found[name] = {"file": file}
        else:
            found[name] = json.loads(value) if name in table.json and value is not None else value
    return found


def read_archive(file: IO[bytes], tables: Mapping[str, Table], schema: int) -> Iterator[Tree]:
    """Everything in an archive, one thing after the other, in the order of its names. Raises `ArchiveError` for what is none of ours, from a newer
    Egg Tuck, or unpacks to more than anybody keeps."""
    try:
        archive = zipfile.ZipFile(file)
        head = json.loads(_unpacked(archive, _HEAD))
    except (zipfile.BadZipFile, KeyError, ValueError, OSError, NotImplementedError, RuntimeError) as error:
        raise ArchiveError("archive-none") from error
    if not isinstance(head, dict) or head.get("format") != FORMAT:
        raise ArchiveError("archive-none")
    if head.get("version") != VERSION or not isinstance(head.get("tables"), int) or head["tables"] > schema:
        raise ArchiveError("archive-newer")
    every = archive.infolist()
    if len(every) > _MOST_FILES or sum(one.file_size for one in every) > _MOST_IN_ALL:
        raise ArchiveError("archive-large")
    for name in sorted(one.filename for one in every):
        match = re.fullmatch(r"([a-z_]+)/(\d+)(?: .*)?\.json", name)
        # Pictures, and makes as they were made, are read with what they belong to.
        if match is None or match[1] not in tables or tables[match[1]].parent is not None:
            continue
        try:
            yield _tree(archive, match[1], json.loads(_unpacked(archive, name)), tables)
        except (KeyError, ValueError, TypeError, AttributeError, zipfile.BadZipFile, zlib.error) as error:
            raise ArchiveError("archive-part", name=name) from error


def _tree(archive: zipfile.ZipFile, table: str, told: dict[str, Any], tables: Mapping[str, Table]) -> Tree:
    parts = {
        name: [_row(archive, tables[name], row) for row in rows]
        for name, rows in told.get("parts", {}).items()
        if name in tables
    }
    return Tree(table, _row(archive, tables[table], told["row"]), parts)


def _row(archive: zipfile.ZipFile, table: Table, told: dict[str, Any]) -> Row:
    found: Row = {}
    for name, value in told.items():
        if name in table.blobs:
            data = None if value is None else _unpacked(archive, value["file"])
            found[name] = data if data is None or name == "jpeg" else zlib.compress(data)
        elif name in table.json and value is not None:
            found[name] = json.dumps(value)
        elif isinstance(value, (dict, list)):
            raise ValueError(name)
        else:
            found[name] = value
    return found


def _unpacked(archive: zipfile.ZipFile, name: str) -> bytes:
    """A file of an archive; never more of it than one may be, whatever its head says."""
    with archive.open(name) as file:
        out = io.BytesIO()
        while chunk := file.read(1 << 20):
            out.write(chunk)
            if out.tell() > _MOST_EACH:
                raise ArchiveError("archive-large")
    return out.getvalue()


def _plain(name: str) -> str:
    """A name as a file may be called anywhere."""
    return re.sub(r"[^\w .,()-]+", "_", name).strip()[:60].rstrip(". ")
