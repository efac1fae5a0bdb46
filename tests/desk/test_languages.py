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
from collections import Counter
from pathlib import Path

import pytest
from PySide6.QtCore import QUrl
from PySide6.QtGui import QRawFont

from jotsk.core import words
from jotsk.core.words import tr
from jotsk.desk.dialogs.manual import PAGES, Manual
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
    "WrongStep", "ArgumentTypeError", "progress",
}  # fmt: skip
ENGLISH = {"terminal.py"}  # scripts for shells


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


def test_every_text_is_gathered():
    """Linguist reads no text inside an f-string."""
    gathered = {source for source, _, _ in messages(texts.SOURCE / "languages" / "jotsk_de.ts")}
    for path in sorted(texts.SOURCE.rglob("*.py")):
        for call in (node for node in ast.walk(ast.parse(path.read_text())) if isinstance(node, ast.Call)):
            if getattr(call.func, "id", "") in ("tr", "mark") and isinstance(call.args[0], ast.Constant):
                assert call.args[0].value in gathered, f"{path.name}:{call.lineno}"


@pytest.mark.parametrize("path", texts.translations(texts.SOURCE / "languages"), ids=lambda path: path.stem)
def test_translations_have_the_parts_of_their_text_and_letters_there_are(qapp, path):
    letters = set()
    for source, forms, _ in messages(path):
        for form in forms:
            assert parts(form) == parts(source), source
            letters |= set(form)
    for page in (ROOT / "docs" / path.stem.partition("_")[2]).glob("*.md"):
        letters |= set(page.read_text())
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
    values = ast.walk(node) if isinstance(node, ast.JoinedStr) else [node]
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


# -- the manual ----------------------------------------------------------------------------------


def parts_of(markdown: str) -> dict[str, object]:
    """What a page has whatever its language is: headings, pictures, links, tables, code."""
    lines = markdown.splitlines()
    return {
        "headings": [line.split(" ")[0] for line in lines if re.match("#+ ", line)],
        "pictures": [Path(name).name for name in re.findall(r"!\[[^\]]+\]\(([^)]+)\)", markdown)],
        "links": Counter(Path(name).name for name in re.findall(r"(?<!!)\[[^\]]+\]\(([^)]+)\)", markdown)),
        "tables": [len(re.findall(r"(?<!`)\|(?!`)", line)) for line in lines if line.startswith("|")],
        "blocks": [line for line in lines if line.startswith("    ")],
        "code": Counter(re.findall(r"`[^`]+`", markdown)),
    }


@pytest.mark.parametrize("code", texts.LANGUAGES)
def test_the_manual_says_in_each_language_what_it_says_in_english(code):
    """The same parts in every page, and every command and field by the name it has in that language."""
    known = {
        message.findtext("source"): message.findtext("translation") or ""
        for message in ET.parse(ROOT / "src" / "jotsk" / "languages" / f"jotsk_{code}.ts").iter("message")
    }
    for name in PAGES:
        english, other = ((ROOT / "docs" / folder / f"{name}.md").read_text() for folder in ("", code))
        assert parts_of(other) == parts_of(english), name
        for picture in re.findall(r"!\[[^\]]+\]\(([^)]+)\)", other):
            assert (ROOT / "docs" / code / picture).exists()
        plain = " ".join(other.split()).lower()
        for said in re.findall(r"\*{1,2}([A-Z][^*]+?)[.:]?\*{1,2}", " ".join(english.split())):
            names = [known.get(said), known.get(f"{said}…"), known.get(said.removesuffix("…"))]
            meant = [each.removesuffix("…").lower() for each in names if each]
            assert not meant or any(each in plain for each in meant), f"{name}: {said} is {meant} in {code}"


def test_the_manual_opens_in_the_language_of_the_window(monkeypatch, qtbot):
    monkeypatch.setattr(words, "spoken", "de")
    sheet = Manual("mending")
    qtbot.addWidget(sheet)
    assert sheet.pages.item(0).text() == "Zeichnen" and "Eine Linie ist nie endgültig" in sheet.text.toPlainText()
    assert sheet.text.document().toHtml().count("<img") == 2
    qtbot.waitUntil(lambda: not sheet.text.is_loading)
    sheet.text.anchorClicked.emit(QUrl("steps.md"))
    assert "Schritte" in sheet.text.toPlainText()


def test_the_command_line_speaks_the_language_of_the_desktop_and_english_loads_no_qt(tmp_path):
    texts.compile_into()

    def told(code: str, *arguments: str) -> str:
        env = {**os.environ, "LANGUAGE": code, "XDG_CONFIG_HOME": str(tmp_path)}
        done = subprocess.run(
            [sys.executable, "-m", "jotsk.cli", *arguments],
            cwd=ROOT,
            env=env,
            capture_output=True,
            text=True,
            timeout=60,
        )
        return done.stdout + done.stderr

    assert "Linien als Formen, in einem PDF" in told("de_AT.UTF-8:en", "export", "--help")
    assert "no está entre 0,01 y 8" in told("es", "export", "p.ora", "o.png", "--scale", "99")
    assert "es gibt sie nicht" in told("de", "check", str(tmp_path / "none.ora"))
    assert "export のことですか。" in told("ja", "exprt")
    code = "import sys; from jotsk.cli import main; main(['completion', 'bash']); print([m for m in sys.modules if 'PySide6' in m])"
    env = {**os.environ, "LANGUAGE": "en", "XDG_CONFIG_HOME": str(tmp_path)}
    done = subprocess.run([sys.executable, "-c", code], cwd=ROOT, env=env, capture_output=True, text=True, timeout=60)
    assert done.stdout.endswith("[]\n"), done.stdout[-300:] + done.stderr
