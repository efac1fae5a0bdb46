"""What the project's own files promise: pinned versions, documents that match the code, one command table."""

from __future__ import annotations

import argparse
import json
import re
import struct
import subprocess
import sys
import tomllib
import zipfile
import zlib
from importlib import resources
from pathlib import Path

from jotsk.arguments import parser
from jotsk.cli import RUNS
from jotsk.core.files.openraster_writing import write_page
from jotsk.core.ink import pen_by_id
from jotsk.core.ink.shipped import BY_ID
from jotsk.core.marks import Cut
from jotsk.core.marks.record import pen_record
from jotsk.core.page import blank_page, edits
from tests.conftest import stroke_along

ROOT = Path(__file__).parent.parent


def test_every_version_is_pinned_and_no_host_is_named():
    for name in ("requirements.lock", "requirements-test.lock"):
        lines = [line for line in (ROOT / name).read_text().splitlines() if line and not line.startswith("#")]
        assert lines and all(re.fullmatch(r"[A-Za-z0-9_.\-]+==[0-9][0-9a-z.]*", line) for line in lines), name
        assert "://" not in (ROOT / name).read_text()


def test_what_the_application_needs_is_in_the_lock():
    needs = tomllib.loads((ROOT / "pyproject.toml").read_text())["project"]["dependencies"]
    locked = {
        line.split("==")[0].lower().replace("_", "-") for line in (ROOT / "requirements.lock").read_text().splitlines()
    }
    for need in needs:
        assert re.split(r"[<>=~]", need)[0].lower() in locked
    assert any("PySide6" in need and "<6.12" in need for need in needs), "6.12.0 aborts on Python 3.11"


def test_run_lists_its_commands_and_refuses_others():
    done = subprocess.run([ROOT / "run"], capture_output=True, text=True)
    assert done.returncode == 2
    for command in ("demo", "app", "jotsk", "test", "check", "bench", "shots", "setup"):
        assert re.search(rf"^  {command}\b", done.stdout, re.MULTILINE), command
    assert subprocess.run([ROOT / "run", "fly"], capture_output=True).returncode == 2
    assert "./run check" in (ROOT / ".ci" / "run").read_text()
    check = (ROOT / "run").read_text().split("    check)")[1].split(";;")[0]
    assert "&&" not in check, "what fails before && does not end a script"
    assert all(what in check for what in ("ruff", "mypy", "lint-imports", "run_tests"))


def test_every_thread_belongs_to_a_lane():
    for path in (ROOT / "src").rglob("*.py"):
        if path.name != "lanes.py":
            found = re.findall(r"ThreadPoolExecutor\(|threading\.Thread\(|QThread|QRunnable", path.read_text())
            assert not found, f"{path} starts threads; jotsk.core.runtime.lanes does"


def test_the_readme_names_only_what_is_there():
    text = (ROOT / "README.md").read_text()
    for path in re.findall(r"\]\(([^)#:]+)\)|`((?:src|docs|tests|bench)/[^`]*)`", text):
        name = path[0] or path[1]
        assert (ROOT / name).exists(), name


def test_the_documents_name_only_files_that_are_there():
    for document in (ROOT / "docs").glob("*.md"):
        for name in re.findall(r"`((?:core|desk|tests|packaging)/[\w/]+\.py)`", document.read_text()):
            found = ROOT / name if name.startswith(("tests", "packaging")) else ROOT / "src" / "jotsk" / name
            assert found.exists(), f"{document.name} names {name}"


def test_the_document_of_files_has_every_field_of_a_pen():
    done = subprocess.run([sys.executable, ROOT / "packaging" / "pen_table.py", "--check"])
    assert done.returncode == 0, "packaging/pen_table.py writes it"


def test_the_command_line_document_lists_every_option():
    text = (ROOT / "docs" / "command-line.md").read_text()
    whole = parser()
    (commands,) = (a for a in whole._actions if isinstance(a, argparse._SubParsersAction))
    assert set(commands.choices) == set(RUNS), "each does something"
    for name, command in commands.choices.items():
        if name == "open":
            continue
        assert f"jotsk {name}" in text
        for action in command._actions:
            for option in action.option_strings:
                assert option in ("-h", "--help") or option in text, f"{name} {option}"


def test_every_pen_that_inks_is_in_the_command_line_document():
    text = (ROOT / "docs" / "command-line.md").read_text()
    for pen in BY_ID.values():
        if not pen.rubs:
            name = f"-{pen.id.removeprefix('technical-')}" if pen.id.startswith("technical-") else pen.id
            assert f"{name}`" in text, pen.id


def test_the_file_format_document_names_every_field(tmp_path):
    page = edits.with_mark(blank_page(200, 200), stroke_along([(10, 10), (150, 150)]))
    page = edits.rubbed_out(page, Cut(stroke_along([(80, 80), (90, 90)]).ribbon))
    write_page(tmp_path / "p.ora", page)
    text = (ROOT / "docs" / "file-format.md").read_text()
    with zipfile.ZipFile(tmp_path / "p.ora") as archive:
        record = json.loads(archive.read("jotsk/page.json"))
        block = zlib.decompress(archive.read(record["layers"][0]["strokes"][0]))
        for entry in archive.namelist():
            assert re.sub(r"[0-9a-f]{24}", "HASH", re.sub(r"layer\d{3}", "layerNNN", entry)) in text, entry
    (layer,) = record["layers"]
    (mark,) = json.loads(block[4 : 4 + struct.unpack("<I", block[:4])[0]])
    for fields in (record, layer, mark, mark["cuts"][0], record["pens"][0], pen_record(pen_by_id("pencil"))["width"]):
        for field in fields:
            assert f'"{field}"' in text, field


def test_fonts_and_icons_are_shipped_with_their_licences():
    desk = resources.files("jotsk.desk")
    assert "SIL Open Font License" in (desk / "fonts" / "OFL.txt").read_text()
    assert "ISC" in (desk / "icons" / "LICENSE").read_text()
    assert len([f for f in (desk / "fonts").iterdir() if f.name.endswith(".ttf")]) >= 2


def test_the_core_never_names_qt():
    for path in (ROOT / "src" / "jotsk" / "core").rglob("*.py"):
        assert "PySide6" not in path.read_text(), path


def test_no_module_is_a_junk_room():
    for path in (ROOT / "src").rglob("*.py"):
        assert path.stem not in {"utils", "helpers", "common", "manager", "base", "functions"}, path
        assert len(path.read_text().splitlines()) < 520, path
