### What is said of this form alone.

form-round-pouch = Round pouch
    .summary = A whole circle behind, two segments and a zip in front. For coins, cables and tokens.
