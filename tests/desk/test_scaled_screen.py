"""Screens scaled 1.25, 1.5 and 2: 100 % is one page px for each px of the device."""

from __future__ import annotations

import json
import os
import subprocess
import sys
from pathlib import Path

import pytest


@pytest.mark.parametrize("scale", [1.0, 1.25, 1.5, 2.0])
def test_at_100_per_cent_every_px_of_the_screen_is_one_of_the_page(scale, tmp_path):
    script = Path(__file__).parent / "scaled_process.py"
    root = script.parents[2]
    environment = {
        "PYTHONPATH": f"{root}:{root / 'src'}",
        "QT_QPA_PLATFORM": "offscreen",
        "QT_SCALE_FACTOR": str(scale),
    }
    out = subprocess.run(
        [sys.executable, str(script), str(tmp_path)],
        capture_output=True, text=True, timeout=120, check=False, cwd=root, env=dict(os.environ) | environment,
    )  # fmt: skip
    assert out.returncode == 0, out.stderr[-2000:]
    told = [json.loads(line) for line in out.stdout.splitlines()]
    looks, (pen,) = [t for t in told if "off" in t], [t for t in told if "pen" in t]
    assert len(looks) == 4
    for look in looks:
        assert look["ratio"] == scale
        assert look["corner"] == pytest.approx([round(v) for v in look["corner"]]), "whole px"
        assert look["off"] == 0, look
    assert pen["pen"] < 2.5, "ink lies under the pen, whose tremor is 1 px"
