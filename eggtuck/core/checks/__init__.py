"""Checks that any draft can carry: seams, allowances, the turning gap, the ruler, cautions."""
