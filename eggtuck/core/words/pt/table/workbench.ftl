### A project on the table.

## Along the top

bar-name = Nome do projeto
bar-nameless = Sem nome
bar-opening = abrindo…
bar-kept = guardado
bar-keeping = guardando…
bar-open = uma entrada está em aberto; o último bom estado está guardado
bar-elsewhere = mudado em outra janela
bar-full = sem espaço no disco; guardado nesta página, tentando de novo
bar-closed = nada pode ser escrito; guardado nesta página, tentando de novo
elsewhere = Isto foi mudado em outra janela, ou em outro aparelho, enquanto você mudava aqui.
elsewhere-mine = Fica o meu
elsewhere-theirs = Fica o outro
elsewhere-both = Ficam os dois
bar-offline = Egg Tuck não responde; ainda não guardado, tentando de novo
bar-steps = Para trás e para a frente
bar-undo = Desfazer
    .keys = Desfazer (Ctrl Z)
bar-redo = Refazer
    .keys = Refazer (Ctrl Shift Z)
bar-print = Imprimir
bar-ruler = Régua
bar-variants = Variantes
bar-compare = Comparar com { $name }
bar-again = Mais um igual
bar-template = Modelo
    .help = O que se muda aqui é com o que novos trabalhos começam.
bar-template-begin = Começar um trabalho dele
bar-as-is = como está
bar-for = para { $name }
bar-scale = Em outro tamanho
    .half = metade do tamanho
    .three-quarters = três quartos
    .one-and-a-half = uma vez e meia
    .double = o dobro do tamanho
    .flat = plano, sem base
    .help = Margens, zíperes, fechos e alças ficam; tudo é conferido de novo.

stages = Etapas do trabalho
stage-thing = Objeto
stage-form = Forma
stage-ease = Folga
stage-pieces = Peças
stage-cloth = Tecido
stage-sew = Costurar
stage-log = Diário
stage-is-settled = , resolvido
stage-is-open = , em aberto
stage-is-blocked = , impedido

gone = Esse projeto não está aqui
    .text = Pode ter sido guardado.
    .back = De volta à mesa

## Zones

zone-thing = O objeto
    .none = medidas prontas, sem objeto
    .empty = Nenhum objeto foi medido: traça-se a partir das medidas prontas.
zone-form = Como se vê a forma
    .measures = medidas
    .round = em volume
    .help = medidas prontas, na linha de costura
zone-pieces = As peças
    .help = medidas de corte, com a margem de costura
zone-choices = Escolhas
zone-numbers = Números
    .all = Todos os números
zone-corrected = Corrigido quando as instruções foram conferidas
zone-layers = Camadas

more-to-measure = Mais a medir
pick-first = Pegar um da prateleira:
pick-another = Outro da prateleira:
pick-too = Deve conter também outros objetos
from-drawer = da gaveta

## Choosing

allowances = Margens de costura
    .of-lining = Margens próprias do forro
rounded-to = medidas de corte arredondadas a

forms = Forma
forms-takes = { $pieces ->
        [one] 1 peça
       *[other] { $pieces } peças
    }
forms-cost = { $cloth } · { $minutes } min
forms-grade-1 = primeiro trabalho
forms-grade-2 = fácil
forms-grade-3 = alguma prática
forms-grade-4 = mãos pacientes
forms-grade-5 = um projeto
forms-easier = Nunca fez um? Tente antes:
forms-beside = Lado a lado com
    .another = outra forma…
forms-instead = Fazer em vez disso: { $form }
forms-others = { $count ->
        [one] 1 outra forma, feita por medidas em vez deste objeto
       *[other] { $count } outras formas, feitas por medidas em vez deste objeto
    }

shape = Formato do painel
    .own = um formato seu
    .back = De volta ao círculo
    .circle = Um círculo. Ou traga o desenho de uma linha fechada.
    .bring-in = Trazer um contorno
    .label = Contorno do painel
    .unit = desenhado em
    .file = o que o arquivo diz
    .inches = polegadas

blocks = Fileiras de blocos
    .help = De cima para baixo, em medidas prontas. O que você deixa vazio fica com o resto da fileira.
    .height = fileira { $row }, altura
    .block = bloco { $row }.{ $block }, largura
    .more = + bloco
    .more-label = Mais um bloco na fileira { $row }
    .fewer = − bloco
    .fewer-label = Menos um bloco na fileira { $row }
    .off = − fileira
    .off-label = Tirar a fileira { $row }
    .add = Acrescentar uma fileira embaixo

parts = Partes
    .for = feitas para
    .nobody = ninguém em especial
    .count = quantas
    .count-of = { $part }, quantas
    .off = Tirar: { $part }
    .add = Acrescentar
    .drag = No desenho da peça uma parte é arrastada até o lugar, ou movida com as setas.
    .add-label = Acrescentar uma parte
    .on = fica em
    .on-label = { $part }, fica em
    .usual = onde fica em geral
    .some = uma alça, um bolso, uma lingueta…

decorate = Enfeitar para
    .none = nada em especial
    .everyday = todo dia
    .gift = um presente
    .wedding = um casamento
    .birth = um nascimento
    .feast = uma festa
    .stall = a banca da feira
    .ideas = Ideias
    .against = Aqui não:
    .add = Acrescentar: { $idea }

lays = Como fica no tecido
lays-length = { $length } com { $width } de largura.
lays-saves = São { $length } a menos que em fileiras simples.
lays-waste = Sobram { $share } %.
lays-across = Algumas peças ficam atravessadas, a seta em esquadro com a ourela.
lays-picture = { $material } com { $letters } encaixadas

layers = Camadas
    .own = meu tecido
    .another = outro tecido…
    .called = { $layer }, como se chama
    .thickness = { $layer }, espessura
    .typical = típico: { $length }
    .wide = largura
    .width = { $layer }, largura do tecido
    .way-up = tem lado de cima: estampa ou pelo
    .margin = acolchoado, cortado maior em
    .no-margin = não acolchoado
    .safe = conferido: só fibra vegetal, sem metal
    .more = mais uma camada: { $layer }
    .backing = { $layer }, como se corta e se prende
    .inset = menor em
    .low = de
    .high = até
    .band = acima da linha de costura de baixo
    .seconds = segundos
    .by-piece = de outro modo para uma peça
    .as-layer = como de costume ({ $rule })
    .help = Todos os valores são típicos. Para o seu tecido: dobre uma pilha de oito, meça e divida.

section-title = O que fica sobre o quê
section-outside = fora
section-inside = dentro
section-right = direito aqui
section-glue = cola aqui
section-of-layer = { $material }, { $role }, { $thickness }
section-thick = { $thickness } ao todo

## What it takes

costs-cloth = Tecido: { $cloths }.
costs-role = { $length } { $role }
costs-work = { $seams ->
        [one] 1 costura
       *[other] { $seams } costuras
    }.
costs-minutes = Cerca de { $minutes } min.
costs-ready = Com o que tem de repousar fica pronto no mínimo { $hours } h { $minutes } min depois de você começar.

cloth-ready = Tenha pronto
cloth-what = o quê
cloth-for = para
cloth-buy = comprar
    .wide = com { $width } de largura
cloth-exact = as peças levam
cloth-note = nota
cloth-files = Em papel e em arquivos
cloth-paper = Papel:
    .letter = Carta
cloth-acknowledge = Li “{ $checks }” e quero imprimir assim mesmo.
cloth-print = Imprimir molde e guia
cloth-guide = Só o guia
cloth-pocket = Guia pequeno para levar
cloth-sheet = Uma folha grande
cloth-look = Olhar antes de imprimir
    .alt = As páginas como serão impressas, com as peças nelas
cloth-along = Para ir junto
cloth-along-care = Cartões de cuidado
cloth-along-tag = etiquetas: como se usa
cloth-along-label = Etiquetas para venda
cloth-share = uma página para compartilhar
cloth-hint = Imprima a 100 %, sem ajustar à página; a primeira página tem um quadrado para medir.
files-pattern = o molde
files-form = a forma
files-numbers = números e guarda
    .cut-list = Lista de corte CSV
    .draft = Traçado JSON
    .project = Arquivo de projeto

## Telling layers apart

apart = Que camada é esta? Reconhecer uma sem etiqueta
    .help = Experimente num canto, sobre um pano de passar. O que pode ter metal ou derreter não chega perto de calor até você ter certeza.
apart-interfacing = Entretela termocolante
    .look = Fina, com pontos ou um filme de um lado que brilham quando você a inclina; esse lado é áspero.
    .test = Passe um canto sobre um retalho, com pano no meio: depois de fria, segura.
apart-sew-in = Entretela de costurar
    .look = Fina e firme, igual dos dois lados, sem brilho.
    .test = Não segura sob o ferro.
apart-web = Teia leve, que se pode costurar
    .look = Uma rede de fios de cola como teia de aranha, muitas vezes em papel; vê-se através dela.
    .test = Colada entre dois retalhos eles ficam macios, e a agulha sai limpa.
apart-heavy-web = Teia pesada, que não se pode costurar
    .look = Um filme fechado de cola em papel, duro quando se destaca.
    .test = Colada entre dois retalhos endurece, e a agulha arrasta e sai pegajosa: use só onde nada se costura.
apart-cotton = Manta de algodão
    .look = Chata, creme, com pontinhos; rasga como feltro e não volta.
    .test = Uma gota d'água entra na hora.
apart-polyester = Manta de poliéster
    .look = Branca, fofa, volta quando você solta.
    .test = Uma gota d'água fica algum tempo em cima, e um fio encolhe sob ferro quente: nunca no micro-ondas, e ferro frio.
apart-fusible = Acolchoamento termocolante
    .look = Uma manta ou espuma com grãos ou filme de cola de um lado ou dos dois.
    .test = O lado da cola gruda de leve no dedo úmido e segura num retalho quando passado.
apart-foil = Camada isolante
    .look = Feltro agulhado com um filme fino e brilhante, de um lado ou por dentro; faz barulho de papel.
    .test = Ponha contra a luz e dobre: o que brilha e estala pode ser metal. Nunca no micro-ondas, nunca ferro sobre o filme.
apart-foam = Espuma
    .look = Uniforme, elástica, com furos como esponja, muitas vezes com malha dos dois lados.
    .test = Apertada volta na hora; a malha se descola num canto.
