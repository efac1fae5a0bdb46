"""Placing the light of the page."""

from __future__ import annotations

import math
from typing import TYPE_CHECKING

import numpy as np
from PySide6.QtCore import QLineF, QPointF
from PySide6.QtGui import QColor, QPainter, QPen

from jotsk.core.page import Page
from jotsk.core.page.light import Light
from jotsk.core.words import tr
from jotsk.desk.theme import current
from jotsk.desk.tools.tool import Tool

if TYPE_CHECKING:
    from jotsk.desk.board.board import Board

DISC_PX, RAY_PX, RAYS = 9.0, 6.0, 12  # logical px


class PlaceLight(Tool):
    """The light stands where one presses, and is dragged from there; it may stand beside the page."""

    id, action = "place_light", "fill.light"
    words = tr("Press where the light stands; blacks, hatching and gradients run out towards it.")

    def __init__(self, board: Board) -> None:
        super().__init__(board)
        board.document.changed.connect(self._page_changed)

    def _page_changed(self, before: Page, after: Page) -> None:
        if self.board.tool is self and before.light != after.light:
            self.board.update()

    def press(self, at: QPointF, t_ms: float, pressure: float, has_pressure: bool) -> None:
        self._put(at, finished=False)

    def move(self, at: QPointF, t_ms: float, pressure: float, tilt_x: float, tilt_y: float) -> bool:
        self._put(at, finished=False)
        return False

    def release(self, at: QPointF, t_ms: float) -> None:
        self._put(at, finished=True)

    def _put(self, at: QPointF, *, finished: bool) -> None:
        place, page = self.on_page(at), self.board.document.page.bounds
        if np.isfinite(place).all():
            self.board.document.page_edits.set_light(Light.standing(place, page), finished=finished)

    def draw(self, painter: QPainter, ratio: float) -> None:
        light = self.board.document.page.light
        if light is None or light.at is None:
            return
        x, y = self.board.view.to_screen(*light.at)
        middle = QPointF(x, y) / ratio
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        for color, width in (("#FFFFFF", 4.0), (current().guide, 2.0)):
            painter.setPen(QPen(QColor(color), width))
            painter.drawEllipse(middle, DISC_PX, DISC_PX)
            for k in range(RAYS):
                turn = math.tau * k / RAYS
                way = QPointF(math.cos(turn), math.sin(turn))
                painter.drawLine(QLineF(middle + way * (DISC_PX + 3), middle + way * (DISC_PX + 3 + RAY_PX)))
