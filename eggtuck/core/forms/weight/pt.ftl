### What is said of this form alone.

form-weight = Peso recheado
    .summary = Duas tiras se cruzam na base e fecham num pequeno quadrado em cima. Para pesos de molde e de porta.
input-weight-slant = inclinação
    .help = Subindo o meio de uma aba, da base ao quadrado de cima.
mark-weight-base = borda da base
mark-weight-base-lower = a { $raw } da ponta crua de baixo
mark-weight-base-upper = a { $raw } da ponta crua de cima
