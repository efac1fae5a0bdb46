"""Taking the colour the page has under the pen, or with Shift the active layer alone."""

from __future__ import annotations

import math

from PySide6.QtCore import QPointF, Qt
from PySide6.QtWidgets import QApplication

from jotsk.core.page import color_at
from jotsk.desk.tools.tool import Tool


class Pick(Tool):
    id, action = "pick", "hand.pick"

    def press(self, at: QPointF, t_ms: float, pressure: float, has_pressure: bool) -> None:
        page = self.board.document.page_when_dry()
        x, y = (math.floor(v) for v in self.on_page(at))
        color = color_at(page, x, y, page.active_uid if is_shift_down() else None)
        if color is not None:
            self.board.hand.set_color(color)


def is_alt_down() -> bool:
    return bool(QApplication.keyboardModifiers() & Qt.KeyboardModifier.AltModifier)


def is_shift_down() -> bool:
    return bool(QApplication.keyboardModifiers() & Qt.KeyboardModifier.ShiftModifier)


def is_control_down() -> bool:
    return bool(QApplication.keyboardModifiers() & Qt.KeyboardModifier.ControlModifier)
