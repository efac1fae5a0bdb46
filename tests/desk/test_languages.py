"""Translations: every text has one, with its parts, letters and room; and the window speaks the language one chose."""

from __future__ import annotations

import ast
import json
import os
import re
import shutil
import subprocess
import sys
import xml.etree.ElementTree as ET
from pathlib import Path

import pytest
from PySide6.QtGui import QRawFont

from jotsk.core import words
from jotsk.core.words import tr
from jotsk.desk.pens.pen_library import PenLibrary

ROOT = Path(__file__).parent.parent.parent
sys.path.insert(0, str(ROOT / "packaging"))
import texts  # noqa: E402

FONTS = ROOT / "src" / "jotsk" / "desk" / "fonts"
# Calls whose texts a person reads.
SHOWN = {
    "Refused", "DamagedFile", "CannotRead", "CannotWrite", "TooLarge", "tell", "_tell", "notify", "setText", "setToolTip",
    "setAccessibleName", "setWindowTitle", "setPlaceholderText", "QLabel", "QPushButton", "QCheckBox", "addAction",
    "addMenu", "addRow", "addItem", "edit", "edit_slowly", "mend", "mend_lines", "drawText", "heading", "Track", "getText",
    "getOpenFileName", "getSaveFileName", "getDouble", "question", "addButton", "Entry", "Stage", "Finding", "change",
}  # fmt: skip
ENGLISH = {"core/mend/steps.py", "core/fill/steps.py", "cli.py", "terminal.py"}  # of the command line


def messages(path):
    for message in ET.parse(path).iter("message"):
        forms = [form.text or "" for form in message.iter("numerusform")] or [message.find("translation").text or ""]
        yield message.find("source").text, forms, message.find("translation").get("type")


def parts(text):
    return sorted(re.findall(r"\{[^}]*\}|%n", text))


def test_every_text_of_the_code_is_translated_and_nothing_else(tmp_path):
    for path in texts.translations(texts.SOURCE / "languages"):
        shutil.copy(path, tmp_path)
    texts.gather(tmp_path)
    for path in texts.translations(tmp_path):
        found = list(messages(path))
        assert not [source for source, forms, kind in found if kind == "unfinished" or not all(forms)], path.name
        assert len(found) == len(list(messages(texts.SOURCE / "languages" / path.name))) > 1000


@pytest.mark.parametrize("path", texts.translations(texts.SOURCE / "languages"), ids=lambda path: path.stem)
def test_translations_have_the_parts_of_their_text_and_letters_there_are(qapp, path):
    letters = set()
    for source, forms, _ in messages(path):
        for form in forms:
            assert parts(form) == parts(source), source
            letters |= set(form)
    fonts = [QRawFont(str(file), 13.0) for file in FONTS.glob("*_400Regular.ttf")]
    assert len(fonts) == 2
    missing = {
        letter
        for letter in letters
        if letter.isprintable() and not any(f.supportsCharacter(ord(letter)) for f in fonts)
    }
    assert not missing


def test_what_is_shown_goes_through_the_translation():
    plain = []
    for path in sorted(texts.SOURCE.rglob("*.py")):
        name = str(path.relative_to(texts.SOURCE))
        if name in ENGLISH or name.startswith("demo/"):
            continue
        for call in (node for node in ast.walk(ast.parse(path.read_text())) if isinstance(node, ast.Call)):
            called = call.func.attr if isinstance(call.func, ast.Attribute) else getattr(call.func, "id", "")
            given = [
                *call.args,
                *(k.value for k in call.keywords if k.arg in ("toolTip", "tooltip", "placeholderText")),
            ]
            if called in SHOWN:
                plain += [f"{name}:{arg.lineno} {text}" for arg in given if (text := words_in(arg))]
    assert not plain


def test_every_text_is_given_the_parts_it_names():
    wrong = []
    for path in sorted(texts.SOURCE.rglob("*.py")):
        for call in (node for node in ast.walk(ast.parse(path.read_text())) if isinstance(node, ast.Call)):
            if getattr(call.func, "id", "") != "tr" or not isinstance(call.args[0], ast.Constant):
                continue
            text, given = call.args[0].value, {k.arg for k in call.keywords}
            if given != set(re.findall(r"\{(\w+)[^}]*\}", text)) or ("%n" in text) != (len(call.args) == 3):
                wrong.append(f"{path.name}:{call.lineno} {text}")
    assert not wrong


def words_in(node):
    """A literal that is words: not an id, a name of a file or a number with its unit."""
    values = node.values if isinstance(node, ast.JoinedStr) else [node]
    text = "".join(v.value for v in values if isinstance(v, ast.Constant) and isinstance(v.value, str))
    is_words = re.search(r"[A-Za-z]{2,} [A-Za-z]{2,}|^[A-Z][a-z]{2,}", text) and "<" not in text
    return text if is_words and text != "Jotsk" and not re.match(r"(Ctrl|Shift)\+|Esc$|Del$|Space$", text) else ""


@pytest.mark.parametrize("code", ["xx", *texts.LANGUAGES])
def test_every_screen_is_in_the_language_and_nothing_is_cut(code, tmp_path):
    """By the settings for Japanese, by the desktop for the others."""
    texts.compile_into()
    config = tmp_path / "config" / "jotsk"
    config.mkdir(parents=True)
    if code == "ja":
        (config / "settings.json").write_text(json.dumps({"desk/language": "ja"}))
    env = {
        **os.environ, "LANGUAGE": "en" if code == "ja" else code, "LANG": "C.UTF-8", "XDG_CONFIG_HOME": str(tmp_path / "config"),
        "QT_QPA_PLATFORM": "offscreen",
    }  # fmt: skip
    done = subprocess.run(
        [sys.executable, "-m", "tests.desk.language_process", code, str(tmp_path)],
        cwd=ROOT, env=env, capture_output=True, text=True, timeout=240,
    )  # fmt: skip
    assert done.returncode == 0, done.stderr[-2000:]
    found = json.loads(done.stdout.splitlines()[-1])
    assert not found["plain"]
    assert code == "xx" or not found["cut"]


@pytest.fixture
def german():
    known = {
        "%n line(s)": ("%n Linie", "%n Linien"), "{name}: {size:,.1f} px": ("{name}: {size:,.1f} px",),
        "Quill nib": ("Zeichenfeder",), "brush": ("Pinsel",),
    }  # fmt: skip
    words.speak(
        "de", lambda text, comment, n: known.get(text, ("",))[0 if n in (1, -1) else -1],
        decimal=",", thousands=".", small_nouns=False,
    )  # fmt: skip
    yield
    words.speak("en", None)


def test_numbers_and_plurals_are_those_of_the_language(german):
    assert tr("%n line(s)", None, 1) == "1 Linie" and tr("%n line(s)", None, 3) == "3 Linien"
    assert tr("{name}: {size:,.1f} px", name="a.b", size=1234.5) == "a.b: 1.234,5 px"
    assert words.decimal(0.25, 2) == "0,25" and words.in_sentence("Feder") == "Feder"
    assert tr("Not known") == "Not known"


def test_a_pen_is_found_by_its_name_and_tags_in_the_language_and_in_english(german, qapp, tmp_path):
    library = PenLibrary(tmp_path)
    for text, pen_id in (("zeichenfeder", "quill-nib"), ("quill", "quill-nib"), ("pinsel", "brush-pen")):
        assert pen_id in [pen.id for pen in library.found(text)]
    assert not library.found("zeichenfeder pinsel")


def test_english_needs_no_translation():
    assert tr("%n line(s)", None, 1) == "1 line" and tr("%n line(s)", None, 0) == "0 lines"
    assert tr("{a} of {b}", a=1, b="x.y") == "1 of x.y" and words.in_sentence("Quill nib") == "quill nib"
