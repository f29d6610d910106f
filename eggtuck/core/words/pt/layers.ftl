### Cloths and other layers.

role-outer = exterior
# What is sewn where there is no lining to be told from it.
role-only = único
role-lining = forro
role-interfacing = entretela
role-padding = acolchoamento
material-own = { $name }
material-quilting-cotton = tricoline
material-linen = linho
material-canvas = lona
material-denim = jeans
material-waxed-cotton = algodão encerado
material-cotton-jersey = malha de algodão
material-wool-felt = feltro de lã
material-leather-like-sheet = laminado tipo couro
material-light-interfacing = entretela leve
material-woven-interfacing = entretela tecida
material-sew-in-interfacing = entretela de costurar
material-fusible-batting = manta termocolante
material-cotton-batting = manta de algodão
material-thin-foam = espuma fina
material-calico = algodão cru
material-corduroy = veludo cotelê
material-velveteen = veludo liso
material-terry = atoalhado
material-oilcloth = tecido impermeável de mesa
material-polyester-lining = forro de poliéster
material-ripstop = náilon antirrasgo
material-wool-tweed = tweed de lã
material-fleece = fleece
material-craft-felt = feltro de artesanato
material-cork-sheet = laminado de cortiça
material-stretch-sheet = laminado elástico com espuma
material-mesh = tela
material-firm-stabiliser = estruturador firme
material-wool-batting = manta de lã
material-polyester-batting = manta de poliéster
material-reflective-batting = manta refletora
material-foil-insulation = isolante metalizado
fibre-plant = fibra vegetal
fibre-animal = fibra animal
fibre-synthetic = sintético
fibre-mixed = de várias coisas
fibre-unknown = fibra não conhecida
iron-hot = ferro quente
iron-medium = ferro médio
iron-cool = ferro frio
iron-never = sem ferro
fact-shrinks = encolhe cerca de { $share }
fact-stretches = estica cerca de { $share }
fact-metal = tem metal
fact-heat = mantém quente o que é quente
fact-cold = mantém frio o que é frio
fact-frays = desfia
fact-nap = tem pelo
fact-glue = cola de um lado: { $count } s, { $steam }

## What another choice changes

changes-pieces-more = { $count ->
        [one] 1 peça a mais
       *[other] { $count } peças a mais
    }
changes-pieces-less = { $count ->
        [one] 1 peça a menos
       *[other] { $count } peças a menos
    }
changes-seams-more = { $count ->
        [one] 1 costura a mais
       *[other] { $count } costuras a mais
    }
changes-seams-less = { $count ->
        [one] 1 costura a menos
       *[other] { $count } costuras a menos
    }
changes-minutes-more = { $count ->
        [one] 1 minuto a mais
       *[other] { $count } minutos a mais
    }
changes-minutes-less = { $count ->
        [one] 1 minuto a menos
       *[other] { $count } minutos a menos
    }
changes-more = { $length } a mais de { $name }
changes-less = { $length } a menos de { $name }
changes-new = { $length } de { $name }
changes-grams-more = { $grams } g a mais de { $name }
changes-grams-less = { $grams } g a menos de { $name }
changes-grams-new = { $grams } g de { $name }
changes-gone = sem { $name }
changes-count-new = { $count ->
        [one] 1 unidade de { $name }
       *[other] { $count } unidades de { $name }
    }
changes-count-more = { $count ->
        [one] mais 1 unidade de { $name }
       *[other] mais { $count } unidades de { $name }
    }
changes-count-less = { $count ->
        [one] menos 1 unidade de { $name }
       *[other] menos { $count } unidades de { $name }
    }
changes-cloth = { $name } ({ $role })
changes-none = as mesmas peças, tecido e tempo

## How layers lie on each other

section-of = { $pieces }, de fora para dentro
on-outer = no exterior
on-lining = no forro
on-both = no exterior e no forro
held-fused = colado
held-basted = alinhavado
held-quilted = acolchoado
held-slipped = enfiado no fim
rule-full = como a sua peça
rule-smaller = { $inset } menor em toda a volta
rule-net = dentro da linha de costura
rule-lower = metade de baixo
rule-upper = metade de cima
rule-left = metade esquerda
rule-right = metade direita
rule-band = uma faixa
rule-none = nenhum
seams-caught = fica nas costuras
seams-trimmed = aparado das costuras

## What is chosen of a layer that lies on a cloth

layer-on = fica sobre
    .outer = o exterior
    .outer-why = O exterior mantém a forma; o interior fica tão largo quanto o forro.
    .lining = o forro
    .lining-why = O forro fica de pé por si e o exterior pende livre: uma bolsa interna própria. Ocupa espaço dentro.
    .both = os dois
    .both-why = Tão firme ou quente quanto dá; ocupa espaço dentro duas vezes.
layer-cut = corte
    .full = como a sua peça
    .full-why = Preso em toda costura: não se solta; as costuras são mais grossas.
    .smaller = menor em toda a volta
    .smaller-why = Fora das costuras onde é menor em mais do que a margem; deixa a cola longe do ferro.
    .net = dentro da linha de costura
    .net-why = Fora de toda costura, e firme até ela.
    .lower = metade de baixo
    .lower-why = Uma base ou aba que fica no lugar, um topo que dobra.
    .upper = metade de cima
    .upper-why = Uma boca que fica de pé, uma base que cede.
    .left = metade esquerda
    .left-why = Como a peça é desenhada.
    .right = metade direita
    .right-why = Como a peça é desenhada.
    .band = uma faixa
    .band-why = Entre duas alturas: só uma base, ou onde algo é montado.
    .none = nenhum
    .none-why = Só onde uma peça abaixo diz outra coisa.
layer-held = preso
    .fused = colado
    .fused-why = Colado com o ferro: sem linha, e nunca se desloca.
    .basted = alinhavado
    .basted-why = Costurado frouxo dentro da margem: para o que não tem cola, ou não pode ser passado.
    .quilted = acolchoado
    .quilted-why = Costurado através em linhas: nunca se desloca, e as linhas aparecem.
    .slipped = enfiado
    .slipped-why = Empurrado entre exterior e forro pela abertura, no fim: para espuma e placas que não se costuram.
layer-in_seams = nas costuras
    .caught = fica
    .caught-why = Não se solta; costuras mais grossas.
    .trimmed = aparado
    .trimmed-why = Costurada a costura, é cortado rente a ela: costuras planas.
layer-steam = ferro
    .steam = com vapor
    .steam-why = Para cola que quer umidade.
    .dry = a seco
    .dry-why = Para o que o vapor encolheria ou derreteria.
right-out = direito para fora
right-in = direito para dentro
glue-out = cola para fora
glue-in = cola para dentro

## Whether the lining is cut as the outer

check-lining-alike = Todas as camadas do mesmo molde
    .text = O que fica entre exterior e forro tem { $thickness } de espessura: cortado igual, o forro é { $over } largo demais em volta, { $share } dele, e isso não aparece.
check-lining-large = O forro faz dobras
    .text = O que fica entre exterior e forro tem { $thickness } de espessura: cortado igual, o forro é { $over } largo demais em volta, { $share } dele.
check-lining-own = O forro tem molde próprio
    .text = É { $over } menor em volta que o exterior, pelos { $thickness } que ficam no meio.
fix-lining-reduced = Cortar o forro menor

## A cloth that was chosen and is not there

check-no-contrast = Nenhum contraste escolhido
    .text = A parte abaixo do zíper deve ser de outro tecido, mas nenhum foi escolhido como contraste: é cortada do exterior.
fix-add-contrast = Acrescentar tricoline como contraste
