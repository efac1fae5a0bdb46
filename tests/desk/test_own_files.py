"""What the application keeps for itself: settings, pens and palette, written beside the interface."""

from __future__ import annotations

import json
import threading
from dataclasses import replace

import pytest

from jotsk.core.ink.shipped import pen_by_id
from jotsk.desk.inout.own_files import OwnFile, finish_writing
from jotsk.desk.inout.settings import Settings


def test_settings_are_there_again_and_of_the_kind_that_is_asked_for(qapp, tmp_path):
    path = tmp_path / "new folder" / "settings.json"
    first = Settings(path)
    assert first.get("desk/lamp", False) is False
    for name, value in {"desk/lamp": True, "hand/settle_s": 1, "files/recent": ["a", "ü"], "x": "text"}.items():
        first.set(name, value)
    finish_writing()
    again = Settings(path)
    assert again.get("desk/lamp", False) is True
    assert again.get("hand/settle_s", 0.5) == 1.0 and again.get("files/recent", []) == ["a", "ü"]
    assert again.get("desk/lamp", 3) == 3 and again.get("x", 0.5) == 0.5, "of another kind"


def test_two_windows_keep_each_other_s_settings(qapp, tmp_path):
    one, other = Settings(tmp_path / "s.json"), Settings(tmp_path / "s.json")
    one.set("a", 1)
    finish_writing()
    other.set("b", 2)
    one.set("c", 3)
    finish_writing()
    assert json.loads((tmp_path / "s.json").read_text()) == {"a": 1, "b": 2, "c": 3}


@pytest.mark.parametrize("text", ["", "[1]", '{"a": NaN}', '{"a": 1', "[" * 100_000, '{"a": "\ud800"}'])
def test_damaged_settings_are_as_none(qapp, tmp_path, text):
    (tmp_path / "s.json").write_bytes(text.encode("utf-8", "surrogatepass"))
    settings = Settings(tmp_path / "s.json")
    assert settings.get("a", 7) == 7
    settings.set("a", 8)
    finish_writing()
    assert Settings(tmp_path / "s.json").get("a", 7) == 8


def test_nothing_waits_for_a_slow_disk_and_only_the_newest_is_written(qapp, tmp_path):
    file, goes_on, written = OwnFile(tmp_path / "f"), threading.Event(), []

    def slow(path):
        goes_on.wait(20)
        written.append(0)

    file.write(slow)
    for k in range(1, 5):
        file.write(lambda path, k=k: written.append(k))
    assert written == []
    goes_on.set()
    finish_writing()
    assert written in ([0, 4], [4]), "the first, if it had begun, and the last"


def test_pens_that_cannot_be_written_are_told_of(window, tmp_path, qtbot):
    (tmp_path / "state" / "pens.json").mkdir(parents=True)  # as a file that may not be written to
    window.hand.library.put(replace(pen_by_id("quill-nib"), size_px=33.0))
    qtbot.waitUntil(lambda: "pens.json” was not written" in window.status.text)
    assert window.hand.library.pen("quill-nib").size_px == 33.0, "as long as the window is open"
