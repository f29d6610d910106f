"""What is noted of a make: the time it took, what it was, how it did in the trial, and where it stands between sittings."""
