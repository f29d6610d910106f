"""Kinds of things and the measures each needs."""

from __future__ import annotations

from ..frozen import frozen
from ..words import Message, msg


@frozen
class Measure:
    """A named measure and the range that makes sense for it (mm). ``words`` names its label where another kind
    means something else by the same name."""

    name: str
    low: float
    high: float
    required: bool = False
    words: str = ""

    @property
    def label(self) -> Message:
        return msg(f"measure.{self.words or self.name}")

    @property
    def help(self) -> Message:
        return msg(f"measure.{self.words or self.name}.help")


@frozen
class ObjectKind:
    """A kind of thing. ``fragile`` kinds carry the caution that cloth gives no shock protection."""

    id: str
    measures: tuple[Measure, ...]
    round: bool = True
    fragile: bool = False

    @property
    def label(self) -> Message:
        return msg(f"object.{self.id}")

    @property
    def help(self) -> Message:
        return msg(f"object.{self.id}.help")


GIRTH = Measure("girth", 40.0, 2000.0)
DIAMETER = Measure("diameter", 12.0, 650.0)
HEIGHT = Measure("height", 10.0, 1500.0, required=True)
BASE = Measure("base_diameter", 5.0, 650.0)
SHOULDER = Measure("shoulder_height", 5.0, 1500.0)
NECK_HEIGHT = Measure("neck_height", 5.0, 1500.0)
NECK = Measure("neck_diameter", 5.0, 650.0)
RIM = Measure("rim_diameter", 20.0, 650.0)
BOWL_DEPTH = Measure("depth", 5.0, 500.0, required=True, words="bowl-depth")
LENGTH = Measure("length", 20.0, 1500.0, required=True)
BOARD_WIDTH = Measure("board_width", 30.0, 800.0, required=True)
BOARD_HEIGHT = Measure("board_height", 30.0, 1000.0, required=True)
SPINE = Measure("spine", 0.0, 200.0, required=True)

HANDLE_OUT = Measure("handle_out", 5.0, 300.0)
HANDLE_WIDTH = Measure("handle_width", 2.0, 80.0)

KINDS = {
    kind.id: kind
    for kind in (
        ObjectKind("bottle", (GIRTH, DIAMETER, HEIGHT, BASE, SHOULDER, NECK_HEIGHT, NECK), fragile=True),
        ObjectKind("jar", (GIRTH, DIAMETER, HEIGHT, BASE), fragile=True),
        ObjectKind("can", (GIRTH, DIAMETER, HEIGHT, BASE)),
        ObjectKind("tumbler", (GIRTH, DIAMETER, HEIGHT, BASE), fragile=True),
        ObjectKind("mug", (GIRTH, DIAMETER, HANDLE_OUT, HANDLE_WIDTH, HEIGHT, BASE), fragile=True),
        ObjectKind(
            "carton",
            (Measure("width", 10.0, 600.0, required=True), Measure("depth", 10.0, 600.0, required=True), HEIGHT),
            round=False,
        ),
        ObjectKind("bowl", (RIM, GIRTH, BASE, BOWL_DEPTH), fragile=True),
        ObjectKind(
            "rod",
            (
                Measure("girth", 10.0, 800.0, words="rod-girth"),
                DIAMETER,
                LENGTH,
                Measure("ring_across", 8.0, 200.0),
                Measure("end_girth", 20.0, 800.0),
            ),
        ),
        ObjectKind("book", (BOARD_WIDTH, BOARD_HEIGHT, SPINE), round=False),
        ObjectKind("ball", (GIRTH, DIAMETER)),
        ObjectKind("profile", (), fragile=True),
    )
}
# Other words makers use for the same kind of thing.
ALSO = {"box": "carton", "handle": "rod", "notebook": "book", "planner": "book", "plate": "bowl", "dish": "bowl"}
