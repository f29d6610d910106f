"""Making a photo small, in a process of its own that has its readers loaded."""

from __future__ import annotations

import base64
import io

from PIL import Image, ImageOps

# The longer side of a kept photo, the longest side and the most pixels that are opened at all.
SIDE, LONGEST_SIDE, MOST_PIXELS = 900, 20_000, 60_000_000
_KINDS = ("JPEG", "PNG", "WEBP")


def made_small(data: bytes) -> dict[str, str]:
    """The photo as a JPEG of at most `SIDE` pixels a side, in base 64 (``jpeg``), upright, with none of what a camera noted; or what is wrong with
    it (``fault``)."""
    try:
        with Image.open(io.BytesIO(data), formats=_KINDS) as picture:
            if picture.width * picture.height > MOST_PIXELS or max(picture.size) > LONGEST_SIDE:
                return {"fault": "photo-large"}
            # A JPEG is not unpacked larger than it is wanted.
            picture.draft("RGB", (2 * SIDE, 2 * SIDE))
            # A camera's note on which way is up is used, then dropped with all its other notes.
            upright = ImageOps.exif_transpose(picture).convert("RGB")
    except MemoryError:
        return {"fault": "photo-heavy"}
    except (OSError, SyntaxError, ValueError, Image.DecompressionBombError):
        return {"fault": "photo"}
    upright.thumbnail((SIDE, SIDE))
    out = io.BytesIO()
    # A fresh picture has nothing but its pixels.
    Image.frombytes("RGB", upright.size, upright.tobytes()).save(out, "JPEG", quality=82, optimize=True)
    return {"jpeg": base64.b64encode(out.getvalue()).decode()}
