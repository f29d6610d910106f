"""Sending files."""

from __future__ import annotations

import re
import unicodedata

from flask import Response


def sent(data: bytes, media: str, name: str, ending: str, show: bool = False) -> Response:
    """A file to keep, or to ``show``, named after what it is of with plain characters only: letters without their accents."""
    bare = unicodedata.normalize("NFKD", name).encode("ascii", "ignore").decode()
    plain = re.sub(r"[^A-Za-z0-9]+", "-", bare).strip("-").lower() or "egg-tuck"
    how = "inline" if show else "attachment"
    return Response(data, mimetype=media, headers={"Content-Disposition": f'{how}; filename="{plain}.{ending}"'})
