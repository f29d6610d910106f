### What is said of this form alone.

form-sleeve = Luva de cabo
    .summary = Um tubo acolchoado fechado numa ponta, reto ou afunilado. Para cabos de panela e de ferramenta e pinos.
input-sleeve-girth = volta na ponta fechada
    .help = Em volta da luva pronta, na linha de costura. Deixe vazio para seguir o cabo e a folga.
option-mouth_edge = Boca
option-mouth_edge-plain = como é
    .why = Rápido; o forro pode enrolar para fora com o uso.
option-mouth_edge-understitched = com pesponto interno
    .why = Costurado enquanto está plano, o forro fica então dentro; por fora nada aparece.
step-understitch = Pespontar por dentro a boca
    .text = Abra exterior e forro planos, com o direito para cima, a margem da boca sob o forro, e costure no forro, também através da margem, a { $edge } da costura.
    .why = O forro não pode enrolar para fora na boca; fechada a luva, nenhum calcador chega ali.
    .lost = O forro pode aparecer na boca.
