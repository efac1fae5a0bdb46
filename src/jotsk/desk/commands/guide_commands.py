"""The commands of the Guides menu that open a file or a sheet."""

from __future__ import annotations

import math
from collections.abc import Callable
from pathlib import Path
from typing import TYPE_CHECKING

from jotsk.core.guides.draft import few_points, offset_curve
from jotsk.core.guides.rails import Point
from jotsk.core.words import tr
from jotsk.desk.board.board import Board
from jotsk.desk.document.document import Document
from jotsk.desk.guides.guide_sets import GuideSets
from jotsk.desk.widgets.asking import ask_file, ask_new_file, ask_number, ask_text

if TYPE_CHECKING:
    from PySide6.QtWidgets import QDialog

    from jotsk.core.guides.kinds import FrenchCurve

CURVE_OFF_PX, CLOSED_SHARE = 0.5, 0.03
KIND = tr("Sets of guides (*.json)")


class GuideCommands:
    """Sets of guides for other pages, and the sheet of numbers."""

    def __init__(self, document: Document, board: Board, sets: GuideSets, tell: Callable[[str], object]) -> None:
        self.sets = sets
        self._document, self._board, self._tell = document, board, tell
        self._guiding = board.guiding
        self.sheet: QDialog | None = None

    def show_numbers(self) -> None:
        from jotsk.desk.dialogs.guide_sheet import GuideSheet

        if self._guiding.selected is None and self._guiding.guides:
            self._guiding.select(len(self._guiding.guides) - 1)
        if self.sheet is None:
            self.sheet = GuideSheet(self._guiding, self._board)
        self.sheet.show()
        self.sheet.raise_()

    def curve_of_line(self) -> None:
        """Make a French curve of the last line: as few points as keep it within half a px."""
        stroke = self._document.last_line.when_dry()
        if stroke is None or len(stroke.line) < 2:
            self._tell(tr("There is no line yet to make a curve of; draw one first."))
            return

        def fit(_: Callable[[float], None]) -> tuple[tuple[Point, ...], bool]:
            points = few_points(stroke.own_ribbon.points[:, :2], CURVE_OFF_PX)
            gap = math.dist(points[0], points[-1])
            return points, len(points) > 3 and gap < CLOSED_SHARE * stroke.own_ribbon.length_px

        def add(fitted: tuple[tuple[Point, ...], bool]) -> None:
            points, closed = fitted
            self._guiding.add_curve(points[:-1] if closed else points, closed=closed, smooth=True)

        self._document.slow.emit(tr("Making a curve of the line"), fit, add)

    def ask_offset(self) -> None:
        """A curve beside the French curve in hand, as far off as is typed."""
        from jotsk.core.guides.kinds import FrenchCurve  # here: they are loaded with the first guide

        guide = self._guiding.guide(self._guiding.selected)
        if not isinstance(guide, FrenchCurve):
            self._tell(tr("Take a French curve in hand first: press it in the list of guides."))
            return
        what, why = tr("Offset of the curve"), tr("How far beside it, px; less than 0 is the other side")
        by = ask_number(self._board, what, why, 20.0, -10_000.0, 10_000.0, 1)
        if by:
            self.add_offset(guide, by)

    def add_offset(self, guide: FrenchCurve, by_px: float) -> None:
        points = offset_curve(guide.curve, by_px)
        if len(points) < 2:
            self._tell(tr("The curve bends more tightly than that everywhere; choose a smaller offset."))
            return
        if guide.closed and len(points) > 3:
            self._guiding.add_curve(points[:-1], closed=True, smooth=guide.smooth)
        else:
            self._guiding.add_curve(points, closed=False, smooth=True)

    def ask_open(self) -> None:
        path = ask_file(self._board, tr("Add a set of guides"), KIND)
        if path is not None:
            self.sets.open(path)

    def ask_keep(self) -> None:
        name = ask_text(self._board, tr("Keep the guides"), tr("Name of the set"))
        if name is not None:
            self.sets.keep(name)

    def ask_save(self) -> None:
        path = ask_new_file(self._board, tr("Save the guides as a set"), KIND, "guides.json", ".json")
        if path is not None:
            self.save(path)

    def save(self, path: Path) -> None:
        if self.sets.save(path):
            self._tell(tr("The guides are in “{name}”.", name=path.name))
