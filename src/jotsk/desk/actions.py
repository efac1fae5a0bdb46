"""Every action, in one table: menus, shortcuts, tooltips and the shortcut sheet are built from it."""

from __future__ import annotations

from dataclasses import dataclass

from PySide6.QtCore import QObject
from PySide6.QtGui import QAction, QKeySequence


@dataclass(frozen=True, slots=True)
class Entry:
    """One action. `hold` actions work while their key is held, and switch when it is tapped; while one does, its `icon`
    and its name are shown. `also` is a second key, of everyday desktop software."""

    id: str
    name: str
    keys: str
    tooltip: str
    menu: str
    checkable: bool = False
    hold: bool = False
    icon: str = ""
    also: str = ""


TABLE: tuple[Entry, ...] = (
    Entry("page.new", "New page…", "Ctrl+N", "Make a page of any size", "Page"),
    Entry("page.open", "Open…", "Ctrl+O", "Open a page, or a picture as a sketch", "Page"),
    Entry("page.demo", "Open the demo page", "", "Open Gull & Lantern", "Page"),
    Entry("page.finished", "Open the finished panel", "", "Open Harbour street: a panel with everything done", "Page"),
    Entry("page.practice", "Practice…", "", "Sheets that measure the hand, and how it does over days", "Page"),
    Entry("page.recent", "Recent pages…", "Ctrl+Shift+O", "Pages opened lately, or left with unsaved work", "Page"),
    Entry("page.pictures", "Add pictures…", "", "Place pictures on this page, each on a layer", "Page"),
    Entry("page.save", "Save", "Ctrl+S", "Save the page with all its strokes", "Page"),
    Entry("page.save_as", "Save as…", "Ctrl+Shift+S", "Save the page under another name", "Page"),
    Entry("page.milestone", "Keep a milestone", "Ctrl+M", "Keep the page as it is now, to go back to", "Page"),
    Entry("page.milestones", "Milestones…", "Ctrl+Shift+M", "Look at, compare and go back to what was kept", "Page"),
    Entry("page.hand_over", "Hand over…", "Ctrl+Shift+E", "Write the page as all who get it need it, at once", "Page"),
    Entry("page.export", "Export…", "Ctrl+E", "Write the page as a picture or a PDF", "Page"),
    Entry("page.print", "Print…", "Ctrl+P", "Print the page at its true size", "Page"),
    Entry("page.size", "Page size…", "", "Another size, resolution, trim or bleed", "Page"),
    Entry("page.crop", "Crop the page", "", "Draw around what is to be the page", "Page", hold=True, icon="crop"),
    Entry("page.quit", "Quit", "Ctrl+Q", "Close; unsaved work is kept for the next start", "Page"),
    Entry("edit.undo", "Undo", "Ctrl+Z", "Take the last change back", "Edit"),
    Entry("edit.redo", "Redo", "Ctrl+Shift+Z", "Do again what was taken back", "Edit", also="Ctrl+Y"),
    Entry(
        "edit.drop", "Back to drawing", "Esc", "Give up the stroke under the pen, what is chosen, and any tool", "Edit"
    ),
    Entry("edit.all", "Choose all lines", "Ctrl+A", "Choose every line of this layer", "Edit"),
    Entry(
        "edit.alike_pen",
        "Choose the same pen",
        "",
        "Choose every line of this layer with the pen of those chosen",
        "Edit",
    ),
    Entry(
        "edit.alike_color",
        "Choose the same colour",
        "",
        "Choose every line of this layer in the colour of those chosen",
        "Edit",
    ),
    Entry(
        "edit.alike_weight",
        "Choose the same size",
        "",
        "Choose every line of this layer of the size of those chosen",
        "Edit",
    ),
    Entry("edit.connected", "Choose what is connected", "", "Choose all that hangs together with those chosen", "Edit"),
    Entry("edit.invert", "Choose the other lines", "", "Choose the lines that are not chosen", "Edit"),
    Entry(
        "edit.all_layers",
        "Choose on all ink layers",
        "",
        "Choose lines of every ink layer that shows and is not locked, or of this one alone",
        "Edit",
        checkable=True,
    ),
    Entry("edit.paste", "Paste", "Ctrl+V", "Place the picture that was copied", "Edit"),
    Entry("edit.flip", "Flip the lines left to right", "", "Flip the chosen lines, or the last one", "Edit"),
    Entry("edit.flip_down", "Flip the lines upside down", "", "Flip the chosen lines, or the last one", "Edit"),
    Entry("edit.delete", "Delete the chosen lines", "Del", "Take the chosen lines away", "Edit"),
    Entry("hand.smaller", "Smaller pen", "Q", "Make the pen smaller", "Hand"),
    Entry("hand.larger", "Larger pen", "W", "Make the pen larger", "Hand"),
    Entry(
        "hand.resize",
        "Resize the pen",
        "S",
        "Drag sideways to resize the pen",
        "Hand",
        hold=True,
        icon="move-horizontal",
    ),
    Entry("hand.rub", "Rub out", "D", "Rub out with the pen in the hand", "Hand", hold=True, icon="eraser"),
    Entry(
        "hand.rub_inside",
        "Rub out what is inside",
        "Shift+D",
        "Draw around what is to go; strokes are cut where the loop crosses them",
        "Hand",
        hold=True,
        icon="lasso",
    ),
    Entry(
        "hand.choose",
        "Choose lines",
        "G",
        "Draw around lines, or press one, to change them together",
        "Hand",
        hold=True,
        icon="lasso-select",
    ),
    Entry(
        "hand.choose_across",
        "Choose across",
        "8",
        "Draw a line: every line it crosses is chosen",
        "Hand",
        hold=True,
        icon="choose-across",
    ),
    Entry(
        "hand.choose_parts",
        "Choose parts of lines",
        "9",
        "Draw around parts of lines: they are parted there, and what is inside is chosen",
        "Hand",
        hold=True,
        icon="choose-parts",
    ),
    Entry(
        "hand.pick",
        "Pick a colour",
        "C",
        "Take the colour under the pen from the page",
        "Hand",
        hold=True,
        icon="pipette",
    ),
    Entry(
        "hand.steadiest", "Full steadiness", "2", "Hold the line as firmly as it goes", "Hand", hold=True, icon="spline"
    ),
    Entry("hand.unsteadied", "No steadiness", "1", "Draw just as the hand goes", "Hand", hold=True, icon="activity"),
    Entry(
        "hand.fingers",
        "Fingers draw",
        "",
        "Without a pen, fingers draw; with one they only move, zoom and turn the page",
        "Hand",
        checkable=True,
    ),
    Entry("hand.maker", "Pen maker…", "", "Change pens, make new ones, and try them", "Hand"),
    Entry("hand.motif", "Motif of the lines…", "", "Make a pen of the chosen lines, that runs along the hand", "Hand"),
    Entry("hand.colors", "Ink colour…", "", "Choose any colour, and keep a palette", "Hand"),
    Entry("hand.feel", "Feel of the device…", "", "Fit pressure to your own hand", "Hand"),
    Entry("hand.move", "Move the page", "Space", "Drag the page", "Hand", hold=True, icon="move"),
    Entry(
        "hand.zoom",
        "Zoom",
        "T",
        "Drag right or up to come nearer, left or down to stand back, about where the pen came down",
        "Hand",
        hold=True,
        icon="search",
    ),
    Entry("hand.turn", "Turn the page", "A", "Drag to turn the page", "Hand", hold=True, icon="rotate-cw"),
    Entry("view.zoom_in", "Zoom in", "Ctrl++", "Show the page larger, about the pen", "View", also="Ctrl+="),
    Entry("view.zoom_out", "Zoom out", "Ctrl+-", "Show the page smaller, about the pen", "View"),
    Entry("view.actual", "100 %", "Ctrl+1", "One page px for each px of the screen", "View"),
    Entry("view.fit", "Whole page", "Ctrl+0", "Show the whole page", "View"),
    Entry("view.width", "Page width", "Ctrl+2", "Show the page as wide as the board", "View"),
    Entry(
        "view.turn_for_line",
        "Turn for the next line",
        "Shift+R",
        "Turn the page so that the next line lies in your hand's best direction; again turns it back",
        "View",
    ),
    Entry("view.grey", "In grey", "", "Look at the page without its colours: are the values right?", "View", True),
    Entry("view.squint", "Squinted", "", "Look at the page with half-closed eyes: do the forms stand?", "View", True),
    Entry("view.print_size", "Print size", "Ctrl+3", "As large as on paper, by the mm of this screen", "View"),
    Entry(
        "view.measure", "Measure the screen…", "", "How large a mm is on this screen, by a bank card or a ruler", "View"
    ),
    Entry("view.turn_left", "Turn left", "Z", "Turn the page 15 degrees to the left", "View"),
    Entry("view.turn_right", "Turn right", "X", "Turn the page 15 degrees to the right", "View"),
    Entry("view.reset_turn", "Upright", "R", "Turn the page upright", "View"),
    Entry("view.flip", "Flip", "V", "Flip left to right about the pen, to see with fresh eyes", "View", checkable=True),
    Entry("view.flip_page", "Flip the whole page", "Shift+V", "Flip about the middle of the page", "View"),
    Entry(
        "view.line_only", "Line alone", "F", "Hide sketches to judge the line alone", "View", hold=True, icon="eye-off"
    ),
    Entry("view.overview", "Overview", "3", "The whole page in little, to go about in", "View", checkable=True),
    Entry("view.history", "History", "4", "What was done, to go back to any point", "View", checkable=True),
    Entry("view.frames", "Trim, bleed and safe", "", "Show the frames of the page", "View", checkable=True),
    Entry("view.bare", "Bare board", "Shift+T", "Hide everything but the page", "View", checkable=True),
    Entry("view.hand", "Show the hand", "", "Fold the left side away or back", "View", checkable=True),
    Entry("view.page", "Show the page list", "", "Fold the right side away or back", "View", checkable=True),
    Entry("view.full", "Full screen", "F11", "Use the whole screen", "View", checkable=True),
    Entry("view.left_handed", "Left-handed", "", "Mirror the desk and its keys", "View", checkable=True),
    Entry("view.lamp", "Lamp light", "", "Change between Day and Lamp", "View", checkable=True),
    Entry(
        "layer.trace_under",
        "Trace under",
        "E",
        "Dim this layer, turn it blue, lock it, and ink above it",
        "Layer",
    ),
    Entry("layer.add", "Fresh layer", "N", "Add an ink layer above this one, for the next line", "Layer"),
    Entry("layer.above", "Layer above", "PgUp", "Draw on the next layer up", "Layer"),
    Entry("layer.below", "Layer below", "PgDown", "Draw on the next layer down", "Layer"),
    Entry("layer.add_sketch", "Add sketch layer", "", "Add a layer for pencil below the ink", "Layer"),
    Entry("layer.add_paint", "Add paint layer", "", "Add a layer of pixels without strokes above this one", "Layer"),
    Entry("layer.merge_down", "Merge down", "M", "Merge this layer onto the one below; ink keeps its strokes", "Layer"),
    Entry("layer.merge_visible", "Merge what is visible", "", "Merge all visible layers into one", "Layer"),
    Entry("layer.flat_copy", "Flat copy", "", "Add all that is visible as one layer on top", "Layer"),
    Entry("layer.duplicate", "Duplicate layer", "Ctrl+D", "Add a copy of the chosen layers", "Layer"),
    Entry("layer.rename", "Rename layer…", "", "Give this layer another name", "Layer"),
    Entry("layer.group", "Group layers", "", "Put the chosen layers into a group", "Layer"),
    Entry("layer.ungroup", "Take the group apart", "", "Dissolve this group; its layers stay", "Layer"),
    Entry("layer.solo", "Show this layer alone", "", "Hide everything else while you look", "Layer"),
    Entry("layer.delete", "Delete layer", "", "Delete the chosen layers", "Layer"),
    Entry(
        "layer.shift",
        "Move what is on the layer",
        "B",
        "Drag to move the chosen layers",
        "Layer",
        hold=True,
        icon="layers",
    ),
    Entry("layer.flip", "Flip the layer left to right", "", "Flip what is on the chosen layers", "Layer"),
    Entry("layer.flip_down", "Flip the layer upside down", "", "Flip what is on the chosen layers", "Layer"),
    Entry(
        "layer.place",
        "Place the picture…",
        "",
        "Move, scale and turn the picture on this layer by its handles",
        "Layer",
    ),
    Entry(
        "layer.lift",
        "Move pixels inside",
        "",
        "Draw around pixels of a paint layer, then move, scale and turn them by their handles",
        "Layer",
        hold=True,
        icon="lasso-select",
    ),
    Entry("layer.effects", "Effects", "", "Live effects of this layer, below the layers", "Layer", checkable=True),
    Entry(
        "layer.inside",
        "Show only inside",
        "",
        "Draw around what of this layer is to be seen; the rest stays, unseen",
        "Layer",
        hold=True,
        icon="lasso",
    ),
    Entry("layer.up", "Move layer up", "Ctrl+PgUp", "Move this layer up", "Layer"),
    Entry("layer.down", "Move layer down", "Ctrl+PgDown", "Move this layer down", "Layer"),
    Entry(
        "mend.snip",
        "Snip",
        "J",
        "Swipe across a piece of a line: it goes up to its next crossings",
        "Mend",
        hold=True,
        icon="scissors",
    ),
    Entry(
        "mend.grow",
        "Grow back",
        "Shift+J",
        "Pull a snipped end outwards: what was drawn there returns",
        "Mend",
        hold=True,
        icon="grow",
    ),
    Entry("mend.cut", "Cut in two", "O", "Press a line to part it there", "Mend", hold=True, icon="split"),
    Entry(
        "mend.join",
        "Join",
        "K",
        "Swipe over gaps: ends are bridged in direction and weight",
        "Mend",
        hold=True,
        icon="link",
    ),
    Entry(
        "mend.splice",
        "Splice",
        "I",
        "Swipe along several tries: they become one line along their middle",
        "Mend",
        hold=True,
        icon="git-merge",
    ),
    Entry(
        "mend.unsplice", "Give the tries back", "", "Put the lines that were spliced in the place of the one", "Mend"
    ),
    Entry(
        "mend.weight",
        "Weight",
        "L",
        "Pass over lines to make them thicker or thinner, even, or sharp at their ends",
        "Mend",
        hold=True,
        icon="git-commit-horizontal",
    ),
    Entry(
        "mend.push",
        "Push",
        "U",
        "Push the shape of lines with a round hand, or from beside them their edge; smooth or gather them",
        "Mend",
        hold=True,
        icon="hand-grab",
    ),
    Entry(
        "mend.points",
        "Points",
        "Shift+P",
        "Lead a line by as few points as it needs",
        "Mend",
        hold=True,
        icon="points",
    ),
    Entry(
        "mend.move",
        "Move lines",
        "P",
        "Move, scale, turn or bend the chosen lines, or the last one; they are rendered anew",
        "Mend",
        hold=True,
        icon="move",
    ),
    Entry(
        "mend.over",
        "Over or under",
        "Shift+O",
        "Press a crossing of cords: what lay over goes under",
        "Mend",
        hold=True,
        icon="over",
    ),
    Entry("mend.again", "Move once more", "Ctrl+R", "The last move of lines again, with those chosen now", "Mend"),
    Entry(
        "mend.recast",
        "Recast the lines…",
        "",
        "Another pen, size, colour, response or steadiness, with a picture",
        "Mend",
    ),
    Entry(
        "mend.weights",
        "Line weights of the page…",
        "",
        "Make every line of the page so many times as thick, for another print size",
        "Mend",
    ),
    Entry(
        "fill.pour",
        "Pour",
        "Shift+F",
        "Press in an area to fill it; drag through many",
        "Fill",
        hold=True,
        icon="pour",
    ),
    Entry(
        "fill.inside",
        "Fill inside",
        "Shift+Q",
        "Draw around what is to be filled, on this layer",
        "Fill",
        hold=True,
        icon="fill-inside",
    ),
    Entry(
        "fill.by_hand",
        "Area by hand",
        "Shift+G",
        "Draw an area from loops, corners, boxes and colours, and fill, rub out or copy it",
        "Fill",
        hold=True,
        icon="area-by-hand",
    ),
    Entry("fill.flats", "Flats at once", "", "Give every closed area of the page a flat of its own", "Fill"),
    Entry(
        "fill.join",
        "Join areas",
        "Shift+W",
        "Swipe over areas: they become one",
        "Fill",
        hold=True,
        icon="join-areas",
    ),
    Entry(
        "fill.light",
        "Place the light",
        "",
        "Press where the light of the page stands; blacks and hatching run out towards it",
        "Fill",
        hold=True,
        icon="light",
    ),
    Entry("fill.freeze", "Freeze the areas", "", "Areas stay as they are now, whatever becomes of their lines", "Fill"),
    Entry(
        "fill.open", "Show open areas", "", "Go to the areas whose lines are not closed any more, one by one", "Fill"
    ),
    Entry(
        "check.run", "Check the page", "F9", "Look for leaks, tangents, weak outlines, wobble and stray marks", "Check"
    ),
    Entry("check.next", "Next finding", "F8", "Go to the next finding", "Check"),
    Entry("check.back", "Finding before", "Shift+F8", "Go to the finding before", "Check"),
    Entry("check.mend", "Mend the finding", "F7", "Mend what one came to", "Check"),
    Entry("check.mend_all", "Mend all of its kind", "", "Mend every finding of the kind one came to", "Check"),
    Entry("check.let_be", "Let the finding be", "", "It is meant so, and is not found again", "Check"),
    Entry("check.heat", "Heat picture", "", "The page as a picture of line weight, thin to thick", "Check"),
    Entry("guide.place", "Place the guides", "5", "Drag the handles of the guides", "Guides", hold=True, icon="ruler"),
    Entry(
        "guide.off", "All guides off", "6", "Draw as if there were no guides", "Guides", hold=True, icon="circle-off"
    ),
    Entry(
        "guide.alone", "Hold alone", "Shift+H", "Let the guide in hand hold every stroke, or as usual again", "Guides"
    ),
    Entry("guide.numbers", "Guide in numbers…", "", "Type where the chosen guide lies, and how it looks", "Guides"),
    Entry("guide.keep", "Keep the guides as a set…", "", "Keep these guides at hand for other pages", "Guides"),
    Entry("guide.open", "Add a set from a file…", "", "Use guides that were saved from another page", "Guides"),
    Entry("guide.save", "Save the guides to a file…", "", "A file of these guides, for another machine", "Guides"),
    Entry(
        "guide.edges",
        "Perspective of the sketch",
        "Shift+E",
        "Drag lines over two edges that are parallel in reality: their vanishing point falls out of them",
        "Guides",
        hold=True,
        icon="triangle-right",
    ),
    Entry("guide.offset", "Offset of the curve…", "", "A curve beside the chosen French curve", "Guides"),
    Entry("guide.from_line", "French curve of the line", "", "Make a French curve of the last line", "Guides"),
    Entry("guide.part", "Part the copies", "", "Make the copies of a symmetric line strokes of their own", "Guides"),
    Entry(
        "guide.settle",
        "Settle when held still",
        "",
        "A stroke that ends at rest becomes the shape it resembles",
        "Guides",
        checkable=True,
    ),
    Entry(
        "guide.page_steps",
        "Steps of the page",
        "",
        "Steps of 15 degrees are counted on the page, or else on the turned view",
        "Guides",
        checkable=True,
    ),
    Entry("guide.settle_time", "Time to settle…", "", "How long the pen rests before that", "Guides"),
    Entry(
        "hand.draft",
        "Draft a line",
        "7",
        "Place a line point by point, then ink it",
        "Hand",
        hold=True,
        icon="waypoints",
    ),
    Entry(
        "hand.straight",
        "Straight line",
        "H",
        "Run straight from where the stroke began; a settled shape becomes regular",
        "Hand",
        hold=True,
        icon="slash",
    ),
    Entry(
        "hand.stepped",
        "Straight in steps",
        "Y",
        "Straight, at steps of 15 degrees of the view",
        "Hand",
        hold=True,
        icon="slash",
    ),
    Entry("help.keys", "Keys", "F1", "All keys on one sheet", "Help"),
)

BY_ID = {entry.id: entry for entry in TABLE}
MENUS = ("Page", "Edit", "Hand", "View", "Layer", "Mend", "Fill", "Check", "Guides", "Help")
# N and M lie under the right hand already; for the left-handed they change places with B and V.
# H and Y do with F and R, and those of the mending tools with D, W, S, A, E, Q and Z.
MIRRORED = dict(zip("QWERASDFZXCVB123456789NMHYJOKLUIP", "POIULKJHMNBYV098765432CXFRDWSAEQZ", strict=True))


def make_actions(parent: QObject) -> dict[str, QAction]:
    """Return a QAction for every entry, by id."""
    made: dict[str, QAction] = {}
    for entry in TABLE:
        action = QAction(entry.name, parent)
        action.setCheckable(entry.checkable)
        made[entry.id] = action
    return made


def key_of(entry: Entry, *, left_handed: bool) -> str:
    """The key of an entry as shipped; for the left-handed the single letters lie under the right hand."""
    if not left_handed:
        return entry.keys
    _, _, key = entry.keys.rpartition("Shift+")
    return f"Shift+{MIRRORED.get(key, key)}" if entry.keys == f"Shift+{key}" else MIRRORED.get(entry.keys, entry.keys)


def shown_key(key: str) -> str:
    return QKeySequence(key).toString(QKeySequence.SequenceFormat.NativeText)
