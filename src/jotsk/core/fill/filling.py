"""What an area is filled with, by the settings of the hand: flat, tone, gradient, black, hatching or stipple."""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import dataclass

import cv2
import numpy as np

from jotsk.core.errors import Refused
from jotsk.core.fill.hatching import along_outline, hatched, run_out, stippled
from jotsk.core.fill.outline import runs_inside
from jotsk.core.fill.pour import area_at, poured, runs_around
from jotsk.core.geometry import Rect
from jotsk.core.ink import Color, Pen
from jotsk.core.marks import Area, Mark
from jotsk.core.marks.area import Pour
from jotsk.core.marks.fills import MOST_WAY, Fill, Flat, Gradient, Pattern, Tone
from jotsk.core.marks.runs import Runs
from jotsk.core.page import Page
from jotsk.core.page.edits.mark_edits import drawable, with_inserted
from jotsk.core.page.light import USUAL_ANGLE, Light
from jotsk.core.words import tr

KINDS = ("flat", "tone", "gradient", "pattern", "black", "hatch", "stipple", "contour")
INKED = ("black", "hatch", "stipple", "contour")  # on the active ink layer; others lie below the ink
WAY_OFF_PX = 0.5
LED = ("gradient", "hatch")  # these can follow a line that is drawn
Point = tuple[float, float]
Way = Sequence[Point]


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
    light: float = USUAL_ANGLE  # where it comes from, where the page has none of its own
    uses_light: bool = True
    round: bool = False  # of a gradient
    fades: bool = False  # to nothing, instead of to the colour before
    follows: bool = False  # a gradient or hatching follows the line that is drawn
    pattern: Pattern | None = None
    outline: str = "free"  # one of `by_hand.SHAPES`
    way: str = "new"  # one of `by_hand.WAYS`
    step_px: float = 4.0  # an area held by hand is made larger or smaller by
    soften_px: float = 0.0

    def rule(self, at: Point, layer: int) -> Pour:
        return Pour(at, self.look, layer, self.gap_px, self.grow_px, self.tolerance)

    @property
    def is_led(self) -> bool:
        """Whether a line is drawn for it, instead of over areas."""
        return self.kind == "gradient" or (self.follows and self.kind in LED)

    def light_on(self, page: Page) -> Light:
        return page.light or Light(self.light)


@dataclass(frozen=True)
class Inks:
    """What is in the hand: the colour, the one before it, and the pen."""

    color: Color
    before: Color
    pen: Pen


def fill_of(how: Filling, inks: Inks, dpi: float, line: Way) -> Fill:
    """The fill of an area; a gradient goes along a line. Raises Refused."""
    if how.kind == "tone":
        return Tone(how.shape, max(1.0, dpi / how.lpi), how.angle, how.density)
    if how.kind == "gradient":
        last = None if how.fades else inks.before
        way = tuple(_fewer(line)) if how.follows and len(line) > 2 else ()
        return Gradient(line[0], line[-1], inks.color, last, how.round, way)
    if how.kind == "pattern":
        if how.pattern is None:
            raise Refused(tr("There is no pattern yet: hold an area by hand, and make it one."))
        return how.pattern
    return Flat()


def filled_at(
    page: Page, at: Point, how: Filling, inks: Inks, *, line: Way | None = None,
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
        return with_inserted(page, layer.uid, None, inked(page, runs, how, inks, line))
    if how.kind == "gradient" and line is None:
        there = area_at(page, *at)
        own = runs_around(page, rule, seen=seen, may_leak=may_leak) if there is None else there[1].runs
        line = _across(own, how, page)
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
        return with_inserted(page, layer.uid, None, inked(page, runs, how, inks))
    fill = fill_of(how, inks, page.dpi, _across(runs, how, page))
    return with_inserted(page, layer.uid, None, [Area(runs, inks.color, fill=fill, soften_px=soften_px)])


def inked(page: Page, runs: Runs, how: Filling, inks: Inks, line: Way | None = None) -> list[Mark]:
    """The marks that fill an area with ink; hatching follows a line, if it is to and there is one."""
    place = how.light_on(page).place(page.bounds)
    light = place if how.uses_light else None
    pen, color = inks.pen, inks.pen.own_color or inks.color
    if how.kind == "black":
        marks: list[Mark] = [Area(runs, color)]
        return marks + list(
            run_out(
                runs, pen, color, size_px=how.weight_px, spacing_px=how.spacing_px, length_px=how.length_px,
                light=place,
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
            irregular=how.irregular, way=line if how.follows and line is not None and len(line) > 1 else None,
        )
    )  # fmt: skip


def _fewer(way: Way) -> list[Point]:
    """A drawn way with few places, nowhere farther than `WAY_OFF_PX` off."""
    places = cv2.approxPolyDP(np.array(way, np.float32)[:, None], WAY_OFF_PX, False)[:, 0]
    step = max(1, -(-len(places) // MOST_WAY))
    return [(float(x), float(y)) for x, y in [*places[:-1:step].tolist(), places[-1].tolist()]]


def _across(runs: Runs, how: Filling, page: Page) -> tuple[Point, Point]:
    """A line over an area, away from the light; from its middle outwards if it is round."""
    if not len(runs):
        return (0.0, 0.0), (1.0, 0.0)
    x0, x1, y0, y1 = runs[:, 1].min(), runs[:, 2].max(), runs[:, 0].min(), runs[:, 0].max() + 1
    middle, half = ((x0 + x1) / 2, (y0 + y1) / 2), math.hypot(x1 - x0, y1 - y0) / 2
    x, y = how.light_on(page).place(page.bounds)
    turn = math.atan2(y - middle[1], x - middle[0])
    dx, dy = half * math.cos(turn), half * math.sin(turn)
    if how.round:
        return (float(middle[0]), float(middle[1])), (float(middle[0] + half), float(middle[1]))
    return (float(middle[0] + dx), float(middle[1] + dy)), (float(middle[0] - dx), float(middle[1] - dy))
