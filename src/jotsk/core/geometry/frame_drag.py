"""What a drag of a part of a frame makes of what is in it: projective maps of page px, (3, 3)."""

from __future__ import annotations

import math

import numpy as np

from jotsk.core.geometry.placement import Matrix
from jotsk.core.geometry.rects import Rect
from jotsk.core.geometry.view import soft_stopped

LEAST_SCALE = 0.02
STRAIGHT = 0.15  # a side that goes along so little of its way stays square, or as high as it was
Point = tuple[float, float]


def moved(dx: float, dy: float) -> Matrix:
    return np.array([[1.0, 0.0, dx], [0.0, 1.0, dy], [0.0, 0.0, 1.0]])


def about(middle: Point, linear: np.ndarray) -> Matrix:
    """A (2, 2) map about a place that stays."""
    by = np.array(middle) - linear @ np.array(middle)
    return np.block([[linear, by[:, None]], [np.zeros((1, 2)), np.ones((1, 1))]])


def scaled(middle: Point, start: Point, to: Point) -> Matrix:
    """As many times as large as the pen is farther from the middle than where it began."""
    before, now = math.dist(start, middle), math.dist(to, middle)
    return about(middle, np.eye(2) * max(LEAST_SCALE, now / max(1e-6, before)))


def turned(middle: Point, start: Point, to: Point) -> Matrix:
    """By as much as the pen went about the middle; it rests a little at whole quarters."""
    a, b = (math.atan2(p[1] - middle[1], p[0] - middle[0]) for p in (start, to))
    return turned_by(middle, soft_stopped(math.remainder(b - a, math.tau)))


def turned_by(middle: Point, angle_rad: float) -> Matrix:
    c, s = math.cos(angle_rad), math.sin(angle_rad)
    return about(middle, np.array([[c, -s], [s, c]]))


def side_dragged(area: Rect, side: int, by: Point) -> Matrix:
    """One side of a frame, from the upper one clockwise, moved by so much while the opposite one stays: away from it
    the frame is stretched, along it skewed. A drag nearly straight does only one of them."""
    is_level = side in (0, 2)
    across, along = (by[1], by[0]) if is_level else (by[0], by[1])
    if abs(along) < STRAIGHT * abs(across):
        along = 0.0
    elif abs(across) < STRAIGHT * abs(along):
        across = 0.0
    height = max(1.0, float(area.height if is_level else area.width)) * (1 if side in (1, 2) else -1)
    stretch, skew = 1 + across / height, along / height
    if abs(stretch) < LEAST_SCALE:
        stretch = math.copysign(LEAST_SCALE, stretch)
    fixed = ((area.x0, area.y1), (area.x0, area.y0), (area.x0, area.y0), (area.x1, area.y0))[side]
    linear = np.array([[1.0, skew], [0.0, stretch]]) if is_level else np.array([[stretch, 0.0], [skew, 1.0]])
    return about((float(fixed[0]), float(fixed[1])), linear)
