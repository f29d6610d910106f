"""What is done: operations on copies of pieces, the state of what is sewn, and how each step is told."""

from .backing import slip_in, thick_seams
from .machine import held_with
from .operation import Look, Operation, gap_look
from .order import Manner, Order
from .section import backings, sections
from .sewn import Sewn
from .telling import tell_steps

__all__ = [
    "Look",
    "Manner",
    "Operation",
    "Order",
    "Sewn",
    "backings",
    "gap_look",
    "held_with",
    "sections",
    "slip_in",
    "tell_steps",
    "thick_seams",
]
