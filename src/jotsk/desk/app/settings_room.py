"""What can be set, on the sheet of settings; and all settings taken from a file, given to one, or set back."""

from __future__ import annotations

from functools import partial
from pathlib import Path
from typing import TYPE_CHECKING, Any

from jotsk import language
from jotsk.core.guides.settling import HOLD_S
from jotsk.core.page.history.history import MOST_BYTES
from jotsk.core.words import tr
from jotsk.desk.commands.pen_buttons import choices
from jotsk.desk.commands.practice_commands import AT_WORK
from jotsk.desk.inout.settings_file import OF_THE_MACHINE, AllSettings, read_settings, write_settings
from jotsk.desk.recovery.milestones import MINUTES
from jotsk.desk.widgets.modal import deleted_after

if TYPE_CHECKING:
    from jotsk.desk.app.window import Window
    from jotsk.desk.dialogs.settings_sheet import SettingsSheet

HISTORY = "memory/history_mb"  # 0: by what the machine has
LEAST_MB, MOST_MB = 64, 4096
SHORTEST_HOLD_S, LONGEST_HOLD_S = 0.3, 3.0


def show_settings(window: Window) -> None:
    with deleted_after(settings_sheet(window)) as sheet:
        sheet.exec()


def settings_sheet(window: Window) -> SettingsSheet:
    from jotsk.desk.dialogs.settings_sheet import SettingsSheet

    settings, buttons = window.settings, window.pen_buttons
    sheet = SettingsSheet(
        window.actions_by_id, give_out=lambda path: give_out(window, path), take_in=lambda path: take_in(window, path),
        as_shipped=lambda: _replace(window, {}), parent=window.board,
    )  # fmt: skip

    def keep(name: str, value: Any) -> None:
        settings.set(name, value)
        read_again(window)

    sheet.heading(tr("Pen"))
    for place, words in (("lower", tr("Lower button of the pen")), ("upper", tr("Upper button of the pen"))):
        why = tr("While it is down, or as it is pressed; the tip draws with what it holds")
        sheet.choice(words, why, choices(), buttons.does(place), partial(buttons.choose, place))
    sheet.switch("guide.settle")
    sheet.number(
        tr("Time to settle"), tr("How long the pen rests before a stroke becomes the shape it resembles"),
        SHORTEST_HOLD_S, LONGEST_HOLD_S, "s", settings.get("hand/settle_s", HOLD_S),
        lambda seconds: keep("hand/settle_s", seconds),
    )  # fmt: skip
    sheet.sheet("hand.feel")
    sheet.heading(tr("Fingers"))
    sheet.switch("hand.fingers", tr("Two fingers always move, zoom and turn the page"))
    sheet.heading(tr("Keys"))
    sheet.switch("view.left_handed")
    sheet.sheet("help.keys")
    sheet.switch("view.buttons")
    sheet.heading(tr("View"))
    sheet.choice(
        tr("Language"), tr("From the next start on"),
        {language.OF_THE_DESKTOP: tr("That of the desktop"), **language.LANGUAGES},
        settings.get(language.KEY, language.OF_THE_DESKTOP), lambda code: keep(language.KEY, code),
    )  # fmt: skip
    for action_id in ("view.lamp", "view.hand", "view.page", "view.overview", "view.history", "view.frames"):
        sheet.switch(action_id)
    sheet.sheet("view.measure")
    sheet.heading(tr("Files"))
    sheet.count(
        tr("Milestone by the clock"), tr("Minutes of work between two"), 0, 240, "min", window.pages.milestones.minutes,
        lambda minutes: keep("milestones/minutes", minutes), tr("never"),
    )  # fmt: skip
    sheet.folder(tr("Unsaved work"), window.recovery.folder)
    sheet.folder(tr("Settings, pens and palette"), window.folder)
    sheet.own_switch(
        tr("Measure pages at work"), tr("Wobble and speed of straight lines, for Practice; quietly"),
        window.practice.at_work, lambda on: keep(AT_WORK, on),
    )  # fmt: skip
    sheet.heading(tr("Memory"))
    sheet.count(
        tr("Steps back"), tr("How much they may take; by the machine it is {most_bytes} MB here",
            most_bytes=MOST_BYTES >> 20), 0, MOST_MB, "MB",
        settings.get(HISTORY, 0), lambda mb: keep(HISTORY, mb), tr("by the machine"),
    )  # fmt: skip
    return sheet


def read_again(window: Window) -> None:
    """Have every part of the window as the settings say."""
    settings, actions = window.settings, window.actions_by_id
    fingers = actions["hand.fingers"]
    fingers.blockSignals(True)  # what is not changed is not kept
    window.board.fingers_draw = settings.get("hand/fingers_draw", True)
    fingers.setChecked(window.board.fingers_draw)
    fingers.blockSignals(False)
    actions["guide.settle"].setChecked(settings.get("hand/settles", True))
    seconds = min(LONGEST_HOLD_S, max(SHORTEST_HOLD_S, settings.get("hand/settle_s", HOLD_S)))
    window.hand.settles_after_s = seconds if actions["guide.settle"].isChecked() else None
    for action_id, name in (("view.lamp", "desk/lamp"), ("view.left_handed", "desk/left_handed"),
                            ("view.buttons", "desk/buttons")):  # fmt: skip
        actions[action_id].setChecked(settings.get(name, False))
    window.pages.milestones.minutes = settings.get("milestones/minutes", MINUTES)
    window.practice.at_work = settings.get(AT_WORK, False)
    mb = settings.get(HISTORY, 0)
    window.document.hold_history(min(MOST_MB, max(LEAST_MB, mb)) << 20 if mb else MOST_BYTES)


def give_out(window: Window, path: Path) -> None:
    """Raises CannotWrite."""
    window.memory.keep()
    pens = tuple(pen for pen in window.hand.library.pens if window.hand.library.is_own(pen.id))
    write_settings(path, AllSettings(window.settings.values, pens, tuple(window.desk_palette.colors)))


def take_in(window: Window, path: Path) -> None:
    """Raises DamagedFile, and then changes nothing."""
    everything = read_settings(path)
    for pen in everything.pens:
        window.hand.library.put(pen)
    if everything.palette:
        window.desk_palette.take(list(everything.palette))
    _replace(window, everything.values)
    window.status.tell(tr("All settings are those of “{name}” now.", name=path.name))


def _replace(window: Window, values: dict[str, Any]) -> None:
    """What belongs to this machine stays."""
    own = {name: value for name, value in window.settings.values.items() if name in OF_THE_MACHINE}
    window.settings.replace(values | own)
    window.key_map.read()
    window.memory.put_back()
    read_again(window)
