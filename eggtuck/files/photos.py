"""Photos of things: read from whatever a camera made, kept small."""

from __future__ import annotations

import io
from typing import Final

from PIL import Image, ImageOps

from .errors import FileError

# The longer side of a kept photo, and the most pixels that are opened at all.
SIDE: Final = 900
MOST_PIXELS: Final = 60_000_000
_KINDS: Final = ("JPEG", "PNG", "WEBP")


class PhotoError(FileError):
    """The file is not a picture that can be kept."""

    field = "photo"
    title = "photo"


def plain_photo(data: bytes) -> bytes:
    """A photo as `small_photo` keeps it: as it is where it is one already. Raises `PhotoError`."""
    try:
        with Image.open(io.BytesIO(data), formats=("JPEG",)) as picture:
            if max(picture.size) <= SIDE and not picture.getexif() and not picture.info.get("comment"):
                picture.load()
                return data
    except (OSError, SyntaxError, ValueError, Image.DecompressionBombError):
        pass
    return small_photo(data)


def small_photo(data: bytes) -> bytes:
    """A JPEG of at most `SIDE` pixels a side, upright, without what a camera noted (place, time). Raises `PhotoError`."""
    try:
        with Image.open(io.BytesIO(data), formats=_KINDS) as picture:
            if picture.width * picture.height > MOST_PIXELS:
                raise PhotoError("photo", most=MOST_PIXELS // 1_000_000)
            # A camera's note on which way is up is used, then dropped with all its other notes.
            upright = ImageOps.exif_transpose(picture).convert("RGB")
    except PhotoError:
        raise
    except (OSError, SyntaxError, ValueError, Image.DecompressionBombError) as error:
        raise PhotoError("photo", most=MOST_PIXELS // 1_000_000) from error
    upright.thumbnail((SIDE, SIDE))
    out = io.BytesIO()
    upright.save(out, "JPEG", quality=82, optimize=True)
    return out.getvalue()
