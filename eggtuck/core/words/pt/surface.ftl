### What is worked on the face of a piece.

part-motif = motivo
part-border = barra
piece-motif = tecido do motivo
piece-border = retalho
seam-motif-edges = bordas do tecido do motivo
seam-border-edges = bordas dos retalhos
part-input-extra = cortado maior para isso em
part-input-letters = letras
part-input-spacing = espaço entre elas
part-choice-work = trabalhado
part-choice-work-applique = de tecido, com teia
    .why = Forte, do seu próprio tecido. A teia o segura enquanto um zigue-zague fechado cobre a borda; pede ferro.
part-choice-work-felt = de feltro
    .why = Nada desfia: recorta-se e costura-se. Não precisa de teia nem de ferro quente.
part-choice-work-lace = de renda
    .why = Leve, e o tecido aparece através. Prende nas coisas; para o que pouco se pega.
part-choice-work-embroidery = bordado
    .why = À mão num bastidor: demora muito e dura mais. O tecido encolhe, então é cortado maior e aparado depois.
part-choice-work-paint = pintado
    .why = Liso, rápido, sem volume. Leva horas para secar, e calor para fixar.
part-choice-work-foil = de foil
    .why = Brilha. Depois não aguenta ferro por cima, nem esfregar, nem coisa quente; metal não tem lugar no micro-ondas.
part-choice-work-patches = de retalhos
    .why = Aproveita pedaços pequenos. Soma o volume das costuras.
part-choice-work-stitches = de pontos decorativos
    .why = Nada fica sobre o tecido. Ele encolhe, então é cortado maior e aparado depois; a máquina precisa ter tal ponto.
part-choice-figure = mostrando
part-choice-figure-heart = um coração
    .why = Duas pontas onde virar.
part-choice-figure-leaf = uma folha
    .why = Duas curvas longas.
part-choice-figure-star = uma estrela
    .why = Dez cantos onde virar.
part-choice-figure-drop = uma gota
    .why = Uma ponta onde virar.
part-choice-figure-ring = um anel
    .why = Duas bordas, uma dentro da outra.
part-choice-figure-initial = letras
    .why = Para quem é. Simples e fortes, para que se possa costurar cada traço.
figure-heart = coração
figure-leaf = folha
figure-star = estrela
figure-drop = gota
figure-ring = anel
figure-initial = { $count ->
        [one] letra { $letters }
       *[other] letras { $letters }
    }
work-applique = tecido com teia
work-felt = feltro
work-lace = renda
work-embroidery = bordado
work-paint = pintura
work-foil = foil
work-patches = retalhos
work-stitches = pontos decorativos
idea-plain = Deixar liso
idea-plain-why = Forma e tecido falam por si; nada a esperar, e nada que se gaste.
idea-plain-print = A estampa diz o bastante: o que se trabalha nela concorre com ela.
idea-motif = { $figure }, { $work }
idea-border = Uma barra de lado a lado: { $work }
problem-letters = Até { $most } letras ou algarismos, sem espaços: A, É, 7.
mark-figure = contorno: { $pocket }
check-border-bows = Não ficaria no nível
    .text = A borda de cima desta peça é curva, e o enfeite é costurado reto ({ $part }): na peça pronta as pontas ficam { $off } mais { $ends ->
        [lower] baixas
       *[higher] altas
    } que o meio. Fileiras de pontos decorativos acompanham a borda.
mark-border =
    .datum = a borda de cima { $raw } abaixo da borda crua de cima, { $top }{ $runs ->
        [bent] {","} em esquadro com ela, no meio
       *[level] {","} nivelada de lado a lado
    }
mark-border-line =
    .datum = { $raw } abaixo da borda crua de cima, { $top }{ $runs ->
        [bent] {","} em esquadro com ela de lado a lado
       *[level] {","} nivelada de lado a lado
    }
need-surface-web = teia termocolante
need-surface-felt = feltro para o motivo
need-surface-lace = renda para o motivo
need-surface-floss = linha de bordar
need-surface-stencil = folha de estêncil
need-surface-paint = tinta de tecido
need-surface-foil = foil e a sua cola
need-surface-lace-border = renda
need-surface-felt-border = feltro para a barra
need-surface-thread = linha decorativa
sum-across-piece = de lado a lado da peça, de borda crua a borda crua
sum-patch = um retalho
surface-from-raw = Meça das bordas cruas.
surface-from-outline = Meça do contorno que você riscou; o tecido além dele é aparado depois.
surface-guard = Nunca ponha o ferro sobre o~{ $figure } em { $letter } ({ $piece }): passe pelo avesso, sobre um pano.
surface-guard-again = Pelo avesso, sobre um pano: o~{ $figure } em { $letter }.
cut-out-larger = { $piece }; { $times ->
        [one] corte { $over } maior em toda a volta do que isso, e risque o contorno no meio
       *[other] destas { $count ->
            [one] uma é cortada
           *[other] { $count } peças são cortadas
        } { $over } maior em toda a volta do que isso, com o contorno riscado no meio
    }
step-motif-web = Fazer o~{ $figure }
    .text = Risque o~{ $figure }, com { $height } de altura, em espelho no lado de papel de um pedaço de teia de { $web } de largura e { $high } de altura. Ponha-o, com a cola para baixo, no avesso de~{ $own } ({ $block }) e cole com ferro seco, como diz o fabricante da teia. Deixe esfriar, corte na linha, e tire o papel.{ $count ->
        [one] {""}
       *[other] {" "}Faça { $count }.
    }
    .check = Visto pelo direito está do lado certo, e a cola saiu toda do papel.
    .why = O que fica virado para baixo se vê espelhado: riscado como se lê, ficaria do lado errado.
step-motif-fused = Colar o~{ $figure }
    .text = { $from } Em { $letter } ({ $piece }) ponha o~{ $figure } { $place }: estes números são do retângulo em volta. Cole com ferro seco: ponha, conte, levante, e nunca arraste.
    .check = Nenhuma borda se levanta com a unha.
step-motif-satin = Costurar em volta de~{ $figure }
    .text = Ponha uma folha de papel sob { $letter } ({ $piece }). Zigue-zague de { $wide } de largura em volta de toda borda de~{ $figure }, um ponto a cada { $long }, de modo que a agulha desça logo além da borda. Num canto pare com a agulha embaixo, do lado de fora. Puxe as pontas para trás e dê um nó; rasgue o papel.
    .check = Nenhuma borda crua de~{ $figure } aparece, e o tecido está liso.
    .why = O papel impede o tecido de encolher sob tantos pontos.
step-motif-felt = Costurar o~{ $figure }
    .text = Recorte o~{ $figure }, com { $height } de altura, em feltro pelo contorno, { $count ->
        [one] uma vez
       *[other] { $count } vezes
    }. { $from } Ponha em { $letter } ({ $piece }) { $place }: estes números são do retângulo em volta. Prenda no meio, e costure em volta a { $edge } da borda. Vire exatamente nos cantos.
    .check = Está liso, e cada traço está preso.
    .why = Feltro não desfia: a borda fica como é cortada.
step-motif-lace = Costurar o~{ $figure }
    .text = Recorte o~{ $figure }, com { $height } de altura, em renda, { $count ->
        [one] uma vez
       *[other] { $count } vezes
    }, um fio por fora do contorno. { $from } Alinhave em { $letter } ({ $piece }) { $place }: estes números são do retângulo em volta. Costure em volta da borda com { $open } em linha da mesma cor, e tire o alinhavo.
    .check = Nenhuma ponta de fio cortado sobressai.
    .why = Renda não tem margem a virar: pontos sobre a borda seguram os fios onde foram cortados.
step-motif-embroidery = Bordar o~{ $figure }
    .text = { $from } { $drawn ->
        [paper] Risque o~{ $figure }, com { $height } de altura, em papel fino, e cole o papel com fita que se solta no direito de { $letter } ({ $piece }), { $place }: estes números são do retângulo em volta. À mão, com dois ou três fios, faça ponto atrás na linha através do papel e do tecido. Rasgue o papel, e encha a figura com pontos bem juntos. Segure o tecido na mão: um bastidor deixaria a marca do aro
        [chalk] Risque o~{ $figure }, com { $height } de altura, com giz no direito de { $letter } ({ $piece }), { $place }: estes números são do retângulo em volta. Estique o tecido num bastidor. À mão, com dois ou três fios, faça ponto atrás na linha, depois encha com pontos bem juntos. Escove o giz
       *[pen] Risque o~{ $figure }, com { $height } de altura, no direito de { $letter } ({ $piece }) com uma caneta que sai na água, { $place }: estes números são do retângulo em volta. Estique o tecido num bastidor. À mão, com dois ou três fios, faça ponto atrás na linha, depois encha com pontos bem juntos
    }.
    .check = Nenhuma linha aparece entre os pontos, e o tecido { $drawn ->
        [paper] está plano
       *[pen] no bastidor não está torcido
    }.
    .why = Bordar encolhe o tecido: feito na peça cortada, ela ficaria pequena demais.
step-motif-rinse = Tirar as linhas com água
    .text = Tire { $letter } ({ $piece }) do bastidor, enxágue a caneta em água fria, e deixe secar estendido.
    .check = Nada da caneta ficou: passada a ferro, ficaria para sempre.
step-motif-press = Passar o~{ $figure }
    .text = Ponha { $letter } ({ $piece }) com o~{ $figure } para baixo sobre uma toalha, e passe até secar, com ferro seco, pelo avesso.
    .check = Está liso, e os pontos têm relevo.
step-motif-paint = Pintar o~{ $figure }
    .text = { $from } Recorte o~{ $figure }, com { $height } de altura, numa folha de estêncil. Ponha { $letter } ({ $piece }) com o direito para cima sobre uma tábua, e prenda o estêncil { $place }: estes números são do retângulo em volta. Aplique a tinta em batidas finas, das bordas para dentro, antes duas vezes que uma grossa. Levante o estêncil reto para cima, e deixe secar estendido, pelo tempo que diz o fabricante da tinta.
    .check = Nenhuma tinta correu sob uma borda.
    .why = Passada antes de secar, a tinta borra; usada antes de fixar, sai na lavagem.
step-motif-paint-set = Fixar a tinta
    .text = Ponha um pano sobre o~{ $figure }, vire { $letter } ({ $piece }), e passe a seco pelo avesso pelo tempo e no calor que diz o fabricante da tinta.
    .check = Esfregado com pano branco úmido, nenhuma cor sai.
step-motif-glue = Cola para o~{ $figure }
    .text = { $from } Recorte o~{ $figure }, com { $height } de altura, numa folha de estêncil. Ponha { $letter } ({ $piece }) com o direito para cima sobre uma tábua, e prenda o estêncil { $place }: estes números são do retângulo em volta. Aplique a cola do foil em batidas finas, levante o estêncil, e deixe pelo tempo que diz o fabricante da cola.
    .check = A cola está toda transparente, e pegajosa ao toque.
step-motif-foil = Pôr o foil
    .text = Em { $letter } ({ $piece }) ponha o foil sobre a cola, o brilho para cima, um pano por cima, e passe com ferro seco pelo tempo que diz o fabricante do foil. Deixe esfriar.
step-motif-peel = Tirar a folha do foil
    .text = De { $letter } ({ $piece }) puxe a folha devagar, rente sobre si mesma: { $figure }.
    .check = O brilho está por tudo, até as bordas: { $figure }.
step-border-lace = Costurar a renda de lado a lado
    .text = { $from } Corte { $count ->
        [one] um pedaço de renda
       *[other] { $count } pedaços de renda
    } de { $long } de comprimento. Ponha de lado a lado em { $letter } ({ $piece }), { $place }, as pontas nas bordas cruas, e costure as duas bordas com { $open }. Apare o que passa das bordas cruas.
    .check = Está nivelada, e as duas pontas chegam às bordas cruas.
step-border-felt = Costurar o feltro de lado a lado
    .text = { $from } Corte { $count ->
        [one] uma tira de feltro
       *[other] { $count } tiras de feltro
    } de { $wide } de largura e { $long } de comprimento. Ponha de lado a lado em { $letter } ({ $piece }), { $place }, as pontas nas bordas cruas, e costure as duas bordas, a { $edge } delas. Apare o que passa das bordas cruas.
    .check = Está nivelado, e as duas pontas chegam às bordas cruas.
step-border-patches-joined = Unir os retalhos
    .text = Ponha direito com direito, um sobre o outro ({ $own }, { $patch }), e costure numa fileira de { $patches }, a { $allowance } das bordas cruas{ $count ->
        [one] {""}
       *[other] ; faça { $count } fileiras
    }. Passe as costuras todas para o mesmo lado, a seco: vapor deforma uma fileira. Vire { $allowance } das duas bordas longas para baixo e passe.
    .check = A fileira tem { $joined } de comprimento de ponta crua a ponta crua.
step-border-patches = Costurar a fileira de retalhos de lado a lado
    .text = { $from } Ponha a fileira ({ $own }, { $patch }), de { $wide } de largura, de lado a lado em { $letter } ({ $piece }), { $place }, e costure as duas dobras, a { $edge } delas. Apare as pontas rente às bordas cruas.
    .check = Está nivelada, e as duas pontas chegam às bordas cruas.
step-border-stitches = Costurar as fileiras de pontos decorativos
    .text = { $from } { $drawn ->
        [paper] Cole fita que se solta através do direito de { $letter } ({ $piece }), a borda de cima dela { $place }
       *[chalk] Risque com giz uma linha através do direito de { $letter } ({ $piece }), { $place }
    }, e { $more ->
        [one] outra
       *[other] mais { $more }
    } abaixo, { $spacing } de linha a linha. Ponha uma folha de papel embaixo, e costure em cada uma uma fileira de um ponto decorativo da sua máquina, de uma borda do tecido à outra, todas no mesmo sentido. Rasgue o papel{ $drawn ->
        [paper] {","} e tire a fita
       *[chalk] {""}
    }.
    .check = { $runs ->
        [bent] As fileiras mantêm a mesma distância da borda de cima de lado a lado
       *[level] As fileiras são retas
    }, e o tecido entre elas está liso.
step-border-stitches-one = Costurar a fileira de pontos decorativos
    .text = { $from } { $drawn ->
        [paper] Cole fita que se solta através do direito de { $letter } ({ $piece }), a borda de cima dela { $place }
       *[chalk] Risque com giz uma linha através do direito de { $letter } ({ $piece }), { $place }
    }. Ponha uma folha de papel embaixo, e costure nela uma fileira de um ponto decorativo da sua máquina, de uma borda do tecido à outra. Rasgue o papel{ $drawn ->
        [paper] {","} e tire a fita
       *[chalk] {""}
    }.
    .check = { $runs ->
        [bent] A fileira mantém a mesma distância da borda de cima de lado a lado
       *[level] A fileira é reta
    }, e o tecido ao lado está liso.
step-border =
    .why = Costurada enquanto a peça está plana, as duas pontas somem nas costuras.
step-cut-to-outline = Cortar { $letter } no contorno
    .text = Ponha o molde de novo em { $letter } ({ $piece }): onde o tecido encolheu, risque o contorno de novo, com o que foi trabalhado no lugar. Corte nele, e tire os { $over } em toda a volta.
    .check = Está do tamanho do molde de todos os lados.
    .why = O que se costurou encolheu o tecido e desfiou as bordas: só agora se sabe onde estão.
cause-drawn-in = costurado apertado demais, ou sem papel embaixo
remedy-drawn-in = Vaporize pelo avesso e puxe até ficar reto; se continua pequeno, corte a peça maior e trabalhe de novo.
cause-web = calor de menos, ou levantado antes de esfriar
remedy-web = Cole de novo um pouco mais, sobre um pano, e deixe esfriar.
cause-foil = tirado quente, ou a cola já não estava pegajosa
remedy-foil = Ponha o foil de novo nos lugares vazios, e passe mais uma vez.
caution-paint = Tinta, cola e foil: areje o lugar, cubra a mesa, mantenha longe de crianças, e siga o que vem impresso neles.
check-limb-thin = Traços finos: { $figure }
    .text = O traço mais fino tem { $limb } de largura; costurado nas duas bordas quer { $least }.
fix-motif-higher = Fazer com { $height } de altura
check-surface-metal = Nada de foil no micro-ondas
    .text = Foil é metal: faísca e pode pôr fogo no tecido.
check-surface-hot = Fica onde é quente: { $part }
    .text = Algo quente é segurado ou posto aqui: { $work } pode derreter, queimar ou sair. Ponha onde nada quente toca, ou trabalhe de outro modo.
check-surface-through = Vê-se dos dois lados: { $part }
    .text = É trabalhado quando a peça { $piece } já está unida e acolchoada, por todas as camadas: os pontos aparecem embaixo.
check-surface-no-iron = Sem ferro quente em: { $material }
    .text = { $work } se passa quente para segurar. Em { $material } é melhor costurado.
check-surface-pile = { $material } tem pelo
    .text = Linhas finas de { $work } afundam nele e borram. Aplicada, uma figura mantém a borda.
fix-work = De { $work } em vez disso
