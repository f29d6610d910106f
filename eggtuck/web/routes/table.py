"""The one table of operations."""

from __future__ import annotations

from ..contract import Api

API = Api()
