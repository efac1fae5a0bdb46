"""A settled shape changed: made regular, turned and scaled, or bent by its handles."""

from __future__ import annotations

import math
from dataclasses import replace

import numpy as np

from jotsk.core.guides.guidance import STEP_DEG
from jotsk.core.guides.guide import Guide
from jotsk.core.guides.holding import Hold
from jotsk.core.guides.rails import Curve, Ellipse, Line, Point, degrees_of, direction
from jotsk.core.guides.settling import Reading
from jotsk.core.guides.symmetry import Map


def pivot(hold: Hold) -> Point:
    """What a shape is turned and scaled about: where a line begins, else its middle."""
    rail = hold.rail
    if isinstance(rail, Line):
        return rail.at
    if isinstance(rail, Ellipse):
        return rail.at
    assert isinstance(rail, Curve)
    points = rail.dense[0]
    low, high = points.min(axis=0), points.max(axis=0)
    return float(low[0] + high[0]) / 2, float(low[1] + high[1]) / 2


def pulled(hold: Hold, start: Point, to: Point) -> Hold:
    """The shape turned and scaled about its pivot so that what was at `start` is at `to`."""
    about = pivot(hold)
    a, b = complex(start[0] - about[0], start[1] - about[1]), complex(to[0] - about[0], to[1] - about[1])
    if abs(a) < 1e-6 or abs(b) < 1e-6:
        return hold
    by = b / a
    m: Map = np.array([[by.real, -by.imag, 0.0], [by.imag, by.real, 0.0]])
    m[:, 2] = np.array(about) - m[:, :2] @ about
    moved = hold.mapped(m)
    if isinstance(hold.rail, Line) and hold.span is not None:
        return replace(moved, span=(hold.span[0] * abs(by), hold.span[1] * abs(by)))
    return moved


def regular(reading: Reading, turned_deg: float = 0.0) -> Reading:
    """The regular shape of its kind: circle, square, equilateral triangle, a line at a step of 15 degrees."""
    rail, span = reading.hold.rail, reading.hold.span
    if isinstance(rail, Line) and span is not None:
        u = span[1] - span[0]
        angle = degrees_of(*rail.along) - turned_deg
        along = direction(turned_deg + STEP_DEG * round(angle / STEP_DEG))
        return replace(reading, hold=Hold(Line(rail.at, along), (0.0, u)))
    if isinstance(rail, Ellipse):
        radius = math.sqrt(rail.radii[0] * rail.radii[1])
        return replace(reading, hold=Hold(Ellipse(rail.at, (radius, radius), rail.angle), span))
    count = {"triangle": 3, "rectangle": 4, "quadrilateral": 4}.get(reading.kind)
    if count is None or not isinstance(rail, Curve):
        return reading
    corners = np.array(rail.points)
    z = (corners - corners.mean(axis=0)) @ np.array([1, 1j])
    step = 2j * math.pi / count
    if np.angle(z[1] / z[0]) < 0:
        step = -step
    # The regular polygon nearest to the corners: their mean once each is turned back to the first (least squares).
    first = complex((z * np.exp(-step * np.arange(count))).mean())
    found = first * np.exp(step * np.arange(count))
    points = np.column_stack([found.real, found.imag]) + corners.mean(axis=0)
    curve = Curve(tuple((x, y) for x, y in points.tolist()), True, False)
    share = curve.length / rail.length
    return replace(reading, hold=Hold(curve, None if span is None else (span[0] * share, span[1] * share)))


def as_guide(hold: Hold) -> Guide:
    """The shape as a guide, so that it has handles: an ellipse, or a curve by its corners, or a line by its ends."""
    from jotsk.core.guides.kinds import EllipseTemplate, FrenchCurve  # here: they are loaded with the first guide

    rail = hold.rail
    if isinstance(rail, Ellipse):
        return EllipseTemplate(at=rail.at, radii=rail.radii, angle=rail.angle)
    if isinstance(rail, Curve):
        return FrenchCurve(points=rail.points, closed=rail.closed, smooth=rail.smooth)
    first, last = hold.span or (0.0, 1.0)
    return FrenchCurve(points=(rail.place(first), rail.place(last)), smooth=False)


def from_guide(guide: Guide, before: Hold) -> Hold:
    """The hold of a shape whose handles were dragged; it still begins where it did, in share of its length."""
    from jotsk.core.guides.kinds import EllipseTemplate, FrenchCurve  # here, too

    if isinstance(guide, EllipseTemplate):
        return Hold(Ellipse(guide.at, guide.radii, guide.angle), before.span)
    assert isinstance(guide, FrenchCurve)
    if isinstance(before.rail, Line):
        line = Line.through(guide.points[0], guide.points[1])
        return Hold(line, (0.0, math.dist(*guide.points))) if line else before
    assert isinstance(before.rail, Curve)
    if len(set(guide.points)) < len(guide.points):
        return before
    curve = guide.curve
    share = curve.length / before.rail.length
    return Hold(curve, (before.span[0] * share, before.span[1] * share) if before.span else None)
