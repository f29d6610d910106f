"""The operations, one module per thing they work on."""

from . import audits, bench, catalogue, drafts, files, makes, projects, settings, things
from .table import API

__all__ = ["API", "audits", "bench", "catalogue", "drafts", "files", "makes", "projects", "settings", "things"]
