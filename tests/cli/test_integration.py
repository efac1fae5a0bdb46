"""Into the menu of the desktop and out again, in a clean home; read by pyxdg, lxml, and the validators that are there."""

from __future__ import annotations

import re
import shutil
import subprocess
import sys

import pytest
from lxml import etree
from PySide6.QtCore import QByteArray
from PySide6.QtSvg import QSvgRenderer
from xdg.DesktopEntry import DesktopEntry

from jotsk import integration
from jotsk.cli import COMMANDS, main
from jotsk.core import words
from jotsk.core.errors import CannotWrite
from jotsk.language import LANGUAGES


@pytest.fixture
def home(tmp_path, monkeypatch):
    monkeypatch.setenv("XDG_DATA_HOME", str(tmp_path / "data"))
    return tmp_path / "data"


def test_it_is_put_in_and_taken_out_and_nothing_is_left(home, capsys):
    other = home / "applications" / "another.desktop"
    other.parent.mkdir(parents=True)
    other.write_text("[Desktop Entry]\n")
    assert main(["integrate"]) == 0
    written = capsys.readouterr().out.split()
    assert len(written) == 5 and all((home / path).exists() for path in written)
    assert main(["integrate"]) == 0, "again does no harm"
    capsys.readouterr()
    assert main(["integrate", "--remove"]) == 0
    assert capsys.readouterr().out.split() == written
    ours = [path for path in home.rglob("*") if path.is_file() and "jotsk" in path.name.lower()]
    assert not ours and other.exists()
    assert main(["integrate", "--remove"]) == 0 and not capsys.readouterr().out


def test_the_entry_is_valid_and_starts_this_installation(home):
    integration.integrate()
    path = home / "applications" / f"{integration.ID}.desktop"
    entry = DesktopEntry(str(path))
    entry.validate()
    assert entry.getName() == "Jotsk" and integration.OPENRASTER in entry.getMimeTypes()
    command = entry.getExec().removesuffix(" %f")
    done = subprocess.run([*command.split(), "--version"], capture_output=True, text=True)
    assert done.returncode == 0 and done.stdout.startswith("jotsk ")
    if shutil.which("desktop-file-validate"):
        assert subprocess.run(["desktop-file-validate", str(path)], capture_output=True).returncode == 0
    assert (home / "icons/hicolor/scalable/apps" / f"{entry.getIcon()}.svg").exists()


def test_the_icon_is_drawn_and_the_xml_is_what_its_standards_say(home):
    integration.integrate()
    icon = (home / f"icons/hicolor/scalable/apps/{integration.ID}.svg").read_bytes()
    assert QSvgRenderer(QByteArray(icon)).isValid()
    mime = etree.parse(home / f"mime/packages/{integration.ID}.xml")
    space = {"m": "http://www.freedesktop.org/standards/shared-mime-info"}
    assert mime.xpath("string(//m:glob/@pattern)", namespaces=space) == "*.ora"
    if shutil.which("update-mime-database"):
        assert (home / "mime/image/openraster.xml").exists()
    info = etree.parse(home / f"metainfo/{integration.ID}.metainfo.xml").getroot()
    assert info.get("type") == "desktop-application" and info.findtext("launchable") == f"{integration.ID}.desktop"
    assert info.findtext("project_license") == "MIT" and len(info.findtext("summary")) < 80
    if shutil.which("appstreamcli"):
        done = subprocess.run(
            ["appstreamcli", "validate", "--no-net", home / f"metainfo/{integration.ID}.metainfo.xml"],
            capture_output=True,
        )
        assert done.returncode == 0, done.stdout


def test_the_manual_has_every_command(home):
    integration.integrate()
    page = (home / "man/man1/jotsk.1").read_text()
    for command in COMMANDS:
        assert command.replace("-", r"\-") in page, command
    assert page.startswith(".TH JOTSK 1") and all(len(line) < 400 for line in page.splitlines())
    if shutil.which("groff"):
        done = subprocess.run(
            ["groff", "-man", "-Tutf8", "-ww", home / "man/man1/jotsk.1"], capture_output=True, text=True
        )
        assert not done.stderr and "hand-over PAGE.ora" in re.sub(".\b", "", done.stdout)


def test_the_manual_page_and_what_the_desktop_says_are_in_other_languages_too(home, monkeypatch):
    monkeypatch.setattr(words, "spoken", "de")
    monkeypatch.setattr(words, "_find", lambda text, comment, n: {"NAME": "BEZEICHNUNG"}.get(text, ""))
    integration.integrate()
    page = (home / "man/man1/jotsk.1").read_text()
    assert ".SH BEZEICHNUNG\njotsk \\- Linien über eine Skizze tuschen\n" in page
    info = etree.parse(home / f"metainfo/{integration.ID}.metainfo.xml").getroot()
    lang = "{http://www.w3.org/XML/1998/namespace}lang"
    paragraphs = [p.get(lang, "en") for p in info.iter("p")]
    assert [paragraphs.count(code) for code in LANGUAGES] == [2, 2, 2, 2]


def test_a_folder_that_cannot_be_written_is_one_sentence(tmp_path, monkeypatch):
    (tmp_path / "file").write_text("")
    monkeypatch.setenv("XDG_DATA_HOME", str(tmp_path / "file"))
    with pytest.raises(CannotWrite):
        integration.integrate()


@pytest.mark.parametrize("shell", ["bash", "zsh", "fish"])
def test_a_completion_knows_every_command(shell, capsys):
    assert main(["completion", shell]) == 0
    script = capsys.readouterr().out
    assert all(command in script for command in COMMANDS) and "open" not in script.split("--help")[0].split()[-3:]
    if shutil.which(shell):
        assert subprocess.run([shell, "-n"], input=script, text=True).returncode == 0


def test_bash_completes_commands_and_options():
    script = subprocess.run(
        [sys.executable, "-m", "jotsk.cli", "completion", "bash"], capture_output=True, text=True
    ).stdout
    ask = 'COMP_WORDS=(jotsk {}); COMP_CWORD={}; _jotsk; printf "%s\\n" "${{COMPREPLY[@]}}"'
    for typed, at, wanted in (("hand", 1, "hand-over"), ("export --prof", 2, "--profile"), ("check --js", 2, "--json")):
        done = subprocess.run(["bash", "-c", script + ask.format(typed, at)], capture_output=True, text=True)
        assert wanted in done.stdout.split(), typed
