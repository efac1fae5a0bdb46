"""What the mending tools are set to."""

from __future__ import annotations

from PySide6.QtWidgets import (
    QCheckBox,
    QComboBox,
    QHBoxLayout,
    QLabel,
    QPushButton,
    QWidget,
)  # fmt: skip

from jotsk.core.words import tr
from jotsk.desk.pens.hand import Hand
from jotsk.desk.trays.options import below, beside, choice, titled
from jotsk.desk.widgets import Track, TrackKind
from jotsk.desk.widgets.number_field import count_field

AGAINST = (("layer", tr("Lines of this layer")), ("visible", tr("All visible ink")), ("self", tr("The line itself")))
WEIGHT_WORDS = (("weight", tr("Thicker or thinner")), ("even", tr("Even out")), ("sharpen", tr("Sharp ends")))
PUSH_WORDS = (("push", tr("Push")), ("smooth", tr("Smooth")), ("gather", tr("Gather")))
FRAME_WORDS = (("whole", tr("The frame")), ("corners", tr("Free corners")), ("mesh", tr("A mesh")))
MOST_FIELDS = 12
OPTIONS: dict[str, tuple[str, ...]] = {  # by tool
    "choose": ("connect",), "choose_across": ("connect",), "choose_parts": ("connect",),
    "snip": ("against", "keep"), "join": ("reach",), "splice": ("reach",),
    "weigh": ("weight_way", "amount", "reach", "softness"), "push": ("push_way", "reach", "softness"),
    "points": ("tolerance", "simplify"), "move_lines": ("frame", "mesh", "manner"),
}  # fmt: skip


class MendingTray(QWidget):
    """What the tool in the hand is set to, where size and steadiness stand while one draws."""

    def __init__(self, hand: Hand, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._hand = hand
        size, share = TrackKind.SIZE, TrackKind.OPACITY
        self.reach = Track(tr("Reach"), size, 4, 400, unit="px", tooltip=tr("How far the hand reaches, page px"))
        self.softness = Track(
            tr("Softness"), share, 0, 100, unit="%", tooltip=tr("How softly the hand works at its edge")
        )
        self.amount = Track(
            tr("Weight"), size, 25, 400, unit="%", tooltip=tr("How thick a line becomes in one pass: below 100 thinner")
        )
        self.keep = Track(
            tr("Overshoot"), size, 1, 200, unit="px", tooltip=tr("What stays beyond a crossing while Shift is held")
        )
        self.within = Track(
            tr("Connected within"), size, 0.5, 200, unit="px",
            tooltip=tr("So near lines hang together, for “Choose what is connected”"),
        )  # fmt: skip
        self.tolerance = Track(
            tr("Points within"), size, 0.1, 40, unit="px",
            tooltip=tr("How far a line may move, in px of the screen, when it runs smoothly through its points"),
        )  # fmt: skip
        self.against = choice(tr("Snip up to"), AGAINST, tr("What ends a piece that is snipped"))
        self.weight_way = choice(tr("Does"), WEIGHT_WORDS, tr("What a pass does to the weight of lines"))
        self.push_way = choice(tr("Does"), PUSH_WORDS, tr("What the hand does to the shape of lines"))
        self.frame = choice(tr("By"), FRAME_WORDS, tr("What lines are moved by"))
        self.simplify = QPushButton(tr("Simplify"), toolTip=tr("Have the line run smoothly through its points (Enter)"))
        self.scales = QCheckBox(
            tr("Scale weights"), toolTip=tr("Scaled lines become thicker too; Shift does the other")
        )
        self.along = QCheckBox(
            tr("Along guides"), toolTip=tr("Lines move along the guide that runs the way of the hand")
        )
        self.rows, self.columns = count_field(1, MOST_FIELDS), count_field(1, MOST_FIELDS)
        for field, name in ((self.rows, tr("Fields down")), (self.columns, tr("Fields across"))):
            field.setToolTip(tr("{name}, of the mesh", name=name))
            field.setAccessibleName(name)
        mesh = below(QLabel(tr("Fields")), beside(self.columns, QLabel("×"), self.rows))
        self._options: dict[str, QWidget] = {
            "weight_way": titled(self.weight_way), "push_way": titled(self.push_way), "frame": titled(self.frame),
            "against": titled(self.against), "mesh": mesh, "manner": below(self.scales, self.along),
            "amount": self.amount, "reach": self.reach, "softness": self.softness, "keep": self.keep,
            "connect": self.within, "tolerance": self.tolerance, "simplify": below(self.simplify),
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

    def show_tool(self, tool_id: str) -> None:
        """Show what a tool is set to."""
        self._tool = tool_id
        self._show()

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
            tr("thicker") if mending.amount > 1 else tr("thinner") if mending.amount < 1 else tr("no change")
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
