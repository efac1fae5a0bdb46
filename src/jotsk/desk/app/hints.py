"""A few hints at the first start, in a strip that can be dismissed for good."""

from __future__ import annotations

from collections.abc import Sequence

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QHBoxLayout, QToolButton, QWidget

from jotsk.core.words import tr
from jotsk.desk.board.strips.head_strip import HeadStrip
from jotsk.desk.icons import icon
from jotsk.desk.inout.settings import Settings
from jotsk.desk.theme import current
from jotsk.desk.widgets.elided_label import ElidedLabel

TEXT = "  ·  ".join(
    (
        tr("Drop a sketch on the page"),
        tr("draw with pen or mouse"),
        tr("hold D to rub out"),
        tr("hold F to see the line alone"),
        tr("E traces a sketch"),
        tr("F1 lists the keys"),
    )
)
KEY = "hints/dismissed"


class HintStrip(QWidget):
    """Lies at the head of the board."""

    def __init__(self, settings: Settings, parent: QWidget) -> None:
        super().__init__(parent)
        self._settings = settings
        self.setObjectName("chrome")
        self.setAttribute(Qt.WidgetAttribute.WA_StyledBackground)
        label = ElidedLabel(TEXT)
        label.setProperty("role", "quiet")
        self._close = QToolButton(self)
        self._close.setFixedSize(26, 26)
        self._close.setToolTip(tr("Do not show these hints again"))
        self._close.setAccessibleName(tr("Dismiss the hints"))
        self._close.clicked.connect(self.dismiss)
        layout = QHBoxLayout(self)
        layout.setContentsMargins(14, 2, 6, 2)
        layout.addWidget(label)
        layout.addWidget(self._close)
        self._strips: Sequence[HeadStrip] = ()
        self.theme_changed()
        self._show()

    def give_way_to(self, strips: Sequence[HeadStrip]) -> None:
        """Hide while one of these lies there."""
        self._strips = strips
        for strip in strips:
            strip.changed.connect(self._show)

    def _show(self) -> None:
        self.setVisible(not self._settings.get(KEY, False) and all(strip.isHidden() for strip in self._strips))

    def theme_changed(self) -> None:
        self._close.setIcon(icon("x", current().quiet))

    def place(self) -> None:
        room = self.parentWidget().width()
        self.resize(min(self.sizeHint().width(), room - 20), self.sizeHint().height())
        self.move((room - self.width()) // 2, 10)

    def dismiss(self) -> None:
        self._settings.set(KEY, True)
        self.hide()
