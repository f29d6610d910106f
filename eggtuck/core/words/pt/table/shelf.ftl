### The shelf of measured things, the drawer of hardware, and those a make is for.

shelf-cover = A prateleira
    .add = Medir outro objeto
    .group = a cobrir
shelf-hardware = A gaveta
    .add = Medir uma ferragem
    .group = ferragens
shelf-wearer = Para quem é
    .add = Medir quem usa
    .group = pessoas
shelf-taken = “{ $name }” foi tirado.
shelf-kept = “{ $name }” está guardado.
shelf-cover-it = Cobrir
shelf-take-off = Tirar
    .label = Tirar { $name }

## The editor

editor-new = Medir um objeto
editor-close = Fechar
editor-name = nome
    .wanted = Dê-lhe um nome pelo qual achá-lo.
editor-kind = tipo
editor-ruler = régua
editor-card = Imprimir um cartão para medir
editor-note = nota
editor-keep = Guardar
    .shelf = Pôr na prateleira

photo-look = Como é
photo-another = outra foto
photo-first = uma foto para reconhecê-lo
photo-away = Tirar a foto

profile-rows = altura; volta
    .help = da mesa para cima, uma linha cada
profile-out = o que sobressai, na altura; volta dos dois
profile-file = De uma tabela (CSV) ou de um escaneamento (STL, OBJ, PLY)
    .label = Arquivo do perfil
profile-scan = um escaneamento em
    .label = Unidade do escaneamento
