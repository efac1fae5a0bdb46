"""Places on a bicubic Catmull-Rom surface through the nodes of a mesh, compiled."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from jotsk.core.runtime.kernels import njit

OPTIONS = {"cache": True, "nogil": True}


@njit(**OPTIONS)
def span(at: float, count: int, weights: NDArray[np.float64]) -> int:
    """The first of the four nodes of a padded row of `count` fields that a place in 0..1 lies between; `weights` (4,)
    become theirs. Beyond the row the outermost fields go on along their slope."""
    inside = min(1.0, max(0.0, at)) * count
    first = min(int(inside), count - 1)
    u, beyond = inside - first, at * count - inside
    weights[0] = -0.5 * u + u**2 - 0.5 * u**3 + beyond * (-0.5 + 2 * u - 1.5 * u**2)
    weights[1] = 1 - 2.5 * u**2 + 1.5 * u**3 + beyond * (-5 * u + 4.5 * u**2)
    weights[2] = 0.5 * u + 2 * u**2 - 1.5 * u**3 + beyond * (0.5 + 4 * u - 4.5 * u**2)
    weights[3] = -0.5 * u**2 + 0.5 * u**3 + beyond * (-u + 1.5 * u**2)
    return first


@njit(**OPTIONS)
def mesh_places(xy: NDArray[np.float64], frame: NDArray[np.float64], nodes: NDArray[np.float64]) -> NDArray[np.float64]:
    """Where (N, 2) places come to lie: `frame` (2, 3) takes them to the unit square, `nodes` (rows + 2, columns + 2, 2)
    are those of its mesh with one more on every side."""
    rows, columns = nodes.shape[0] - 3, nodes.shape[1] - 3
    out = np.zeros_like(xy)
    across, down = np.empty(4), np.empty(4)
    for i in range(len(xy)):
        u = frame[0, 0] * xy[i, 0] + frame[0, 1] * xy[i, 1] + frame[0, 2]
        v = frame[1, 0] * xy[i, 0] + frame[1, 1] * xy[i, 1] + frame[1, 2]
        column, row = span(u, columns, across), span(v, rows, down)
        for j in range(4):
            for k in range(4):
                weight = down[j] * across[k]
                out[i, 0] += weight * nodes[row + j, column + k, 0]
                out[i, 1] += weight * nodes[row + j, column + k, 1]
    return out
