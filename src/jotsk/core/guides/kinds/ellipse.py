"""An ellipse template: one ellipse."""

from __future__ import annotations

import math
from collections.abc import Iterator, Sequence
from dataclasses import dataclass, replace
from typing import Any, ClassVar, Self

from jotsk.core.geometry import Rect
from jotsk.core.guides import fields
from jotsk.core.guides.drawing import round_line
from jotsk.core.guides.fields import Row
from jotsk.core.guides.guide import Guide, Polyline
from jotsk.core.guides.kinds.placed import SMALLEST_PX, AtPlace, out
from jotsk.core.guides.rails import Ellipse, Point, Rail, degrees_of, direction, with_direction
from jotsk.core.words import tr

SIZE = "size"


@dataclass(frozen=True, kw_only=True)
class EllipseTemplate(AtPlace):
    kind = "ellipse"
    offers = ((tr("Ellipse template"), {}),)
    flips = True
    sample = {"at": (50.0, 50.0), "radii": (46.0, 28.0), "angle": 20.0}

    radii: Point = fields.radii(needed=True)
    angle: float = fields.angle()
    typed_too: ClassVar = {"ratio": Row(tr("Height to width"), 0.001, 1000.0, 3)}

    @classmethod
    def begun(cls, values: dict[str, Any], middle: Point, seen: Rect, others: Sequence[Guide | None]) -> Self:
        size = min(seen.width, seen.height) / 4
        return cls(at=middle, radii=(1.2 * size, 0.7 * size))

    def rails(self, start: Point, towards: Point) -> Iterator[tuple[Rail, Point]]:
        yield with_direction(Ellipse(self.at, self.radii, self.angle), start)

    def lines(self, area: Rect) -> Iterator[Polyline]:
        yield round_line(Ellipse(self.at, self.radii, self.angle))

    def handles(self, reach: float) -> dict[str, Point]:
        return {
            "at": self.at,
            "first radius": out(self.at, self.angle, self.radii[0]),
            "second radius": out(self.at, self.angle + 90.0, self.radii[1]),
            SIZE: self._corner,
        }

    @property
    def _corner(self) -> Point:
        """Where the handle of its size lies: on the diagonal of its box."""
        a, b = direction(self.angle), direction(self.angle + 90.0)
        p, q = self.radii
        return self.at[0] + p * a[0] + q * b[0], self.at[1] + p * a[1] + q * b[1]

    def flipped(self, *, upside_down: bool) -> Self:
        return replace(self, angle=-self.angle)

    @property
    def ratio(self) -> float:
        return self.radii[1] / self.radii[0]

    def with_value(self, name: str, value: float) -> Self:
        return replace(self, radii=(self.radii[0], max(SMALLEST_PX, self.radii[0] * value)))

    def _turned_to(self, handle: str, dx: float, dy: float, reach: float) -> Self:
        if handle == "first radius":
            return replace(self, angle=degrees_of(dx, dy), radii=(math.hypot(dx, dy), self.radii[1]))
        if handle == "second radius":
            x, y = direction(self.angle + 90.0)
            return replace(self, radii=(self.radii[0], max(SMALLEST_PX, abs(dx * x + dy * y))))
        if handle == SIZE:
            k = math.hypot(dx, dy) / math.hypot(*self.radii)
            return replace(self, radii=(max(SMALLEST_PX, self.radii[0] * k), max(SMALLEST_PX, self.radii[1] * k)))
        return super()._turned_to(handle, dx, dy, reach)
