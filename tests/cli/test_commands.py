from __future__ import annotations

import json
import os
import subprocess
import sys
import xml.etree.ElementTree as ElementTree

import numpy as np
import png
import pytest

from jotsk.cli import main
from jotsk.core.files.openraster import read_page, write_page
from jotsk.core.page import blank_page

HEAD = '<ink xmlns="http://www.w3.org/2003/InkML"><traceFormat>' + "".join(
    f'<channel name="{n}"/>' for n in "XYTF"
) + "</traceFormat>"  # fmt: skip


@pytest.fixture
def traces(tmp_path):
    rows = ", ".join(f"{20 + 2 * k} 50 {10 * k} 0.5" for k in range(100))
    path = tmp_path / "traces.inkml"
    path.write_text(f"{HEAD}<trace>{rows}</trace><trace>50 10 0 1, 50 90 100 1</trace></ink>")
    return path


def test_replay_to_a_picture(traces, tmp_path, capsys):
    out = tmp_path / "out.png"
    arguments = ["--page", "240x100", "--dpi", "600", "--size", "16", "--color", "#ff0000", "--json"]
    assert main(["replay", str(traces), "--out", str(out), *arguments]) == 0
    width, height, rows, info = png.Reader(bytes=out.read_bytes()).asRGB()
    pixels = np.vstack([np.frombuffer(bytes(row), np.uint8) for row in rows]).reshape(height, width, 3)
    assert (width, height, info["physical"].x) == (240, 100, 23622)
    # Page px are continuous: a line at y = 50, 8 px wide at half of 16, covers rows 46 to 53 exactly.
    assert pixels[45, 150].tolist() == [255, 255, 255]
    assert pixels[46, 150].tolist() == [255, 0, 0] and pixels[53, 150].tolist() == [255, 0, 0]
    assert pixels[54, 150].tolist() == [255, 255, 255]
    first, second = json.loads(capsys.readouterr().out)
    assert first["samples"] == 100 and first["duration_s"] == pytest.approx(0.99)
    assert first["length_px"] == pytest.approx(198, abs=0.01)
    assert first["width_px"]["median"] == pytest.approx(8, abs=0.02)
    assert set(second) == {
        "samples",
        "duration_s",
        "length_px",
        "width_px",
        "wobble_before_px",
        "wobble_after_px",
    }


def test_replay_to_centre_lines(traces, tmp_path):
    out = tmp_path / "out.inkml"
    assert main(["replay", str(traces), "--out", str(out), "--steady-after", "60", "--size", "10"]) == 0
    lines = list(ElementTree.parse(out).getroot().iter("{http://www.w3.org/2003/InkML}trace"))
    assert len(lines) == 2
    rows = np.array([[float(v) for v in p.split()] for p in lines[0].text.split(",")])
    assert rows[0, :2].tolist() == [20, 50] and rows[-1, :2].tolist() == [218, 50]
    assert rows[:, 3] == pytest.approx(np.full(len(rows), 5.0), abs=0.05)


def test_replay_onto_a_page_and_export(traces, tmp_path):
    page = tmp_path / "page.ora"
    write_page(page, blank_page(240, 100, 450))
    out = tmp_path / "more.ora"
    assert main(["replay", str(traces), "--out", str(out), "--onto", str(page), "--pen", "quill-nib"]) == 0
    again = read_page(out)
    assert (again.width, again.dpi, len(again.active.marks)) == (240, 450, 2)
    assert again.active.marks.last.steady_after == 45, "the pen's own"
    for more, planes in (([], 3), (["--transparent"], 4)):
        assert main(["export", str(out), str(tmp_path / "e.png"), *more]) == 0
        assert png.Reader(bytes=(tmp_path / "e.png").read_bytes()).read()[3]["planes"] == planes


@pytest.mark.parametrize(
    "arguments",
    [
        ["replay", "missing.inkml", "--out", "o.png"],
        ["replay", "bad.inkml", "--out", "o.png"],
        ["replay", "good.inkml", "--out", "o.png", "--page", "100000x100000"],
        ["replay", "good.inkml", "--out", "o.png", "--onto", "bad.inkml"],
        ["replay", "good.inkml", "--out", "nowhere/o.png"],
        ["export", "bad.inkml", "o.png"],
        ["nothing.ora"],
    ],
)
def test_bad_input_is_exit_1_one_sentence_and_no_file(arguments, tmp_path, monkeypatch, capsys):
    monkeypatch.chdir(tmp_path)
    monkeypatch.setenv("QT_QPA_PLATFORM", "offscreen")
    (tmp_path / "bad.inkml").write_text("<ink><trace>1 2, oops")
    (tmp_path / "good.inkml").write_text("<ink><trace>1 2, 9 9</trace></ink>")
    before = sorted(tmp_path.iterdir())
    assert main(arguments) == 1
    said = capsys.readouterr().err
    assert said.startswith("jotsk: ") and said.count("\n") == 1 and said.rstrip().endswith(".")
    assert sorted(tmp_path.iterdir()) == before


@pytest.mark.parametrize(
    "arguments",
    [
        ["replay"],
        ["replay", "t.inkml", "--out", "o.gif"],
        ["replay", "t.inkml", "--out", "o.png", "--size", "huge"],
        ["replay", "t.inkml", "--out", "o.png", "--pen", "goose"],
        ["replay", "t.inkml", "--out", "o.png", "--color", "red"],
        ["replay", "t.inkml", "--out", "o.png", "--steady-after", "101"],
        ["replay", "t.inkml", "--out", "o.png", "--page", "12"],
        ["export", "p.ora", "o.jpg"],
    ],
)
def test_wrong_usage_is_exit_2(arguments, capsys):
    with pytest.raises(SystemExit) as stop:
        main(arguments)
    assert stop.value.code == 2
    assert "error:" in capsys.readouterr().err


def run_without_screen(*arguments: str, **more: str) -> subprocess.CompletedProcess[str]:
    env = {k: v for k, v in os.environ.items() if k not in ("DISPLAY", "WAYLAND_DISPLAY", "QT_QPA_PLATFORM")}
    return subprocess.run(
        [sys.executable, "-m", "jotsk.cli", *arguments], capture_output=True, text=True, env=env | more
    )


def test_without_a_screen_the_demo_says_so_and_offers_a_picture():
    done = run_without_screen("demo")
    assert done.returncode == 1
    assert "no screen" in done.stderr and "--shot OUT.png" in done.stderr and "Traceback" not in done.stderr


def test_the_demo_is_played_into_a_picture(tmp_path):
    shot = tmp_path / "shot.png"
    done = run_without_screen("demo", "--play", "--shot", str(shot))
    assert done.returncode == 0, done.stderr
    width, height, _, _ = png.Reader(bytes=shot.read_bytes()).read()
    assert (width, height) == (1280, 800)
