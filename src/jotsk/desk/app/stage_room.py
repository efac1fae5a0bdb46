"""What a stage puts where: pens, tools and kinds of findings on the left, what they are set to below."""

from __future__ import annotations

from typing import TYPE_CHECKING

from jotsk.core.words import tr
from jotsk.desk.actions import BY_ID as ENTRIES
from jotsk.desk.stages import BY_ID as STAGES
from jotsk.desk.stages import Stage
from jotsk.desk.trays.filling import TOOLS as FILLING
from jotsk.desk.trays.mending import OPTIONS as MENDING

if TYPE_CHECKING:
    from jotsk.desk.app.window import Window

CHECK, HAND_OVER = STAGES["check"], STAGES["hand-over"]


def show_stage(window: Window, stage: Stage) -> None:
    """Check and Hand over tell what is wrong with the page; Hand over shows it as it will go out."""
    layout = window.centralWidget().layout()
    layout.setEnabled(False)  # or for a moment there would have to be room for what goes and what comes
    window.top.show_stage(stage)
    window.pens.show_stage(stage)
    window.tool_list.show_tools(stage.tools)
    window.look_list.setVisible(stage in (CHECK, HAND_OVER))
    window.line_place.show_only(window.line_weights if stage is CHECK else window.last_line)
    window.document.line_weights.watch(stage is CHECK)
    _take_pen_of(window, stage)
    show_doing(window)
    layout.setEnabled(True)
    layout.activate()
    window.board.show_as_out(stage is HAND_OVER)
    if stage is HAND_OVER:
        window.board.fit()
    check_if_it_goes_out(window)


def check_if_it_goes_out(window: Window) -> None:
    """A page that was not checked yet is checked as one comes to the stage Hand over, or opens it there."""
    document = window.document
    if window.stage is HAND_OVER and not document.checks.is_wanted and not document.page.is_blank:
        document.checks.run(walk=False)


def _take_pen_of(window: Window, stage: Stage) -> None:
    """If that in the hand is of another stage: the pen of this one that was used last, or its first."""
    hand = window.hand
    if stage.has_pens and not stage.is_for(hand.pen):
        last = next((pen for pen in hand.used if stage.is_for(pen)), None)
        hand.take(last or next(pen for pen in hand.library.pens if stage.is_for(pen)))


def show_doing(window: Window) -> None:
    """What the hand does, in the left place and beside the pen; and what the tool or the stage is set to."""
    entries = [ENTRIES[entry_id] for entry_id in window.hold_keys.on]
    others = [("image", tr("Placing pictures"))] if window.board.pictures.placing is not None else []
    window.doing.show_entries(entries, others)
    window.tool_list.mark(window.hold_keys.on)
    tool_id = window.board.tool.id
    is_filling = tool_id in FILLING
    if is_filling or tool_id in MENDING:
        tray = window.filling if is_filling else window.mending
        tray.show_tool(tool_id)
        window.settings_place.show_only(tray)
    else:
        window.settings_place.show_only(window.checking if window.stage is CHECK else window.pen_settings)
    for widget in (window.line_place, window.beside_line):  # filling needs its room
        widget.setVisible(not is_filling)
    window.board.show_signs([*(entry.icon for entry in entries), *(name for name, _ in others)])
