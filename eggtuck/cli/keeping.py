"""Everything saved and brought back, without a browser."""

from __future__ import annotations

import sys
from pathlib import Path

from ..core.lengths import Ruler
from ..core.words import Message, Speaker, msg
from ..files.errors import FileError
from ..store import StoreError
from ..store.whole import Meeting
from ..web import whole


def save_everything(data: Path, archive: Path) -> int:
    """Writes the archive whole, or not at all; 2 where there is nothing to save or no room for it."""
    making = archive.with_name(f".{archive.name}.making")
    try:
        with making.open("wb") as out:
            whole.save_everything(data, out)
        making.replace(archive)
    except StoreError as error:
        return _complain(msg(f"refused.file-{error.words}.text"))
    except OSError as error:
        print(error, file=sys.stderr)
        return 2
    finally:
        making.unlink(missing_ok=True)
    return 0


def bring_back(data: Path, archive: Path, meeting: Meeting) -> int:
    """Brings everything in, and tells what became of it; 2 where the file is none that can be brought back."""
    speaker = Speaker(Ruler())
    try:
        with archive.open("rb") as file:
            brought = whole.bring_back(data, file, meeting)
    except FileError as error:
        return _complain(error.message)
    except StoreError as error:
        return _complain(msg(f"refused.file-{error.words}.text"))
    except OSError as error:
        print(error, file=sys.stderr)
        return 2
    for text in whole.told(brought):
        print(speaker.say(text))
    for name in brought.unread:
        print(speaker.say(msg("keeping.unread", name=name)), file=sys.stderr)
    return 0


def _complain(message: Message) -> int:
    print(Speaker(Ruler()).say(message), file=sys.stderr)
    return 2
