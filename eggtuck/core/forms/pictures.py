"""Small drawings of the schools: SVG path data in a 40 by 40 box, in the order full line, broken line
(fold or stitching) and tint (what the choice is about)."""

from __future__ import annotations

from collections.abc import Mapping
from typing import Final

_BAG = "M9 12h22v22h-22z"

PICTURES: Final[Mapping[str, tuple[str, str, str]]] = {
    "form.boxed-bag": ("M9 12l6 -5h18v22l-6 6h-18z M27 35v-23h-18 M27 12l6 -5", "", "M9 30h18v5h-18z"),
    "form.cylinder": ("M9 10v22q11 7 22 0v-22 M9 10q11 7 22 0q-11 -7 -22 0z", "", "M9 32q11 7 22 0q-11 -6 -22 0z"),
    "form.cone": ("M6 9l6 24q8 5 16 0l6 -24 M6 9q14 8 28 0q-14 -7 -28 0z", "", "M12 33q8 5 16 0q-8 -5 -16 0z"),
    "cut.two-panels": ("M6 6h12v28h-12z M22 6h12v28h-12z", "", ""),
    "cut.side-fold": ("M6 8h28v24h-28z", "M20 5v30", ""),
    "cut.base-fold": ("M12 4h16v32h-16z", "M9 20h22", ""),
    "boxing.cut-first": ("M8 5h24v22h-6v8h-12v-8h-6z", "", "M8 27h6v8h-6z M26 27h6v8h-6z"),
    "boxing.sew-first": ("M8 6h24v22l-6 7h-12l-6 -7z", "M7 28h26", "M8 28l6 7h-6z M32 28l-6 7h6z"),
    "top.bagged": (_BAG + " M12 12v19h16v-19", "", "M9 12h22v2h-22z"),
    "top.folded-in": ("M9 34v-24h4v5 M31 34v-24h-4v5 M9 34h22", "M15 15v16h10v-16", "M9 10h4v5h-4z M27 10h4v5h-4z"),
    "top.cuff-out": ("M10 34v-18h20v18z M7 9h26v9h-26z", "", "M7 9h26v9h-26z"),
    "top.deep-hem": ("M9 8h22v26h-22z", "M9 10h22 M9 18h22", "M9 8h22v10h-22z"),
    "top.plain": ("M9 8h22v26h-22z", "M9 12h22", "M9 8h22v4h-22z"),
    "top.drawstring": ("M10 36v-20h20v20z M12 16v-8h16v8 M20 12l-7 -8 M20 12l7 -8", "M10 16h20", "M12 8h16v8h-16z"),
    "tie.loose": ("M12 36h16v-14l-4 -6l5 -9h-18l5 9l-4 6z", "", "M15 15h10v2h-10z M20 17l-6 6 M20 17l6 6"),
    "tie.caught": ("M12 36h16v-14l-4 -6l5 -9h-18l5 9l-4 6z", "M12 22v14", "M12 15h13v2h-13z M12 17l-5 5 M12 17l-3 8"),
    "tie.none": (_BAG, "", ""),
    "lining.equal": (_BAG, "M11 12v20h18v-20", ""),
    "lining.reduced": (_BAG, "M14 14v15h12v-15", "M9 12h5v22h-5z M26 12h5v22h-5z"),
    "gap_place.lining-base": (_BAG, "", "M15 32.5h10v3h-10z"),
    "gap_place.lining-side": (_BAG, "", "M29.5 18h3v10h-3z"),
    "interfacing.full": (_BAG, "M12 15h16v16h-16z", "M9 12h22v22h-22z"),
    "interfacing.inset": (_BAG, "M12 15h16v16h-16z", "M10.5 13.5h19v19h-19z"),
    "interfacing.net": (_BAG, "M12 15h16v16h-16z", "M12 15h16v16h-16z"),
    "hem_order.after": ("M10 8h20v26h-20z M10 8q10 5 20 0", "M10 14q10 5 20 0", ""),
    "hem_order.before": ("M4 10h32v22h-32z", "M4 15h32", "M4 10h32v5h-32z"),
}
