"""Lines as Qt paints them."""

from __future__ import annotations

import numpy as np
import pytest
from PySide6.QtCore import QPointF, Qt
from PySide6.QtGui import QColor, QImage, QPainter, QPen, QPolygonF
from shapely import LineString

from jotsk.desk.widgets.polygon import MANY, SEEN_OFF_PX, draw_line, line_of, polygon_of

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


@pytest.mark.parametrize("radius", [20.0, 500.0])
def test_a_closed_line_stays_closed(radius):
    """A ring among the guides had a gap where it begins."""
    a = np.linspace(0, 2 * np.pi, MANY + 41)
    ring = polygon_of(np.column_stack([radius * np.cos(a), radius * np.sin(a)]), np.eye(2, 3)).toList()
    assert (ring[-1].x(), ring[-1].y()) == pytest.approx((ring[0].x(), ring[0].y()), abs=1e-3)


def painted(draw, pen) -> np.ndarray:
    image = QImage(400, 300, QImage.Format.Format_RGB32)
    image.fill(QColor("#7fa0b0"))
    painter = QPainter(image)
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    painter.setPen(pen)
    draw(painter)
    assert painter.pen() == pen
    painter.end()
    return np.frombuffer(image.constBits(), np.uint8).reshape(300, 400, 4)[..., :3].astype(float)


DASHES = QPen(QColor("#102030"), 2.0, Qt.PenStyle.DashLine)
PENS = [QPen(QColor("#b0401c"), 1.4), QPen(QColor(255, 255, 255, 150), 3.5), QPen(QColor("#b0401c"), 6.0), DASHES]


@pytest.mark.parametrize("pen", PENS)
@pytest.mark.parametrize("turns", [0.3, 3.0])
def test_a_line_in_parts_looks_as_qt_draws_the_whole(qapp, pen, turns):
    a = np.linspace(0, 2 * np.pi * turns, 300)
    line = np.column_stack([200 + (30 + 5 * a) * np.cos(a), 150 + (30 + 5 * a) * np.sin(a)])
    polygon, seen = polygon_of(line, np.eye(2, 3)), line_of(line, np.eye(2, 3))
    off = painted(lambda p: draw_line(p, seen), pen) - painted(lambda p: p.drawPolyline(polygon), pen)
    assert (np.abs(off) > 40).any(axis=2).sum() <= 12 * (1 + turns), "but for where two parts meet"


@pytest.mark.parametrize("count", [0, 1, 2])
def test_lines_of_a_few_places_are_drawn_too(qapp, count):
    places = [QPointF(50, 50), QPointF(200, 90)][:count]
    assert (painted(lambda p: draw_line(p, places), PENS[0]) != painted(lambda p: None, PENS[0])).any() == (count == 2)
