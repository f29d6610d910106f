### What is said of this form alone.

form-cylinder = Tube with a round base
    .summary = A straight wall round a flat disc. For flasks, bottles, jars, cans and cups; a drawstring collar closes it.
easier-cylinder = the same lining and top, without easing a wall round a disc
