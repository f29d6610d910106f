"""Pictures of steps on paper, in black on white: cloths are told by their hatching, right sides hatched, wrong sides plain."""

from __future__ import annotations

import math
from collections.abc import Callable, Sequence

from reportlab.lib.units import mm
from reportlab.pdfgen.canvas import Canvas
from reportlab.platypus import Flowable

from ..core.pattern.picture import Arrow, Cloth, Frame, Letter, Line, LineKind, Note, Picture, Spot
from ..core.plane import Point
from ..core.words import Message

# How a cloth is hatched: at which angles (degrees), how far apart (pt), and how dark.
_HATCHED: dict[str | None, tuple[tuple[float, ...], float, float]] = {
    "outer": ((45.0,), 3.2, 0.45),
    "lining": ((0.0,), 3.6, 0.6),
    "contrast": ((0.0, 90.0), 4.0, 0.55),
    "binding": ((90.0,), 2.6, 0.5),
    "interfacing": ((45.0, 135.0), 5.0, 0.7),
    "padding": ((135.0,), 5.0, 0.7),
    "mesh": ((45.0, 135.0), 3.0, 0.6),
    None: ((0.0,), 1.6, 0.65),
}
# Lines by what they are: how wide (pt), and how they are broken.
_LINES: dict[LineKind, tuple[float, list[float]]] = {
    "sew": (1.6, [4, 2]),
    "sewn": (0.5, [1.2, 1.2]),
    "finish": (2.2, [0.8, 1.2]),
    "fold": (0.5, [6, 1.5, 1, 1.5]),
    "cut": (1.3, []),
    "mark": (0.5, []),
    "open": (1.3, [0.2, 3]),
    "edge": (2.4, []),
}
_MARGIN, _LETTER, _SMALL = 8.0, 12.0, 7.5


class Drawn(Flowable):
    """The frames of a picture side by side, ``width`` by ``height`` mm; ``say`` puts its notes in words."""

    def __init__(
        self, picture: Picture, width: float, height: float, say: Callable[[Message], str], font: str, bold: str
    ) -> None:
        super().__init__()
        self.picture, self.say, self.font, self.bold = picture, say, font, bold
        self.width, self.height = width * mm, height * mm

    def wrap(self, *_: float) -> tuple[float, float]:
        return self.width, self.height

    def draw(self) -> None:
        each = self.width / len(self.picture.frames)
        for nth, frame in enumerate(self.picture.frames):
            self.canv.saveState()
            self.canv.translate(nth * each, 0)
            self._draw_frame(frame, each)
            self.canv.restoreState()
            if nth:
                y = self.height / 2
                self._arrow([(nth * each - 7, y), (nth * each + 7, y)])

    def _draw_frame(self, frame: Frame, width: float) -> None:
        left, low, right, high = frame.box
        room = 10.0 if frame.caption is not None else 0.0
        tall = self.height - room
        scale = min((width - 2 * _MARGIN) / max(1.0, right - left), (tall - 2 * _MARGIN) / max(1.0, high - low))
        x, y = width / 2 - (left + right) / 2 * scale, room + tall / 2 - (low + high) / 2 * scale

        def at(point: Point) -> Point:
            return x + point[0] * scale, y + point[1] * scale

        for item in frame.items:
            if isinstance(item, Cloth):
                self._cloth(item, at)
            elif isinstance(item, Line):
                self._line(item, at)
            elif isinstance(item, Arrow):
                self._arrow([at(p) for p in item.path])
            elif isinstance(item, Spot):
                self._spot(item, at(item.at))
            else:
                self._words(item, at(item.at))
        if frame.caption is not None:
            self.canv.setFont(self.font, _SMALL)
            self.canv.drawCentredString(width / 2, 2, self.say(frame.caption))

    def _path(self, rings: Sequence[Sequence[Point]], close: bool = True) -> object:
        path = self.canv.beginPath()
        for ring in rings:
            path.moveTo(*ring[0])
            for point in ring[1:]:
                path.lineTo(*point)
            if close:
                path.close()
        return path

    def _cloth(self, cloth: Cloth, at: Callable[[Point], Point]) -> None:
        rings = [[at(p) for p in ring] for ring in (cloth.outline, *cloth.holes)]
        canvas: Canvas = self.canv
        canvas.saveState()
        canvas.setFillGray(1.0)
        if not cloth.aside:
            canvas.drawPath(self._path(rings), stroke=0, fill=1, fillMode=0)
        role = cloth.role if cloth.face == "right" else cloth.covered
        if cloth.face == "right" or cloth.covered is not None:
            canvas.saveState()
            canvas.clipPath(self._path(rings), stroke=0, fill=0, fillMode=0)
            self._hatch(rings[0], role)
            canvas.restoreState()
        canvas.setStrokeGray(0.0)
        canvas.setLineWidth(0.7)
        canvas.setDash([2, 2] if cloth.aside else [])
        canvas.drawPath(self._path(rings), stroke=1, fill=0)
        canvas.restoreState()

    def _hatch(self, ring: Sequence[Point], role: str | None) -> None:
        angles, apart, dark = _HATCHED.get(role, _HATCHED[None])
        xs, ys = zip(*ring, strict=True)
        middle, reach = (
            ((min(xs) + max(xs)) / 2, (min(ys) + max(ys)) / 2),
            math.dist((min(xs), min(ys)), (max(xs), max(ys))) / 2,
        )
        self.canv.setStrokeGray(dark)
        self.canv.setLineWidth(0.4)
        self.canv.setDash([])
        for angle in angles:
            ux, uy = math.cos(math.radians(angle)), math.sin(math.radians(angle))
            for n in range(-math.ceil(reach / apart), math.ceil(reach / apart) + 1):
                cx, cy = middle[0] - uy * n * apart, middle[1] + ux * n * apart
                self.canv.line(cx - ux * reach, cy - uy * reach, cx + ux * reach, cy + uy * reach)

    def _line(self, line: Line, at: Callable[[Point], Point]) -> None:
        wide, dash = _LINES[line.kind]
        points = [at(p) for p in line.path]
        self.canv.saveState()
        if line.kind == "sew" and not line.hidden:
            self.canv.setStrokeGray(1.0)
            self.canv.setLineWidth(wide * 2.4)
            self.canv.drawPath(self._path([points], close=False), stroke=1, fill=0)
        self.canv.setStrokeGray(0.0)
        self.canv.setLineWidth(wide * 0.6 if line.hidden else wide)
        self.canv.setDash([1, 2] if line.hidden else dash)
        if line.kind == "open":
            self.canv.setLineCap(1)
        self.canv.drawPath(self._path([points], close=False), stroke=1, fill=0)
        self.canv.restoreState()

    def _arrow(self, points: Sequence[Point]) -> None:
        (ax, ay), (bx, by) = points[-2], points[-1]
        length = math.dist(points[-2], points[-1]) or 1.0
        ux, uy = (bx - ax) / length, (by - ay) / length
        self.canv.saveState()
        self.canv.setLineWidth(1.4)
        self.canv.setDash([])
        self.canv.drawPath(self._path([points], close=False), stroke=1, fill=0)
        head = [(bx, by), (bx - 7 * ux - 3 * uy, by - 7 * uy + 3 * ux), (bx - 7 * ux + 3 * uy, by - 7 * uy - 3 * ux)]
        self.canv.setFillGray(0.0)
        self.canv.drawPath(self._path([head]), stroke=0, fill=1)
        self.canv.restoreState()

    def _spot(self, spot: Spot, at: Point) -> None:
        self.canv.saveState()
        self.canv.setDash([])
        self.canv.setFillGray(0.0 if spot.kind == "start" else 1.0)
        self.canv.setLineWidth(0.9)
        radius = 1.5 if spot.kind == "notch" else 2.6
        if spot.kind == "slider":
            self.canv.rect(at[0] - 3, at[1] - 4.5, 6, 9, stroke=1, fill=1)
        else:
            self.canv.circle(*at, radius, stroke=1, fill=1)
        self.canv.setFillGray(0.0)
        if spot.number is not None:
            self.canv.setFont(self.font, _SMALL)
            self.canv.drawString(at[0] + 3, at[1] - 2.5, str(spot.number))
        self.canv.restoreState()

    def _words(self, item: Letter | Note, at: Point) -> None:
        font, size = (self.bold, _LETTER) if isinstance(item, Letter) else (self.font, _SMALL)
        text = (
            self.say(item.text)
            if isinstance(item, Note)
            else item.text + (f" \u00d7 {item.times}" if item.times > 1 else "")
        )
        wide = self.canv.stringWidth(text, font, size)
        self.canv.saveState()
        self.canv.setFillGray(1.0)
        self.canv.rect(at[0] - wide / 2 - 1, at[1] - size * 0.42, wide + 2, size * 0.95, stroke=0, fill=1)
        self.canv.setFillGray(0.0)
        self.canv.setFont(font, size)
        self.canv.drawCentredString(at[0], at[1] - size * 0.33, text)
        self.canv.restoreState()
