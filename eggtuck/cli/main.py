"""``eggtuck draft SPEC.json [--out FILE]``, ``eggtuck audit LIST.json``, ``eggtuck cut-list SPEC.json``, ``eggtuck serve``,
``eggtuck save FILE.zip``, ``eggtuck bring-back FILE``, ``eggtuck openapi``."""

from __future__ import annotations

import argparse
import json
import os
import sys
from collections.abc import Callable, Sequence
from pathlib import Path
from typing import TypeVar, get_args

from ..core.audit import audit, audit_document, own_cut_list, read_cut_list
from ..core.forms import draft_spec
from ..core.lengths import Ruler
from ..core.pattern import SpecError
from ..core.pattern.document import draft_json
from ..core.words import Speaker
from ..store.whole import Meeting

BAD_INPUT = 2
T = TypeVar("T")


def main(arguments: Sequence[str] | None = None) -> int:
    """Runs a command; 0 when it worked, 2 for bad input (told on stderr)."""
    parser = argparse.ArgumentParser(prog="eggtuck", description="From a real thing to pieces that fit round it.")
    commands = parser.add_subparsers(dest="command", required=True)
    draft = commands.add_parser("draft", help="draft a spec and print the draft")
    draft.add_argument("spec", type=Path, help="a spec as JSON, or - for standard input")
    draft.add_argument("--out", type=Path, help="write a .pdf, .svg, .dxf or .json file instead")
    audits = commands.add_parser("audit", help="read a cut list backwards and print what it makes")
    audits.add_argument("list", type=Path, help="a cut list as JSON, or - for standard input")
    own = commands.add_parser("cut-list", help="print the cut list of a spec, as audit takes it")
    own.add_argument("spec", type=Path, help="a spec as JSON, or - for standard input")
    serve = commands.add_parser("serve", help="run the web application")
    serve.add_argument("--port", type=int, default=8123)
    serve.add_argument("--host", default="127.0.0.1")
    serve.add_argument("--data", type=Path, default=_default_data())
    serve.add_argument("--demo", action="store_true", help="add the demo workshop when there are no projects")
    serve.add_argument(
        "--share",
        nargs="?",
        const="",
        metavar="ADDRESS",
        help="let devices in the home network in, and print a square for one",
    )
    door = commands.add_parser("door", help="print an address that lets another browser in")
    door.add_argument("--port", type=int, default=8123)
    door.add_argument("--data", type=Path, default=_default_data())
    save = commands.add_parser("save", help="save everything that is kept as one archive")
    save.add_argument("archive", type=Path, help="the .zip to write")
    save.add_argument("--data", type=Path, default=_default_data())
    back = commands.add_parser("bring-back", help="bring everything back from an archive or a copy")
    back.add_argument("archive", type=Path, help="a saved .zip, or a copy from the folder copies")
    back.add_argument("--data", type=Path, default=_default_data())
    back.add_argument(
        "--meeting", choices=get_args(Meeting), default="leave", help="what is done with what is there, but other"
    )
    commands.add_parser("openapi", help="print the description of the web interface")
    chosen = parser.parse_args(arguments)
    if chosen.command == "draft":
        return _draft(chosen.spec, chosen.out)
    if chosen.command == "audit":
        return _printed(chosen.list, lambda document: audit_document(audit(read_cut_list(document))))
    if chosen.command == "cut-list":
        return _printed(chosen.spec, lambda document: own_cut_list(draft_spec(document)))
    if chosen.command == "openapi":
        from ..web.openapi import openapi_document

        print(json.dumps(openapi_document(), indent=1))
        return 0
    if chosen.command == "door":
        from ..web.door import Door

        print(Door(chosen.data).address(f"http://127.0.0.1:{chosen.port}/"))
        return 0
    if chosen.command in ("save", "bring-back"):
        from .keeping import bring_back, save_everything

        if chosen.command == "save":
            return save_everything(chosen.data, chosen.archive)
        return bring_back(chosen.data, chosen.archive, chosen.meeting)
    from ..demo import add_demo
    from ..web.serving import serve as run

    return run(chosen.data, chosen.host, chosen.port, add_demo if chosen.demo else None, chosen.share)


def _default_data() -> Path:
    home = os.environ.get("XDG_DATA_HOME") or str(Path.home() / ".local" / "share")
    return Path(home) / "egg-tuck"


def _read(path: Path) -> object:
    """The JSON in a file. Raises ValueError with what is wrong."""
    try:
        text = sys.stdin.read() if str(path) == "-" else path.read_text(encoding="utf-8")
        return json.loads(text)
    except (json.JSONDecodeError, RecursionError) as error:
        raise ValueError(f"{path}: not JSON: {error}") from error
    except (OSError, UnicodeDecodeError) as error:
        raise ValueError(f"{path}: {error}") from error


def _answered(path: Path, work: Callable[[object], T]) -> T | None:
    """What ``work`` makes of the file; None when it complained."""
    try:
        document = _read(path)
    except ValueError as error:
        _complain(str(error))
        return None
    try:
        return work(document)
    except SpecError as error:
        for line in problem_lines(error, document):
            _complain(line)
        return None


def _printed(path: Path, work: Callable[[object], object]) -> int:
    found = _answered(path, work)
    if found is None:
        return BAD_INPUT
    print(json.dumps(found, indent=1, ensure_ascii=False))
    return 0


def _draft(spec: Path, out: Path | None) -> int:
    draft = _answered(spec, draft_spec)
    if draft is None:
        return BAD_INPUT
    if out is None:
        sys.stdout.write(draft_json(draft))
        return 0
    from ..files import write_file

    try:
        write_file(draft, out)
    except (ValueError, OSError) as error:
        return _complain(str(error))
    return 0


def problem_lines(error: SpecError, document: object) -> list[str]:
    """``field: sentence`` for each problem, in the spec's own unit."""
    unit = document.get("unit") if isinstance(document, dict) else None
    speaker = Speaker(Ruler(unit if unit in ("in", "cm", "mm") else "cm"))
    return [f"{p.field or 'spec'}: {speaker.say(p.message)}" for p in error.problems]


def _complain(line: str) -> int:
    print(line, file=sys.stderr)
    return BAD_INPUT
