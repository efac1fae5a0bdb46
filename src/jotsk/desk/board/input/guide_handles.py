"""Guides taken hold of by their handles."""

from __future__ import annotations

from typing import NamedTuple

from PySide6.QtCore import QLineF, QPointF, QSize

from jotsk.core.geometry import View
from jotsk.core.guides.guide import Guide
from jotsk.core.guides.rails import Point
from jotsk.desk.board.overlays.guide_overlay import GRAB_PX, REACH_PX, handle_places
from jotsk.desk.guides.guiding import Guiding


class _Held(NamedTuple):
    number: int
    name: str
    before: Guide


class GuideHandles:
    """At most one is held, until it is released."""

    def __init__(self, guiding: Guiding) -> None:
        self._guiding = guiding
        self._held: _Held | None = None

    @property
    def is_held(self) -> bool:
        return self._held is not None

    def take(self, at: QPointF, view: View, ratio: float, size: QSize) -> bool:
        """Take hold of what lies at a place of the board, first of the guide in hand; False if nothing does."""
        guiding = self._guiding
        for index in (guiding.selected, *range(len(guiding.guides) - 1, -1, -1)):
            guide = guiding.guide(index)
            if index is None or guide is None or not guide.shown or guide.locked:
                continue
            places = handle_places(guide, view, ratio, size)
            near = {name: QLineF(place, at).length() for name, place in places.items()}
            name = min(near, key=lambda n: near[n])
            if near[name] <= GRAB_PX:
                guiding.select(index)
                self._held = _Held(index, name, guide)
                return True
        return False

    def drag(self, to: Point, view: View, ratio: float) -> None:
        """Bring the handle to page px `to`."""
        if self._held is None:
            return
        index, name, _ = self._held
        guide = self._guiding.guide(index)
        if guide is not None:
            moved = guide.dragged(name, to, REACH_PX * ratio / view.zoom)
            self._guiding.put(index, moved, "Place guide", finished=False)

    def release(self) -> None:
        """The drag is one step of the history."""
        if self._held is not None and (guide := self._guiding.guide(self._held.number)) is not None:
            self._guiding.put(self._held.number, guide, "Place guide")
        self._held = None

    def give_up(self) -> None:
        """The guide is where it was."""
        if self._held is not None:
            index, _, before = self._held
            if (guide := self._guiding.guide(index)) is not None and guide.record() != before.record():
                self._guiding.put(index, before, "Place guide")
        self._held = None
