"""The menu of finding what is wrong."""

from __future__ import annotations

from jotsk.core.words import tr
from jotsk.desk.actions.entry import Entry

ENTRIES = (
    Entry(
        "check.run",
        tr("Check the page"),
        "F9",
        tr("Look for leaks, tangents, weak outlines, wobble and stray marks"),
    ),
    Entry("check.next", tr("Next finding"), "F8", tr("Go to the next finding")),
    Entry("check.back", tr("Finding before"), "Shift+F8", tr("Go to the finding before")),
    Entry("check.mend", tr("Mend the finding"), "F7", tr("Mend what one came to")),
    Entry(
        "check.mend_all",
        tr("Mend all of its kind…"),
        "",
        tr("Show how every finding of the kind one came to would be mended, and mend those one wants"),
    ),
    Entry("check.let_be", tr("Let the finding be"), "", tr("It is meant so, and is not found again")),
    Entry(
        "check.put_away",
        tr("Put the findings away"),
        "",
        tr("Show no findings any more, until the page is checked again"),
    ),
    Entry("check.heat", tr("Heat picture"), "", tr("The page as a picture of line weight, thin to thick")),
)
