"""The menu of how the page is seen."""

from __future__ import annotations

from jotsk.core.words import tr
from jotsk.desk.actions.entry import Entry

ENTRIES = (
    Entry("view.zoom_in", tr("Zoom in"), "Ctrl++", tr("Show the page larger, about the pen"), also="Ctrl+="),
    Entry("view.zoom_out", tr("Zoom out"), "Ctrl+-", tr("Show the page smaller, about the pen")),
    Entry("view.actual", tr("100 %"), "Ctrl+1", tr("One page px for each px of the screen")),
    Entry("view.fit", tr("Whole page"), "Ctrl+0", tr("Show the whole page")),
    Entry("view.width", tr("Page width"), "Ctrl+2", tr("Show the page as wide as the board")),
    Entry(
        "view.turn_for_line",
        tr("Turn for the next line"),
        "Shift+R",
        tr("Turn the page so that the next line lies in your hand's best direction; again turns it back"),
    ),
    Entry(
        "view.buttons",
        tr("Buttons on the board"),
        "",
        tr("Undo, rub out, turn, zoom and steady with the pen: no keyboard needed"),
        checkable=True,
    ),
    Entry(
        "view.grey",
        tr("In grey"),
        "",
        tr("Look at the page without its colours: are the values right?"),
        checkable=True,
    ),
    Entry(
        "view.squint",
        tr("Squinted"),
        "",
        tr("Look at the page with half-closed eyes: do the forms stand?"),
        checkable=True,
    ),
    Entry("view.print_size", tr("Print size"), "Ctrl+3", tr("As large as on paper, by the mm of this screen")),
    Entry(
        "view.measure",
        tr("Measure the screen…"),
        "",
        tr("How large a mm is on this screen, by a bank card or a ruler"),
    ),
    Entry("view.turn_left", tr("Turn left"), "Z", tr("Turn the page 15 degrees to the left")),
    Entry("view.turn_right", tr("Turn right"), "X", tr("Turn the page 15 degrees to the right")),
    Entry("view.reset_turn", tr("Upright"), "R", tr("Turn the page upright")),
    Entry("view.flip", tr("Flip"), "V", tr("Flip left to right about the pen, to see with fresh eyes"), checkable=True),
    Entry("view.flip_page", tr("Flip the whole page"), "Shift+V", tr("Flip about the middle of the page")),
    Entry(
        "view.line_only",
        tr("Line alone"),
        "F",
        tr("Hide sketches to judge the line alone"),
        hold=True,
        icon="eye-off",
    ),
    Entry("view.overview", tr("Overview"), "3", tr("The whole page in little, to go about in"), checkable=True),
    Entry("view.history", tr("History"), "4", tr("What was done, to go back to any point"), checkable=True),
    Entry("view.frames", tr("Trim, bleed and safe"), "", tr("Show the frames of the page"), checkable=True),
    Entry("view.bare", tr("Bare board"), "Shift+T", tr("Hide everything but the page"), checkable=True),
    Entry("view.hand", tr("Show the hand"), "", tr("Fold the left side away or back"), checkable=True),
    Entry("view.page", tr("Show the page list"), "", tr("Fold the right side away or back"), checkable=True),
    Entry("view.full", tr("Full screen"), "F11", tr("Use the whole screen"), checkable=True),
    Entry("view.left_handed", tr("Left-handed"), "", tr("Mirror the desk and its keys"), checkable=True),
    Entry("view.lamp", tr("Lamp light"), "", tr("Change between Day and Lamp"), checkable=True),
)
