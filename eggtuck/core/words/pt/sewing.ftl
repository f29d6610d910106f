### Sewing steps beyond bags and tubes.

step-put-in-book = Pôr o~{ $thing } dentro
    .text = Dobre as duas capas duras para trás e enfie o~{ $thing } nas abas, depois feche.
    .check = O livro fecha de todo e a capa não repuxa; anote o que mudaria.
step-put-in-bowl = Pôr o~{ $thing } dentro
    .text = Ponha o~{ $thing } no meio e olhe a base e a altura da beira.
    .check = A beira tem a mesma altura em toda a volta; anote o que mudaria.
step-press-done = Dar a última forma
    .text = { $pile ->
        [yes] Vinque tudo com os dedos, ou deixe o vapor agir logo acima,
       *[no] { $pressing } tudo pelo direito
    } até cada borda ficar como deve.
step-clip-curve = Dar piques na curva
    .text = Corte pequenos piques em V na margem de toda curva, com { $deep } de fundo, no máximo a { $apart } um do outro onde a curva é mais fechada.
    .why = Virada para dentro uma curva tem borda demais para o seu lugar; os piques a tiram.
step-clip-curve-short = Dar piques na curva
    .text = Corte pequenos entalhes na margem de toda curva, até quase a costura, no máximo a { $apart } um do outro onde a curva é mais fechada.
step-trim-curve = Aparar a curva
    .text = Apare as duas margens de toda curva juntas para { $narrow }.
    .why = Virada para dentro uma curva tem borda demais para o seu lugar. Chuleio não seguraria em piques: uma margem estreita se acomoda sozinha.
step-trim-corners = Aparar os cantos
    .check = Nenhum ponto foi cortado: puxado de leve, todo canto segura.
    .text = Corte a margem em diagonal em todo canto, rente à costura mas sem cortá-la. Deixe inteira a margem na abertura.

## Zips

zip-tab-cut = Corte o que do zíper passar mais de { $under } além da costura, nas duas pontas.
zip-tab-on = Dobre cada lingueta em dois e ponha-a sobre uma ponta do zíper, a dobra sobre a costura, de modo que { $tab } dela apareçam até a costura e { $length } de zíper entre as duas, e costure ao longo da dobra.
step-zip-ends-fabric-tabs = Cobrir as pontas do zíper
    .text = Feche o zíper e marque nele { $length }, tão longe de uma ponta como da outra. Costure através dele na marca de baixo, ponto por ponto, a agulha entre os dentes. Leve então o cursor para entre as duas marcas: além delas seria cortado. Na marca de cima ponha as duas fitas lado a lado, como fechadas, deixe o calcador segurá-las juntas, e costure também através delas.
    .check = O cursor corre entre as duas linguetas, e nenhuma ponta se abre.
step-zip-ends-long-tape = Preparar o zíper longo
    .text = Deixe a fita passar dos dois lados. Não a corte ainda: antes as duas costuras têm de passar sobre ela, com o cursor entre elas.
step-zip-ends-plain = Fechar as pontas do zíper
    .text = Dobre para trás as pontas da fita além das travas, na diagonal, fora do caminho das costuras, e prenda-as: abrem { $length } de zíper.
step-zip-ends-plain-free = Fechar as pontas do zíper
    .text = Dobre para trás as pontas da fita além das travas, na diagonal, tanto que as costuras dos lados não as peguem, e prenda-as: abrem { $length } de zíper.
step-zip-ends-shortened-free = Encurtar o zíper
    .text = Feche o zíper, o cursor em cima. Meça { $length } desde as travas dali, costure nesse lugar através dos dentes, uma dúzia de pontos num ponto só, e corte o zíper { $tail } além. Dobre a fita para trás nas duas pontas, na diagonal, tanto que as costuras dos lados não a peguem, e prenda-a.
step-zip-ends-free =
    .check = Fechado, tem { $length } de uma ponta à outra, e o cursor para nas duas.
step-zip-first = Costurar a primeira borda do zíper
    .check = Aberto, vê-se o direito do zíper ao lado do direito do tecido; o cursor corre de ponta a ponta sem pegar tecido.
step-zip-second = Costurar a segunda borda do zíper
    .check = Fechado, as duas metades se espelham e acabam juntas; o cursor corre de ponta a ponta sem pegar tecido.
step-zip-second-around =
    .check = Fechado, as duas bordas se espelham e acabam juntas; o cursor corre de ponta a ponta sem pegar tecido.
step-zip-topstitch = Pespontar ao lado do zíper
    .text = Dobre o tecido para longe do zíper, vinque, e costure dos dois lados, a { $edge } da dobra.
    .why = Mantém o tecido longe dos dentes.
    .lost = O tecido pode entrar nos dentes: vinque-o bem para longe deles.
step-zip-understitch = Costurar as margens ao forro
    .text = De cada lado abra exterior e forro para longe do zíper, ponha as margens e a borda da fita para o lado do forro, e costure só através de forro, margens e fita, a { $edge } da costura. Depois dobre os dois para longe do zíper e vinque.
    .why = Mantém o forro longe dos dentes, e nenhuma costura aparece por fora.
step-open-zip = Pare: abra o zíper até a metade
    .text = Leve o cursor ao meio dos { $opening } que abrem, antes de qualquer costura que feche o trabalho.
    .check = Cerca de { $half } estão abertos.
    .why = Com o zíper fechado a bolsinha pronta não vira.

## Spring frame

step-casing-ends = Fazer a bainha das pontas do túnel
    .text = { $first } { $end } para o avesso nas pontas curtas das duas tiras e costure, a { $edge } da borda crua.
step-casing-baste = Dobrar e alinhavar o túnel
    .text = Dobre cada tira ao comprido, avesso com avesso, e alinhave as bordas cruas a { $first }. O canal fica então com { $before } de largura.
step-casing-try = Provar o fecho
    .text = Empurre o fecho aberto, de { $deep } de largura, pelo túnel alinhavado.
    .check = Desliza. Se não: a tira foi dobrada fora do meio, ou o alinhavo é fundo demais.
step-casing-mouth = Costurar o túnel na boca
step-casing-try-again = Provar o fecho de novo
    .text = Empurre o fecho, de { $deep } de largura, pelos dois canais, agora de { $channel } de largura, antes que a bolsinha seja fechada.
    .check = Ainda desliza. Se não: descosture a costura da boca e costure mais perto da borda crua.
step-frame-in = Pôr o fecho
    .text = Abra o fecho numa dobradiça, empurre as duas barras pelos canais, feche a dobradiça e ponha o pino.
    .check = A boca fecha em todo o comprimento.

## Tetrahedron

step-tetra-sides =
    { $layer ->
        [role-only] Costurar os lados
       *[other] Costurar os lados de~{ $layer }
    }
step-tetra-flat =
    { $layer ->
        [role-only] Costurar a ponta plana
       *[other] Costurar a ponta plana de~{ $layer }
    }
step-tetra-end =
    { $layer ->
        [role-only] Costurar a ponta cruzada
       *[other] Costurar a ponta cruzada de~{ $layer }
    }
    .check = Costura fica sobre costura; as duas pontas estão em ângulo reto.
## Round pouch

step-trim-back =
    { $layer ->
        [role-lining] Aparar as costas do forro
       *[other] Aparar as costas
    }
    .text =
        { $layer ->
            [role-lining] Ponha a frente costurada sobre as costas do forro, meio com meio, e apare-as pelo forro da frente: { $loss } a menos de altura.
           *[other] Ponha a frente costurada sobre as costas, meio com meio, e apare as costas por ela: { $loss } a menos de altura.
        }
    .check = Frente e costas são iguais em toda a volta.
step-mark-back = Marcar as costas
    .text = Meça das bordas novas, como foram cortadas pela frente.
    .check = Toda marca está lá; postas sobre a frente concordam com as dela.
step-loop-in =
    .check = A presilha aponta para o meio e fica longe da costura.
step-round-seam =
    { $layer ->
        [role-only] Fazer a costura redonda
       *[other] Fazer a costura redonda de~{ $layer }
    }
    .check = A curva é uniforme; nada ficou preso.
## Gusset bag

step-piping-on = Costurar o vivo
    .text = Ponha { $piping } de vivo em volta de cada painel, o cordão para dentro, a costura dele na linha de costura; dê piques na aba dele na curva. Deixe as pontas se cruzarem embaixo, ou abra uma e ponha a outra dentro.
    .check = A costura do próprio vivo fica na linha de costura em todo o comprimento.
    .why = Costurado antes ao painel plano não escorrega na costura grossa.
step-ring = Fechar o anel
    .check = Medido na linha de costura o anel tem { $ring } em volta, o mesmo que os painéis.
step-ring-edges = Dobrar para dentro as bordas do anel
    .text = Ao longo das duas bordas longas do anel dobre as margens de { $side } do exterior e do forro uma para a outra, vinque, e costure as duas dobras juntas, a { $edge } delas.
    .check = O anel tem { $width } de largura em toda a volta, e nenhuma borda crua aparece.
step-ring-edges-padded = Dobrar para dentro as bordas do anel
    .text = Apare o acolchoamento das margens de { $side } ao longo das duas bordas longas do anel. Dobre as do exterior e do forro uma para a outra, vinque, e costure as duas dobras juntas, a { $edge } delas.
step-panel-lined = Costurar o painel ao seu forro
    .text = Ponha o exterior e o forro um sobre o outro, direito com direito, bordas cruas juntas, alto com alto. Costure em volta, a { $allowance } das bordas cruas.
    .check = Visto dos dois lados a costura pega as duas camadas.
step-panel-lined-padded = Costurar o painel ao seu forro
    .text = Ponha o exterior e o forro um sobre o outro, direito com direito, bordas cruas juntas, alto com alto. Costure em volta, a { $allowance } das bordas cruas, e apare o acolchoamento da margem, rente à costura.
step-turn-panels = Virar os painéis
    .text = Puxe cada painel para o direito pela abertura de { $gap } e empurre a borda em toda a volta por dentro. Ponha um alfinete ou um ponto de linha viva em cada pique, pois os piques agora ficam por dentro.
step-join-panels = Costurar os painéis ao anel
    .check = Pique encontra pique, e os painéis ficam planos.
    .why = Borda com borda nada se perde: o painel é tão grande quanto o molde.
step-join-closes = Ela fecha a abertura de { $gap } de cada painel, com as margens viradas para dentro.
step-round-at-once = Costurar em volta por todas as camadas
    .why = Uma costura em vez de duas, e nada a manter fora do caminho; a abertura fica aberta duas vezes quando se vira.
step-turn-both = Virar pela abertura
    .text = Entre pela abertura de { $gap } entre as costas de fora e a frente, pegue a borda mais distante e vire tudo para o direito: as costas do forro ficam dentro. Empurre a costura até a borda por dentro com algo sem ponta.
step-close-both = Fechar as duas aberturas à mão
    .text = A abertura de { $gap } está aberta duas vezes: feche primeiro por fora, em ponto escada pequeno de dobra a dobra, depois no forro.
step-gusset-round = Costurar o painel ao fole
    .check = Pique encontra pique; nenhuma prega ficou presa.
    .why = A tira com piques se abre e acompanha a curva.
step-recessed-zip = Montar o zíper
    .why = Além das duas pontas dele a boca fica aberta: assim o fole pode se abrir ali. Para o que é pequeno ponha menos em “{ input-size-free_clearance }”.
step-gusset-ends = Fechar as pontas do fole
step-gusset-ends-hem = Fazer a bainha das pontas do fole
    .text = Vire { $allowance } para o avesso nas duas pontas curtas, metade disso para baixo, e costure ao longo da dobra de dentro.
step-mouth-facing = Pôr o revel na boca
    .check = A costura começa e acaba exatamente no fole.

## Neck bag

step-neck-elastic = Costurar o elástico
    .text = Corte { $elastic } de elástico. No { $side }, na linha do gargalo, { $line } acima da borda crua da base, prenda as pontas nos dois lados com { $end } de cada uma para costurar, e o meio no meio; costure com { $zigzag }, esticando-o ao tecido enquanto vai.
neck-side-lining = lado do forro
neck-side-wrong = avesso
step-neck-ribbon = Prender a fita
    .text = { $laid } numa borda lateral na linha do gargalo, { $line } acima da borda crua da base, no direito, as pontas para dentro. Prenda-as no meio do painel, longe de toda costura.
step-neck-back = Fazer a costura das costas
    .check = As linhas do gargalo se encontram na costura.
step-neck-base = Fazer a costura da base

## Sleeve

step-sleeve-mouth = Unir exterior e forro na boca
step-sleeve-round = Fazer a costura longa de uma vez
    .check = Há { $gap } abertos entre dois arremates; as costuras da boca se encontram.
step-sleeve-single = Costurar lado e ponta
step-sleeve-side = Costurar o lado
step-sleeve-end = Costurar a ponta fechada
step-sleeve-tuck = Empurrar o forro para dentro
    .text = Empurre o forro para dentro do exterior com o cabo de uma colher de pau, ponta com ponta.
    .check = O forro está liso até o fim; nada se amontoa onde a mão pega.

## Bowl

step-bowl-quilt =
    { $layer ->
        [role-only] Acolchoar
       *[other] Acolchoar o~{ $layer }
    }
    .text =
        { $layer ->
            [role-only] Ponha-o
           *[other] Ponha o~{ $layer }
        } sobre o acolchoamento, com o direito para cima, prenda, vinque { $shape ->
            [square] de canto a canto nos dois sentidos, ou
           *[circle] duas vezes
        } através do meio, e costure nos vincos; mais linhas ao lado deles. Depois apare o acolchoamento que passar para fora do tecido.
    .check = Ainda mede o que o molde mede: acolchoar encolhe.
step-bowl-darts =
    { $layer ->
        [role-only] Costurar as duas primeiras pences
       *[other] Costurar as duas primeiras pences de~{ $layer }
    }
    .check = Pences opostas têm o mesmo comprimento; as pontas não franzem.
step-bowl-darts-next =
    { $layer ->
        [role-only] Costurar as duas pences seguintes
       *[other] Costurar as duas pences seguintes de~{ $layer }
    }
step-dart-trim = Aparar as pences
    .text = Abra as pences cortando e apare-as a { $trim } da costura.
step-bowl-hem = Fazer a bainha da beira
    .text = { $first } { $allowance } para o avesso em toda a volta, os cantos primeiro, e costure, a { $edge } da borda crua.
step-bowl-hem-round = Fazer a bainha da beira
    .text = Corra um ponto de franzir na margem, para encolhê-la na curva. { $first } { $allowance } para o avesso em toda a volta, e costure, a { $edge } da borda crua.
step-bowl-rim = Costurar em volta da beira
    .check = Costura de pence encontra costura de pence, viradas em sentidos opostos.
step-bowl-topstitch = Pespontar a beira
    .text = Costure em toda a volta, a { $edge } da borda, sobre a abertura de { $gap } com a margem virada para dentro.
    .why = A mesma costura fecha a abertura.

## Lid cover

step-lid-round = Costurar os círculos juntos
step-lid-holes = Fazer as casas
    .text = Nas suas marcas no direito faça duas casas através do canal, com { $long } de comprimento, { $beside } para cada lado da linha do meio ao pique, com um retalho firme por trás, e abra-as.
    .check = O cordão passa pelas duas.
lid-from-middle = a { $line } do meio
lid-from-edge = { $away } para dentro da borda
step-lid-channel = Costurar o canal
    .text = Pelas duas camadas costure em toda a volta na linha de dentro do canal, { $inner }, e na linha de fora, { $channel } mais para fora.
    .check = O canal tem a mesma largura em toda a volta.
step-lid-channel-open = Costurar o canal
    .text = Pelas duas camadas costure em toda a volta na linha de dentro do canal, { $inner }, e na linha de fora, { $channel } mais para fora; da linha de fora deixe { $open } abertos onde passa pela abertura.
step-lid-channel-edge = Costurar o canal
    .text = Pelas duas camadas costure em toda a volta na linha de dentro do canal, { $inner }. O outro lado é a borda, { $channel } para fora dessa linha.
step-lid-hem = Fazer a bainha da borda
    .text = Corra um ponto de franzir na margem, para encolhê-la na curva. { $first } { $allowance } para o avesso em toda a volta, e costure, a { $edge } da borda crua.
step-lid-hem-corners = Fazer a bainha da borda
    .text = Corra um ponto de franzir na margem onde a borda é curva, para encolhê-la. { $first } { $allowance } para o avesso em toda a volta, os cantos primeiro, com um pique em cada um que aponta para dentro, e costure, a { $edge } da borda crua.
step-lid-casing = Costurar o túnel
    .text = Dobre { $allowance } para dentro nas duas pontas e nas duas bordas longas da tira. Prenda-a no avesso do círculo, a borda de dentro na linha de dentro do canal, { $inner }, as pontas juntas ao pé da seta: cortada no viés ela cede, então ajuste essa borda e estique a de fora até a sua linha. Costure as duas bordas, a { $channel } uma da outra.
step-lid-casing-straight = Costurar o túnel
    .text = Dobre { $allowance } para dentro nas duas pontas e nas duas bordas longas da tira. Prenda-a no avesso do círculo, a borda de dentro na linha de dentro do canal, { $inner }, as pontas juntas ao pé da seta, e costure as duas bordas, a { $channel } uma da outra.
step-lid-elastic = Passar o elástico
    .text = Corte { $elastic } de elástico, passe-o entre as pontas da tira e em volta com um alfinete de segurança, sobreponha as pontas e costure-as. Costure as pontas da tira uma à outra.
    .check = O elástico não está torcido, e passa sobre a beira.
step-lid-elastic-in = Passar o elástico
    .text = Corte { $elastic } de elástico. Entre pela abertura e pelos { $open } abertos da linha de fora, passe-o em volta pelo canal com um alfinete de segurança, sobreponha as pontas e costure-as. Feche a linha de fora, sem prender elástico.
step-lid-elastic-edge = Passar o elástico
    .text = Corte { $elastic } de elástico. Entre pela abertura, passe-o em volta pelo canal com um alfinete de segurança, sobreponha as pontas e costure-as.
step-lid-cord = Passar o cordão
    .text = Passe o cordão, { $cord } de comprimento, para dentro por uma casa, em volta pelo canal e para fora pela outra com um alfinete de segurança; dê um nó nas pontas juntas.
mark-cord-hole = casas do cordão
    .datum = { $beside } para cada lado da linha do meio ao pique ao pé da seta, os meios { $raw } para dentro da borda crua

## Weight

step-strap-four = Dobrar a alça em quatro
    .text = Dobre a tira ao meio ao comprido e vinque, abra, dobre as duas bordas longas até o vinco, dobre de novo, e costure ao longo dos dois lados, a { $edge } das dobras.
    .check = Tem a mesma largura de ponta a ponta.
step-strap-four-closed = Dobrar a alça em quatro
    .text = Vire { $turn } para dentro nas duas pontas e vinque. Dobre a tira ao meio ao comprido e vinque, abra, dobre as duas bordas longas até o vinco, dobre de novo, e costure em toda a volta, a { $edge } das dobras.
step-handle-late = Costurar a alça de mão
    .text = Feche a aba. Ponha as pontas da alça de mão por fora nas costas, uma de cada lado, logo abaixo de onde viram por cima, e costure cada uma num quadrado de { $wide } de altura, a { $edge } das bordas, com uma cruz dentro, mantendo de lado a bolsa de dentro.
    .why = Só agora se vê como a aba fecha; e nada grosso fica na costura em volta da envoltura.
step-handle-on = Pôr a alça de mão no topo
    .text = Prenda as pontas da alça de mão em dois lados opostos do quadrado de cima, rentes às bordas cruas.
    .check = A alça de mão faz arco e não está torcida.
step-handle-on-diagonal = Pôr a alça de mão no topo
    .text = Ponha a alça de mão de canto a canto sobre o quadrado de cima, as pontas até os cantos crus. Prenda-as, e apare-as rentes às bordas cruas.
step-weight-base = Cruzar as tiras
    .check = As camadas estão em esquadro; nada ficou preso embaixo.
step-weight-corners = Costurar os quatro cantos
    .check = As quatro abas acabam no mesmo nível.
step-weight-top = Costurar o topo, três lados
    .check = Uma borda está aberta, três cantos se encontram.
step-fill = Encher
    .text = Ponha com um funil cerca de { $millilitres } ml de { $what }: { $spoons ->
        [one] 1 colher de sopa
       *[other] { $spoons } colheres de sopa
    }, { $grams } g. Bata para assentar.
    .check = Fica de pé sozinho e cede um pouco sob o polegar.
step-weight-close = Fechar o último lado
step-weight-trim = Aparar as bordas
    .text = Apare por igual as margens de fora, com tesoura de picotar se tiver.

## Covers

step-flap-hems = Fazer a bainha das abas
    .text = { $first } { $allowance } para o avesso ao longo da borda livre das duas abas e costure, a { $edge } da borda crua.
    .check = Uma aba para a esquerda, uma para a direita.
step-flap-edges = Costurar as bordas livres das abas
    .text = Elas não têm bainha: costure ao longo da borda livre das duas abas, a { $edge } dela, para que não estique.
step-flap-folds = Dobrar as abas
    .text = Dobre cada aba em dois pelo meio, com o direito para fora, todas as bordas cruas juntas, e vinque: a dobra é a borda livre.
    .check = Uma aba para a esquerda, uma para a direita, as dobras para a lombada.
step-spine-band = Costurar a faixa sobre a lombada
    .text = Vire { $turn } para baixo ao longo das duas bordas longas da faixa e vinque. Ponha-a no direito da capa de fora, pique com pique em cima e embaixo, e costure as duas bordas longas, a { $edge } das dobras.
    .check = As pontas estão rentes às bordas cruas da capa.
step-narrow-pocket = Pôr o bolso estreito na aba da frente
    .text = Dobre o bolso em dois pelo meio, com o direito para fora, e vinque; costure a { $edge } da dobra. Ponha-o no direito da aba da frente, cuja borda livre fica à direita quando ela olha para você, a dobra para essa borda, e prenda as outras três bordas, bordas cruas juntas.
    .check = O bolso abre para a lombada.
step-slip-pocket = Pôr o bolso na aba da frente
    .text = Dobre o bolso em dois na borda de cima, direito com direito, e costure o lado que vai à borda livre da aba, a { $turn } das bordas cruas. Vire para o direito, vinque, e costure a { $edge } da dobra. Ponha-o no direito da aba da frente, cuja borda livre fica à direita quando ela olha para você: o lado costurado nessa borda, os outros rentes às bordas cruas. Costure o lado costurado, a { $edge } dele, e prenda os outros dois.
    .check = O bolso abre para cima.
step-closing-tab = Fazer a lingueta
    .text = Ponha as duas peças da lingueta direito com direito e costure em volta de três lados, a { $allowance } das bordas cruas. Apare os cantos, vire pelo pé e pesponte a { $edge } da borda. Prenda o pé no direito da capa, no meio da borda da frente das costas, que fica à esquerda, bordas cruas juntas, a lingueta para dentro.
step-closing-tab-folded = Fazer a lingueta
    .text = Enquanto está plana costure a metade dos ganchos de { $tape } de fita no direito de uma metade da lingueta, na ponta, { $inset } para dentro das bordas cruas. Dobre a lingueta ao comprido, direito com direito, e costure a borda longa e a ponta, a { $allowance } das bordas cruas. Apare os cantos, vire pelo pé e pesponte a { $edge } da borda. Prenda o pé no direito da capa, no meio da borda da frente das costas, que fica à esquerda, bordas cruas juntas, ganchos para cima, a lingueta para dentro.
step-pen-loop = Prender a presilha de caneta
    .text = Dobre { $elastic } de elástico em dois e prenda as pontas no direito da capa, na borda da frente das costas, que fica à esquerda, o meio { $raw } abaixo da borda crua de cima, rente à borda crua, a presilha para dentro.
step-ribbon-marker = Prender a fita marcadora
    .text = { $cut } e prenda { $tacked } ponta na borda de cima, no meio da lombada, { $side }, o resto pendendo sobre a peça. Prenda a ponta solta no meio, longe de toda costura.
    .check = A ponta solta está presa no meio, longe de toda costura.
marker-side-outer = no direito do exterior
marker-side-lining = no direito do forro
marker-side-wrong = no avesso, que é o lado de dentro da capa
marker-cut-ribbon = Corte { $ribbon } de fita, uma ponta na diagonal,
marker-cut-frays = Corte { $ribbon } de fita, vire { $turn } duas vezes numa ponta e costure atravessado,
marker-cut-strip = Pegue o marcador
tacked-raw = a sua crua
tacked-other = a outra
step-marker-made = Fazer o marcador
    .text = Vire { $turn } para dentro numa ponta da tira e vinque. Dobre a tira ao meio ao comprido, vinque, abra, dobre as duas bordas longas até o vinco, dobre de novo, e costure em volta dos dois lados e da ponta virada, a { $edge } da borda.
    .check = Tem { $wide } de largura, e só uma das pontas é crua.
book-flaps = abas
book-flaps-pockets = abas, a que tem o bolso { $letter } na frente,
step-book-stack = Empilhar as camadas
    .text = Ponha forro e capa avesso com avesso, { $what } do lado de dentro, todas as bordas juntas, e alinhave em volta.
    .check = Toda camada chega à borda em toda a volta.
step-book-layers = Pôr as camadas
    .text = Capa com o direito para cima; abas com o direito para baixo sobre ela, bordas da frente juntas{ $pocketed ->
        [yes] , a que tem o bolso { $letter } à direita: essa é a frente
       *[no] { "" }
    }; depois o forro com o direito para baixo. Prenda em toda a volta.
    .check = O que foi preso fica entre as camadas e aponta para dentro.
step-flap-on-front = Ponha à direita a aba que tem o bolso { $letter }: essa é a frente.
step-cover-round = Costurar em volta da capa
    .check = A abertura está aberta; nenhuma aba está dobrada.
step-cover-topstitch = Pespontar a borda
    .text = Costure em toda a volta, a { $edge } da borda, sobre a abertura de { $gap } com a margem virada para dentro.
    .why = Fecha a abertura e mantém a borda firme.
step-fastener = Pôr o fecho
    .text = Feche o livro na capa, marque onde lingueta e frente se encontram, e ponha ali as duas metades, não só pelo número.
    .check = Fecha sem repuxar.
step-fastener-tape = Costurar a metade dos laços
    .text = Feche o livro na capa, traga a lingueta em volta, e marque na frente onde os ganchos ficam, não só pelo número. Tire o livro e costure ali à mão a metade dos laços de { $tape } de fita, em toda a volta, só através do exterior.
step-tassel-in = Prender a fita
    .text = { $cut } e prenda as pontas no meio da ponta de cima, rentes à borda crua, a presilha para dentro sobre o direito.
step-tassel-in-folded = Prender a fita
    .text = { $cut } e prenda as pontas na ponta de cima de uma metade, a meio caminho entre a dobra e a linha de costura do lado longo, rentes à borda crua, a presilha para dentro sobre o direito.
step-strip-sew = Costurar a tira
step-strip-turn = Virar a tira
    .text = Vire para o direito pela ponta de baixo e empurre os cantos até ficarem retos.
    .check = Toda costura está bem na borda.
step-strip-topstitch = Fechar e pespontar

## Binding

step-binding-folds = Vincar o debrum
    .text = Dobre a tira ao meio ao comprido, avesso com avesso, e vinque. Abra, dobre as duas bordas longas até o vinco, e vinque de novo: os vincos ficam a { $quarter } um do outro. Abra a tira.
    .check = Cada uma das quatro faixas tem { $quarter } de largura.
step-binding-folds-tape = Cortar a fita de viés
    .text = Corte { $length } de fita de viés, em esquadro, e abra as dobras: fica então com { $wide } de largura.
step-binding-try = Provar o anel
    .text = Prenda o anel com clipes em volta da borda, { $perimeter } em toda a volta, antes que algo dele seja aparado ou costurado.
    .check = Dá a volta em { $perimeter } sem repuxar e sem ondas.
step-binding-on = Costurar o debrum
    .why-hand = Dobrado, é costurado do outro lado, onde pontos pequenos não aparecem.
    .why-machine = Dobrado, é costurado pela frente: você vê por onde corre a carreira.
    .check = Cada canto tem uma dobrinha que fica livre.
step-binding-over =
    .check = A primeira costura está coberta em toda parte.

## Mat

step-of-bookmark = O marcador de página: { $step }
step-of-mat = O jogo americano: { $step }

step-mat-corners = Costurar os quadrados de canto
    .text = Ponha um quadrado num canto de cada bloco, direito com direito, bordas cruas juntas. Costure na diagonal marcada, apare as duas camadas do canto a { $allowance } por fora da costura, e abra o quadrado. Assim os quatro cantos de todo bloco.
    .check = Cada bloco tem de novo os cantos retos e mede { $width } por { $height }, de borda crua a borda crua.
step-mat-rows = Unir os blocos
    .text = Direito com direito, a { $allowance } das bordas cruas: { $columns ->
        [1] una os { $rows } blocos um acima do outro.
       *[other] { $rows ->
            [1] una os { $columns } blocos lado a lado.
           *[other] una { $columns } blocos lado a lado em cada uma de { $rows } fileiras, depois as fileiras uma acima da outra.
        }
    } Unidos são o~{ $top }.
    .check = O topo mede { $width } por { $height }, de borda crua a borda crua.{ $columns ->
        [1] {""}
       *[other] { $rows ->
            [1] {""}
           *[other] { " " }Onde quatro blocos se encontram, os quadrados de canto fazem um losango.
        }
    }
step-mat-row-blocks = Unir os blocos de cada fileira
    .text = Direito com direito, a { $allowance } das bordas cruas.
    .check = Cada fileira mede { $width } de comprimento, de borda crua a borda crua.
step-mat-own-rows = Unir as fileiras
    .text = Ponha as { $rows } fileiras uma abaixo da outra na sua ordem. Direito com direito, a { $allowance } das bordas cruas, una cada uma à seguinte pela borda longa. Unidas são o~{ $top }.
    .check = O topo mede { $width } por { $height }, de borda crua a borda crua.
mat-row-is-top = Unidos são o~{ $top }.
mat-row = Fileira { $row } de cima, da esquerda para a direita: { $blocks }.
mat-block-lies = Na fileira { $row } a partir de cima, no lugar { $column } a partir da esquerda, fica { $thing }, número { $number }.
mat-row-whole = A fileira { $row } de cima é um bloco só: { $blocks }.
step-mat-layers = Pôr as camadas
    .check = { $blocks ->
        [yes] Acolchoamento e verso passam do topo em toda a volta.
       *[no] As bordas de topo, acolchoamento e verso coincidem em toda a volta.
    }
    .text = Ponha o~{ $backing } com o avesso para cima, o acolchoamento sobre isso, e o~{ $top } por cima, com o direito para cima. Alise para fora e alinhave.
step-mat-quilt = Acolchoar
    .text = Costure do meio para fora, nas linhas marcadas e depois ao lado delas. Tire o alinhavo.
    .check = O verso está liso; nenhuma prega ficou presa.
step-mat-quilt-blocks = Acolchoar
    .text = Costure do meio para fora, nas costuras entre os blocos, e depois ao lado delas. Tire o alinhavo.
step-mat-trim = Aparar na medida
    .text = Apare por todas as camadas para { $width } por { $height }; foi cortado { $over } maior de cada lado.
    .check = As duas diagonais medem o mesmo.
step-mat-trim-blocks = Aparar na medida
    .text = Apare por todas as camadas para { $width } por { $height }: de cada lado { $allowance } dos blocos, pois nenhuma costura leva o que eles têm ali. Verso e acolchoamento foram cortados { $over } maiores.
step-mat-trim-top = Aparar o topo na medida
    .text = Apare o topo unido para { $width } por { $height }: de cada lado { $allowance }, pois nenhuma costura leva o que os blocos têm ali.
step-mat-baste = Alinhavar as camadas
    .text = Ponha topo e verso avesso com avesso e alinhave perto da borda.

## Mug carrier

step-mat-in =
    .check = Pode-se pegá-lo, e não cai quando o porta-caneca é virado.
step-mat-in-quarter = Pôr o jogo americano no bolso
    .text = Dobre-o uma vez para o lado e uma vez para cima: fica então com { $wide } por { $high }. Enfie { $pockets ->
        [one] no bolso
       *[other] num dos bolsos
    }, a borda dobrada primeiro.
step-mat-in-half = Pôr o jogo americano no bolso
    .text = Dobre-o uma vez para cima: fica então com { $wide } por { $high }. Enfie { $pockets ->
        [one] no bolso
       *[other] num dos bolsos
    }, a borda dobrada primeiro.
step-mat-in-third = Pôr o jogo americano no bolso
    .text = Dobre-o em três, como uma carta: fica então com { $wide } por { $high }. Enfie { $pockets ->
        [one] no bolso
       *[other] num dos bolsos
    }, a borda dobrada primeiro.

step-flap-pocket-on = Prender o bolso ao forro da aba
    .text = Dobre o bolso em dois, com o direito para fora, e vinque: fica então com { $height } de altura acima da costura. Ponha-o no direito do forro da aba, as bordas cruas rentes à borda da emenda, a dobra para a ponta da aba. Alinhave os lados e as bordas cruas dentro da margem de { $allowance }.
    .check = Abre para a ponta da aba.
step-lining-join = Unir as duas partes do forro
    .check = O bolso fica para cima da emenda e nenhuma borda crua dele aparece.
step-backing-late =
    .why = Só é colado agora que o forro está unido: cada parte vai { $allowance } além da costura e mantém planos a margem e o pé do bolso.
step-pockets-on =
    .check = Os dois abrem para a aba.
step-handle-tack = Prender a alça de mão
    .text = Ponha a alça de mão em arco através do direito da envoltura, onde ela vira por cima, uma ponta rente à borda crua de cada lado, e prenda ali as pontas.
    .check = A alça de mão não está torcida e as duas pontas estão rentes.
step-wrap-round = Costurar em volta da envoltura
step-wrap-topstitch = Pespontar a envoltura
    .text = Costure em toda a volta, a { $edge } da borda, sobre a abertura de { $gap } com a margem virada para dentro.
    .why =
        { $padded ->
            [yes] Fecha a abertura e segura o acolchoamento.
           *[no] Fecha a abertura.
        }
step-bag-in = Costurar a bolsa na envoltura
    .text = Deixe a bolsa como está, as costuras para fora. Ponha a base entre as duas dobras da base no lado de dentro da envoltura e costure a beira à envoltura ao longo da frente e das costas, { $sewn ->
            [hand] a { $edge } da borda.
           *[machine] à mão ou a { $edge } da borda.
        }
    .check = Base fica sobre base; o~{ $thing } entra sem prender.
step-bag-in-rim = Costurar a bolsa na envoltura
    .text = Deixe a bolsa como está, as costuras para fora. Ponha a base entre as duas dobras da base no lado de dentro da envoltura e costure-a à borda da frente e à de trás da envoltura ao longo do vinco da beira{ $sewn ->
            [hand] ;
           *[machine] , à mão ou a { $edge } da borda;
        } o que fica acima do vinco fica livre.
step-rim-down = Dobrar a beira para baixo
    .text = Ponha o~{ $thing } dentro. Dobre a beira da bolsa por cima no vinco: primeiro os dois lados, os cantos como os de um pacote, depois as costas, e a frente por cima.
    .check-over = Frente e costas ficam { $width } uma sobre a outra no meio, planas o bastante para a aba fechar.
    .check-open = Frente e costas deixam { $width } abertos entre si, planas o bastante para a aba fechar.
    .why = A aba fecha sobre ela, e só assim se vê onde a aba acaba.
step-close-button-loop = Pregar o botão
    .text = Com o~{ $thing } dentro, feche a aba e marque onde cai a presilha. Tire o~{ $thing }, e pregue ali o botão.
step-close-hook-and-loop = Costurar a fita de contato
    .text = Costure a parte macia sob a aba. Com o~{ $thing } dentro, feche a aba e marque onde ela fica. Tire o~{ $thing }, e costure ali a parte áspera.
step-put-in-lid = Pôr a capa
    .text = Ponha a capa sobre a boca de~{ $thing } e deixe-a fechar-se sob a beira.
    .check = Está plana sobre a boca e não escorrega; anote o que mudaria.
step-put-in-sleeve = Vestir o~{ $thing }
    .text = Vista a luva em~{ $thing } até onde for.
    .check = Não escorrega nem gira; anote o que mudaria.
step-bowl-clip-square = Dar piques e aparar a beira
    .text = Corte os cantos em diagonal, rente à costura mas sem cortá-la. Deixe inteira a margem na abertura.
step-bowl-clip-round = Dar piques e aparar a beira
    .text = Corte pequenos piques em V na margem das curvas, cada um até logo antes da costura.
step-book-stack-unlined = Pôr as abas
    .text = Ponha { $back ->
        [lining] no lado do forro
       *[wrong] no avesso
    } da capa as { $what }, todas as bordas juntas, e alinhave em volta.
step-tetra-end-zip =
    { $layer ->
        [role-only] Costurar a ponta cruzada
       *[other] Costurar a ponta cruzada de~{ $layer }
    }
    .check = A dobra com o zíper está plana; as duas pontas estão em ângulo reto.
step-trim-corners-whole = Aparar os cantos
    .text = Corte a margem em diagonal em todo canto, rente à costura mas sem cortá-la.
step-trim-corners-strip = Aparar os cantos
    .text = Corte a margem em diagonal nos dois cantos da ponta costurada, rente à costura mas sem cortá-la. A ponta aberta mantém os cantos: são virados para dentro.
step-zip-tails = Cortar a fita
    .text = Com o cursor entre as costuras, corte o que passa da fita nas duas pontas, rente às bordas cruas.
    .check = O cursor não pode sair por nenhuma ponta.
picture-times = { $count ->
        [one] 1 vez
       *[other] { $count } vezes igual
    }
picture-allowance = { $allowance }
picture-open = aberto { $length }
picture-clear = Manter livre: { $things }
