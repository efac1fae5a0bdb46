"""One row of the layer stack."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
from PySide6.QtCore import QPointF, QRectF, QSize, Qt, Signal
from PySide6.QtGui import QColor, QContextMenuEvent, QImage, QMouseEvent, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QHBoxLayout, QSizePolicy, QToolButton, QWidget

from jotsk.core.marks import Area
from jotsk.core.page import GroupLayer, InkLayer, Layer, Page
from jotsk.core.page.compose.modes import NORMAL
from jotsk.core.page.compose.thumbnail import thumbnail
from jotsk.core.page.layers.tree import ancestors, children
from jotsk.core.words import tr
from jotsk.desk.icons import icon
from jotsk.desk.theme import current
from jotsk.desk.theme.style import SMALL_PX, font
from jotsk.desk.widgets import draw_ink_mark
from jotsk.desk.widgets.faults import handled, painted

ROW_PX = 52
INDENT_PX = 14
DEEPEST = 4  # more indentation would leave no room for names
THUMB = QSize(30, 38)
BUTTON_PX = 28
NOTHING = InkLayer(0, "")


class LayerRow(QWidget):
    """One layer: thumbnail, name, what it is, lock and eye."""

    chosen = Signal(int, object)  # uid, keyboard modifiers
    renamed = Signal(int)
    toggled = Signal(int, str)
    soloed = Signal(int)
    folded = Signal(int)
    asked = Signal(int, object)  # uid, where on the screen its menu opens
    dragged = Signal(int, float, bool)  # uid, y in the list, dropped
    seen_anew = Signal()  # it is looked at, and its thumbnail is not yet that of its layer

    def __init__(self, parent: QWidget) -> None:
        super().__init__(parent)
        self.layer: Layer = NOTHING
        self._words = ""
        self.is_active = self.is_selected = self.is_folded = False
        self._alone: Page | None = None  # what the thumbnail is to show
        self._thumb: QImage | None = None
        self._is_drawn = True  # whether it does
        self.level = 0
        self._pressed: QPointF | None = None
        self._is_dragged = False
        self.setFixedHeight(ROW_PX)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.setToolTip(
            tr("Press to draw on this layer, with Ctrl or Shift to choose several, twice to rename it, drag to move it")
        )
        layout = QHBoxLayout(self)
        layout.setContentsMargins(0, 0, 8, 0)
        layout.setSpacing(0)
        layout.addStretch()
        self.lock = self._button("locked", tr("Lock, so that nothing changes it"))
        self.eye = self._button("visible", tr("Show or hide; with Alt, show nothing else"))
        layout.addWidget(self.lock)
        layout.addWidget(self.eye)

    def show_layer(self, layer: Layer, page: Page, *, is_folded: bool) -> None:
        """Show the layer as it is now."""
        before, self.layer, self.is_folded = self.layer, layer, is_folded
        self.level = min(DEEPEST, len(ancestors(page.layers, layer)))
        self._words = described(page, layer)
        looks = layer.tiles is not before.tiles or layer.tint != before.tint or self._alone is None
        if looks and not isinstance(layer, GroupLayer):
            self._alone, self._is_drawn = alone(page, layer), False
        theme, locked, visible = current(), layer.locked, layer.visible
        self.lock.setIcon(icon("lock" if locked else "lock-open", theme.text if locked else theme.hairline))
        self.eye.setIcon(icon("eye" if visible else "eye-off", theme.text))
        for button in (self.lock, self.eye):
            button.setAccessibleName(f"{button.toolTip()}: {layer.name}")
        self.update()

    def let_go(self) -> None:
        """Hold nothing of a layer that is gone, and wait for another."""
        self.hide()
        self.layer, self._alone, self._thumb, self._is_drawn = NOTHING, None, None, True
        self._pressed, self._is_dragged = None, False

    def draw_thumbnail(self) -> None:
        if self._alone is not None and not self._is_drawn:
            self._thumb, self._is_drawn = card_of(self._alone), True
            self.update()

    def select(self, *, is_active: bool, is_selected: bool) -> None:
        if (is_active, is_selected) != (self.is_active, self.is_selected):
            self.is_active, self.is_selected = is_active, is_selected
            self.update()

    def _button(self, what: str, tooltip: str) -> QToolButton:
        button = QToolButton(self)
        button.setFixedSize(BUTTON_PX, BUTTON_PX)
        button.setToolTip(tooltip)
        button.clicked.connect(lambda: self._clicked(what))
        return button

    def _clicked(self, what: str) -> None:
        from PySide6.QtWidgets import QApplication

        if what == "visible" and QApplication.keyboardModifiers() & Qt.KeyboardModifier.AltModifier:
            self.soloed.emit(self.layer.uid)
        else:
            self.toggled.emit(self.layer.uid, what)

    @property
    def _left(self) -> int:
        return 16 + INDENT_PX * self.level

    @painted
    def paintEvent(self, painter: QPainter, event: QPaintEvent) -> None:
        theme, layer, left = current(), self.layer, self._left
        if self.is_selected:
            painter.fillRect(self.rect(), QColor(theme.raised))
        if self.is_active:
            draw_ink_mark(painter, QRectF(3, 7, 6, ROW_PX - 14), theme.accent)
        if layer.clips:
            painter.drawPixmap(left - 2, 18, icon("corner-left-down", theme.quiet, 14).pixmap(14, 14))
            left += 14
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        painter.setOpacity(1.0 if layer.visible else 0.45)
        if isinstance(layer, GroupLayer):
            name = "chevron-right" if self.is_folded else "chevron-down"
            painter.drawPixmap(left, 16, icon(name, theme.text, 18).pixmap(18, 18))
            text = left + 26
        else:
            frame = QRectF(left, 7, THUMB.width(), THUMB.height())
            if not self._is_drawn:
                self.seen_anew.emit()
            if self._thumb is not None:
                painter.drawImage(frame, self._thumb)
            painter.setPen(QPen(QColor(theme.hairline), 1))
            painter.drawRect(frame)
            text = left + 42
        painter.setOpacity(1.0)
        painter.setPen(QColor(theme.text if layer.visible else theme.quiet))
        weight = font().Weight.DemiBold if self.is_active else font().Weight.Normal
        painter.setFont(font(13, weight=weight))
        room = self.width() - text - 2 * BUTTON_PX - 12
        name = painter.fontMetrics().elidedText(layer.name, Qt.TextElideMode.ElideRight, room)
        painter.drawText(QRectF(text, 7, room, 19), name)
        painter.setFont(font(SMALL_PX))
        painter.setPen(QColor(theme.quiet))
        words = painter.fontMetrics().elidedText(self._words, Qt.TextElideMode.ElideRight, room)
        painter.drawText(QRectF(text, 26, room, 18), words)

    @handled
    def mousePressEvent(self, event: QMouseEvent) -> None:
        if event.button() == Qt.MouseButton.LeftButton:
            if isinstance(self.layer, GroupLayer) and event.position().x() < self._left + 24:
                self.folded.emit(self.layer.uid)
                return
            self._pressed = event.position()

    @handled
    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._pressed is not None and abs(event.position().y() - self._pressed.y()) > 8:
            self._is_dragged = True
        if self._is_dragged:
            self.dragged.emit(self.layer.uid, self.mapToParent(event.position()).y(), False)

    @handled
    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        if self._is_dragged:
            self.dragged.emit(self.layer.uid, self.mapToParent(event.position()).y(), True)
        elif self._pressed is not None:
            self.chosen.emit(self.layer.uid, event.modifiers())
        self._pressed, self._is_dragged = None, False

    @handled
    def mouseDoubleClickEvent(self, event: QMouseEvent) -> None:
        self.renamed.emit(self.layer.uid)

    @handled
    def contextMenuEvent(self, event: QContextMenuEvent) -> None:
        self.asked.emit(self.layer.uid, event.globalPos())


def described(page: Page, layer: Layer) -> str:
    """What a layer is, in a few words."""
    if isinstance(layer, GroupLayer):
        count = len(children(page.layers, layer.uid))
        words = [tr("group of %n", None, count) if count else tr("empty group")]
    elif layer.is_sketch:
        words = [tr("sketch")]
    elif isinstance(layer, InkLayer):
        count = len(layer.marks)
        areas = isinstance(next(iter(layer.marks), None), Area)
        marks = tr("%n area(s)", None, count) if areas else tr("%n stroke(s)", None, count)
        words = [tr("ink"), marks if count else tr("empty")]
    else:
        words = [tr("paint")]
    if layer.effects:
        words.append(tr("%n effect(s)", None, len(layer.effects)))
    if layer.blend != NORMAL:
        words.append(tr(layer.blend).replace("-", " "))
    if layer.opacity < 0.995:
        words.append(f"{layer.opacity * 100:.0f} %")
    return " · ".join(words)


def alone(page: Page, layer: Layer) -> Page:
    """The page with nothing but this layer."""
    return replace(page, layers=(replace(layer, parent=0, clips=False, blend=NORMAL, visible=True),))


def card_of(page: Page) -> QImage:
    """The page in little, in the middle of a small card of its paper."""
    scale = min(2 * THUMB.width() / page.width, 2 * THUMB.height() / page.height)
    small = thumbnail(page, max(1, int(max(page.width, page.height) * scale)))
    full = np.full((2 * THUMB.height(), 2 * THUMB.width(), 3), page.paper, np.uint8)
    y, x = (full.shape[0] - small.shape[0]) // 2, (full.shape[1] - small.shape[1]) // 2
    full[y : y + small.shape[0], x : x + small.shape[1]] = small
    return QImage(full.data, full.shape[1], full.shape[0], full.strides[0], QImage.Format.Format_RGB888).copy()
