### What is said of this form alone.

form-round-pouch = Bolsinha redonda
    .summary = Um círculo inteiro atrás, dois segmentos e um zíper na frente. Para moedas, cabos e fichas.
