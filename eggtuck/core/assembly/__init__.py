"""The order of sewing: steps with what they join, how, and what to look at before going on."""

from .sequence import Sequence

__all__ = ["Sequence"]
