"""The layers of the page, as a stack."""

from __future__ import annotations

import cv2
import numpy as np
from PySide6.QtCore import QPointF, QRectF, QSize, Qt, QTimer, Signal
from PySide6.QtGui import QAction, QColor, QImage, QMouseEvent, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import (
    QHBoxLayout,
    QInputDialog,
    QLabel,
    QScrollArea,
    QSizePolicy,
    QToolButton,
    QVBoxLayout,
    QWidget,
)  # fmt: skip

from jotsk.core.ink.stroke import packed
from jotsk.core.page import InkLayer, Layer, Page, composite_into, rgba
from jotsk.desk.document import Document
from jotsk.desk.icons import icon
from jotsk.desk.theme import current
from jotsk.desk.theme.style import SMALL_PX, font
from jotsk.desk.widgets import Track, TrackKind, draw_ink_mark

ROW_PX = 52
THUMB = QSize(30, 38)
THUMB_LEVEL_PX = 160
REFRESH_MS = 150
BUTTON_PX = 28


class LayerRow(QWidget):
    """One layer: thumbnail, name, what it is, lock and eye."""

    chosen = Signal(int)
    renamed = Signal(int)
    toggled = Signal(int, str)
    dragged = Signal(int, float, bool)  # uid, y in the list, dropped

    def __init__(self, layer: Layer, page: Page, parent: QWidget) -> None:
        super().__init__(parent)
        self.layer = layer
        self.is_active = layer.uid == page.active_uid
        self._pressed: QPointF | None = None
        self._is_dragged = False
        self._thumb = thumbnail(page, layer)
        self.setFixedHeight(ROW_PX)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.setToolTip("Press to draw on this layer, twice to rename it, drag to move it")
        layout = QHBoxLayout(self)
        layout.setContentsMargins(0, 0, 8, 0)
        layout.setSpacing(0)
        layout.addStretch()
        self.lock = self._button(
            "lock" if layer.locked else "lock-open",
            "locked",
            layer.locked,
            "Lock, so that nothing changes it",
        )
        self.eye = self._button("eye" if layer.visible else "eye-off", "visible", layer.visible, "Show or hide")
        layout.addWidget(self.lock)
        layout.addWidget(self.eye)

    def show_layer(self, layer: Layer, page: Page) -> None:
        """Show the layer as it is now."""
        self.layer = layer
        self._thumb = thumbnail(page, layer)
        self.update()

    def _button(self, name: str, what: str, is_on: bool, tooltip: str) -> QToolButton:
        theme = current()
        button = QToolButton(self)
        button.setFixedSize(BUTTON_PX, BUTTON_PX)
        strong = is_on if what == "locked" else True
        button.setIcon(icon(name, theme.text if strong else theme.hairline))
        button.setToolTip(tooltip)
        button.setAccessibleName(f"{tooltip}: {self.layer.name}")
        button.clicked.connect(lambda: self.toggled.emit(self.layer.uid, what))
        return button

    def paintEvent(self, event: QPaintEvent) -> None:
        theme, layer = current(), self.layer
        painter = QPainter(self)
        if self.is_active:
            painter.fillRect(self.rect(), QColor(theme.raised))
            draw_ink_mark(painter, QRectF(3, 7, 6, ROW_PX - 14), theme.accent)
        frame = QRectF(16, 7, THUMB.width(), THUMB.height())
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        painter.setOpacity(1.0 if layer.visible else 0.45)
        painter.drawImage(frame, self._thumb)
        painter.setOpacity(1.0)
        painter.setPen(QPen(QColor(theme.hairline), 1))
        painter.drawRect(frame)
        painter.setPen(QColor(theme.text if layer.visible else theme.quiet))
        weight = font().Weight.DemiBold if self.is_active else font().Weight.Normal
        painter.setFont(font(13, weight=weight))
        room = self.width() - 58 - 2 * BUTTON_PX - 12
        name = painter.fontMetrics().elidedText(layer.name, Qt.TextElideMode.ElideRight, room)
        painter.drawText(QRectF(58, 7, room, 19), name)
        painter.setFont(font(SMALL_PX))
        painter.setPen(QColor(theme.quiet))
        painter.drawText(QRectF(58, 26, room, 18), described(layer))
        painter.end()

    def mousePressEvent(self, event: QMouseEvent) -> None:
        if event.button() == Qt.MouseButton.LeftButton:
            self._pressed = event.position()

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._pressed is not None and abs(event.position().y() - self._pressed.y()) > 8:
            self._is_dragged = True
        if self._is_dragged:
            self.dragged.emit(self.layer.uid, self.mapToParent(event.position()).y(), False)

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        if self._is_dragged:
            self.dragged.emit(self.layer.uid, self.mapToParent(event.position()).y(), True)
        elif self._pressed is not None:
            self.chosen.emit(self.layer.uid)
        self._pressed, self._is_dragged = None, False

    def mouseDoubleClickEvent(self, event: QMouseEvent) -> None:
        self.renamed.emit(self.layer.uid)


class LayerList(QWidget):
    """The rows, topmost layer first, and the line where a dragged one would land."""

    def __init__(self, parent: QWidget) -> None:
        super().__init__(parent)
        self.drop_row: int | None = None
        self.box = QVBoxLayout(self)
        self.box.setContentsMargins(0, 0, 0, 0)
        self.box.setSpacing(0)
        self.box.addStretch()

    def show_drop(self, row: int | None) -> None:
        self.drop_row = row
        self.update()
        for child in self.findChildren(LayerRow):
            child.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        if self.drop_row is not None:
            painter = QPainter(self)
            y = min(max(1, self.drop_row * ROW_PX), self.height() - 2)
            painter.fillRect(QRectF(12, y - 1, self.width() - 24, 2), QColor(current().accent))
            painter.end()


class LayerTray(QWidget):
    """The stack, its buttons, and the opacity of the active layer."""

    def __init__(self, document: Document, actions: dict[str, QAction], parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._document = document
        self.rows: list[LayerRow] = []
        heading = QLabel("Layers")
        heading.setProperty("role", "heading")
        self._buttons: list[tuple[QToolButton, str]] = []
        head = QHBoxLayout()
        head.setContentsMargins(16, 10, 8, 2)
        head.setSpacing(0)
        head.addWidget(heading)
        head.addStretch()
        for action, name in (
            ("layer.trace_under", "blend"), ("layer.up", "arrow-up"), ("layer.down", "arrow-down"),
            ("layer.delete", "trash-2"), ("layer.add", "plus"),
        ):  # fmt: skip
            button = QToolButton(self)
            button.setDefaultAction(actions[action])
            button.setToolButtonStyle(Qt.ToolButtonStyle.ToolButtonIconOnly)
            button.setFixedSize(BUTTON_PX, BUTTON_PX)
            self._buttons.append((button, name))
            head.addWidget(button)
        self._list = LayerList(self)
        scroll = QScrollArea(self)
        scroll.setWidgetResizable(True)
        scroll.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        scroll.setWidget(self._list)
        self.opacity = Track(
            "Opacity",
            TrackKind.OPACITY,
            0,
            100,
            unit="%",
            remark=False,
            tooltip="Opacity of the active layer",
        )
        around = QVBoxLayout()
        around.setContentsMargins(16, 6, 16, 4)
        around.addWidget(self.opacity)
        layout = QVBoxLayout(self)
        layout.setContentsMargins(0, 0, 0, 0)
        layout.setSpacing(2)
        layout.addLayout(head)
        layout.addWidget(scroll, 1)
        layout.addLayout(around)
        self._timer = QTimer(self, singleShot=True, interval=REFRESH_MS)
        self._timer.timeout.connect(self.refresh)
        self.opacity.changed.connect(self._set_opacity)
        document.changed.connect(self._page_changed)
        self.theme_changed()

    def theme_changed(self) -> None:
        for button, name in self._buttons:
            button.defaultAction().setIcon(icon(name, current().text))
        self.rebuild()

    def refresh(self) -> None:
        """Bring the rows up to date whose layers have other ink or opacity now."""
        page = self._document.page
        for row in self.rows:
            layer = page.layer(row.layer.uid)
            if layer is not None and layer is not row.layer:
                row.show_layer(layer, page)
        if page.active is not None:
            self.opacity.set_value(page.active.opacity * 100)

    def rebuild(self) -> None:
        """Make the rows anew from the page."""
        page = self._document.page
        for row in self.rows:
            self._list.box.removeWidget(row)
            row.hide()
            row.deleteLater()
        self.rows = [LayerRow(layer, page, self._list) for layer in reversed(page.layers)]
        for at, row in enumerate(self.rows):
            self._list.box.insertWidget(at, row)
            row.chosen.connect(self._document.choose_layer)
            row.toggled.connect(self._toggle)
            row.renamed.connect(self._rename)
            row.dragged.connect(self._drag)
        if page.active is not None:
            self.opacity.set_value(page.active.opacity * 100)

    def _page_changed(self, before: Page, after: Page) -> None:
        def shape(page: Page) -> object:
            return page.active_uid, [(x.uid, x.name, x.visible, x.locked, x.tint) for x in page.layers]

        if shape(before) == shape(after):
            self._timer.start()  # only ink or opacity: the rows follow when the hand pauses
        else:
            self.rebuild()

    def _toggle(self, uid: int, what: str) -> None:
        layer = self._document.page.layer(uid)
        if layer is None:
            return
        now = not getattr(layer, what)
        labels = {
            ("visible", True): "Show layer", ("visible", False): "Hide layer",
            ("locked", True): "Lock layer", ("locked", False): "Unlock layer",
        }  # fmt: skip
        self._document.set_layer(uid, labels[what, now], **{what: now})

    def _rename(self, uid: int) -> None:
        layer = self._document.page.layer(uid)
        if layer is None:
            return
        name, accepted = QInputDialog.getText(self, "Rename layer", "Name of the layer", text=layer.name)
        if accepted and name.strip() and name.strip() != layer.name:
            self._document.set_layer(uid, "Rename layer", name=name.strip())

    def _drag(self, uid: int, y: float, dropped: bool) -> None:
        gap = min(max(0, round(y / ROW_PX)), len(self.rows))
        if not dropped:
            self._list.show_drop(gap)
            return
        self._list.show_drop(None)
        page = self._document.page
        from_row = len(page.layers) - 1 - page.index(uid)
        row = gap - 1 if gap > from_row else gap
        self._document.move_layer(uid, len(page.layers) - 1 - row)

    def _set_opacity(self, percent: float, finished: bool) -> None:
        self._document.set_layer(
            self._document.page.active_uid, "Layer opacity", finished=finished, opacity=percent / 100
        )


def described(layer: Layer) -> str:
    """What a layer is, in a few words."""
    if layer.is_sketch:
        what = ""
    elif isinstance(layer, InkLayer):
        count = len(layer.marks)
        what = "empty" if not count else f"{count} stroke{'s' if count > 1 else ''}"
    else:
        what = "paint"
    words = [("sketch" if layer.is_sketch else "ink" if isinstance(layer, InkLayer) else "")]
    words.append(what)
    if layer.opacity < 0.995:
        words.append(f"{layer.opacity * 100:.0f} %")
    return " · ".join(w for w in words if w)


def thumbnail(page: Page, layer: Layer) -> QImage:
    """The layer alone on paper, reduced from the halving that is just large enough."""
    level = 0
    while max(page.width, page.height) >> level > THUMB_LEVEL_PX and level < 7:
        level += 1
    rect = page.bounds.halved(level)
    pixels = np.full((rect.height, rect.width), packed(page.paper), np.uint32)
    composite_into(pixels, (0, 0), page, rect, level=level, shows=lambda other: other is layer)
    scale = min(2 * THUMB.width() / rect.width, 2 * THUMB.height() / rect.height)
    size = (max(1, int(rect.width * scale)), max(1, int(rect.height * scale)))
    small = cv2.resize(rgba(pixels), size, interpolation=cv2.INTER_AREA)
    full = np.full((2 * THUMB.height(), 2 * THUMB.width(), 4), (*page.paper, 255), np.uint8)
    y, x = (full.shape[0] - size[1]) // 2, (full.shape[1] - size[0]) // 2
    full[y : y + size[1], x : x + size[0]] = small
    return QImage(full.data, full.shape[1], full.shape[0], full.strides[0], QImage.Format.Format_RGBA8888).copy()
