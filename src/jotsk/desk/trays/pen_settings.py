"""How the pen in the hand is set: size, steadiness now and after, opacity."""

from __future__ import annotations

from PySide6.QtGui import QActionGroup
from PySide6.QtWidgets import QHBoxLayout, QMenu, QToolButton, QWidget

from jotsk.core.ink import Pen
from jotsk.core.words import tr
from jotsk.desk.icons import icon
from jotsk.desk.pens.hand import Hand
from jotsk.desk.theme import current
from jotsk.desk.widgets import Track, TrackKind

AS_IT_IS, BORROWED = tr("the hand as it is"), tr("while the key is held")


class PenSettingsTray(QWidget):
    """Four tracks for the pen in the hand."""

    def __init__(self, hand: Hand, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._hand = hand
        self.size_track = Track(
            tr("Size"), TrackKind.SIZE, 0.5, 200, unit="px", tooltip=tr("Full width of the line, in page px")
        )
        self.now = Track(
            tr("Steady now"), TrackKind.STEADINESS, 0, 100,
            tooltip=tr("How strongly the line is held while the pen is down; more trails further behind a slow hand"),
        )  # fmt: skip
        self.after = Track(
            tr("Steady after"), TrackKind.STEADINESS, 0, 100,
            tooltip=tr(
                "How strongly the line is smoothed when the pen lifts; it costs no lag, and can be changed later"
            ),
        )  # fmt: skip
        self.opacity = Track(
            tr("Opacity"), TrackKind.OPACITY, 1, 100, unit="%", tooltip=tr("The most ink a stroke of this pen leaves")
        )
        layout = QHBoxLayout(self)
        layout.setContentsMargins(20, 8, 20, 6)
        layout.setSpacing(24)
        for track, share in ((self.size_track, 5), (self.now, 5), (self.after, 5), (self.opacity, 4)):
            layout.addWidget(track, share)
        self.size_track.changed.connect(lambda value, _: hand.set_size(value))
        self.opacity.changed.connect(lambda value, _: hand.set_opacity(value / 100))
        self.now.changed.connect(lambda value, _: hand.set_steady_now(value))
        self.after.changed.connect(lambda value, _: hand.set_steady_after(value))
        self.way = QToolButton(self)
        self.way.setFixedSize(26, 24)
        self.way.setPopupMode(QToolButton.ToolButtonPopupMode.InstantPopup)
        self.way.setToolTip(tr("How the line is steadied while drawing"))
        self.way.setAccessibleName(tr("Way of steadying"))
        self.way.setMenu(self._way_menu())
        self.now.head.insertWidget(1, self.way)
        hand.changed.connect(self._show)
        self.theme_changed()
        self._show()

    def theme_changed(self) -> None:
        self.way.setIcon(icon("chevron-down", current().text, 16))

    def _way_menu(self) -> QMenu:
        menu = QMenu(self)
        ways = QActionGroup(menu)
        self._ways = {}
        for way, words in (
            ("ease", tr("Ease: follows softly, less as you speed up")),
            ("average", tr("Average: the mean of the last moments")),
            ("tow", tr("Tow: the ink follows on a rope")),
        ):
            action = self._ways[way] = menu.addAction(words)
            action.setCheckable(True)
            ways.addAction(action)
            action.triggered.connect(lambda _=False, w=way: self._hand.steady_by(way=w))
        menu.addSeparator()
        self._options = {}
        for field, words in (
            ("less_when_fast", tr("Less when the hand is fast")),
            ("by_screen", tr("Less when zoomed in")),
            ("keeps_corners", tr("Keep sharp corners")),
        ):
            action = self._options[field] = menu.addAction(words)
            action.setCheckable(True)
            action.triggered.connect(lambda on, f=field: self._hand.steady_by(**{f: on}))
        return menu

    def _show(self) -> None:
        for way, action in self._ways.items():
            action.setChecked(self._hand.pen.way == way)
        for field, action in self._options.items():
            action.setChecked(getattr(self._hand.pen, field))
        pen = self._hand.pen
        settings, is_borrowed = self._hand.settings_for_stroke(pen), self._hand.borrowed_steadiness is not None
        self.size_track.set_value(settings.size_px)
        self.now.set_value(settings.steady_now)
        self.after.set_value(settings.steady_after)
        self.opacity.set_value(100 * settings.opacity)
        self.opacity.remark.setText(tr("builds up") if pen.builds else "")
        self.size_track.remark.setText(_thinnest(pen, settings.size_px))
        self.now.remark.setText(BORROWED if is_borrowed else _way(pen) if settings.steady_now else AS_IT_IS)
        self.after.remark.setText(
            BORROWED if is_borrowed else tr("ends and corners kept") if settings.steady_after else AS_IT_IS
        )


def _thinnest(pen: Pen, size_px: float) -> str:
    words = {
        "pressure": tr("lightest touch"),
        "speed": tr("fastest"),
        "tilt": tr("upright"),
        "direction": tr("along the nib"),
    }
    by = pen.width.by
    return (
        tr("{where} {least:.1f} px", where=words[by], least=size_px * pen.width.least)
        if by in words
        else tr("one width throughout")
    )


def _way(pen: Pen) -> str:
    return tr("{way}, less when fast", way=tr(pen.way)) if pen.less_when_fast and pen.way != "tow" else pen.way
