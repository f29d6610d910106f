### What is said of this form alone.

form-tetra = Bolsinha tetraedro
    .summary = Um tubo fechado plano numa ponta e atravessado na outra. Quatro faces, quase nenhuma sobra; com zíper ou fecho de mola.
easier-tetra = o mesmo zíper, numa bolsinha que fica plana
input-tetra-height = altura
    .help = Do tubo achatado, da ponta fechada à linha do meio do zíper ou à costura da boca.
input-tetra-width = largura
    .help = Do tubo achatado; as duas pontas têm esse comprimento.
