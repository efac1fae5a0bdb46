"""Every screen, by day and by lamp light: what is written can be read, what one presses is large enough and has a name.

Contrast is measured on the picture, as WCAG 2.2 (1.4.3) defines it: of what stands out most in a text from the colour
most of its ground has, drawn three times as large, so that a stem is more than the blur of its edges.
"""

from __future__ import annotations

import numpy as np
import pytest
from PySide6.QtCore import QRect, Qt
from PySide6.QtGui import QAccessible, QImage
from PySide6.QtWidgets import (
    QAbstractButton,
    QAbstractSpinBox,
    QApplication,
    QComboBox,
    QLabel,
    QLineEdit,
    QScrollBar,
    QWidget,
)

from jotsk.core.check.checks import checked
from jotsk.core.check.proposal import proposals
from jotsk.core.files.orders import USUAL
from jotsk.desk.app.settings_room import settings_sheet
from jotsk.desk.dialogs import (
    ExportSheet,
    FeelPad,
    InkColors,
    KeySheet,
    MilestoneSheet,
    NewPage,
    OrdersSheet,
    PageSize,
    PenMaker,
    RecentSheet,
)
from jotsk.desk.dialogs.guide_sheet import GuideSheet
from jotsk.desk.dialogs.heat_sheet import HeatSheet, heat_of
from jotsk.desk.dialogs.manual import Manual
from jotsk.desk.dialogs.mend_sheet import MendSheet
from jotsk.desk.dialogs.practice_sheet import PracticeSheet
from jotsk.desk.dialogs.screen_sheet import ScreenSheet
from jotsk.desk.stages import STAGES
from jotsk.desk.theme import contrast

LARGER = 3
READ = 4.5
SHEETS = {
    "export": lambda w: ExportSheet(w.document.page, w.board),
    "feel": lambda w: FeelPad(w.hand, w.board),
    "colours": lambda w: InkColors(w.hand, w.desk_palette, w.board),
    "keys": lambda w: KeySheet(w.key_map, w.board),
    "milestones": lambda w: MilestoneSheet(w.pages.milestones, w.document, w.board),
    "new page": lambda w: NewPage(w.board),
    "page size": lambda w: PageSize(w.document.page, w.board),
    "orders": lambda w: OrdersSheet(w.document.page, USUAL, [USUAL[0].name], "", w.board),
    "pen maker": lambda w: PenMaker(w.hand, w.board),
    "recent": lambda w: RecentSheet([], [], w.board),
    "guide": lambda w: GuideSheet(w.board.guiding, w.board),
    "mends": lambda w: MendSheet(proposals(w.document.page, checked(w.document.page), 200), w.board),
    "heat": lambda w: HeatSheet(heat_of(w.document.page), w.board),
    "manual": lambda w: Manual("mending", w.board),
    "practice": lambda w: PracticeSheet(w.practice, w.board),
    "screen": lambda w: ScreenSheet(4.0, w.board),
    "settings": settings_sheet,
}


@pytest.fixture(params=["day", "lamp"])
def lit(request, window, qtbot):
    if request.param == "lamp":
        window.actions_by_id["view.lamp"].trigger()
        qtbot.waitUntil(lambda: not window.dressing.is_at_work)
    return window


@pytest.mark.parametrize("stage", STAGES, ids=lambda stage: stage.id)
def test_the_window_can_be_read_in_every_stage(lit, qtbot, stage):
    lit.top.stage_chosen.emit(stage)
    qtbot.wait(20)
    assert not unreadable(lit)


@pytest.mark.parametrize("name", SHEETS)
def test_every_sheet_can_be_read_pressed_and_read_out(lit, qtbot, name):
    sheet = SHEETS[name](lit)
    qtbot.addWidget(sheet)
    sheet.show()
    qtbot.wait(30)
    assert not unreadable(sheet)
    small = [(name_of(w), w.width(), w.height()) for w in pressed_on(sheet) if min(w.width(), w.height()) < 24]
    assert not small
    assert not [w for w in pressed_on(sheet) if not name_of(w).strip()]


def unreadable(screen):
    """Texts with less contrast than can be read: what is switched off is excepted."""
    image = QImage(screen.size() * LARGER, QImage.Format.Format_RGB32)
    image.setDevicePixelRatio(LARGER)
    screen.render(image)
    pixels = np.ndarray((image.height(), image.width(), 4), np.uint8, image.constBits())[..., 2::-1]
    found = []
    for widget in screen.findChildren(QWidget):
        text = text_of(widget)
        if not text or not widget.isVisible() or not widget.isEnabled() or widget.visibleRegion().isEmpty():
            continue
        seen = widget.visibleRegion().boundingRect().translated(widget.mapTo(screen, widget.rect().topLeft()))
        part = pixels[
            LARGER * seen.top() : LARGER * (seen.bottom() + 1), LARGER * seen.left() : LARGER * (seen.right() + 1)
        ]
        if part.size == 0 or min(seen.width(), seen.height()) < 8 or not shows_its_text(widget):
            continue  # scrolled out of sight
        colors, counts = np.unique(part.reshape(-1, 3), axis=0, return_counts=True)
        ground = hex_of(colors[counts.argmax()])
        often = colors[counts >= 4]
        best = max(contrast(hex_of(color), ground) for color in often)
        if best < READ:
            found.append((type(widget).__name__, text, ground, round(best, 2)))
    return found


def shows_its_text(widget):
    """Whether some of the letters of a label are in sight, not its margin alone."""
    if not isinstance(widget, QLabel) or widget.wordWrap():
        return True
    metrics = widget.fontMetrics()
    room = widget.style().itemTextRect(metrics, widget.contentsRect(), widget.alignment(), True, widget.text())
    letters = QRect(room.left(), room.top() + metrics.ascent() - metrics.capHeight(), room.width(), metrics.capHeight())
    return widget.visibleRegion().boundingRect().intersects(letters)


def text_of(widget):
    if isinstance(widget, QLabel | QAbstractButton):
        return "" if isinstance(widget, QLabel) and not widget.pixmap().isNull() else widget.text()
    if isinstance(widget, QLineEdit):
        return widget.text() or widget.placeholderText()
    return widget.currentText() if isinstance(widget, QComboBox) else ""


def pressed_on(sheet):
    kinds = (QAbstractButton, QComboBox, QAbstractSpinBox, QLineEdit)
    inner = {box.lineEdit() for box in sheet.findChildren(QAbstractSpinBox)}
    return [
        w for kind in kinds for w in sheet.findChildren(kind)
        if w.isVisible() and w not in inner and not isinstance(w, QScrollBar) and w.focusPolicy() != Qt.FocusPolicy.NoFocus
    ]  # fmt: skip


def name_of(widget):
    return QAccessible.queryAccessibleInterface(widget).text(QAccessible.Text.Name)


def hex_of(color):
    return "#{:02X}{:02X}{:02X}".format(*color.tolist())


def test_a_text_that_is_too_pale_is_found(window, qtbot):
    label = QLabel("hardly to be seen", window)
    label.setStyleSheet("color: #B9B9B9; background: #FFFFFF")
    label.setGeometry(10, 100, 200, 30)
    label.show()
    QApplication.processEvents()
    assert ("QLabel", "hardly to be seen", "#FFFFFF") in [found[:3] for found in unreadable(window)]
