### Which thing goes into which make, and two makes beside each other.

fits-title = O que cabe em quê
    .help = Cada objeto da prateleira provado em cada trabalho, no tamanho em que foi traçado. Abra um sinal para ler por quê.
fits-nothing = Nada a provar ainda: ponha um objeto na prateleira e um trabalho na mesa.
fits-table = Objetos e trabalhos
fits-one = { $thing } em { $make }: { $fit }
fits-why = { $thing } em { $make }
fits-open = Abrir { $make }
fits-shelf = Da sua prateleira
fits-of-shelf = O que da sua prateleira cabe

compare-title = Lado a lado
compare-gone = Um dos dois não está mais aqui.
compare-both = Os dois trabalhos
compare-fit = como serve
compare-pieces = peças a cortar
compare-seams = costuras
compare-minutes = minutos, cerca de
compare-steps = passos
compare-cloth = tecido: { $role }
fits-found = Provado quando foi feito
fits-found-yes = { $what } serviu quando foi provado em { $day }.
fits-found-no = { $what } não serviu quando foi provado em { $day }.
fits-more = Provar mais trabalhos
fits-things-before = Objetos anteriores
fits-things-after = Mais objetos
