"""Photos of things: read from whatever a camera made, kept small."""

from __future__ import annotations

import base64
import io
from typing import Final

from PIL import Image

from .apart import Limits, StoppedError, read_apart
from .errors import FileError
from .picturing import LONGEST_SIDE, MOST_PIXELS, SIDE, made_small

# As much as a photo of `MOST_PIXELS` takes when it is turned.
_LIMITS: Final = Limits(memory=1_400_000_000, processor=10, clock=30.0)
_SAY: Final = {"most": MOST_PIXELS // 1_000_000, "side": LONGEST_SIDE}


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
    """A JPEG of at most `SIDE` pixels a side, upright, without what a camera noted (place, time). It is read in a process of its own with a limit on
    time and memory. Raises `PhotoError`."""
    try:
        answer = read_apart(made_small, data, limits=_LIMITS)
    except StoppedError as error:
        faults = {
            "clock": "photo-heavy",
            "limit": "photo-heavy",
            "fault": "photo",
            "busy": "busy",
            "stopped": "stopped",
        }
        raise PhotoError(faults[error.by], **(_SAY if error.by == "fault" else {})) from error
    if "fault" in answer:
        raise PhotoError(answer["fault"], **_SAY)
    return base64.b64decode(answer["jpeg"])
