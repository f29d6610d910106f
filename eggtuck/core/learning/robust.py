"""The middle of a few measures, and how far they lie apart, so that one bad evening does not count."""

from __future__ import annotations

import math
from collections.abc import Sequence
from statistics import median

from ..frozen import frozen

# A standard deviation is so many median deviations, and a median varies so much more than a mean, where the measures are normal.
_SPREAD, _MEDIAN = 1.4826, math.sqrt(math.pi / 2)


@frozen
class Estimate:
    """``middle`` of ``count`` measures that lie ``spread`` (as a standard deviation) apart."""

    middle: float
    spread: float
    count: int

    @property
    def error(self) -> float:
        """How far the middle may be off: two standard errors of a median."""
        return 2 * _MEDIAN * self.spread / math.sqrt(self.count)


def estimate(values: Sequence[float], least_spread: float = 0.0) -> Estimate:
    """The median of at least one value, and the spread by the median deviation, no less than what they can be measured to.

    Example:
        >>> estimate([1.0, 1.2, 1.4, 9.0]).middle, round(estimate([1.0, 1.2, 1.4, 9.0]).spread, 2)
        (1.3, 0.3)
    """
    middle = median(values)
    spread = _SPREAD * median(abs(value - middle) for value in values)
    return Estimate(middle, max(spread, least_spread), len(values))
