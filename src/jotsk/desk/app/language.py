"""The language of the window: chosen before anything that holds a text is imported.

Translations are Qt Linguist's (`jotsk/languages`); docs/settings.md says how one is chosen, CONTRIBUTING.md how one is
made.
"""

from __future__ import annotations

import json
import logging
from contextlib import suppress
from pathlib import Path

from PySide6.QtCore import QCoreApplication, QLibraryInfo, QLocale, QTranslator

from jotsk.core import words
from jotsk.desk.inout.folders import config_folder

log = logging.getLogger(__name__)

KEY = "desk/language"
OF_THE_DESKTOP = ""
FOLDER = Path(words.__file__).parent.parent / "languages"
LANGUAGES = {"en": "English", "de": "Deutsch", "es": "Español", "ja": "日本語"}

_translators: list[QTranslator] = []  # Qt does not keep them


def speak() -> None:
    """Take the words of the language in the settings, or of the desktop; English where it is none there is."""
    language = _wanted()
    if language != words.spoken:
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


def _wanted() -> str:
    chosen = OF_THE_DESKTOP
    with suppress(OSError, ValueError, RecursionError):
        values = json.loads((config_folder() / "settings.json").read_text(encoding="utf-8"))
        chosen = values.get(KEY, OF_THE_DESKTOP) if isinstance(values, dict) else OF_THE_DESKTOP
    codes = [chosen] if chosen in LANGUAGES else [name.split("-")[0] for name in QLocale.system().uiLanguages()]
    return next((code for code in codes if code in LANGUAGES), "en")


def translate_qt(app: QCoreApplication) -> None:
    """Have Qt's own dialogs in the same language."""
    if words.spoken != "en":
        translator = QTranslator(app)
        if translator.load(f"qtbase_{words.spoken}", QLibraryInfo.path(QLibraryInfo.LibraryPath.TranslationsPath)):
            app.installTranslator(translator)
