### The maker's machine and tools.

machine-title = A sua máquina e as ferramentas
    .help = Medido uma vez, comparado com cada trabalho: o que falta, o que pode substituir, como cada margem se mantém aqui.
machine-measures = A máquina
machine-free-arm = braço livre, toda a volta
    .help = Passe uma fita em volta do braço onde é mais grosso. Deixe vazio se não há.
machine-stack = pilha mais grossa que costura
    .help = Dobre jeans até ela parar, e meça uma dobra a menos.
machine-foot-edge = da agulha à borda direita do calcador
    .help = Agulha no meio, com o calcador das costuras.
machine-needle-moves = a agulha se move para cada lado
    .help = Do meio até onde vai.
machine-plate = linhas na chapa
    .help = A que distância da agulha fica cada uma, separadas por ponto e vírgula: 10 mm; 15 mm.
machine-feet = Calcadores
    .help = Quais você tem.
machine-tools = Ferramentas
    .help = Vale qualquer coisa da casa que faça o serviço.
machine-stitches = Pontos à mão
    .help = Cada um em três desenhos. Um passo costurado à mão mostra o seu.
lesson-picture = { $name }, desenho { $number }
hand-title = Ter à mão
hand-tell = Diga o que tem, e o que falta é nomeado aqui.
hand-machine = A sua máquina e as ferramentas
hand-missing = O que falta
hand-lacks = Falta { $tool }:
hand-instead = { $instead }. O que se perde: { $lost }.
hand-or = ou { $instead }
hand-steps = { $count ->
        [one] passo { $numbers }
       *[other] passos { $numbers }
    }
hand-changes = { $count ->
        [one] A máquina é ajustada 1 vez:
       *[other] A máquina é ajustada { $count } vezes:
    }
hand-change = passo { $number } { $text }
machine-hand = A sua mão
    .help = Onde um passo não é mais fino que isso, ele diz um comprimento nos seus dedos, e se o seu punho passa pelo que está aberto.
machine-finger = um dedo, de lado a lado
    .help = O indicador, na junta do meio.
machine-fist = punho, de lado a lado
    .help = Sobre os nós dos dedos, com o polegar para dentro: o que tem de passar por uma abertura para virar.
