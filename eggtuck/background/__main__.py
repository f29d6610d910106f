"""One search: ``python -m eggtuck.background DATA CUTTING CLOTH``."""

import sys
from pathlib import Path

from .search import search

if __name__ == "__main__":
    search(Path(sys.argv[1]), sys.argv[2], sys.argv[3])
