"""Polylines of the core as Qt paints them."""

from __future__ import annotations

import math
import struct
from collections.abc import Sequence
from functools import cached_property
from itertools import pairwise

import cv2
import numpy as np
from numpy.typing import ArrayLike, NDArray
from PySide6.QtCore import QByteArray, QLineF, QPointF, Qt
from PySide6.QtGui import QPainter, QPen, QPolygonF

SEEN_OFF_PX = 0.2  # logical px that a long line is seen beside its place, at most
MANY = 200  # places of a line that is thinned
THIN_PX = 4.0  # of a line that shows no joints
MOST_TURN = 0.9 * math.pi  # of a part of a line, in all: with less than half a turn nothing crosses itself


class SeenLine:
    """A polyline as it is seen, (N, 2) logical px; what it is drawn by is worked out once."""

    def __init__(self, places: NDArray[np.float64]) -> None:
        self.places = places

    @cached_property
    def segments(self) -> list[QLineF]:
        return [QLineF(*each) for each in np.hstack([self.places[:-1], self.places[1:]]).tolist()]

    @cached_property
    def parts(self) -> list[tuple[QPolygonF, float]]:
        """Parts that turn by too little to cross themselves, and how far along the line each begins."""
        if len(self.places) < 3:
            return [(_polygon(self.places), 0.0)]
        steps = np.diff(np.ascontiguousarray(self.places).view(np.complex128)[:, 0])
        turns = np.abs(np.angle(steps[1:] * np.conj(steps[:-1])))
        turned = np.floor(np.concatenate([[0.0], np.cumsum(turns)]) / MOST_TURN)
        starts = np.flatnonzero(np.diff(turned, prepend=-1.0))
        along = np.concatenate([[0.0], np.cumsum(np.abs(steps))])[starts].tolist()
        ends = pairwise([*starts.tolist(), len(steps)])
        return [(_polygon(self.places[a : b + 1]), at) for (a, b), at in zip(ends, along, strict=True)]


def polygon_of(line: ArrayLike, m: NDArray[np.float64]) -> QPolygonF:
    """A polyline (N, 2) of the page as it is seen, `m` (2, 3) from page px to the screen. Of a long one only the places
    that are seen: a painter takes long for many."""
    return _polygon(_seen(line, m))


def line_of(line: ArrayLike, m: NDArray[np.float64]) -> SeenLine:
    """As `polygon_of`, for `draw_line`."""
    return SeenLine(_seen(line, m))


def draw_line(painter: QPainter, line: SeenLine | Sequence[QPointF]) -> None:
    """Draw a polyline with the painter's pen: by its segments, or in parts if it is dashed or thick.

    A painter strokes a polyline as one outline and then looks for what is inside of it: that takes three times as long
    as its segments, and a hundred times if it crosses itself often.
    """
    if not isinstance(line, SeenLine):
        line = SeenLine(np.array([(at.x(), at.y()) for at in line], np.float64).reshape(-1, 2))
    whole = painter.pen()
    pen = QPen(whole)
    if pen.color().alpha() < 255 or painter.opacity() < 1.0:
        pen.setCapStyle(Qt.PenCapStyle.FlatCap)  # or where two meet it would be seen twice
    painter.setPen(pen)
    if pen.style() == Qt.PenStyle.SolidLine and pen.widthF() <= THIN_PX:
        painter.drawLines(line.segments)
    else:
        for part, along in line.parts:
            if pen.style() != Qt.PenStyle.SolidLine:
                pen.setDashOffset(whole.dashOffset() + along / max(1.0, pen.widthF()))
                painter.setPen(pen)
            painter.drawPolyline(part)
    painter.setPen(whole)


def _seen(line: ArrayLike, m: NDArray[np.float64]) -> NDArray[np.float64]:
    seen = np.asarray(line, np.float64).reshape(-1, 2) @ m[:, :2].T + m[:, 2]
    if len(seen) > MANY and np.isfinite(seen).all():
        first = seen[0]
        moved = (seen - first).astype(np.float32)
        kept = cv2.approxPolyDP(moved[:, None], SEEN_OFF_PX, False)[:, 0]
        if (kept[-1] != moved[-1]).any():  # OpenCV leaves out the end of a line that ends where it begins
            kept = np.concatenate([kept, moved[-1:]])
        seen = kept.astype(np.float64) + first
    return seen


def _polygon(seen: NDArray[np.float64]) -> QPolygonF:
    from PySide6.QtCore import QDataStream  # here: a start needs none

    # As Qt writes a polygon to a stream: ten times as quick as a point at a time.
    stream = QDataStream(QByteArray(struct.pack(">I", len(seen)) + seen.astype(">f8").tobytes()))
    polygon = QPolygonF()
    stream >> polygon
    return polygon
