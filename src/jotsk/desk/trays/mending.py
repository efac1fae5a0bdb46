"""The mending tools, each as what it does to a line; and what they are set to."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from functools import lru_cache

from PySide6.QtCore import QPointF, QRectF, QSize, Qt
from PySide6.QtGui import QAction, QColor, QImage, QKeyEvent, QMouseEvent, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import (
    QBoxLayout,
    QCheckBox,
    QComboBox,
    QHBoxLayout,
    QLabel,
    QPushButton,
    QVBoxLayout,
    QWidget,
)  # fmt: skip

from jotsk.core.mend.samples import WIDTH, sample
from jotsk.desk.pens.hand import Hand
from jotsk.desk.theme import current
from jotsk.desk.theme.style import SMALL_PX, font
from jotsk.desk.widgets import Track, TrackKind, draw_ink_mark
from jotsk.desk.widgets.faults import handled, painted
from jotsk.desk.widgets.ink_mark import alpha_image
from jotsk.desk.widgets.number_field import count_field

ROW_PX, PICTURE = 39, QSize(40, 24)
AGAINST = (("layer", "Lines of this layer"), ("visible", "All visible ink"), ("self", "The line itself"))
WEIGHT_WORDS = (("weight", "Thicker or thinner"), ("even", "Even out"), ("sharpen", "Sharp ends"))
PUSH_WORDS = (("push", "Push"), ("smooth", "Smooth"), ("gather", "Gather"))
FRAME_WORDS = (("whole", "The frame"), ("corners", "Free corners"), ("mesh", "A mesh"))
MOST_FIELDS = 12
OPTIONS: dict[str, tuple[str, ...]] = {  # by tool
    "choose": ("connect",), "choose_across": ("connect",), "choose_parts": ("connect",),
    "snip": ("against", "keep"), "join": ("reach",), "splice": ("reach",),
    "weigh": ("weight_way", "amount", "reach", "softness"), "push": ("push_way", "reach", "softness"),
    "points": ("tolerance", "simplify"), "move_lines": ("frame", "mesh", "manner"),
}  # fmt: skip
SAMPLE_OF = {
    "mend.snip": "snip", "mend.grow": "grow", "mend.cut": "cut", "mend.join": "join", "mend.splice": "splice",
    "mend.weight": "weight", "mend.push": "push", "mend.points": "points", "mend.move": "move",
    "mend.over": "over",
}  # fmt: skip


@lru_cache(maxsize=32)
def _picture(name: str, is_after: bool, color: str) -> QImage:
    return alpha_image(sample(name)[is_after], color, WIDTH / PICTURE.width())


class ToolRow(QWidget):
    """One tool: a line before it and after it."""

    def __init__(self, action: QAction, entry_id: str, parent: QWidget) -> None:
        super().__init__(parent)
        self.action, self.entry_id, self.is_on = action, entry_id, False
        self.setFixedHeight(ROW_PX)
        self._describe()
        action.changed.connect(self._describe)  # a method: the connection ends with the row
        self.setAccessibleName(action.text())
        self.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        self.setCursor(Qt.CursorShape.PointingHandCursor)

    def _describe(self) -> None:
        self.setToolTip(self.action.toolTip())

    @painted
    def paintEvent(self, painter: QPainter, event: QPaintEvent) -> None:
        theme, name = current(), SAMPLE_OF[self.entry_id]
        painter.setRenderHints(QPainter.RenderHint.SmoothPixmapTransform | QPainter.RenderHint.Antialiasing)
        for is_after, x in ((False, 12), (True, 62)):
            box = QRectF(x, 1, PICTURE.width(), PICTURE.height())
            painter.drawImage(box, _picture(name, is_after, theme.text if is_after else theme.quiet))
        painter.setPen(QPen(QColor(theme.quiet), 1.2))
        middle = 1 + PICTURE.height() / 2
        painter.drawPolyline([QPointF(54, middle - 3), QPointF(58, middle), QPointF(54, middle + 3)])
        if self.is_on:
            draw_ink_mark(painter, QRectF(2, 4, 6, ROW_PX - 10), theme.accent)
        weight = font().Weight.DemiBold if self.is_on else font().Weight.Normal
        painter.setFont(font(SMALL_PX, weight=weight))
        painter.setPen(QColor(theme.text if self.is_on or self.hasFocus() else theme.quiet))
        painter.drawText(QRectF(14, ROW_PX - 15, self.width() - 16, 15), self.action.text())

    @handled
    def mousePressEvent(self, event: QMouseEvent) -> None:
        self.action.trigger()

    @handled
    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter, Qt.Key.Key_Space):
            self.action.trigger()
        else:
            super().keyPressEvent(event)


class ToolList(QWidget):
    """The tools of a stage; nothing for a stage without any."""

    def __init__(self, actions: Mapping[str, QAction], parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._actions = actions
        self.rows: list[ToolRow] = []
        self._list = QVBoxLayout(self)
        self._list.setContentsMargins(0, 2, 0, 4)
        self._list.setSpacing(0)

    def show_tools(self, entry_ids: Sequence[str]) -> None:
        for row in self.rows:
            self._list.removeWidget(row)
            row.hide()
            row.deleteLater()
        self.rows = [ToolRow(self._actions[entry_id], entry_id, self) for entry_id in entry_ids]
        for row in self.rows:
            self._list.addWidget(row)
        self.setVisible(bool(self.rows))

    def mark(self, on: Sequence[str]) -> None:
        for row in self.rows:
            if row.is_on != (row.entry_id in on):
                row.is_on = row.entry_id in on
                row.update()


class MendingTray(QWidget):
    """What the tool in the hand is set to, where size and steadiness stand while one draws."""

    def __init__(self, hand: Hand, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._hand = hand
        size, share = TrackKind.SIZE, TrackKind.OPACITY
        self.reach = Track("Reach", size, 4, 400, unit="px", tooltip="How far the hand reaches, page px")
        self.softness = Track("Softness", share, 0, 100, unit="%", tooltip="How softly the hand works at its edge")
        self.amount = Track(
            "Weight", size, 25, 400, unit="%", tooltip="How thick a line becomes in one pass: below 100 thinner"
        )
        self.keep = Track(
            "Overshoot", size, 1, 200, unit="px", tooltip="What stays beyond a crossing while Shift is held"
        )
        self.within = Track(
            "Connected within", size, 0.5, 200, unit="px",
            tooltip="So near lines hang together, for “Choose what is connected”",
        )  # fmt: skip
        self.tolerance = Track(
            "Points within", size, 0.1, 40, unit="px",
            tooltip="How far a line may move, in px of the screen, when it runs smoothly through its points",
        )  # fmt: skip
        self.against = _choice("Snip up to", AGAINST, "What ends a piece that is snipped")
        self.weight_way = _choice("Does", WEIGHT_WORDS, "What a pass does to the weight of lines")
        self.push_way = _choice("Does", PUSH_WORDS, "What the hand does to the shape of lines")
        self.frame = _choice("By", FRAME_WORDS, "What lines are moved by")
        self.simplify = QPushButton("Simplify", toolTip="Have the line run smoothly through its points (Enter)")
        self.scales = QCheckBox("Scale weights", toolTip="Scaled lines become thicker too; Shift does the other")
        self.along = QCheckBox("Along guides", toolTip="Lines move along the guide that runs the way of the hand")
        self.rows, self.columns = count_field(1, MOST_FIELDS), count_field(1, MOST_FIELDS)
        for field, name in ((self.rows, "Fields down"), (self.columns, "Fields across")):
            field.setToolTip(f"{name}, of the mesh")
            field.setAccessibleName(name)
        mesh = _below(QLabel("Fields"), _beside(self.columns, QLabel("×"), self.rows))
        self._options: dict[str, QWidget] = {
            "weight_way": _titled(self.weight_way), "push_way": _titled(self.push_way), "frame": _titled(self.frame),
            "against": _titled(self.against), "mesh": mesh, "manner": _below(self.scales, self.along),
            "amount": self.amount, "reach": self.reach, "softness": self.softness, "keep": self.keep,
            "connect": self.within, "tolerance": self.tolerance, "simplify": _below(self.simplify),
        }  # fmt: skip
        layout = QHBoxLayout(self)
        layout.setContentsMargins(20, 8, 20, 6)
        layout.setSpacing(28)
        for option in self._options.values():
            layout.addWidget(option, 1)
        layout.addStretch(1)
        put = hand.set_mending
        self.reach.changed.connect(lambda value, _: put(reach_px=value))
        self.softness.changed.connect(lambda value, _: put(softness=value / 100))
        self.amount.changed.connect(lambda value, _: put(amount=value / 100))
        self.keep.changed.connect(lambda value, _: put(keep_px=value))
        self.within.changed.connect(lambda value, _: put(connect_px=value))
        self.tolerance.changed.connect(lambda value, _: put(tolerance_px=value))
        for name, box in self._boxes.items():
            box.activated.connect(lambda k, n=name, b=box: put(**{n: b.itemData(k)}))
        self.scales.clicked.connect(lambda on: put(scales_weights=on))
        self.along.clicked.connect(lambda on: put(along_guides=on))
        self.rows.valueChanged.connect(lambda value: put(rows=value))
        self.columns.valueChanged.connect(lambda value: put(columns=value))
        hand.changed.connect(self._show)
        self._tool = ""
        self._show()

    @property
    def _boxes(self) -> dict[str, QComboBox]:
        return {"against": self.against, "weight_way": self.weight_way, "push_way": self.push_way, "frame": self.frame}

    def show_tool(self, tool_id: str) -> bool:
        """Show what a tool is set to; False if there is nothing."""
        self._tool = tool_id
        self._show()
        return tool_id in OPTIONS

    def _show(self) -> None:
        mending = self._hand.mending
        shown = set(OPTIONS.get(self._tool, ()))
        if mending.weight_way != "weight":
            shown.discard("amount")
        if mending.frame != "mesh":
            shown.discard("mesh")
        for name, option in self._options.items():
            option.setVisible(name in shown)
        self.reach.set_value(mending.reach_px)
        self.softness.set_value(100 * mending.softness)
        self.amount.set_value(100 * mending.amount)
        self.amount.remark.setText(
            "thicker" if mending.amount > 1 else "thinner" if mending.amount < 1 else "no change"
        )
        self.keep.set_value(mending.keep_px)
        self.within.set_value(mending.connect_px)
        self.tolerance.set_value(mending.tolerance_px)
        for name, box in self._boxes.items():
            box.setCurrentIndex(box.findData(getattr(mending, name)))
        self.scales.setChecked(mending.scales_weights)
        self.along.setChecked(mending.along_guides)
        for field, value in ((self.rows, mending.rows), (self.columns, mending.columns)):
            field.blockSignals(True)
            field.setValue(value)
            field.blockSignals(False)


def _choice(title: str, values: Sequence[tuple[str, str]], tooltip: str) -> QComboBox:
    box = QComboBox(toolTip=tooltip)
    box.setAccessibleName(title)
    for value, words in values:
        box.addItem(words, value)
    return box


def _titled(box: QComboBox) -> QWidget:
    return _below(QLabel(box.accessibleName()), box)


def _below(*widgets: QWidget) -> QWidget:
    return _held(QVBoxLayout(), widgets)


def _beside(*widgets: QWidget) -> QWidget:
    return _held(QHBoxLayout(), widgets)


def _held(layout: QBoxLayout, widgets: Sequence[QWidget]) -> QWidget:
    holder = QWidget()
    layout.setContentsMargins(0, 0, 0, 0)
    layout.setSpacing(4)
    for widget in widgets:
        layout.addWidget(widget)
    layout.addStretch()
    holder.setLayout(layout)
    return holder
