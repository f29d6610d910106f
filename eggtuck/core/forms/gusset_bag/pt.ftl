### What is said of this form alone.

form-gusset-bag = Bolsa redonda com fole
    .summary = Dois círculos e uma tira em volta, o zíper na tira ou embutido em cima. Mantém a forma.
easier-gusset-bag = o mesmo círculo e zíper, sem um fole em volta
