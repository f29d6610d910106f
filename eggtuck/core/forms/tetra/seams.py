"""What is sewn to what: the mouth, both sides or the end below it, and the end across them."""

from __future__ import annotations

from ...constructions.zips import Zip, sew_zip
from ...drafting.make import Make
from ...pattern import EdgeUse, Role

_COPIES = ("front", "back")


def _use(piece: str, key: str, copy: str = "whole", back: bool = False) -> EdgeUse:
    return EdgeUse(piece, key, copy, reversed=back)


def add_seams(make: Make, mouth: str, zipper: Zip | None) -> None:
    inner = "body-lining" if make.apart else "body"
    if mouth == "spring-frame":
        _to_casing(make, inner)
    else:
        assert zipper is not None
        _to_zip(make, mouth, zipper, inner)
    for piece, prefix in (("body", ""), ("body-lining", "lining-"))[: 2 if make.apart else 1]:
        layers: tuple[Role, ...] = ("lining",) if prefix else make.cloths
        if mouth == "zip-face":
            _ends(make, piece, prefix, layers, zipper)
        else:
            _sides(make, piece, prefix, layers, zipper)


def _to_casing(make: Make, inner: str) -> None:
    names, a = ("mouth-right", "mouth", "mouth-left"), make.allowance("mouth")
    for copy in _COPIES:
        id, low, high = f"mouth-{copy}", _use("casing", "lower", copy), _use("casing", "upper", copy)
        if make.hung:
            outer = [EdgeUse("body", name, copy, "outer") for name in names]
            lining = [EdgeUse(inner, name, copy, "lining") for name in names]
            both: tuple[Role, ...] = ("outer", "lining")
            make.seam(id, outer, lining, a, both, "mouth-casing", [low, high], mate=("lining-mouth",))
        else:
            make.seam(id, [_use("body", "mouth", copy)], [low], a, ("outer",), "mouth-casing", [high], set_back=True)
    if not make.hung:
        make.hem("mouth-ends", [_use("body", name, copy) for copy in _COPIES for name in names[::2]], a)


def _to_zip(make: Make, mouth: str, zipper: Zip, inner: str) -> None:
    edges = (("zip", "front", True), ("zip", "back", True))
    if mouth == "zip-face":
        edges = (("zip-left", "whole", True), ("zip-right", "whole", False))
    sew_zip(make, zipper, [_use("body", *edge) for edge in edges], [_use(inner, *edge) for edge in edges if make.apart])


def _tape(zipper: Zip | None, name: str, lining: bool, back: bool = False) -> tuple[EdgeUse, ...]:
    """A visible end of the zip, which takes part in the seam that crosses it."""
    if zipper is None:
        return ()
    return zipper.use(name.replace("end-", "end-lining-", 1) if lining else name, reversed=back)


def _ends(make: Make, piece: str, prefix: str, layers: tuple[Role, ...], zipper: Zip | None) -> None:
    """Both ends of a tube whose zip runs up one face."""
    lining = bool(prefix)
    end = make.allowance("end", lining)
    left, right = _use(piece, "flat-left", back=True), _use(piece, "flat-right", back=True)
    low = [left, *_tape(zipper, "end-flat", lining, True), right]
    make.seam(f"{prefix}flat", low, [_use(piece, "flat-middle")], end, layers, "flat-end")
    upper = [*_tape(zipper, "end-cross-upper", lining, True), _use(piece, "end-left", back=True)]
    lower = [*_tape(zipper, "end-cross-lower", lining, True), _use(piece, "end-right")]
    make.seam(f"{prefix}end", upper, lower, end, layers, "cross-end")


def _sides(make: Make, piece: str, prefix: str, layers: tuple[Role, ...], zipper: Zip | None) -> None:
    """Both sides of two panels, and the end across them."""
    lining = bool(prefix)
    for hand in ("left", "right"):
        back = hand == "left"
        front_side = [_use(piece, f"side-{hand}", "front"), *_tape(zipper, f"end-{hand}-upper", lining, back)]
        back_side = [_use(piece, f"side-{hand}", "back"), *_tape(zipper, f"end-{hand}-lower", lining, back)]
        if back:
            # Both sides are walked from the edge on the table: on the left the zip comes first.
            front_side, back_side = front_side[::-1], back_side[::-1]
        side = make.allowance("side", lining)
        make.seam(f"{prefix}side-{hand}", front_side, back_side, side, layers, f"side-{hand}")
    # From the middle of the back round its side to the middle of the front, which is left open for turning.
    left = [_use(piece, "end-left", "back", True), _use(piece, "end-left", "front")]
    right = [_use(piece, "end-right", "back"), _use(piece, "end-right", "front", True)]
    make.seam(f"{prefix}end", left, right, make.allowance("end", lining), layers, "cross-end")
