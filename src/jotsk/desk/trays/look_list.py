"""What the page is looked at for: each kind of fault as it looks, and how many there are."""

from __future__ import annotations

from collections import Counter

from PySide6.QtCore import QRectF, QSize, Qt
from PySide6.QtGui import QColor, QPainter, QPaintEvent
from PySide6.QtWidgets import QVBoxLayout, QWidget

from jotsk.core.check.finding import KINDS
from jotsk.core.check.samples import sample
from jotsk.core.mend.samples import WIDTH
from jotsk.core.words import tr
from jotsk.desk.document.checks import PageChecks
from jotsk.desk.theme import current
from jotsk.desk.theme.style import SMALL_PX, font
from jotsk.desk.widgets import draw_ink_mark
from jotsk.desk.widgets.choice import Choice
from jotsk.desk.widgets.drawn_beside import DRAWN
from jotsk.desk.widgets.faults import painted
from jotsk.desk.widgets.ink_mark import alpha_image

ROW_PX, PICTURE = 37, QSize(72, 22)
NAMES = {
    "leak": tr("Leaks"),
    "tangent": tr("Tangents"),
    "weight": tr("Outlines"),
    "wobble": tr("Wobble"),
    "stray": tr("Stray marks"),
}
TOOLTIPS = {
    "leak": tr("Gaps through which a fill would run out"),
    "tangent": tr("Lines, ends and corners that touch without meaning to"),
    "weight": tr("Outlines that are no heavier than what is inside"),
    "wobble": tr("Lines that stray from what was meant"),
    "stray": tr("Specks, double lines, lines off the page or too thin to print, empty layers"),
}


class LookRow(Choice):
    """One kind; a press walks to the first, and from one to the next."""

    def __init__(self, kind: str, checks: PageChecks, parent: QWidget) -> None:
        super().__init__(parent)
        self.kind, self._checks = kind, checks
        self.count: int | None = None  # None before a check
        self.setFixedHeight(ROW_PX)
        DRAWN.came.connect(self.update)
        self.show_count(None)

    def show_count(self, count: int | None) -> None:
        self.count = count
        words = tr("not looked for yet") if count is None else tr("%n found", None, count)
        self.setToolTip(f"{TOOLTIPS[self.kind]}: {words}")
        self.setAccessibleName(f"{NAMES[self.kind]}: {words}")
        self.update()

    @painted
    def paintEvent(self, painter: QPainter, event: QPaintEvent) -> None:
        theme = current()
        painter.setRenderHints(QPainter.RenderHint.SmoothPixmapTransform | QPainter.RenderHint.Antialiasing)
        if (ink := DRAWN.get(sample, self.kind)) is not None:
            color = theme.text if self.count else theme.quiet
            image = alpha_image(ink, color, WIDTH / PICTURE.width())
            painter.drawImage(QRectF(12, 1, PICTURE.width(), PICTURE.height()), image)
        if self.is_chosen:
            draw_ink_mark(painter, QRectF(2, 4, 6, ROW_PX - 10), theme.accent)
        bold, plain = font().Weight.DemiBold, font().Weight.Normal
        painter.setFont(font(SMALL_PX, weight=bold if self.is_chosen else plain))
        painter.setPen(QColor(theme.text if self.is_chosen or self.hasFocus() else theme.quiet))
        line = QRectF(14, ROW_PX - 15, self.width() - 24, 15)
        painter.drawText(line, NAMES[self.kind])
        if self.count is not None:
            painter.setFont(font(SMALL_PX, weight=bold if self.count else plain))
            painter.setPen(QColor(theme.guide if self.count else theme.quiet))
            painter.drawText(line, Qt.AlignmentFlag.AlignRight, str(self.count))

    def choose(self) -> None:
        self._checks.walk_to(self.kind)
        self.is_chosen = self._checks.present is not None and self._checks.present.kind == self.kind


class LookList(QWidget):
    def __init__(self, checks: PageChecks, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._checks = checks
        self.rows = [LookRow(kind, checks, self) for kind in KINDS]
        layout = QVBoxLayout(self)
        layout.setContentsMargins(0, 2, 0, 4)
        layout.setSpacing(0)
        for row in self.rows:
            layout.addWidget(row)
        checks.changed.connect(self.refresh)

    def refresh(self) -> None:
        checks = self._checks
        counts = Counter(finding.kind for finding in checks.findings)
        for row in self.rows:
            row.is_chosen = checks.present is not None and checks.present.kind == row.kind
            row.show_count(counts[row.kind] if checks.is_checked else None)
