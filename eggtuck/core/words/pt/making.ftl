### How steps are told: what is taken in hand, how it lies, where it is sewn, at its ends, where it is thick, how it is pressed.

thing = { $piece } ({ $letter })
    .of = { $piece } de~{ $role } ({ $letter })
    .role = { $piece } de~{ $role }
    .the = o~{ $thing }
    .first = o~primeiro~{ $thing }
    .other = o~outro~{ $thing }
    .nth = { $thing }, número { $number }
    .each = cada { $thing }
    .one = um~{ $thing }
    .both = as duas peças { $letter } ({ $piece })
    .both-of = as duas peças { $letter } ({ $piece }) de~{ $role }
    .many = { $times } peças { $letter } ({ $piece })
    .many-of = { $times } peças { $letter } ({ $piece }) de~{ $role }

## How the machine is set

foot-standard = calcador comum
    .job = costuras retas
    .instead = qualquer calcador que deixe a agulha descer no meio
    .lost = a borda de outro calcador não é uma guia medida
foot-zip = calcador de zíper
    .job = costura rente a um zíper ou cordão
    .instead = o calcador comum com a agulha movida para o lado, ou à mão em ponto atrás
    .lost = a costura fica mais longe dos dentes
foot-walking = calcador de transporte duplo
    .job = leva junto a camada de cima numa pilha grossa
    .instead = o calcador comum com menos pressão, ponto mais longo e clipes bem juntos
    .lost = a camada de cima anda: alinhave antes
foot-smooth = calcador antiaderente
    .job = desliza num laminado que gruda
    .instead = uma tira de fita fosca sob o calcador comum, ou papel de seda sobre a costura, rasgado depois
    .lost = o papel leva tempo para tirar

## How things lie

lay-take = Pegue { $things }.
lay-between = Entre os dois, costurados junto, ficam { $things }.
lay-work-on = Trabalhe em~{ $things }.
lay-edges = { $a } sobre { $b }
lay-also = { $first }; { $then }
lay-edges-alike = borda sobre borda
lay-pair = Ponha as duas peças { $letter } ({ $piece }) uma sobre a outra, { $faces }: { $edges }, bordas cruas juntas.
lay-pair-of = Ponha as duas peças { $letter } ({ $piece }) de~{ $role } uma sobre a outra, { $faces }: { $edges }, bordas cruas juntas.
lay-fold = Dobre o~{ $what } { $faces }: { $edges }, bordas cruas juntas.
lay-on = Ponha o~{ $what } sobre o~{ $other }, { $faces }: { $edges }, bordas cruas juntas.
lay-round = Prenda o~{ $what } a~{ $other } em toda a volta, { $faces }: { $edges }, bordas cruas juntas.
lay-tape = Ponha a fita sobre o~{ $what }, { $faces }.
lay-notches = { $count ->
        [one] Faça coincidir o pique { $numbers } no caminho.
       *[other] Faça coincidir os piques { $numbers } no caminho.
    }
lay-notches-onto = { $count ->
        [one] Ponha o pique { $numbers } sobre { $onto }.
       *[other] Ponha os piques { $numbers } sobre { $onto }.
    }
lay-zip-line = a linha do meio do zíper
lay-zip-middle = o meio do zíper
lay-zip-opens = o meio dos { $opening } de zíper que abrem
lay-longer-eased = A borda de~{ $what } é { $off } mais comprida: ajuste essa sobra com os dedos por igual, sem nenhuma prega.
lay-longer = A borda de~{ $what } é { $off } mais comprida, mais do que o tecido aceita: reparta a sobra por igual, e faça pregas miúdas do que não assentar.
number = { $number }
lay-rims-folded = Prenda as duas beiras dobradas no mesmo nível, costura lateral com costura lateral.
lay-as-laid = Pegue juntas todas as camadas como foram postas, bordas cruas juntas.
lay-base-fold = Dobre na dobra da base, atravessado, direito com direito: lado da frente sobre lado das costas, bordas cruas juntas.
lay-corner-cut = { $count ->
        [one] Abra o canto recortado
       *[other] Abra cada um dos { $count } cantos recortados
    } e junte as costuras de modo que as bordas cruas fiquem numa linha, de { $depth } de costura a costura.
lay-corner-squashed = { $count ->
        [one] Achate o canto
       *[other] Achate cada um dos { $count } cantos
    }, costura sobre costura, com a linha riscada por cima.
lay-sleeve = Dobre ao comprido, direito com direito, exterior sobre exterior e forro sobre forro, costura da boca sobre costura da boca.
lay-long-tube = Abra cada painel unido, forro acima do exterior, e ponha os dois um sobre o outro, direito com direito: costura da boca sobre costura da boca, exterior sobre exterior, forro sobre forro.
lay-long-tube-fold = Abra a peça unida, forro acima do exterior, e dobre-a ao comprido na dobra lateral, direito com direito: costura da boca sobre si mesma, bordas juntas.
lay-long-tube-wall = Abra as paredes unidas, forro acima do exterior, e dobre-as ao comprido, direito com direito: costura da boca sobre si mesma, lados juntos.
lay-neck-base = Ponha o tubo plano, direito com direito, a costura das costas no meio de trás, sobre o pique no meio da frente.
lay-turn-in = Vire para dentro a margem de { $allowance } na ponta aberta, as duas camadas, e vinque.
lay-crossed = Ponha uma tira atravessada na outra, as duas com { $inside ->
        [lining] o forro para cima
       *[wrong] o avesso para cima
    }, quadrado da base sobre quadrado da base: dobradas para cima, todas as abas mostram o direito por fora.
lay-corners-weight = Junte abas vizinhas, { $inside ->
        [lining] forro com forro
       *[wrong] avesso com avesso
    }, bordas juntas.
lay-tetra-flat = Ponha o tubo plano, direito com direito, com o zíper no meio de uma face.
lay-tetra-end = Gire o tubo um quarto, de modo que as duas costuras laterais fiquem uma sobre a outra no meio, direito com direito.
lay-tetra-end-zip = Gire o tubo um quarto, de modo que o zíper fique ao longo de uma das dobras, direito com direito.
lay-bowl-rim = Ponha exterior e forro um dentro do outro, direito com direito, costura de pence sobre costura de pence, bordas cruas juntas.
lay-dart =
    { $layer ->
        [role-only] Dobre
       *[other] Dobre o~{ $layer }
    } pelo meio da pence, direito com direito, lado sobre lado: { $darts }, uma depois da outra.
lay-zip-first = Ponha o zíper sobre isso, direito com direito, { $edges }.
lay-zip-first-lined = Ponha o zíper entre exterior e forro, direitos para dentro, { $edges }.
lay-zip-second = Ponha a outra borda do zíper sobre isso, direito com direito, pontas no nível do primeiro lado, { $edges }.
lay-zip-second-lined = Ponha a outra borda do zíper entre o outro exterior e o seu forro, direitos para dentro, pontas no nível do primeiro lado, { $edges }.
lay-zip-second-around = Traga a borda oposta da peça até a outra borda do zíper, direito com direito, pontas no nível do primeiro lado, { $edges }.
lay-zip-second-around-lined = Traga as bordas opostas de exterior e forro até a outra borda do zíper, o zíper entre eles como antes, pontas no nível do primeiro lado, { $edges }.
lay-recessed-zip = De cada lado ponha uma borda do zíper entre as bordas retas de revel e painel de dentro, direitos para dentro, todas as bordas juntas, as travas do zíper { $clear } antes da linha de costura dos dois lados; as duas metades espelhadas.
lay-casing-mouth = Prenda cada túnel no meio da sua borda da boca, bordas cruas juntas, pontas longe das costuras laterais.
lay-casing-mouth-lined = Prenda cada túnel no meio da borda da boca do seu exterior, bordas cruas juntas, pontas longe das costuras laterais; ponha o forro por cima, com o direito para baixo.
lay-casing-mouth-set-out = Prenda cada túnel no meio da sua borda da boca, as bordas cruas dele { $off } além das do corpo, que é de onde você mede, pontas longe das costuras laterais.
lay-casing-mouth-set-out-lined = Prenda cada túnel no meio da borda da boca do seu exterior, as bordas cruas dele { $off } além das do exterior, que é de onde você mede, pontas longe das costuras laterais; ponha o forro por cima, com o direito para baixo, rente ao exterior.
lay-casing-mouth-set-back = Prenda cada túnel no meio da sua borda da boca, as bordas cruas dele { $off } para dentro das do corpo, pontas longe das costuras laterais.
lay-casing-mouth-set-back-lined = Prenda cada túnel no meio da borda da boca do seu exterior, as bordas cruas dele { $off } para dentro das do exterior, pontas longe das costuras laterais; ponha o forro por cima, com o direito para baixo, rente ao exterior.
lay-ring-lined = Ponha o zíper com as suas tiras, exterior e forro como um, entre o fole do exterior e o fole do forro, direitos para dentro: ponta esquerda sobre ponta esquerda; ponta direita sobre ponta direita, bordas cruas juntas.
lay-binding-join-diagonal = Ponha as duas pontas retas atravessadas uma na outra, sobrepostas { $wide }, direito com direito. Apare para { $a } depois de costurar.
lay-of-longer = Corte { $over } dos seus { $length }. { $lay }
lay-binding-join-straight = Ponha as duas pontas uma sobre a outra, direito com direito, bordas cruas juntas.
lay-binding = Ponha o anel no direito de~{ $on }, direito com direito, bordas cruas juntas, a emenda longe dos cantos.
lay-binding-back = Vire: ponha o anel no direito de~{ $on }, direito com direito, bordas cruas juntas, a emenda longe dos cantos.

## Where it is sewn

sew-at = Costure o~{ $seams } a { $allowance } das bordas cruas, { $way }.
sew-way = Costure o~{ $seams } { $way }.
sew-pivot = { $count ->
        [one] Vire no canto, com a agulha embaixo.
       *[other] Vire em cada um dos { $count } cantos, com a agulha embaixo.
    }
way-from-to = de~{ $start } a~{ $end }
way-ends = de ponta a ponta
way-along = de uma ponta de~{ $end } à outra
way-between = de { $end ->
        [seam-strip-round-first] uma borda longa da tira à outra
        [seam-wrap-round-first] uma ponta da envoltura à outra
        [seam-cover-round-first] uma borda que se costura à outra
        [seam-flap-on-first] uma borda curta da aba à outra
       *[other] { $end } a { $end }
    }
way-round = em toda a volta, sobrepondo as pontas em { $overlap }
way-round-gap = em toda a volta, de um lado da abertura ao outro
end-zip = zíper
end-corner = canto recortado
end-left-of = ponta esquerda de~{ $edge }
end-right-of = ponta direita de~{ $edge }
end-corner-left = canto recortado esquerdo
end-corner-right = canto recortado direito
way-round-beside = em toda a volta, começando ao lado { $seam ->
    [seam-dart] de~{ $seam }
   *[other] de~{ $seam }
} e sobrepondo as pontas em { $overlap }
along-edge = Costure em toda a volta, a { $distance } das beiras dobradas.
along-edge-all-round = Costure em toda a volta, a { $distance } da borda; a mesma costura fecha a ponta aberta.
along-corner-line = { $count ->
        [one] Costure atravessado na linha riscada
       *[other] Costure cada um atravessado na sua linha riscada
    }, com { $depth } de comprimento.
along-corner-to-corner = Costure reto de canto a canto da sobreposição.
along-base-square = Costure em volta do quadrado em que as tiras se cruzam, a { $allowance } das bordas livres dele.
along-sleeve = Costure a { $allowance } das bordas cruas de uma vez: comece no lado do forro depois da abertura, costure em volta da ponta do forro, ao longo dos dois lados e em volta da ponta do exterior.
along-binding = Costure lado por lado, a { $quarter } das bordas cruas: pare { $quarter } antes de cada canto, dobre a tira para cima em esquadro e de novo para baixo, e comece o lado seguinte. Sobreponha o começo.
along-corners-weight = Costure cada canto a { $allowance } das bordas cruas, da base para cima, um depois do outro, e pare na linha de costura de cima.
along-top-weight = Costure três lados a { $allowance } das bordas cruas, um lado de cada vez; o quarto fica aberto.
along-close-weight = Feche a borda aberta com clipes, incline o recheio para longe dela, e costure-a a { $allowance } das bordas cruas, duas vezes.
along-sleeve-ends = Costure a ponta fechada do exterior e a do forro, cada uma a { $allowance } das bordas cruas, de ponta a ponta.
along-long-tube = Costure da ponta do exterior à do forro de uma vez, a { $allowance } das bordas cruas, por cima da costura da boca.
along-dart = Costure { $darts } desde a borda crua, a { $half } da dobra ali, até nada na ponta, a { $length } da borda crua.

## What is left open

open-from = Deixe abertos { $gap } de~{ $edge }: de { $start } a { $end }, medidos de~{ $place }.
open-layer = { $edge } de~{ $role }
open-corner = o canto com o~{ $edge }
open-raw = a borda crua junto a~{ $edge }
open-seam = { $seam ->
        [seam-dart] o~{ $seam }
       *[other] o~{ $seam }
    }
open-round = Deixe abertos { $gap } de~{ $edge }: { $where }.
open-marked = Deixe abertos { $gap } de~{ $edge }, entre as suas duas marcas.

## Ends and crossings

ends-dart = Arremate na borda crua. Saia do tecido na ponta e dê ali um nó nas duas linhas: um arremate franziria.
ends-dart-gap = Arremate na borda crua e dos dois lados da abertura. Saia do tecido na ponta e dê ali um nó nas duas linhas.
ends-back = Arremate nas duas pontas.
ends-gap = Arremate nas duas pontas e dos dois lados da abertura.
outward-half = Dobrada a peça, a metade com { $things } fica por fora, onde se vê.
ends-overlap = Costure { $overlap } sobre o começo.
ends-gap-only = Arremate dos dois lados da abertura.
ends-long-tape = Antes de costurar sobre a segunda ponta do zíper leve o cursor para entre as duas. Onde o zíper está aberto ponha as duas fitas lado a lado, como fechadas, e deixe o calcador segurá-las juntas. Vá e volte três vezes sobre o zíper em cada ponta.
ends-fabric-tabs = Vá e volte três vezes sobre cada lingueta do zíper.
ends-over = Vá e volte três vezes sobre cada ponta de~{ $things } que fica nesta costura.
ends-shortened = Vá e volte três vezes sobre a ponta cortada do zíper.
bulk-caught = Onde { $count ->
        [one] fica
       *[other] ficam
    } { $things } nesta costura, { $thick } passam sob o calcador: gire ali o volante à mão e ponha algo da mesma espessura atrás do calcador, para que fique nivelado.
bulk-folded = Ao cruzar o~{ $seams }: mantenha as duas margens abertas sob o calcador.
bulk-folded-every = Em toda costura que cruza: mantenha as duas margens abertas sob o calcador.
bulk-piping = Há vivo nesta costura: costure rente ao cordão dele, logo por dentro da costura do próprio vivo, para que nada dela apareça.
bulk-open = Ao cruzar o~{ $seams }: mantenha as duas margens abertas sob o calcador, e corte as pontas delas em diagonal dentro da margem da costura nova.
bulk-side = Ao cruzar o~{ $seams }: deixe as margens em sentidos opostos onde puder, e gire o volante à mão sobre o degrau.
bulk-open-every = Em toda costura que cruza: mantenha as duas margens abertas sob o calcador, e corte as pontas delas em diagonal dentro da margem da costura nova.
bulk-side-every = Em toda costura que cruza: deixe as margens em sentidos opostos onde puder, e gire o volante à mão sobre o degrau.

## What is kept clear

clear-sewn-on = Mantenha longe desta costura { $things }: prenda o que pende no meio da peça.
clear-loose = Não pegue mais do que as pontas presas de~{ $things }: prenda o resto no meio da peça, longe da costura.
clear-layer = Mantenha o~{ $layer } fora desta costura: dobre para trás, fora do caminho.
loose-ribbon = a fita
loose-part = { $count ->
    [one] o~{ $part }
   *[other] cada { $part }
}
loose-ringed = o~{ $part } com a sua { $tab }
loose-loop = a presilha
loose-tab = a lingueta
loose-pen-loop = a presilha de caneta
loose-handle = a alça de mão

## The same in a few words

short-way = { $seams }: { $way }
short-allowance = margem de { $allowance }
short-faces = { $faces }
short-press-open = { $pressing } aberta
short-press-to-base = { $pressing } para a base
short-press-to-outer = { $pressing } para o exterior
short-press-to-lining = { $pressing } para o forro
short-press-to-body = { $pressing } para o corpo
short-press-to-collar = { $pressing } para a gola
short-press-flat = { $pressing } plano
short-press-from-pocket = { $pressing } para longe do bolso
short-press-one-side = { $pressing } para um lado
short-press-from-zip = { $pressing } para longe do zíper
short-press-darts-alone = { $pressing } as pences no mesmo sentido
short-press-darts = { $pressing } as pences, camadas em sentidos opostos

## How it is pressed, and why

pressing-iron = Passe
    .short = passe
pressing-finger = Vinque com os dedos
    .short = vinque com os dedos
heat-pile = Passe pelo avesso, o pelo para baixo sobre uma toalha: { $materials }. Onde só se alcança o direito não apoie o ferro: vinque com os dedos, ou deixe o vapor agir logo acima.
heat-pile-again = O ferro nunca apoiado no pelo: { $materials }.
heat-cool = Ferro frio através de um pano, para { $materials }: teste antes num retalho.
heat-cool-again = Ferro frio: { $materials }.
heat-never-again = Sem ferro: { $materials }.
heat-never = Sem ferro: ele derreteria ou racharia { $materials }. Corra a unha ou um palito de madeira ao longo, e prenda com clipes o que não fica até ser costurado.
heat-spoilt = Prende pelo calor. Sob um ferro isto derreteria ou racharia: { $materials }. Não tente: escolha um modo costurado.
heat-weak = Prende pelo calor. Não mais que ferro frio, através de um pano, em: { $materials }. Teste antes num retalho, e escolha um modo costurado se não prender.
press-open = { $pressing } a costura aberta: assim fica mais plana, e encontra a seguinte sem degrau.
press-to-base = { $pressing } a margem para a base: ali fica escondida sob o objeto.
press-to-outer = { $pressing } a margem para o exterior, para que o forro não apareça na beira.
press-to-collar = { $pressing } a margem para cima, para a gola, onde o túnel a cobre.
press-flat = { $pressing } tudo bem plano.
press-from-pocket = { $pressing } a margem para longe do bolso, para a ponta da frente: assim o bolso fica plano sobre a aba.
press-one-side = { $pressing } a margem para um lado: duas camadas juntas são mais fortes onde o objeto empurra.
press-from-zip = { $pressing } o tecido para longe do zíper, para que nenhuma dobra entre nos dentes.
press-darts = { $pressing } as pences para um lado, exterior e forro em sentidos opostos para que se encaixem.
press-darts-alone = { $pressing } todas as pences no mesmo sentido, para que a tigela fique por igual.
press-opposite = { $pressing } fileiras vizinhas em sentidos opostos, para que as costuras se encaixem.
press-to-body = { $pressing } a margem para o corpo, para que não estreite o canal.
press-to-corner = { $pressing } para o canto: ali fica plana sob o quadrado.
press-from-wrong = { $pressing } pelo avesso.
press-to-lining = { $pressing } a margem para o forro: a boca do exterior fica fina.

## What is looked at, what a fault comes from, and what mends it

look-across = { $length } ao longo de~{ $edge }, de~{ $one } a~{ $other }, de costura a costura.
look-between = { $length } ao longo de~{ $edge }, de costura a costura.
look-round = { $length } em toda a volta ao longo de~{ $edge }, na linha de costura: posto plano, metade fica atravessada.
look-gap = Há { $gap } abertos entre dois arremates.
cause-allowance = A costura saiu da margem: o que difere conta duas vezes em cada costura.
cause-slipped = A camada de cima andou sob o calcador: prenda mais junto, ou use um calcador de transporte duplo.
cause-gap = Os arremates foram feitos fora das marcas.
cause-stretched = A borda curva foi esticada ao ser presa.
cause-clipped-too-little = A borda mais reta não tem piques fundos o bastante para abrir na curva.
cause-corner-off = As costuras não estavam uma sobre a outra no meio.
cause-from-net = Foi medido da linha de costura e não da borda crua.
cause-caught = Outra camada ficou presa na costura.
cause-not-pushed = O canto não foi empurrado até o fim, ou a margem é grossa demais.
cause-zip-close = A costura corre rente demais aos dentes.
cause-folded-off = A tira foi dobrada fora do meio.
cause-baste-deep = O alinhavo é mais fundo que a sua margem.
cause-mouth-deep = A costura da boca é mais funda que a sua margem.
cause-joined-wrong = As pontas foram unidas fora da marca.
cause-edge-stretched = A borda foi esticada no manuseio.
cause-not-quarter = O tubo não foi girado um quarto inteiro.
cause-dense = As linhas estão mais juntas do que se contava.
cause-dart-end = Uma pence foi começada ou terminada fora da marca.
cause-not-square = A régua estava torta.
cause-creased-off = A beira foi vincada fora da marca.
cause-cut-close = A tesoura cortou a costura.
remedy-sew-corner = Costure de novo sobre esse canto na mesma linha, de { $over } antes a outro tanto depois, antes de virar algo.
remedy-crease = Abra, vinque de novo na marca, e dobre outra vez.
remedy-resew = Descosture onde difere, junte as bordas cruas e costure de novo ao lado dos furos antigos.
cause-cut-off = Os blocos não foram todos cortados na medida: ponha dois iguais um sobre o outro.
remedy-gap = Curta demais: descosture até a marca e arremate de novo. Longa demais: costure até a marca.
remedy-unpick-between = Descosture entre os dois piques mais próximos que coincidem, prenda mais junto, e costure esse trecho de novo.
remedy-corner = Descosture o canto antes de aparar algo, ponha costura sobre costura e costure de novo.
remedy-lay-on = Ponha um canto recortado sobre o outro e apare o recorte menor por ele; nunca o maior.
remedy-caught = Descosture o lugar onde ficou preso antes de seguir: depois não se alcança.
remedy-zip = Descosture esse trecho e costure uma agulha mais para fora.
remedy-baste-again = Tire o alinhavo, dobre a tira borda com borda e alinhave de novo.
remedy-mouth-again = Descosture a costura da boca e costure mais perto da borda crua.
remedy-binding = Abra a emenda e costure de novo pelo que sobra ou falta.
remedy-quarter = Descosture a ponta, ponha o tubo de novo e prenda antes o meio.
remedy-quilted-small = Tire as linhas de fora, ou corte a peça de novo de um painel acolchoado maior.
remedy-dart = Continue a pence mais curta até o comprimento da mais longa; não descosture a ponta.
remedy-push = Vire de volta, apare mais o canto e empurre por dentro com algo sem ponta.
remedy-square = Acerte o esquadro de novo pelo lado mais longo.

## Steps

step-with-gap = { $step }, deixando a abertura
step-turn-outer = Virar o exterior para o direito
    .text = Vire o exterior para o direito pelo topo aberto e empurre as costuras por dentro com algo sem ponta. O forro fica do avesso.
step-turn-out = Virar para o direito
    .text = Vire para o direito pela abertura dele, e empurre as costuras por dentro com algo sem ponta.
    .check = Nenhuma borda crua aparece por fora; toda costura está bem na borda.
step-press-gap = Vincar as margens da abertura
    .text = Vinque as duas margens da abertura de { $gap } para dentro na linha de costura, antes de virar algo.
    .why = A dobra é fácil de fazer agora e mostra onde costurar quando se fecha.
step-clip-to-base = Dê piques na margem da base da parede no máximo a { $apart } um do outro, até logo antes da linha de costura, antes de prender. Costure com a parede por cima.
step-collar-opening = Deixe { $opening } delas abertos onde sai o cordão, { $half } para cada lado do pique, com arremate nas duas pontas.
step-collar-opening-stitched = Costure as margens dos dois lados dessa abertura.
step-open-flat = Depois abra as duas planas, para a bainha.
step-over-hem = Costure através da bainha, três vezes por cima.
step-zip-slider = Isso fica a { $tape } da borda da fita. A meio caminho, com a agulha embaixo, levante o calcador e leve o cursor para trás dele.
step-zip-slider-again = Isso fica a { $tape } da borda da fita. Leve o cursor para trás da agulha a meio caminho, como antes.
step-turn-and-press = Vire as pontas para o direito e vinque ao longo das costuras.
step-clip-gusset = Dê piques na margem do fole no máximo a { $apart } um do outro, até logo antes da linha de costura. Prenda antes os piques, depois entre eles.
step-snip-corners-out = Onde o painel tem um canto, dê um pique na margem do fole até quase a linha de costura, para que ele vire ali.
step-snip-corners-in = Onde o painel tem um canto, dê um pique na margem do painel até quase a linha de costura, para que o fole vire ali.
step-snip-corners-both = Onde o painel tem um canto, dê um pique numa margem até quase a linha de costura, para que o fole vire ali: na do fole onde o canto aponta para fora, na do painel onde aponta para dentro.
step-snip-inward = Depois de costurar, dê piques nas duas margens até quase a costura onde um canto aponta para dentro.
step-gusset-on-top = Costure com o fole por cima, um painel depois do outro.
step-ring-topstitch = Pesponte ao lado das duas costuras, a { $edge } delas.
step-over-flaps = Costure três vezes sobre as bordas das abas.
step-leave-lower = A ponta de baixo fica aberta.
step-ribbon-in-fold = Prender a fita
    .text = { $laid } na borda lateral, { $raw } acima da dobra da base, as pontas para dentro sobre o direito. Na bolsa pronta isso fica a { $tie } de altura. Prenda as pontas no meio do painel, longe de toda costura.
step-binding-join = Unir o debrum num anel
    .check = { $around } em toda a volta na borda que é costurada.
step-loop-in-zip = Prender a presilha
    .text = { $cut } e prenda as pontas no direito de { $letter } ({ $piece }) na sua marca ao lado da ponta do zíper, rente à borda crua, a presilha para dentro.
step-loop-made = Fazer a tira da presilha
    .text = Dobre a tira ao meio ao comprido, vinque, abra, dobre as duas bordas longas até o vinco, dobre de novo, e costure ao longo dos dois lados, a { $edge } das dobras.
    .check = Tem { $wide } de largura, e nenhuma borda crua aparece ao longo.
mark-loop = meio da presilha
loop-beside-zip = a { $raw } da borda crua ao lado do zíper, ao longo da borda em que é presa
loop-at-zip = na ponta direita da linha do meio do zíper
step-loop-in-flap = Prender a presilha
    .text = Corte { $loop } do cordão, dobre em dois e prenda as pontas no direito da aba, no meio da ponta, rente à borda crua, a presilha para dentro.
step-part-piping = Costurar o vivo
    .text = No direito ponha { $piping } de vivo ao longo de~{ $side } de { $letter } ({ $piece }), o cordão para dentro, a costura dele na linha de costura, as duas pontas rentes às bordas cruas ao lado. { $curved ->
        [yes] Dê piques na aba dele em toda curva e costure.
       *[no] Costure.
    }
step-part-piping-each = Costurar o vivo
    .text = No direito ponha { $piping } de vivo ao longo de~{ $side } de cada { $letter } ({ $piece }), o cordão para dentro, a costura dele na linha de costura, as duas pontas rentes às bordas cruas ao lado. { $curved ->
        [yes] Dê piques na aba dele em toda curva e costure.
       *[no] Costure.
    }
step-part-piping-halves = Costurar o vivo
    .text = No direito ponha { $piping } de vivo ao longo de~{ $side } de { $letter } ({ $piece }), o cordão para dentro, a costura dele na linha de costura, as duas pontas rentes às bordas cruas ao lado, e outro tanto ao longo da borda de cima da outra metade. { $curved ->
        [yes] Dê piques na aba dele em toda curva e costure.
       *[no] Costure.
    }
step-part-piping-round = Costurar o vivo
    .text = No direito ponha { $piping } de vivo ao longo de~{ $side } de { $letter } ({ $piece }), o cordão para dentro, a costura dele na linha de costura; dê piques na aba dele em toda curva e costure. Deixe as pontas se cruzarem, ou abra uma e ponha a outra dentro.
step-part-piping-round-each = Costurar o vivo
    .text = No direito ponha { $piping } de vivo ao longo de~{ $side } de cada { $letter } ({ $piece }), o cordão para dentro, a costura dele na linha de costura; dê piques na aba dele em toda curva e costure. Deixe as pontas se cruzarem, ou abra uma e ponha a outra dentro.
step-edges-overcast = Chulear as bordas cruas
    .text = Enquanto as peças estão planas chuleie cada borda que ficará numa costura: { $what }. Não estique, e não apare nada.
    .why = Nada cobre estas bordas por dentro. Sem overloque: um zigue-zague largo sobre a borda faz isso.
step-edges-pinked = Picotar as bordas cruas
    .text = Enquanto as peças estão planas picote cada borda que ficará numa costura, tirando só os dentes: { $what }.
    .why = Nada cobre estas bordas por dentro. Sem tesoura de picotar: chuleie.
step-edges-together-overcast = Chulear o que está costurado
    .text = Chuleie juntas as duas margens: { $numbered ->
            [yes] { $seams }
           *[no] { $seams }
        }.
step-edges-together-pinked = Picotar o que está costurado
    .text = Picote juntas as duas margens: { $numbered ->
            [yes] { $seams }
           *[no] { $seams }
        }.
edges-of = { $edges } de { $letter } ({ $piece })
step-lining-free = Fazer a bainha da borda livre de dentro
    .text = { $first } { $allowance } para o avesso ao longo { $count ->
        [one] da borda redonda do painel de dentro
       *[other] dos lados do revel e, em seguida a eles, da borda redonda do painel de dentro
    }, onde nada se costura; dê piques onde repuxa, e costure a { $edge } da borda crua.
step-mouth-ends = Virar para dentro a boca ao lado do túnel
    .text = { $first } { $allowance } para o avesso na boca dos dois lados do túnel e costure, a { $edge } da borda crua.

## Marks

marked-at = { $mark }: { $where }
marked-notch = pique { $number }, { $label }
marked-motif = { $mark }: { $size }; o canto esquerdo de baixo a { $side } da borda crua esquerda e { $low } da borda crua de baixo
marked-sides = Esquerda e direita são como as peças são desenhadas: de uma frente como olha para você, de costas como você as veria através da frente.
marked-snip = Dê piques na margem, não mais fundo que um terço dela, em~{ $things }: { $marks }.
marked-chalk = Com giz ou lápis no avesso de~{ $things }: { $marks }.
marked-wash-out = Com caneta que sai na água, no direito de~{ $things }: { $marks }.
marked-chalk-seen = Com giz que se escova, no direito de~{ $things }: { $marks }.
marked-wash-out-wrong = Com caneta que sai na água, no avesso de~{ $things }: { $marks }.
marked-heat = Com caneta que sai com calor, no avesso de~{ $things }: { $marks }.
marked-heat-seen = Com caneta que sai com calor, no direito de~{ $things }: { $marks }.
marked-tailor = Com pontos de alfaiate, pontos soltos de linha através do tecido, em~{ $things }: { $marks }.
marked-padding = Com caneta no acolchoamento de~{ $things }: { $marks }.
marked-lining-wash = Com caneta que sai na água, no lado do forro de~{ $things }: { $marks }.
marked-lining-chalk = Com giz que se escova, no lado do forro de~{ $things }: { $marks }.
marked-pen = Com caneta no verso de~{ $things }: { $marks }.
marked-pen-seen = Com uma tira de papel colada no direito de~{ $things }, pois caneta nunca sai: { $marks }.
marked-thread = Com um ponto solto de linha no pelo de~{ $things }: { $marks }.
off-thread = Tire todo ponto de marcação que ainda esteja ali.
off-strip = Descole tudo o que foi colado para ser marcado.
off-chalk = Escove o que ainda se vê do giz.
minded-wash = Teste num retalho a caneta que sai na água, e nunca passe ferro sobre as linhas dela.
minded-wash-first = Tire com água fria toda linha que ainda se veja da caneta que sai na água, e deixe secar antes que algum ferro chegue perto: o calor fixaria.
minded-wash-off = Tire com água fria toda linha que ainda se veja da caneta que sai na água.
minded-wash-wrong = Nunca passe ferro sobre o que a caneta que sai na água riscou.
minded-heat = O ferro tira as linhas da caneta: até todas estarem costuradas passe só as costuras.
minded-heat-seen = Teste antes num retalho no frio a caneta que sai com calor: as linhas podem voltar.
marked-fold-thread = Alinhave ao longo de cada dobra de~{ $things } com pontos soltos, pois nenhum vinco seguraria: { $marks }.
marked-fold-open = Dobre { $things } sem vincar, pois um vinco ficaria para sempre, e dê um pique na margem nas duas pontas da dobra: { $marks }.
marked-crease = Dobre e vinque { $things }: { $marks }.
crease-at = { $fold }: a { $raw } da borda crua junto a~{ $edge }
crease-middle = { $fold }: no meio, borda crua sobre borda crua
crease-middle-of = { $fold }: no meio, { $one } sobre { $other }
where-middle-eye = no meio de~{ $edge }, a olho
where-middle = dobre o~{ $edge } ponta com ponta
where-from-raw = a { $raw } ao longo de~{ $edge } desde a borda crua junto a~{ $other }
where-from-corner = a { $net } ao longo da linha de costura de~{ $edge }, desde o canto com o~{ $other }
where-corner = onde se encontram { $edge } e { $other }
where-gap = de { $start } a { $end } ao longo de~{ $edge }, desde a borda crua junto a~{ $other }
where-gap-corner = de { $start } a { $end } ao longo da linha de costura de~{ $edge }, desde o canto com o~{ $other }
round-foot = ao pé da seta
round-anywhere = em qualquer lugar
round-right = com o direito para cima
round-wrong = com o avesso para cima
round-both = através das duas de uma vez, postas direito com direito
round-notch = pique { $number }
round-unnumbered = um sem número
round-for-seam = um sem número, para o~{ $seam }
round-by-fold = dobre em { $parts } partes iguais e dê piques nas dobras
round-by-eye = em { $parts } partes iguais a olho
round-folded = { $label }: { $how }
round-evenly = { $how }; { $up }, comece { $at } e vá em volta no sentido anti-horário: { $every }
round-evenly-alike = { $label }: { $how }; { $up }, comece { $at } e vá em volta no sentido anti-horário: { $every }
round-chain = { $up }, comece { $at } e vá em volta no sentido anti-horário, medindo ao longo de~{ $line }: { $every }
round-paper = { $up }, onde o papel posto por cima as tem; confira no sentido anti-horário ao longo de~{ $line }: { $every }
round-on = { $way } adiante, { $name }
round-raw-edge = borda crua
round-stitch-line = linha de costura
round-gap-both = { $half } para cada lado de~{ $notch }, ao longo da linha de costura
round-gap-after = de { $start } a { $end } depois de~{ $notch }, no sentido dos números, ao longo da linha de costura
round-gap-before = de { $start } a { $end } depois de~{ $notch }, contra os números, ao longo da linha de costura
round-gap-across = de { $before } antes de~{ $notch } a { $after } depois, no sentido dos números, ao longo da linha de costura
quilt-lines = Linhas retas com o calcador de transporte duplo, dentes erguidos, no máximo a { $apart } uma da outra e todas costuradas no mesmo sentido; curvas livres com calcador de cerzir, dentes baixados. Teste linha e tensão num retalho de todas as camadas.
step-part-piping-made = Fazer o vivo
    .text = Ponha o cordão, de { $cord } de espessura, no meio da tira, dobre a tira em volta dele com o direito para fora e bordas cruas juntas, e costure rente ao cordão: { $allowance } de aba passam além da costura.
step-topstitch-both = Pespontar a beira
    .text = Pegue a cor do exterior como linha de cima e a do forro como linha de baixo. Costure em volta com o exterior por cima, a { $edge } da borda.
step-set-up = Preparar a máquina
    .text = Ponha uma { $needle } e { $thread }, em cima e embaixo. Costure { $trial } num retalho das mesmas camadas: { $layers }. Prenda as camadas com { $hold }.
    .check = O ponto é igual visto de cima e de baixo, e nenhum falha.
    .why = O que um retalho mostra não custa nada.
needle-universal = agulha universal nova, número { $number }
needle-jersey = agulha de malha nova, número { $number }
needle-jeans = agulha de jeans nova, número { $number }
needle-sharp = agulha afiada nova, número { $number }
thread-polyester = linha de poliéster
thread-cotton = linha toda de algodão
hold-pins = alfinetes, em esquadro com a borda, e tire cada um antes da agulha
hold-basting = uma linha de alinhavo longo ao lado da costura, tirada quando está costurada
hold-clips = clipes, a um polegar um do outro
hold-clips-holes = clipes: os furos de alfinetes ficariam
hold-clips-thick = clipes: alfinetes não atravessam tanta espessura
held-pins = alfinetes
held-basting = linhas de alinhavo
held-clips = clipes
cause-tension = Laços embaixo: a tensão de cima é frouxa demais, ou a linha está fora do disco.
cause-needle = Pontos falhados: a agulha está cega, torta, ou não é deste tipo.
remedy-needle = Enfie a linha de novo com o calcador erguido; depois uma agulha nova; depois a tensão de cima, meio número de cada vez.
step-mouth-flat = Unir exterior e forro na boca
step-long-side = Costurar o lado longo
step-long-sides = Costurar os lados longos
seam-rim-front = beira da frente
seam-rim-back = beira das costas
machine-straight = Ponha a máquina em ponto reto.
machine-straight-overcast = Se as bordas cruas foram feitas com esta máquina, ponha-a de novo em ponto reto.
machine-hem-overcast = Se a borda crua for feita com esta máquina, ponha-a de novo em ponto reto antes de dobrar.
machine-thread-back = Enfie de novo na agulha a linha das costuras.
machine-thread-colour = Enfie na agulha linha da cor do enfeite; na bobina fica a das costuras.
machine-thread-shows = Enfie na agulha a linha de enfeite; na bobina fica a das costuras.
stitch-zigzag = um zigue-zague
stitch-open-zigzag = um zigue-zague pequeno e aberto
hem-overcast = Chuleie a borda crua, depois dobre
hem-pinked = Picote a borda crua, depois dobre
hem-raw = Dobre
decided = { $option }: { $choice }. { $why }
decided-flaps = As abas ficam sobre a capa e não sobre o forro: viradas, acabam dentro sobre o forro, e uma costura em volta segura capa, abas e forro.
wait-hours = { $hours ->
        [one] uma hora
       *[other] { $hours } horas
    }
wait-minutes = { $minutes } minutos
wait-short = Deixe repousar cerca de { $minutes ->
        [one] um minuto
       *[other] { $minutes } minutos
    }.
wait-meanwhile = Fica em repouso cerca de { $long }. Enquanto isso siga com { $count ->
        [one] o passo { $first }
       *[other] os passos { $first } a { $last }
    }.
wait-break = Fica em repouso cerca de { $long }, e tudo depois espera por isso: planeje uma pausa aqui.
meanwhile = Enquanto repousa você já pode fazer o que se faz à parte: { $things }.
cut-out-print = A estampa tem lado de cima ({ $material }): em toda peça dele a seta aponta para o alto da estampa.
cut-out-stretch = O tecido estica mais na largura ({ $material }): puxe nos dois sentidos e veja, e ponha toda seta em esquadro com isso.
cut-out-nap = O tecido tem pelo ({ $material }): passe a mão ao longo da seta, e deve sentir o mesmo em toda peça dele, ou uma parece mais escura que a outra.
lay-left = { $width } por { $length }
cut-out-across = Para poupar tecido ponha estas atravessadas em { $material } ({ $role }), a seta em esquadro com a ourela: { $pieces }.
cut-out-across-wide = Largas demais para ficar de pé em { $material } ({ $role }), ponha estas atravessadas, a seta em esquadro com a ourela: { $pieces }.
cut-out-widths = Não é largo o bastante para { $piece } ({ $material }): corte em vez disso { $count ->
    [one] 1 retângulo
   *[other] { $count } retângulos
  } de { $width } de largura e { $height } de altura para cada uma, costure-os lado a lado direito com direito, pontas e meios coincidindo, com { $allowance }, abra as costuras, e corte disso { $piece }, as costuras repartidas por igual.
cut-out-strips-slanted = Não é largo o bastante para { $piece } ({ $material }): corte { $count ->
    [one] uma tira de { $width } de comprimento
   *[other] { $count } tiras de { $width } de comprimento
  } e uma de { $rest } de comprimento, todas de { $height } de largura, e costure-as ponta com ponta, direito com direito, postas atravessadas uma na outra em ângulo reto e costuradas de canto a canto da sobreposição, e abra as costuras.
cut-out-strips-slanted-each = Não é largo o bastante para { $piece } ({ $material }): para cada uma corte { $count ->
    [one] uma tira de { $width } de comprimento
   *[other] { $count } tiras de { $width } de comprimento
  } e uma de { $rest } de comprimento, todas de { $height } de largura, e costure-as ponta com ponta, direito com direito, postas atravessadas uma na outra em ângulo reto e costuradas de canto a canto da sobreposição, e abra as costuras.
cut-out-strips-bias = No viés { $piece } levaria muito tecido numa só: corte de { $material } { $count ->
    [one] uma tira
   *[other] { $count } tiras
  } de { $width } de comprimento e { $height } de largura, lado a lado num quadrado de pelo menos { $square }, e costure-as ponta com ponta, direito com direito, postas atravessadas uma na outra em ângulo reto e costuradas de canto a canto da sobreposição, abra as costuras, e corte o todo em { $length }.
cut-out-strips-bias-each = No viés { $piece } levaria muito tecido numa só: para cada uma corte { $count ->
    [one] uma tira
   *[other] { $count } tiras
  } de { $width } de comprimento e { $height } de largura de { $material }, lado a lado num quadrado de pelo menos { $square }, e costure-as ponta com ponta, direito com direito, postas atravessadas uma na outra em ângulo reto e costuradas de canto a canto da sobreposição, abra as costuras, e corte o todo em { $length }.
cut-out-strips-square = Não é largo o bastante para { $piece } ({ $material }): corte { $count ->
    [one] uma tira de { $width } de comprimento
   *[other] { $count } tiras de { $width } de comprimento
  } e uma de { $rest } de comprimento, todas de { $height } de largura, e costure-as ponta com ponta, direito com direito, com { $allowance }, e abra as costuras.
cut-out-strips-square-each = Não é largo o bastante para { $piece } ({ $material }): para cada uma corte { $count ->
    [one] uma tira de { $width } de comprimento
   *[other] { $count } tiras de { $width } de comprimento
  } e uma de { $rest } de comprimento, todas de { $height } de largura, e costure-as ponta com ponta, direito com direito, com { $allowance }, e abra as costuras.
cut-out-from = De { $material }, como { $role }: { $piece }.
cut-out-from-quilted = De { $material } acolchoado com { $under }, como { $role }: { $piece }.
cut-out-rough = De { $materials } corte { $times } para { $piece }, com { $width } de largura e { $height } de altura.
cut-out-glue-up = Ponha { $materials } com a cola para cima ao cortar: o contorno só serve de um jeito.
cut-out-piece = { $times } de { $piece }, com { $width } de largura e { $height } de altura
cut-out-shaped = { $times } de { $piece } pelo contorno, com { $width } de largura e { $height } de altura ao todo
cut-out-by-rule = { $piece }, { $rule }
cut-out-turned-over = { $count ->
        [one] { $piece }, virada
       *[other] { $piece }, metade delas viradas
    }
cut-out-plate = Corte o~{ $piece } como círculo de { $across } de lado a lado: pelo papel, em volta de um prato ou tampa desse tamanho, ou com um lápis num barbante da metade.
cut-out-string = Corte o~{ $piece } como círculo de { $across } de lado a lado: pelo papel, ou com um lápis num barbante da metade.
cut-out-corner = Arredonde os cantos de~{ $piece } pelo papel, ou com um copo ou carretel de { $across } de lado a lado.
cut-out-arc = Risque o~{ $edges } de~{ $piece } pelo papel, ou com um lápis num barbante de { $radius }.
cut-out-arc-far = Risque o~{ $edges } de~{ $piece } pelo papel: a curva é aberta demais para um lápis num barbante.
cut-out-own = Risque o~{ $piece } em volta do papel: o contorno é o seu próprio.
cut-out-grain = { $count ->
        [one] Ponha-a com a seta no sentido do fio.
       *[other] Ponha cada uma com a seta no sentido do fio.
    }
cut-out-no-grain = { $count ->
        [one] Não tem fio ({ $materials }): as peças podem ficar em qualquer direção.
       *[other] Não têm fio ({ $materials }): as peças podem ficar em qualquer direção.
    }
cut-out-bias = Corte estas no viés, as bordas longas a 45 graus da ourela: { $pieces }. Assim dão a volta numa curva.
cut-out-grain-but = Ponha cada uma com a seta no sentido do fio, menos as que ficam atravessadas.
cut-out-blank-straight = Risque o~{ $piece } pelo papel, ou como retângulo de { $wide } de largura e { $high } de altura.
cut-out-blank-in = Risque o~{ $piece } pelo papel, ou com { $wide } de largura na base, { $high } de altura, os dois cantos de cima { $taper } mais para dentro.
cut-out-blank-out = Risque o~{ $piece } pelo papel, ou com { $wide } de largura na base, { $high } de altura, os dois cantos de cima { $taper } mais para fora.
cut-out-blank-square = Recorte um retângulo de cada canto de baixo: { $along } ao longo da borda crua da base e { $up } para cima, em esquadro com a base.
cut-out-blank-kite = Recorte cada canto de baixo pelo papel, ou marque a { $along } dele ao longo da borda crua da base e a { $up } ao longo do lado cru, risque dali uma linha em esquadro com cada borda, e corte nas duas até onde se encontram.
bulk-grade = É grosso: desbaste as margens, uma aparada para { $under }, a outra para { $over }, para que nenhum degrau apareça.
bulk-grade-gap = É grosso: desbaste as margens, uma aparada para { $under }, a outra para { $over }, para que nenhum degrau apareça; deixe as duas inteiras na abertura.
ribbon-laid-fold = Dobre a fita ao meio e prenda a dobra
ribbon-laid-two = Ponha as duas metades da fita uma sobre a outra, direitos para fora, e prenda as pontas cortadas
step-ribbon-plain = Cortar a fita
    .text = Corte { $ribbon } de fita, as duas pontas na diagonal.
step-ribbon-one-sided = Cortar a fita em duas
    .text = Corte { $ribbon } de fita, as duas pontas na diagonal, e corte-a ao meio: dobrada, uma das pontas mostraria o avesso.
step-ribbon-one-sided-loose = Cortar a fita
    .text = Corte { $ribbon } de fita, as duas pontas na diagonal. Ela tem um só direito: no nó vire cada ponta para que ele apareça.
step-ribbon-wired = Cortar a fita e cobrir os arames
    .text = Corte { $ribbon } de fita. Vire { $turn } duas vezes nas duas pontas, sobre as pontas dos arames, e costure atravessado.
step-ribbon-frays = Cortar a fita e fazer a bainha das pontas
    .text = Corte { $ribbon } de fita. Vire { $turn } duas vezes nas duas pontas e costure atravessado.
step-ribbon-made = Fazer a fita
    .text = Vire { $turn } para dentro nas duas pontas e vinque. Dobre a tira ao meio ao comprido, vinque, abra, dobre as duas bordas longas até o vinco, dobre de novo, e costure em toda a volta, a { $edge } da borda.
    .check = Tem { $wide } de largura e { $ribbon } de comprimento, e nenhuma borda crua aparece.
step-ribbon-ends =
    .check = As duas pontas estão inteiras, e têm o mesmo comprimento quando dobrada.
caution-wire = Pontas de arame espetam: cubra-as, e não para crianças pequenas.
sum-strip-ends = { $turn } virados para dentro nas duas pontas
sum-ribbon-ends = { $turn } virados duas vezes nas duas pontas
option-ribbon = A fita
option-ribbon-plain = igual dos dois lados
    .why = Dobrada como é; as pontas cortadas na diagonal.
option-ribbon-one-sided = tem um só direito
    .why = Presa em duas metades, para que as duas pontas o mostrem.
option-ribbon-wired = com arame
    .why = Mantém o laço; as pontas são viradas sobre os arames.
option-ribbon-made = feita de tecido
    .why = Uma tira do próprio tecido dobrada em quatro; a peça e o passo dela se somam.
option-ribbon-frays = desfia
    .why = As pontas levam bainha.
part-choice-ribbon = fita
part-choice-ribbon-plain = igual dos dois lados
    .why = Dobrada como é; as pontas cortadas na diagonal.
part-choice-ribbon-one-sided = tem um só direito
    .why = Presa em duas metades, para que as duas pontas o mostrem.
part-choice-ribbon-wired = com arame
    .why = Mantém o laço; as pontas são viradas sobre os arames.
part-choice-ribbon-made = feita de tecido
    .why = Uma tira do próprio tecido dobrada em quatro; a peça e o passo dela se somam.
part-choice-ribbon-frays = desfia
    .why = As pontas levam bainha.

## Where a part may lie

lay-of-tape = Pegue a fita de viés. { $lay }
binding-it = o debrum
binding-tape = a fita de viés
lay-join-panels = Ponha cada painel contra uma borda do anel, borda pronta contra borda pronta, o forro dele e o do anel para dentro. Prenda antes os piques, depois entre eles.
along-join-hand = Costure sobre as duas bordas à mão, com pequenos pontos de chuleio através das dobras.
along-join-machine = Ponha as duas bordas planas uma contra a outra aos poucos, e costure um zigue-zague largo que cai numa e na outra.
lay-round-at-once = Ponha as costas de fora com o direito para cima, a frente sobre elas com o zíper para baixo, e as costas do forro por cima, com o direito para baixo, bordas cruas juntas em toda a volta.
host-whole = { $piece } ({ $letter })
host-front = { $piece } ({ $letter }), frente
host-back = { $piece } ({ $letter }), costas
host-nth = { $piece } ({ $letter }), { $number }
check-part-host = Outro lugar para: { $part }
    .text = A peça ou cópia em que foi posta não está neste trabalho, então fica em { $piece } ({ $letter }).
problem-host-last = Uma alça costurada no fim vai numa parede da bolsa: deixe ficar em { $piece } { $letter }, ou costure enquanto está plano.
problem-host-sides = Uma alça sobre os lados não fica em peça própria: deixe onde é proposta, ou costure no fim ou enquanto está plano.
