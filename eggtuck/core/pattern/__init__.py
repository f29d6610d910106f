"""The vocabulary of the product: what a draft is made of."""

from .chain import Chain, Line
from .draft import Band, Check, Draft, Fix, InputState, Need, ObjectView, Step, StepLine, StepThing, Verdict
from .piece import Copy, Cut, Edge, Fold, Mark, Piece, Role
from .problem import Problem, SpecError
from .seam import EdgeUse, Gap, Hem, Seam
from .solid import Carried, Facet, Solid, Span

__all__ = [
    "Band",
    "Carried",
    "Chain",
    "Check",
    "Copy",
    "Cut",
    "Draft",
    "Edge",
    "EdgeUse",
    "Facet",
    "Fix",
    "Fold",
    "Gap",
    "Hem",
    "InputState",
    "Line",
    "Mark",
    "Need",
    "ObjectView",
    "Piece",
    "Problem",
    "Role",
    "Seam",
    "Solid",
    "Span",
    "SpecError",
    "Step",
    "StepLine",
    "StepThing",
    "Verdict",
]
