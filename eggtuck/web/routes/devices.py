"""Devices beside this machine: whether any is answered, how one comes in, which there are."""

from __future__ import annotations

import datetime
import time
from typing import Any

import segno
from flask import current_app

from ...core.lengths import Ruler
from ...core.words import Speaker, msg
from ...store.devices import CODE_LASTS, change_device, invite, list_devices, share, share_no_more, shared_at, take_off
from ..addresses import address_of, check_addresses, is_answered, wanted_addresses
from ..connection import database
from ..days import told_day
from ..devices_model import DeviceChange, Invitation, NewDevice, Sharing, Switched
from ..door import with_code
from ..language import asked_language
from ..porter import Porter
from ..problems import RefusedError
from .table import API


@API.operation("GET", "/api/devices", "The devices beside this machine", answer=Sharing, who="here")
def show_devices() -> dict[str, Any]:
    return _sharing()


@API.operation("PUT", "/api/devices", "Answer devices, or none any more", body=Switched, answer=Sharing, who="here")
def switch_sharing(body: Switched) -> dict[str, Any]:
    if not body.shared:
        share_no_more(database())
    elif shared_at(database()) is None:
        check_addresses("", current_app.config["PORT"])
        share(database(), "")
    porter: Porter = current_app.extensions["porter"]
    porter.call()
    return _sharing()


@API.operation("POST", "/api/devices", "Let a device in", body=NewDevice, answer=Invitation, status=201, who="here")
def invite_device(body: NewDevice) -> dict[str, Any]:
    named = shared_at(database())
    at = [] if named is None else wanted_addresses(named)
    if not at:
        raise RefusedError(409, "share-off")
    begin = address_of(at[0], current_app.config["PORT"])
    device, code = invite(database(), body.name, body.may)
    address = with_code(begin, code)
    square = segno.make(address, micro=False)
    rows = [bytes(row) for row in square.matrix_iter(border=0)]
    return {
        "device": device,
        "address": address,
        "at": begin,
        "code": f"{code[:4]} {code[4:]}",
        "cells": len(rows),
        "square": "".join(f"M{x} {y}h1v1h-1z" for y, row in enumerate(rows) for x, cell in enumerate(row) if cell),
        "until": time.strftime("%H:%M", time.localtime(time.time() + CODE_LASTS)),
    }


@API.operation(
    "PUT",
    "/api/devices/{id}",
    "Call a device otherwise, or let it do more",
    body=DeviceChange,
    answer=Sharing,
    who="here",
)
def change(id: str, body: DeviceChange) -> dict[str, Any]:
    change_device(database(), id, body.name, body.may)
    return _sharing()


@API.operation("DELETE", "/api/devices/{id}", "Take a device off", answer=Sharing, who="here")
def take_device_off(id: str) -> dict[str, Any]:
    take_off(database(), id)
    return _sharing()


def _sharing() -> dict[str, Any]:
    named = shared_at(database())
    at = [] if named is None else wanted_addresses(named)
    return {
        "shared": named is not None,
        "answered": bool(at) and is_answered(at[0], current_app.config["PORT"]),
        "addresses": [address_of(one, current_app.config["PORT"]) for one in at],
        "devices": [
            {**device, "came_in": _told(device["came_in"]), "seen": _told(device["seen"])}
            for device in list_devices(database())
        ],
    }


def _told(kept: str) -> str:
    """A moment as it is kept (UTC), told on this machine's clock."""
    moment = datetime.datetime.fromisoformat(kept).replace(tzinfo=datetime.UTC).astimezone()
    time_of_day = moment.strftime("%H:%M")
    if moment.date() == datetime.date.today():
        return Speaker(Ruler(), asked_language()).say(msg("device.today", time=time_of_day))
    return Speaker(Ruler(), asked_language()).say(msg("device.day", day=told_day(moment.date()), time=time_of_day))
