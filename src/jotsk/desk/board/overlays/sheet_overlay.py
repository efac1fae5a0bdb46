"""What is to be drawn on a practice sheet, as guides are shown, and where each line was worst."""

from __future__ import annotations

import math
from collections.abc import Sequence
from typing import TYPE_CHECKING

import numpy as np
from PySide6.QtCore import QPointF
from PySide6.QtGui import QColor, QPainter, QPen

from jotsk.core.geometry import View
from jotsk.desk.theme import current
from jotsk.desk.widgets.polygon import draw_line, line_of, polygon_of

if TYPE_CHECKING:
    from jotsk.core.check.practice.sheets import Sheet, Task

START_PX, WORST_PX, MARK_PX = 4.0, 6.0, 5.0  # logical px
FAINT, DONE = 190, 70  # of 255


def draw_sheet(
    painter: QPainter, view: View, ratio: float, sheet: Sheet, done: Sequence[int],
    worst: Sequence[tuple[float, float]],
) -> None:  # fmt: skip
    """`done` are the tasks that were drawn; they are shown fainter."""
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    m = view.matrix / ratio
    drawn = set(done)
    for number, task in enumerate(sheet.tasks):
        color = QColor(current().guide)
        color.setAlpha(DONE if number in drawn and task.repeats == 1 else FAINT)
        _draw_task(painter, m, float(view.zoom / ratio), task, color)
    painter.setPen(QPen(QColor(current().accent), 1.6))
    for x, y in worst:
        if math.isfinite(x):
            painter.drawEllipse(_seen(m, np.array([[x, y]]))[0], WORST_PX, WORST_PX)


def _seen(m: np.ndarray, places: np.ndarray) -> list[QPointF]:
    return [QPointF(x, y) for x, y in (places @ m[:, :2].T + m[:, 2]).tolist()]


def _draw_task(painter: QPainter, m: np.ndarray, zoom: float, task: Task, color: QColor) -> None:
    painter.setPen(QPen(color, 1.2))
    ends = _seen(m, task.path[[0, -1]])
    if task.kind == "dots":
        painter.drawEllipse(ends[0], task.zone * zoom, task.zone * zoom)
        return
    if task.kind == "signature":
        painter.drawLine(*ends)
        return
    if task.widths is not None:
        way = np.gradient(task.path, axis=0)
        way /= np.maximum(np.hypot(*way.T), 1e-9)[:, None]
        side = np.column_stack([-way[:, 1], way[:, 0]]) * task.widths[:, None] / 2
        painter.drawPolygon(polygon_of(np.concatenate([task.path + side, (task.path - side)[::-1]]), m))
    else:
        draw_line(painter, line_of(task.path, m))
    if task.repeats > 1:
        way = (task.path[-1] - task.path[0]) / max(1e-9, task.length)
        last = np.array([-way[1], way[0]]) * (task.repeats - 1) * task.spacing
        draw_line(painter, line_of(task.path + last, m))
        for k in (0, -1):  # the band it is to fill
            painter.drawLine(*_seen(m, np.array([task.path[k], task.path[k] + last])))
    for mark in _seen(m, np.array(task.marks).reshape(-1, 2)):
        painter.drawEllipse(mark, MARK_PX, MARK_PX)
    painter.setBrush(color)
    painter.drawEllipse(ends[0], START_PX, START_PX)
    painter.setBrush(QColor(0, 0, 0, 0))
    if task.zone and not task.is_closed:
        painter.drawEllipse(ends[1], task.zone * zoom, task.zone * zoom)
