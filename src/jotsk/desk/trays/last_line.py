"""What the hand just did, and what became of it; or the chosen lines. Every handle changes all of them."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace

import numpy as np
from PySide6.QtCore import QPoint, QPointF, QRectF, QSize, Qt
from PySide6.QtGui import QColor, QPainter, QPaintEvent, QPen, QPolygonF
from PySide6.QtWidgets import (
    QComboBox,
    QHBoxLayout,
    QLabel,
    QMenu,
    QPushButton,
    QSizePolicy,
    QToolButton,
    QVBoxLayout,
    QWidget,
    QWidgetAction,
)  # fmt: skip

from jotsk.core.hand import ResponseCurve
from jotsk.core.ink import Pen
from jotsk.core.marks import Stroke
from jotsk.core.marks.figures import StrokeFigures, figures_of, unrolled
from jotsk.core.words import in_sentence, tr
from jotsk.desk.document.document import Document
from jotsk.desk.document.latest import Latest
from jotsk.desk.icons import icon
from jotsk.desk.pens.hand import Hand
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
        self.setToolTip(tr("The last line from start to end: its width, and in rust the way the hand went"))

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
                Qt.AlignmentFlag.AlignVCenter | Qt.TextFlag.TextWordWrap,
                tr("Draw a line, and it is laid out here."),
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
    """Pen, colour, opacity, response and tapers of the lines at work; they show those of the last of them.

    `mend(label, change, finished)` changes a pen by `change`; `hand` has the colour, and the pens there are.
    """

    def __init__(
        self, stroke: Stroke, mend: Callable[..., None], recolor: Callable[[], None], hand: Hand, parent: QWidget
    ) -> None:
        super().__init__(parent)
        layout = QVBoxLayout(self)
        layout.setContentsMargins(14, 10, 14, 10)
        pen = stroke.pen
        self.pens = QComboBox(toolTip=tr("Draw the same motion with another pen"))
        self.pens.setAccessibleName(tr("Pen of the line"))
        inking = [p for p in hand.library.pens if not p.rubs]
        if all(p.id != pen.id for p in inking):
            inking = [pen, *inking]
        for each in inking:
            self.pens.addItem(tr(each.name), each)
        self.pens.setCurrentIndex(next(k for k, p in enumerate(inking) if p.id == pen.id))
        self.pens.activated.connect(lambda k: mend(tr("Pen of the line"), lambda _: inking[k]))
        self.color = QPushButton(tr("Colour of the hand"), autoDefault=False, toolTip=tr("Give it the ink in the hand"))
        self.color.clicked.connect(lambda _=False: recolor())
        top = QHBoxLayout()
        top.addWidget(self.pens, 1)
        top.addWidget(self.color)
        layout.addLayout(top)
        self.opacity = Track(
            tr("Opacity"), TrackKind.OPACITY, 1, 100, unit="%", remark=False, tooltip=tr("Of this line")
        )
        self.opacity.set_value(100 * pen.opacity)
        self.opacity.changed.connect(
            lambda v, finished: mend(tr("Opacity of the line"), lambda p: replace(p, opacity=v / 100), finished)
        )
        layout.addWidget(self.opacity)
        self.response = CurveEditor(monotone=True, tooltip=tr("Response of this line to pressure"))
        self.response.set_points(pen.width.curve.points)
        self.response.changed.connect(
            lambda points: mend(
                tr("Response of the line"), lambda p: replace(p, width=replace(p.width, curve=ResponseCurve(points)))
            )
        )
        layout.addWidget(QLabel(tr("Response")))
        layout.addWidget(self.response)
        self.tapers: dict[str, Track] = {}
        for name, words in (("taper_in", tr("Taper in")), ("taper_out", tr("Taper out"))):
            track = self.tapers[name] = Track(words, TrackKind.SIZE, 0.5, 300, unit="px", remark=False, tooltip=words)
            track.set_value(getattr(pen, name).length_px)
            track.changed.connect(lambda v, finished, n=name: mend(tr("Taper of the line"), _tapered(n, v), finished))
            layout.addWidget(track)


def _tapered(name: str, length_px: float) -> Callable[[Pen], Pen]:
    return lambda pen: replace(pen, **{name: replace(getattr(pen, name), length_px=length_px)})


class LastLineTray(QWidget):
    """The last stroke, unrolled; its wobble before and after; and a handle that steadies it anew."""

    def __init__(self, document: Document, hand: Hand, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._document, self._hand = document, hand
        self._shown: tuple[Stroke, ...] = ()
        self._facts = ElidedLabel()
        self._facts.setProperty("role", "quiet")
        self.heading = QLabel(tr("Last line"))
        self.heading.setProperty("role", "heading")
        self.ribbon = RibbonView(self)
        self.steadiness = Track(
            tr("Steady"), TrackKind.STEADINESS, 0, 100, remark=False,
            tooltip=tr("Steady this line anew, from the hand as it was (0) to as calm as it gets (100)"),
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
            tr("Size"), TrackKind.SIZE, 0.5, 200, unit="px", remark=False, tooltip=tr("Full width of this line")
        )
        self.more = QToolButton(self)
        self.more.setFixedSize(26, 24)
        self.more.setToolTip(tr("Pen, colour, opacity, response and tapers"))
        self.more.setAccessibleName(tr("More of this line"))
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
        document.selection.changed.connect(self._show_count)
        self.size_track.changed.connect(
            lambda value, finished: self._mend(tr("Size of the line"), finished, lambda s: replace(s, size_px=value))
        )
        self._measuring = Latest("figures", self)
        self._measuring.came.connect(lambda found: self._take_figures(*found))
        self._pause = AtPause(self.refresh, lambda: document.is_inking, FOLLOW_MS, self)
        document.last_line.changed.connect(self._follow)
        self.theme_changed()

    def _follow(self) -> None:
        """The page comes first: the tray follows when it has been painted."""
        if not self._pause.is_asked:
            self._pause.ask()

    def _show_count(self) -> None:
        chosen = len(self._document.selection.lines)
        self.heading.setText(tr("%n line(s) chosen", None, chosen) if chosen else tr("Last line"))
        self._follow()

    def refresh(self) -> None:
        self._pause.drop()
        lines = self._document.selection.at_work
        if lines and _are_same(lines, self._shown):
            return
        self._shown = lines
        for handle in (self.steadiness, self.size_track, self.more):
            handle.setEnabled(bool(lines))
        self.ribbon.show_stroke(lines[-1] if lines else None)
        self._measuring.drop()
        if not lines:
            self._facts.setText("")
            self.wobble.setText("")
            return
        self.steadiness.set_value(float(np.median([s.steady_after for s in lines])))
        self.size_track.set_value(float(np.median([s.size_px for s in lines])))
        if len(lines) == 1:
            self._show_figures(lines[0])
        else:
            names = sorted({in_sentence(tr(s.pen.name)) for s in lines})
            self._facts.setText(names[0] if len(names) == 1 else tr("%n pens", None, len(names)))
            self.wobble.setText("")
            self.wobble.setToolTip("")

    def _show_figures(self, stroke: Stroke) -> None:
        """What is measured on a line: beside the interface, for one of many minutes takes long."""
        self._measuring.ask(lambda: (stroke, figures_of(stroke)))

    def _take_figures(self, stroke: Stroke, f: StrokeFigures) -> None:
        theme = current()
        self._facts.setText(
            tr(
                "{pen}, {length_px:.0f} px, {duration_s:.2f} s",
                pen=in_sentence(tr(stroke.pen.name)),
                length_px=f.length_px,
                duration_s=f.duration_s,
            )
        )
        what, kept = tr("wobble"), tr("shape kept")
        self.wobble.setText(
            f'<span style="color:{theme.quiet}; font-size:12px">{what}</span> '
            f'<span style="color:{theme.guide}">{f.wobble_before_px:.1f} px</span> → '
            f'<b style="color:{theme.accent}">{f.wobble_after_px:.1f} px</b>'
            + (f'<span style="color:{theme.quiet}; font-size:12px"> · {kept}</span>' if _keeps_shape(f) else "")
        )
        self.wobble.setToolTip(
            tr(
                "Wobble: how far the line strays from what was meant, before and after steadying; along "
                "{withheld:.0%} of it less is steadied, to keep its shape",
                withheld=f.withheld,
            )
        )

    def handles(self, parent: QWidget) -> LineHandles | None:
        """More handles for the lines at work; None if there are none."""
        lines = self._document.selection.at_work
        if not lines:
            return None
        return LineHandles(lines[-1], self._mend_pen, self._recolor, self._hand, parent)

    def show_more(self) -> None:
        menu = QMenu(self)
        menu.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        inside = self.handles(menu)
        if inside is not None:
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

    def _recolor(self) -> None:
        self._document.selection.recolor(self._hand.color)

    def _mend_pen(self, label: str, change: Callable[[Pen], Pen], finished: bool = True) -> None:
        """Give these lines another recipe; the pens in the library stay as they are."""
        self._mend(label, finished, lambda s: replace(s, pen=change(s.pen)))

    def _mend(self, label: str, finished: bool, change: Callable[[Stroke], Stroke]) -> None:
        self._document.selection.mend(label, change, finished=finished)

    def theme_changed(self) -> None:
        self.more.setIcon(icon("chevron-up", current().text, 16))
        self._shown = ()
        self.refresh()


def _are_same(lines: tuple[Stroke, ...], others: tuple[Stroke, ...]) -> bool:
    return len(lines) == len(others) and all(a is b for a, b in zip(lines, others, strict=True))
