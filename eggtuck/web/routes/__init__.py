"""The operations, one module per thing they work on."""

from . import audits, bench, catalogue, cutting, drafts, files, makes, pile, projects, settings, things
from .table import API

__all__ = [
    "API",
    "audits",
    "bench",
    "catalogue",
    "cutting",
    "drafts",
    "files",
    "makes",
    "pile",
    "projects",
    "settings",
    "things",
]
