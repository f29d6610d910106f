"""`python -m tests`: see `running`."""

import sys

from .running import main

if __name__ == "__main__":
    sys.exit(main())
