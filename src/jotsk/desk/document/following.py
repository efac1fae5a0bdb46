"""Areas follow their lines: when those have changed, at rest, the areas are found again, as part of the same step."""

from __future__ import annotations

from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, QTimer, Signal

from jotsk.core.fill.clear import holds_fills
from jotsk.core.fill.pour import areas_to_find_again, found_again, lost_areas
from jotsk.core.geometry import Rect
from jotsk.core.geometry.rects import EMPTY
from jotsk.core.marks import Area
from jotsk.core.page import Page
from jotsk.core.page.changes import ink_changed
from jotsk.core.words import tr
from jotsk.desk.document.latest import Latest

if TYPE_CHECKING:
    from jotsk.desk.document.document import Document

REST_MS = 150


class AreaFollower(QObject):
    """Looks at what every change of the page touched. What is found again beside the interface is dropped if the page
    has changed meanwhile; then it is looked for anew."""

    told = Signal(str)

    def __init__(self, document: Document) -> None:
        super().__init__(document)
        self._document = document
        self._changed: Rect = EMPTY
        self._looked_at: Rect = EMPTY  # where areas are being found
        self._search = Latest("areas", self)
        self._search.came.connect(self._take)
        self._rest = QTimer(self, singleShot=True, interval=REST_MS)
        self._rest.timeout.connect(self.follow)
        document.changed.connect(self._note)
        document.opened.connect(self._forget)

    def _forget(self) -> None:
        self._changed = EMPTY
        self._search.drop()

    def _note(self, before: Page, after: Page) -> None:
        if before.bounds != after.bounds or not any(holds_fills(layer) for layer in after.layers):
            return
        self._changed |= ink_changed(before, after, lambda layer: not holds_fills(layer) and not layer.is_sketch)
        if self._changed:
            self._rest.start()

    def follow(self) -> None:
        """Find what the changes touched, unless that is being done already; as soon as the hand rests."""
        if not self._changed or self._search.is_awaited:
            return
        if self._document.is_inking:
            self._rest.start()
            return
        page, changed = self._document.page, self._changed
        areas = areas_to_find_again(page, changed.grown(2))
        self._changed = EMPTY
        if areas:
            self._looked_at = changed
            self._search.ask(lambda: (page, found_again(page, areas)))

    def still_to_find(self, page: Page) -> list[tuple[int, Area]]:
        """The areas of the present page that are still to be found: who writes it to a file finds them first."""
        changed = self._changed | (self._looked_at if self._search.is_awaited else EMPTY)
        return areas_to_find_again(page, changed.grown(2)) if changed else []

    def _take(self, found: tuple[Page, Page]) -> None:
        page, after = found
        document = self._document
        if document.page is not page or document.is_drying:
            self._changed |= self._looked_at
            self._rest.start()
            return
        if after is not page and document.redo_label is None:  # what was undone stays to be done again
            lost = len(lost_areas(after)) - len(lost_areas(page))
            document.amend(after)
            if lost > 0:
                one = tr("An area is open now and stays as it was; close its lines, or freeze it.")
                many = tr("%n areas are open now and stay as they were; close their lines, or freeze them.", None, lost)
                self.told.emit(many if lost > 1 else one)
