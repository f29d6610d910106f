### Sewing steps of bags, and those all forms share.

## Faces, pressing

faces-right-together = direito com direito
faces-wrong-together = avesso com avesso
faces-seam-on-seam = direito com direito, costura lateral sobre costura da base
## Steps

step-press-cloth = Alisar o tecido
    .text = Tire todo vinco antes de medir.
    .lost = Onde o tecido está liso nada se perde; um vinco que fica desloca toda linha riscada sobre ele.
    .wash = Se o que você faz vai ser lavado, lave antes: { $materials }.
    .dry = Não lavar antes: { $materials }.
    .hot = Com ferro quente ou médio: { $materials }.
    .cool = Com ferro frio através de um pano: { $materials }.
    .never = Sem ferro: { $materials }. Deixe estendido no quente até os vincos sumirem.
    .pile = Pelo avesso, o pelo para baixo sobre uma toalha: { $materials }.
    .why = Um vinco sob a régua faz uma peça grande demais.
fix-habit = Como o trabalho pede
check-held-pins = Alfinetes deixam furos aqui
    .text = O que alfinetes furam neste tecido fica à vista, ou eles não entram: clipes seguram sem isso.
check-held-basting = O alinhavo deixa furos aqui
    .text = O que uma agulha fura neste tecido fica à vista, ou ela mal entra: clipes seguram sem isso.
step-quilt = Acolchoar antes de cortar
    .text = Corte o tecido e o acolchoamento de cada peça acolchoada { $margin } maiores de cada lado do que a peça é cortada, ponha o tecido por cima, com o direito para cima, e prenda. Acolchoe do meio para fora, alisando. A peça é cortada do tecido acolchoado.
    .check = Cada painel acolchoado ainda é maior que a sua peça de todos os lados.
    .why = Acolchoar encolhe o tecido; cortada antes, a peça fica pequena demais.
step-cut = Cortar { $count ->
        [one] a peça
       *[other] as peças
    }
    .text = Corte { $count ->
        [one] 1 peça
       *[other] { $count } peças
    }. Escreva a letra e o papel num pedaço de fita { $count ->
        [one] nela
       *[other] em cada uma
    }.
    .check = { $count ->
        [one] 1 peça, com
       *[other] { $count } peças, cada uma com
    } a sua letra.
step-cut-corners = Recortar os cantos
    .text = Se você corta com régua e não pelo contorno, recorte um retângulo de { $wide } de largura e { $high } de altura nos dois cantos de baixo, em toda camada, medido das bordas cruas.
    .check = Postos um sobre o outro, os cantos recortados são todos iguais.
step-cut-corners-fold = Recortar os cantos
    .text = Se você corta com régua e não pelo contorno, recorte um retângulo de { $wide } de largura e { $high } de altura nos dois cantos de baixo, medido das bordas cruas. Na dobra recorte { $fold } para cada lado dela, { $high } de altura: numa dobra não há margem.
step-cut-corners-base = Recortar os cantos
    .text = Se você corta com régua e não pelo contorno, dobre a peça na base e recorte um retângulo dos dois lados, pelas duas camadas: { $wide } para dentro da borda crua e { $fold } para cima da dobra. Numa dobra não há margem.
step-put-interfacing-fused = Colar a entretela
    .text = Ponha no avesso de~{ $pieces }, com a cola para baixo: { $material }.
step-put-interfacing-fused-over = Colar a entretela seguinte
    .text = Ponha no avesso de~{ $pieces }, por cima de~{ $under }, com a cola para baixo: { $material }.
step-put-interfacing-basted = Alinhavar a entretela
    .text = Ponha no avesso de~{ $pieces }, e alise: { $material }.
step-put-interfacing-basted-over = Alinhavar a entretela seguinte
    .text = Ponha no avesso de~{ $pieces }, por cima de~{ $under }, e alise: { $material }.
step-put-interfacing-quilted = Costurar a entretela
    .text = Ponha no avesso de~{ $pieces }: { $material }. Alinhave, e costure em linhas do meio para fora. Tire o alinhavo, e apare o que passar para fora do tecido.
step-put-interfacing-quilted-over = Costurar a entretela seguinte
    .text = Ponha no avesso de~{ $pieces }, por cima de~{ $under }: { $material }. Alinhave, e costure em linhas do meio para fora. Tire o alinhavo, e apare o que passar para fora do tecido.
step-put-padding-fused = Colar o acolchoamento
    .text = Ponha, com a cola para cima, { $material }, e sobre isso { $pieces }, com o direito para cima. Passe o ferro no tecido, nunca no acolchoamento.
step-put-padding-fused-over = Colar o acolchoamento
    .text = Ponha, com a cola para cima, { $material }, e sobre isso, por cima de~{ $under }, { $pieces }, com o direito para cima. Passe o ferro no tecido, nunca no acolchoamento.
step-put-padding-basted = Alinhavar o acolchoamento
    .text = Ponha no avesso de~{ $pieces }, e alise: { $material }.
step-put-padding-basted-over = Alinhavar o acolchoamento
    .text = Ponha no avesso de~{ $pieces }, por cima de~{ $under }, e alise: { $material }.
step-put-padding-quilted = Acolchoar
    .text = Ponha no avesso de~{ $pieces }: { $material }. Alinhave, e acolchoe do meio para fora. Tire o alinhavo, e apare o acolchoamento que passar para fora do tecido.
step-put-padding-quilted-over = Acolchoar
    .text = Ponha no avesso de~{ $pieces }, por cima de~{ $under }: { $material }. Alinhave, e acolchoe do meio para fora. Tire o alinhavo, e apare o acolchoamento que passar para fora do tecido.
step-slip-in = Enfiar: { $material }
    .text = Enrole o que vai em~{ $pieces } ({ $material }), empurre pela abertura entre exterior e forro, e estenda por dentro. Prenda com um ou dois pontos nas margens.
    .check = Está liso, nenhuma borda dobrada, e nenhuma costura passa por cima.
step-backing-fused =
    .check = Nenhuma bolha, e nenhum canto que se possa levantar.
step-backing-basted =
    .check = Segurado no alto pende liso, e as bordas estão onde devem.
step-backing-quilted =
    .check = Ainda mede o que o molde mede: acolchoar encolhe.
step-backing-cut-over =
    .why = Acolchoar encolhe o tecido. Com uma margem para isso ele é cortado maior, acolchoado, e só então cortado na medida.
backing-net = Em~{ $pieces } as bordas ficam nas linhas de costura: nenhuma costura o prende.
backing-net-caught = Em~{ $pieces } as bordas ficam nas linhas de costura: só é preso onde uma borda não tem margem.
backing-net-across = Em~{ $pieces } as bordas ficam nas linhas de costura: só a costura através dos cantos o prende.
backing-smaller-across = Em~{ $pieces } as bordas ficam { $inset } para dentro das bordas cruas em toda a volta: só a costura através dos cantos o prende.
backing-smaller = Em~{ $pieces } as bordas ficam { $inset } para dentro das bordas cruas em toda a volta: nenhuma costura o prende.
backing-smaller-caught = Em~{ $pieces } as bordas ficam { $inset } para dentro das bordas cruas em toda a volta: é preso onde a margem é mais larga que isso.
backing-lower = Em~{ $piece } cobre a metade de baixo, da borda crua de baixo até { $end } acima dela.
backing-upper = Em~{ $piece } cobre a metade de cima, de { $start } acima da borda crua de baixo até a borda crua de cima.
backing-left = Em~{ $piece } cobre a metade esquerda, como a peça é desenhada: da borda crua esquerda até { $end } dela.{ $up ->
        [turned] { " " }Com o avesso para cima essa metade fica à sua direita.
        [both] { " " }Com o avesso para cima essa metade fica à sua direita, numa parte de trás à sua esquerda.
       *[as-drawn] { "" }
    }
backing-right = Em~{ $piece } cobre a metade direita, como a peça é desenhada: de { $start } da borda crua esquerda até a borda crua direita.{ $up ->
        [turned] { " " }Com o avesso para cima essa metade fica à sua esquerda.
        [both] { " " }Com o avesso para cima essa metade fica à sua esquerda, numa parte de trás à sua direita.
       *[as-drawn] { "" }
    }
backing-band = Em~{ $piece } cobre uma faixa de { $start } a { $end } acima da borda crua de baixo.
backing-band-low = Em~{ $piece } cobre uma faixa da borda crua de baixo até { $end } acima dela.
backing-not-on = Não em: { $pieces }.
backing-left-off = Corte o acolchoamento { $raw } mais curto em { $piece }, { $edge }: ali só se dobra tecido.
backing-unpicked = Desmanche o acolchoado até { $raw } da borda crua (é a borda: { $edge }), e corte fora ali: { $material }. Não corte o tecido: só o tecido é dobrado para dentro.
backing-pile = Com o pelo para baixo sobre uma toalha, ou o ferro o achata: { $materials }.
backing-film = Se a película brilhante fica de um lado, ponha como diz o fabricante; se ninguém diz, com a película para o que deve ficar quente ou frio. Com a película por dentro, qualquer lado pode ficar para cima.
backing-either-side = Qualquer lado pode ficar para cima.
backing-baste = Alinhave ao longo das bordas cruas que ele alcança, dentro da margem, onde nenhum furo vai aparecer.
backing-tack = Onde nenhuma costura o prende, segure-o com alguns pontos longos que não passem para o direito, ou com um pouco de cola que se possa costurar.
fuse-settings = Ajuste o ferro assim: { $heat }, { $steam }. Deixe-o parado { $count ->
        [one] 1 segundo
       *[other] { $count } segundos
    } em cada lugar, através de um pano de passar. Ponha e levante o ferro; não o arraste. Deixe estendido até esfriar.
fuse-first = Primeiro num retalho. O que diz o fabricante vale mais que estes números: { $material }.
fuse-steam = com vapor
fuse-dry = a seco
bulk-fold-out = Apare da margem de cima, ao longo da linha de costura, sem cortar tecido: { $materials }.
bulk-stays = { $count ->
        [one] Fica
       *[other] Ficam
    } nesta costura: { $materials }.
bulk-trim-out = Depois de costurar, apare da margem, rente à costura, sem cortar o tecido nem um ponto: { $materials }.
cause-fused-1 = O ferro foi arrastado, ou levantado cedo demais.
cause-fused-2 = Foi movido antes de esfriar.
cause-basted-1 = Foi esticado enquanto era preso.
cause-basted-2 = O tecido não estava liso embaixo.
cause-quilted-1 = As linhas estão mais juntas do que se contava.
cause-quilted-2 = Não foi acolchoado do meio para fora.
cause-slipped-1 = Foi empurrado em vez de enrolado.
remedy-fused = Aqueça o lugar de novo através do pano e deixe esfriar sob um livro.
remedy-basted = Tire o alinhavo de um lado, alise, e alinhave esse lado de novo.
remedy-quilted = Tire as linhas de fora, ou corte a peça de novo de um painel acolchoado maior.
remedy-slipped = Puxe-o por um canto e enfie-o enrolado de novo.
step-mark = Marcar
    .text = Meça das bordas cruas como estão agora.
    .check = Toda marca está lá, em toda peça cortada igual; frente e costas postas uma sobre a outra concordam.
    .why = Uma peça que está plana sozinha se mede melhor; depois de presa a outras já não dá.
step-ribbon-in = Prender a fita
    .text = { $laid } na borda lateral, { $raw } acima da borda crua da base, as pontas para dentro sobre o direito. Na bolsa pronta isso fica a { $tie } de altura. Prenda as pontas no meio do painel, longe de toda costura.
    .check = As duas pontas estão presas no meio do painel, longe de toda costura.
step-sides =
    { $layer ->
        [role-only] Costurar os lados
       *[other] Costurar os lados de~{ $layer }
    }
step-side =
    { $layer ->
        [role-only] Fazer a costura lateral
       *[other] Fazer a costura lateral de~{ $layer }
    }
step-first-side =
    { $layer ->
        [role-only] Costurar um lado
       *[other] Costurar um lado de~{ $layer }
    }
step-second-side =
    { $layer ->
        [role-only] Costurar o outro lado
       *[other] Costurar o outro lado de~{ $layer }
    }
step-base =
    { $layer ->
        [role-only] Costurar a base
       *[other] Costurar a base de~{ $layer }
    }
step-corners-cut =
    { $layer ->
        [role-only] Fechar os cantos
       *[other] Fechar os cantos de~{ $layer }
    }
    .check = Costura encontra costura no meio, e cada canto tem { $line } de comprimento.
step-corner-lines =
    { $layer ->
        [role-only] Marcar as linhas dos cantos
       *[other] Marcar as linhas dos cantos de~{ $layer }
    }
    .text = Achate cada canto de modo que o lado fique exatamente sobre a base. Meça { $tip } da ponta costurada ao longo da costura e risque uma linha de { $line } de comprimento atravessada, em esquadro com ela.
    .check = As duas linhas medem { $line }, com a costura no meio e as duas pontas na linha da base. O que se apara não volta.
step-corners-sewn =
    { $layer ->
        [role-only] Costurar os cantos
       *[other] Costurar os cantos de~{ $layer }
    }
    .check = Os dois triângulos são do mesmo tamanho, e cada linha tem { $line } de comprimento.
step-corner-trim =
    { $layer ->
        [role-only] Aparar os cantos
       *[other] Aparar os cantos de~{ $layer }
    }
    .text = Corte os triângulos a { $box } por fora da costura.
    .why = Só agora, quando os dois cantos foram medidos.
step-nest-right = Juntar exterior e forro
    .text = Enfie o exterior, com o direito para fora, no forro, com o avesso para fora, costura lateral com costura lateral e base na base: os direitos ficam frente a frente.
    .check = O que foi preso, e toda ponta solta, está entre os dois.
step-rim = Costurar em volta da beira
    .check = As costuras laterais se encontram, nada mais ficou preso, e a abertura ainda está aberta.
step-turn = Virar pela abertura
    .text = Puxe tudo para o direito pela abertura de { $gap }. Empurre toda costura até a borda por dentro com algo sem ponta.
    .check = Nenhuma borda crua aparece por fora; toda costura está bem na borda.
gap-ready = { $held ->
        [held-basting] Puxe antes todo o alinhavo
        [held-clips] Conte antes os clipes
       *[held-pins] Conte antes os alfinetes
    }; nenhum pode ficar dentro. Puxe de leve as duas pontas da abertura, para as margens rolarem para dentro nos vincos, e { $pressing ->
        [pressing-finger] assente-as assim com os dedos
       *[other] passe-as assim
    }.
step-close-gap =
    .check = A abertura está fechada de arremate a arremate, e { $held ->
        [held-basting] nenhum alinhavo ficou dentro
        [held-clips] os clipes estão todos lá
       *[held-pins] os alfinetes estão todos lá
    }.
step-close-gap-hand = Fechar a abertura à mão
    .text = Esconda o nó na dobra, e feche a abertura de { $gap } em pontos invisíveis pequenos de dobra a dobra; termine com um nó puxado para dentro da costura.
step-close-gap-machine = Fechar a abertura à máquina
    .text = Costure a abertura de { $gap }, a { $edge } das dobras, e arremate nas duas pontas.
step-settle = Assentar o forro
    .text = Empurre o forro para dentro do exterior, base sobre base, e { $pressing -> 
       [pressing-finger] vinque com os dedos
      *[other] passe
    } a beira de modo que o forro não apareça.
    .check = O forro fica um fio abaixo da beira em toda a volta.
step-topstitch = Pespontar a beira
    .text = Costure em volta, a { $edge } da borda. Deixe disso se os pontos não devem aparecer.
    .why = Mantém o forro dentro; sem isso a beira tem de ser ajeitada após cada lavagem.
    .lost = O forro pode enrolar para fora na beira, que se ajeita após cada lavagem.
step-cuff = Virar o punho
    .text = Dobre a beira { $cuff } para fora de modo que o forro apareça.
    .check = O punho tem a mesma altura em toda a volta.
step-fold-rims = Dobrar as duas beiras para dentro
    .text = { $pressing } a margem de cima de { $allowance } para o avesso no exterior e no forro.
    .check = As duas beiras dobradas têm o mesmo comprimento.
step-nest-wrong = Pôr o forro dentro
    .text = Enfie o forro no exterior, avesso com avesso, costura lateral com costura lateral.
    .check = As beiras estão no mesmo nível; nenhuma margem aparece.
step-rim-topstitch = Costurar as beiras juntas
    .check = As duas beiras estão presas em toda parte.
step-deep-hem = Costurar a bainha
    .text = Vire { $allowance } para baixo, dobre a beira { $hem } para dentro, e costure duas vezes, a { $edge } da dobra de baixo e a { $edge } da beira.
step-deep-hem-flat = Costurar a bainha enquanto está plano
    .text = Vire { $allowance } para baixo, dobre a borda de cima { $hem } para dentro, e costure duas vezes enquanto a peça está plana, a { $edge } da dobra de baixo e a { $edge } da beira.{ $ends ->
        [both] {" "}A outra ponta da peça, a borda de cima das costas, do mesmo modo.
       *[one] {""}
    }
step-plain-hem = Costurar a bainha
    .text = { $first } { $allowance } para o avesso em cima e costure em volta, a { $edge } da borda crua.
step-plain-hem-flat = Costurar a bainha enquanto está plano
    .text = { $first } { $allowance } para o avesso e costure ao longo enquanto a peça está plana, a { $edge } da borda crua.{ $ends ->
        [both] {" "}A outra ponta da peça, a borda de cima das costas, do mesmo modo.
       *[one] {""}
    }
step-hem-flat =
    .why = Um tubo pronto desta largura pode não passar sobre a máquina.
step-hem-tube =
    .why = Feita por último cobre as pontas das costuras. O tubo tem de passar sobre o braço livre.
step-hem =
    .check = A bainha tem a mesma altura em toda parte.
step-tag = Escrever a etiqueta
    .text = Escreva nela de que é feito: { $materials }; e como se lava e se passa, como diz o cartão de cuidado.
    .why = Quem recebe não viu o tecido ser comprado.
step-tag-ribbon = Escrever a etiqueta
    .text = Escreva nela de que é feito: { $materials }; como se lava e se passa, como diz o cartão de cuidado; e que a fita ficou longa, para cortar a gosto.
step-ends-basting = Cortar as pontas de linha
    .text = Corte toda ponta de linha, e tire toda linha de alinhavo.
    .check = Nenhuma linha de alinhavo ficou.
step-ends = Cortar as pontas de linha
    .text = Corte toda ponta de linha, { $held ->
        [held-clips] tire e conte todos os clipes
       *[held-pins] tire e conte todos os alfinetes
    }.
    .check = { $held ->
        [held-clips] Tantos clipes
       *[held-pins] Tantos alfinetes
    } quantos entraram.
step-press-last = Dar a última forma
    .text = { $pressing } os lados e vinque as bordas da base.
step-foot-corners =
    { $layer ->
        [role-only] Aparar os cantos do pé
       *[other] Aparar os cantos do pé de~{ $layer }
    }
    .text = Corte a margem em diagonal em cada canto da base, rente à costura mas sem cortá-la.
step-foot-corners-fold =
    { $layer ->
        [role-only] Aparar os cantos do pé
       *[other] Aparar os cantos do pé de~{ $layer }
    }
    .text = Corte a margem lateral em diagonal em cada ponta da dobra da base, rente à costura mas sem cortá-la.
step-press-last-flat = Dar a última forma
    .text = { $pressing } tudo bem plano, as costuras exatamente nas bordas.
step-put-in = Pôr o~{ $thing } dentro
    .text = Ponha o~{ $thing } dentro e olhe a base, a beira e os lados.
    .check = Fica de pé direito; anote o que mudaria.
step-put-in-folded = Pôr o~{ $thing } dentro
    .text = Ponha o~{ $thing } dentro, dobre a beira por cima no vinco como antes, feche a aba, e olhe a base e os lados.
    .check = Fica de pé direito; anote o que mudaria.
step-tie-loose = Amarrar a fita
    .text = Ponha a fita em volta do gargalo na linha do laço, { $tie } acima da base, e dê um laço.
step-tie-cuff =
    .check = A fita fica livre do punho, abaixo dele.
step-tie-caught = Amarrar a fita
    .text = Leve a fita presa em volta do gargalo na linha do laço, { $tie } acima da base, e dê um laço.
step-underline = Pôr o forro sobre o exterior
    .text = Ponha cada forro no seu exterior, avesso com avesso, bordas no mesmo nível, alise, e alinhave em toda a volta dentro da margem. Daqui em diante os dois são um só tecido.
    .why = Nenhuma costura une o forro ao exterior: ele é preso com ele em toda costura.
    .check = Nenhum dos dois faz bolha quando pendem por um canto.
step-cuff-unlined = Virar o punho
    .text = Dobre a beira com bainha { $cuff } para fora; aparece { $seen }.
problem-hem-over-tie = Uma bainha de { $hem } e a sua borda virada passam sobre a linha do laço: no máximo { $limit } as mantém livres.
step-stiffened = o~{ $thing }
step-stiffened-each = cada { $thing }
step-press-last-round = Dar a última forma
    .text = { $pressing } a parede, e por dentro a costura em volta da base.
seen-wrong = o avesso do tecido
seen-layer = o~{ $material } que fica no avesso
