### What is said of this form alone.

form-wedge = Bolsinha cunha
    .summary = Um triângulo visto de lado: base plana e zíper em cima. Fica aberta na mesa.
easier-wedge = o mesmo zíper, numa bolsinha que fica plana
