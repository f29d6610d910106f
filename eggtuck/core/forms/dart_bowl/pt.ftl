### What is said of this form alone.

form-dart-bowl = Capa de tigela com pences
    .summary = Um quadrado ou círculo cujas pences levantam a beira. Para tigelas, pratos e travessas redondas.
easier-dart-bowl = o mesmo acolchoado, deitado plano
option-fuse_when = o que se cola
option-fuse_when-flat = enquanto está plano
    .why = O mais rápido; as pences são costuradas através dele e mais grossas.
option-fuse_when-shaped = quando já tem a forma
    .why = Cortado até a costura, sem as pences, e colado sobre uma toalha enrolada quando elas estão costuradas: acompanha a tigela, e as pences ficam finas.
step-backing-shaped =
    .why = Só é colado agora que as pences estão costuradas, sobre uma toalha enrolada: fica entre elas e não vinca onde a tigela sobe.
