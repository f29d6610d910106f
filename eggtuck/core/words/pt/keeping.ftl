### Keeping it safe: copies, everything saved and brought back, what was put away.

keeping-copy-day = { $day }, { $time }
keeping-copy-asked = { $day }, { $time }: feita quando você pediu
keeping-copy-tables = { $day }, { $time }: antes que um Egg Tuck mais novo a mudasse
keeping-copy-bringing-back = { $day }, { $time }: antes de se trazer algo de volta
keeping-size = { $kilobytes } kB
keeping-aside-damaged = O arquivo que guardava os seus projetos estava danificado e não pôde ser lido. Foi posto de lado como “{ $name }”, tal como estava.
keeping-aside-foreign = Um arquivo que não é de Egg Tuck estava onde ficam os seus projetos. Foi posto de lado como “{ $name }”, tal como estava.
keeping-added = Trazido de volta: { $count ->
        [one] 1 coisa
       *[other] { $count } coisas
    }.
keeping-same = Já aqui, tal como é: { $count ->
        [one] 1 coisa
       *[other] { $count } coisas
    }.
keeping-replaced = Posto no lugar do que estava aqui: { $count ->
        [one] 1 coisa
       *[other] { $count } coisas
    }.
keeping-both = Guardado ao lado do que estava aqui: { $count ->
        [one] 1 coisa
       *[other] { $count } coisas
    }.
keeping-left = Deixado como está aqui: { $count ->
        [one] 1 coisa
       *[other] { $count } coisas
    }.
keeping-unread = “{ $name }” não pôde ser lido e ficou de fora.
keeping-unreadable = não pode ser lido
keeping-nothing = Não havia nada nele.

door-closed = A porta está fechada
door-how = Abra Egg Tuck no endereço inteiro que ele mostrou ao iniciar. Esse deixa entrar este navegador uma vez; daí em diante basta o curto. Para outro navegador peça um endereço novo: ./tuck door
door-used = Este endereço já deixou alguém entrar, ou é velho demais. Peça um novo: ./tuck door

away-projects = projeto
away-things = na prateleira
away-pile = na pilha
away-orders = encomenda
away-cuttings = corte
away-batches = plano
away-makes = registro do diário
away-notes = nota de um passo

reading-sent = a caminho
reading-waits = { $count ->
        [one] espera, com 1 arquivo antes
       *[other] espera, com { $count } arquivos antes
    }
reading-read = { $count ->
        [0] está sendo lido
        [one] está sendo lido há um segundo
       *[other] está sendo lido há { $count } segundos
    }
