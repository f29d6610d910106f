"""Everything Egg Tuck raises on purpose, in one tree. What else is raised is a fault of the program.

::

    EggTuckError
    ├── InputError            what was given cannot be used, and whoever gave it can mend it
    │   ├── LengthError       core.lengths   a length that cannot be read
    │   ├── SpecError         core.pattern   a spec that cannot be drafted: a problem for each field
    │   └── FileError         files          a file that cannot be used: a sentence and what it names
    │       ├── CutListTableError
    │       ├── OutlineError
    │       ├── PhotoError
    │       └── ProfileError
    ├── OffsetError           core.plane     an allowance that swallows an edge
    ├── UnsolvedError         core.audit     numbers that no sizes make
    ├── MissingError          store          no such row, or it was put away
    ├── StaleError            store          the row was changed elsewhere since it was read
    └── RefusedError          web            a request that cannot be carried out, as a problem document
"""

from __future__ import annotations


class EggTuckError(Exception):
    """Raised on purpose."""


class InputError(EggTuckError, ValueError):
    """What was given cannot be used."""
