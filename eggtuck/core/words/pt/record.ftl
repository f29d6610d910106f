### What the log teaches, what a finished make is tried for, and what lies ready.

guide-sews-wide = { $guide } Você costura { $off } a mais, então sai com { $allowance }.
guide-sews-narrow = { $guide } Você costura { $off } a menos, então sai com { $allowance }.

learn-sewn-wide = Você costura { $off } mais largo do que se diz, { $spread } a mais ou a menos: de { $count ->
        [one] 1 trabalho
       *[other] { $count } trabalhos
    }.
learn-sewn-narrow = Você costura { $off } mais estreito do que se diz, { $spread } a mais ou a menos: de { $count ->
        [one] 1 trabalho
       *[other] { $count } trabalhos
    }.
learn-sewn-wide-does = Guiar-me { $off } mais perto da agulha
learn-sewn-narrow-does = Guiar-me { $off } mais longe da agulha
learn-sewn-back = Guiar-me na margem como se diz
learn-sewn-evidence-wide = Mediu { $measured } em volta em vez de { $drafted }: cada costura { $off } a mais.
learn-sewn-evidence-narrow = Mediu { $measured } em volta em vez de { $drafted }: cada costura { $off } a menos.
learn-ease-right = { $form } em volta de { $thing }: { $count ->
        [one] 1 trabalho
       *[other] { $count } trabalhos
    } entraram bem com cerca de { $share } da volta como folga. É-lhe proposto { $before }.
learn-ease-tight = { $form } em volta de { $thing }: justo demais em { $count ->
        [one] 1 trabalho
       *[other] cada um de { $count } trabalhos
    }. Tente { $share } da volta como folga; é-lhe proposto { $before }.
learn-ease-loose = { $form } em volta de { $thing }: folgado demais em { $count ->
        [one] 1 trabalho
       *[other] cada um de { $count } trabalhos
    }. Tente { $share } da volta como folga; é-lhe proposto { $before }.
learn-ease-right-sewn = { $form } em volta de { $thing }: { $count ->
        [one] 1 trabalho
       *[other] { $count } trabalhos
    } entraram bem com cerca de { $real } da volta como folga no trabalho pronto. Como você costura, isso pede { $share }; é-lhe proposto { $before }.
learn-ease-tight-sewn = { $form } em volta de { $thing }: justo demais em { $count ->
        [one] 1 trabalho
       *[other] cada um de { $count } trabalhos
    }. Tente { $real } da volta como folga no trabalho pronto: como você costura, isso pede { $share }; é-lhe proposto { $before }.
learn-ease-loose-sewn = { $form } em volta de { $thing }: folgado demais em { $count ->
        [one] 1 trabalho
       *[other] cada um de { $count } trabalhos
    }. Tente { $real } da volta como folga no trabalho pronto: como você costura, isso pede { $share }; é-lhe proposto { $before }.
learn-ease-does = Começar { $form } em volta de { $thing } com { $share }
learn-ease-evidence-right = entrou bem com { $share }
learn-ease-evidence-tight = ficou justo com { $share }
learn-ease-evidence-not = não entrou com { $share }
learn-ease-evidence-loose = ficou folgado com { $share }
learn-borne-wider = { $form }, { $name }: uma diferença de até { $within } não fez mal em { $count ->
        [one] 1 trabalho
       *[other] { $count } trabalhos
    }. Conta-se com { $before }.
learn-borne-closer = { $form }, { $name }: em { $count ->
        [one] 1 trabalho
       *[other] { $count } trabalhos
    } uma diferença menor que { $before } fez mal. Mantenha dentro de { $within }.
learn-borne-does = Tomar { $name } de { $form } como certo dentro de { $within }
learn-borne-evidence-fine = diferença de { $off }, sem prejuízo
learn-borne-evidence-harm = diferença de { $off }, com prejuízo
learn-departure-option = Em { $count ->
        [one] 1 trabalho
       *[other] { $count } trabalhos
    } você fez diferente do plano: { $option }, { $choice }.
learn-departure-allowance = Em { $count ->
        [one] 1 trabalho
       *[other] { $count } trabalhos
    } você costurou com { $allowance } em vez da margem do plano.
learn-departure-own = Em { $count ->
        [one] 1 trabalho
       *[other] { $count } trabalhos
    } você anotou em "{ $step }": { $text }
learn-departure-does = Fazer disso o meu hábito para novos trabalhos
learn-departure-own-does = Lembrar-me em "{ $step }"
learn-departure-because = porque { $cause }
learn-departure-no-cause = sem motivo dito

trial-too-hot = Encha com aquilo com que estava quente demais, e segure como vai segurar. É confortável por um minuto?
    .caution = Coisas quentes queimam. Experimente antes com algo morno, tenha um pano seco e um lugar onde largar, e mantenha crianças longe.
trial-wet = Deixe molhar tanto quanto vai molhar, e espere dez minutos. O que deve ficar seco está seco?
trial-tore = Encha tanto quanto vai encher, e leve pela alça por cinco minutos sobre algo macio. Toda costura aguenta?
    .caution = Experimente com algo que possa cair: não com vidro, e não sobre os pés.
trial-slips = Segure de cabeça para baixo sobre algo macio com o que está dentro. Fica no lugar?
trial-tips = Ponha na mesa, cheio e meio vazio. Fica de pé sozinho?
trial-scratched = Apalpe tudo por fora. Há tecido ou acolchoamento em todo lugar que pode bater?
    .caution = Tecido protege pouco de uma queda. Não experimente com o que não pode quebrar.
trial-other = O que estava errado antes: { $text } Está resolvido?

problem-log-future = O dia ainda não chegou: dê hoje, ou um dia antes.
measured-borne = { $label } difere em { $off }: dentro dos { $within } que antes não fizeram mal.

trial-goes-not = Não entrou.
trial-goes-not-empty = Não entrou, provado vazio.
trial-goes-tight = Entra justo.
trial-goes-tight-empty = Entra justo, provado vazio.
trial-goes-right = Entra bem.
trial-goes-right-empty = Entra bem, provado vazio.
trial-goes-loose = Fica folgado.
trial-goes-loose-empty = Fica folgado, provado vazio.
trial-slack = a sobra
trial-above = o espaço acima
trial-slack-told = { $slack } podiam ser dobrados em volta; traçado com { $ease } de folga.
trial-above-told = { $above } de espaço acima.

wrong-too-hot = Era quente demais para segurar
wrong-wet = Molhou, ou molhou o que estava ao lado
wrong-tore = Uma alça ou costura cedeu
wrong-slips = Escorregou
wrong-tips = Caiu
wrong-scratched = Bateu ou arranhou

clock-none = O relógio ainda não andou.
clock-spent = { $hands } min com as mãos, { $wait } min de espera, { $away } min de interrupção
standing-rests = { $step }: em repouso até { $until }, mais { $minutes ->
        [one] 1 minuto
       *[other] { $minutes } minutos
    }
standing-minutes = { $count ->
        [one] falta cerca de 1 minuto
       *[other] faltam cerca de { $count } minutos
    }
standing-as-cut = como foi cortado
standing-last = trabalhado por último no passo { $number }, { $step }
standing-open = A abertura do passo { $number }, { $step }, ainda está aberta.
standing-inside-out = Está do avesso.
reminder-from = De { $name }, { $day }
project-again = { $name }, de novo

pace-house = Calculado no ritmo da casa: cronometre um trabalho, e passa a ser o seu.
pace-own = No seu ritmo, { $count ->
        [one] do seu último trabalho cronometrado
       *[other] dos seus últimos { $count } trabalhos cronometrados
    }.
pace-slower = { $work } leva { $share } mais tempo com você do que a casa calcula.
pace-quicker = { $work } leva { $share } menos tempo com você do que a casa calcula.
work-prepare = Preparar
work-cut = Cortar
work-mark = Marcar
work-sew = Costurar
work-press = Passar
work-check = Provar
work-finish = Acabar

learnt-sewn-wide = Você é guiado { $off } mais perto da agulha, pois costura largo.
learnt-sewn-narrow = Você é guiado { $off } mais longe da agulha, pois costura estreito.
learnt-ease = { $form } em volta de { $thing } começa com { $share } da volta como folga.
learnt-borne = { $name } de { $form } está certo dentro de { $within }.
silenced-sewn = quão largo você costura
silenced-ease = folga de { $form } em volta de { $about }
silenced-borne = quanto { $about } de { $form } pode diferir
silenced-option = { $option }
silenced-departure = "{ $text }", feito de outro modo

year-made = { $count ->
        [one] 1 trabalho
       *[other] { $count } trabalhos
    }
year-minutes = { $hours } h { $minutes } min com as mãos
year-sold = { $count ->
        [one] 1 trabalho vendido
       *[other] { $count } trabalhos vendidos
    } por { $income }; material { $cost }
year-left = sobram { $left }
year-hour = { $hour } por hora de trabalho no que foi vendido

pace-minutes = Cerca de { $minutes } min.
pace-minutes-own = Cerca de { $minutes } min no seu ritmo, conhecido de { $count ->
        [one] 1 trabalho
       *[other] { $count } trabalhos
    }.
