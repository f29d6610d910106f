"""What a server needs before it can serve, loaded once: each server of the tests is forked from it."""

from __future__ import annotations

import os
import sys

import eggtuck.demo
import eggtuck.web.serving  # noqa: F401
from eggtuck.cli.main import main
from eggtuck.core.words import LANGUAGES, SPOKEN

for language in SPOKEN:
    LANGUAGES[language].read()


def serve(arguments: list[str]) -> None:
    """Runs ``eggtuck serve`` as the leader of its own processes, saying nothing."""
    os.setsid()
    os.dup2(os.open(os.devnull, os.O_WRONLY), 1)
    sys.exit(main(["serve", *arguments]))
