"""How far two ribbons are the same, compiled: while a line is drawn it is compared with itself at every event."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from jotsk.core.runtime.kernels import njit


@njit(cache=True, nogil=True)
def alike_at_ends(
    points: NDArray[np.float32], ink: NDArray[np.uint8], along: NDArray[np.float64], ends: NDArray[np.uint8],
    others: NDArray[np.float32], other_ink: NDArray[np.uint8], other_along: NDArray[np.float64],
    other_ends: NDArray[np.uint8], turns: int,
) -> tuple[int, int]:  # fmt: skip
    """How many points of a turn are the same from its start, and how many of the others up to its end.

    Each ribbon is (N, 3) points, (N,) their ink, their length along and what ends there, in `turns` equal stretches.
    """
    n, m = len(points) // turns, len(others) // turns
    early, late = min(n, m), 0
    for way in range(2):
        count = early if way == 0 else min(n, m) - early
        for turn in range(turns):
            for k in range(count):
                i = turn * n + k if way == 0 else (turn + 1) * n - 1 - k
                j = turn * m + k if way == 0 else (turn + 1) * m - 1 - k
                if (
                    points[i, 0] != others[j, 0] or points[i, 1] != others[j, 1] or points[i, 2] != others[j, 2]
                    or ink[i] != other_ink[j] or along[i] != other_along[j] or ends[i] != other_ends[j]
                ):  # fmt: skip
                    count = k
                    break
        if way == 0:
            early = count
        else:
            late = count
    return early, late
