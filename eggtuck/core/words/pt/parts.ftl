### Parts that any form can carry.

part-count = quantas destas
part-strap = alça
part-adjustable-strap = alça regulável
part-clip-strap = alça com mosquetões
part-handle = alça de mão
part-ring-tab = lingueta de argola
part-connector = ligação da alça
part-loop = presilha
part-slip-pocket = bolso chapado
part-patch-pocket = bolso aplicado
part-mesh-pocket = bolso de tela
part-piping = vivo
part-elastic = elástico
part-ribbon = fita
part-label = etiqueta
part-eyelet = ilhós
part-snap = botão de pressão
part-button = botão
part-hook-and-loop = fita de contato
part-input-length = comprimento
part-input-width = largura
part-input-height = altura
part-input-end = virado para dentro em cada ponta
part-input-longest = usada no mais longo
part-input-slider_turn = em volta do regulador
part-input-hook_turn = em volta de cada mosquetão
part-input-ring_turn = em volta da argola
part-input-ring = interior da argola
part-input-from_centre = desde o meio
part-input-from_top = sua borda de cima, abaixo da borda pronta
part-input-from_top-end = sua ponta, abaixo da borda pronta
part-input-from_top-rim = sua beirada, abaixo da borda pronta
part-input-from_top-middle = seu meio, abaixo da borda pronta
part-input-from_top-either = abaixo da borda pronta
part-input-from_side = seu lado, desde a costura lateral
part-input-from_side-rim = sua beirada, desde a costura lateral
part-input-foot = largura no pé
part-input-holds_girth = volta do que contém
part-input-holds_height = altura do que contém
part-input-under = pende além da borda crua
place-right-side = o direito de~{ $thing }
place-wrong-side = o avesso de~{ $thing }
part-choice-side = no lado de
part-choice-side-outside = fora
    .why = À mão; fica à vista.
part-choice-side-inside = dentro
    .why = No forro, costurado antes que ele seja fechado; sem forro no avesso do tecido, e a costura aparece por fora.
through-wall = todas as camadas da parede
through-cuff = o punho e todas as camadas da parede
part-choice-of = cortado de
part-choice-of-contrast = o contraste
    .why = Destaca-se, ou é mais forte: onde há um contraste, senão do próprio tecido.
part-choice-of-outer = o tecido exterior
    .why = Como o próprio trabalho.
check-strip-frays = Desfia: { $part }
    .text = { $material } desfia nas duas bordas de uma camada única: dobre em quatro, ou corte de um laminado como contraste.
check-strip-sheet = Não é preciso dobrar: { $part }
    .text = { $material } não desfia: uma camada única fica plana, dobrada tem { $thickness } de espessura.
fix-part-four-fold = Dobrar em quatro
fix-part-single = Fazer de uma camada única
part-choice-foot = borda de baixo
part-choice-foot-sewn = costurada por cima
    .why = Fica onde você quer, livre da costura abaixo.
part-choice-foot-under = dobrada sob a borda da base
    .why = Pende além da borda crua de baixo e é dobrada em volta dela: a costura ali a segura, os cantos não rasgam. Essa costura fica mais grossa.
part-choice-holds = contém
part-choice-holds-anything = isto e aquilo
    .why = Tão grande quanto é costume e há espaço.
part-choice-holds-measured = uma coisa de tamanho conhecido
    .why = Tão largo e alto quanto essa coisa pede.
part-input-hem = bainha
part-input-edging = tira de acabamento
part-input-cord = cordão, de lado a lado
part-input-overlap = sobreposição
part-input-round = em volta do lugar
part-input-anchoring = reserva para prender
part-input-bow = laço e pontas
part-input-across = de lado a lado
part-choice-make = feito
part-choice-make-four-fold = dobrada em quatro
    .why = Firme e rápida; quatro camadas de espessura nas pontas.
part-choice-make-turned = tubo virado
    .why = Macio e liso; virar um estreito pede paciência.
part-choice-make-single = camada única de laminado
    .why = Fina; só de laminado, cujas bordas não desfiam.
part-choice-make-on-webbing = sobre fita grossa
    .why = Carrega mais; dura, e grossa de costurar.
part-choice-make-ribbon = de fita
    .why = Nada a fazer; as pontas têm de ser presas ou seladas.
part-choice-join = emendado
part-choice-join-diagonal = a 45 graus
    .why = Espalha o volume; leva a largura da tira em cada emenda.
part-choice-join-straight = reto
    .why = Leva duas margens; quatro camadas se encontram num lugar.
part-choice-made = vivo
part-choice-made-bought = comprado
    .why = Pronto; nas cores que há.
part-choice-made-made = feito
    .why = Do seu tecido; leva uma tira em viés e um cordão.
part-choice-stretch = cortado mais curto em
part-choice-stretch-third = um terço
    .why = Franze bem e ainda abre fácil.
part-choice-stretch-quarter = um quarto
    .why = Suave: para tecido grosso.
part-choice-stretch-half = metade
    .why = Franze forte; o tecido tem de ser fino.
part-choice-sewn = costurada
part-choice-sewn-flat = plana
    .why = Fica quieta; costurada em toda a volta.
part-choice-sewn-in-seam = numa costura
    .why = Nenhuma costura aparece; sente-se ao longo da costura.
piece-strap = alça
piece-adjustable-strap = alça regulável
piece-clip-strap = alça com mosquetões
piece-ring-tab = lingueta de argola
piece-connector = ligação da alça
piece-loop = presilha
piece-slip-pocket = bolso chapado
piece-patch-pocket = bolso aplicado
piece-mesh-pocket = bolso de tela
piece-edging = acabamento
piece-piping = tira do vivo
seam-strap-edges = bordas da alça
seam-adjustable-strap-edges = bordas da alça regulável
seam-clip-strap-edges = bordas da alça com mosquetões
seam-handle-edges = bordas da alça de mão
seam-ring-tab-edges = bordas da lingueta de argola
seam-connector-edges = bordas da ligação da alça
seam-loop-edges = bordas da presilha
seam-slip-pocket-edges = bordas do bolso
seam-patch-pocket-edges = bordas do bolso
seam-mesh-pocket-edges = bordas do bolso
seam-edging-edges = bordas do acabamento
seam-piping-edges = bordas da tira do vivo
mark-pocket = { $pocket }
sum-finished-width = largura pronta
sum-in-four = dobrado em quatro
sum-two-allowances = duas margens de { $allowance }
sum-two-strap-ends = { $end } virados para dentro nas duas pontas
sum-longest = usada no mais longo
sum-slider-turn = em volta do regulador
sum-two-hook-turns = em volta dos dois mosquetões, { $turn } cada
sum-ring-turn = em volta da argola
sum-round-cord = em volta do cordão
sum-round-place = em volta do lugar
sum-lettered = { $sum } ({ $letter })
sum-part-cut_width = { $part }, corte na largura
sum-part-cut_height = { $part }, corte na altura
sum-part-length = { $part }
sum-part-from_centre = { $part }, desde o meio
check-worn-adjustable-strap = Alcança cruzada no corpo
    .text = Usada cruzada no corpo pede { $least }; vai até { $length }.
check-worn-adjustable-strap-less = Não combina com quem usa
    .text = Usada cruzada no corpo pede { $least }, duas vezes a altura; no mais longo tem { $length }.
check-worn-clip-strap = Alcança cruzada no corpo
    .text = Cruzada no corpo pede { $least }; tem { $length }.
check-worn-clip-strap-less = Curta para usar cruzada no corpo
    .text = Cruzada no corpo pede { $least }, duas vezes a queda; tem { $length }. Num ombro fica mais alta.
check-hooks = Prove um mosquetão na sua argola
    .text = Cada mosquetão pede um olho de pelo menos { $width } de largura por dentro, e uma boca que abra sobre o arame da argola: prove um no outro antes de costurar qualquer dos dois. A alça sai e volta a carregar; um mosquetão é tão forte quanto a sua mola.
check-worn-strap = Alcança cruzada no corpo
    .text = Usada cruzada no corpo pede { $least }; tem { $length }.
check-worn-strap-less = Curta para usar cruzada no corpo
    .text = Cruzada no corpo pede { $least }, duas vezes a altura; tem { $length }. Num ombro só pende mais alto.
check-worn-loop = A mão passa pela presilha
    .text = Dobrada, uma presilha de { $least } deixa a mão passar; tem { $length }.
check-worn-loop-less = A mão não passa pela presilha
    .text = Dobrada, tem de ter { $least } de comprimento para esta mão, metade da volta da mão e espaço para passar; tem { $length }.
check-worn-handle = A mão cabe sob a alça de mão
    .text = Esta mão pede { $least }; a alça de mão tem { $length }.
check-worn-handle-less = Pouco espaço para a mão
    .text = Sobre esta mão o arco da alça de mão leva { $least }: a largura, duas vezes a espessura e espaço. Tem { $length }.
fix-part-length = Fazer com { $length }
check-worn = Alcance de uso
    .text = De { $shortest }, dobrada, a { $longest }. Prove em quem usa antes de costurar o regulador.
check-tabs-opposite = As linguetas ficam frente a frente
    .text = { $one } ficam entre elas de um lado, { $other } do outro.
check-tabs-uneven = As linguetas não ficam frente a frente
    .text = { $one } ficam entre elas de um lado, { $other } do outro: { $right } para cada lado do meio seria igual.
    .tube = { $one } ficam entre elas de um lado, { $other } do outro: num só tubo comprido a beira é costurada antes dos lados, e as duas ficam na frente. Duas bolsas, uma dentro da outra, deixam-nas sobre as costuras laterais.
    .hem = { $one } ficam entre elas de um lado, { $other } do outro: a bainha é costurada com a peça plana, antes do último lado, e as duas ficam na frente. Com a bainha feita depois dos lados, elas ficam sobre as costuras laterais.
check-tabs-under = As argolas ficam sob o punho
    .text = A borda de cima é virada { $deep } para fora, e o que está preso nela fica entre o punho e a parede. Uma alça costurada sobre os lados atravessa o punho.
check-top-folded = Sem borda de cima para o~{ $part }
    .text = O topo pronto de~{ $piece } é uma dobra; a borda crua de cima fica escondida no pé, e o~{ $part } com ela. Ponha em outra peça.
check-tabs-inside = As argolas ficam por dentro
    .text = A borda de cima é virada para dentro: o que está preso nela fica por dentro, { $deep } abaixo da beira, e aponta para cima.
check-tabs-more = Duas delas têm lugar
    .text = { $count ->
        [one] { $count } lingueta sobra: ponha-a como uma parte própria.
       *[other] { $count } linguetas sobram: ponha-as como uma parte própria, com distância própria.
    }
check-tabs-narrow = Duas linguetas ficam uma sobre a outra
    .text = A borda tem { $long }; duas linguetas de { $width } de largura não cabem nela lado a lado.
check-tabs-beyond = Uma lingueta passa da borda
    .text = A borda termina a { $half } do meio: o meio de uma lingueta pode ficar a no máximo { $most } dele.
check-pocket-clear = Lugar para o~{ $pocket }
    .text = Fica longe de bordas, bainhas, dobras, costuras e base em { $letter }, { $piece }.
check-mat-fits = O jogo americano dobrado cabe no bolso
    .text = Dobrado tem { $wide } de largura, { $high } de altura e { $thick } de espessura. O bolso leva { $room } por { $most } dessa espessura.
check-mat-wide = O jogo americano dobrado é largo demais para o bolso
    .text = Dobrado tem { $wide } de largura e { $thick } de espessura; com essa espessura o bolso leva { $room }.
fix-mat-width = Fazer o jogo americano com { $width } de largura
check-mat-high = O jogo americano dobrado fica muito para fora do bolso
    .text = Dobrado tem { $high } de altura; um bolso de { $pocket } segura { $most }.
fix-mat-height = Fazer o jogo americano com { $height } de altura
fix-pocket-height = Fazer o bolso com { $height } de altura
check-pocket-holds = Cabe: { $pocket }
    .text = Entra até { $most } em volta; tem { $girth }. De { $thing } de altura ficam { $height } dentro do bolso.
check-pocket-narrow = Estreito demais para isso: { $pocket }
    .text = Entra até { $most } em volta; tem { $girth }.
check-pocket-shallow = Tombaria para fora de~{ $pocket }
    .text = De { $thing } de altura só { $height } ficam dentro do bolso.
fix-pocket-holds = Do tamanho que isso pede
check-caught-turned = { $turned ->
        [out] Debaixo do punho: { $part }
       *[in] Na bainha: { $part }
    }
    .text = { $turned ->
        [out] A borda de cima é virada { $deep } para fora, e esconde essa parte.
       *[in] A borda de cima é virada { $deep } para dentro, e costurada através dessa parte.
    } Ponha mais abaixo.
check-caught-beyond = Além da ponta da borda: { $part }
    .text = { $room ->
        [yes] De { $low } a { $high } fica em toda a sua largura na borda “{ $side }”.
       *[no] A borda “{ $side }” é mais curta do que essa parte é larga. Faça mais estreita, ou ponha em outra peça.
    }
check-pocket-clash = Sem lugar: { $pocket }
    .text = Chega a uma borda, a uma bainha ou dobra, a uma costura ou ao que se costura depois, ou à base, ou fica ali de cabeça para baixo. Há lugar para isso noutro ponto.
check-pocket-nowhere = Sem lugar: { $pocket }
    .text = Chega a uma borda, a uma bainha ou dobra, a uma costura ou ao que se costura depois, ou à base, ou ficaria de cabeça para baixo, e não se achou lugar para isso em { $letter } ({ $piece }). Faça menor, ou ponha em outra peça.
fix-pocket-anything = Tão grande quanto há lugar
need-webbing = fita grossa de alça
need-slider = regulador
need-hook = mosquetão
need-ring = argola
    .note = { $width } por dentro
need-inside = { $width } por dentro
need-piping-cord = cordão para o vivo
need-label =
    .note = { $width } por { $height }
need-hardware =
    .note = { $across } de lado a lado
need-filling =
    .note = cerca de { $millilitres } ml: { $spoons ->
        [one] 1 colher de sopa
       *[other] { $spoons } colheres de sopa
    }
need-patch = retalhos de reforço
    .note = quadrado de { $side }
step-part-four-fold = Fazer: { $part }
    .text = { $count } a fazer. Dobre a tira ao meio ao comprido e vinque, abra, dobre as duas bordas longas até o vinco, dobre de novo e costure nos dois lados, a { $edge } das dobras.
step-part-turned = Fazer: { $part }
    .text = { $count } a fazer. Dobre ao comprido, direito com direito, costure o lado longo a { $allowance } das bordas cruas, vire, vinque com a costura numa borda e pesponte a { $edge } das duas bordas.
step-part-single = Fazer: { $part }
    .text = { $count } a fazer. Costure nos dois lados, a { $edge } da borda, com ponto longo: furos num laminado não fecham mais.
step-part-single-cloth = Fazer: { $part }
    .text = { $count } a fazer. Costure nos dois lados, a { $edge } da borda; as duas bordas ficam cruas.
step-part-on-webbing = Fazer: { $part }
    .text = { $count } a fazer. Vinque { $allowance } das duas bordas longas para baixo, ponha a tira sobre a fita grossa e costure nos dois lados, a { $edge } das dobras.
step-part-strap-on = { $attach ->
    [attach-rivets] Rebitar o~{ $part }
   *[other] Costurar o~{ $part }
}
    .text = Vire { $end } de cada ponta para dentro. Em { $letter } ({ $piece }) ponha as pontas, { $place }, e prenda cada uma com { $attach }. O~{ $part } em si fica sobre a peça, longe de toda borda.
    .why = O puxão se espalha pelo tecido; com carga costure duas vezes, com um reforço.
    .check = Medidas mais uma vez, as duas pontas de cada { $part } ficam onde devem, e nada está torcido entre elas.
place-turned = { $place }, que então fica à sua direita
place-turned-beside = { $place }, vista do outro lado
place-on-pocket = o~{ $pocket } e, através dele, em { $thing }
place-in-pocket = { $down } abaixo da borda de cima e { $side } do lado esquerdo
check-pocket-on = Fica sobre o~{ $other }: { $pocket }
    .text = É costurado através dos dois, depois ({ $other }): o que fica atrás é repartido, e o espaço mais largo que resta ali é { $widest }.
place-other-half = na outra metade igual, medido das suas próprias bordas cruas
step-part-strap-on-halves = { $attach ->
    [attach-rivets] Rebitar o~{ $part }
   *[other] Costurar o~{ $part }
}
    .text = Vire { $end } de cada ponta para dentro. Nas duas metades de { $letter } ({ $piece }) igual, frente e costas, cada uma medida da sua própria borda crua de cima, ponha as pontas de uma, { $place }, e prenda cada uma com { $attach }. O~{ $part } em si fica sobre a peça, longe de toda borda.
step-part-strap-on-both = { $attach ->
    [attach-rivets] Rebitar o~{ $part }
   *[other] Costurar o~{ $part }
}
    .text = Vire { $end } de cada ponta para dentro. Nas duas peças { $letter } ({ $piece }) igual ponha as pontas de uma, { $place }, e prenda cada uma com { $attach }. O~{ $part } em si fica sobre a peça, longe de toda borda.
step-part-hooks = Costurar os mosquetões
    .text = Passe cada ponta pelo olho de um mosquetão, os dois com a boca para o mesmo lado da alça, dobre { $turn } para trás, vire a ponta crua para baixo, e costure num quadrado com cruz.
    .check = Os dois mosquetões giram livres, e a alça não está torcida entre eles.
    .why = Virada em volta do olho ela não escapa, e o quadrado reparte o puxão.
step-part-clip = Prender a alça
    .text = Prenda um mosquetão em cada argola e puxe uma vez, com força.
    .check = Os dois fecharam com um estalo; para tirar a alça, abra-os.
step-part-slider = Enfiar regulador e argola
    .text = Costure uma ponta da alça em volta da barra do regulador, { $slider } virados para trás. Passe a lingueta ({ $tab }) pela argola e dobre em dois. Passe a alça pela argola, e de volta pelo regulador; vire para trás { $ring } da outra ponta.
    .check = O regulador corre e a alça não está torcida.
step-part-slider-sides = Enfiar regulador e argola
    .text = Costure uma ponta da alça em volta da barra do regulador, { $slider } virados para trás. Passe a lingueta ({ $tab }) pela argola e dobre em dois. Passe a alça pela argola, e de volta pelo regulador; vire para trás { $ring } da outra ponta. Prenda a lingueta num lado de { $letter } ({ $piece }) e essa ponta no outro, em cada um { $where }, rente à borda crua, argola e alça sobre a peça.
step-part-slider-tacked = Prender lingueta e alça
    .text = { $tack }
    .check = Argola e alça ficam soltas e viradas para dentro para a próxima costura, a alça sem torcer.
step-part-connector = Fazer as ligações da alça
    .text = Para cada uma ponha duas peças direito com direito e costure os lados e a ponta estreita, a { $allowance } das bordas cruas. Apare os cantos, vire pelo pé, e pesponte em volta, a { $edge } da borda. Passe a ponta estreita por uma argola, dobre { $turn } para trás e costure atravessado.
    .check = As duas têm o mesmo comprimento, e as argolas giram livres.
    .why = Um pé largo espalha o puxão pela costura.
step-part-connector-one = Fazer a ligação da alça
    .text = Ponha as duas peças direito com direito e costure os lados e a ponta estreita, a { $allowance } das bordas cruas. Apare os cantos, vire pelo pé, e pesponte em volta, a { $edge } da borda. Passe a ponta estreita pela argola, dobre { $turn } para trás e costure atravessado.
    .check = A argola gira livre.
step-part-connector-tacked = Prender as ligações da alça
    .text = { $tack }
step-part-connector-tacked-one = Prender a ligação da alça
    .text = { $tack }
mark-ring-here = a argola fica aqui
    .datum = a { $raw } da ponta larga crua
step-part-ring-tab = Fazer as linguetas de argola
    .text = { $count ->
        [one] 1 lingueta
       *[other] { $count } linguetas
    }: dobre cada tira em quatro e costure, passe pela sua argola, { $ring } por dentro, e dobre em dois.
    .check = As argolas giram livres.
step-part-ring-tab-one = Fazer a lingueta de argola
    .text = Dobre a tira em quatro e costure, passe pela argola, { $ring } por dentro, e dobre em dois.
    .check = A argola gira livre.
step-part-ring-tab-tacked = Prender as linguetas de argola
    .text = { $tack }
    .check = As argolas pendem livres e ficam para dentro na costura seguinte.
step-part-ring-tab-tacked-one = Prender a lingueta de argola
    .text = { $tack }
    .check = A argola pende livre e fica para dentro na costura seguinte.
tack-rings = as duas
    .lying = as argolas
tack-strap = a lingueta ({ $tab }) e a ponta livre da alça
    .lying = argola e alça
tack-flat = Prenda { $what } na { $edge } de { $letter } ({ $piece }), os meios a { $away } para cada lado do meio dela, pontas cruas rentes à borda crua, { $lying } sobre o direito.
tack-round = Prenda { $what } na borda de { $letter } ({ $piece }), os meios a { $away } para cada lado do meio de cima, ao longo da linha de costura, pontas cruas rentes à borda crua, { $lying } sobre o direito.
tack-late = Prenda { $what } na borda de cima de { $letter } ({ $piece }), no direito, os meios a { $away } para cada lado do meio dela, medidos em volta da beira, pontas cruas rentes à borda crua, { $lying } sobre o tecido.
tack-over = Prenda { $what } na borda crua de cima, no direito: o meio de uma { $numbered ->
        [yes] em~{ $first }, o da outra em~{ $second }
       *[no] em~{ $first }, o da outra em~{ $second }
    }, pontas cruas rentes a essa borda, { $lying } sobre o tecido.
tack-over-one = Prenda na borda crua de cima, no direito, o meio { $numbered ->
        [yes] em~{ $first }
       *[no] em~{ $first }
    }, pontas cruas rentes a essa borda, a argola sobre o tecido.
tack-middle = Prenda no meio da { $edge } de { $letter } ({ $piece }), pontas cruas rentes à borda crua, a argola sobre o direito.
tack-upper = borda de cima
tack-fold = dobra em frente
caught-top-middle = { $round ->
        [yes] no meio de cima
       *[no] no meio da { $edge }
    }
caught-top-left = a { $away } { $round ->
        [yes] para a esquerda do meio de cima, ao longo da linha de costura
       *[no] para a esquerda do meio da { $edge }
    }
caught-top-right = a { $away } { $round ->
        [yes] para a direita do meio de cima, ao longo da linha de costura
       *[no] para a direita do meio da { $edge }
    }
step-part-slip-pocket = Pôr o bolso chapado
    .text = Tem { $width } por { $height }. Dobre direito com direito e costure em volta a { $allowance }, deixando { $gap } abertos no meio da borda de baixo; vire, e vinque as bordas. Ponha sobre { $on }, { $place }, e costure em volta de três lados, a { $edge } da borda, três pontos um sobre o outro nos cantos de cima.
step-part-patch-pocket = Pôr o bolso aplicado
    .text = Tem { $width } por { $height }. Vire a borda de cima para dentro { $turn }, mais uma vez { $turn }, e costure; vinque { $allowance } das outras bordas para baixo. Ponha sobre { $on }, { $place }, e costure em volta de três lados, a { $edge } da borda, três pontos um sobre o outro nos cantos de cima.
step-part-mesh-pocket = Pôr o bolso de tela
    .text = Tem { $width } por { $height }. Dobre o acabamento em quatro sobre a borda de cima da tela, com { $deep } de cada lado, e costure; vinque { $allowance } das outras bordas para baixo. Ponha sobre { $on }, { $place }, e costure em volta de três lados, a { $edge } da borda.
step-part-slip-pocket-under = Pôr o bolso chapado
    .text = Tem { $width } por { $height } quando está posto. Dobre direito com direito e costure os dois lados a { $allowance }; vire, e vinque. Ponha sobre { $on }, { $place }, as duas bordas cruas pendendo { $past } além da borda crua ({ $lower }), e costure os dois lados de cima para baixo, a { $edge } da borda, três pontos um sobre o outro nos cantos de cima. Dobre o que pende em volta dessa borda crua para o avesso e alinhave ali: a costura o prende.
step-part-patch-pocket-under = Pôr o bolso aplicado
    .text = Tem { $width } por { $height } quando está posto. Vire a borda de cima para dentro { $turn }, mais uma vez { $turn }, e costure; vinque { $allowance } dos dois lados para baixo. Ponha sobre { $on }, { $place }, a borda crua pendendo { $past } além da borda crua ({ $lower }), e costure os dois lados de cima para baixo, a { $edge } da borda, três pontos um sobre o outro nos cantos de cima. Dobre o que pende em volta dessa borda crua para o avesso e alinhave ali: a costura o prende.
step-part-mesh-pocket-under = Pôr o bolso de tela
    .text = Tem { $width } por { $height } quando está posto. Dobre o acabamento em quatro sobre a borda de cima da tela, com { $deep } de cada lado, e costure; vinque { $allowance } dos dois lados para baixo. Ponha sobre { $on }, { $place }, a borda crua pendendo { $past } além da borda crua ({ $lower }), e costure os dois lados de cima para baixo, a { $edge } da borda. Dobre o que pende em volta dessa borda crua para o avesso e alinhave ali: a costura o prende.
step-part-pocket =
    .check = Está reto; o que deve conter entra.
    .why = Mais fácil enquanto a peça está plana.
step-part-elastic = Costurar o elástico
    .text = Corte { $elastic } de elástico. { $back ->
            [lining] No lado do forro
           *[wrong] No avesso
        } de { $letter } ({ $piece }) prenda as pontas nas duas pontas da linha marcada { $place }{ $anchored ->
            [yes] {","} { $end } de cada uma além dela,
           *[no] {","}
        } e o meio no meio da linha, e costure ao longo dela com { $zigzag }, esticado até ela.
step-part-elastic-laid = Costurar o elástico
    .text = Corte { $elastic } de elástico. Vire { $letter } ({ $piece }) com todas as camadas, e no lado de baixo risque uma linha { $place }. Prenda as pontas do elástico nas duas pontas da linha{ $anchored ->
        [yes] {","} { $end } de cada uma além dela,
       *[no] {""}
    } e o meio no meio dela, e costure ao longo dela por todas as camadas com { $zigzag }, esticado até ela.
step-part-ribbon = Prender a fita
    .text = { $laid } na borda “{ $side }” de { $letter } ({ $piece }), { $where }, as pontas para dentro sobre a face que será vista. Prenda-as no meio da peça, longe de toda costura.
step-part-label-flat = Costurar a etiqueta
    .text = Costure a etiqueta plana no direito de { $letter } ({ $piece }), { $place }, em toda a volta, a { $edge } da borda.
step-part-label-in-seam = Prender a etiqueta
    .text = Dobre a etiqueta em dois e prenda as pontas na borda “{ $side }” de { $letter } ({ $piece }), { $where }, rente à borda crua, para dentro sobre a face que será vista.
step-part-label =
    .why = Fechadas as costuras, mal se alcança.
step-part-eyelet = { $count ->
    [one] Pôr o ilhós
   *[other] Pôr os ilhoses
}
    .text = { $count } a pôr, { $across } de lado a lado, pelo direito de { $letter } ({ $piece }): { $count ->
        [one] o meio
       *[other] os meios
    } { $place }. Reforce o tecido com um retalho, fure um pouco menor que o ilhós, cubra as garras com um retalho e feche-o.
step-part-snap = { $count ->
    [one] Pôr o botão de pressão
   *[other] Pôr os botões de pressão
}
    .text = { $count } a pôr, { $across } de lado a lado, no direito de { $letter } ({ $piece }): { $count ->
        [one] o meio
       *[other] os meios
    } { $place }. Reforce o tecido com um retalho e ponha ali uma metade; a outra metade vem no fim, quando se vê onde encosta nesta.
step-part-snap-meets = { $count ->
    [one] Pôr a outra metade do botão de pressão
   *[other] Pôr as outras metades dos botões de pressão
}
    .text = { $ends ->
        [open] Feche o trabalho como deve fechar, ou ponha sobre ele o que ali se há de prender
        [flat] Dobre o trabalho como deve ficar preso, ou ponha sobre ele o que ali se há de prender
       *[filled] O trabalho está fechado de vez: ponha sobre ele o que ali se há de prender
    }, e marque onde { $count ->
        [one] a outra metade encosta na que
       *[other] cada outra metade encosta na que
    } está posta. Separe-os, reforce o tecido ali também com um retalho, do lado que não se vê, e ponha-a. Prenda uma na outra.
    .check = Preso, nada repuxa e nada se abre.
step-part-button = { $count ->
    [one] Pregar o botão
   *[other] Pregar os botões
}
    .text = { $count } a pregar, { $across } de lado a lado, no direito de { $letter } ({ $piece }): { $count ->
        [one] o meio
       *[other] os meios
    } { $place }, com um pé tão longo quanto é grosso o tecido sobre o qual fecha.
step-part-hook-and-loop = Costurar a fita de contato
    .text = { $count } a costurar, { $across } de comprimento, na horizontal, no direito de { $letter } ({ $piece }): { $place }. Costure ali { $count ->
        [one] a parte macia
       *[other] cada parte macia
    } em toda a volta, a { $edge } da borda dela; a parte áspera vem no fim, quando se vê onde encosta nesta.
step-part-hook-and-loop-meets = Costurar a parte áspera
    .text = { $ends ->
        [open] Feche o trabalho como deve fechar, ou ponha sobre ele o que ali se há de prender
        [flat] Dobre o trabalho como deve ficar preso, ou ponha sobre ele o que ali se há de prender
       *[filled] O trabalho está fechado de vez: ponha sobre ele o que ali se há de prender
    }, e marque onde { $count ->
        [one] a parte áspera encosta na macia
       *[other] cada parte áspera encosta na sua macia
    }. Separe-os, e costure-a ali em toda a volta, a { $edge } da borda dela, por só tantas camadas quantas a seguram. Prenda uma na outra.
    .check = Preso, as duas partes ficam uma sobre a outra de ponta a ponta.
check-piping-in-hem = O vivo ficaria por dentro
    .text = A borda é dobrada { $deep } para dentro, e com ela o que se costura ao longo: escolha uma borda de cima forrada ou com bainha de uma volta, ou deixe o vivo de fora.
problem-parts = Partes são uma lista de até { $most }, cada uma com o seu tipo.
part-input-apart = entre as pontas
part-choice-sits = fica
part-choice-sits-faces = na frente
    .why = Costurada enquanto as peças estão planas; duas delas, frente e costas. Puxa o tecido da frente.
part-choice-sits-sides = sobre os lados
    .why = Costurada com a bolsa virada, sobre as costuras laterais, que a carregam: forte, e pende reta. Grosso de costurar, e a parede oposta tem de ser mantida de lado.
part-choice-sits-late = na frente, no fim
    .why = Costurada com a bolsa fechada e virada: a beira pronta diz o lugar, e a alça não atrapalha costura nenhuma. Os pontos passam também pelo forro.
problem-no-sides = O que se costura com a bolsa fechada ({ $part }) pede uma bolsa de cima aberto: deixe ficar na frente.
problem-too-many-last = Com a bolsa fechada há lugar para { $most } disto ({ $part }): peça { $most }, ou deixe ficar na frente enquanto está plana.
check-strap-low = As pontas da alça chegam à base
    .text = As pontas de baixo ficam { $down }: no máximo { $most } as mantém longe da base.
step-part-strap-over-two = { $attach ->
    [attach-rivets] Rebitar o~{ $part } sobre os lados
   *[other] Costurar o~{ $part } sobre os lados
}
    .text = Vire { $end } de cada ponta para dentro. Ponha uma ponta sobre o lado esquerdo e uma sobre o direito, cada uma com o meio na costura ou dobra dali e a ponta de baixo { $down }, e prenda cada uma, através de~{ $through }, com { $attach }. Ponha uma régua dentro, para não prender a parede oposta.
step-part-strap-over-one = { $attach ->
    [attach-rivets] Rebitar o~{ $part } sobre os lados
   *[other] Costurar o~{ $part } sobre os lados
}
    .text = Vire { $end } de cada ponta para dentro. Ponha uma ponta sobre a costura lateral, o meio na costura, e a outra em frente, a { $half } dali ao longo da beira, a ponta de baixo de cada uma { $down }, e prenda cada uma, através de~{ $through }, com { $attach }. Ponha uma régua dentro, para não prender a parede oposta.
step-part-strap-late = { $attach ->
    [attach-rivets] Rebitar o~{ $part }
   *[other] Costurar o~{ $part }
}
    .text = Vire { $end } de cada ponta para dentro. { $wall ->
        [back] Nas costas
       *[other] Na frente
    } ponha as pontas, { $place }, e prenda cada uma, através de~{ $through }, com { $attach }. Ponha uma régua dentro, para não prender a parede oposta.
    .check = As duas pontas estão à mesma distância dos lados e da beira, e nada da parede oposta ficou preso.
    .why = No trabalho pronto o olho vê o que é nivelado.
step-part-strap-late-both = { $attach ->
    [attach-rivets] Rebitar o~{ $part }
   *[other] Costurar o~{ $part }
}
    .text = Vire { $end } de cada ponta para dentro. Na frente ponha as pontas de uma, { $place }, nas costas as da outra igual, e prenda cada uma, através de~{ $through }, com { $attach }. Ponha uma régua dentro, para não prender a parede oposta.
place-late = com os meios a { $off } para cada lado do meio, as pontas de baixo { $top }
step-part-strap-over =
    .check = Do meio de uma ponta ao da outra são { $half } ao longo da beira, dos dois lados, e nada da parede oposta ficou preso.
    .why = Uma costura carrega mais que o tecido ao lado, e uma alça de lado a lado o mantém nivelado.
part-choice-attach = presa com
part-choice-attach-boxed-cross = quadrado e cruz
    .why = Aguenta mais carga; algum volume; pode ser descosturado.
part-choice-attach-square = quadrado
    .why = Para carga leve; mais plano; pode ser descosturado.
part-choice-attach-rivets = rebites
    .why = Aguentam carga num tecido forte, com um reforço; sem volume de linha; não se desfazem.
attach-boxed-cross = um quadrado largo como a alça, com uma cruz dentro
attach-square = um quadrado largo como a alça
rivet-set = Antes de bater qualquer um segure a alça no lugar e olhe: um rebite não sai mais. Os dois de uma ponta ficam lado a lado, a { $side } dos lados dela e { $up } acima da borda de baixo. Para cada um fure um pouco menos que a haste, através da alça, do tecido e do reforço, passe a haste por dentro, ponha a cabeça, e bata sobre algo duro.
    .why = O puxão vem em poucos pontos: o reforço atrás deles o espalha pelo tecido.
cause-rivet = Os furos saíram das marcas: fure primeiro a alça, segure-a no lugar e marque pelos furos dela.
remedy-rivet = Corte o rebite por dentro, com os olhos protegidos, e prenda a alça ao lado dos furos, com um reforço maior atrás deles.
rivet-thin = Alça, tecido e reforço juntos têm { $thick }, e um rebite segura a partir de { $least }: ponha um disco de feltro ou espuma sob cada um, por dentro, antes de bater.
attach-rivets = dois rebites através da alça, do tecido e de um retalho de reforço
need-rivet = rebites
    .note = { $count ->
            [one] 1 rebite
           *[other] { $count } rebites
        } em cada ponta; cabeça e pino conforme a pilha
mark-strap-end-left =
    .datum = a borda próxima a { $side } da borda crua esquerda, a ponta { $raw } abaixo da borda crua de cima, { $top }
mark-strap-end-right =
    .datum = a borda próxima a { $side } da borda crua direita, a ponta { $raw } abaixo da borda crua de cima, { $top }
mark-strap-beside-left =
    .datum = o meio { $off } à esquerda da linha do meio, a ponta { $runs ->
        [bent] { $raw } para dentro da borda crua de cima, em esquadro com ela
       *[level] { $raw } abaixo da borda crua de cima
    }, { $top }
mark-strap-beside-right =
    .datum = o meio { $off } à direita da linha do meio, a ponta { $runs ->
        [bent] { $raw } para dentro da borda crua de cima, em esquadro com ela
       *[level] { $raw } abaixo da borda crua de cima
    }, { $top }
mark-caught = { $part } aqui
caught-upper = a { $raw } da ponta crua de cima ({ $down })
caught-round = a { $along } ao longo da linha de costura desde o meio do alto
caught-other-side = do outro lado igual
caught-middle = no meio
caught-between = no meio entre { $first } e { $second }
caught-corner = no canto entre { $first } e { $second }
place-ends = { $side } para dentro das duas bordas laterais cruas, as pontas de baixo { $raw } abaixo da borda crua de cima, { $top }
place-ends-middle = com os meios a { $off } para cada lado da linha do meio, as pontas de baixo { $runs ->
        [bent] { $raw } para dentro da borda crua de cima, em esquadro com ela
       *[level] { $raw } abaixo da borda crua de cima
    }, { $top }
place-one = de uma: { $ends }
place-next = { $first }; as da seguinte: { $ends }
place-also = { $first }, e { $then }
step-part-loop-in = Prender a presilha
    .text = { $cut } e prenda as pontas na borda “{ $side }” de { $letter } ({ $piece }), { $where }, rente à borda crua, a presilha para dentro sobre a face que será vista.
place-lining-side = o lado do forro de~{ $thing }
loop-cut-ribbon = Corte { $loop } de fita, dobre em dois
loop-cut-strip = Dobre a tira em dois
