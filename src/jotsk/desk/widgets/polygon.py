"""Polylines of the core as Qt paints them."""

from __future__ import annotations

import math
import struct
from collections.abc import Sequence
from itertools import pairwise
from typing import NamedTuple

import cv2
import numpy as np
from numpy.typing import ArrayLike, NDArray
from PySide6.QtCore import QByteArray, QLineF, QPointF, Qt
from PySide6.QtGui import QPainter, QPen, QPolygonF

SEEN_OFF_PX = 0.2  # logical px that a long line is seen beside its place, at most
MANY, FEW = 200, 4  # places of a line that is thinned; and of a part of one that is drawn by its segments
MOST_TURN = 0.9 * math.pi  # of a part of a line, in all: with less than half a turn nothing crosses itself


class SeenLine(NamedTuple):
    """A polyline as it is seen, in parts that turn by too little to cross themselves."""

    parts: list[QPolygonF]
    along: list[float]  # how far along the line each begins, logical px


def polygon_of(line: ArrayLike, m: NDArray[np.float64]) -> QPolygonF:
    """A polyline (N, 2) of the page as it is seen, `m` (2, 3) from page px to the screen. Of a long one only the places
    that are seen: a painter takes long for many."""
    return _polygon(_seen(line, m))


def line_of(line: ArrayLike, m: NDArray[np.float64]) -> SeenLine:
    """As `polygon_of`, for `draw_line`."""
    return _in_parts(_seen(line, m))


def draw_line(painter: QPainter, line: SeenLine | Sequence[QPointF]) -> None:
    """Draw a polyline with the painter's pen, a part of a few segments one by one.

    A painter strokes a polyline as one outline and then looks for what is inside of it: one that crosses itself often
    takes a hundred times as long as its parts.
    """
    if not isinstance(line, SeenLine):
        line = _in_parts(np.array([(at.x(), at.y()) for at in line], np.float64).reshape(-1, 2))
    whole = painter.pen()
    pen, is_solid = QPen(whole), whole.style() == Qt.PenStyle.SolidLine
    if pen.color().alpha() < 255:
        pen.setCapStyle(Qt.PenCapStyle.FlatCap)  # or where two parts meet it would be seen twice
    painter.setPen(pen)
    for part, along in zip(*line, strict=True):
        if not is_solid:
            pen.setDashOffset(whole.dashOffset() + along / max(1.0, pen.widthF()))
            painter.setPen(pen)
        if part.size() <= FEW and is_solid:
            painter.drawLines([QLineF(a, b) for a, b in pairwise(part.toList())])
        else:
            painter.drawPolyline(part)
    painter.setPen(whole)


def _seen(line: ArrayLike, m: NDArray[np.float64]) -> NDArray[np.float64]:
    seen = np.asarray(line, np.float64).reshape(-1, 2) @ m[:, :2].T + m[:, 2]
    if len(seen) > MANY and np.isfinite(seen).all():
        first = seen[0]
        kept = cv2.approxPolyDP((seen - first).astype(np.float32)[:, None], SEEN_OFF_PX, False)
        seen = kept[:, 0].astype(np.float64) + first
    return seen


def _polygon(seen: NDArray[np.float64]) -> QPolygonF:
    from PySide6.QtCore import QDataStream  # here: a start needs none

    # As Qt writes a polygon to a stream: ten times as quick as a point at a time.
    stream = QDataStream(QByteArray(struct.pack(">I", len(seen)) + seen.astype(">f8").tobytes()))
    polygon = QPolygonF()
    stream >> polygon
    return polygon


def _in_parts(seen: NDArray[np.float64]) -> SeenLine:
    if len(seen) < 3:
        return SeenLine([_polygon(seen)], [0.0])
    steps = np.diff(np.ascontiguousarray(seen).view(np.complex128)[:, 0])
    turns = np.abs(np.angle(steps[1:] * np.conj(steps[:-1])))
    turned = np.floor(np.concatenate([[0.0], np.cumsum(turns)]) / MOST_TURN)
    starts = np.flatnonzero(np.diff(turned, prepend=-1.0))
    along = np.concatenate([[0.0], np.cumsum(np.abs(steps))])[starts].tolist()
    parts = [_polygon(seen[start : stop + 1]) for start, stop in pairwise([*starts.tolist(), len(steps)])]
    return SeenLine(parts, along)
