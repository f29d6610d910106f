### Devices beside this machine.

device-tablet = Tablet
device-shared = Answered in your home network, too: { $address } ({ $count ->
        [0] none came in yet
        [one] 1 device came in
       *[other] { $count } devices came in
    }). To end that use the page “Tablet”.
device-shared-nowhere = Devices would be answered, but this machine is in no network now.
device-pairing = For a tablet that is to sew and log, once, within ten minutes: { $address }
device-today = today, { $time }
device-day = { $day }, { $time }
door-device-how = Egg Tuck is on another machine here. With a code from its page “Tablet” this device comes in.
door-device-used = This code has let somebody in already, is older than ten minutes, or is mistyped. Show a new one on the page “Tablet” of the other machine.
door-code = Code
door-come-in = Come in
