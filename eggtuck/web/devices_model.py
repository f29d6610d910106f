"""What the server takes and gives of devices beside this machine."""

from __future__ import annotations

from ..store.devices import May
from .models import Given, Name, Taken


class DeviceShown(Given):
    id: str
    name: str
    may: May
    came_in: str
    seen: str


class Sharing(Given):
    """Whether devices are let in, where, and whether they are ``answered`` there by now; those that have come in."""

    shared: bool
    answered: bool
    addresses: list[str]
    devices: list[DeviceShown]


class Switched(Taken):
    shared: bool


class NewDevice(Taken):
    name: Name
    may: May


class DeviceChange(Taken):
    name: Name
    may: May


class Invitation(Given):
    """A device that may come in: at an address, drawn as a square of so many cells a side, or with a code that is typed; till when."""

    device: str
    address: str
    at: str
    code: str
    cells: int
    square: str
    until: str
