"""The web interface of the core: requests in, documents out. No rule of the job lives here."""

from .app import create_app

__all__ = ["create_app"]
