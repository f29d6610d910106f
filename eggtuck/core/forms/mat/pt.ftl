### What is said of this form alone.

form-mat = Jogo americano
    .summary = Topo, acolchoamento e verso, acolchoados, aparados e debruados. Para canecas, panelas e lugares à mesa.
input-mat-corner = quadrado de canto
    .help = Lado pronto do quadrado costurado através de cada canto de um bloco.
input-mat-height = altura
    .help = Do jogo americano aparado.
input-mat-width = largura
    .help = Do jogo americano aparado.
