### What is said of this form alone.

form-bookmark = Marcador de página
    .summary = Uma tira firme, com verso ou dobrada. Uma coisinha para retalhos.
input-bookmark-length = comprimento
    .help = De ponta a ponta, pronto.
input-bookmark-width = largura
    .help = De lado a lado, pronto.
