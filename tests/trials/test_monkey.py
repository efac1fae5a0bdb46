"""A minute of random use of the real window, always the same, in a process of its own: it may die of it."""

from __future__ import annotations

import os
import re
import subprocess
import sys
from pathlib import Path

import pytest

ROOT = Path(__file__).parents[2]


@pytest.mark.parametrize(("seed", "language"), [(1, "en"), (2, "de")])
def test_nothing_breaks_in_half_a_minute_of_random_use(tmp_path, seed, language):
    folders = {name: str(tmp_path / name) for name in ("XDG_STATE_HOME", "XDG_CACHE_HOME", "XDG_CONFIG_HOME")}
    environment = dict(os.environ) | folders | {"PYTHONPATH": f"{ROOT}:{ROOT / 'src'}", "QT_QPA_PLATFORM": "offscreen"}
    environment["LANGUAGE"] = language
    out = subprocess.run(
        [sys.executable, "-m", "trials.monkey", "--seed", str(seed), "--minutes", "0.5", "--patient"],
        capture_output=True, text=True, timeout=300, check=False, cwd=ROOT, env=environment,
    )  # fmt: skip
    assert out.returncode == 0, out.stdout[-4000:] + out.stderr[-4000:]
    assert f"seed {seed}, {language}" in out.stdout
    assert int(re.search(r"(\d+) steps, 0 troubles", out.stdout).group(1)) > 100, "and it did something"
