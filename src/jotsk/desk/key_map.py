"""Which key does what: as shipped, mirrored for the left hand, or as one chose it."""

from __future__ import annotations

from PySide6.QtCore import QObject, Signal
from PySide6.QtGui import QAction, QKeySequence

from jotsk.core.errors import Refused
from jotsk.core.words import tr
from jotsk.desk.actions import BY_ID, TABLE, Entry, key_of, shown_key
from jotsk.desk.inout.settings import Settings

KEY = "keys/own"  # of the settings: keys by the id of their action


class KeyMap(QObject):
    """The keys of all actions. What differs from the shipped ones is kept in the settings."""

    changed = Signal()

    def __init__(self, settings: Settings, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._settings = settings
        self._left_handed = False
        self._own = _own_keys(settings)

    def read(self) -> None:
        """Take the keys of the settings, which were replaced."""
        self._own = _own_keys(self._settings)
        self.changed.emit()

    def set_left_handed(self, left_handed: bool) -> None:
        self._left_handed = left_handed
        self.changed.emit()

    def key(self, entry: Entry) -> str:
        """The key of an entry, in portable words such as Ctrl+D; empty if it has none."""
        own = self._own.get(entry.id)
        if own is not None:
            return own
        shipped = self.shipped(entry)
        return "" if shipped in self._own.values() else shipped  # as shipped it may clash after the hand was changed

    def shipped(self, entry: Entry) -> str:
        return key_of(entry, left_handed=self._left_handed)

    def is_own(self, entry: Entry) -> bool:
        return entry.id in self._own

    def user_of(self, key: str) -> Entry | None:
        """The entry that a key belongs to."""
        wanted = QKeySequence(key)
        return next((e for e in TABLE if wanted in (QKeySequence(self.key(e)), QKeySequence(e.also)) and key), None)

    def choose(self, entry_id: str, key: str) -> None:
        """Give an action another key, or with "" none. Raises Refused, with its name, if another has it."""
        entry = BY_ID[entry_id]
        other = self.user_of(key)
        if other is not None and other is not entry:
            raise Refused(
                tr(
                    "{key} is the key of “{action}” already.",
                    key=shown_key(key),
                    action=other.name.removesuffix("…"),
                )
            )
        if key == self.shipped(entry):
            self._own.pop(entry_id, None)
        else:
            self._own[entry_id] = key
        self._keep()

    def restore(self, entry_id: str) -> None:
        """Back to the key as shipped. Raises Refused if another has it by now."""
        self.choose(entry_id, self.shipped(BY_ID[entry_id]))

    def restore_all(self) -> None:
        self._own.clear()
        self._keep()

    def assign(self, actions: dict[str, QAction]) -> None:
        """Give every action its keys and a tooltip that names them. Keys that are held are read by the window."""
        for entry in TABLE:
            action, key = actions[entry.id], self.key(entry)
            if not entry.hold:
                action.setShortcuts([QKeySequence(k) for k in (key, entry.also) if k])
            shown = shown_key(key)
            hint = tr("{shown}, tap or hold", shown=shown) if entry.hold else shown
            action.setToolTip(f"{entry.tooltip} ({hint})" if shown else entry.tooltip)

    def _keep(self) -> None:
        self._settings.set(KEY, dict(self._own))
        self.changed.emit()


def _own_keys(settings: Settings) -> dict[str, str]:
    """Those of the settings that make sense."""
    kept = settings.get(KEY, {})
    return {i: key for i, key in kept.items() if i in BY_ID and isinstance(key, str)}
