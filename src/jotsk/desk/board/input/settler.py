"""Watches a pen for rest at the end of a stroke, and keeps what the last line could also be."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace

from PySide6.QtCore import QLineF, QObject, QPointF, QSize, QTimer, Signal

from jotsk.core.geometry import View
from jotsk.core.guides import Guide
from jotsk.core.guides.rails import Point
from jotsk.core.guides.regular import as_guide, from_guide
from jotsk.desk.board.input.stroke_session import SettledShape, StrokeSession
from jotsk.desk.board.overlays.guide_overlay import GRAB_PX, REACH_PX, handle_places
from jotsk.desk.document.document import Document
from jotsk.desk.pens.hand import Hand

RESTS_PX = 8  # logical px within which a pen that trembles may rest
LATER_MS, AGAIN_MS = 30, 120  # a rest is looked for a little later than it can be complete, and again


class Settler(QObject):
    """`offer` is there from the lift of a settled stroke to the next one."""

    offer_changed = Signal()
    settled = Signal()  # the stroke under the pen became a shape

    def __init__(
        self, document: Document, hand: Hand, session: Callable[[], StrokeSession | None], parent: QObject
    ) -> None:  # fmt: skip
        super().__init__(parent)
        self._document, self._hand, self._session = document, hand, session
        self.offer: SettledShape | None = None
        self.is_bending = False
        self.handle: str | None = None  # of the shape, while it is dragged
        self._rests_at: QPointF | None = None
        self._timer = QTimer(self, singleShot=True)
        self._timer.timeout.connect(self._look)
        document.last_line.changed.connect(self._check_offer)

    def begins(self) -> None:
        """A stroke begins: drawing on accepts the shape before it."""
        self.accept()
        self._rests_at = None

    def moved(self, at: QPointF) -> None:
        """The pen is at a place of the board."""
        if self._rests_at is not None and (at - self._rests_at).manhattanLength() <= RESTS_PX:
            return
        self._rests_at = at
        session = self._session()
        if self._hand.settles_after_s is not None and session is not None and session.shape is None:
            self._timer.start(round(self._hand.settles_after_s * 1000) + LATER_MS)

    def lifted(self, session: StrokeSession) -> None:
        """The stroke is on the page, as the hand drew it; a shape is one more step."""
        if session.shape is not None:
            self._document.last_line.settle(session.shape.motion, session.shape.reading)
            self.offer = session.shape
            self.offer_changed.emit()

    def stop(self) -> None:
        self._timer.stop()

    def take(self, kind: str) -> None:
        """Another of the shapes the last line can be read as."""
        offer = self.offer
        reading = next((r for r in offer.readings if r.kind == kind), None) if offer else None
        if offer is not None and reading is not None:
            self._document.last_line.settle(offer.motion, reading)
            self.offer = replace(offer, reading=reading)
            self.offer_changed.emit()

    def set_bending(self, bending: bool) -> None:
        """Show the shape's handles, and let the pen take hold of them."""
        self.is_bending = bending and self.offer is not None
        self.offer_changed.emit()

    @property
    def shape(self) -> Guide | None:
        """The shape with its handles, while it is bent."""
        return as_guide(self.offer.reading.hold) if self.offer is not None and self.is_bending else None

    def take_handle(self, at: QPointF, view: View, ratio: float, size: QSize) -> bool:
        """Take hold of the shape by the handle that lies at a place of the board; False if none does."""
        if self.shape is None:
            return False
        places = handle_places(self.shape, view, ratio, size)
        name = min(places, key=lambda n: QLineF(places[n], at).length())
        self.handle = name if QLineF(places[name], at).length() <= GRAB_PX else None
        return self.handle is not None

    def drag_handle(self, to: Point, view: View, ratio: float, *, finished: bool = False) -> None:
        """Bring the handle to page px `to`; the shape follows, as part of the step it settled with."""
        offer, shape = self.offer, self.shape
        if offer is None or shape is None or self.handle is None:
            return
        moved = shape.dragged(self.handle, to, REACH_PX * ratio / view.zoom)
        reading = replace(offer.reading, hold=from_guide(moved, offer.reading.hold))
        self._document.last_line.settle(offer.motion, reading)
        self.offer = replace(offer, reading=reading)
        if finished:
            self.handle = None

    def accept(self) -> None:
        """The offer of other shapes is over."""
        self.is_bending, self.handle = False, None
        if self.offer is not None:
            self._document.end_step()
            self.offer = None
            self.offer_changed.emit()

    def _look(self) -> None:
        """The pen has hardly moved for a while: let the stroke become the shape it resembles."""
        session, hold_s = self._session(), self._hand.settles_after_s
        if session is None or hold_s is None:
            return
        if session.settle(hold_s, self._document.page.bounds):
            self.settled.emit()
        elif session.shape is None:
            self._timer.start(AGAIN_MS)

    def _check_offer(self) -> None:
        """After an undo the shape is gone, and what else it could be with it."""
        if self.offer is None:
            return
        last = self._document.last_line.when_dry()
        if last is None or last.trace is not self.offer.motion:
            self.accept()
