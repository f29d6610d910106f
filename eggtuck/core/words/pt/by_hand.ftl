### What is told otherwise to somebody who sews a whole make by hand.

hand-backstitch = À mão em ponto atrás, com linha dupla não mais longa que o seu antebraço: saia { $long } adiante, entre onde o último ponto acabou.
hand-backstitch-again = À mão em ponto atrás, { $long } cada ponto.
hand-tacked = Prenda à mão, com alguns pontos no lugar.
hand-own = Tudo à mão.
hand-running = À mão em pontos corridos pequenos, de cerca de { $long }, iguais em cima e embaixo.
hand-needle-plain = agulha de mão de ponta fina, número { $number }
hand-needle-jersey = agulha de mão de ponta redonda, número { $number }
hand-needle-sharp = agulha de três fios para couro, número { $number }
hand-ends-dart = Comece na borda crua com três pontos no lugar, e termine na ponta com um nó chato: puxado forte ele franziria.
hand-ends-dart-gap = Comece na borda crua com três pontos no lugar, dê três dos dois lados da abertura, e termine na ponta com um nó chato.
hand-ends-back = Comece com um nó escondido entre as camadas, e termine com três pontos no lugar.
hand-ends-gap = Comece com um nó escondido entre as camadas, termine com três pontos no lugar, e dê três dos dois lados da abertura.
hand-ends-gap-only = Dê três pontos no lugar dos dois lados da abertura.
hand-ends-long-tape = Antes de costurar sobre a segunda ponta do zíper leve o cursor para entre as duas. Onde o zíper está aberto segure as duas fitas lado a lado, como fechadas. Costure três vezes sobre os dentes do zíper em cada ponta.
hand-ends-fabric-tabs = Costure três vezes sobre cada lingueta do zíper.
hand-ends-over = Costure três vezes sobre cada ponta de~{ $things } que fica nesta costura.
hand-bulk-caught = Onde { $count ->
        [one] fica
       *[other] ficam
    } { $things } nesta costura, a espessura é de { $thick }: ali um ponto de cada vez, empurrado em linha reta.
hand-ends-shortened = Costure três vezes sobre a ponta cortada do zíper.
hand-sew-pivot = { $count ->
        [one] Dê um ponto exatamente no canto, e vire ali.
       *[other] Dê um ponto exatamente em cada um dos { $count } cantos, e vire ali.
    }
hand-step-topstitch-both =
    .text = Costure em volta com o exterior por cima, a { $edge } da borda, em linha que combina com os dois: aparece de ambos os lados.
hand-step-close-gap =
    .check = A abertura está fechada de ponta a ponta, e { $held ->
        [held-basting] nenhum alinhavo ficou dentro
        [held-clips] os clipes estão todos lá
       *[held-pins] os alfinetes estão todos lá
    }.
hand-step-sleeve-round =
    .check = Há { $gap } abertos entre os dois lugares costurados no lugar; as costuras da boca se encontram.
hand-look-gap = Há { $gap } abertos entre os dois lugares costurados no lugar.
hand-cause-slipped = As camadas escorregaram: prenda-as mais junto, ou alinhave antes.
hand-cause-gap = Os lugares costurados ficam fora das marcas.
hand-cause-tension = A linha foi puxada demais: franze. Ou de menos: abre.
hand-cause-needle = Custa a entrar: a agulha está cega, é grossa demais, ou não é deste tipo.
hand-remedy-gap = Curta demais: descosture até a marca e arremate de novo. Longa demais: costure até a marca.
hand-remedy-zip = Descosture esse trecho e costure um fio mais para fora.
hand-remedy-needle = Passe a linha em cera, pegue uma agulha nova, e puxe cada ponto só até ficar liso.
hand-quilt-lines = Linhas retas de ponto corrido por todas as camadas, no máximo { $apart } uma da outra, do meio para fora e todas no mesmo sentido.
hand-step-set-up = Preparar agulha e linha
    .text = Enfie { $thread } numa { $needle }, em dobro. Costure { $trial } de ponto atrás num retalho das mesmas camadas: { $layers }. Prenda as camadas com { $hold }. Tenha um dedal por perto.
    .check = Os pontos são iguais, e o tecido não franze.
hand-hold-pins = alfinetes, em esquadro com a borda, e tire cada um ao chegar nele
hand-caution-thick = Camadas grossas: empurre a agulha com um dedal, e puxe-a com um pedaço de borracha ou alicate.
hand-stitch-zigzag = ponto espinha de peixe, que cede
hand-stitch-open-zigzag = pontos de chuleio bem juntos
hand-step-hem-tube =
    .why = Feita por último cobre as pontas das costuras.
hand-step-hem-flat =
    .why = Plano fica sob a mão, tudo à vista.
hand-option-hem_order-after =
    .why = Esconde as pontas das costuras.
hand-option-hem_order-before =
    .why = Plano é mais fácil de costurar; as pontas das costuras aparecem nela.
hand-step-edges-overcast =
    .why = Nada cobre estas bordas por dentro: pontos de chuleio sobre a borda seguram os fios.
hand-step-zip-ends-fabric-tabs =
    .text = Feche o zíper e marque nele { $length }, tão longe de uma ponta como da outra. Costure através dele na marca de baixo, a agulha entre os dentes. Leve então o cursor para entre as duas marcas: além delas seria cortado. Na marca de cima segure as duas fitas lado a lado, como fechadas, e costure também através delas.
hand-step-zip-slider = Isso fica a { $tape } da borda da fita. A meio caminho, leve o cursor para trás de onde você está.
hand-step-zip-slider-again = Isso fica a { $tape } da borda da fita. Leve o cursor para trás de onde você está a meio caminho, como antes.
hand-caution-hardware = Mantenha a agulha longe de metal: ela quebra, e os pedaços voam.
hand-caution-zip-teeth = Mantenha a agulha longe de metal perto de travas e dentes: ela quebra, e os pedaços voam.
hand-step-motif-satin =
    .text = Pegue na mão a figura em { $letter } ({ $piece }): { $figure }. Costure em volta de toda borda em ponto caseado, { $deep } de fundo e { $deep } de distância, cada ponto entrando logo além da borda. Num canto dê três no mesmo furo.
    .why = O ponto caseado segura todo fio da borda, e a teia não a deixa levantar.
hand-step-border-stitches =
    .text = { $from } { $drawn ->
        [paper] Cole fita que se solta através do direito de { $letter } ({ $piece }), a borda de cima dela { $place }
       *[chalk] Risque com giz uma linha através do direito de { $letter } ({ $piece }), { $place }
    }, e { $more ->
        [one] outra
       *[other] mais { $more }
    } abaixo, { $spacing } de linha a linha. Costure cada uma em ponto corrente ou outro de que goste, com dois ou três fios, de uma borda do tecido à outra{ $drawn ->
        [paper] {","} e tire a fita
       *[chalk] {""}
    }.
hand-step-border-stitches-one =
    .text = { $from } { $drawn ->
        [paper] Cole fita que se solta através do direito de { $letter } ({ $piece }), a borda de cima dela { $place }
       *[chalk] Risque com giz uma linha através do direito de { $letter } ({ $piece }), { $place }
    }. Costure-a em ponto corrente ou outro de que goste, com dois ou três fios, de uma borda do tecido à outra{ $drawn ->
        [paper] {","} e tire a fita
       *[chalk] {""}
    }.