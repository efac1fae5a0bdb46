"""Looks at every screen in another language: run by test_languages, for the language is chosen before anything that
holds a text is imported.

Prints a line of JSON: what was not translated, and what has less room than it needs. The language "xx" puts a mark
before every text that goes through `tr`.
"""

from __future__ import annotations

import json
import re
import sys
from pathlib import Path

from PySide6.QtGui import QTextDocumentFragment
from PySide6.QtWidgets import QApplication, QComboBox, QLabel, QMenu, QPushButton, QToolButton, QWidget

from jotsk import language
from jotsk.core import words

MARK = "§"
ROOM_PX = 1  # what rounding takes
# Names and units that are the same in every language.
SAME = re.compile(
    r"Jotsk|Technical [\d.]+|Gull & Lantern|English|Deutsch|Español|日本語|px|mm|dpi|lpi|MB|JPEG|PNG|PDF|SVG|TIFF|WebP"
    r"|InkML|OpenRaster|RGBA?|sRGB|CMYK|Ctrl|Shift|Alt|Esc|Enter|Return|Del|Tab|Space|Backspace|PgUp|PgDown|Home|End|F\d+"
    r"|[ABC]\d|JIS B\d|#\w+|/\S+|\d+|ISO|W3C|ICC|CSV"
)


def main(code: str, folder: Path) -> None:
    if code == "xx":
        words.speak("xx", lambda text, comment, n: MARK + text)
    else:
        language.speak()
        assert words.spoken == code, words.spoken
    from jotsk.desk.app.window import Window
    from jotsk.desk.inout.settings import Settings
    from jotsk.desk.recovery.recovery_folder import RecoveryFolder
    from jotsk.desk.stages import STAGES
    from jotsk.desk.theme import DAY, apply_theme
    from jotsk.desk.theme.style import ARGUMENTS, load_fonts
    from tests.desk.test_every_screen import SHEETS

    app = QApplication([*ARGUMENTS])
    language.translate_qt(app)
    load_fonts(japanese=code == "ja")
    apply_theme(app, DAY)
    window = Window(Settings(folder / "settings.json"), RecoveryFolder(folder / "state"))
    window.resize(1280, 800)
    window.show()
    plain, cut = [], []

    def look(name: str, screen: QWidget) -> None:
        for _ in range(3):
            app.processEvents()
        for widget in [screen, *screen.findChildren(QWidget)]:
            if widget.isVisible():
                plain.extend((name, text) for text in texts_of(widget) if code == "xx" and is_plain(text))
                if not has_room(widget):
                    cut.append((name, type(widget).__name__, texts_of(widget)[0], widget.width()))

    for stage in STAGES:
        window.top.stage_chosen.emit(stage)
        look(stage.id, window)
    for menu in window.top.menu_button.menu().findChildren(QMenu):
        plain.extend(("menu", action.text()) for action in menu.actions() if code == "xx" and is_plain(action.text()))
    for name, make in SHEETS.items():
        sheet = make(window)
        sheet.show()
        look(name, sheet)
        sheet.close()
        sheet.deleteLater()
    print(json.dumps({"plain": sorted(set(plain)), "cut": sorted(set(cut))}, ensure_ascii=False))


def texts_of(widget: QWidget) -> list[str]:
    shown = ""
    if isinstance(widget, QLabel | QPushButton | QToolButton) or hasattr(widget, "isChecked"):
        shown = widget.text() if not hasattr(widget, "pixmap") or widget.pixmap().isNull() else ""
    if isinstance(widget, QComboBox):
        return [widget.itemText(k) for k in range(widget.count())] + [widget.toolTip()]
    if hasattr(widget, "placeholderText"):
        shown = widget.placeholderText()
    return [QTextDocumentFragment.fromHtml(shown).toPlainText() if "<" in shown else shown, widget.toolTip()]


def is_plain(text: str) -> bool:
    return MARK not in text and len(re.sub(r"[^a-zA-Z]", "", SAME.sub("", text))) > 1


def has_room(widget: QWidget) -> bool:
    """Whether the text of a widget fits into it."""
    if isinstance(widget, QLabel) and widget.pixmap().isNull() and widget.text():
        if widget.wordWrap():
            return widget.heightForWidth(widget.width()) <= widget.height() + ROOM_PX
        return widget.sizeHint().width() <= widget.width() + ROOM_PX
    if isinstance(widget, QPushButton) or (isinstance(widget, QToolButton) and widget.text()):
        return widget.sizeHint().width() <= widget.width() + ROOM_PX
    if isinstance(widget, QComboBox):
        widest = max((widget.fontMetrics().horizontalAdvance(text) for text in texts_of(widget)[:-1]), default=0)
        return widest + widget.iconSize().width() <= widget.width()
    return True


if __name__ == "__main__":
    main(sys.argv[1], Path(sys.argv[2]))
