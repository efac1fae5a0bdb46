"""Two mirrors at right angles."""

from __future__ import annotations

from dataclasses import dataclass

from jotsk.core.guides.kinds.symmetric import Symmetric
from jotsk.core.guides.symmetry import Map, reflection
from jotsk.core.words import tr


@dataclass(frozen=True, kw_only=True)
class Quarter(Symmetric):
    kind = "quarter"
    offers = ((tr("Quarter symmetry"), {"angle": 90.0}),)
    sample = {"at": (50.0, 50.0)}

    @property
    def maps(self) -> list[Map]:
        return [reflection(self.at, angle) for angle in self.axes]

    @property
    def axes(self) -> list[float]:
        return [self.angle, self.angle + 90.0]
