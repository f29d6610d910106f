"""Specs of the honey-and-preserves workshop that tests start from, and strategies that vary them."""

from __future__ import annotations

import copy
import itertools
from typing import Any

from hypothesis import strategies as st

CUTS = ("two-panels", "side-fold", "base-fold")
BOXINGS = ("cut-first", "sew-first")
TOPS = ("bagged", "folded-in", "cuff-out", "deep-hem", "plain")
SCHOOLS = tuple(itertools.product(CUTS, BOXINGS, TOPS))
LINED = ("bagged", "folded-in", "cuff-out")

CORDIAL: dict[str, Any] = {
    "form": "boxed-bag",
    "unit": "cm",
    "object": {
        "kind": "bottle", "girth": "25,1", "height": "31", "base_diameter": "8",
        "shoulder_height": "19,5", "neck_height": "23", "neck_diameter": "3,2",
    },
    "size": {"headroom": "4", "base_depth": "7"},
    "ease": {"girth": "3,9"},
    "allowance": {"default": "1"},
    "options": {"cut": "two-panels", "boxing": "cut-first", "top": "bagged"},
    "layers": [{"material": "linen", "role": "outer"}, {"material": "quilting-cotton", "role": "lining"}],
    "rounding": "1 mm",
}  # fmt: skip

PLAIN_SIZES: dict[str, Any] = {
    "form": "boxed-bag",
    "unit": "mm",
    "size": {"girth": 300, "wall_height": 250, "base_depth": 70},
    "allowance": {"default": 10},
    "options": {},
    "layers": [{"material": "quilting-cotton", "role": "outer"}, {"material": "quilting-cotton", "role": "lining"}],
    "rounding": "none",
}


def cordial(**changes: Any) -> dict[str, Any]:
    """The cordial bottle bag with whole groups replaced, or merged where the change is a dict."""
    return varied(CORDIAL, changes)


def sized(**changes: Any) -> dict[str, Any]:
    """A bag from finished sizes alone, in mm and unrounded."""
    return varied(PLAIN_SIZES, changes)


def varied(base: dict[str, Any], changes: dict[str, Any]) -> dict[str, Any]:
    spec = copy.deepcopy(base)
    for key, value in changes.items():
        if isinstance(value, dict) and isinstance(spec.get(key), dict):
            spec[key] = {**spec[key], **value}
        else:
            spec[key] = value
    return spec


@st.composite
def bag_specs(draw: st.DrawFn) -> dict[str, Any]:
    """Any boxed bag that can be drafted from finished sizes: every school, the whole range of sizes."""
    cut, boxing, top = draw(st.sampled_from(SCHOOLS))
    girth = draw(st.floats(80, 2400))
    allowances = {key: draw(st.floats(3, 20)) for key in ("side", "base", "top", "box")}
    low = 2 * allowances["box"] + 4
    depth = draw(st.floats(min(low, girth / 2 - 6), girth / 2 - 5.5))
    if depth <= low - 1:
        allowances = dict.fromkeys(allowances, 3.0)
        depth = max(depth, 11.0)
    wall = draw(st.floats(30, 1900))
    size: dict[str, Any] = {"girth": girth, "wall_height": wall, "base_depth": depth}
    return sized(
        size=size,
        allowance={"default": 10, **allowances},
        options={"cut": cut, "boxing": boxing, "top": top},
        layers=[{"material": "quilting-cotton", "role": "outer"}, {"material": "quilting-cotton", "role": "lining"}],
    )
