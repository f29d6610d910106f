"""The operations, one module per thing they work on."""

from . import catalogue, drafts, files, makes, projects, settings, things
from .table import API

__all__ = ["API", "catalogue", "drafts", "files", "makes", "projects", "settings", "things"]
