"""Actions and their keys, made from the menus."""

from __future__ import annotations

from PySide6.QtCore import QObject
from PySide6.QtGui import QAction, QKeySequence

from jotsk.desk.actions.entry import Entry
from jotsk.desk.actions.menus import MENUS

__all__ = ["BY_ID", "MENUS", "MIRRORED", "TABLE", "Entry", "key_of", "make_actions", "shown_key"]

TABLE = tuple(entry for menu in MENUS for entry in menu.entries)
BY_ID = {entry.id: entry for entry in TABLE}
# N and M lie under the right hand already; for the left-handed they change places with B and V.
# H and Y do with F and R, and those of the mending tools with D, W, S, A, E, Q and Z.
MIRRORED = dict(zip("QWERASDFZXCVB123456789NMHYJOKLUIP", "POIULKJHMNBYV098765432CXFRDWSAEQZ", strict=True))


def make_actions(parent: QObject) -> dict[str, QAction]:
    """Return a QAction for every entry, by id."""
    made: dict[str, QAction] = {}
    for entry in TABLE:
        action = QAction(entry.name, parent)
        action.setCheckable(entry.checkable)
        made[entry.id] = action
    return made


def key_of(entry: Entry, *, left_handed: bool) -> str:
    """The key of an entry as shipped; for the left-handed the single letters lie under the right hand."""
    if not left_handed:
        return entry.keys
    _, _, key = entry.keys.rpartition("Shift+")
    return f"Shift+{MIRRORED.get(key, key)}" if entry.keys == f"Shift+{key}" else MIRRORED.get(entry.keys, entry.keys)


def shown_key(key: str) -> str:
    return QKeySequence(key).toString(QKeySequence.SequenceFormat.NativeText)
