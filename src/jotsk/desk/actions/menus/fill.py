"""The menu of areas."""

from __future__ import annotations

from jotsk.core.words import tr
from jotsk.desk.actions.entry import Entry

ENTRIES = (
    Entry(
        "fill.pour",
        tr("Pour"),
        "Shift+F",
        tr("Press in an area to fill it; drag through many"),
        hold=True,
        icon="pour",
    ),
    Entry(
        "fill.inside",
        tr("Fill inside"),
        "Shift+Q",
        tr("Draw around what is to be filled, on this layer"),
        hold=True,
        icon="fill-inside",
    ),
    Entry(
        "fill.by_hand",
        tr("Area by hand"),
        "Shift+G",
        tr("Draw an area from loops, corners, boxes and colours, and fill, rub out or copy it"),
        hold=True,
        icon="area-by-hand",
    ),
    Entry("fill.flats", tr("Flats at once"), "", tr("Give every closed area of the page a flat of its own")),
    Entry(
        "fill.join",
        tr("Join areas"),
        "Shift+W",
        tr("Swipe over areas: they become one"),
        hold=True,
        icon="join-areas",
    ),
    Entry(
        "fill.light",
        tr("Place the light"),
        "",
        tr("Press where the light of the page stands; blacks and hatching run out towards it"),
        hold=True,
        icon="light",
    ),
    Entry("fill.freeze", tr("Freeze the areas"), "", tr("Areas stay as they are now, whatever becomes of their lines")),
    Entry(
        "fill.open",
        tr("Show open areas"),
        "",
        tr("Go to the areas whose lines are not closed any more, one by one"),
    ),
)
