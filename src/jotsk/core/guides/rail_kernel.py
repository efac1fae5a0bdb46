"""The nearest place on an ellipse or a broken line, going on from where the line was before, compiled.

On an ellipse with radii (p, q) about the origin, the place at angle u is (p cos u, q sin u). The squared distance to
(x, y) has the derivative 2 f(u), f(u) = (q^2 - p^2) sin u cos u + p x sin u - q y cos u, whose sign says which way the
nearest place lies. It is bracketed on a few steps either side of where the line was, so that a hand near the middle
never throws the line to the other side, and then found by Newton's method held to the bracket.
"""

from __future__ import annotations

import math

import numpy as np
from numpy.typing import NDArray

from jotsk.core.runtime.kernels import njit

OPTIONS = {"cache": True, "nogil": True}
REACH_RAD = 1.2  # farther than this no hand goes from one sample to the next
STEPS = 12


@njit(**OPTIONS)
def ellipse_angle(x: float, y: float, p: float, q: float, before: float, reach: float) -> float:
    """The angle of the place nearest to (x, y) within `reach` of the angle `before`, unwound: it may exceed a turn."""
    best = before
    least = 1e300
    step = reach / STEPS
    for k in range(-STEPS, STEPS + 1):
        u = before + k * step
        dx = p * math.cos(u) - x
        dy = q * math.sin(u) - y
        d = dx * dx + dy * dy
        if d < least - 1e-12:
            least = d
            best = u
    low = best - step
    high = best + step
    u = best
    for _ in range(40):
        c = math.cos(u)
        s = math.sin(u)
        f = (q * q - p * p) * s * c + p * x * s - q * y * c
        if f > 0.0:
            high = u
        else:
            low = u
        slope = (q * q - p * p) * (c * c - s * s) + p * x * c + q * y * s
        after = u - f / slope if slope > 0.0 else 0.5 * (low + high)
        if not low <= after <= high:
            after = 0.5 * (low + high)
        if abs(after - u) < 1e-13:
            return after
        u = after
    return u


@njit(**OPTIONS)
def ellipse_angles(xy: NDArray[np.float64], p: float, q: float) -> NDArray[np.float64]:
    """The angles that follow the (N, 2) places of a hand, each going on from the one before."""
    out = np.empty(len(xy))
    for i in range(len(xy)):
        before = out[i - 1] if i else 0.0
        out[i] = ellipse_angle(xy[i, 0], xy[i, 1], p, q, before, REACH_RAD if i else math.pi)
    return out


@njit(**OPTIONS)
def nearest_along(
    x: float, y: float, points: NDArray[np.float64], along: NDArray[np.float64], closed: bool, before: float,
    reach: float,
) -> float:  # fmt: skip
    """The length at which the broken line `points` (N, 2) is nearest to (x, y), at most `reach` from `before`.

    `along` (N,) is the length up to each point. A closed line ends where it begins, and the result may exceed a round.
    """
    total = along[-1]
    low = before - reach
    high = before + reach
    if not closed:
        low = max(0.0, low)
        high = min(total, high)
    elif high - low > total:
        low = before - 0.5 * total
        high = before + 0.5 * total
    best = before
    least = 1e300
    first_round = int(math.floor(low / total)) if closed else 0
    last_round = int(math.floor(high / total)) if closed else 0
    for turn in range(first_round, last_round + 1):
        base = turn * total
        start = np.searchsorted(along, low - base, side="right") - 1
        for i in range(max(0, start), len(points) - 1):
            if base + along[i] > high:
                break
            length = along[i + 1] - along[i]
            if length <= 0.0:
                continue
            dx = (points[i + 1, 0] - points[i, 0]) / length
            dy = (points[i + 1, 1] - points[i, 1]) / length
            s = (x - points[i, 0]) * dx + (y - points[i, 1]) * dy
            s = min(length, max(0.0, s))
            at = min(high, max(low, base + along[i] + s))
            s = at - base - along[i]
            ex = points[i, 0] + s * dx - x
            ey = points[i, 1] + s * dy - y
            d = ex * ex + ey * ey
            if d < least - 1e-12:
                least = d
                best = at
    return best


@njit(**OPTIONS)
def place_along(u: float, points: NDArray[np.float64], along: NDArray[np.float64]) -> tuple[float, float]:
    """The place of the broken line `points` (N, 2) at length `u`, held to its ends."""
    k = int(min(len(along) - 2, max(0, int(np.searchsorted(along, u, side="right")) - 1)))
    length = along[k + 1] - along[k]
    t = min(1.0, max(0.0, (u - along[k]) / length)) if length > 0.0 else 0.0
    return (
        points[k, 0] + t * (points[k + 1, 0] - points[k, 0]),
        points[k, 1] + t * (points[k + 1, 1] - points[k, 1]),
    )


@njit(**OPTIONS)
def next_along(
    x: float, y: float, points: NDArray[np.float64], along: NDArray[np.float64], closed: bool, before: float
) -> float:
    """`nearest_along` for a hand that goes on from `before`: it looks no farther than the hand can have gone."""
    total = along[-1]
    at = before - total * math.floor(before / total) if closed else before
    px, py = place_along(at, points, along)
    reach = 60.0 + 1.5 * math.sqrt((x - px) ** 2 + (y - py) ** 2)
    return float(nearest_along(x, y, points, along, closed, before, reach))


@njit(**OPTIONS)
def followed_along(
    xy: NDArray[np.float64], points: NDArray[np.float64], along: NDArray[np.float64], closed: bool, first: float
) -> NDArray[np.float64]:
    """The lengths that follow the (N, 2) places of a hand from `first` on, each going on from the one before."""
    out = np.empty(len(xy))
    out[0] = first
    for i in range(1, len(xy)):
        out[i] = next_along(xy[i, 0], xy[i, 1], points, along, closed, out[i - 1])
    return out
