### What is said of this form alone.

form-boxed-bag = Boxed-base bag
    .summary = A tube whose two squashed corners make a flat base. Stands by itself; for bottles, jars, cans, mugs and cartons.
