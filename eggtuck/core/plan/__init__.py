"""Time: what of a make lies ready, what rests, what can be done meanwhile, and in which order several makes are made."""
