### What is said of this form alone.

form-gusset-bag = Round bag with a gusset
    .summary = Two circles and a strip round them, the zip in the strip or recessed at the top. Holds its shape.
easier-gusset-bag = the same circle and zip, without a gusset round it
