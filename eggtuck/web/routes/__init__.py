"""The operations, one module per thing they work on."""

from . import (
    audits,
    bench,
    catalogue,
    cutting,
    drafts,
    files,
    learning,
    logbook,
    makes,
    pile,
    projects,
    settings,
    sittings,
    things,
)
from .table import API

__all__ = [
    "API",
    "audits",
    "bench",
    "catalogue",
    "cutting",
    "drafts",
    "files",
    "learning",
    "logbook",
    "makes",
    "pile",
    "projects",
    "settings",
    "sittings",
    "things",
]
