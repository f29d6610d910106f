"""The pictures of steps, drawn from the operations their words come from."""

from .show import show_steps

__all__ = ["show_steps"]
