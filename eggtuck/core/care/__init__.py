"""How a finished make is looked after: from what it is made of, and from nothing else."""

from .card import CareCard, MadeOf, care_of

__all__ = ["CareCard", "MadeOf", "care_of"]
