"""Ten minutes of random use of the real window: how many steps, what broke, and what held the window longest."""

from __future__ import annotations

import subprocess
import sys

MINUTES = 10


def main() -> None:
    for seed in (1, 2):
        command = [sys.executable, "-m", "trials.monkey", "--seed", str(seed), "--minutes", str(MINUTES / 2)]
        out = subprocess.run(command, capture_output=True, text=True, check=False)
        print(out.stdout.strip(), flush=True)
        if " 0 troubles" not in out.stdout:
            print(out.stderr.strip())
