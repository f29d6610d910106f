### The cutting table: what is laid, cut and bought.

laid-through = pelas duas camadas
laid-on-fold = metade dela, o meio na dobra
laid-flipped = virada
laid-part = parte { $number } do que se emenda
laid-across = atravessada no fio
laid-of = { $piece }, { $make }
lay-new = tecido novo
lay-quarter = fat quarter { $number }
lay-fault-over = { $piece } fica sobre { $other }, ou mais perto dela do que o espaço que você quer entre elas.
lay-fault-outside = { $piece } fica fora do tecido, ou sobre um lugar que se deixa fora.
lay-fault-turned = { $piece } não pode ser virada assim.
lay-fault-fold = { $piece } não fica com o meio na dobra.
problem-lay-length = Escreva aqui um comprimento, como 6 mm.
problem-lay-range = Isto tem de ir de { $low } a { $high }.
problem-scrap-points = Um contorno tem de 3 a { $most } cantos.
problem-scrap-crossed = O contorno cruza a si mesmo, ou não encerra nada: trace-o uma vez em volta sem cruzar linhas.
problem-scrap-size = Um pedaço de tecido vai de { $low } de largura e altura a { $high } de comprimento.
problem-scrap-many-holes = No máximo { $most } lugares se deixam fora.
problem-scrap-nothing-left = Os lugares deixados fora não deixam nada do tecido.
problem-scrap-ruler = Aponte na foto duas marcas da régua mais distantes, e escreva a distância entre elas.
problem-pile-price = Um preço vai de 0 a { $most }.
problem-pile-count = Escreva um número inteiro de 1 a { $most }.
problem-makes-many = É demais para encaixar junto: no máximo { $most } peças. Corte menos de cada vez.
problem-cut-from = Um tecido não pode ser cortado de um que é cortado de outro.
problem-lay-no-room = Não há lugar livre para ela perto dali.
problem-cannot-turn = Ela só pode ficar de um jeito neste tecido.

cut-plan-title = { $material }, { $role }
cut-plan-line = { $count } × { $width } de largura, { $height } de altura ao todo
cut-plan-side-by-side = { $count ->
    [one] Cabe uma na largura.
   *[other] Até { $count } cópias vão lado a lado na largura.
  }
cut-plan-through = { $count ->
    [one] Corte uma vez pelas duas camadas: isso dá duas.
   *[other] Corte { $count } vezes pelas duas camadas: cada vez dá duas.
  }
cut-plan-on-fold = { $count ->
    [one] Uma peça fica pela metade, o meio na dobra.
   *[other] { $count } peças ficam pela metade, o meio na dobra.
  }
cut-plan-flipped = { $count ->
    [one] Vire o molde para uma cópia de { $times }.
   *[other] Vire o molde para { $count } cópias de { $times }.
  }
cut-plan-parts = { $count ->
    [one] Emendada de uma tira de { $long } e uma de { $rest } de comprimento.
   *[other] Emendada de { $count } tiras de { $long } e uma de { $rest } de comprimento.
  }
cut-plan-strips = { $count ->
    [one] Cada uma de uma tira de { $width } por { $height }.
   *[other] Cada uma de { $count } tiras de { $width } por { $height }, que se emendam.
  }
cut-plan-widths = { $count ->
    [one] Um retângulo de { $width } por { $height } para cada uma.
   *[other] Mais larga que o tecido: { $count } retângulos de { $width } por { $height } para cada uma, emendados lado a lado antes de cortá-la deles.
  }
cut-plan-larger = Corte { $over } maior em toda a volta; apara-se depois de trabalhada.
cut-plan-slanted = No viés: as bordas longas ficam a 45 graus da ourela.
laid-slanted = no viés, a 45 graus da ourela
cut-plan-across = { $count ->
    [one] Uma cópia de { $times } fica atravessada, a seta em esquadro com a ourela.
   *[other] { $count } cópias de { $times } ficam atravessadas, a seta em esquadro com a ourela.
  }
round-circle = círculo
round-corner = cantos redondos
round-arc = borda redonda
cut-plan-round-even = Risque em volta do que você tem ({ $thing }): { $kind }.
cut-plan-round-larger = Risque em volta do que você tem ({ $thing }), logo por dentro da borda: { $kind }; é { $off } maior de lado a lado.
cut-plan-round-smaller = Risque em volta do que você tem ({ $thing }), logo por fora da borda: { $kind }; é { $off } menor de lado a lado.
cut-plan-wash = Lave antes de cortar ({ $cloth }): perde { $share } do comprimento, o que já está contado.
cut-plan-all-across = { $count ->
    [one] Fica atravessada, a seta em esquadro com a ourela.
    [2] As duas cópias ficam atravessadas, a seta em esquadro com a ourela.
   *[other] Todas as { $count } cópias ficam atravessadas, a seta em esquadro com a ourela.
  }
cut-plan-lies-on = Fica sobre: { $role }.
cut-plan-fold = Dobre ao comprido, direito para dentro, ourela com ourela; prenda com alfinetes as duas camadas antes de cortar.
cut-plan-repeat = Toda peça começa no mesmo ponto da estampa: a linha de costura mais baixa numa linha dela.
cut-plan-worn-scissors = Há metal nele: corte com tesoura gasta, ele cega as boas.
cut-plan-wait = Pode esperar até o passo { $number } ser medido ({ $step }): o tamanho ainda pode mudar então.
cut-plan-late = { $make }: passo { $number }, { $step }.

cut-plan-label = Conte-as, e prenda em cada peça uma etiqueta com a letra antes de largá-la.
cut-plan-later = Cortar só ao costurar
shopping-total = Ao todo: { $cost }
shopping-enough = nada
shopping-has = { $amount } na pilha
shopping-pieces-take = as peças levam
shopping-squaring = { $share } a mais para acertar o esquadro
shopping-repeat = uma repetição da estampa, para começar onde convém
shopping-shrinks = { $share } se perdem na primeira lavagem
shopping-sold = como se vende, de { $step } em { $step }
shopping-makes-take = os trabalhos levam
shopping-from-pile = menos o que a pilha tem
shopping-thread-more = um terço a mais, para pontas e o que se costura duas vezes
shopping-in-packs = { $count ->
    [one] um pacote
   *[other] { $count } pacotes
  }
shopping-quarter = { $material }, fat quarters de { $across } por { $along }
shopping-sized = { $name }, { $size }
shopping-wide = { $material }, { $width } de largura
shopping-scoops = { $count ->
    [one] { $volume } ml, solto: cerca de uma vez a sua medida ({ $thing }, { $millilitres } ml).
   *[other] { $volume } ml, solto: cerca de { $count } vezes a sua medida ({ $thing }, { $millilitres } ml cada).
  }
shopping-longer = Dos que estão na pilha alguns têm { $size } de comprimento: cortados na medida, servem.
shopping-unmeasured = O que está na pilha não tem tamanho anotado: veja se é este antes de usá-lo.
shopping-filling = { $millilitres } ml, solto. Pese antes de pôr.

notion-made = parte feita antes
notion-zip = zíper
notion-ribbon = fita
notion-webbing = fita grossa de alça
notion-cord = cordão
notion-elastic = elástico
notion-bias-tape = fita de viés
notion-piping = vivo
notion-lace = renda
notion-hook-and-loop = fita de contato
notion-thread = linha
notion-frame = fecho de mola
notion-ring = argola
notion-slider = regulador
notion-hook = mosquetão
notion-eyelet = ilhós
notion-snap = botão de pressão
notion-button = botão
notion-fastener = fecho de pressão
notion-rivet = rebite
notion-cord-stop = regulador de cordão
notion-filling = recheio
notion-filling-of = recheio: { $what }
pile-left-of = sobra de { $name }
pile-bought = { $name }, sobra
