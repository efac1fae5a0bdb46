"""Guides: what a page keeps to hold or to repeat the hand."""

from __future__ import annotations

from dataclasses import dataclass, field, fields, replace
from typing import Any

from jotsk.core.guides.rails import Point

MOST_COPIES = 64

# What each kind is placed by.
PLACED_BY: dict[str, tuple[str, ...]] = {
    "straightedge": ("at", "angle"),
    "parallel": ("angle", "at"),
    "cross": ("angle", "between", "spacing", "at"),
    "spokes": ("at", "density"),
    "rings": ("at", "ratio", "angle", "spacing"),
    "ellipse": ("at", "radii", "angle"),
    "french-curve": ("points", "closed", "smooth"),
    "perspective": ("points", "vertical", "density"),
    "posts": ("points", "count", "parts"),
    "circle": ("points",),
    "mirror": ("at", "angle"),
    "quarter": ("at", "angle"),
    "rosette": ("at", "count", "mirrored", "angle"),
}
NEEDED: dict[str, tuple[str, ...]] = {
    "straightedge": ("at", "angle"),
    "parallel": ("angle",),
    "cross": ("angle",),
    "spokes": ("at",),
    "rings": ("at",),
    "ellipse": ("at", "radii"),
    "french-curve": ("points",),
    "perspective": ("points",),
    "posts": ("points",),
    "circle": ("points",),
    "mirror": ("at", "angle"),
    "quarter": ("at", "angle"),
    "rosette": ("at", "count"),
}
REPEATS = ("mirror", "quarter", "rosette")


@dataclass(frozen=True, slots=True)
class Guide:
    """One guide. Positions are page px, angles degrees, 0 pointing right and 90 up on the unturned page.

    A guide that is `on` holds the hand, whether it is `shown` or not. `alone`: while it is on, no other ruler holds.
    `color` is "#rrggbb", or empty for that of guides; `opacity` 0..1; `thickness` in screen px.
    """

    kind: str
    at: Point = (0.0, 0.0)
    angle: float = 0.0
    between: float = 90.0
    spacing: float = 0.0
    ratio: float = 1.0
    radii: Point = (100.0, 100.0)
    points: tuple[Point, ...] = ()
    closed: bool = False
    smooth: bool = True
    vertical: bool = True
    density: int = 12
    count: int = 6
    parts: int = 1
    mirrored: bool = False
    name: str = ""
    on: bool = True
    shown: bool = True
    locked: bool = False
    alone: bool = False
    color: str = ""
    opacity: float = 0.8
    thickness: float = 1.2
    unknown: tuple[tuple[str, Any], ...] = field(default=(), compare=False)

    @property
    def repeats(self) -> bool:
        """Whether it repeats the hand instead of holding it."""
        return self.kind in REPEATS

    def record(self) -> dict[str, Any]:
        """As it is kept in files: what its kind needs, and whatever else is not as usual."""
        record: dict[str, Any] = {"kind": self.kind}
        for f in fields(self):
            value = getattr(self, f.name)
            is_needed = f.name in NEEDED[self.kind] or (f.name in PLACED_BY[self.kind] and value != f.default)
            if not is_needed and not (f.name in STATE and value != f.default):
                continue
            if f.name == "points":
                value = [list(p) for p in value]
            record[f.name] = list(value) if isinstance(value, tuple) else value
        return {**dict(self.unknown), **record}


STATE = ("name", "on", "shown", "locked", "alone", "color", "opacity", "thickness")


def moved(guide: Guide, dx: float, dy: float) -> Guide:
    """The guide elsewhere on the page."""
    points = tuple((x + dx, y + dy) for x, y in guide.points)
    return replace(guide, at=(guide.at[0] + dx, guide.at[1] + dy), points=points)
