### Sums, fit, checks, cautions, needs and problems of bags, and those all forms share.

## Chains of sums

sum-given = como você deu
sum-object-girth = em volta do objeto
sum-ease = folga
sum-turn-of-cloth = volta do tecido, 2 × π × { $thickness }
sum-rounding-gain = da medida de corte arredondada
sum-round-up = acima até a próxima marca
sum-round-down = abaixo até a próxima marca
sum-round-nearest = à marca mais próxima
sum-half = metade
sum-girth = volta pronta
sum-two-side-allowances = duas margens laterais de { $allowance }
sum-side-allowance = margem lateral
sum-base-allowance = margem da base
sum-top-allowance = margem de cima
sum-box-allowance = margem do canto
sum-object-height = altura do objeto
sum-headroom = altura livre
sum-base-loss = o que a base justa tira
sum-object-base = base do objeto
sum-object-depth = profundidade do objeto
sum-two-thicknesses = duas espessuras
sum-square-base = não mais que uma base quadrada, um quarto da volta
sum-leaves-width = não mais do que deixa alguma largura
sum-half-base = metade da profundidade da base
sum-base-depth = profundidade da base
sum-above-cuff-out = punho
sum-above-deep-hem = bainha
sum-both-panels = frente e costas numa só
sum-neck-along-cloth = subindo o corpo e pelo ombro até o gargalo
sum-neck-girth = em volta do gargalo
sum-neck-assumed = em volta da borda franzida, tomada como um terço da volta
sum-bunched = para as camadas franzidas
sum-bow = laço e pontas
sum-name-finished-girth = volta pronta
sum-name-finished-wall_height = altura da parede
sum-name-finished-base_depth = profundidade da base
sum-name-finished-base_width = largura da base
sum-name-finished-tie_height = linha do laço
sum-name-body-cut_width = largura de corte
sum-name-body-cut_height = altura de corte
sum-name-body-lining-girth = volta do forro
sum-name-cutout-width = recorte do canto, para o lado
sum-name-cutout-height = recorte do canto, para cima
sum-name-cutout-fold = recorte do canto desde a dobra
sum-name-line-tip = linha do canto desde a ponta costurada
sum-name-line-length = linha do canto, comprimento
sum-name-line-along_side = linha do canto desde a borda crua da base
sum-name-line-along_base = linha do canto desde a borda lateral crua
sum-name-ribbon = fita
sum-name-ribbon-cut_width = comprimento de corte da tira
sum-name-finished-cuff_depth = punho
sum-name-finished-hem_depth = bainha

## Fit

fit-will-not-go-in = Não entra
    .text = O interior é { $room } menor em volta que o objeto.
fit-tight = Apertado
    .text = Só { $room } de espaço em volta do objeto ({ $share }): terá de entrar com jeito.
fit-close = Fica rente em volta do objeto, sem espaço entre os dois.
fit-snug = Justo
    .text = { $room } de espaço em volta do objeto ({ $share }).
fit-slides-in = Desliza para dentro
    .text = { $room } de espaço em volta do objeto ({ $share }).
fit-roomy = Folgado
    .text = { $room } de espaço em volta do objeto ({ $share }): o tecido fará dobras.
fit-too-loose = Folgado demais para segurar
    .text = { $room } de espaço em volta do objeto ({ $share }).
fit-base-pushed = A base é aberta à força
    .text = A costura da base fica sob uma base de { $base }; { $loss } da altura entram nela e são acrescentados.
fit-base-flat = Assenta bem
    .text = Base de { $depth } por { $width } sob { $base }.
fit-base-tight = Base um pouco justa
    .text = Base de { $depth } por { $width } sob { $base }: a parede perde cerca de { $loss } no meio de um lado; a altura proposta conta com isso.
fit-level = No nível da beira
    .text = O objeto acaba onde a beira acaba.
fit-proud = Sobressai
    .text = O objeto fica { $over } acima da beira.
fit-covered = Coberto
    .text = A beira fica { $over } acima do objeto.
fit-drowns = Afunda
    .text = A beira fica { $over } acima do objeto, mais do que ele sustenta.
fit-tie-low = O laço fica no ombro
    .text = Ao longo do tecido o gargalo começa em { $neck }; a linha do laço está em { $tie }.
fit-tie-high = Laço acima do gargalo
    .text = A linha do laço em { $tie } fica acima do topo do objeto: nada a segura.
fit-tie-short = Pouco tecido acima do laço
    .text = Só { $left } ficam acima da linha do laço.
fit-tie-good = O laço segura no gargalo
    .text = A linha do laço fica a { $tie } de altura, no gargalo.
fit-no-tie = Sem laço
    .text = A bolsa acaba abaixo do gargalo: não há o que amarrar.

## Checks

check-measures = Medir de novo
check-girth-handle = Um corpo de { $diameter } de largura com a alça { $out } para fora faz { $round } em volta dos dois, mas a volta é { $girth }. O trabalho segue { $girth }.
check-girth-diameter = Uma largura de { $diameter } faz { $round } em volta, mas a volta é { $girth }. O trabalho segue { $used }.
check-base-wider = Uma base de { $base } de lado a lado tem { $round } em volta, mais que a volta mais larga de { $girth }.
check-seams-all = { $count ->
        [one] A costura combina
       *[other] Todas as { $count } costuras combinam
    }
check-seams-some = { $count ->
        [one] A outra costura combina
       *[other] { $count } outras costuras combinam
    }
check-seams =
    .text = Na linha de costura os dois lados têm o mesmo comprimento, até a marca da sua régua.
check-seam-eased = Uma costura a ajustar
    .text = { $seam }: { $a } sobre { $b }, { $off } ({ $share }) a ajustar com os dedos. Este tecido aceita até { $limit }.
check-seam-off = Uma costura não combina
    .text = { $seam }: { $a } sobre { $b }, { $off } a mais ({ $share }). Este tecido aceita até { $limit }.
check-allowances-differ = Duas margens se encontram
    .text = { $seam }: une uma margem de { $low } a uma de { $high }: as bordas cruas não ficarão juntas.
check-allowance-thin = Quase nenhuma margem
    .text = { $seam }: tem { $allowance } para costurar; tecido que desfia precisa de mais.
check-outline = Uma peça cruza a si mesma
    .text = A linha de corte passa por cima de si mesma com estas margens: { $piece }.
check-corner-fold = Canto junto a uma dobra
    .text = Desde a dobra o recorte tem { $fold } para cada lado, não { $seam }: uma dobra não tem margem.
check-corner-base-fold = Canto junto a uma dobra
    .text = Desde a dobra da base o recorte tem { $fold } para cima e para baixo ({ $across } ao todo) e { $seam } para dentro desde o lado.
check-corner-crease = Vincar a dobra
    .text = Onde um canto tem dobra em vez de costura, vinque-a para ter com que alinhar.
check-cutout-oblong = O recorte não é quadrado
    .text = As margens do lado e da base diferem: corte { $width } para o lado por { $height } para cima desde as bordas cruas.
check-line-two-numbers = Dois números para uma linha do canto
    .text = As margens do lado e da base diferem: a linha fica a { $side } da borda crua da base e a { $base } da borda lateral crua.
check-off-ruler = O recorte cai entre marcas
    .text = Com uma base de { $depth } o recorte acaba entre duas marcas da sua régua; com { $better } acaba numa.
check-rounded = Arredondado à sua régua
    .text = As medidas de corte vão de { $step } em { $step }: { $changes }.
check-rounded-item = { $label }, { $asked }, fica { $made }
check-print-down = Estampa de cabeça para baixo atrás
    .text = Uma peça dobrada na base põe de cabeça para baixo, de um lado, uma estampa com lado de cima.
check-nap-down = Pelo ao contrário atrás
    .text = Numa peça dobrada na base o pelo sobe de um lado e desce do outro: um lado parece mais escuro.
check-gap = A abertura é grande o bastante
    .text = { $gap } abertos; virar por ela pede cerca de { $needed }.
check-gap-short = A abertura é curta
    .text = { $gap } abertos; virar por ela pede cerca de { $needed }.
fix-ease = Usar folga de { $ease }
fix-base-depth = Usar base de { $depth }
fix-girth = Fazer com volta de { $girth }
fix-level = Nivelar
fix-tie = Mover para { $tie }
fix-raise-wall = Subir a parede até { $wall }
fix-allowance = Usar { $allowance } nas duas
fix-gap-lining-side = Pôr no lado do forro
fix-lining-equal = Cortar o forro como o exterior
fix-two-panels = Cortar dois painéis
fix-add-lining = Forrar com tricoline

## Cautions

caution-fragile = Tecido não protege de pancadas
    .text = Uma base de tecido não protege vidro nem cerâmica de uma pancada. Teste as costuras com o peso real antes de confiar nelas.
caution-ribbon = Fitas e crianças pequenas
    .text = Mantenha fita solta longe de crianças pequenas. O que se vende está sujeito às regras locais de segurança de produtos.
caution-iron = Um ferro queima: siga as instruções dele, e as do tecido e de tudo o que se cola nele.
caution-blade = Lâminas: corte para longe de si, e feche o cortador circular cada vez que o larga.
caution-points = Não force costuras para fora com nada pontudo.

## Needs

need-upright = peças lado a lado na largura
need-turned = peças viradas na largura, como mostra o encaixe
need-directional = toda peça de pé, a estampa do mesmo lado
need-nap = toda peça de pé, o pelo no mesmo sentido
need-joined = mais larga que o tecido de { $width }: precisa de emenda
need-ribbon = fita
    .note = sele ou dobre as pontas
need-thread = linha
need-thread-polyester = Poliéster, de uso geral, na cor do tecido; um pesponto pode aparecer em outra.
need-thread-cotton = Toda de algodão, sem mais nada.
need-thread-heated = Toda de algodão, sem mais nada; a única para o micro-ondas.

## Problems

problem-spec-not-object = Um pedido é um objeto JSON com forma, medidas e escolhas.
problem-form = Forma desconhecida. Escolha uma de: { $forms }.
problem-choice = Escolha um de: { $choices }.
problem-material = Escolha um de: { $choices }; ou dê um nome ao seu e a sua espessura.
problem-group = “{ $name }” deve ser um grupo de valores com nome.
problem-unknown-field = Nome desconhecido. Conhecidos aqui: { $known }.
problem-length-empty = Não há número em “{ $text }”. Escreva um comprimento como { $example }.
problem-length-unreadable = “{ $text }” não é um comprimento. Escreva como { $example }.
problem-length-unit = A unidade em “{ $text }” não é conhecida. Use in, cm ou mm, como em { $example }.
problem-length-not-finite = “{ $text }” não é um comprimento que se possa medir. Escreva como { $example }.
problem-length-fraction = A fração em “{ $text }” não dá certo. Escreva como 3 1/8.
problem-length-too-long = Isso é longo demais para ser um comprimento. Escreva como { $example }.
problem-volume = “{ $text }” não é um volume. Escreva como 500 ml, 1 1/2 l, 2 xícaras ou 12 fl oz.
problem-volume-range = O que deve conter tem de estar entre { $low } e { $high }.
problem-range = { $label }: tem de estar entre { $low } e { $high }.
problem-object-kind = Esta forma cobre: { $kinds }.
problem-measure-missing = Falta a medida: { $measure }.
problem-girth-missing = Dê a volta com uma fita em torno do lugar mais largo, ou a largura de lado a lado.
problem-neck-above-top = O gargalo começa em { $neck }, acima do topo em { $height }. Meça os dois desde a mesa.
problem-handle-wide = A alça tem de ser mais estreita que o corpo, { $diameter }.
problem-neck-wide = O gargalo tem { $neck } de lado a lado, mais que o lugar mais largo, { $widest }. Faça no máximo { $widest }.
problem-shoulder-high = O ombro começa em { $shoulder }; não pode ficar acima de { $limit }.
problem-neck-height-missing = A largura do gargalo precisa da altura: onde começa o gargalo?
problem-layers = As camadas são uma lista de até 12, cada uma com material e papel.
problem-no-outer = Uma das camadas tem de ser o exterior.
problem-size-missing = Dê a medida ({ $label }), ou um objeto de onde medi-la.
problem-girth-small = Um trabalho de { $girth } em volta é pequeno demais para costurar: dê pelo menos { $low }.
problem-depth-wide = A profundidade da base de { $depth } não deixa largura: no máximo { $limit } com esta volta, ou a volta pelo menos { $girth }.
problem-cutout-vanishes = Com margem de canto de { $box } nada resta a recortar: use profundidade da base de pelo menos { $low }, ou margem de canto menor.
problem-square-vanishes = Com uma margem de canto de { $box } nada resta para cortar: corte um quadrado de pelo menos { $low }, ou use uma margem de canto menor.
problem-headroom = Isso não deixa parede: a altura livre pelo menos { $low }.
problem-cuff-over-tie = Um punho de { $cuff } passa sobre a linha do laço: no máximo { $limit } o mantém livre.
problem-cuff-deep = Um punho de { $cuff } é fundo demais para esta parede: no máximo { $limit }.
problem-hem-deep = Uma bainha de { $hem } é funda demais para esta parede: no máximo { $limit }.
problem-tie-high = A linha do laço em { $tie } fica acima da beira em { $wall }: no máximo { $high }, ou suba a parede.
problem-gap-no-base-seam = Um forro dobrado na base não tem costura da base: deixe a abertura no lado.
problem-gap-long = Uma abertura de { $gap } é mais longa que a sua costura de { $seam }: no máximo { $limit }.
problem-lining-vanishes = Com { $thickness } de acolchoamento o forro menor não tem espaço: corte-o como o exterior.
problem-allowance-swallows = A margem ou o recuo é maior do que a peça permite: faça menor.
project-for = { $form } para { $thing }
project-copy = { $name }, de novo
project-scaled-half = { $name }, metade do tamanho
project-scaled-three-quarters = { $name }, três quartos
project-scaled-one-and-a-half = { $name }, uma vez e meia
project-scaled-flat = { $name }, plano
project-scaled-double = { $name }, o dobro
