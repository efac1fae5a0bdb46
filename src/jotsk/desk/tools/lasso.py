"""Tools that draw a line around something."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QPointF

from jotsk.core.geometry.rects import rect_around
from jotsk.core.marks import AreaCut
from jotsk.core.page.edits.selection import stroke_at, strokes_inside
from jotsk.desk.tools.pick import is_alt_down, is_shift_down
from jotsk.desk.tools.tool import Tool

PRESS_PX = 8.0  # device px within which a drag is a press, and a press finds a line

Places = NDArray[np.float64]  # (N, 2) page px


class _Lasso(Tool):
    _loop: list[QPointF]

    def taken_up(self) -> None:
        self._loop = []

    def press(self, at: QPointF, t_ms: float, pressure: float, has_pressure: bool) -> None:
        self._loop = [at]

    def move(self, at: QPointF, t_ms: float, pressure: float, tilt_x: float, tilt_y: float) -> bool:
        self._loop.append(at)
        self.board.update()
        return False

    def release(self, at: QPointF, t_ms: float) -> None:
        places, self._loop = self._places(), []
        if len(places):
            self._closed(places)
        self.board.update()

    def cancel(self) -> None:
        self._loop = []

    @property
    def outline(self) -> list[QPointF]:
        return self._loop

    def _places(self) -> Places:
        return np.array([self.on_page(at) for at in self._loop])

    def _closed(self, places: Places) -> None:
        raise NotImplementedError


class Choose(_Lasso):
    """Chooses the lines it holds; one that went nowhere is a press on one line. Shift: more of them; Alt: fewer."""

    id, action = "choose", "hand.choose"

    def _closed(self, places: Places) -> None:
        document, zoom = self.board.document, self.board.view.zoom
        layer = document.page_when_dry().active
        if np.ptp(places, axis=0).max() * zoom < PRESS_PX:
            one = stroke_at(layer, *places[0], PRESS_PX / zoom)
            found = [one] if one is not None else []
        else:
            found = strokes_inside(layer, places)
        if is_alt_down():
            document.selection.drop(found)
        else:
            document.selection.choose(found, more=is_shift_down())


class RubInside(_Lasso):
    """Takes away what lies in it; strokes are cut where it crosses them."""

    id, action = "rub_inside", "hand.rub_inside"

    def _closed(self, places: Places) -> None:
        document = self.board.document
        if np.ptp(places, axis=0).max() * self.board.view.zoom >= PRESS_PX and document.can_draw():
            # It may cross any number of strokes.
            document.dry(AreaCut(places), lambda: None, self.board.ink_is_dry)


class Crop(_Lasso):
    """Makes what it goes around the page; then it is laid down."""

    id, action = "crop", "page.crop"

    def _closed(self, places: Places) -> None:
        if np.ptp(places, axis=0).min() * self.board.view.zoom >= PRESS_PX:
            self.board.document.page_edits.crop(rect_around(places))
            self.board.done.emit()

    @property
    def outline(self) -> list[QPointF]:
        """The page as it would be cropped."""
        if not self._loop:
            return []
        board, area = self.board, rect_around(self._places()) & self.board.document.page_when_dry().bounds
        ratio = board.devicePixelRatioF()
        corners = ((area.x0, area.y0), (area.x1, area.y0), (area.x1, area.y1), (area.x0, area.y1))
        return [QPointF(*board.view.to_screen(x, y)) / ratio for x, y in corners]
