"""A second start hands what it was asked to open on to the window that is open."""

from __future__ import annotations

import os
import socket
import subprocess
import sys
import threading

import pytest

from jotsk.core.files.openraster_writing import write_page
from jotsk.core.page import blank_page, edits
from jotsk.desk.app.single import Single, address, handed_on
from jotsk.desk.app.start import _come_up
from tests.conftest import stroke_along


@pytest.fixture
def listening(window, tmp_path, monkeypatch):
    monkeypatch.setenv("XDG_RUNTIME_DIR", str(tmp_path))
    single = Single(window)
    single.asked.connect(lambda asked: _come_up(window, asked))
    yield window
    single.close()


def ask(qtbot, request):
    """As another process does; whether it was taken."""
    taken: list[bool] = []
    thread = threading.Thread(target=lambda: taken.append(handed_on(request)))
    thread.start()
    qtbot.waitUntil(lambda: bool(taken))
    thread.join()
    return taken[0]


def test_a_file_is_opened_in_the_window_that_is_there_and_once(listening, qtbot, settle, tmp_path):
    path = tmp_path / "a.ora"
    write_page(path, edits.with_mark(blank_page(300, 200), stroke_along([(20, 30), (200, 150)])))
    assert ask(qtbot, {"file": str(path)})
    settle(listening)
    page = listening.document.page
    assert listening.document.path == path and page.width == 300
    assert ask(qtbot, {"file": str(path)}) and listening.document.page is page, (
        "opened twice, it only comes to the front"
    )
    assert ask(qtbot, {"file": None, "sheet": ["lines", "small"]}) and listening.practice.sheet.size == "small"
    assert ask(qtbot, {"file": None, "sheet": ["knots", 3], "demo": 1}) and listening.practice.sheet.size == "small"


def test_what_is_no_request_is_not_taken_and_nobody_there_is_told(listening, qtbot):
    replies: list[bytes] = []

    def shout():
        with socket.socket(socket.AF_UNIX) as asking:
            asking.connect(str(address()))
            asking.sendall(b"{]\n")
            replies.append(asking.recv(10))

    thread = threading.Thread(target=shout)
    thread.start()
    qtbot.waitUntil(lambda: bool(replies))
    thread.join()
    assert replies == [b""] and oct(address().stat().st_mode)[-3:] == "600"


def test_a_socket_that_was_left_by_a_kill_is_no_window(window, tmp_path, monkeypatch):
    monkeypatch.setenv("XDG_RUNTIME_DIR", str(tmp_path))
    with socket.socket(socket.AF_UNIX) as gone:
        gone.bind(str(address()))
    assert not handed_on({"file": None})
    single = Single(window)
    assert address().exists()
    single.close()
    assert not address().exists()


def test_another_start_ends_at_once(listening, qtbot, tmp_path):
    environment = {**os.environ, "QT_QPA_PLATFORM": "offscreen"}
    with subprocess.Popen([sys.executable, "-m", "jotsk.cli", "practice", "--sheet", "dots"], env=environment) as other:
        qtbot.waitUntil(lambda: other.poll() is not None)
        assert other.returncode == 0 and listening.practice.sheet.kind == "dots"
