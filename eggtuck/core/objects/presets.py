"""Starting values for things nobody has measured yet. Unverified: to be measured before cutting."""

from __future__ import annotations

from collections.abc import Mapping
from typing import Final

from ..frozen import frozen
from ..words import Message, msg


@frozen
class Preset:
    """A kind of thing with everyday measures (mm)."""

    id: str
    kind: str
    measures: Mapping[str, float]

    @property
    def name(self) -> Message:
        return msg(f"preset.{self.id}")


PRESETS: Final = {
    preset.id: preset
    for preset in (
        Preset(
            "bottle",
            "bottle",
            {
                "girth": 240.0,
                "height": 300.0,
                "base_diameter": 75.0,
                "shoulder_height": 190.0,
                "neck_height": 230.0,
                "neck_diameter": 30.0,
            },
        ),
        Preset(
            "small-bottle",
            "bottle",
            {
                "girth": 190.0,
                "height": 220.0,
                "base_diameter": 60.0,
                "shoulder_height": 140.0,
                "neck_height": 170.0,
                "neck_diameter": 28.0,
            },
        ),
        Preset("jar", "jar", {"girth": 270.0, "height": 120.0, "base_diameter": 82.0}),
        Preset("tumbler", "tumbler", {"girth": 270.0, "height": 130.0, "base_diameter": 62.0}),
        Preset("can", "can", {"girth": 235.0, "height": 110.0, "base_diameter": 74.0}),
        Preset("mug", "mug", {"girth": 360.0, "height": 95.0, "base_diameter": 80.0}),
        Preset("carton", "carton", {"width": 95.0, "depth": 65.0, "height": 200.0}),
        Preset("bowl", "bowl", {"rim_diameter": 160.0, "base_diameter": 80.0, "depth": 70.0}),
        Preset("rod", "rod", {"girth": 95.0, "length": 150.0}),
        Preset("book", "book", {"board_width": 148.0, "board_height": 210.0, "spine": 15.0}),
        Preset("ball", "ball", {"diameter": 65.0}),
    )
}
