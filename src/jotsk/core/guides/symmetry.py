"""Copies of a stroke, as the isometries that make them from it.

Reflection at a line through c in direction d: x -> c + (2 d d^T - I)(x - c). Turn by a about c: x -> c + R(a)(x - c).
"""

from __future__ import annotations

from collections.abc import Iterable

import numpy as np
from numpy.typing import NDArray

from jotsk.core.guides.guide import Guide
from jotsk.core.guides.rails import Point, direction

MOST_COPIES = 64

Map = NDArray[np.float64]  # (2, 3)


def reflection(at: Point, angle: float) -> Map:
    """Across the axis through `at` at `angle` degrees; exact where the axis is level or upright."""
    x, y = direction(angle)
    return _about(at, np.array([[2 * x * x - 1, 2 * x * y], [2 * x * y, 2 * y * y - 1]]))


def turn(at: Point, degrees: float) -> Map:
    """About `at` by `degrees`, the positive way being from right to up."""
    x, y = direction(degrees)
    return _about(at, np.array([[x, -y], [y, x]]))


def copies(guides: Iterable[Guide | None]) -> list[Map]:
    """The maps from a stroke to its copies, itself not among them, for all symmetry that is on together."""
    found = [IDENTITY]
    for guide in guides:
        if guide is None or not guide.on or not guide.repeats:
            continue
        for own in guide.maps:
            for before in list(found):
                made = after(own, before)
                if len(found) <= MOST_COPIES and not any(np.allclose(made, m, atol=1e-9) for m in found):
                    found.append(made)
    return found[1:]


def after(second: Map, first: Map) -> Map:
    """`first`, then `second`."""
    linear = second[:, :2] @ first[:, :2]
    return np.column_stack([linear, second[:, :2] @ first[:, 2] + second[:, 2]])


def inverse(m: Map) -> Map:
    linear = np.linalg.inv(m[:, :2])
    return np.column_stack([linear, -linear @ m[:, 2]])


def _about(at: Point, linear: NDArray[np.float64]) -> Map:
    c = np.array(at)
    return np.column_stack([linear, c - linear @ c])


IDENTITY: Map = np.array([[1.0, 0.0, 0.0], [0.0, 1.0, 0.0]])
