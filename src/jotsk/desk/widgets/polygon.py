"""Polylines of the core as Qt paints them."""

from __future__ import annotations

import math
import struct
from collections.abc import Sequence
from itertools import pairwise

import cv2
import numpy as np
from numpy.typing import ArrayLike, NDArray
from PySide6.QtCore import QByteArray, QLineF, QPointF, Qt
from PySide6.QtGui import QPainter, QPen, QPolygonF

SEEN_OFF_PX = 0.2  # logical px that a long line is seen beside its place, at most
MANY, FEW = 200, 4  # places of a line that is thinned; and of a part of one that is drawn by its segments
MOST_TURN = 0.9 * math.pi  # of a part of a line, in all: with less than half a turn nothing crosses itself


def polygon_of(line: ArrayLike, m: NDArray[np.float64]) -> QPolygonF:
    """A polyline (N, 2) of the page as it is seen, `m` (2, 3) from page px to the screen. Of a long one only the places
    that are seen: a painter takes long for many."""
    seen = np.asarray(line, np.float64).reshape(-1, 2) @ m[:, :2].T + m[:, 2]
    if len(seen) > MANY and np.isfinite(seen).all():
        first = seen[0]
        kept = cv2.approxPolyDP((seen - first).astype(np.float32)[:, None], SEEN_OFF_PX, False)
        seen = kept[:, 0].astype(np.float64) + first
    from PySide6.QtCore import QDataStream  # here: a start needs none

    # As Qt writes a polygon to a stream: ten times as quick as a point at a time.
    stream = QDataStream(QByteArray(struct.pack(">I", len(seen)) + seen.astype(">f8").tobytes()))
    polygon = QPolygonF()
    stream >> polygon
    return polygon


def draw_line(painter: QPainter, line: QPolygonF | Sequence[QPointF]) -> None:
    """Draw a polyline with the painter's pen, in parts that turn by too little to cross themselves; those of a few
    segments one by one.

    A painter strokes a polyline as one outline and then looks for what is inside of it: one that crosses itself often
    takes a hundred times as long as its parts.
    """
    places = line.toList() if isinstance(line, QPolygonF) else list(line)
    if len(places) < 3:
        painter.drawPolyline(places)
        return
    steps = np.diff([complex(at.x(), at.y()) for at in places])
    turns = np.abs(np.angle(steps[1:] * np.conj(steps[:-1])))
    turned = np.floor(np.concatenate([[0.0], np.cumsum(turns)]) / MOST_TURN)
    starts = np.flatnonzero(np.diff(turned, prepend=-1.0)).tolist()
    along = np.concatenate([[0.0], np.cumsum(np.abs(steps))])
    whole = painter.pen()
    pen = QPen(whole)
    if pen.color().alpha() < 255:
        pen.setCapStyle(Qt.PenCapStyle.FlatCap)  # or where two parts meet it would be seen twice
    for start, stop in pairwise([*starts, len(steps)]):
        if pen.style() != Qt.PenStyle.SolidLine:
            pen.setDashOffset(whole.dashOffset() + float(along[start]) / max(1.0, pen.widthF()))
        painter.setPen(pen)
        part = places[start : stop + 1]
        if len(part) <= FEW and pen.style() == Qt.PenStyle.SolidLine:
            painter.drawLines([QLineF(a, b) for a, b in pairwise(part)])
        else:
            painter.drawPolyline(part)
    painter.setPen(whole)
