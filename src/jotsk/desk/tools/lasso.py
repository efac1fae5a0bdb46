"""Tools that draw a line around something."""

from __future__ import annotations

from collections.abc import Callable
from functools import partial
from typing import TYPE_CHECKING

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QPointF
from PySide6.QtGui import QColor, QPainter, QPen

from jotsk.core.fill.filling import filled_outline
from jotsk.core.geometry.rects import rect_around
from jotsk.core.marks import AreaCut, Stroke
from jotsk.core.page.edits.selection import stroke_at, strokes_across, strokes_inside
from jotsk.core.words import tr
from jotsk.desk.document.selection import Selection
from jotsk.desk.theme import current
from jotsk.desk.tools.pick import is_alt_down, is_shift_down
from jotsk.desk.tools.tool import Tool
from jotsk.desk.widgets.polygon import draw_line

if TYPE_CHECKING:
    from jotsk.core.page import InkLayer
    from jotsk.desk.board.board import Board
    from jotsk.desk.document.document import Document

MANY_UNKNOWN = 50  # lines, which may take a tenth of a second to work out
MANY_SAMPLES = 20_000  # of lines that are looked through in about 30 ms
PRESS_PX = 8.0  # device px within which a drag is a press, and a press finds a line

Places = NDArray[np.float64]  # (N, 2) page px


class _Lasso(Tool):
    def __init__(self, board: Board) -> None:
        super().__init__(board)
        self._loop: list[QPointF] = []

    def taken_up(self) -> None:
        super().taken_up()
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
        take = choosing(document.selection)

        def press() -> None:
            near = (stroke_at(layer, *places[0], PRESS_PX / zoom) for layer in reversed(document.selection.layers()))
            one = next((stroke for stroke in near if stroke is not None), None)
            take([one] if one is not None else [])

        if np.ptp(places, axis=0).max() * zoom < PRESS_PX:
            document.when_dry(press)
        else:
            choose(self.board.document, lambda layer: strokes_inside(layer, places))


def choosing(selection: Selection) -> Callable[[list[Stroke]], None]:
    """Choose lines; with Shift besides those chosen before, with Alt no longer."""
    return selection.drop if is_alt_down() else partial(selection.choose, more=is_shift_down())


def choose(document: Document, find: Callable[[InkLayer], list[Stroke]]) -> None:
    """Choose what is found on the layers, after a stroke that still dries: at once, or with progress if their lines are
    many, or many are still to be worked out, as after a page was opened."""
    take = choosing(document.selection)  # by the keys that are held now

    def look() -> None:
        layers = document.selection.layers()
        strokes = [mark for layer in layers for mark in layer.marks if isinstance(mark, Stroke)]
        unknown = sum(not stroke.has_shape for stroke in strokes)
        takes_long = unknown > MANY_UNKNOWN or sum(len(stroke.trace) for stroke in strokes) > MANY_SAMPLES
        document.selection.find(layers, find, take, takes_long=takes_long)

    document.when_dry(look)


class ChooseParts(_Lasso):
    """Parts the lines that cross its loop, and chooses what lies inside."""

    id, action = "choose_parts", "hand.choose_parts"

    def _closed(self, places: Places) -> None:
        if np.ptp(places, axis=0).max() * self.board.view.zoom >= PRESS_PX:
            self.board.document.when_dry(lambda: self.board.document.selection.choose_parts(places))


class ChooseAcross(_Lasso):
    """Chooses every line that it is drawn across."""

    id, action = "choose_across", "hand.choose_across"

    def _closed(self, places: Places) -> None:
        choose(self.board.document, lambda layer: strokes_across(layer, places))

    @property
    def outline(self) -> list[QPointF]:
        return []

    def draw(self, painter: QPainter, ratio: float) -> None:
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setPen(QPen(QColor(current().accent), 1.6))
        draw_line(painter, self._loop)


class RubInside(_Lasso):
    """Takes away what lies in it; strokes are cut where it crosses them."""

    id, action = "rub_inside", "hand.rub_inside"

    def _closed(self, places: Places) -> None:
        document = self.board.document
        if np.ptp(places, axis=0).max() * self.board.view.zoom >= PRESS_PX and document.ink.can_draw():
            # It may cross any number of strokes.
            document.ink.dry(AreaCut(places), lambda: None, self.board.ink_is_dry)


class FillInside(_Lasso):
    """Fills what lies in it, on the active ink layer, with what the Fill stage is set to."""

    id, action = "fill_inside", "fill.inside"

    def _closed(self, places: Places) -> None:
        document, hand = self.board.document, self.board.hand
        if np.ptp(places, axis=0).max() * self.board.view.zoom >= PRESS_PX and document.ink.can_draw():
            how, inks, outline = hand.filling, hand.inks, [(x, y) for x, y in places.tolist()]
            hand.used_color(hand.color)
            document.edit_slowly(
                tr("Fill inside"), lambda page, _: filled_outline(page, outline, how, inks), of_lines=True, in_turn=True
            )


class ShowInside(_Lasso):
    """Shows the active layer only inside its loop: a live effect."""

    id, action = "show_inside", "layer.inside"

    def _closed(self, places: Places) -> None:
        if np.ptp(places, axis=0).max() * self.board.view.zoom >= PRESS_PX:
            self.board.done.emit()
            self.board.document.layers.show_inside([(x, y) for x, y in places.tolist()])


class LiftPixels(_Lasso):
    """Takes the pixels inside it in hand, to be moved, scaled and turned; then it is laid down."""

    id, action = "lift", "layer.lift"

    def _closed(self, places: Places) -> None:
        if np.ptp(places, axis=0).min() * self.board.view.zoom >= PRESS_PX:
            self.board.done.emit()
            self.board.pictures.lift(places)


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
        board, area = self.board, rect_around(self._places()) & self.board.document.page.bounds
        ratio = board.devicePixelRatioF()
        corners = ((area.x0, area.y0), (area.x1, area.y0), (area.x1, area.y1), (area.x0, area.y1))
        return [QPointF(*board.view.to_screen(x, y)) / ratio for x, y in corners]
