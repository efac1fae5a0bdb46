from __future__ import annotations

import json
import os
import subprocess
import sys
import xml.etree.ElementTree as ElementTree
from dataclasses import replace

import numpy as np
import png
import pytest
from PIL import Image

from jotsk.cli import main
from jotsk.core.files.openraster import read_page
from jotsk.core.files.openraster_writing import write_page
from jotsk.core.ink import SHIPPED
from jotsk.core.page import blank_page
from jotsk.core.page.edits import layer_edits, with_mark
from tests.conftest import line_path, shaky, stroke_along

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


def test_export_in_every_kind_with_its_options(tmp_path, capsys):
    page = layer_edits.grouped(layer_edits.with_new_layer(blank_page(400, 300, 300), "Line"), [1])
    write_page(tmp_path / "p.ora", replace(page, trim_mm=2.54))
    for out, more, size in (
        ("a.tif", ["--color", "bits", "--threshold", "90"], (400, 300)),
        ("a.jpg", ["--quality", "80", "--scale", "0.5"], (200, 150)),
        ("a.webp", ["--layer", "Line", "--layer", "Ink"], (400, 300)),
        ("a.png", ["--color", "grey", "--frame", "trim"], (340, 240)),  # a tenth of an inch off each side
    ):
        assert main(["export", str(tmp_path / "p.ora"), str(tmp_path / out), *more]) == 0
        with Image.open(tmp_path / out) as picture:
            assert picture.size == size
    assert main(["export", str(tmp_path / "p.ora"), str(tmp_path / "a.pdf")]) == 0
    assert (tmp_path / "a.pdf").read_bytes().startswith(b"%PDF")
    assert main(["export", str(tmp_path / "p.ora"), str(tmp_path / "b.png"), "--layer", "Nobody"]) == 1
    assert main(["export", str(tmp_path / "p.ora"), str(tmp_path / "b.jpg"), "--color", "bits"]) == 1
    assert "Nobody" in (said := capsys.readouterr().err) and "cannot be written" in said


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
        ["export", "p.ora", "o.gif"],
        ["export", "p.ora", "o.jpg", "--color", "purple"],
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


@pytest.mark.parametrize("pen", [p.id for p in SHIPPED if not p.rubs and p.own_color is None])
def test_every_pen_replays_and_leaves_its_ink(pen, traces, tmp_path):
    out = tmp_path / "out.png"
    assert main(["replay", str(traces), "--out", str(out), "--page", "240x100", "--pen", pen, "--size", "20"]) == 0
    rows = png.Reader(bytes=out.read_bytes()).asRGB()[2]
    pixels = np.vstack([np.frombuffer(bytes(row), np.uint8) for row in rows])
    assert (pixels < 200).sum() > 30


def test_an_eraser_has_no_line_to_replay(traces, tmp_path, capsys):
    assert main(["replay", str(traces), "--out", str(tmp_path / "o.png"), "--pen", "eraser"]) == 1
    assert "choose a pen that inks" in capsys.readouterr().err


def test_a_pens_own_ink_wins_over_the_colour_asked_for(traces, tmp_path):
    out = tmp_path / "out.ora"
    assert (
        main(
            ["replay", str(traces), "--out", str(out), "--page", "240x100", "--pen", "white-nib", "--color", "#ff0000"]
        )
        == 0
    )
    assert {s.color for s in read_page(out).active.marks} == {(255, 255, 255)}


def test_steadiness_shows_in_the_figures_and_in_the_lines(tmp_path, capsys):
    trace = shaky(line_path((50, 100), (450, 130)), 6.0, seed=3)
    rows = ", ".join(f"{x} {y} {1000 * t} 1" for t, (x, y) in zip(trace.t, trace.xy, strict=True))
    source = tmp_path / "shaky.inkml"
    source.write_text(f"{HEAD}<trace>{rows}</trace></ink>")
    wobbles = []
    for now, after in ((0, 0), (30, 0), (0, 60)):
        arguments = ["--steady-now", str(now), "--steady-after", str(after), "--json"]
        assert main(["replay", str(source), "--out", str(tmp_path / "o.inkml"), *arguments]) == 0
        (figures,) = json.loads(capsys.readouterr().out)
        assert figures["wobble_before_px"] == pytest.approx(1.45, abs=0.15)
        wobbles.append(figures["wobble_after_px"])
    raw, live, strong = wobbles
    assert raw == pytest.approx(figures["wobble_before_px"]) and live < raw / 3 and strong < 0.1
    (line,) = ElementTree.parse(tmp_path / "o.inkml").getroot().iter("{http://www.w3.org/2003/InkML}trace")
    points = np.array([[float(v) for v in p.split()] for p in line.text.split(",")])
    assert (np.diff(points[:, 2]) > 0).all() and points[-1, 2] == pytest.approx(6000, abs=1)
    points = points[np.abs(points[:, 0] - 250) < 188]  # the ends stay where the shaking pen touched and lifted
    meant = 100 + 30 * (points[:, 0] - 50) / 400
    assert np.sqrt(((points[:, 1] - meant) ** 2).mean()) < 0.1


def test_the_page_beneath_is_kept_when_drawing_onto_it(traces, tmp_path):
    first, second = tmp_path / "one.ora", tmp_path / "two.ora"
    assert main(["replay", str(traces), "--out", str(first), "--page", "240x100"]) == 0
    assert (
        main(["replay", str(traces), "--out", str(second), "--onto", str(first), "--pen", "pencil", "--dpi", "144"])
        == 0
    )
    page = read_page(second)
    assert [s.pen.id for s in page.active.marks] == ["plain-round"] * 2 + ["pencil"] * 2 and page.dpi == 144
    assert len(read_page(first).active.marks) == 2, "the page given is not written to"


def centre_lines(path):
    """(N, 2) places of every trace of an InkML file of ours."""
    root = ElementTree.parse(path).getroot()
    traces = [e.text for e in root.iter() if e.tag.endswith("}trace")]
    return [np.array([[float(v) for v in sample.split()[:2]] for sample in text.split(",")]) for text in traces]


def test_guides_hold_and_repeat_what_is_replayed(traces, tmp_path):
    guides = [{"kind": "parallel", "angle": 0, "alone": True}, {"kind": "mirror", "at": [400, 0], "angle": 90}]
    (tmp_path / "guides.json").write_text(json.dumps(guides))
    out = tmp_path / "held.inkml"
    assert main(["replay", str(traces), "--guides", str(tmp_path / "guides.json"), "--out", str(out)]) == 0
    plain = tmp_path / "plain.inkml"
    assert main(["replay", str(traces), "--out", str(plain)]) == 0
    held = centre_lines(out)
    assert len(held) == 2 * len(centre_lines(plain))
    for own, copy in zip(held[::2], held[1::2], strict=True):
        assert np.ptp(own[:, 1]) < 0.05 and copy == pytest.approx(own * (-1, 1) + (800, 0), abs=2e-3)


def test_a_replayed_line_that_means_no_guide_stays_as_it_was(traces, tmp_path):
    (tmp_path / "guides.json").write_text(json.dumps([{"kind": "straightedge", "at": [0, -5000], "angle": 0}]))
    out, plain = tmp_path / "held.inkml", tmp_path / "plain.inkml"
    assert main(["replay", str(traces), "--guides", str(tmp_path / "guides.json"), "--out", str(out)]) == 0
    assert main(["replay", str(traces), "--out", str(plain)]) == 0
    for a, b in zip(centre_lines(out), centre_lines(plain), strict=True):
        assert np.array_equal(a, b)


def test_guides_of_the_page_hold_too(traces, tmp_path):
    page = replace(blank_page(900, 600), guides=({"kind": "parallel", "angle": 90, "alone": True},))
    write_page(tmp_path / "page.ora", page)
    out = tmp_path / "held.inkml"
    assert main(["replay", str(traces), "--onto", str(tmp_path / "page.ora"), "--out", str(out)]) == 0
    assert all(np.ptp(line[:, 0]) < 0.05 for line in centre_lines(out))


def test_a_standstill_settles_only_when_asked(tmp_path):
    from tests.core.guides.test_settling import by_hand

    _, trace = by_hand("circle", 5001)
    samples = ", ".join(f"{x:.3f} {y:.3f} {t * 1000:.2f} {p:.4f}" for t, x, y, p, *_ in trace.samples.tolist())
    channels = "".join(f'<channel name="{c}"/>' for c in "XYTF")
    source = tmp_path / "circle.inkml"
    source.write_text(
        f'<ink xmlns="http://www.w3.org/2003/InkML"><traceFormat>{channels}</traceFormat><trace>{samples}</trace></ink>'
    )
    lines = {}
    for options in ((), ("--settle",)):
        assert main(["replay", str(source), "--out", str(tmp_path / "out.inkml"), *options]) == 0
        (line,) = centre_lines(tmp_path / "out.inkml")
        far = np.hypot(*(line - (line.min(axis=0) + line.max(axis=0)) / 2).T)
        lines[options] = np.ptp(far) / far.mean()
    assert lines["--settle",] < 0.002 < lines[()], "only then a circle"


def test_orders_are_handed_over(tmp_path, capsys):
    page = tmp_path / "gull.ora"
    write_page(page, blank_page(600, 400, 300.0))
    orders = tmp_path / "orders.json"
    orders.write_text(json.dumps([{"name": "A", "ending": "-a", "longest_px": 150}, {"name": "B", "kind": "svg"}]))
    assert main(["hand-over", str(page), "--to", str(tmp_path), "--orders", str(orders)]) == 0
    told = capsys.readouterr()
    assert told.out.split() == [str(tmp_path / "gull-a.png"), str(tmp_path / "gull.svg")]
    assert "A: Nothing is to be seen on it." in told.err
    with Image.open(tmp_path / "gull-a.png") as picture:
        assert picture.size == (150, 100)
    for wrong in (["--order", "C"], ["--orders", str(page)], ["--to", str(tmp_path / "nowhere")]):
        assert main(["hand-over", str(page), "--to", str(tmp_path), "--orders", str(orders), *wrong]) == 1
        assert capsys.readouterr().err.startswith(("jotsk: ", "A: "))


def test_a_page_is_drawn_again(tmp_path, capsys):
    page = tmp_path / "line.ora"
    write_page(page, with_mark(blank_page(200, 150), stroke_along([(20, 20), (180, 130)], size=12)))
    out = tmp_path / "line.webp"
    assert main(["replay-page", str(page), "--out", str(out), "--seconds", "1", "--size", "100"]) == 0
    with Image.open(out) as picture:
        assert picture.size == (100, 75) and picture.n_frames > 2
    assert main(["replay-page", str(page), "--out", str(tmp_path / "line.gif")]) == 1
    assert "ends in none" in capsys.readouterr().err
