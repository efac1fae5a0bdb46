"""Guides taken hold of by their handles and lines. They move by how far the pen moves, never to the pen."""

from __future__ import annotations

from typing import NamedTuple

import numpy as np
from PySide6.QtCore import QLineF, QPointF, QSize

from jotsk.core.geometry import View
from jotsk.core.guides.drawing import in_sight
from jotsk.core.guides.guide import Guide, name_of_point, point_of_name
from jotsk.core.guides.rails import Point
from jotsk.core.words import tr
from jotsk.desk.board.overlays.guide_overlay import GRAB_PX, REACH_PX, handle_places, seen_area
from jotsk.desk.guides.guiding import Guiding

LINE_PX = 8.0  # logical px from a line within which it is taken hold of


class _Held(NamedTuple):
    number: int
    handle: str  # "" is the whole guide
    before: Guide
    handle_at: Point  # page px, when it was taken hold of
    pen_at: Point


class GuideHandles:
    """At most one is held, until it is released."""

    def __init__(self, guiding: Guiding) -> None:
        self._guiding = guiding
        self._held: _Held | None = None

    @property
    def is_held(self) -> bool:
        return self._held is not None

    def take(self, at: QPointF, view: View, ratio: float, size: QSize, *, points: bool = False) -> bool:
        """Take hold of what lies at a place of the board, first of the guide in hand; False if nothing does. If it is
        `points` one is after, a press on a French curve adds a point to it, or takes one away."""
        guiding = self._guiding
        order = [guiding.selected, *range(len(guiding.guides) - 1, -1, -1)]
        free = [(k, g) for k in order if k is not None and (g := guiding.guide(k)) and g.shown and not g.locked]
        pen_at, reach = view.to_page(at.x() * ratio, at.y() * ratio), REACH_PX * ratio / view.zoom
        for index, guide in free:
            places = handle_places(guide, view, ratio, size)
            near = {name: QLineF(place, at).length() for name, place in places.items()}
            name = min(near, key=lambda n: near[n])
            if near[name] <= GRAB_PX:
                guiding.select(index)
                if points and guide.bends and (k := point_of_name(name)) is not None:
                    guiding.put(index, guide.without_point(k), tr("Remove a point"))
                    return True
                self._held = _Held(index, name, guide, guide.handles(reach)[name], pen_at)
                return True
        for index, guide in free:
            line = _line_at(guide, pen_at, LINE_PX * ratio / view.zoom, view, ratio, size)
            if line is not None:
                guiding.select(index)
                if points and guide.bends:
                    more, k = guide.with_point_at(pen_at)
                    guiding.put(index, more, tr("Place guide"), finished=False)
                    name = name_of_point(k)
                    self._held = _Held(index, name, more, more.handles(reach)[name], pen_at)
                else:
                    self._held = _Held(index, guide.handle_of_line(line), guide, pen_at, pen_at)
                return True
        return False

    def drag(self, to: Point, view: View, ratio: float) -> None:
        """The pen is at page px `to`."""
        held = self._held
        if held is None or self._guiding.guide(held.number) is None:
            return
        dx, dy = to[0] - held.pen_at[0], to[1] - held.pen_at[1]
        if held.handle:
            place = held.handle_at[0] + dx, held.handle_at[1] + dy
            moved = held.before.dragged(held.handle, place, REACH_PX * ratio / view.zoom)
        else:
            moved = held.before.moved(dx, dy)
        self._guiding.put(held.number, moved, tr("Place guide"), finished=False)

    def release(self) -> None:
        """The drag is one step of the history."""
        self._guiding.end_step()
        self._held = None

    def give_up(self) -> None:
        """The guide is where it was."""
        if self._held is not None:
            index, before = self._held.number, self._held.before
            if (guide := self._guiding.guide(index)) is not None and guide.record() != before.record():
                self._guiding.put(index, before, tr("Place guide"))
        self._held = None


def _line_at(guide: Guide, at: Point, reach: float, view: View, ratio: float, size: QSize) -> int | None:
    """The number of the line of a guide that lies at a place, page px; None if none does."""
    area, place = seen_area(view, ratio, size), np.array(at)
    for number, line in enumerate(guide.lines(area)):
        for part in in_sight(line, area) if line is not None else ():
            a, along = part[:-1], np.diff(part, axis=0)
            square = np.maximum((along**2).sum(axis=1), 1e-12)
            share = (((place - a) * along).sum(axis=1) / square).clip(0, 1)
            if len(a) and np.hypot(*(a + share[:, None] * along - place).T).min() <= reach:
                return number
    return None
