"""Every menu, each in a file of its own; the sheet of keys, the menus and the tooltips are built from them."""

from __future__ import annotations

from dataclasses import dataclass

from jotsk.core.words import tr
from jotsk.desk.actions.entry import Entry
from jotsk.desk.actions.menus import check, edit, fill, guides, hand, help, layer, mend, page, view


@dataclass(frozen=True, slots=True)
class Menu:
    id: str
    name: str
    entries: tuple[Entry, ...]


MENUS = (
    Menu("page", tr("Page", "menu"), page.ENTRIES),
    Menu("edit", tr("Edit", "menu"), edit.ENTRIES),
    Menu("hand", tr("Hand", "menu"), hand.ENTRIES),
    Menu("view", tr("View", "menu"), view.ENTRIES),
    Menu("layer", tr("Layer", "menu"), layer.ENTRIES),
    Menu("mend", tr("Mend", "menu"), mend.ENTRIES),
    Menu("fill", tr("Fill", "menu"), fill.ENTRIES),
    Menu("check", tr("Check", "menu"), check.ENTRIES),
    Menu("guides", tr("Guides", "menu"), guides.ENTRIES),
    Menu("help", tr("Help", "menu"), help.ENTRIES),
)
