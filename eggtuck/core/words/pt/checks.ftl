### Checks that any make can carry: what is assumed, what is not used, what does not go together.

check-allowance-assumed = Margem de costura suposta
    .text = Ninguém disse a largura das costuras: supõe-se { $allowance } em todas. Diga a sua antes de cortar.
check-allowance-assumed-some =
    .text = Ninguém disse a largura destas costuras: { $edges }. Supõe-se { $allowance } ali. Diga a sua antes de cortar.
check-object-assumed = Ainda não medido
    .text = Suposto, como são em geral: { $measures }. Meça o seu antes de cortar.
check-layer-unused = Nada é cortado de: { $material }
    .text = Nenhuma peça deste trabalho leva { $material } ({ $role }): não se corta nem se conta. { $lies ->
        [yes] Escolha como é cortado, para todas as peças ou para algumas,
       *[no] Acrescente uma parte que o leve,
    } ou tire-o.
fix-drop-layer = Tirar: { $role }
check-wide = Mais larga que o tecido: { $piece }
    .text = { $letter }, { $piece }, tem { $across } de lado a lado; { $material } deixa { $room } entre as ourelas. Pegue tecido mais largo, ou emende antes { $count ->
        [one] 1 largura
       *[other] { $count } larguras
    }, { $allowance } para cada lado da emenda.
check-needs-lining = Esta borda de cima precisa de forro
    .text = “{ $top }” une o exterior a um forro, e nenhum forro foi escolhido: sem ele faz-se uma bainha.
check-flat-lined = Forro e exterior como um só tecido
    .text = Nenhuma costura os une: cada forro é alinhavado no avesso do seu exterior, e os dois são costurados como um.
fix-add-mesh = Usar tela na base
fix-add-mesh-pocket = Usar tela no bolso
check-no-mesh = Nenhuma tela escolhida
    .text = A base deve ser de tela, e não há nenhuma entre as camadas: é cortada como a parede.
    .pocket = O bolso deve ser de tela, e não há nenhuma entre as camadas: é cortado do exterior.
fix-base-follows = Deixar a base seguir a parede
check-seam-mark = Tão perto quanto a régua permite
    .text = { $seam }: { $a } sobre { $b }, menos de uma marca de { $step } de diferença. Corte a mais longa um fio menor.
check-gap-all = A abertura leva o que a costura permite
    .text = { $gap } abertos; virar pede cerca de { $needed }. Puxe as camadas uma de cada vez.
check-lining-print = Um forro liso poupa { $more }
    .text = A estampa tem lado de cima, e nenhuma peça pode ser virada: { $material }. Visto só por dentro, um tecido liso serve igual: ponha os dois ao lado do exterior à luz do dia e veja se o tom combina.
check-lining-print-same = A estampa do forro não leva mais tecido
    .text = Nenhuma peça precisa ser virada para poupar tecido: { $material }. Ponha-o ao lado do exterior à luz do dia e veja se o tom combina.
check-lining-nap = Um forro sem pelo poupa { $more }
    .text = O tecido tem pelo, e nenhuma peça pode ser virada: { $material }. Visto só por dentro, um tecido liso serve igual: ponha os dois ao lado do exterior à luz do dia e veja se o tom combina.
check-lining-nap-same = O pelo do forro não leva mais tecido
    .text = Nenhuma peça precisa ser virada para poupar tecido: { $material }. Ponha-o ao lado do exterior à luz do dia e veja se o tom combina.
check-gap-long = A abertura é mais longa que o preciso
    .text = { $gap } abertos; virar por ela pede cerca de { $needed }. Uma mais curta é menos a fechar: deixe mais só onde uma camada dura ou algo costurado tem de passar.
fix-gap-proposed = Deixar como de costume
fit-gathered = Tecido a franzir
    .text = A beira fica { $over } acima do objeto: é franzida na linha do laço.
fit-collared = A gola o cobre
    .text = O objeto fica { $over } acima da parede; a gola de { $collar } vai { $above } além dele.
fit-folds-down = A beira se dobra sobre ele
    .text = A beira fica { $over } acima do objeto, o bastante para dobrar sobre ele.
fix-ease-more = Dar { $ease } a mais de folga
mark-gap-begins = começa a abertura
mark-gap-ends = acaba a abertura
fix-measured = Eu medi: estão certas
problem-assumed = Nomeie medidas deste objeto: { $measures }.
fix-mouth-follows = Fazer a boca tão larga quanto a ponta
check-rim-wider = Uma beira de { $rim } de lado a lado tem { $round } em volta, mais que a volta mais larga de { $girth }. A capa segue a mais larga das duas.
check-bulge-slim = A ponta tem { $end } em volta e o cabo { $grip }: um bojo mais fino que o cabo nada segura.

## What it holds

check-room = Contém cerca de { $room }
check-room-rim =
    .text = É o que cabe até a beira, quando fica aberto.
check-room-closed =
    .text = É o que cabe quando está fechado; cheio até abaular leva mais.
filled-rim = até a beira
filled-closed = quando está fechado
filled-filling = de recheio
check-room-enough = Contém o que você quer
    .text = Contém cerca de { $room } { $filled }; você quer { $wanted }.
check-room-short = Contém de menos
    .text = Contém cerca de { $room } { $filled }; você quer { $wanted }.
check-room-more = Contém mais do que você quer
    .text = Contém cerca de { $room } { $filled }; você quer { $wanted }.
fix-room = Fazer { $size }: { $length }
fix-room-all = Fazer tudo { $way }
fix-larger = maior
fix-smaller = menor
