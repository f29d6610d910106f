### Devices beside this machine.

device-tablet = Tablet
device-shared = Atende também na sua rede de casa: { $address } ({ $count ->
        [0] nenhum aparelho entrou ainda
        [one] 1 aparelho entrou
       *[other] { $count } aparelhos entraram
    }). Para acabar com isso use a página “Tablet”.
device-shared-nowhere = Aparelhos seriam atendidos, mas este computador não está em rede nenhuma agora.
device-pairing = Para um tablet que vai costurar e registrar, uma vez, dentro de dez minutos: { $address }
device-today = hoje, { $time }
device-day = { $day }, { $time }
door-device-how = Egg Tuck está em outro computador aqui. Com um código da página “Tablet” dele este aparelho entra.
door-device-used = Este código já deixou alguém entrar, tem mais de dez minutos, ou foi digitado errado. Mostre um novo na página “Tablet” do outro computador.
door-code = Código
door-come-in = Entrar
