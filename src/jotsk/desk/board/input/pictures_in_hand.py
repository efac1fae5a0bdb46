"""Pictures on their way onto the page: taken in hand, changed, and put down or given up."""

from __future__ import annotations

from collections.abc import Callable
from typing import TYPE_CHECKING

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QObject, Signal

from jotsk.core.errors import Refused
from jotsk.core.page import Page, PaintLayer
from jotsk.core.page.edits.layer_edits import lifted, placement_of
from jotsk.core.page.layers.placing import Picture, Placement
from jotsk.core.words import tr
from jotsk.desk.board.input.placing import Placing

if TYPE_CHECKING:
    from jotsk.desk.board.board import Board


class PicturesInHand(QObject):
    """`placing` is where they lie; None if there are none."""

    changed = Signal()  # there are some, or none any more
    moved = Signal()

    def __init__(self, board: Board) -> None:
        super().__init__(board)
        self._board = board
        self.placing: Placing | None = None

    def add(self, pictures: list[Picture]) -> None:
        """Have pictures moved, scaled and turned before they are put down; more may come to those that are there."""
        placing = self.placing or Placing()
        for picture in pictures:
            placing.add(picture, self._board.document.page.bounds)
        self._begin(placing)

    def take_again(self) -> None:
        """Take the picture of the active layer in hand again; it is shown as it moves."""
        page = self._board.document.page_when_dry()
        try:
            placed = placement_of(page, page.active_uid)
        except Refused as error:
            self._board.notify(str(error))
            return
        placing = Placing(self._paint(page))
        placing.take(placed, Picture.of(placed.name, placed.pixels))
        self._board.show_only({layer.uid for layer in page.layers} - {page.active_uid})
        self._begin(placing)

    def lift(self, outline: NDArray[np.float64]) -> None:
        """Take what lies inside an outline of the active layer in hand; where it was it shows until it is put down."""
        page = self._board.document.page_when_dry()
        try:
            _, placed = lifted(page, page.active_uid, outline)
        except Refused as error:
            self._board.notify(str(error))
            return
        placing = Placing(self._paint(page), outline)
        placing.take(placed, Picture.of(placed.name, placed.pixels))
        self._begin(placing)

    @staticmethod
    def _paint(page: Page) -> PaintLayer:
        """The active layer, of which it was found that it can be taken in hand."""
        assert isinstance(page.active, PaintLayer)
        return page.active

    def follow(self, _: Page, after: Page) -> None:
        """Leave a picture where it is if its layer was painted on meanwhile, or is gone."""
        before = None if self.placing is None else self.placing.layer
        if before is None:
            return
        layer = after.layer(before.uid)
        if not isinstance(layer, PaintLayer) or layer.tiles is not before.tiles:
            self.drop()
            self._board.notify(tr("The layer of the picture was changed meanwhile, so the picture stays where it was."))

    def _begin(self, placing: Placing) -> None:
        self.placing = placing
        self._board.setFocus()  # Enter puts them down
        self.changed.emit()
        self._board.update()

    def change(self, change: Callable[[Placement], Placement]) -> None:
        """Move the picture in the hand by a key or a number."""
        if self.placing is not None:
            self.placing.put(change(self.placing.in_hand))
            self.moved.emit()
            self._board.update()

    def undo(self) -> None:
        """Take the last move of a picture back, or give the pictures up."""
        if self.placing is not None and self.placing.back():
            self.moved.emit()
            self._board.update()
        else:
            self.drop()

    def put_down(self) -> None:
        """Put the pictures onto the page."""
        placing, edits = self._end(), self._board.document.page_edits
        if placing is not None and placing.layer is not None and placing.outline is not None:
            edits.put_lifted_down(placing.layer.uid, placing.outline, placing.in_hand)
        elif placing is not None and placing.layer is not None:
            edits.place_again(placing.layer.uid, placing.in_hand)
        elif placing is not None:
            edits.put_down_pictures(placing.placements)

    def drop(self) -> None:
        """Leave the page without them."""
        self._end()

    def _end(self) -> Placing | None:
        placing, self.placing = self.placing, None
        if placing is not None:
            if placing.layer is not None and placing.outline is None:
                self._board.show_only(None)
            self.changed.emit()
            self._board.update()
        return placing
