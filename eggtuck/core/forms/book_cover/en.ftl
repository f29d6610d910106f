### What is said of this form alone.

form-book-cover = Notebook cover
    .summary = A wrap round boards and spine whose flaps hold the boards. For notebooks, planners and books.
easier-book-cover = the same bagging out and pressing, a finger long
input-book-cover-flap = flap
    .help = How far each flap reaches over the inside of its board. A third to two thirds of the board.
