### What is said of this form alone.

form-cone = Tubo afunilado de base redonda
    .summary = Uma parede cortada em curva, para alargar ou estreitar por igual. Para copos, vasos de planta e potes afunilados.
easier-cone = o mesmo disco numa parede que sobe reta
