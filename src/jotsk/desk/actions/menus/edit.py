"""The menu of taking back, choosing and copying."""

from __future__ import annotations

from jotsk.core.words import tr
from jotsk.desk.actions.entry import Entry

ENTRIES = (
    Entry("edit.undo", tr("Undo"), "Ctrl+Z", tr("Take the last change back")),
    Entry("edit.redo", tr("Redo"), "Ctrl+Shift+Z", tr("Do again what was taken back"), also="Ctrl+Y"),
    Entry(
        "edit.drop",
        tr("Back to drawing"),
        "Esc",
        tr("Give up the stroke under the pen, what is chosen, and any tool"),
    ),
    Entry("edit.settings", tr("Settings…"), "Ctrl+,", tr("Pen, fingers, keys, view, files and memory, on one sheet")),
    Entry("edit.all", tr("Choose all lines"), "Ctrl+A", tr("Choose every line of this layer")),
    Entry(
        "edit.alike_pen",
        tr("Choose the same pen"),
        "",
        tr("Choose every line of this layer with the pen of those chosen"),
    ),
    Entry(
        "edit.alike_color",
        tr("Choose the same colour"),
        "",
        tr("Choose every line of this layer in the colour of those chosen"),
    ),
    Entry(
        "edit.alike_weight",
        tr("Choose the same size"),
        "",
        tr("Choose every line of this layer of the size of those chosen"),
    ),
    Entry("edit.connected", tr("Choose what is connected"), "", tr("Choose all that hangs together with those chosen")),
    Entry("edit.invert", tr("Choose the other lines"), "", tr("Choose the lines that are not chosen")),
    Entry(
        "edit.all_layers",
        tr("Choose on all ink layers"),
        "",
        tr("Choose lines of every ink layer that shows and is not locked, or of this one alone"),
        checkable=True,
    ),
    Entry("edit.cut", tr("Cut"), "Ctrl+X", tr("Copy the chosen lines and take them away")),
    Entry("edit.copy", tr("Copy"), "Ctrl+C", tr("Copy the chosen lines, or the last one, here and for other programs")),
    Entry("edit.paste", tr("Paste"), "Ctrl+V", tr("Bring in the lines or the picture that was copied")),
    Entry("edit.flip", tr("Flip the lines left to right"), "", tr("Flip the chosen lines, or the last one")),
    Entry("edit.flip_down", tr("Flip the lines upside down"), "", tr("Flip the chosen lines, or the last one")),
    Entry("edit.delete", tr("Delete the chosen lines"), "Del", tr("Take the chosen lines away")),
)
