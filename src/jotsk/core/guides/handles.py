"""What a guide is placed and turned by: handles as places on the page, and what dragging one does."""

from __future__ import annotations

import math
from dataclasses import replace

from jotsk.core.guides.guide import Guide
from jotsk.core.guides.rails import Point, degrees_of, direction

SMALLEST_PX = 1.0


def handles(guide: Guide, reach: float) -> dict[str, Point]:
    """The handles by name. `reach` is how far a turning handle lies from the middle, page px."""
    if guide.kind in ("french-curve", "perspective", "posts", "circle"):
        return {f"point {k}": point for k, point in enumerate(guide.points)}
    found = {"at": guide.at}
    if guide.kind == "ellipse":
        found["first radius"] = _out(guide.at, guide.angle, guide.radii[0])
        found["second radius"] = _out(guide.at, guide.angle + 90.0, guide.radii[1])
    elif guide.kind != "spokes":
        found["turn"] = _out(guide.at, guide.angle, reach)
    if guide.kind == "rings":
        found["ratio"] = _out(guide.at, guide.angle + 90.0, reach * guide.ratio)
    elif guide.kind == "cross":
        found["between"] = _out(guide.at, guide.angle + guide.between, reach)
    return found


def dragged(guide: Guide, handle: str, to: Point, reach: float) -> Guide:
    """The guide with one of its handles at `to`. Dragging to where nothing would be left changes nothing."""
    if handle.startswith("point "):
        k = int(handle[6:])
        return replace(guide, points=(*guide.points[:k], to, *guide.points[k + 1 :]))
    if handle == "at":
        return replace(guide, at=to)
    dx, dy = to[0] - guide.at[0], to[1] - guide.at[1]
    far = math.hypot(dx, dy)
    if far < SMALLEST_PX:
        return guide
    angle = degrees_of(dx, dy)
    if handle == "turn":
        return replace(guide, angle=angle)
    if handle == "first radius":
        return replace(guide, angle=angle, radii=(far, guide.radii[1]))
    x, y = direction(guide.angle + 90.0)
    across = abs(dx * x + dy * y)
    if handle == "second radius":
        return replace(guide, radii=(guide.radii[0], max(SMALLEST_PX, across)))
    if handle == "ratio":
        return replace(guide, ratio=min(100.0, max(0.01, across / reach)))
    if handle == "between":
        return replace(guide, between=min(179.0, max(1.0, (angle - guide.angle) % 180.0)))
    raise ValueError(f"there is no handle called {handle!r}")


def nearest_handle(guide: Guide, reach: float, at: Point, within: float) -> str | None:
    """The handle nearest to a place, at most `within` page px away."""
    found = [(math.dist(place, at), name) for name, place in handles(guide, reach).items()]
    away, name = min(found, default=(math.inf, None))
    return name if away <= within else None


def _out(at: Point, degrees: float, by: float) -> Point:
    x, y = direction(degrees)
    return at[0] + by * x, at[1] + by * y
