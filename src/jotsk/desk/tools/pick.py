"""Taking the colour the page has under the pen, or with Shift the active layer alone."""

from __future__ import annotations

import math

from PySide6.QtCore import QPointF, Qt
from PySide6.QtWidgets import QApplication

from jotsk.core.ink import TILE
from jotsk.core.page import color_at
from jotsk.desk.tools.tool import Tool


class Pick(Tool):
    id, action = "pick", "hand.pick"

    def press(self, at: QPointF, t_ms: float, pressure: float, has_pressure: bool) -> None:
        board, of_layer = self.board, is_shift_down()
        x, y = (math.floor(v) for v in self.on_page(at))

        def take() -> None:
            page = board.document.page
            color = color_at(page, x, y, page.active_uid if of_layer else None)
            if color is not None:
                board.hand.set_color(color)

        if any(wet.alpha(0, x // TILE, y // TILE) is not None for wet in board.picture.wets):
            board.document.when_dry(take)
        else:  # what dries elsewhere is not waited for
            take()


def is_alt_down() -> bool:
    return bool(QApplication.keyboardModifiers() & Qt.KeyboardModifier.AltModifier)


def is_shift_down() -> bool:
    return bool(QApplication.keyboardModifiers() & Qt.KeyboardModifier.ShiftModifier)


def is_control_down() -> bool:
    return bool(QApplication.keyboardModifiers() & Qt.KeyboardModifier.ControlModifier)
