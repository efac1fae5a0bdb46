"""All keys on one sheet, to be found and changed."""

from __future__ import annotations

from collections.abc import Callable

from PySide6.QtCore import QEvent, QKeyCombination, QObject, Qt
from PySide6.QtGui import QFont, QKeyEvent, QKeySequence
from PySide6.QtWidgets import (
    QDialog,
    QHBoxLayout,
    QHeaderView,
    QLabel,
    QLineEdit,
    QPushButton,
    QTreeWidget,
    QTreeWidgetItem,
    QVBoxLayout,
    QWidget,
)  # fmt: skip

from jotsk.core.errors import Refused
from jotsk.core.words import tr
from jotsk.desk.actions import BY_ID, MENUS, TABLE, shown_key
from jotsk.desk.dialogs.help_mark import QuestionMark
from jotsk.desk.key_map import KeyMap

MODIFIERS = {Qt.Key.Key_Shift, Qt.Key.Key_Control, Qt.Key.Key_Alt, Qt.Key.Key_Meta, Qt.Key.Key_AltGr}
HINT = tr("Press twice on a line, or Enter, to give it another key; Del takes its key away.")
WAITING, NOTHING = tr("press the new key…"), tr("Nothing has that in its name or key.")
ID = Qt.ItemDataRole.UserRole


class KeySheet(QDialog):
    """Names and keys by menu. What is changed holds at once, and is kept."""

    def __init__(self, keys: KeyMap, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("Keys"))
        self.resize(620, 620)
        self._keys = keys
        self._waits_for: str | None = None  # the entry whose new key is pressed next
        self.search = QLineEdit(placeholderText=tr("Find an action or a key"), clearButtonEnabled=True)
        self.search.setAccessibleName(tr("Find an action or a key"))
        self.list = QTreeWidget(columnCount=2, headerHidden=True, rootIsDecorated=False, indentation=12)
        self.list.setAccessibleName(tr("Actions and their keys"))
        self.list.setSelectionBehavior(QTreeWidget.SelectionBehavior.SelectRows)
        self.list.setUniformRowHeights(True)
        self.list.header().setSectionResizeMode(0, QHeaderView.ResizeMode.Stretch)
        self.list.header().setSectionResizeMode(1, QHeaderView.ResizeMode.ResizeToContents)
        self.told = QLabel(HINT, wordWrap=True)
        self.told.setProperty("role", "quiet")
        self.told.setMinimumHeight(34)
        self.change = QPushButton(tr("Change the key"), autoDefault=False)
        self.as_shipped = QPushButton(tr("As shipped"), autoDefault=False, toolTip=tr("The key this action came with"))
        self.all_as_shipped = QPushButton(tr("All as shipped"), autoDefault=False)
        close = QPushButton(tr("Close"), autoDefault=False)
        foot = QHBoxLayout()
        foot.addWidget(QuestionMark(self, "drawing"))
        for button in (self.change, self.as_shipped, self.all_as_shipped):
            foot.addWidget(button)
        foot.addStretch()
        foot.addWidget(close)
        layout = QVBoxLayout(self)
        layout.setContentsMargins(20, 18, 20, 16)
        layout.setSpacing(10)
        for part in (self.search, self.list, self.told):
            layout.addWidget(part)
        layout.addLayout(foot)
        self._items = self._fill()
        self.search.textChanged.connect(self._find)
        self.list.itemDoubleClicked.connect(lambda item: self.begin(item.data(0, ID)))
        self.list.currentItemChanged.connect(lambda *_: self._chosen())
        self.list.installEventFilter(self)
        self.change.clicked.connect(lambda: self.begin(self.current))
        self.as_shipped.clicked.connect(lambda: self._try(keys.restore, self.current))
        self.all_as_shipped.clicked.connect(keys.restore_all)
        close.clicked.connect(self.reject)
        keys.changed.connect(self._show_keys)
        self._show_keys()
        self.search.setFocus()

    def _fill(self) -> dict[str, QTreeWidgetItem]:
        items = {}
        bold = QFont(self.font())
        bold.setWeight(QFont.Weight.DemiBold)
        for menu in MENUS:
            heading = QTreeWidgetItem(self.list, [menu.name])
            heading.setFlags(Qt.ItemFlag.ItemIsEnabled)
            heading.setFont(0, bold)
            heading.setExpanded(True)
            for entry in menu.entries:
                item = items[entry.id] = QTreeWidgetItem(heading, [entry.name.removesuffix("…")])
                item.setData(0, ID, entry.id)
                item.setToolTip(0, entry.tooltip)
        return items

    @property
    def current(self) -> str | None:
        """The id of the chosen line."""
        item = self.list.currentItem()
        return item.data(0, ID) if item is not None else None

    def key_shown(self, entry_id: str) -> str:
        return self._items[entry_id].text(1)

    def is_hidden(self, entry_id: str) -> bool:
        return self._items[entry_id].isHidden()

    def begin(self, entry_id: str | None) -> None:
        """The next key that is pressed becomes the key of an entry."""
        if entry_id is not None:
            self._waits_for = entry_id
            self.list.setCurrentItem(self._items[entry_id])
            self._items[entry_id].setText(1, WAITING)
            self.told.setText(
                tr(
                    "Press the new key of “{action}”; Esc leaves it as it is.",
                    action=BY_ID[entry_id].name.removesuffix("…"),
                )
            )
            self.list.setFocus()

    def _key_pressed(self, event: QKeyEvent) -> bool:
        key = Qt.Key(event.key())
        entry_id, self._waits_for = self._waits_for, None
        if entry_id is None:
            if key in (Qt.Key.Key_Return, Qt.Key.Key_Enter):
                self.begin(self.current)
            elif key == Qt.Key.Key_Delete and self.current is not None:
                self._try(lambda i: self._keys.choose(i, ""), self.current)
            else:
                return False
            return True
        if key in MODIFIERS:
            self._waits_for = entry_id
        elif key == Qt.Key.Key_Escape:
            self._show_keys()
        else:
            modifiers = event.modifiers() & ~Qt.KeyboardModifier.KeypadModifier
            pressed = QKeySequence(QKeyCombination(modifiers, key))
            text = pressed.toString(QKeySequence.SequenceFormat.PortableText)
            self._try(lambda i: self._keys.choose(i, text), entry_id)
        return True

    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        if isinstance(event, QKeyEvent) and event.type() == QEvent.Type.KeyPress:
            return self._key_pressed(event)
        return super().eventFilter(watched, event)

    def _try(self, change: Callable[[str], None], entry_id: str | None) -> None:
        if entry_id is None:
            return
        try:
            change(entry_id)
        except Refused as error:
            self._show_keys()
            self.told.setText(str(error))

    def _show_keys(self) -> None:
        for entry_id, item in self._items.items():
            entry = BY_ID[entry_id]
            shown = tr(" or ", "between keys").join(
                shown_key(key) for key in (self._keys.key(entry), entry.also) if key
            )
            item.setText(1, tr("{shown}, tap or hold", shown=shown) if entry.hold and shown else shown)
            font = QFont(self.font())
            font.setItalic(self._keys.is_own(entry))
            item.setFont(1, font)
        self.told.setText(HINT)
        self._chosen()
        self._find(self.search.text())

    def _chosen(self) -> None:
        entry_id = self.current
        self.change.setEnabled(entry_id is not None)
        self.as_shipped.setEnabled(entry_id is not None and self._keys.is_own(BY_ID[entry_id]))
        self.all_as_shipped.setEnabled(any(self._keys.is_own(entry) for entry in TABLE))

    def _find(self, text: str) -> None:
        """Show the lines whose name or key have every word."""
        words = text.lower().split()
        for item in self._items.values():
            about = f"{item.text(0)} {item.text(1)}".lower()
            item.setHidden(not all(word in about for word in words))
        any_shown = False
        for k in range(self.list.topLevelItemCount()):
            heading = self.list.topLevelItem(k)
            shown = any(not heading.child(j).isHidden() for j in range(heading.childCount()))
            heading.setHidden(not shown)
            any_shown |= shown
        if not any_shown:
            self.told.setText(NOTHING)
        elif self.told.text() == NOTHING:
            self.told.setText(HINT)
