"""What is done: operations on copies of pieces, the state of what is sewn, and how each step is told."""

from .arranging import arranged
from .backing import numbered, slip_in, thick_seams
from .habits import Habits, habit_checks, held, hold
from .marking import habit_counts, has_middles
from .operation import Centring, Look, Operation, gap_look
from .order import Manner, Order
from .section import backings, sections
from .sewn import Sewn
from .telling import reckon_minutes, tell_steps

__all__ = [
    "Centring",
    "Habits",
    "Look",
    "Manner",
    "Operation",
    "Order",
    "Sewn",
    "arranged",
    "backings",
    "gap_look",
    "habit_checks",
    "habit_counts",
    "has_middles",
    "held",
    "hold",
    "numbered",
    "reckon_minutes",
    "sections",
    "slip_in",
    "tell_steps",
    "thick_seams",
]
