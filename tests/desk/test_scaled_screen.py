"""Screens scaled 1.25, 1.5 and 2, and two of different scale: 100 % is one page px for each px of the device."""

from __future__ import annotations

import json
import os
import subprocess
import sys
from pathlib import Path
from typing import Any

import pytest


def told_by(folder: Path, **environment: str) -> list[dict[str, Any]]:
    """What a process on screens of that environment says."""
    script = Path(__file__).parent / "scaled_process.py"
    root = script.parents[2]
    environment = {"QT_QPA_PLATFORM": "offscreen", "PYTHONPATH": f"{root}:{root / 'src'}"} | environment
    out = subprocess.run(
        [sys.executable, str(script), str(folder)],
        capture_output=True, text=True, timeout=120, check=False, cwd=root, env=dict(os.environ) | environment,
    )  # fmt: skip
    assert out.returncode == 0, out.stderr[-2000:]
    return [json.loads(line) for line in out.stdout.splitlines()]


@pytest.mark.parametrize("scale", [1.0, 1.25, 1.5, 2.0])
def test_at_100_per_cent_every_px_of_the_screen_is_one_of_the_page(scale, tmp_path):
    told = told_by(tmp_path, QT_SCALE_FACTOR=str(scale))
    looks, (pen,) = [t for t in told if "off" in t], [t for t in told if "pen" in t]
    assert len(looks) == 4
    for look in looks:
        assert look["ratio"] == scale
        assert look["corner"] == pytest.approx([round(v) for v in look["corner"]]), "whole px"
        assert look["off"] == 0, look
    assert pen["pen"] < 2.5, "ink lies under the pen, whose tremor is 1 px"


def test_a_window_goes_to_a_screen_of_another_scale_and_on_to_a_third(tmp_path):
    """The page stays as large to the eye; its px are those of the screen again at 100 %, and ink lies under the pen."""
    screens = [
        {"name": f"screen{k}", "x": 3000 * k, "y": 0, "width": 3000, "height": 2000, "logicalDpi": 96,
         "logicalBaseDpi": 96, "dpr": 1}
        for k in range(3)
    ]  # fmt: skip
    config = tmp_path / "screens.json"
    config.write_text(json.dumps({"screens": screens}))
    told = told_by(
        tmp_path, QT_QPA_PLATFORM=f"offscreen:configfile={config}",
        QT_SCREEN_SCALE_FACTORS="screen0=1;screen1=2;screen2=1.5",
    )  # fmt: skip
    looks, moves = [t for t in told if "off" in t], [t for t in told if "moved" in t]
    assert [look["ratio"] for look in looks] == [1.0] * 4 + [2.0] * 2 + [1.5] * 2
    assert [move["moved"] for move in moves] == pytest.approx([2.0, 0.75]), "as large as on the screen before"
    assert all(look["off"] == 0 for look in looks), looks
    assert all(t["pen"] < 2.5 for t in told if "pen" in t)
    mapped = [t for t in told if "mapped" in t]
    assert [t["mapped"] for t in mapped] == ["screen1", "screen2"]
    for tablet in mapped:
        assert max(tablet["off_by"]) < 0.05, "ink lies under the pen of a tablet that is mapped to one of the screens"
