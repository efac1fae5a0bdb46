"""Pictures that are being placed: drag one to move it, a corner to scale it, the ring above it to turn it."""

from __future__ import annotations

import math

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QPointF, Qt
from PySide6.QtGui import QColor, QImage, QPainter, QPen, QPolygonF, QTransform

from jotsk.core.geometry import Rect, View
from jotsk.core.geometry.view import soft_stopped
from jotsk.core.page import PaintLayer
from jotsk.core.page.layers.placing import Picture, Placement, first_placement
from jotsk.desk.theme import current
from jotsk.desk.widgets.ink_mark import pixels_image

HANDLE_PX, REACH_PX, STALK_PX = 6.0, 18.0, 36.0
MOVE, SCALE, TURN = "move", "scale", "turn"


class Placing:
    """The pictures on their way onto the page; the last one pressed is in the hand. Points are page px.

    `layer` is that of one that was on the page and is placed again, or of which what lies inside an `outline` is; else
    None.
    """

    def __init__(self, layer: PaintLayer | None = None, outline: NDArray[np.float64] | None = None) -> None:
        self.layer, self.outline = layer, outline
        self.placements: list[Placement] = []
        self._images: list[QImage] = []
        self._at = -1
        self._drag: tuple[str, tuple[float, float], Placement] | None = None
        self._before: list[tuple[Placement, ...]] = []  # to go back to

    def add(self, picture: Picture, page: Rect) -> None:
        """One more, which is taken in the hand."""
        self.take(first_placement(picture.name, picture.pixels, page, len(self.placements)), picture)

    def take(self, placed: Placement, picture: Picture) -> None:
        """One that has a place already."""
        self.placements.append(placed)
        self._images.append(pixels_image(picture.small))
        self._at = len(self.placements) - 1

    def put(self, placed: Placement) -> None:
        """Another place for the one in the hand, as a step to go back from."""
        self._note()
        self.placements[self._at] = placed

    def back(self) -> bool:
        """As before the last move; False if there was none."""
        if not self._before:
            return False
        self.placements[:] = self._before.pop()
        return True

    def _note(self) -> None:
        self._before.append(tuple(self.placements))

    @property
    def in_hand(self) -> Placement:
        return self.placements[self._at]

    def press(self, x: float, y: float, zoom: float) -> bool:
        """Take hold of what lies there; False if nothing does. `zoom`: screen px for each page px."""
        reach = REACH_PX / zoom
        if math.dist((x, y), self.ring(zoom)) <= reach:
            what = TURN
        elif min(math.dist((x, y), corner) for corner in self.in_hand.corners.tolist()) <= reach:
            what = SCALE
        else:
            what = MOVE
            order = [self._at, *(k for k in reversed(range(len(self.placements))) if k != self._at)]
            held = next((k for k in order if self.placements[k].holds(x, y)), None)
            if held is None:
                return False
            self._at = held
        self._note()
        self._drag = what, (x, y), self.in_hand
        return True

    def drag(self, x: float, y: float) -> None:
        if self._drag is None:
            return
        what, (x0, y0), start = self._drag
        a, b = (x0 - start.x, y0 - start.y), (x - start.x, y - start.y)
        if what == MOVE:
            now = start.moved(x - x0, y - y0)
        elif what == SCALE:
            now = start.scaled(math.hypot(*b) / max(1e-9, math.hypot(*a)))
        else:
            angle = start.angle_rad + math.atan2(b[1], b[0]) - math.atan2(a[1], a[0])
            now = start.turned(soft_stopped(math.remainder(angle, math.tau)) - start.angle_rad)
        self.placements[self._at] = now

    def release(self) -> None:
        self._drag = None
        if self._before and all(a is b for a, b in zip(self._before[-1], self.placements, strict=False)):
            self._before.pop()  # it was only pressed

    def ring(self, zoom: float) -> tuple[float, float]:
        """Where the picture in the hand is taken hold of to turn it."""
        upper = self.in_hand.corners[:2].mean(axis=0)
        away = upper - (self.in_hand.x, self.in_hand.y)
        x, y = upper + away / max(1e-9, float(np.hypot(*away))) * STALK_PX / zoom
        return float(x), float(y)

    def draw(self, painter: QPainter, view: View, ratio: float) -> None:
        theme, m = current(), view.matrix / ratio
        painter.setRenderHints(QPainter.RenderHint.SmoothPixmapTransform | QPainter.RenderHint.Antialiasing)
        for placed, image in zip(self.placements, self._images, strict=True):
            k = placed.pixels.shape[1] / image.width()
            p = placed.matrix
            a, b = m[:, :2] @ p[:, :2] * k, m[:, :2] @ p[:, 2] + m[:, 2]
            painter.save()
            painter.setTransform(QTransform(a[0, 0], a[1, 0], a[0, 1], a[1, 1], b[0], b[1]), combine=True)
            painter.drawImage(0, 0, image)
            painter.restore()
        corners = [QPointF(*(m[:, :2] @ c + m[:, 2])) for c in self.in_hand.corners]
        ring = QPointF(*(m[:, :2] @ np.array(self.ring(view.zoom / ratio)) + m[:, 2]))
        for color, width in (("#FFFFFF", 3.5), (theme.guide, 1.5)):
            painter.setPen(QPen(QColor(color), width))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawPolygon(QPolygonF(corners))
            painter.drawLine((corners[0] + corners[1]) / 2, ring)
            for corner in (*corners, ring):
                painter.setBrush(QColor(theme.raised))
                painter.drawEllipse(corner, HANDLE_PX, HANDLE_PX)
