### What every view has: the strip along the top, drawings, slips, keys, and what is told when something goes wrong.

egg-tuck = Egg Tuck
    .home = Egg Tuck: todos os projetos

## Places

places = Lugares
    .table = A mesa
    .shelf = A prateleira
    .cutting = Corte
    .pile = A pilha
    .plan = Plano
    .log = Diário
    .fits = O que cabe em quê
    .habits = Os seus hábitos
    .machine = A sua máquina
    .check = Conferir uma lista de corte

## What has not come yet

coming = Um momento: já está vindo.

## Choosing

choose = escolha…
nothing = nada
none = nenhum
materials-others = outros
drawn = { $name }, em desenho

## Measures

measure-assumed = Suposto: ninguém mediu ainda.
measure-usual = Em geral de { $low } a { $high }.
measure-back = De volta aos { $length } propostos
    .label = { $label }: de volta aos { $length } propostos
measure-follows = Resulta do que disse: { $told }.
measure-ask = Largar o que disse ({ $told }) e dizer isto em vez disso
    .label = { $label }: largar o que disse ({ $told }) e dizer isto em vez disso
measure-is = { $label } { $length }
measure-how = { $label } { $length }: mostrar como

## Drawings

pieces-view = As peças, em escala
    .keys = As peças. Mais, menos e setas movem a mesa, 0 mostra tudo.
pieces-cut = { $count ->
        [0] não se corta
       *[other] cortar { $count }
    }
pieces-grip = { $part }: arraste até o lugar, ou mova com as setas
pieces-width = largura de corte { $length }: mostrar como
pieces-height = altura de corte { $length }: mostrar como
pieces-tools = A mesa
    .sizes = medidas
    .marks = marcas
    .allowances = margens
    .nearer = Mais perto
    .farther = Mais longe
    .all = tudo
thing-view = O objeto visto de lado
form-view = A forma costurada com o objeto dentro

## The form in the round

round-still = A forma com o objeto dentro
round-view = A forma em volume. As setas a giram, mais e menos a aproximam.
round-fold = Das peças planas à forma costurada
    .flat = plana
    .sewn = costurada
    .share = { $share } % costurada
round-cut = aberta em corte
round-turn = girar devagar

## Slips

slip-of = De onde vem: { $sum }
slip-how = { $length }, como
slip-away = Fechar a conta
slip-change = { $label }: mudar
slip-assumed = (suposto)
slip-seam = Costura: { $seam }
slip-equal = { $lengths }: iguais
slip-sewn = costurada no passo { $number }, { $title }

## Verdicts

verdicts = O que está certo e o que está em aberto
    .also = Também

## Keys

keys = Teclas
key-undo = Ctrl Z
    .does = desfaz a última entrada, mesmo de outro dia
key-redo = Ctrl Shift Z
    .does = refaz
key-stage = 1 a 7
    .does = vai a uma etapa da fita
key-next = [ e ]
    .does = a etapa anterior, a seguinte
key-up = ↑ ↓
    .does = numa medida: uma marca da régua acima ou abaixo; na forma: inclina
key-side = ← →
    .does = na forma: gira; costurando: passo anterior, passo seguinte
key-near = + −
    .does = na forma ou nas peças: mais perto, mais longe
key-part = setas numa parte
    .does = nas peças: uma marca da régua naquela direção
key-all = 0
    .does = nas peças: todas de novo
key-escape = Esc
    .does = numa medida: o que era antes
key-space = Espaço
    .does = costurando: o passo seguinte
key-list = ?
    .does = esta lista

## Told

toast-undo = Desfazer
no-answer = Sem resposta
    .text = Egg Tuck não respondeu. Ainda está funcionando?
no-answer-again = Egg Tuck não responde. Tente de novo quando estiver funcionando.
broken = Esta vista não pode ser desenhada
    .text = Nada do que você guardou se perdeu.
    .again = Tentar de novo
    .table = Para a mesa
way = { $file } { $far }
way-photo = A foto
way-stop = Parar
way-stopped = Parado.
