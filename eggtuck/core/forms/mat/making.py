"""The order of sewing."""

from __future__ import annotations

from ...constructions.mats import Mat, mat_steps
from ...constructions.shared import finish_sewing, start_sewing
from ...drafting.make import Make


def add_steps(make: Make, mat: Mat) -> None:
    start_sewing(make, 1, apart=("padding",))
    mat_steps(make, mat)
    finish_sewing(make, put=False)
