"""The menu of guides."""

from __future__ import annotations

from jotsk.core.words import tr
from jotsk.desk.actions.entry import Entry

ENTRIES = (
    Entry("guide.place", tr("Place the guides"), "5", tr("Drag the handles of the guides"), hold=True, icon="ruler"),
    Entry("guide.off", tr("All guides off"), "6", tr("Draw as if there were no guides"), hold=True, icon="circle-off"),
    Entry("guide.alone", tr("Hold alone"), "Shift+H", tr("Let the guide in hand hold every stroke, or as usual again")),
    Entry("guide.numbers", tr("Guide in numbers…"), "", tr("Type where the chosen guide lies, and how it looks")),
    Entry("guide.keep", tr("Keep the guides as a set…"), "", tr("Keep these guides at hand for other pages")),
    Entry("guide.open", tr("Add a set from a file…"), "", tr("Use guides that were saved from another page")),
    Entry("guide.save", tr("Save the guides to a file…"), "", tr("A file of these guides, for another machine")),
    Entry(
        "guide.edges",
        tr("Perspective of the sketch"),
        "Shift+E",
        tr("Drag lines over two edges that are parallel in reality: their vanishing point falls out of them"),
        hold=True,
        icon="triangle-right",
    ),
    Entry("guide.offset", tr("Offset of the curve…"), "", tr("A curve beside the chosen French curve")),
    Entry("guide.from_line", tr("French curve of the line"), "", tr("Make a French curve of the last line")),
    Entry("guide.part", tr("Part the copies"), "", tr("Make the copies of a symmetric line strokes of their own")),
    Entry(
        "guide.settle",
        tr("Settle when held still"),
        "",
        tr("A stroke that ends at rest becomes the shape it resembles"),
        checkable=True,
    ),
    Entry(
        "guide.page_steps",
        tr("Steps of the page"),
        "",
        tr("Steps of 15 degrees are counted on the page, or else on the turned view"),
        checkable=True,
    ),
    Entry("guide.settle_time", tr("Time to settle…"), "", tr("How long the pen rests before that")),
)
