### What is said of this form alone.

form-mug-bag = Porta-caneca
    .summary = Uma bolsa de fundo quadrado para a caneca numa envoltura acolchoada com aba, bolsos e alça. Para levar a própria caneca.
easier-mug-bag = a mesma caixa, sem envoltura, bolsos e aba
input-mug-bag-corner_radius = cantos arredondados
    .help = Raio dos dois cantos da aba.
input-mug-bag-flap = aba
    .help = Da beira de trás por cima e descendo a frente.
input-mug-bag-handle_length = alça de mão
    .help = Comprimento da alça de mão entre as costuras.
input-mug-bag-pocket_height = bolso
    .help = Altura do bolso pronto, medida da borda de trás da base.
