### The sewing guide.

sew-picture = Desenho deste passo: { $step }
    .before = Antes: { $step }
    .after = Depois: { $step }
tool =
    .scissors = tesoura
    .iron = ferro
    .pen = marcador
    .machine = máquina de costura
    .needle = agulha e linha
    .hands = à mão
sew-stitch =
    { $sewn ->
        [zigzag] zigue-zague, { $length } de comprimento
        [decorative] ponto decorativo
        [overcast] overloque, ou um zigue-zague largo
       *[straight] ponto { $length }
    }
sew-back = Passo anterior
sew-next = Passo seguinte
sew-count = Passo { $number } de { $steps }
clock = Relógio
clock-start = Ligar o relógio
clock-pause = Interrompido
clock-wait = À espera
clock-on = Seguir
clock-stop = Parar por hoje
clock-waiting = À espera.
clock-away = Interrompido.
ready = O que já está pronto
sew-unlogged = Este trabalho ainda não está no diário: os seus minutos, notas e fotos contariam para o próximo.
sew-again-anyway = Recomeçar assim mesmo
beside = O que se faz à parte
beside-ready = Uma parte disto está pronta na pilha
beside-go = Passo { $number }
beside-taken = Usa-se uma da pilha: não a corte, os passos dela estão feitos.
beside-not-cut = { $count ->
        [one] { $letters } está pronta: não se corta nem se marca.
       *[other] { $letters } estão prontas: não se cortam nem se marcam.
    }
beside-back = Devolver à pilha
beside-on-pile = Na pilha: { $name }, { $count ->
        [one] 1 parte pronta.
       *[other] { $count } partes prontas.
    }
beside-take = Usar uma
beside-loose = Foi tirada da pilha uma parte que este trabalho já não tem assim.
beside-cloth = O que levou além do tecido, como uma argola, continua na lista de compras.
beside-extra = Fazer uma à parte
beside-more = Fez mais de uma? Pôr na pilha
    .label = Quantas pôr na pilha: { $name }
beside-put = Pôr de lado
ready-next = A seguir: passo { $number }, { $step }.
ready-go = Ir lá
ready-meanwhile = Enquanto isso, sem tocar no que repousa:
ready-nothing = Nada mais pode ser feito enquanto isso.
ready-finish = Seguindo agora, pode ficar pronto { $at }.
reminder = Lembre:
reminder-quiet = Não lembrar mais
note-add = Anotar algo aqui
note-kind = O que é?
note-next-time = A lembrar da próxima vez
note-departure = Feito de outro modo
note-near-miss = Por pouco
note-compromise = Direção sacrificada
note-what = O que foi feito de outro modo?
note-own-words = em minhas palavras
note-allowance = margem de costura
note-instead = O que se fez em vez disso?
note-sewed-with = Costurado com { $allowance }
note-what-else = Em minhas palavras
note-text-next-time = Aparece neste passo do próximo trabalho.
note-text-near-miss = O que quase deu errado?
note-text-compromise = Que peça fica ou se mostra de outro modo, e por quê?
note-cause = Por quê?
note-keep = Guardar
note-leave = Deixar
note-drop = Tirar
note-out = A nota foi tirada.
photo-add = Foto desta etapa
    .label = Foto desta etapa: escolha uma imagem
photo-before = Como estava da última vez
photo-of = Foto: { $step }
photo-drop = Tirar a foto: { $step }
photo-out = A foto foi tirada.
sew-settings = { $count ->
        [one] a máquina é reajustada 1 vez
       *[other] a máquina é reajustada { $count } vezes
    }
sew-late = A vez dele era antes de passos que você marcou. Nada que feche as peças dele foi costurado ainda: faça agora, enquanto ficam planas.
    .shut = A vez dele era antes do passo { $number }, { $step }, que fechou as peças dele. Abra aquela costura o quanto precisar, ou faça à mão segurando de lado a parede oposta.
sew-look = Olhe:
sew-careful = Cuidado:
sew-done = feito
sew-aloud = Ler em voz alta
sew-decided = Decidido:
sew-pace = Guia
sew-next-thing = Feito, o próximo
sew-thing = { $number } de { $things } { $things ->
        [one] coisa
       *[other] coisas
    } a fazer
    .look = Depois olhe
sew-finished = Terminado
sew-log = Anotar no diário
sew-again = Recomeçar para o próximo
sew-done-next = Feito, seguinte
sew-all = Todos os passos
sew-things = Pegue
sew-set = Como a máquina é ajustada
sew-change = ajustar: { $setting }
sew-band = Aceita-se de { $least } a { $most }.
sew-wrong = Se não
sew-optional = Pode ser pulado. O que se perde:
sew-symptoms = O que deu errado?
sew-go-back = Ir ao passo { $number }
sew-lost = { $count ->
        [one] 1 passo que você marcou
       *[other] { $count } passos que você marcou
    } não está mais entre estes: veja o que falta fazer.
