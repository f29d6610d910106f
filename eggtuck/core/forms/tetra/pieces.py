"""The pieces, and the zip at the end or up the face."""

from __future__ import annotations

from ...constructions.zips import Zip, add_zip, zip_in_edge
from ...drafting.make import Make
from ...moves.outliner import Outliner
from ...pattern import Chain, Cut, EdgeUse, Mark
from ...plane import Point, polyline
from ...words import msg


def place_end_zip(make: Make, w: float, z: float) -> Zip:
    """Along the flat end; its visible ends are folded in half in the side seams."""
    ends_at = zip_in_edge(make, w, make.allowance("side"))
    q = z / 2
    ends = {f"end-left-{p}": [(0.0, s * q), (0.0, 0.0)] for p, s in (("upper", 1), ("lower", -1))}
    ends |= {f"end-right-{p}": [(w, s * q), (w, 0.0)] for p, s in (("upper", 1), ("lower", -1))}
    return add_zip(make, z, (0.0, w), (0.0, w), _inner_too(make, ends, w, "zip"), ends_at)


def place_face_zip(make: Make, h: float, z: float) -> Zip:
    """Up one face: across the flat end at its middle, folded in half at the crossed end."""
    q = z / 2
    ends = {"end-flat": [(0.0, -q), (0.0, q)]}
    ends |= {f"end-cross-{p}": [(h, s * q), (h, 0.0)] for p, s in (("upper", 1), ("lower", -1))}
    ends = _inner_too(make, ends, h, "zip-left")
    return add_zip(make, z, (0.0, h), (0.0, h), ends, zip_in_edge(make, h, make.allowance("end")))


def _inner_too(make: Make, ends: dict[str, list[Point]], long: float, edge: str) -> dict[str, list[Point]]:
    """The zip's ends once more for a lining with seams of its own: where its shorter ``edge`` ends, its middle on the zip's."""
    if not make.apart:
        return ends
    off = (long - make.edge(EdgeUse("body-lining", edge)).length) / 2
    inner = {
        name.replace("end-", "end-lining-", 1): [(off if x == 0.0 else x - off, y) for x, y in path]
        for name, path in ends.items()
    }
    return {**ends, **inner}


def add_whole(make: Make, ending: str, w: float, h: float, z: float, casing: float) -> None:
    """One piece ``2w - z`` by ``h``, its sides sewn to the zip. x runs round the tube from the zip's middle."""
    lining, q = bool(ending), z / 2
    end, zip_a = make.allowance("end", lining), make.allowance("zip", lining)
    pen = Outliner(f"body{ending}", (q, 0.0))
    pen.to("flat-left", (w / 2, 0.0), end)
    pen.to("flat-middle", (3 * w / 2, 0.0), end)
    pen.to("flat-right", (2 * w - q, 0.0), end)
    pen.to("zip-right", (2 * w - q, h), zip_a)
    pen.to("end-right", (w, h), end)
    pen.to("end-left", (q, h), end)
    pen.to("zip-left", (q, 0.0), zip_a)
    marks = [Mark("notch", msg("mark.corner"), point=p) for p in ((w / 2, 0.0), (3 * w / 2, 0.0), (w, h))]
    marks += [Mark("notch", msg("mark.centre-zip"), point=(x, h / 2)) for x in (q, 2 * w - q)]
    marks.append(Mark("up", msg("mark.up"), polyline([(w * 1.3, h * 0.15), (w * 1.3, h * 0.4)])))
    make.piece(f"body{ending}", "", pen.edges, [Cut("lining", 1)] if lining else make.cuts(1), marks, backed=True)
    if not lining:
        chain = Chain.start(msg("sum.two-widths"), 2 * w).minus_some(msg("sum.zip-visible"), z)
        make.sums["body.cut_width"] = chain.plus_some(msg("sum.two-zip-allowances", allowance=zip_a), 2 * zip_a)
        chain = Chain.start(msg("sum.tetra-height"), h)
        make.sums["body.cut_height"] = chain.plus_some(msg("sum.two-end-allowances", allowance=end), 2 * end)


def add_panels(make: Make, ending: str, w: float, h: float, z: float, casing: float) -> None:
    """Two panels ``w`` by ``h - z/2``: the crossed end below, the mouth above, where a ``casing`` takes its middle."""
    lining, zipped = bool(ending), make.option("mouth") == "zip-end"
    side, end = make.allowance("side", lining), make.allowance("end", lining)
    top, a = h - z / 2, make.allowance("zip", lining) if zipped else make.allowance("mouth", lining)
    pen = Outliner(f"body{ending}", (0.0, 0.0))
    pen.to("end-left", (w / 2, 0.0), end)
    pen.to("end-right", (w, 0.0), end)
    pen.to("side-right", (w, top), side)
    if zipped:
        pen.to("zip", (0.0, top), a)
    else:
        # The casing ends short of the side seams.
        pen.to("mouth-right", ((w + casing) / 2, top), a)
        pen.to("mouth", ((w - casing) / 2, top), a)
        pen.to("mouth-left", (0.0, top), a)
    pen.to("side-left", (0.0, 0.0), side)
    marks = [
        Mark("notch", msg("mark.corner"), point=(w / 2, 0.0)),
        Mark("notch", msg("mark.centre-mouth"), point=(w / 2, top)),
        Mark("up", msg("mark.mouth-this-way"), polyline([(w * 0.78, h * 0.2), (w * 0.78, h * 0.45)])),
    ]
    make.piece(
        f"body{ending}",
        "",
        pen.edges,
        [Cut("lining", 2)] if lining else make.cuts(2),
        marks,
        copies=("front", "back"),
        backed=True,
    )
    if not lining:
        chain = Chain.start(msg("sum.tetra-width"), w)
        make.sums["body.cut_width"] = chain.plus_some(msg("sum.two-side-allowances", allowance=side), 2 * side)
        chain = Chain.start(msg("sum.tetra-height"), h).minus_some(msg("sum.half-zip"), z / 2)
        chain = chain.plus_some(msg("sum.zip-allowance" if zipped else "sum.mouth-allowance"), a)
        make.sums["body.cut_height"] = chain.plus_some(msg("sum.end-allowance"), end)
