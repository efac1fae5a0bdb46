"""The question mark of a sheet, which leads to its page of the manual."""

from __future__ import annotations

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QDialog, QHBoxLayout, QPushButton, QToolButton, QWidget

from jotsk.core.words import tr

SIDE_PX = 28


def show_manual(over: QWidget, page: str) -> None:
    """Beside the window or sheet, which can be used meanwhile; one that is open already goes to the page."""
    from jotsk.desk.dialogs.manual import Manual  # loaded when it is opened first

    found = over.findChild(Manual, options=Qt.FindChildOption.FindDirectChildrenOnly)
    manual = found if isinstance(found, Manual) else Manual(page, over)
    manual.show_page(page)
    manual.show()
    manual.raise_()


class QuestionMark(QToolButton):
    def __init__(self, sheet: QWidget, page: str) -> None:
        super().__init__(sheet)
        self.setText("?")
        self.setFixedSize(SIDE_PX, SIDE_PX)
        self.setToolTip(tr("What this is and does, in the manual (F1)"))
        self.setAccessibleName(tr("Help"))
        self.setShortcut("F1")
        self.setFocusPolicy(Qt.FocusPolicy.NoFocus)  # or a sheet would begin at it; the key reaches it from anywhere
        self.clicked.connect(lambda: show_manual(sheet, page))


def foot_with_help(sheet: QWidget, page: str, close: QPushButton) -> QHBoxLayout:
    """The foot of a sheet that is only looked at: its question mark on the left, the button that closes it on the
    right."""
    foot = QHBoxLayout()
    foot.addWidget(QuestionMark(sheet, page))
    foot.addStretch()
    foot.addWidget(close)
    return foot


def foot_that_does(sheet: QDialog, page: str, does: str) -> tuple[QHBoxLayout, QPushButton]:
    """The foot of a sheet that does something: its question mark, Close, and the button of Enter, which accepts the
    sheet."""
    close, do = QPushButton(tr("Close"), autoDefault=False), QPushButton(does, default=True)
    close.clicked.connect(sheet.reject)
    do.clicked.connect(sheet.accept)
    foot = foot_with_help(sheet, page, close)
    foot.addWidget(do)
    return foot, do
