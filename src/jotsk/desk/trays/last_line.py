"""What the hand just did, and what became of it."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from typing import Any

import numpy as np
from PySide6.QtCore import QPoint, QPointF, QRectF, QSize, Qt
from PySide6.QtGui import QColor, QPainter, QPaintEvent, QPen, QPolygonF
from PySide6.QtWidgets import (
    QHBoxLayout,
    QLabel,
    QMenu,
    QSizePolicy,
    QToolButton,
    QVBoxLayout,
    QWidget,
    QWidgetAction,
)  # fmt: skip

from jotsk.core.hand import ResponseCurve
from jotsk.core.marks import Stroke
from jotsk.core.marks.figures import StrokeFigures, figures_of, unrolled
from jotsk.desk.document.document import Document
from jotsk.desk.icons import icon
from jotsk.desk.theme import current
from jotsk.desk.theme.style import font
from jotsk.desk.widgets import Track, TrackKind
from jotsk.desk.widgets.at_pause import AtPause
from jotsk.desk.widgets.curve_editor import CurveEditor
from jotsk.desk.widgets.elided_label import ElidedLabel
from jotsk.desk.widgets.faults import painted

POINTS = 160
FOLLOW_MS = 30
WITHHELD_TOLD = 0.1  # share of a line along which strength was withheld


def _keeps_shape(figures: StrokeFigures) -> bool:
    return figures.withheld > WITHHELD_TOLD


class RibbonView(QWidget):
    """The stroke laid out straight, with the hand's own wobble over it."""

    def __init__(self, parent: QWidget) -> None:
        super().__init__(parent)
        self._half = np.zeros(0)
        self._off = np.zeros(0)
        self.setMinimumWidth(120)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)
        self.setToolTip("The last line from start to end: its width, and in rust the way the hand went")

    def sizeHint(self) -> QSize:
        return QSize(260, 46)

    def show_stroke(self, stroke: Stroke | None) -> None:
        if stroke is None:
            self._half = self._off = np.zeros(0)
        else:
            laid_out = unrolled(stroke, POINTS)
            self._half, self._off = laid_out.half_width_px, laid_out.off_px
        self.update()

    @painted
    def paintEvent(self, painter: QPainter, event: QPaintEvent) -> None:
        theme = current()
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        box = QRectF(self.rect()).adjusted(0.5, 0.5, -0.5, -0.5)
        painter.fillRect(box, QColor(theme.raised))
        if not len(self._half):
            painter.setPen(QColor(theme.quiet))
            painter.drawText(
                box.adjusted(12, 0, -12, 0),
                Qt.AlignmentFlag.AlignVCenter,
                "Draw a line, and it is laid out here.",
            )
            return
        x = np.linspace(box.left() + 14, box.right() - 14, len(self._half))
        middle, room = box.center().y(), box.height() / 2 - 6
        # Widths and wobble share a scale, so that one can be judged by the other; small ones are enlarged.
        scale = min(4.0, room / max(1.0, float(self._half.max()), float(np.abs(self._off).max())))
        upper = [QPointF(a, middle - b) for a, b in zip(x, self._half * scale, strict=True)]
        lower = [QPointF(a, middle + b) for a, b in zip(x, self._half * scale, strict=True)]
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(QColor(theme.text))
        painter.drawPolygon(QPolygonF(upper + lower[::-1]))
        painter.setPen(QPen(QColor(theme.guide), 1.3))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawPolyline(QPolygonF([QPointF(a, middle + b) for a, b in zip(x, self._off * scale, strict=True)]))


class LineHandles(QWidget):
    """Response curve and tapers of a line."""

    def __init__(self, stroke: Stroke, mend: Callable[..., None], parent: QWidget) -> None:
        super().__init__(parent)
        layout = QVBoxLayout(self)
        layout.setContentsMargins(14, 10, 14, 10)
        pen = stroke.pen
        self.response = CurveEditor(monotone=True, tooltip="Response of this line to pressure")
        self.response.set_points(pen.width.curve.points)
        self.response.changed.connect(
            lambda points: mend("Response of the line", width=replace(pen.width, curve=ResponseCurve(points)))
        )
        layout.addWidget(QLabel("Response"))
        layout.addWidget(self.response)
        self.tapers: dict[str, Track] = {}
        for name, words in (("taper_in", "Taper in"), ("taper_out", "Taper out")):
            track = self.tapers[name] = Track(words, TrackKind.SIZE, 0.5, 300, unit="px", remark=False, tooltip=words)
            taper = getattr(pen, name)
            track.set_value(taper.length_px)
            track.changed.connect(
                lambda v, _, n=name, t=taper: mend("Taper of the line", **{n: replace(t, length_px=v)})
            )
            layout.addWidget(track)


class LastLineTray(QWidget):
    """The last stroke, unrolled; its wobble before and after; and a handle that steadies it anew."""

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._document = document
        self._shown: Stroke | None = None
        self._facts = ElidedLabel()
        self._facts.setProperty("role", "quiet")
        self.heading = QLabel("Last line")
        self.heading.setProperty("role", "heading")
        self.ribbon = RibbonView(self)
        self.steadiness = Track(
            "Steady", TrackKind.STEADINESS, 0, 100, remark=False,
            tooltip="Steady this line anew, from the hand as it was (0) to as calm as it gets (100)",
        )  # fmt: skip
        self.wobble = QLabel()
        self.wobble.setFont(font(15))
        self.wobble.setTextFormat(Qt.TextFormat.RichText)
        self.wobble.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Preferred)
        head = QHBoxLayout()
        head.setSpacing(10)
        head.addWidget(self.heading)
        head.addWidget(self._facts, 1)
        left = QVBoxLayout()
        left.setSpacing(4)
        left.addLayout(head)
        left.addWidget(self.ribbon, 1)
        self.size_track = Track(
            "Size", TrackKind.SIZE, 0.5, 200, unit="px", remark=False, tooltip="Full width of this line"
        )
        self.more = QToolButton(self)
        self.more.setFixedSize(26, 24)
        self.more.setToolTip("Response and tapers of this line")
        self.more.setAccessibleName("More of this line")
        self.more.clicked.connect(self.show_more)
        self.size_track.head.insertWidget(1, self.more)
        tracks = QHBoxLayout()
        tracks.setSpacing(18)
        tracks.addWidget(self.steadiness)
        tracks.addWidget(self.size_track)
        right = QVBoxLayout()
        right.setSpacing(0)
        right.addLayout(tracks)
        right.addWidget(self.wobble)
        right.addStretch()
        layout = QHBoxLayout(self)
        layout.setContentsMargins(20, 8, 20, 8)
        layout.setSpacing(20)
        layout.addLayout(left, 1)
        layout.addLayout(right, 1)
        self.steadiness.changed.connect(self._steady)
        document.selection.changed.connect(self._show_chosen)
        self.size_track.changed.connect(lambda value, finished: self._mend("Resize the line", finished, size_px=value))
        self._pause = AtPause(self.refresh, lambda: document.is_inking, FOLLOW_MS, self)
        document.last_line.changed.connect(self._follow)
        self.theme_changed()

    def _follow(self) -> None:
        """The page comes first: the tray follows when it has been painted."""
        if not self._pause.is_asked:
            self._pause.ask()

    def refresh(self) -> None:
        self._pause.drop()
        stroke = self._document.last_line.when_dry()
        if stroke is self._shown and stroke is not None:
            return
        self._shown = stroke
        for handle in (self.steadiness, self.size_track, self.more):
            handle.setEnabled(stroke is not None)
        self.ribbon.show_stroke(stroke)
        theme = current()
        if stroke is None:
            self._facts.setText("")
            self.wobble.setText("")
            return
        f = figures_of(stroke)
        self._facts.setText(f"{stroke.pen.name.lower()}, {f.length_px:.0f} px, {f.duration_s:.2f} s")
        self.steadiness.set_value(stroke.steady_after)
        self.size_track.set_value(stroke.size_px)
        self.wobble.setText(
            f'<span style="color:{theme.quiet}; font-size:12px">wobble</span> '
            f'<span style="color:{theme.guide}">{f.wobble_before_px:.1f} px</span> → '
            f'<b style="color:{theme.accent}">{f.wobble_after_px:.1f} px</b>'
            + (f'<span style="color:{theme.quiet}; font-size:12px"> · shape kept</span>' if _keeps_shape(f) else "")
        )
        self.wobble.setToolTip(
            f"Wobble: how far the line strays from what was meant, before and after steadying;"
            f" along {f.withheld:.0%} of it less is steadied, to keep its shape"
        )

    def show_more(self) -> None:
        """Handles for the response and the tapers of this one line."""
        stroke = self._document.last_line.when_dry()
        if stroke is None:
            return
        menu = QMenu(self)
        menu.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        inside = LineHandles(stroke, self._mend_pen, menu)
        action = QWidgetAction(menu)
        action.setDefaultWidget(inside)
        menu.addAction(action)
        menu.popup(self.more.mapToGlobal(QPoint(0, -inside.sizeHint().height() - 12)))

    def _steady(self, value: float, finished: bool) -> None:
        """The chosen lines, if there are any; else the last one."""
        if not self._document.selection.lines:
            self._document.last_line.resteady(value, finished=finished)
        elif finished:
            self._document.selection.steady(value)
        else:
            self._document.selection.preview(value)

    def _show_chosen(self) -> None:
        count = len(self._document.selection.lines)
        self.heading.setText(f"{count} line{'s' if count > 1 else ''} chosen" if count else "Last line")
        self.steadiness.setEnabled(bool(count) or self._document.last_line.when_dry() is not None)
        if count:
            self.steadiness.set_value(float(np.median([s.steady_after for s in self._document.selection.lines])))
        elif self._document.last_line.when_dry() is not None:
            self.steadiness.set_value(self._document.last_line.when_dry().steady_after)

    def _mend_pen(self, label: str, **changes: Any) -> None:
        """Give this one line another recipe; the pen in the library stays as it is."""
        self._document.last_line.mend(label, lambda s: replace(s, pen=replace(s.pen, **changes)))

    def _mend(self, label: str, finished: bool, **changes: Any) -> None:
        self._document.last_line.mend(label, lambda s: replace(s, **changes), finished=finished)

    def theme_changed(self) -> None:
        self.more.setIcon(icon("chevron-up", current().text, 16))
        self._shown = None
        self.refresh()
