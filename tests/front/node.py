"""A module of the front end at work in Node: what it is told goes in a line at a time, what it answers comes back."""

from __future__ import annotations

import json
import subprocess
import tempfile
from pathlib import Path
from typing import Any

FRONT = Path(__file__).parents[2] / "frontend"
_BUILD = """
import ts from "typescript";
import { readFileSync, writeFileSync } from "node:fs";
const [from, to] = process.argv.slice(-2);
const options = { module: ts.ModuleKind.ESNext, target: ts.ScriptTarget.ES2022 };
const { outputText, diagnostics } = ts.transpileModule(readFileSync(from, "utf8"), { compilerOptions: options, reportDiagnostics: true });
if (diagnostics.length > 0) throw new Error(ts.formatDiagnostics(diagnostics, { getCanonicalFileName: (f) => f, getCurrentDirectory: () => "", getNewLine: () => "\\n" }));
writeFileSync(to, outputText);
"""


class Node:
    """Runs ``script``, which reads lines of JSON and writes one for each; it imports the built module as ``./module.mjs``."""

    def __init__(self, module: str, script: str) -> None:
        self.folder = tempfile.TemporaryDirectory()
        built = Path(self.folder.name) / "module.mjs"
        command = ["node", "--input-type=module", "-e", _BUILD, "--", str(FRONT / "src" / module), str(built)]
        subprocess.run(command, cwd=FRONT, check=True, capture_output=True)
        main = Path(self.folder.name) / "main.mjs"
        main.write_text(script, encoding="utf-8")
        pipe = subprocess.PIPE
        self.process = subprocess.Popen(["node", str(main)], stdin=pipe, stdout=pipe, text=True, bufsize=1)

    def ask(self, told: Any) -> Any:
        stdin, stdout = self.process.stdin, self.process.stdout
        assert stdin is not None and stdout is not None
        stdin.write(json.dumps(told) + "\n")
        return json.loads(stdout.readline())

    def close(self) -> None:
        self.process.kill()
        self.process.communicate()
        self.folder.cleanup()
