"""What the machine is set up with for a make: needle, thread, and what holds the layers while they are sewn."""

from __future__ import annotations

from ..materials import Layer, Stack
from ..shop import THICK_STACK, TRIAL_SEAM
from ..words import Message, Param, msg
from .operation import Look
from .order import Order

# From a cloth so thick (mm) on each size of needle; the finest first.
_NEEDLES = ((0.0, 70), (0.25, 80), (0.55, 90), (0.75, 100))


def needle_for(stack: Stack) -> Message:
    """The needle by the outer cloth, a size up through a thick stack: a round point between the loops of a knit, a sharp one through a sheet,
    a strong one through dense cloth."""
    outer = stack.of("outer") or stack.layers[0]
    fits = [size for least, size in _NEEDLES if _dense(outer) >= least]
    size = fits[-1]
    if stack.total >= THICK_STACK and size < 100:
        size += 10
    kind = {"knit": "jersey", "sheet": "sharp"}.get(outer.material.kind, "jeans" if size >= 100 else "universal")
    return msg(f"needle.{kind}", number=size)


def _dense(layer: Layer) -> float:
    """The thickness that counts for the needle: pile and loft give way."""
    material = layer.material
    return min(layer.thickness, 0.5) if material.kind in ("knit", "padding") or material.stretch else layer.thickness


def set_up(order: Order, stack: Stack) -> None:
    """Needle and thread, and a try on a scrap of the same layers."""
    names: list[Message] = []
    for layer in stack.layers:
        if layer.material.name not in names:
            names.append(layer.material.name)
    causes = (msg("cause.tension"), msg("cause.needle"))
    look = Look(msg("step.set-up.check"), causes=causes, remedy=msg("remedy.needle"))
    say: dict[str, Param] = {
        "needle": needle_for(stack),
        "thread": order.manner.thread,
        "layers": tuple(names),
        "hold": order.manner.hold,
        "trial": float(TRIAL_SEAM),
    }
    order.add("set-up", "prepare", 3, say=say, check=look, why=msg("step.set-up.why"))
