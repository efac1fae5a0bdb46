"""As few points of a line as a smooth curve through them needs to stay near it, compiled.

Both are followed at about the same share of each stretch, so that a curve that comes back on itself is no riddle.
"""

from __future__ import annotations

import math

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry.spline_kernel import knots, tangents
from jotsk.core.runtime.kernels import njit

OPTIONS = {"cache": True, "nogil": True}
NEAR = 2  # steps of a stretch, around the same share of it
ENOUGH = 24  # places of a stretch, to compare it with others
STEPS = 24  # of a stretch, along which its length is measured
AROUND = 4  # points on either side that decide a stretch, and what a change of one point reaches


@njit(**OPTIONS)
def stretch_off(p: NDArray[np.float64], along: NDArray[np.float64], q: NDArray[np.float64], chosen: NDArray[np.int64],
                i: int, out: NDArray[np.float64], limit: float, few: bool) -> float:  # fmt: skip
    """How far the places of a line from chosen point i to the next are from the spline through all of them, `q`; into
    `out`. Returns the most, or the first that is more than a limit. If a `few` of them tell enough, not all are looked
    at."""
    d0, d1, d2 = knots(q, i)
    ax, bx = tangents(q, i, 0, d0, d1, d2)
    ay, by = tangents(q, i, 1, d0, d1, d2)
    xs, ys, lengths = np.empty(STEPS + 1), np.empty(STEPS + 1), np.zeros(STEPS + 1)
    for j in range(STEPS + 1):
        u = j / STEPS
        v = u * u * (3.0 - 2.0 * u)
        w1 = u * (1.0 - u) * (1.0 - u)
        w2 = u * u * (1.0 - u)
        xs[j] = q[i, 0] + v * (q[i + 1, 0] - q[i, 0]) + w1 * ax - w2 * bx
        ys[j] = q[i, 1] + v * (q[i + 1, 1] - q[i, 1]) + w1 * ay - w2 * by
        if j:
            lengths[j] = lengths[j - 1] + math.sqrt((xs[j] - xs[j - 1]) ** 2 + (ys[j] - ys[j - 1]) ** 2)
    a, b = chosen[i], chosen[i + 1]
    whole = along[b] - along[a]
    most, j = 0.0, 0
    every = max(1, (b - a) // ENOUGH) if few else 1
    for n in range(a, b + 1, every):
        at = (along[n] - along[a]) / whole * lengths[STEPS] if whole > 0.0 else 0.0
        while j < STEPS - 1 and lengths[j + 1] < at:
            j += 1
        nearest = 1e300
        for m in range(max(0, j - NEAR), min(STEPS, j + NEAR + 1)):
            dx, dy = xs[m + 1] - xs[m], ys[m + 1] - ys[m]
            square = dx * dx + dy * dy
            u = ((p[n, 0] - xs[m]) * dx + (p[n, 1] - ys[m]) * dy) / square if square > 0.0 else 0.0
            u = min(1.0, max(0.0, u))
            nearest = min(nearest, (p[n, 0] - xs[m] - u * dx) ** 2 + (p[n, 1] - ys[m] - u * dy) ** 2)
        out[n] = math.sqrt(nearest)
        most = max(most, out[n])
        if most > limit:
            break
    return most


@njit(**OPTIONS)
def few_indices(
    p: NDArray[np.float64], along: NDArray[np.float64], off_px: float, most: int, rounds: int
) -> NDArray[np.int64]:
    """Which of the (N, 2) places of a line those points are, at most `most` of them.

    Points are added in every stretch where the curve is farthest off, beginning with the ends and the middle; then, in
    so many rounds, those are taken away that the others can spare, as they are or drawn a little towards the gap.
    """
    n = len(p)
    chosen = np.array([0, n // 2, n - 1]) if n > 2 else np.array([0, n - 1])
    off = np.zeros(n)
    chosen = with_needed(p, along, chosen, off_px, most, off)
    for _ in range(rounds):
        before = len(chosen)
        k = 1
        while k < len(chosen) - 1:
            fewer = without(p, along, chosen, k, off_px, off)
            if len(fewer) < len(chosen):
                chosen = fewer
            else:
                k += 1
        for k in range(1, len(chosen) - 1):
            settle(p, along, chosen, k, off)
        if len(chosen) == before:
            break
    return with_needed(p, along, chosen, off_px, most, off)


@njit(**OPTIONS)
def with_needed(p: NDArray[np.float64], along: NDArray[np.float64], chosen: NDArray[np.int64], off_px: float,
                most: int, off: NDArray[np.float64]) -> NDArray[np.int64]:  # fmt: skip
    """With a point more in every stretch that is too far off, until none is."""
    while len(chosen) < min(len(p), most):
        q = p[chosen]
        added = np.empty(len(chosen) - 1, np.int64)
        count = 0
        for i in range(len(chosen) - 1):
            if stretch_off(p, along, q, chosen, i, off, 1e300, False) > off_px and chosen[i + 1] - chosen[i] > 1:
                worst = chosen[i] + 1
                for k in range(chosen[i] + 1, chosen[i + 1]):
                    if off[k] > off[worst]:
                        worst = k
                added[count] = worst
                count += 1
        if count == 0:
            break
        count = min(count, most - len(chosen))
        chosen = np.sort(np.concatenate((chosen, added[:count])))
    return chosen


@njit(**OPTIONS)
def worst_around(p: NDArray[np.float64], along: NDArray[np.float64], chosen: NDArray[np.int64], k: int,
                 off: NDArray[np.float64], least: float) -> float:  # fmt: skip
    """How far the line is from the curve at most, where the k-th chosen point decides it; what is more than `least` is
    not measured to its end."""
    first, last = max(0, k - AROUND), min(len(chosen), k + AROUND + 1)
    window = chosen[first:last]
    q = p[window]
    most = 0.0
    for i in range(len(window) - 1):
        if k - 2 <= first + i <= k + 1:
            most = max(most, stretch_off(p, along, q, window, i, off, least, True))
            if most > least:
                break
    return most


@njit(**OPTIONS)
def settle(p: NDArray[np.float64], along: NDArray[np.float64], chosen: NDArray[np.int64], k: int,
           off: NDArray[np.float64]) -> None:  # fmt: skip
    """Move the k-th chosen point along the line to where the curve stays nearest."""
    best, least = chosen[k], worst_around(p, along, chosen, k, off, 1e300)
    was = chosen[k]
    for share in (-0.4, -0.25, -0.12, -0.06, 0.06, 0.12, 0.25, 0.4):
        gap = was - chosen[k - 1] if share < 0 else chosen[k + 1] - was
        at = was + int(round(share * gap))
        if not chosen[k - 1] < at < chosen[k + 1] or at == was:
            continue
        chosen[k] = at
        now = worst_around(p, along, chosen, k, off, least)
        if now < least:
            best, least = at, now
    chosen[k] = best


@njit(**OPTIONS)
def without(p: NDArray[np.float64], along: NDArray[np.float64], chosen: NDArray[np.int64], k: int, off_px: float,
            off: NDArray[np.float64]) -> NDArray[np.int64]:  # fmt: skip
    """The chosen points without the k-th, or all of them where they cannot spare it."""
    for left in (0.0, 0.2, 0.4, 0.6):
        for right in (0.0, 0.2, 0.4, 0.6):
            rest = np.concatenate((chosen[:k], chosen[k + 1 :]))
            if k - 1 > 0:
                rest[k - 1] += int(round(left * (chosen[k] - rest[k - 1])))
            elif left > 0.0:
                continue
            if k < len(rest) - 1:
                rest[k] += int(round(right * (chosen[k] - rest[k])))
            elif right > 0.0:
                continue
            if rest[k] <= rest[k - 1]:
                continue
            first, last = max(0, k - AROUND), min(len(rest), k + AROUND)
            window = rest[first:last]
            q = p[window]
            good = True
            for i in range(len(window) - 1):
                if k - 4 <= first + i <= k + 2 and stretch_off(p, along, q, window, i, off, off_px, True) > off_px:
                    good = False
                    break
            if good:
                return rest
    return chosen
