"""The cutting table: what is cut from which cloth of one make or of several, how it lies there, and in what order it is cut."""
