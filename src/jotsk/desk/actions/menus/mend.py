"""The menu of mending lines."""

from __future__ import annotations

from jotsk.core.words import tr
from jotsk.desk.actions.entry import Entry

ENTRIES = (
    Entry(
        "mend.snip",
        tr("Snip"),
        "J",
        tr("Swipe across a piece of a line: it goes up to its next crossings"),
        hold=True,
        icon="scissors",
    ),
    Entry(
        "mend.grow",
        tr("Grow back"),
        "Shift+J",
        tr("Pull a snipped end outwards: what was drawn there returns"),
        hold=True,
        icon="grow",
    ),
    Entry("mend.cut", tr("Cut in two"), "O", tr("Press a line to part it there"), hold=True, icon="split"),
    Entry(
        "mend.join",
        tr("Join"),
        "K",
        tr("Swipe over gaps: ends are bridged in direction and weight"),
        hold=True,
        icon="link",
    ),
    Entry(
        "mend.splice",
        tr("Splice"),
        "I",
        tr("Swipe along several tries: they become one line along their middle"),
        hold=True,
        icon="git-merge",
    ),
    Entry(
        "mend.unsplice",
        tr("Give the tries back"),
        "",
        tr("Put the lines that were spliced in the place of the one"),
    ),
    Entry(
        "mend.weight",
        tr("Weight"),
        "L",
        tr("Pass over lines to make them thicker or thinner, even, or sharp at their ends"),
        hold=True,
        icon="git-commit-horizontal",
    ),
    Entry(
        "mend.push",
        tr("Push"),
        "U",
        tr("Push the shape of lines with a round hand, or from beside them their edge; smooth or gather them"),
        hold=True,
        icon="hand-grab",
    ),
    Entry(
        "mend.points",
        tr("Points"),
        "Shift+P",
        tr("Lead a line by as few points as it needs"),
        hold=True,
        icon="points",
    ),
    Entry(
        "mend.move",
        tr("Move lines"),
        "P",
        tr("Move, scale, turn or bend the chosen lines, or the last one; they are rendered anew"),
        hold=True,
        icon="move",
    ),
    Entry(
        "mend.over",
        tr("Over or under"),
        "Shift+O",
        tr("Press a crossing of cords: what lay over goes under"),
        hold=True,
        icon="over",
    ),
    Entry("mend.again", tr("Move once more"), "Ctrl+R", tr("The last move of lines again, with those chosen now")),
    Entry(
        "mend.recast",
        tr("Recast the lines…"),
        "",
        tr("Another pen, size, colour, response or steadiness, with a picture"),
    ),
    Entry(
        "mend.weights",
        tr("Line weights of the page…"),
        "",
        tr("Make every line of the page so many times as thick, for another print size"),
    ),
)
