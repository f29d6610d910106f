### What is said of this form alone.

form-lid-cover = Capa de boca
    .summary = Um círculo sobre a boca de um pote ou tigela, fechado sob a beira por elástico ou cordão.
easier-lid-cover = o mesmo amarrar, em costuras retas
input-lid-cover-channel = canal
    .help = Largura do túnel em que corre o elástico ou cordão.
input-lid-cover-neck_girth = volta onde se fecha
    .help = Fita em volta do pote ou tigela abaixo da beira.
