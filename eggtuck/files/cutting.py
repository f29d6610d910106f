"""The cut plan and the shopping list on paper, and the list as a table."""

from __future__ import annotations

import csv
import io
from html import escape

from reportlab.lib.pagesizes import A4
from reportlab.lib.styles import ParagraphStyle
from reportlab.lib.units import mm
from reportlab.platypus import Flowable, KeepTogether, Paragraph, SimpleDocTemplate, Spacer, Table

from ..core.cutting.document import BuyingDoc, ClothLaidDoc, CutLineDoc, TableDoc
from ..core.words import Speaker, msg
from .lays import draw_ground
from .pdf import BOLD, REGULAR, load_fonts

_BODY = ParagraphStyle("body", fontName=REGULAR, fontSize=10.5, leading=14)
_SMALL = ParagraphStyle("small", parent=_BODY, fontSize=9, leading=12)
_HEAD = ParagraphStyle("head", parent=_BODY, fontName=BOLD, fontSize=14, leading=18, spaceBefore=8)
_BIG = ParagraphStyle("big", parent=_HEAD, fontSize=20, leading=26, spaceBefore=0)
_MARGIN = 15.0
# How wide and high the small lay beside a plan is at most (mm).
_WIDE, _HIGH = 180.0, 90.0


def plan_pdf(table: TableDoc, title: str, speaker: Speaker) -> bytes:
    """What is cut from each cloth, in the order to cut, each cloth drawn small beside its lines; with a box to tick for each."""
    load_fonts()
    cloths = {cloth["key"]: cloth for cloth in table["cloths"]}
    story: list[Flowable] = [Paragraph(escape(title), _BIG)]
    several = len({line["make"] for plan in table["plan"] for line in plan["lines"]}) > 1
    for plan in table["plan"]:
        cloth = cloths[plan["cloth"]]
        head: list[Flowable] = [Paragraph(escape(plan["title"]), _HEAD)]
        head += [Paragraph(escape(note), _BODY) for note in plan["notes"]]
        head += [_Small(ground_of) for ground_of in _grounds(cloth)]
        story.append(KeepTogether(head))
        rows = [_line(line, several) for line in plan["lines"]]
        lines = Table(rows, colWidths=[8 * mm, 10 * mm, None], hAlign="LEFT")
        lines.setStyle([("VALIGN", (0, 0), (-1, -1), "TOP"), ("LEFTPADDING", (0, 0), (-1, -1), 0)])
        story += [lines, Paragraph(escape(speaker.say(msg("cut-plan.label"))), _SMALL)]
    if table["late"]:
        story.append(Paragraph(escape(speaker.say(msg("cut-plan.later"))), _HEAD))
        story += [Paragraph(escape(late), _BODY) for late in table["late"]]
    return _built(story, title)


def shopping_pdf(table: TableDoc, title: str, speaker: Speaker) -> bytes:
    """What to buy, with a box to tick for each and the sum behind it."""
    load_fonts()
    story: list[Flowable] = [Paragraph(escape(title), _BIG), Spacer(1, 3 * mm)]
    rows = [[_Box(), *_bought(row, speaker)] for row in table["shopping"]]
    if rows:
        listed = Table(rows, colWidths=[8 * mm, 30 * mm, None, 22 * mm], hAlign="LEFT")
        listed.setStyle([("VALIGN", (0, 0), (-1, -1), "TOP"), ("LEFTPADDING", (0, 0), (-1, -1), 0)])
        story.append(listed)
    if table["total"]:
        story.append(Paragraph(escape(speaker.say(msg("shopping.total", cost=table["total"]))), _HEAD))
    return _built(story, title)


def shopping_csv(table: TableDoc) -> bytes:
    """One row for each thing to buy: what, for what, how much, what the makes take, what the pile has, price, cost, for which makes."""
    out = io.StringIO()
    rows = csv.writer(out, lineterminator="\n")
    rows.writerow(("what", "for", "buy", "takes", "on the pile", "pack", "price", "cost", "makes"))
    for row in table["shopping"]:
        told = (row["name"], row["role"], row["buy"], row["exact"], row["have"], row["pack"], row["price"], row["cost"])
        rows.writerow((*map(plain_cell, told), "; ".join(row["makes"])))
    return out.getvalue().encode()


def plain_cell(text: str) -> str:
    """A name that a table would take for a formula is only text."""
    return f"'{text}" if text[:1] in ("=", "+", "-", "@") else text


def _bought(row: BuyingDoc, speaker: Speaker) -> list[Flowable]:
    buy = row["buy"] if not row["enough"] else speaker.say(msg("shopping.enough"))
    name = f"<b>{escape(row['name'])}</b> {escape(row['role'])}"
    small = [f"{part['label']}: {part['amount']}" for part in row["sums"]] + row["notes"]
    if row["have"]:
        small.insert(0, speaker.say(msg("shopping.has", amount=row["have"])))
    told = name + "".join(f"<br/><font size='8.5'>{escape(text)}</font>" for text in small)
    return [Paragraph(f"<b>{escape(buy)}</b>", _BODY), Paragraph(told, _BODY), Paragraph(escape(row["cost"]), _BODY)]


def _line(line: CutLineDoc, several: bool) -> list[Flowable]:
    name = f"<b>{escape(line['name'])}</b> " + (f"<i>{escape(line['make'])}</i> " if several else "")
    small = [*line["how"], *([line["wait"]] if line["wait"] else [])]
    told = name + escape(line["text"]) + "".join(f"<br/><font size='8.5'>{escape(text)}</font>" for text in small)
    return [_Box(), Paragraph(f"<b>{escape(line['letter'])}</b>", _HEAD), Paragraph(told, _BODY)]


def _grounds(cloth: ClothLaidDoc) -> list[ClothLaidDoc]:
    """One cloth for each piece of cloth it is cut from that something lies on."""
    return [{**cloth, "grounds": [ground]} for ground in cloth["grounds"] if ground["laid"]]


class _Box(Flowable):
    """A box to tick."""

    def wrap(self, *_: float) -> tuple[float, float]:
        return 5 * mm, 5 * mm

    def draw(self) -> None:
        self.canv.rect(0, 0.3 * mm, 4 * mm, 4 * mm)


class _Small(Flowable):
    """A piece of cloth drawn small."""

    def __init__(self, cloth: ClothLaidDoc) -> None:
        super().__init__()
        (self.ground,) = cloth["grounds"]
        wide = self.ground["width"] + 2 * self.ground["selvedge"]
        self.scale = min(_WIDE / wide, _HIGH / self.ground["length"], 0.25)
        self.high = self.ground["length"] * self.scale

    def wrap(self, *_: float) -> tuple[float, float]:
        return _WIDE * mm, (self.high + 7) * mm

    def draw(self) -> None:
        self.canv.setFont(REGULAR, 9)
        self.canv.drawString(0, (self.high + 2) * mm, self.ground["name"])
        draw_ground(self.canv, self.ground, 0.0, 0.0, self.scale)


def _built(story: list[Flowable], title: str) -> bytes:
    out = io.BytesIO()
    margin = _MARGIN * mm
    document = SimpleDocTemplate(
        out,
        pagesize=A4,
        title=title,
        author="Egg Tuck",
        invariant=1,
        initialFontName=REGULAR,
        leftMargin=margin,
        rightMargin=margin,
        topMargin=margin,
        bottomMargin=margin,
    )
    document.build(story)
    return out.getvalue()
