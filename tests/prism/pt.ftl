### O que se diz só desta forma.

form-prism = Bolsinha prisma
    .summary = Um tubo de três lados planos e um triângulo em cada ponta, o zíper ao longo de um lado.
easier-prism = o mesmo zíper, numa bolsinha sem cantos
input-prism-side = lado
    .help = Cada lado dos triângulos das pontas.
input-prism-length = comprimento
    .help = De um triângulo ao outro.
piece-prism-body = corpo
piece-prism-end = triângulo
edge-round-low = ponta do corpo
edge-round-high = outra ponta do corpo
edge-beside-right = ao lado do zíper, direita
edge-beside-left = ao lado do zíper, esquerda
edge-under = em frente ao zíper
seam-prism-end = costura em volta de um triângulo
sum-prism-three = três lados
sum-name-prism-body-cut_width = largura de corte do corpo
step-prism-ends = Montar os triângulos
    .check = Três cantos em cada ponta; nada ficou preso.
sum-name-finished-side = { input-prism-side }
