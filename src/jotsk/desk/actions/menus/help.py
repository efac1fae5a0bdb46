"""The menu of help."""

from __future__ import annotations

from jotsk.core.words import tr
from jotsk.desk.actions.entry import Entry

ENTRIES = (
    Entry("help.menu", tr("Open the menu"), "F10", tr("Everything Jotsk can do")),
    Entry("help.keys", tr("Keys"), "F1", tr("All keys on one sheet")),
    Entry(
        "help.manual",
        tr("Manual"),
        "Shift+F1",
        tr("How everything is done, with pictures; about the stage one is in"),
    ),
)
