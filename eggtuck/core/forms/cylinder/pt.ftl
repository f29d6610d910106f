### What is said of this form alone.

form-cylinder = Tubo de base redonda
    .summary = Uma parede reta em volta de um disco plano. Para garrafas, potes, latas e copos; uma gola com cordão o fecha.
easier-cylinder = o mesmo forro e topo, sem ajustar uma parede em volta de um disco
