"""The strip along the top: page name, stages, view."""

from __future__ import annotations

import math
from collections.abc import Callable, Sequence
from typing import Any

from PySide6.QtCore import QPointF, QRectF, QSize, Qt, Signal
from PySide6.QtGui import QAction, QColor, QMouseEvent, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QHBoxLayout, QLabel, QLineEdit, QMenu, QSizePolicy, QToolButton, QWidget

from jotsk.core.geometry.view import LARGEST_ZOOM, SMALLEST_ZOOM
from jotsk.core.words import tr
from jotsk.desk.actions import MENUS
from jotsk.desk.board.board import Board
from jotsk.desk.document.document import Document
from jotsk.desk.icons import icon
from jotsk.desk.stages import STAGES, Stage
from jotsk.desk.theme import current
from jotsk.desk.theme.style import font
from jotsk.desk.widgets import draw_ink_mark
from jotsk.desk.widgets.choice import Choice
from jotsk.desk.widgets.elided_label import ElidedLabel
from jotsk.desk.widgets.faults import handled, painted
from jotsk.desk.widgets.number_field import say_range

HEIGHT_PX = 40
FLIP_PX, FLIPPED_PX = 34, 84


class StageName(Choice):
    """The name of a stage, underlined with an ink stroke when it is the present one."""

    chosen = Signal(object)

    def __init__(self, stage: Stage, parent: QWidget) -> None:
        super().__init__(parent)
        self.stage = stage
        self.setToolTip(stage.tooltip)
        self.setAccessibleName(stage.name)
        self.setSizePolicy(QSizePolicy.Policy.Fixed, QSizePolicy.Policy.Fixed)

    def sizeHint(self) -> QSize:
        return QSize(self.fontMetrics().horizontalAdvance(self.stage.name) + 26, HEIGHT_PX - 2)

    @painted
    def paintEvent(self, painter: QPainter, event: QPaintEvent) -> None:
        theme = current()
        weight = font().Weight.Bold if self.is_chosen else font().Weight.Normal
        painter.setFont(font(14, weight=weight))
        painter.setPen(QColor(theme.text if self.is_chosen or self.hasFocus() else theme.quiet))
        painter.drawText(self.rect(), Qt.AlignmentFlag.AlignCenter, self.stage.name)
        if self.is_chosen:
            draw_ink_mark(painter, QRectF(10, self.height() - 9, self.width() - 20, 6), theme.accent)

    def choose(self) -> None:
        self.chosen.emit(self.stage)


class TurnDial(QWidget):
    """How far the page is turned: a half circle with a needle. Drag to turn, press twice to set it upright."""

    def __init__(self, board: Board, parent: QWidget) -> None:
        super().__init__(parent)
        self._board = board
        self.setFixedSize(34, 30)
        self.setToolTip(tr("Turn the page: drag sideways, press twice for upright"))
        self.setAccessibleName(tr("Turn"))
        self.setCursor(Qt.CursorShape.SizeHorCursor)
        self._last_x: float | None = None
        board.view_changed.connect(self.update)

    @painted
    def paintEvent(self, painter: QPainter, event: QPaintEvent) -> None:
        theme = current()
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        center, radius = QPointF(self.width() / 2, self.height() - 8), 13.0
        painter.setPen(QPen(QColor(theme.quiet), 1.3))
        painter.drawArc(QRectF(center.x() - radius, center.y() - radius, 2 * radius, 2 * radius), 0, 180 * 16)
        angle = self._board.view.angle_rad
        tip = center + QPointF(math.sin(angle), -math.cos(angle)) * (radius - 1)
        painter.setPen(QPen(QColor(theme.accent), 2.0, Qt.PenStyle.SolidLine, Qt.PenCapStyle.RoundCap))
        painter.drawLine(center, tip)

    @handled
    def mousePressEvent(self, event: QMouseEvent) -> None:
        self._last_x = event.position().x()

    @handled
    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._last_x is not None:
            self._board.turn_softly(math.radians(event.position().x() - self._last_x))
            self._last_x = event.position().x()

    @handled
    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        self._last_x = None

    @handled
    def mouseDoubleClickEvent(self, event: QMouseEvent) -> None:
        self._board.reset_turn()


class TopBar(QWidget):
    """Menu and page name, the stages, and how the page is seen."""

    stage_chosen = Signal(object)

    def __init__(
        self, document: Document, board: Board, actions: dict[str, QAction], parent: QWidget | None = None
    ) -> None:
        super().__init__(parent)
        self.setObjectName("chrome")
        self.setAttribute(Qt.WidgetAttribute.WA_StyledBackground)
        self.setFixedHeight(HEIGHT_PX)
        self._document, self._board = document, board
        self.menu_button = QToolButton(self)
        self.menu_button.setFixedSize(32, 32)
        self.menu_button.setPopupMode(QToolButton.ToolButtonPopupMode.InstantPopup)
        self.menu_button.setToolTip(tr("Everything Jotsk can do (F10)"))
        self.menu_button.setAccessibleName(tr("Menu"))
        menu = build_menu(actions, self)
        self.menus = {sub.objectName(): sub for sub in menu.findChildren(QMenu)}
        self.menu_button.setMenu(menu)
        self.name = ElidedLabel()
        self.name.setProperty("role", "name")
        self.facts = QLabel()
        self.facts.setProperty("role", "quiet")
        self.pages = QToolButton(self)
        self.pages.setFixedHeight(28)
        self.pages.setPopupMode(QToolButton.ToolButtonPopupMode.InstantPopup)
        self.pages.setToolTip(tr("The pages that are open (Ctrl+Tab goes to the next)"))
        self.pages.setAccessibleName(tr("Open pages"))
        self.pages.setMenu(QMenu(self.pages))
        self.pages.hide()
        self.stages = [StageName(stage, self) for stage in STAGES]
        for widget in self.stages:
            widget.chosen.connect(self.stage_chosen)
        self.dial = TurnDial(board, self)
        self.angle = self._field(44, tr("Angle of the page, degrees"), self._angle_typed)
        self.flip = self._action_button(actions["view.flip"], FLIP_PX)
        self.flip.setToolButtonStyle(Qt.ToolButtonStyle.ToolButtonTextBesideIcon)
        self.zoom = self._field(54, tr("Zoom, per cent"), self._zoom_typed)
        self.zoom_out = self._action_button(actions["view.zoom_out"], 26)
        self.zoom_in = self._action_button(actions["view.zoom_in"], 26)

        self.at_hand = {
            name: self._action_button(actions[entry_id], 28)
            for entry_id, name in (
                ("page.open", "folder-open"), ("page.save", "save"), ("edit.undo", "undo-2"), ("edit.redo", "redo-2"),
            )
        }  # fmt: skip
        for entry_id, name in (("edit.undo", "undo-2"), ("edit.redo", "redo-2")):
            actions[entry_id].changed.connect(
                lambda a=actions[entry_id], n=name: self.at_hand[n].setEnabled(a.isEnabled())
            )
        left, middle, right = QWidget(self), QWidget(self), QWidget(self)
        self._fill(left, [self.menu_button, *self.at_hand.values(), self.name, self.pages, self.facts, None])
        self._fill(middle, self.stages)
        self._fill(right, [None, self.dial, self.angle, self.flip, self.zoom, self.zoom_out, self.zoom_in])
        layout = QHBoxLayout(self)
        layout.setContentsMargins(8, 0, 10, 0)
        layout.setSpacing(0)
        layout.addWidget(left, 1)
        layout.addWidget(middle)
        layout.addWidget(right, 1)
        document.state_changed.connect(self.refresh)
        board.view_changed.connect(self._show_view)
        self.theme_changed()

    def theme_changed(self) -> None:
        text = current().text
        self.menu_button.setIcon(icon("menu", text))
        self.zoom_out.setIcon(icon("minus", text))
        for name, button in self.at_hand.items():
            button.setIcon(icon(name, text, 17))
        self.zoom_in.setIcon(icon("plus", text))
        self.refresh()
        self._show_view()

    def show_stage(self, stage: Stage) -> None:
        for widget in self.stages:
            widget.is_chosen = widget.stage is stage

    def refresh(self) -> None:
        """Name, size, and whether the work is saved: a dot, and the word."""
        document, page = self._document, self._document.page_as_arranged()
        self.name.setText(document.title)
        size = tr("{width} x {height} px, {dpi:g} dpi", width=page.width, height=page.height, dpi=page.dpi)
        place = document.path or tr("Not in a file yet")
        self.name.setToolTip(f"{document.title}\n{place}\n{size}")
        if document.is_unsaved:
            told = tr("unsaved")
            self.facts.setText(f'<span style="color:{current().accent}">●</span> {told}')
            self.facts.setToolTip(
                tr("There are changes that are not in the file; closing keeps them for the next start")
            )
        else:
            self.facts.setText(tr("saved") if document.path else "")
            self.facts.setToolTip("")

    def show_pages(self, others: Sequence[tuple[str, bool, Callable[[], None]]]) -> None:
        """The other pages that are open: name, whether there is unsaved work, and what goes there."""
        menu = self.pages.menu()
        menu.clear()
        own = menu.addAction(self._document.title)
        own.setCheckable(True)
        own.setChecked(True)
        for title, is_unsaved, go in reversed(others):
            menu.addAction(tr("{title}, unsaved", title=title) if is_unsaved else title).triggered.connect(
                lambda _=False, go=go: go()
            )
        self.pages.setText(tr("%n open", "pages", len(others) + 1))
        self.pages.setVisible(bool(others))

    def _show_view(self) -> None:
        view = self._board.view
        self.flip.setIcon(icon("flip", current().accent if view.flipped else current().text, 20))
        self.flip.setText(tr("flipped") if view.flipped else "")
        self.flip.setFixedWidth(FLIPPED_PX if view.flipped else FLIP_PX)
        if not self.zoom.isModified():
            percent = view.zoom * 100
            self.zoom.setText(f"{percent:.0f} %" if percent >= 10 else f"{percent:.1f} %")
        if not self.angle.isModified():
            self.angle.setText(f"{math.degrees(view.angle_rad):.0f}°".replace("-0°", "0°"))

    def _zoom_typed(self) -> None:
        value = _typed_number(self.zoom)
        if value is not None:
            low, high = 100 * SMALLEST_ZOOM, 100 * LARGEST_ZOOM
            if not low <= value <= high:
                say_range(self.zoom, low, high, "%")
            self._board.zoom_to(min(high, max(low, value)) / 100)
        self._show_view()

    def _angle_typed(self) -> None:
        value = _typed_number(self.angle)
        if value is not None:
            self._board.turn_by(math.radians(value) - self._board.view.angle_rad)
        self._show_view()

    def _field(self, width: int, tooltip: str, typed: object) -> QLineEdit:
        field = QLineEdit(self)
        field.setFixedWidth(width)
        field.setAlignment(Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter)
        field.setToolTip(tooltip)
        field.setAccessibleName(tooltip)
        field.editingFinished.connect(typed)
        return field

    def _action_button(self, action: QAction, width: int) -> QToolButton:
        button = QToolButton(self)
        button.setFixedSize(width, 30)
        button.setToolTip(action.toolTip())
        button.setAccessibleName(action.text())
        button.clicked.connect(action.trigger)
        action.changed.connect(lambda: button.setToolTip(action.toolTip()))
        return button

    def _fill(self, widget: QWidget, items: list[Any]) -> None:
        layout = QHBoxLayout(widget)
        layout.setContentsMargins(0, 0, 0, 0)
        layout.setSpacing(5)
        for item in items:
            if item is None:
                layout.addStretch()
            else:
                layout.addWidget(item)


def build_menu(actions: dict[str, QAction], parent: QWidget) -> QMenu:
    """One menu of everything, from the table."""
    menu = QMenu(parent)
    for each in MENUS:
        sub = menu.addMenu(each.name)
        sub.setObjectName(each.id)
        sub.setToolTipsVisible(True)
        for entry in each.entries:
            sub.addAction(actions[entry.id])
    return menu


def _typed_number(field: QLineEdit) -> float | None:
    if not field.isModified():
        return None
    field.setModified(False)
    text = field.text().strip().rstrip("%°").strip().replace(",", ".")
    try:
        value = float(text)
    except ValueError:
        return None
    return value if math.isfinite(value) else None
