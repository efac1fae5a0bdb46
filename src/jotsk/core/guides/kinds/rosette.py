"""Turned about a middle, and mirrored there if wanted."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass
from typing import Any

from jotsk.core.geometry import Rect
from jotsk.core.guides import fields
from jotsk.core.guides.drawing import ray
from jotsk.core.guides.guide import Polyline
from jotsk.core.guides.kinds.symmetric import Symmetric
from jotsk.core.guides.symmetry import MOST_COPIES, Map, reflection, turn
from jotsk.core.words import tr


@dataclass(frozen=True, kw_only=True)
class Rosette(Symmetric):
    kind = "rosette"
    offers = ((tr("Rosette"), {"count": 6}), (tr("Mirrored rosette"), {"count": 6, "mirrored": True}))
    sample = {"at": (50.0, 50.0), "angle": 90.0}

    angle: float = fields.angle()
    count: int = fields.count(6, 2, MOST_COPIES // 2, tr("How many"), needed=True)
    mirrored: bool = fields.switch(False, tr("Mirrored"))

    def look(self) -> dict[str, Any]:
        return {"count": self.count, "mirrored": self.mirrored}

    @property
    def maps(self) -> list[Map]:
        turns = [turn(self.at, 360.0 * k / self.count) for k in range(1, self.count)]
        return turns + ([reflection(self.at, self.angle)] if self.mirrored else [])

    @property
    def axes(self) -> list[float]:
        return [self.angle + 180.0 * k / self.count for k in range(self.count)] if self.mirrored else []

    def lines(self, area: Rect) -> Iterator[Polyline]:
        yield from super().lines(area)
        if not self.mirrored:
            for k in range(self.count):
                yield ray(self.at, self.angle + 360.0 * k / self.count, area)
