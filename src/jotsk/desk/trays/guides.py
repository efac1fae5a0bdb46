"""The guides of the page, each with a switch."""

from __future__ import annotations

from functools import partial

from PySide6.QtCore import QPoint, Qt
from PySide6.QtGui import QAction
from PySide6.QtWidgets import QHBoxLayout, QLabel, QMenu, QScrollArea, QToolButton, QVBoxLayout, QWidget

from jotsk.core.words import tr
from jotsk.desk.board.board import Board
from jotsk.desk.board.overlays.guide_overlay import seen_area
from jotsk.desk.guides.guide_sets import GuideSets
from jotsk.desk.guides.guiding import Offered, offered, titled
from jotsk.desk.icons import icon
from jotsk.desk.theme import current
from jotsk.desk.trays.guide_row import BUTTON_PX, GuideRow
from jotsk.desk.widgets.asking import ask_text

EMPTY = tr("No guides yet. The plus adds rulers, perspective and symmetry; they are kept with the page.")
COPY_SHARE = 0.06  # of what is seen: how far a copy lies from what it was copied from


class GuideTray(QWidget):
    """The list, and a menu of what can be added."""

    def __init__(
        self, board: Board, actions: dict[str, QAction], sets: GuideSets, parent: QWidget | None = None
    ) -> None:
        super().__init__(parent)
        self._sets = sets
        self._board, self._guiding, self._actions = board, board.guiding, actions
        self.rows: list[GuideRow] = []
        heading = QLabel(tr("Guides"))
        heading.setProperty("role", "heading")
        self.place = QToolButton(self)
        self.place.setDefaultAction(actions["guide.place"])
        self.place.setToolButtonStyle(Qt.ToolButtonStyle.ToolButtonIconOnly)
        self.add = QToolButton(self, toolTip=tr("Add a ruler, perspective or symmetry"))
        self.add.setAccessibleName(tr("Add a guide"))
        self.add.setPopupMode(QToolButton.ToolButtonPopupMode.InstantPopup)
        self.menu = QMenu(self.add)
        self.sets = self.menu.addMenu(tr("Kept sets"))
        self.sets.aboutToShow.connect(self._fill_sets)
        for action in ("guide.keep", "guide.open", "guide.save"):
            self.menu.addAction(actions[action])
        self.menu.aboutToShow.connect(self._fill_menu, Qt.ConnectionType.SingleShotConnection)
        self.add.setMenu(self.menu)
        head = QHBoxLayout()
        head.setContentsMargins(16, 8, 8, 0)
        head.setSpacing(0)
        head.addWidget(heading)
        head.addStretch()
        for button in (self.place, self.add):
            button.setFixedSize(BUTTON_PX, BUTTON_PX)
            head.addWidget(button)
        self.empty = QLabel(EMPTY, wordWrap=True)
        self.empty.setProperty("role", "quiet")
        self.empty.setContentsMargins(16, 0, 16, 0)
        self._list = QWidget(self)
        self._box = QVBoxLayout(self._list)
        self._box.setContentsMargins(0, 0, 0, 0)
        self._box.setSpacing(0)
        self._box.addWidget(self.empty)
        self._box.addStretch()
        scroll = QScrollArea(self)
        scroll.setAccessibleName(tr("Guides"))
        scroll.setWidgetResizable(True)
        scroll.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        scroll.setWidget(self._list)
        layout = QVBoxLayout(self)
        layout.setContentsMargins(0, 0, 0, 4)
        layout.setSpacing(2)
        layout.addLayout(head)
        layout.addWidget(scroll, 1)
        self._guiding.changed.connect(self.refresh)
        self.theme_changed()

    def _fill_menu(self) -> None:
        """Offer all kinds of guide."""
        below = self.sets.menuAction()
        for group in offered():
            for offer in group:
                action = QAction(offer.name, self.menu)
                action.triggered.connect(partial(self._add, offer))
                self.menu.insertAction(below, action)
            self.menu.insertSeparator(below)

    def _fill_sets(self) -> None:
        """The sets that were kept, to be added to this page or forgotten."""
        self.sets.clear()
        names = self._sets.kept_sets()
        for name in names:
            self.sets.addAction(name, partial(self._sets.add_kept, name))
        if names:
            self.sets.addSeparator()
            forget = self.sets.addMenu(tr("Forget"))
            for name in names:
                forget.addAction(name, partial(self._sets.forget_kept, name))
        else:
            self.sets.addAction(tr("Nothing is kept yet")).setEnabled(False)

    def theme_changed(self) -> None:
        self.place.defaultAction().setIcon(icon("ruler", current().text))
        self.add.setIcon(icon("plus", current().text))
        self.refresh()

    def refresh(self) -> None:
        """Bring the rows up to date."""
        guiding = self._guiding
        guides = guiding.guides
        for row in self.rows[len(guides) :]:
            self._box.removeWidget(row)
            row.hide()
            row.deleteLater()
        del self.rows[len(guides) :]
        for k in range(len(self.rows), len(guides)):
            row = GuideRow(k, guides[k], self._list)
            self.rows.append(row)
            self._box.insertWidget(k, row)
            row.chosen.connect(guiding.select)
            row.switched.connect(self._switch)
            row.asked.connect(self._ask)
            row.renamed.connect(self._rename)
        self.empty.setVisible(not guides)
        for k, (row, guide) in enumerate(zip(self.rows, guides, strict=True)):
            row.show_guide(guide, is_selected=k == guiding.selected, is_lit=k == guiding.lit)

    def _add(self, offer: Offered) -> None:
        board = self._board
        self._guiding.add(offer, seen_area(board.view, board.devicePixelRatioF(), board.size()))

    def _switch(self, index: int, what: str) -> None:
        guide = self._guiding.guide(index)
        if guide is None:
            return
        now = not getattr(guide, what)
        values = {what: now}
        if what == "on" and now:
            values["shown"] = True  # what is switched on is seen; it may be hidden again
        self._guiding.switch(index, **values)

    def _rename(self, index: int) -> None:
        guide = self._guiding.guide(index)
        if guide is None:
            return
        name = ask_text(self, tr("Rename guide"), tr("Name of the guide"), titled(guide))
        if name:
            self._guiding.change(index, tr("Rename guide"), name=name)

    def _ask(self, index: int, at: QPoint) -> None:
        self._guiding.select(index)
        self.menu_of(index).popup(at)

    def menu_of(self, index: int) -> QMenu:
        """What can be done with one guide."""
        guiding, guide, menu = self._guiding, self._guiding.guide(index), QMenu(self)
        menu.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        if guide is not None:
            menu.addAction(self._actions["guide.numbers"])
            menu.addAction(tr("Rename…"), lambda: self._rename(index))
            if not guide.repeats:
                alone = tr("Hold with the others") if guide.alone else tr("Hold alone")
                menu.addAction(alone, lambda: guiding.hold_alone(index, not guide.alone))
            locking = tr("Unlock guide") if guide.locked else tr("Lock guide")
            lock = tr("Unlock") if guide.locked else tr("Lock in place")
            menu.addAction(lock, lambda: guiding.change(index, locking, locked=not guide.locked))
            if guide.flips:
                menu.addAction(tr("Flip left to right"), lambda: guiding.flip(index, upside_down=False))
                menu.addAction(tr("Flip upside down"), lambda: guiding.flip(index, upside_down=True))
            menu.addAction(tr("Duplicate"), lambda: self._duplicate(index))
            menu.addSeparator()
        menu.addAction(tr("Delete"), lambda: guiding.delete(index))
        return menu

    def _duplicate(self, index: int) -> None:
        seen = seen_area(self._board.view, self._board.devicePixelRatioF(), self._board.size())
        self._guiding.duplicate(index, COPY_SHARE * min(seen.width, seen.height))
