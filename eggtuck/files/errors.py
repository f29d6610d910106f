"""A file that cannot be used."""

from __future__ import annotations

from typing import ClassVar

from ..core.errors import InputError
from ..core.words import Message, Param, msg


class FileError(InputError):
    """``key`` names the sentence, ``say`` what it names. ``field`` is where the file was given, ``title`` names what it is not."""

    family: ClassVar[str] = "problem.file-"
    field: ClassVar[str] = ""
    title: ClassVar[str] = "file"

    def __init__(self, key: str, **say: Param) -> None:
        super().__init__(key)
        self.key, self.say = key, say

    @property
    def message(self) -> Message:
        return msg(self.family + self.key, **self.say)
