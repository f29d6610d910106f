### What is said of this form alone.

form-book-cover = Capa de caderno
    .summary = Uma envoltura em volta de capas duras e lombada cujas abas as seguram. Para cadernos, agendas e livros.
easier-book-cover = o mesmo forrar, virar e passar, do comprimento de um dedo
input-book-cover-flap = aba
    .help = Quanto cada aba avança sobre o lado de dentro da sua capa dura. De um a dois terços dela.
