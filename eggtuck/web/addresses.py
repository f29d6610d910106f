"""Where this machine can be reached by others beside it."""

from __future__ import annotations

import errno
import ipaddress
import socket

import ifaddr

from .problems import RefusedError

# On one machine whoever answers does so at once (s).
_SOON = 0.5
# Nothing is sent to it: it only tells from which of its own addresses this machine would speak to others.
_ELSEWHERE = ("192.0.2.1", 9)


def own_addresses() -> list[str]:
    """This machine's addresses in networks of a home, that by which it speaks to others first."""
    found = [str(ip.ip) for adapter in ifaddr.get_adapters() for ip in adapter.ips if ip.is_IPv4]
    first = _speaks_from()
    return sorted((at for at in dict.fromkeys(found) if _in_a_home(at)), key=lambda at: at != first)


def wanted_addresses(named: str) -> list[str]:
    """The address that was named, or else all of this machine's own."""
    return [named] if named else own_addresses()


def check_addresses(named: str, port: int) -> list[str]:
    """`wanted_addresses`, all of which can be answered at.

    Raises:
        RefusedError: this machine is in no network; the address named is none of a home, not this machine's, or the port is taken there.
    """
    if named and not is_named_well(named):
        raise RefusedError(409, "share-wide", address=named)
    wanted = wanted_addresses(named)
    if not wanted:
        raise RefusedError(409, "share-nowhere")
    for at in wanted:
        with socket.socket(socket.AF_INET) as probe:
            probe.setsockopt(socket.SOL_SOCKET, socket.SO_REUSEADDR, 1)
            try:
                probe.bind((at, port))
            except OSError as error:
                words = "share-taken" if error.errno == errno.EADDRINUSE else "share-not-here"
                raise RefusedError(409, words, address=at, port=str(port)) from error
    return wanted


def is_named_well(address: str) -> bool:
    """Whether an address is one of a home network, or of this machine alone."""
    try:
        return ipaddress.IPv4Address(address).is_loopback or _in_a_home(address)
    except ValueError:
        return False


def address_of(at: str, port: int) -> str:
    """What is typed into a browser."""
    return f"http://{at}:{port}/"


def is_answered(at: str, port: int) -> bool:
    """Whether anybody answers at an address of this machine."""
    try:
        socket.create_connection((at, port), timeout=_SOON).close()
    except OSError:
        return False
    return True


def _in_a_home(address: str) -> bool:
    ip = ipaddress.IPv4Address(address)
    return ip.is_private and not (ip.is_loopback or ip.is_link_local or ip.is_unspecified or ip.is_multicast)


def _speaks_from() -> str:
    with socket.socket(socket.AF_INET, socket.SOCK_DGRAM) as told:
        try:
            told.connect(_ELSEWHERE)
            return str(told.getsockname()[0])
        except OSError:
            return ""
