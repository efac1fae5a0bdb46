"""The pen maker: the sheet is a pad to draw on; across its top lies a line of the pen, which is pulled into shape."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from dataclasses import replace
from pathlib import Path
from typing import Any

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QHideEvent, QKeySequence, QShortcut
from PySide6.QtWidgets import (
    QComboBox,
    QDialog,
    QHBoxLayout,
    QLabel,
    QLineEdit,
    QPushButton,
    QScrollArea,
    QVBoxLayout,
    QWidget,
)  # fmt: skip

from jotsk.core.errors import JotskError
from jotsk.core.files.penfiles import write_pens
from jotsk.core.ink import Pen
from jotsk.core.words import tr
from jotsk.desk.dialogs.help_mark import QuestionMark
from jotsk.desk.dialogs.maker.fields import Fields
from jotsk.desk.dialogs.maker.movers import Movers
from jotsk.desk.dialogs.maker.specimen_sheet import SpecimenSheet
from jotsk.desk.dialogs.scratch_pad import ScratchPad
from jotsk.desk.pens.hand import Hand
from jotsk.desk.widgets.asking import ask_file, ask_new_file, ask_text
from jotsk.desk.widgets.faults import handled
from jotsk.desk.widgets.modal import turn_of_the_loop

JSON = tr("Pens (*.json)")
HINT = tr("Draw anywhere on this sheet; nothing here is on the page. Ctrl+Z takes back, Del clears.")
ALONE, SHIPPED = tr("Alone"), tr("As shipped")


class PenMaker(QDialog):
    """Edits a copy; the library changes only by Keep and Save as new. It lies beside the roll, and follows what is
    taken there. What was changed and not kept is there again whenever the pen is: `drafts`, by the ids of the pens."""

    left = Signal()  # the sheet was closed

    def __init__(self, hand: Hand, parent: QWidget | None = None, drafts: Mapping[str, Pen] | None = None) -> None:
        super().__init__(parent)
        self.drafts = dict(drafts or {})
        self.setWindowTitle(tr("Pen maker"))
        self.resize(1020, 700)
        self._hand, self._library = hand, hand.library
        # The pad has a hand of its own, so trying a pen out leaves the one on the desk alone.
        self.trial = Hand(hand.library, self)
        self.trial.color = hand.color
        self.trial.feels = hand.feels
        self.pen = hand.pen

        self.name = QLineEdit()
        self.name.setAccessibleName(tr("Name of the pen"))
        self.name.setToolTip(tr("Shipped pens keep their names; one of your own is renamed here"))
        self.name.setFixedWidth(150)
        self.state = QLabel()
        self.state.setProperty("role", "quiet")
        self.restore = _button(tr("As shipped"), tr("Set this pen back to as shipped"), self._restore)
        self.remove = _button(tr("Remove"), tr("Take this pen out of the library"), self._remove)
        self.drop = _button(tr("Drop"), tr("Back to how this pen is in the library"), self._drop)
        self.keep_button = _button(tr("Keep"), tr("Change this pen in the library"), self.keep)
        head = QHBoxLayout()
        head.setContentsMargins(16, 8, 12, 8)
        head.setSpacing(8)
        head.addWidget(self.name)
        head.addWidget(self.state, 1)
        for widget in (
            self.restore, self.remove,
            _button(tr("Import…"), tr("Add the pens of a file to the library"), self.take_in),
            _button(tr("Export…"), tr("Write this pen to a file"), self.give_out),
            _button(tr("Save as new…"), tr("Add a copy to the library under another name"), self.save_as_new),
            self.drop, self.keep_button,
            _button(tr("Close"), tr("What is changed and not kept is here again the next time"), self.close),
            QuestionMark(self, "drawing"),
        ):  # fmt: skip
            head.addWidget(widget)

        self.specimen = SpecimenSheet()
        self.pad = ScratchPad(self.trial, self)
        self.pad.setMinimumHeight(140)
        turn_of_the_loop()
        self.told = QLabel(HINT)
        self.told.setProperty("role", "quiet")
        self.beside = QComboBox()
        self.beside.setAccessibleName(tr("Beside it"))
        self.beside.setToolTip(tr("The same motion with another pen, or with this one as shipped, below the line"))
        self.own_line = QPushButton(tr("My last line"), checkable=True, autoDefault=False)
        self.own_line.setProperty("role", "small")
        self.own_line.setToolTip(tr("Draw the line by the motion of the last stroke on this sheet"))
        below = QHBoxLayout()
        below.setContentsMargins(16, 5, 12, 5)
        below.setSpacing(8)
        below.addWidget(self.told, 1)
        below.addWidget(self.own_line)
        below.addWidget(QLabel(tr("Beside it")))
        below.addWidget(self.beside)

        self.movers, self.fields = Movers(), Fields()
        scroll = QScrollArea()
        scroll.setWidgetResizable(True)
        scroll.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        scroll.setWidget(self.fields)
        foot = QHBoxLayout()
        foot.setContentsMargins(16, 10, 8, 10)
        foot.setSpacing(20)
        foot.addWidget(self.movers, 0, Qt.AlignmentFlag.AlignTop)
        foot.addWidget(scroll, 1)
        bottom = QWidget()
        bottom.setLayout(foot)
        bottom.setFixedHeight(206)
        whole = QVBoxLayout(self)
        whole.setContentsMargins(0, 0, 0, 0)
        whole.setSpacing(0)
        whole.addLayout(head)
        whole.addWidget(self.specimen, 3)
        whole.addWidget(self.pad, 2)
        whole.addLayout(below)
        whole.addWidget(bottom)

        self._library.file.trouble.connect(self.told.setText)
        self.specimen.pulled.connect(self._take)
        self.specimen.settled.connect(self.fields.show_pictures)
        self.movers.changed.connect(self._take_whole)
        self.movers.told.connect(self.told.setText)
        self.fields.changed.connect(self._take_whole)
        self.fields.told.connect(self.told.setText)
        self.name.editingFinished.connect(self._rename)
        self.own_line.toggled.connect(self._follow)
        self.beside.activated.connect(self._show_beside)
        self.pad.document.last_line.changed.connect(self._follow)
        for keys, act in (
            (QKeySequence.StandardKey.Undo, self.pad.document.undo),
            (QKeySequence.StandardKey.Redo, self.pad.document.redo), (QKeySequence.StandardKey.Delete, self.pad.clear),
        ):  # fmt: skip
            QShortcut(keys, self, activated=act)
        hand.changed.connect(self._hand_changed)
        self._follow()
        self.show_pen(self.pen)

    # -- the pen -------------------------------------------------------------------------------

    @property
    def is_changed(self) -> bool:
        return self.pen != self._library.pen(self.pen.id)

    def show_pen(self, pen: Pen) -> None:
        """Edit a pen of the library."""
        pen = self.drafts.get(pen.id, pen)
        self.pen = pen
        self.beside.clear()
        self.beside.addItem(ALONE, None)
        self.beside.addItem(SHIPPED if self._library.is_shipped(pen.id) else tr("As it is kept"), pen.id)
        for other in self._library.pens:
            if other.id != pen.id:
                self.beside.addItem(tr(other.name), other.id)
        self._show_beside()
        self._take_whole(pen)

    def change(self, **changes: Any) -> None:
        """Change the copy, and the pen on the pad with it."""
        try:
            self._take_whole(replace(self.pen, **changes))
        except ValueError as error:
            self.told.setText(str(error))

    def _take_whole(self, pen: Pen) -> None:
        self._take(pen)
        self.fields.show_pictures()

    def _take(self, pen: Pen) -> None:
        """The pen as it is now; its pictures wait until a pull has ended."""
        self.pen = pen
        self.trial.pen = pen
        self.trial.forget_settings(pen.id)
        self.specimen.show_pen(pen)
        self.movers.show_pen(pen)
        self.fields.show_pen(pen)
        if self.is_changed:
            self.drafts[pen.id] = pen
        else:
            self.drafts.pop(pen.id, None)
        self._show_state()

    def _show_state(self) -> None:
        is_shipped = self._library.is_shipped(self.pen.id)
        if not self.name.hasFocus():
            self.name.setText(tr(self.pen.name))
        self.name.setReadOnly(is_shipped)
        self.state.setText(
            tr("changed, not kept") if self.is_changed
            else tr("not as shipped") if self._library.is_changed(self.pen.id) else ""
        )  # fmt: skip
        self.keep_button.setEnabled(self.is_changed)
        self.drop.setEnabled(self.is_changed)
        self.restore.setEnabled(self._library.is_changed(self.pen.id) or (is_shipped and self.is_changed))
        self.remove.setEnabled(not is_shipped)

    def _rename(self) -> None:
        name = self.name.text().strip()
        if self.name.isReadOnly() or name == tr(self.pen.name):
            return
        if not name or any(tr(p.name).lower() == name.lower() for p in self._library.pens if p.id != self.pen.id):
            self.told.setText(
                tr("There is a pen “{name}” already; give this one another name.", name=name) if name else HINT
            )
            self.name.setText(tr(self.pen.name))
            return
        self._take(replace(self.pen, name=name))

    def _follow(self, *_: object) -> None:
        stroke = self.pad.document.last_line.stroke
        self.own_line.setEnabled(stroke is not None)
        self.specimen.follow(stroke.trace if stroke is not None and self.own_line.isChecked() else None)

    def _show_beside(self) -> None:
        pen_id = self.beside.currentData()
        is_own = pen_id == self.pen.id
        pen = None if pen_id is None else self._library.shipped(pen_id) if is_own else self._library.pen(pen_id)
        self.specimen.show_beside(pen)

    def _hand_changed(self) -> None:
        """Another pen was taken from the roll."""
        if self._hand.pen.id != self.pen.id:
            self.show_pen(self._hand.pen)
        self.trial.color = self._hand.color

    # -- the library ---------------------------------------------------------------------------

    def keep(self) -> None:
        self.drafts.pop(self.pen.id, None)
        self._library.put(self.pen)
        self._hand.forget_settings(self.pen.id)
        self._show_state()
        self.told.setText(tr("“{name}” is changed in the library.", name=tr(self.pen.name)))

    def save_as_new(self, name: str | None = None) -> None:
        if not name:
            mine = tr("{name}, mine", name=tr(self.pen.name))
            name = ask_text(self, tr("Save as new"), tr("Name of the pen"), mine)
            if name is None:
                return
        try:
            made = self._library.put_as_new(self.pen, name)
        except JotskError as error:
            self.told.setText(str(error))
            return
        self.drafts.pop(self.pen.id, None)  # it is in the new pen
        self.show_pen(made)
        self._hand.take(made)
        self.told.setText(tr("“{name}” is in the library, and in your hand.", name=tr(made.name)))

    def take_in(self, path: Path | None = None) -> None:
        if not path:
            path = ask_file(self, tr("Import pens"), JSON)
            if path is None:
                return
        try:
            added = self._library.take_in(path)
        except JotskError as error:
            self.told.setText(str(error))
            return
        self.told.setText(tr("%n pen(s) added.", None, len(added)))

    def give_out(self, path: Path | None = None) -> None:
        if not path:
            path = ask_new_file(self, tr("Export this pen"), JSON, f"{self.pen.id}.json", ".json")
            if path is None:
                return
        try:
            write_pens(path, [self.pen])
        except JotskError as error:
            self.told.setText(str(error))
            return
        self.told.setText(tr("“{name}” is in “{file}”.", name=tr(self.pen.name), file=path.name))

    def _drop(self) -> None:
        self.drafts.pop(self.pen.id, None)
        self.show_pen(self._library.pen(self.pen.id))

    def _restore(self) -> None:
        self.drafts.pop(self.pen.id, None)
        self._library.restore(self.pen.id)
        self._hand.forget_settings(self.pen.id)
        self.show_pen(self._library.pen(self.pen.id))

    def _remove(self) -> None:
        try:
            self._library.remove(self.pen.id)
            self.drafts.pop(self.pen.id, None)
        except JotskError as error:
            self.told.setText(str(error))
            return
        self.show_pen(self._hand.pen)

    @handled
    def hideEvent(self, event: QHideEvent) -> None:
        self.left.emit()


def _button(words: str, tip: str, call: Callable[[], object]) -> QPushButton:
    button = QPushButton(words, toolTip=tip, autoDefault=False)
    button.clicked.connect(lambda _=False: call())
    return button
