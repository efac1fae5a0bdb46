"""The light of a page: a place or a direction, which blacks, hatching and stipple run out towards."""

from __future__ import annotations

import math
from dataclasses import dataclass, replace
from typing import Any

from jotsk.core.geometry import Rect
from jotsk.core.json_text import number_in

FAR = 4.0  # times the size of the page, where a light stands that is only a direction
FARTHEST_PX = 1e6
USUAL_ANGLE = 135.0


@dataclass(frozen=True, slots=True)
class Light:
    """Comes from `angle`, degrees, counted from the right against the clock; or stands `at` a place, page px."""

    angle: float = USUAL_ANGLE
    at: tuple[float, float] | None = None

    def place(self, page: Rect) -> tuple[float, float]:
        if self.at is not None:
            return self.at
        reach, turn = FAR * max(page.width, page.height), math.radians(self.angle)
        x, y = (page.x0 + page.x1) / 2, (page.y0 + page.y1) / 2
        return x + reach * math.cos(turn), y - reach * math.sin(turn)

    @classmethod
    def standing(cls, at: tuple[float, float], page: Rect) -> Light:
        """A light at a place; its angle is how that lies from the middle of the page."""
        x, y = at[0] - (page.x0 + page.x1) / 2, at[1] - (page.y0 + page.y1) / 2
        return cls(math.degrees(math.atan2(-y, x)) % 360.0, at)

    def mapped(self, k: float, dx: float, dy: float) -> Light:
        """On a page whose content is k times as large and moved."""
        return self if self.at is None else replace(self, at=(self.at[0] * k + dx, self.at[1] * k + dy))

    def record(self) -> dict[str, Any]:
        return {"angle": self.angle, "at": None if self.at is None else list(self.at)}


def light_from(value: Any) -> Light | None:
    """Read what `record` wrote; None if there is none that makes sense."""
    if not isinstance(value, dict):
        return None
    try:
        at = value.get("at")
        place = None if at is None else tuple(number_in(v, -FARTHEST_PX, FARTHEST_PX) for v in at)
        if place is not None and len(place) != 2:
            return None
        return Light(number_in(value.get("angle", USUAL_ANGLE), -3600, 3600), place)
    except (ValueError, TypeError):
        return None
