"""How a thing sits in a form: ease, base, height, tie. Verdicts are checks on the draft."""
