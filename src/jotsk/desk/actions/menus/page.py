"""The menu of pages and files."""

from __future__ import annotations

from jotsk.core.words import tr
from jotsk.desk.actions.entry import Entry

ENTRIES = (
    Entry("page.new", tr("New page…"), "Ctrl+N", tr("Make a page of any size")),
    Entry("page.open", tr("Open…"), "Ctrl+O", tr("Open a page, or a picture as a sketch")),
    Entry("page.demo", tr("Open the demo page"), "", tr("Open Gull & Lantern")),
    Entry("page.finished", tr("Open the finished panel"), "", tr("Open Harbour street: a panel with everything done")),
    Entry("page.practice", tr("Practice…"), "", tr("Sheets that measure the hand, and how it does over days")),
    Entry("page.recent", tr("Recent pages…"), "Ctrl+Shift+O", tr("Pages opened lately, or left with unsaved work")),
    Entry("page.next", tr("Next open page"), "Ctrl+Tab", tr("The next of the pages that are open")),
    Entry("page.close", tr("Close this page"), "Ctrl+W", tr("Leave it; unsaved work stays among the recent pages")),
    Entry("page.pictures", tr("Add pictures…"), "", tr("Place pictures on this page, each on a layer")),
    Entry("page.lines", tr("Bring in lines…"), "", tr("The lines of an SVG file, as strokes on a layer of their own")),
    Entry("page.save", tr("Save"), "Ctrl+S", tr("Save the page with all its strokes")),
    Entry("page.save_as", tr("Save as…"), "Ctrl+Shift+S", tr("Save the page under another name")),
    Entry("page.milestone", tr("Keep a milestone"), "Ctrl+M", tr("Keep the page as it is now, to go back to")),
    Entry("page.milestones", tr("Milestones…"), "Ctrl+Shift+M", tr("Look at, compare and go back to what was kept")),
    Entry("page.hand_over", tr("Hand over…"), "Ctrl+Shift+E", tr("Write the page as all who get it need it, at once")),
    Entry(
        "page.drawn_again",
        tr("Drawn again"),
        "",
        tr("See the page being drawn, stroke by stroke"),
        hold=True,
        icon="play",
    ),
    Entry("page.export", tr("Export…"), "Ctrl+E", tr("Write the page as a picture or a PDF")),
    Entry("page.print", tr("Print…"), "Ctrl+P", tr("Print the page at its true size")),
    Entry("page.size", tr("Page size…"), "", tr("Another size, resolution, trim or bleed")),
    Entry("page.crop", tr("Crop the page"), "", tr("Draw around what is to be the page"), hold=True, icon="crop"),
    Entry("page.quit", tr("Quit"), "Ctrl+Q", tr("Close; unsaved work is kept for the next start")),
)
