### What stands on printed pages.

print-cut = cortar { $count } { $role }
print-strip = reta: corte com uma régua, não está entre as páginas do molde
print-cut-larger = cortar { $count } { $role }, { $inset } maior em toda a volta, aparar depois
print-cut-worked = { $cut }, { $times ->
        [one] antes { $over } maior em toda a volta
       *[other] { $count ->
            [one] uma delas
           *[other] { $count } cópias delas
        } antes { $over } maior em toda a volta
    }
print-cut-smaller = cortar { $count } { $role }, { $inset } menor em toda a volta
print-cut-size = medida de corte { $width } × { $height }
print-test-square = { $side }: meça isto antes
print-whole = { $title }: todas as peças numa página
print-tile = { $title }: ponha as cruzes de páginas vizinhas uma sobre a outra
print-finished = Pronto: { $sizes }.
print-pages = { $count ->
        [one] 1 página
       *[other] { $count } páginas
    }
print-test-line = { $side }
print-how-to-join = Imprima a 100 %, sem ajustar à página. Meça o quadrado. { $count ->
        [one] 1 página de molde.
       *[other] { $count } páginas de molde: apare por uma linha pontilhada, ponha as cruzes uma sobre a outra, cole.
    } Todas as peças incluem as margens: corte na linha cheia, costure na linha tracejada.
print-cut-list = Lista de corte
print-needs = Tenha pronto
print-mind = Lembre
print-put-right = Corrigido quando as instruções foram conferidas
print-steps = Ordem de costura
print-column-letter = peça
print-column-piece = nome
print-column-cut = cortar
print-column-cut-size = medida de corte, largura × altura
print-column-material = material
print-column-role = para
print-column-buy = comprar
print-column-width = largura
print-column =
    .note = nota
print-wide = { $width } de largura
print-stitch =
    { $sewn ->
        [zigzag] zigue-zague, { $length } de comprimento
        [decorative] ponto decorativo
        [overcast] overloque, ou um zigue-zague largo
       *[straight] ponto { $length }
    }
print =
    .check = Olhe:
print-band = Aceita-se de { $least } a { $most }.
print-wrong = Se não:
print-caution = Cuidado:
print-cut-net = cortar { $count } { $role }, só dentro da linha de costura
print-cut-lower = cortar { $count } { $role }, a metade de baixo
print-cut-upper = cortar { $count } { $role }, a metade de cima
print-cut-left = cortar { $count } { $role }, a metade esquerda
print-cut-right = cortar { $count } { $role }, a metade direita
print-cut-band = cortar { $count } { $role }, uma faixa

## What files are called after the project's name

file-form = forma
file-cut-list = lista de corte
file-draft = traçado
file-cutting = corte
file-care = cuidado
file-label = etiqueta de venda
file-tag = etiqueta
print-layered = O que fica sobre o quê
