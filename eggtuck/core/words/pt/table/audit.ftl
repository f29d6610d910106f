### A cut list read backwards.

audit-title = Conferir uma lista de corte
audit-name = { $form }, corrigida
audit-bring-in = Trazer uma tabela
    .label = Tabela da lista de corte
audit-makes = O que ela faz
    .help = a forma, e como é feita
audit-ruler = A régua deles
audit-form = Forma:
audit-numbers = Os números deles
    .help = como as instruções os dão; nada é adivinhado
audit-also = Também dado, se eles dizem
audit-announced = anunciado: { $size }
audit-over = { $piece }: cortar maior em toda a volta
audit-tab-one = duas linguetas frente a frente: uma, desde a borda lateral crua
audit-tab-other = duas linguetas frente a frente: a outra, desde a borda lateral crua
audit-comes = O que resulta
audit-needed = ainda falta: { $numbers }
audit-to-settle = { $count } a resolver
audit-agrees = todos os números concordam
audit-drawn = { $form } como estes números a fazem
audit-lay = Pôr na mesa como projeto

audit-cloth = O tecido deles
audit-cloth-of = { $role }, o tecido deles
audit-cloth-length = { $role }, a comprar
audit-cloth-width = { $role }, largura
audit-cloth-up = { $role }: tem lado de cima, estampa ou pelo

audit-right = Corrigido
audit-again = o deles de novo
audit-why = por quê
    .label = Por que { $label } foi corrigido
audit-rest = concorda com o resto em { $length }
audit-disagree = Desacordos
audit-use = Usar { $length } para { $label }
audit-or = Ou { $length } para { $label }
