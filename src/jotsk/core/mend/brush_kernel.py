"""What a round hand does to places that it passes, compiled."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from jotsk.core.runtime.kernels import njit


@njit(cache=True, nogil=True)
def soft(share: float, firm: float) -> float:
    """How strongly a hand works at a share of its radius: 1 up to the share `firm`, 0 at its edge, without a kink."""
    beyond = max(0.0, share - firm) / (1.0 - firm)
    inside = max(0.0, 1.0 - beyond * beyond)
    return inside * inside


@njit(cache=True, nogil=True)
def touch(places: NDArray[np.float64], way: NDArray[np.float64], firm: float = 0.0) -> NDArray[np.float64]:
    """How strongly a hand that went along (M, 4) x, y, radius, strength worked at each of (N, 2) places: the most of
    all it passed, of each step where it came nearest."""
    out = np.zeros(len(places))
    for j in range(max(1, len(way) - 1)):
        k = min(j + 1, len(way) - 1)
        dx, dy = way[k, 0] - way[j, 0], way[k, 1] - way[j, 1]
        square = dx * dx + dy * dy
        for i in range(len(places)):
            px, py = places[i, 0] - way[j, 0], places[i, 1] - way[j, 1]
            u = min(1.0, max(0.0, (px * dx + py * dy) / square)) if square > 0.0 else 0.0
            away = np.sqrt((px - u * dx) ** 2 + (py - u * dy) ** 2)
            radius = way[j, 2] + u * (way[k, 2] - way[j, 2])
            strength = way[j, 3] + u * (way[k, 3] - way[j, 3])
            out[i] = max(out[i], strength * soft(away / max(1e-6, radius), firm))
    return out


STEP, SHORT_STEP = 0.1, 0.03  # of its radius: what a hand goes at a time at most, and at least


@njit(cache=True, nogil=True)
def in_steps(way: NDArray[np.float64], step: float) -> NDArray[np.float64]:
    """Of (M, 2) places of a way those at least a step apart, both ends always."""
    kept = np.zeros(len(way), np.bool_)
    last = 0
    for j in range(len(way)):
        far = np.sqrt((way[j, 0] - way[last, 0]) ** 2 + (way[j, 1] - way[last, 1]) ** 2)
        if j == 0 or j == len(way) - 1 or far >= step:
            kept[j] = True
            last = j
    return way[kept]


@njit(cache=True, nogil=True)
def pushed_places(
    places: NDArray[np.float64], way: NDArray[np.float64], radius: float, firm: float = 0.0
) -> NDArray[np.float64]:
    """(N, 2) places after a hand has gone along (M, 2): what is in its middle goes along, less towards its edge."""
    out = places.copy()
    way = in_steps(way, SHORT_STEP * radius)
    for j in range(len(way) - 1):
        dx, dy = way[j + 1, 0] - way[j, 0], way[j + 1, 1] - way[j, 1]
        count = max(1, int(np.ceil(np.sqrt(dx * dx + dy * dy) / (STEP * radius))))
        for n in range(count):
            cx, cy = way[j, 0] + n / count * dx, way[j, 1] + n / count * dy
            for i in range(len(out)):
                amount = soft(np.sqrt((out[i, 0] - cx) ** 2 + (out[i, 1] - cy) ** 2) / radius, firm)
                out[i, 0] += amount * dx / count
                out[i, 1] += amount * dy / count
    return out


@njit(cache=True, nogil=True)
def gathered_places(
    places: NDArray[np.float64], way: NDArray[np.float64], radius: float, pull: float, firm: float = 0.0
) -> NDArray[np.float64]:
    """(N, 2) places drawn towards the middle of a hand that goes along (M, 2), by the share `pull` in one radius of
    its way."""
    out = places.copy()
    way = in_steps(way, SHORT_STEP * radius)
    for j in range(max(1, len(way) - 1)):
        k = min(j + 1, len(way) - 1)
        dx, dy = way[k, 0] - way[j, 0], way[k, 1] - way[j, 1]
        length = np.sqrt(dx * dx + dy * dy)
        count = max(1, int(np.ceil(length / (STEP * radius))))
        share = pull if length == 0.0 else pull * length / count / radius
        for n in range(count):
            cx, cy = way[j, 0] + (n + 0.5) / count * dx, way[j, 1] + (n + 0.5) / count * dy
            for i in range(len(out)):
                amount = share * soft(np.sqrt((out[i, 0] - cx) ** 2 + (out[i, 1] - cy) ** 2) / radius, firm)
                out[i, 0] += amount * (cx - out[i, 0])
                out[i, 1] += amount * (cy - out[i, 1])
    return out
