"""The operations, one module per thing they work on."""

from . import audits, catalogue, drafts, files, makes, projects, settings, things
from .table import API

__all__ = ["API", "audits", "catalogue", "drafts", "files", "makes", "projects", "settings", "things"]
