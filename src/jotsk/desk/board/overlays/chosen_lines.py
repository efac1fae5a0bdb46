"""Where the chosen lines run, or those that would come of them, over the page: hundreds at once."""

from __future__ import annotations

from collections.abc import Collection, Sequence
from typing import Any, NamedTuple

import cv2
import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QObject, QPointF, QRectF, Qt, Signal
from PySide6.QtGui import QColor, QImage, QPainter, QPen

from jotsk.core.geometry import View
from jotsk.core.marks import Stroke
from jotsk.core.runtime.giving_way import taking_turns
from jotsk.core.runtime.lanes import BESIDE
from jotsk.desk.board.overlays.kept_picture import moved
from jotsk.desk.theme import current
from jotsk.desk.widgets.hand_over import hand_over
from jotsk.desk.widgets.polygon import draw_line

MOST_POINTS = 80  # of a line: it is a mark beside the ink, not the ink
STEP_PX = 3.0  # of the screen, between two points
WIDTH, PREVIEW_WIDTH = 2.0, 1.6  # logical px
SUBPIXEL_BITS = 4
FARTHEST_PX = 1 << 24  # of the screen: what OpenCV counts
AT_ONCE, POINTS_AT_ONCE = 60, 20_000  # lines, a few ms; more are drawn beside the interface

Points = NDArray[np.floating[Any]]


class _Wanted(NamedTuple):
    lines: Sequence[Points]
    view: View
    ratio: float
    size: tuple[int, int]
    color: str
    width: float

    def is_like(self, other: _Wanted | None) -> bool:
        return other is not None and other.lines is self.lines and other[1:] == self[1:]


class ChosenLines(QObject):
    """Draws them into a picture that is kept while neither they nor the view change. While a picture of many is drawn
    anew, the last one follows the view."""

    worked_out = Signal()  # the lines of strokes that came from a file are known
    rendered = Signal(object, object)

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._read: tuple[Collection[Stroke], list[Points]] = ((), [])
        self._drawn: _Wanted | None = None
        self._places: list[tuple[QRectF, QImage]] = []
        self._is_drawing = False
        self.worked_out.connect(self._forget)
        self.rendered.connect(self._take)

    def draw(
        self, painter: QPainter, view: View, ratio: float, chosen: Collection[Stroke], preview: Sequence[Points],
        lasso: list[QPointF],
    ) -> None:  # fmt: skip
        """The chosen lines, or instead of them a preview, each (N, 2) page px; and the lasso."""
        if not (chosen or preview or lasso):
            return
        theme, device = current(), painter.device()
        size = round(device.height() * ratio), round(device.width() * ratio)
        lines, color, width = (preview, theme.guide, PREVIEW_WIDTH) if preview else (
            self._lines_of(chosen), theme.accent, WIDTH,
        )  # fmt: skip
        wanted = _Wanted(lines, view, ratio, size, color, width)
        if not wanted.is_like(self._drawn):
            if len(lines) <= AT_ONCE and sum(map(len, lines)) <= POINTS_AT_ONCE:
                self._drawn, self._places = wanted, _picture(wanted)
            elif not self._is_drawing:
                self._is_drawing = True
                BESIDE.queue("chosen lines").go(self._draw_beside, wanted)
        if self._drawn is not None and self._drawn.color == color:
            painter.save()
            painter.setTransform(moved(self._drawn.view, view, self._drawn.ratio), True)
            for place, image in self._places:
                painter.drawImage(place, image)
            painter.restore()
        if lasso:
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            painter.setPen(QPen(QColor(theme.accent), 1.4, Qt.PenStyle.DashLine))
            draw_line(painter, [*lasso, lasso[0]])

    def _draw_beside(self, wanted: _Wanted) -> None:
        places: list[tuple[QRectF, QImage]] = []
        try:
            places = _picture(wanted)
        finally:  # or none would ever be drawn again
            hand_over(self, lambda: self.rendered.emit(wanted, places))

    def _take(self, wanted: _Wanted, places: list[tuple[QRectF, QImage]]) -> None:
        self._drawn, self._places, self._is_drawing = wanted, places, False

    def _lines_of(self, chosen: Collection[Stroke]) -> list[Points]:
        if self._read[0] is not chosen:
            unknown = [stroke for stroke in chosen if not stroke.is_worked_out]
            if unknown:  # the hand's motion stands for a line until that is known
                BESIDE.queue("chosen lines").go(self._work_out, unknown)
            self._read = chosen, [line for stroke in chosen for line in _lines(stroke)]
        return self._read[1]

    def _work_out(self, strokes: list[Stroke]) -> None:
        for stroke in taking_turns(strokes):
            _ = stroke.ribbon, stroke.steadier
        hand_over(self, lambda: self.worked_out.emit())

    def _forget(self) -> None:
        self._read = (), []


def _lines(stroke: Stroke) -> list[Points]:
    if "ribbon" in stroke.__dict__:
        lines: list[Points] = [points[:, :2] for points, _ in stroke.ribbon.each_turn()]
    else:
        lines = [stroke.trace.xy, *(stroke.trace.xy @ m[:, :2].T + m[:, 2] for m in stroke.copies)]
    return [line[:: max(1, len(line) // MOST_POINTS)] for line in lines]


def _picture(wanted: _Wanted) -> list[tuple[QRectF, QImage]]:
    """One picture of all lines, of the size of the board at most, and the logical px it belongs to."""
    _, view, ratio, size, color, width = wanted
    lines = [line for line in wanted.lines if len(line)]
    if not lines:
        return []
    m = view.matrix
    # OpenCV counts from px centres.
    placed = np.concatenate(lines)[:, :2] @ m[:, :2].T + m[:, 2] - 0.5
    places, ends = _fewer(
        np.clip(placed, -FARTHEST_PX, FARTHEST_PX).astype(np.float64), np.array([len(line) for line in lines])
    )
    scaled, starts = places[:, None] * (1 << SUBPIXEL_BITS), [0, *ends[:-1]]
    ink = np.zeros(size, np.uint8)
    reach = (width * ratio - 1) / 2 * (1 << SUBPIXEL_BITS)
    for dx, dy in ((reach, 0), (-reach, 0), (0, reach), (0, -reach)):  # OpenCV's own wider lines are wider still
        moved = np.round(scaled + (dx, dy)).astype(np.int32)
        parts = [moved[start:end] for start, end in zip(starts, ends, strict=True)]
        cv2.polylines(ink, parts, False, 255, 1, cv2.LINE_AA, SUBPIXEL_BITS)
    x, y, w, h = cv2.boundingRect(ink)
    if not w:
        return []
    drawn = np.ascontiguousarray(ink[y : y + h, x : x + w])
    image = QImage(drawn.data, w, h, w, QImage.Format.Format_Indexed8)
    image.setColorTable([(alpha << 24) | (QColor(color).rgb() & 0xFFFFFF) for alpha in range(256)])
    image = image.convertToFormat(QImage.Format.Format_ARGB32_Premultiplied)
    return [(QRectF(x / ratio, y / ratio, w / ratio, h / ratio), image)]


def _fewer(places: Points, counts: NDArray[np.int64]) -> tuple[Points, list[int]]:
    """Lines of `counts` points each, with no more points than their length on the screen asks for; and their ends."""
    ends = np.cumsum(counts)
    steps = np.zeros(len(places))
    steps[1:] = np.hypot(*np.diff(places, axis=0).T)
    steps[ends[:-1]] = 0.0  # from one line to the next
    lengths = np.add.reduceat(steps, ends - counts)
    every = np.maximum(1, (STEP_PX * counts / np.maximum(lengths, STEP_PX))).astype(np.int64)
    index = np.arange(len(places)) - np.repeat(ends - counts, counts)
    kept = index % np.repeat(every, counts) == 0
    kept[ends - 1] = True
    return places[kept], np.cumsum(np.add.reduceat(kept.astype(np.int64), ends - counts)).tolist()
