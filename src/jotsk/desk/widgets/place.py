"""A place where one of several widgets is shown, as small as that one may be; a stack is as large as its largest."""

from __future__ import annotations

from PySide6.QtWidgets import QHBoxLayout, QWidget


class Place(QWidget):
    def __init__(self, *widgets: QWidget) -> None:
        super().__init__()
        self._layout = QHBoxLayout(self)
        self._layout.setContentsMargins(0, 0, 0, 0)
        self.widgets: list[QWidget] = []
        for widget in widgets:
            self.add(widget)
        self.show_only(self.widgets[0])

    def add(self, widget: QWidget) -> None:
        widget.hide()
        self._layout.addWidget(widget)
        self.widgets.append(widget)

    @property
    def shown(self) -> QWidget:
        return next(widget for widget in self.widgets if not widget.isHidden())

    def show_only(self, widget: QWidget) -> None:
        for other in self.widgets:  # first, or for a moment there would have to be room for both
            if other is not widget:
                other.hide()
        widget.show()
