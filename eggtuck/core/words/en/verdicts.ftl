### How a check is called, on the screen and on paper.

verdict-ok = Good
verdict-note = Note
verdict-warn = Careful
verdict-stop = Stop
