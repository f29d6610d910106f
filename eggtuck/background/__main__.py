"""One search: ``python -m eggtuck.background DATA lay CUTTING CLOTH`` or ``... DATA order BATCH``."""

import sys
from pathlib import Path

if __name__ == "__main__":
    data, what, *of = sys.argv[1:]
    if what == "lay":
        from .search import search

        search(Path(data), *of)
    else:
        from .planning import search_order

        search_order(Path(data), *of)
