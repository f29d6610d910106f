### Keeping it safe.

keeping = Bem guardado
keeping-folder = Tudo fica neste computador, em { $folder }. Para copiar à mão, salve tudo aqui: à simples cópia de um arquivo em uso pode faltar o mais novo.
keeping-all = Tudo de uma vez
    .help = Um arquivo com tudo: projetos com diário, desfazer e fotos, a prateleira, a pilha, encomendas, planos, hábitos, e o que foi guardado de lado. É um zip de arquivos simples que se leem sem Egg Tuck.
keeping-save = Salvar tudo
keeping-bring = Trazer de volta
keeping-file = Um arquivo salvo, ou uma cópia
keeping-meeting = O que já está aqui, mas é outro:
keeping-meeting-leave = deixar como está aqui
keeping-meeting-replace = pôr o salvo no lugar
keeping-meeting-both = ficar com os dois
keeping-busy = Está sendo trazido de volta.
keeping-others = { $count ->
        [one] 1 coisa é diferente aqui e lá
       *[other] { $count } coisas são diferentes aqui e lá
    }
keeping-left-out = Não pôde ser lido e ficou de fora: { $names }
keeping-copies = Cópias
    .help = Feitas todo dia, e antes de toda mudança grande; ficam as dez mais novas dos dias e dez das outras, na pasta “copies”.
keeping-copy-now = Fazer uma cópia agora
keeping-no-copies = Ainda não há cópia.
keeping-back = Trazer de volta
    .label = Trazer de volta da cópia de { $copy }
keeping-away = Guardado de lado
    .help = Nada do que foi guardado se perde: acha-se aqui enquanto existir.
keeping-none-away = Nada disso foi guardado.
keeping-nameless = sem nome
keeping-away-when = { $what }, guardado em { $day }
keeping-bring-one = Trazer { $name } de volta
keeping-more = { $count ->
        [one] Mostrar mais 1
       *[other] Mostrar mais de { $count } outros
    }
aside-copy = A cópia inteira mais nova é de { $copy }.
aside-no-copy = Não há cópia disso. Se você salvou tudo antes, traga de volta em “Bem guardado”.
aside-bring = Trazer essa cópia de volta
aside-without = Seguir sem isso
shelf-unread = Não pode mais ser lido: { $name }
shelf-earlier = { $count ->
        [one] Como era uma vez antes
       *[other] Como era antes ({ $count })
    }
shelf-earlier-one = Até { $day }: { $name },
shelf-earlier-back = Repor estas
have-replace = Pôr o do arquivo no lugar
have-both = Ficar com os dois
have-leave = Deixar como está aqui
