"""Polylines of the core as Qt paints them."""

from __future__ import annotations

import struct

import cv2
import numpy as np
from numpy.typing import ArrayLike, NDArray
from PySide6.QtCore import QByteArray, QDataStream
from PySide6.QtGui import QPolygonF

SEEN_OFF_PX = 0.2  # logical px that a long line is seen beside its place, at most
MANY = 200  # places of a line that is thinned


def polygon_of(line: ArrayLike, m: NDArray[np.float64]) -> QPolygonF:
    """A polyline (N, 2) of the page as it is seen, `m` (2, 3) from page px to the screen. Of a long one only the places
    that are seen: a painter takes long for many."""
    seen = np.asarray(line, np.float64).reshape(-1, 2) @ m[:, :2].T + m[:, 2]
    if len(seen) > MANY and np.isfinite(seen).all():
        first = seen[0]
        kept = cv2.approxPolyDP((seen - first).astype(np.float32)[:, None], SEEN_OFF_PX, False)
        seen = kept[:, 0].astype(np.float64) + first
    # As Qt writes a polygon to a stream: ten times as quick as a point at a time.
    stream = QDataStream(QByteArray(struct.pack(">I", len(seen)) + seen.astype(">f8").tobytes()))
    polygon = QPolygonF()
    stream >> polygon
    return polygon
