"""What was found on the page, over it: rings numbered by rank, and how the one that one came to would be mended."""

from __future__ import annotations

from PySide6.QtCore import QObject, QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QPainter, QPen

from jotsk.core.geometry import View
from jotsk.desk.board.overlays.chosen_lines import ChosenLines
from jotsk.desk.document.checks import PageChecks
from jotsk.desk.theme import current
from jotsk.desk.theme.style import SMALL_PX, font

PRESENT_PX, OTHERS_PX = 22.0, 9.0  # logical px, of the rings
NUMBER_PX, NUMBER_WIDTH_PX = 8.0, 7  # half as high as a number's disc; how much wider for each further digit


class FindingsOverlay(QObject):
    def __init__(self, checks: PageChecks, parent: QObject) -> None:
        super().__init__(parent)
        self._checks = checks
        self.lines = ChosenLines(self)

    def draw(self, painter: QPainter, view: View, ratio: float) -> None:
        """The finding one came to, and the others of its kind."""
        checks = self._checks
        present = checks.present
        if present is None:
            return
        self.lines.draw(painter, view, ratio, (), checks.proposals.lines, [])
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        m = view.matrix / ratio
        seen = QRectF(0, 0, painter.device().width(), painter.device().height())
        for rank, finding in reversed([*enumerate(checks.findings, 1)]):  # the worst lies on top
            if finding.kind != present.kind or finding is present:
                continue
            center = QPointF(*(m[:, :2] @ finding.at + m[:, 2]))
            if seen.contains(center):
                _draw(painter, center, OTHERS_PX, rank)
        _draw(painter, QPointF(*(m[:, :2] @ present.at + m[:, 2])), PRESENT_PX, checks.at + 1)


def _draw(painter: QPainter, center: QPointF, radius: float, rank: int) -> None:
    """A ring in two strengths, so that it is seen on any ground, and its rank at its upper right."""
    theme = current()
    painter.setBrush(Qt.BrushStyle.NoBrush)
    for color, width in ((QColor(255, 255, 255, 220), 5.0), (QColor(theme.guide), 2.2)):
        painter.setPen(QPen(color, width))
        painter.drawEllipse(center, radius, radius)
    words = str(rank)
    half = NUMBER_PX + NUMBER_WIDTH_PX * (len(words) - 1) / 2
    at = center + QPointF(0.75 * radius, -0.75 * radius) + QPointF(half - NUMBER_PX, 0)
    disc = QRectF(at.x() - half, at.y() - NUMBER_PX, 2 * half, 2 * NUMBER_PX)
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(QColor(theme.guide))
    painter.drawRoundedRect(disc, NUMBER_PX, NUMBER_PX)
    painter.setPen(QColor(theme.raised))
    painter.setFont(font(SMALL_PX, weight=font().Weight.DemiBold))
    painter.drawText(disc, Qt.AlignmentFlag.AlignCenter, words)
    painter.setBrush(Qt.BrushStyle.NoBrush)
