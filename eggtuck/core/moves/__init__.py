"""Construction moves that forms share: they add edges, seams and marks to pieces."""
