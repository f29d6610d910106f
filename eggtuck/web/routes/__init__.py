"""The operations, one module per thing they work on."""

from . import (
    audits,
    batches,
    bench,
    beside,
    catalogue,
    cutting,
    drafts,
    files,
    learning,
    logbook,
    makes,
    orders,
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
    "batches",
    "bench",
    "beside",
    "catalogue",
    "cutting",
    "drafts",
    "files",
    "learning",
    "logbook",
    "makes",
    "orders",
    "pile",
    "projects",
    "settings",
    "sittings",
    "things",
]
