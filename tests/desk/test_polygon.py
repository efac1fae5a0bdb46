"""Lines as Qt paints them."""

from __future__ import annotations

import numpy as np
from PySide6.QtCore import QPointF
from PySide6.QtGui import QPolygonF
from shapely import LineString

from jotsk.desk.widgets.polygon import MANY, SEEN_OFF_PX, polygon_of

M = np.array([[0.5, -0.2, 30.0], [0.2, 0.5, -7.0]])


def test_a_polygon_is_the_one_made_point_by_point():
    line = np.random.default_rng(3).normal(0, 300, (MANY, 2))
    assert polygon_of(line, M) == QPolygonF([QPointF(*(M[:, :2] @ place + M[:, 2])) for place in line])
    assert polygon_of([], M).isEmpty() and len(polygon_of([(1.0, 2.0)], M)) == 1


def test_of_a_long_line_only_what_is_seen_is_kept():
    a = np.linspace(0, 9, 20_000)
    line = np.column_stack([500 * np.cos(a) + 40 * a, 500 * np.sin(a)])
    kept = [(point.x(), point.y()) for point in polygon_of(line, M).toList()]
    seen = LineString(line @ M[:, :2].T + M[:, 2])
    assert len(kept) < 500 and LineString(kept).hausdorff_distance(seen) < SEEN_OFF_PX + 0.01
    assert np.allclose(kept[0], seen.coords[0]) and np.allclose(kept[-1], seen.coords[-1], atol=1e-3)
