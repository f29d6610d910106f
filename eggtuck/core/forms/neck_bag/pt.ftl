### What is said of this form alone.

form-neck-bag = Bolsa de gargalo franzido
    .summary = Um tubo plano que a garrafa abre, franzido onde começa o gargalo. A bolsa de presente mais rápida; não faz cantos.
input-neck-bag-base_diameter = base, de lado a lado
    .help = De lado a lado do fundo do objeto; metade fica abaixo da linha da base.
input-neck-bag-headroom = acima do objeto
    .help = Tecido entre o topo do objeto e a dobra de cima.
option-hem_turn = Bainha de cima
option-hem_turn-twice = virada duas vezes
    .why = A borda crua fica dentro; três camadas na dobra.
option-hem_turn-once = virada uma vez
    .why = Sobre uma borda crua com acabamento: mais plana, e mais rápida em tecido grosso.
step-deep-hem-once = Costurar a bainha
    .text = { $first } { $deep } para dentro em cima, na linha da dobra, e costure duas vezes, a { $edge } da borda crua e a { $edge } da beira.
step-deep-hem-once-flat = Costurar a bainha enquanto está plano
    .text = { $first } { $deep } para dentro em cima, na linha da dobra, e costure duas vezes enquanto a peça está plana, a { $edge } da borda crua e a { $edge } da beira.
