"""The application's window, opened on scratch settings and a scratch journal."""

from __future__ import annotations

import tempfile
from pathlib import Path

from PySide6.QtWidgets import QApplication

from jotsk.desk.app.warming import load_ahead
from jotsk.desk.app.window import Window
from jotsk.desk.inout.settings import Settings
from jotsk.desk.recovery.recovery_folder import RecoveryFolder
from jotsk.desk.theme import DAY, apply_theme
from jotsk.desk.theme.style import ARGUMENTS, load_fonts


def opened_window() -> tuple[QApplication, Window]:
    app = QApplication.instance() or QApplication([*ARGUMENTS])
    load_ahead()
    load_fonts()
    apply_theme(app, DAY)
    scratch = Path(tempfile.mkdtemp())
    window = Window(Settings(scratch / "settings.json"), RecoveryFolder(scratch))
    window.show()
    app.processEvents()
    return app, window
