"""What does what: every action, and what follows from what, in one list."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from typing import TYPE_CHECKING

from PySide6.QtCore import QTimer

from jotsk.core.words import tr
from jotsk.desk.actions import BY_ID as ENTRIES
from jotsk.desk.app.settings_room import show_settings
from jotsk.desk.app.stage_room import check_if_it_goes_out
from jotsk.desk.dialogs.help_mark import show_manual
from jotsk.desk.trays.on_screen import OnScreenButtons

if TYPE_CHECKING:
    from jotsk.desk.app.window import Window

TURN_STEP_DEG, ZOOM_STEP = 15, 1.25


PAGE_OF = {"mend": "mending", "fill": "filling", "check": "checking", "hand-over": "handing-over"}


def connect(window: Window) -> None:
    """Connect the actions, the trays and the controllers of a window."""
    board, document, actions, pages = window.board, window.document, window.actions_by_id, window.pages

    at_once: dict[str, Callable[[], object]] = {
        "page.new": pages.ask_new,
        "page.open": pages.ask_open,
        "page.demo": pages.open_demo,
        "page.finished": pages.open_finished,
        "page.next": window.pages.next_page,
        "page.close": window.pages.close_page,
        "edit.settings": lambda: show_settings(window),
        "page.practice": window.practice_commands.ask,
        "view.turn_for_line": window.practice_commands.turn_for_line,
        "page.recent": pages.ask_recent,
        "page.pictures": pages.ask_pictures,
        "page.lines": pages.ask_lines,
        "edit.paste": pages.paste,
        "page.quit": window.close,
        "edit.undo": window.undo,
        "edit.redo": document.redo,
        "edit.drop": window.escape,
        "mend.weights": window.line_commands.ask_line_weights,
        "edit.delete": document.selection.delete,
        "layer.flip": lambda: document.layers.flip(upside_down=False),
        "layer.flip_down": lambda: document.layers.flip(upside_down=True),
        "hand.smaller": lambda: window.hand.step_size(-1),
        "hand.larger": lambda: window.hand.step_size(1),
        "hand.maker": window.sheets.show_maker,
        "hand.feel": window.sheets.show_feel,
        "hand.colors": window.sheets.show_colors,
        "view.zoom_in": lambda: board.zoom_by(ZOOM_STEP, board.pointer),
        "view.zoom_out": lambda: board.zoom_by(1 / ZOOM_STEP, board.pointer),
        "view.actual": lambda: board.zoom_to(1.0, board.pointer),
        "view.fit": board.fit,
        "view.turn_left": lambda: board.turn_by_degrees(-TURN_STEP_DEG, board.pointer),
        "view.turn_right": lambda: board.turn_by_degrees(TURN_STEP_DEG, board.pointer),
        "view.reset_turn": lambda: board.reset_turn(board.pointer),
        "view.flip": board.flip_here,
        "view.flip_page": board.flip_page,
        "view.width": board.fit_width,
        "view.print_size": window.print_size.show,
        "view.measure": window.print_size.measure,
        "layer.trace_under": window.trace_under,
        "layer.above": lambda: document.layers.go(True),
        "layer.below": lambda: document.layers.go(False),
        "layer.add_sketch": document.layers.add_sketch,
        "layer.add": document.layers.add,
        "layer.add_paint": document.layers.add_paint,
        "layer.delete": document.layers.delete,
        "layer.duplicate": document.layers.duplicate,
        "layer.group": document.layers.group,
        "layer.ungroup": document.layers.ungroup,
        "layer.merge_down": document.layers.merge_down,
        "layer.merge_visible": document.layers.merge_visible,
        "layer.flat_copy": document.layers.add_flat_copy,
        "layer.up": lambda: document.layers.step(True),
        "layer.down": lambda: document.layers.step(False),
        "fill.flats": window.area_commands.lay_flats,
        "fill.freeze": window.area_commands.freeze,
        "check.run": document.checks.run,
        "check.next": lambda: document.checks.step(1),
        "check.back": lambda: document.checks.step(-1),
        "check.mend": document.checks.mend,
        "check.mend_all": document.checks.ask_all,
        "check.let_be": document.checks.let_be,
        "check.put_away": document.checks.put_away,
        "guide.alone": board.guiding.toggle_alone,
        "guide.numbers": window.guide_commands.show_numbers,
        "guide.keep": window.guide_commands.ask_keep,
        "guide.open": window.guide_commands.ask_open,
        "guide.save": window.guide_commands.ask_save,
        "guide.settle_time": window.ask_settle_time,
        "help.keys": window.sheets.show_keys,
        "help.menu": window.top.menu_button.showMenu,
        "help.manual": lambda: show_manual(window, PAGE_OF.get(window.stage.id, "drawing")),
    }
    for entry_id, method in at_once.items():
        actions[entry_id].triggered.connect(lambda _=False, call=method: call())
    after_ink: dict[str, Callable[[], object]] = {  # they need the page with what is still drying
        "page.print": pages.giving_out.ask_print,
        "page.size": pages.ask_size,
        "edit.cut": pages.clipboard.cut,
        "edit.copy": pages.clipboard.copy,
        "page.save": pages.save,
        "page.save_as": pages.ask_save,
        "page.export": pages.giving_out.ask_export,
        "page.hand_over": lambda: pages.giving_out.ask_orders(document.checks.summary),
        "page.milestone": pages.keep_milestone,
        "page.milestones": pages.show_milestones,
        "edit.all": document.selection.choose_all,
        "edit.alike_pen": lambda: document.selection.choose_alike("pen"),
        "edit.alike_color": lambda: document.selection.choose_alike("color"),
        "edit.alike_weight": lambda: document.selection.choose_alike("weight"),
        "edit.connected": lambda: document.selection.choose_connected(window.hand.mending.connect_px),
        "edit.invert": document.selection.invert,
        "hand.motif": window.line_commands.ask_motif,
        "mend.unsplice": window.line_commands.give_tries_back,
        "mend.again": window.line_commands.move_again,
        "mend.recast": window.line_commands.ask_recast,
        "edit.flip": lambda: document.selection.flip(upside_down=False),
        "edit.flip_down": lambda: document.selection.flip(upside_down=True),
        "layer.place": board.pictures.take_again,
        "check.heat": window.sheets.show_heat,
        "fill.open": window.area_commands.go_to_open,
        "guide.part": document.page_edits.part_copies,
        "guide.offset": window.guide_commands.ask_offset,
        "guide.from_line": window.guide_commands.curve_of_line,
    }
    for entry_id, method in after_ink.items():
        actions[entry_id].triggered.connect(lambda _=False, call=method: document.when_dry(call))
    document.checks.all_asked.connect(window.sheets.show_mends)
    document.opened.connect(lambda: QTimer.singleShot(0, window, lambda: check_if_it_goes_out(window)))  # it is read
    for entry_id, switch in {
        "view.bare": window.set_bare,
        "view.hand": window.hand_side.setVisible,
        "view.page": window.page_side.setVisible,
        "view.full": lambda on: window.showFullScreen() if on else window.showNormal(),
        "view.left_handed": window.set_left_handed,
        "view.lamp": window.set_lamp,
        "view.frames": window.show_frames,
        "view.grey": lambda on: board.look(replace(board.eyes, grey=on)),
        "view.squint": lambda on: board.look(replace(board.eyes, squint=on)),
        "hand.fingers": window.set_fingers_draw,
        "guide.settle": window.set_settles,
        "guide.page_steps": lambda on: setattr(board, "steps_of_page", on),
        "layer.effects": window.effects.set_wanted,
        "edit.all_layers": lambda on: setattr(document.selection, "is_across_layers", on),
        "view.overview": lambda on: window.show_floating(window.overview, on),
        "view.history": lambda on: window.show_floating(window.history, on),
    }.items():
        actions[entry_id].toggled.connect(switch)
    buttons = OnScreenButtons(board, actions, window.hold_keys, window.settings)
    actions["view.buttons"].toggled.connect(buttons.set_wanted)
    actions["view.buttons"].setChecked(window.settings.get("desk/buttons", False))
    actions["view.lamp"].toggled.connect(buttons.theme_changed)
    for entry in ENTRIES.values():
        if entry.hold:
            actions[entry.id].triggered.connect(lambda _=False, i=entry.id: window.hold_keys.switch(i))
    actions["view.hand"].setChecked(True)
    actions["view.page"].setChecked(True)
    actions["view.frames"].setChecked(True)
    window.top.menus["guides"].insertMenu(actions["guide.place"], window.guides.menu)
    window.guides.menu.setTitle(tr("Add a guide"))
    window.addActions(list(actions.values()))
    for action in actions.values():
        action.triggered.connect(window.hold_keys.use)
    board.guiding.added.connect(lambda: window.hold_keys.turn_on("guide.place"))
    for signal in (window.hold_keys.changed, board.pictures.changed):
        signal.connect(window.show_doing)
    for signal in (board.pictures.changed, board.drafting.changed, board.tool_changed):
        signal.connect(window.refresh_title)
    window.doing.ended.connect(window.hold_keys.back_to_drawing)
    window.doing.ended.connect(board.pictures.drop)
    board.view_changed.connect(window.hold_keys.use)
    window.pages.open_pages.changed.connect(window.show_pages)
    window.top.stage_chosen.connect(window.show_stage)
    window.inkwell.opened.connect(window.sheets.show_colors)
    window.pens.made.connect(window.sheets.show_maker)
    window.inkwell.picked.connect(window.recolor_chosen)
    window.layers.soloed.connect(board.show_only)
    document.state_changed.connect(window.refresh_title)
    document.drying_changed.connect(window.refresh_title)
    document.follower.told.connect(window.status.tell)
    document.changed.connect(lambda before, after: window.area_commands.follow_light(after))
    document.opened.connect(lambda: window.area_commands.follow_light(document.page))
    document.slow.connect(window.filing.jobs.change_page)
    document.in_turn.connect(window.filing.jobs.change_in_turn)
    document.take_back = window.filing.jobs.take_back
    document.looked_at.connect(window.filing.jobs.look)
    for keeper in (window.autosave, window.settings, window.hand.library.file, window.desk_palette.file):
        keeper.trouble.connect(window.status.tell)
    board.touched.connect(window.autosave.before_stroke)
    board.pen_seen.connect(window.pen_seen)
    board.resized.connect(window.status.place)
    board.resized.connect(window.place_floats)
    board.resized.connect(window.hints.place)
    document.changed.connect(lambda before, after: board.eyes.squint and board.update())  # a change blurs beyond itself
    board.view_changed.connect(lambda: actions["view.flip"].setChecked(board.view.flipped))
    window.filing.jobs.began.connect(window.status.follow)
    window.filing.jobs.began.connect(lambda job: job.ended.connect(window.gc_pauses.set_aside))
    window.filing.told.connect(window.status.tell)
    window.filing.seen_as = board.seen_as
