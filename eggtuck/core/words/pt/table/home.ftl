### The table: all projects, and the question that begins a new one.

home-put-away = “{ $name }” foi guardado.
home-copied = “{ $name }” está na mesa.
home-no-project = não é um arquivo de projeto.
home-not-in = “{ $name }” não pôde ser trazido: { $why }
home-safe = Salvar tudo, cópias, o que foi guardado
home-bring-in = Trazer um projeto
home-file = Arquivo de projeto
home-kept = Na mesa
home-made = { $count ->
        [0] ainda não feito
        [one] feito uma vez
       *[other] feito { $count } vezes
    }
home-more = Mais para { $name }
home-copy = Fazer uma cópia
home-template-more = Mais para o modelo { $name }
home-template = Guardar como modelo
home-template-kept = “{ $name }” é agora um dos seus modelos.
home-templates = Começar de um modelo seu
home-template-for = Para { $thing }
home-template-change = Mudar o modelo
home-group = Agrupado por
home-group-family = família
home-group-order = encomenda
home-no-order = Sem encomenda
home-save = Salvar como arquivo
home-away = Guardar
home-begin = O que se vai cobrir?
home-on-shelf = na prateleira
home-all-things = { $count ->
        [one] 1 objeto na prateleira
       *[other] Todos os { $count } objetos na prateleira
    }
home-preset = { $thing }
home-to-measure = a medir
home-sizes = medidas prontas
home-no-thing = sem objeto à mão
home-find = Achar
home-form = Forma
home-all = todas
home-since = Trabalhado desde
home-state = Estado
home-state-new = não começado
home-state-begun = em andamento
home-state-made = feito
home-found = { $count ->
        [one] 1 projeto
       *[other] { $count } projetos
    }
home-show-away = O que foi guardado ({ $count })
home-away-list = Guardado
home-choose = Escolher vários
home-choose-all = Todos desta página
home-choose-none = Escolher nenhum
home-choose-one = Escolher { $name }
home-away-chosen = { $count ->
        [0] Guardar
        [one] Guardar 1 projeto
       *[other] Guardar { $count } projetos
    }
home-back-chosen = { $count ->
        [0] Trazer de volta
        [one] Trazer de volta 1 projeto
       *[other] Trazer de volta { $count } projetos
    }
home-many-away = { $count ->
        [one] 1 projeto foi guardado.
       *[other] { $count } projetos foram guardados.
    }
home-many-back = { $count ->
        [one] 1 projeto está de volta na mesa.
       *[other] { $count } projetos estão de volta na mesa.
    }
home-back = Trazer de volta
