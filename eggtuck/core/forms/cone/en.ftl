### What is said of this form alone.

form-cone = Tapered tube with a round base
    .summary = A wall cut in a curve, so that it widens or narrows evenly. For tumblers, plant pots and tapered jars.
easier-cone = the same disc in a wall that goes straight up
