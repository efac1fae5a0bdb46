"""The language of the window and of the command line: chosen before anything that holds a text is imported.

Translations are Qt Linguist's (`jotsk/languages`); docs/settings.md says how one is chosen, CONTRIBUTING.md how one is
made.
"""

from __future__ import annotations

import json
import logging
import os
from contextlib import suppress
from pathlib import Path
from typing import TYPE_CHECKING

from jotsk.core import words
from jotsk.folders import config_folder

if TYPE_CHECKING:
    from PySide6.QtCore import QCoreApplication, QTranslator

log = logging.getLogger(__name__)

KEY = "desk/language"
OF_THE_DESKTOP = ""
FOLDER = Path(__file__).parent / "languages"
LANGUAGES = {"en": "English", "de": "Deutsch", "es": "Español", "ja": "日本語"}
VARIABLES = ("LANGUAGE", "LC_ALL", "LC_MESSAGES", "LANG")  # as GNU gettext looks at them

_translators: list[QTranslator] = []  # Qt does not keep them


def speak() -> None:
    """Take the words of the language in the settings, or of the desktop; English where it is none there is."""
    language = wanted()
    if language == words.spoken:
        return
    from PySide6.QtCore import QLocale, QTranslator

    from jotsk import desk  # noqa: F401 (it loads Qt, and English needs none)

    translator = QTranslator()
    if translator.load(str(FOLDER / f"jotsk_{language}.qm")):
        _translators.append(translator)
        locale = QLocale(language)
        QLocale.setDefault(locale)
        words.speak(
            language,
            lambda text, comment, n: translator.translate("", text, comment or None, n) or "",
            decimal=locale.decimalPoint(), thousands=locale.groupSeparator(), small_nouns=language != "de",
        )  # fmt: skip
    else:
        log.warning("the translation into %s is not there", language)


def wanted() -> str:
    """The code of the language to speak."""
    chosen = OF_THE_DESKTOP
    with suppress(OSError, ValueError, RecursionError):
        values = json.loads((config_folder() / "settings.json").read_text(encoding="utf-8"))
        chosen = values.get(KEY, OF_THE_DESKTOP) if isinstance(values, dict) else OF_THE_DESKTOP
    codes = [chosen] if chosen in LANGUAGES else _codes_of_the_desktop()
    return next((code for code in codes if code in LANGUAGES), "en")


def _codes_of_the_desktop() -> list[str]:
    """The best first: of de_AT.UTF-8:es it is de, es."""
    names = next((value for name in VARIABLES if (value := os.environ.get(name))), "")
    return [name.split(".")[0].split("_")[0].split("-")[0] for name in names.split(":")]


def translate_qt(app: QCoreApplication) -> None:
    """Have Qt's own dialogs in the same language."""
    from PySide6.QtCore import QLibraryInfo, QTranslator

    if words.spoken != "en":
        translator = QTranslator(app)
        if translator.load(f"qtbase_{words.spoken}", QLibraryInfo.path(QLibraryInfo.LibraryPath.TranslationsPath)):
            app.installTranslator(translator)
