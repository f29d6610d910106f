"""Lays to scale for those with a large sheet or a cutter: SVG, DXF and PDF in mm, one layer for each cloth."""

from __future__ import annotations

import io
import unicodedata
from collections.abc import Iterator, Sequence

import ezdxf
import shapely
from lxml import etree
from reportlab.lib.units import mm
from reportlab.pdfgen.canvas import Canvas

from ..core.cutting.document import ClothLaidDoc, GroundLaidDoc
from .pdf import BOLD, load_fonts, print_canvas
from .saving import save

_SVG = "http://www.w3.org/2000/svg"
# Between two pieces of cloth on one sheet (mm).
_APART = 40.0
_MARGIN = 12.0
_LETTER = 14.0

Ring = list[tuple[float, float]]


def lay_svg(cloths: Sequence[ClothLaidDoc], title: str, kerf: float = 0.0) -> bytes:
    """Every cloth one below the other, a group each. Cuts lie half the ``kerf`` outside the outlines (mm), so that what is cut out is true."""
    width = max(_wide(ground) for cloth in cloths for ground in cloth["grounds"]) + 2 * _MARGIN
    height = sum(ground["length"] + _APART for cloth in cloths for ground in cloth["grounds"]) + _MARGIN
    root = etree.Element(
        f"{{{_SVG}}}svg",
        nsmap={None: _SVG},  # type: ignore[dict-item]
        width=f"{width:.3f}mm",
        height=f"{height:.3f}mm",
        viewBox=f"0 0 {width:.3f} {height:.3f}",
    )
    etree.SubElement(root, f"{{{_SVG}}}title").text = title
    for cloth, ground, low in _stacked(cloths):
        name = layer_name(cloth)
        group = etree.SubElement(root, f"{{{_SVG}}}g", {"id": f"{name}-{ground['id']}", "class": name, "fill": "none"})
        left = _MARGIN + ground["selvedge"]
        _ring(group, ground["outline"], left, height - low, {"class": "cloth", "stroke": "#999", "stroke-width": "0.3"})
        for hole in ground["holes"]:
            _ring(group, hole, left, height - low, {"class": "hole", "stroke": "#999", "stroke-width": "0.3"})
        for one in ground["laid"]:
            ring = _cut_line(one["outline"], kerf)
            _ring(group, ring, left, height - low, {"class": "cut", "stroke": "#000", "stroke-width": "0.3"})
            at = {
                "x": f"{left + one['x'] + one['width'] / 2:.3f}",
                "y": f"{height - low - one['y'] - one['height'] / 2:.3f}",
                "font-size": f"{_LETTER:g}",
                "text-anchor": "middle",
                "fill": "#000",
                "class": "letter",
                "font-family": "sans-serif",
            }
            etree.SubElement(group, f"{{{_SVG}}}text", at).text = one["letter"]
    return bytes(etree.tostring(root, xml_declaration=True, encoding="UTF-8", pretty_print=True))


def lay_dxf(cloths: Sequence[ClothLaidDoc], kerf: float = 0.0) -> bytes:
    """The same as DXF R2010 in mm: what is cut on a layer named by its cloth, everything else on layers of its own."""
    document = ezdxf.new("R2010", setup=True)  # type: ignore[attr-defined]
    document.header["$INSUNITS"] = 4
    document.header["$MEASUREMENT"] = 1
    for nth, name in enumerate(dict.fromkeys(layer_name(cloth) for cloth in cloths)):
        document.layers.add(name, color=1 + nth % 6)
    document.layers.add("CLOTH", color=8)
    document.layers.add("TEXT", color=7)
    space = document.modelspace()
    for cloth, ground, low in _stacked(cloths):
        left = _MARGIN + ground["selvedge"]
        for ring in (ground["outline"], *ground["holes"]):
            points = [(x + left, y + low) for x, y in ring]
            space.add_lwpolyline(points, close=True, dxfattribs={"layer": "CLOTH"})
        for one in ground["laid"]:
            points = [(x + left, y + low) for x, y in _cut_line(one["outline"], kerf)]
            space.add_lwpolyline(points, close=True, dxfattribs={"layer": layer_name(cloth)})
            text = space.add_text(_plain(one["letter"]), height=_LETTER, dxfattribs={"layer": "TEXT"})
            middle = (left + one["x"] + one["width"] / 2, low + one["y"] + one["height"] / 2)
            text.set_placement(middle, align=ezdxf.enums.TextEntityAlignment.MIDDLE_CENTER)
    out = io.StringIO()
    document.write(out)
    return out.getvalue().encode("utf-8")


def lay_pdf(cloths: Sequence[ClothLaidDoc], title: str, kerf: float = 0.0) -> bytes:
    """Each piece of cloth on a sheet of its own size, true to scale."""
    load_fonts()
    out = io.BytesIO()
    canvas = print_canvas(out, invariant=1)
    canvas.setTitle(title)
    canvas.setAuthor("Egg Tuck")
    for cloth in cloths:
        for ground in cloth["grounds"]:
            wide, high = _wide(ground) + 2 * _MARGIN, ground["length"] + 2 * _MARGIN + 10
            canvas.setPageSize((wide * mm, high * mm))
            canvas.setFont(BOLD, 12)
            told = f"{title}: {cloth['material']}, {cloth['role_text']}, {ground['name']}"
            canvas.drawString(_MARGIN * mm, (high - _MARGIN) * mm, told)
            draw_ground(canvas, ground, _MARGIN, _MARGIN, 1.0, kerf)
            canvas.showPage()
    save(canvas)
    return out.getvalue()


def draw_ground(canvas: Canvas, ground: GroundLaidDoc, x: float, y: float, scale: float, kerf: float = 0.0) -> None:
    """A piece of cloth with what lies on it, its lower left corner at ``x, y`` (mm), a mm of it drawn ``scale`` mm large."""
    canvas.saveState()
    canvas.translate(x * mm, y * mm)
    canvas.scale(scale, scale)
    canvas.setLineWidth(0.3 * mm / scale)
    left = ground["selvedge"]
    canvas.setStrokeGray(0.55)
    for ring in (ground["outline"], *ground["holes"]):
        _path(canvas, ring, left)
    if left:
        canvas.setDash([2 * mm / scale, 2 * mm / scale])
        canvas.rect(0, 0, _wide(ground) * mm, ground["length"] * mm)
        canvas.setDash([])
    canvas.setStrokeGray(0)
    for one in ground["laid"]:
        _path(canvas, _cut_line(one["outline"], kerf), left)
        size = min(_LETTER / scale, one["width"] * 0.5, one["height"] * 0.5, one["room"] * 0.85)
        canvas.setFont(BOLD, size * mm * 0.8)
        middle = left + one["x"] + one["width"] / 2
        canvas.drawCentredString(middle * mm, (one["y"] + one["height"] / 2 - size * 0.3) * mm, one["letter"])
        beside = one["y"] + one["height"] / 2 + one["slant"] * size * 0.7
        _arrow(canvas, middle + size * 0.7, beside, size * 0.5, one["angle"])
    canvas.restoreState()


def layer_name(cloth: ClothLaidDoc) -> str:
    """What a cloth's layer is called, in plain letters.

    >>> layer_name({"material": "Leinen, weiß", "role": "outer"})
    'OUTER-LEINEN-WEI'
    """
    plain = _plain(f"{cloth['role']} {cloth['material']}").upper()
    return "-".join("".join(c if c.isalnum() else " " for c in plain).split())


def _stacked(cloths: Sequence[ClothLaidDoc]) -> Iterator[tuple[ClothLaidDoc, GroundLaidDoc, float]]:
    """Every piece of cloth with how far up it lies on a sheet that has them all, the last lowest."""
    low = _MARGIN
    for cloth in reversed(cloths):
        for ground in reversed(cloth["grounds"]):
            yield cloth, ground, low
            low += ground["length"] + _APART


def _wide(ground: GroundLaidDoc) -> float:
    return ground["width"] + 2 * ground["selvedge"]


def _cut_line(outline: Sequence[Sequence[float]], kerf: float) -> Ring:
    """Where a cutter goes: half of what it burns or cuts away outside."""
    points = [(x, y) for x, y in outline]
    if not kerf:
        return points
    return list(shapely.Polygon(points).buffer(kerf / 2, join_style="mitre").exterior.coords[:-1])


def _ring(
    group: etree._Element, ring: Sequence[Sequence[float]], left: float, top: float, style: dict[str, str]
) -> None:
    data = "M" + " L".join(f"{x + left:.3f} {top - y:.3f}" for x, y in ring) + " Z"
    etree.SubElement(group, f"{{{_SVG}}}path", {"d": data, **style})


def _path(canvas: Canvas, ring: Sequence[Sequence[float]], left: float) -> None:
    path = canvas.beginPath()
    for nth, (x, y) in enumerate(ring):
        (path.lineTo if nth else path.moveTo)((x + left) * mm, y * mm)
    path.close()
    canvas.drawPath(path)


def _arrow(canvas: Canvas, x: float, y: float, long: float, angle: int) -> None:
    """The grain: which way the piece's own "up" points."""
    canvas.saveState()
    canvas.translate(x * mm, y * mm)
    canvas.rotate(angle)
    canvas.line(0, -long / 2 * mm, 0, long / 2 * mm)
    for side in (-1, 1):
        canvas.line(0, long / 2 * mm, side * long * 0.15 * mm, long * 0.3 * mm)
    canvas.restoreState()


def _plain(text: str) -> str:
    return unicodedata.normalize("NFKD", text).encode("ascii", "ignore").decode()
