### Things to be covered, their starting values, and what they measured when made.

language = Português
list-and = { $before } e { $last }

## Things

object-thing = objeto
object-bottle = garrafa
    .help = Qualquer coisa com corpo, ombro e gargalo.
object-jar = pote
    .help = Redondo, reto ou um pouco bojudo, com tampa.
object-can = lata
    .help = Redonda e reta: uma lata, um copo, um copinho de vela.
object-mug = caneca
    .help = Fita em volta do corpo e da alça juntos; ou a largura do corpo e quanto a alça sobressai.
object-carton = caixa
    .help = Uma caixa de base retangular.
measure-girth = volta
    .help = Fita uma vez em volta do lugar mais largo.
measure-diameter = largura
    .help = Reto de lado a lado do lugar mais largo. Em vez da volta, ou como segunda medida para conferi-la.
measure-height = altura
    .help = Da mesa até o ponto mais alto.
measure-base_diameter = base, de lado a lado
    .help = Reto de lado a lado onde apoia na mesa.
measure-shoulder_height = o ombro começa
    .help = Da mesa até onde o corpo começa a estreitar. Sem isso supõe-se um ombro comum.
measure-neck_height = o gargalo começa
    .help = Da mesa até o lugar mais baixo onde uma fita seguraria.
measure-handle_out = a alça sobressai
    .help = Do corpo reto para fora até o ponto mais distante da alça.
measure-handle_width = alça, de lado a lado
    .help = A largura da alça, vista de cima. Sem isso supõe-se 15 mm.
measure-neck_diameter = gargalo, de lado a lado
    .help = Reto de lado a lado do gargalo.
measure-width = largura
    .help = O lado mais longo da base.
measure-depth = profundidade
    .help = O lado mais curto da base.

## Starting values, logbook

preset-bottle = garrafa alta
preset-small-bottle = garrafa pequena
preset-jar = pote de mel
preset-can = lata
preset-mug = caneca
preset-carton = caixa
measured-same = { $label }: saiu como traçado.
measured-larger = { $label }: saiu { $off } maior.
measured-smaller = { $label }: saiu { $off } menor.
measured-larger-girth = { $label }: saiu { $off } maior; cada margem lateral foi costurada cerca de { $each } { $way }.
measured-smaller-girth = { $label }: saiu { $off } menor; cada margem lateral foi costurada cerca de { $each } { $way }.
measured-and = { $found } { $way }
measured-either-way = É um tamanho tolerante.
measured-at-least-kept = Devia ter no mínimo isso, e tem.
measured-at-least-not = Devia ter no mínimo isso: veja se ainda dá a volta ou alcança.
measured-at-most-kept = Devia ter no máximo isso, e tem.
measured-at-most-not = Devia ter no máximo isso: veja se ainda passa ou cabe.
measured-matched-pair = É de um par casado: veja se os dois têm o mesmo comprimento.
measured-narrower = mais estreita que o plano
measured-wider = mais larga que o plano
problem-file-archive-none = Isto não é um arquivo salvo por Egg Tuck nem uma cópia do arquivo dele.
problem-file-archive-newer = Este arquivo foi salvo por um Egg Tuck mais novo. Traga-o de volta com esse.
problem-file-archive-large = Este arquivo desempacota em mais do que se pode guardar.
problem-file-archive-part = “{ $name }” neste arquivo não pode ser lido; nada foi trazido de volta.
problem-file-stopped = Parado: nada do arquivo foi guardado.
problem-file-busy = Outros arquivos estão sendo lidos agora. Tente de novo em instantes.
problem-file-outline-slow = O desenho tem detalhe demais para ser lido: simplifique-o antes.
problem-file-photo-heavy = Esta imagem pede demais para ser aberta: salve-a menor antes.
problem-file-photo-large = Esta imagem é grande demais: no máximo { $most } megapixels, e { $side } pixels de lado.
problem-file-photo = Egg Tuck guarda imagens JPEG, PNG e WebP de até { $most } megapixels e { $side } pixels de lado; este arquivo não é uma.
