"""A sheet with one line of the pen, which is pulled at its handles."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QPointF, QRectF, QSize, Qt, Signal
from PySide6.QtGui import QColor, QImage, QMouseEvent, QPainter, QPaintEvent, QPen, QResizeEvent
from PySide6.QtWidgets import QWidget

from jotsk.core.hand import Trace
from jotsk.core.ink import Pen
from jotsk.core.marks.specimen import Specimen, laid_out, reference_motion, specimen_of
from jotsk.core.words import tr
from jotsk.desk.document.latest import Latest
from jotsk.desk.theme.palette import DAY
from jotsk.desk.theme.style import SMALL_PX, font
from jotsk.desk.widgets.faults import handled, painted
from jotsk.desk.widgets.ink_mark import alpha_image, draw_ring_handle
from jotsk.desk.widgets.polygon import draw_line, line_of

NEAR_PX = 16.0
LABEL = QSize(118, 15)
AWAY_PX = 13.0  # of a label from its handle
BESIDE_PX = 74  # below the line, the line of another pen
PAPER = "#FFFFFF"
SIDE = {"in": -1, "thickest": 1, "opacity": -1, "steady": -1, "out": 1, "lightest": 1, "swell": 1}
TOLD = {
    "in": tr("Pull along the line: where it has grown to its full width"),
    "out": tr("Pull along the line: where it begins to fade"),
    "thickest": tr("Pull across the line: how thick it gets"),
    "lightest": tr("Pull across the line: how thick the lightest touch is"),
    "swell": tr("Pull across the line: how soon it swells"),
    "opacity": tr("Pull up or down: how much it covers"),
    "steady": tr("Pull up or down: how much the line is steadied after the lift; the thin line is how the hand moved"),
}


class SpecimenSheet(QWidget):
    """White as the page. `pulled` brings the pen as it is pulled, `settled` comes when the handle is let be. Handles go
    along at once; the ink is worked out beside, for a motif or a rope takes long."""

    pulled = Signal(object)
    settled = Signal()

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setMinimumHeight(190)
        self.setMouseTracking(True)
        self.setAccessibleName(tr("Specimen line"))
        self._pen: Pen | None = None
        self._beside: Pen | None = None
        self._own: Trace | None = None  # a motion of one's own, in page px
        self._held: str | None = None
        self._over: str | None = None
        self._began: tuple[float, float] = (0.0, 0.0)
        self._before: Specimen | None = None  # as the pull began
        self.line: Specimen | None = None
        self._ink: QImage | None = None
        self._ink_beside: QImage | None = None
        self._inking = Latest("specimen", self, brings_earlier=True)
        self._inking.came.connect(self._take_ink)

    def sizeHint(self) -> QSize:
        return QSize(1000, 230)

    def show_pen(self, pen: Pen) -> None:
        self._pen = pen
        self._draw()

    def show_beside(self, pen: Pen | None) -> None:
        """Show another pen's line of the same motion below, or none."""
        self._beside = pen
        self._ask_ink()

    def follow(self, motion: Trace | None) -> None:
        """Draw the line of this motion; without one that of the reference hand."""
        self._own = motion
        self._draw()

    @property
    def is_inked(self) -> bool:
        """Whether the ink is that of the line as it is now."""
        return self._ink is not None and not self._inking.is_awaited

    @property
    def motion(self) -> Trace:
        w, h = self.width(), self.height()
        return reference_motion(w, h) if self._own is None else laid_out(self._own, w, h)

    def _draw(self) -> None:
        if self._pen is None or self.width() < 50:
            return
        zoom = self._before.zoom if self._before is not None else None  # a pull does not change the scale
        self.line = specimen_of(self._pen, self.motion, self.width(), self.height(), zoom=zoom)
        told = "; ".join(f"{tr(handle.words)} {handle.value}" for handle in self.line.handles.values())
        self.setAccessibleDescription(told)
        self._ask_ink()

    def _ask_ink(self) -> None:
        line, beside, motion = self.line, self._beside, self.motion
        if line is None:
            return

        def work() -> tuple[NDArray[np.uint8], NDArray[np.uint8] | None]:
            if beside is None:
                return line.ink(), None
            return line.ink(), specimen_of(beside, motion, line.width, line.height, zoom=line.zoom).ink()

        self._inking.ask(work)
        self.update()

    def _take_ink(self, inks: tuple[NDArray[np.uint8], NDArray[np.uint8] | None]) -> None:
        ink, beside = inks
        self._ink = alpha_image(ink, DAY.text, 1)
        self._ink_beside = None if beside is None else alpha_image(beside, DAY.quiet, 1)
        self.update()

    @handled
    def resizeEvent(self, event: QResizeEvent) -> None:
        self._draw()

    # -- painting --------------------------------------------------------------------------------

    @painted
    def paintEvent(self, painter: QPainter, event: QPaintEvent) -> None:
        painter.fillRect(self.rect(), QColor(PAPER))
        if self.line is None:
            return
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        if self._beside is not None and self._ink_beside is not None:
            painter.setOpacity(0.55)
            painter.drawImage(0, BESIDE_PX, self._ink_beside)
            painter.setOpacity(1.0)
            painter.setFont(font(SMALL_PX))
            painter.setPen(QColor(DAY.quiet))
            painter.drawText(
                QPointF(16, self.height() - 12),
                tr("below: {name}, {size_px:g} px", name=tr(self._beside.name), size_px=self._beside.size_px),
            )
        if self._ink is not None:
            painter.drawImage(0, 0, self._ink)
        painter.setPen(QPen(QColor(DAY.guide), 1))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        draw_line(painter, line_of(self.line.stroke.trace.xy, np.eye(2, 3)))
        painter.setPen(QColor(DAY.quiet))
        painter.setFont(font(SMALL_PX))
        painter.drawText(QPointF(16, 22), tr("shown at {zoom:.0f} %", zoom=100 * self.line.zoom))
        for name, handle in self.line.handles.items():
            self._draw_handle(painter, name, QPointF(*handle.at))
            self._draw_label(painter, name)

    def _draw_handle(self, painter: QPainter, name: str, at: QPointF) -> None:
        is_on = name in (self._held, self._over)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(QColor(PAPER))
        painter.drawEllipse(at, 10, 10)
        draw_ring_handle(painter, at, DAY.accent if is_on else PAPER, DAY.accent, 8.0)

    def _draw_label(self, painter: QPainter, name: str) -> None:
        assert self.line is not None
        handle, side = self.line.handles[name], SIDE[name]
        clear = AWAY_PX
        if name in ("opacity", "steady"):  # its handle lies in the line
            clear += float(self.line.plain[:, 2].max()) * 1.05
        middle = QPointF(
            handle.at[0] + side * handle.out[0] * clear * 1.2,
            handle.at[1] + side * handle.out[1] * (clear + LABEL.height() / 2),
        )
        box = QRectF(middle.x() - LABEL.width() / 2, middle.y() - LABEL.height() / 2, LABEL.width(), LABEL.height())
        box.moveLeft(min(max(4.0, box.left()), self.width() - LABEL.width() - 4.0))
        plain, bold = font(SMALL_PX), font(SMALL_PX, weight=font().Weight.Bold)
        painter.setFont(plain)
        words = f"{tr(handle.words)}  "
        wide = painter.fontMetrics().horizontalAdvance(words)
        painter.setFont(bold)
        whole = wide + painter.fontMetrics().horizontalAdvance(handle.value)
        left = box.center().x() - whole / 2
        painter.setFont(plain)
        painter.setPen(QColor(DAY.quiet))
        painter.drawText(QPointF(left, box.bottom() - 3), words)
        painter.setFont(bold)
        painter.setPen(QColor(DAY.text))
        painter.drawText(QPointF(left + wide, box.bottom() - 3), handle.value)

    # -- pulling ---------------------------------------------------------------------------------

    def _handle_at(self, at: QPointF) -> str | None:
        if self.line is None:
            return None
        gaps = {name: QPointF(QPointF(*h.at) - at).manhattanLength() for name, h in self.line.handles.items()}
        name = min(gaps, key=gaps.__getitem__)
        return name if gaps[name] <= NEAR_PX else None

    @handled
    def mousePressEvent(self, event: QMouseEvent) -> None:
        self._held = self._handle_at(event.position())
        if self._held is not None:
            self._before, self._began = self.line, (event.position().x(), event.position().y())
            self.update()

    @handled
    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        at = event.position()
        if self._held is None or self._before is None:
            over = self._handle_at(at)
            if over != self._over:
                self._over = over
                self.setToolTip("" if over is None else TOLD[over])
                self.setCursor(Qt.CursorShape.ArrowCursor if over is None else Qt.CursorShape.PointingHandCursor)
                self.update()
            return
        self.pulled.emit(self._before.pulled(self._held, at.x(), at.y(), began=self._began))

    @handled
    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        if self._held is not None:
            self._held = self._before = None
            self._draw()
            self.settled.emit()
