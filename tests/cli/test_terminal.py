"""The command line at a terminal: standard input, progress, misspelt commands, Ctrl-C."""

from __future__ import annotations

import io
import os
import pty
import signal
import subprocess
import sys
import time

import numpy as np
import pytest

from jotsk import terminal
from jotsk.cli import main
from jotsk.core.files.inkml import read_inkml, write_traces
from jotsk.core.files.openraster_writing import write_page
from jotsk.core.hand import trace_from
from jotsk.core.page import blank_page, edits
from tests.conftest import stroke_along


@pytest.fixture
def page(tmp_path):
    path = tmp_path / "a.ora"
    write_page(path, edits.with_mark(blank_page(300, 200), stroke_along([(20, 30), (200, 150)])))
    return path


def given(monkeypatch, data):
    monkeypatch.setattr("sys.stdin", io.TextIOWrapper(io.BytesIO(data)))


def test_a_page_and_traces_come_from_standard_input(page, tmp_path, monkeypatch, capsys):
    given(monkeypatch, page.read_bytes())
    assert main(["export", "-", str(tmp_path / "a.png")]) == 0 and (tmp_path / "a.png").exists()
    given(monkeypatch, page.read_bytes())
    assert main(["check", "-", "--json"]) == 0 and capsys.readouterr().out.strip() == "[]"
    write_traces(tmp_path / "t.inkml", [trace_from(np.arange(9) / 50, np.arange(9.0) * 9, np.arange(9.0), 0.5)])
    given(monkeypatch, (tmp_path / "t.inkml").read_bytes())
    assert main(["replay", "-", "--out", str(tmp_path / "t.png")]) == 0
    given(monkeypatch, b"no page")
    assert main(["check", "-"]) == 1 and "standard-input" in capsys.readouterr().err
    monkeypatch.setattr(terminal, "MOST_BYTES", 4)
    given(monkeypatch, page.read_bytes())
    assert main(["check", "-"]) == 1 and "larger than" in capsys.readouterr().err


def test_a_misspelt_command_names_the_known_ones(capsys):
    with pytest.raises(SystemExit) as ended:
        main(["exprot", "a.ora"])
    told = capsys.readouterr().err
    assert ended.value.code == 2 and "Did you mean export?" in told and "hand-over" in told
    with pytest.raises(SystemExit):
        main(["--help"])
    told = capsys.readouterr().out
    assert "[FILE | COMMAND ...]" in told and "SUPPRESS" not in told and "\n    open " not in told
    with pytest.raises(SystemExit):
        main(["check", "--help"])
    assert capsys.readouterr().out.startswith("usage: jotsk check [-h]")


@pytest.mark.parametrize("shot", ["a.jpg", "nowhere/at/all/a.png", "a"])
def test_where_a_picture_goes_is_checked_before_anything_is_done(shot, capsys):
    with pytest.raises(SystemExit) as ended:
        main(["demo", "--shot", shot])
    assert ended.value.code == 2 and "--shot" in capsys.readouterr().err


def test_traces_that_are_none_are_told_and_a_lone_definition_counts(tmp_path, capsys):
    path = tmp_path / "a.inkml"
    path.write_text('<ink xmlns="http://www.w3.org/2003/InkML"/>')
    assert main(["replay", str(path), "--out", str(tmp_path / "a.png")]) == 1
    assert "no trace of a pen" in capsys.readouterr().err and not (tmp_path / "a.png").exists()
    channels = '<channel name="X"/><channel name="Y"/><channel name="F" min="0" max="200"/>'
    path.write_text(
        f'<ink xmlns="http://www.w3.org/2003/InkML"><definitions><context xml:id="c"><traceFormat>{channels}</traceFormat>'
        "</context></definitions><trace>1 2 100, 5 6 50</trace></ink>"
    )
    (trace,) = read_inkml(path)
    assert trace.pressure.tolist() == [0.5, 0.25]


def test_progress_is_said_on_a_terminal_only_and_is_gone_afterwards():
    code = (
        "import time\nfrom jotsk import terminal\nterminal.FIRST_AFTER_S = terminal.EVERY_S = 0\n"
        "with terminal.progress('Writing') as report:\n    for k in range(5): report(k / 4); time.sleep(0.01)\n"
    )
    ours, theirs = pty.openpty()
    subprocess.run([sys.executable, "-c", code], stderr=theirs, check=True)
    os.close(theirs)
    shown = os.read(ours, 10_000).decode()
    assert "Writing [" in shown and "100%" in shown and shown.endswith("\r") and "\n" not in shown
    quiet = subprocess.run([sys.executable, "-c", code], capture_output=True, check=True)
    assert quiet.stderr == b""


def test_ctrl_c_closes_the_window():
    with subprocess.Popen(
        [sys.executable, "-m", "jotsk.cli"], env={**os.environ, "QT_QPA_PLATFORM": "offscreen"}, stderr=subprocess.PIPE
    ) as process:
        time.sleep(6)  # until the window is there; a signal before would end it too, but not by closing
        assert process.poll() is None
        process.send_signal(signal.SIGINT)
        _, told = process.communicate(timeout=30)
        assert process.returncode == 0, told
