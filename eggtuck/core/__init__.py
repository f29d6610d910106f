"""Everything Egg Tuck knows about the job, with no interface, storage or network in it."""
