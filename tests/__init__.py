"""Tests. Properties are tried on the same examples every time, with no clock running."""

from hypothesis import settings

settings.register_profile("eggtuck", derandomize=True, database=None, deadline=None, max_examples=60)
settings.load_profile("eggtuck")
