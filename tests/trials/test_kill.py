"""A process that is killed while somebody draws, saves or exports loses nothing that was finished 50 ms before."""

from __future__ import annotations

import os
import re
import subprocess
import sys
from pathlib import Path

ROOT = Path(__file__).parents[2]
KILLS = 50


def test_killed_at_fifty_random_moments_the_page_is_there_again():
    """In a process of its own: it forks, which a process with threads had better not."""
    environment = dict(os.environ) | {"PYTHONPATH": f"{ROOT}:{ROOT / 'src'}"}
    out = subprocess.run(
        [sys.executable, "-m", "trials.kill", "--times", str(KILLS)],
        capture_output=True, text=True, timeout=300, check=False, cwd=ROOT, env=environment,
    )  # fmt: skip
    assert out.returncode == 0, out.stdout[-2000:] + out.stderr[-2000:]
    kills, edits = re.search(r"(\d+) kills, (\d+) edits; .* 0 with troubles", out.stdout).groups()
    assert int(kills) == KILLS and int(edits) >= KILLS, "and they drew"
