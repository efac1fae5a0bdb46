"""Maps that lines are placed by: projective ones, and meshes pulled out of shape."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from typing import Any

import numpy as np
from numpy.typing import ArrayLike, NDArray

from jotsk.core.geometry.placement_kernel import mesh_places
from jotsk.core.geometry.rects import Rect
from jotsk.core.runtime.computed import computed

Matrix = NDArray[np.float64]  # (3, 3), projective
Places = NDArray[np.float64]  # (N, 2)
DIFFERENCE_PX = 0.25
MOST_NODES = 2_000


@dataclass(frozen=True, eq=False)
class Mesh:
    """`frame`, (2, 3), takes page px to the unit square; `grid`, (rows, columns, 2), 2 or more each, is where the nodes
    of that square, at even steps, lie afterwards. Between them the map is a bicubic Catmull-Rom surface, so that lines
    stay smooth across the nodes; beyond the square its edges go on straight."""

    frame: NDArray[np.float64]
    grid: NDArray[np.float64]

    @classmethod
    def over(cls, area: Rect, rows: int, columns: int) -> Mesh:
        """One that leaves everything where it is; so many fields down and across."""
        x, y = np.linspace(area.x0, area.x1, columns + 1), np.linspace(area.y0, area.y1, rows + 1)
        width, height = max(1, area.width), max(1, area.height)
        frame = np.array([[1 / width, 0.0, -area.x0 / width], [0.0, 1 / height, -area.y0 / height]])
        return cls(frame, np.stack(np.meshgrid(x, y), axis=-1))

    def __call__(self, xy: Places) -> Places:
        """Where (N, 2) places come to lie."""
        return mesh_places(np.ascontiguousarray(xy, np.float64), self.frame, self._nodes)

    @computed
    def _nodes(self) -> NDArray[np.float64]:
        return _with_rim(self.grid)

    def moved(self, m: NDArray[np.float64]) -> Mesh:
        """The same on a page whose content was moved by the (2, 3) similarity `m`."""
        back = np.linalg.inv(np.vstack([m, [0.0, 0.0, 1.0]]))
        frame = (np.vstack([self.frame, [0.0, 0.0, 1.0]]) @ back)[:2]
        return Mesh(frame, self.grid @ m[:, :2].T + m[:, 2])

    def record(self) -> dict[str, Any]:
        return {"frame": self.frame.tolist(), "grid": self.grid.tolist()}


Map = Matrix | Mesh


def placed(maps: Sequence[Map], xy: Places) -> Places:
    """(N, 2) places under maps, the first of them first."""
    for each in maps:
        xy = each(xy) if isinstance(each, Mesh) else projected(each, xy)
    return xy


def projected(m: Matrix, xy: Places) -> Places:
    """(N, 2) places under a projective map."""
    out = xy @ m[:2, :2].T + m[:2, 2]
    w = xy @ m[2, :2] + m[2, 2]
    return out / np.where(np.abs(w) < 1e-12, 1e-12, w)[:, None]


def jacobians(maps: Sequence[Map], xy: Places) -> NDArray[np.float64]:
    """(N, 2, 2): how places move under maps for a small step of (N, 2) places, by central differences."""
    steps = DIFFERENCE_PX * np.array([[1.0, 0.0], [-1.0, 0.0], [0.0, 1.0], [0.0, -1.0]])
    right, left, down, up = placed(maps, (xy + steps[:, None]).reshape(-1, 2)).reshape(4, -1, 2)
    return np.stack([right - left, down - up], axis=-1) / (2 * DIFFERENCE_PX)


def local_scale(maps: Sequence[Map], xy: Places) -> NDArray[np.float64]:
    """How many times as large maps make what lies at (N, 2) places: the root of the Jacobian determinant."""
    return np.sqrt(np.abs(np.linalg.det(jacobians(maps, xy))))


def through_corners(area: Rect, corners: ArrayLike) -> Matrix:
    """The projective map that takes the corners of `area`, from the upper left clockwise, to four others, (4, 2).

    Raises ValueError if three of those lie in a line or the shape is folded: Heckbert, "Fundamentals of Texture
    Mapping and Image Warping" (1989), solves the same eight equations.
    """
    to = np.asarray(corners, np.float64).reshape(4, 2)
    sides = np.roll(to, -1, axis=0) - to
    following = np.roll(sides, -1, axis=0)
    turns = (sides[:, 0] * following[:, 1] - sides[:, 1] * following[:, 0]).tolist()
    least = 1e-3 * max(1.0, float(np.ptp(to)))
    if not (all(turn > least for turn in turns) or all(turn < -least for turn in turns)):
        raise ValueError("four corners must not be folded over")
    source = [(area.x0, area.y0), (area.x1, area.y0), (area.x1, area.y1), (area.x0, area.y1)]
    rows, right = [], []
    for (x, y), (u, v) in zip(source, to.tolist(), strict=True):
        rows += [[x, y, 1, 0, 0, 0, -u * x, -u * y], [0, 0, 0, x, y, 1, -v * x, -v * y]]
        right += [u, v]
    return np.append(np.linalg.solve(np.array(rows, np.float64), np.array(right)), 1.0).reshape(3, 3)


def _with_rim(grid: NDArray[np.float64]) -> NDArray[np.float64]:
    """The nodes with a row more on every side, that goes on as the outermost fields do."""
    grid = np.concatenate([2 * grid[:1] - grid[1:2], grid, 2 * grid[-1:] - grid[-2:-1]])
    return np.concatenate([2 * grid[:, :1] - grid[:, 1:2], grid, 2 * grid[:, -1:] - grid[:, -2:-1]], axis=1)
