"""``eggtuck draft SPEC.json [--out FILE]``, ``eggtuck serve``, ``eggtuck openapi``."""

from __future__ import annotations

import argparse
import json
import os
import sys
from collections.abc import Sequence
from pathlib import Path

from ..core.forms import draft_spec
from ..core.lengths import Ruler
from ..core.pattern import SpecError
from ..core.pattern.document import draft_json
from ..core.wording import Speaker

BAD_INPUT = 2


def main(arguments: Sequence[str] | None = None) -> int:
    """Runs a command; 0 when it worked, 2 for bad input (told on stderr)."""
    parser = argparse.ArgumentParser(prog="eggtuck", description="From a real thing to pieces that fit round it.")
    commands = parser.add_subparsers(dest="command", required=True)
    draft = commands.add_parser("draft", help="draft a spec and print the draft")
    draft.add_argument("spec", type=Path, help="a spec as JSON, or - for standard input")
    draft.add_argument("--out", type=Path, help="write a .pdf, .svg or .json file instead")
    serve = commands.add_parser("serve", help="run the web application")
    serve.add_argument("--port", type=int, default=8123)
    serve.add_argument("--host", default="127.0.0.1")
    serve.add_argument("--data", type=Path, default=_default_data())
    serve.add_argument("--demo", action="store_true", help="add the demo workshop when there are no projects")
    commands.add_parser("openapi", help="print the description of the web interface")
    chosen = parser.parse_args(arguments)
    if chosen.command == "draft":
        return _draft(chosen.spec, chosen.out)
    if chosen.command == "openapi":
        from ..web.openapi import openapi_document

        print(json.dumps(openapi_document(), indent=1))
        return 0
    from ..demo import add_demo
    from ..web.serving import serve as run

    return run(chosen.data, chosen.host, chosen.port, add_demo if chosen.demo else None)


def _default_data() -> Path:
    home = os.environ.get("XDG_DATA_HOME") or str(Path.home() / ".local" / "share")
    return Path(home) / "egg-tuck"


def _draft(spec: Path, out: Path | None) -> int:
    try:
        text = sys.stdin.read() if str(spec) == "-" else spec.read_text(encoding="utf-8")
        document = json.loads(text)
    except (OSError, UnicodeDecodeError) as error:
        return _complain(f"{spec}: {error}")
    except (json.JSONDecodeError, RecursionError) as error:
        return _complain(f"{spec}: not JSON: {error}")
    try:
        draft = draft_spec(document)
    except SpecError as error:
        for line in problem_lines(error, document):
            _complain(line)
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
