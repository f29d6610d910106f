### How a check is called, on the screen and on paper.

verdict-ok = Bom
verdict-note = Nota
verdict-warn = Cuidado
verdict-stop = Pare
