"""How the page lies on the screen: zoom, turn, flip, shift."""

from __future__ import annotations

import math
from dataclasses import dataclass, replace
from functools import lru_cache

import numpy as np
from numpy.typing import NDArray

SMALLEST_ZOOM, LARGEST_ZOOM = 0.01, 64.0
MOST_HEAD = 0.1  # of the height

SOFT_STOP_RAD, SOFT_REACH_RAD = math.pi / 4, math.radians(3)


def soft_stopped(angle_rad: float) -> float:
    """The angle, or the eighth of a turn that lies within 3 degrees of it."""
    stop = round(angle_rad / SOFT_STOP_RAD) * SOFT_STOP_RAD
    return stop if abs(angle_rad - stop) <= SOFT_REACH_RAD else angle_rad


Rows = tuple[tuple[float, float, float], tuple[float, float, float]]


@dataclass(frozen=True, slots=True)
class View:
    """screen = shift + zoom * turn(angle) * flip(page), lengths in device px.

    `angle_rad` grows clockwise on the screen, because y grows downward.
    """

    zoom: float = 1.0
    angle_rad: float = 0.0
    flipped: bool = False
    shift_x: float = 0.0
    shift_y: float = 0.0

    @property
    def matrix(self) -> NDArray[np.float64]:
        """(2, 3) map from page px to screen px, for continuous coordinates; read-only."""
        return _matrices(self)[0]

    @property
    def inverse(self) -> NDArray[np.float64]:
        """(2, 3) map from screen px to page px; read-only."""
        return _matrices(self)[1]

    @property
    def rows(self) -> Rows:
        """`matrix` as plain numbers: a point at a time is quicker so."""
        return _matrices(self)[2]

    def to_screen(self, x: float, y: float) -> tuple[float, float]:
        (a, b, c), (d, e, f) = _matrices(self)[2]
        return a * x + b * y + c, d * x + e * y + f

    def to_page(self, x: float, y: float) -> tuple[float, float]:
        x, y = x - self.shift_x, y - self.shift_y
        c, s = math.cos(self.angle_rad) / self.zoom, math.sin(self.angle_rad) / self.zoom
        f = -1.0 if self.flipped else 1.0
        return (c * x + s * y) * f, c * y - s * x

    def panned(self, dx: float, dy: float) -> View:
        return replace(self, shift_x=self.shift_x + dx, shift_y=self.shift_y + dy)

    def _about(self, x: float, y: float, changed: View) -> View:
        """`changed`, shifted so that the page point now under screen (x, y) stays there."""
        now = changed.to_screen(*self.to_page(x, y))
        return changed.panned(x - now[0], y - now[1])

    def zoomed(self, factor: float, x: float, y: float) -> View:
        zoom = min(LARGEST_ZOOM, max(SMALLEST_ZOOM, self.zoom * factor))
        return self._about(x, y, replace(self, zoom=zoom))

    def turned(self, by_rad: float, x: float, y: float) -> View:
        angle = math.remainder(self.angle_rad + by_rad, math.tau)
        return self._about(x, y, replace(self, angle_rad=angle))

    def mirrored(self, x: float, y: float) -> View:
        """Flip left to right on the screen about x, the angle turning with it."""
        return self._about(x, y, replace(self, flipped=not self.flipped, angle_rad=-self.angle_rad))

    def on_screen_of(self, times: float) -> View:
        """The same view, as large to the eye, on a screen whose px are so many times as fine."""
        zoom = min(LARGEST_ZOOM, max(SMALLEST_ZOOM, self.zoom * times))
        return replace(self, zoom=zoom, shift_x=self.shift_x * times, shift_y=self.shift_y * times)

    @staticmethod
    def margin(width: float, height: float, most: float) -> float:
        """What is left free around a page that is shown whole inside (width, height)."""
        return min(most, 0.04 * min(width, height))

    @staticmethod
    def fitted(
        page_width: int,
        page_height: int,
        width: float,
        height: float,
        keep: View | None = None,
        *,
        margin: float = 24.0,
        head: float = 0.0,
    ) -> View:
        """The view that shows the whole page inside (width, height) screen px with a small margin, below a `head` that
        is left free, if there is room for one."""
        head = min(head, MOST_HEAD * height)
        height -= head
        keep = keep or View()
        c, s = abs(math.cos(keep.angle_rad)), abs(math.sin(keep.angle_rad))
        margin = View.margin(width, height, margin)
        zoom = min(
            (width - 2 * margin) / (c * page_width + s * page_height),
            (height - 2 * margin) / (s * page_width + c * page_height),
        )
        zoom = min(LARGEST_ZOOM, max(SMALLEST_ZOOM, zoom))
        view = replace(keep, zoom=zoom, shift_x=0.0, shift_y=0.0)
        x, y = view.to_screen(page_width / 2, page_height / 2)
        return view.panned(width / 2 - x, head + height / 2 - y)


@lru_cache(maxsize=16)
def _matrices(view: View) -> tuple[NDArray[np.float64], NDArray[np.float64], Rows]:
    """To the screen and back, and the first as plain numbers: all are asked for with every event."""
    c, s = math.cos(view.angle_rad) * view.zoom, math.sin(view.angle_rad) * view.zoom
    f = -1.0 if view.flipped else 1.0
    there = np.array([[c * f, -s, view.shift_x], [s * f, c, view.shift_y]])
    linear = np.linalg.inv(there[:, :2])
    back = np.column_stack([linear, -linear @ there[:, 2]])
    for m in (there, back):
        m.setflags(write=False)
    return there, back, ((c * f, -s, view.shift_x), (s * f, c, view.shift_y))
