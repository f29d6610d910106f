"""Every sentence the program says, by id: a language is a folder of Fluent files."""

from .languages import DECIMAL_MARKS, LANGUAGES, SPOKEN, STRETCHED, Language, learn, said_in
from .message import Message, Param, Percent, Thickness, Volume, msg
from .speaker import Speaker

__all__ = [
    "DECIMAL_MARKS",
    "LANGUAGES",
    "SPOKEN",
    "STRETCHED",
    "Language",
    "Message",
    "Param",
    "Percent",
    "Speaker",
    "Thickness",
    "Volume",
    "learn",
    "msg",
    "said_in",
]
