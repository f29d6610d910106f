### What is said of this form alone.

form-boxed-bag = Bolsa de fundo quadrado
    .summary = Um tubo cujos dois cantos achatados fazem uma base plana. Fica de pé sozinha; para garrafas, potes, latas, canecas e caixas.
