"""What is done: operations on copies of pieces, the state of what is sewn, and how each step is told."""

from .backing import slip_in, thick_seams
from .machine import held_with
from .marking import has_middles
from .operation import Centring, Look, Operation, gap_look
from .order import Manner, Order
from .section import backings, sections
from .sewn import Sewn
from .telling import reckon_minutes, tell_steps
from .waiting import interleaved

__all__ = [
    "Centring",
    "Look",
    "Manner",
    "Operation",
    "Order",
    "Sewn",
    "backings",
    "gap_look",
    "has_middles",
    "held_with",
    "interleaved",
    "reckon_minutes",
    "sections",
    "slip_in",
    "tell_steps",
    "thick_seams",
]
