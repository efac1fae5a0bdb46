"""The guides of the page at work: which are on, which is in hand, which one holds the stroke under the pen."""

from __future__ import annotations

import math
from collections.abc import Mapping, Sequence
from dataclasses import replace
from functools import cache
from typing import Any, NamedTuple

from PySide6.QtCore import QObject, Signal

from jotsk.core.geometry import Rect
from jotsk.core.guides import Guide, guide_from, guides_of
from jotsk.core.guides.guidance import FREELY, Guidance
from jotsk.core.guides.guide_records import MOST_GUIDES
from jotsk.core.marks import Stroke
from jotsk.core.page import Layer
from jotsk.core.words import in_sentence, tr
from jotsk.desk.document.document import Document


class Offered(NamedTuple):
    """A guide that can be added."""

    name: str
    kind: type[Guide]
    values: dict[str, Any]


@cache
def offered() -> tuple[tuple[Offered, ...], ...]:
    """What can be added, in groups."""
    from jotsk.core.guides.kinds import GROUPS  # here, as below: they are loaded with the first guide

    return tuple(
        tuple(Offered(name, kind, values) for kind in group for name, values in kind.offers) for group in GROUPS
    )


STRETCHED = tr(
    "This lies outside a 60 degree cone of vision, where things look stretched;"
    " vanishing points farther apart make it wider."
)


class Guiding(QObject):
    """Changes the guides as steps of the page's history."""

    changed = Signal()  # a guide, which is selected, or what is lit
    added = Signal()  # a guide, which is to be placed now

    def __init__(self, document: Document, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._document = document
        self._read: tuple[Sequence[Mapping[str, Any]], list[Guide | None]] = ((), [])
        self._selected: int | None = None
        self._warned_of: Guide | None = None
        self.is_off = False  # while a key is held
        self.lit: int | None = None  # the guide that holds the stroke under the pen
        document.changed.connect(self._page_changed)

    @property
    def guides(self) -> list[Guide | None]:
        """Those of the page in their order; None for one this program does not understand."""
        records = self._document.page.guides
        if self._read[0] is not records:
            known = {id(record): guide for record, guide in zip(*self._read, strict=True)}
            new = [record for record in records if id(record) not in known]
            known |= {id(record): guide for record, guide in zip(new, guides_of(new), strict=True)}
            self._read = records, [known[id(record)] for record in records]
        return self._read[1]

    @property
    def selected(self) -> int | None:
        return self._selected if self._selected is not None and self._selected < len(self.guides) else None

    def guide(self, index: int | None) -> Guide | None:
        return self.guides[index] if index is not None and index < len(self.guides) else None

    def guidance(
        self, layer: Layer | None, course: str = FREELY, turned_deg: float = 0.0, *, rubs: bool = False
    ) -> Guidance:
        """What holds and repeats a stroke on a layer. Rubbing out is held only by a guide that holds alone."""
        guides = [] if self.is_off else self.guides
        if rubs:
            guides = [g if g is not None and (g.repeats or g.alone) else None for g in guides]
        if layer is not None and not layer.follows_guides:
            guides = [g if g is not None and g.repeats else None for g in guides]
        repeats = layer is None or layer.follows_symmetry
        return Guidance(tuple(guides), repeats, course, turned_deg)

    def warn_of_stretching(self, index: int | None, stroke: Stroke) -> None:
        """Say once for each perspective that a line it held lies where things look stretched."""
        guide, page = self.guide(index), self._document.page
        if guide is None or guide == self._warned_of:
            return
        if guide.stretches(stroke.own_ribbon.points[:, :2], page.bounds):
            self._warned_of = guide
            self._document.refused.emit(STRETCHED)

    def select(self, index: int | None) -> None:
        if index != self._selected:
            self._selected = index
            self.changed.emit()

    def light(self, index: int | None) -> None:
        """Show which guide holds."""
        if index != self.lit:
            self.lit = index
            self.changed.emit()

    def give_up(self, index: int) -> None:
        """Switch a guide off and hide it: it cannot be drawn."""
        guide = self.guide(index)
        if guide is not None:
            name = guide.name or guide.kind
            self.switch(index, on=False, shown=False)
            self._document.refused.emit(
                tr("“{name}” cannot be drawn where it lies, so it is switched off and hidden.", name=name)
            )

    def set_off(self, off: bool) -> None:
        if off != self.is_off:
            self.is_off = off
            self.changed.emit()

    def add(self, offer: Offered, seen: Rect) -> None:
        """Add one of `offered` in the middle of what is seen of the page, and take it in hand."""
        if len(self.guides) >= MOST_GUIDES:
            self._document.refused.emit(
                tr("A page has room for {most_guides} guides; delete one you no longer need.", most_guides=MOST_GUIDES)
            )
            return
        middle = (seen.x0 + seen.x1) / 2, (seen.y0 + seen.y1) / 2
        new = offer.kind.begun(offer.values, middle, seen, self.guides)
        guide = replace(new, name=self._free_name(offer.name))
        self._put([*self._records, guide.record()], tr("Add {guide}", guide=in_sentence(offer.name)))
        self.select(len(self.guides) - 1)
        self.added.emit()

    def add_curve(self, points: Sequence[tuple[float, float]], *, closed: bool, smooth: bool) -> None:
        """Add a French curve through points, such as a draft or a line that was drawn."""
        from jotsk.core.guides.kinds import FrenchCurve

        name = self._free_name(tr("French curve"))
        guide = FrenchCurve(points=tuple(points), closed=closed, smooth=smooth, name=name)
        self._put([*self._records, guide.record()], tr("Add french curve"))
        self.select(len(self.guides) - 1)

    def add_all(self, guides: Sequence[Guide]) -> None:
        """Add a set of guides."""
        room = MOST_GUIDES - len(self.guides)
        self._put([*self._records, *(g.record() for g in guides[:room])], tr("Add a set of guides"))

    def change(self, index: int, label: str, *, finished: bool = True, **values: object) -> None:
        guide = self.guide(index)
        if guide is not None:
            self.put(index, replace(guide, **values), label, finished=finished)  # type: ignore[arg-type]

    def put(self, index: int, guide: Guide, label: str, *, finished: bool = True) -> None:
        """Another guide in the place of one; not `finished` while a handle is dragged."""
        records, before = list(self._records), self.guide(index)
        try:
            records[index] = guide_from(guide.record()).record()
            for k, other in enumerate(self.guides):  # what stands in a perspective follows its vanishing points
                if before is not None and other is not None and not other.locked:
                    follows = other.followed(before, guide)
                    if follows is not other:
                        records[k] = guide_from(follows.record()).record()
        except ValueError as error:
            self._document.refused.emit(tr("The guide stays as it is: {error}.", error=error))
            self.changed.emit()  # what shows its numbers shows them as they are
            return
        self._put(records, label, finished=finished)

    def end_step(self) -> None:
        """What is changed next is a step of its own."""
        self._document.end_step()

    def switch(self, index: int, **states: bool) -> None:
        """Switch a guide on or off, show or hide it. It is no step: nothing stands between a stroke and its undo."""

        def switch() -> None:
            guide = self.guide(index)
            if guide is not None:
                records = list(self._records)
                records[index] = replace(guide, **states).record()  # type: ignore[arg-type]
                self._document.alter(guides=tuple(records))

        self._document.when_dry(switch)

    def hold_alone(self, index: int, alone: bool) -> None:
        """Let one guide hold exclusively, or all that are on again. It is no step either."""
        self._document.when_dry(lambda: self._hold_alone(index, alone))

    def _hold_alone(self, index: int, alone: bool) -> None:
        records = [
            g.record() if (g := guide and replace(guide, alone=alone and k == index)) else dict(record)
            for k, (guide, record) in enumerate(zip(self.guides, self._records, strict=True))
        ]
        self._document.alter(guides=tuple(records))

    def toggle_alone(self) -> None:
        """Let the guide in hand, or the only one there is, hold alone; or with the others again."""
        self._document.when_dry(self._toggle_alone)

    def _toggle_alone(self) -> None:
        holding = [k for k, g in enumerate(self.guides) if g is not None and not g.repeats]
        index = self.selected if self.selected in holding else holding[-1] if holding else None
        guide = self.guide(index)
        if index is None or guide is None:
            self._document.refused.emit(tr("There is no guide to hold alone; add one, or press it in the list."))
        else:
            self._hold_alone(index, not guide.alone)

    def flip(self, index: int, *, upside_down: bool) -> None:
        guide = self.guide(index)
        if guide is not None:
            self.put(index, guide.flipped(upside_down=upside_down), tr("Flip guide"))

    def delete(self, index: int) -> None:
        self._put([r for k, r in enumerate(self._records) if k != index], tr("Delete guide"))
        self.select(None)

    def duplicate(self, index: int, by: float) -> None:
        guide = self.guide(index)
        if guide is not None:
            copy = replace(guide.moved(by, by), name=self._free_name(guide.name or guide.kind))
            self._put([*self._records, copy.record()], tr("Duplicate guide"))
            self.select(len(self.guides) - 1)

    def add_vanishing_point(self, point: tuple[float, float]) -> int:
        """Give the perspective in hand one more point, or the nearer of its three another place; or begin one. Returns
        how many points it has now."""
        from jotsk.core.guides.kinds import Perspective

        index, guide = self.selected, self.guide(self.selected)
        if index is None or not isinstance(guide, Perspective):
            new = Perspective(points=(point,), name=self._free_name(tr("Perspective of the sketch")))
            self._put([*self._records, new.record()], tr("Add perspective"))
            self.select(len(self.guides) - 1)
        else:
            self.put(
                index,
                guide.with_point(point),
                tr("Add vanishing point") if len(guide.points) < 3 else tr("Place guide"),
            )
        now = self.guide(self.selected)
        return len(now.points) if isinstance(now, Perspective) else 0

    @property
    def _records(self) -> Sequence[Mapping[str, Any]]:
        return self._document.page.guides

    def _put(self, records: Sequence[Mapping[str, Any]], label: str, *, finished: bool = True) -> None:
        self._document.page_edits.set_guides(label, records, finished=finished)

    def _free_name(self, name: str) -> str:
        """`name`, with a number after it where there is one already."""
        stem = name.rstrip("0123456789 ")
        taken = {g.name for g in self.guides if g is not None}
        if stem not in taken:
            return stem
        return next(f"{stem} {k}" for k in range(2, 10_000) if f"{stem} {k}" not in taken)

    def _page_changed(self, before: Any, after: Any) -> None:
        if before.guides is not after.guides:
            self.changed.emit()


def turned_steps(angle_rad: float, flipped: bool) -> float:
    """By how much steps of the view are turned against those of the page, degrees."""
    return math.degrees(angle_rad) * (-1.0 if flipped else 1.0)


def titled(guide: Guide | None) -> str:
    """What a guide is called in the list."""
    if guide is None:
        return tr("A guide of another program")
    name = guide.name or tr(guide.kind.replace("-", " ").capitalize())
    marks = [word for word, is_so in ((tr("alone"), guide.alone), (tr("locked"), guide.locked)) if is_so]
    return f"{name} · {', '.join(marks)}" if marks else name
