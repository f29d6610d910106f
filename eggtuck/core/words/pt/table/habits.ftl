### The maker's habits.

habits-title = Os seus hábitos
    .help = Com o que todo projeto novo começa. Cada projeto ainda pode diferir.
habits-ruler = Régua e papel
habits-unit = medir em
    .cm = centímetros
    .in = polegadas
    .mm = milímetros
habits-decimal = sinal decimal
    .point = ponto
    .comma = vírgula
habits-seam = toda costura
habits-rounding = medidas de corte arredondadas a
    .usual = a marca de costume
habits-paper = papel
habits-pace = guia de costura
    .single = uma coisa de cada vez
    .beginner = cada passo com o seu porquê
    .expert = passos em resumo
habits-table = mesa
    .system = como este computador
    .day = mesa de dia
    .night = mesa de noite
habits-language = idioma
habits-school = A sua escola
    .help = Onde quem costura difere. “Sem hábito” deixa a cada forma o seu primeiro jeito.
habits-forms = { $count ->
        [one] 1 forma
       *[other] { $count } formas
    }
habits-none = sem hábito
