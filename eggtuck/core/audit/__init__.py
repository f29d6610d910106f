"""Reading a cut list backwards: what somebody else's numbers make, where they disagree, and what fits in it."""

from .audit import Audit, Finding, Reading, audit
from .cut_list import CutList, own_cut_list, read_cut_list
from .document import audit_document, fits_document
from .fitting import Fitting, fits_of, try_things

__all__ = [
    "Audit",
    "CutList",
    "Finding",
    "Fitting",
    "Reading",
    "audit",
    "audit_document",
    "fits_document",
    "fits_of",
    "own_cut_list",
    "read_cut_list",
    "try_things",
]
