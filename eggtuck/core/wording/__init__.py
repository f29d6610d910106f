"""Every sentence the program says, by id, so that another language is another catalogue."""

from .message import Message, Param, Percent, msg
from .speaker import LANGUAGES, Language, Speaker, learn

__all__ = ["LANGUAGES", "Language", "Message", "Param", "Percent", "Speaker", "learn", "msg"]
