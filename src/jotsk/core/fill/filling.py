"""What an area is filled with, by the settings of the hand: flat, tone, gradient, black, hatching or stipple."""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import dataclass

from jotsk.core.fill.hatching import along_outline, hatched, run_out, stippled
from jotsk.core.fill.outline import runs_inside
from jotsk.core.fill.pour import area_at, poured, runs_around
from jotsk.core.geometry import Rect
from jotsk.core.ink import Color, Pen
from jotsk.core.marks import Area, Mark
from jotsk.core.marks.area import Pour
from jotsk.core.marks.fills import Fill, Flat, Gradient, Tone
from jotsk.core.marks.runs import Runs
from jotsk.core.page import Page
from jotsk.core.page.edits.mark_edits import drawable, with_inserted

KINDS = ("flat", "tone", "gradient", "black", "hatch", "stipple", "contour")
INKED = ("black", "hatch", "stipple", "contour")  # on the active ink layer; others lie below the ink
FAR = 4.0  # times the size of the page, where a light stands that is only a direction
Point = tuple[float, float]


@dataclass(frozen=True)
class Filling:
    """How areas are found and filled. Lengths are page px, angles degrees, counted from the right against the clock."""

    look: str = "ink"
    gap_px: float = 6.0
    grow_px: float | None = None  # under lines; None: to their middle
    tolerance: float = 10.0
    kind: str = "flat"
    shape: str = "dots"  # of a tone
    lpi: float = 30.0
    angle: float = 45.0
    density: float = 0.3
    spacing_px: float = 12.0
    weight_px: float = 5.0
    directions: int = 1
    length_px: float = 60.0  # of the strokes a black runs out in
    irregular: float = 0.3
    light: float = 135.0  # where it comes from
    uses_light: bool = True
    round: bool = False  # of a gradient
    fades: bool = False  # to nothing, instead of to the colour before
    outline: str = "free"  # one of `by_hand.SHAPES`
    way: str = "new"  # one of `by_hand.WAYS`
    step_px: float = 4.0  # an area held by hand is made larger or smaller by
    soften_px: float = 0.0

    def rule(self, at: Point, layer: int) -> Pour:
        return Pour(at, self.look, layer, self.gap_px, self.grow_px, self.tolerance)

    def light_of(self, page: Rect) -> Point:
        reach = FAR * max(page.width, page.height)
        turn = math.radians(self.light)
        x, y = (page.x0 + page.x1) / 2, (page.y0 + page.y1) / 2
        return x + reach * math.cos(turn), y - reach * math.sin(turn)


@dataclass(frozen=True)
class Inks:
    """What is in the hand: the colour, the one before it, and the pen."""

    color: Color
    before: Color
    pen: Pen


def fill_of(how: Filling, inks: Inks, dpi: float, line: tuple[Point, Point]) -> Fill:
    """The fill of an area; a gradient goes along a line."""
    if how.kind == "tone":
        return Tone(how.shape, max(1.0, dpi / how.lpi), how.angle, how.density)
    if how.kind == "gradient":
        return Gradient(line[0], line[1], inks.color, None if how.fades else inks.before, how.round)
    return Flat()


def filled_at(
    page: Page, at: Point, how: Filling, inks: Inks, *, line: tuple[Point, Point] | None = None,
    seen: Rect | None = None, may_leak: bool = False, gap_px: float | None = None,
) -> Page:  # fmt: skip
    """Fill the area around a place. Raises Leaks, or Refused."""
    rule = how.rule(at, page.active_uid)
    if gap_px is not None:
        rule = Pour(rule.at, rule.look, rule.layer, gap_px, rule.grow_px, rule.tolerance)
    if how.kind in INKED:
        layer = drawable(page)
        inner = Pour(rule.at, rule.look, rule.layer, rule.gap_px, 1.0, rule.tolerance)
        runs = runs_around(page, inner, seen=seen, may_leak=may_leak)
        return with_inserted(page, layer.uid, None, inked(runs, how, inks, page.bounds))
    if how.kind == "gradient" and line is None:
        there = area_at(page, *at)
        own = runs_around(page, rule, seen=seen, may_leak=may_leak) if there is None else there[1].runs
        line = _across(own, how)
    fill = fill_of(how, inks, page.dpi, line or (at, at))
    page, _ = poured(page, rule, inks.color, fill=fill, seen=seen, may_leak=may_leak)
    return page


def filled_outline(page: Page, outline: Sequence[Point], how: Filling, inks: Inks) -> Page:
    """Fill what lies inside an outline, on the active ink layer. Raises Refused."""
    return filled_runs(page, runs_inside(outline, page.bounds), how, inks)


def filled_runs(page: Page, runs: Runs, how: Filling, inks: Inks, soften_px: float = 0.0) -> Page:
    """Fill an area on the active ink layer, with a soft edge where it is no strokes. Raises Refused."""
    layer = drawable(page)
    if how.kind in INKED:
        return with_inserted(page, layer.uid, None, inked(runs, how, inks, page.bounds))
    fill = fill_of(how, inks, page.dpi, _across(runs, how))
    return with_inserted(page, layer.uid, None, [Area(runs, inks.color, fill=fill, soften_px=soften_px)])


def inked(runs: Runs, how: Filling, inks: Inks, page: Rect) -> list[Mark]:
    """The marks that fill an area with ink."""
    light = how.light_of(page) if how.uses_light else None
    pen, color = inks.pen, inks.pen.own_color or inks.color
    if how.kind == "black":
        marks: list[Mark] = [Area(runs, color)]
        return marks + list(
            run_out(
                runs, pen, color, size_px=how.weight_px, spacing_px=how.spacing_px, length_px=how.length_px,
                light=light or how.light_of(page),
            )
        )  # fmt: skip
    if how.kind == "stipple":
        return list(stippled(runs, pen, color, size_px=how.weight_px, spacing_px=how.spacing_px, light=light))
    if how.kind == "contour":
        return list(along_outline(runs, pen, color, size_px=how.weight_px, spacing_px=how.spacing_px))
    angles = [how.angle + 180.0 * k / how.directions for k in range(how.directions)]
    return list(
        hatched(
            runs, pen, color, size_px=how.weight_px, spacing_px=how.spacing_px, angles=angles, light=light,
            irregular=how.irregular,
        )
    )  # fmt: skip


def _across(runs: Runs, how: Filling) -> tuple[Point, Point]:
    """A line over an area, away from the light; from its middle outwards if it is round."""
    if not len(runs):
        return (0.0, 0.0), (1.0, 0.0)
    x0, x1, y0, y1 = runs[:, 1].min(), runs[:, 2].max(), runs[:, 0].min(), runs[:, 0].max() + 1
    middle, half = ((x0 + x1) / 2, (y0 + y1) / 2), math.hypot(x1 - x0, y1 - y0) / 2
    turn = math.radians(how.light)
    dx, dy = half * math.cos(turn), -half * math.sin(turn)
    if how.round:
        return (float(middle[0]), float(middle[1])), (float(middle[0] + half), float(middle[1]))
    return (float(middle[0] + dx), float(middle[1] + dy)), (float(middle[0] - dx), float(middle[1] - dy))
