"""What repeats the hand: copies of a stroke, as the isometries that make them from it."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass

from jotsk.core.geometry import Rect
from jotsk.core.guides.drawing import through
from jotsk.core.guides.guide import Polyline
from jotsk.core.guides.kinds.placed import Turned
from jotsk.core.guides.symmetry import Map


@dataclass(frozen=True, kw_only=True)
class Symmetric(Turned):
    repeats = True

    @property
    def maps(self) -> list[Map]:
        """From a stroke to its copies."""
        raise NotImplementedError

    @property
    def axes(self) -> list[float]:
        """The angles of the axes, degrees, each a whole line through the middle."""
        raise NotImplementedError

    def lines(self, area: Rect) -> Iterator[Polyline]:
        for angle in self.axes:
            yield through(self.at, angle, area)
