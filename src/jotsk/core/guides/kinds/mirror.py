"""One mirror."""

from __future__ import annotations

from dataclasses import dataclass

from jotsk.core.guides.kinds.symmetric import Symmetric
from jotsk.core.guides.symmetry import Map, reflection
from jotsk.core.words import tr


@dataclass(frozen=True, kw_only=True)
class Mirror(Symmetric):
    kind = "mirror"
    offers = ((tr("Mirror"), {"angle": 90.0}),)
    sample = {"at": (50.0, 50.0), "angle": 90.0}

    @property
    def maps(self) -> list[Map]:
        return [reflection(self.at, self.angle)]

    @property
    def axes(self) -> list[float]:
        return [self.angle]
