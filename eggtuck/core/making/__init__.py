"""What is done: operations on copies of pieces, the state of what is sewn, and how each step is told."""

from .operation import Look, Operation, gap_look
from .order import Order
from .sewn import Sewn
from .telling import tell_steps

__all__ = ["Look", "Operation", "Order", "Sewn", "gap_look", "tell_steps"]
