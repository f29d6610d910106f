### Orders and gifts, and several makes at once.

order-calendar = Encomendas e presentes
order-for = { $title } para { $whom }
order-by = { $title }, até { $day }
order-due = { $title }: dia da entrega
order-evening = { $title }: noite { $number } de { $count }
order-work = { $hours } h { $minutes } min de trabalho, { $count ->
        [one] em 1 noite
       *[other] em { $count } noites
    }.
order-begin = Comece o mais tardar em { $day }.
order-late = Deveria ter começado em { $day }: são precisas noites mais longas, menos coisas, ou outro dia.
order-cut = Tudo está cortado em { $day }.
order-last = Fica pronto em { $day }.
order-set = { $count ->
        [one] 1 coisa
       *[other] { $count } coisas
    } ao todo.
order-set-cloth = Todos de { $what }.
order-set-cloth-differs = { $count ->
        [one] Um tecido está indicado.
       *[other] { $count } tecidos diferentes estão indicados.
    }
order-set-theme = Todos com { $what }.
order-set-theme-differs = { $count ->
        [one] Um motivo está indicado.
       *[other] { $count } motivos diferentes estão indicados.
    }

place-cutting = Corte
place-table = Mesa
place-machine = Máquina
place-iron = Ferro
place-hand = À mão

ahead-name = { $part } para { $make }
ahead-joins = { $minutes } min de trabalho à parte. Nada disso é preciso antes do passo { $number }, “{ $step }”.
ahead-apart = { $minutes } min de trabalho à parte, e nada espera por ele: pode ser feito numa espera, ou em outra noite.
extra-same-thing = Para o mesmo objeto, dos mesmos tecidos.
extra-beside = Dos mesmos tecidos; o tamanho você escolhe.
extra-plan = { $make }, e { $extra }

plan-evening = Noite { $number }: { $minutes } min de trabalho, { $count ->
        [0] nada pronto ainda
        [one] 1 trabalho pronto
       *[other] { $count } trabalhos prontos
    }
plan-minutes = { $minutes } min
plan-set =
    { $sewn ->
        [overcast] overloque, ou { $foot } e um zigue-zague largo
       *[other] { $foot }, { $stitch }
    }
plan-setting-back = agulha e linha como para { $make }, { $set }
plan-setting-own = agulha como para { $make }, linha própria, { $set }
plan-rests = { $make } fica em repouso por { $minutes } min
plan-nothing = Tudo está feito.
plan-work = { $hours } h { $minutes } min de trabalho, dos quais { $changes } min para trocar calcador, linha e lugar.
plan-saves = { $minutes } min antes do que um trabalho depois do outro.
plan-finished = Pronto em { $day }, { $count ->
        [one] na primeira noite
       *[other] depois de { $count } noites
    }, no mais cedo.
plan-per-evening = Cerca de { $number } trabalhos por noite.
problem-plan-many = É demais para um plano: no máximo { $most } passos ao todo. Planeje em partes.
