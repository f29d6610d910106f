"""What is done: operations on copies of pieces, the state of what is sewn, and how each step is told."""

from .machine import held_with
from .operation import Look, Operation, gap_look
from .order import Manner, Order
from .sewn import Sewn
from .telling import tell_steps

__all__ = ["Look", "Manner", "Operation", "Order", "Sewn", "gap_look", "held_with", "tell_steps"]
