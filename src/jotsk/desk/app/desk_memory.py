"""What the desk remembers from one start to the next: the hand, the stage, the window."""

from __future__ import annotations

from base64 import b64decode, b64encode
from contextlib import suppress
from typing import TYPE_CHECKING

from PySide6.QtCore import QByteArray, QObject

from jotsk.desk.stages import BY_ID as STAGES
from jotsk.desk.widgets.at_pause import AtPause

if TYPE_CHECKING:
    from jotsk.desk.app.window import Window

SOON_MS = 1000
SWITCHES = ("view.hand", "view.page", "view.overview", "view.history", "view.frames", "guide.page_steps")
HAND, STAGE, WINDOW, SHOWN = "desk/hand", "desk/stage", "desk/window", "desk/shown"


class DeskMemory(QObject):
    """Keeps these in the settings a moment after they changed, and puts them back at the next start."""

    def __init__(self, window: Window) -> None:
        super().__init__(window)
        self._window = window
        self._soon = AtPause(self.keep, lambda: window.document.is_inking, SOON_MS, self)

    def watch(self) -> None:
        window = self._window
        window.hand.changed.connect(self._soon.ask)
        window.top.stage_chosen.connect(lambda _: self._soon.ask())
        for entry_id in SWITCHES:
            window.actions_by_id[entry_id].toggled.connect(lambda _: self._soon.ask())

    def keep(self) -> None:
        window = self._window
        settings, geometry = window.settings, bytes(window.saveGeometry().data())
        settings.set(HAND, window.hand.record())
        settings.set(STAGE, window.stage.id)
        settings.set(WINDOW, b64encode(geometry).decode())
        settings.set(SHOWN, {entry_id: window.actions_by_id[entry_id].isChecked() for entry_id in SWITCHES})

    def put_back(self) -> None:
        """What makes no sense is left out."""
        window = self._window
        settings = window.settings
        window.show_stage(STAGES.get(settings.get(STAGE, "ink"), STAGES["ink"]))
        window.hand.put_back(settings.get(HAND, {}))
        with suppress(ValueError):
            window.restoreGeometry(QByteArray(b64decode(settings.get(WINDOW, ""), validate=True)))
        for entry_id, shown in settings.get(SHOWN, {}).items():
            if entry_id in SWITCHES and isinstance(shown, bool):
                window.actions_by_id[entry_id].setChecked(shown)
