### The logbook of a project.

log-minutes-wrong = Os minutos são um número inteiro, como 55.
log-new = Fez um?
log-on = em
log-minutes = minutos
log-took = { $count ->
        [one] 1 minuto
       *[other] { $count } minutos
    }
log-measured = Medido no trabalho pronto
log-differed = O que saiu diferente?
    .was = Diferente:
log-next = Da próxima vez
    .was = Da próxima vez:
log-next-step = Lembrar-me em
    .none = no começo
log-write = Anotar
log-made = Feitos até agora
log-nothing = Nada ainda.
log-take-out = Tirar este registro
log-changed = O registro foi mudado.
log-back = Repor
log-out = O registro foi tirado.
log-waited = minutos de espera
log-away = minutos de interrupção
log-from-clock = O relógio tem { $spent }. Vazio, é isso que se anota.
log-notes = { $count ->
        [one] 1 nota deste trabalho vai junto
       *[other] { $count } notas deste trabalho vão junto
    }
log-fine = { $name }: deu certo assim mesmo?
log-fine-open = não dito
log-fine-yes = sem prejuízo
log-fine-no = com prejuízo
log-measure-more = Mais medidas
log-trial = Provado com o objeto real
log-goes-not = não entra
log-goes-tight = justo
log-goes-right = certo
log-goes-loose = folgado
log-empty = provado vazio
log-slack = sobra a dobrar em volta
log-above = espaço acima
log-test-open = não provado
log-test-yes = sim
log-test-no = não
log-uses = Serve também a outra coisa?
log-use = O quê
log-use-fits = Serve?
log-use-add = Mais uma coisa
log-use-did = Serve também: { $what }.
log-use-did-not = Não serve: { $what }.
log-sale = Vendido?
log-price = preço
log-cost = material
log-sold-on = no dia
log-sold = vendido por { $price }
log-change = Mudar
log-change-keep = Guardar a mudança
log-change-leave = Deixar como estava
log-earlier = Como se lia antes
log-before = Até { $at }
log-photo = Foto
    .label = Foto deste trabalho: escolha uma imagem
log-times = Minutos por passo
log-times-step = Passo
log-times-took = levou
log-times-house = calculado
log-again = Fazer de novo
log-as-made = Como foi feito
why = Por que é feito? O que estava errado antes?
why-text = Em minhas palavras
made-title = { $name } como foi feito, { $day }
made-it = Como foi feito
made-gone = Nada deste trabalho está guardado: o registro é mais antigo, ou foi tirado.
made-back = De volta ao diário
made-lay = Como foi encaixado
made-steps = Em que ordem foi feito
made-took = { $minutes } min
compare-made = { $name }, feito em { $day }
compare-taught = O que o último ensinou
book-title = Diário
book-every = Tudo o que foi feito até agora
book-words = Palavras
book-form = Forma
book-all = todas
book-found = { $count ->
        [one] 1 registro
       *[other] { $count } registros
    }
book-csv = Salvar como tabela (CSV)
book-later = Mais novos
book-earlier = Mais antigos
book-page = Página { $page } de { $pages }
book-years = Por ano
learned = O que o diário ensina
learned-nothing = Nada ainda: meça e prove o que faz, e ele dirá.
learned-never = Não perguntar mais
learned-evidence = De que trabalhos?
learned-back = Desfazer
learned-silenced = O que não se pergunta mais
learned-ask = Perguntar de novo
