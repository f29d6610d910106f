"""Names as any file takes them."""

from __future__ import annotations

import unicodedata


def plain(name: str) -> str:
    """A name without what steers a terminal or a printer, and without halves of signs: XML, PDF and DXF take neither.

    >>> plain("Jar\\x00 cosy\\x1b[31m")
    'Jar cosy[31m'
    """
    return "".join(
        " " if sign in "\n\t" else sign
        for sign in name
        if sign in "\n\t" or unicodedata.category(sign) not in ("Cc", "Cs")
    )
